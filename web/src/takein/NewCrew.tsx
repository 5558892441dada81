import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask } from '../api/client'
import { Field } from '../ui/Field'

/** Naming the first owner, where none is known. */
export function NewCrew({ onMade }: { onMade: (id: string) => void }) {
  const [name, setName] = useState('')
  const queries = useQueryClient()
  const add = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/crews', { body: { name } })),
    onSuccess: (crew) => {
      void queries.invalidateQueries({ queryKey: ['crews'] })
      onMade(crew.id)
    },
  })
  return (
    <div className="border-l-4 border-base-300 pl-3">
      <p className="mb-2">No owner is known yet. Name the first one.</p>
      <Field label="Owner or crew" value={name} onChange={setName} error={add.error?.message} />
      <button type="button" className="btn mt-2 min-h-12" onClick={() => add.mutate()}>
        Add this owner
      </button>
    </div>
  )
}
