import { useCallback, useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { LiveReading } from '../bench/LiveReading'
import { Check, Field } from '../ui/Field'
import { num, typed } from '../ui/format'
import { usePerson } from '../ui/person'
import { edgeName, useTrial, type Trial } from './useTrial'

type Edge = Schemas['TrialEdgeView']

/** The one reading that comes next, large; an edge that is read to its end is brought back and counted. */
export function ReadNext({ trial: t, edge, onSaved }: { trial: Trial; edge: Edge; onSaved: () => void }) {
  return (
    <section aria-label="What to do now">
      <h2 className="text-[1.2rem] font-semibold">{edgeName(t, edge)}</h2>
      {edge.nextUse === null ? (
        <p>{edge.end === 'NONE' ? 'Read to its last checkpoint.' : 'Read no further.'}</p>
      ) : (
        <Stations trial={t} edge={edge} use={edge.nextUse} onSaved={onSaved} />
      )}
      {edge.cells.some((c) => c.meanGrams !== null) && <Ends trial={t} edge={edge} />}
    </section>
  )
}

function Stations({
  trial: t,
  edge,
  use,
  onSaved,
}: {
  trial: Trial
  edge: Edge
  use: number
  onSaved: () => void
}) {
  const places = Array.from({ length: t.stations }, (_, i) => i)
  const [grams, setGrams] = useState<string[]>(places.map(() => ''))
  const [person] = usePerson()
  const empty = grams.findIndex((g) => g === '')
  const at = empty < 0 ? t.stations - 1 : empty
  const save = useTrial(
    t.id,
    () =>
      ask(
        api.POST('/api/v1/trials/{id}/readings', {
          params: { path: { id: t.id } },
          body: { edge: edge.id, use, grams, person },
        }),
      ),
    onSaved,
  )
  const taken = useCallback(
    (value: number) => setGrams((now) => now.map((g, i) => (i === at ? typed(value, 1) : g))),
    [at],
  )
  return (
    <>
      <p>
        {use === 0
          ? `Finish it${edge.way === null ? ' as its list says' : ` “${t.ways[edge.way]}”`} and read it fresh.`
          : `Use it up to ${num(use, 1)} ${t.unitWords}, then read it.`}
      </p>
      <LiveReading kind="THREAD_TESTER" onTaken={taken} words={`Take it at place ${at + 1}`} />
      <div className={`grid gap-3 pt-2 ${t.stations > 1 ? 'grid-cols-3' : ''}`}>
        {places.map((i) => (
          <Field
            key={i}
            label={t.stations === 1 ? 'The tester reads' : `Place ${i + 1}`}
            of="mass"
            inputMode="decimal"
            value={grams[i]!}
            onChange={(v) => setGrams(grams.map((g, n) => (n === i ? v : g)))}
            error={save.refused?.at(`grams-${i + 1}`)}
          />
        ))}
      </div>
      <button
        type="button"
        className="btn btn-primary act w-full mt-3"
        disabled={save.isPending || grams.every((g) => g.trim() === '')}
        onClick={() => save.mutate(undefined)}
      >
        Save {t.stations === 1 ? 'the reading' : 'the readings'}
      </button>
      {save.error && !save.refused?.faults.some((f) => f.field.startsWith('grams-')) && (
        <p role="alert" className="text-error font-semibold">
          {save.error.message}
        </p>
      )}
    </>
  )
}

/** An edge that goes no further, and what it took to bring it back. */
function Ends({ trial: t, edge }: { trial: Trial; edge: Edge }) {
  const [strokes, setStrokes] = useState(edge.strokes === null ? '' : String(edge.strokes))
  const [regained, setRegained] = useState(edge.regained ?? true)
  const path = { params: { path: { id: t.id } } }
  const effort = useTrial(t.id, () =>
    ask(api.POST('/api/v1/trials/{id}/effort', { ...path, body: { edge: edge.id, strokes, regained } })),
  )
  const end = useTrial(t.id, (why: Schemas['EdgeEndForm']['end']) =>
    ask(api.POST('/api/v1/trials/{id}/edge-end', { ...path, body: { edge: edge.id, end: why } })),
  )
  return (
    <details className="pt-2" open={edge.nextUse === null}>
      <summary className="min-h-11 cursor-pointer flex items-center underline underline-offset-4">
        Bringing it back, or no further
      </summary>
      <div className="grid grid-cols-2 gap-x-4 items-end">
        <Field
          label="Strokes to bring it back"
          value={strokes}
          onChange={setStrokes}
          inputMode="decimal"
          error={effort.refused?.at('strokes')}
        />
        <Check label="It came back" value={regained} onChange={setRegained} />
      </div>
      <div className="flex flex-wrap gap-3 pt-2">
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={effort.isPending || strokes.trim() === ''}
          onClick={() => effort.mutate(undefined)}
        >
          Save the strokes
        </button>
        {edge.end === 'NONE' && edge.nextUse !== null && (
          <>
            <button type="button" className="btn btn-outline min-h-12" onClick={() => end.mutate('TOO_DULL')}>
              Too dull to go on
            </button>
            <button type="button" className="btn btn-outline min-h-12" onClick={() => end.mutate('OTHER')}>
              Chipped, or no time
            </button>
          </>
        )}
        {edge.end !== 'NONE' && t.endedAt === null && (
          <button type="button" className="btn btn-outline min-h-12" onClick={() => end.mutate('NONE')}>
            Go on reading it
          </button>
        )}
      </div>
      {effort.isSuccess && (
        <p role="status" className="quiet">
          Saved.
        </p>
      )}
    </details>
  )
}
