import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation } from 'wouter'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { Sheet, ToolHead, useStages, useTool } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { typed, upper } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { looksAt } from './looks'
import { Marks } from './Marks'
import { onStrip, placed } from './placing'
import { Demands, Figures, Outcome } from './Outcome'
import { Questions } from './Questions'
import { SectionAt } from './SectionAt'
import { mm } from '../ui/units'
import { LastTime, useNextTime } from '../upkeep/NextTime'

type Form = Schemas['SurveyForm']
type Finding = Schemas['FindingForm']

const FRESH: Form = {
  findings: [],
  dullness: 'DULL',
  stropTried: false,
  backState: 'POLISHED',
  backDepth: '',
  highCorner: 'NONE',
  squareOff: '',
  squareAs: 'ANGLE',
  squareMend: true,
  measures: [],
  unevenLeft: '',
  unevenRight: '',
  oldBackWidth: '',
  oldBackAngle: '',
  oldBackGoes: 'BY_THE_EDGE',
  bend: '',
  bendAccepted: false,
  fared: '',
  person: '',
  basedOn: '',
}

/** A survey not begun: the back as it was left, or as its maker left it where nobody looked yet. */
function fresh(latest: Schemas['LatestSurvey']): Form {
  return latest.survey ? FRESH : { ...FRESH, backState: latest.asks.backState }
}

/** What is wrong with the edge, marked on the strip, and at once what must go. */
export function SurveyPage({ toolId }: { toolId: string }) {
  const path = { params: { path: { id: toolId } } }
  const stages = useStages(toolId)
  const tool = useTool(toolId)
  const latest = useQuery({
    queryKey: ['survey', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/survey', path)),
  })
  const { pending } = useNextTime(toolId)
  const error = stages.error ?? tool.error ?? latest.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !tool.data || !latest.data || pending) return <Coming />
  const before = latest.data.survey
  // A survey of this round is shown again to be corrected; after the tool was finished one starts afresh.
  const current = stages.data.stages.find((s) => s.stage === 'SURVEY')?.state === 'DONE'
  const start = before && current ? before.form : fresh(latest.data)
  return (
    <Survey
      key={before?.id ?? 'first'}
      tool={tool.data}
      stages={stages.data}
      start={{ ...start, basedOn: before?.id ?? '' }}
      asks={latest.data.asks}
      kept={current}
      asked={current && before ? before.asked : []}
    />
  )
}

function Survey({
  tool,
  stages,
  start,
  asks,
  kept,
  asked,
}: {
  tool: Schemas['ToolView']
  stages: Schemas['ToolStages']
  start: Form
  asks: Schemas['AsksView']
  /** Whether a survey of this round is kept already. */
  kept: boolean
  /** Work that the last test asked for. */
  asked: string[]
}) {
  const [form, setForm, drop] = useDraft(`survey.${tool.id}.${start.basedOn}`, start)
  const looks = looksAt(tool)
  const [lookKey, setLookKey] = useState('lamp')
  const look = looks.find((l) => l.key === lookKey) ?? looks[0]!
  const nextLook = looks[looks.indexOf(look) + 1]
  const [picked, setKind] = useState('CHIP')
  const offered = asks.kinds.filter((k) => look.kinds.includes(k.kind))
  const kind = offered.some((k) => k.kind === picked) ? picked : (offered[0]?.kind ?? '')
  const [selected, setSelected] = useState<number | null>(null)
  const [sectionAt, setSectionAt] = useState<number | null>(null)
  const [undone, setUndone] = useState<Finding[][]>([])
  const [person] = usePerson()
  const [, go] = useLocation()
  const queries = useQueryClient()
  const params = { path: { id: tool.id } }
  const preview = useAnswer('survey-preview', tool.id, form, (body) =>
    ask(api.POST('/api/v1/tools/{id}/survey/preview', { params, body })),
  )
  const save = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tools/{id}/surveys', { params, body: { ...form, person } })),
    onSuccess: () => {
      drop()
      void queries.invalidateQueries()
      go(`/tools/${tool.id}/angle`)
    },
  })
  const setFindings = (findings: Finding[]) => {
    setUndone([...undone, form.findings])
    if (findings.length < form.findings.length) setSelected(null)
    setForm({ ...form, findings })
  }
  const moveMark = (index: number, from: number, to: number) => {
    // A drag is one change to be undone, not one for each millimetre of it.
    const before = undone[undone.length - 1]
    const dragging =
      before?.length === form.findings.length && before.every((f, i) => i === index || f === form.findings[i])
    if (!dragging) setUndone([...undone, form.findings])
    setForm({
      ...form,
      findings: form.findings.map((f, i) =>
        i === index ? { ...f, from: typed(from, 1), to: typed(to, 1) } : f,
      ),
    })
  }
  const undo = () => {
    const last = undone[undone.length - 1]
    if (!last) return
    setUndone(undone.slice(0, -1))
    setSelected(null)
    setForm({ ...form, findings: last })
  }
  const mark = (from: number, to: number) => {
    const chosen = asks.kinds.find((k) => k.kind === kind)
    if (chosen) setFindings([...form.findings, placed(chosen, from, to, tool.edgeLengthMm)])
  }
  const live = preview.data
  const refused = save.error instanceof Refused ? save.error : undefined
  const fault = (field: string) => live?.faults.find((f) => f.field === field)?.message ?? refused?.at(field)
  return (
    <>
      <ToolHead
        stages={stages}
        at="SURVEY"
        strip={{
          tall: true,
          label: `The edge, ${mm(tool.edgeLengthMm)}. Arrow keys move by a millimetre, Enter marks. With a mark in hand they move it, plus and minus change its width, Delete removes it.`,
          marks: onStrip(form.findings, live?.findings ?? []),
          stations: live?.result?.stations ?? [],
          onMark: mark,
          selected,
          onSelect: setSelected,
          onMove: moveMark,
          onRemove: (index) => setFindings(form.findings.filter((_, i) => i !== index)),
          lookMm: sectionAt,
          missed: live?.result?.missed,
        }}
      >
        <div
          className="flex flex-wrap gap-2 py-2 items-center"
          role="group"
          aria-label="What to mark on the edge"
        >
          <span className="quiet">
            {offered.length > 0 ? 'Mark on the edge:' : 'Nothing to mark in this look.'}
          </span>
          {offered.map((k) => (
            <button
              key={k.kind}
              type="button"
              aria-pressed={kind === k.kind}
              onClick={() => setKind(k.kind)}
              className={`btn min-h-11 ${kind === k.kind ? 'btn-neutral' : 'btn-outline'}`}
            >
              {upper(k.words)}
            </button>
          ))}
          <button
            type="button"
            className="btn btn-ghost min-h-11"
            onClick={undo}
            disabled={undone.length === 0}
          >
            Undo
          </button>
        </div>
      </ToolHead>
      <Sheet
        drawing={
          live?.result ? (
            <>
              <Outcome result={live.result} />
              <SectionAt
                tool={tool}
                form={form}
                deepest={live.result.section}
                at={sectionAt}
                onAt={setSectionAt}
              />
              <Figures result={live.result} />
              <Demands result={live.result} />
            </>
          ) : (
            <p className="quiet py-8">What must go is drawn here as soon as the survey can be read.</p>
          )
        }
        decisions={
          <>
            {tool.powered && (
              <Notice kind="warn">
                Only look at a blade whose machine is isolated: lead off, battery out or plug pulled, blade
                blocked, gloves on. Cracks, a bend or a worn wing end it: replace, never straighten.
              </Notice>
            )}
            <LastTime toolId={tool.id} />
            {asked.length > 0 && (
              <p className="border-l-4 border-primary pl-3">
                Asked for by the last test, and planned with it: {asked.join('; ')}.
              </p>
            )}
            <nav aria-label="Looks, in order" className="flex flex-wrap gap-1">
              {looks.map((l, i) => (
                <button
                  key={l.key}
                  type="button"
                  aria-current={l === look ? 'step' : undefined}
                  onClick={() => setLookKey(l.key)}
                  className={`btn min-h-11 px-3 ${l === look ? 'btn-neutral' : 'btn-ghost underline underline-offset-4 font-normal'}`}
                >
                  {i + 1} <span>{l.name}</span>
                </button>
              ))}
            </nav>
            <p>{look.how}</p>
            <Questions
              look={look}
              form={form}
              set={setForm}
              fault={fault}
              asks={asks}
              changes={live?.changes ?? []}
              first={form.basedOn === ''}
              echo={live?.echoes.find((e) => e.field === 'square.off')?.understood}
            />
            {nextLook && (
              <button
                type="button"
                className="btn btn-outline min-h-12"
                onClick={() => setLookKey(nextLook.key)}
              >
                Next look: {nextLook.name.toLowerCase()}
              </button>
            )}
            <Marks
              findings={form.findings}
              kinds={asks.kinds}
              selected={selected}
              onSelect={setSelected}
              onChange={setFindings}
              fault={fault}
            />
            {!tool.powered && (
              <p className="rule-t pt-3 flex flex-wrap gap-x-6">
                <Link
                  href={`/tools/${tool.id}/profile`}
                  className="underline underline-offset-4 min-h-11 inline-flex items-center"
                >
                  Trace the profile before it is ground
                </Link>
                {kept && (
                  <Link
                    href={`/tools/${tool.id}/repair`}
                    className="underline underline-offset-4 min-h-11 inline-flex items-center"
                  >
                    By what, and how: the repair
                  </Link>
                )}
              </p>
            )}
          </>
        }
      />
      <Act onClick={() => save.mutate()} busy={save.isPending} note={refused?.message}>
        Keep the survey, angle next
      </Act>
    </>
  )
}
