import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { Section } from '../drawings/Section'
import { Sheet, ToolHead, useStages, useTool } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { num } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Marks, MARK_KINDS } from './Marks'
import { Outcome } from './Outcome'
import { Questions } from './Questions'

type Form = Schemas['SurveyForm']
export type Finding = Schemas['FindingForm']

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
  fared: '',
  person: '',
  basedOn: '',
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
  const error = stages.error ?? tool.error ?? latest.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !tool.data || !latest.data) return <Coming />
  const before = latest.data.survey
  // A survey of this round is shown again to be corrected; after the tool was finished one starts afresh.
  const current = stages.data.stages.find((s) => s.name === 'Survey')?.state === 'done'
  const start = before && current ? before.form : FRESH
  return (
    <Survey
      key={before?.id ?? 'first'}
      tool={tool.data}
      stages={stages.data}
      start={{ ...start, basedOn: before?.id ?? '' }}
    />
  )
}

function Survey({
  tool,
  stages,
  start,
}: {
  tool: Schemas['ToolView']
  stages: Schemas['ToolStages']
  start: Form
}) {
  const [form, setForm, drop] = useDraft(`survey.${tool.id}.${start.basedOn}`, start)
  const [kind, setKind] = useState('CHIP')
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
    setForm({ ...form, findings })
  }
  const undo = () => {
    const last = undone[undone.length - 1]
    if (!last) return
    setUndone(undone.slice(0, -1))
    setForm({ ...form, findings: last })
  }
  const mark = (from: number, to: number) =>
    setFindings([...form.findings, placed(kind, from, to, tool.edgeLengthMm)])
  const live = preview.data
  const refused = save.error instanceof Refused ? save.error : undefined
  const fault = (field: string) => live?.faults.find((f) => f.field === field)?.message ?? refused?.at(field)
  return (
    <>
      <ToolHead
        stages={stages}
        at="Survey"
        strip={{
          tall: true,
          label: `The edge, ${num(tool.edgeLengthMm)} mm. Arrow keys move by a millimetre, Enter marks.`,
          marks: live?.findings ?? [],
          stations: live?.result?.stations ?? [],
          onMark: mark,
        }}
      >
        <div
          className="flex flex-wrap gap-2 pb-2 items-center"
          role="group"
          aria-label="What to mark on the edge"
        >
          <span className="quiet">Mark on the edge:</span>
          {MARK_KINDS.map((k) => (
            <button
              key={k.kind}
              type="button"
              aria-pressed={kind === k.kind}
              onClick={() => setKind(k.kind)}
              className={`btn min-h-11 ${kind === k.kind ? 'btn-neutral' : 'btn-outline'}`}
            >
              {k.name}
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
              <Section view={live.result.section} label="Section at the deepest place, before and after" />
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
            <Questions
              form={form}
              set={setForm}
              fault={fault}
              tool={tool}
              echo={live?.echoes.find((e) => e.field === 'square.off')?.understood}
            />
            <Marks findings={form.findings} onChange={setFindings} fault={fault} />
          </>
        }
      />
      <Act onClick={() => save.mutate()} busy={save.isPending} note={refused?.message}>
        Keep the survey, angle next
      </Act>
    </>
  )
}

/** A mark as it is first put down: a tap gives it a usual width, a corner runs to its end of the edge. */
function placed(kind: string, from: number, to: number, edge: number): Finding {
  const tap = to - from < 0.2
  const middle = (from + to) / 2
  const [a, b] = tap ? [Math.max(0, middle - 0.5), Math.min(edge, middle + 0.5)] : [from, to]
  const left = middle < edge / 2
  const ends =
    kind === 'ROUNDED_CORNER' ? (left ? [0, Math.max(b, 0.5)] : [Math.min(a, edge - 0.5), edge]) : [a, b]
  return {
    kind,
    from: num(ends[0]!, 1),
    to: num(ends[1]!, 2),
    depth: kind === 'BRIGHT' ? '' : '0.3',
    leave: false,
  }
}
