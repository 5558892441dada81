import { useState } from 'react'
import { Link } from 'wouter'
import { api, ask } from '../api/client'
import { nextName } from '../tool/nextName'
import { Choice, Field } from '../ui/Field'
import { putOn, useChange, type Ticket } from './useTicket'

/** Puts more onto a ticket: something new, another like one of it, or something of the owner's that is known. */
export function More({ ticket }: { ticket: Ticket }) {
  const [known, setKnown] = useState('')
  const add = useChange(ticket.id, (tool: string) => ask(putOn(ticket.id, [tool])))
  return (
    <section aria-label="More of it" className="pt-3">
      <h2 className="quiet rule-b pb-0.5">They brought more</h2>
      <div className="grid sm:grid-cols-2 gap-x-6 gap-y-3 pt-2">
        <Link href={`/take-in?ticket=${ticket.id}`} className="btn btn-outline min-h-12 self-end">
          Something new: take it in
        </Link>
        {ticket.known.length > 0 && (
          <Choice
            label="Something the shop knows of theirs"
            value={known}
            onChange={(tool) => {
              setKnown('')
              if (tool) add.mutate(tool)
            }}
            empty="choose it"
            options={ticket.known.map((t) => ({ value: t.toolId, label: t.name }))}
          />
        )}
        {ticket.things.length > 0 && <Like key={ticket.things.length} ticket={ticket} />}
      </div>
      {add.error && (
        <p role="alert" className="text-error font-semibold">
          {add.error.message}
        </p>
      )}
    </section>
  )
}

/** Another like one that is on it: the last one, unless another is chosen. */
function Like({ ticket }: { ticket: Ticket }) {
  const [like, setLike] = useState(ticket.things[ticket.things.length - 1]!)
  const [name, setName] = useState(nextName(like.name))
  const copy = useChange(ticket.id, () =>
    ask(
      api.POST('/api/v1/tickets/{id}/things/{tool}/another', {
        params: { path: { id: ticket.id, tool: like.toolId } },
        body: { name },
      }),
    ),
  )
  return (
    <>
      <Choice
        label="Another like"
        value={like.toolId}
        onChange={(id) => {
          const chosen = ticket.things.find((t) => t.toolId === id)!
          setLike(chosen)
          setName(nextName(chosen.name))
        }}
        options={ticket.things.map((t) => ({ value: t.toolId, label: t.name }))}
      />
      <div className="flex gap-3 items-end">
        <Field label="What it is called" value={name} onChange={setName} error={copy.error?.message} />
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={copy.isPending}
          onClick={() => copy.mutate(undefined)}
        >
          Put it on too
        </button>
      </div>
    </>
  )
}
