import { useCallback, useEffect, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'
import { speak, useTablet } from '../api/tablet'
import { SchemeDrawing } from '../drawings/Scheme'
import { SectionInset } from '../drawings/SectionInset'
import { setTo } from '../drawings/Setting'
import { num } from '../ui/format'
import { SeenAtWheel } from '../repair/SeenAtWheel'
import { Actions } from './Actions'
import { Counter } from './Counter'
import { nextSide, nextStation } from './deal'
import { BurrLine, GatePanel, Taken } from './GatePanel'
import { InkCheck } from './InkCheck'
import { LiveReading } from './LiveReading'
import { Marks } from './Marks'
import { TeethCounter } from './TeethCounter'
import { Sights } from './Sights'
import type { Session, useSession } from './useSession'

type Bench = ReturnType<typeof useSession>
export type Marking = Schemas['TapView'] | null

interface StepProps {
  session: Session
  bench: Bench
  layout: Schemas['LayoutView']
  /** The sign whose place is being marked, and how to change it. */
  marking: Marking
  setMarking: (sign: Marking) => void
  onPlace: (fromMm: number, toMm: number) => void
}

/** The step in hand: what to do, where, how hard, how many; what to see; the gate. */
export function StepAtHand({ session, bench, layout, marking, setMarking, onPlace }: StepProps) {
  const at = session.current
  const now = session.steps[at]!
  const here = session.here
  const s = now.step
  const { pending, add } = bench
  const tablet = useTablet()
  const [lastSide, setLastSide] = useState('')
  const mine = pending.filter((e) => e.step === at)
  // A gate or an undo that is on its way decides what comes next: counting waits for it.
  const deciding = mine.some((e) => !['COUNT', 'OBSERVED', 'READ', 'LEFT_OUT'].includes(e.kind))
  const open = session.held && !deciding
  const shut = here?.gate.state === 'SHUT'
  const ready = here?.gate.state === 'OPEN'
  const counts = mine.filter((e) => e.kind === 'COUNT')
  const counted = (side: string) =>
    (now.counts.find((c) => c.side === side)?.strokes ?? 0) +
    counts.filter((e) => e.side === side).reduce((sum, e) => sum + e.amount, 0)
  const atStation = (side: string, station: number) =>
    (now.counts.find((c) => c.side === side)?.stations[station - 1] ?? 0) +
    counts.filter((e) => e.side === side && e.station === station).reduce((sum, e) => sum + e.amount, 0)
  const next = nextSide(s.sides, counted, s.setOf, s.strokes, lastSide)
  const station = nextStation(
    s.stations,
    s.stations.map((_, i) => atStation(next, i + 1)),
  )
  const teeth = s.kind === 'TEETH'
  const counting = s.sides.length > 0 && !teeth && s.kind !== 'MEASURE'
  const total = counted(next)
  const count = useCallback(
    (side: string, amount: number, where?: number) => {
      if (!open || !side) return
      setLastSide(side)
      add({ kind: 'COUNT', step: at, side, amount, station: where ?? (amount === 1 ? station : 0) })
      speak(String(total + amount))
    },
    [open, add, at, station, total],
  )
  const done = useCallback(() => {
    if (open && !shut) add({ kind: s.gate ? 'GATE_PASSED' : 'STEP_DONE', step: at })
  }, [open, shut, add, at, s.gate])
  const undo = useCallback(() => {
    if (open && (session.undoable || pending.length > 0)) add({ kind: 'UNDO', step: at })
  }, [open, session.undoable, pending.length, add, at])
  const tap = (sign: Schemas['TapView']) => {
    if (sign.placed) setMarking(marking?.sign === sign.sign ? null : sign)
    else {
      setMarking(null)
      add({ kind: 'OBSERVED', step: at, sign: sign.sign })
    }
  }
  /** Puts a sign down that an instrument or a check came to, where this step takes it. */
  const putDown = (name: string) => {
    const sign = here?.offers.find((o) => o.sign === name && !o.placed)
    return open && sign ? () => tap(sign) : undefined
  }
  const read = useCallback(
    (instrument: string) => (value: number) => add({ kind: 'READ', step: at, note: instrument, value }),
    [add, at],
  )
  useKeys({
    sides: counting ? s.sides : [],
    count,
    done,
    undo,
    next: counting ? next : '',
    ready: ready || (s.sides.length === 0 && s.gate === ''),
  })

  return (
    <div className="flex-1 grid gap-x-8 gap-y-3 lg:grid-cols-2 lg:grid-rows-[auto_1fr] content-start pt-2">
      <div className={`min-w-0 ${tablet.leftHanded ? 'lg:col-start-2' : ''}`}>
        <h2 className="text-[1.55rem] sm:text-[1.9rem] leading-tight font-semibold">{s.title}</h2>
        <p className="text-[1.1rem] mt-1">{how(s)}</p>
        {s.caution && <p className="mt-1 font-semibold text-warning">{s.caution}</p>}
      </div>
      <section
        aria-label="Count and gate"
        className={`min-w-0 flex flex-col gap-3 lg:row-span-2 ${s.sides.length === 0 ? 'order-last lg:order-none' : ''} ${
          tablet.leftHanded ? 'lg:col-start-1 lg:row-start-1' : ''
        }`}
      >
        {teeth && (
          <TeethCounter
            step={now}
            here={here}
            atStation={atStation}
            open={open}
            ready={ready}
            onCount={(side, at_, amount) => count(side, amount, at_)}
            onLeaveOut={(side, where) =>
              add({ kind: 'LEFT_OUT', step: at, side, station: where, note: 'broken' })
            }
            onAngle={(side, where, value) =>
              add({ kind: 'READ', step: at, note: 'ANGLE_GAUGE', side, station: where, value })
            }
          />
        )}
        {counting && (
          <Counter
            step={now}
            here={here}
            counted={counted}
            atStation={atStation}
            pending={mine.length > 0}
            next={next}
            station={station}
            open={open}
            ready={ready}
            count={count}
          />
        )}
        <Marks
          session={session}
          open={open}
          onRead={(instrument, value, side, where) =>
            add({ kind: 'READ', step: at, note: instrument, side, station: where, value })
          }
        />
        <div className="rule-t pt-3">
          {s.gate && <p className="text-[1.25rem] font-semibold mb-2">{s.gate}</p>}
          {here && (
            <GatePanel
              here={here}
              asked={s.gate}
              open={open}
              marking={marking}
              onTap={tap}
              onPlace={onPlace}
              layout={layout}
            />
          )}
        </div>
      </section>
      <Seeing session={session} read={read} leftHanded={tablet.leftHanded} putDown={putDown} />
      <Actions
        gated={s.gate !== ''}
        open={open}
        shut={shut}
        deciding={deciding}
        undoable={session.undoable || pending.length > 0}
        leftHanded={tablet.leftHanded}
        onGo={done}
        onNotYet={() => add({ kind: 'GATE_FAILED', step: at })}
        onUndo={undo}
        onSkip={(note) => add({ kind: 'SKIPPED', step: at, note })}
      />
    </div>
  )
}

interface Keys {
  sides: string[]
  count: (side: string, amount: number) => void
  done: () => void
  undo: () => void
  next: string
  /** Whether Space, or the pedal, goes on rather than counts. */
  ready: boolean
}

/** One key counts and advances; the arrows choose the side. */
function useKeys({ sides, count, done, undo, next, ready }: Keys) {
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement
      if (target.closest('input, textarea, select, [role=slider]')) return
      const side = e.key === 'ArrowLeft' ? sides[0] : e.key === 'ArrowRight' ? (sides[1] ?? sides[0]) : ''
      if (e.key === ' ' || e.key === 'PageDown') {
        e.preventDefault()
        if (e.repeat) return
        if (ready) done()
        else if (next) count(next, 1)
      } else if (side) {
        e.preventDefault()
        if (!e.repeat) count(side, 1)
      } else if (e.key === 'Enter' && !target.closest('button, a, summary')) {
        e.preventDefault()
        done()
      } else if (e.key === 'Backspace') {
        e.preventDefault()
        undo()
      }
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  }, [sides, count, done, undo, next, ready])
}

/** What to set, what to see, where the burr is, and why. */
function Seeing({
  session,
  read,
  leftHanded,
  putDown,
}: {
  session: Session
  read: (instrument: string) => (value: number) => void
  leftHanded: boolean
  putDown: (sign: string) => (() => void) | undefined
}) {
  const at = session.current
  const now = session.steps[at]!
  const s = now.step
  const here = session.here
  const section = useQuery({
    queryKey: ['section', session.id],
    queryFn: () => ask(api.GET('/api/v1/sessions/{id}/section', { params: { path: { id: session.id } } })),
    retry: false,
    staleTime: Infinity,
  })
  const instrument = s.kind === 'GRIND' ? 'THERMOMETER' : s.angleDeg !== null ? 'ANGLE_GAUGE' : ''
  return (
    <section aria-label="What to see" className={`min-w-0 ${leftHanded ? 'lg:col-start-2' : ''}`}>
      {s.setting !== null && (
        <>
          <p className="figure">
            {num(s.setting)}
            <span className="unit">
              {s.settingUnit} {s.settingName}
            </span>
          </p>
          {s.scheme && (
            <SchemeDrawing scheme={s.scheme} label={`${s.settingName} ${setTo(s.setting, s.settingUnit)}`} />
          )}
        </>
      )}
      {instrument && session.held && (
        <LiveReading key={instrument} kind={instrument} onTaken={read(instrument)} />
      )}
      {here && <Taken readings={here.readings.filter((r) => r.instrument !== 'CALLIPER')} />}
      <p className="text-[1.3rem]">{s.look}</p>
      {here && (here.burr.ask !== '' || here.burr.life !== 'NONE') && <BurrLine burr={here.burr} />}
      {here && <Sights sights={here.sights} />}
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
      {section.data && here && here.facet !== '' && <SectionInset view={section.data} facet={here.facet} />}
      <p className="mt-2 text-[1.05rem]">
        <span className="quiet">Why: </span>
        {s.why}
      </p>
      {s.kind === 'GRIND' && s.abrasiveId !== '' && (
        <SeenAtWheel key={`seen-${at}`} toolId={session.toolId} passes={0} />
      )}
      {s.angleDeg !== null && (
        <InkCheck key={at} session={session} step={at} intent={s.intent} putDown={putDown} />
      )}
      {session.steps[at + 1] && (
        <p className="mt-2 text-[1.05rem]">
          <span className="quiet">Then: </span>
          {session.steps[at + 1]!.step.title}
        </p>
      )}
    </section>
  )
}

function how(s: Schemas['StepView']): string {
  const parts: string[] = []
  if (s.angleDeg !== null && s.setting === null) parts.push(`at ${num(s.angleDeg)}°`)
  if (s.pressure) parts.push(s.forceN !== null ? `${s.pressure} (${num(s.forceN, 0)} N)` : s.pressure)
  if (s.lubricant) parts.push(s.lubricant)
  return parts.join(' · ')
}
