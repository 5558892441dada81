import { useState } from 'react'
import { freshId } from '../api/id'
import { Trouble, Coming } from '../ui/Notice'
import { RoundControls } from './RoundControls'
import { RoundInk } from './RoundInk'
import { RoundPlaces } from './RoundPlaces'
import { useRound, type Act, type Exercise } from './useTraining'

const MOST_SEED = 2 ** 31

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
  const [id] = useState(() => freshId())
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
      {seen.ink && <RoundInk ink={seen.ink} />}
      <RoundPlaces seen={seen} act={act} />
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
      <RoundControls seen={seen} act={act} />
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
