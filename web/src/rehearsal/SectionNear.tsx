const SHOWN_UM = 120
const WIDE = 640
const HIGH = 200

/** The section at the place that was worst, near its apex: as it was, dashed, and as it is by now. */
export function SectionNear({ first, now }: { first: number[]; now: number[] }) {
  const scale = WIDE / SHOWN_UM
  const from = Math.min(...xs(now)) - 15
  const middle = ys(now).reduce((sum, y) => sum + y, 0) / Math.max(1, ys(now).length)
  const near = nearY(now, from)
  const centre = Number.isFinite(near) ? near : middle
  const line = (xy: number[]) => {
    const points: string[] = []
    for (let i = 0; i + 1 < xy.length; i += 2) {
      points.push(
        `${((xy[i]! - from) * scale).toFixed(1)},${(HIGH * 0.62 - (xy[i + 1]! - centre) * scale).toFixed(1)}`,
      )
    }
    return points.join(' ')
  }
  return (
    <figure className="pt-2">
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        className="w-full"
        role="img"
        aria-label="The apex in section, where it was worst"
        style={{ overflow: 'hidden' }}
      >
        <polygon points={line(now)} className="steel" strokeWidth="0" />
        <polyline points={line(first)} fill="none" stroke="currentColor" strokeDasharray="5 4" />
        <polyline points={line(now)} fill="none" stroke="currentColor" strokeWidth="2.5" />
        <line
          x1="10"
          y1={HIGH - 10}
          x2={10 + 10 * scale}
          y2={HIGH - 10}
          stroke="currentColor"
          strokeWidth="2"
        />
        <text x={16 + 10 * scale} y={HIGH - 6} fontSize="13" fill="currentColor">
          10 µm
        </text>
      </svg>
      <figcaption className="quiet">The apex in section, where it was worst; dashed as it was.</figcaption>
    </figure>
  )
}

function xs(xy: number[]) {
  return xy.filter((_, i) => i % 2 === 0)
}

function ys(xy: number[]) {
  return xy.filter((_, i) => i % 2 === 1)
}

/** Height of the corner that stands farthest forward. */
function nearY(xy: number[], from: number) {
  let best = Infinity
  let y = NaN
  for (let i = 0; i + 1 < xy.length; i += 2) {
    if (xy[i]! - from < best) {
      best = xy[i]! - from
      y = xy[i + 1]!
    }
  }
  return y
}
