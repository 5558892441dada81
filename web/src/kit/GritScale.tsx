import type { Schemas } from '../api/client'
import { useWidth } from '../drawings/useWidth'
import { num } from '../ui/format'

const HEIGHT = 112
const SIDE = 16

/** One name on the micrometre scale, and what the same number means in other standards. Coarse to the left. */
export function GritScale({ grain, label }: { grain: Schemas['GrainView']; label: string }) {
  const { ref, width } = useWidth<HTMLDivElement>(600)
  const marks = [
    { name: label, um: grain.d50Um, own: true },
    ...grain.sameName.map((s) => ({ name: `${s.standard} ${s.name}`, um: s.d50Um, own: false })),
  ]
  const coarse = Math.max(...marks.map((m) => m.um)) * 1.5
  const fine = Math.min(...marks.map((m) => m.um)) / 1.5
  const x = (um: number) => SIDE + (Math.log(coarse / um) / Math.log(coarse / fine)) * (width - 2 * SIDE)
  const ticks = [0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500].filter((t) => t <= coarse && t >= fine)
  const line = 34
  return (
    <div ref={ref}>
      {grain.sameName.length > 0 && (
        <p className="text-[0.92rem]">The same number is another grain in another standard:</p>
      )}
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={marks.map((m) => `${m.name} is ${num(m.um, 2)} micrometres`).join('; ')}
      >
        <path d={`M${SIDE} ${line}H${width - SIDE}`} stroke="var(--color-base-content)" strokeWidth="1.5" />
        {ticks.map((t) => (
          <g key={t}>
            <path d={`M${x(t)} ${line}v6`} stroke="var(--color-base-content)" />
            <text x={x(t)} y={line + 20} fontSize="13" textAnchor="middle">
              {num(t)} µm
            </text>
          </g>
        ))}
        {marks.map((m, i) => {
          // The others take turns on two lines below the scale, so that neighbours do not run into each other.
          const at = m.own ? -16 : i % 2 === 1 ? 48 : 68
          const anchor = x(m.um) < 90 ? 'start' : x(m.um) > width - 90 ? 'end' : 'middle'
          return (
            <g key={m.name}>
              {!m.own && (
                <path d={`M${x(m.um)} ${line}v${at - 13}`} stroke="var(--quiet)" strokeDasharray="1 4" />
              )}
              <circle
                cx={x(m.um)}
                cy={line}
                r={m.own ? 8 : 5}
                fill={m.own ? 'var(--color-primary)' : 'var(--color-base-100)'}
                stroke="var(--quiet)"
                strokeWidth="2"
              />
              <text
                x={x(m.um)}
                y={line + at}
                fontSize={m.own ? 15 : 13}
                fontWeight={m.own ? 650 : 400}
                textAnchor={anchor}
              >
                {m.name}
              </text>
            </g>
          )
        })}
      </svg>
    </div>
  )
}
