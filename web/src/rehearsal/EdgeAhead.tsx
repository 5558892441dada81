import { num } from '../ui/format'

const WIDE = 640
const HIGH = 120

/** The edge along its length, its depth drawn larger: as it was, dashed, and as it is by now. */
export function EdgeAhead({ edgeMm, first, now }: { edgeMm: number; first: number[]; now: number[] }) {
  const foremost = Math.min(...first, ...now)
  const deepest = Math.max(10, Math.max(...first, ...now) - foremost)
  const line = (um: number[]) =>
    um
      .map(
        (d, i) =>
          `${((i / (um.length - 1)) * WIDE).toFixed(1)},${(10 + ((d - foremost) / deepest) * (HIGH - 20)).toFixed(1)}`,
      )
      .join(' ')
  return (
    <figure className="pt-2">
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        className="w-full"
        role="img"
        aria-label={`The edge along its ${num(edgeMm, 0)} mm; it lies up to ${num(Math.max(...now), 0)} µm back`}
      >
        <polygon points={`0,${HIGH} ${line(now)} ${WIDE},${HIGH}`} className="steel" strokeWidth="0" />
        <polyline points={line(first)} fill="none" stroke="currentColor" strokeDasharray="5 4" />
        <polyline points={line(now)} fill="none" stroke="currentColor" strokeWidth="2.5" />
      </svg>
      <figcaption className="quiet">
        The edge along its {num(edgeMm, 0)} mm, its depth{' '}
        {num(((HIGH - 20) / deepest) * (edgeMm / WIDE) * 1000, 0)} times as large; dashed as it was.
      </figcaption>
    </figure>
  )
}
