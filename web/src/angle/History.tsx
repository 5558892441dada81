import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { day, num } from '../ui/format'
import { Trouble } from '../ui/Notice'

const RESULTS: { value: Schemas['OutcomeForm']['result']; act: string; past: string }[] = [
  { value: 'CHIPPED', act: 'It chipped', past: 'chipped' },
  { value: 'ROLLED', act: 'It rolled', past: 'rolled' },
  { value: 'HELD', act: 'It held', past: 'stayed whole' },
]

/** What happened to this edge before: the loop that moves the angle, and a way to put down what is told. */
export function History({ toolId, history }: { toolId: string; history: Schemas['HistoryView'] }) {
  const [last, setLast] = useState('')
  const queries = useQueryClient()
  const params = { path: { id: toolId } }
  const after = { onSuccess: () => void queries.invalidateQueries() }
  const tell = useMutation({
    mutationFn: (result: Schemas['OutcomeForm']['result']) =>
      ask(api.POST('/api/v1/tools/{id}/outcomes', { params, body: { result, last } })),
    ...after,
  })
  const takeBack = useMutation({
    mutationFn: (outcomeId: string) =>
      ask(
        api.DELETE('/api/v1/tools/{id}/outcomes/{outcomeId}', {
          params: { path: { id: toolId, outcomeId } },
        }),
      ),
    ...after,
  })
  return (
    <section aria-label="What happened before">
      <p>
        {history.evidence[0]!.toUpperCase() + history.evidence.slice(1)}.
        {history.wantedDeg !== null && ` It asks for ${num(history.wantedDeg)}°.`}
      </p>
      <ul>
        {history.outcomes.map((o) => (
          <li key={o.id} className="flex items-center justify-between gap-2">
            <span>
              {RESULTS.find((r) => r.value === o.result)?.past} at {num(o.lastDeg)}°
              <span className="quiet">
                , {o.told ? 'entered' : 'surveyed'} {day(o.at.slice(0, 10))}
              </span>
            </span>
            {o.told && (
              <button type="button" className="btn btn-ghost min-h-11" onClick={() => takeBack.mutate(o.id)}>
                Take back
              </button>
            )}
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-[7rem_minmax(0,1fr)] gap-3 items-end">
        <Field label="at a last bevel of" value={last} onChange={setLast} hint="empty: as it is" />
        <div className="flex flex-wrap gap-2 pb-6">
          {RESULTS.map((r) => (
            <button
              key={r.value}
              type="button"
              className="btn btn-outline min-h-12 px-3"
              disabled={tell.isPending}
              onClick={() => tell.mutate(r.value)}
            >
              {r.act}
            </button>
          ))}
        </div>
      </div>
      <Trouble error={tell.error ?? takeBack.error} />
    </section>
  )
}
