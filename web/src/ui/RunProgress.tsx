import { useMutation, useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'

const LOOK_AGAIN_MS = 300

/** How far long work is, and the way to stop it. */
export function RunProgress({
  run,
  far,
  note,
  name,
  stop = { press: 'Stop', pressed: 'Stopping…' },
}: {
  run: string
  /** How far it is, in words; before anything is known, of 0. */
  far: (done: number, of: number) => string
  note: string
  name: string
  /** What ends it, and what it says once the service knows. */
  stop?: { press: string; pressed: string }
}) {
  const path = { params: { path: { id: run } } }
  const known = useQuery({
    queryKey: ['run', run],
    queryFn: () => ask(api.GET('/api/v1/runs/{id}', path)),
    refetchInterval: LOOK_AGAIN_MS,
    gcTime: 0,
  })
  const ending = useMutation({ mutationFn: () => ask(api.DELETE('/api/v1/runs/{id}', path)) })
  const { done, of } = known.data ?? { done: 0, of: 0 }
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-2 items-center">
      <p role="status" className="quiet">
        {far(done, of)} {note}
      </p>
      <progress
        className="progress progress-primary w-48"
        aria-label={name}
        {...(of > 0 ? { value: done, max: of } : {})}
      />
      <button
        type="button"
        className="btn btn-outline min-h-12"
        disabled={ending.isPending || ending.isSuccess}
        onClick={() => ending.mutate()}
      >
        {ending.isSuccess ? stop.pressed : ending.isPending ? 'Asking it to…' : stop.press}
      </button>
    </div>
  )
}
