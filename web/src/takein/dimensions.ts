import type { Schemas } from '../api/client'

export type Family = Schemas['FamilyView']

/** The letter that stands for a dimension in the drawing and at its field. */
export function letters(family: Family): Record<string, string> {
  return Object.fromEntries(family.dimensions.map((d, i) => [d.field, String.fromCharCode(65 + i)]))
}
