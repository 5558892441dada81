import { useWidth } from './useWidth'

export interface RowEdge {
  station: number
  /** How much of its share it had, 0 to 1. */
  share: number
  out: boolean
}

interface TeethRowProps {
  label: string
  edges: RowEdge[]
  /** The edge in hand, from 1; 0 where it is on the other blade. */
  at: number
  onPick: (station: number) => void
}

const HEIGHT = 62
const ROOT = 10
const TIP = 46

/** A row of teeth, each with its two edges: bare until it had its share, ruled over once it is broken. */
export function TeethRow({ label, edges, at, onPick }: TeethRowProps) {
  const { ref, width } = useWidth<HTMLDivElement>()
  const each = width / Math.max(1, edges.length)
  const pick = (clientX: number, left: number) =>
    onPick(Math.min(edges.length, Math.max(1, Math.floor((clientX - left) / each) + 1)))
  return (
    <div ref={ref} className="w-full">
      <svg
        width={width}
        height={HEIGHT + 16}
        role="img"
        aria-label={label}
        className="block cursor-pointer"
        onPointerDown={(e) => pick(e.clientX, e.currentTarget.getBoundingClientRect().left)}
      >
        <path d={`M0 ${ROOT}H${width}`} stroke="var(--steel-line)" strokeWidth="3" />
        {edges.map((e, i) => {
          const left = e.station % 2 === 1
          const x0 = i * each
          const lean = each * 0.42
          const points = left
            ? `${x0},${ROOT} ${x0 + lean},${TIP} ${x0 + each},${TIP} ${x0 + each},${ROOT}`
            : `${x0},${ROOT} ${x0},${TIP} ${x0 + each - lean},${TIP} ${x0 + each},${ROOT}`
          const edge = left
            ? `M${x0 + 1} ${ROOT + 2}L${x0 + lean + 1} ${TIP}`
            : `M${x0 + each - 1} ${ROOT + 2}L${x0 + each - lean - 1} ${TIP}`
          return (
            <g key={e.station}>
              <polygon
                points={points}
                fill={e.share >= 1 && !e.out ? 'var(--steel)' : 'none'}
                stroke="var(--steel-line)"
                strokeWidth="0.8"
              />
              <path
                d={edge}
                stroke={e.out ? 'var(--color-error)' : 'var(--color-primary)'}
                strokeWidth={e.share >= 1 || e.out ? 3 : e.share > 0 ? 2 : 0}
                strokeDasharray={e.share >= 1 || e.out ? undefined : '3 3'}
              />
              {e.out && (
                <path
                  d={`M${x0} ${ROOT}L${x0 + each} ${TIP}M${x0} ${TIP}L${x0 + each} ${ROOT}`}
                  stroke="var(--color-error)"
                  strokeWidth="1.6"
                />
              )}
            </g>
          )
        })}
        {edges
          .filter(
            (e) => e.station % 2 === 1 && ((e.station + 1) / 2 === 1 || ((e.station + 1) / 2) % 5 === 0),
          )
          .map((e) => (
            <text
              key={`n${e.station}`}
              x={e.station * each}
              y={HEIGHT + 12}
              fontSize="13"
              textAnchor="middle"
              fill="currentColor"
            >
              {(e.station + 1) / 2}
            </text>
          ))}
        {at > 0 && <path d={`M${(at - 0.5) * each} ${TIP + 2}l-7 12h14z`} fill="var(--color-base-content)" />}
      </svg>
    </div>
  )
}
