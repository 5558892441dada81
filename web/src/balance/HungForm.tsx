import type { Schemas } from '../api/client'
import { Field, Pick } from '../ui/Field'

export interface Hung {
  /** Empty until it was picked. */
  method: Schemas['BeamForm']['method']
  hungOn: number
  trial: string
  firstEnd: string
  secondEnd: string
  radius: string
  at: string
  width: string
  thickness: string
  leastMass: string
  leastRadius: string
}

interface HungFormProps {
  form: Hung
  onChange: (form: Hung) => void
  places: string[]
  again: boolean
  echo: (field: string) => string | undefined
  fault: (field: string) => string | undefined
}

/** How the blade was hung, and what kept it level. */
export function HungForm({ form, onChange, places, again, echo, fault }: HungFormProps) {
  const put = (part: Partial<Hung>) => onChange({ ...form, ...part })
  const grams = (field: 'trial' | 'firstEnd' | 'secondEnd' | 'leastMass', label: string, hint = '') => (
    <Field
      label={label}
      of="mass"
      value={form[field]}
      onChange={(v) => put({ [field]: v })}
      error={form[field] ? fault(field) : undefined}
      hint={hint}
      inputMode="decimal"
    />
  )
  const mm = (field: 'radius' | 'at' | 'width' | 'thickness' | 'leastRadius', label: string, hint = '') => (
    <Field
      label={label}
      of="length"
      value={form[field]}
      onChange={(v) => put({ [field]: v })}
      echo={echo(field)}
      error={form[field] ? fault(field) : undefined}
      hint={hint}
    />
  )
  const bar = places.length === 2
  return (
    <>
      <Pick
        legend={again ? 'Hang it again: how does it stand?' : 'Hang it by its bore: how does it stand?'}
        value={form.method}
        onChange={(method) => put({ method })}
        options={[
          { value: 'LEVEL', label: 'it stays level' },
          { value: 'TRIAL_MASS', label: 'it dips: a mass keeps it level' },
          ...(bar ? [{ value: 'WEIGHED' as const, label: 'both ends weighed' }] : []),
        ]}
      />
      {form.method === 'TRIAL_MASS' && (
        <>
          {bar ? (
            <Pick
              legend="The mass hangs on the light end"
              value={String(form.hungOn)}
              onChange={(v) => put({ hungOn: Number(v) })}
              options={places.map((name, i) => ({ value: String(i + 1), label: name }))}
            />
          ) : (
            <Field
              label={`The mass hangs at edge number (1 to ${places.length}), the one that comes up`}
              value={form.hungOn ? String(form.hungOn) : ''}
              onChange={(v) => put({ hungOn: Number(v.replace(/\D/g, '')) })}
              error={form.hungOn ? fault('hungOn') : undefined}
              inputMode="decimal"
            />
          )}
          <p className="quiet">Hang a small mass there and move it in or out until the blade stays level.</p>
          <div className="grid grid-cols-2 gap-3">
            {grams('trial', 'Its mass (g)')}
            {mm('radius', 'from the centre')}
          </div>
        </>
      )}
      {form.method === 'WEIGHED' && (
        <>
          <p className="quiet">
            Lay it on two edges at the same distance either side of the bore, a scale under one; then turn it
            round.
          </p>
          <div className="grid grid-cols-2 gap-3">
            {grams('firstEnd', `Under ${places[0]} (g)`)}
            {grams('secondEnd', `Under ${places[1]} (g)`)}
          </div>
          {mm('radius', 'Distance of the edges from the bore')}
        </>
      )}
      {form.method !== '' && form.method !== 'LEVEL' && (
        <details>
          <summary className="min-h-11 flex items-center cursor-pointer underline underline-offset-4">
            Where steel would come off, and what this balancer tells
          </summary>
          <div className="grid grid-cols-2 gap-3 pt-2">
            {mm('at', 'Middle of the piece', 'from the centre; the trailing side of the tip')}
            {mm('width', 'Its width')}
            {mm('thickness', 'Thickness there')}
            {grams('leastMass', 'Least mass that tips it (g)', 'try it once on a level blade')}
            {mm('leastRadius', 'hung at')}
          </div>
        </details>
      )}
    </>
  )
}
