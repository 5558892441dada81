import type { Schemas } from '../api/client'

export type Line = Schemas['BoardLine']
export type Order = 'owner' | 'due' | 'state' | 'kind' | 'name'

export const ORDERS: { value: Order; label: string }[] = [
  { value: 'owner', label: 'owner' },
  { value: 'due', label: 'what is due first' },
  { value: 'state', label: 'where it stands' },
  { value: 'kind', label: 'kind' },
  { value: 'name', label: 'name' },
]

/** The tools that every word of a search is found in: in the name, the owner, the kind or where it stands. */
export function found(tools: Line[], search: string): Line[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean)
  return tools.filter((t) => {
    const text = `${t.name} ${t.crew} ${t.kind} ${t.standingWords}`.toLowerCase()
    return words.every((w) => text.includes(w))
  })
}

/** The day a tool is wanted or to be looked at again, whichever is sooner; after everything where neither is set. */
export function dueDay(t: Line): string {
  return [t.wantedBy, t.nextCheck].filter((d) => d !== null).sort()[0] ?? '9999'
}

/** Tools in groups with a heading, in an order: by due there is one list, without headings. */
export function grouped(tools: Line[], order: Order): { name: string; list: Line[] }[] {
  const byName = (a: Line, b: Line) => a.name.localeCompare(b.name, undefined, { numeric: true })
  if (order === 'due')
    return [
      {
        name: '',
        list: [...tools].sort((a, b) => dueDay(a).localeCompare(dueDay(b)) || byName(a, b)),
      },
    ]
  if (order === 'name') return [{ name: '', list: [...tools].sort(byName) }]
  const key = (t: Line) => (order === 'owner' ? t.crew : order === 'kind' ? t.kind : t.standingWords)
  return [...new Set(tools.map(key))]
    .sort((a, b) => a.localeCompare(b))
    .map((name) => ({ name, list: tools.filter((t) => key(t) === name).sort(byName) }))
}
