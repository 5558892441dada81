import type { Schemas } from '../api/client'
import { spans } from '../ui/format'
import { Advised } from '../ui/Why'
import { mm, mm3 } from '../ui/units'

export type Decision = Schemas['DecisionForm']['back']

/** The work on the back: how much of it, in what order, and what else could be done about it. */
export function BackWork({ back, decide }: { back: Schemas['BackView']; decide: (what: Decision) => void }) {
  return (
    <section aria-label="The back" className="rule-t pt-3">
      <h2 className="font-semibold">The back</h2>
      {back.steel && (
        <p>
          {back.options.some((o) => o.decided && o.way !== 'FLATTEN') && 'Flattening would take '}
          {mm(back.depthMm, 2)} off the last {mm(back.stripMm, 0)}: <Advised advice={back.steel} />
        </p>
      )}
      <ol className="list-decimal pl-5">
        {back.acts.map((a) => (
          <li key={a}>{a}</li>
        ))}
      </ol>
      {back.options.length > 0 && (
        <dl className="pt-2">
          {back.options.map((o) => (
            <div key={o.way} className={`rule-t py-2 ${o.allowed ? '' : 'quiet'}`}>
              <dt className={o.allowed ? 'font-semibold' : ''}>
                {o.words}
                {o.allowed ? '' : ': not for this tool'}
              </dt>
              <dd>
                {[...costs(o), o.reason]
                  .filter((w) => w)
                  .join('; ')
                  .replace(/\.$/, '')}
                .
              </dd>
              {o.allowed && o.decision && (
                <dd>
                  <button
                    type="button"
                    aria-pressed={o.decided}
                    className={`btn min-h-11 mt-1 ${o.decided ? 'btn-neutral' : 'btn-outline'}`}
                    onClick={() => decide(o.decision)}
                  >
                    {o.decided ? 'this is the plan' : 'do this'}
                  </button>
                </dd>
              )}
            </div>
          ))}
        </dl>
      )}
    </section>
  )
}

function costs(o: Schemas['BackOptionView']): string[] {
  const all: string[] = []
  if (o.lostMm > 0) all.push(`${mm(o.lostMm, 2)} off the length`)
  if (o.volumeMm3 > 0) all.push(`${mm3(o.volumeMm3)} of steel`)
  if (typeof o.leastSeconds === 'number' && typeof o.mostSeconds === 'number') {
    all.push(`${spans(o.leastSeconds, o.mostSeconds)}, first estimate`)
  }
  return all
}
