import { useQuery } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { onUnits, unitsNow, followUnits } from '../ui/units'

type Units = Schemas['UnitsView']

/** How a rule is read. */
export const LENGTHS: { value: Units['lengths']; label: string; note: string }[] = [
  { value: 'MILLIMETRES', label: 'millimetres', note: '28.6 mm' },
  { value: 'INCHES', label: 'decimal inches', note: '1.126 in, 20 thou' },
  { value: 'INCH_FRACTIONS', label: 'inches in fractions', note: '1 1/8 in, 20 thou' },
]

/** The units of the shop, and whether somebody picked them. */
export function useShopUnits() {
  return useQuery({ queryKey: ['units'], queryFn: () => ask(api.GET('/api/v1/units')) })
}

const SAID_FOR_MS = 5000
let pickedAt = -SAID_FOR_MS

/** Whether units were picked just now: every page is drawn anew then, the one that has to say so as well. */
export function pickedJustNow(): boolean {
  return performance.now() - pickedAt < SAID_FOR_MS
}

/** Picks the units of the shop. */
export async function pickUnits({ lengths, forces, masses }: Units): Promise<Units> {
  const picked = await ask(api.PUT('/api/v1/units', { body: { lengths, forces, masses } }))
  pickedAt = performance.now()
  followUnits(picked)
  return picked
}

/** Follows the shop's pick; gives a key that changes with it, so that every figure is drawn anew. */
export function useUnitsKey(): string {
  const units = useShopUnits()
  useEffect(() => {
    if (units.data) followUnits(units.data)
  }, [units.data])
  return useSyncExternalStore(onUnits, () => Object.values(unitsNow()).join())
}
