import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useLocation } from 'wouter'
import { toolChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { deviceKey, useDraft } from '../api/local'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Field } from '../ui/Field'
import { day, num } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { SignButton } from '../ui/Signs'
import { usePerson } from '../ui/person'
import { TakeOver } from '../ui/TakeOver'
import { mm } from '../ui/units'
import { NoteNextTime, useNote } from '../upkeep/NextTime'

type FinishSheet = Schemas['FinishSheet']

/** The end of a job: clean, dry, protect, refit, the first cut, and the day it is looked at again. */
export function FinishPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const sheet = useQuery({
    queryKey: ['finish', toolId],
    refetchOnMount: 'always',
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/finish', { params: { path: { id: toolId } } })),
  })
  const error = stages.error ?? sheet.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !sheet.data) return <Coming />
  if (!sheet.data.sessionId || !sheet.data.benchDone) {
    return (
      <>
        <ToolHead stages={stages.data} at="LOG" />
        <p className="pt-4 max-w-[40rem]">
          A tool is cleaned, protected and refitted once the bench is done with it.
          {sheet.data.last && ` It went back last on ${day(sheet.data.last.at)}.`}
        </p>
        <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
      </>
    )
  }
  return <Finish toolId={toolId} stages={stages.data} sheet={sheet.data} sessionId={sheet.data.sessionId} />
}

function Finish({
  toolId,
  stages,
  sheet,
  sessionId,
}: {
  toolId: string
  stages: Schemas['ToolStages']
  sheet: FinishSheet
  sessionId: string
}) {
  const [form, setForm, drop] = useDraft(`finish.${sessionId}`, {
    done: [] as Schemas['FinishActView']['key'][],
    capIron: '',
    torque: '',
    seen: [] as Schemas['OutcomeOfCheck']['sign'][],
    nextCheck: '',
  })
  const [person] = usePerson()
  const [, go] = useLocation()
  const queries = useQueryClient()
  const device = deviceKey()
  const note = useNote(toolId)
  const bad = sheet.firstCut.filter((o) => o.says === 'BAD' && form.seen.includes(o.sign))
  const seen = form.seen.map((sign) => ({ sign, fromMm: null, toMm: null }))
  const after = (path: string) => () => {
    drop()
    toolChanged(queries, toolId)
    go(path)
  }
  const close = useMutation({
    mutationFn: async () => {
      // What was typed for the next time goes with the job, whether or not its own button was pressed.
      await note.save()
      return ask(
        api.POST('/api/v1/sessions/{id}/finish-card', {
          params: { path: { id: sessionId } },
          body: {
            device,
            person,
            done: form.done,
            capIron: form.capIron,
            torque: form.torque,
            seen: form.seen,
            nextCheck: form.nextCheck,
          },
        }),
      )
    },
    onSuccess: after(`/tools/${toolId}/log`),
  })
  const judge = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/sessions/{id}/tests', {
          params: { path: { id: sessionId } },
          body: { device, person, reference: '', readings: [], seen },
        }),
      ),
    onSuccess: after(`/tools/${toolId}/test`),
  })
  const refused = [close.error, judge.error].find((e): e is Refused => e instanceof Refused)
  const held = (
    <TakeOver
      sessionId={sessionId}
      error={refused}
      onTaken={() => [close, judge].forEach((m) => m.reset())}
    />
  )
  const toggle = <T extends string>(list: T[], one: T) =>
    list.includes(one) ? list.filter((x) => x !== one) : [...list, one]
  return (
    <>
      <ToolHead stages={stages} at="LOG" />
      <Sheet
        drawing={
          <ol aria-label="Clean, protect, refit">
            {sheet.acts.map((a) => (
              <ActLine
                key={a.key}
                act={a}
                done={form.done.includes(a.key)}
                onDone={() => setForm({ ...form, done: toggle(form.done, a.key) })}
              >
                {a.key === 'CAP_IRON' && (
                  <div className="max-w-[16rem] pt-2">
                    <Field
                      label="Cap iron behind the edge"
                      of="length"
                      value={form.capIron}
                      onChange={(capIron) => setForm({ ...form, capIron })}
                      error={refused?.at('capIron')}
                      hint={`${num(a.lowMm ?? 0)} to ${mm(a.highMm ?? 0)} is usual${
                        sheet.last?.capIronMm ? `; ${mm(sheet.last.capIronMm)} last time` : ''
                      }`}
                    />
                  </div>
                )}
                {a.key === 'TORQUE' && (
                  <div className="max-w-[20rem] pt-2">
                    <Field
                      label={`Torque from the maker’s manual${sheet.torque ? '' : ', if it gives one'}`}
                      value={form.torque}
                      onChange={(torque) => setForm({ ...form, torque })}
                      error={refused?.at('torque')}
                      hint={
                        sheet.last?.torque
                          ? `${sheet.last.torque} last time; look it up all the same`
                          : 'such as 45 N·m'
                      }
                    />
                  </div>
                )}
                {a.key === 'FIRST_CUT' && (
                  <FirstCut
                    outcomes={sheet.firstCut}
                    seen={form.seen}
                    onTap={(o) => {
                      const good = o.says === 'GOOD'
                      const kept = form.seen.filter(
                        (s) =>
                          s === o.sign ||
                          (!good && sheet.firstCut.find((x) => x.sign === s)?.says !== 'GOOD'),
                      )
                      setForm({ ...form, seen: toggle(kept, o.sign) })
                    }}
                  />
                )}
              </ActLine>
            ))}
          </ol>
        }
        decisions={
          <>
            <Trouble error={refused && refused.faults.length === 0 ? refused : undefined} />
            {!sheet.keen && (
              <p className="border-l-4 border-warning pl-3">
                Its last test did not pass. It goes into the log as it is.
              </p>
            )}
            <div>
              <h2 className="font-semibold">Look at it again</h2>
              <p className="quiet">{sheet.nextWords}</p>
              <div className="pt-2">
                <Field
                  label="On"
                  type="date"
                  value={form.nextCheck || sheet.nextCheck}
                  onChange={(nextCheck) => setForm({ ...form, nextCheck })}
                  error={refused?.at('nextCheck')}
                />
              </div>
            </div>
            <NoteNextTime of={note} />
          </>
        }
      />
      {bad.length > 0 ? (
        <Act onClick={() => judge.mutate()} busy={judge.isPending} note={refused?.message} beside={held}>
          Judge what the first cut says
        </Act>
      ) : (
        <Act onClick={() => close.mutate()} busy={close.isPending} note={refused?.message} beside={held}>
          Save it in the log
        </Act>
      )}
    </>
  )
}

function ActLine({
  act,
  done,
  onDone,
  children,
}: {
  act: Schemas['FinishActView']
  done: boolean
  onDone: () => void
  children?: React.ReactNode
}) {
  return (
    <li className="rule-b py-3">
      <label className="flex items-start gap-4 cursor-pointer min-h-14">
        <input
          type="checkbox"
          checked={done}
          onChange={onDone}
          className="checkbox checkbox-primary checkbox-lg mt-1"
        />
        <span className="min-w-0">
          <span className={`block text-[1.25rem] font-semibold ${done ? 'quiet' : ''}`}>{act.title}</span>
          <span className="block text-[1.05rem]">{act.words}</span>
          <span className="block quiet">{act.why}</span>
        </span>
      </label>
      {act.caution && <p className="text-warning font-semibold pl-11">{act.caution}</p>}
      <div className="pl-11">{children}</div>
    </li>
  )
}

function FirstCut({
  outcomes,
  seen,
  onTap,
}: {
  outcomes: Schemas['OutcomeOfCheck'][]
  seen: string[]
  onTap: (outcome: Schemas['OutcomeOfCheck']) => void
}) {
  return (
    <div className="flex flex-wrap gap-2 pt-2" role="group" aria-label="What the first cut says">
      {outcomes.map((o) => (
        <SignButton key={o.sign} sign={o} pressed={seen.includes(o.sign)} onClick={() => onTap(o)} />
      ))}
    </div>
  )
}
