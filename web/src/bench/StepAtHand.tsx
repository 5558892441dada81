import { useCallback, useEffect, useState } from 'react'
import type { Schemas } from '../api/client'
import { SchemeDrawing } from '../drawings/Scheme'
import { setTo } from '../drawings/Setting'
import { num } from '../ui/format'
import { SeenAtWheel } from '../repair/SeenAtWheel'
import { InkCheck } from './InkCheck'
import type { Session, useSession } from './useSession'

type Bench = ReturnType<typeof useSession>
type BenchStep = Schemas['BenchStepView']

const SIDES: Record<string, string> = { BEVEL: 'bevel', BACK: 'back', LEFT: 'left side', RIGHT: 'right side' }
const SETS = [5, 10, 20]

/** The step in hand: what to do, where, how hard, how many; what to see; the gate. */
export function StepAtHand({ session, bench }: { session: Session; bench: Bench }) {
  const at = session.current
  const now = session.steps[at]!
  const s = now.step
  const { pending, tell } = bench
  const [skipping, setSkipping] = useState(false)
  const mine = pending.filter((e) => e.step === at)
  // A gate or an undo that is on its way decides what comes next: counting waits for it.
  const deciding = mine.some((e) => e.kind !== 'COUNT')
  const open = session.held && !deciding
  const counted = (side: string) =>
    (now.counts.find((c) => c.side === side)?.strokes ?? 0) +
    mine.filter((e) => e.kind === 'COUNT' && e.side === side).reduce((sum, e) => sum + e.amount, 0)
  const next = s.sides.reduce((a, b) => (counted(b) < counted(a) ? b : a), s.sides[0] ?? '')
  const count = useCallback(
    (side: string, amount: number) => {
      if (open && side) tell({ kind: 'COUNT', step: at, side, amount })
    },
    [open, tell, at],
  )
  const done = useCallback(() => {
    if (open) tell({ kind: s.gate ? 'GATE_PASSED' : 'STEP_DONE', step: at })
  }, [open, tell, at, s.gate])
  const undo = useCallback(() => {
    if (open && (session.undoable || pending.length > 0)) tell({ kind: 'UNDO', step: at })
  }, [open, session.undoable, pending.length, tell, at])

  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement
      if (target.closest('input, textarea, select')) return
      if (e.key === ' ' || e.key === 'PageDown') {
        e.preventDefault()
        if (e.repeat) return
        if (next) count(next, 1)
        else if (!s.gate) done()
      } else if (e.key === 'Enter' && !target.closest('button, a')) {
        e.preventDefault()
        done()
      } else if (e.key === 'Backspace') {
        e.preventDefault()
        undo()
      }
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  }, [count, done, undo, next, s.gate])

  return (
    <div className="flex-1 grid gap-x-8 gap-y-3 lg:grid-cols-2 lg:grid-rows-[auto_1fr] content-start pt-2">
      <div className="min-w-0">
        <h2 className="text-[1.55rem] sm:text-[1.9rem] leading-tight font-semibold">{s.title}</h2>
        <p className="text-[1.1rem] mt-1">{how(s)}</p>
        {s.caution && <p className="mt-1 font-semibold text-warning">{s.caution}</p>}
      </div>
      <section aria-label="Count and gate" className="min-w-0 flex flex-col gap-3 lg:row-span-2">
        {s.sides.length > 0 && (
          <Counter
            step={now}
            counted={counted}
            pending={mine.length > 0}
            next={next}
            open={open}
            count={count}
          />
        )}
        <div className="rule-t pt-3">
          {s.gate && <p className="text-[1.25rem] font-semibold mb-2">{s.gate}</p>}
          <div className="grid grid-cols-2 gap-3">
            {s.gate && (
              <button
                type="button"
                className="btn btn-outline min-h-[76px] text-[1.15rem]"
                disabled={!open}
                onClick={() => tell({ kind: 'GATE_FAILED', step: at })}
              >
                Not yet
              </button>
            )}
            <button
              type="button"
              className={`btn btn-primary min-h-[76px] text-[1.15rem] ${s.gate ? '' : 'col-span-2'}`}
              disabled={!open}
              onClick={done}
            >
              {deciding ? 'Waiting to be confirmed…' : s.gate ? 'Yes, go on' : 'Done, go on'}
            </button>
          </div>
        </div>
        <div className="flex gap-3">
          <button
            type="button"
            className="btn btn-outline min-h-[72px] flex-1"
            disabled={!open || !(session.undoable || pending.length > 0)}
            onClick={undo}
          >
            Undo
          </button>
          <button
            type="button"
            className="btn btn-outline min-h-[72px] flex-1"
            disabled={!open}
            onClick={() => setSkipping(!skipping)}
          >
            Skip this step
          </button>
        </div>
        {skipping && <Skip onSkip={(note) => tell({ kind: 'SKIPPED', step: at, note })} />}
      </section>
      <section aria-label="What to see" className="min-w-0">
        {s.setting !== null && (
          <>
            <p className="figure">
              {num(s.setting)}
              <span className="unit">
                {s.settingUnit} {s.settingName}
              </span>
            </p>
            {s.scheme && (
              <SchemeDrawing
                scheme={s.scheme}
                label={`${s.settingName} ${setTo(s.setting, s.settingUnit)}`}
              />
            )}
          </>
        )}
        <p className="text-[1.3rem]">{s.look}</p>
        {(s.how ?? []).length > 0 && (
          <ol className="mt-2 text-[1.1rem] border-l-4 border-base-300 pl-3" aria-label="How">
            {s.how.map((line) => (
              <li key={line} className="py-0.5">
                {line}
              </li>
            ))}
          </ol>
        )}
        {now.gateFailures > 0 && s.ifNot && (
          <p className="mt-2 border-l-4 border-warning pl-3 text-[1.15rem]">{s.ifNot}</p>
        )}
        {s.burr && (
          <p className="mt-2 text-[1.05rem]">
            <b>Burr:</b> {s.burr}
          </p>
        )}
        <p className="mt-2 text-[1.05rem]">
          <span className="quiet">Why: </span>
          {s.why}
        </p>
        {s.kind === 'GRIND' && s.abrasiveId !== '' && (
          <SeenAtWheel key={`seen-${at}`} toolId={session.toolId} passes={0} />
        )}
        {s.angleDeg !== null && <InkCheck key={at} session={session} step={at} />}
        {session.steps[at + 1] && (
          <p className="mt-2 text-[1.05rem]">
            <span className="quiet">Then: </span>
            {session.steps[at + 1]!.step.title}
          </p>
        )}
      </section>
    </div>
  )
}

interface CounterProps {
  step: BenchStep
  counted: (side: string) => number
  pending: boolean
  next: string
  open: boolean
  count: (side: string, amount: number) => void
}

function Counter({ step, counted, pending, next, open, count }: CounterProps) {
  const s = step.step
  const range = s.strokesLow === s.strokesHigh ? `${s.strokes}` : `${s.strokesLow} to ${s.strokesHigh}`
  return (
    <>
      <div className={`grid gap-3 ${s.sides.length > 1 ? 'grid-cols-2' : ''}`}>
        {s.sides.map((side) => (
          <button
            key={side}
            type="button"
            disabled={!open}
            aria-label={`Count one stroke on the ${SIDES[side]}, ${counted(side)} so far`}
            onClick={() => count(side, 1)}
            className={`text-left border-[3px] rounded p-4 min-h-[8.5rem] active:bg-base-200 ${
              s.sides.length > 1 && side === next ? 'border-primary' : 'border-base-content'
            }`}
          >
            <span className="text-[5rem] leading-none font-semibold" data-count={side}>
              {counted(side)}
            </span>
            <span className="ml-2 text-[1.1rem]">{pending ? 'sending…' : ''}</span>
            <span className="block text-[1.05rem]">
              about {range}
              {s.sides.length > 1 ? `, ${SIDES[side]}` : ''}
              {s.sides.length > 1 && side === next ? ', next' : ''}
            </span>
            <span className="block quiet">tap here, or Space, for one</span>
          </button>
        ))}
      </div>
      <div className="grid grid-cols-3 gap-3">
        {SETS.map((n) => (
          <button
            key={n}
            type="button"
            className="btn min-h-[72px] text-[1.3rem]"
            disabled={!open}
            onClick={() => count(next, n)}
          >
            +{n}
          </button>
        ))}
      </div>
    </>
  )
}

function Skip({ onSkip }: { onSkip: (note: string) => void }) {
  const [note, setNote] = useState('')
  return (
    <div className="flex gap-3 items-end">
      <label className="flex-1">
        <span className="block mb-1">Why is it left out</span>
        <input
          className="input w-full h-14 text-[1.1rem]"
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
      </label>
      <button
        type="button"
        className="btn min-h-[72px]"
        disabled={note.trim() === ''}
        onClick={() => onSkip(note)}
      >
        Skip
      </button>
    </div>
  )
}

function how(s: Schemas['StepView']): string {
  const parts: string[] = []
  if (s.angleDeg !== null && s.setting === null) parts.push(`at ${num(s.angleDeg)}°`)
  if (s.pressure) parts.push(s.forceN !== null ? `${s.pressure} (${num(s.forceN, 0)} N)` : s.pressure)
  if (s.lubricant) parts.push(s.lubricant)
  return parts.join(' · ')
}
