import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { api, ask, type Schemas } from '../api/client'

export type Exercise = Schemas['ExerciseView']
export type Round = Schemas['RoundView']
export type Act = Schemas['ActForm']

/** The exercises, with what somebody did so far. */
export function useTraining(person: string) {
  return useQuery({
    queryKey: ['training', person],
    queryFn: () => ask(api.GET('/api/v1/training', { params: { query: { person } } })),
  })
}

/** A round after what was done so far: the service works it out from its seed. */
export function useRound(exercise: Exercise, id: string, seed: number, person: string, acts: Act[]) {
  const queries = useQueryClient()
  const round = useQuery({
    queryKey: ['training-round', id, acts],
    queryFn: () =>
      ask(
        api.POST('/api/v1/training/{exercise}', {
          params: { path: { exercise: exercise.exercise } },
          body: { round: id, grade: exercise.grade, seed, person, acts },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: 2,
  })
  const over = (round.data?.answer ?? null) !== null
  useEffect(() => {
    if (over) void queries.invalidateQueries({ queryKey: ['training', person] })
  }, [over, person, queries])
  return round
}
