import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Choice, Field } from '../ui/Field'
import { HolderLetters, LETTERS } from './HolderLetters'
import type { Kit } from './kit.types'
import { Frame, useSaved } from './saved'

type Form = Schemas['HolderForm']

/** A thing that holds an angle, by the dimensions of its kind. */
export function HolderForm({
  kit,
  holder,
  kind: fresh,
  onDone,
}: {
  kit: Kit
  /** The kind of a new one; that of an old one can be changed. */
  kind?: Form['kind']
  holder?: Schemas['HolderView']
  onDone: (changed?: Schemas['ChangedView']) => void
}) {
  const [form, setForm] = useState<Form>(
    holder
      ? {
          name: holder.name,
          kind: holder.kind,
          parts: holder.typed,
          blocks: holder.blocksTyped,
          wheelId: holder.wheelId ?? '',
          note: holder.note,
          version: holder.version,
        }
      : {
          name: '',
          kind: fresh ?? 'ROLLER_GUIDE',
          parts: {},
          blocks: '',
          wheelId: kit.wheels[0]?.id ?? '',
          note: '',
          version: 0,
        },
  )
  const [looked, setLooked] = useState('')
  const set = (name: 'name' | 'blocks' | 'wheelId' | 'note') => (v: string) => setForm({ ...form, [name]: v })
  const kind = kit.holderKinds.find((k) => k.key === form.kind)
  const { save, refused } = useSaved<Schemas['ChangedView'] | undefined>(async () => {
    if (holder)
      return ask(api.PUT('/api/v1/kit/holders/{id}', { params: { path: { id: holder.id } }, body: form }))
    await ask(api.POST('/api/v1/kit/holders', { body: form }))
    return undefined
  }, onDone)
  return (
    <Frame onSave={() => save.mutate()} refused={refused}>
      {holder && (
        <Choice
          label="What kind of thing"
          value={form.kind}
          onChange={(k) => setForm({ ...form, kind: k })}
          options={kit.holderKinds.map((k) => ({ value: k.key, label: k.words }))}
          error={refused?.at('kind')}
        />
      )}
      <Field
        label="What it is called here"
        value={form.name}
        onChange={set('name')}
        error={refused?.at('name')}
      />
      <p className="sm:col-span-2 self-end">{kind?.meaning}</p>
      {kind?.onWheel && (
        <Choice
          label="Which wheel"
          value={form.wheelId}
          onChange={set('wheelId')}
          options={kit.wheels.map((w) => ({ value: w.id, label: w.name }))}
          empty="put the wheel down first"
          error={refused?.at('wheelId')}
        />
      )}
      {kind && LETTERS[kind.key] && (
        <div className="col-span-full">
          <HolderLetters kind={kind.key} lit={looked} />
        </div>
      )}
      {kind?.parts.map((p) => (
        <div
          key={p.field}
          className="min-w-0"
          onFocus={() => setLooked(p.field)}
          onBlur={() => setLooked('')}
        >
          <Field
            label={`${lettered(kind.key, p.field)}${p.needed ? p.label : `${p.label} (if any)`}`}
            of={p.measure === 'LENGTH' ? 'length' : undefined}
            value={form.parts[p.field] ?? ''}
            onChange={(v) => setForm({ ...form, parts: { ...form.parts, [p.field]: v } })}
            error={refused?.at(p.field)}
            hint={p.where}
          />
        </div>
      ))}
      {kind?.blocks && (
        <Field
          label="Stop blocks (if any)"
          of="length"
          value={form.blocks}
          onChange={set('blocks')}
          error={refused?.at('blocks')}
          hint="their lengths, with commas"
        />
      )}
      <Field label="Note" value={form.note} onChange={set('note')} error={refused?.at('note')} />
    </Frame>
  )
}

function lettered(kind: Form['kind'], field: string): string {
  const letter = (LETTERS as Record<string, Record<string, string> | undefined>)[kind]?.[field]
  return letter ? `${letter}  ` : ''
}
