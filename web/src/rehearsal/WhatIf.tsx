import { useState } from 'react'
import { Refused, type Schemas } from '../api/client'
import { Check, Choice, Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { Trouble } from '../ui/Notice'

export type WhatIfForm = Schemas['RehearsalForm']
type View = Schemas['RehearsalView']
type Step = Schemas['RehearsedStep']
type Steps = (number | null)[] | null

const numbers = (list: Steps) => (list ?? []).filter((x) => x !== null)

export const AS_PLANNED: WhatIfForm = {
  skipped: [],
  earlier: [],
  stones: [],
  steeper: '',
  pressing: '',
  stropping: '',
  shakier: '',
}

const TIMES = [
  ['steeper', 'Steeper, °'],
  ['pressing', 'Pressed, times'],
  ['stropping', 'Strop, times'],
  ['shakier', 'Shakier, times'],
] as const

/** What could be done otherwise, step by step and in all. */
export function WhatIf({
  view,
  refused,
  onTry,
  onPlanned,
}: {
  view: View
  /** Why the last try was not made. */
  refused: unknown
  onTry: (form: WhatIfForm) => void
  onPlanned: () => void
}) {
  const [form, onChange] = useState(AS_PLANNED)
  const faults = refused instanceof Refused ? refused : undefined
  const atField = TIMES.some(([name]) => faults?.at(name))
  const worked = view.steps.filter((s) => s.strokes > 0)
  const changed = JSON.stringify(form) !== JSON.stringify(AS_PLANNED)
  return (
    <section aria-label="What if">
      <h3 className="quiet rule-b pb-0.5">What if</h3>
      <div className="grid grid-cols-2 gap-3 pt-2">
        {TIMES.map(([name, label]) => (
          <Field
            key={name}
            label={label}
            inputMode="decimal"
            value={form[name] ?? ''}
            onChange={(typed) => onChange({ ...form, [name]: typed })}
            error={faults?.at(name)}
          />
        ))}
      </div>
      {!atField && <Trouble error={refused} />}
      <div className="flex flex-wrap gap-3 pt-3">
        <button type="button" className="btn btn-primary min-h-12" onClick={() => onTry(form)}>
          Try it
        </button>
        {changed && (
          <button
            type="button"
            className="btn btn-outline min-h-12"
            onClick={() => {
              onChange(AS_PLANNED)
              onPlanned()
            }}
          >
            As planned again
          </button>
        )}
      </div>
      <div className="pt-3">
        {worked.map((s, i) => (
          <StepWhatIf key={s.step} step={s} first={i === 0} view={view} form={form} onChange={onChange} />
        ))}
      </div>
    </section>
  )
}

function StepWhatIf({
  step,
  first,
  view,
  form,
  onChange,
}: {
  step: Step
  first: boolean
  view: View
  form: WhatIfForm
  onChange: (form: WhatIfForm) => void
}) {
  const has = (list: Steps) => (list ?? []).includes(step.step)
  const toggled = (list: Steps, on: boolean) =>
    on ? [...numbers(list), step.step] : numbers(list).filter((x) => x !== step.step)
  const out = has(form.skipped)
  const instead = form.stones?.find((s) => s?.planned === step.abrasive)?.instead ?? step.abrasive
  const known = view.shelf.some((s) => s.id === step.abrasive)
  const changed = [
    out && 'left out',
    has(form.earlier) && 'one earlier',
    instead !== step.abrasive && view.shelf.find((s) => s.id === instead)?.name,
  ].filter(Boolean)
  return (
    <Fold name={step.title} id={`step ${step.step}`} says={changed.join(', ')}>
      <div className="flex flex-wrap gap-x-4 gap-y-0.5 items-center">
        <Check
          label="left out"
          name={`left out: ${step.title}`}
          value={out}
          onChange={(on) => onChange({ ...form, skipped: toggled(form.skipped, on) })}
        />
        {!first && (
          <Check
            label="one earlier"
            name={`one earlier: ${step.title}`}
            value={has(form.earlier)}
            onChange={(on) => onChange({ ...form, earlier: toggled(form.earlier, on) })}
          />
        )}
      </div>
      {known && !out && (
        <Choice
          label={`on, instead of ${step.abrasiveName}`}
          value={instead}
          onChange={(id) =>
            onChange({
              ...form,
              stones: [
                ...(form.stones ?? []).filter((s) => s && s.planned !== step.abrasive),
                ...(id === step.abrasive ? [] : [{ planned: step.abrasive, instead: id }]),
              ],
            })
          }
          options={view.shelf.map((s) => ({ value: s.id, label: s.name }))}
        />
      )}
    </Fold>
  )
}
