import { useState } from 'react'
import { Link } from 'wouter'
import { Act } from '../ui/Act'
import { Fold } from '../ui/Fold'
import { between, day as dayName, hour, upper } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { useTitle } from '../ui/useTitle'
import { BenchTime } from './BenchTime'
import { DayStrip } from './DayStrip'
import { PromiseLine } from './PromiseLine'
import { Ready } from './Ready'
import { RunList } from './RunList'
import { firstWishes, useDay, type Day, type Plan } from './useDay'
import { WishesForm } from './WishesForm'

/** A heap of tools, a few stones, one pair of hands: the day in the order that takes the least. */
export function DayPage() {
  useTitle('The day')
  const [person] = usePerson()
  const [anew, setAnew] = useState(false)
  const day = useDay()
  if (day.isPending) return <Coming />
  if (day.isError) return <Trouble error={day.error} again={() => void day.refetch()} />
  const plan = day.data.plan
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">The day, {dayName(day.data.today)}</h1>
      {plan && !anew ? (
        <Planned day={day.data} plan={plan} onAnew={() => setAnew(true)} />
      ) : (
        <>
          <p className="quiet max-w-[44rem]">
            {plan
              ? 'The rest of the day is planned anew from now: what is done stays done.'
              : 'Tools that want the same stone and the same setting are done together; what is promised comes first.'}
          </p>
          <PromiseLine />
          <Fold name="Time at the bench in a week">
            <BenchTime />
          </Fold>
          <WishesForm
            day={day.data}
            from={plan ? rest(day.data, plan) : firstWishes(day.data, person)}
            onDone={() => setAnew(false)}
          />
        </>
      )}
    </>
  )
}

/** What was wanted, without what is ready or gone by now. */
function rest(day: Day, plan: Plan) {
  const open = new Set(day.open.filter((t) => t.workable).map((t) => t.toolId))
  return { ...plan.wishes, tools: plan.wishes.tools.filter((t) => open.has(t.tool)) }
}

function Planned({ day, plan: p, onAnew }: { day: Day; plan: Plan; onAnew: () => void }) {
  return (
    <>
      <Merit plan={p} />
      <div className="grid lg:grid-cols-[minmax(0,1fr)_22rem] gap-x-10">
        <div>
          <RunList plan={p} />
        </div>
        <div className="pt-3 grid gap-4 content-start sm:grid-cols-2 lg:grid-cols-1">
          <First plan={p} />
          <Ready plan={p} />
          <DayStrip plan={p} now={day.now} />
          <Fold name="What to promise, and a calendar">
            <PromiseLine />
            <BenchTime />
            <p className="pt-2">
              <a className="btn btn-outline min-h-12" href="/api/v1/day/calendar.ics" download>
                Promised and due days as iCalendar
              </a>
            </p>
            <p className="quiet pt-1">
              A calendar on this machine can subscribe to {window.location.origin}/api/v1/day/calendar.ics
            </p>
          </Fold>
        </div>
      </div>
      <Act onClick={onAnew}>Change the plan</Act>
    </>
  )
}

/** What the order is worth, and what is wrong with it by now. */
function Merit({ plan: p }: { plan: Plan }) {
  const saved = Math.round((Date.parse(p.ticketEndsAt) - Date.parse(p.endsAt)) / 60_000)
  return (
    <div className="max-w-[52rem]">
      <p>
        All done at about <b>{hour(p.endsAt)}</b>
        {p.endsEarliest !== p.endsLatest &&
          ` (${between(p.endsEarliest, p.endsLatest)}, as the strokes turn out)`}
        {saved > 0 && `; one tool after the other it would be ${saved} min later`}
        {p.setUps < p.ticketSetUps &&
          `. A stone or a guide is changed ${p.setUps} times instead of ${p.ticketSetUps}`}
        . No order could end before {hour(p.boundAt)}.
        {p.laterMinutes > 0 && ` It ends ${p.laterMinutes} min later than the plan before it.`}
        {!p.whole && ' The search was stopped: planning again may find better.'}
      </p>
      <Fold name="Why in this order">
        <ul>
          {p.basis.map((b) => (
            <li key={b} className="py-1">
              {b}
            </li>
          ))}
        </ul>
      </Fold>
      {p.lateMinutes > 0 && (
        <p className="text-error font-semibold">
          Promises are missed by {p.lateMinutes} min in all: leave something for another day, or ask somebody
          to help.
        </p>
      )}
      {p.behindMinutes > 5 && (
        <p className="font-semibold">
          The bench is {p.behindMinutes} min behind this plan: change it to plan the rest from now.
        </p>
      )}
      {p.gone.length > 0 && (
        <ul className="font-semibold">
          {p.gone.map((g) => (
            <li key={g.toolId}>
              {upper(g.piece)} is gone.{' '}
              <Link href={g.path} className="underline underline-offset-4 min-h-11 inline-flex items-center">
                {g.begun ? `Go on with the ${g.tool} without it` : `Plan the ${g.tool} anew`}
              </Link>
            </li>
          ))}
        </ul>
      )}
      {p.changed.length > 0 && (
        <p className="font-semibold">
          Planned anew since: {p.changed.join(', ')}. Change the plan to take that in.
        </p>
      )}
    </div>
  )
}

/** What goes into the water and what is flattened. */
function First({ plan: p }: { plan: Plan }) {
  if (p.soak.length === 0 && p.flatten.length === 0) return null
  return (
    <section aria-label="Stones first">
      <h2 className="quiet rule-b pb-0.5">Stones first</h2>
      <ul>
        {p.soak.map((s) => (
          <li key={s.name} className="py-1">
            <b>{hour(s.at)}</b> {s.name} into the water, {s.minutes} min
          </li>
        ))}
        {p.flatten.length > 0 && <li className="py-1">Flatten before use: {p.flatten.join(', ')}</li>}
      </ul>
    </section>
  )
}
