import { useState } from 'react'
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

/** Pulls a rung onto the path, or off it. */
type Move = (abrasiveId: string, onPath: boolean) => void

/** How far to the side of the path the shelf lies, where rungs rest that are not used. */
const ASIDE = 44

/**
 * Abrasives on a logarithmic micrometre scale, coarse at the top: chosen rungs carry the path, what each leaves behind,
 * strokes and time; rungs passed over say what they would have cost.
 */
export function Ladder({
  job,
  move,
  asked = [],
  outOfUse = false,
}: {
  job: Job
  move?: Move
  asked?: string[]
  /** Whether what is out of use stands on it too. */
  outOfUse?: boolean
}) {
  const { ref, width } = useWidth<HTMLDivElement>(700)
  const rungs: Rung[] = [
    ...job.legs.map((leg) => ({ id: leg.abrasiveId, name: leg.name, um: leg.d50Um, leg, passed: undefined })),
    ...job.passedOver
      .filter((p) => outOfUse || !p.outOfUse)
      .map((passed) => ({
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
  const beam = axis + (narrow ? 34 : 80)
  return (
    <div ref={ref} className="w-full">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role={move ? 'group' : 'img'}
        aria-label={describe(job)}
        className="block"
      >
        <text x={4} y={16} fontSize="13">
          {narrow ? 'µm' : 'grain, µm'}
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
        {move && (
          <>
            <text x={beam + 8} y={16} fontSize="13" textAnchor="end">
              path
            </text>
            <text x={beam + ASIDE - 8} y={16} fontSize="13">
              shelf
            </text>
          </>
        )}
        <path
          d={`M${beam + ASIDE} ${top}V${height - 34}`}
          stroke="var(--quiet)"
          strokeDasharray="2 7"
          aria-hidden="true"
        />
        {job.leastFirstUm > ends.fine && job.leastFirstUm < ends.coarse && (
          <g>
            <path
              d={`M${axis - 16} ${y(job.leastFirstUm)}h28`}
              stroke="var(--color-warning)"
              strokeWidth="3"
            />
            <path d={`M${axis + 6} ${y(job.leastFirstUm)}l-5 -9h10z`} fill="var(--color-warning)" />
          </g>
        )}
        <Path rungs={rungs} rows={rows} x={beam} />
        {rungs.map((r, i) => (
          <RungRow
            key={r.id}
            r={r}
            at={y(r.um)}
            row={rows[i]!}
            axis={axis}
            beam={beam}
            width={width}
            move={move}
            asked={asked.includes(r.id)}
          />
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
  move,
  asked,
}: {
  r: Rung
  at: number
  row: number
  axis: number
  beam: number
  width: number
  move: Move | undefined
  asked: boolean
}) {
  const narrow = width < 560
  const text = beam + ASIDE + 24
  return (
    <g>
      <path
        d={`M${axis} ${at}L${(r.leg ? beam : beam + ASIDE) - 12} ${row}`}
        stroke="var(--quiet)"
        strokeWidth="1"
        fill="none"
      />
      {r.leg ? (
        <>
          <text x={text} y={row - 2} fontSize="18" fontWeight="650">
            {r.name}
            <tspan fontSize="14" fontWeight="400" dx="8">
              {num(r.um)} µm{asked ? ', as you asked' : ''}
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
        <text x={text} y={row + 5} fontSize="15">
          {r.name}
          {!narrow && (
            <tspan fontSize="13" dx="8">
              {num(r.um)} µm
            </tspan>
          )}
          <tspan fontSize="13" dx={narrow ? 8 : 14} style={{ fill: 'var(--quiet)' }}>
            {cost(r.passed!, narrow)}
          </tspan>
        </text>
      )}
      <Knob r={r} row={row} beam={beam} move={move} />
    </g>
  )
}

/** What is taken hold of: on the path, or beside it on the shelf. Dragged across, it changes sides. */
function Knob({ r, row, beam, move }: { r: Rung; row: number; beam: number; move: Move | undefined }) {
  const [from, setFrom] = useState<number | undefined>()
  const [by, setBy] = useState(0)
  const onPath = r.leg !== undefined
  const movable = move !== undefined && (onPath || r.passed!.askable)
  const home = onPath ? beam : beam + ASIDE
  const x = from === undefined ? home : Math.min(beam + ASIDE, Math.max(beam, from + by))
  const knob = onPath ? (
    <circle cx={x} cy={row} r="11" fill="var(--color-primary)" />
  ) : (
    <circle cx={x} cy={row} r="7" fill="var(--color-base-100)" stroke="var(--quiet)" strokeWidth="2" />
  )
  if (!movable) return knob
  const across = (e: React.PointerEvent) => {
    const next = from! + e.clientX - Number((e.currentTarget as SVGElement).dataset.at)
    const wants = next < beam + ASIDE / 2
    if (wants !== onPath) move(r.id, wants)
  }
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={onPath ? `Leave the ${r.name} on the shelf` : `Use the ${r.name}`}
      className="cursor-grab focus-visible:outline-3 focus-visible:outline-primary"
      style={{ touchAction: 'pan-y' }}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ' || e.key === (onPath ? 'ArrowRight' : 'ArrowLeft')) {
          e.preventDefault()
          move(r.id, !onPath)
        }
      }}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId)
        e.currentTarget.dataset.at = String(e.clientX)
        setFrom(home)
        setBy(0)
      }}
      onPointerMove={(e) => {
        if (from === undefined) return
        setBy(e.clientX - Number(e.currentTarget.dataset.at))
        across(e)
      }}
      onPointerUp={() => setFrom(undefined)}
      onPointerCancel={() => setFrom(undefined)}
    >
      <rect x={x - 24} y={row - 22} width="48" height="44" fill="transparent" />
      {knob}
    </g>
  )
}

function cost(p: Schemas['PassedView'], narrow: boolean): string {
  if (!p.usable) return narrow && p.why.length > 18 ? p.why.slice(0, 16) + '…' : p.why
  return p.wouldCostSeconds < 1
    ? narrow
      ? 'as quick'
      : p.why
    : `+${time(p.wouldCostSeconds)}${p.tooWide ? ', ' + p.why : ''}`
}

function describe(job: Job): string {
  const path = job.legs.map((l) => `${l.name}, ${l.strokesLow} to ${l.strokesHigh} strokes`).join('; then ')
  return `${job.title}: ${path}`
}
