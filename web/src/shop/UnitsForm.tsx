import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Pick } from '../ui/Field'
import { Trouble } from '../ui/Notice'
import { LENGTHS, pickedJustNow, pickUnits, useShopUnits } from './units'

type Units = Schemas['UnitsView']

const FORCES: { value: Units['forces']; label: string; note: string }[] = [
  { value: 'NEWTONS', label: 'newtons', note: '20 N' },
  { value: 'KILOGRAMS', label: 'kilograms on a scale', note: '2 kg' },
]

const MASSES: { value: Units['masses']; label: string; note: string }[] = [
  { value: 'GRAMS', label: 'grams', note: '130 g' },
  { value: 'OUNCES', label: 'ounces', note: '4.59 oz' },
]

/** In what the shop reads its rule and its scale. What is typed in another unit is understood all the same. */
export function UnitsForm() {
  const queries = useQueryClient()
  const units = useShopUnits()
  const pick = useMutation({
    mutationFn: (chosen: Units) => pickUnits(chosen),
    onSuccess: () => queries.invalidateQueries(),
  })
  const [saved] = useState(pickedJustNow)
  const now = units.data
  if (!now) return null
  const put = (part: Partial<Units>) => pick.mutate({ ...now, ...part })
  return (
    <section aria-label="Units" className="pt-5">
      <h2 className="quiet rule-b pb-0.5">Units</h2>
      <p className="py-2 max-w-[44rem]">
        A number typed without a unit is taken in these. What is typed in another, such as 1/32&quot; or 30
        thou, is understood.
      </p>
      <Trouble error={pick.error} />
      <div className="grid lg:grid-cols-[1.7fr_1.15fr_0.85fr] gap-x-5 gap-y-3">
        <Pick
          legend="Lengths"
          value={now.lengths}
          onChange={(lengths) => put({ lengths })}
          options={LENGTHS}
        />
        <Pick
          legend="Forces on the edge"
          value={now.forces}
          onChange={(forces) => put({ forces })}
          options={FORCES}
        />
        <Pick
          legend="Masses, and what testers read"
          value={now.masses}
          onChange={(masses) => put({ masses })}
          options={MASSES}
        />
      </div>
      {(saved || pick.isSuccess) && (
        <p role="status" className="pt-2 font-semibold">
          Saved: every figure follows.
        </p>
      )}
    </section>
  )
}
