import { useState } from 'react'
import { usePerson } from '../ui/person'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { RoundPanel } from './RoundPanel'
import { useTraining, type Exercise } from './useTraining'

const GRADES = ['', 'easy', 'harder', 'hard']

/** Practising on the virtual blade what only the fingers can learn. */
export function TrainingPage() {
  useTitle('Practise')
  const [person] = usePerson()
  const training = useTraining(person)
  const [at, setAt] = useState<{ exercise: Exercise; round: number }>()
  if (training.isError) return <Trouble error={training.error} again={() => void training.refetch()} />
  if (!training.data) return <Coming />
  const exercises = training.data.exercises
  if (at) {
    const now = exercises.find((e) => e.exercise === at.exercise.exercise) ?? at.exercise
    return (
      <RoundPanel
        key={`${at.exercise.exercise} ${at.round}`}
        exercise={at.exercise}
        person={person}
        onAgain={() => setAt({ exercise: now, round: at.round + 1 })}
        onLeave={() => setAt(undefined)}
      />
    )
  }
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">Practise</h1>
      <p className="quiet max-w-[44rem]">
        On the virtual blade: you do what the bench lets you do, the blade answers. It gets harder after three
        right answers in a row.{person === '' && ' Say who you are, above, and your record is kept.'}
      </p>
      <ul className="max-w-[46rem] pt-2">
        {exercises.map((e) => (
          <li key={e.exercise} className="rule-b py-2 flex flex-wrap gap-x-4 gap-y-1 items-center">
            <div className="flex-1 min-w-[14rem]">
              <p className="font-semibold">
                {e.title}
                {e.next && <span className="quiet font-normal">, next for you</span>}
              </p>
              <p className="quiet leading-snug">{e.why}</p>
              {e.tried > 0 && (
                <p className="leading-snug">
                  {e.right} of {e.tried} right; now {GRADES[e.grade]}
                </p>
              )}
            </div>
            <button
              type="button"
              className={`btn min-h-12 ${e.next ? 'btn-primary' : 'btn-outline'}`}
              aria-label={`Practise: ${e.title}`}
              onClick={() => setAt({ exercise: e, round: 0 })}
            >
              Practise
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}
