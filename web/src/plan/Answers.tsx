import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { toolChanged } from '../api/changed'
import { api, ask, type Schemas } from '../api/client'
import { span, upper } from '../ui/format'
import { usePerson } from '../ui/person'
import { back, type Wish } from './wish'
import { mm3 } from '../ui/units'

type Job = Schemas['JobView']

/** What the rungs that were pulled cost against the path with nothing asked of it. */
export function Pulled({ job, wish, setWish }: { job: Job; wish: Wish; setWish: (w: Wish) => void }) {
  const more = job.seconds - job.freelySeconds
  return (
    <p className="py-2 flex flex-wrap gap-x-4 items-center" aria-live="polite">
      <span className="font-semibold">
        {Math.abs(more) < 1
          ? 'As you pulled it: no slower than the quickest.'
          : `As you pulled it: ${span(Math.abs(more))} ${more > 0 ? 'more' : 'less'} than the quickest.`}
      </span>
      <button type="button" className="btn btn-outline min-h-12" onClick={() => setWish(back(wish))}>
        Put all rungs back
      </button>
    </p>
  )
}

/** The answers to one job side by side: each a line with its time drawn to scale. */
export function Answers({
  toolId,
  job,
  wish,
  setWish,
}: {
  toolId: string
  job: Job
  wish: Wish
  setWish: (w: Wish) => void
}) {
  const [person] = usePerson()
  const queries = useQueryClient()
  const params = { path: { id: toolId } }
  const way = useQuery({
    queryKey: ['usual-way', toolId, person],
    queryFn: () =>
      ask(api.GET('/api/v1/tools/{id}/plan/usual-way', { params: { ...params, query: { person } } })),
  })
  const save = useMutation({
    mutationFn: (stones: string[]) =>
      ask(api.PUT('/api/v1/tools/{id}/plan/usual-way', { params, body: { person, stones } })),
    onSuccess: () => toolChanged(queries, toolId),
  })
  if (job.answers.length < 2) return null
  const most = Math.max(...job.answers.map((a) => a.wholeSeconds))
  const same = way.data && job.legs.map((l) => l.abrasiveId).join() === way.data.stones.join()
  return (
    <section aria-label="Answers" className="pt-3">
      <h3 className="font-semibold">What matters most</h3>
      <ul>
        {alike(job.answers).map((group) => {
          const a = group.find((g) => g.chosen) ?? group[0]!
          return (
            <li key={a.answer} className="rule-t">
              <button
                type="button"
                aria-pressed={a.chosen}
                disabled={a.stones.length === 0}
                onClick={() => setWish({ ...wish, answer: a.answer })}
                className={`w-full text-left min-h-14 py-2 pl-3 border-l-4 ${a.chosen ? 'border-primary' : 'border-transparent'}`}
              >
                <span className={a.chosen ? 'font-semibold' : ''}>
                  {upper(group.map((g) => g.words).join(', '))}
                </span>
                <span className="block text-[0.94rem]">
                  {a.stones.length === 0
                    ? a.note
                    : `${a.stones.join(', then ')}: about ${span(a.wholeSeconds)} in all, ${a.strokes} strokes, ${mm3(a.volumeMm3)} of steel`}
                  {a.note && a.stones.length > 0 && `, ${a.note}`}
                </span>
                {a.stones.length > 0 && (
                  <span
                    aria-hidden="true"
                    className="block h-1.5 mt-1 bg-primary opacity-60"
                    style={{ width: `${(a.wholeSeconds / most) * 100}%` }}
                  />
                )}
              </button>
            </li>
          )
        })}
      </ul>
      {!same && (
        <button
          type="button"
          className="btn btn-outline min-h-12 mt-2"
          disabled={save.isPending}
          onClick={() => save.mutate(job.legs.map((l) => l.abrasiveId))}
        >
          This is the way I always do it
        </button>
      )}
      {same && <p className="quiet">This path is kept as the way you always do it.</p>}
    </section>
  )
}

/** Answers that come to the same stones are one line. */
function alike(answers: Schemas['AnswerView'][]): Schemas['AnswerView'][][] {
  const groups = new Map<string, Schemas['AnswerView'][]>()
  for (const a of answers) {
    const key = a.stones.join() || a.answer
    groups.set(key, [...(groups.get(key) ?? []), a])
  }
  return [...groups.values()]
}
