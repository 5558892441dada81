import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Choice } from '../ui/Field'
import { moment } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { Advised } from '../ui/Why'
import { Overlay } from './Overlay'
import { TraceForm } from './TraceForm'
import { mm } from '../ui/units'

type Profile = Schemas['ProfileView']

/** The line of the edge, traced before it is ground and again afterwards. */
export function ProfilePage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const params = { path: { id: toolId } }
  const profile = useQuery({
    queryKey: ['profile', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/profile', { params })),
  })
  const [tracing, setTracing] = useState(false)
  const error = stages.error ?? profile.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !profile.data) return <Coming />
  const traces = profile.data.traces
  if (tracing || traces.length === 0) {
    return (
      <>
        <ToolHead stages={stages.data} at="SURVEY" />
        <TraceForm toolId={toolId} profile={profile.data} done={() => setTracing(false)} />
      </>
    )
  }
  return (
    <>
      <ToolHead stages={stages.data} at="SURVEY" />
      <Kept key={traces.length} toolId={toolId} profile={profile.data} />
      <Act onClick={() => setTracing(true)}>Trace the edge again</Act>
    </>
  )
}

function Kept({ toolId, profile }: { toolId: string; profile: Profile }) {
  const traces = profile.traces
  const [beforeId, setBefore] = useState(traces[0]!.id)
  const [afterId, setAfter] = useState(traces[traces.length - 1]!.id)
  const queries = useQueryClient()
  const before = traces.find((t) => t.id === beforeId) ?? traces[0]!
  const after = traces.find((t) => t.id === afterId) ?? traces[traces.length - 1]!
  const over = useQuery({
    queryKey: ['profile-over', toolId, after.id, before.id],
    queryFn: () =>
      ask(
        api.GET('/api/v1/tools/{id}/traces/{traceId}/over/{beforeId}', {
          params: { path: { id: toolId, traceId: after.id, beforeId: before.id } },
        }),
      ),
    enabled: before.id !== after.id,
    retry: false,
  })
  const remove = useMutation({
    mutationFn: (traceId: string) =>
      ask(api.DELETE('/api/v1/tools/{id}/traces/{traceId}', { params: { path: { id: toolId, traceId } } })),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['profile', toolId] }),
  })
  const options = traces.map((t, i) => ({
    value: t.id,
    label: `${i + 1}: ${moment(t.takenAt)}, ${t.photoId ? 'photograph' : 'offsets'}`,
  }))
  const c = before.id === after.id ? undefined : over.data
  return (
    <Sheet
      drawing={
        <>
          <h1 className="text-[1.35rem] font-semibold">The profile of this edge</h1>
          {c ? (
            <>
              <p className={`text-[1.2rem] py-1 ${c.kept ? '' : 'font-semibold text-warning'}`}>
                {c.verdict}
              </p>
              <Overlay
                before={c.before}
                after={c.after}
                samples={c.samples}
                changes={c.changes}
                worstAtMm={c.worstAtMm}
                label={c.verdict}
              />
              <p>
                Greatest difference of shape: <Advised advice={c.worst} digits={2} />
              </p>
            </>
          ) : (
            <>
              <Trouble error={over.error} />
              <Overlay before={before.curve} label={`The edge as traced, ${mm(before.lengthMm)} long`} />
            </>
          )}
        </>
      }
      decisions={
        <>
          <Choice label="as it was" value={before.id} onChange={setBefore} options={options} />
          <Choice label="laid over it" value={after.id} onChange={setAfter} options={options} />
          {traces.length < 2 && (
            <p className="quiet">
              One trace so far. Grind, then trace again from the same marks: both are laid over each other
              here.
            </p>
          )}
          <ol className="rule-t">
            {traces.map((t, i) => (
              <li key={t.id} className="rule-b py-2 flex items-center justify-between gap-3">
                <span>
                  {i + 1}: {moment(t.takenAt)}
                  <span className="block quiet">
                    {mm(t.lengthMm)}, {t.points.length} points
                    {t.person ? `, ${t.person}` : ''}
                  </span>
                </span>
                <button
                  type="button"
                  className="btn btn-ghost min-h-11"
                  aria-label={`Remove trace ${i + 1}`}
                  onClick={() => remove.mutate(t.id)}
                >
                  Remove
                </button>
              </li>
            ))}
          </ol>
          {remove.error instanceof Refused && <Trouble error={remove.error} />}
        </>
      }
    />
  )
}
