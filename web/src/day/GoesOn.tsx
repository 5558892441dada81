import { useQuery } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask } from '../api/client'

const LOOK_AGAIN_MS = 60_000

/** What is next of today's plan, if there is one. */
export function useFront() {
  return useQuery({
    queryKey: ['day-front'],
    queryFn: () => ask(api.GET('/api/v1/day/front', {})),
    refetchInterval: LOOK_AGAIN_MS,
  })
}

/** At the bench of one tool: today's plan goes on with another, on the stone and setting that are there. */
export function GoesOn({ toolId }: { toolId: string }) {
  const next = useFront().data?.plan?.next
  if (!next || next.toolId === toolId) return null
  return (
    <p className="rule-b py-1">
      <Link href={next.path} className="min-h-11 inline-flex items-center underline underline-offset-4">
        <span>
          Today's plan goes on with the <b>{next.tool}</b>
        </span>
      </Link>
    </p>
  )
}
