import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { ToolOutline } from '../drawings/ToolOutline'
import { day } from '../ui/format'

type Line = Schemas['BoardLine']

/** What stands in place of where the work is, for tools that are not here to be worked. */
const STANDS: Partial<Record<Line['urgency'], string>> = {
  RETIRED: 'out of use',
  AWAY: 'with its owner, not done',
}

/** A tool as one line: its own outline with its damage, whose it is, what comes next. */
export function ToolLine({ tool, today }: { tool: Line; today: string }) {
  return (
    <li className="rule-b py-1.5 grid grid-cols-[minmax(0,1fr)_auto] sm:grid-cols-[8.5rem_minmax(0,1fr)_auto] gap-x-4 items-center">
      <ToolOutline line={tool} className="hidden sm:block w-full" />
      <div className="min-w-0">
        <Link
          href={`/tools/${tool.toolId}`}
          className="text-[1.08rem] leading-tight font-semibold underline-offset-4 hover:underline block pt-1"
        >
          {tool.name}
        </Link>
        <p className="quiet text-[0.92rem] leading-snug">
          {tool.crew}
          <Days tool={tool} today={today} />
          {' · '}
          {STANDS[tool.urgency] ?? tool.standingWords}
        </p>
      </div>
      <Link
        href={tool.next.path}
        className={`btn min-h-12 px-4 text-[0.98rem] ${tool.atBench ? 'btn-primary' : 'btn-outline'}`}
      >
        {tool.next.words}
      </Link>
    </li>
  )
}

/** The days that were promised or set for it. */
function Days({ tool, today }: { tool: Line; today: string }) {
  const late = tool.urgency === 'LATE'
  return (
    <>
      {tool.wantedBy && (
        <>
          {', wanted '}
          <span className={late ? 'text-error font-semibold' : ''}>
            {tool.wantedBy === today ? 'today' : day(tool.wantedBy)}
            {late ? ', late' : ''}
          </span>
        </>
      )}
      {tool.nextCheck && (
        <span className={tool.due ? 'text-warning font-semibold' : ''}>
          {tool.nextCheck === today
            ? ', due today'
            : `${tool.due ? ', due since ' : ', looked at again '}${day(tool.nextCheck)}`}
        </span>
      )}
    </>
  )
}
