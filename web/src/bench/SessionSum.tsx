import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { mm3 } from '../ui/units'

const range = (low: number, high: number) =>
  low === high ? num(low, 0) : `${num(low, 0)} to ${num(high, 0)}`
const minutes = (seconds: number) => num(seconds / 60, seconds < 600 ? 1 : 0)

/** What a session came to, against what was planned: strokes, minutes, steel, and what nobody can tell. */
export function SessionSum({ sum }: { sum: Schemas['SumView'] }) {
  return (
    <section aria-label="What was done" className="pt-4">
      <dl className="grid grid-cols-1 sm:grid-cols-3 gap-x-8 gap-y-4 max-w-[52rem]">
        <Figure name="strokes counted" planned={`about ${range(sum.plannedLow, sum.plannedHigh)} planned`}>
          {num(sum.counted, 0)}
        </Figure>
        <Figure name="minutes, pauses left out" planned={`about ${minutes(sum.plannedSeconds)} planned`}>
          {sum.seconds === null ? 'not known' : minutes(sum.seconds)}
        </Figure>
        <Figure
          name="steel off, an estimate"
          planned={sum.plannedMm3 > 0 ? `${mm3(sum.plannedMm3)} planned` : 'none planned'}
        >
          {sum.steelMm3 === null ? 'not known' : `${mm3(sum.steelMm3)}`}
        </Figure>
      </dl>
      <ul aria-label="By stone" className="pt-5 max-w-[52rem]">
        {sum.stones.map((s) => (
          <li key={s.name} className="at-arm flex flex-wrap gap-x-6 py-1">
            <span className="min-w-[14rem]">{s.name}</span>
            <span>
              <b>{num(s.strokes, 0)}</b> <span className="quiet">of about {range(s.low, s.high)}</span>
            </span>
          </li>
        ))}
      </ul>
      <Unknown what="Passed with hardly a stroke, so nobody knows of it:" titles={sum.notCounted} />
      <Unknown what="Skipped:" titles={sum.skipped} />
    </section>
  )
}

function Figure({ name, planned, children }: { name: string; planned: string; children: React.ReactNode }) {
  return (
    <div>
      <dt className="quiet">{name}</dt>
      <dd>
        <span className="block text-[2.6rem] leading-none font-semibold">{children}</span>
        <span className="at-arm block pt-1">{planned}</span>
      </dd>
    </div>
  )
}

function Unknown({ what, titles }: { what: string; titles: string[] }) {
  if (titles.length === 0) return null
  return (
    <div className="pt-4 border-l-4 border-warning pl-3 mt-4 max-w-[52rem]">
      <p className="font-semibold">{what}</p>
      <ul>
        {titles.map((t, i) => (
          <li key={i}>{t}</li>
        ))}
      </ul>
    </div>
  )
}
