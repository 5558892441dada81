import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { Fold } from '../ui/Fold'
import { between, hour, upper } from '../ui/format'
import type { Plan } from './useDay'

type Run = Schemas['DayRunView']

/** What is shown after the one in hand. */
const AHEAD = 3

/** The day as the bench runs it, by stone and setting: what is in hand large, what comes after it below, what is done folded. */
export function RunList({ plan }: { plan: Plan }) {
  const people = [...new Set(plan.runs.map((r) => r.person))]
  const left = plan.runs.filter((r) => !r.done)
  const done = plan.runs.filter((r) => r.done)
  const now = people.map((p) => left.find((r) => r.person === p)).filter((r) => r !== undefined)
  const later = left.filter((r) => !now.includes(r))
  return (
    <>
      {left.length === 0 && <p className="pt-3 text-[1.15rem]">All of it is done.</p>}
      {now.map((r) => (
        <InHand key={r.person} run={r} named={people.length > 1} />
      ))}
      {later.length > 0 && (
        <section aria-label="After that" className="pt-4">
          <h2 className="quiet rule-b pb-0.5">After that</h2>
          <Runs runs={later.slice(0, AHEAD)} named={people.length > 1} />
          {later.length > AHEAD && (
            <Fold name="The rest of the day" says={`${later.length - AHEAD} more`}>
              <Runs runs={later.slice(AHEAD)} named={people.length > 1} />
            </Fold>
          )}
        </section>
      )}
      {done.length > 0 && (
        <Fold name="Done" says={`${done.length}`}>
          <Runs runs={done} named={people.length > 1} />
        </Fold>
      )}
    </>
  )
}

function InHand({ run: r, named }: { run: Run; named: boolean }) {
  return (
    <section aria-label={named ? `Now, ${r.person}` : 'Now'} className="pt-3">
      <h2 className="quiet rule-b pb-0.5">
        Now{named && `, ${r.person}`}, {between(r.from, r.until)}
      </h2>
      <p className="text-[1.4rem] font-semibold pt-1">{upper(r.words)}</p>
      {r.changes.length > 0 && (
        <ol className="pt-1">
          {r.changes.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ol>
      )}
      <ul className="pt-2">
        {r.tasks.map((t) => (
          <li key={t.id} className="rule-t py-2 grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 items-baseline">
            <span className="sm:flex sm:gap-x-4 sm:items-baseline">
              <Link
                href={t.path}
                className={`min-h-9 inline-flex items-center font-semibold underline underline-offset-4 ${t.done ? 'quiet' : ''}`}
              >
                {t.tool}
              </Link>
              <span className="block">{t.title}</span>
            </span>
            <span className="quiet">{t.done ? 'done' : `${hour(t.from)}, ${t.minutes} min`}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Runs({ runs, named }: { runs: Run[]; named: boolean }) {
  return (
    <ol>
      {runs.map((r, i) => (
        <li key={i} className="rule-b py-2">
          <p className="flex flex-wrap gap-x-4">
            <span className="font-semibold">{hour(r.from)}</span>
            <span className="font-semibold flex-1">{upper(r.words)}</span>
            {named && <span className="quiet">{r.person}</span>}
          </p>
          {r.changes.length > 0 && <p className="quiet">{r.changes.join(' ')}</p>}
          <p className="flex flex-wrap gap-x-4">
            {[...new Map(r.tasks.map((t) => [t.toolId, t])).values()].map((t) => (
              <Link
                key={t.toolId}
                href={t.path}
                className="underline underline-offset-4 min-h-11 inline-flex items-center"
              >
                {t.tool}
              </Link>
            ))}
          </p>
        </li>
      ))}
    </ol>
  )
}
