import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { num } from '../ui/format'

function useSaved<T>(call: () => Promise<T>, onDone: () => void) {
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: call,
    onSuccess: () => {
      void queries.invalidateQueries()
      onDone()
    },
  })
  return { save, refused: save.error instanceof Refused ? save.error : undefined }
}

function Frame({
  children,
  onSave,
  refused,
}: {
  children: ReactNode
  onSave: () => void
  refused: Refused | undefined
}) {
  return (
    <div className="border-l-4 border-primary pl-4 py-3 grid sm:grid-cols-2 lg:grid-cols-4 gap-4 max-w-[64rem]">
      {children}
      <div className="sm:col-span-2 lg:col-span-4 flex gap-3 items-center">
        <button type="button" className="btn btn-primary min-h-12" onClick={onSave}>
          Put it down
        </button>
        {refused && (
          <p role="alert" className="text-error font-semibold">
            {refused.message}
          </p>
        )}
      </div>
    </div>
  )
}

/** A guide by its three dimensions. */
export function GuideForm({ guide, onDone }: { guide?: Schemas['GuideView']; onDone: () => void }) {
  const [form, setForm] = useState<Schemas['GuideForm']>(
    guide
      ? {
          name: guide.name,
          rollerRadius: num(guide.rollerRadiusMm, 3),
          axleBelowBack: num(guide.axleBelowBackMm, 3),
          axleSetback: num(guide.axleSetbackMm, 3),
          note: guide.note,
          version: guide.version,
        }
      : { name: '', rollerRadius: '', axleBelowBack: '', axleSetback: '', note: '', version: 0 },
  )
  const set = (name: keyof typeof form) => (v: string) => setForm({ ...form, [name]: v })
  const { save, refused } = useSaved(
    () =>
      guide
        ? ask(api.PUT('/api/v1/kit/guides/{id}', { params: { path: { id: guide.id } }, body: form }))
        : ask(api.POST('/api/v1/kit/guides', { body: form })),
    onDone,
  )
  return (
    <Frame onSave={() => save.mutate()} refused={refused}>
      <Field
        label="What it is called here"
        value={form.name}
        onChange={set('name')}
        error={refused?.at('name')}
      />
      <Field
        label="Roller radius"
        value={form.rollerRadius}
        onChange={set('rollerRadius')}
        error={refused?.at('rollerRadius')}
        hint="half its diameter, by caliper"
      />
      <Field
        label="Axle below the back"
        value={form.axleBelowBack}
        onChange={set('axleBelowBack')}
        error={refused?.at('axleBelowBack')}
        hint="from the plane of the blade's back"
      />
      <Field
        label="Axle set back"
        value={form.axleSetback}
        onChange={set('axleSetback')}
        error={refused?.at('axleSetback')}
        hint="behind the front face"
      />
      <Field label="Note" value={form.note} onChange={set('note')} error={refused?.at('note')} />
    </Frame>
  )
}

/** A tester, with the shop's own reading of a new utility blade on it. */
export function TesterForm({ tester, onDone }: { tester?: Schemas['TesterView']; onDone: () => void }) {
  const [form, setForm] = useState<Schemas['TesterForm']>(
    tester
      ? { name: tester.name, reference: num(tester.referenceG), version: tester.version }
      : { name: '', reference: '', version: 0 },
  )
  const { save, refused } = useSaved(
    () =>
      tester
        ? ask(api.PUT('/api/v1/kit/testers/{id}', { params: { path: { id: tester.id } }, body: form }))
        : ask(api.POST('/api/v1/kit/testers', { body: form })),
    onDone,
  )
  return (
    <Frame onSave={() => save.mutate()} refused={refused}>
      <Field
        label="What it is called here"
        value={form.name}
        onChange={(name) => setForm({ ...form, name })}
        error={refused?.at('name')}
      />
      <Field
        label="A new utility blade reads (g)"
        value={form.reference}
        onChange={(reference) => setForm({ ...form, reference })}
        error={refused?.at('reference')}
      />
    </Frame>
  )
}
