import { useQuery } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { day, num } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { Dulling } from './Dulling'
import { Ladder } from './Ladder'
import { NoteNextTime, useNote } from './NextTime'
import { Read } from './Read'
import { Used } from './Used'

type Upkeep = Schemas['UpkeepSheet']

/** What a tool did since its sharpening, how it dulls, and the least that brings it back. */
export function UpkeepPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const upkeep = useQuery({
    queryKey: ['upkeep', toolId],
    queryFn: () => ask(api.GET('/api/v1/tools/{id}/upkeep', { params: { path: { id: toolId } } })),
    retry: false,
  })
  const note = useNote(toolId)
  const error = stages.error ?? upkeep.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !upkeep.data) return <Coming />
  const u = upkeep.data
  return (
    <>
      <ToolHead stages={stages.data} at={null} title="Upkeep" />
      <Sheet
        decideFirst
        drawing={
          <div className="grid gap-5">
            <Next upkeep={u} />
            <Dulling upkeep={u} />
            <Read key={u.points.length} upkeep={u} toolId={toolId} />
          </div>
        }
        decisions={
          <>
            <Used upkeep={u} toolId={toolId} />
            <Ladder upkeep={u} toolId={toolId} />
            <NoteNextTime of={note} />
          </>
        }
      />
      {stages.data.due && <Act href={stages.data.next.path}>{stages.data.next.words}</Act>}
    </>
  )
}

/** When a touch-up pays, by date and by work, and what that rests on. */
function Next({ upkeep: u }: { upkeep: Upkeep }) {
  const n = u.next
  if (!n)
    return (
      <section aria-label="Next touch-up">
        <h2 className="font-semibold">When it is due again</h2>
        <p className="max-w-[38rem]">
          {u.still || 'Its edge is not read by force: the day that was set when it went back holds.'}
        </p>
      </section>
    )
  const left = n.early === null ? null : n.early - u.use
  return (
    <section aria-label="Next touch-up">
      <h2 className="quiet">The next touch-up pays</h2>
      <p className="figure leading-tight">
        {n.early === null
          ? 'not for long'
          : left! <= 0
            ? 'now'
            : n.day
              ? `from ${day(n.day)}`
              : `in more than two years`}
      </p>
      <p>
        {n.early !== null && left! > 0 && (
          <>
            after {num(left!, left! < 10 ? 1 : 0)} more {u.unitWords};{' '}
          </>
        )}
        {n.latest && n.likely !== null && (
          <>
            its curve comes to the limit at {num(n.likely, 0)}
            {n.day !== n.latest && `, about ${day(n.latest)}`}.
          </>
        )}
        {n.likely === null && 'Its curve does not come to the limit as far as it can be trusted.'}
      </p>
      <p className="quiet text-[0.94rem]">{n.words}</p>
    </section>
  )
}
