import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { day } from '../ui/format'

type Stages = Schemas['ToolStages']

/** A tool as one line of the board: its edge at true proportion to the others, whose it is, what comes next. */
export function ToolLine({ tool, widest, today }: { tool: Stages; widest: number; today: string }) {
  const late = tool.wantedBy !== '' && tool.wantedBy < today
  return (
    <li className="rule-b py-3 grid grid-cols-[minmax(0,1fr)_auto] md:grid-cols-[11rem_minmax(0,1fr)_auto] gap-x-5 gap-y-1 items-center">
      <Edge lengthMm={tool.edgeLengthMm} widest={widest} />
      <div className="min-w-0">
        <Link
          href={`/tools/${tool.toolId}`}
          className="text-[1.15rem] font-semibold underline-offset-4 hover:underline inline-flex items-center min-h-11"
        >
          {tool.name}
        </Link>
        <p className="quiet">
          {tool.crew}
          {tool.wantedBy && (
            <>
              {', wanted '}
              <span className={late ? 'text-error font-semibold' : ''}>
                {tool.wantedBy === today ? 'today' : day(tool.wantedBy)}
                {late ? ', late' : ''}
              </span>
            </>
          )}
          {' · '}
          {tool.standing}
        </p>
      </div>
      <Link
        href={tool.next.path}
        className={`btn min-h-14 px-5 text-[1.02rem] ${tool.atBench ? 'btn-primary' : 'btn-outline'}`}
      >
        {tool.next.act}
      </Link>
    </li>
  )
}

function Edge({ lengthMm, widest }: { lengthMm: number; widest: number }) {
  const w = Math.max(14, (lengthMm / widest) * 160)
  return (
    <svg
      viewBox="0 0 170 34"
      className="hidden md:block w-full"
      role="img"
      aria-label={`edge of ${Math.round(lengthMm)} mm`}
    >
      <path d={`M2 4H${w}V24H2Z`} className="steel" strokeWidth="1.2" />
      <path d={`M2 24H${w}L${w} 29H2Z`} fill="none" stroke="var(--steel-line)" strokeWidth="1.2" />
    </svg>
  )
}
