import { useQuery } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask } from '../api/client'
import { Act } from '../ui/Act'
import { day, span } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { ToolLine } from './ToolLine'
import { useTitle } from '../ui/useTitle'

export function useBoard() {
  return useQuery({
    queryKey: ['board'],
    queryFn: () => ask(api.GET('/api/v1/board')),
    refetchInterval: 20_000,
  })
}

/** What is at the bench, what waits and for when, what soaks. */
export function BoardPage() {
  const board = useBoard()
  useTitle('Bench board')
  if (board.isPending) return <Coming />
  if (board.isError) return <Trouble error={board.error} again={() => void board.refetch()} />
  const { tools, today, soaking, times } = board.data
  const widest = Math.max(30, ...tools.map((t) => t.layout?.edgeMm ?? 0))
  const groups = [
    { name: 'At the bench', list: tools.filter((t) => t.atBench) },
    { name: 'Waiting', list: tools.filter((t) => !t.atBench && !t.ready && t.standing !== 'REJECTED') },
    { name: 'Ready', list: tools.filter((t) => t.ready && t.standing !== 'REJECTED') },
    {
      name: 'Rejected: not to be fitted',
      list: tools.filter((t) => !t.atBench && t.standing === 'REJECTED'),
    },
  ]
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-5">Bench board, {day(today)}</h1>
      {soaking.length > 0 && (
        <p className="pt-1">
          In the water: {soaking.map((s) => `${s.name}, ${span(s.secondsLeft)} more`).join('; ')}
        </p>
      )}
      {times.length > 0 && (
        <p className="pt-1">
          {times
            .map(
              (t) =>
                `${t.label}: ${t.kind === 'DRY' ? 'dries' : t.kind === 'OIL' ? 'its oil cures' : 'soaks'} until ${clock(t.endsAt)}`,
            )
            .join('; ')}
        </p>
      )}
      {tools.length === 0 && (
        <p className="mt-6 max-w-[36rem] text-[1.15rem]">
          Tools stand here from the door until they are ready: what is at the bench, what waits, and for when.
          Nothing is here yet: say in three touches what you sharpen, on what, and what holds it.
        </p>
      )}
      {groups
        .filter((g) => g.list.length > 0)
        .map((g) => (
          <section key={g.name} aria-label={g.name} className="pt-5">
            <h2 className="text-[1.05rem] quiet rule-b pb-1">{g.name}</h2>
            <ul>
              {g.list.map((t) => (
                <ToolLine key={t.toolId} tool={t} widest={widest} today={today} />
              ))}
            </ul>
          </section>
        ))}
      {tools.length === 0 && (
        <Link href="/take-in" className="btn btn-outline min-h-12 mt-5">
          Take a tool in
        </Link>
      )}
      {tools.length === 0 ? (
        <Act href="/first">Begin: the first evening</Act>
      ) : (
        <Act href="/take-in">Take a tool in</Act>
      )}
    </>
  )
}

function clock(at: string): string {
  return new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })
}
