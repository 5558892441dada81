import type { Schemas } from '../api/client'
import type { StripProps } from './strip.types'

type Layout = Schemas['LayoutView']

interface Part {
  p: StripProps
  id: string
  x: (mm: number) => number
  scale: number
  edge: number
}

const TOP = 6
/** Room above the edge that a curved profile may take (px). */
const RISE_PX = 34

/** How many pixels the edge stands above its line, place by place: the rise of a curved profile, drawn to fit. */
export function edgeHeight(layout: Layout, scale: number): (mm: number) => number {
  if (layout.rise.length < 2) return () => 0
  const most = Math.max(...layout.rise.map((r) => r.riseMm), 1e-9)
  const k = Math.min(scale, RISE_PX / most)
  const step = layout.totalMm / (layout.rise.length - 1)
  return (mm) => {
    const i = Math.min(Math.max(Math.floor(mm / step), 0), layout.rise.length - 2)
    const a = layout.rise[i]!
    const b = layout.rise[i + 1]!
    const share = Math.min(1, Math.max(0, (mm - a.alongMm) / Math.max(b.alongMm - a.alongMm, 1e-9)))
    return (a.riseMm + share * (b.riseMm - a.riseMm)) * k
  }
}

/** The steel above its edge; what is missing is cut out of it, what is to go is hatched. */
export function Body({ p, id, x, scale, edge }: Part) {
  const { layout } = p
  const up = edgeHeight(layout, scale)
  const y = (at: number, back: number) => Math.max(TOP + 4, edge - up(at) - back * scale)
  const ends: [number, number][] = (p.stations ?? []).map((s) => [s.xMm, s.presentMm + s.recessionMm])
  const goes = Math.max(0, ...ends.map(([, back]) => back)) * scale > 1
  const pieces = Array.from({ length: layout.edges }, (_, i) => ({
    from: i * layout.edgeMm,
    to: (i + 1) * layout.edgeMm,
  }))
  return (
    <g>
      {pieces.map(({ from, to }, i) => {
        const present = profile(p, from, to).map(([at, back]) => `${x(at)},${y(at, back)}`)
        const after = [...places(p, from, to)].reverse().map((at) => `${x(at)},${y(at, behind(ends, at))}`)
        const root = layout.form === 'TEETH' ? tooth(layout, i, x(from), x(to)) : [x(from), x(to)]
        return (
          <g key={i}>
            <polygon
              className="steel"
              strokeWidth="1.4"
              points={`${root[0]},${TOP} ${present.join(' ')} ${root[1]},${TOP}`}
            />
            {goes && (
              <polygon
                fill={`url(#${id}-go)`}
                stroke="var(--color-warning)"
                strokeWidth="1.2"
                points={`${present.join(' ')} ${after.join(' ')}`}
              />
            )}
          </g>
        )
      })}
      {layout.form === 'BAR' && <Bar layout={layout} x={x} edge={edge} />}
    </g>
  )
}

/** A tooth of two edges is drawn as one: each edge leans toward the gap. */
function tooth(layout: Layout, index: number, from: number, to: number): [number, number] {
  const lean = (to - from) * 0.16
  return layout.edges > 12 && index % 2 === 0 ? [from + lean, to] : [from, to - lean]
}

/** Between the two edges of a bar: the middle with its bore, broken off, since it is never worked. */
function Bar({ layout, x, edge }: { layout: Layout; x: (mm: number) => number; edge: number }) {
  const middle = x(layout.edgeMm)
  const y = (TOP + edge) / 2
  const break_ = (at: number) => `M${at} ${TOP - 3}l4 ${edge * 0.3}l-8 ${edge * 0.25}l4 ${edge * 0.42}`
  return (
    <g>
      <rect x={middle - 26} y={TOP} width={52} height={edge - TOP} fill="var(--color-base-200)" />
      <path d={break_(middle - 26)} stroke="var(--steel-line)" strokeWidth="1.6" fill="none" />
      <path d={break_(middle + 26)} stroke="var(--steel-line)" strokeWidth="1.6" fill="none" />
      <circle
        cx={middle}
        cy={y}
        r="12"
        fill="var(--color-base-100)"
        stroke="var(--steel-line)"
        strokeWidth="1.8"
      />
      <path
        d={`M${middle - 18} ${y}h36M${middle} ${y - 18}v36`}
        stroke="var(--quiet)"
        strokeDasharray="8 3 2 3"
      />
    </g>
  )
}

/** Corners of the present edge of one piece, left to right: [mm along, mm behind]. */
function profile(p: StripProps, from: number, to: number): [number, number][] {
  const all: [number, number][] = (p.stations ?? []).map((s) => [s.xMm, s.presentMm])
  const inside = all.filter(([at]) => at > from - 1e-6 && at < to + 1e-6)
  const known: [number, number][] = [[from, behind(all, from)], ...inside, [to, behind(all, to)]]
  if (p.layout.rise.length < 2) return known
  const curve = p.layout.rise.map((r): [number, number] => [r.alongMm, behind(known, r.alongMm)])
  return [...curve, ...known].sort((a, b) => a[0] - b[0])
}

/** Places that the line of the new edge is drawn through. */
function places(p: StripProps, from: number, to: number): number[] {
  const known = (p.stations ?? []).map((s) => s.xMm).filter((at) => at > from && at < to)
  const curve = p.layout.rise.length < 2 ? [] : p.layout.rise.map((r) => r.alongMm)
  return [...new Set([from, ...known, ...curve, to])].sort((a, b) => a - b)
}

function behind(known: [number, number][], at: number): number {
  for (let i = 0; i + 1 < known.length; i++) {
    const [a, ya] = known[i]!
    const [b, yb] = known[i + 1]!
    if (at >= a && at <= b) return b - a < 1e-9 ? ya : ya + ((at - a) / (b - a)) * (yb - ya)
  }
  return 0
}
