import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { toolChanged } from '../api/changed'
import { Fold } from '../ui/Fold'
import { Trouble } from '../ui/Notice'

type Tool = Schemas['ToolView']

/** What can be put right about a tool: its name and dimensions, whether it is in use, whether it is there at all. */
export function PutRight({ tool }: { tool: Tool }) {
  const queries = useQueryClient()
  const path = { params: { path: { id: tool.id } } }
  const saved = { onSuccess: () => toolChanged(queries, tool.id) }
  const pin = useMutation({
    mutationFn: () => ask(api.PUT('/api/v1/tools/{id}/pin', { ...path, body: { pinned: !tool.pinned } })),
    ...saved,
  })
  const retire = useMutation({
    mutationFn: () =>
      ask(
        tool.retired
          ? api.POST('/api/v1/tools/{id}/use-again', path)
          : api.POST('/api/v1/tools/{id}/retire', path),
      ),
    ...saved,
  })
  const [deleting, setDeleting] = useState(false)
  return (
    <Fold name="Rename, take out of use, delete">
      <Trouble error={pin.error ?? retire.error} />
      <div className="flex flex-wrap gap-3 py-2">
        <Link href={`/tools/${tool.id}/take-in`} className="btn btn-outline min-h-12">
          Change its name, owner or dimensions
        </Link>
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={pin.isPending}
          onClick={() => pin.mutate()}
        >
          {tool.pinned ? 'Unpin it' : 'Pin it to the top of the rack'}
        </button>
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={retire.isPending}
          onClick={() => retire.mutate()}
        >
          {tool.retired ? 'Use it again' : 'Take it out of use'}
        </button>
        <button
          type="button"
          className="btn btn-ghost min-h-12 text-error"
          onClick={() => setDeleting(!deleting)}
        >
          Delete it…
        </button>
      </div>
      {deleting && <Delete tool={tool} onClose={() => setDeleting(false)} />}
    </Fold>
  )
}

/** Says what goes with the tool before it is deleted. */
function Delete({ tool, onClose }: { tool: Tool; onClose: () => void }) {
  const queries = useQueryClient()
  const [, go] = useLocation()
  const path = { params: { path: { id: tool.id } } }
  const belongings = useQuery({
    queryKey: ['belongings', tool.id],
    staleTime: 0,
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/belongings', path)),
  })
  const remove = useMutation({
    mutationFn: () => ask(api.DELETE('/api/v1/tools/{id}', path)),
    onSuccess: () => {
      go('/rack')
      toolChanged(queries, tool.id)
    },
  })
  if (!belongings.data) return <Trouble error={belongings.error} />
  const { refused, parts } = belongings.data
  return (
    <div className="border-l-4 border-error pl-3 pb-2" role="group" aria-label="Delete this tool">
      <Trouble error={remove.error} />
      {refused ? (
        <p>{refused}</p>
      ) : (
        <>
          <p>
            {parts.length > 0 ? `With it go ${parts.join(', ')}.` : 'Nothing else goes with it.'} For thirty
            days it can be brought back from the foot of the rack.
          </p>
          <div className="flex flex-wrap gap-4 pt-2">
            <button
              type="button"
              className="btn btn-error min-h-12"
              disabled={remove.isPending}
              onClick={() => remove.mutate()}
            >
              Delete {tool.name}
            </button>
            <button type="button" className="btn btn-ghost min-h-12" onClick={onClose}>
              Keep it
            </button>
          </div>
        </>
      )}
    </div>
  )
}
