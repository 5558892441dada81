import type { Schemas } from '../api/client'
import { num, span as time } from '../ui/format'
import { useWidth } from './useWidth'

type Job = Schemas['JobView']

interface Rung {
  id: string
  name: string
  um: number
  leg: Schemas['LegView'] | undefined
  passed: Schemas['PassedView'] | undefined
}

/** Heights of a rung: a chosen one has two lines, one passed over has one. */
const CHOSEN = 58
const PASSED = 34

/**
 * Abrasives on a logarithmic micrometre scale, coarse at the top: chosen rungs carry the path, what each leaves behind,
 * strokes and time; rungs passed over say what they would have cost.
 */
export function Ladder({ job }: { job: Job }) {
  const { ref, width } = useWidth<HTMLDivElement>(700)
  const rungs: Rung[] = [
    ...job.legs.map((leg) => ({ id: leg.abrasiveId, name: leg.name, um: leg.d50Um, leg, passed: undefined })),
    ...job.passedOver.map((passed) => ({
      id: passed.abrasiveId,
      name: passed.name,
      um: passed.d50Um,
      leg: undefined,
      passed,
    })),
  ].sort((a, b) => b.um - a.um)
  const narrow = width < 560
  const axis = narrow ? 44 : 74
  const sizes = rungs.map((r) => (r.leg ? CHOSEN : PASSED))
  const span = sizes.reduce((a, b) => a + b, 0)
  const height = span + 64
  const top = 30
  const ends = {
    coarse: Math.max(...rungs.map((r) => r.um)) * 1.15,
    fine: Math.min(...rungs.map((r) => r.um)) / 1.15,
  }
  const y = (um: number) => top + (Math.log(ends.coarse / um) / Math.log(ends.coarse / ends.fine)) * span
  const rows = spread(sizes, top)
  const decades = [0.5, 1, 2, 5, 10, 20, 50, 100, 200].filter((d) => d <= ends.coarse && d >= ends.fine)
  const beam = axis + (narrow ? 40 : 96)
  return (
    <div ref={ref} className="w-full">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={describe(job)}
        className="block"
      >
        <text x={4} y={16} fontSize="13">
          grain, µm
        </text>
        <path d={`M${axis} ${top - 6}V${height - 20}`} stroke="var(--color-base-content)" strokeWidth="1.5" />
        {decades.map((d) => (
          <g key={d}>
            <path d={`M${axis - 6} ${y(d)}h6`} stroke="var(--color-base-content)" />
            <text x={axis - 9} y={y(d) + 5} fontSize="14" textAnchor="end">
              {num(d)}
            </text>
          </g>
        ))}
        {job.finestUm !== null && job.coarsestUm !== null && (
          <Window job={job} axis={axis} y={y} bounds={[top - 6, height - 20]} />
        )}
        <Path rungs={rungs} rows={rows} x={beam} />
        {rungs.map((r, i) => (
          <RungRow key={r.id} r={r} at={y(r.um)} row={rows[i]!} axis={axis} beam={beam} width={width} />
        ))}
      </svg>
    </div>
  )
}

/** The middle of each row, one below the other, so that lettering never collides. */
function spread(sizes: number[], top: number): number[] {
  let edge = top
  return sizes.map((size) => {
    edge += size
    return edge - size / 2
  })
}

function Window({
  job,
  axis,
  y,
  bounds,
}: {
  job: Job
  axis: number
  y: (um: number) => number
  bounds: [number, number]
}) {
  const from = Math.max(bounds[0], y(job.coarsestUm!))
  const to = Math.min(bounds[1], y(job.finestUm!))
  return (
    <g>
      <rect x={axis + 1} y={from} width="9" height={to - from} fill="var(--color-primary)" opacity="0.35" />
      {job.usualUm !== null && (
        <path
          d={`M${axis} ${Math.min(to, y(job.usualUm))}h16`}
          stroke="var(--color-primary)"
          strokeWidth="3"
        />
      )}
    </g>
  )
}

function Path({ rungs, rows, x }: { rungs: Rung[]; rows: number[]; x: number }) {
  const chosen = rungs.map((r, i) => ({ r, row: rows[i]! })).filter((c) => c.r.leg)
  const d = chosen.map((c, i) => `${i ? 'L' : 'M'}${x} ${c.row}`).join('')
  return <path d={d} stroke="var(--color-primary)" strokeWidth="6" fill="none" strokeLinecap="round" />
}

function RungRow({
  r,
  at,
  row,
  axis,
  beam,
  width,
}: {
  r: Rung
  at: number
  row: number
  axis: number
  beam: number
  width: number
}) {
  const narrow = width < 560
  const text = beam + 20
  return (
    <g>
      <path d={`M${axis} ${at}L${beam - 12} ${row}`} stroke="var(--quiet)" strokeWidth="1" fill="none" />
      {r.leg ? (
        <>
          <circle cx={beam} cy={row} r="11" fill="var(--color-primary)" />
          <text x={text} y={row - 2} fontSize="18" fontWeight="650">
            {r.name}
            <tspan fontSize="14" fontWeight="400" dx="8">
              {num(r.um)} µm
            </tspan>
          </text>
          <text x={text} y={row + 18} fontSize="15">
            {r.leg.strokesLow}–{r.leg.strokesHigh} strokes
            {narrow
              ? ''
              : `, about ${time(r.leg.seconds)}, leaves ${num(r.leg.scratchAfterUm, 2)} µm scratches`}
          </text>
        </>
      ) : (
        <>
          <circle
            cx={beam}
            cy={row}
            r="6"
            fill="var(--color-base-100)"
            stroke="var(--quiet)"
            strokeWidth="2"
          />
          <text x={text} y={row + 5} fontSize="15">
            {r.name}
            <tspan fontSize="13" dx="8">
              {num(r.um)} µm
            </tspan>
            <tspan fontSize="13" dx="14" style={{ fill: 'var(--quiet)' }}>
              {cost(r.passed!, narrow)}
            </tspan>
          </text>
        </>
      )}
    </g>
  )
}

function cost(p: Schemas['PassedView'], narrow: boolean): string {
  if (!p.usable) return narrow && p.why.length > 18 ? p.why.slice(0, 16) + '…' : p.why
  return p.wouldCostSeconds < 1
    ? narrow
      ? 'as quick'
      : p.why
    : `+${time(p.wouldCostSeconds)}${p.why.startsWith('only') ? ', ' + p.why : ''}`
}

function describe(job: Job): string {
  const path = job.legs.map((l) => `${l.name}, ${l.strokesLow} to ${l.strokesHigh} strokes`).join('; then ')
  return `${job.title}: ${path}`
}
