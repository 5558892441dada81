import { useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'
import { Fold } from '../ui/Fold'
import { day } from '../ui/format'
import { Dulling } from './Dulling'

/** How a tool dulls, on its own page; nothing where it was never read in use. */
export function DullsHere({ toolId }: { toolId: string }) {
  const upkeep = useQuery({
    queryKey: ['upkeep', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/upkeep', { params: { path: { id: toolId } } })),
    retry: false,
  })
  const u = upkeep.data
  if (!u || u.points.length < 2) return null
  return (
    <Fold name="How it dulls" says={u.next?.day ? `a touch-up pays from ${day(u.next.day)}` : undefined}>
      <Dulling upkeep={u} />
    </Fold>
  )
}
