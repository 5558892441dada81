import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Strip } from '../drawings/Strip'
import type { StripProps } from '../drawings/strip.types'
import { day } from '../ui/format'
import { useTitle } from '../ui/useTitle'
import { mm } from '../ui/units'

type Stages = Schemas['ToolStages']

export function useStages(toolId: string) {
  return useQuery({
    queryKey: ['stages', toolId],
    refetchOnMount: 'always',
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/stages', { params: { path: { id: toolId } } })),
    enabled: toolId !== '',
  })
}

export function useTool(toolId: string) {
  return useQuery({
    queryKey: ['tool', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}', { params: { path: { id: toolId } } })),
    enabled: toolId !== '',
  })
}

const STATE: Record<Schemas['StageView']['state'], { mark: string; look: string }> = {
  DONE: { mark: '✓', look: '' },
  HERE: { mark: '▸', look: '' },
  WAITING: { mark: '·', look: 'quiet' },
  SKIPPED: { mark: '–', look: 'quiet line-through' },
}

/** The head of every page about a tool: its name, its edge along the full width, the line of stages. */
export function ToolHead({
  stages,
  at,
  strip,
  title,
  children,
}: {
  stages: Stages
  /** The stage that is shown; null on pages that belong to none. */
  at: Schemas['StageView']['stage'] | null
  /** What this stage shows on the strip beyond the survey's findings. */
  strip?: Partial<StripProps>
  /** What a page is called that belongs to no stage. */
  title?: string
  children?: ReactNode
}) {
  const line = useRef<HTMLElement>(null)
  useTitle(stages.stages.find((s) => s.stage === at)?.name ?? title ?? '', stages.name)
  // On a phone the line is longer than the screen: bring the stage in question into sight.
  useEffect(() => {
    const nav = line.current
    const stage = nav?.querySelector<HTMLElement>('[aria-current=step]')
    if (nav && stage) nav.scrollLeft = stage.offsetLeft - (nav.clientWidth - stage.offsetWidth) / 2
  }, [at])
  const { top, high } = useHeight()
  return (
    <>
      <div
        className="sticky z-20 bg-base-100 rule-b -mx-4 sm:-mx-6 px-4 sm:px-6 pt-1"
        style={{ top: -high }}
        data-head
      >
        <div ref={top} className="flex flex-wrap items-end justify-between gap-x-6">
          <div className="min-w-0 pb-1">
            <h1 className="text-[1.35rem] leading-tight font-semibold">{stages.name}</h1>
            <p className="quiet text-[0.94rem]">
              {stages.crew}
              {stages.wantedBy && `, wanted ${day(stages.wantedBy)}`}
            </p>
          </div>
          <nav
            ref={line}
            aria-label="Stages"
            className="relative flex overflow-x-auto max-w-full [scrollbar-width:none]"
          >
            {stages.stages.map((s) => (
              <Stage key={s.stage} stage={s} current={s.stage === at} />
            ))}
          </nav>
        </div>
        <Strip
          layout={stages.layout}
          label={`The edge, ${mm(stages.layout.totalMm)}`}
          marks={stages.findings}
          stations={stages.stations}
          {...strip}
        />
      </div>
      {children}
    </>
  )
}

/** How high the line with the name and the stages is: it scrolls away, so that the edge alone stays in sight. */
function useHeight() {
  const top = useRef<HTMLDivElement>(null)
  const [high, setHigh] = useState(0)
  useEffect(() => {
    const line = top.current
    if (!line) return
    const watch = new ResizeObserver(() => setHigh(line.offsetHeight))
    watch.observe(line)
    return () => watch.disconnect()
  }, [])
  return { top, high }
}

function Stage({ stage, current }: { stage: Schemas['StageView']; current: boolean }) {
  const look = STATE[stage.state]
  // The page one is on is the filled one; the stage that comes next keeps its arrow.
  const marked = current
    ? 'bg-primary text-primary-content font-semibold'
    : stage.state === 'HERE'
      ? 'font-semibold border-b-4 border-primary'
      : look.look
  return (
    <Link
      href={stage.path}
      aria-current={current ? 'step' : undefined}
      className={`min-h-12 px-3 py-1 flex flex-col justify-center whitespace-nowrap ${marked}`}
    >
      <span>
        <span aria-hidden="true" className="mr-1">
          {look.mark}
        </span>
        {stage.name}
      </span>
      <span className="text-[0.8rem] leading-tight">{stage.word}</span>
    </Link>
  )
}

/** One large drawing with one column of decisions beside it, below it on a narrow screen. */
export function Sheet({
  drawing,
  decisions,
  decideFirst = false,
}: {
  drawing: ReactNode
  decisions: ReactNode
  /** On a narrow screen the decisions stand above: one touch, and done. */
  decideFirst?: boolean
}) {
  return (
    <div className="grid lg:grid-cols-[minmax(0,1fr)_24rem] gap-x-8 gap-y-6 pt-4">
      <div className={`min-w-0 ${decideFirst ? 'max-lg:order-last' : ''}`}>{drawing}</div>
      <div className="min-w-0 space-y-3.5 lg:border-l-[1.5px] lg:border-base-300 lg:pl-6">{decisions}</div>
    </div>
  )
}
