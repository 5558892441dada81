import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'

const KINDS = [
  { kind: 'FORMULA', title: 'Formulas' },
  { kind: 'SHELF_RULE', title: 'Rules of the shelf' },
  { kind: 'HOUSE_RULE', title: 'House rules' },
]

/** All formulas and rules, to search in. */
export function ReferencePage() {
  useTitle('Reference')
  const [looked, setLooked] = useState('')
  const all = useQuery({ queryKey: ['reference'], queryFn: () => ask(api.GET('/api/v1/reference')) })
  const cautions = useQuery({
    queryKey: ['cautions'],
    queryFn: () => ask(api.GET('/api/v1/cautions')),
    staleTime: Infinity,
  })
  if (all.isError) return <Trouble error={all.error} again={() => void all.refetch()} />
  if (!all.data) return <Coming />
  const words = looked.toLowerCase().split(/\s+/).filter(Boolean)
  const found = all.data.filter((e) => words.every((w) => e.words.toLowerCase().includes(w)))
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-5">Reference</h1>
      <p className="max-w-[40rem] pb-3">
        What stands behind every number and every rule here: meaning, formula, units, limits, source, and an
        example worked out as you open it. What only the fingers learn is{' '}
        <Link href="/training" className="underline underline-offset-4 min-h-11 inline-flex items-center">
          practised on the virtual blade
        </Link>
        . How one goes about it is in the{' '}
        <Link href="/guide" className="underline underline-offset-4 min-h-11 inline-flex items-center">
          guide
        </Link>
        .
      </p>
      <div className="max-w-[28rem] pb-3">
        <Field label="Look for" value={looked} onChange={setLooked} hint="spine, camber, wheel, burr…" />
      </div>
      {found.length === 0 && <p className="pt-4">Nothing here speaks of “{looked}”. Try one word of it.</p>}
      {words.length > 0 ? (
        <List title={`${found.length} ${found.length === 1 ? 'page' : 'pages'}`} entries={found} />
      ) : (
        KINDS.map((k) => {
          const entries = found.filter((e) => e.kind === k.kind)
          return (
            <Fold key={k.kind} name={k.title} says={`${entries.length} pages`}>
              <List title={k.title} entries={entries} bare />
            </Fold>
          )
        })
      )}
      <Fold name="Cautions" says="before anything is started">
        <ul className="lg:columns-2 gap-x-10">
          {(cautions.data ?? []).map((c) => (
            <li key={c} className="rule-b break-inside-avoid py-2">
              {c}
            </li>
          ))}
        </ul>
      </Fold>
    </>
  )
}

function List({ title, entries, bare }: { title: string; entries: Schemas['EntryLine'][]; bare?: boolean }) {
  if (entries.length === 0) return null
  return (
    <section aria-label={title} className={bare ? '' : 'pt-4'}>
      {!bare && <h2 className="text-[1.05rem] quiet rule-b pb-1">{title}</h2>}
      <ul className="lg:columns-2 gap-x-10">
        {entries.map((e) => (
          <li key={e.id} className="rule-b break-inside-avoid">
            <Link href={'/reference/' + e.id} className="block min-h-12 py-2">
              <span className="font-semibold">{e.title}</span>
              <span className="block quiet text-[0.92rem]">{e.summary}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
