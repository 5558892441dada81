import { useQuery } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { useFront } from '../day/GoesOn'
import { Act } from '../ui/Act'
import { day, hour, span, upper } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { ToolLine } from './ToolLine'
import { useTitle } from '../ui/useTitle'

function useBoard() {
  return useQuery({
    queryKey: ['board'],
    queryFn: () => ask(api.GET('/api/v1/board')),
    refetchInterval: 20_000,
  })
}

/** What to do now: at the bench, late, due, wanted by when; what soaks and dries. All else hangs on the rack. */
export function BoardPage() {
  const board = useBoard()
  useTitle('Bench board')
  if (board.isPending) return <Coming />
  if (board.isError) return <Trouble error={board.error} again={() => void board.refetch()} />
  const { today, groups, all } = board.data
  if (all === 0) return <Nothing />
  return (
    <>
      <h1 className="text-[1.3rem] font-semibold pt-2">What now, {day(today)}</h1>
      <Today />
      <Waiting board={board.data} />
      {groups.length === 0 && <p className="pt-4">Nothing waits: every tool in use is ready.</p>}
      {groups.map((g) => (
        <section key={g.urgency} aria-label={g.name} className="pt-2">
          <h2 className={`rule-b pb-0.5 ${g.urgency === 'LATE' ? 'text-error font-semibold' : 'quiet'}`}>
            {g.name}
            {g.more > 0 && (
              <>
                {': '}
                <Link href={`/rack?show=${g.urgency}`} className="underline underline-offset-4">
                  {g.tools.length > 0 ? `${g.more} more` : `${g.more}`}
                </Link>
              </>
            )}
          </h2>
          <ul>
            {g.tools.map((t) => (
              <ToolLine key={t.toolId} tool={t} today={today} />
            ))}
          </ul>
        </section>
      ))}
      <p className="pt-3 flex flex-wrap gap-x-5 items-center">
        <Link href="/rack" className="btn btn-outline min-h-12">
          All {all} tools
        </Link>
        <Link href="/day" className="btn btn-outline min-h-12">
          Plan the day
        </Link>
        <Links words="Pinned" tools={board.data.pinned} />
        <Links words="Last worked on" tools={board.data.recent} />
      </p>
      <Act href="/take-in">Take a tool in</Act>
    </>
  )
}

/** Today's plan, when there is one: what is next of it, and when all is done. */
function Today() {
  const front = useFront()
  const plan = front.data?.plan
  if (!plan) return null
  return (
    <section aria-label="Today's plan" className="pt-1">
      <p className="rule-b pb-1 flex flex-wrap gap-x-4 items-baseline">
        <span className="quiet">Today's plan</span>
        <Link
          href="/day"
          className="font-semibold text-[1.08rem] underline underline-offset-4 min-h-11 inline-flex items-center"
        >
          {plan.next ? upper(plan.words) : 'All of it is done'}
        </Link>
        {plan.next && (
          <span>
            {plan.tools.join(', ')}; all done at about {hour(plan.endsAt)}
          </span>
        )}
        {plan.behindMinutes > 5 && <span className="font-semibold">{plan.behindMinutes} min behind</span>}
      </p>
    </section>
  )
}

/** What the water, the oil and the glue are doing meanwhile. */
function Waiting({ board }: { board: Schemas['BoardView'] }) {
  return (
    <>
      {board.soaking.length > 0 && (
        <p className="pt-1">
          In the water: {board.soaking.map((s) => `${s.name}, ${span(s.secondsLeft)} more`).join('; ')}
        </p>
      )}
      {board.times.length > 0 && (
        <p className="pt-1">
          {board.times
            .map(
              (t) =>
                `${t.label}: ${t.kind === 'DRY' ? 'dries' : t.kind === 'OIL' ? 'its oil cures' : 'soaks'} until ${hour(t.endsAt)}`,
            )
            .join('; ')}
        </p>
      )}
    </>
  )
}

function Links({ words, tools }: { words: string; tools: Schemas['ToolLink'][] }) {
  if (tools.length === 0) return null
  return (
    <span className="quiet">
      {words}:{' '}
      {tools.map((t, i) => (
        <span key={t.toolId}>
          {i > 0 && ', '}
          <Link
            href={`/tools/${t.toolId}`}
            className="underline underline-offset-4 min-h-11 inline-flex items-center text-base-content"
          >
            {t.name}
          </Link>
        </span>
      ))}
    </span>
  )
}

/** An empty shop is told what will stand here, and how to begin. */
function Nothing() {
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-5">Bench board</h1>
      <p className="mt-6 max-w-[36rem] text-[1.15rem]">
        Tools stand here from the door until they are ready: what is at the bench, what waits, and for when.
        Nothing is here yet: say in three touches what you sharpen, on what, and what holds it.
      </p>
      <Link href="/take-in" className="btn btn-outline min-h-12 mt-5">
        Take a tool in
      </Link>
      <Act href="/first">Begin: the first evening</Act>
    </>
  )
}
