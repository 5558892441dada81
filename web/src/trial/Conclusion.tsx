import { api, ask } from '../api/client'
import { useTrial, type Trial } from './useTrial'

/** What the trial says, with its certainty, and the house rule that it offers. */
export function Conclusion({ trial: t }: { trial: Trial }) {
  const path = { params: { path: { id: t.id } } }
  const uncover = useTrial(t.id, () => ask(api.POST('/api/v1/trials/{id}/uncover', path)))
  const rule = useTrial(t.id, () => ask(api.POST('/api/v1/trials/{id}/rule', path)))
  if (t.covered)
    return (
      <section aria-label="What it says">
        <h2 className="font-semibold">Covered</h2>
        <p className="max-w-[38rem]">
          {t.nextEdge === null
            ? 'All of it is read. Uncover it to see which was which and what it says.'
            : 'Nothing is said before all of it is read, so that nobody reads what they expect. Uncovering it now ends that.'}
        </p>
        <button
          type="button"
          className={`btn min-h-12 mt-2 ${t.nextEdge === null ? 'btn-primary' : 'btn-outline'}`}
          disabled={uncover.isPending}
          onClick={() => uncover.mutate(undefined)}
        >
          Uncover it
        </button>
      </section>
    )
  return (
    <section aria-label="What it says">
      <h2 className="quiet">What it says{t.endedAt === null && ' so far'}</h2>
      {t.conclusion.map((words, i) => (
        <p
          key={words}
          className={
            i === 0 ? 'text-[1.25rem] font-semibold leading-snug max-w-[38rem]' : 'max-w-[38rem] pt-1'
          }
        >
          {words}
        </p>
      ))}
      {t.restsOn.map((words) => (
        <p key={words} className="quiet text-[0.94rem] max-w-[38rem]">
          {words}
        </p>
      ))}
      {t.rule && (
        <div className="border-2 border-primary rounded px-4 py-3 mt-3 max-w-[38rem]">
          <p className="font-semibold">
            {t.rule.question}: {t.rule.words.toLowerCase()}
          </p>
          {t.rule.holds ? (
            <p>Your house goes by it.</p>
          ) : (
            <>
              <p>It speaks for this, on your own edges. Every plan would follow.</p>
              <button
                type="button"
                className="btn btn-primary min-h-12 mt-2"
                disabled={rule.isPending}
                onClick={() => rule.mutate(undefined)}
              >
                Make it the house rule
              </button>
            </>
          )}
        </div>
      )}
    </section>
  )
}
