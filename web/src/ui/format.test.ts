import { describe, expect, it } from 'vitest'
import { plain, readNumber, signed, spans, typed } from './format'

describe('figures with the decimal sign of the reader', () => {
  it('has the sign of the reader, and nothing else is changed', () => {
    expect(signed(plain(28.84, 1), ',')).toBe('28,8')
    expect(signed(plain(-0.05, 2), ',')).toBe('-0,05')
    expect(signed(plain(1500, 1), ',')).toBe('1500')
  })

  it('stands in a field so that it cannot be read as a thousand', () => {
    expect(typed(1.234, 3, ',')).toBe('1,2340')
    expect(typed(0.125, 3, ',')).toBe('0,125')
    expect(typed(12.5, 3, ',')).toBe('12,5')
    expect(typed(1.234, 3, '.')).toBe('1.234')
  })

  it('is read with either sign', () => {
    expect(readNumber('1,5')).toBe(1.5)
    expect(readNumber('1.5 mm')).toBe(1.5)
    expect(readNumber('')).toBeNaN()
  })
})

describe('a range of times', () => {
  it('is told in one unit, that of its longer end', () => {
    expect(spans(77, 624)).toBe('1.3 to 10 min')
    expect(spans(20, 60)).toBe('20 to 60 s')
    expect(spans(3000, 9000)).toBe('0.8 to 2.5 h')
    expect(spans(59.8, 60.2)).toBe('60 s')
  })
})
