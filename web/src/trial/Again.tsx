import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { num } from '../ui/format'
import { usePerson } from '../ui/person'
import { grams as shown } from '../ui/units'
import { useTrial, type Trial } from './useTrial'

type Asked = Schemas['AskedView']

const MOST = 3

/** Readings that break the trend while their edge is still there: to be read again now, or said to stand. */
export function Again({ trial: t }: { trial: Trial }) {
  const now = t.asked.filter((a) => a.stands)
  if (now.length === 0) return null
  return (
    <section aria-label="Read again" className="border-l-4 border-warning pl-3">
      <h2 className="font-semibold">{name(now.length)}</h2>
      {each(t, now)}
    </section>
  )
}

/** Those whose edge has gone on: what was mistyped can be put right, nothing waits for it. */
export function PutRight({ trial: t }: { trial: Trial }) {
  const past = t.asked.filter((a) => !a.stands)
  return past.length === 0 ? null : <Fold name={name(past.length)}>{each(t, past)}</Fold>
}

function name(count: number): string {
  return count === 1 ? 'One reading breaks the trend' : `${count} readings break the trend`
}

function each(trial: Trial, asked: Asked[]) {
  return asked
    .slice(0, MOST)
    .map((a) => <One key={`${a.edge} ${a.use} ${a.station} ${a.grams}`} trial={trial} asked={a} />)
}

function One({ trial: t, asked: a }: { trial: Trial; asked: Asked }) {
  const [value, setValue] = useState('')
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
        {a.stands ? 'Read it again.' : 'The edge has gone on since: put it right if it was mistyped.'}
      </p>
      <Field
        label={a.stands ? 'It reads now' : 'What it read'}
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
