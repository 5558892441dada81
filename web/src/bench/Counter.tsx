import { useId, useState } from 'react'
import type { Schemas } from '../api/client'
import { num } from '../ui/format'

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
  counted: (side: string) => number
  atStation: (side: string, station: number) => number
  pending: boolean
  next: string
  station: number
  open: boolean
  /** Whether Space, or the pedal, goes on rather than counts. */
  ready: boolean
  count: (side: string, amount: number, station?: number) => void
}

/** How many, in figures that are read from across the bench: a side each, and stations where the edge is cambered. */
export function Counter(p: CounterProps) {
  const s = p.step.step
  const range = s.strokesLow === s.strokesHigh ? `${s.strokes}` : `${s.strokesLow} to ${s.strokesHigh}`
  return (
    <>
      <div className={`grid gap-3 ${s.sides.length > 1 ? 'grid-cols-2' : ''}`}>
        {s.sides.map((side) => (
          <button
            key={side}
            type="button"
            disabled={!p.open}
            aria-label={`Count one stroke on the ${SIDES[side]}, ${p.counted(side)} so far`}
            onClick={() => p.count(side, 1)}
            className={`text-left border-[3px] rounded p-4 min-h-[8.5rem] active:bg-base-200 ${
              s.sides.length > 1 && side === p.next ? 'border-primary' : 'border-base-content'
            }`}
          >
            <span className="text-[5rem] leading-none font-semibold" data-count={side}>
              {p.counted(side)}
            </span>
            <span className="ml-2 text-[1.1rem]">{p.pending ? 'sending…' : ''}</span>
            <span className="block text-[1.05rem]">
              about {range}
              {s.sides.length > 1 ? `, ${SIDES[side]}` : ''}
              {s.sides.length > 1 && side === p.next ? ', next' : ''}
            </span>
            <span className="block quiet">
              {p.ready
                ? 'the gate is open: Space goes on'
                : side === p.next
                  ? 'tap here, or Space, for one'
                  : `tap here, or ${side === s.sides[0] ? '←' : '→'}, for one`}
            </span>
          </button>
        ))}
      </div>
      {s.stations.length > 0 && <Stations {...p} />}
      <Pace here={p.here} />
      <div className="grid grid-cols-3 gap-3">
        {SETS.map((n) => (
          <button
            key={n}
            type="button"
            className="btn min-h-[72px] text-[1.3rem]"
            disabled={!p.open}
            onClick={() => p.count(p.next, n)}
          >
            +{n}
          </button>
        ))}
      </div>
      <Typed open={p.open} count={(n) => p.count(p.next, n)} />
    </>
  )
}

/** Strokes counted elsewhere, typed at once. */
function Typed({ open, count }: { open: boolean; count: (n: number) => void }) {
  const [typed, setTyped] = useState('')
  const id = useId()
  const n = /^\d{1,4}$/.test(typed.trim()) ? Number(typed) : 0
  return (
    <form
      className="flex gap-3 items-end"
      onSubmit={(e) => {
        e.preventDefault()
        if (n > 0 && open) {
          // The service takes so many at once.
          for (let left = n; left > 0; left -= MOST_AT_ONCE) count(Math.min(MOST_AT_ONCE, left))
          setTyped('')
        }
      }}
    >
      <div className="flex-1 min-w-0">
        <label htmlFor={id} className="block quiet">
          or type how many you took
        </label>
        <input
          id={id}
          className="input w-full h-[72px] text-[1.3rem]"
          inputMode="numeric"
          value={typed}
          disabled={!open}
          onChange={(e) => setTyped(e.target.value)}
        />
      </div>
      <button type="submit" className="btn min-h-[72px] text-[1.1rem]" disabled={!open || n === 0}>
        Count them
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
      <p className="quiet mb-1">Along the edge, left corner to right: done of planned</p>
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
  if (!here || here.paceSeconds === null) return null
  const low = here.leftLowSeconds ?? 0
  const high = here.leftHighSeconds ?? 0
  return (
    <p className="quiet">
      You take {num(here.paceSeconds, 1)} s a stroke
      {high > 0 ? `: ${low > 0 ? `${minutes(low)} to ` : 'at most '}${minutes(high)} more by that` : ''}.
    </p>
  )
}

function minutes(s: number): string {
  return s < 90 ? `${num(s, 0)} s` : `${num(s / 60, 1)} min`
}
