import { useState } from 'react'
import { Trouble, Coming } from '../ui/Notice'
import { Pick } from '../ui/Field'
import { useRound, type Act, type Exercise, type Round } from './useTraining'

const MOST_SEED = 2 ** 31
const FEWEST = 1
const SOME = 5
const TILTS = [-1, -0.25, 0.25, 1]
const MARKS = { UNKNOWN: '?', CATCHES: 'catches', SMOOTH: 'smooth' }
const FORCES = [
  { value: 'LIGHT', label: 'its own weight' },
  { value: 'MEDIUM', label: 'pressed' },
  { value: 'FIRM', label: 'firmly' },
] as const

type Force = Act['force']

/** One round of an exercise: what is seen, what can be done, and how it ended. */
export function RoundPanel({
  exercise,
  person,
  onAgain,
  onLeave,
}: {
  exercise: Exercise
  person: string
  onAgain: () => void
  onLeave: () => void
}) {
  const [id] = useState(() => crypto.randomUUID())
  const [seed] = useState(() => Math.floor(Math.random() * MOST_SEED))
  const [acts, setActs] = useState<Act[]>([])
  const round = useRound(exercise, id, seed, person, acts)
  const act = (kind: Act['kind'], what: Partial<Act> = {}) =>
    setActs([...acts, { kind, place: 0, upper: true, amount: 0, force: 'LIGHT', ...what }])
  if (!round.data) {
    return round.isError ? <Trouble error={round.error} again={() => void round.refetch()} /> : <Coming />
  }
  const seen = round.data
  return (
    <div className="max-w-[46rem]">
      <h1 className="text-[1.4rem] font-semibold pt-3">{seen.title}</h1>
      <p className="pt-1">{seen.situation}</p>
      {round.isError && <Trouble error={round.error} again={() => void round.refetch()} />}
      <Places seen={seen} onFeel={(place) => act('FEEL', { place })} />
      {seen.lines.length > 0 && (
        <ul aria-live="polite" className="pt-2">
          {seen.lines
            .slice(-4)
            .reverse()
            .map((line, i) => (
              <li key={`${seen.lines.length - i}`} className={i === 0 ? 'font-semibold' : 'quiet'}>
                {line}
              </li>
            ))}
        </ul>
      )}
      {seen.answer && (
        <p
          role="status"
          className={`mt-3 border-l-4 pl-3 ${seen.answer.right ? 'border-success' : 'border-warning'}`}
        >
          <b>{seen.answer.right ? 'Right.' : 'Not this time.'}</b> {seen.answer.words}
        </p>
      )}
      <Controls seen={seen} act={act} />
      <p className="flex flex-wrap gap-3 pt-4">
        {seen.answer && (
          <button type="button" className="btn btn-primary min-h-12 grow sm:grow-0" onClick={onAgain}>
            Another round
          </button>
        )}
        <button type="button" className="btn btn-outline min-h-12 grow sm:grow-0" onClick={onLeave}>
          Back to the exercises
        </button>
      </p>
    </div>
  )
}

/** The places along the edge, to be felt at. */
function Places({ seen, onFeel }: { seen: Round; onFeel: (place: number) => void }) {
  if (seen.marks.length === 0) return null
  const feels = seen.controls.includes('FEEL')
  return (
    <div
      role="group"
      aria-label="Places along the edge"
      className="pt-3 grid gap-1"
      style={{ gridTemplateColumns: `repeat(${seen.marks.length}, minmax(0, 1fr))` }}
    >
      {seen.marks.map((m, i) => (
        <button
          key={i}
          type="button"
          disabled={!feels}
          aria-label={`Feel at place ${i + 1}: ${MARKS[m]}`}
          className={`min-h-16 border-2 rounded px-0 text-[0.8rem] leading-tight ${
            m === 'CATCHES' ? 'border-primary font-semibold' : 'border-base-300'
          }`}
          onClick={() => onFeel(i)}
        >
          {i + 1}
          <span className="block" aria-hidden="true">
            {m === 'CATCHES' ? '▲' : m === 'SMOOTH' ? '–' : '?'}
          </span>
        </button>
      ))}
    </div>
  )
}

function Controls({ seen, act }: { seen: Round; act: (kind: Act['kind'], what?: Partial<Act>) => void }) {
  const [force, setForce] = useState<Force>('LIGHT')
  const can = (kind: Act['kind']) => seen.controls.includes(kind)
  const sides = seen.sides.length > 0 ? seen.sides : ['']
  return (
    <div className="grid gap-3 pt-3">
      {can('TILT') && (
        <div className="grid grid-cols-4 gap-2">
          {TILTS.map((t) => (
            <button
              key={t}
              type="button"
              className="btn btn-outline min-h-14 px-1"
              onClick={() => act('TILT', { amount: t })}
            >
              {t < 0 ? `${-t}° lower` : `${t}° steeper`}
            </button>
          ))}
        </div>
      )}
      {can('STROKES') && can('TILT') && (
        <button
          type="button"
          className="btn btn-primary min-h-14"
          onClick={() => act('STROKES', { amount: 1 })}
        >
          One stroke, and look
        </button>
      )}
      {can('STROKES') && !can('TILT') && (
        <>
          {seen.sides.length > 0 && can('DONE') && (
            <Pick legend="Pressed by" value={force} onChange={setForce} options={[...FORCES]} />
          )}
          {sides.map((side, i) => (
            <div key={side} className="grid grid-cols-2 gap-2">
              {[FEWEST, SOME].map((n) => (
                <button
                  key={n}
                  type="button"
                  className="btn btn-outline min-h-14"
                  onClick={() => act('STROKES', { amount: n, upper: i === sides.length - 1, force })}
                >
                  {n === 1 ? '1 stroke' : `${n} strokes`}
                  {side && `, ${side}`}
                </button>
              ))}
            </div>
          ))}
        </>
      )}
      {can('CHOOSE') && (
        <div className="grid sm:grid-cols-2 gap-2">
          {seen.choices.map((c, i) => (
            <button
              key={c}
              type="button"
              className="btn btn-outline min-h-14 h-auto py-2 font-normal"
              onClick={() => act('CHOOSE', { amount: i })}
            >
              {c}
            </button>
          ))}
        </div>
      )}
      {can('DONE') && (
        <button type="button" className="btn btn-primary min-h-14" onClick={() => act('DONE')}>
          Good as it is
        </button>
      )}
    </div>
  )
}
