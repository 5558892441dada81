import { num } from '../ui/format'
import { nice } from '../ui/ticks'
import type { Trial } from './useTrial'

const W = 380
const H = 220
const PAD = { left: 44, right: 16, top: 16, bottom: 40 }
const LOOKS = [
  { stroke: 'currentColor', dash: undefined, mark: 'round' },
  { stroke: 'var(--color-warning)', dash: '9 5', mark: 'square' },
  { stroke: 'var(--color-primary)', dash: '3 4', mark: 'point' },
  { stroke: 'var(--quiet)', dash: '12 3 3 3', mark: 'cross' },
] as const

/** How each way dulled: the mean of its edges over use, from the least to the most of them. */
export function Courses({ trial: t }: { trial: Trial }) {
  const points = t.courses.flatMap((c) => c.points)
  const most = Math.max(0, ...points.map((p) => p.use))
  if (most === 0) return null
  const high = Math.max(...points.map((p) => p.high)) * 1.05
  const low = Math.min(1, ...points.map((p) => p.low)) * 0.97
  const x = (use: number) => PAD.left + (use / most) * (W - PAD.left - PAD.right)
  const y = (v: number) => H - PAD.bottom - ((v - low) / (high - low)) * (H - PAD.top - PAD.bottom)
  const last = (i: number) => t.courses[i]!.points.at(-1)
  const said = t.ways
    .map((w, i) => {
      const end = last(i)
      return end ? `${w}: ${num(end.mean, 2)} times its fresh force at ${num(end.use, 0)} ${t.unitWords}` : ''
    })
    .filter(Boolean)
    .join('; ')
  return (
    <figure>
      <figcaption className="font-semibold">Force against the same edge fresh: lower is keener</figcaption>
      <ul className="flex flex-wrap gap-x-6">
        {t.ways.map((w, i) => (
          <li key={w} className="flex items-center gap-2">
            <svg width="44" height="14" aria-hidden="true">
              <line
                x1="2"
                x2="42"
                y1="7"
                y2="7"
                stroke={LOOKS[i]!.stroke}
                strokeWidth="2.5"
                strokeDasharray={LOOKS[i]!.dash}
              />
              <Mark way={i} x={22} y={7} />
            </svg>
            {w}
          </li>
        ))}
      </ul>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full max-w-[34rem]"
        role="img"
        aria-label={`How the ways dulled. ${said}`}
      >
        {t.courses.map((c) => (
          <g key={c.way}>
            {c.points.map((p) => (
              <line
                key={p.use}
                x1={x(p.use) + 5 * (c.way - (t.ways.length - 1) / 2)}
                x2={x(p.use) + 5 * (c.way - (t.ways.length - 1) / 2)}
                y1={y(p.low)}
                y2={y(p.high)}
                stroke={LOOKS[c.way]!.stroke}
                strokeWidth="1.4"
              />
            ))}
            <polyline
              points={c.points.map((p) => `${x(p.use).toFixed(1)},${y(p.mean).toFixed(1)}`).join(' ')}
              fill="none"
              stroke={LOOKS[c.way]!.stroke}
              strokeWidth="2.5"
              strokeDasharray={LOOKS[c.way]!.dash}
            />
            {c.points.map((p) => (
              <Mark key={p.use} way={c.way} x={x(p.use)} y={y(p.mean)} />
            ))}
          </g>
        ))}
        {nice(0, most)
          .filter((v) => v <= most)
          .map((v) => (
            <text key={v} x={x(v)} y={H - 22} fontSize="14" textAnchor="middle" fill="currentColor">
              {num(v, most < 10 ? 1 : 0)}
            </text>
          ))}
        {nice(low, high)
          .filter((v) => v >= low && v <= high)
          .map((v) => (
            <text key={v} x={PAD.left - 6} y={y(v) + 4} fontSize="14" textAnchor="end" fill="currentColor">
              {num(v, 1)}
            </text>
          ))}
        <text x={W - PAD.right} y={H - 5} fontSize="14" textAnchor="end" fill="currentColor">
          {t.unitWords}
        </text>
      </svg>
      <p className="quiet text-[0.92rem]">Lines: the mean of a way. Upright: from its least to its most.</p>
      <details>
        <summary className="min-h-11 cursor-pointer flex items-center quiet">As a table</summary>
        <table className="w-full">
          <thead>
            <tr className="text-left">
              <th scope="col">Way</th>
              <th scope="col">{t.unitWords}</th>
              <th scope="col">Mean</th>
              <th scope="col">From, to</th>
              <th scope="col">Edges</th>
            </tr>
          </thead>
          <tbody>
            {t.courses.flatMap((c) =>
              c.points.map((p) => (
                <tr key={`${c.way} ${p.use}`}>
                  <th scope="row" className="font-normal text-left">
                    {t.ways[c.way]}
                  </th>
                  <td>{num(p.use, 1)}</td>
                  <td>{num(p.mean, 2)}</td>
                  <td>
                    {num(p.low, 2)}, {num(p.high, 2)}
                  </td>
                  <td>{p.edges}</td>
                </tr>
              )),
            )}
          </tbody>
        </table>
      </details>
    </figure>
  )
}

/** Each way has a mark of its own, so that it is told apart without its colour. */
function Mark({ way, x, y }: { way: number; x: number; y: number }) {
  const look = LOOKS[way]!
  const common = { fill: 'var(--color-base-100)', stroke: look.stroke, strokeWidth: 2 }
  switch (look.mark) {
    case 'round':
      return <circle cx={x} cy={y} r="4.5" {...common} />
    case 'square':
      return <rect x={x - 4.5} y={y - 4.5} width="9" height="9" {...common} />
    case 'point':
      return <path d={`M${x} ${y - 6} ${x + 5.5} ${y + 4} ${x - 5.5} ${y + 4}Z`} {...common} />
    case 'cross':
      return (
        <path d={`M${x - 5} ${y - 5} ${x + 5} ${y + 5}M${x - 5} ${y + 5} ${x + 5} ${y - 5}`} {...common} />
      )
  }
}
