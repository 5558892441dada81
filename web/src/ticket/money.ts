import { signed } from '../ui/format'

/** An amount as it is said: "12.50 EUR". */
export function money(hundredths: number, currency: string): string {
  return `${signed((hundredths / 100).toFixed(2))} ${currency}`
}
