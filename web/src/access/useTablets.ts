import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'

export type Tablets = Schemas['TabletsView']
export type Who = 'owner' | 'hand'

/** Who asks: the machine itself, or a device that is signed in. */
export function useAccess() {
  return useQuery({ queryKey: ['access'], queryFn: () => ask(api.GET('/api/v1/access')), staleTime: 60_000 })
}

export function useTablets() {
  return useQuery({ queryKey: ['tablets'], queryFn: () => ask(api.GET('/api/v1/access/tablets')) })
}

function useKept<T>(change: (given: T) => Promise<Tablets>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: (tablets) => queries.setQueryData(['tablets'], tablets),
  })
}

export function useSetPassphrase(who: Who) {
  return useKept((passphrase: string) =>
    who === 'owner'
      ? ask(api.PUT('/api/v1/access/passphrases/owner', { body: { passphrase } }))
      : ask(api.PUT('/api/v1/access/passphrases/hand', { body: { passphrase } })),
  )
}

export function useTakeFromHands() {
  return useKept(() => ask(api.DELETE('/api/v1/access/passphrases/hand')))
}

export function useSignOut() {
  return useKept((id: string) => ask(api.DELETE('/api/v1/access/tablets/{id}', { params: { path: { id } } })))
}
