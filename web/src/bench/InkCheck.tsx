import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Field, Pick } from '../ui/Field'
import { Advised } from '../ui/Why'
import type { Session } from './useSession'

type Answer = Schemas['InkView']

const ZONES = ['HEEL', 'MIDDLE', 'EDGE'] as const
const PARTS = ['LEFT', 'CENTRE', 'RIGHT'] as const
type Intent = Schemas['InkForm']['intent']
type Place = Schemas['InkForm']['gone'][number]

const INTENTS: { value: Intent; label: string }[] = [
  { value: 'MATCH', label: 'match the bevel' },
  { value: 'LOWER', label: 'lower it, or thin' },
  { value: 'STEEPEN', label: 'steepen, or a secondary' },
]
/** What a step does to the angle, as the ink check asks it. */
const BY_STEP = {
  MATCH: 'MATCH',
  LOWER: 'LOWER',
  THIN: 'LOWER',
  STEEPEN: 'STEEPEN',
  ADD: 'STEEPEN',
} as const

const START = { intent: 'MATCH' as Intent, gone: [] as Place[], band: '', strokes: '2' }

interface InkProps {
  session: Session
  step: number
  /** What this step does to the angle: the check opens on it. */
  intent: Schemas['StepView']['intent']
  /** Puts a sign down at the step, where it takes that sign; its words. */
  putDown: (sign: string) => (() => void) | undefined
}

/** The ink check: colour the bevel, take a few strokes, tap where the ink is gone. */
export function InkCheck({ session, step, intent, putDown }: InkProps) {
  const [open, setOpen] = useState(false)
  return (
    <div className="pt-3">
      <button
        type="button"
        className="btn btn-outline min-h-[72px] text-[1.1rem]"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        Ink check
      </button>
      {open && <Dialogue session={session} step={step} intent={intent} putDown={putDown} />}
    </div>
  )
}

function Dialogue({ session, step, intent, putDown }: InkProps) {
  const start: typeof START = { ...START, intent: BY_STEP[intent] }
  const [seen, setSeen] = useState(start)
  const [taken, setTaken] = useState<string>()
  const queries = useQueryClient()
  const question = { ...seen, step }
  const answer = useAnswer('ink', session.id, question, (body) =>
    ask(api.POST('/api/v1/sessions/{id}/ink', { params: { path: { id: session.id } }, body })),
  )
  const a = answer.data
  const take = useMutation({
    mutationFn: (now: Answer) =>
      ask(
        api.POST('/api/v1/setups/{id}/ink', {
          params: { path: { id: now.setupId } },
          body: { offDeg: now.change!.offDeg, version: now.setupVersion },
        }),
      ),
    onSuccess: (_, now) => {
      setTaken(now.change!.words)
      setSeen(start)
      void queries.invalidateQueries()
    },
  })
  const change = (more: Partial<typeof START>) => {
    setTaken(undefined)
    setSeen({ ...seen, ...more })
  }
  const tap = (place: Place) =>
    change({
      gone: seen.gone.includes(place) ? seen.gone.filter((g) => g !== place) : [...seen.gone, place],
    })
  const fault = (field: string) => a?.faults.find((f) => f.field === field)?.message
  return (
    <section aria-label="Ink check" className="border-l-4 border-primary pl-3 mt-3 space-y-3">
      <p className="text-[1.15rem]">Ink the bevel with a felt pen, take two strokes {a?.on}, wipe, look.</p>
      <Pick
        legend="The strokes were to"
        value={seen.intent}
        onChange={(intent) => change({ intent })}
        options={INTENTS}
      />
      <BevelGrid gone={seen.gone} tap={tap} ends={a?.ends ?? ['left', 'right']} />
      <div className="grid grid-cols-2 gap-3 max-w-[28rem]">
        <Field
          label="Strokes since inking"
          value={seen.strokes}
          onChange={(strokes) => change({ strokes })}
          error={fault('strokes')}
          hint="there and back is one"
        />
        <Field
          label="Width of the bare band"
          of="length"
          value={seen.band}
          onChange={(band) => change({ band })}
          error={fault('band')}
          hint="if you can measure it"
        />
      </div>
      {taken && (
        <p role="status" className="text-[1.15rem]">
          Taken: {taken} Set it, ink again.
        </p>
      )}
      {a && !taken && seen.gone.length > 0 && (
        <div role="status" className="space-y-1">
          <p className="text-[1.25rem] font-semibold">{a.words}</p>
          {a.off && (
            <div>
              <span className="quiet">off by about </span>
              <Advised advice={a.off} digits={1} />
            </div>
          )}
          {a.unknown && <p>{a.unknown}</p>}
          {a.also.map((w) => (
            <p key={w}>{w}</p>
          ))}
          {a.change && (
            <>
              <p className="text-[1.25rem] font-semibold">{a.change.words}</p>
              <button
                type="button"
                className="btn btn-primary min-h-[72px] text-[1.1rem]"
                disabled={take.isPending}
                onClick={() => take.mutate(a)}
              >
                Change the set-up so
              </button>
            </>
          )}
          {a.sign && putDown(a.sign) && (
            <button
              type="button"
              className="btn btn-outline min-h-[72px] text-[1.1rem]"
              onClick={putDown(a.sign)}
            >
              Save this look at the step
            </button>
          )}
          {take.error instanceof Refused && (
            <p role="alert" className="text-error font-semibold">
              {take.error.message}
            </p>
          )}
        </div>
      )}
    </section>
  )
}

/** The bevel, heel above and edge below, in nine places to tap where bare steel shows. */
function BevelGrid({ gone, tap, ends }: { gone: Place[]; tap: (place: Place) => void; ends: string[] }) {
  const names: Record<string, string> = {
    HEEL: 'heel of the bevel',
    MIDDLE: 'middle',
    EDGE: 'at the edge',
    LEFT: ends[0] ?? 'left',
    CENTRE: 'middle',
    RIGHT: ends[1] ?? 'right',
  }
  return (
    <div>
      <p className="mb-1 font-semibold">Tap where the ink is gone</p>
      <p className="max-w-[28rem] text-center quiet">heel of the bevel</p>
      <div className="grid grid-cols-3 gap-[3px] max-w-[28rem] border-2 border-base-content p-[3px]">
        {ZONES.flatMap((z) =>
          PARTS.map((p) => {
            const place = `${z}_${p}` as const
            const bare = gone.includes(place)
            return (
              <button
                key={place}
                type="button"
                aria-pressed={bare}
                aria-label={`${names[z]}, ${names[p]}: ${bare ? 'bare' : 'inked'}`}
                onClick={() => tap(place)}
                className={`min-h-[72px] text-[0.95rem] ${bare ? 'bg-base-100' : 'inked'}`}
              >
                {bare ? 'bare' : ''}
              </button>
            )
          }),
        )}
      </div>
      <p className="flex justify-between max-w-[28rem] quiet">
        <span>{names['LEFT']}</span>
        <span>the edge</span>
        <span>{names['RIGHT']}</span>
      </p>
    </div>
  )
}
