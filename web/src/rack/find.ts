import type { Schemas } from '../api/client'

export type Line = Schemas['BoardLine']
export type Urgency = Line['urgency']
export type Order = 'owner' | 'due' | 'state' | 'kind' | 'name' | 'recent'

export const ORDERS: { value: Order; label: string }[] = [
  { value: 'owner', label: 'owner' },
  { value: 'due', label: 'what is due first' },
  { value: 'state', label: 'where it stands' },
  { value: 'kind', label: 'kind' },
  { value: 'name', label: 'name' },
  { value: 'recent', label: 'what was worked on last' },
]

/** The tools that every word of a search is found in: in name, owner, kind, steel or where it stands. */
export function found(tools: Line[], search: string): Line[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean)
  return tools.filter((t) => {
    const text = `${t.name} ${t.crew} ${t.kind} ${t.steel} ${t.standingWords}`.toLowerCase()
    return words.every((w) => text.includes(w))
  })
}

/** The tools of a state; with none asked for, all in use. */
export function inState(tools: Line[], state: Urgency | ''): Line[] {
  return tools.filter((t) => (state ? t.urgency === state : t.urgency !== 'RETIRED'))
}

/** The day a tool is wanted or to be looked at again, whichever is sooner; after everything where neither is set. */
export function dueDay(t: Line): string {
  return [t.wantedBy, t.nextCheck].filter((d) => d !== null).sort()[0] ?? '9999'
}

/** Tools in groups with a heading, in an order; what is pinned hangs in front. */
export function grouped(tools: Line[], order: Order): { name: string; list: Line[] }[] {
  const pinned = tools.filter((t) => t.pinned)
  const rest = tools.filter((t) => !t.pinned)
  const front = pinned.length > 0 ? [{ name: 'Pinned', list: [...pinned].sort(byName) }] : []
  return [...front, ...inOrder(rest, order)]
}

const byName = (a: Line, b: Line) => a.name.localeCompare(b.name, undefined, { numeric: true })

function inOrder(tools: Line[], order: Order): { name: string; list: Line[] }[] {
  const one = (list: Line[]) => (list.length > 0 ? [{ name: '', list }] : [])
  if (order === 'due')
    return one([...tools].sort((a, b) => dueDay(a).localeCompare(dueDay(b)) || byName(a, b)))
  if (order === 'name') return one([...tools].sort(byName))
  if (order === 'recent')
    return one(
      [...tools].sort((a, b) => (b.touchedAt ?? '').localeCompare(a.touchedAt ?? '') || byName(a, b)),
    )
  const key = (t: Line) => (order === 'owner' ? t.crew : order === 'kind' ? t.kind : t.standingWords)
  return [...new Set(tools.map(key))]
    .sort((a, b) => a.localeCompare(b))
    .map((name) => ({ name, list: tools.filter((t) => key(t) === name).sort(byName) }))
}

/** The first so many lines of groups, over their borders. */
export function firstOf(
  groups: { name: string; list: Line[] }[],
  most: number,
): { name: string; list: Line[] }[] {
  let room = most
  return groups
    .map((g) => {
      const list = g.list.slice(0, Math.max(0, room))
      room -= list.length
      return { name: g.name, list }
    })
    .filter((g) => g.list.length > 0)
}
