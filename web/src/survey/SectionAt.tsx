import { useId } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Section } from '../drawings/Section'
import { mm, mm2 } from '../ui/units'

/** The blade cut through: where most goes, or at any place of the edge. */
export function SectionAt({
  tool,
  form,
  deepest,
  at,
  onAt,
}: {
  tool: Schemas['ToolView']
  form: Schemas['SurveyForm']
  deepest: Schemas['SectionView']
  at: number | null
  onAt: (mm: number | null) => void
}) {
  const id = useId()
  const there = useAnswer(
    'survey-section',
    tool.id,
    { at: at ?? 0, form },
    ({ at: mm, form: body }) =>
      ask(
        api.POST('/api/v1/tools/{id}/survey/section', {
          params: { path: { id: tool.id }, query: { at: mm } },
          body,
        }),
      ),
    at !== null,
  )
  const here = at !== null && there.data ? there.data : undefined
  return (
    <div>
      <Section
        view={here?.section ?? deepest}
        label={
          here
            ? `Section ${mm(here.xMm)} along the edge, before and after`
            : 'Section at the deepest place, before and after'
        }
      />
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label htmlFor={id}>Section at</label>
        <input
          id={id}
          type="range"
          min={0}
          max={tool.edgeLengthMm}
          step={tool.edgeLengthMm > 60 ? 1 : 0.5}
          value={at ?? tool.edgeLengthMm / 2}
          onChange={(e) => onAt(Number(e.target.value))}
          className="flex-1 min-w-[10rem] h-11 accent-[var(--color-primary)]"
        />
        <span className="min-w-[5.5rem]">{at === null ? 'the deepest' : `${mm(at)}`}</span>
        {at !== null && (
          <button type="button" className="btn btn-ghost min-h-11" onClick={() => onAt(null)}>
            The deepest place
          </button>
        )}
      </div>
      {here && (
        <p className="quiet">
          {mm2(here.removedMm2, 3)} go here; {mm(here.behindAfterMm, 2)} thick behind the edge afterwards.
        </p>
      )}
    </div>
  )
}
