import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Check, Choice, Field } from '../ui/Field'
import { num } from '../ui/format'
import type { Kit } from './KitPage'

type Form = Schemas['AbrasiveForm']

const SHAPES = [
  { value: 'BENCH', label: 'full-size bench stone, plate or sheet' },
  { value: 'NARROW', label: 'narrow flat stone' },
  { value: 'POCKET', label: 'pocket stone' },
  { value: 'ROD', label: 'rod' },
  { value: 'STROP', label: 'strop' },
  { value: 'POWERED', label: 'wheel, belt or disc' },
]

function start(a?: Schemas['AbrasiveView']): Form {
  return a
    ? { ...a, makerUm: a.makerUm === null ? '' : num(a.makerUm, 3), grain: '' }
    : {
        name: '',
        kind: '',
        gritStandard: 'JIS',
        gritName: '',
        makerUm: '',
        grain: '',
        shape: 'BENCH',
        lubricant: '',
        flat: true,
        strokesSinceLapped: 0,
        lappable: true,
        soaks: false,
        retired: false,
        frozen: false,
        version: 0,
      }
}

/** One abrasive: what it is, what its grain really measures, how it stands. */
export function AbrasiveForm({
  kit,
  abrasive,
  onDone,
}: {
  kit: Kit
  abrasive?: Schemas['AbrasiveView']
  onDone: () => void
}) {
  const [form, setForm] = useState(() => start(abrasive))
  const queries = useQueryClient()
  const put = (part: Partial<Form>) => setForm({ ...form, ...part })
  const kind = kit.kinds.find((k) => k.name === form.kind)
  const named = { gritStandard: form.gritStandard, gritName: form.gritName, makerUm: form.makerUm }
  const grain = useAnswer(
    'grain',
    form.name,
    named,
    (body) => ask(api.POST('/api/v1/kit/grain', { body })),
    form.gritName !== '' || form.makerUm !== '',
  )
  const body = () => {
    const {
      name,
      gritStandard,
      gritName,
      makerUm,
      shape,
      flat,
      strokesSinceLapped,
      lappable,
      soaks,
      retired,
      frozen,
      version,
    } = form
    const lubricant = kind?.lubricants.includes(form.lubricant) ? form.lubricant : (kind?.lubricants[0] ?? '')
    return {
      name,
      kind: form.kind,
      gritStandard,
      gritName,
      makerUm,
      grain: form.grain,
      shape,
      lubricant,
      flat,
      strokesSinceLapped,
      lappable,
      soaks,
      retired,
      frozen,
      version,
    }
  }
  const save = useMutation({
    mutationFn: () =>
      abrasive
        ? ask(api.PUT('/api/v1/kit/abrasives/{id}', { params: { path: { id: abrasive.id } }, body: body() }))
        : ask(api.POST('/api/v1/kit/abrasives', { body: body() })),
    onSuccess: () => {
      void queries.invalidateQueries()
      onDone()
    },
  })
  const soak = useMutation({
    mutationFn: () =>
      ask(api.POST('/api/v1/kit/abrasives/{id}/soak', { params: { path: { id: abrasive!.id } } })),
    onSuccess: () => void queries.invalidateQueries(),
  })
  const refused = save.error instanceof Refused ? save.error : undefined
  return (
    <div className="border-l-4 border-primary pl-4 py-3 grid sm:grid-cols-2 lg:grid-cols-4 gap-4 max-w-[64rem]">
      <Field
        label="What it is called here"
        value={form.name}
        onChange={(name) => put({ name })}
        error={refused?.at('name')}
      />
      <Choice
        label="Kind"
        value={form.kind}
        empty="choose"
        onChange={(v) => put({ kind: v })}
        options={kit.kinds.map((k) => ({ value: k.name, label: k.name }))}
        error={refused?.at('kind')}
      />
      <Choice
        label="Grit standard"
        value={form.gritStandard}
        onChange={(gritStandard) => put({ gritStandard })}
        options={kit.standards.map((s) => ({ value: s.key, label: `${s.key}: ${s.meaning}` }))}
        error={refused?.at('gritStandard')}
      />
      <Field
        label="Grit as printed on it"
        value={form.gritName}
        onChange={(gritName) => put({ gritName })}
        error={refused?.at('gritName')}
        hint={grain.data && !grain.isError ? grain.data.words : grain.error?.message}
      />
      <Field
        label="Maker's micrometres, if known"
        value={form.makerUm}
        onChange={(makerUm) => put({ makerUm })}
        error={refused?.at('makerUm')}
      />
      <Choice
        label="Shape"
        value={form.shape}
        onChange={(shape) => put({ shape })}
        options={SHAPES}
        error={refused?.at('shape')}
      />
      <Choice
        label="Used with"
        value={form.lubricant}
        empty={kind?.lubricants[0] ?? 'choose the kind first'}
        onChange={(lubricant) => put({ lubricant })}
        options={(kind?.lubricants ?? []).map((l) => ({ value: l, label: l }))}
        error={refused?.at('lubricant')}
      />
      <Field
        label="Strokes since it was flattened"
        value={String(form.strokesSinceLapped)}
        onChange={(v) => put({ strokesSinceLapped: Number(v) || 0 })}
        error={refused?.at('strokesSinceLapped')}
      />
      <div className="sm:col-span-2 lg:col-span-4 flex flex-wrap gap-x-6">
        <Check label="flat" value={form.flat} onChange={(flat) => put({ flat })} />
        <Check
          label="something here laps it"
          value={form.lappable}
          onChange={(lappable) => put({ lappable })}
        />
        {kind && kind.soakMinutes > 0 && (
          <Check
            label={`soaks (${kind.soakMinutes} min)`}
            value={form.soaks}
            onChange={(soaks) => put({ soaks })}
          />
        )}
        <Check label="may have frozen wet" value={form.frozen} onChange={(frozen) => put({ frozen })} />
        <Check label="out of use" value={form.retired} onChange={(retired) => put({ retired })} />
      </div>
      <div className="sm:col-span-2 lg:col-span-4 flex flex-wrap gap-3 items-center">
        <button type="button" className="btn btn-primary min-h-12" onClick={() => save.mutate()}>
          {abrasive ? 'Put the change down' : 'Put it on the shelf'}
        </button>
        {abrasive?.soaks && (
          <button type="button" className="btn btn-outline min-h-12" onClick={() => soak.mutate()}>
            It is in the water now
          </button>
        )}
        {refused && (
          <p role="alert" className="text-error font-semibold">
            {refused.message}
          </p>
        )}
      </div>
    </div>
  )
}
