import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useLocation } from 'wouter'
import { toolChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { Section } from '../drawings/Section'
import { Setting, setTo } from '../drawings/Setting'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Choice, Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { num } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { Advised } from '../ui/Why'
import {
  BevelFields,
  FamilyFields,
  HolderField,
  OtherFields,
  StandsField,
  type Answer,
  type Form,
} from './AngleFields'
import { Compare, Figures, Stations } from './Figures'
import { History } from './History'
import { Holdings } from './Holdings'
import { figureSaid } from '../ui/units'

type Choices = Schemas['AngleChoices']

const FRESH: Form = {
  trade: '',
  primary: '',
  last: '',
  backBevel: '',
  ruleThickness: '',
  ruleReach: '',
  wheelDiameter: '',
  camber: '',
  shaving: '',
  strokes: '',
  otherPrimary: '',
  otherLast: '',
  holderId: '',
  standsAt: '',
  name: 'bench',
  version: 0,
}

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
  const start: Form = now ? { ...FRESH, ...now.typed, name: now.name, version: now.version } : FRESH
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
      toolChanged(queries, toolId)
      go(`/tools/${toolId}/plan`)
    },
  })
  const set = (name: keyof Form) => (value: string) => setForm({ ...form, [name]: value })
  const a = advice.data
  const refused = save.error instanceof Refused ? save.error : undefined
  const fault = (field: string) => a?.faults.find((f) => f.field === field)?.message ?? refused?.at(field)
  const held = choices.holders.find((h) => h.id === a?.holderId)
  const holder = held?.name ?? 'hand'
  const fields = { form, set, fault, answer: a, coming: advice.isPending }
  return (
    <>
      <ToolHead stages={stages} at="ANGLE" />
      <Sheet
        drawing={
          <>
            <Trouble error={advice.error} again={() => void advice.refetch()} />
            {a?.chosen && (
              <>
                <Section
                  view={a.chosen.section}
                  other={a.other?.section}
                  label={`Section: primary ${num(a.chosen.primaryDeg)}°, last bevel ${num(a.chosen.lastDeg)}°, ${a.convention}`}
                />
                <p className="pt-1">{a.chosen.work}</p>
                <div className="flex flex-wrap gap-x-8">
                  {[a.chosen.lost, a.chosen.volume].map((amount) => (
                    <div key={amount.label}>
                      <p className="quiet">{amount.label}</p>
                      <Advised advice={amount} />
                    </div>
                  ))}
                </div>
                {a.other && <Compare chosen={a.chosen} other={a.other} />}
              </>
            )}
            {[...(a?.settings ?? [])].reverse().map((s, i) =>
              i === 0 ? (
                <div key={s.bevel} className="rule-t">
                  <Setting setting={s} holder={holder} brief={false} />
                </div>
              ) : (
                <Fold
                  key={s.bevel}
                  name={`And for the ${s.bevelWords}`}
                  says={`${s.name} ${setTo(s.setting.value, s.unit)}`}
                >
                  <Setting setting={s} holder={holder} brief />
                </Fold>
              ),
            )}
            {a && a.settings.length > 0 && <BeforeTheFirst checks={a.settings[0]!.checks} />}
            {a?.chosen && <Holdings toolId={toolId} form={form} take={set('holderId')} />}
            {a?.stations && (
              <Fold
                id="stations"
                name={`${a.stations.strokes.value} strokes across the iron`}
                says={`${a.stations.shaping.join(', ')} from left to right`}
              >
                <Stations stations={a.stations} />
              </Fold>
            )}
            {a && a.figures.length > 0 && (
              <Fold name="What it comes to in use" says={inUse(a.figures)}>
                <Figures figures={a.figures} />
              </Fold>
            )}
          </>
        }
        decisions={
          <>
            <Chosen answer={a} />
            {a && a.settings.length > 0 && a.holderId !== 'HAND' && (
              <p className="text-[1.15rem]">
                Set the {holder}:{' '}
                {leftClamped(a.settings) ? (
                  <span>
                    {a.settings[0]!.name} <b>{setTo(a.settings[0]!.setting.value, a.settings[0]!.unit)}</b>{' '}
                    for the {a.settings[0]!.bevelWords}. For the {a.settings[1]!.bevelWords}:{' '}
                    {a.settings[1]!.where}
                  </span>
                ) : (
                  <>
                    {[...a.settings].reverse().map((s, i) => (
                      <span key={s.bevel}>
                        {i > 0 && ', '}
                        {s.name} <b>{setTo(s.setting.value, s.unit)}</b> for the {s.bevelWords}
                      </span>
                    ))}
                    .
                  </>
                )}
              </p>
            )}
            {held?.note && <Notice kind="warn">{held.note}</Notice>}
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
            <BevelFields {...fields} />
            <HolderField {...fields} holders={choices.holders} />
            <Fold name="Why these" says={a?.reasons[0]}>
              <ul className="list-disc pl-5 space-y-1">
                {a?.reasons.map((r) => (
                  <li key={r}>{r}</li>
                ))}
              </ul>
            </Fold>
            <FamilyFields {...fields} />
            <StandsField {...fields} />
            <Field
              label="Name of this set-up"
              value={form.name}
              onChange={set('name')}
              error={fault('name')}
            />
            <OtherFields {...fields} />
            {a && (
              <Fold
                name="What happened before"
                says={
                  a.history.outcomes.length > 0 ? `${a.history.outcomes.length} on record` : 'nothing yet'
                }
                open={a.history.outcomes.length > 0}
              >
                <History toolId={toolId} history={a.history} />
              </Fold>
            )}
          </>
        }
      />
      <Act onClick={() => save.mutate()} busy={save.isPending} note={refused?.message}>
        Keep this set-up, plan next
      </Act>
    </>
  )
}

/** The first few numbers, as a foretaste of what is folded. */
function inUse(figures: Schemas['FigureView'][]): string {
  return figures
    .slice(0, 2)
    .map((f) => `${f.advice.label} ${figureSaid(f.advice.value, f.advice.unit)}`)
    .join(', ')
}

/** What to look at before the first stroke. */
function BeforeTheFirst({ checks }: { checks: string[] }) {
  return (
    <Fold name="Before the first stroke" says={checks[0]?.split(/[:,.]/)[0]}>
      <ul className="list-disc pl-5 pb-2">
        {checks.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
    </Fold>
  )
}

/** The last bevel, large, in both ways of speaking. */
function Chosen({ answer: a }: { answer: Answer | undefined }) {
  if (!a?.chosen) return <p className="figure">–</p>
  if (!a.lastBevel || !a.included) {
    return (
      <div>
        <p className="quiet">Taper of each face</p>
        <p className="figure">
          {num(a.chosen.lastDeg)}
          <span className="unit">°</span>
        </p>
        <p>No apex here: the tip fills its slot, and the steel’s lowest bevel does not apply.</p>
      </div>
    )
  }
  const step = a.chosen.lastDeg - a.chosen.primaryDeg
  return (
    <div>
      <p className="quiet">Last bevel, {a.convention}</p>
      <Advised advice={a.lastBevel} digits={1} big />
      {step > 1e-9 && (
        <p>
          {num(a.chosen.primaryDeg)}° primary and {num(step)}° more.
        </p>
      )}
      <p>
        Included <Advised advice={a.included} digits={1} />
        {!a.chosen.section.perSide && `, or ${num(a.perSideDeg ?? 0)}° a side`}
      </p>
    </div>
  )
}

/** Whether both bevels stand at one setting: what is done instead of setting it again is said where it is set. */
function leftClamped(settings: Schemas['SettingView'][]): boolean {
  const [first, second] = settings
  return !!first && !!second && first.setting.value === second.setting.value
}
