import { useQuery } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Coming, Trouble } from '../ui/Notice'
import { Formula } from './Formula'
import { TryIt } from './TryIt'
import { useTitle } from '../ui/useTitle'

/** One formula or rule. */
export function EntryPage({ id }: { id: string }) {
  const entry = useQuery({
    queryKey: ['reference', id],
    queryFn: () => ask(api.GET('/api/v1/reference/{id}', { params: { path: { id } } })),
  })
  useTitle(entry.data?.title ?? '', 'Reference')
  if (entry.isError) return <Trouble error={entry.error} again={() => void entry.refetch()} />
  if (!entry.data) return <Coming />
  const e = entry.data
  return (
    <div className="max-w-[60rem]">
      <Link href="/reference" className="underline underline-offset-4 min-h-11 inline-flex items-center mt-3">
        Reference
      </Link>
      <h1 className="text-[1.5rem] font-semibold">{e.title}</h1>
      {e.meaning && <p>{e.meaning}</p>}
      {e.options.length > 0 && (
        <ul className="pt-3">
          {e.options.map((o) => (
            <li key={o.words} className="py-1">
              <b>{o.words}</b>
              {o.usual && ', unless you pick another'}
              {o.why && <span className="block quiet">{o.why}</span>}
            </li>
          ))}
        </ul>
      )}
      {e.calculators.map((c) => (
        <TryIt key={c.id} calculator={c} />
      ))}
      {(e.tex || e.expression || e.source) && (
        <section aria-label="What stands behind it" className="rule-t mt-5 pt-3">
          {e.tex ? (
            <Formula tex={e.tex} words={e.expression} />
          ) : (
            e.expression && <p className="font-mono text-[0.95rem]">{e.expression}</p>
          )}
          <dl className="pt-3 grid sm:grid-cols-[9rem_minmax(0,1fr)] gap-x-5 gap-y-1">
            <Line name="Symbols" value={e.symbols} />
            <Line name="Holds" value={e.limits} />
            <Line name="Source" value={e.source} />
          </dl>
        </section>
      )}
      {e.examples.map((x) => (
        <Example key={x.title} example={x} />
      ))}
    </div>
  )
}

function Line({ name, value }: { name: string; value: string }) {
  if (!value) return null
  return (
    <>
      <dt className="quiet">{name}</dt>
      <dd>{value}</dd>
    </>
  )
}

/** An example that the service worked out for this page. */
function Example({ example: x }: { example: Schemas['ExampleView'] }) {
  return (
    <section aria-label={`Example: ${x.title}`} className="rule-t mt-5 pt-3">
      <h2 className="font-semibold">{x.title}</h2>
      <dl className="grid grid-cols-[minmax(0,1fr)_auto] sm:grid-cols-[minmax(0,30rem)_10rem] gap-x-6">
        {x.given.map((g) => (
          <div key={g.name} className="contents">
            <dt className="quiet">{g.meaning}</dt>
            <dd className="text-right">{g.value}</dd>
          </div>
        ))}
        {x.results.map((g) => (
          <div key={g.name + g.meaning} className="contents">
            <dt className="font-semibold">{g.meaning}</dt>
            <dd className="text-right font-semibold">{g.value}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
