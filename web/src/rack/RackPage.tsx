import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearch } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { ToolLine } from '../board/ToolLine'
import { Act } from '../ui/Act'
import { Choice, Field } from '../ui/Field'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { Deleted } from './Deleted'
import { firstOf, found, grouped, inState, ORDERS, type Order, type Urgency } from './find'

const STATES: { value: Urgency | ''; label: string }[] = [
  { value: '', label: 'all in use' },
  { value: 'AT_BENCH', label: 'at the bench' },
  { value: 'LATE', label: 'late' },
  { value: 'TODAY', label: 'wanted today' },
  { value: 'DUE', label: 'due for a look' },
  { value: 'WANTED', label: 'wanted by a day' },
  { value: 'WAITING', label: 'waiting, no day set' },
  { value: 'READY', label: 'ready' },
  { value: 'REJECTED', label: 'rejected' },
  { value: 'AWAY', label: 'with their owner, not done' },
  { value: 'RETIRED', label: 'out of use' },
]

/** Lines that are drawn at first, and more at each touch: about two screens of a tablet. */
const AT_ONCE = 24

/** All tools: found by a word or two, in the state and the order that is asked for. */
export function RackPage() {
  const rack = useQuery({ queryKey: ['rack'], queryFn: () => ask(api.GET('/api/v1/rack')) })
  useTitle('Rack')
  if (rack.isPending) return <Coming />
  if (rack.isError) return <Trouble error={rack.error} again={() => void rack.refetch()} />
  return <Rack rack={rack.data} />
}

function Rack({ rack }: { rack: Schemas['RackView'] }) {
  const query = new URLSearchParams(useSearch())
  const asked = STATES.find((s) => s.value === query.get('show'))
  const [search, setSearch] = useState(query.get('find') ?? '')
  const [order, setOrder] = useState<Order>('owner')
  const [state, setState] = useState<Urgency | ''>(asked?.value ?? '')
  const [most, setMost] = useState(AT_ONCE)
  const shown = found(inState(rack.tools, state), search)
  const groups = firstOf(grouped(shown, order), most)
  const rest = shown.length - groups.reduce((n, g) => n + g.list.length, 0)
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">The rack</h1>
      {rack.tools.length === 0 ? (
        <p className="mt-4 max-w-[36rem]">
          Every tool that was ever taken in hangs here, by owner. There is none yet.
        </p>
      ) : (
        <div className="grid grid-cols-2 sm:grid-cols-[minmax(0,22rem)_12rem_13rem_1fr] gap-x-4 gap-y-2 items-end pt-2">
          <div className="col-span-2 sm:col-span-1">
            <Field label="Find by name, owner, kind or steel" value={search} onChange={setSearch} />
          </div>
          <Choice label="Show" value={state} onChange={(v) => setState(v as Urgency | '')} options={STATES} />
          <Choice
            label="In the order of"
            value={order}
            onChange={(v) => setOrder(v as Order)}
            options={ORDERS}
          />
          <p className="quiet pb-3" role="status">
            {shown.length === rack.tools.length
              ? `${rack.tools.length} ${rack.tools.length === 1 ? 'tool' : 'tools'}`
              : `${shown.length} of ${rack.tools.length} tools`}
          </p>
        </div>
      )}
      {groups.map((g) => (
        <section key={g.name} aria-label={g.name || 'All tools'} className="pt-4">
          {g.name && <h2 className="quiet rule-b pb-0.5">{g.name}</h2>}
          <ul className="grid lg:grid-cols-2 gap-x-10">
            {g.list.map((t) => (
              <ToolLine key={t.toolId} tool={t} today={rack.today} />
            ))}
          </ul>
        </section>
      ))}
      {rest > 0 && (
        <button
          type="button"
          className="btn btn-outline min-h-12 mt-4"
          onClick={() => setMost(most + AT_ONCE)}
        >
          Show {Math.min(AT_ONCE, rest)} more of {rest}
        </button>
      )}
      {rack.tools.length > 0 && shown.length === 0 && (
        <p className="pt-5">Nothing on the rack has all of this. One word is often enough.</p>
      )}
      <Deleted tools={rack.deleted} />
      <Act href="/take-in">Take a tool in</Act>
    </>
  )
}
