import { describe, expect, it } from 'vitest'
import { nextSide, nextStation } from './deal'
import type { Side } from './side'

/** Deals strokes one by one as the bench does; gives the sides in the order they were worked. */
function dealt(setOf: number, planned: number, strokes: number): string {
  const done: Record<string, number> = { LEFT: 0, RIGHT: 0 }
  let last: Side = ''
  let order = ''
  for (let i = 0; i < strokes; i++) {
    const side = nextSide(['LEFT', 'RIGHT'], (s) => done[s] ?? 0, setOf, planned, last)
    done[side] = (done[side] ?? 0) + 1
    last = side
    order += side.charAt(0)
  }
  return order
}

describe('whose turn it is', () => {
  it('a whole side at a time', () => {
    expect(dealt(0, 4, 8)).toBe('LLLLRRRR')
  })

  it('past the plan the side that is behind has its turn', () => {
    expect(dealt(0, 2, 6)).toBe('LLRRRL')
  })

  it('every stroke the other side', () => {
    expect(dealt(1, 10, 6)).toBe('LRLRLR')
  })

  it('sets of five', () => {
    expect(dealt(5, 10, 20)).toBe('LLLLLRRRRRLLLLLRRRRR')
  })

  it('a set that was broken off is finished first', () => {
    const counts = (s: string) => (s === 'LEFT' ? 5 : 3)
    expect(nextSide(['LEFT', 'RIGHT'], counts, 5, 20, 'LEFT')).toBe('RIGHT')
  })

  it('a side that got ahead waits', () => {
    const counts = (s: string) => (s === 'LEFT' ? 11 : 4)
    expect(nextSide(['LEFT', 'RIGHT'], counts, 5, 20, 'LEFT')).toBe('RIGHT')
  })

  it('one side alone, or none', () => {
    expect(nextSide(['BEVEL'], () => 3, 0, 10, '')).toBe('BEVEL')
    expect(nextSide([], () => 0, 0, 10, '')).toBe('')
  })
})

describe('the station that is behind', () => {
  it('is the first at the beginning', () => {
    expect(nextStation([6, 4, 2, 4, 6], [0, 0, 0, 0, 0])).toBe(1)
  })

  it('follows the shares of the plan to its end', () => {
    const planned = [6, 4, 2, 4, 6]
    const done = [0, 0, 0, 0, 0]
    for (let i = 0; i < 22; i++) {
      const at = nextStation(planned, done)
      done[at - 1] = (done[at - 1] ?? 0) + 1
    }
    expect(done).toEqual(planned)
  })

  it('is none where there are none', () => {
    expect(nextStation([], [])).toBe(0)
  })

  it('does not divide by a station that plans nothing', () => {
    expect(nextStation([0, 4], [0, 0])).toBe(2)
  })
})
