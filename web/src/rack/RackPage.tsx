import { useBoard } from '../board/BoardPage'
import { ToolLine } from '../board/ToolLine'
import { Act } from '../ui/Act'
import { Coming, Trouble } from '../ui/Notice'

/** All tools, by owner. */
export function RackPage() {
  const board = useBoard()
  if (board.isPending) return <Coming />
  if (board.isError) return <Trouble error={board.error} again={() => void board.refetch()} />
  const { tools, today } = board.data
  const widest = Math.max(30, ...tools.map((t) => t.layout?.edgeMm ?? 0))
  const crews = [...new Set(tools.map((t) => t.crew))].sort()
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-5">The rack</h1>
      {tools.length === 0 && (
        <p className="mt-4 max-w-[36rem]">
          Every tool that was ever taken in hangs here, by owner. There is none yet.
        </p>
      )}
      {crews.map((crew) => (
        <section key={crew} aria-label={crew} className="pt-5">
          <h2 className="text-[1.05rem] quiet rule-b pb-1">{crew}</h2>
          <ul>
            {tools
              .filter((t) => t.crew === crew)
              .map((t) => (
                <ToolLine key={t.toolId} tool={t} widest={widest} today={today} />
              ))}
          </ul>
        </section>
      ))}
      <Act href="/take-in">Take a tool in</Act>
    </>
  )
}
