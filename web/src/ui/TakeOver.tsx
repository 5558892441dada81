import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, ask, Refused } from '../api/client'
import { deviceKey } from '../api/local'
import { usePerson } from './person'

interface TakeOverProps {
  sessionId: string
  /** What was refused, if anything was. */
  error: unknown
  /** Called once the session is held here, so that what was refused can be tried again. */
  onTaken: () => void
}

/** Where another device holds the session: the button that takes it over, beside the refusal that says so. */
export function TakeOver({ sessionId, error, onTaken }: TakeOverProps) {
  const [person] = usePerson()
  const queries = useQueryClient()
  const take = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/sessions/{id}/takeover', {
          params: { path: { id: sessionId } },
          body: { device: deviceKey(), person },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['session', sessionId] })
      onTaken()
    },
  })
  if (!(error instanceof Refused) || !error.has('SESSION_HELD')) return null
  return (
    <button
      type="button"
      className="btn btn-outline min-h-14"
      onClick={() => take.mutate()}
      disabled={take.isPending}
    >
      Take it over here
    </button>
  )
}
