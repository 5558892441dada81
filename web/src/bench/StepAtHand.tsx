import { useCallback, useState } from 'react'
import type { Schemas } from '../api/client'
import { speak, useTablet } from '../api/tablet'
import { Actions } from './Actions'
import { Counter } from './Counter'
import { countedAt, countedOn } from './counting'
import { nextSide, nextStation } from './deal'
import { GatePanel } from './GatePanel'
import { Marks } from './Marks'
import { TeethCounter } from './TeethCounter'
import { how, Seeing } from './Seeing'
import { useKeys } from './useKeys'
import type { Session, useSession } from './useSession'
import type { Side } from './side'

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
  const [lastSide, setLastSide] = useState<Side>('')
  const mine = pending.filter((e) => e.step === at)
  // A gate or an undo that is on its way decides what comes next: counting waits for it.
  const deciding = mine.some((e) => !['COUNT', 'OBSERVED', 'READ', 'LEFT_OUT'].includes(e.kind))
  const open = session.held && !deciding
  const shut = here?.gate.state === 'SHUT'
  const ready = here?.gate.state === 'OPEN'
  const counted = (side: Side) => countedOn(now, pending, at, side)
  const atStation = (side: Side, station: number) => countedAt(now, pending, at, side, station)
  const next = nextSide(s.sides, counted, s.setOf, s.strokes, lastSide)
  const station = nextStation(
    s.stations,
    s.stations.map((_, i) => atStation(next, i + 1)),
  )
  const teeth = s.kind === 'TEETH'
  const counting = s.sides.length > 0 && !teeth && s.kind !== 'MEASURE'
  const total = counted(next)
  const count = useCallback(
    (side: Side, amount: number, where?: number) => {
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

  const own = tablet.leftHanded
  return (
    <div className="flex-1 grid gap-x-8 gap-y-2 sm:gap-y-3 lying:gap-x-5 lying:gap-y-2 lg:grid-cols-2 lying:grid-cols-2 lg:grid-rows-[auto_1fr] content-start pt-1 sm:pt-2 lying:pt-0">
      <div className={`min-w-0 ${own ? 'lg:col-start-2 lying:col-start-2' : ''}`}>
        <h2 className="text-[1.25rem] sm:text-[1.9rem] lying:text-[1.15rem] leading-tight font-semibold">
          {s.title}
        </h2>
        <p className="at-arm mt-1 lying:hidden">{how(s)}</p>
        {s.caution && <p className="at-arm mt-1 font-semibold text-warning">{s.caution}</p>}
      </div>
      <section
        aria-label="Count and gate"
        className={`min-w-0 flex flex-col gap-2 sm:gap-3 lg:row-span-2 lying:contents ${
          s.sides.length === 0 ? 'order-last lg:order-none' : ''
        } ${own ? 'lg:col-start-1 lg:row-start-1' : ''}`}
      >
        <div
          className={`min-w-0 flex flex-col gap-3 lying:row-start-2 empty:hidden ${
            own ? 'lying:col-start-2' : 'lying:col-start-1'
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
        </div>
        <div
          className={`min-w-0 rule-t pt-2 lying:border-t-0! lying:pt-0 lying:row-start-1 lying:row-span-2 ${
            own ? 'lying:col-start-1' : 'lying:col-start-2'
          }`}
        >
          {s.gate && (
            <p data-asked className="at-arm font-semibold mb-2">
              {s.gate}
            </p>
          )}
          {here && (
            <GatePanel
              key={at}
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
      <Seeing
        session={session}
        read={read}
        place={`${own ? 'lg:col-start-2' : ''} ${
          counting || teeth ? 'lying:col-span-2' : own ? 'lying:col-start-2' : 'lying:col-start-1'
        }`}
        putDown={putDown}
      />
      <Actions
        gated={s.gate !== ''}
        open={open}
        shut={shut}
        deciding={deciding}
        undoable={session.undoable || pending.length > 0}
        leftHanded={own}
        onGo={done}
        onNotYet={() => add({ kind: 'GATE_FAILED', step: at })}
        onUndo={undo}
        onSkip={(note) => add({ kind: 'SKIPPED', step: at, note })}
      />
    </div>
  )
}
