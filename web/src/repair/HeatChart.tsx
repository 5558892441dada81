import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { roundNear, useWidth } from '../drawings/useWidth'

/** Temperature of the edge against time in contact: the sharp edge and the one ground blunt first, up to the limit. */
export function HeatChart({ curves, limitC }: { curves: Schemas['CurveView'][]; limitC: number }) {
  const { ref, width } = useWidth<HTMLDivElement>(700)
  const height = 250
  const box = { left: 52, right: width - 16, top: 18, bottom: height - 40 }
  const longest = Math.max(...curves.flatMap((c) => c.moments.map((m) => m.seconds)))
  const hottest = Math.max(limitC, ...curves.flatMap((c) => c.moments.map((m) => m.celsius))) * 1.06
  const x = (s: number) => box.left + ((box.right - box.left) * s) / longest
  const y = (c: number) => box.bottom - ((box.bottom - box.top) * c) / hottest
  const step = roundNear(longest / 5)
  const times = Array.from({ length: 7 }, (_, i) => i * step).filter((t) => t <= longest * 1.001)
  const first = curves[0]!.moments
  return (
    <div ref={ref} className="w-full pt-2">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`Temperature of the edge in contact: the sharp edge is at its limit after ${num(first[first.length - 1]!.seconds, 2)} s`}
        className="block"
      >
        <path
          d={`M${box.left} ${box.top}V${box.bottom}H${box.right}`}
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth="1.5"
        />
        {times.map((t) => (
          <g key={t}>
            <path d={`M${x(t)} ${box.bottom}v6`} stroke="var(--color-base-content)" />
            <text x={x(t)} y={box.bottom + 21} fontSize="14" textAnchor="middle">
              {num(t, 2)}
            </text>
          </g>
        ))}
        <text
          x={box.right}
          y={height - 4}
          fontSize="13"
          textAnchor="end"
          className="quiet"
          fill="currentColor"
        >
          seconds in contact
        </text>
        <text x={box.left - 6} y={y(20) + 4} fontSize="14" textAnchor="end">
          20°
        </text>
        <path
          d={`M${box.left} ${y(limitC)}H${box.right}`}
          stroke="var(--color-error)"
          strokeWidth="2"
          strokeDasharray="9 4"
        />
        <text x={box.left - 6} y={y(limitC) + 4} fontSize="14" textAnchor="end" fontWeight="650">
          {num(limitC, 0)}°
        </text>
        <text x={box.left + 8} y={y(limitC) - 6} fontSize="13" fill="var(--color-error)">
          not hotter than this
        </text>
        {curves.map((c, i) => {
          const end = c.moments[c.moments.length - 1]!
          const middle = c.moments[Math.round(c.moments.length * 0.55)]!
          const right = x(middle.seconds) < (box.left + box.right) / 2
          return (
            <g key={c.name}>
              <path
                d={c.moments.map((m, k) => `${k === 0 ? 'M' : 'L'}${x(m.seconds)} ${y(m.celsius)}`).join('')}
                fill="none"
                stroke={i === 0 ? 'var(--color-warning)' : 'var(--color-primary)'}
                strokeWidth="3.5"
                strokeDasharray={i === 0 ? undefined : '2 6'}
                strokeLinecap="round"
              />
              <circle
                cx={x(end.seconds)}
                cy={y(end.celsius)}
                r="5"
                fill={i === 0 ? 'var(--color-warning)' : 'var(--color-primary)'}
              />
              <text
                x={x(middle.seconds) + (right ? 12 : -12)}
                y={y(middle.celsius) + 18}
                fontSize="14"
                textAnchor={right ? 'start' : 'end'}
                stroke="var(--color-base-100)"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {c.name}: {num(end.seconds, end.seconds < 1 ? 2 : 1)} s
              </text>
            </g>
          )
        })}
      </svg>
    </div>
  )
}
