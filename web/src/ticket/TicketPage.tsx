import { useState } from 'react'
import { useLocation } from 'wouter'
import { useQueryClient } from '@tanstack/react-query'
import { api, ask, Refused } from '../api/client'
import { Act } from '../ui/Act'
import { day } from '../ui/format'
import { Fold } from '../ui/Fold'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { Facts, type TicketForm } from './Facts'
import { HandOver } from './HandOver'
import { minutes, money } from './money'
import { More } from './More'
import { Things } from './Things'
import { useChange, useTicket, type Ticket } from './useTicket'

/** A ticket: what is on it, how far each thing is, what is printed of it, and how it leaves. */
export function TicketPage({ id }: { id: string }) {
  const ticket = useTicket(id)
  useTitle(ticket.data ? `Ticket ${ticket.data.number}` : 'Ticket', ticket.data?.owner ?? '')
  if (ticket.isError) return <Trouble error={ticket.error} again={() => void ticket.refetch()} />
  if (!ticket.data) return <Coming />
  return <Shown ticket={ticket.data} />
}

function Shown({ ticket }: { ticket: Ticket }) {
  const here = ticket.things.filter((t) => t.leftAt === null)
  const done = here.filter((t) => t.state === 'TO_COLLECT' || t.state === 'REJECTED')
  const [leaving, setLeaving] = useState(false)
  const next = here.find((t) => t.nextPath !== '')
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">
        Ticket {ticket.number}
        {ticket.owner && `, ${ticket.owner}`}
      </h1>
      <p>
        Brought {day(ticket.cameAt)}
        {ticket.broughtBy && ` by ${ticket.broughtBy}`}
        {ticket.contact && ` (${ticket.contact})`}
        {ticket.promised && (
          <>
            , promised for{' '}
            <b className={ticket.late ? 'text-error' : ''}>
              {day(ticket.promised)}
              {ticket.late && ', late'}
            </b>
          </>
        )}
        {'. '}
        <Sum ticket={ticket} />
      </p>
      {ticket.agreed && <p className="whitespace-pre-line max-w-[44rem]">Agreed: {ticket.agreed}</p>}
      <div className="grid lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)] gap-x-12 gap-y-4 pt-2">
        <div>
          <Things ticket={ticket} />
          {leaving ? <HandOver ticket={ticket} done={() => setLeaving(false)} /> : <More ticket={ticket} />}
        </div>
        <div className="grid gap-1 content-start">
          <Prints ticket={ticket} onLeave={() => setLeaving(true)} />
          <Fold name="Change what stands on it">
            <Change key={ticket.version} ticket={ticket} />
          </Fold>
          <Names ticket={ticket} />
          <TearUp ticket={ticket} />
        </div>
      </div>
      {!leaving && done.length > 0 && done.length === here.length ? (
        <Act onClick={() => setLeaving(true)}>Hand it over</Act>
      ) : (
        !leaving &&
        next && (
          <Act href={next.nextPath} says={next.name}>
            {next.nextWords}
          </Act>
        )
      )}
    </>
  )
}

/** What is left to do on it, and what it comes to. */
function Sum({ ticket }: { ticket: Ticket }) {
  return (
    <>
      {ticket.minutes && (
        <>
          About {minutes(ticket.minutes)} of work
          {ticket.guessed && ', what has no plan yet taken as usual'}.{' '}
        </>
      )}
      {ticket.priced > 0 && <b>{money(ticket.hundredths, ticket.currency)}</b>}
    </>
  )
}

function Prints({ ticket, onLeave }: { ticket: Ticket; onLeave: () => void }) {
  const here = ticket.things.filter((t) => t.leftAt === null)
  return (
    <p className="flex flex-wrap gap-3 pb-2">
      {here.length > 0 && (
        <a
          className="btn btn-outline min-h-12"
          href={`/api/v1/print/tickets/${ticket.id}/labels.pdf`}
          target="_blank"
        >
          Labels
        </a>
      )}
      <a
        className="btn btn-outline min-h-12"
        href={`/api/v1/print/tickets/${ticket.id}/receipt.pdf`}
        target="_blank"
      >
        Receipt
      </a>
      {here.length > 0 && (
        <button type="button" className="btn btn-outline min-h-12" onClick={onLeave}>
          Something leaves
        </button>
      )}
    </p>
  )
}

function Change({ ticket }: { ticket: Ticket }) {
  const [form, setForm] = useState<TicketForm>({
    crewId: ticket.crewId,
    broughtBy: ticket.broughtBy,
    contact: ticket.contact,
    promised: ticket.promised ?? '',
    agreed: ticket.agreed,
    tools: [],
    version: ticket.version,
  })
  const change = useChange(ticket.id, (body: TicketForm) =>
    ask(api.PUT('/api/v1/tickets/{id}', { params: { path: { id: ticket.id } }, body })),
  )
  const refused = change.error instanceof Refused ? change.error : undefined
  return (
    <div className="pt-2">
      <Facts form={form} onChange={setForm} refused={refused} />
      <button
        type="button"
        className="btn btn-outline min-h-12 mt-2"
        disabled={change.isPending}
        onClick={() => change.mutate(form)}
      >
        Save the change
      </button>
      {change.error && !refused?.faults.length && (
        <p role="alert" className="text-error font-semibold">
          {change.error.message}
        </p>
      )}
    </div>
  )
}

/** Deletes the names on it. */
function Names({ ticket }: { ticket: Ticket }) {
  const forget = useChange(ticket.id, () =>
    ask(api.POST('/api/v1/tickets/{id}/forget', { params: { path: { id: ticket.id } } })),
  )
  const names = ticket.broughtBy || ticket.contact || ticket.things.some((t) => t.handedTo)
  if (!names) return ticket.forgotten ? <p className="quiet">The names on it were deleted.</p> : null
  return (
    <Fold name="Delete name and contact">
      <p className="quiet">
        Who brought it, how to reach them and who collected it go for good; the work stays in the log.
      </p>
      <button
        type="button"
        className="btn btn-outline min-h-12 mt-2"
        disabled={forget.isPending}
        onClick={() => forget.mutate(undefined)}
      >
        Delete them
      </button>
      {forget.error && <p className="text-error font-semibold">{forget.error.message}</p>}
    </Fold>
  )
}

function TearUp({ ticket }: { ticket: Ticket }) {
  const [, go] = useLocation()
  const queries = useQueryClient()
  const [error, setError] = useState('')
  if (ticket.things.some((t) => t.leftAt !== null)) return null
  return (
    <Fold name="Tear it up">
      <p className="quiet">
        For one that was written by mistake. Its things stay on the rack, wanted for no day.
      </p>
      <button
        type="button"
        className="btn btn-outline min-h-12 mt-2"
        onClick={() =>
          void ask(api.DELETE('/api/v1/tickets/{id}', { params: { path: { id: ticket.id } } }))
            .then(() => {
              go('/tickets')
              void queries.invalidateQueries()
            })
            .catch((e: Error) => setError(e.message))
        }
      >
        Tear up ticket {ticket.number}
      </button>
      {error && <p className="text-error font-semibold">{error}</p>}
    </Fold>
  )
}
