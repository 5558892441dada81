import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useLocation, useSearch } from 'wouter'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { PromiseLine } from '../day/PromiseLine'
import { OwnerChoice } from '../shop/OwnerChoice'
import { putOn, useTicket } from '../ticket/useTicket'
import { Section } from '../drawings/Section'
import { Strip } from '../drawings/Strip'
import { Sheet, ToolHead, useStages, useTool } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Choice, Field } from '../ui/Field'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { Brings, NOTHING_KNOWN } from './Brings'
import { usual } from './dimensions'
import { DimensionFields } from './DimensionFields'
import { Measures } from './Measures'
import { What } from './What'
import { useTitle } from '../ui/useTitle'

type Form = Schemas['ToolForm']
type Tool = Schemas['ToolView']

const EMPTY: Form = {
  name: '',
  crewId: '',
  trade: '',
  steel: '',
  hardness: '',
  dimensions: {},
  note: '',
  wantedBy: '',
  brings: NOTHING_KNOWN,
  version: 0,
}

function formOf(t: Tool): Form {
  return {
    name: t.name,
    crewId: t.crewId,
    trade: t.trade,
    steel: t.steel,
    hardness: t.hardnessHrc === null ? '' : String(t.hardnessHrc),
    dimensions: t.typed,
    note: t.note,
    wantedBy: t.wantedBy,
    brings: t.brings,
    version: t.version,
  }
}

/** Taking a tool in, or changing what was put down at the door. */
export function TakeInPage({ toolId }: { toolId?: string }) {
  const tool = useTool(toolId ?? '')
  const asked = new URLSearchParams(useSearch())
  const first = asked.get('first')
  const ticket = asked.get('ticket')
  if (!toolId && first) return <FirstTool trade={first} />
  if (!toolId && ticket) return <OnTicket id={ticket} />
  if (!toolId) return <TakeIn start={EMPTY} draft="take-in" />
  if (tool.isError) return <Trouble error={tool.error} />
  if (!tool.data) return <Coming />
  return (
    <TakeIn start={formOf(tool.data)} draft={`take-in.${toolId}.${tool.data.version}`} tool={tool.data} />
  )
}

/** A tool that came with others: whose it is and the day stand on their ticket. */
function OnTicket({ id }: { id: string }) {
  const ticket = useTicket(id)
  if (ticket.isError) return <Trouble error={ticket.error} />
  if (!ticket.data) return <Coming />
  const start = { ...EMPTY, crewId: ticket.data.crewId, wantedBy: ticket.data.promised ?? '' }
  return <TakeIn start={start} draft={`take-in.ticket.${id}`} ticket={ticket.data} />
}

/** The first tool of an empty shop: all that can be taken as usual is filled in, and said to be so. */
function FirstTool({ trade }: { trade: string }) {
  const choices = useChoices()
  const crews = useQuery({ queryKey: ['crews'], queryFn: () => ask(api.GET('/api/v1/crews')) })
  const error = choices.error ?? crews.error
  if (error) return <Trouble error={error} />
  if (!choices.data || !crews.data) return <Coming />
  const chosen = choices.data.trades.find((t) => t.key === trade)
  const family = choices.data.families.find((f) => f.geometry === chosen?.geometry)
  const start: Form = {
    ...EMPTY,
    name: chosen ? `my ${chosen.tool}` : '',
    crewId: crews.data[0]?.id ?? '',
    trade: chosen?.key ?? '',
    steel: choices.data.steels.find((s) => s.name === 'unknown')?.name ?? '',
    dimensions: family && chosen ? usual(family, chosen) : {},
  }
  return <TakeIn start={start} draft={`take-in.first.${trade}`} brief />
}

function useChoices() {
  return useQuery({
    queryKey: ['take-in-choices'],
    queryFn: () => ask(api.GET('/api/v1/take-in/choices')),
    staleTime: Infinity,
  })
}

function TakeIn({
  start,
  draft,
  tool,
  ticket,
  brief,
}: {
  start: Form
  draft: string
  tool?: Tool
  /** The ticket it goes onto. */
  ticket?: Schemas['TicketView']
  /** Whether what it is has been said already, so that the measures come first. */
  brief?: boolean
}) {
  const [form, setForm, drop] = useDraft(draft, start)
  // Of a tool that was taken in before nobody knows any more which of its dimensions were measured.
  const [asUsual, setAsUsual, dropAsUsual] = useDraft(`${draft}.usual`, {
    fields: brief ? Object.keys(start.dimensions) : [],
  })
  useTitle('Take in', tool?.name ?? '')
  const [tried, setTried] = useState(false)
  const [lit, setLit] = useState('')
  const [, go] = useLocation()
  const queries = useQueryClient()
  const choices = useChoices()
  const preview = useAnswer('take-in', draft, form, (body) =>
    ask(api.POST('/api/v1/take-in/preview', { body })),
  )
  const save = useMutation({
    mutationFn: () =>
      tool
        ? ask(api.PUT('/api/v1/tools/{id}', { params: { path: { id: tool.id } }, body: form }))
        : ask(api.POST('/api/v1/tools', { body: form })),
    onSuccess: async (saved) => {
      drop()
      dropAsUsual()
      if (ticket) await ask(putOn(ticket.id, [saved.id]))
      void queries.invalidateQueries()
      go(ticket ? `/tickets/${ticket.id}` : tool ? `/tools/${saved.id}` : `/tools/${saved.id}/survey`)
    },
    onError: () => setTried(true),
  })
  const set = (name: Exclude<keyof Form, 'brings' | 'dimensions' | 'version'>) => (value: string) =>
    setForm({ ...form, [name]: value })
  const refused = save.error instanceof Refused ? save.error : undefined
  const live = preview.data
  const fault = (field: string) => live?.faults.find((f) => f.field === field)?.message ?? refused?.at(field)
  const trade = choices.data?.trades.find((t) => t.key === form.trade)
  const family = choices.data?.families.find((f) => f.geometry === trade?.geometry)
  const pickTrade = (key: string) => {
    const next = choices.data?.trades.find((t) => t.key === key)
    const fields = choices.data?.families.find((f) => f.geometry === next?.geometry)?.dimensions ?? []
    const known = new Set([...fields.map((d) => d.field), 'bevelLength'])
    // What was typed stays for as long as the new family asks for it too.
    const kept = Object.entries(form.dimensions).filter(([field]) => known.has(field))
    setForm({ ...form, trade: key, dimensions: Object.fromEntries(kept) })
  }
  const hardness = choices.data?.steels.find((s) => s.name === form.steel)?.hardness
  const names = [...new Set(choices.data?.trades.map((t) => t.tool) ?? [])]
  return (
    <>
      {tool ? (
        <Head tool={tool} />
      ) : (
        <h1 className="text-[1.5rem] font-semibold pt-5">
          Take a tool in{ticket && `, ticket ${ticket.number}`}
        </h1>
      )}
      <Sheet
        drawing={
          <>
            {family ? (
              <div className={`lg:sticky z-10 bg-base-100 ${tool ? 'lg:top-[7.4rem]' : 'lg:top-0'}`}>
                <Measures family={family} lit={lit} />
              </div>
            ) : (
              <p className="quiet py-6 max-w-[34rem]">
                Say what kind of tool it is, and where to measure it is drawn here: each family has its own
                dimensions.
              </p>
            )}
            {live?.section && (
              <div className="rule-t mt-4 pt-2">
                <h2 className="quiet">As you describe it</h2>
                {live.layout && <Strip layout={live.layout} label="The edge as described" />}
                <Section view={live.section} label="Section of the edge as described" />
              </div>
            )}
            {live?.remark && <Notice>{live.remark}</Notice>}
            <div className="rule-t mt-4 pt-4 grid sm:grid-cols-[minmax(0,1fr)_14rem] gap-4">
              <Field
                label="What the owner said"
                value={form.note}
                onChange={set('note')}
                lines={3}
                error={fault('note')}
              />
              <Field
                label="Wanted by"
                type="date"
                value={form.wantedBy}
                onChange={set('wantedBy')}
                error={form.wantedBy || tried ? fault('wantedBy') : undefined}
              />
            </div>
            {draft === 'take-in' && <PromiseLine things={1} onTake={set('wantedBy')} />}
          </>
        }
        decisions={
          <>
            <What brief={brief} words={`${form.name}, ${trade?.use ?? ''}, steel ${form.steel}`}>
              <div className="grid grid-cols-2 gap-3">
                <Field
                  label="What it is called here"
                  value={form.name}
                  onChange={set('name')}
                  error={tried ? fault('name') : undefined}
                />
                <OwnerChoice
                  value={form.crewId}
                  onChange={set('crewId')}
                  error={tried ? refused?.at('crewId') : undefined}
                />
              </div>
              <Choice
                label="Kind of tool, and its work"
                value={form.trade}
                onChange={pickTrade}
                empty="choose"
                options={names.flatMap((n) =>
                  (choices.data?.trades ?? [])
                    .filter((t) => t.tool === n)
                    .map((t) => ({ value: t.key, label: `${t.tool}: ${t.use}` })),
                )}
                error={tried ? fault('trade') : undefined}
              />
              <div className="grid grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] gap-3">
                <Choice
                  label="Steel"
                  value={form.steel}
                  onChange={set('steel')}
                  empty="choose; there is “unknown”"
                  options={(choices.data?.steels ?? []).map((s) => ({
                    value: s.name,
                    label: s.examples ? `${s.name} (${s.examples})` : s.name,
                  }))}
                  error={tried ? fault('steel') : undefined}
                />
                <Field
                  label="Hardness, HRC"
                  inputMode="decimal"
                  value={form.hardness}
                  onChange={set('hardness')}
                  error={form.hardness ? fault('hardness') : undefined}
                  hint={hardness ? `if known; usual ${hardness}` : 'if known'}
                />
              </div>
            </What>
            {family && trade && (
              <DimensionFields
                family={family}
                usual={usual(family, trade)}
                typed={form.dimensions}
                asUsual={asUsual.fields}
                onChange={(dimensions, fields) => {
                  setForm({ ...form, dimensions })
                  setAsUsual({ fields })
                }}
                echo={(field) => live?.echoes.find((e) => e.field === field)?.understood}
                fault={fault}
                tried={tried}
                onLook={setLit}
              />
            )}
            {trade && (
              <Brings
                asked={trade.asked}
                brings={form.brings ?? NOTHING_KNOWN}
                onChange={(brings) => setForm({ ...form, brings })}
                fault={fault}
              />
            )}
          </>
        }
      />
      <Act
        onClick={() => save.mutate()}
        busy={save.isPending}
        note={
          refused
            ? refused.faults.length > 1
              ? `${refused.faults.length} things to put right, marked at their fields.`
              : refused.message
            : undefined
        }
      >
        {tool
          ? 'Save the change'
          : ticket
            ? `Put it onto ticket ${ticket.number}`
            : 'Take it in, survey next'}
      </Act>
    </>
  )
}

function Head({ tool }: { tool: Tool }) {
  const stages = useStages(tool.id)
  if (!stages.data) return null
  return <ToolHead stages={stages.data} at="TAKE_IN" />
}
