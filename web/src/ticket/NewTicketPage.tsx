import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useLocation } from 'wouter'
import { api, ask, Refused } from '../api/client'
import { useDraft } from '../api/local'
import { OwnerChoice } from '../shop/OwnerChoice'
import { Act } from '../ui/Act'
import { Check } from '../ui/Field'
import { useTitle } from '../ui/useTitle'
import { Facts, type TicketForm } from './Facts'

const EMPTY: TicketForm = {
  crewId: '',
  broughtBy: '',
  contact: '',
  promised: '',
  agreed: '',
  tools: [],
  version: 0,
}

/** Writing a ticket: whose, for when, and what of theirs that the shop knows already. New things follow on it. */
export function NewTicketPage() {
  useTitle('A new ticket')
  const [form, setForm, drop] = useDraft('ticket', EMPTY)
  const [, go] = useLocation()
  const queries = useQueryClient()
  const known = useQuery({
    queryKey: ['known', form.crewId],
    queryFn: () => ask(api.GET('/api/v1/crews/{id}/known-tools', { params: { path: { id: form.crewId } } })),
    enabled: form.crewId !== '',
  })
  const write = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tickets', { body: form })),
    onSuccess: (made) => {
      drop()
      void queries.invalidateQueries()
      queries.setQueryData(['ticket', made.id], made)
      go(`/tickets/${made.id}`)
    },
  })
  const refused = write.error instanceof Refused ? write.error : undefined
  const tools = known.data?.tools ?? []
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">A new ticket</h1>
      <div className="grid lg:grid-cols-2 gap-x-12 gap-y-5 pt-3 max-w-[76rem]">
        <div className="grid gap-4 content-start">
          <OwnerChoice
            value={form.crewId}
            onChange={(crewId) => setForm({ ...form, crewId, tools: [] })}
            error={refused?.at('crewId')}
          />
          <section aria-label="What they bring">
            <h2 className="font-semibold">What they bring</h2>
            {form.crewId === '' && (
              <p className="quiet pt-1">Say whose it is: what is known of theirs comes here.</p>
            )}
            {form.crewId !== '' && known.data && (
              <p className="quiet pt-1">
                {tools.length > 0
                  ? 'Of what the shop knows of theirs. What is new is taken in on the ticket.'
                  : 'Nothing of theirs is known yet: take it in on the ticket.'}
              </p>
            )}
            <div className="pt-1">
              {tools.map((t) => (
                <Check
                  key={t.toolId}
                  label={t.name}
                  value={form.tools.includes(t.toolId)}
                  onChange={(on) =>
                    setForm({
                      ...form,
                      tools: on ? [...form.tools, t.toolId] : form.tools.filter((x) => x !== t.toolId),
                    })
                  }
                />
              ))}
            </div>
            {refused?.at('tools') && <p className="text-error font-semibold">{refused.at('tools')}</p>}
          </section>
        </div>
        <Facts form={form} onChange={setForm} refused={refused} promise={Math.max(1, form.tools.length)} />
      </div>
      <Act onClick={() => write.mutate()} busy={write.isPending} note={write.error?.message}>
        Write the ticket
      </Act>
    </>
  )
}
