import { useMutation, useQuery } from '@tanstack/react-query'
import { Link, useLocation } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { deviceKey } from '../api/local'
import { Section } from '../drawings/Section'
import { Act } from '../ui/Act'
import { Fold } from '../ui/Fold'
import { DullsHere } from '../upkeep/DullsHere'
import { num, upper } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Another } from './Another'
import { PutRight } from './PutRight'
import { SetupCard } from './SetupCard'
import { Sheet, ToolHead, useStages, useTool } from './ToolHead'
import { mm } from '../ui/units'

function useSetup(toolId: string) {
  return useQuery({
    queryKey: ['angle', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/angle', { params: { path: { id: toolId } } })),
    refetchOnMount: 'always',
    retry: false,
  })
}

/** The tool's own page: its edge, its section, its set-up card, its next step. */
export function ToolHub({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const tool = useTool(toolId)
  const setup = useSetup(toolId)
  const finish = useQuery({
    queryKey: ['finish', toolId],
    queryFn: () =>
      ask(
        api.GET('/api/v1/tools/{id}/finish', {
          params: { path: { id: toolId } },
        }),
      ),
    retry: false,
  })
  if (stages.isError || tool.isError) return <Trouble error={stages.error ?? tool.error} />
  if (!stages.data || !tool.data) return <Coming />
  const t = tool.data
  return (
    <>
      <ToolHead stages={stages.data} at={null} />
      <Sheet
        drawing={
          <>
            <Section view={t.section} label={`Section: last bevel ${num(t.lastDeg)}° ${t.convention}`} />
            {!t.powered && <DullsHere toolId={toolId} />}
          </>
        }
        decisions={
          <>
            <div>
              <h2 className="font-semibold">{t.tool}</h2>
              <p>{t.use}</p>
              <p className="quiet">{t.steel}</p>
              <p>
                {num(t.lastDeg)}° {t.convention}, {num(t.includedDeg)}° included.
              </p>
              {t.known.length > 0 && <p className="quiet">{upper(t.known.join(', '))}.</p>}
              {t.note && <p className="mt-2 break-words">{t.note}</p>}
            </div>
            <div className="rule-t pt-3">
              <p className="quiet">Steel left to sharpen</p>
              <p className="text-[1.35rem] font-semibold">{mm(t.usableLengthMm - t.retireLengthMm)}</p>
            </div>
            <div className="rule-t pt-3">
              <h2 className="font-semibold">Set-up card</h2>
              {setup.isError ? (
                // Angles are work: what is not safe to reach into shows none.
                <p className="quiet">Shown once the machine is safe and the blade was found fit.</p>
              ) : setup.data && setup.data.setups.length > 0 ? (
                setup.data.setups.map((card, i) => (
                  <SetupCard
                    key={card.id}
                    card={card}
                    toolId={toolId}
                    last={i === 0 ? finish.data?.last : null}
                  />
                ))
              ) : (
                <p className="quiet">None yet. It is made at the Angle stage and kept for next time.</p>
              )}
              <Link
                href={`/tools/${toolId}/house-rules`}
                className="underline underline-offset-4 min-h-11 inline-flex items-center"
              >
                House rules of this tool
              </Link>
              {!t.powered && (
                <Link
                  href={`/tools/${toolId}/upkeep`}
                  className="underline underline-offset-4 min-h-11 flex items-center"
                >
                  Upkeep: its use, how it dulls, touch-ups
                </Link>
              )}
              <Link
                href={`/tools/${toolId}/profile`}
                className="underline underline-offset-4 min-h-11 flex items-center"
              >
                Profile of its edge
              </Link>
            </div>
            {t.powered && (
              <Link
                href={`/tools/${toolId}/machine`}
                className="underline underline-offset-4 min-h-11 flex items-center"
              >
                Its machine, its hours and its spares
              </Link>
            )}
            <Another tool={t} />
            <Known tool={t} />
            <PutRight tool={t} />
          </>
        }
      />
      <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
    </>
  )
}

/** What was measured, and what is never done to it. */
function Known({ tool }: { tool: Schemas['ToolView'] }) {
  return (
    <Fold name="Dimensions, and what is not done to it">
      <dl className="grid grid-cols-[1fr_auto] gap-x-4">
        {tool.measures.map((m) => (
          <div key={m.field} className="contents">
            <dt className="quiet">{m.label}</dt>
            <dd className="text-right">{m.value}</dd>
          </div>
        ))}
      </dl>
      <ul className="list-disc pl-5 pt-2">
        {tool.refused.map((r) => (
          <li key={r.operation}>
            No {r.operation}: {r.reason}.
          </li>
        ))}
      </ul>
    </Fold>
  )
}

/** The bench stage of a tool: goes to the session that is open, or starts one on the plan that was chosen. */
export function ToolBench({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const [person] = usePerson()
  const [, go] = useLocation()
  const state = useQuery({
    queryKey: ['bench-of', toolId],
    staleTime: 0,
    queryFn: async () => {
      const path = { params: { path: { id: toolId } } }
      const open = await ask(api.GET('/api/v1/tools/{id}/session', path))
      const plan = await ask(api.GET('/api/v1/tools/{id}/plan', path))
      return { open: open.id, plan: plan.plan }
    },
  })
  const start = useMutation({
    mutationFn: (planId: string) =>
      ask(
        api.POST('/api/v1/tools/{id}/sessions', {
          params: { path: { id: toolId } },
          body: { planId, device: deviceKey(), person },
        }),
      ),
    onSuccess: (s) => go('/bench/' + s.id),
  })
  if (state.isError || stages.isError) return <Trouble error={state.error ?? stages.error} />
  if (!state.data || !stages.data) return <Coming />
  const { open, plan } = state.data
  const current = stages.data.stages.find((s) => s.stage === 'PLAN')?.state === 'DONE'
  return (
    <>
      <ToolHead stages={stages.data} at="BENCH" />
      <div className="max-w-[44rem] pt-4">
        <Trouble error={start.error} />
        {open && <p>A session is open. It stands at the stroke where it was left.</p>}
        {!open && plan && current && (
          <ol className="list-decimal pl-6 space-y-1">
            {plan.plan.steps.map((s, i) => (
              <li key={i}>{s.title}</li>
            ))}
          </ol>
        )}
        {!open && !(plan && current) && (
          <Notice>The bench needs a plan: survey, angle and plan come first.</Notice>
        )}
      </div>
      {open ? (
        <Act href={'/bench/' + open}>Go on at the bench</Act>
      ) : plan && current ? (
        <Act onClick={() => start.mutate(plan.id)} busy={start.isPending}>
          Start at the bench
        </Act>
      ) : (
        <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
      )}
    </>
  )
}
