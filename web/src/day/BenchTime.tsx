import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused } from '../api/client'
import { Field } from '../ui/Field'
import { usePromise } from './usePromise'

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']

/** How long somebody is at the bench on each day of the week: what is promised rests on it. */
export function BenchTime() {
  const promise = usePromise(1)
  return promise.data ? (
    <Minutes
      key={promise.data.bench.minutes.join()}
      start={promise.data.bench.minutes}
      guessed={promise.data.guessed}
    />
  ) : null
}

function Minutes({ start, guessed }: { start: string[]; guessed: boolean }) {
  const [minutes, setMinutes] = useState(start)
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: () => ask(api.PUT('/api/v1/day/promise', { body: { minutes } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['day', 'promise'] }),
  })
  const faults = save.error instanceof Refused ? save.error.faults : []
  return (
    <form
      className="pt-2"
      onSubmit={(e) => {
        e.preventDefault()
        save.mutate()
      }}
    >
      <p className="quiet">
        Minutes at the bench on each day{guessed && ': a guess until you say'}. Not all of it goes into
        sharpening: a promise counts on half.
      </p>
      <div className="grid grid-cols-4 sm:grid-cols-7 gap-2 pt-1 max-w-[40rem]">
        {DAYS.map((d, i) => (
          <Field
            key={d}
            label={d}
            inputMode="decimal"
            value={minutes[i] ?? ''}
            onChange={(v) => setMinutes(minutes.map((m, k) => (k === i ? v : m)))}
            error={faults.find((f) => f.field === `minutes[${i}]`)?.message}
          />
        ))}
      </div>
      <button type="submit" className="btn btn-outline min-h-12 mt-2" disabled={save.isPending}>
        Save the time at the bench
      </button>
      {save.isSuccess && (
        <span role="status" className="pl-3">
          Saved.
        </span>
      )}
      {save.error && faults.length === 0 && <p className="text-error font-semibold">{save.error.message}</p>}
    </form>
  )
}
