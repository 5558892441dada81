import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { day } from '../ui/format'

type Line = Schemas['BoardLine']

/** A tool as one line of the board: its edge at true proportion to the others, whose it is, what comes next. */
export function ToolLine({ tool, widest, today }: { tool: Line; widest: number; today: string }) {
  const late = tool.wantedBy !== null && tool.wantedBy < today
  return (
    <li className="rule-b py-3 grid grid-cols-[minmax(0,1fr)_auto] md:grid-cols-[11rem_minmax(0,1fr)_auto] gap-x-5 gap-y-1 items-center">
      {tool.layout ? <Edge layout={tool.layout} widest={widest} /> : <span />}
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
          {tool.standingWords}
          {tool.nextCheck && (
            <span className={tool.due ? 'text-warning font-semibold' : ''}>
              {tool.due ? ', due since ' : ', looked at again '}
              {day(tool.nextCheck)}
            </span>
          )}
        </p>
      </div>
      <Link
        href={tool.next.path}
        className={`btn min-h-14 px-5 text-[1.02rem] ${tool.atBench ? 'btn-primary' : 'btn-outline'}`}
      >
        {tool.next.words}
      </Link>
    </li>
  )
}

/** One edge at true proportion to the others of the list, with its profile. */
function Edge({ layout, widest }: { layout: Schemas['LayoutView']; widest: number }) {
  const scale = 160 / widest
  const w = Math.max(12, layout.edgeMm * scale)
  const k = w / layout.edgeMm
  const most = Math.max(...layout.rise.map((r) => r.riseMm), 0.001)
  const lift = Math.min(k, 14 / most)
  const edge = layout.rise.map((r) => `${2 + r.alongMm * k},${28 - r.riseMm * lift}`).reverse()
  const body = edge.length > 1 ? `2,6 ${2 + w},6 ${edge.join(' ')}` : `2,6 ${2 + w},6 ${2 + w},28 2,28`
  const words =
    layout.edges > 1
      ? `${layout.edges} edges of ${Math.round(layout.edgeMm)} mm`
      : `edge of ${Math.round(layout.edgeMm)} mm`
  return (
    <svg viewBox="0 0 170 34" className="hidden md:block w-full" role="img" aria-label={words}>
      <polygon points={body} className="steel" strokeWidth="1.2" />
      {layout.edges > 1 && (
        <text x={w + 8} y={22} fontSize="14">
          ×{layout.edges}
        </text>
      )}
    </svg>
  )
}
