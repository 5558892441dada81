import type { Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { figureSaid } from '../ui/units'

export type Found = Record<string, string>

interface ItemProps {
  item: Schemas['ItemView']
  found: Found
  limit: string
  onFound: (found: Found) => void
  onLimit: (limit: string) => void
  error: (field: string) => string | undefined
}

/** One thing a blade is inspected for: a question, or numbers against a limit that its maker may know better. */
export function Item({ item, found, limit, onFound, onLimit, error }: ItemProps) {
  const field = `found.${item.key}`
  return (
    <li className="rule-t py-3">
      <h2 className="text-[1.2rem] font-semibold">{item.title}</h2>
      <p className="quiet">{item.how}</p>
      {item.question ? (
        <div role="group" aria-label={item.title} className="grid grid-cols-2 gap-3 pt-2 max-w-[26rem]">
          {(['no', 'yes'] as const).map((answer) => (
            <button
              key={answer}
              type="button"
              aria-pressed={found.answer === answer}
              aria-label={`${item.title} ${answer}`}
              className={`btn min-h-14 text-[1.1rem] ${
                found.answer === answer ? (answer === 'yes' ? 'btn-error' : 'btn-neutral') : 'btn-outline'
              }`}
              onClick={() => onFound({ answer: found.answer === answer ? '' : answer })}
            >
              {answer === 'no' ? 'No' : 'Yes'}
            </button>
          ))}
        </div>
      ) : (
        <div className="grid grid-cols-2 sm:grid-cols-3 gap-3 pt-2 max-w-[38rem]">
          {item.inputs.map((i) => (
            <Field
              key={i.key}
              label={upperFirst(i.label)}
              value={found[i.key] ?? ''}
              onChange={(v) => onFound({ ...found, [i.key]: v })}
              error={error(`${field}.${i.key}`)}
              inputMode="decimal"
            />
          ))}
          <Field
            label={item.atLeast ? 'Maker’s least' : 'Maker’s most'}
            value={limit}
            onChange={onLimit}
            error={error(`limits.${item.key}`)}
            hint={`Else ${item.atLeast ? 'at least' : 'at most'} ${figureSaid(item.usual ?? 0, item.unit, 2)}, a rule of thumb`}
            inputMode="decimal"
          />
        </div>
      )}
    </li>
  )
}

function upperFirst(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
