import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask } from '../api/client'
import { Field } from '../ui/Field'

/** Naming an owner the shop does not know yet. */
export function NewCrew({ says, onMade }: { says: string; onMade: (id: string) => void }) {
  const [name, setName] = useState('')
  const queries = useQueryClient()
  const add = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/crews', { body: { name } })),
    onSuccess: async (crew) => {
      await queries.invalidateQueries({ queryKey: ['crews'] })
      onMade(crew.id)
    },
  })
  return (
    <div className="border-l-4 border-base-300 pl-3">
      {says && <p className="mb-2">{says}</p>}
      <Field label="Owner or crew" value={name} onChange={setName} error={add.error?.message} />
      <button
        type="button"
        className="btn mt-2 min-h-12"
        disabled={add.isPending}
        onClick={() => add.mutate()}
      >
        Add this owner
      </button>
    </div>
  )
}
