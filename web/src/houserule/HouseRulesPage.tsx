import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Fold } from '../ui/Fold'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'
import { isChanged, RuleLine } from './RuleLine'

type Rule = Schemas['RuleView']

/** Where practitioners disagree: what the shop goes by, or what one tool is excepted to. */
export function HouseRulesPage({ toolId }: { toolId?: string }) {
  useTitle('House rules')
  const queries = useQueryClient()
  const key = ['house-rules', toolId ?? 'shop']
  const params = { path: { id: toolId ?? '' } }
  const rules = useQuery({
    queryKey: key,
    queryFn: () =>
      toolId
        ? ask(api.GET('/api/v1/tools/{id}/house-rules', { params }))
        : ask(api.GET('/api/v1/house-rules')),
  })
  const evidence = useQuery({
    queryKey: ['house-rules', 'evidence'],
    queryFn: () => ask(api.GET('/api/v1/house-rules/evidence')),
  })
  const pick = useMutation({
    mutationFn: (body: Schemas['RuleForm']) =>
      toolId
        ? ask(api.PUT('/api/v1/tools/{id}/house-rules', { params, body }))
        : ask(api.PUT('/api/v1/house-rules', { body })),
    onSuccess: (answer) => {
      queries.setQueryData(key, answer)
      void queries.invalidateQueries()
    },
  })
  if (rules.isError) return <Trouble error={rules.error} again={() => void rules.refetch()} />
  if (!rules.data) return <Coming />
  const { toolName } = rules.data
  const groups = [...new Set(rules.data.rules.map((r) => r.group))].map((group) =>
    rules.data.rules.filter((r) => r.group === group),
  )
  return (
    <>
      <h1 className="text-[1.5rem] font-semibold pt-5">
        {toolId ? `House rules of the ${toolName}` : 'House rules'}
      </h1>
      <p className="max-w-[40rem] pt-1">
        {toolId ? (
          <>
            An exception stands over what{' '}
            <Link href="/house-rules" className="underline underline-offset-4">
              the shop goes by
            </Link>
            .
          </>
        ) : (
          'Practitioners disagree; a shop picks. A single tool can be an exception: open it from the rack.'
        )}
      </p>
      <Trouble error={pick.error} />
      {groups.map((some) => (
        <Fold
          key={some[0]!.group}
          name={some[0]!.groupWords}
          says={changes(some, !!toolId)}
          open={some.some((r) => isChanged(r, !!toolId))}
        >
          {some.map((r) => (
            <RuleLine
              key={r.rule}
              rule={r}
              toolId={toolId}
              evidence={evidence.data?.filter((e) => e.rule === r.rule) ?? []}
              onPick={(choice) => pick.mutateAsync({ rule: r.rule, choice })}
            />
          ))}
        </Fold>
      ))}
    </>
  )
}

/** What holds in a group, in its head line, and how much of it is not as usual. */
function changes(rules: Rule[], ofTool: boolean): string {
  const changed = rules.filter((r) => isChanged(r, ofTool)).length
  const held = rules.map((r) => {
    const key = (ofTool && r.tool) || r.shop
    return r.options.find((o) => o.key === key)?.words ?? ''
  })
  return held.join(' · ') + (changed > 0 ? ` (${changed} changed)` : '')
}
