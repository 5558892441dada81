import type { Schemas } from '../api/client'
import { figureDigits, figures, num, plain, signed, significant } from './format'

/** In what the shop reads what was measured. All figures come and go in mm, N and g; they are shown in these. */
export type Units = Omit<Schemas['UnitsView'], 'picked'>

/** A number with its unit, to be set in two sizes. */
export interface Shown {
  number: string
  unit: string
}

export const MM_PER_INCH = 25.4
export const GRAMS_PER_OUNCE = 28.349523125
const NEWTONS_PER_KILOGRAM = 9.80665
export const FINEST_FRACTION = 64
export const ON_THE_FRACTION_MM = 0.05
/** Of an area or a volume below this, thousandths are counted: nobody reads 0.0000644 in³. */
const SMALL = 0.01
const KEPT = 'truekeen.units'
const METRIC: Units = { lengths: 'MILLIMETRES', forces: 'NEWTONS', masses: 'GRAMS' }

let units: Units = kept()
const listeners = new Set<() => void>()

function kept(): Units {
  try {
    return { ...METRIC, ...(JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<Units>) }
  } catch {
    return METRIC
  }
}

/** The units that hold now. */
export function unitsNow(): Units {
  return units
}

/** Takes the shop's pick; a tablet remembers it for when the service cannot be reached. */
export function followUnits(picked: Units): void {
  const { lengths, forces, masses } = picked
  if (lengths === units.lengths && forces === units.forces && masses === units.masses) return
  units = { lengths, forces, masses }
  try {
    localStorage.setItem(KEPT, JSON.stringify(units))
  } catch {
    // A tablet that may keep nothing asks again the next time.
  }
  listeners.forEach((changed) => changed())
}

/** Calls when the units change; gives what ends that. */
export function onUnits(changed: () => void): () => void {
  listeners.add(changed)
  return () => listeners.delete(changed)
}

/** A length (mm), to so many digits of a millimetre. */
export function length(mm: number, digits = 1): Shown {
  const number = plain(mm, digits)
  if (units.lengths === 'MILLIMETRES') return { number: signed(number), unit: 'mm' }
  const shown = Number(number)
  const point = number.indexOf('.')
  return inches(shown, point < 0 ? 0 : number.length - point - 1)
}

function inches(mm: number, digits: number): Shown {
  const inch = mm / MM_PER_INCH
  if (mm === 0) return { number: '0', unit: 'in' }
  if (Math.abs(inch) < (units.lengths === 'INCHES' ? 0.1 : 0.125)) {
    const thou = inch * 1000
    return {
      number: num(thou, Math.max(0, Math.min(2, digits - (Math.abs(thou) >= 10 ? 2 : 1)))),
      unit: 'thou',
    }
  }
  return units.lengths === 'INCHES'
    ? { number: num(inch, Math.min(3, digits + 2)), unit: 'in' }
    : fraction(inch, digits)
}

/** Inches in 64ths, said bare or full where they are off. */
export function fraction(inch: number, digits: number): Shown {
  const parts = Math.round(Math.abs(inch) * FINEST_FRACTION)
  const off = (Math.abs(inch) - parts / FINEST_FRACTION) * MM_PER_INCH
  const side = digits === 0 || Math.abs(off) <= ON_THE_FRACTION_MM ? '' : off < 0 ? ' bare' : ' full'
  const whole = Math.floor(parts / FINEST_FRACTION)
  let over = parts % FINEST_FRACTION
  let under = FINEST_FRACTION
  while (over > 0 && over % 2 === 0) {
    over /= 2
    under /= 2
  }
  // What is one number stays on one line.
  const number = [whole > 0 || over === 0 ? String(whole) : '', over > 0 ? `${over}/${under}` : '']
    .filter(Boolean)
    .join('\u00a0')
  return { number: (inch < 0 ? '-' : '') + number, unit: 'in' + side }
}

/** A length (mm) with its unit. */
export function mm(value: number, digits = 1): string {
  return said(length(value, digits))
}

/** A place along the edge (mm), as a rule finds it: in 64ths where it reads fractions, without a bit more or less. */
export function place(value: number): string {
  return said(length(value, units.lengths === 'INCH_FRACTIONS' ? 0 : 1))
}

/** From one length (mm) to another, the unit said once. */
export function mmTo(from: number, to: number, digits = 1, between = ' to '): string {
  const a = length(from, digits)
  const b = length(to, digits)
  return a.unit === b.unit ? `${a.number}${between}${said(b)}` : `${said(a)}${between}${said(b)}`
}

/** Lengths (mm) in a row, the unit said once. */
export function mmList(values: number[], digits = 1): string {
  const all = values.map((v) => length(v, digits))
  return new Set(all.map((s) => s.unit)).size > 1
    ? all.map(said).join(', ')
    : `${all.map((s) => s.number).join(', ')} ${all[0]?.unit ?? ''}`
}

/** An area (mm²) with its unit. */
export function mm2(value: number, digits = 1): string {
  return powered(value, 2, num(value, digits))
}

/** A volume (mm³) with its unit. */
export function mm3(value: number): string {
  return powered(value, 3, figures(value))
}

function powered(value: number, power: 2 | 3, metric: string): string {
  const sign = power === 2 ? '²' : '³'
  if (units.lengths === 'MILLIMETRES') return `${metric} mm${sign}`
  const inches = value / MM_PER_INCH ** power
  return inches !== 0 && Math.abs(inches) < SMALL
    ? `${significant(inches * 1000, 3)} thousandths in${sign}`
    : `${significant(inches, 3)} in${sign}`
}

/** A mass (g), or what a thread tester reads. */
export function mass(grams: number, digits = 1): Shown {
  const number = plain(grams, digits)
  if (units.masses === 'GRAMS') return { number: signed(number), unit: 'g' }
  const point = number.indexOf('.')
  const shown = point < 0 ? 0 : number.length - point - 1
  return { number: num(Number(number) / GRAMS_PER_OUNCE, Math.min(3, shown + 2)), unit: 'oz' }
}

/** A mass (g) with its unit. */
export function grams(value: number, digits = 1): string {
  return said(mass(value, digits))
}

/** An unbalance (g·mm) with its unit. */
export function gramMm(value: number): string {
  return units.masses === 'GRAMS'
    ? `${figures(value)} g·mm`
    : `${significant(value / GRAMS_PER_OUNCE / MM_PER_INCH, 3)} oz·in`
}

/** A force (N) with its unit. */
export function force(newtons: number, digits = 0): string {
  return units.forces === 'NEWTONS'
    ? `${num(newtons, digits)} N`
    : `${num(newtons / NEWTONS_PER_KILOGRAM, digits + 1)} kg`
}

/** The unit of masses, for a label. */
export function massUnit(): string {
  return units.masses === 'OUNCES' ? 'oz' : 'g'
}

/** The unit of lengths, for a label. */
export function lengthUnit(): string {
  return units.lengths === 'MILLIMETRES' ? 'mm' : 'in'
}

/** A unit the service names, as the shop's. */
export function unitSaid(unit: string): string {
  return unit === 'mm' ? lengthUnit() : unit === 'g' ? massUnit() : unit
}

/** Lengths (mm) for the labels of a rule: about every so many, each with its number. */
export function ruleStep(
  leastMm: number,
  metricStep: number,
): { mm: number; fine: number; label: (mm: number) => string } {
  if (units.lengths === 'MILLIMETRES') return { mm: metricStep, fine: 1, label: (at) => num(at) }
  const off = (inch: number) => Math.abs(Math.log((inch * MM_PER_INCH) / leastMm))
  const inch = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 6, 12].reduce((a, b) => (off(b) < off(a) ? b : a))
  const fractions = units.lengths === 'INCH_FRACTIONS'
  return {
    mm: inch * MM_PER_INCH,
    fine: MM_PER_INCH / 32,
    label: (at) =>
      fractions ? fraction(Math.round((at / MM_PER_INCH) * 64) / 64, 0).number : num(at / MM_PER_INCH, 4),
  }
}

/** A round length (mm) for the bar of a scale, not longer than what is wanted, or the metric one. */
export function barLength(wantedMm: number, metric: number): number {
  if (units.lengths === 'MILLIMETRES') return metric
  const round = [
    0.0001,
    0.0002,
    0.0005,
    0.001,
    0.002,
    0.005,
    0.01,
    0.02,
    0.05,
    1 / 8,
    1 / 4,
    1 / 2,
    1,
    2,
    4,
    6,
    12,
  ]
  const fitting = round.filter((inch) => inch * MM_PER_INCH <= wantedMm)
  return (fitting[fitting.length - 1] ?? 0.0001) * MM_PER_INCH
}

/** What stands at the bar of a scale. */
export function barLabel(mmLong: number): string {
  return units.lengths === 'MILLIMETRES' && mmLong < 1 ? `${num(mmLong * 1000, 1)} µm` : mm(mmLong, 4)
}

/** A figure whose unit the service names: lengths, masses and forces as the shop reads them, others as they are. */
export function figure(value: number, unit: string, digits: number = figureDigits(value)): Shown {
  switch (unit) {
    case 'mm':
      return length(value, digits)
    case 'g':
      return mass(value, digits)
    case 'N':
      return apart(force(value, digits))
    case 'mm²':
      return apart(mm2(value, digits))
    case 'mm³':
      return apart(powered(value, 3, num(value, digits)))
    case 'g·mm':
      return apart(gramMm(value))
    default:
      return { number: num(value, digits), unit }
  }
}

function apart(words: string): Shown {
  const at = words.indexOf(' ')
  return { number: words.slice(0, at), unit: words.slice(at + 1) }
}

/** The same in one text. */
export function figureSaid(value: number, unit: string, digits = 1): string {
  const shown = figure(value, unit, digits)
  return shown.unit === '°' ? shown.number + '°' : said(shown)
}

function said(shown: Shown): string {
  return shown.unit ? `${shown.number} ${shown.unit}` : shown.number
}
