import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ask, Refused, type Schemas } from '../api/client'

export type Day = Schemas['DayView']
export type Plan = Schemas['DayPlanView']
export type Wishes = Schemas['DayForm']

const LOOK_AGAIN_MS = 30_000

/** The day as it stands; what is done of it comes from the benches. */
export function useDay() {
  return useQuery({
    queryKey: ['day'],
    queryFn: () => ask(api.GET('/api/v1/day')),
    refetchInterval: LOOK_AGAIN_MS,
  })
}

/** Plans the day, or the rest of it, and shows what came of it. */
export function usePlanning(planned?: () => void) {
  return useAnew((wishes: Wishes) => ask(api.POST('/api/v1/day', { body: wishes })), planned)
}

/** Puts a tool before another in the order in which they are ready. */
export function useMoving() {
  return useAnew((move: Schemas['MoveForm']) => ask(api.POST('/api/v1/day/move', { body: move })))
}

function useAnew<T>(plan: (wanted: T) => Promise<Day>, planned?: () => void) {
  const queries = useQueryClient()
  const planning = useMutation({
    mutationFn: plan,
    onSuccess: (day) => {
      queries.setQueryData(['day'], day)
      void queries.invalidateQueries({ queryKey: ['day-front'] })
      planned?.()
    },
  })
  const refused = planning.error instanceof Refused ? planning.error : undefined
  return { ...planning, refused }
}

/** A tool of which nothing is asked but that it is done. */
export const UNASKED = { by: '', longer: '', rests: '', first: false, after: null }

/** What a day is planned from first: whoever works here, and all that can be worked, unless it is for later. */
export function firstWishes(day: Day, person: string): Wishes {
  return {
    people: [{ name: person, begins: '' }],
    readyBy: day.readyBy,
    tools: day.open.filter((t) => t.workable).map((t) => ({ ...UNASKED, tool: t.toolId })),
    run: null,
  }
}
