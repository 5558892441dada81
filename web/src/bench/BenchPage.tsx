import { useState } from 'react'
import { Refused, type Schemas } from '../api/client'
import { Link } from 'wouter'
import { GoesOn } from '../day/GoesOn'
import { Strip } from '../drawings/Strip'
import { Act } from '../ui/Act'
import { num } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { Beside, RunningTime } from './Beside'
import { SessionSum } from './SessionSum'
import { StepAtHand, type Marking } from './StepAtHand'
import { useStages } from '../tool/ToolHead'
import { litStations } from './counting'
import type { SetAside } from './eventStore'
import { useSession, useWakeLock, type Session } from './useSession'
import { useTitle } from '../ui/useTitle'
import { mm } from '../ui/units'
import { MindNow } from '../upkeep/NextTime'

/** The bench: one step, full screen, for wet hands an arm's length away. */
export function BenchPage({ sessionId }: { sessionId: string }) {
  const bench = useSession(sessionId)
  const stages = useStages(bench.session.data?.toolId ?? '')
  useWakeLock()
  const { session } = bench
  const [inHand, setMarking] = useState<Marking>(null)
  useTitle('Bench', session.data?.toolName ?? '')
  const refused = session.error instanceof Refused ? session.error : undefined
  const shut = refused && MACHINE.some((code) => refused.has(code))
  // What was shown a moment ago is not shown on while the machine is not recorded as safe.
  if (shut) return <Shut words={refused.message} kept={bench.pending.length} toolId={session.data?.toolId} />
  if (!session.data)
    return session.isError ? (
      <Trouble error={session.error} again={() => void session.refetch()} />
    ) : (
      <Coming />
    )
  const s = session.data
  const step = s.steps[s.current]
  const layout = stages.data?.layout ?? straight(s.edgeLengthMm)
  // What was in hand at the step before is not asked here.
  const marking = s.here?.offers.some((o) => o.sign === inHand?.sign) ? inHand : null
  const place = (fromMm: number, toMm: number) => {
    if (!marking) return
    const [from, to] =
      toMm - fromMm < 0.2 ? [Math.max(0, fromMm - 1), Math.min(layout.totalMm, toMm + 1)] : [fromMm, toMm]
    bench.add({ kind: 'OBSERVED', step: s.current, sign: marking.sign, fromMm: from, toMm: to })
    setMarking(null)
  }
  const spots = (s.here?.seen ?? []).flatMap((x) =>
    x.fromMm === null || x.toMm === null
      ? []
      : [{ fromMm: x.fromMm, toMm: x.toMm, bad: x.says === 'BAD', words: x.words }],
  )
  // The whole edge alike: on a phone its drawing gives its room to the work.
  const whole = step !== undefined && step.step.toMm - step.step.fromMm >= s.edgeLengthMm - 0.01
  return (
    <div className="min-h-dvh flex flex-col px-3 sm:px-6 pb-24">
      <header className="flex flex-wrap items-center gap-x-3 rule-b lying:-mb-px">
        <Link href={`/tools/${s.toolId}`} className="btn btn-ghost min-h-14 lying:min-h-10 lying:h-10 px-2">
          ←<span className="hidden sm:inline"> Leave the bench</span>
          <span className="sr-only sm:hidden">Leave the bench</span>
        </Link>
        <h1 className="text-[1.1rem] font-semibold flex-1 min-w-0 truncate">{s.toolName}</h1>
        <RunningTime />
        <Progress session={s} />
      </header>
      <div className="sticky top-0 z-20 bg-base-100">
        <Strip
          bare={!marking}
          layout={layout}
          marks={stages.data?.findings ?? []}
          stations={stages.data?.stations ?? []}
          label={
            marking
              ? `Where: ${marking.words}? Drag along the edge; arrow keys move, Enter marks.`
              : step
                ? `Work from ${num(step.step.fromMm)} to ${mm(step.step.toMm)}`
                : 'The edge'
          }
          spots={spots}
          idle={!marking && whole && spots.length === 0}
          lit={litStations(step, bench.pending, s.current)}
          {...(step && { where: { fromMm: step.step.fromMm, toMm: step.step.toMm } })}
          {...(marking && { onMark: place })}
        />
        <Away bench={bench} />
      </div>
      <Standing bench={bench} session={s} />
      <GoesOn toolId={s.toolId} />
      {!s.finishedAt && !s.allDone && <MindNow toolId={s.toolId} />}
      {s.finishedAt ? (
        <p className="text-[1.4rem] py-8">This session is finished and stands in the log.</p>
      ) : s.allDone ? (
        <>
          <p className="text-[1.6rem] font-semibold pt-6">Every step is done. Now see what the edge says.</p>
          {s.sum && <SessionSum sum={s.sum} />}
          {s.held && s.undoable && <UndoLast onUndo={() => bench.add({ kind: 'UNDO', step: s.current })} />}
          <Onward toolId={s.toolId} />
        </>
      ) : (
        step && (
          <StepAtHand
            key={s.current}
            session={s}
            bench={bench}
            layout={layout}
            marking={marking}
            setMarking={setMarking}
            onPlace={place}
          />
        )
      )}
      <Beside sessionId={s.id} toolName={s.toolName} />
    </div>
  )
}

const MACHINE = ['ISOLATE_FIRST', 'INSPECT_FIRST', 'BLADE_REJECTED']

/** The machine is not recorded as safe any more, or its blade was rejected: the work waits. */
function Shut({ words, kept, toolId }: { words: string; kept: number; toolId: string | undefined }) {
  return (
    <div className="px-4 sm:px-6 pt-8 max-w-[46rem]">
      <h1 className="text-[1.8rem] leading-tight font-semibold">The work stops here</h1>
      <p role="alert" className="text-[1.2rem] pt-3">
        {words}
      </p>
      {kept > 0 && (
        <p className="pt-3">What you counted is kept on this device and is sent once it may go on.</p>
      )}
      <Act href={toolId ? `/tools/${toolId}` : '/'}>{toolId ? 'Back to the blade' : 'Back to the board'}</Act>
    </div>
  )
}

/** What comes after the bench: asked anew, since the page knew only what came before. */
function Onward({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  if (!stages.data || stages.isFetching) return null
  return <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
}

function UndoLast({ onUndo }: { onUndo: () => void }) {
  return (
    <button type="button" className="btn btn-outline min-h-[72px] self-start mt-6" onClick={onUndo}>
      Take back the last step
    </button>
  )
}

function Progress({ session }: { session: Session }) {
  const [open, setOpen] = useState(false)
  const at = Math.min(session.current + 1, session.steps.length)
  return (
    <div className="ml-auto">
      <button
        type="button"
        className="btn btn-ghost min-h-14 lying:min-h-10 lying:h-10"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        Step {at} of {session.steps.length}
      </button>
      {open && (
        <ol className="absolute right-3 z-40 bg-base-100 border-2 border-base-content p-4 max-w-[92vw] max-h-[70vh] overflow-auto">
          {session.steps.map((s, i) => (
            <li
              key={i}
              className={`py-1 ${s.status === 'HERE' ? 'font-semibold' : s.status === 'WAITING' ? '' : 'quiet'}`}
            >
              {i + 1}. {s.step.title}
              {s.status === 'DONE' ? ' ✓' : s.status === 'SKIPPED' ? ', skipped' : ''}
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}

/** What goes wrong with sending, in sight wherever the page is scrolled to: on a phone the count is far down. */
function Away({ bench }: { bench: ReturnType<typeof useSession> }) {
  const { pending, trouble, aside } = bench
  const shown = trouble && !aside.some((a) => a.why === trouble.words)
  return (
    <div aria-live="polite">
      {shown && (
        <Notice kind={trouble.away ? 'warn' : 'danger'}>
          {trouble.away && pending.length > 0
            ? `${trouble.store ? 'The store of records cannot be reached just now.' : 'The service cannot be reached.'} Count on: it is kept here and sent as soon as it can be.`
            : trouble.words}
        </Notice>
      )}
    </div>
  )
}

/** Who holds the session, what came late, what was set aside: in the flow, never in the way. */
function Standing({ bench, session }: { bench: ReturnType<typeof useSession>; session: Session }) {
  const { aside, act } = bench
  const [sure, setSure] = useState(false)
  return (
    <div aria-live="polite">
      {!session.held && !session.finishedAt && (
        <div className="border-l-4 border-error pl-3 py-2 my-2 flex flex-wrap items-center gap-3">
          <p className="flex-1 min-w-[14rem]">
            This session is at the bench on another device
            {session.holderPerson ? ` (${session.holderPerson})` : ''}. Here it is only shown.
          </p>
          <button type="button" className="btn btn-primary min-h-[72px]" onClick={() => void act('takeover')}>
            Take it over here
          </button>
        </div>
      )}
      {session.held && session.late > 0 && (
        <div className="border-l-4 border-warning pl-3 py-2 my-2 flex flex-wrap items-center gap-3">
          <p className="flex-1 min-w-[14rem]">
            {session.late} strokes came late from the device that had it before. They are set aside.
          </p>
          <button type="button" className="btn min-h-[72px]" onClick={() => void act('add-late')}>
            Add them
          </button>
          <button
            type="button"
            className="btn btn-outline min-h-[72px]"
            onClick={() => void act('leave-late')}
          >
            Leave them out
          </button>
        </div>
      )}
      {aside.length > 0 && (
        <div className="border-l-4 border-warning pl-3 py-2 my-2 flex flex-wrap items-center gap-3">
          <p className="flex-1 min-w-[14rem]">
            {strokesOf(aside)} not taken by the service and set aside on this device: {aside[0]!.why}
          </p>
          <button type="button" className="btn min-h-[72px]" onClick={bench.bringBack}>
            Send them again
          </button>
          <a
            className="btn btn-outline min-h-[72px]"
            download={`set-aside-${session.id}.json`}
            href={`data:application/json,${encodeURIComponent(JSON.stringify(aside, null, 1))}`}
          >
            Save them as a file
          </a>
          <button
            type="button"
            className="btn btn-outline min-h-[72px]"
            onClick={() => (sure ? bench.discardAside() : setSure(true))}
          >
            {sure ? 'Yes, discard them' : 'Discard them'}
          </button>
        </div>
      )}
    </div>
  )
}

function strokesOf(aside: SetAside[]): string {
  const strokes = aside.reduce((sum, a) => sum + a.event.amount, 0)
  return strokes === 1 ? 'One stroke was' : strokes > 0 ? `${strokes} strokes were` : 'Something was'
}

/** The edge until its own layout has come. */
function straight(totalMm: number): Schemas['LayoutView'] {
  return {
    form: 'STRAIGHT',
    edges: 1,
    edgeMm: totalMm,
    totalMm,
    from: '',
    to: '',
    rise: [],
    bodyMm: 0,
    perTooth: 0,
    zones: [],
  }
}
