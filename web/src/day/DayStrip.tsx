import { hour } from '../ui/format'
import type { Plan } from './useDay'

const H = 300
const TOP = 24
const WIDE = 110
const HOUR_MS = 3_600_000

/** The day as a strip, top to bottom: a column for each person, a block for each run of alike tasks, where the clock stands. */
export function DayStrip({ plan: p, now }: { plan: Plan; now: string }) {
  const from = Date.parse(p.beginsAt)
  const until = Math.max(Date.parse(p.endsAt), from + HOUR_MS / 4)
  const y = (at: number) => TOP + ((at - from) / (until - from)) * H
  const people = [...new Set(p.runs.map((r) => r.person))]
  const W = Math.max(300, 60 + people.length * WIDE)
  const hours = []
  const step = until - from > 5 * HOUR_MS ? HOUR_MS : HOUR_MS / 4
  for (let t = Math.ceil(from / step) * step; t < until; t += step) hours.push(t)
  return (
    <figure>
      <svg
        viewBox={`0 0 ${W} ${H + TOP + 8}`}
        className="w-full max-w-[22rem]"
        role="img"
        aria-label={`The day from ${hour(p.beginsAt)} to ${hour(p.endsAt)}: ${p.runs.length} blocks`}
      >
        {people.map((name, i) => (
          <text key={name} x={60 + i * WIDE} y="14" fontSize="13" fill="currentColor">
            {name}
          </text>
        ))}
        {hours.map((t) => (
          <g key={t}>
            <line x1="48" x2={W} y1={y(t)} y2={y(t)} stroke="var(--color-base-300)" />
            <text x="44" y={y(t) + 4} fontSize="13" textAnchor="end" fill="currentColor">
              {hour(new Date(t).toISOString())}
            </text>
          </g>
        ))}
        {p.runs.map((r, i) => (
          <rect
            key={i}
            x={60 + people.indexOf(r.person) * WIDE}
            width={WIDE - 10}
            y={y(Date.parse(r.from))}
            height={Math.max(2, y(Date.parse(r.until)) - y(Date.parse(r.from)) - 1)}
            fill={r.done ? 'var(--color-base-300)' : i % 2 === 0 ? 'var(--steel)' : 'var(--color-base-200)'}
            stroke="currentColor"
            strokeWidth="1"
          />
        ))}
        {Date.parse(now) < until && (
          <line
            x1="48"
            x2={W}
            y1={y(Math.max(from, Date.parse(now)))}
            y2={y(Math.max(from, Date.parse(now)))}
            stroke="var(--color-warning)"
            strokeWidth="3"
          />
        )}
      </svg>
      <figcaption className="quiet text-[0.92rem]">
        A block is done without changing stone or setting; the thick line is now.
      </figcaption>
    </figure>
  )
}
