import type { QueryClient } from '@tanstack/react-query'

// A session goes by its own id, and a test or a plan may reopen it.
const OF_THE_SHOP = ['board', 'day', 'day-front', 'rack', 'at-bench', 'timers', 'people', 'session']
const NOT_OF_THE_KIT = [
  'installation',
  'reference',
  'cautions',
  'wheel-signs',
  'take-in-choices',
  'crews',
  'people',
  'session',
  'log',
  'profile',
  'profile-over',
]

/** Something was saved of one tool: what is shown of it, and of the shop's tools together, is asked anew. */
export function toolChanged(queries: QueryClient, toolId: string) {
  void queries.invalidateQueries({
    predicate: ({ queryKey: key }) => key.includes(toolId) || OF_THE_SHOP.includes(String(key[0])),
  })
}

/** Something was saved of a machine, which may concern every blade of it. */
export function machineChanged(queries: QueryClient) {
  const named = ['machine', 'stages', 'tool', ...OF_THE_SHOP]
  void queries.invalidateQueries({ predicate: ({ queryKey: key }) => named.includes(String(key[0])) })
}

/** Something was saved of the kit, on which every plan and setting depends. */
export function kitChanged(queries: QueryClient) {
  void queries.invalidateQueries({
    predicate: ({ queryKey: key }) => !NOT_OF_THE_KIT.includes(String(key[0])),
  })
}
