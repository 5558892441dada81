import { useMutation, useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'

const LOOK_AGAIN_MS = 300

/** How far the planning is, and the way to end it with the best so far. */
export function Planning({ run }: { run: string }) {
  const path = { params: { path: { id: run } } }
  const far = useQuery({
    queryKey: ['run', run],
    queryFn: () => ask(api.GET('/api/v1/runs/{id}', path)),
    refetchInterval: LOOK_AGAIN_MS,
    gcTime: 0,
  })
  const stop = useMutation({ mutationFn: () => ask(api.DELETE('/api/v1/runs/{id}', path)) })
  const { done, of } = far.data ?? { done: 0, of: 0 }
  return (
    <div data-coming className="flex flex-wrap gap-x-4 gap-y-2 items-center pt-3">
      <p role="status">{of > 0 ? `Putting the day in order: ${done} %.` : 'Putting the day in order…'}</p>
      <progress
        className="progress progress-primary w-48"
        aria-label="Share of the planning that is done"
        {...(of > 0 ? { value: done, max: of } : {})}
      />
      <button
        type="button"
        className="btn btn-outline min-h-12"
        disabled={stop.isPending || stop.isSuccess}
        onClick={() => stop.mutate()}
      >
        {stop.isSuccess ? 'Taking the best so far…' : 'Take the best so far'}
      </button>
    </div>
  )
}
