import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { typed } from '../ui/format'
import { Frame, useSaved } from './saved'
import { massUnit } from '../ui/units'

/** A tester, with the shop's own reading of a new utility blade on it. */
export function TesterForm({ tester, onDone }: { tester?: Schemas['TesterView']; onDone: () => void }) {
  const [form, setForm] = useState<Schemas['TesterForm']>(
    tester
      ? { name: tester.name, reference: typed(tester.referenceG, 1), version: tester.version }
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
        label={`A new utility blade reads (${massUnit()})`}
        of="mass"
        value={form.reference}
        onChange={(reference) => setForm({ ...form, reference })}
        error={refused?.at('reference')}
      />
    </Frame>
  )
}
