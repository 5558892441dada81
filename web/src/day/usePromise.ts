import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'

/** What can be promised for so many things that are brought today. */
export function usePromise(things: number) {
  return useQuery({
    queryKey: ['day', 'promise', things],
    queryFn: () => ask(api.GET('/api/v1/day/promise', { params: { query: { things } } })),
    staleTime: 60_000,
    placeholderData: keepPreviousData,
  })
}
