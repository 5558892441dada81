import { useQuery } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'

export type MachineState = Schemas['MachineState']

/** Where a blade stands as to its machine: asked anew whenever a page about it is opened or comes back into sight. */
export function useMachine(toolId: string) {
  return useQuery({
    queryKey: ['machine', toolId],
    staleTime: 0,
    refetchOnMount: 'always',
    refetchOnWindowFocus: 'always',
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/machine', { params: { path: { id: toolId } } })),
    enabled: toolId !== '',
  })
}
