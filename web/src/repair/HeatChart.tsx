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
  const times = Array.from({ length: Math.floor(longest / step) + 1 }, (_, i) => i * step)
  return (
    <div ref={ref} className="w-full pt-2">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label="Temperature of the edge against time in contact, up to its limit"
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
          const ink = i === 0 ? 'var(--color-warning)' : 'var(--color-primary)'
          const dashes = i === 0 ? undefined : '2 7'
          const low = box.bottom - 34 + i * 22
          return (
            <g key={c.name}>
              <path
                d={c.moments.map((m, k) => `${k === 0 ? 'M' : 'L'}${x(m.seconds)} ${y(m.celsius)}`).join('')}
                fill="none"
                stroke={ink}
                strokeWidth="3.5"
                strokeDasharray={dashes}
                strokeLinecap="round"
              />
              <circle cx={x(end.seconds)} cy={y(end.celsius)} r="5" fill={ink} />
              <path
                d={`M${box.right - (width < 420 ? 22 : 34)} ${low - 5}h${width < 420 ? 20 : 30}`}
                stroke={ink}
                strokeWidth="3.5"
                strokeDasharray={dashes}
                strokeLinecap="round"
              />
              <text
                x={box.right - (width < 420 ? 28 : 42)}
                y={low}
                fontSize={width < 420 ? '12' : '14'}
                textAnchor="end"
                stroke="var(--color-base-100)"
                strokeWidth="5"
                paintOrder="stroke"
              >
                {c.name}:{' '}
                {end.celsius < limitC - 0.5
                  ? `below it for ${num(end.seconds, 0)} s`
                  : `${num(end.seconds, end.seconds < 1 ? 2 : 1)} s`}
              </text>
            </g>
          )
        })}
      </svg>
    </div>
  )
}
