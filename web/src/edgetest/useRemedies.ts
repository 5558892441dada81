import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useLocation } from 'wouter'
import { toolChanged } from '../api/changed'
import { api, ask, type Schemas } from '../api/client'
import { deviceKey } from '../api/local'
import { usePerson } from '../ui/person'
import type { Choice } from './VerdictView'

/** What becomes of the remedies that are accepted: back to the stones, or on to a plan of the work they name. */
export function useRemedies(toolId: string, test: Schemas['TestView'] | null, chosen: Choice) {
  const [person] = usePerson()
  const [, go] = useLocation()
  const queries = useQueryClient()
  const named = Object.values(chosen)
  const body = {
    device: deviceKey(),
    person,
    chosen: Object.entries(chosen).map(([finding, remedy]) => ({ finding: Number(finding), remedy })),
  }
  const params = { path: { id: test?.id ?? '' } }
  const back = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tests/{id}/go-back', { params, body })),
    onSuccess: (s) => {
      toolChanged(queries, toolId)
      // The bench opens at the step that was added, not at the end that it last knew.
      queries.removeQueries({ queryKey: ['session', s.id] })
      go('/bench/' + s.id)
    },
  })
  const plan = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tests/{id}/plan-work', { params, body })),
    onSuccess: (to) => {
      toolChanged(queries, toolId)
      go(to.path)
    },
  })
  const leads = (remedy: string) =>
    test?.verdict.findings.some((f) => f.remedies.some((r) => r.remedy === remedy && r.leads)) ?? false
  return {
    back,
    plan,
    any: named.length > 0,
    /** Whether all that is accepted names work: then there is nothing to be done at the stones first. */
    planned: named.length > 0 && named.every(leads),
  }
}
