import { useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'

const LOOK_AGAIN_MS = 600_000

/** What is served here, and whether its disk is nearly full. */
export function useInstallation() {
  return useQuery({
    queryKey: ['installation'],
    queryFn: () => ask(api.GET('/api/v1/installation')),
    staleTime: LOOK_AGAIN_MS,
    refetchInterval: LOOK_AGAIN_MS,
  })
}
