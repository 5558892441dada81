import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Fold } from '../ui/Fold'
import { DATES, moment, num } from '../ui/format'
import { nice } from '../ui/ticks'
import { figureSaid } from '../ui/units'

type Curve = Schemas['SeriesView']
type Point = Schemas['SeriesPoint']

/** Curves that stand open; the rest are folded. */
const AT_FIRST = 2

const W = 360
const H = 120
const PAD = { left: 44, right: 12, top: 12, bottom: 22 }

/** A tool's numbers over time: touch one for what it says; each is there as a table too. */
export function Curves({ curves }: { curves: Curve[] }) {
  if (curves.length === 0)
    return (
      <p className="quiet">
        Curves of its strokes, keenness and angles are drawn here after the second session.
      </p>
    )
  return (
    <div className="grid gap-5">
      {curves.slice(0, AT_FIRST).map((c) => (
        <Chart key={c.kind} curve={c} />
      ))}
      {curves.length > AT_FIRST && (
        <Fold
          name="More curves"
          says={curves
            .slice(AT_FIRST)
            .map((c) => c.name.split(',')[0]!.toLowerCase())
            .join(', ')}
        >
          <div className="grid gap-5">
            {curves.slice(AT_FIRST).map((c) => (
              <Chart key={c.kind} curve={c} />
            ))}
          </div>
        </Fold>
      )}
    </div>
  )
}

function Chart({ curve }: { curve: Curve }) {
  const [touched, setTouched] = useState<number | null>(null)
  const points = curve.points
  const times = points.map((p) => Date.parse(p.at))
  const [first, last] = [Math.min(...times), Math.max(...times)]
  const numbers = points.flatMap((p) => [p.value, p.least, p.most].filter((n) => n !== null))
  const ticks = nice(Math.min(...numbers), Math.max(...numbers))
  const [low, high] = [ticks[0]!, ticks[ticks.length - 1]!]
  const x = (i: number) =>
    PAD.left + ((times[i]! - first) / Math.max(1, last - first)) * (W - PAD.left - PAD.right)
  const y = (n: number) => H - PAD.bottom - ((n - low) / (high - low || 1)) * (H - PAD.top - PAD.bottom)
  const shown = touched ?? points.length - 1
  const line = points.map((p, i) => `${x(i).toFixed(1)},${y(p.value).toFixed(1)}`).join(' ')
  return (
    <figure>
      <figcaption className="font-semibold">{curve.name}</figcaption>
      <p aria-live="polite" className="leading-tight">
        <span className="text-[1.3rem] font-semibold">{figureSaid(points[shown]!.value, curve.unit, 2)}</span>{' '}
        <span className="quiet">{said(points[shown]!, curve.unit)}</span>
      </p>
      <svg viewBox={`0 0 ${W} ${H}`} className="w-full" role="img" aria-label={inWords(curve)}>
        {ticks.map((t) => (
          <g key={t}>
            <line x1={PAD.left} x2={W - PAD.right} y1={y(t)} y2={y(t)} stroke="var(--color-base-300)" />
            <text x={PAD.left - 6} y={y(t) + 4} fontSize="12" textAnchor="end" fill="currentColor">
              {num(t, 2)}
            </text>
          </g>
        ))}
        {points.map((p, i) =>
          p.most === null ? null : (
            <line
              key={i}
              x1={x(i)}
              x2={x(i)}
              y1={y(p.least ?? p.most) + (p.least === null ? 1.5 : 0)}
              y2={y(p.most) - (p.least === null ? 1.5 : 0)}
              stroke="var(--quiet)"
              strokeWidth={p.least === null ? 14 : 8}
              opacity="0.45"
            />
          ),
        )}
        <polyline points={line} fill="none" stroke="currentColor" strokeWidth="1.6" />
        {points.map((p, i) => (
          <g key={i} onPointerDown={() => setTouched(i)} onPointerEnter={() => setTouched(i)}>
            <circle cx={x(i)} cy={y(p.value)} r="16" fill="transparent" />
            <circle
              cx={x(i)}
              cy={y(p.value)}
              r={i === shown ? 5 : 3.2}
              fill={i === shown ? 'var(--color-primary)' : 'currentColor'}
            />
          </g>
        ))}
        <text x={PAD.left} y={H - 6} fontSize="12" fill="currentColor">
          {day(first)}
        </text>
        <text x={W - PAD.right} y={H - 6} fontSize="12" textAnchor="end" fill="currentColor">
          {day(last)}
        </text>
      </svg>
      <p className="quiet text-[0.92rem] leading-snug">{curve.says}</p>
      <details>
        <summary className="min-h-11 cursor-pointer flex items-center quiet">As a table</summary>
        <table className="w-full">
          <thead className="sr-only">
            <tr>
              <th scope="col">When</th>
              <th scope="col">{curve.name}</th>
              <th scope="col">What was foreseen</th>
            </tr>
          </thead>
          <tbody>
            {points.map((p) => (
              <tr key={p.at}>
                <th scope="row" className="text-left font-normal">
                  {moment(p.at)}
                </th>
                <td className="text-right">{figureSaid(p.value, curve.unit, 2)}</td>
                <td className="text-right quiet">{foreseen(p)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </figure>
  )
}

function foreseen(p: Point): string {
  if (p.most === null) return ''
  return p.least === null ? `wanted ${num(p.most, 2)}` : `planned ${num(p.least)} to ${num(p.most)}`
}

function said(p: Point, unit: string): string {
  const more = foreseen(p)
  return `${moment(p.at)}${more && ', ' + more + (unit && ' ' + unit)}`
}

function inWords(curve: Curve): string {
  const [a, b] = [curve.points[0]!, curve.points[curve.points.length - 1]!]
  return `${curve.name}: ${num(a.value, 2)} on ${moment(a.at)}, ${num(b.value, 2)} on ${moment(b.at)}, ${curve.points.length} in all`
}

function day(time: number): string {
  return new Date(time).toLocaleDateString(DATES, { day: 'numeric', month: 'short', year: 'numeric' })
}
