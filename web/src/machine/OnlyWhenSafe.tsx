import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Coming, Trouble } from '../ui/Notice'
import { useMachine, type MachineState } from './useMachine'

type Stage = Schemas['StageView']['stage']

/** Stands before every page that shows work on a blade: a machine's blade passes once it is safe and found fit. */
export function OnlyWhenSafe({ toolId, at, children }: { toolId: string; at: Stage; children: ReactNode }) {
  const machine = useMachine(toolId)
  // A tool without a machine keeps its page, and what is typed there, while the service is away.
  if (machine.data && !machine.data.powered) return children
  if (machine.isError) return <Trouble error={machine.error} again={() => void machine.refetch()} />
  // What was known before this page was opened may be over: a shut door is not shown open for a moment.
  if (!machine.data || (machine.data.powered && machine.isFetching && !machine.isFetchedAfterMount))
    return <Coming />
  return machine.data.ready ? children : <Shut state={machine.data} at={at} />
}

function Shut({ state, at }: { state: MachineState; at: Stage }) {
  const stages = useStages(state.toolId)
  if (!stages.data) return stages.isError ? <Trouble error={stages.error} /> : <Coming />
  const rejected = state.inspection?.verdict === 'REJECT'
  return (
    <>
      <ToolHead stages={stages.data} at={at} />
      <section aria-label="Not yet" className="pt-6 max-w-[44rem]">
        <h2 className="text-[1.6rem] leading-tight font-semibold">
          {rejected
            ? 'This blade is rejected'
            : state.isolation
              ? 'Inspect the blade first'
              : 'Not before the machine is safe'}
        </h2>
        <p className="text-[1.1rem] pt-2">
          {rejected
            ? `${state.inspection!.reasons.join('; ')}. It is not worked any more.`
            : state.isolation
              ? 'Cracks, bend, wear and bore come before the edge. What is not fit is replaced, not sharpened.'
              : 'Nothing is done to this blade until its machine is recorded as isolated and blocked, with your name.'}
        </p>
        <p className="quiet pt-3">{state.first}</p>
      </section>
      <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
    </>
  )
}
