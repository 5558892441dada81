import { Link } from 'wouter'
import type { MachineState } from './useMachine'

/** The other blades of the same machine: which is on it, which waits its turn. */
export function Spares({ state }: { state: MachineState }) {
  if (state.spares.length === 0) return null
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
        Put the spare on when this one comes down: the machine runs, and each is done in peace.
      </p>
    </section>
  )
}
