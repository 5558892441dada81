import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Advised } from '../ui/Why'
import { mm, mm3 } from '../ui/units'

const GROUPS: Record<string, string> = {
  plane: 'In the plane',
  camber: 'Camber',
  hollow: 'The hollow, and what cuts',
  wear: 'As it wears',
}

/** The numbers of the geometry, by what they belong to, each with its why. */
export function Figures({ figures }: { figures: Schemas['FigureView'][] }) {
  const groups = [...new Set(figures.map((f) => f.group))]
  return (
    <div className="grid sm:grid-cols-2 gap-x-8">
      {groups.map((g) => (
        <section key={g} aria-label={GROUPS[g] ?? g} className="rule-t pt-2 mt-3">
          <h2 className="font-semibold">{GROUPS[g] ?? g}</h2>
          {figures
            .filter((f) => f.group === g)
            .map((f) => (
              <div key={f.advice.label} className="py-1">
                <p className="quiet">{f.advice.label}</p>
                <Advised advice={f.advice} digits={digits(f.advice)} />
                {f.words && <p className="font-semibold">{f.words}</p>}
              </div>
            ))}
        </section>
      ))}
    </div>
  )
}

function digits(a: Schemas['AdviceView']): number {
  if (a.unit === '°') return 2
  if (a.unit === '') return 0
  return a.value >= 100 ? 0 : a.value >= 10 ? 1 : 3
}

/** Strokes at five stations across a cambered iron: heavy at the corners while shaping, near equal afterwards. */
export function Stations({ stations }: { stations: Schemas['StationsView'] }) {
  const most = Math.max(...stations.shaping, ...stations.refining, 1)
  return (
    <section aria-label="Strokes at stations" className="rule-t pt-2 mt-3">
      <h2 className="font-semibold">
        {stations.strokes.value} strokes across the iron, left corner to right
      </h2>
      <Advised advice={stations.strokes} digits={0} />
      {[
        { name: 'on the stone that shapes', list: stations.shaping },
        { name: 'on the finer stones', list: stations.refining },
      ].map((row) => (
        <div key={row.name} className="pt-2">
          <p className="quiet">{row.name}</p>
          <svg
            viewBox="0 0 400 64"
            className="w-full max-w-[34rem]"
            role="img"
            aria-label={row.list.join(', ')}
          >
            <path d="M10 40Q200 52 390 40V22H10Z" className="steel" strokeWidth="1.2" />
            {row.list.map((n, i) => {
              const x = 26 + i * 87
              return (
                <g key={i}>
                  <line
                    x1={x}
                    x2={x}
                    y1={60}
                    y2={60 - (n / most) * 16}
                    stroke="var(--color-primary)"
                    strokeWidth="9"
                  />
                  <text x={x} y={16} fontSize="19" fontWeight="650" textAnchor="middle">
                    {n}
                  </text>
                </g>
              )
            })}
          </svg>
        </div>
      ))}
    </section>
  )
}

/** Two pairs of bevels in figures. */
export function Compare({
  chosen,
  other,
}: {
  chosen: Schemas['CandidateView']
  other: Schemas['CandidateView']
}) {
  const rows: [string, (c: Schemas['CandidateView']) => string][] = [
    ['primary', (c) => `${num(c.primaryDeg)}°`],
    ['last bevel', (c) => `${num(c.lastDeg)}°`],
    ['included', (c) => `${num(c.includedDeg)}°`],
    ['honed facet', (c) => `${mm(c.honedWidthMm, 2)} wide`],
    ['off the length', (c) => `${mm(c.lost.value, 3)}`],
    ['steel to go', (c) => `${mm3(c.volume.value)}`],
    ['honings before a re-grind', (c) => (c.honingsLeft > 0 ? `about ${c.honingsLeft}` : '–')],
  ]
  return (
    <table className="my-2 text-[1rem]" aria-label="Both side by side">
      <thead>
        <tr className="text-left">
          <th />
          <th className="px-3 font-semibold">this one</th>
          <th className="px-3 font-semibold text-primary">the other, dash-dotted</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, show]) => (
          <tr key={name} className="rule-t">
            <th scope="row" className="text-left font-normal quiet pr-3 py-1">
              {name}
            </th>
            <td className="px-3">{show(chosen)}</td>
            <td className="px-3">{show(other)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
