import { useState } from 'react'
import { Link } from 'wouter'
import { freshId } from '../api/id'
import { Act } from '../ui/Act'
import { Choice, Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { day as dayName } from '../ui/format'
import { Planning } from './Planning'
import { UNASKED, usePlanning, type Day, type Wishes } from './useDay'

const FIRST = 'first'

const LONGER = [
  { value: '', words: 'as planned' },
  { value: '1.5', words: 'half as long again' },
  { value: '2.0', words: 'twice as long' },
  { value: '3.0', words: 'three times as long' },
]

/** Whether nothing is asked of a tool but that it is done. */
function plainly(t: Wishes['tools'][number]) {
  return t.by === '' && t.longer === '' && !t.rests && !t.first && !t.after
}

/** What is wanted of the day: who works, on what, and what is to be ready when. */
export function WishesForm({ day, from, onDone }: { day: Day; from: Wishes; onDone?: () => void }) {
  const [wishes, setWishes] = useState(from)
  const [open, setOpen] = useState(new Set<string>())
  const planning = usePlanning(onDone)
  const faults = planning.refused?.faults ?? []
  const fault = (field: string) => faults.find((f) => f.field === field)?.message
  const ready = day.open.filter((t) => t.workable)
  const others = day.open.filter((t) => !t.workable)
  const wanted = (id: string) => wishes.tools.findIndex((t) => t.tool === id)
  const minutes = ready.filter((t) => wanted(t.toolId) >= 0).reduce((sum, t) => sum + t.minutes, 0)
  const change = (id: string, what: Partial<Wishes['tools'][number]>) => {
    setOpen(new Set(open).add(id))
    setWishes({ ...wishes, tools: wishes.tools.map((t) => (t.tool === id ? { ...t, ...what } : t)) })
  }
  return (
    <div className="grid lg:grid-cols-[minmax(0,1fr)_20rem] gap-x-10">
      <section aria-label="What is to be done">
        <h2 className="quiet rule-b pb-0.5 pt-3">What is to be done</h2>
        {ready.length === 0 && (
          <p className="pt-3 max-w-[36rem]">
            Nothing is ready to be planned into a day: a tool is surveyed, its angle is chosen and its work is
            planned first.
          </p>
        )}
        <ul>
          {ready.map((t) => {
            const at = wanted(t.toolId)
            const asked = at >= 0 ? wishes.tools[at]! : undefined
            return (
              <li key={t.toolId} className="rule-b py-1 flex flex-wrap gap-x-4 gap-y-1 items-center">
                <label className="flex items-center gap-3 min-h-12 flex-1 min-w-[12rem] cursor-pointer">
                  <input
                    type="checkbox"
                    className="checkbox"
                    checked={asked !== undefined}
                    onChange={(e) =>
                      setWishes({
                        ...wishes,
                        tools: e.target.checked
                          ? [...wishes.tools, { ...UNASKED, tool: t.toolId }]
                          : wishes.tools.filter((x) => x.tool !== t.toolId),
                      })
                    }
                  />
                  <span>
                    <span className="font-semibold">{t.name}</span>{' '}
                    <span className="quiet">
                      {t.owner}, about {t.minutes} min
                    </span>
                    {t.wantedBy && (
                      <span className={`block ${t.late ? 'text-error font-semibold' : 'quiet'}`}>
                        promised for {dayName(t.wantedBy)}
                      </span>
                    )}
                  </span>
                </label>
                {asked && !open.has(t.toolId) && plainly(asked) && (
                  <button
                    type="button"
                    className="btn btn-ghost min-h-11 font-normal underline underline-offset-4"
                    aria-label={`Sooner or slower: ${t.name}`}
                    onClick={() => setOpen(new Set(open).add(t.toolId))}
                  >
                    sooner or slower
                  </button>
                )}
                {asked && (open.has(t.toolId) || !plainly(asked)) && (
                  <>
                    <span className="w-28">
                      <Field
                        label="Ready by"
                        value={asked.by}
                        onChange={(by) => change(t.toolId, { by })}
                        error={fault(`tools[${at}].by`)}
                      />
                    </span>
                    <label className="w-44">
                      <span className="block text-[0.92rem] mb-1">Takes</span>
                      <select
                        className="select h-12"
                        value={asked.longer}
                        onChange={(e) => change(t.toolId, { longer: e.target.value })}
                      >
                        {LONGER.map((l) => (
                          <option key={l.value} value={l.value}>
                            {l.words}
                          </option>
                        ))}
                      </select>
                    </label>
                    <span className="w-36">
                      <Field
                        label="Then lies, min"
                        inputMode="decimal"
                        value={asked.rests ?? ''}
                        onChange={(rests) => change(t.toolId, { rests })}
                        error={fault(`tools[${at}].rests`)}
                        hint="oil, glue"
                      />
                    </span>
                    <span className="w-56">
                      <Choice
                        label={`Place of the ${t.name}`}
                        value={asked.first ? FIRST : (asked.after ?? '')}
                        onChange={(place) =>
                          change(t.toolId, {
                            first: place === FIRST,
                            after: place === FIRST || place === '' ? null : place,
                          })
                        }
                        empty="where it fits best"
                        options={[
                          { value: FIRST, label: 'done before all others' },
                          ...ready
                            .filter((o) => o.toolId !== t.toolId && wanted(o.toolId) >= 0)
                            .map((o) => ({ value: o.toolId, label: `ready after the ${o.name}` })),
                        ]}
                        error={fault(`tools[${at}].after`)}
                      />
                    </span>
                  </>
                )}
                {at >= 0 && fault(`tools[${at}].tool`) && (
                  <p className="text-error font-semibold w-full">{fault(`tools[${at}].tool`)}</p>
                )}
              </li>
            )
          })}
        </ul>
        {others.length > 0 && (
          <Fold name="Not ready to be planned yet" says={`${others.length}`}>
            <ul>
              {others.map((t) => (
                <li key={t.toolId} className="rule-b py-1 flex flex-wrap gap-x-4 items-center">
                  <span>{t.name}</span>
                  <Link
                    href={t.nextPath}
                    className="underline underline-offset-4 min-h-11 inline-flex items-center"
                  >
                    {t.nextWords}
                  </Link>
                </li>
              ))}
            </ul>
          </Fold>
        )}
      </section>
      <section aria-label="Who works, and until when" className="grid gap-3 content-start">
        <h2 className="quiet rule-b pb-0.5 pt-3">Who works</h2>
        {wishes.people.map((p, i) => (
          <div key={i} className="flex gap-3 items-end">
            <span className="flex-1">
              <Field
                label={i === 0 ? 'Name' : `Name of person ${i + 1}`}
                value={p.name}
                onChange={(name) =>
                  setWishes({
                    ...wishes,
                    people: wishes.people.map((x, k) => (k === i ? { ...x, name } : x)),
                  })
                }
                error={fault(`people[${i}].name`)}
              />
            </span>
            {wishes.people.length > 1 && (
              <span className="w-24">
                <Field
                  label={`Comes, ${p.name || i + 1}`}
                  value={p.begins}
                  onChange={(begins) =>
                    setWishes({
                      ...wishes,
                      people: wishes.people.map((x, k) => (k === i ? { ...x, begins } : x)),
                    })
                  }
                  error={fault(`people[${i}].begins`)}
                />
              </span>
            )}
            {wishes.people.length > 1 && (
              <button
                type="button"
                className="btn btn-outline min-h-12"
                onClick={() => setWishes({ ...wishes, people: wishes.people.filter((_, k) => k !== i) })}
              >
                Leaves
              </button>
            )}
          </div>
        ))}
        {wishes.people.length < 6 && (
          <button
            type="button"
            className="btn btn-outline min-h-12 justify-self-start"
            onClick={() => setWishes({ ...wishes, people: [...wishes.people, { name: '', begins: '' }] })}
          >
            One more person
          </button>
        )}
        <Field
          label="What is promised for today is ready by"
          value={wishes.readyBy}
          onChange={(readyBy) => setWishes({ ...wishes, readyBy })}
          error={fault('readyBy')}
          hint="Hours and minutes, as 17:00."
        />
      </section>
      {planning.isPending && planning.variables.run && <Planning run={planning.variables.run} />}
      <Act
        busy={planning.isPending}
        disabled={wishes.tools.length === 0}
        says={`${wishes.tools.length} tools, ${minutes} min`}
        note={
          planning.error
            ? (faults.find((f) => f.field === 'tools' || f.field === '')?.message ??
              (faults.length > 0 ? 'Something above cannot be used yet.' : planning.error.message))
            : undefined
        }
        onClick={() =>
          planning.mutate({
            ...wishes,
            people: wishes.people.filter((p) => p.name.trim() !== ''),
            run: freshId(),
          })
        }
      >
        Plan the day
      </Act>
    </div>
  )
}
