import type { Schemas } from '../api/client'
import type { Side } from './side'

/** An edge of a row: the blade it is on, and its number from 1. */
export interface EdgeAt {
  side: Side
  station: number
}

type Step = Schemas['BenchStepView']

/** Whether an edge is broken and left out of the count. */
export function leftOut(step: Step, at: EdgeAt): boolean {
  return (step.counts.find((c) => c.side === at.side)?.leftOut ?? []).includes(at.station)
}

/** All edges in the order they are worked: along the first blade, then along the second. */
export function edges(step: Step): EdgeAt[] {
  return step.step.sides.flatMap((side) => step.step.stations.map((_, i) => ({ side, station: i + 1 })))
}

/** The next edge that has not had its share, from a place on and then from the beginning; nothing where all have. */
export function nextEdge(
  step: Step,
  done: (side: Side, station: number) => number,
  from: EdgeAt | null,
): EdgeAt | null {
  const all = edges(step)
  const start = from ? all.findIndex((e) => e.side === from.side && e.station === from.station) : 0
  const order = [...all.slice(Math.max(0, start)), ...all.slice(0, Math.max(0, start))]
  return (
    order.find(
      (e) => !leftOut(step, e) && done(e.side, e.station) < (step.step.stations[e.station - 1] ?? 0),
    ) ?? null
  )
}

/** What an edge is called at the bench. */
export function edgeName(step: Step, at: EdgeAt): string {
  if (at.side === 'EDGES') return `Edge ${at.station}`
  const tooth = `Tooth ${Math.ceil(at.station / 2)}, ${at.station % 2 === 1 ? 'left' : 'right'} edge`
  return step.step.sides.length > 1 ? `${tooth}, ${at.side === 'TOP_BLADE' ? 'upper' : 'lower'} blade` : tooth
}
