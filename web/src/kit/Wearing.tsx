import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Choice, Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { day, month, num, roughly } from '../ui/format'
import { mm } from '../ui/units'

type Wear = Schemas['WearView']

/** What wears out and when, what to buy ahead, and the place to put a thickness down. */
export function Wearing({ wearing }: { wearing: Wear[] }) {
  const known = wearing.filter((w) => w.low !== null)
  const buy = known.filter((w) => w.soon)
  if (wearing.length === 0) return null
  return (
    <Fold
      name="What wears out, and when"
      says={buy.length > 0 ? `buy ahead: ${buy.map((w) => w.name).join(', ')}` : undefined}
    >
      <ul>
        {known.map((w) => (
          <li key={w.abrasiveId} className="rule-b py-2">
            <b>{w.name}</b>: {when(w)}.{' '}
            {w.soon && (
              <b className="text-warning">
                Buy its like ahead: {w.kind}, about {num(w.d50Um, 1)} µm.
              </b>
            )}{' '}
            <span className="quiet">
              {!w.gone && `${many(w.low!)} to ${many(w.high!)} strokes are left, from `}
              {w.gone && 'From '}
              {w.measured ? 'its own wear' : 'what is usual of its kind'}
              {w.thicknessMm !== null && ` and ${mm(w.thicknessMm, 1)} of thickness`}.
            </span>
          </li>
        ))}
      </ul>
      <Measure stones={wearing.filter((w) => w.thins)} />
    </Fold>
  )
}

function when(w: Wear): string {
  if (w.gone) return 'worn out'
  if (w.early === null) return 'lasts more than ten years at this pace'
  return w.late === null
    ? `worn out in ${month(w.early)} at the earliest`
    : `worn out between ${w.soon ? day(w.early) : month(w.early)} and ${month(w.late)}`
}

/** A count of strokes as one says it. */
function many(strokes: number): string {
  return strokes >= 10_000 ? `${roughly(strokes / 1000)} thousand` : roughly(strokes)
}

function Measure({ stones }: { stones: Wear[] }) {
  const queries = useQueryClient()
  const [id, setId] = useState('')
  const [thickness, setThickness] = useState('')
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/kit/abrasives/{id}/thickness', { params: { path: { id } }, body: { thickness } }),
      ),
    onSuccess: (care) => {
      queries.setQueryData(['kit-care'], care)
      setThickness('')
    },
  })
  if (stones.length === 0) return null
  const refused = save.error instanceof Refused ? save.error : undefined
  const unmeasured = stones.filter((s) => s.thicknessMm === null).length
  return (
    <div className="pt-2">
      {unmeasured > 0 && (
        <p className="quiet">
          Of {unmeasured} {unmeasured === 1 ? 'stone' : 'stones'} nothing can be said before the thickness is
          known. Measured again after some months, it says how fast each wears here.
        </p>
      )}
      <div className="grid sm:grid-cols-[minmax(0,1fr)_10rem_auto] gap-x-4 gap-y-2 items-start pt-2">
        <Choice
          label="Stone"
          value={id}
          onChange={setId}
          empty="choose a stone"
          options={stones.map((s) => ({ value: s.abrasiveId, label: s.name }))}
        />
        <Field
          label="Thickness now"
          of="length"
          value={thickness}
          onChange={setThickness}
          inputMode="decimal"
          error={refused?.at('thickness')}
        />
        <button
          type="button"
          className="btn btn-outline min-h-12 sm:mt-7"
          disabled={save.isPending || id === '' || thickness.trim() === ''}
          onClick={() => save.mutate()}
        >
          Save the thickness
        </button>
      </div>
      {save.isSuccess && (
        <p role="status" className="quiet">
          Saved.
        </p>
      )}
    </div>
  )
}
