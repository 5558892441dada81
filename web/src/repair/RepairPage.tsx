import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'wouter'
import { toolChanged } from '../api/changed'
import { api, ask, type Schemas } from '../api/client'
import { Heat } from '../plan/Heat'
import { Demands } from '../survey/Outcome'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Fold } from '../ui/Fold'
import { spans } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { Advised } from '../ui/Why'
import { BackWork, type Decision } from './BackWork'
import { ByWhat } from './ByWhat'
import { Cautions } from './Cautions'
import { HeatChart } from './HeatChart'
import { SeenAtWheel } from './SeenAtWheel'
import { mm, mm3 } from '../ui/units'

type Repair = Schemas['RepairView']

/** What the repair costs, by what it is done, and the grinding in the order of its acts. */
export function RepairPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const [by, setBy] = useState('')
  const repair = useQuery({
    queryKey: ['repair', toolId, by],
    queryFn: () =>
      ask(api.GET('/api/v1/tools/{id}/repair', { params: { path: { id: toolId }, query: { by } } })),
    placeholderData: (before) => before,
    retry: false,
  })
  const queries = useQueryClient()
  const decide = useMutation({
    mutationFn: (body: Schemas['DecisionForm']) =>
      ask(api.PUT('/api/v1/tools/{id}/repair/decision', { params: { path: { id: toolId } }, body })),
    onSuccess: () => toolChanged(queries, toolId),
  })
  if (stages.isError) return <Trouble error={stages.error} />
  if (!stages.data) return <Coming />
  return (
    <>
      <ToolHead stages={stages.data} at="PLAN" />
      {repair.isError ? (
        <div className="max-w-[44rem] pt-4">
          <Trouble error={repair.error} again={() => void repair.refetch()} />
        </div>
      ) : !repair.data ? (
        <Coming />
      ) : (
        <Sheet
          drawing={
            <>
              <h1 className="text-[1.35rem] font-semibold">The repair</h1>
              <p>Because {repair.data.result.reasons.join('; ')}.</p>
              <ByWhat
                means={repair.data.means}
                house={repair.data.house}
                by={repair.data.by}
                onBy={setBy}
                plan={repair.data.grindOn}
                decide={(grindOn) => decide.mutate({ back: null, grindOn })}
              />
              <Trouble error={decide.error} />
              <Grinding repair={repair.data} />
            </>
          }
          decisions={
            <Costs
              toolId={toolId}
              repair={repair.data}
              decide={(back) => decide.mutate({ back, grindOn: null })}
            />
          }
        />
      )}
      <Act href={`/tools/${toolId}/plan`}>Plan the work</Act>
    </>
  )
}

function Costs({
  toolId,
  repair,
  decide,
}: {
  toolId: string
  repair: Repair
  decide: (back: Decision) => void
}) {
  const r = repair.result
  return (
    <>
      <div className="flex flex-wrap gap-x-6 gap-y-1">
        <div>
          <p className="quiet">off the length</p>
          <Advised advice={r.lost} />
        </div>
        <div>
          <p className="quiet">steel to remove</p>
          <Advised advice={r.volume} />
        </div>
        <div>
          <p className="quiet">sharpenings left after</p>
          <Advised advice={r.sharpeningsLeft} digits={0} />
        </div>
        {r.thinning && (
          <div>
            <p className="quiet">{r.thinning.label}</p>
            <Advised advice={r.thinning} />
          </div>
        )}
      </div>
      {repair.grind && <Cautions lines={[...new Set(repair.grind.acts.flatMap((a) => a.cautions))]} />}
      <Demands result={r} />
      {repair.back && <BackWork back={repair.back} decide={decide} />}
      <SeenAtWheel toolId={toolId} passes={repair.grind?.dipPasses ?? 0} />
      <p className="rule-t pt-2">
        <Link
          href={`/tools/${toolId}/profile`}
          className="underline underline-offset-4 min-h-11 inline-flex items-center"
        >
          Trace the profile, before and after
        </Link>
      </p>
    </>
  )
}

function Grinding({ repair }: { repair: Repair }) {
  if (repair.refused) return <Notice kind="danger">{repair.refused}</Notice>
  const g = repair.grind
  if (!g) return null
  const planned = repair.means.some((m) => m.means === repair.by && m.decides === repair.grindOn)
  const cuts = g.acts.filter((a) => a.volumeMm3 > 0)
  return (
    <section aria-label="The grinding" className="rule-t pt-3 mt-3">
      <h2 className="text-[1.2rem] font-semibold">
        {planned ? `The grinding, on the ${g.piece}` : `If it were ground: on the ${g.piece}`}
      </h2>
      <p className="quiet">
        {cuts.map((a) => `${a.title.toLowerCase()} ${mm3(a.volumeMm3)}`).join(', ')}. Times are first
        estimates.
      </p>
      {g.heat && (
        <Fold name={`How hot the edge gets on the ${g.piece}`} says={g.heat.finger}>
          {g.curves.length > 0 && <HeatChart curves={g.curves} limitC={g.heat.limitC} />}
          {g.curves[0] && (
            <p>
              At the end of the first line the steel is at 100 °C back to {mm(g.curves[0].hotMm, 1)}
              behind the edge.
            </p>
          )}
          <Heat name={g.piece} heat={g.heat} />
        </Fold>
      )}
      <ol className="pt-2">
        {g.acts.map((a, i) => (
          <li key={a.kind} className="rule-t py-0.5 grid grid-cols-[2rem_1fr] gap-x-2">
            <span className="text-[1.2rem] font-semibold pt-1.5">{i + 1}</span>
            <div>
              <details>
                <summary className="min-h-11 py-1 cursor-pointer list-none flex flex-wrap justify-between gap-x-4">
                  <h3 className="font-semibold text-[1.1rem]">
                    <span>{a.title}</span>{' '}
                    <span aria-hidden="true" className="fold-mark">
                      ▸
                    </span>
                  </h3>
                  {/* Less than a second is a touch, and no time to plan with. */}
                  {a.leastSeconds !== null && a.mostSeconds !== null && a.mostSeconds >= 1 && (
                    <span>{spans(a.leastSeconds, a.mostSeconds)}</span>
                  )}
                </summary>
                <Cautions lines={a.cautions} />
                <p>{a.words}</p>
                <p className="quiet">Until: {a.until}</p>
              </details>
              {a.dip && <p className="font-semibold">{a.dip}</p>}
            </div>
          </li>
        ))}
      </ol>
      <p className="quiet">The line lies {mm(g.lineMm, 2)} behind the foremost point of the edge.</p>
    </section>
  )
}
