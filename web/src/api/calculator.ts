import { api, ask } from './client'

/** Asks one of the service's calculators; numbers, or text as it is typed. */
export function askCalculator(id: string, given: Record<string, unknown>): Promise<Record<string, unknown>> {
  const body = given as Record<string, Record<string, never>>
  return ask(api.POST('/api/v1/calculators/{id}', { params: { path: { id } }, body }))
}

/** How the answer of a calculator moves with one of its numbers. */
export function askCurve(id: string, over: string, given: Record<string, unknown>) {
  const body = given as Record<string, Record<string, never>>
  return ask(api.POST('/api/v1/calculators/{id}/curve', { params: { path: { id }, query: { over } }, body }))
}
