import { useQuery } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask } from '../api/client'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'

/** Which edge is finished which way: for whoever prepares them, and for nobody who reads. */
export function PreparePage({ id }: { id: string }) {
  useTitle('Edges to prepare', 'Trials')
  const lines = useQuery({
    queryKey: ['trial-preparation', id],
    queryFn: () => ask(api.GET('/api/v1/trials/{id}/preparation', { params: { path: { id } } })),
    retry: false,
  })
  if (lines.isPending) return <Coming />
  if (lines.isError) return <Trouble error={lines.error} />
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">For whoever prepares the edges</h1>
      <p className="max-w-[38rem]">
        Finish each edge as it says, hand it over by its number, and do not say which it is.
      </p>
      <ol className="pt-3 max-w-[34rem]">
        {lines.data.map((l) => (
          <li key={l.place} className="rule-t py-2 flex gap-4">
            <span className="font-semibold w-24">Edge {l.place}</span>
            <span className="flex-1">{l.way}</span>
            <span className="quiet">{l.begun ? 'begun' : `round ${l.round}`}</span>
          </li>
        ))}
      </ol>
      <Link href={`/trials/${id}`} className="btn btn-outline min-h-12 mt-4">
        Back to the readings
      </Link>
    </>
  )
}
