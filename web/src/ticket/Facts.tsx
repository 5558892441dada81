import type { Refused, Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { PromiseLine } from '../day/PromiseLine'

export type TicketForm = Schemas['TicketForm']

/** By whom, for when, and what was agreed. */
export function Facts({
  form,
  onChange,
  refused,
  promise,
}: {
  form: TicketForm
  onChange: (form: TicketForm) => void
  refused: Refused | undefined
  /** How many things are brought, where a day can still be promised for them. */
  promise?: number
}) {
  const set = (name: 'broughtBy' | 'contact' | 'promised' | 'agreed') => (value: string) =>
    onChange({ ...form, [name]: value })
  return (
    <div className="grid gap-3">
      <div className="grid sm:grid-cols-2 gap-3">
        <Field
          label="Brought by"
          value={form.broughtBy}
          onChange={set('broughtBy')}
          error={refused?.at('broughtBy')}
          hint="may stay empty"
        />
        <Field
          label="How to reach them"
          value={form.contact}
          onChange={set('contact')}
          error={refused?.at('contact')}
          hint="one way is enough"
        />
      </div>
      {promise !== undefined && <PromiseLine things={promise} onTake={set('promised')} />}
      <div className="grid sm:grid-cols-[14rem_minmax(0,1fr)] gap-3">
        <Field
          label="Promised for"
          type="date"
          value={form.promised}
          onChange={set('promised')}
          error={refused?.at('promised')}
        />
        <Field
          label="What was agreed"
          value={form.agreed}
          onChange={set('agreed')}
          lines={2}
          error={refused?.at('agreed')}
        />
      </div>
      <p className="quiet">
        Name and contact stand on this ticket and nowhere else; they can be deleted from it at any time.
      </p>
    </div>
  )
}
