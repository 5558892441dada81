import type { Schemas } from '../api/client'

export type Family = Schemas['FamilyView']

/** The letter that stands for a dimension in the drawing and at its field. */
export function letters(family: Family): Record<string, string> {
  return Object.fromEntries(family.dimensions.map((d, i) => [d.field, String.fromCharCode(65 + i)]))
}

/** What a tool of a family at its work usually measures, as it would be typed. */
export function usual(family: Family, trade: Schemas['TradeView']): Record<string, string> {
  const of = (d: Family['dimensions'][number]) => (d.field === 'primary' ? trade.usualPrimary : d.usual)
  return Object.fromEntries(family.dimensions.filter((d) => d.needed && of(d)).map((d) => [d.field, of(d)]))
}
