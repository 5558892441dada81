import { describe, expect, it } from 'vitest'
import { dueDay, firstOf, found, grouped, inState, type Line } from './find'

const line = (name: string, more: Partial<Line>): Line =>
  ({
    name,
    crew: 'mine',
    kind: 'bench chisel',
    standingWords: 'ready',
    steel: 'plain carbon',
    urgency: 'READY',
    pinned: false,
    touchedAt: null,
    wantedBy: null,
    nextCheck: null,
    ...more,
  }) as Line

const tools = [
  line('24 mm chisel', { nextCheck: '2026-06-01' }),
  line('6 mm chisel', { crew: 'tenants', wantedBy: '2026-05-20', nextCheck: '2026-07-01' }),
  line('cook’s knife', { kind: 'kitchen knife', standingWords: 'at the bench' }),
]

describe('finding a tool on the rack', () => {
  it('asks every word of the search, wherever it stands', () => {
    expect(found(tools, 'chisel').map((t) => t.name)).toEqual(['24 mm chisel', '6 mm chisel'])
    expect(found(tools, 'CHISEL tenants').map((t) => t.name)).toEqual(['6 mm chisel'])
    expect(found(tools, 'kitchen').map((t) => t.name)).toEqual(['cook’s knife'])
    expect(found(tools, 'bench knife').map((t) => t.name)).toEqual(['cook’s knife'])
    expect(found(tools, '  ')).toHaveLength(3)
    expect(found(tools, 'anvil')).toEqual([])
  })

  it('puts what is due first, by the sooner of its days', () => {
    expect(dueDay(tools[1]!)).toBe('2026-05-20')
    expect(grouped(tools, 'due')[0]!.list.map((t) => t.name)).toEqual([
      '6 mm chisel',
      '24 mm chisel',
      'cook’s knife',
    ])
  })

  it('groups by owner, kind and state, and orders numbers as numbers', () => {
    expect(grouped(tools, 'owner').map((g) => g.name)).toEqual(['mine', 'tenants'])
    expect(grouped(tools, 'kind').map((g) => g.list.length)).toEqual([2, 1])
    expect(grouped(tools, 'state').map((g) => g.name)).toEqual(['at the bench', 'ready'])
    expect(grouped(tools, 'name')[0]!.list.map((t) => t.name)).toEqual([
      '6 mm chisel',
      '24 mm chisel',
      'cook’s knife',
    ])
  })

  it('finds by the steel, and by the state that is asked for', () => {
    const old = line('worn gouge', { urgency: 'RETIRED', steel: 'high-speed' })
    expect(found([...tools, old], 'high-speed').map((t) => t.name)).toEqual(['worn gouge'])
    expect(inState([...tools, old], '')).toHaveLength(3)
    expect(inState([...tools, old], 'RETIRED').map((t) => t.name)).toEqual(['worn gouge'])
  })

  it('hangs what is pinned in front, and what was worked on last first', () => {
    const pinned = line('paring slick', { pinned: true })
    const worked = line('jack iron', { touchedAt: '2026-05-20T10:00:00Z' })
    expect(grouped([...tools, pinned], 'owner').map((g) => g.name)).toEqual(['Pinned', 'mine', 'tenants'])
    expect(grouped([...tools, worked], 'recent')[0]!.list[0]!.name).toBe('jack iron')
  })

  it('draws so many lines at first, over the borders of its groups', () => {
    const groups = grouped(tools, 'owner')
    expect(firstOf(groups, 3).map((g) => g.list.length)).toEqual([2, 1])
    expect(firstOf(groups, 2).map((g) => g.name)).toEqual(['mine'])
  })
})
