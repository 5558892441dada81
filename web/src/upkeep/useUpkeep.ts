import { useMutation, useQueryClient } from '@tanstack/react-query'
import { toolChanged } from '../api/changed'
import { Refused, type Schemas } from '../api/client'

type Upkeep = Schemas['UpkeepSheet']

/** Saves something of a tool's upkeep: the page shows the answer at once, the rest of the shop is asked anew. */
export function useUpkeep<T>(toolId: string, save: (what: T) => Promise<Upkeep>, saved?: () => void) {
  const queries = useQueryClient()
  const saving = useMutation({
    mutationFn: save,
    onSuccess: (now) => {
      toolChanged(queries, toolId)
      queries.setQueryData(['upkeep', toolId], now)
      saved?.()
    },
  })
  return { ...saving, refused: saving.error instanceof Refused ? saving.error : undefined }
}
