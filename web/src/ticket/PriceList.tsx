import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { Fold } from '../ui/Fold'

type Prices = Schemas['PriceListForm']

/** What the shop charges, where it does: by kind of tool, for damage, for steel that must go. */
export function PriceList() {
  const prices = useQuery({ queryKey: ['prices'], queryFn: () => ask(api.GET('/api/v1/prices')) })
  if (!prices.data) return null
  return (
    <section aria-label="Prices" className="pt-6">
      <Fold name="What the shop charges" says={prices.data.currency || 'nothing, until you say'}>
        <List key={JSON.stringify(prices.data)} start={prices.data} />
      </Fold>
    </section>
  )
}

function List({ start }: { start: Prices }) {
  const [form, setForm] = useState(start)
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: () => ask(api.PUT('/api/v1/prices', { body: form })),
    onSuccess: () => void queries.invalidateQueries(),
  })
  const refused = save.error instanceof Refused ? save.error : undefined
  return (
    <form
      className="pt-2 max-w-[76rem]"
      onSubmit={(e) => {
        e.preventDefault()
        save.mutate()
      }}
    >
      <div className="grid grid-cols-2 sm:grid-cols-4 lg:grid-cols-6 gap-3">
        <Field
          label="Currency"
          value={form.currency}
          onChange={(currency) => setForm({ ...form, currency })}
          error={refused?.at('currency')}
          hint="as it stands behind an amount"
        />
      </div>
      <h3 className="quiet pt-3">A sharpening of</h3>
      <div className="grid grid-cols-2 sm:grid-cols-4 lg:grid-cols-6 gap-3">
        {form.tools.map((p, i) => (
          <Field
            key={p.key}
            label={p.words}
            inputMode="decimal"
            value={p.amount}
            onChange={(amount) =>
              setForm({ ...form, tools: form.tools.map((x, k) => (k === i ? { ...x, amount } : x)) })
            }
            error={refused?.at(`tools[${i}]`)}
          />
        ))}
      </div>
      <h3 className="quiet pt-3">On top, where it is to be ground out, however often it is there</h3>
      <div className="grid grid-cols-2 sm:grid-cols-4 lg:grid-cols-6 gap-3">
        {form.damage.map((p, i) => (
          <Field
            key={p.kind}
            label={p.words}
            inputMode="decimal"
            value={p.amount}
            onChange={(amount) =>
              setForm({ ...form, damage: form.damage.map((x, k) => (k === i ? { ...x, amount } : x)) })
            }
            error={refused?.at(`damage[${i}]`)}
          />
        ))}
        <Field
          label="each mm beyond a usual one"
          inputMode="decimal"
          value={form.perMillimetre}
          onChange={(perMillimetre) => setForm({ ...form, perMillimetre })}
          error={refused?.at('perMillimetre')}
        />
      </div>
      <button type="submit" className="btn btn-outline min-h-12 mt-3" disabled={save.isPending}>
        Save the prices
      </button>
      {save.isSuccess && (
        <span role="status" className="pl-3">
          Saved.
        </span>
      )}
      {save.error && !refused?.faults.length && (
        <p className="text-error font-semibold">{save.error.message}</p>
      )}
    </form>
  )
}
