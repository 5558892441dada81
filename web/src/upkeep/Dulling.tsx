import { useState } from 'react'
import type { Schemas } from '../api/client'
import { moment, num } from '../ui/format'
import { nice } from '../ui/ticks'

type Upkeep = Schemas['UpkeepSheet']

const W = 380
const H = 210
const PAD = { left: 46, right: 14, top: 14, bottom: 40 }

/** The readings of an edge over its use, the curve through them and where four in five readings would lie. */
export function Dulling({ upkeep: u }: { upkeep: Upkeep }) {
  const [touched, setTouched] = useState<number | null>(null)
  if (u.points.length === 0) return null
  const line = u.dulling?.line ?? []
  const most = Math.max(1, u.use, ...u.points.map((p) => p.use), ...line.map((b) => b.use))
  const tops = [...u.points.map((p) => p.index), ...line.map((b) => b.high), u.limit ?? 0]
  const high = Math.max(...tops) * 1.06
  const low = Math.min(...u.points.map((p) => p.index), ...line.map((b) => b.low), u.target ?? 9) * 0.92
  const x = (use: number) => PAD.left + (use / most) * (W - PAD.left - PAD.right)
  const y = (index: number) => H - PAD.bottom - ((index - low) / (high - low)) * (H - PAD.top - PAD.bottom)
  const at = (pick: (b: (typeof line)[number]) => number) =>
    line.map((b) => `${x(b.use).toFixed(1)},${y(pick(b)).toFixed(1)}`)
  const band = [...at((b) => b.high), ...at((b) => b.low).reverse()].join(' ')
  const shown = u.points[touched ?? u.points.length - 1]!
  const ticks = nice(0, most).filter((t) => t <= most)
  const levels = nice(low, high).filter((v) => v >= low && v <= high)
  const said = `${num(shown.index, 2)} after ${num(shown.use, shown.use < 10 ? 1 : 0)} ${u.unitWords}`
  return (
    <figure>
      <figcaption className="font-semibold">Dulling, against a new utility blade: lower is keener</figcaption>
      <p aria-live="polite">
        {said}, {moment(shown.at)}
        {!shown.counts && ', after a touch-up: the curve does not rest on it'}
      </p>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full max-w-[34rem]"
        role="img"
        aria-label={`Keenness over use: ${u.points.length} readings, the newest ${said}${u.limit ? `; a touch-up is wanted at ${num(u.limit, 2)}` : ''}`}
      >
        {u.dulling && <polygon points={band} fill="var(--steel)" opacity="0.35" />}
        {u.dulling && (
          <polyline
            points={at((b) => b.likely).join(' ')}
            fill="none"
            stroke="currentColor"
            strokeWidth="2"
          />
        )}
        {u.limit !== null && (
          <g>
            <line
              x1={PAD.left}
              x2={W - PAD.right}
              y1={y(u.limit)}
              y2={y(u.limit)}
              stroke="var(--color-warning)"
              strokeWidth="2"
              strokeDasharray="7 5"
            />
            <text x={PAD.left + 6} y={y(u.limit) - 6} fontSize="14" fill="currentColor">
              touch it up: {num(u.limit, 2)}
            </text>
          </g>
        )}
        <line x1={x(u.use)} x2={x(u.use)} y1={PAD.top} y2={H - PAD.bottom} stroke="var(--quiet)" />
        <text
          x={x(u.use) + (u.use > most * 0.8 ? -6 : 6)}
          y={H - PAD.bottom - 6}
          fontSize="14"
          textAnchor={u.use > most * 0.8 ? 'end' : 'start'}
          fill="currentColor"
        >
          now
        </text>
        {u.points.map((p, i) => (
          <g key={i} onPointerDown={() => setTouched(i)} onPointerEnter={() => setTouched(i)}>
            <circle cx={x(p.use)} cy={y(p.index)} r="18" fill="transparent" />
            <circle
              cx={x(p.use)}
              cy={y(p.index)}
              r={p === shown ? 7 : 5}
              fill={
                p.counts ? (p === shown ? 'var(--color-primary)' : 'currentColor') : 'var(--color-base-100)'
              }
              stroke="currentColor"
              strokeWidth="1.6"
            />
          </g>
        ))}
        {ticks.map((t) => (
          <text key={t} x={x(t)} y={H - 22} fontSize="13" textAnchor="middle" fill="currentColor">
            {num(t, most < 10 ? 1 : 0)}
          </text>
        ))}
        {levels.map((v) => (
          <text key={v} x={PAD.left - 6} y={y(v) + 4} fontSize="13" textAnchor="end" fill="currentColor">
            {num(v, 2)}
          </text>
        ))}
        <text x={W - PAD.right} y={H - 5} fontSize="13" textAnchor="end" fill="currentColor">
          {u.unitWords} since sharpening
        </text>
      </svg>
      {u.dulling && <p className="quiet text-[0.92rem]">Shaded: where four readings in five would lie.</p>}
      <details>
        <summary className="min-h-11 cursor-pointer flex items-center quiet">As a table</summary>
        <table className="w-full">
          <thead>
            <tr className="text-left">
              <th scope="col">When</th>
              <th scope="col">After</th>
              <th scope="col">Index</th>
            </tr>
          </thead>
          <tbody>
            {u.points.map((p) => (
              <tr key={p.at}>
                <th scope="row" className="font-normal text-left">
                  {moment(p.at)}
                </th>
                <td>
                  {num(p.use, 1)} {u.unitWords}
                </td>
                <td>
                  {num(p.index, 2)}
                  {!p.counts && ', after a touch-up'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </figure>
  )
}
