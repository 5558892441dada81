import { useState } from 'react'
import { api, ask } from '../api/client'
import { Act } from '../ui/Act'
import { Check, Field } from '../ui/Field'
import { useChange, type Ticket } from './useTicket'

/** Handing things over: what is done is ticked already; what is not done may be taken back as it is. */
export function HandOver({ ticket, done }: { ticket: Ticket; done: () => void }) {
  const here = ticket.things.filter((t) => t.leftAt === null)
  const ready = here.filter((t) => t.state === 'TO_COLLECT' || t.state === 'REJECTED').map((t) => t.toolId)
  const [tools, setTools] = useState(ready)
  const [to, setTo] = useState(ticket.broughtBy)
  const undone = tools.some((t) => !ready.includes(t))
  const give = useChange(ticket.id, () =>
    ask(
      api.POST('/api/v1/tickets/{id}/hand-over', {
        params: { path: { id: ticket.id } },
        body: { tools, to, undone },
      }),
    ),
  )
  return (
    <section aria-label="What leaves" className="pt-3">
      <h2 className="quiet rule-b pb-0.5">What leaves now</h2>
      {here.map((t) => (
        <Check
          key={t.toolId}
          label={ready.includes(t.toolId) ? t.name : `${t.name}, as it is: ${t.stateWords}`}
          value={tools.includes(t.toolId)}
          onChange={(on) => setTools(on ? [...tools, t.toolId] : tools.filter((x) => x !== t.toolId))}
        />
      ))}
      <div className="max-w-[24rem] pt-1">
        <Field label="Handed to" value={to} onChange={setTo} hint="may stay empty" />
      </div>
      {undone && (
        <p className="pt-2">
          What is not done is taken back as it is. What was counted and planned for it stays, and goes on when
          it is brought again.
        </p>
      )}
      <Act
        onClick={() => give.mutate(undefined, { onSuccess: done })}
        busy={give.isPending}
        disabled={tools.length === 0}
        note={give.error?.message}
        beside={
          <button type="button" className="btn btn-outline min-h-14" onClick={done}>
            Not now
          </button>
        }
      >
        {undone ? 'It leaves, some of it undone' : 'It is handed over'}
      </Act>
    </section>
  )
}
