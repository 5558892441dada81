import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { num } from '../ui/format'
import { usePerson } from '../ui/person'
import { grams as shown } from '../ui/units'
import { useTrial, type Trial } from './useTrial'

/** Readings that break the trend: read again, or said to stand. */
export function Again({ trial: t }: { trial: Trial }) {
  if (t.asked.length === 0) return null
  const name =
    t.asked.length === 1 ? 'One reading breaks the trend' : `${t.asked.length} readings break the trend`
  const each = t.asked
    .slice(0, 3)
    .map((a) => <One key={`${a.edge} ${a.use} ${a.station} ${a.grams}`} trial={t} asked={a} />)
  // The edges of a trial that has ended are gone: what was mistyped can be put right, nothing waits for it.
  if (t.endedAt !== null) return <Fold name={name}>{each}</Fold>
  return (
    <section aria-label="Read again" className="border-l-4 border-warning pl-3">
      <h2 className="font-semibold">{name}</h2>
      {each}
    </section>
  )
}

function One({ trial: t, asked: a }: { trial: Trial; asked: Schemas['AskedView'] }) {
  const [value, setValue] = useState('')
  const edge = t.edges.find((e) => e.id === a.edge)
  const here = t.endedAt === null && edge?.cells.every((c) => c.use <= a.use || c.meanGrams === null)
  const [person] = usePerson()
  const again = useTrial(t.id, (grams: string) =>
    ask(
      api.POST('/api/v1/trials/{id}/again', {
        params: { path: { id: t.id } },
        body: { edge: a.edge, use: a.use, station: a.station, grams, person },
      }),
    ),
  )
  return (
    <div className="py-2">
      <p>
        Edge {a.place} read {shown(a.grams)} {a.use === 0 ? 'fresh' : `at ${num(a.use, 1)} ${t.unitWords}`}
        {t.stations > 1 && `, place ${a.station}`}; about {shown(a.expectedGrams, 0)} was expected.{' '}
        {here ? 'Read it again.' : 'The edge has gone on since: put it right if it was mistyped.'}
      </p>
      <Field
        label={here ? 'It reads now' : 'What it read'}
        of="mass"
        inputMode="decimal"
        value={value}
        onChange={setValue}
        error={again.refused?.at('grams')}
      />
      <div className="flex flex-wrap gap-3 pt-2">
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={again.isPending || value.trim() === ''}
          onClick={() => again.mutate(value)}
        >
          Save the new reading
        </button>
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={again.isPending}
          onClick={() => again.mutate(String(a.grams))}
        >
          It stands as it is
        </button>
      </div>
    </div>
  )
}
