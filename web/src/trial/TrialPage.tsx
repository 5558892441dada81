import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation } from 'wouter'
import { api, ask } from '../api/client'
import { Fold } from '../ui/Fold'
import { day } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { Again, PutRight } from './Again'
import { Conclusion } from './Conclusion'
import { Courses } from './Courses'
import { ReadNext } from './ReadNext'
import { Tally } from './Tally'
import { Share } from './TrialsPage'
import { useTrial, type Trial } from './useTrial'

/** A trial: what is read next, what it says so far, and every edge of it. */
export function TrialPage({ id }: { id: string }) {
  const trial = useQuery({
    queryKey: ['trial', id],
    queryFn: () => ask(api.GET('/api/v1/trials/{id}', { params: { path: { id } } })),
    retry: false,
  })
  useTitle(trial.data?.name ?? '', 'Trials')
  if (trial.isPending) return <Coming />
  if (trial.isError) return <Trouble error={trial.error} again={() => void trial.refetch()} />
  return <Sheet trial={trial.data} />
}

function Sheet({ trial: t }: { trial: Trial }) {
  const [edge, setEdge] = useState<string | null>(null)
  const chosen = t.edges.find((e) => e.id === edge) ?? t.edges.find((e) => e.id === t.nextEdge)
  return (
    <>
      <p className="pt-3">
        <Link href="/trials" className="underline underline-offset-4">
          Trials
        </Link>
      </p>
      <h1 className="text-[1.4rem] font-semibold">{t.name}</h1>
      <p className="quiet">
        {t.ways.join(' or ')}; begun {day(t.at)}
        {t.endedAt && `, ended ${day(t.endedAt)}`}
      </p>
      <Share done={t.readingsDone} of={t.readingsOf} />
      <div className="grid lg:grid-cols-[minmax(0,1fr)_minmax(0,27rem)] gap-x-12 gap-y-6 pt-4">
        <div className="grid gap-6 content-start order-last lg:order-first">
          <Conclusion trial={t} />
          <Courses trial={t} />
        </div>
        <div className="grid gap-5 content-start">
          <Again trial={t} />
          {chosen && (
            <ReadNext
              key={`${chosen.id} ${chosen.nextUse}`}
              trial={t}
              edge={chosen}
              onSaved={() => setEdge(null)}
            />
          )}
          <PutRight trial={t} />
          <Rest trial={t} />
        </div>
      </div>
      <Tally trial={t} chosen={chosen?.id ?? null} onChoose={setEdge} />
    </>
  )
}

/** What is rare: ending it, going on, deleting it, its list. */
function Rest({ trial: t }: { trial: Trial }) {
  const [, go] = useLocation()
  const queries = useQueryClient()
  const path = { params: { path: { id: t.id } } }
  const end = useTrial(t.id, () =>
    ask(t.endedAt ? api.POST('/api/v1/trials/{id}/go-on', path) : api.POST('/api/v1/trials/{id}/end', path)),
  )
  const [asked, setAsked] = useState(false)
  return (
    <Fold name="The list, ending, deleting">
      <div className="flex flex-wrap gap-3 py-2">
        {t.covered && (
          <Link href={`/trials/${t.id}/prepare`} className="btn btn-outline min-h-12">
            For whoever prepares the edges
          </Link>
        )}
        <a className="btn btn-outline min-h-12" href={`/api/v1/trials/${t.id}/readings.csv`} download>
          Export the readings as CSV
        </a>
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={end.isPending}
          onClick={() => end.mutate(undefined)}
        >
          {t.endedAt ? 'Go on with it' : 'End it here'}
        </button>
        {asked ? (
          <button
            type="button"
            className="btn btn-error min-h-12"
            onClick={async () => {
              await ask(api.DELETE('/api/v1/trials/{id}', path))
              void queries.invalidateQueries({ queryKey: ['trials'] })
              go('/trials')
            }}
          >
            Delete it with its {t.readingsDone} readings
          </button>
        ) : (
          <button type="button" className="btn btn-outline min-h-12" onClick={() => setAsked(true)}>
            Delete it…
          </button>
        )}
      </div>
    </Fold>
  )
}
