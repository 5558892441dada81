import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, ask, Refused } from '../api/client'
import { kitChanged } from '../api/changed'
import { useRemoved, type KitList } from './removed'

/** Deletes a piece of the kit that nothing waits for. */
export function Remove({ list, id, name }: { list: KitList; id: string; name: string }) {
  const queries = useQueryClient()
  const [, setRemoved] = useRemoved()
  const remove = useMutation({
    mutationFn: () => ask(api.DELETE('/api/v1/kit/{list}/{id}', { params: { path: { list, id } } })),
    onSuccess: () => {
      setRemoved({ list, id, name })
      kitChanged(queries)
    },
  })
  return (
    <div className="flex flex-wrap gap-3 items-center pl-4 pb-3">
      <button
        type="button"
        className="btn btn-ghost min-h-12 text-error"
        disabled={remove.isPending}
        onClick={() => remove.mutate()}
      >
        Delete {name}
      </button>
      {remove.error && (
        <p role="alert" className="text-error font-semibold">
          {remove.error instanceof Refused ? remove.error.message : 'That did not arrive: try it again.'}
        </p>
      )}
    </div>
  )
}

/** Says what was deleted last, and brings it back. */
export function Removed() {
  const queries = useQueryClient()
  const [removed, setRemoved] = useRemoved()
  const back = useMutation({
    mutationFn: (piece: { list: KitList; id: string }) =>
      ask(api.POST('/api/v1/kit/{list}/{id}/bring-back', { params: { path: piece } })),
    onSuccess: () => {
      setRemoved(null)
      kitChanged(queries)
    },
  })
  if (!removed) return null
  return (
    <p role="status" className="py-2 flex flex-wrap gap-x-4 items-center">
      {removed.name} was deleted.
      <button type="button" className="btn btn-outline min-h-11" onClick={() => back.mutate(removed)}>
        Undo
      </button>
    </p>
  )
}
