import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { machineChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Field, Pick } from '../ui/Field'
import { day, num } from '../ui/format'
import { usePerson } from '../ui/person'
import { Advised } from '../ui/Why'
import type { MachineState } from './useMachine'

/** Hours that were run and over what: they tell when the blade is due. */
export function Hours({ state }: { state: MachineState }) {
  const [form, setForm] = useState({ hours: '', ground: 'CLEAN' as Schemas['HoursForm']['ground'], day: '' })
  const [person] = usePerson()
  const queries = useQueryClient()
  const add = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/tools/{id}/hours', {
          params: { path: { id: state.toolId } },
          body: { ...form, person },
        }),
      ),
    onSuccess: () => {
      setForm({ ...form, hours: '' })
      machineChanged(queries)
    },
  })
  const h = state.hours
  if (!h) return null
  const refused = add.error instanceof Refused ? add.error : undefined
  const share = Math.min(1, h.worn / h.interval)
  return (
    <section aria-label="Running hours" className="rule-t pt-3">
      <h2 className="font-semibold">Running hours</h2>
      <svg viewBox="0 0 340 34" className="w-full max-w-[24rem]" role="img" aria-label={h.words}>
        <rect x="1" y="6" width="338" height="16" fill="none" stroke="var(--steel-line)" strokeWidth="1.4" />
        <rect
          x="1"
          y="6"
          width={338 * share}
          height="16"
          fill={h.worn >= h.interval ? 'var(--color-warning)' : 'var(--steel)'}
        />
        {[0.25, 0.5, 0.75].map((t) => (
          <path key={t} d={`M${1 + 338 * t} 6v16`} stroke="var(--steel-line)" strokeWidth="1" />
        ))}
      </svg>
      <p>{h.words}</p>
      <p>
        An edge lasts <Advised advice={h.why} digits={0} />
      </p>
      {h.due && <p className="font-semibold">Due {day(h.due)}</p>}
      <details className="pt-1">
        <summary className="min-h-11 flex items-center cursor-pointer underline underline-offset-4">
          Add hours
        </summary>
        <div className="space-y-3 pt-2">
          <Field
            label="Hours run"
            value={form.hours}
            onChange={(hours) => setForm({ ...form, hours })}
            error={refused?.at('hours')}
            inputMode="decimal"
          />
          <Pick
            legend="Over ground that was"
            value={form.ground}
            onChange={(ground) => setForm({ ...form, ground })}
            options={h.grounds.map((g) => ({ value: g.ground, label: g.words }))}
          />
          <Field
            label="Day, empty for today"
            type="date"
            value={form.day}
            onChange={(d) => setForm({ ...form, day: d })}
            error={refused?.at('day')}
          />
          <button
            type="button"
            className="btn btn-outline min-h-12"
            disabled={add.isPending || form.hours.trim() === ''}
            onClick={() => add.mutate()}
          >
            Save the hours
          </button>
        </div>
        <ul className="pt-2 quiet" aria-label="Hours on record">
          {h.runs
            .slice(-6)
            .reverse()
            .map((r, i) => (
              <li key={i}>
                {day(r.day)}: {num(r.hours)} h, {r.groundWords}
              </li>
            ))}
        </ul>
      </details>
    </section>
  )
}
