import { useEffect, useState } from 'react'
import type { Schemas } from '../api/client'
import { EdgeRing } from '../drawings/EdgeRing'
import { TeethRow, type RowEdge } from '../drawings/TeethRow'
import { Pace } from './Counter'
import { edgeName, edges, leftOut, nextEdge, type EdgeAt } from './teeth'
import type { Side } from './side'

interface TeethProps {
  step: Schemas['BenchStepView']
  here: Schemas['HereView'] | null
  atStation: (side: Side, station: number) => number
  open: boolean
  /** Whether Space goes on rather than counts. */
  ready: boolean
  onCount: (side: Side, station: number, amount: number) => void
  onLeaveOut: (side: Side, station: number) => void
  onAngle: (side: Side, station: number, value: number) => void
}

/** Edge by edge along the row: one touch for an edge that had its share, the next one in hand by itself. */
export function TeethCounter(p: TeethProps) {
  const s = p.step.step
  const [picked, setPicked] = useState<EdgeAt | null>(null)
  const [from, setFrom] = useState<EdgeAt | null>(null)
  const [angle, setAngle] = useState('')
  const all = edges(p.step)
  const inHand = picked ?? nextEdge(p.step, p.atStation, from)
  const each = s.setOf
  const done = inHand ? p.atStation(inHand.side, inHand.station) : 0
  const left = all.filter((e) => !leftOut(p.step, e) && p.atStation(e.side, e.station) < each).length
  const count = (amount: number) => {
    if (!inHand || !p.open) return
    p.onCount(inHand.side, inHand.station, amount)
    setFrom(inHand)
    if (done + amount >= each) setPicked(null)
  }
  const move = (by: number) => {
    const i = all.findIndex((e) => e.side === inHand?.side && e.station === inHand.station)
    setPicked(all[(i + by + all.length) % all.length] ?? null)
  }
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement
      if (target.closest('input, textarea, select, [role=slider]')) return
      if ((e.key === ' ' || e.key === 'PageDown') && !p.ready) {
        e.preventDefault()
        if (!e.repeat) count(Math.max(1, each - done))
      } else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
        e.preventDefault()
        move(e.key === 'ArrowLeft' ? -1 : 1)
      }
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  })
  const row = (side: Side): RowEdge[] =>
    s.stations.map((_, i) => ({
      station: i + 1,
      share: Math.min(1, p.atStation(side, i + 1) / Math.max(1, each)),
      out: leftOut(p.step, { side, station: i + 1 }),
    }))
  return (
    <section aria-label="Edges of the row" className="flex flex-col gap-2">
      <div className="space-y-2 lying:order-last">
        {s.sides.map((side) => {
          const props = {
            label: `${NAMES[side] ?? side}: ${s.stations.length} edges`,
            edges: row(side),
            at: inHand?.side === side ? inHand.station : 0,
            onPick: (station: number) => setPicked({ side, station }),
          }
          return side === 'EDGES' ? (
            <EdgeRing key={side} {...props} />
          ) : (
            <div key={side}>
              <p className="quiet text-[0.92rem] leading-tight">{NAMES[side]}</p>
              <TeethRow {...props} />
            </div>
          )
        })}
      </div>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <p className="text-[1.25rem] sm:text-[1.5rem] leading-tight font-semibold" aria-live="polite">
          {inHand ? edgeName(p.step, inHand) : 'Every edge had its share'}
        </p>
        <p className="quiet">
          {inHand && each > 1 ? `${done} of ${each} here; ` : ''}
          <span className="font-semibold" data-left>
            {left}
          </span>{' '}
          of {all.length} edges left
        </p>
      </div>
      <div className="grid grid-cols-[auto_1fr_auto] gap-2">
        <button
          type="button"
          className="btn min-h-[88px] px-5 text-[1.6rem]"
          aria-label="The edge before"
          onClick={() => move(-1)}
        >
          ‹
        </button>
        <button
          type="button"
          className="btn btn-neutral min-h-[88px] text-[1.25rem] whitespace-normal leading-tight"
          disabled={!p.open || !inHand}
          onClick={() => count(Math.max(1, each - done))}
        >
          <span>
            {done >= each
              ? 'One more on this edge'
              : each - done > 1
                ? `This edge is done: ${each - done}`
                : 'This edge is done'}
            <span className="block text-[0.92rem] font-normal">or Space</span>
          </span>
        </button>
        <button
          type="button"
          className="btn min-h-[88px] px-5 text-[1.6rem]"
          aria-label="The edge after"
          onClick={() => move(1)}
        >
          ›
        </button>
      </div>
      <div className="flex flex-wrap gap-2 items-end">
        <button
          type="button"
          className="btn min-h-[72px]"
          disabled={!p.open || !inHand}
          onClick={() => count(1)}
        >
          One stroke
        </button>
        <button
          type="button"
          className="btn btn-outline min-h-[72px]"
          disabled={!p.open || !inHand || done < 1}
          onClick={() => {
            if (inHand) p.onCount(inHand.side, inHand.station, -1)
            setPicked(inHand)
          }}
        >
          Take one back
        </button>
        <button
          type="button"
          className="btn btn-outline min-h-[72px]"
          disabled={!p.open || !inHand || (inHand && leftOut(p.step, inHand))}
          onClick={() => {
            if (inHand) p.onLeaveOut(inHand.side, inHand.station)
            setPicked(null)
          }}
        >
          Broken: leave it out
        </button>
        <form
          className="flex gap-2 items-end"
          onSubmit={(e) => {
            e.preventDefault()
            const value = Number(angle.replace(',', '.').replace('°', ''))
            if (inHand && angle.trim() !== '' && Number.isFinite(value)) {
              p.onAngle(inHand.side, inHand.station, value)
              setAngle('')
            }
          }}
        >
          <label>
            <span className="block text-[0.92rem]">Its angle (°)</span>
            <input
              className="input h-[72px] w-24 text-[1.2rem]"
              inputMode="decimal"
              value={angle}
              onChange={(e) => setAngle(e.target.value)}
            />
          </label>
          <button type="submit" className="btn btn-outline min-h-[72px]" disabled={!p.open || !inHand}>
            Save it
          </button>
        </form>
      </div>
      <Pace here={p.here} />
    </section>
  )
}

const NAMES: Record<string, string> = {
  TOP_BLADE: 'Upper blade',
  BOTTOM_BLADE: 'Lower blade',
  EDGES: 'The disc',
}
