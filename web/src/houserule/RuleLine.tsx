import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Choice } from '../ui/Field'
import { num } from '../ui/format'
import { Trouble } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { mm3 } from '../ui/units'

type Rule = Schemas['RuleView']
type Costs = Schemas['RuleCostsView']
type OnTool = Schemas['OnTool']

/** Whether a rule is another than the usual one, or than the shop's. */
export function isChanged(rule: Rule, ofTool: boolean): boolean {
  return ofTool ? rule.tool !== '' : rule.shop !== rule.options[0]!.key
}

interface RuleLineProps {
  rule: Rule
  toolId?: string | undefined
  /** What trials of the shop say for a school. */
  evidence: Schemas['EvidenceView'][]
  onPick: (choice: string) => Promise<unknown>
}

/** One rule: what it changes, what is picked, and what each choice would cost on this bench. */
export function RuleLine({ rule, toolId, evidence, onPick }: RuleLineProps) {
  const ofTool = toolId !== undefined
  const queries = useQueryClient()
  const [person] = usePerson()
  const [costs, setCosts] = useState<Costs | null>(null)
  const [paid, setPaid] = useState<{ words: string; says: string } | null>(null)
  const [trouble, setTrouble] = useState<Error | null>(null)
  const [waits, setWaits] = useState(false)
  const holds = (ofTool && rule.tool) || rule.shop
  const why = rule.options.find((o) => o.key === holds)?.why
  const words = (key: string) => rule.options.find((o) => o.key === key)?.words ?? ''
  const asked = () =>
    queries.fetchQuery({
      queryKey: ['house-rules', 'costs', rule.rule, toolId ?? 'shop', person],
      queryFn: () => {
        const query = { person }
        return toolId
          ? ask(
              api.GET('/api/v1/tools/{id}/house-rules/{rule}/costs', {
                params: { path: { id: toolId, rule: rule.rule }, query },
              }),
            )
          : ask(api.GET('/api/v1/house-rules/{rule}/costs', { params: { path: { rule: rule.rule }, query } }))
      },
    })
  const wait = async (work: () => Promise<void>) => {
    setWaits(true)
    setTrouble(null)
    try {
      await work()
    } catch (e) {
      setTrouble(e as Error)
    } finally {
      setWaits(false)
    }
  }
  // What the change costs is worked out before it is made: afterwards it would cost nothing.
  const pick = (choice: string) =>
    wait(async () => {
      const before = await asked().catch(() => null)
      await onPick(choice)
      const now = choice || rule.shop
      setCosts(null)
      setPaid({ words: words(now), says: said(before?.options.find((o) => o.option === now)) })
    })
  return (
    <div className="rule-b py-3">
      <div className="grid md:grid-cols-[minmax(0,1fr)_24rem] gap-x-8 gap-y-2 items-center">
        <div>
          <h3 className="font-semibold text-[1.08rem]">
            {rule.question}
            {isChanged(rule, ofTool) && (
              <span className="ml-2 text-[0.85rem] border-2 border-primary rounded px-1.5">changed</span>
            )}
          </h3>
          <p className="quiet">Changes: {rule.changes}</p>
          {why && <p>{why}</p>}
          {evidence.map((e) => (
            <p key={e.trial}>
              <Link href={`/trials/${e.trial}`} className="underline underline-offset-4">
                Your trial
              </Link>{' '}
              speaks for “{lower(words(e.choice))}”. {e.words}
            </p>
          ))}
        </div>
        <Choice
          label={`${ofTool ? 'This tool' : 'The shop'}: ${rule.question[0]!.toLowerCase()}${rule.question.slice(1)}`}
          value={ofTool ? rule.tool : rule.shop}
          onChange={(choice) => void pick(choice)}
          options={rule.options.map((o) => ({ value: o.key, label: o.words }))}
          empty={ofTool ? `the shop: ${words(rule.shop)}` : undefined}
        />
      </div>
      <Trouble error={trouble} />
      {paid && (
        <p role="status" className="border-l-4 border-primary pl-3 my-2">
          <b>Saved: {lower(paid.words)}.</b> {paid.says}
        </p>
      )}
      {!costs && (
        <button
          type="button"
          className="btn btn-ghost min-h-11 underline underline-offset-4 font-normal px-0"
          disabled={waits}
          onClick={() => void wait(async () => setCosts(await asked()))}
        >
          {waits ? 'Working it out…' : 'What each would cost here'}
        </button>
      )}
      {costs && (
        <ul aria-label="What each would cost here" className="pt-1">
          {costs.tools.length === 0 && (
            <li>Nothing can be said yet: it is tried on tools that have a plan, and there is none.</li>
          )}
          {costs.tools.length > 0 &&
            costs.options.map((o) => (
              <li key={o.option} className="py-0.5">
                <b>{words(o.option)}:</b> {o.option === holds ? 'holds now.' : said(o)}
              </li>
            ))}
        </ul>
      )}
    </div>
  )
}

function said(cost: Schemas['RuleCostView'] | undefined): string {
  if (cost?.shown === 'IN_UPKEEP') return 'It changes what is done between two sharpenings, and no plan.'
  if (cost?.shown === 'AT_THE_ANGLE')
    return 'It is decided with the angle, so that minutes and strokes depend on what you set there.'
  return onTools(cost?.tools ?? [])
}

/** The difference on each tool, what is alike said once. */
function onTools(tools: OnTool[]): string {
  if (tools.length === 0) return 'Nothing is planned yet that it could be tried on.'
  const said = tools.map((t) => ({ name: t.name, says: difference(t) }))
  if (said.every((s) => s.says === said[0]!.says))
    return `${said[0]!.says[0]!.toUpperCase()}${said[0]!.says.slice(1)}, on the ${said.map((s) => s.name).join(', the ')}.`
  return said.map((s) => `On the ${s.name}: ${s.says}.`).join(' ')
}

function difference(t: OnTool): string {
  if (t.refused) return `not possible. ${t.refused.replace(/\.$/, '')}`
  const parts = [
    more(t.strokes, (v) => `${v} ${v === 1 ? 'stroke' : 'strokes'}`, 'fewer'),
    more(t.minutes, (v) => (v < 0.05 ? '' : `${num(v)} min`)),
    more(t.removedMm3, (v) => (v < 0.005 ? '' : `${mm3(v)} of steel`)),
  ].filter(Boolean)
  return parts.length > 0 ? parts.join(', ') : 'no more and no less work'
}

function more(value: number, words: (size: number) => string, fewer = 'less'): string {
  const said = value === 0 ? '' : words(Math.abs(value))
  return said && `${said} ${value > 0 ? 'more' : fewer}`
}

function lower(words: string): string {
  return words[0]!.toLowerCase() + words.slice(1)
}
