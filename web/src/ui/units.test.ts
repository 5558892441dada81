import { readFileSync } from 'node:fs'
import { afterEach, describe, expect, it } from 'vitest'
import { readMm, typedKept, typedShown } from './typed'
import { followUnits, force, gramMm, grams, mm, mm2, mm3, mmTo, type Units } from './units'

const METRIC: Units = { lengths: 'MILLIMETRES', forces: 'NEWTONS', masses: 'GRAMS' }

afterEach(() => followUnits(METRIC))

/** The service's sentences and the screens' figures are held to the same lines. */
const cases = readFileSync('../core/src/test/resources/units/cases.csv', 'utf8')
  .split('\n')
  .filter((line) => line && !line.startsWith('#'))
  .map((line) => line.split(','))

describe('figures in the units of the shop', () => {
  it.each(cases)('%s %s to %s digits in %s', (unit, kept, digits, lengths, shown) => {
    followUnits({ ...METRIC, lengths: lengths as Units['lengths'] })
    const value = Number(kept)
    const said = unit === 'mm' ? mm(value, Number(digits)) : unit === 'mm²' ? mm2(value) : mm3(value)
    expect(said.replace('\u00a0', ' ')).toBe(shown)
  })

  it('leaves millimetres as they are', () => {
    expect(mm(28.83, 1)).toBe('28.8 mm')
    expect(mm3(84.4)).toBe('84.4 mm³')
    expect(mmTo(0.2, 0.5)).toBe('0.2 to 0.5 mm')
  })

  it('says a unit once for a range unless its ends differ', () => {
    followUnits({ ...METRIC, lengths: 'INCHES' })
    expect(mmTo(0.2, 0.5)).toBe('8 to 20 thou')
    expect(mmTo(2, 20)).toBe('79 thou to 0.79 in')
  })

  it('masses and forces follow their own pick', () => {
    followUnits({ lengths: 'MILLIMETRES', forces: 'KILOGRAMS', masses: 'OUNCES' })
    expect(grams(130, 0)).toBe('4.59 oz')
    expect(grams(1.4)).toBe('0.049 oz')
    expect(force(20)).toBe('2 kg')
    expect(gramMm(720)).toBe('1 oz·in')
    expect(mm(24, 0)).toBe('24 mm')
  })
})

describe('numbers typed without a unit', () => {
  it('are left alone in a metric shop', () => {
    expect(typedKept('24', 'length')).toBe('24')
    expect(typedShown('24 mm', 'length')).toBe('24 mm')
  })

  it('are inches in a shop that reads inches, and come back as they were typed', () => {
    followUnits({ ...METRIC, lengths: 'INCH_FRACTIONS' })
    for (const typed of ['1', '1.5', '1 1/2', '15/16', '.5'.padStart(3, '0')]) {
      expect(typedKept(typed, 'length')).toBe(typed + '\u202fin')
      expect(typedShown(typedKept(typed, 'length'), 'length')).toBe(typed)
    }
    expect(typedKept('24 mm', 'length')).toBe('24 mm')
    expect(typedKept('30 thou', 'length')).toBe('30 thou')
    expect(typedKept('', 'length')).toBe('')
  })

  it('what was kept in mm is shown in inches and changes nothing until it is typed over', () => {
    followUnits({ ...METRIC, lengths: 'INCH_FRACTIONS' })
    expect(typedShown('38.1', 'length')).toBe('1 1/2')
    expect(typedShown('24 mm', 'length')).toBe('0.9449')
    followUnits({ ...METRIC, lengths: 'INCHES' })
    expect(typedShown('24 mm', 'length')).toBe('0.9449')
    expect(typedShown('28.35', 'length')).toBe('1.1161')
  })

  it('inches kept in a draft stay inches when the shop goes back to mm', () => {
    expect(typedShown('1.5\u202fin', 'length')).toBe('1.5 in')
  })

  it('reads a caliper in every unit', () => {
    expect(readMm('3.2')).toBe(3.2)
    expect(readMm('3,2 mm')).toBe(3.2)
    expect(readMm('1/8"')).toBeCloseTo(3.175)
    expect(readMm('1 1/8 in')).toBeCloseTo(28.575)
    expect(readMm('30 thou')).toBeCloseTo(0.762)
    expect(readMm('three')).toBeNull()
    expect(readMm('0.78743/4')).toBeNull()
    expect(readMm('1.5 1/2 in')).toBeNull()
    expect(readMm('')).toBeNull()
    followUnits({ ...METRIC, lengths: 'INCHES' })
    expect(readMm('0.5')).toBeCloseTo(12.7)
    expect(readMm('12.7 mm')).toBeCloseTo(12.7)
  })
})
