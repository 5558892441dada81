import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation } from 'wouter'
import { machineChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Field } from '../ui/Field'
import { moment } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Item, type Found } from './Item'
import { useMachine, type MachineState } from './useMachine'

type Verdict = Schemas['InspectionView']

/** The blade looked over before its edge: fit to be worked, or rejected for good. */
export function InspectPage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const machine = useMachine(toolId)
  const [again, setAgain] = useState(false)
  const error = stages.error ?? machine.error
  if (error) return <Trouble error={error} />
  if (!stages.data || !machine.data) return <Coming />
  const m = machine.data
  const head = <ToolHead stages={stages.data} at="INSPECT" />
  if (m.inspection && !again)
    return (
      <>
        {head}
        <Kept
          inspection={m.inspection}
          toolId={toolId}
          safe={m.isolation !== null}
          again={() => setAgain(true)}
        />
        <Act href={m.inspection.verdict === 'REJECT' ? '/' : stages.data.next.path}>
          {m.inspection.verdict === 'REJECT' ? 'Back to the board' : stages.data.next.words}
        </Act>
      </>
    )
  if (!m.isolation)
    return (
      <>
        {head}
        <p className="pt-6 text-[1.2rem] max-w-[44rem]">
          The blade is inspected once its machine is recorded as safe. {m.first}
        </p>
        <Act href={`/tools/${toolId}/machine`}>Make the machine safe</Act>
      </>
    )
  return (
    <>
      {head}
      <Inspect state={m} corrects={m.inspection?.verdict === 'REJECT'} />
    </>
  )
}

function Kept({
  inspection,
  toolId,
  safe,
  again,
}: {
  inspection: Verdict
  toolId: string
  safe: boolean
  again: () => void
}) {
  const reject = inspection.verdict === 'REJECT'
  return (
    <div className={`pt-6 max-w-[46rem] ${reject ? 'border-l-8 border-error pl-4 mt-4' : ''}`}>
      <h2 className="text-[1.8rem] leading-tight font-semibold">
        {reject ? 'Rejected: it does not go back on' : 'Fit to be worked'}
      </h2>
      <p className="quiet">
        Inspected by {inspection.person}
        {inspection.at && `, ${moment(inspection.at)}`}
      </p>
      <ul className="pt-3 text-[1.15rem]">
        {(reject ? inspection.reasons : inspection.notes).map((r) => (
          <li key={r} className="py-1">
            {r}
          </li>
        ))}
      </ul>
      {reject && (
        <>
          <p className="pt-3 text-[1.1rem]">
            It is not straightened, heated or welded. Tag it, take it out of reach, and fit the maker’s part.
          </p>
          <a
            className="btn btn-outline min-h-[72px] mt-4"
            href={`/api/v1/print/tools/${toolId}/reject-tag.pdf`}
            target="_blank"
            rel="noreferrer"
          >
            Print its tag
          </a>
        </>
      )}
      {safe && (
        <div>
          <button type="button" className="btn btn-ghost min-h-12 mt-4 px-0 underline" onClick={again}>
            {reject ? 'Something was recorded wrongly' : 'Inspect it again'}
          </button>
        </div>
      )}
    </div>
  )
}

function Inspect({ state, corrects }: { state: MachineState; corrects: boolean }) {
  const start: Record<string, Found> = {}
  const [form, setForm, drop] = useDraft(`inspection.${state.toolId}`, {
    found: start,
    limits: Object.fromEntries(
      state.items.filter((i) => i.maker !== null).map((i) => [i.key, String(i.maker)]),
    ) as Record<string, string>,
    corrects: '',
  })
  const [person, setPerson] = usePerson()
  const [name, setName] = useState(person)
  const queries = useQueryClient()
  const [, go] = useLocation()
  const body = { person: name, found: form.found, limits: form.limits, corrects: form.corrects }
  const params = { path: { id: state.toolId } }
  const judged = useAnswer('inspection', state.toolId, body, (b) =>
    ask(api.POST('/api/v1/tools/{id}/inspection/preview', { params, body: b })),
  )
  const keep = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tools/{id}/inspection', { params, body })),
    onSuccess: (next) => {
      drop()
      setPerson(name.trim())
      machineChanged(queries)
      if (next.ready) go(`/tools/${state.toolId}/survey`)
    },
  })
  const refused = [keep.error, judged.error].find((e): e is Refused => e instanceof Refused)
  const verdict = judged.data
  const reject = verdict?.verdict === 'REJECT'
  return (
    <>
      <Sheet
        drawing={
          <ol aria-label="What is inspected">
            {state.items.map((item) => (
              <Item
                key={item.key}
                item={item}
                found={form.found[item.key] ?? {}}
                limit={form.limits[item.key] ?? ''}
                onFound={(f) => setForm({ ...form, found: { ...form.found, [item.key]: f } })}
                onLimit={(l) => setForm({ ...form, limits: { ...form.limits, [item.key]: l } })}
                error={(key) => refused?.at(key)}
              />
            ))}
          </ol>
        }
        decisions={
          <>
            {verdict && (
              <section aria-label="Verdict" aria-live="polite">
                <p className={`text-[1.6rem] leading-tight font-semibold ${reject ? 'text-error' : ''}`}>
                  {reject
                    ? 'Reject it'
                    : verdict.verdict === 'FIT'
                      ? 'Fit to be worked'
                      : `${verdict.open.length} to look at`}
                </p>
                <ul className="pt-1">
                  {(reject ? verdict.reasons : verdict.notes).map((r) => (
                    <li key={r} className="py-1">
                      {r}
                    </li>
                  ))}
                </ul>
                {verdict.verdict === 'OPEN' && (
                  <p className="quiet pt-1">
                    Still open: {verdict.open.map((o) => o.toLowerCase()).join('; ')}
                  </p>
                )}
              </section>
            )}
            {corrects && (
              <Field
                label="What was recorded wrongly before"
                value={form.corrects}
                onChange={(c) => setForm({ ...form, corrects: c })}
                error={refused?.at('corrects')}
              />
            )}
            <Field label="Your name" value={name} onChange={setName} error={refused?.at('person')} />
            <p className="quiet">
              Limits are rules of thumb until you put the maker’s figure in. {state.first}
            </p>
          </>
        }
      />
      <Act
        onClick={() => keep.mutate()}
        busy={keep.isPending}
        disabled={!verdict || verdict.verdict === 'OPEN' || name.trim() === ''}
        note={keep.error instanceof Refused ? keep.error.message : undefined}
      >
        {reject ? 'Reject the blade' : 'Record it as fit'}
      </Act>
    </>
  )
}
