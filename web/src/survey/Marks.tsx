import type { Schemas } from '../api/client'
import { Check, Field } from '../ui/Field'

type Finding = Schemas['FindingForm']

export const MARK_KINDS = [
  { kind: 'CHIP', name: 'Chip' },
  { kind: 'BRIGHT', name: 'Bright spot' },
  { kind: 'ROUNDED_CORNER', name: 'Rounded corner' },
]

/** The marks as a list, for those who would rather type. */
export function Marks({
  findings,
  onChange,
  fault,
}: {
  findings: Finding[]
  onChange: (findings: Finding[]) => void
  fault: (field: string) => string | undefined
}) {
  if (findings.length === 0) {
    return (
      <p className="quiet rule-t pt-3">
        Nothing marked. Look straight down the edge under the lamp and draw a fingernail over it; tap the
        strip where light shows or the nail catches. Never a thumb along it.
      </p>
    )
  }
  const change = (i: number, part: Partial<Finding>) =>
    onChange(findings.map((f, n) => (n === i ? { ...f, ...part } : f)))
  return (
    <ol className="rule-t" aria-label="Marks">
      {findings.map((f, i) => {
        const at = `findings[${i}].`
        const name = MARK_KINDS.find((k) => k.kind === f.kind)?.name ?? f.kind
        return (
          <li key={i} className="rule-b py-3" aria-label={`Mark ${i + 1}, ${name}`}>
            <div className="flex items-center justify-between">
              <h3 className="font-semibold">
                {i + 1} {name}
              </h3>
              <button
                type="button"
                className="btn btn-ghost min-h-11"
                aria-label={`Remove mark ${i + 1}`}
                onClick={() => onChange(findings.filter((_, n) => n !== i))}
              >
                Remove
              </button>
            </div>
            <div className="grid grid-cols-3 gap-2">
              <Field
                label="from"
                value={f.from}
                onChange={(v) => change(i, { from: v })}
                error={fault(at + 'fromMm')}
              />
              <Field
                label="to"
                value={f.to}
                onChange={(v) => change(i, { to: v })}
                error={fault(at + 'toMm')}
              />
              {f.kind !== 'BRIGHT' && (
                <Field
                  label="deep"
                  value={f.depth}
                  onChange={(v) => change(i, { depth: v })}
                  error={fault(at + 'depthMm')}
                />
              )}
            </div>
            <Check label="leave it on purpose" value={f.leave} onChange={(v) => change(i, { leave: v })} />
          </li>
        )
      })}
    </ol>
  )
}
