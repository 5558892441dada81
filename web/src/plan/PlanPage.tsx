import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { toolChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Ladder } from '../drawings/Ladder'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { num, span } from '../ui/format'
import { Fold } from '../ui/Fold'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Pulled } from './Answers'
import { Decisions } from './Decisions'
import { StepList } from './StepList'
import { Alike } from './Alike'
import { Pieces } from './Pieces'
import { TooMuch } from './TooMuch'
import { back, moved, pulled, useWish, type Wish } from './wish'
import { WayOut } from './WayOut'
import { mm3 } from '../ui/units'

type Plan = Schemas['PlanView']

/** The abrasives of least time on this shelf, and the steps they make. */
export function PlanPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const [wish, setWish] = useWish(toolId)
  const [open, setOpen] = useState('')
  const [person] = usePerson()
  const question = { ...wish, person }
  const [, go] = useLocation()
  const queries = useQueryClient()
  const params = { path: { id: toolId } }
  const preview = useAnswer('plan-preview', toolId, question, (body) =>
    ask(api.POST('/api/v1/tools/{id}/plan/preview', { params, body })),
  )
  const choose = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tools/{id}/plans', { params, body: question })),
    onSuccess: () => {
      toolChanged(queries, toolId)
      go(`/tools/${toolId}/bench`)
    },
  })
  if (stages.isError) return <Trouble error={stages.error} />
  if (!stages.data) return <Coming />
  const plan = preview.data
  // The last job carries the finish; it is the one shown until another is asked for.
  const shown = plan?.jobs.find((j) => j.kind === open) ?? plan?.jobs[plan.jobs.length - 1]
  const refused = choose.error instanceof Refused ? choose.error : undefined
  return (
    <>
      <ToolHead stages={stages.data} at="PLAN" />
      {preview.isError ? (
        <div className="max-w-[44rem] pt-4">
          <Trouble error={preview.error} again={() => void preview.refetch()} />
          {pulled(wish) && (
            <button
              type="button"
              className="btn btn-outline min-h-12 mt-3"
              onClick={() => setWish(back(wish))}
            >
              Put all rungs back
            </button>
          )}
          {preview.error instanceof Refused && preview.error.has('NO_ABRASIVE') && <WayOut />}
          <Act href={stages.data.next.path}>{stages.data.next.words}</Act>
        </div>
      ) : plan ? (
        <>
          <Sheet
            drawing={
              <>
                <Jobs
                  toolId={toolId}
                  plan={plan}
                  shown={shown}
                  show={setOpen}
                  wish={wish}
                  setWish={setWish}
                />
                {plan.steps.length > 0 && (
                  <section aria-label="Step sheet" className="pt-5">
                    <h2 className="font-semibold mb-1">Step sheet</h2>
                    <StepList steps={plan.steps} />
                  </section>
                )}
              </>
            }
            decisions={<Decisions toolId={toolId} plan={plan} shown={shown} wish={wish} setWish={setWish} />}
          />
          {plan.steps.length > 0 && (
            <Act onClick={() => choose.mutate()} busy={choose.isPending} note={refused?.message}>
              {plan.scope === 'RETIRE' ? 'Go on all the same' : 'Take this plan to the bench'}
            </Act>
          )}
        </>
      ) : (
        <Coming />
      )}
    </>
  )
}

function Jobs({
  toolId,
  plan,
  shown,
  show,
  wish,
  setWish,
}: {
  toolId: string
  plan: Plan
  /** The job that is looked at; none where nothing goes to the stones. */
  shown: Plan['jobs'][number] | undefined
  show: (kind: string) => void
  wish: Wish
  setWish: (w: Wish) => void
}) {
  const [old, setOld] = useState(false)
  if (plan.steps.length === 0) {
    return <Notice kind="danger">This tool has come to its end: {plan.reasons[0]}.</Notice>
  }
  if (plan.steps.some((s) => s.kind === 'ENDS' || s.kind === 'TEETH')) return <Alike plan={plan} />
  if (plan.jobs.length === 0 && plan.pieces.length === 0) {
    return (
      <p className="py-6">
        No stone is wanted:{' '}
        {plan.stropName ? `a few strokes on the ${plan.stropName}` : 'a few strokes on a strop'} and a test.
      </p>
    )
  }
  const first = (
    <>
      {plan.scope === 'RETIRE' && (
        <Notice kind="danger">
          Advice: put it aside, for {plan.reasons[0]}. You may go on; these are the figures.
        </Notice>
      )}
      {plan.tooMuch && <TooMuch tooMuch={plan.tooMuch} wish={wish} setWish={setWish} toolId={toolId} />}
      {(plan.pieces.length > 1 || !shown) && (
        <Pieces
          pieces={plan.pieces}
          shown={shown?.kind ?? ''}
          show={show}
          onStones={plan.jobs.map((j) => j.kind)}
        />
      )}
    </>
  )
  if (!shown) return first
  return (
    <>
      {first}
      <h2 className="text-[1.2rem] font-semibold">
        {shown.title}:{' '}
        {shown.volumeMm3 > 0
          ? `${mm3(shown.volumeMm3)} to shape, ${num(shown.depthUm, shown.depthUm < 10 ? 1 : 0)} µm deep`
          : 'only scratches to replace'}
      </h2>
      <p className="quiet">
        {shown.legs.length - 1 === 0
          ? 'No change-over.'
          : shown.legs.length - 1 === 1
            ? 'One change-over.'
            : `${shown.legs.length - 1} change-overs.`}{' '}
        About {span(shown.seconds)} on these stones; setting, burr and strop come on top.
      </p>
      {shown.flags.map((f) => (
        <Notice key={f} kind="warn">
          {f}
        </Notice>
      ))}
      <Ladder
        job={shown}
        move={(id, onPath) => setWish(moved(wish, shown.kind, id, onPath))}
        asked={wish.through.filter((r) => r.job === shown.kind).map((r) => r.abrasiveId)}
        outOfUse={old}
      />
      {shown.passedOver.some((p) => p.outOfUse) && (
        <button
          type="button"
          className="underline underline-offset-4 min-h-11"
          aria-pressed={old}
          onClick={() => setOld(!old)}
        >
          {old ? 'without what is out of use' : 'with what is out of use'}
        </button>
      )}
      <Fold name="How to read and change it">
        <p>
          The mark across the scale is the least grain that this depth asks to start on; the band beside it is
          the finish wanted. Pull a knob off the path and the stone stays on the shelf; pull one onto it and
          it is used.
        </p>
      </Fold>
      {pulled(wish) && <Pulled job={shown} wish={wish} setWish={setWish} />}
    </>
  )
}
