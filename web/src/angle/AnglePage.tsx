import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useLocation } from 'wouter'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { Section } from '../drawings/Section'
import { Setting } from '../drawings/Setting'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Choice, Field } from '../ui/Field'
import { num } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { Advised } from '../ui/Why'

type Form = Schemas['AngleForm']
type Choices = Schemas['AngleChoices']

/** The bevels for this tool, work and steel, and the guide that holds them. */
export function AnglePage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const choices = useQuery({
    queryKey: ['angle', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/angle', { params: { path: { id: toolId } } })),
  })
  const error = stages.error ?? choices.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !choices.data) return <Coming />
  const now = choices.data.current
  const start: Form = now
    ? {
        trade: now.trade,
        primary: now.typedPrimary,
        last: now.typedLast,
        guideId: now.guideId,
        name: now.name,
        version: now.version,
      }
    : { trade: '', primary: '', last: '', guideId: '', name: 'bench', version: 0 }
  return (
    <Angle
      key={now ? now.id + now.version : 'new'}
      toolId={toolId}
      stages={stages.data}
      choices={choices.data}
      start={start}
    />
  )
}

function Angle({
  toolId,
  stages,
  choices,
  start,
}: {
  toolId: string
  stages: Schemas['ToolStages']
  choices: Choices
  start: Form
}) {
  const [form, setForm, drop] = useDraft(`angle.${toolId}.${start.version}`, start)
  const [, go] = useLocation()
  const queries = useQueryClient()
  const params = { path: { id: toolId } }
  const advice = useAnswer('angle-advice', toolId, form, (body) =>
    ask(api.POST('/api/v1/tools/{id}/angle/advice', { params, body })),
  )
  const same = choices.current?.name === form.name
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/tools/{id}/setups', {
          params,
          body: { ...form, version: same ? form.version : 0 },
        }),
      ),
    onSuccess: () => {
      drop()
      void queries.invalidateQueries()
      go(`/tools/${toolId}/plan`)
    },
  })
  const set = (name: keyof Form) => (value: string) => setForm({ ...form, [name]: value })
  const a = advice.data
  const refused = save.error instanceof Refused ? save.error : undefined
  const fault = (field: string) => a?.faults.find((f) => f.field === field)?.message ?? refused?.at(field)
  const guide = choices.guides.find((g) => g.id === a?.guideId)
  return (
    <>
      <ToolHead stages={stages} at="Angle" />
      <Sheet
        drawing={
          <>
            <Trouble error={advice.error} again={() => void advice.refetch()} />
            {a?.section && a.primaryDeg !== null && (
              <Section
                view={a.section}
                primaryDeg={a.primaryDeg}
                lastDeg={a.lastDeg}
                secondaryWidthMm={a.secondaryWidthMm}
                label={`Section: primary ${num(a.primaryDeg)}°, last bevel ${num(a.lastDeg ?? 0)}°, from the back`}
              />
            )}
            {a?.cost && <p className="py-1">{a.cost}</p>}
            {[...(a?.settings ?? [])].reverse().map((s) => (
              <div key={s.bevel} className="rule-t">
                <Setting setting={s} guide={guide?.name ?? 'guide'} />
              </div>
            ))}
          </>
        }
        decisions={
          <>
            <div>
              <p className="quiet">Last bevel, from the back</p>
              {a?.lastBevel ? <Advised advice={a.lastBevel} digits={1} big /> : <p>—</p>}
              {a && a.primaryDeg !== null && a.lastDeg !== null && (
                <p>
                  {num(a.primaryDeg)}° primary and {num(a.lastDeg - a.primaryDeg)}° more. With a flat back the
                  included angle is the same {num(a.lastDeg)}°.
                </p>
              )}
            </div>
            {a && a.settings.length === 2 && (
              <p className="text-[1.15rem]">
                Set the {guide?.name}: <b>{num(a.settings[1]!.projection.value)} mm</b> out for the secondary,{' '}
                <b>{num(a.settings[0]!.projection.value)} mm</b> for the primary.
              </p>
            )}
            {a?.warnings.map((w) => (
              <Notice key={w} kind="warn">
                {w}
              </Notice>
            ))}
            <Choice
              label="Work it is put to"
              value={form.trade || (a?.trade ?? '')}
              onChange={set('trade')}
              options={choices.trades.map((t) => ({ value: t.key, label: t.use }))}
              error={fault('trade')}
            />
            <div className="grid grid-cols-2 gap-3">
              <Field
                label="Primary"
                value={form.primary}
                onChange={set('primary')}
                error={fault('primary')}
                hint={a ? `empty takes ${num(a.advisedPrimaryDeg)}°` : undefined}
              />
              <Field
                label="Last bevel"
                value={form.last}
                onChange={set('last')}
                error={fault('last')}
                hint={a ? `empty takes the advice` : undefined}
              />
            </div>
            <div>
              <h2 className="font-semibold">Why these</h2>
              <ul className="list-disc pl-5 space-y-1">
                {a?.reasons.map((r) => (
                  <li key={r}>{r}</li>
                ))}
              </ul>
            </div>
            <Choice
              label="Held by"
              value={a?.guideId ?? form.guideId}
              onChange={set('guideId')}
              options={choices.guides.map((g) => ({ value: g.id, label: g.name }))}
              error={fault('guideId')}
              empty={choices.guides.length === 0 ? 'no guide in the kit yet' : undefined}
            />
            <Field
              label="Name of this set-up"
              value={form.name}
              onChange={set('name')}
              error={fault('name')}
            />
          </>
        }
      />
      <Act onClick={() => save.mutate()} busy={save.isPending} note={refused?.message}>
        Keep this set-up, plan next
      </Act>
    </>
  )
}
