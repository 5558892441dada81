import { useQuery } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { moment, num } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { Lists } from './Lists'
import { SteelLine } from './SteelLine'

const KINDS: Record<Schemas['Entry']['kind'], string> = {
  TAKE_IN: 'Take in',
  SURVEY: 'Survey',
  PLAN: 'Plan',
  SETUP: 'Set-up',
  BENCH: 'Bench',
  TEST: 'Test',
  STEEL: 'Steel',
  NOTE: 'Note',
  FINISH: 'Refit',
  SAFE: 'Made safe',
  INSPECT: 'Inspect',
  BALANCE: 'Balance',
  HOURS: 'Hours',
}

/** A tool's history: what was found, done, measured, and what steel it has left. */
export function LogPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const params = { path: { id: toolId } }
  const log = useQuery({
    queryKey: ['log', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/log', { params })),
  })
  const error = stages.error ?? log.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !log.data) return <Coming />
  const last = log.data.tests[log.data.tests.length - 1]
  return (
    <>
      <ToolHead
        stages={stages.data}
        at="LOG"
        strip={{
          label: last ? 'Readings of the last test along the edge' : 'The edge',
          readings: last?.readings ?? [],
          spots: (last?.seen ?? []).flatMap((x) =>
            x.fromMm === null || x.toMm === null
              ? []
              : [{ fromMm: x.fromMm, toMm: x.toMm, bad: x.says === 'BAD', words: x.words }],
          ),
        }}
      />
      <Sheet
        drawing={<History entries={log.data.entries} />}
        decisions={
          <>
            <SteelLine steel={log.data.steel} retireMm={log.data.retireMm} />
            <Keenness tests={log.data.tests} />
            <a className="btn btn-outline min-h-12" href={`/api/v1/tools/${toolId}/export`} download>
              Write it out as JSON
            </a>
            <Lists toolId={toolId} />
          </>
        }
      />
      <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
    </>
  )
}

function History({ entries }: { entries: Schemas['Entry'][] }) {
  return (
    <ol aria-label="History, newest first">
      {entries.map((e, i) => (
        <li key={i} className="rule-b py-3 sm:grid sm:grid-cols-[11rem_minmax(0,1fr)] gap-4">
          <p className="quiet">
            {KINDS[e.kind]}
            <br />
            <time dateTime={e.at} className="text-[0.9rem]">
              {moment(e.at)}
            </time>
          </p>
          <div className="min-w-0">
            <p className="font-semibold break-words">{e.title}</p>
            {e.lines.map((l) => (
              <p key={l} className="break-words">
                {l}
              </p>
            ))}
          </div>
        </li>
      ))}
    </ol>
  )
}

function Keenness({ tests }: { tests: Schemas['MeasuredTest'][] }) {
  const indices = tests.flatMap((t) => (t.index === null ? [] : [t.index]))
  if (indices.length === 0) return <p className="quiet">Readings gather here once the edge was tested.</p>
  const best = Math.min(...indices)
  return (
    <div>
      <p className="quiet">Keenest it has been here</p>
      <p className="text-[1.35rem] font-semibold">{num(best, 2)} of the reference</p>
    </div>
  )
}
