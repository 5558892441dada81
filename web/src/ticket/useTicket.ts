import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'

export type Ticket = Schemas['TicketView']
export type Thing = Schemas['ThingView']

/** A ticket with its things. */
export function useTicket(id: string) {
  return useQuery({
    queryKey: ['ticket', id],
    queryFn: () => ask(api.GET('/api/v1/tickets/{id}', { params: { path: { id } } })),
  })
}

/** All tickets, by what is to be done with them. */
export function useTickets() {
  return useQuery({ queryKey: ['tickets'], queryFn: () => ask(api.GET('/api/v1/tickets')) })
}

/** Puts tools onto a ticket. */
export function putOn(id: string, tools: string[]) {
  return api.POST('/api/v1/tickets/{id}/things', { params: { path: { id } }, body: { tools } })
}

/** Something that changes a ticket: the answer is the ticket as it is now, and all else is asked for anew. */
export function useChange<In>(id: string, change: (given: In) => Promise<Ticket>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: (now) => {
      void queries.invalidateQueries()
      queries.setQueryData(['ticket', id], now)
    },
  })
}
