import { freshId } from '../api/id'
import { between, hour } from '../ui/format'
import { Planning } from './Planning'
import { useMoving, type Plan } from './useDay'

/** When each tool is ready; a touch puts one before the one above it, and the rest of the day is planned anew for that. */
export function Ready({ plan: p }: { plan: Plan }) {
  const moving = useMoving()
  const left = p.tools.filter((t) => !t.done)
  return (
    <section aria-label="Ready when">
      <h2 className="quiet rule-b pb-0.5">Ready when</h2>
      {moving.isPending && moving.variables.run && <Planning run={moving.variables.run} />}
      {moving.error && (
        <p role="alert" className="text-error font-semibold">
          {moving.error.message}
        </p>
      )}
      <ul>
        {p.tools.map((t) => {
          const above = left[left.indexOf(t) - 1]
          return (
            <li key={t.toolId} className="py-1 flex gap-x-3 items-start">
              <b className="w-14 shrink-0">{t.done ? 'done' : hour(t.readyAt)}</b>
              <span className={`flex-1 ${t.done ? 'quiet' : ''}`}>
                {t.name}
                {!t.done && hour(t.earliest) !== hour(t.latest) && (
                  <span className="quiet">, {between(t.earliest, t.latest)}</span>
                )}
                {t.by && !t.done && (
                  <span className={t.lateMinutes > 0 ? 'block text-error font-semibold' : 'quiet'}>
                    {t.lateMinutes > 0
                      ? `${t.lateMinutes} min after ${hour(t.by)}`
                      : `; promised by ${hour(t.by)}`}
                  </span>
                )}
              </span>
              {above && (
                <button
                  type="button"
                  className="btn btn-ghost min-h-11 min-w-11 px-2"
                  disabled={moving.isPending}
                  aria-label={`Ready before the ${above.name}: ${t.name}`}
                  title={`ready before the ${above.name}`}
                  onClick={() => moving.mutate({ tool: t.toolId, before: above.toolId, run: freshId() })}
                >
                  ▲
                </button>
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
