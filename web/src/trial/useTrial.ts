import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused, type Schemas } from '../api/client'

export type Trial = Schemas['TrialSheet']

/** Saves something of a trial: the page shows the answer at once, the list of trials is asked anew. */
export function useTrial<T>(id: string, save: (what: T) => Promise<Trial>, saved?: () => void) {
  const queries = useQueryClient()
  const saving = useMutation({
    mutationFn: save,
    onSuccess: (now) => {
      queries.setQueryData(['trial', id], now)
      void queries.invalidateQueries({ queryKey: ['trials'] })
      void queries.invalidateQueries({ queryKey: ['house-rules'] })
      saved?.()
    },
  })
  return { ...saving, refused: saving.error instanceof Refused ? saving.error : undefined }
}

/** What an edge is called: by its way, or while the trial is covered by its number alone. */
export function edgeName(trial: Trial, edge: Schemas['TrialEdgeView']): string {
  return edge.way === null ? `Edge ${edge.place}` : `Edge ${edge.place}, ${trial.ways[edge.way]}`
}
