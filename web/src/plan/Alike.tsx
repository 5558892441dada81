import type { Schemas } from '../api/client'
import { figures, num, upper } from '../ui/format'
import { length, lengthUnit } from '../ui/units'

/** A machine's blade has no progression: every edge gets the same, on one piece of the kit. */
export function Alike({ plan }: { plan: Schemas['PlanView'] }) {
  const work = plan.steps.find((s) => s.kind === 'ENDS' || s.kind === 'TEETH')
  if (!work) return null
  const ends = work.kind === 'ENDS'
  const each = ends ? work.strokes : work.setOf
  const low = ends ? work.strokesLow : work.strokesLow / Math.max(1, work.stations.length)
  const high = ends ? work.strokesHigh : work.strokesHigh / Math.max(1, work.stations.length)
  const edges = ends ? 2 : work.stations.length * work.sides.length
  const range = low === high ? num(each, 0) : `${num(low, 0)} to ${num(high, 0)}`
  const off =
    plan.lostMm < 0.1 && lengthUnit() === 'mm'
      ? { number: figures(plan.lostMm * 1000), unit: 'µm' }
      : length(plan.lostMm, 2)
  const counts = plan.offers.some((o) => o.chosen && o.passes) ? 'passes' : 'strokes'
  return (
    <>
      <h2 className="text-[1.35rem] font-semibold">{work.title}</h2>
      <div className="flex flex-wrap gap-x-10 gap-y-3 py-4" role="group" aria-label="How many, alike">
        <p>
          <span className="figure">
            {edges}
            <span className="unit">{ends ? 'ends' : 'edges'}</span>
          </span>
        </p>
        <p>
          <span className="figure">
            × {each}
            <span className="unit">
              {counts} each, {range} likely
            </span>
          </span>
        </p>
        <p>
          <span className="figure">{off.number}</span>
          <span className="unit text-[1.1rem]">{off.unit} off each</span>
        </p>
      </div>
      <p className="max-w-[44rem]">{work.why}</p>
      <ul className="pt-3 max-w-[44rem] border-l-4 border-base-300 pl-3">
        {work.how.map((h) => (
          <li key={h} className="py-1 text-[1.05rem]">
            {h}
          </li>
        ))}
      </ul>
      {work.caution && <p className="pt-3 font-semibold text-warning">{work.caution}</p>}
      {plan.reasons.length > 0 && <p className="quiet pt-3">{plan.reasons.map(upper).join('. ')}.</p>}
    </>
  )
}
