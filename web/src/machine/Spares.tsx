import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Link } from 'wouter'
import { machineChanged } from '../api/changed'
import { api, ask, Refused } from '../api/client'
import type { MachineState } from './useMachine'

/** The other blades of the same machine: which is on it, which waits its turn. */
export function Spares({ state }: { state: MachineState }) {
  const queries = useQueryClient()
  const swap = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/v1/tools/{id}/machine', {
          params: { path: { id: state.toolId } },
          body: { machineId: state.machine!.id, machine: null, fitted: true, mass: '' },
        }),
      ),
    onSuccess: () => machineChanged(queries),
  })
  if (state.spares.length === 0) return null
  const rejected = state.inspection?.verdict === 'REJECT'
  return (
    <section aria-label="Other blades of it">
      <h2 className="font-semibold">Blades of the {state.machine?.name}</h2>
      <p className="pt-1">This one: {state.fitted ? 'on the machine' : 'spare'}.</p>
      <ul>
        {state.spares.map((s) => (
          <li key={s.toolId}>
            <Link
              href={`/tools/${s.toolId}`}
              className="underline underline-offset-4 min-h-11 inline-flex items-center"
            >
              {s.name}
            </Link>
            <span className="quiet">, {s.words}</span>
          </li>
        ))}
      </ul>
      <p className="quiet text-[0.94rem]">
        Put the spare on when the other comes down: the machine runs, and each is done in peace.
      </p>
      {!state.fitted && !rejected && (
        <button
          type="button"
          className="btn btn-outline min-h-12 mt-2"
          disabled={swap.isPending}
          onClick={() => swap.mutate()}
        >
          This one is on the machine now
        </button>
      )}
      {swap.error instanceof Refused && (
        <p role="alert" className="text-error font-semibold">
          {swap.error.message}
        </p>
      )}
    </section>
  )
}
