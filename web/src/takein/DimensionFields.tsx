import { Notice } from '../ui/Notice'
import { Field } from '../ui/Field'
import { letters, type Family } from './dimensions'

interface Props {
  family: Family
  /** What such a tool usually measures. */
  usual: Record<string, string>
  typed: Record<string, string>
  /** Which of them were taken as usual and not touched since. */
  asUsual: string[]
  onChange: (typed: Record<string, string>, asUsual: string[]) => void
  echo: (field: string) => string | undefined
  fault: (field: string) => string | undefined
  /** Whether saving was tried: then empty fields are blamed too. */
  tried: boolean
  /** The field that is being filled in, so that the drawing lights its letter; empty where none is. */
  onLook: (field: string) => void
}

/** The dimensions of a family and no others, lettered like the drawing. */
export function DimensionFields({
  family,
  usual,
  typed,
  asUsual,
  onChange,
  echo,
  fault,
  tried,
  onLook,
}: Props) {
  const letter = letters(family)
  const put = (field: string) => (value: string) =>
    onChange(
      { ...typed, [field]: value },
      asUsual.filter((f) => f !== field),
    )
  const open = Object.keys(usual).filter(
    (field) => !typed[field] && !(field === 'primary' && typed.bevelLength),
  )
  const taken = Object.keys(usual).filter((field) => asUsual.includes(field))
  const blame = (field: string) => (typed[field] || tried ? fault(field) : undefined)
  return (
    <>
      <p className="quiet">Angles are {family.convention}.</p>
      <div className="grid grid-cols-2 gap-3">
        {family.dimensions.map((d) => (
          <div key={d.field} className="min-w-0" onFocus={() => onLook(d.field)} onBlur={() => onLook('')}>
            <Field
              label={`${letter[d.field]}  ${d.label}${d.needed ? '' : ', if any'}`}
              of={d.measure === 'LENGTH' ? 'length' : undefined}
              value={typed[d.field] ?? ''}
              onChange={put(d.field)}
              echo={echo(d.field)}
              error={blame(d.field)}
              hint={taken.includes(d.field) ? 'as usual, not measured' : d.where}
            />
          </div>
        ))}
        {family.bevelLength && !typed.primary && (
          <Field
            label="or bevel length"
            of="length"
            value={typed.bevelLength ?? ''}
            onChange={put('bevelLength')}
            echo={echo('bevelLength')}
            error={blame('bevelLength')}
            hint="Along the face of the bevel: gives its angle."
          />
        )}
      </div>
      {open.length > 0 && (
        <button
          type="button"
          className="btn btn-outline min-h-12 self-start"
          onClick={() =>
            onChange(
              {
                ...Object.fromEntries(open.map((field) => [field, usual[field] ?? ''])),
                ...filled(typed),
              },
              [...asUsual, ...open],
            )
          }
        >
          I do not know the rest: take what is usual
        </button>
      )}
      {taken.length > 0 && (
        <p className="border-l-4 border-warning pl-3">
          {taken.length === 1 ? 'One dimension is' : `${taken.length} dimensions are`} as usual, not measured:
          strokes, minutes and steel are rough until you measure. The first is worth it now: a ruler will do.
        </p>
      )}
      {family.powered && (
        <Notice kind="warn">
          Isolate the machine before touching its blade: spark lead off, battery or key out, plug pulled;
          block the blade; gloves. The maker’s manual comes first.
        </Notice>
      )}
      <details className="rule-t pt-2">
        <summary className="min-h-11 cursor-pointer flex items-center underline underline-offset-4">
          What may be done to it, and what may not
        </summary>
        <p className="pt-1">May: {family.allowed.join(', ')}.</p>
        <ul className="list-disc pl-5 pt-1">
          {family.refused.map((r) => (
            <li key={r.operation}>
              Not {r.operation}: {r.reason}.
            </li>
          ))}
        </ul>
      </details>
    </>
  )
}

/** What was typed, without what was left empty. */
function filled(typed: Record<string, string>): Record<string, string> {
  return Object.fromEntries(Object.entries(typed).filter(([, text]) => text.trim() !== ''))
}
