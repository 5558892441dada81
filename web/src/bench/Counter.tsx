import { useState } from 'react'
import type { Schemas } from '../api/client'
import { num, span, spans } from '../ui/format'
import type { Side } from './side'

type BenchStep = Schemas['BenchStepView']

export const SIDES: Record<string, string> = {
  BEVEL: 'bevel',
  BACK: 'back',
  LEFT: 'left side',
  RIGHT: 'right side',
  FIRST_END: 'left end',
  SECOND_END: 'right end',
}
const SETS = [5, 10, 20]
const MOST_AT_ONCE = 20

interface CounterProps {
  step: BenchStep
  here: Schemas['HereView'] | null
  counted: (side: Side) => number
  atStation: (side: Side, station: number) => number
  pending: boolean
  next: Side
  station: number
  open: boolean
  /** Whether Space, or the pedal, goes on rather than counts. */
  ready: boolean
  count: (side: Side, amount: number, station?: number) => void
}

/** How many, in figures that are read from across the bench: a side each, and stations where the edge is cambered. */
export function Counter(p: CounterProps) {
  const s = p.step.step
  const range = s.strokesLow === s.strokesHigh ? `${s.strokes}` : `${s.strokesLow} to ${s.strokesHigh}`
  return (
    <>
      <div className="flex flex-col lying:flex-row gap-3">
        <div className={`flex-1 grid gap-4 ${s.sides.length > 1 ? 'grid-cols-2' : ''}`}>
          {s.sides.map((side) => (
            <button
              key={side}
              type="button"
              disabled={!p.open}
              aria-label={`Count one stroke on the ${SIDES[side]}, ${p.counted(side)} so far`}
              onClick={() => p.count(side, 1)}
              className={`flex flex-wrap items-center gap-x-4 text-left border-[3px] rounded px-3 py-1 active:bg-base-200 ${
                s.stations.length > 0 ? 'min-h-[72px]' : 'min-h-24'
              } ${s.sides.length > 1 && side === p.next ? 'border-primary' : 'border-base-content'}`}
            >
              <span
                className={`text-[3.4rem] max-sm:leading-[0.9] lying:text-[3.4rem] leading-none font-semibold ${
                  s.stations.length > 0 ? '' : 'sm:text-[4.6rem]'
                }`}
                data-count={side}
              >
                {p.counted(side)}
              </span>
              <span>
                <span className="at-arm block">
                  about {range}
                  {s.sides.length > 1 ? `, ${SIDES[side]}` : ''}
                  {s.sides.length > 1 && side === p.next ? ', next' : ''}
                </span>
                <span className="block quiet max-sm:hidden lying:hidden">
                  {p.pending
                    ? 'sending…'
                    : p.ready
                      ? 'the gate is open: Space goes on'
                      : side === p.next
                        ? 'tap here, or Space, for one'
                        : `tap here, or ${side === s.sides[0] ? '←' : '→'}, for one`}
                </span>
              </span>
            </button>
          ))}
        </div>
        <Sets open={p.open} count={(n) => p.count(p.next, n)} />
      </div>
      {s.stations.length > 0 && <Stations {...p} />}
      <Pace here={p.here} />
    </>
  )
}

/** Several strokes in one touch: a set, or a number that is typed. */
function Sets({ open, count }: { open: boolean; count: (n: number) => void }) {
  const [typing, setTyping] = useState(false)
  if (typing) return <Typed open={open} count={count} onClose={() => setTyping(false)} />
  return (
    <div className="grid grid-cols-4 lying:grid-cols-2 gap-3">
      {SETS.map((n) => (
        <button
          key={n}
          type="button"
          className={`btn min-h-[72px] lying:h-full lying:min-w-[72px] text-[1.3rem] ${n === 10 ? '' : 'lying:hidden'}`}
          disabled={!open}
          onClick={() => count(n)}
        >
          +{n}
        </button>
      ))}
      <button
        type="button"
        className="btn btn-outline min-h-[72px] lying:h-full lying:min-w-[72px] at-arm px-1"
        disabled={!open}
        onClick={() => setTyping(true)}
      >
        Type it
      </button>
    </div>
  )
}

/** Strokes counted elsewhere, typed at once. */
function Typed({ open, count, onClose }: { open: boolean; count: (n: number) => void; onClose: () => void }) {
  const [typed, setTyped] = useState('')
  const n = /^\d{1,4}$/.test(typed.trim()) ? Number(typed) : 0
  return (
    <form
      className="flex gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        if (n === 0 || !open) return
        // The service takes so many at once.
        for (let left = n; left > 0; left -= MOST_AT_ONCE) count(Math.min(MOST_AT_ONCE, left))
        onClose()
      }}
    >
      <label htmlFor="typed-strokes" className="sr-only">
        How many strokes you took
      </label>
      <input
        id="typed-strokes"
        autoFocus
        placeholder="how many"
        className="input flex-1 min-w-0 h-[72px] text-[1.3rem]"
        inputMode="numeric"
        value={typed}
        disabled={!open}
        onChange={(e) => setTyped(e.target.value)}
      />
      <button type="submit" className="btn btn-primary min-h-[72px] at-arm" disabled={!open || n === 0}>
        Count them
      </button>
      <button type="button" className="btn btn-ghost min-h-[72px] ml-1" onClick={onClose}>
        Never mind
      </button>
    </form>
  )
}

/** Strokes dealt along a cambered edge: five places, each with what it has and what it wants. */
function Stations({ step, next, station, atStation, open, count }: CounterProps) {
  const planned = step.step.stations
  const most = Math.max(1, ...planned)
  return (
    <div>
      <p className="quiet mb-1 max-sm:hidden">Along the edge, left corner to right: done of planned</p>
      <div className="grid grid-cols-5 gap-2" role="group" aria-label="Stations along the edge">
        {planned.map((want, i) => {
          const done = atStation(next, i + 1)
          return (
            <button
              key={i}
              type="button"
              disabled={!open}
              aria-label={`Count one stroke at station ${i + 1}, ${done} of ${want} so far`}
              onClick={() => count(next, 1, i + 1)}
              className={`relative overflow-hidden min-h-[72px] border-[3px] rounded px-1 ${
                station === i + 1 ? 'border-primary' : 'border-base-content'
              }`}
            >
              <span
                aria-hidden="true"
                className="absolute inset-x-0 bottom-0 bg-base-300"
                style={{ height: `${(want / most) * 60}%` }}
              />
              <span className="relative text-[1.5rem] font-semibold">{done}</span>
              <span className="relative text-[0.95rem]"> / {want}</span>
            </button>
          )
        })}
      </div>
    </div>
  )
}

export function Pace({ here }: { here: Schemas['HereView'] | null }) {
  if (!here || here.leftHighSeconds === null) return null
  const low = here.leftLowSeconds ?? 0
  const high = here.leftHighSeconds
  if (here.paceSeconds === null)
    return high > 0 ? (
      <p className="quiet max-sm:hidden lying:hidden">
        {low > 0 ? `About ${spans(low, high)}` : `At most ${span(high)}`} more, a first estimate.
      </p>
    ) : null
  return (
    <p className="quiet">
      You take {num(here.paceSeconds, 1)} s a stroke
      {high > 0 ? `: ${low > 0 ? spans(low, high) : `at most ${span(high)}`} more by that` : ''}.
    </p>
  )
}
