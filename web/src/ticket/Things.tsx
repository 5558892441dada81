import { Link } from 'wouter'
import { day, hour } from '../ui/format'
import { minutes, money } from './money'
import type { Thing, Ticket } from './useTicket'

/** What is on a ticket, thing by thing: how far it is, what is left to do, what it costs. */
export function Things({ ticket }: { ticket: Ticket }) {
  if (ticket.things.length === 0) {
    return <p className="pt-2">Nothing is on it yet. Put on it what they brought.</p>
  }
  return (
    <ul aria-label="What was brought">
      {ticket.things.map((t) => (
        <li
          key={`${t.toolId} ${t.leftAt ?? ''}`}
          className="rule-b py-2 grid gap-y-1 sm:grid-cols-[minmax(0,1fr)_auto] gap-x-4 items-start justify-items-start"
        >
          <div className="min-w-0">
            <Link
              href={`/tools/${t.toolId}`}
              className="font-semibold text-[1.08rem] underline underline-offset-4"
            >
              {t.name}
            </Link>
            <p className="quiet leading-snug">
              <State thing={t} />
              {t.wantedBy && t.wantedBy !== ticket.promised && `, wanted by ${day(t.wantedBy)}`}
              {t.minutes && `, ${t.guessed ? 'usually ' : ''}about ${minutes(t.minutes)}`}
            </p>
            <Cost thing={t} currency={ticket.currency} />
          </div>
          <Next thing={t} ticket={ticket} />
        </li>
      ))}
    </ul>
  )
}

function State({ thing }: { thing: Thing }) {
  if (thing.leftAt !== null) {
    return (
      <>
        {thing.stateWords}
        {thing.handedTo && ` to ${thing.handedTo}`} {day(thing.leftAt)}, {hour(thing.leftAt)}
      </>
    )
  }
  return (
    <span className={thing.state === 'TO_COLLECT' ? 'text-base-content font-semibold' : ''}>
      {thing.stateWords}
      {thing.doneAt && ` since ${day(thing.doneAt)}`}
    </span>
  )
}

function Cost({ thing, currency }: { thing: Thing; currency: string }) {
  if (thing.charged) return <p className="leading-snug">{thing.charged}</p>
  const quote = thing.quote
  if (!quote) return null
  return (
    <p className="leading-snug">
      {money(quote.hundredths, currency)}
      {quote.lines.length > 1 && (
        <span className="quiet">
          {': '}
          {quote.lines.map((l) => `${l.words} ${money(l.hundredths, currency)}`).join(', ')}
        </span>
      )}
      {quote.beforeSurvey && <span className="quiet">, damage comes on top</span>}
    </p>
  )
}

function Next({ thing, ticket }: { thing: Thing; ticket: Ticket }) {
  if (thing.nextPath) {
    return (
      <Link href={thing.nextPath} className="btn btn-outline min-h-12">
        {thing.nextWords}
      </Link>
    )
  }
  if (thing.state !== 'TAKEN_BACK') {
    return (
      <a
        className="btn btn-outline min-h-12"
        href={`/api/v1/print/tickets/${ticket.id}/things/${thing.toolId}/card.pdf`}
        target="_blank"
        aria-label={`Card of what was done: ${thing.name}`}
      >
        Its card
      </a>
    )
  }
  return null
}
