import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { Act } from '../ui/Act'
import { day } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { useTickets } from './useTicket'

type Line = Schemas['TicketLine']

/** What was brought together: what lies there to be collected, what is in work, what is gone. */
export function TicketsPage() {
  useTitle('Tickets')
  const tickets = useTickets()
  if (tickets.isPending) return <Coming />
  if (tickets.isError) return <Trouble error={tickets.error} again={() => void tickets.refetch()} />
  const { toCollect, open, ended } = tickets.data
  const none = toCollect.length + open.length + ended.length === 0
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">Tickets</h1>
      {none && (
        <p className="mt-4 max-w-[36rem]">
          None yet. A ticket holds together what somebody brings at once: whose it is, what was agreed, for
          when, and what of it is done.
        </p>
      )}
      <Lines name="Done, to be collected" lines={toCollect} />
      <Lines name="Something is still to be done" lines={open} />
      <Lines name="Gone" lines={ended} />
      <Act href="/tickets/new">Write a ticket</Act>
    </>
  )
}

function Lines({ name, lines }: { name: string; lines: Line[] }) {
  if (lines.length === 0) return null
  return (
    <section aria-label={name} className="pt-4">
      <h2 className="quiet rule-b pb-0.5">{name}</h2>
      <ul className="grid lg:grid-cols-2 gap-x-10">
        {lines.map((t) => (
          <li key={t.id} className="rule-b">
            <Link href={`/tickets/${t.id}`} className="block py-3">
              <span className="flex flex-wrap items-baseline gap-x-3">
                <span className="font-semibold text-[1.08rem] underline underline-offset-4">
                  Ticket {t.number}
                  {t.owner && `, ${t.owner}`}
                </span>
                <State line={t} />
              </span>
              <span className="block">{t.names.length === 0 ? 'nothing on it yet' : t.names.join(', ')}</span>
              <span className="block quiet">
                brought {day(t.cameAt)}
                {t.promised && `, promised for ${day(t.promised)}`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}

function State({ line }: { line: Line }) {
  return (
    <>
      {line.late && <span className="text-error font-semibold">late</span>}
      {line.here > 0 && (
        <span>
          {line.done} of {line.here} done
        </span>
      )}
      {line.here > 0 && line.here === line.done && line.lyingDays !== null && (
        <span className={line.lyingDays > 7 ? 'text-warning font-semibold' : 'quiet'}>
          {line.lyingDays === 0
            ? 'since today'
            : `lies there for ${line.lyingDays} day${line.lyingDays === 1 ? '' : 's'}`}
        </span>
      )}
    </>
  )
}
