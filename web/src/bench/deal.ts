import type { Side } from './side'

/**
 * Whose turn it is, by how the service says strokes are dealt: a set for one side, then for the other; 0 for a whole
 * side at a time.
 */
export function nextSide(
  sides: Side[],
  counts: (side: Side) => number,
  setOf: number,
  planned: number,
  last: Side,
): Side {
  const [a, b] = sides
  if (!a || !b) return a ?? ''
  const done = (side: Side) => counts(side)
  if (setOf === 0) {
    const at = last || a
    const other = at === a ? b : a
    return done(at) >= planned && done(other) < done(at) ? other : at
  }
  const sets = (side: Side) => Math.floor(done(side) / setOf)
  if (sets(a) !== sets(b)) return sets(a) < sets(b) ? a : b
  if (done(a) % setOf !== 0) return a
  return done(b) % setOf !== 0 ? b : a
}

/** The station that is furthest behind its plan, the left one of two alike; from 1, 0 where there are none. */
export function nextStation(planned: number[], done: number[]): number {
  let best = 0
  let least = Infinity
  planned.forEach((p, i) => {
    const share = ((done[i] ?? 0) + 0.5) / Math.max(p, 0.5)
    if (share < least - 1e-9) {
      least = share
      best = i + 1
    }
  })
  return best
}
