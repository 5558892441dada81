import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { day } from '../ui/format'

type Stages = Schemas['ToolStages']

export function useStages(toolId: string) {
  return useQuery({
    queryKey: ['stages', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/stages', { params: { path: { id: toolId } } })),
  })
}

export function useTool(toolId: string) {
  return useQuery({
    queryKey: ['tool', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}', { params: { path: { id: toolId } } })),
  })
}

const STATE: Record<string, { mark: string; look: string }> = {
  done: { mark: '✓', look: '' },
  here: { mark: '▸', look: 'bg-primary text-primary-content font-semibold' },
  waiting: { mark: '·', look: 'quiet' },
  skipped: { mark: '–', look: 'quiet line-through' },
}

/** The head of every page about a tool: its name, its edge along the full width, the line of stages. */
export function ToolHead({ stages, at, children }: { stages: Stages; at: string; children: ReactNode }) {
  return (
    <div className="sticky top-0 z-20 bg-base-100 rule-b -mx-4 sm:-mx-6 px-4 sm:px-6 pt-2">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-[1.35rem] font-semibold">{stages.name}</h1>
        <p className="quiet">
          {stages.crew}
          {stages.wantedBy && `, wanted ${day(stages.wantedBy)}`}
        </p>
      </div>
      {children}
      <nav aria-label="Stages" className="flex overflow-x-auto -mx-1">
        {stages.stages.map((s) => {
          const look = STATE[s.state] ?? STATE.waiting!
          const current = s.name === at
          return (
            <Link
              key={s.name}
              href={s.path}
              aria-current={current ? 'step' : undefined}
              className={`min-h-12 px-3 py-1 flex flex-col justify-center whitespace-nowrap ${look.look} ${
                current ? 'border-b-4 border-primary' : 'border-b-4 border-transparent'
              }`}
            >
              <span>
                <span aria-hidden="true" className="mr-1">
                  {look.mark}
                </span>
                {s.name}
              </span>
              <span className="text-[0.8rem] leading-tight">{s.word}</span>
            </Link>
          )
        })}
      </nav>
    </div>
  )
}

/** One large drawing with one column of decisions beside it, below it on a narrow screen. */
export function Sheet({ drawing, decisions }: { drawing: ReactNode; decisions: ReactNode }) {
  return (
    <div className="grid lg:grid-cols-[minmax(0,1fr)_24rem] gap-x-8 gap-y-6 pt-4">
      <div className="min-w-0">{drawing}</div>
      <div className="min-w-0 space-y-5 lg:border-l-[1.5px] lg:border-base-300 lg:pl-6">{decisions}</div>
    </div>
  )
}
