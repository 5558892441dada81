import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { day, num } from '../ui/format'
import { usePerson } from '../ui/person'
import { useUpkeep } from './useUpkeep'

/** Use since the sharpening: one touch puts more down. */
export function Used({ upkeep: u, toolId }: { upkeep: Schemas['UpkeepSheet']; toolId: string }) {
  const [other, setOther] = useState('')
  const [person] = usePerson()
  const use = useUpkeep(
    toolId,
    (amount: string) =>
      ask(
        api.POST('/api/v1/tools/{id}/upkeep/use', {
          params: { path: { id: toolId } },
          body: { amount, person },
        }),
      ),
    () => setOther(''),
  )
  return (
    <section aria-label="Use since its sharpening">
      <h2 className="quiet">{u.since ? `Since ${day(u.since)}` : 'Nothing is put down yet'}</h2>
      <p className="leading-tight">
        <span className="figure">{num(u.use, u.use < 10 ? 1 : 0)}</span>{' '}
        <span className="text-[1.2rem]">{u.unitWords}</span>
      </p>
      {u.estimated > 0 && (
        <p className="quiet">
          Guessed from the days: nobody put any down. {num(u.perDay, 1)} a day is
          {u.paceKnown ? ' its own pace.' : ' usual.'}
        </p>
      )}
      <div className="flex flex-wrap gap-2 pt-2">
        {u.touches.map((t) => (
          <button
            key={t}
            type="button"
            className="btn btn-outline min-h-12"
            disabled={use.isPending}
            onClick={() => use.mutate(String(t))}
          >
            {num(t, 1)} {u.unitWords} more
          </button>
        ))}
      </div>
      <details className="pt-1">
        <summary className="min-h-11 cursor-pointer flex items-center underline underline-offset-4">
          Another amount
        </summary>
        <Field
          label={`How many ${u.unitWords}`}
          value={other}
          onChange={setOther}
          inputMode="decimal"
          error={use.refused?.at('amount')}
        />
        <button
          type="button"
          className="btn btn-outline min-h-12 mt-2"
          disabled={use.isPending || other.trim() === ''}
          onClick={() => use.mutate(other)}
        >
          Save the use
        </button>
      </details>
      {use.isSuccess && (
        <p role="status" className="quiet">
          Saved; it can be taken back in the log.
        </p>
      )}
      {use.error && !use.refused?.at('amount') && (
        <p role="alert" className="text-error font-semibold">
          {use.error.message}
        </p>
      )}
    </section>
  )
}
