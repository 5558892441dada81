import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { kitChanged } from '../api/changed'
import { api, ask, type Schemas } from '../api/client'
import { WhatToBuy } from '../plan/WayOut'
import { Fold } from '../ui/Fold'
import { num, span } from '../ui/format'
import { usePerson } from '../ui/person'
import { Wearing } from './Wearing'

/** What is asked of the kit and of the hand; a page that shows it waits, so that nothing moves under a finger. */
export function useCare() {
  const [person] = usePerson()
  const care = useQuery({ queryKey: ['kit-care'], queryFn: () => ask(api.GET('/api/v1/kit/care')) })
  const hand = useQuery({
    queryKey: ['hand', person],
    queryFn: () => ask(api.GET('/api/v1/hand', { params: { query: { person } } })),
  })
  return { person, care, hand, pending: care.isPending || hand.isPending }
}

/** What the kit asks for now, in the order it is done in; what is in the water or drying; what a session said of a stone. */
export function Care() {
  const queries = useQueryClient()
  const { person, care, hand } = useCare()
  const judge = useMutation({
    mutationFn: ({ id, judged }: { id: string; judged: Schemas['JudgeForm']['judged'] }) =>
      ask(api.POST('/api/v1/hand/odd/{id}', { params: { path: { id } }, body: { judged } })),
    onSuccess: () => kitChanged(queries),
  })
  const acts = care.data?.acts ?? []
  const timers = care.data?.timers ?? []
  const odd = hand.data?.odd ?? []
  return (
    <section aria-label="What the kit asks for" className="pt-4 max-w-[48rem]">
      <h2 className="text-[1.05rem] quiet rule-b pb-1">What the kit asks for now</h2>
      {care.data && acts.length + odd.length + timers.length === 0 && (
        <p className="py-3">Nothing: every stone is flat and ready.</p>
      )}
      {odd.map((o) => (
        <div key={o.id} className="rule-b py-3">
          <p>
            <b>The {o.abrasive}</b> {o.words}
          </p>
          <p className="quiet text-[0.94rem]">
            {o.done} strokes on {o.steel}, {num(o.expected, 0)} expected{o.person && `, by ${o.person}`}. It
            is not learned as the hand until you say so.
          </p>
          <div className="flex flex-wrap gap-3 pt-2">
            <button
              type="button"
              className="btn btn-primary min-h-12"
              onClick={() => judge.mutate({ id: o.id, judged: 'STONE' })}
            >
              It was the stone
            </button>
            <button
              type="button"
              className="btn btn-outline min-h-12"
              onClick={() => judge.mutate({ id: o.id, judged: 'HAND' })}
            >
              It was my hand
            </button>
          </div>
        </div>
      ))}
      {timers.map((t) => (
        <p key={t.abrasiveId + t.what} className="rule-b py-3">
          <b>{t.name}</b>: {t.what}, {t.secondsLeft > 0 ? `${span(t.secondsLeft)} to go` : 'ready'}
        </p>
      ))}
      <ol>
        {acts.map((a, i) => (
          <li key={a.abrasiveId + a.kind} className="rule-b py-3 grid grid-cols-[2rem_minmax(0,1fr)]">
            <span className="quiet">{i + 1}</span>
            <span>
              {a.words} <span className="quiet">{a.why}</span>
            </span>
          </li>
        ))}
      </ol>
      <Wearing wearing={care.data?.wearing ?? []} />
      {hand.data && hand.data.learned.length > 0 && <Learned learned={hand.data.learned} person={person} />}
      <Buying />
    </section>
  )
}

function Learned({ learned, person }: { learned: Schemas['LearnedView'][]; person: string }) {
  return (
    <Fold name={`What the log has taught about ${person || 'a hand without a name'}`} id="taught">
      <ul>
        {learned.map((l) => (
          <li key={l.abrasiveId + l.steel} className="rule-t py-2">
            <b>{l.abrasive}</b> on {l.steel}: {num(l.factor, 2)} times the strokes predicted ({num(l.low, 2)}–
            {num(l.high, 2)}), {l.words}. The next session: {num(l.nextLow, 2)}–{num(l.nextHigh, 2)} times,
            two in three.
          </li>
        ))}
      </ul>
    </Fold>
  )
}

/** Asked for, since every tool on the rack is planned anew for it. */
function Buying() {
  const [open, setOpen] = useState(false)
  return (
    <div className="pt-2">
      <button
        type="button"
        className="btn btn-outline min-h-12"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        Which one stone would help most
      </button>
      {open && <WhatToBuy />}
    </div>
  )
}
