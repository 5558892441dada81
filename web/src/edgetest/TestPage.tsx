import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { api, ask, Refused, type Schemas } from '../api/client'
import { deviceKey, useDraft } from '../api/local'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Field } from '../ui/Field'
import { num } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { VerdictView } from './VerdictView'

type SheetView = Schemas['TestSheet']

/** The edge tested at its stations, and what the test says. */
export function TestPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const device = deviceKey()
  const sheet = useQuery({
    queryKey: ['test', toolId],
    queryFn: () =>
      ask(api.GET('/api/v1/tools/{id}/test', { params: { path: { id: toolId }, query: { device } } })),
  })
  const error = stages.error ?? sheet.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !sheet.data) return <Coming />
  const t = sheet.data
  const answered = t.latest && t.latest.remedied && !t.latest.verdict.keen
  if (!t.sessionId || !t.benchDone) {
    return (
      <>
        <ToolHead stages={stages.data} at="Test" />
        <p className="pt-4 max-w-[40rem]">
          An edge is tested when the bench is done with it: force at five stations, and any light still seen
          along it.
        </p>
        <Act href={stages.data.next.path}>{stages.data.next.act}</Act>
      </>
    )
  }
  if (t.purpose === '' || t.indexTarget === 0) {
    return <Untested toolId={toolId} stages={stages.data} sessionId={t.sessionId} />
  }
  const round = answered ? t.latest!.id : 'first'
  const shown = t.latest && !answered ? t.latest : null
  return (
    <Test
      key={round}
      toolId={toolId}
      stages={stages.data}
      sheet={t}
      sessionId={t.sessionId}
      latest={shown}
      round={round}
    />
  )
}

/** A tool whose work is not judged by force on a thread: it is looked at, and put down. */
function Untested({
  toolId,
  stages,
  sessionId,
}: {
  toolId: string
  stages: Schemas['ToolStages']
  sessionId: string
}) {
  const [person] = usePerson()
  const [, go] = useLocation()
  const queries = useQueryClient()
  const finish = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/sessions/{id}/finish', {
          params: { path: { id: sessionId } },
          body: { device: deviceKey(), person },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries()
      go(`/tools/${toolId}/log`)
    },
  })
  return (
    <>
      <ToolHead stages={stages} at="Test" />
      <p className="pt-4 max-w-[40rem]">
        This tool is not tested for keenness by force: look along it, try the fit, and put it down.
      </p>
      <Act
        onClick={() => finish.mutate()}
        busy={finish.isPending}
        note={finish.error instanceof Refused ? finish.error.message : undefined}
      >
        Put it down in the log
      </Act>
    </>
  )
}

interface TestProps {
  toolId: string
  stages: Schemas['ToolStages']
  sheet: SheetView
  sessionId: string
  latest: Schemas['TestView'] | null
  round: string
}

function Test({ toolId, stages, sheet, sessionId, latest, round }: TestProps) {
  const [form, setForm, drop] = useDraft(`test.${sessionId}.${round}`, {
    grams: sheet.stations.map(() => ''),
    light: [] as { fromMm: number; toMm: number }[],
    reference: sheet.referenceG > 0 ? num(sheet.referenceG) : '',
  })
  const [again, setAgain] = useState(false)
  const [person] = usePerson()
  const [, go] = useLocation()
  const queries = useQueryClient()
  const device = deviceKey()
  const refresh = () => queries.invalidateQueries()
  const judge = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/sessions/{id}/tests', {
          params: { path: { id: sessionId } },
          body: {
            device,
            person,
            reference: form.reference,
            readings: sheet.stations.map((xMm, i) => ({ xMm, grams: form.grams[i] ?? '' })),
            light: form.light,
          },
        }),
      ),
    onSuccess: () => {
      drop()
      setAgain(false)
      void refresh()
    },
  })
  const back = useMutation({
    mutationFn: (id: string) =>
      ask(api.POST('/api/v1/tests/{id}/go-back', { params: { path: { id } }, body: { device, person } })),
    onSuccess: (s) => {
      void refresh()
      go('/bench/' + s.id)
    },
  })
  const finish = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/sessions/{id}/finish', {
          params: { path: { id: sessionId } },
          body: { device, person },
        }),
      ),
    onSuccess: () => {
      void refresh()
      go(`/tools/${toolId}/log`)
    },
  })
  const refused = judge.error instanceof Refused ? judge.error : undefined
  const asking = !latest || again
  const readings = asking
    ? sheet.stations.map((xMm, i) => ({
        xMm,
        grams: Number.isFinite(parseFloat(form.grams[i] ?? '')) ? parseFloat(form.grams[i]!) : null,
      }))
    : latest.readings
  const onMark = (a: number, b: number) => {
    const [fromMm, toMm] = b - a < 0.2 ? [Math.max(0, a - 1), Math.min(sheet.edgeLengthMm, b + 1)] : [a, b]
    setForm({ ...form, light: [...form.light, { fromMm, toMm }] })
  }
  const trouble = back.error ?? finish.error ?? (refused && refused.faults.length === 0 ? refused : undefined)
  return (
    <>
      <ToolHead
        stages={stages}
        at="Test"
        strip={{
          tall: true,
          marks: [],
          stations: [],
          label: asking
            ? 'The edge. Drag where light is still seen; arrow keys move, Enter marks.'
            : 'Readings along the edge',
          readings,
          light: asking ? form.light : latest.light,
          ...(asking && { onMark }),
        }}
      />
      <Sheet
        drawing={
          asking ? (
            <Readings form={form} setForm={setForm} sheet={sheet} refused={refused} />
          ) : (
            <VerdictView test={latest} />
          )
        }
        decisions={
          <>
            <Trouble error={trouble} />
            <div>
              <p className="quiet">Judged for</p>
              <p className="font-semibold">{sheet.purpose}</p>
              <p>
                A fresh edge passes at {num(sheet.indexTarget, 2)} of a new utility blade, with the worst
                station no more than a quarter above the mean.
              </p>
            </div>
            {asking ? (
              <>
                <Field
                  label={`A new utility blade reads, on ${sheet.tester || 'this tester'} (g)`}
                  value={form.reference}
                  onChange={(reference) => setForm({ ...form, reference })}
                  error={refused?.at('referenceGrams')}
                />
                <Notice>Nothing is ever tested by running a thumb along the edge.</Notice>
              </>
            ) : (
              <div className="flex flex-col gap-3 items-start">
                <button type="button" className="btn btn-outline min-h-12" onClick={() => setAgain(true)}>
                  Test again
                </button>
                {!latest.verdict.keen && (
                  <button type="button" className="btn btn-outline min-h-12" onClick={() => finish.mutate()}>
                    Leave it as it is and log it
                  </button>
                )}
              </div>
            )}
          </>
        }
      />
      {asking ? (
        <Act onClick={() => judge.mutate()} busy={judge.isPending} note={refused?.message}>
          Judge the edge
        </Act>
      ) : latest.verdict.keen ? (
        <Act onClick={() => finish.mutate()} busy={finish.isPending}>
          Put it down in the log
        </Act>
      ) : (
        <Act onClick={() => back.mutate(latest.id)} busy={back.isPending}>
          Go back to the stones
        </Act>
      )}
    </>
  )
}

interface FormState {
  grams: string[]
  light: { fromMm: number; toMm: number }[]
  reference: string
}

interface ReadingsProps {
  form: FormState
  setForm: (f: FormState) => void
  sheet: SheetView
  refused: Refused | undefined
}

function Readings({ form, setForm, sheet, refused }: ReadingsProps) {
  const error = (i: number) =>
    refused?.at(`readings[${i}].grams`) ?? (i === 0 ? refused?.at('readings') : undefined)
  return (
    <section aria-label="Readings">
      <h2 className="text-[1.2rem] font-semibold">Force at five stations along the edge (g)</h2>
      <p className="quiet">Lower is keener. Repeat a reading that surprises.</p>
      <div className="grid grid-cols-2 sm:grid-cols-5 gap-3 pt-3">
        {sheet.stations.map((mm, i) => (
          <Field
            key={mm}
            label={`at ${num(mm)} mm`}
            inputMode="decimal"
            value={form.grams[i] ?? ''}
            onChange={(v) => setForm({ ...form, grams: form.grams.map((g, n) => (n === i ? v : g)) })}
            error={error(i)}
          />
        ))}
      </div>
      <h2 className="text-[1.2rem] font-semibold pt-6">Light along the edge</h2>
      {form.light.length === 0 ? (
        <p className="quiet">
          Look straight down it under the lamp. Where it shines, drag along the strip above.
        </p>
      ) : (
        <ul>
          {form.light.map((l, i) => (
            <li key={i} className="flex items-center gap-4">
              light from {num(l.fromMm)} to {num(l.toMm)} mm
              <button
                type="button"
                className="btn btn-ghost min-h-11"
                onClick={() => setForm({ ...form, light: form.light.filter((_, n) => n !== i) })}
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
