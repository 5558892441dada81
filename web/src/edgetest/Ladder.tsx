import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { SignButton, Zones } from '../ui/Signs'
import type { Seen } from './seen'
import { mm } from '../ui/units'

type Outcome = Schemas['OutcomeOfCheck']

interface LadderProps {
  checks: Schemas['CheckView'][]
  seen: Seen[]
  marking: Outcome | null
  layout: Schemas['LayoutView']
  onTap: (check: Schemas['CheckView'], outcome: Outcome) => void
  onPlace: (fromMm: number | null, toMm: number | null) => void
  onRemove: (index: number) => void
}

/** The tests that this work needs, in rising order of demand; the others are folded away until someone is in doubt. */
export function TestLadder(p: LadderProps) {
  const needed = p.checks.filter((c) => c.needed)
  const more = p.checks.filter((c) => !c.needed)
  const answered = more.some((c) => c.outcomes.some((o) => p.seen.some((s) => s.sign === o.sign)))
  return (
    <>
      <ol aria-label="Tests this work needs, in rising order of demand">
        {needed.map((c) => (
          <Rung key={c.check} check={c} {...p} />
        ))}
      </ol>
      {more.length > 0 && (
        <details open={answered || undefined}>
          <summary className="min-h-14 py-3 text-[1.1rem] font-semibold cursor-pointer">
            {more.length} more {more.length === 1 ? 'test' : 'tests'}, for who is in doubt
          </summary>
          <ol aria-label="More tests, in rising order of demand">
            {more.map((c) => (
              <Rung key={c.check} check={c} {...p} />
            ))}
          </ol>
        </details>
      )}
    </>
  )
}

function Rung({
  check,
  seen,
  marking,
  layout,
  onTap,
  onPlace,
  onRemove,
}: LadderProps & { check: Schemas['CheckView'] }) {
  const mine = (sign: string) => check.outcomes.some((o) => o.sign === sign)
  const here = marking !== null && mine(marking.sign)
  return (
    <li className="rule-b py-3">
      <h3 className="text-[1.15rem] font-semibold">{check.title}</h3>
      <p className="max-w-[44rem]">{check.how}</p>
      {check.safety && <p className="text-warning font-semibold">{check.safety}</p>}
      <div className="flex flex-wrap gap-2 pt-2">
        {check.outcomes.map((o) => (
          <SignButton
            key={o.sign}
            sign={o}
            pressed={seen.some((s) => s.sign === o.sign) || marking?.sign === o.sign}
            onClick={() => onTap(check, o)}
          />
        ))}
      </div>
      {here && <Where layout={layout} onPlace={onPlace} />}
      <ul>
        {seen.map((s, i) =>
          mine(s.sign) && s.fromMm !== null && s.toMm !== null ? (
            <li key={i} className="flex flex-wrap items-center gap-x-4">
              {s.words}, {num(s.fromMm)} to {mm(s.toMm)}
              <button type="button" className="btn btn-ghost min-h-11" onClick={() => onRemove(i)}>
                Remove
              </button>
            </li>
          ) : null,
        )}
      </ul>
    </li>
  )
}

function Where({
  layout,
  onPlace,
}: {
  layout: Schemas['LayoutView']
  onPlace: (fromMm: number | null, toMm: number | null) => void
}) {
  return (
    <div className="mt-2 border-l-4 border-primary pl-3">
      <p className="font-semibold mb-2">Where? Drag it on the strip above, or</p>
      <div className="flex flex-wrap gap-2">
        <Zones layout={layout} onPlace={onPlace} />
        <button type="button" className="btn min-h-14" onClick={() => onPlace(null, null)}>
          all along
        </button>
      </div>
    </div>
  )
}
