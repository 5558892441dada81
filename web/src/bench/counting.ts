import type { Schemas } from '../api/client'
import { nextStation } from './deal'
import type { Side } from './side'

type Step = Schemas['BenchStepView']
/** Something counted that is still on its way to the service. */
interface Waiting {
  step: number
  kind: string
  side: Side
  station: number
  amount: number
}

/** Strokes on a side of a step, with those that are still on their way. */
export function countedOn(step: Step, waiting: Waiting[], at: number, side: Side): number {
  const sent = step.counts.find((c) => c.side === side)?.strokes ?? 0
  return sent + sum(waiting, (e) => e.step === at && e.side === side)
}

/** The same at one station, from 1. */
export function countedAt(step: Step, waiting: Waiting[], at: number, side: Side, station: number): number {
  const sent = step.counts.find((c) => c.side === side)?.stations[station - 1] ?? 0
  return sent + sum(waiting, (e) => e.step === at && e.side === side && e.station === station)
}

function sum(waiting: Waiting[], which: (e: Waiting) => boolean): number {
  return waiting.filter((e) => e.kind === 'COUNT' && which(e)).reduce((all, e) => all + e.amount, 0)
}

/** How the stations along a cambered edge stand, for the strip; nothing where the step has none. */
export function litStations(step: Step | undefined, waiting: Waiting[], at: number) {
  const side = step?.step.sides[0]
  if (!step || !side || step.step.kind === 'TEETH' || step.step.stations.length === 0) return undefined
  const done = step.step.stations.map((_, i) => countedAt(step, waiting, at, side, i + 1))
  return {
    places: step.step.stations.map((planned, i) => ({ planned, done: done[i] ?? 0 })),
    next: nextStation(step.step.stations, done) - 1,
  }
}
