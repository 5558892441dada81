import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Act } from '../ui/Act'
import { Check, Choice, Field, Pick } from '../ui/Field'
import { readNumber, typed } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { useTitle } from '../ui/useTitle'

type Choices = Schemas['TrialChoices']

/** A trial from its question: what stands against what, what dulls it, how often it is read. */
export function NewTrialPage() {
  useTitle('A new trial')
  const choices = useQuery({
    queryKey: ['trial-choices'],
    queryFn: () => ask(api.GET('/api/v1/trials/choices')),
    staleTime: Infinity,
  })
  if (choices.isPending) return <Coming />
  if (choices.isError) return <Trouble error={choices.error} />
  return <Form choices={choices.data} />
}

function Form({ choices }: { choices: Choices }) {
  const [, go] = useLocation()
  const queries = useQueryClient()
  const [person] = usePerson()
  const first = choices.questions[0]!
  const [question, setQuestion] = useState(first.question)
  const [name, setName] = useState(first.words)
  const [ways, setWays] = useState<string[]>(first.ways)
  const [unit, setUnit] = useState(choices.units[0]!.unit)
  const [every, setEvery] = useState(typed(choices.units[0]!.every, 1))
  const [times, setTimes] = useState('5')
  const [stations, setStations] = useState('3')
  const [rounds, setRounds] = useState('')
  const [blind, setBlind] = useState(true)
  const least = choices.leastRounds[Math.min(ways.length, 4) - 2]!
  const begin = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/trials', {
          body: {
            name,
            question,
            ways,
            unit,
            every,
            times,
            stations,
            rounds: rounds === '' ? String(least) : rounds,
            blind,
            person,
          },
        }),
      ),
    onSuccess: (trial) => {
      queries.setQueryData(['trial', trial.id], trial)
      void queries.invalidateQueries({ queryKey: ['trials'] })
      go(`/trials/${trial.id}`)
    },
  })
  const refused = begin.error instanceof Refused ? begin.error : undefined
  const ask_ = (key: typeof question) => {
    const chosen = choices.questions.find((q) => q.question === key)!
    if (choices.questions.some((q) => q.words === name) || name === '') setName(chosen.words)
    setQuestion(key)
    setWays(chosen.ways.length > 0 ? chosen.ways : ['', ''])
  }
  const unitWords = choices.units.find((u) => u.unit === unit)?.words ?? ''
  const edges = ways.length * (readNumber(rounds === '' ? String(least) : rounds) || 0)
  const each = (readNumber(times) || 0) + 1
  const settles = choices.questions.find((q) => q.question === question)?.settles
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">A new trial</h1>
      <div className="grid lg:grid-cols-2 gap-x-12 gap-y-5 pt-3 max-w-[76rem]">
        <div className="grid gap-5 content-start">
          <Pick
            legend="What is to be settled"
            value={question}
            onChange={ask_}
            options={choices.questions.map((q) => ({ value: q.question, label: q.words }))}
          >
            {settles && <p className="quiet pt-1">It can settle a house rule: {settles.toLowerCase()}.</p>}
          </Pick>
          <section aria-label="What stands against what">
            <h2 className="font-semibold">What stands against what</h2>
            <div className="grid sm:grid-cols-2 gap-x-4 gap-y-3 pt-1">
              {ways.map((way, i) => (
                <Field
                  key={i}
                  label={`Way ${i + 1}`}
                  value={way}
                  onChange={(v) => setWays(ways.map((w, n) => (n === i ? v : w)))}
                  error={refused?.at(`ways[${i}]`) ?? (i === 0 ? refused?.at('ways') : undefined)}
                />
              ))}
            </div>
            <p className="quiet pt-1">An edge may be the same tool, sharpened anew.</p>
            <div className="flex gap-3 pt-2">
              {ways.length < 4 && (
                <button
                  type="button"
                  className="btn btn-outline min-h-11"
                  onClick={() => setWays([...ways, ''])}
                >
                  One way more
                </button>
              )}
              {ways.length > 2 && (
                <button
                  type="button"
                  className="btn btn-outline min-h-11"
                  onClick={() => setWays(ways.slice(0, -1))}
                >
                  One way fewer
                </button>
              )}
            </div>
          </section>
          <Field
            label="What the trial is called"
            value={name}
            onChange={setName}
            error={refused?.at('name')}
          />
        </div>
        <div className="grid gap-5 content-start">
          <section aria-label="What dulls it">
            <h2 className="font-semibold">What dulls it, and when it is read</h2>
            <div className="grid grid-cols-2 gap-x-4 gap-y-3 pt-1">
              <Choice
                label="Use is counted in"
                value={unit}
                onChange={(v) => {
                  setUnit(v)
                  setEvery(typed(choices.units.find((u) => u.unit === v)!.every, 1))
                }}
                options={choices.units.map((u) => ({ value: u.unit, label: u.words }))}
                error={refused?.at('unit')}
              />
              <Field
                label={`Read after every … ${unitWords}`}
                value={every}
                onChange={setEvery}
                inputMode="decimal"
                error={refused?.at('every')}
              />
              <Field
                label="How often, after the fresh reading"
                value={times}
                onChange={setTimes}
                inputMode="decimal"
                error={refused?.at('times')}
              />
              <Field
                label="At how many places along the edge"
                value={stations}
                onChange={setStations}
                inputMode="decimal"
                error={refused?.at('stations')}
                hint="three find a slip of the tester"
              />
              <Field
                label="Edges of each way"
                value={rounds}
                onChange={setRounds}
                inputMode="decimal"
                error={refused?.at('rounds')}
                hint={`empty means ${least}: the fewest that can prove anything`}
              />
            </div>
          </section>
          <div>
            <Check
              label="Covered: whoever reads does not know which is which"
              value={blind}
              onChange={setBlind}
            />
            <p className="quiet">
              The order is dealt out at random either way. Covered, one person finishes the edges from a list
              and another reads them by number.
            </p>
          </div>
          <p role="status">
            <span className="text-[1.6rem] font-semibold">{edges}</span> edges, each read {each} times at{' '}
            {readNumber(stations) || 0} {stations === '1' ? 'place' : 'places'}.
          </p>
          {begin.error && !refused?.faults.length && (
            <p role="alert" className="text-error font-semibold">
              {begin.error.message}
            </p>
          )}
        </div>
      </div>
      <Act
        onClick={() => begin.mutate()}
        busy={begin.isPending}
        note={refused && refused.faults.length > 0 ? refused.faults[0]!.message : undefined}
      >
        Begin the trial
      </Act>
    </>
  )
}
