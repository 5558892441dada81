import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation } from 'wouter'
import { toolChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Ladder } from '../drawings/Ladder'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Choice, Pick } from '../ui/Field'
import { figures, num, span, upper } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Advised } from '../ui/Why'
import { Heat } from './Heat'
import { Answers, Pulled } from './Answers'
import { Preparation } from './Preparation'
import { StepList } from './StepList'
import { Alike } from './Alike'
import { Pieces } from './Pieces'
import { TooMuch } from './TooMuch'
import { back, moved, pulled, useWish, type Wish } from './wish'
import { WayOut } from './WayOut'

type Plan = Schemas['PlanView']

/** The choice to shape on stones although a machine is owned, as the service calls it. */
const BY_HAND = 'BY_HAND'

/** No strop at all, as the service calls it. */
const NO_STROP = 'NONE'

/** The abrasives of least time on this shelf, and the steps they make. */
export function PlanPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const [wish, setWish] = useWish(toolId)
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
            drawing={<Jobs toolId={toolId} plan={plan} wish={wish} setWish={setWish} />}
            decisions={<Decisions toolId={toolId} plan={plan} wish={wish} setWish={setWish} />}
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
  wish,
  setWish,
}: {
  toolId: string
  plan: Plan
  wish: Wish
  setWish: (w: Wish) => void
}) {
  const [open, setOpen] = useState('')
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
  // The last job carries the finish; it is the one shown until another is asked for.
  const shown = plan.jobs.find((j) => j.kind === open) ?? plan.jobs[plan.jobs.length - 1]
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
          show={setOpen}
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
          ? `${figures(shown.volumeMm3)} mm³ to shape, ${num(shown.depthUm, shown.depthUm < 10 ? 1 : 0)} µm deep`
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
      <p className="quiet text-[0.92rem]">
        The mark across the scale is the least grain that this depth asks to start on; the band beside it is
        the finish wanted. Pull a knob off the path and the stone stays on the shelf; pull one onto it and it
        is used.
      </p>
      {pulled(wish) && <Pulled job={shown} wish={wish} setWish={setWish} />}
      <Answers toolId={toolId} job={shown} wish={wish} setWish={setWish} />
    </>
  )
}

function Decisions({
  toolId,
  plan,
  wish,
  setWish,
}: {
  toolId: string
  plan: Plan
  wish: Wish
  setWish: (w: Wish) => void
}) {
  const powered = plan.steps.some((s) => s.kind === 'ENDS' || s.kind === 'TEETH')
  if (plan.steps.length === 0) {
    const machine = plan.reasons.some((r) => r.includes('replace the blade'))
    return (
      <p>
        {machine ? 'A worn-out blade breaks at speed.' : 'Hang it up, or keep it for a scraper.'} Nothing is
        planned for it.
      </p>
    )
  }
  return (
    <>
      <div>
        <p className="quiet">{plan.scopeWords}, time at the bench</p>
        <Advised advice={plan.minutes} digits={0} big />
        <p>
          {figures(plan.volumeMm3)} mm³ of steel in all, {num(plan.lostMm, plan.lostMm < 0.1 ? 4 : 2)} mm off
          the length. {upper(plan.minutes.evidence)}.
        </p>
      </div>
      {plan.offers.length > 0 && (
        <Pick
          legend={powered ? 'Worked on' : 'Much steel for hands: the big shaping is done on'}
          value={
            powered
              ? wish.grindOn
              : wish.grindOn || (plan.offers.find((o) => o.chosen)?.abrasiveId ?? BY_HAND)
          }
          onChange={(grindOn) => setWish({ ...wish, grindOn })}
          options={[
            powered ? { value: '', label: 'what suits' } : { value: BY_HAND, label: 'stones, by hand' },
            ...plan.offers.map((o) => ({
              value: o.abrasiveId,
              label: o.name,
              note: `${span(o.leastSeconds)} to ${span(o.mostSeconds)}`,
            })),
          ]}
        />
      )}
      {!powered && (
        <>
          <Link
            href={`/tools/${toolId}/repair`}
            className="underline underline-offset-4 min-h-11 inline-flex items-center"
          >
            By what, and how: the repair
          </Link>
          <Link
            href={`/tools/${toolId}/schools`}
            className="underline underline-offset-4 min-h-11 inline-flex items-center"
          >
            The same work in other schools
          </Link>
        </>
      )}
      {plan.offers.map((o) => o.heat && <Heat key={o.abrasiveId} name={o.name} heat={o.heat} />)}
      {plan.strops.length > 0 && (
        <Choice
          label="Strop on"
          value={wish.strop ?? ''}
          onChange={(strop) => setWish({ ...wish, strop })}
          options={[
            { value: '', label: 'what follows the last stone' },
            ...plan.strops.map((s) => ({ value: s.id, label: s.name })),
            { value: NO_STROP, label: 'none: off the stone' },
          ]}
        />
      )}
      {plan.stropNote && <p className="quiet">{plan.stropNote}</p>}
      <Preparation acts={plan.preparation} />
      <div>
        <h2 className="font-semibold mb-1">Step sheet</h2>
        <StepList steps={plan.steps} />
      </div>
      <details>
        <summary className="min-h-11 flex items-center cursor-pointer underline underline-offset-4">
          where the strokes come from
        </summary>
        {plan.jobs.flatMap((j) =>
          j.legs.map((l) => (
            <p key={j.kind + l.abrasiveId} className="py-1">
              {upper(l.name)}: <Advised advice={l.why} digits={0} />
            </p>
          )),
        )}
      </details>
    </>
  )
}
