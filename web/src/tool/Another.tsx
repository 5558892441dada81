import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'wouter'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { nextName } from './nextName'

type Tool = Schemas['ToolView']

/** Takes in tools like this one, as many as there are: each gets its name, everything else is copied. */
export function Another({ tool }: { tool: Tool }) {
  const [made, setMade] = useState<Tool[]>([])
  const [name, setName] = useState(nextName(tool.name))
  const queries = useQueryClient()
  const copy = useMutation({
    mutationFn: () =>
      ask(api.POST('/api/v1/tools/{id}/another', { params: { path: { id: tool.id } }, body: { name } })),
    onSuccess: (like) => {
      setMade([...made, like])
      setName(nextName(like.name))
      void queries.invalidateQueries()
    },
  })
  const refused = copy.error instanceof Refused ? copy.error : undefined
  return (
    <Fold name="Another like it">
      <p className="quiet pb-2">
        Its dimensions, steel, owner, set-up and rules of its own are copied; the edge is surveyed by itself.
      </p>
      <Field
        label="What the other is called"
        value={name}
        onChange={setName}
        error={refused?.at('name') ?? (copy.error && !refused ? copy.error.message : undefined)}
      />
      <button
        type="button"
        className="btn btn-outline min-h-12 mt-3"
        disabled={copy.isPending}
        onClick={() => copy.mutate()}
      >
        Take it in too
      </button>
      {made.length > 0 && (
        <ul className="pt-2" aria-label="Taken in like it">
          {made.map((t) => (
            <li key={t.id}>
              <Link
                href={`/tools/${t.id}/survey`}
                className="underline underline-offset-4 min-h-11 inline-flex items-center"
              >
                {t.name}: survey its edge
              </Link>
            </li>
          ))}
        </ul>
      )}
    </Fold>
  )
}
