import type { Schemas } from '../api/client'
import { Check, Field } from '../ui/Field'
import { upper } from '../ui/format'
import { guessedDepth } from './placing'

type Finding = Schemas['FindingForm']

/** The marks as a list, for those who would rather type. */
export function Marks({
  findings,
  kinds,
  selected,
  onSelect,
  onChange,
  fault,
}: {
  findings: Finding[]
  kinds: Schemas['MarkKindView'][]
  selected: number | null
  onSelect: (index: number | null) => void
  onChange: (findings: Finding[]) => void
  fault: (field: string) => string | undefined
}) {
  if (findings.length === 0) return <p className="quiet rule-t pt-3">Nothing is marked on the strip yet.</p>
  const change = (i: number, part: Partial<Finding>) =>
    onChange(findings.map((f, n) => (n === i ? { ...f, ...part } : f)))
  return (
    <ol className="rule-t" aria-label="Marks">
      {findings.map((f, i) => {
        const at = `findings[${i}].`
        const kind = kinds.find((k) => k.kind === f.kind)
        const name = upper(kind?.words ?? f.kind)
        return (
          <li
            key={i}
            className={`rule-b py-3 ${selected === i ? 'border-l-4 border-primary pl-3' : ''}`}
            aria-label={`Mark ${i + 1}, ${name}`}
          >
            <div className="flex items-center justify-between gap-2">
              <h3 className="font-semibold">
                {i + 1} {name}
              </h3>
              <span className="flex">
                <button
                  type="button"
                  className="btn btn-ghost min-h-11"
                  aria-pressed={selected === i}
                  aria-label={`Move mark ${i + 1} on the strip`}
                  onClick={() => onSelect(selected === i ? null : i)}
                >
                  Move
                </button>
                <button
                  type="button"
                  className="btn btn-ghost min-h-11"
                  aria-label={`Remove mark ${i + 1}`}
                  onClick={() => onChange(findings.filter((_, n) => n !== i))}
                >
                  Remove
                </button>
              </span>
            </div>
            <div className={`grid gap-2 ${kind?.pit ? 'grid-cols-2' : 'grid-cols-3'}`}>
              <Field
                label="from"
                of="length"
                value={f.from}
                onChange={(v) => change(i, { from: v })}
                error={fault(at + 'fromMm') ?? fault(at + 'kind')}
              />
              <Field
                label="to"
                of="length"
                value={f.to}
                onChange={(v) => change(i, { to: v })}
                error={fault(at + 'toMm')}
              />
              {kind?.measured !== false && (
                <Field
                  label={kind?.pit ? 'deep into the face' : 'deep'}
                  of="length"
                  value={f.depth}
                  onChange={(v) => change(i, { depth: v })}
                  error={fault(at + 'depthMm')}
                  hint={f.depth !== '' && f.depth === guessedDepth(kind) ? 'guessed: measure it' : undefined}
                />
              )}
              {kind?.pit && (
                <Field
                  label="begins behind the edge"
                  of="length"
                  value={f.behind}
                  onChange={(v) => change(i, { behind: v })}
                  error={fault(at + 'behindMm')}
                  hint="0 where it reaches the edge"
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
