import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { edgeName, edges, leftOut, nextEdge } from './teeth'

type Step = Schemas['BenchStepView']

function row(sides: string[], stations: number[], broken: Record<string, number[]> = {}): Step {
  return {
    step: { sides, stations },
    counts: sides.map((side) => ({ side, strokes: 0, stations: [], leftOut: broken[side] ?? [] })),
  } as unknown as Step
}

const two = row(['TOP_BLADE', 'BOTTOM_BLADE'], [3, 3, 3, 3], { TOP_BLADE: [2] })

describe('a row of teeth', () => {
  it('is worked along the first blade, then along the second', () => {
    expect(edges(two).map((e) => `${e.side.charAt(0)}${e.station}`)).toEqual([
      'T1',
      'T2',
      'T3',
      'T4',
      'B1',
      'B2',
      'B3',
      'B4',
    ])
  })

  it('passes over an edge that is broken and one that has had its share', () => {
    const done = (side: string, station: number) => (side === 'TOP_BLADE' && station === 1 ? 3 : 0)
    expect(nextEdge(two, done, null)).toEqual({ side: 'TOP_BLADE', station: 3 })
    expect(leftOut(two, { side: 'TOP_BLADE', station: 2 })).toBe(true)
    expect(leftOut(two, { side: 'BOTTOM_BLADE', station: 2 })).toBe(false)
  })

  it('comes back to what was missed once it has gone round', () => {
    const missed = (side: string, station: number) => (side === 'TOP_BLADE' && station === 3 ? 2 : 3)
    expect(nextEdge(two, missed, { side: 'BOTTOM_BLADE', station: 4 })).toEqual({
      side: 'TOP_BLADE',
      station: 3,
    })
  })

  it('ends when all have had theirs', () => {
    expect(nextEdge(two, () => 3, null)).toBeNull()
  })

  it('names teeth by number and side, and edges round a disc by number', () => {
    expect(edgeName(two, { side: 'TOP_BLADE', station: 3 })).toBe('Tooth 2, left edge, upper blade')
    expect(edgeName(two, { side: 'BOTTOM_BLADE', station: 4 })).toBe('Tooth 2, right edge, lower blade')
    expect(edgeName(row(['TOP_BLADE'], [3, 3]), { side: 'TOP_BLADE', station: 1 })).toBe('Tooth 1, left edge')
    expect(edgeName(row(['EDGES'], [3, 3]), { side: 'EDGES', station: 2 })).toBe('Edge 2')
  })
})
