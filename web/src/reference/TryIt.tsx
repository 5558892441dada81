import { useState } from 'react'
import { askCalculator } from '../api/calculator'
import { Refused, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Choice, Field } from '../ui/Field'
import { figure, unitSaid } from '../ui/units'
import { AnswerCurve } from './AnswerCurve'

/** The formula asked with numbers of one's own. */
export function TryIt({ calculator: c }: { calculator: Schemas['CalculatorView'] }) {
  const [given, setGiven] = useState<Record<string, string>>(
    Object.fromEntries(c.inputs.map((i) => [i.name, i.example])),
  )
  const answer = useAnswer('calculator', c.id, given, (body) => askCalculator(c.id, body))
  const refused = answer.error instanceof Refused ? answer.error : undefined
  return (
    <section aria-label={`Try: ${c.title}`} className="rule-t mt-5 pt-3">
      <h2 className="font-semibold pb-2">With your own numbers</h2>
      <div className="grid sm:grid-cols-2 lg:grid-cols-3 gap-3 items-start">
        {c.inputs.map((i) =>
          i.choices.length > 0 ? (
            <Choice
              key={i.name}
              label={i.meaning}
              value={given[i.name] ?? ''}
              onChange={(v) => setGiven({ ...given, [i.name]: v })}
              options={i.choices.map((o) => ({ value: o, label: o }))}
              error={refused?.at(i.name)}
            />
          ) : (
            <Field
              key={i.name}
              label={i.unit ? `${i.meaning}, ${unitSaid(i.unit)}` : i.meaning}
              of={i.unit === 'mm' ? 'length' : i.unit === 'g' ? 'mass' : undefined}
              value={given[i.name] ?? ''}
              onChange={(v) => setGiven({ ...given, [i.name]: v })}
              error={refused?.at(i.name)}
            />
          ),
        )}
      </div>
      {refused && !c.inputs.some((i) => refused.at(i.name)) && (
        <p role="alert" className="text-error font-semibold pt-2">
          {refused.message}
        </p>
      )}
      <dl className="flex flex-wrap gap-x-8 pt-3" aria-live="polite">
        {!refused &&
          c.outputs.map((o) => (
            <div key={o.name}>
              <dt className="quiet">{o.meaning}</dt>
              <dd className="text-[1.35rem] font-semibold">
                <Answer value={answer.data?.[o.name]} unit={o.unit} />
              </dd>
            </div>
          ))}
      </dl>
      <AnswerCurve calculator={c} given={given} />
    </section>
  )
}

function Answer({ value, unit }: { value: unknown; unit: string }) {
  const numbers = (Array.isArray(value) ? value : [value]).filter((v) => typeof v === 'number')
  const shown = numbers.map((v) => figure(v, unit))
  const units = new Set(shown.map((s) => s.unit))
  if (units.size > 1) return <>{shown.map((s) => `${s.number} ${s.unit}`).join(', ')}</>
  return (
    <>
      {shown.map((s) => s.number).join(', ') || '–'}{' '}
      <span className="text-[0.95rem] font-normal">{shown[0]?.unit ?? unit}</span>
    </>
  )
}
