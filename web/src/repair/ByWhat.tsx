import type { Schemas } from '../api/client'
import { Fold } from '../ui/Fold'
import { span } from '../ui/format'
import { Advised } from '../ui/Why'

type Means = Schemas['MeansView']

/** Marks of the scale of time (s). */
const TICKS = [1, 10, 60, 600, 3600, 36000]

/** By what the steel can go: each as a stretch on one scale of time, with its heat and what it does to the profile. */
export function ByWhat({
  means,
  house,
  by,
  onBy,
  plan,
  decide,
}: {
  means: Means[]
  house: string
  by: string
  onBy: (means: string) => void
  /** The piece that the plan shapes on, or BY_HAND. */
  plan: string
  decide: (grindOn: string) => void
}) {
  const times = means.flatMap((m) => (m.time ? [m.time.low * 60, m.time.high * 60] : []))
  if (times.length === 0) return <p className="pt-2">Nothing is to be taken off: a strop will do.</p>
  const low = Math.max(0.5, Math.min(...times) / 1.5)
  const high = Math.max(...times) * 1.5
  const at = (seconds: number) => (100 * Math.log(Math.max(seconds, low) / low)) / Math.log(high / low)
  const ticks = TICKS.filter((t) => t > low && t < high)
  // What cannot be decided on, for want of the piece or since it would not bite, is there to compare.
  const here = means.filter((m) => m.decides !== '' || m.advised || by === m.means)
  const away = means.filter((m) => !here.includes(m))
  const line = (m: Means) => (
    <li key={m.means} className={`rule-t py-2 ${m.allowed ? '' : 'quiet'}`}>
      <div className="grid sm:grid-cols-[9rem_1fr] gap-x-0 items-center">
        <h3 className={m.advised ? 'font-bold' : 'font-semibold'}>{m.words}</h3>
        <div className="relative h-6 bg-base-200" aria-hidden>
          {ticks.map((t) => (
            <span key={t} className="absolute inset-y-0 w-px bg-base-300" style={{ left: `${at(t)}%` }} />
          ))}
          {m.time && (
            <span
              className={`absolute inset-y-1 ${
                m.advised
                  ? 'bg-primary'
                  : m.allowed
                    ? 'bg-secondary'
                    : 'border border-dashed border-base-content/50'
              }`}
              style={{
                left: `${at(m.time.low * 60)}%`,
                width: `${Math.max(1, at(m.time.high * 60) - at(m.time.low * 60))}%`,
              }}
            />
          )}
        </div>
      </div>
      <div className="sm:ml-[9rem]">
        <p className="flex flex-wrap gap-x-4 items-baseline">
          {m.advised && <b>the house would take this</b>}
          {m.time && <Advised advice={m.time} digits={m.time.high < 10 ? 1 : 0} />}
          <span className={m.risk === 'HIGH' ? 'font-semibold text-error' : ''}>{m.riskWords}</span>
          {m.decides !== '' && (
            <button
              type="button"
              aria-pressed={plan === m.decides}
              className={`btn min-h-11 ${plan === m.decides ? 'btn-neutral' : 'btn-outline'}`}
              onClick={() => decide(m.decides)}
            >
              {plan === m.decides ? 'this is the plan' : 'do it so'}
            </button>
          )}
          {m.powered && m.allowed && (
            <button
              type="button"
              aria-pressed={by === m.means}
              className="btn btn-ghost min-h-11 px-2 underline underline-offset-4 font-normal"
              onClick={() => onBy(m.means)}
            >
              {by === m.means ? 'grinding plan below' : `grinding plan, ${m.words.toLowerCase()}`}
            </button>
          )}
        </p>
        {m.reason && <p>{m.reason.charAt(0).toUpperCase() + m.reason.slice(1)}.</p>}
        <p className="text-[0.92rem] quiet">{m.profile}</p>
      </div>
    </li>
  )
  return (
    <section aria-label="By what" className="pt-2">
      <h2 className="text-[1.2rem] font-semibold">By what</h2>
      <p>{house}</p>
      <div className="relative h-5 ml-0 sm:ml-[9rem]" aria-hidden>
        {ticks.map((t) => (
          <span
            key={t}
            className="absolute text-[0.82rem] quiet -translate-x-1/2 whitespace-nowrap"
            style={{ left: `${at(t)}%` }}
          >
            {span(t)}
          </span>
        ))}
      </div>
      <ul>{here.map(line)}</ul>
      {away.length > 0 && (
        <Fold name="Not on this bench" says={away.map((m) => m.words.toLowerCase()).join(', ')}>
          <ul>{away.map(line)}</ul>
        </Fold>
      )}
    </section>
  )
}
