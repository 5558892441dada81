import { useState } from 'react'
import { useBoard } from '../board/BoardPage'
import { ToolLine } from '../board/ToolLine'
import { Act } from '../ui/Act'
import { Choice, Field } from '../ui/Field'
import { Coming, Trouble } from '../ui/Notice'
import { found, grouped, ORDERS, type Order } from './find'
import { useTitle } from '../ui/useTitle'

/** All tools: found by a word or two, in the order that is asked for. */
export function RackPage() {
  const board = useBoard()
  useTitle('Rack')
  const [search, setSearch] = useState('')
  const [order, setOrder] = useState<Order>('owner')
  if (board.isPending) return <Coming />
  if (board.isError) return <Trouble error={board.error} again={() => void board.refetch()} />
  const { tools, today } = board.data
  const shown = found(tools, search)
  const widest = Math.max(30, ...tools.map((t) => t.layout?.edgeMm ?? 0))
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-5">The rack</h1>
      {tools.length === 0 ? (
        <p className="mt-4 max-w-[36rem]">
          Every tool that was ever taken in hangs here, by owner. There is none yet.
        </p>
      ) : (
        <div className="grid sm:grid-cols-[minmax(0,26rem)_14rem_1fr] gap-4 items-end pt-3">
          <Field label="Find by name, owner, kind or state" value={search} onChange={setSearch} />
          <Choice
            label="In the order of"
            value={order}
            onChange={(value) => setOrder(value as Order)}
            options={ORDERS}
          />
          <p className="quiet pb-3" role="status">
            {shown.length === tools.length
              ? `${tools.length} tools`
              : `${shown.length} of ${tools.length} tools`}
          </p>
        </div>
      )}
      {grouped(shown, order).map((g) => (
        <section key={g.name} aria-label={g.name || 'All tools'} className="pt-5">
          {g.name && <h2 className="text-[1.05rem] quiet rule-b pb-1">{g.name}</h2>}
          <ul>
            {g.list.map((t) => (
              <ToolLine key={t.toolId} tool={t} widest={widest} today={today} />
            ))}
          </ul>
        </section>
      ))}
      {tools.length > 0 && shown.length === 0 && (
        <p className="pt-5">Nothing on the rack has all of these words. One word is often enough.</p>
      )}
      <Act href="/take-in">Take a tool in</Act>
    </>
  )
}
