import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { kitChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { num } from '../ui/format'
import { mm } from '../ui/units'

type Abrasive = Schemas['AbrasiveView']

/** What can be done to a piece now, each one touch; and what it is called elsewhere. */
export function Acts({ a }: { a: Abrasive }) {
  const queries = useQueryClient()
  const [dish, setDish] = useState('')
  const act = useMutation({
    mutationFn: (what: Schemas['KitActForm']['act']) =>
      ask(
        api.POST('/api/v1/kit/abrasives/{id}/acts', {
          params: { path: { id: a.id } },
          body: { act: what, dish: what === 'GRID_HOLLOW' ? dish : '' },
        }),
      ),
    onSuccess: () => kitChanged(queries),
  })
  const refused = act.error instanceof Refused ? act.error : undefined
  return (
    <div className="border-l-4 border-primary pl-4 pt-3 max-w-[64rem]">
      {a.alsoCalled.length > 0 && (
        <p className="quiet">
          {num(a.d50Um, 2)} µm is nearest to{' '}
          {a.alsoCalled.map((n) => `${n.standard} ${n.name} (${num(n.d50Um, 1)} µm)`).join(', ')}.
        </p>
      )}
      {a.lapsFinestUm !== null && (
        <p className="quiet">
          It may touch stones of {num(a.lapsFinestUm, 1)} to {num(a.lapsCoarsestUm ?? 0, 1)} µm.
        </p>
      )}
      {a.dishMm !== null && (
        <p className="font-semibold">
          Hollow by {mm(a.dishMm, 2)}: up to {num(a.dishDeg ?? 0, 1)}° off at its ends.
        </p>
      )}
      <div className="flex flex-wrap gap-3 py-2 items-end">
        {a.acts.map((k) => (
          <button
            key={k.act}
            type="button"
            className="btn btn-outline min-h-12"
            disabled={act.isPending}
            onClick={() => act.mutate(k.act)}
          >
            {k.words}
          </button>
        ))}
        {a.acts.some((k) => k.act === 'GRID_HOLLOW') && (
          <Field
            label="Gap under a straightedge, if hollow"
            of="length"
            value={dish}
            onChange={setDish}
            error={refused?.at('dish')}
          />
        )}
      </div>
      {act.error && !refused?.at('dish') && (
        <p role="alert" className="text-error font-semibold">
          {act.error.message}
        </p>
      )}
    </div>
  )
}
