import { useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'

/** What can be promised for something that is brought today. */
export function usePromise() {
  return useQuery({
    queryKey: ['day', 'promise'],
    queryFn: () => ask(api.GET('/api/v1/day/promise', {})),
    staleTime: 60_000,
  })
}
