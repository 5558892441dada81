import type { Spot, StripMark } from './strip.types'

/** A mark on the strip: its number above, and what it is at the edge. */
export function MarkTag({
  m,
  n,
  x,
  edge,
  held,
}: {
  m: StripMark
  n: number
  x: (mm: number) => number
  edge: number
  held: boolean
}) {
  const middle = x((m.fromMm + m.toMm) / 2)
  const wide = Math.max(3, x(m.toMm) - x(m.fromMm))
  return (
    <g opacity={m.leave ? 0.55 : 1}>
      <Sign m={m} x={x} edge={edge} wide={wide} />
      {held && (
        <g stroke="var(--color-primary)" strokeWidth="3">
          <path d={`M${x(m.fromMm)} ${edge - 16}v26M${x(m.toMm)} ${edge - 16}v26`} />
          <path d={`M${x(m.fromMm)} ${edge + 8}H${x(m.toMm)}`} />
        </g>
      )}
      <circle
        cx={middle}
        cy={20}
        r={held ? 14 : 11}
        fill={held ? 'var(--color-primary)' : 'var(--color-base-100)'}
        stroke={held ? 'var(--color-primary)' : 'var(--color-error)'}
        strokeWidth="2"
      />
      <text
        x={middle}
        y={25}
        textAnchor="middle"
        fontSize="14"
        fontWeight="650"
        fill={held ? 'var(--color-primary-content)' : 'currentColor'}
      >
        {n}
      </text>
    </g>
  )
}

const SPOT_PIECES = 16
const SPOT_HALF = 9

/** It as a band that follows the edge: hatched where it is a fault. */
export function SpotMark({
  spot,
  x,
  edge,
  id,
}: {
  spot: Spot
  x: (mm: number) => number
  /** Where the edge lies on the sheet, place by place. */
  edge: (mm: number) => number
  id: string
}) {
  const at = (i: number) => spot.fromMm + ((spot.toMm - spot.fromMm) * i) / SPOT_PIECES
  const line = (by: number) =>
    Array.from(
      { length: SPOT_PIECES + 1 },
      (_, i) => `${x(at(i)).toFixed(1)},${(edge(at(i)) + by).toFixed(1)}`,
    )
  return (
    <g>
      <title>{spot.words}</title>
      <polygon
        points={[...line(-SPOT_HALF), ...line(SPOT_HALF).reverse()].join(' ')}
        fill={spot.bad ? `url(#${id}-go)` : 'none'}
        stroke={spot.bad ? 'var(--color-error)' : 'var(--color-primary)'}
        strokeWidth="2"
        strokeLinejoin="round"
      />
    </g>
  )
}

/** What is found and not cut out of the steel has a sign of its own: light, a roll, pits. */
function Sign({ m, x, edge, wide }: { m: StripMark; x: (mm: number) => number; edge: number; wide: number }) {
  const line = { stroke: 'var(--color-error)', strokeWidth: 1.6 }
  if (m.kind === 'BRIGHT') {
    return <rect x={x(m.fromMm)} y={edge - 4} width={wide} height={7} fill="#fff" {...line} />
  }
  if (m.kind === 'DOTS') {
    const many = Math.max(2, Math.min(8, Math.round(wide / 9)))
    return (
      <g>
        {Array.from({ length: many }, (_, i) => (
          <circle
            key={i}
            cx={x(m.fromMm) + ((i + 0.5) / many) * wide}
            cy={edge - 1}
            r="3"
            fill="#fff"
            {...line}
          />
        ))}
      </g>
    )
  }
  if (m.kind === 'ROLL') {
    const d = `M${x(m.fromMm)} ${edge}q${wide / 4} 9 ${wide / 2} 0t${wide / 2} 0`
    return <path d={d} fill="none" stroke="var(--color-error)" strokeWidth="3" />
  }
  if (m.kind === 'COLOUR') {
    return (
      <rect x={x(m.fromMm)} y={edge - 9} width={wide} height={9} fill="#8d5a3c" opacity="0.75" {...line} />
    )
  }
  if (m.kind === 'PIT_BACK' || m.kind === 'PIT_BEVEL') {
    return (
      <ellipse
        cx={x((m.fromMm + m.toMm) / 2)}
        cy={edge - 12}
        rx={Math.max(4, wide / 2)}
        ry={6}
        fill={m.kind === 'PIT_BEVEL' ? 'var(--color-error)' : 'none'}
        strokeDasharray={m.kind === 'PIT_BACK' ? '3 2' : undefined}
        {...line}
      />
    )
  }
  return null
}
