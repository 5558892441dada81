import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { num, typed } from '../ui/format'
import { usePerson } from '../ui/person'
import { useUpkeep } from './useUpkeep'

/** A reading in use. */
export function Read({ upkeep: u, toolId }: { upkeep: Schemas['UpkeepSheet']; toolId: string }) {
  const [form, setForm] = useState({
    grams: '',
    reference: u.referenceG === null ? '' : typed(u.referenceG, 1),
  })
  const [person] = usePerson()
  const read = useUpkeep(toolId, () =>
    ask(
      api.POST('/api/v1/tools/{id}/upkeep/reading', {
        params: { path: { id: toolId } },
        body: { ...form, person },
      }),
    ),
  )
  if (u.limit === null) return null
  return (
    <section aria-label="Read it now" className="rule-t pt-3">
      <h2 className="font-semibold">Read it now</h2>
      {u.surprising !== null && (
        <p role="alert" className="border-l-4 border-warning pl-3 my-2">
          The newest reading breaks the trend: {num(u.surprising, 2)} was likely. Read it again; a wrong one
          is taken back in the log.
        </p>
      )}
      <div className="grid sm:grid-cols-2 gap-x-4">
        <Field
          label="The tester reads"
          of="mass"
          value={form.grams}
          onChange={(grams) => setForm({ ...form, grams })}
          inputMode="decimal"
          error={read.refused?.at('grams')}
          hint="the middle of the edge, once"
        />
        <Field
          label="A new utility blade reads"
          of="mass"
          value={form.reference}
          onChange={(reference) => setForm({ ...form, reference })}
          inputMode="decimal"
          error={read.refused?.at('reference')}
          hint="on the same tester"
        />
      </div>
      <button
        type="button"
        className="btn btn-outline min-h-12 mt-2"
        disabled={read.isPending || form.grams.trim() === ''}
        onClick={() => read.mutate(undefined)}
      >
        Save the reading
      </button>
      {read.error && !read.refused && (
        <p role="alert" className="text-error font-semibold">
          {read.error.message}
        </p>
      )}
    </section>
  )
}
