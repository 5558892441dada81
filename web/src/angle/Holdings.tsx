import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { SchemeDrawing } from '../drawings/Scheme'
import { setTo } from '../drawings/Setting'
import { num } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import type { Form } from './AngleFields'
import { figureSaid } from '../ui/units'

/** The same angle on each thing owned, side by side, to take the one that suits. */
export function Holdings({
  toolId,
  form,
  take,
}: {
  toolId: string
  form: Form
  take: (holderId: string) => void
}) {
  const [open, setOpen] = useState(false)
  const all = useAnswer(
    'holdings',
    toolId,
    form,
    (body) => ask(api.POST('/api/v1/tools/{id}/angle/holdings', { params: { path: { id: toolId } }, body })),
    open,
  )
  return (
    <section aria-label="On everything you own" className="rule-t pt-2 mt-3">
      <button
        type="button"
        className="btn btn-outline min-h-12"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        This angle on everything you own
      </button>
      {open && <Trouble error={all.error} />}
      {open && !all.data && !all.error && <Coming />}
      {open && all.data && (
        <ul className="pt-2">
          {able(all.data.holdings).map((h) => {
            const last = h.settings[h.settings.length - 1]
            return (
              <li
                key={h.holderId}
                className="rule-b py-3 grid sm:grid-cols-[minmax(0,1fr)_300px] gap-x-5 items-center"
              >
                <div className="min-w-0">
                  <p className="font-semibold text-[1.1rem]">{h.name}</p>
                  <p className="quiet">{h.kindWords}</p>
                  {h.refused && <p>{h.refused}</p>}
                  {[...h.settings].reverse().map((s) => (
                    <p key={s.bevel} className="text-[1.15rem]">
                      {s.name} <b>{setTo(s.setting.value, s.unit)}</b>{' '}
                      <span className="quiet">
                        for {num(s.angleDeg)}°{h.settings.length > 1 ? `, ${s.bevelWords}` : ''}
                      </span>
                    </p>
                  ))}
                  {last && <p className="quiet">{last.tolerance}</p>}
                  {last?.asides
                    .filter((a) => a.nearest)
                    .map((a) => (
                      <p key={a.advice.label}>
                        {a.advice.label}: <b>{figureSaid(a.advice.value, a.advice.unit)}</b>; {a.words}.
                      </p>
                    ))}
                  {!h.refused && (
                    <button type="button" className="btn min-h-11 mt-2" onClick={() => take(h.holderId)}>
                      Hold it with this
                    </button>
                  )}
                </div>
                {last && (
                  <SchemeDrawing
                    scheme={last.scheme}
                    small
                    label={`${h.name}: ${setTo(last.setting.value, last.unit)} ${last.name}`}
                  />
                )}
              </li>
            )
          })}
        </ul>
      )}
    </section>
  )
}

/** Those that can hold it first. */
function able(all: Schemas['HoldingView'][]): Schemas['HoldingView'][] {
  return [...all.filter((h) => !h.refused), ...all.filter((h) => h.refused)]
}
