import { useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Coming, Trouble } from '../ui/Notice'
import { Curves } from './Curves'
import { History } from './History'
import { Lists } from './Lists'
import { SteelLine } from './SteelLine'

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
        drawing={<History toolId={toolId} entries={log.data.entries} />}
        decisions={
          <>
            <SteelLine steel={log.data.steel} retireMm={log.data.retireMm} />
            <Curves curves={log.data.curves} />
            <a className="btn btn-outline min-h-12" href={`/api/v1/tools/${toolId}/export`} download>
              Export as JSON
            </a>
            <Lists toolId={toolId} />
          </>
        }
      />
      <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
    </>
  )
}
