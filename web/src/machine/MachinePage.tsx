import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { machineChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Field } from '../ui/Field'
import { moment } from '../ui/format'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Hours } from './Hours'
import { MachineForm } from './MachineForm'
import { Spares } from './Spares'
import { useMachine, type MachineState } from './useMachine'

/** The machine of a blade: what drives it, and the record that it is safe to reach into. */
export function MachinePage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const machine = useMachine(toolId)
  const error = stages.error ?? machine.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !machine.data) return <Coming />
  const m = machine.data
  return (
    <>
      <ToolHead stages={stages.data} at="MAKE_SAFE" />
      {!m.powered ? (
        <p className="pt-4">This tool belongs to no machine.</p>
      ) : !m.machine ? (
        <MachineForm key={m.toolId} state={m} />
      ) : m.isolation ? (
        <Safe state={m} next={stages.data.next} />
      ) : (
        <MakeSafe state={m} />
      )}
    </>
  )
}

/** Each act confirmed once it is done, in its order, then the name. */
function MakeSafe({ state }: { state: MachineState }) {
  const [person, setPerson] = usePerson()
  const [name, setName] = useState(person)
  const [done, setDone, drop] = useDraft(`isolation.${state.toolId}`, { acts: [] as string[] })
  const queries = useQueryClient()
  const [, go] = useLocation()
  const isolate = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/tools/{id}/isolation', {
          params: { path: { id: state.toolId } },
          body: { person: name, acts: done.acts },
        }),
      ),
    onSuccess: () => {
      drop()
      setPerson(name.trim())
      machineChanged(queries)
      go(`/tools/${state.toolId}/inspect`)
    },
  })
  const refused = isolate.error instanceof Refused ? isolate.error : undefined
  const left = state.acts.filter((a) => !done.acts.includes(a.key)).length
  const toggle = (key: string) =>
    setDone({ acts: done.acts.includes(key) ? done.acts.filter((k) => k !== key) : [...done.acts, key] })
  return (
    <>
      <Sheet
        drawing={
          <>
            <h2 className="text-[1.6rem] leading-tight font-semibold">
              Make the {state.machine!.name} safe before a hand goes near the blade
            </h2>
            <p className="quiet pb-2">{state.first}</p>
            <ol aria-label="Acts of making safe">
              {state.acts.map((a) => {
                const on = done.acts.includes(a.key)
                return (
                  <li key={a.key} className="rule-t">
                    <label className="flex gap-4 py-3 min-h-[72px] cursor-pointer items-start">
                      <input
                        type="checkbox"
                        className="checkbox checkbox-primary checkbox-lg mt-1"
                        checked={on}
                        onChange={() => toggle(a.key)}
                      />
                      <span>
                        <span className={`block text-[1.25rem] font-semibold ${on ? 'quiet' : ''}`}>
                          {a.title}
                        </span>
                        <span className="block text-[1.05rem]">{a.how}</span>
                        <span className="block quiet">{a.why}</span>
                      </span>
                    </label>
                  </li>
                )
              })}
            </ol>
          </>
        }
        decisions={
          <>
            <p>
              <span className="figure">
                {left}
                <span className="unit">{left === 1 ? 'act left' : 'acts left'}</span>
              </span>
            </p>
            <Field
              label="Your name: you answer for it"
              value={name}
              onChange={setName}
              error={refused?.at('person')}
            />
            {refused?.at('acts') && <Notice kind="danger">{refused.at('acts')}</Notice>}
            <Spares state={state} />
            <Hours state={state} />
          </>
        }
      />
      <Act
        onClick={() => isolate.mutate()}
        busy={isolate.isPending}
        disabled={left > 0 || name.trim() === ''}
        note={refused && !refused.at('acts') && !refused.at('person') ? refused.message : undefined}
      >
        It is safe: put it down
      </Act>
    </>
  )
}

function Safe({ state, next }: { state: MachineState; next: Schemas['NextView'] }) {
  const [person] = usePerson()
  const [giving, setGiving] = useState(false)
  const [name, setName] = useState(person)
  const queries = useQueryClient()
  const lift = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/tools/{id}/isolation/lift', {
          params: { path: { id: state.toolId } },
          body: { person: name, why: 'given back at the bench' },
        }),
      ),
    onSuccess: () => machineChanged(queries),
  })
  const refused = lift.error instanceof Refused ? lift.error : undefined
  const i = state.isolation!
  return (
    <>
      <Sheet
        drawing={
          <>
            <h2 className="text-[1.6rem] leading-tight font-semibold">
              The {state.machine!.name} is safe to reach into
            </h2>
            <p className="text-[1.15rem] pt-1">
              Recorded by {i.person}, {moment(i.at)}. Look yourself all the same if you come to it anew.
            </p>
            <ul aria-label="What was done" className="pt-3">
              {i.acts.map((a) => (
                <li key={a} className="rule-t py-2 text-[1.1rem]">
                  ✓ {a}
                </li>
              ))}
            </ul>
            <p className="quiet pt-3">{state.first}</p>
          </>
        }
        decisions={
          <>
            {giving ? (
              <div className="space-y-3 border-l-4 border-warning pl-3">
                <p>From then on nothing is done to its blade, here or on any other screen.</p>
                <Field label="Your name" value={name} onChange={setName} error={refused?.at('person')} />
                <button
                  type="button"
                  className="btn btn-outline min-h-[72px] w-full"
                  disabled={lift.isPending || name.trim() === ''}
                  onClick={() => lift.mutate()}
                >
                  It is no longer safe
                </button>
              </div>
            ) : (
              <button
                type="button"
                className="btn btn-outline min-h-[72px] w-full"
                onClick={() => setGiving(true)}
              >
                The machine goes back together
              </button>
            )}
            <Spares state={state} />
            <Hours state={state} />
          </>
        }
      />
      <Act href={next.path}>{next.words}</Act>
    </>
  )
}
