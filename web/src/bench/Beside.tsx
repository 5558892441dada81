import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { deviceKey } from '../api/local'
import { setTablet, useTablet } from '../api/tablet'

const WATCH_MS = 5000
const TICK_MS = 1000

/** What runs beside the step: other tools at the bench, times, and how this tablet likes to be held. */
export function Beside({ sessionId, toolName }: { sessionId: string; toolName: string }) {
  const [open, setOpen] = useState('')
  const others = useQuery({
    queryKey: ['at-bench'],
    queryFn: () => ask(api.GET('/api/v1/sessions', { params: { query: { device: deviceKey() } } })),
    refetchInterval: WATCH_MS,
    retry: false,
  })
  const times = useTimes()
  const rest = (others.data ?? []).filter((o) => o.id !== sessionId)
  const tab = (name: string, words: string) => (
    <button
      type="button"
      className="btn btn-ghost min-h-14 px-2 font-normal"
      aria-expanded={open === name}
      onClick={() => setOpen(open === name ? '' : name)}
    >
      {words}
    </button>
  )
  return (
    <div className="rule-b">
      <div className="flex flex-wrap items-center gap-x-2">
        {tab('times', 'Times')}
        {rest.length > 0 && tab('others', `${rest.length} more at the bench`)}
        {tab('tablet', 'This tablet')}
      </div>
      {open === 'times' && <Times times={times} toolName={toolName} />}
      {open === 'others' && <Others list={rest} />}
      {open === 'tablet' && <TabletChoices />}
    </div>
  )
}

/** The time that runs out first, in sight at every step. */
export function RunningTime() {
  const times = useTimes()
  if (times.words === '') return null
  return (
    <p className="quiet order-last w-full sm:order-none sm:w-auto sm:ml-auto pb-1 sm:pb-0">{times.words}</p>
  )
}

function Others({ list }: { list: Schemas['AtBench'][] }) {
  return (
    <ul className="pb-3 grid gap-2 sm:grid-cols-2" aria-label="More at the bench">
      {list.map((o) => (
        <li key={o.id}>
          <Link
            href={o.allDone ? `/tools/${o.toolId}/test` : '/bench/' + o.id}
            className="btn btn-outline min-h-[72px] w-full h-auto justify-start text-left leading-tight"
          >
            <span>
              <span className="block font-semibold">{o.toolName}</span>
              <span className="font-normal">
                {o.step} of {o.steps}: {o.title}
              </span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  )
}

function useTimes() {
  const queries = useQueryClient()
  const [now, setNow] = useState(() => Date.now())
  const answer = useQuery({
    queryKey: ['timers'],
    queryFn: async () => {
      const view = await ask(api.GET('/api/v1/timers'))
      // The service has its own clock; what is left is counted from when its answer came.
      return { view, skew: Date.parse(view.now) - Date.now() }
    },
    refetchInterval: WATCH_MS * 2,
    retry: false,
  })
  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), TICK_MS)
    return () => window.clearInterval(timer)
  }, [])
  const left = (endsAt: string) => Math.round((Date.parse(endsAt) - now - (answer.data?.skew ?? 0)) / 1000)
  const running = answer.data?.view.running ?? []
  const first = running[0]
  return {
    running,
    kinds: answer.data?.view.kinds ?? [],
    left,
    words: first
      ? `${kindWords(answer.data!.view.kinds, first.kind)} ${first.label}: ${span(left(first.endsAt))}`
      : '',
    again: () => void queries.invalidateQueries({ queryKey: ['timers'] }),
  }
}

function kindWords(kinds: Schemas['TimerKindView'][], kind: string): string {
  const words = kinds.find((k) => k.kind === kind)?.words ?? ''
  return words.charAt(0).toUpperCase() + words.slice(1)
}

function span(seconds: number): string {
  if (seconds <= 0) return 'over'
  const h = Math.floor(seconds / 3600)
  const m = Math.floor((seconds % 3600) / 60)
  const s = seconds % 60
  return h > 0 ? `${h} h ${m} min` : `${m}:${String(s).padStart(2, '0')}`
}

function Times({ times, toolName }: { times: ReturnType<typeof useTimes>; toolName: string }) {
  const start = async (kind: Schemas['TimerForm']['kind']) => {
    await ask(api.POST('/api/v1/timers', { body: { kind, label: toolName, minutes: '' } })).catch(
      () => undefined,
    )
    times.again()
  }
  const stop = async (id: string) => {
    await ask(api.DELETE('/api/v1/timers/{id}', { params: { path: { id } } })).catch(() => undefined)
    times.again()
  }
  return (
    <div className="pb-3">
      <ul aria-label="Times that run">
        {times.running.map((t) => (
          <li key={t.id ?? t.label} className="flex items-center gap-3 min-h-14 text-[1.15rem]">
            <span className="flex-1">
              {kindWords(times.kinds, t.kind)}: {t.label},{' '}
              <b className={times.left(t.endsAt) <= 0 ? 'text-warning' : ''}>{span(times.left(t.endsAt))}</b>
            </span>
            {t.id && (
              <button type="button" className="btn min-h-14" onClick={() => void stop(t.id!)}>
                Stop it
              </button>
            )}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        {times.kinds.map((k) => (
          <button
            key={k.kind}
            type="button"
            className="btn btn-outline min-h-[72px] h-auto"
            onClick={() => void start(k.kind)}
          >
            {kindWords(times.kinds, k.kind)}, {span(k.seconds)}
          </button>
        ))}
      </div>
      <p className="quiet pt-2">They run on whatever step is in hand, and stand on the bench board.</p>
    </div>
  )
}

function TabletChoices() {
  const tablet = useTablet()
  const toggle = (name: 'leftHanded' | 'spoken', words: string) => (
    <button
      type="button"
      className={`btn min-h-[72px] ${tablet[name] ? 'btn-primary' : 'btn-outline'}`}
      aria-pressed={tablet[name]}
      onClick={() => setTablet({ ...tablet, [name]: !tablet[name] })}
    >
      {words}
    </button>
  )
  return (
    <div className="pb-3">
      <div className="flex flex-wrap gap-2">
        {toggle('leftHanded', 'Buttons on the left')}
        {toggle('spoken', 'Say the count')}
      </div>
      <p className="quiet pt-2">
        Space or a pedal counts, and goes on once the gate is open; ← and → count on one side or the other;
        Enter goes on; Backspace takes back; R takes a reading.
      </p>
    </div>
  )
}
