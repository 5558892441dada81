import type { Schemas } from '../api/client'
import { signed, span } from '../ui/format'

/** An amount as it is said: "12.50 EUR". */
export function money(hundredths: number, currency: string): string {
  return `${signed((hundredths / 100).toFixed(2))} ${currency}`
}

/** How long something takes, and the range it lies in. */
export function minutes(m: Schemas['MinutesView']): string {
  const likely = span(m.likely * 60)
  return m.low === m.high ? likely : `${likely} (${m.low} to ${m.high} min)`
}
