import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ask, Refused, type Schemas } from '../api/client'
import { deviceKey, useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { figureDigits, figures, num } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Advised } from '../ui/Why'
import { HungForm, type Hung } from './HungForm'
import { OnTheBeam } from './OnTheBeam'
import { TakenOff } from './TakenOff'
import { Tries } from './Tries'
import { TakeOver } from '../ui/TakeOver'
import { force, gramMm, grams } from '../ui/units'

type BalanceSheet = Schemas['BalanceSheet']

/** The beam: hung, corrected and hung again until it stays level. */
export function BalancePage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const sheet = useQuery({
    queryKey: ['balance', toolId],
    refetchOnMount: 'always',
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/balance', { params: { path: { id: toolId } } })),
  })
  const error = stages.error ?? sheet.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !sheet.data) return <Coming />
  if (!sheet.data.sessionId || !sheet.data.benchDone)
    return (
      <>
        <ToolHead stages={stages.data} at="BALANCE" />
        <p className="pt-6 max-w-[44rem] text-[1.15rem]">
          The blade is hung once its edges are done: what they lose changes its balance.
          {sheet.data.removedAllG > 0 &&
            ` So far ${grams(sheet.data.removedAllG)} came off it for balance alone.`}
        </p>
        <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
      </>
    )
  return (
    <Hanging
      key={sheet.data.tries.length + (sheet.data.standing && taken(sheet.data) ? 't' : '')}
      toolId={toolId}
      stages={stages.data}
      sheet={sheet.data}
    />
  )
}

/** Whether steel came off after the newest try. */
function taken(sheet: BalanceSheet): boolean {
  return (sheet.tries[sheet.tries.length - 1]?.removedG ?? 0) > 0
}

function Hanging({
  toolId,
  stages,
  sheet,
}: {
  toolId: string
  stages: Schemas['ToolStages']
  sheet: BalanceSheet
}) {
  const start: Hung = {
    method: sheet.tries.length === 0 ? '' : 'TRIAL_MASS',
    hungOn: 0,
    trial: '',
    firstEnd: '',
    secondEnd: '',
    radius: sheet.usual.radius ?? '',
    at: sheet.usual.at ?? '',
    width: sheet.usual.width ?? '',
    thickness: sheet.usual.thickness ?? '',
    leastMass: sheet.usual.leastMass ?? '',
    leastRadius: sheet.usual.leastRadius ?? '',
  }
  const [form, setForm, drop] = useDraft(`balance.${sheet.sessionId}.${sheet.tries.length}`, start)
  const [person] = usePerson()
  const queries = useQueryClient()
  const params = { path: { id: toolId } }
  const body = { device: deviceKey(), person, ...form }
  const asked = useAnswer(
    'beam',
    toolId,
    body,
    (b) => ask(api.POST('/api/v1/tools/{id}/balance/preview', { params, body: b })),
    form.method !== '',
  )
  const hang = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tools/{id}/balance/tries', { params, body })),
    onSuccess: () => {
      drop()
      void queries.invalidateQueries()
    },
  })
  const refused = hang.error instanceof Refused ? hang.error : undefined
  const standing = sheet.standing
  const correcting = standing !== null && !['LEVEL', 'DOUBTFUL'].includes(standing.state) && !taken(sheet)
  const shown = correcting ? standing : (asked.data?.standing ?? (taken(sheet) ? null : standing))
  const done = sheet.level
  return (
    <>
      <ToolHead stages={stages} at="BALANCE" />
      <Sheet
        drawing={
          <>
            <OnTheBeam sheet={sheet} standing={shown} form={form} correcting={correcting} />
            <Meaning sheet={sheet} standing={shown} />
            <Tries tries={sheet.tries} />
          </>
        }
        decisions={
          done ? (
            <>
              <p className="text-[1.6rem] leading-tight font-semibold">Level</p>
              <p>
                {sheet.tries.length === 1 ? 'On the first try.' : `After ${sheet.tries.length} tries.`} Mark
                it, and put it to the test.
              </p>
              <Losses sheet={sheet} />
            </>
          ) : correcting ? (
            <TakenOff
              toolId={toolId}
              sessionId={sheet.sessionId ?? ''}
              standing={standing}
              places={sheet.places}
            />
          ) : (
            <>
              <HungForm
                form={form}
                onChange={setForm}
                places={sheet.places}
                again={sheet.tries.length > 0}
                echo={(f) => asked.data?.echoes.find((e) => e.field === f)?.understood}
                fault={(f) => refused?.at(f) ?? asked.data?.faults.find((x) => x.field === f)?.message}
              />
              <Losses sheet={sheet} />
            </>
          )
        }
      />
      {done ? (
        <Act href={`/tools/${toolId}/test`}>Test the edge</Act>
      ) : correcting ? null : (
        <Act
          onClick={() => hang.mutate()}
          busy={hang.isPending}
          disabled={form.method === '' || !asked.data?.standing}
          note={refused?.message}
          beside={
            sheet.sessionId && (
              <TakeOver sessionId={sheet.sessionId} error={hang.error} onTaken={() => hang.reset()} />
            )
          }
        >
          {form.method === 'LEVEL' ? 'It stays level: put it down' : 'Save this try'}
        </Act>
      )}
    </>
  )
}

/** What the unbalance means at speed, and what an engineer would allow. */
function Meaning({ sheet, standing }: { sheet: BalanceSheet; standing: Schemas['BalanceView'] | null }) {
  return (
    <div className="pt-2 max-w-[44rem]">
      {standing && (
        <>
          <p role="status" className="text-[1.25rem] font-semibold">
            {standing.words}
          </p>
          <p className={standing.unbalanceGmm > 0 ? 'pt-1' : 'hidden'}>
            Unbalance {gramMm(standing.unbalanceGmm)}
            {standing.why && (
              <>
                ; to grind off <Advised advice={standing.why} digits={2} />
              </>
            )}
          </p>
          {standing.forceN > 0 && (
            <p>
              At {num(sheet.perMinute ?? 0, 0)} turns a minute it shakes with{' '}
              {force(standing.forceN, figureDigits(standing.forceN))}, as if a weight of{' '}
              {figures(standing.asWeightKg)} kg hung on the spindle and went round with it.
            </p>
          )}
          <p className="quiet">
            This balancer tells {gramMm(standing.resolutionGmm)}: that is the limit here.
            {standing.gradeGmm > 0 &&
              ` An engineer’s grade G 16 (ISO 21940-11) would allow ${gramMm(standing.gradeGmm)}, for reference.`}
          </p>
        </>
      )}
      {sheet.tipWords && (
        <p className={sheet.tipsFast ? 'text-error font-semibold pt-2' : 'quiet pt-2'}>{sheet.tipWords}</p>
      )}
    </div>
  )
}

function Losses({ sheet }: { sheet: BalanceSheet }) {
  return (
    <p className="quiet">
      {sheet.edgeLossG !== null && `The edges lost ${grams(sheet.edgeLossG)} in this job by their marks. `}
      {sheet.removedAllG > 0 && `For balance ${grams(sheet.removedAllG)} came off this blade so far.`}
    </p>
  )
}
