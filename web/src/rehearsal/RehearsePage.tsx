import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Pick } from '../ui/Field'
import { Coming, Trouble } from '../ui/Notice'
import { Player } from './Player'
import { RunNow } from './RunNow'
import { AS_PLANNED, WhatIf, type WhatIfForm } from './WhatIf'

type View = Schemas['RehearsalView']
type Run = Schemas['RehearsedRun']

type Watched = 'planned' | 'otherwise' | 'both'

/** A plan made on the virtual blade before any steel is touched, as it stands and otherwise. */
export function RehearsePage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const made = (body: WhatIfForm) =>
    ask(api.POST('/api/v1/tools/{id}/rehearsal', { params: { path: { id: toolId } }, body }))
  const planned = useQuery({
    queryKey: ['rehearsal', toolId],
    queryFn: () => made(AS_PLANNED),
    retry: false,
  })
  // What was tried last stays in view while something else is tried, and where that is refused.
  const [tried, setTried] = useState<View>()
  const trying = useMutation({ mutationFn: made, onSuccess: setTried })
  if (stages.isError) return <Trouble error={stages.error} />
  if (!stages.data) return <Coming />
  const view = tried ?? planned.data
  return (
    <>
      <ToolHead stages={stages.data} at="PLAN" />
      <h2 className="text-[1.2rem] font-semibold pt-2">The plan, rehearsed</h2>
      {planned.isError && <Trouble error={planned.error} />}
      {planned.isPending && <Coming />}
      {view && (
        <>
          <section aria-label="What comes of it" aria-live="polite" className="max-w-[70rem]">
            <Result name="As planned" run={view.planned} />
            {view.otherwise && <Result name="Otherwise" run={view.otherwise} />}
          </section>
          <Sheet
            drawing={<Runs key={view.otherwise ? 'two' : 'one'} view={view} />}
            decisions={
              <>
                <WhatIf
                  view={view}
                  refused={trying.error}
                  onTry={(form) => trying.mutate(form)}
                  onPlanned={() => {
                    setTried(undefined)
                    trying.reset()
                  }}
                />
                <p className="quiet">
                  {view.hand} An estimate: wear, burr and rounding are priors, the same for every bench. The
                  index is a reading over that of a new utility blade on the same tester: lower is keener.
                </p>
              </>
            }
          />
        </>
      )}
      <Act href={`/tools/${toolId}/plan`}>Back to the plan</Act>
    </>
  )
}

function Result({ name, run }: { name: string; run: Run }) {
  return (
    <p className="py-1">
      <b>{name}:</b>{' '}
      <span className={run.outcome === 'KEEN' ? '' : 'text-warning font-semibold'}>{run.words}</span>{' '}
      {run.advice} {run.strokes} strokes in all.
      {run.held.map((h) => (
        <span key={h} className="block quiet">
          {h}
        </span>
      ))}
    </p>
  )
}

/** One run, or two side by side, moved by one slider: each at the same share of its way. */
function Runs({ view }: { view: View }) {
  const [watched, setWatched] = useState<Watched>('both')
  const runs = (
    [
      ['planned', 'As planned', view.planned],
      ['otherwise', 'Otherwise', view.otherwise],
    ] as const
  ).filter(([which, , run]) => run && (watched === 'both' || which === watched))
  const last = Math.max(...runs.map(([, , run]) => run!.frames.length - 1))
  const [at, setAt] = useState(last)
  const share = last > 0 ? Math.min(1, at / last) : 1
  return (
    <div>
      {view.otherwise && (
        <Pick
          legend="Watch"
          value={watched}
          onChange={setWatched}
          options={[
            { value: 'both', label: 'side by side' },
            { value: 'planned', label: 'as planned' },
            { value: 'otherwise', label: 'otherwise' },
          ]}
        />
      )}
      <Player last={last} at={Math.min(at, last)} onAt={setAt} />
      <div className={`grid gap-4 ${runs.length > 1 ? 'sm:grid-cols-2' : 'max-w-[46rem]'}`}>
        {runs.map(([which, name, run]) => (
          <RunNow key={which} name={view.otherwise ? name : ''} view={view} run={run!} share={share} />
        ))}
      </div>
    </div>
  )
}
