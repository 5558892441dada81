import type { RowEdge } from './TeethRow'

const R = 96

/** The edges round a disc, seen from above: bare until each had its share. */
export function EdgeRing({
  label,
  edges,
  at,
  onPick,
}: {
  label: string
  edges: RowEdge[]
  at: number
  onPick: (station: number) => void
}) {
  const n = edges.length
  const point = (i: number, r: number): [number, number] => {
    const a = (2 * Math.PI * i) / n - Math.PI / 2
    return [120 + r * Math.cos(a), 120 + r * Math.sin(a)]
  }
  return (
    <svg viewBox="0 0 240 240" className="block w-full max-w-[17rem] mx-auto" role="img" aria-label={label}>
      <circle cx="120" cy="120" r={R - 26} className="steel" strokeWidth="1.4" />
      <circle
        cx="120"
        cy="120"
        r="12"
        fill="var(--color-base-100)"
        stroke="var(--steel-line)"
        strokeWidth="1.4"
      />
      {edges.map((e, i) => {
        const [ax, ay] = point(i, R - 26)
        const [bx, by] = point(i + 0.42, R)
        const [cx, cy] = point(i + 0.8, R - 26)
        const [tx, ty] = point(i + 0.3, R + 13)
        return (
          <g key={e.station} className="cursor-pointer" onPointerDown={() => onPick(e.station)}>
            <path
              d={`M${ax} ${ay}L${bx} ${by}L${cx} ${cy}Z`}
              fill={e.share >= 1 && !e.out ? 'var(--steel)' : 'var(--color-base-100)'}
              stroke="var(--steel-line)"
              strokeWidth="1"
            />
            <path
              d={`M${ax} ${ay}L${bx} ${by}`}
              stroke={e.out ? 'var(--color-error)' : 'var(--color-primary)'}
              strokeWidth={e.share >= 1 || e.out ? 4 : e.share > 0 ? 2.5 : 0}
              strokeDasharray={e.share >= 1 || e.out ? undefined : '3 3'}
            />
            <text
              x={tx}
              y={ty}
              fontSize="11"
              textAnchor="middle"
              dominantBaseline="middle"
              fontWeight={e.station === at ? 700 : 400}
            >
              {e.station === at ? `▸${e.station}` : e.station}
            </text>
          </g>
        )
      })}
    </svg>
  )
}
