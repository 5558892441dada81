import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Choice, Field } from '../ui/Field'
import type { Kit } from './kit.types'
import { Frame, useSaved } from './saved'

/** What is asked of a bar beside the gap and its angle; a rest needs nothing more. */
const EASY = ['reach', 'barDiameter']

interface TeachAtWheelProps {
  kit: Kit
  kind: Schemas['HolderKindView']
  onDone: () => void
}

/** A rest or a bar put down by one angle it gave: the dimension that is hard to measure is taken from it. */
export function TeachAtWheel({ kit, kind, onDone }: TeachAtWheelProps) {
  const [form, setForm] = useState<Schemas['TaughtForm']>({
    name: '',
    kind: kind.key,
    thickness: '',
    pairs: [{ projection: '', angle: '' }],
    wheelId: kit.wheels[0]?.id ?? '',
    parts: {},
    note: '',
  })
  const { save, refused } = useSaved(
    () => ask(api.POST('/api/v1/kit/holders/taught', { body: form })),
    onDone,
  )
  const pair = form.pairs[0]!
  const put = (part: Partial<Schemas['PairForm']>) => setForm({ ...form, pairs: [{ ...pair, ...part }] })
  const bar = kind.parts.some((p) => p.field === 'offset')
  return (
    <Frame onSave={() => save.mutate()} refused={refused}>
      <Field
        label="What it is called here"
        value={form.name}
        onChange={(name) => setForm({ ...form, name })}
        error={refused?.at('name')}
      />
      <Choice
        label="Which wheel"
        value={form.wheelId}
        onChange={(wheelId) => setForm({ ...form, wheelId })}
        options={kit.wheels.map((w) => ({ value: w.id, label: w.name }))}
        empty="put the wheel down first"
        error={refused?.at('wheelId')}
      />
      {kind.parts
        .filter((p) => EASY.includes(p.field))
        .map((p) => (
          <Field
            key={p.field}
            label={p.label}
            of="length"
            value={form.parts[p.field] ?? ''}
            onChange={(v) => setForm({ ...form, parts: { ...form.parts, [p.field]: v } })}
            error={refused?.at(p.field)}
            hint={p.where}
          />
        ))}
      <p className="col-span-full">
        Grind a scrap, measure the angle it came out at, and write both down: what you had set, and what it
        gave.
      </p>
      <Field
        label={bar ? 'Gap between wheel and bar, as set' : 'Tilt below level, as set (°)'}
        of={bar ? 'length' : undefined}
        value={pair.projection}
        onChange={(projection) => put({ projection })}
        error={refused?.at('pairs.0.projection')}
      />
      <Field
        label="Angle it gave"
        value={pair.angle}
        onChange={(angle) => put({ angle })}
        error={refused?.at('pairs.0.angle')}
      />
    </Frame>
  )
}
