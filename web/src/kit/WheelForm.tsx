import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { askCalculator } from '../api/calculator'
import { useAnswer } from '../api/useAnswer'
import { Check, Choice, Field } from '../ui/Field'
import { num, typed } from '../ui/format'
import { usePerson } from '../ui/person'
import type { Kit } from './kit.types'
import { Frame, useSaved } from './saved'
import { mm } from '../ui/units'

type Form = Schemas['WheelForm']

/** A wheel: what it is, how large, how fast. */
export function WheelForm({
  kit,
  wheel,
  onDone,
}: {
  kit: Kit
  wheel?: Schemas['WheelView']
  onDone: (changed?: Schemas['ChangedView']) => void
}) {
  const [form, setForm] = useState<Form>(
    wheel
      ? {
          name: wheel.name,
          kind: wheel.kind,
          diameter: typed(wheel.diameterMm, 2),
          perMinute: wheel.perMinute === null ? '' : typed(wheel.perMinute, 0),
          marked: wheel.markedMs === null ? '' : typed(wheel.markedMs, 1),
          note: wheel.note,
          version: wheel.version,
        }
      : { name: '', kind: 'WET_STONE', diameter: '', perMinute: '', marked: '', note: '', version: 0 },
  )
  const set = (name: keyof Form) => (v: string) => setForm({ ...form, [name]: v })
  const { save, refused } = useSaved<Schemas['ChangedView'] | undefined>(async () => {
    if (wheel)
      return ask(api.PUT('/api/v1/kit/wheels/{id}', { params: { path: { id: wheel.id } }, body: form }))
    await ask(api.POST('/api/v1/kit/wheels', { body: form }))
    return undefined
  }, onDone)
  const asked = { diameter: form.diameter, perMinute: form.perMinute }
  const speed = useAnswer(
    'wheel-speed',
    '',
    asked,
    (q) => askCalculator('wheel-speed', q),
    form.diameter !== '' && form.perMinute !== '',
  )
  const ms = speed.data?.['speed']
  return (
    <Frame onSave={() => save.mutate()} refused={refused}>
      <Field
        label="What it is called here"
        value={form.name}
        onChange={set('name')}
        error={refused?.at('name')}
      />
      <Choice
        label="What it is"
        value={form.kind}
        onChange={set('kind')}
        options={kit.wheelKinds.map((k) => ({ value: k.key, label: k.words }))}
        error={refused?.at('kind')}
      />
      <Field
        label="Diameter"
        of="length"
        value={form.diameter}
        onChange={set('diameter')}
        error={refused?.at('diameter')}
        hint="by caliper, as it is now"
      />
      <Field
        label="Turns a minute (if known)"
        value={form.perMinute}
        onChange={set('perMinute')}
        error={refused?.at('perMinute')}
        hint={typeof ms === 'number' && !speed.isError ? `${num(ms)} m/s at the rim` : 'from the plate'}
      />
      <Field
        label="Marked speed, m/s (if any)"
        value={form.marked}
        onChange={set('marked')}
        error={refused?.at('marked')}
        hint="on the wheel itself"
      />
      <Field label="Note" value={form.note} onChange={set('note')} error={refused?.at('note')} />
    </Frame>
  )
}

/** The wheel was trued: its new diameter, and what follows from it. */
export function TruingForm({
  wheel,
  onDone,
}: {
  wheel: Schemas['WheelView']
  onDone: (changed: Schemas['ChangedView']) => void
}) {
  const [person] = usePerson()
  const [diameter, setDiameter] = useState('')
  const [fresh, setFresh] = useState(false)
  const { save, refused } = useSaved(
    () =>
      ask(
        api.POST('/api/v1/kit/wheels/{id}/truings', {
          params: { path: { id: wheel.id } },
          body: { diameter, person, fresh, version: wheel.version },
        }),
      ),
    (changed) => {
      setDiameter('')
      onDone(changed)
    },
  )
  return (
    <div className="py-3 grid sm:grid-cols-[minmax(0,16rem)_auto_auto] gap-4 items-start">
      <Field
        label="Trued: its diameter now"
        of="length"
        value={diameter}
        onChange={setDiameter}
        error={refused?.at('diameter')}
        hint={`it was ${mm(wheel.diameterMm, 1)}`}
      />
      <div className="sm:pt-6">
        <Check label="a new wheel was put on" value={fresh} onChange={setFresh} />
      </div>
      <div className="sm:pt-6">
        <button
          type="button"
          className="btn btn-primary min-h-12"
          disabled={diameter.trim() === '' || save.isPending}
          onClick={() => save.mutate()}
        >
          Restate the set-ups
        </button>
      </div>
      {refused && !refused.at('diameter') && (
        <p role="alert" className="text-error font-semibold sm:col-span-3">
          {refused.message}
        </p>
      )}
    </div>
  )
}
