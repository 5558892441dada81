import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'
import { toolChanged } from '../api/changed'
import { day } from '../ui/format'
import { Trouble } from '../ui/Notice'

/** What was deleted and can still be brought back. */
export function Deleted({ tools }: { tools: Schemas['DeletedView'][] }) {
  const queries = useQueryClient()
  const back = useMutation({
    mutationFn: (id: string) =>
      ask(api.POST('/api/v1/rack/deleted/{id}/bring-back', { params: { path: { id } } })),
    onSuccess: (_, id) => toolChanged(queries, id),
  })
  const forGood = useMutation({
    mutationFn: (id: string) => ask(api.DELETE('/api/v1/rack/deleted/{id}', { params: { path: { id } } })),
    onSuccess: (_, id) => toolChanged(queries, id),
  })
  if (tools.length === 0) return null
  return (
    <details className="rule-t mt-6 pt-1" open={tools.length < 4}>
      <summary className="min-h-11 cursor-pointer flex items-center font-semibold">
        Deleted: {tools.length}
      </summary>
      <Trouble error={back.error ?? forGood.error} />
      <ul>
        {tools.map((t) => (
          <li key={t.toolId} className="rule-b py-2 flex flex-wrap gap-x-4 gap-y-2 items-center">
            <p className="flex-1 min-w-[14rem]">
              {t.name} <span className="quiet">can be brought back until {day(t.until.slice(0, 10))}</span>
            </p>
            <button
              type="button"
              className="btn btn-outline min-h-12"
              disabled={back.isPending}
              onClick={() => back.mutate(t.toolId)}
            >
              Bring back {t.name}
            </button>
            <button
              type="button"
              className="btn btn-ghost min-h-12 text-error"
              disabled={forGood.isPending}
              onClick={() => forGood.mutate(t.toolId)}
            >
              Delete {t.name} for good
            </button>
          </li>
        ))}
      </ul>
    </details>
  )
}
