import type { Schemas } from '../api/client'
import { Choice, Field } from '../ui/Field'

type Brought = Schemas['BringsForm']
type Asked = Schemas['TradeView']['asked'][number]

/** Nobody was asked yet. */
export const NOTHING_KNOWN: Brought = {
  age: 'UNKNOWN',
  back: 'UNKNOWN',
  hardLayer: '',
  lock: 'UNKNOWN',
  kept: 'UNKNOWN',
}

/** What may be said of each, the answer “not known” first. */
const ANSWERS: Record<Exclude<Asked, 'HARD_LAYER'>, [keyof Brought, string, [string, string][]]> = {
  AGE: [
    'age',
    'New or not',
    [
      ['NEW', 'new from its maker: the tip is brittle at first'],
      ['OLD', 'not new'],
    ],
  ],
  BACK: [
    'back',
    'Its back, as its maker left it',
    [
      ['LAPPED', 'lapped'],
      ['RIDGED', 'with ridges of the machine'],
    ],
  ],
  LOCK: [
    'lock',
    'Does it lock?',
    [
      ['LOCKS', 'it locks open'],
      ['NO_LOCK', 'no lock'],
    ],
  ],
  KEPT: [
    'kept',
    'Where it lives',
    [
      ['BENCH', 'at the bench'],
      ['CARRIED', 'carried'],
    ],
  ],
}

/** What a tool brings with it, a line each where its family has it; “not known” is an answer. */
export function Brings({
  asked,
  brings,
  onChange,
  fault,
}: {
  asked: Asked[]
  brings: Brought
  onChange: (next: Brought) => void
  fault: (field: string) => string | undefined
}) {
  return (
    <details className="rule-t pt-2" open={JSON.stringify(brings) !== JSON.stringify(NOTHING_KNOWN)}>
      <summary className="min-h-11 cursor-pointer flex items-center font-semibold">
        What it brings with it
      </summary>
      <div className="grid gap-3">
        {asked.map((what) => {
          if (what === 'HARD_LAYER')
            return (
              <Field
                key={what}
                label="Hard layer, if it is laminated"
                of="length"
                value={brings.hardLayer}
                onChange={(hardLayer) => onChange({ ...brings, hardLayer })}
                hint="its thickness at the back, or of the core; empty where it is hard all through"
                error={fault('hardLayer')}
              />
            )
          const [field, label, answers] = ANSWERS[what]
          return (
            <Choice
              key={what}
              label={label}
              value={brings[field]}
              onChange={(value) => onChange({ ...brings, [field]: value })}
              options={[
                { value: 'UNKNOWN', label: 'not known' },
                ...answers.map(([value, words]) => ({ value, label: words })),
              ]}
              error={fault(field)}
            />
          )
        })}
      </div>
    </details>
  )
}
