import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { upper } from '../ui/format'
import { Advised } from '../ui/Why'
import { length, mm, mm3 } from '../ui/units'

type Result = Schemas['ResultView']

/** What the survey comes to: how much work, and why. */
export function Outcome({ result }: { result: Result }) {
  const danger = result.scope === 'RETIRE'
  return (
    <section aria-label="What it wants" className="pb-1">
      <p className="quiet">This edge wants</p>
      <p className={`text-[2rem] leading-tight font-semibold ${danger ? 'text-error' : ''}`}>
        {result.scopeWords}
      </p>
      <p className="pt-1">Because {result.reasons.join('; ')}.</p>
    </section>
  )
}

/** How much steel goes, how much is left, and what follows from it. */
export function Figures({ result }: { result: Result }) {
  return (
    <section aria-label="What must go" className="pb-3">
      <div className="flex flex-wrap gap-x-8 gap-y-2 pt-3">
        <Named name="off the length">
          <Advised advice={result.lost} />
        </Named>
        <Named name="steel to remove">
          <Advised advice={result.volume} />
        </Named>
        <Named name="steel left after">
          <p className={`text-[1.35rem] font-semibold ${result.steelLeftMm <= 0 ? 'text-error' : ''}`}>
            {length(result.steelLeftMm, 1).number}
            <span className="text-[0.95rem] font-normal ml-1">{length(result.steelLeftMm, 1).unit}</span>
          </p>
        </Named>
        <Named name="sharpenings left">
          <Advised advice={result.sharpeningsLeft} digits={0} />
        </Named>
        {result.honingsCounted && (
          <Named name="honings, then a re-grind">
            <Advised advice={result.honingsLeft} digits={0} />
          </Named>
        )}
        {result.behindEdge && (
          <Named name="behind the edge after">
            <Advised advice={result.behindEdge} digits={3} />
          </Named>
        )}
        {result.thinning && (
          <Named name={result.thinning.label}>
            <Advised advice={result.thinning} />
          </Named>
        )}
        {result.squaring && (
          <Named name={result.squaring.label}>
            <Advised advice={result.squaring} />
          </Named>
        )}
      </div>
    </section>
  )
}

function Named({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <p className="quiet">{name}</p>
      {children}
    </div>
  )
}

/** What each thing asks of the new edge, drawn as how far back it reaches; the longest decides. */
export function Demands({ result }: { result: Result }) {
  const asked = result.demands.filter((d) => d.ownMm > 0 || d.lineMm > 0)
  if (asked.length === 0) return null
  const most = Math.max(...asked.map((d) => Math.max(d.lineMm, d.ownMm)), 1e-6)
  const spared = result.spared
  return (
    <section aria-label="What each thing asks" className="rule-t pt-3 pb-3">
      <h2 className="font-semibold">What each asks of the edge</h2>
      <ul className="pt-1">
        {asked.map((d) => {
          const mark = /^findings\[(\d+)\]$/.exec(d.subject)
          const long = (100 * Math.max(d.lineMm, d.left ? d.ownMm : 0)) / most
          return (
            <li
              key={d.subject}
              className="grid grid-cols-[minmax(0,11rem)_1fr_4.5rem] gap-x-3 items-center py-0.5"
            >
              <span className={d.left ? 'quiet' : ''}>
                {mark ? `${Number(mark[1]) + 1} ` : ''}
                {d.words}
              </span>
              <span className="h-3.5 bg-base-200 relative" aria-hidden>
                <span
                  className={`absolute inset-y-0 left-0 ${
                    d.left
                      ? 'border border-dashed border-base-content/60'
                      : d.decides
                        ? 'bg-warning'
                        : 'bg-secondary'
                  }`}
                  style={{ width: `${Math.max(1, long)}%` }}
                />
              </span>
              <span className="text-right">{mm(d.left ? d.ownMm : d.lineMm, 3)}</span>
              {(d.decides || d.left) && (
                <span className="col-start-2 col-span-2 text-[0.88rem] quiet">
                  {d.decides ? 'this decides where the new edge lies' : 'left in place on purpose'}
                </span>
              )}
            </li>
          )
        })}
      </ul>
      {spared && spared.lessMm > 1e-4 && (
        <p className="pt-1">
          Leave the {spared.words} in place and {mm(spared.lessMm, 3)} less goes off the length,{' '}
          {mm3(spared.lessMm3)} less in all.
        </p>
      )}
      {result.regions.length > 1 && (
        <p className="pt-1">
          {result.regions.map((r) => `${upper(r.name)} ${mm3(r.volumeMm3)}`).join(', ')}.
        </p>
      )}
    </section>
  )
}
