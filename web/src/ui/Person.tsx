import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask } from '../api/client'
import { usePerson } from './person'

/** What the list offers to add somebody; no name is made of it. */
const SOMEONE_NEW = '+'

/** Who works at this device: chosen from the list, or added to it on the spot. */
export function Person() {
  const [name, setName] = usePerson()
  const [adding, setAdding] = useState(false)
  const people = useQuery({ queryKey: ['people'], queryFn: () => ask(api.GET('/api/v1/people')) })
  if (adding) return <NewPerson onClose={() => setAdding(false)} onMade={setName} />
  return (
    <label className="flex items-center gap-2 text-[0.92rem]">
      <span className="hidden sm:inline quiet">At the bench</span>
      <select
        aria-label="Who works at this device"
        className="select h-11 w-26 sm:w-36 text-ellipsis"
        value={name}
        onChange={(e) => (e.target.value === SOMEONE_NEW ? setAdding(true) : setName(e.target.value))}
      >
        <option value="">nobody</option>
        {people.data?.map((p) => (
          <option key={p.id} value={p.name}>
            {p.name}
          </option>
        ))}
        <option value={SOMEONE_NEW}>someone new…</option>
      </select>
    </label>
  )
}

function NewPerson({ onMade, onClose }: { onMade: (name: string) => void; onClose: () => void }) {
  const [typed, setTyped] = useState('')
  const queries = useQueryClient()
  const add = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/people', { body: { name: typed } })),
    onSuccess: (made) => {
      void queries.invalidateQueries({ queryKey: ['people'] })
      onMade(made.name)
      onClose()
    },
  })
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        add.mutate()
      }}
    >
      <input
        autoFocus
        aria-label="Name of who works here"
        aria-invalid={add.isError || undefined}
        placeholder="name"
        className="input h-11 w-34"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      <button type="submit" className="btn btn-outline min-h-11" disabled={add.isPending}>
        Add
      </button>
      <button type="button" className="btn btn-ghost min-h-11" onClick={onClose}>
        Not now
      </button>
      {add.isError && (
        <span role="alert" className="text-error w-full">
          {add.error.message}
        </span>
      )}
    </form>
  )
}
