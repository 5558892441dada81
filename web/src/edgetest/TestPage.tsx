import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { toolChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { deviceKey, useDraft } from '../api/local'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Field } from '../ui/Field'
import { num, readNumber, typed } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Force } from './Force'
import { TestLadder } from './Ladder'
import { useRemedies } from './useRemedies'
import { toggled, withPlace, type Seen } from './seen'
import { proposed, VerdictView } from './VerdictView'
import { TakeOver } from '../ui/TakeOver'
import { massUnit } from '../ui/units'

type SheetView = Schemas['TestSheet']
type Outcome = Schemas['OutcomeOfCheck']

/** The edge tested, and what the test says. */
export function TestPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const sheet = useQuery({
    queryKey: ['test', toolId],
    // The bench moves on elsewhere: what was known a moment ago may be over.
    refetchOnMount: 'always',
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/test', { params: { path: { id: toolId } } })),
  })
  const error = stages.error ?? sheet.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !sheet.data) return <Coming />
  const t = sheet.data
  const answered = t.latest && t.latest.remedied && !t.latest.verdict.keen
  if (!t.sessionId || !t.benchDone) {
    return (
      <>
        <ToolHead stages={stages.data} at="TEST" />
        <p className="pt-4 max-w-[40rem]">
          An edge is tested when the bench is done with it. Then, in this order:
        </p>
        <ol className="pt-2 max-w-[40rem] list-decimal pl-6">
          {t.ladder
            .filter((c) => c.needed)
            .map((c) => (
              <li key={c.check} className="py-1">
                <b>{c.title}.</b> {c.how}
              </li>
            ))}
        </ol>
        <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
      </>
    )
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
      before={answered ? t.latest : null}
      round={round}
    />
  )
}

interface TestProps {
  toolId: string
  stages: Schemas['ToolStages']
  sheet: SheetView
  sessionId: string
  latest: Schemas['TestView'] | null
  /** The test whose remedies were just worked. */
  before: Schemas['TestView'] | null
  round: string
}

function Test({ toolId, stages, sheet, sessionId, latest, before, round }: TestProps) {
  const [form, setForm, drop] = useDraft(`test.${sessionId}.${round}`, {
    grams: sheet.stations.map(() => ''),
    seen: [] as Seen[],
    reference: sheet.referenceG > 0 ? typed(sheet.referenceG, 1) : '',
  })
  const [again, setAgain] = useState(false)
  const [marking, setMarking] = useState<Outcome | null>(null)
  const [picked, setPicked] = useState<{ test: string; chosen: Record<number, string> } | null>(null)
  const [person] = usePerson()
  const [, go] = useLocation()
  const queries = useQueryClient()
  const device = deviceKey()
  const judge = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/sessions/{id}/tests', {
          params: { path: { id: sessionId } },
          body: {
            device,
            person,
            reference: form.reference,
            readings: form.grams.every((g) => g.trim() === '')
              ? []
              : sheet.stations.map((xMm, i) => ({ xMm, grams: form.grams[i] ?? '' })),
            seen: form.seen.map(({ sign, fromMm, toMm }) => ({ sign, fromMm, toMm })),
          },
        }),
      ),
    onSuccess: () => {
      drop()
      setAgain(false)
      toolChanged(queries, toolId)
    },
  })
  const chosen = latest ? (picked?.test === latest.id ? picked.chosen : proposed(latest)) : {}
  const remedies = useRemedies(toolId, latest, chosen)
  const refused = judge.error instanceof Refused ? judge.error : undefined
  const asking = !latest || again
  // Readings are asked for only where there is something to take them with.
  const forced = sheet.byForce && sheet.tester !== ''
  const all = sheet.ladder.flatMap((c) => c.outcomes)
  const hand = marking ?? all.find((o) => o.sign === 'BRIGHT') ?? null
  const put = (fromMm: number | null, toMm: number | null) => {
    if (!hand) return
    setForm({ ...form, seen: withPlace(form.seen, sheet.ladder, hand, fromMm, toMm) })
    setMarking(null)
  }
  const tap = (check: Schemas['CheckView'], o: Outcome) => {
    setMarking(o.placed && marking?.sign !== o.sign ? o : null)
    if (!o.placed) setForm({ ...form, seen: toggled(form.seen, check, o) })
  }
  const readings = asking
    ? sheet.stations.map((xMm, i) => ({
        xMm,
        grams: Number.isFinite(readNumber(form.grams[i] ?? '')) ? readNumber(form.grams[i]!) : null,
      }))
    : latest.readings
  const onMark = (a: number, b: number) =>
    b - a < 0.2 ? put(Math.max(0, a - 1), Math.min(stages.layout.totalMm, b + 1)) : put(a, b)
  const stopped = [remedies.back.error, remedies.plan.error].find((e): e is Refused => e instanceof Refused)
  const trouble = refused && refused.faults.length === 0 ? refused : undefined
  const held = (
    <TakeOver
      sessionId={sessionId}
      error={stopped ?? judge.error}
      onTaken={() => [judge, remedies.back, remedies.plan].forEach((m) => m.reset())}
    />
  )
  const shown = asking ? form.seen : latest.seen
  const note = refused?.at('seen') ?? refused?.message
  return (
    <>
      <ToolHead
        stages={stages}
        at="TEST"
        strip={{
          tall: true,
          marks: [],
          stations: [],
          label: asking
            ? hand
              ? `The edge. Drag where: ${hand.words}; arrow keys move, Enter marks.`
              : 'The edge'
            : 'Readings along the edge',
          readings: forced || !asking ? readings : [],
          spots: shown.flatMap((s) =>
            s.fromMm === null || s.toMm === null
              ? []
              : [{ fromMm: s.fromMm, toMm: s.toMm, bad: s.says === 'BAD', words: s.words }],
          ),
          ...(asking && hand && { onMark }),
        }}
      />
      <Sheet
        drawing={
          asking ? (
            <>
              {before && <Before test={before} />}
              <TestLadder
                checks={sheet.ladder}
                seen={form.seen}
                marking={marking}
                layout={stages.layout}
                onTap={tap}
                onPlace={put}
                onRemove={(i) => setForm({ ...form, seen: form.seen.filter((_, n) => n !== i) })}
              />
              {forced && (
                <Force
                  sheet={sheet}
                  grams={form.grams}
                  setGrams={(grams) => setForm({ ...form, grams })}
                  refused={refused}
                />
              )}
            </>
          ) : (
            <VerdictView
              test={latest}
              sheet={sheet}
              chosen={chosen}
              choose={(next) => setPicked({ test: latest.id, chosen: next })}
            />
          )
        }
        decisions={
          <>
            <Trouble error={trouble} />
            <div>
              <p className="quiet">Judged for</p>
              <p className="font-semibold">{sheet.purpose || 'its own work'}</p>
              <p>
                {forced
                  ? `A fresh edge passes at ${num(sheet.indexTarget, 2)} of a new utility blade, with the worst station no more than ${num(100 * sheet.worstAbove, 0)} % above the mean, and no test of the ladder failed.`
                  : sheet.byForce
                    ? 'By what it cuts. With a force tester in the kit, readings along the edge are asked for too.'
                    : 'This tool is not tested for keenness by force: its own tests decide.'}
              </p>
            </div>
            {asking ? (
              <>
                {forced && (
                  <Field
                    label={`A new utility blade reads, on ${sheet.tester || 'this tester'} (${massUnit()})`}
                    of="mass"
                    value={form.reference}
                    onChange={(reference) => setForm({ ...form, reference })}
                    error={refused?.at('referenceGrams')}
                  />
                )}
                <Notice>
                  Nothing is ever tested by running a thumb along the edge. The tests shown are those this
                  work needs; what is left out is not judged.
                </Notice>
              </>
            ) : (
              <div className="flex flex-col gap-3 items-start">
                <button type="button" className="btn btn-outline min-h-12" onClick={() => setAgain(true)}>
                  Test again
                </button>
                {latest.verdict.state === 'NOT_YET' && (
                  <button
                    type="button"
                    className="btn btn-outline min-h-12"
                    onClick={() => go(`/tools/${toolId}/finish`)}
                  >
                    Leave it as it is and put it away
                  </button>
                )}
              </div>
            )}
          </>
        }
      />
      {asking ? (
        <Act onClick={() => judge.mutate()} busy={judge.isPending} note={note} beside={held}>
          Judge the edge
        </Act>
      ) : latest.verdict.keen ? (
        <Act href={`/tools/${toolId}/finish`}>Clean and refit it</Act>
      ) : remedies.planned ? (
        <Act
          onClick={() => remedies.plan.mutate()}
          busy={remedies.plan.isPending}
          note={stopped?.message}
          beside={held}
          says="The session ends as it is; the work is planned anew."
        >
          Plan that work
        </Act>
      ) : remedies.any ? (
        <Act
          onClick={() => remedies.back.mutate()}
          busy={remedies.back.isPending}
          note={stopped?.message}
          beside={held}
        >
          Go back to the stones
        </Act>
      ) : (
        <Act onClick={() => setAgain(true)}>Make another test</Act>
      )}
    </>
  )
}

/** What the remedies were for that this test is to judge. */
function Before({ test }: { test: Schemas['TestView'] }) {
  return (
    <p className="border-l-4 border-primary pl-3 mb-3">
      This test says whether it worked: {test.tried.map((t) => t.title.toLowerCase()).join('; ')}.
    </p>
  )
}
