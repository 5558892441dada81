import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Choice } from '../ui/Field'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'

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
  const now = rules.data.rules.filter((r) => r.actsNow)
  const later = rules.data.rules.filter((r) => !r.actsNow)
  const list = (some: Rule[]) =>
    some.map((r) => (
      <RuleLine
        key={r.rule}
        rule={r}
        ofTool={!!toolId}
        onPick={(choice) => pick.mutate({ rule: r.rule, choice })}
      />
    ))
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
      <section aria-label="At work now" className="pt-5">
        <h2 className="text-[1.05rem] quiet rule-b pb-1">At work now: geometry and angle</h2>
        {list(now)}
      </section>
      <section aria-label="Kept for later stages" className="pt-6">
        <h2 className="text-[1.05rem] quiet rule-b pb-1">
          Kept, and heeded once the stages they belong to read them
        </h2>
        {list(later)}
      </section>
    </>
  )
}

function RuleLine({
  rule,
  ofTool,
  onPick,
}: {
  rule: Rule
  ofTool: boolean
  onPick: (choice: string) => void
}) {
  const holds = (ofTool && rule.tool) || rule.shop
  const why = rule.options.find((o) => o.key === holds)?.why
  const shop = rule.options.find((o) => o.key === rule.shop)?.words ?? ''
  return (
    <div className="rule-b py-3 grid md:grid-cols-[minmax(0,1fr)_24rem] gap-x-8 gap-y-2 items-center">
      <div>
        <h3 className="font-semibold text-[1.08rem]">{rule.question}</h3>
        <p className="quiet">Changes: {rule.changes}</p>
        {why && <p>{why}</p>}
      </div>
      <Choice
        label={`${ofTool ? 'This tool' : 'The shop'}: ${rule.question[0]!.toLowerCase()}${rule.question.slice(1)}`}
        value={ofTool ? rule.tool : rule.shop}
        onChange={onPick}
        options={rule.options.map((o) => ({ value: o.key, label: o.words }))}
        empty={ofTool ? `the shop: ${shop}` : undefined}
      />
    </div>
  )
}
