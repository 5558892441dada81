import { typed } from './format'
import {
  FINEST_FRACTION,
  fraction,
  GRAMS_PER_OUNCE,
  MM_PER_INCH,
  ON_THE_FRACTION_MM,
  unitsNow,
} from './units'

/** What a field may measure. */
export type Measured = 'length' | 'mass'

/** Set behind a number that was typed without a unit, where the shop's is not the metric one. */
const MEANT = '\u202f'
const BARE = /^[+-]?\d[\d\s.,/+-]*$/

function ownUnit(of: Measured): string {
  if (of === 'mass') return unitsNow().masses === 'OUNCES' ? 'oz' : ''
  return unitsNow().lengths === 'MILLIMETRES' ? '' : 'in'
}

/** What was typed, as it is kept and sent: a bare number gets the unit of the shop. */
export function typedKept(text: string, of: Measured): string {
  const unit = ownUnit(of)
  return unit && BARE.test(text) ? text + MEANT + unit : text
}

/** What is kept, as a field shows it: what is in mm or g is put into the unit of the shop. */
export function typedShown(kept: string, of: Measured): string {
  const unit = ownUnit(of)
  if (unit && kept.endsWith(MEANT + unit)) return kept.slice(0, -unit.length - 1)
  if (unit && kept.includes(', '))
    return kept
      .split(', ')
      .map((part) => typedShown(part, of))
      .join(', ')
  const metric = unit && /^(\d+(?:[.,]\d+)?)\s*(mm|g)?$/.exec(kept)
  if (!metric) return kept.replace(MEANT, ' ')
  const value = Number(metric[1]!.replace(',', '.'))
  if (of === 'mass') return typed(value / GRAMS_PER_OUNCE, 3)
  const inch = value / MM_PER_INCH
  const parts = Math.round(inch * FINEST_FRACTION)
  const near = Math.abs(inch - parts / FINEST_FRACTION) * MM_PER_INCH < ON_THE_FRACTION_MM / 2
  return unitsNow().lengths === 'INCH_FRACTIONS' && near && parts > 0
    ? fraction(inch, 0).number.replace('\u00a0', ' ')
    : typed(inch, 4)
}

/** The unit that a field says beside a number without one; nothing in a metric shop, where hints say it. */
export function unitBeside(shown: string, of: Measured): string {
  return shown === '' || BARE.test(shown) ? ownUnit(of) : ''
}

/** Whether a number, or a list of them, was typed without a unit. */
export function withoutUnit(text: string): boolean {
  return BARE.test(text)
}

/** A length as a caliper shows it, in mm; null where it is none. Bare numbers are in the shop's unit. */
export function readMm(entered: string): number | null {
  const text = typedKept(entered.trim(), 'length').replace(MEANT, ' ').replace(',', '.').toLowerCase()
  const plain = /^(\d+(?:\.\d+)?)\s*(mm|in|"|thou)?$/.exec(text)
  const mixed = /^(?:(\d+)[\s-]+)?(\d+)\/([1-9]\d*)\s*(mm|in|"|thou)?$/.exec(text)
  if (!plain && !mixed) return null
  const value = plain ? Number(plain[1]) : Number(mixed![1] ?? 0) + Number(mixed![2]) / Number(mixed![3])
  const unit = (plain ? plain[2] : mixed![4]) ?? 'mm'
  return unit === 'mm' ? value : value * (unit === 'thou' ? MM_PER_INCH / 1000 : MM_PER_INCH)
}
