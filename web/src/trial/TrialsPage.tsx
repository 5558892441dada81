import { useQuery } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Act } from '../ui/Act'
import { CsvOutIn } from '../ui/CsvOutIn'
import { Fold } from '../ui/Fold'
import { day } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'

type Line = Schemas['TrialLine']

/** The questions this shop put to its own edges, and what they answered. */
export function TrialsPage() {
  useTitle('Trials')
  const trials = useQuery({ queryKey: ['trials'], queryFn: () => ask(api.GET('/api/v1/trials')) })
  if (trials.isPending) return <Coming />
  if (trials.isError) return <Trouble error={trials.error} again={() => void trials.refetch()} />
  const open = trials.data.filter((t) => t.endedAt === null)
  const ended = trials.data.filter((t) => t.endedAt !== null)
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">Trials</h1>
      <p className="quiet max-w-[44rem]">
        The same edge finished two ways, used alike and read as it dulls: what talking does not settle, your
        own readings do.
      </p>
      {trials.data.length === 0 && (
        <p className="mt-4 max-w-[36rem]">
          None yet. A trial of two ways takes four edges of each, a tester, and some work to dull them.
        </p>
      )}
      <Lines name="Under way" lines={open} />
      <Lines name="Ended" lines={ended} />
      <div className="pt-6 max-w-[44rem]">
        <Fold name="A trial that was done elsewhere" says="as a list">
          <p className="quiet">
            Columns: edge, way, use, grams; station, ended (TOO_DULL or OTHER), strokes and regained if you
            have them. The fresh reading stands at use 0.
          </p>
          <CsvOutIn
            read={(text, run, dry) =>
              ask(
                api.POST('/api/v1/trials/import', {
                  params: { query: { run, dry } },
                  body: { name: '', unit: '', text },
                }),
              )
            }
            said={(done, dry) =>
              `${done.readings} readings of ${done.edges} edges ${dry ? 'would be read in' : 'read in and judged'}.`
            }
          />
        </Fold>
      </div>
      <Act href="/trials/new">Begin a trial</Act>
    </>
  )
}

function Lines({ name, lines }: { name: string; lines: Line[] }) {
  if (lines.length === 0) return null
  return (
    <section aria-label={name} className="pt-4">
      <h2 className="quiet rule-b pb-0.5">{name}</h2>
      <ul className="grid lg:grid-cols-2 gap-x-10">
        {lines.map((t) => (
          <li key={t.id} className="rule-b">
            <Link href={`/trials/${t.id}`} className="block py-3">
              <span className="flex flex-wrap items-baseline gap-x-3">
                <span className="font-semibold text-[1.08rem] underline underline-offset-4">{t.name}</span>
                <span className="quiet">{day(t.at)}</span>
              </span>
              <span className="block">{t.ways.join(' or ')}</span>
              <span className="block quiet">{t.covered ? 'Covered until all of it is read.' : t.says}</span>
              <Share done={t.readingsDone} of={t.readingsOf} />
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** How much of a trial is read. */
export function Share({ done, of }: { done: number; of: number }) {
  return (
    <span className="flex items-center gap-3 pt-1">
      <span aria-hidden="true" className="block h-2 w-40 bg-base-300 rounded overflow-hidden">
        <span
          className="block h-2 bg-primary"
          style={{ width: `${of === 0 ? 0 : Math.min(100, (100 * done) / of)}%` }}
        />
      </span>
      <span className="text-[0.92rem]">
        {done} of {of} readings
      </span>
    </span>
  )
}
