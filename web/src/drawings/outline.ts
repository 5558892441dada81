import type { Schemas } from '../api/client'

type Outline = Schemas['Outline']

/** A window onto a section: its left and middle line (mm), pixels per millimetre, and where those lie on the sheet. */
export interface Frame {
  x0: number
  scale: number
  left: number
  /** Where y = 0 lies on the sheet. */
  zero: number
}

export const toX = (f: Frame, mm: number) => f.left + (mm - f.x0) * f.scale
export const toY = (f: Frame, mm: number) => f.zero - mm * f.scale

const STRAIGHT_PX = 1e5

/** The path of an outline with its arcs. */
export function pathOf(outline: Outline, f: Frame): string {
  const at = (i: number) => {
    const c = outline.corners[i % outline.corners.length]!
    return `${toX(f, c.x).toFixed(2)} ${toY(f, c.y).toFixed(2)}`
  }
  const parts = [`M${at(0)}`]
  outline.corners.forEach((c, i) => {
    const radius = c.bend === 0 ? Infinity : f.scale / Math.abs(c.bend)
    parts.push(
      radius > STRAIGHT_PX
        ? `L${at(i + 1)}`
        : `A${radius.toFixed(2)} ${radius.toFixed(2)} 0 0 ${c.bend > 0 ? 0 : 1} ${at(i + 1)}`,
    )
  })
  return parts.join('') + 'Z'
}

/** Lowest and highest point of outlines up to a place along the blade, for fitting them into a window. */
export function span(outlines: Outline[], upTo: number): { low: number; high: number } {
  let low = 0
  let high = 0
  const take = (y: number) => {
    low = Math.min(low, y)
    high = Math.max(high, y)
  }
  for (const o of outlines) {
    o.corners.forEach((a, i) => {
      const b = o.corners[(i + 1) % o.corners.length]!
      for (const [p, q] of pieces(a, b)) {
        if (p.x <= upTo) take(p.y)
        if (p.x <= upTo !== q.x <= upTo) take(p.y + ((upTo - p.x) / (q.x - p.x)) * (q.y - p.y))
      }
    })
  }
  return { low, high }
}

interface Spot {
  x: number
  y: number
}

/** A side as short straight pieces, for measuring its extent on the sheet. */
function pieces(a: Spot & { bend: number }, b: Spot): [Spot, Spot][] {
  if (a.bend === 0) return [[a, b]]
  const chord = Math.hypot(b.x - a.x, b.y - a.y)
  const half = Math.asin(Math.max(-1, Math.min(1, (a.bend * chord) / 2)))
  const n = 16
  const at = (i: number): Spot => {
    // Height of the arc over its chord, to the right of the run where it bulges outward.
    const along = i / n
    const h = (4 * along * (1 - along) * chord * Math.tan(half / 2)) / 2
    return {
      x: a.x + along * (b.x - a.x) + (h * (b.y - a.y)) / chord,
      y: a.y + along * (b.y - a.y) - (h * (b.x - a.x)) / chord,
    }
  }
  return Array.from({ length: n }, (_, i) => [at(i), at(i + 1)])
}
