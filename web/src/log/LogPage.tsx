import { Link } from 'wouter'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Coming, Trouble } from '../ui/Notice'
import { Curves } from './Curves'
import { History } from './History'
import { Lists } from './Lists'
import { SteelLine } from './SteelLine'

/** Lines that are fetched at once, and more of them as far as somebody looks back. */
const A_PAGE = 60

/** A tool's history: what was found, done, measured, and what steel it has left. */
export function LogPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const [newest, setNewest] = useState(A_PAGE)
  const log = useQuery({
    queryKey: ['log', toolId, newest],
    queryFn: () =>
      ask(api.GET('/api/v1/tools/{id}/log', { params: { path: { id: toolId }, query: { newest } } })),
    placeholderData: keepPreviousData,
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
        drawing={
          <History
            toolId={toolId}
            entries={log.data.entries}
            older={log.data.more ? () => setNewest(newest + A_PAGE) : undefined}
          />
        }
        decisions={
          <>
            <SteelLine steel={log.data.steel} retireMm={log.data.retireMm} />
            <Curves curves={log.data.curves} />
            <a className="btn btn-outline min-h-12" href={`/api/v1/tools/${toolId}/export`} download>
              Export as JSON
            </a>
            <Link
              href={`/changes?tool=${toolId}`}
              className="underline underline-offset-4 min-h-12 inline-flex items-center"
            >
              What was changed of it
            </Link>
            <Lists toolId={toolId} />
          </>
        }
      />
      <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
    </>
  )
}
