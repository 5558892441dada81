import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { num } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { StepList } from './StepList'
import { mm2 } from '../ui/units'

type School = Schemas['SchoolView']

/** How each kind of work is drawn; told apart by its hatching too. */
const PARTS: { kinds: string[]; words: string; fill: string }[] = [
  { kinds: ['WORK', 'GRIND'], words: 'on stones', fill: 'var(--color-primary)' },
  { kinds: ['SET_GUIDE', 'PREPARE'], words: 'setting', fill: 'url(#lines)' },
  { kinds: ['DEBURR'], words: 'burr', fill: 'url(#dots)' },
  { kinds: ['STROP'], words: 'strop', fill: 'var(--quiet)' },
]

/** The same tool, survey, angle and shelf in other schools: minutes and strokes to one scale, and why they differ. */
export function SchoolsPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const [person] = usePerson()
  const [open, setOpen] = useState('')
  const answer = useQuery({
    queryKey: ['schools', toolId, person],
    queryFn: () =>
      ask(
        api.GET('/api/v1/tools/{id}/plan/schools', { params: { path: { id: toolId }, query: { person } } }),
      ),
    retry: false,
  })
  if (stages.isError) return <Trouble error={stages.error} />
  if (!stages.data) return <Coming />
  const schools = answer.data?.schools ?? []
  const shown = schools.find((s) => s.school === open) ?? schools[0]
  return (
    <>
      <ToolHead stages={stages.data} at="PLAN" />
      {answer.isError ? (
        <div className="max-w-[44rem] pt-4">
          <Trouble error={answer.error} again={() => void answer.refetch()} />
          <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
        </div>
      ) : !shown ? (
        <Coming />
      ) : (
        <>
          <Sheet
            drawing={<Bars schools={schools} shown={shown} open={setOpen} />}
            decisions={
              <section aria-label="Step sheet">
                <h2 className="font-semibold mb-1">Step sheet: {shown.words}</h2>
                <p className="quiet">{shown.meaning}</p>
                {shown.refused ? (
                  <Notice kind="warn">{shown.refused}</Notice>
                ) : (
                  <StepList steps={shown.steps} />
                )}
              </section>
            }
          />
          <Act href={`/tools/${toolId}/plan`}>Back to your own plan</Act>
        </>
      )}
    </>
  )
}

function Bars({
  schools,
  shown,
  open,
}: {
  schools: School[]
  shown: School
  open: (school: string) => void
}) {
  const most = Math.max(1, ...schools.map((s) => seconds(s)))
  return (
    <>
      <Patterns />
      <h1 className="text-[1.2rem] font-semibold">The same edge in other schools</h1>
      <p className="quiet">
        Same survey, same angle at the edge, same shelf. Minutes with setting, burr and strop, to one scale:{' '}
        {PARTS.map((p) => (
          <span key={p.words} className="inline-flex items-center gap-1 mr-3">
            <svg width="16" height="12" aria-hidden="true">
              <rect width="16" height="12" fill={p.fill} stroke="var(--quiet)" />
            </svg>
            {p.words}
          </span>
        ))}
      </p>
      <ul>
        {schools.map((s) => (
          <li key={s.school} className="rule-t">
            <button
              type="button"
              aria-pressed={s === shown}
              onClick={() => open(s.school)}
              className={`w-full text-left py-3 pl-3 border-l-4 ${s === shown ? 'border-primary' : 'border-transparent'}`}
            >
              <span className="font-semibold text-[1.1rem]">{s.words}</span>
              {s.refused ? (
                <span className="block">{s.refused}</span>
              ) : (
                <>
                  <span className="block">
                    about {num(s.minutes)} min, {s.strokes} strokes, {mm2(s.honedMm2)} honed:{' '}
                    {s.stones.join(', ') || 'strop only'}
                  </span>
                  <Bar school={s} most={most} />
                  {s.because.map((b) => (
                    <span key={b} className="block text-[0.94rem] quiet">
                      {b}
                    </span>
                  ))}
                </>
              )}
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}

function Bar({ school, most }: { school: School; most: number }) {
  const widths = PARTS.map((p) => (part(school, p.kinds) / most) * 600)
  return (
    <svg viewBox="0 0 600 16" preserveAspectRatio="none" className="w-full h-4 my-1" aria-hidden="true">
      {PARTS.map((p, i) => (
        <rect
          key={p.words}
          x={widths.slice(0, i).reduce((sum, w) => sum + w, 0)}
          width={widths[i]}
          height="16"
          fill={p.fill}
        />
      ))}
    </svg>
  )
}

/** The hatchings, once for the page. */
function Patterns() {
  return (
    <svg width="0" height="0" aria-hidden="true" className="absolute">
      <defs>
        <pattern id="lines" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V6" stroke="var(--color-base-content)" strokeWidth="1.5" />
        </pattern>
        <pattern id="dots" width="6" height="6" patternUnits="userSpaceOnUse">
          <circle cx="3" cy="3" r="1.4" fill="var(--color-base-content)" />
        </pattern>
      </defs>
    </svg>
  )
}

function part(school: School, kinds: string[]): number {
  return school.steps.filter((s) => kinds.includes(s.kind)).reduce((sum, s) => sum + s.seconds, 0)
}

function seconds(school: School): number {
  return PARTS.reduce((sum, p) => sum + part(school, p.kinds), 0)
}
