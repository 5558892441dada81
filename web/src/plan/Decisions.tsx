import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { Choice, Pick } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { spans, upper } from '../ui/format'
import { Advised } from '../ui/Why'
import { Answers } from './Answers'
import { Heat } from './Heat'
import { Preparation } from './Preparation'
import type { Wish } from './wish'
import { mm, mm3 } from '../ui/units'

type Plan = Schemas['PlanView']

/** The choice to shape on stones although a machine is owned, as the service calls it. */
const BY_HAND = 'BY_HAND'

/** No strop at all, as the service calls it. */
const NO_STROP = 'NONE'

/** What is decided about a plan, and what to make ready for it. */
export function Decisions({
  toolId,
  plan,
  shown,
  wish,
  setWish,
}: {
  toolId: string
  plan: Plan
  /** The job that is looked at; none where nothing goes to the stones. */
  shown: Plan['jobs'][number] | undefined
  wish: Wish
  setWish: (w: Wish) => void
}) {
  const { powered } = plan
  if (plan.steps.length === 0) {
    return (
      <p>
        {powered ? 'A worn-out blade breaks at speed.' : 'Hang it up, or keep it for a scraper.'} Nothing is
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
          {mm3(plan.volumeMm3)} of steel in all, {mm(plan.lostMm, plan.lostMm < 0.1 ? 4 : 2)} off the length.{' '}
          {upper(plan.minutes.evidence)}.
        </p>
      </div>
      {plan.offers.length > 0 && (
        <Pick
          legend={
            powered
              ? 'Worked on'
              : plan.offers.some((o) => o.chosen)
                ? 'Much steel for hands: the big shaping is done on'
                : 'The big shaping is done on'
          }
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
              note: spans(o.leastSeconds, o.mostSeconds),
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
            href={`/tools/${toolId}/rehearse`}
            className="underline underline-offset-4 min-h-11 inline-flex items-center"
          >
            Rehearse the plan that was chosen
          </Link>
          <Link
            href={`/tools/${toolId}/schools`}
            className="underline underline-offset-4 min-h-11 inline-flex items-center"
          >
            The same work in other schools
          </Link>
        </>
      )}
      {shown && !powered && <Answers toolId={toolId} job={shown} wish={wish} setWish={setWish} />}
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
      <Fold name="Where the strokes come from">
        {plan.jobs.flatMap((j) =>
          j.legs.map((l) => (
            <p key={j.kind + l.abrasiveId} className="py-1">
              {upper(l.name)}: <Advised advice={l.why} digits={0} />
            </p>
          )),
        )}
      </Fold>
    </>
  )
}
