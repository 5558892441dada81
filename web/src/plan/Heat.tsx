import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Advised } from '../ui/Why'

/** How soon an edge draws its temper on a wheel, blunt first and sharp, and when to dip. An estimate. */
export function Heat({ name, heat: h }: { name: string; heat: Schemas['HeatView'] }) {
  return (
    <details>
      <summary className="min-h-11 flex items-center cursor-pointer underline underline-offset-4">
        how hot the edge gets on the {name}
      </summary>
      <p>Time in contact until the edge is at {num(h.limitC, 0)} °C. First estimate, on the safe side.</p>
      <dl className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 py-1">
        <dt>edge sharp, light hand</dt>
        <dd className="text-right font-semibold">{h.sharp}</dd>
        <dt>edge ground blunt first, the same hand</dt>
        <dd className="text-right font-semibold">{h.bluntAlike}</dd>
        <dt>edge blunt, working pressure</dt>
        <dd className="text-right font-semibold">{h.blunt}</dd>
      </dl>
      {h.why && <Advised advice={h.why} digits={2} />}
      {h.finger && <p>{h.finger}</p>}
      <p>{h.dip}</p>
    </details>
  )
}
