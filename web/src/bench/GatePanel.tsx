import { useState, type ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { SignButton, Zones } from '../ui/Signs'

type Here = Schemas['HereView']
type Sign = Schemas['TapView']

/** Signs that are shown before more are asked for. */
const FIRST = 4

interface GateProps {
  here: Here
  /** The question of the step. */
  asked: string
  open: boolean
  marking: Sign | null
  onTap: (sign: Sign) => void
  onPlace: (fromMm: number, toMm: number) => void
  layout: Schemas['LayoutView']
}

/** What is seen, in one tap each, and what follows from it. */
export function GatePanel({ here, asked, open, marking, onTap, onPlace, layout }: GateProps) {
  const [all, setAll] = useState(false)
  const stands = (sign: string) => here.seen.some((s) => s.sign === sign)
  // The likely ones first; what was put down stays in sight.
  const shown = here.offers.filter((o, i) => all || i < FIRST || stands(o.sign))
  return (
    <div>
      {here.gate.state === 'SHUT' && (
        <div role="alert" className="border-l-4 border-warning pl-3 mb-3">
          <ul aria-label="Before you go on">
            {here.gate.todo.map((t) => (
              <li key={t.words} className="at-arm py-0.5">
                {t.words}
              </li>
            ))}
            {here.gate.strokesSince > 0 && (
              <li className="quiet">Seen before the last strokes: look again.</li>
            )}
          </ul>
        </div>
      )}
      {here.gate.state === 'ASK' && here.gate.words !== asked && (
        <p role="alert" className="border-l-4 border-warning pl-3 mb-3 at-arm font-semibold">
          {here.gate.words}
        </p>
      )}
      {here.gate.notes.map((n) => (
        <p key={n} className="border-l-4 border-base-300 pl-3 mb-2">
          {n}
        </p>
      ))}
      {marking ? (
        <Places sign={marking} layout={layout} onPlace={onPlace} onLeave={() => onTap(marking)} />
      ) : (
        here.offers.length > 0 && (
          <fieldset>
            <legend className="sr-only">Tap what you see</legend>
            <div className="grid grid-cols-2 gap-4">
              {shown.map((s) => (
                <SignButton
                  key={s.sign}
                  sign={s}
                  pressed={stands(s.sign)}
                  disabled={!open}
                  onClick={() => onTap(s)}
                  size="min-h-[72px] at-arm px-3"
                  after={s.placed ? ', where' : ''}
                />
              ))}
            </div>
            {shown.length < here.offers.length && (
              <button
                type="button"
                className="underline underline-offset-4 min-h-14 at-arm"
                onClick={() => setAll(true)}
              >
                Something else seen
              </button>
            )}
          </fieldset>
        )
      )}
    </div>
  )
}

/** Where along the edge: a third of it in one touch, or a stretch dragged on the strip. */
function Places({
  sign,
  layout,
  onPlace,
  onLeave,
}: {
  sign: Sign
  layout: Schemas['LayoutView']
  onPlace: (fromMm: number, toMm: number) => void
  onLeave: () => void
}) {
  return (
    <div className="mt-3 border-l-4 border-primary pl-3">
      <p className="text-[1.1rem] font-semibold mb-2">Where: {sign.words}? Drag it on the strip, or</p>
      <div className="grid grid-cols-3 gap-2">
        <Zones layout={layout} onPlace={onPlace} size="min-h-[72px]" />
      </div>
      <button type="button" className="btn btn-ghost min-h-14 mt-2" onClick={onLeave}>
        Never mind
      </button>
    </div>
  )
}

/** The burr's thread: where it is now, what to feel for, what would tear it off early. */
export function BurrLine({ burr, children }: { burr: Schemas['BurrView']; children?: ReactNode }) {
  return (
    <section aria-label="Burr" className="my-3 flex gap-3 items-start">
      <BurrSign life={burr.life} />
      <div className="min-w-0 at-arm">
        <p>
          <b>{burr.words}</b> {burr.ask}
        </p>
        {burr.warning && (
          <p role="alert" className="font-semibold text-warning">
            {burr.warning}
          </p>
        )}
        {burr.moments.length > 0 && (
          <details>
            <summary className="quiet min-h-11 inline-flex items-center cursor-pointer">
              What became of it so far
            </summary>
            <ol className="quiet">
              {burr.moments.map((m, i) => (
                <li key={i}>{m}</li>
              ))}
            </ol>
          </details>
        )}
        {children}
      </div>
    </section>
  )
}

/** An edge seen end on with its burr: none, up, finer, turned to the other face, gone. */
function BurrSign({ life }: { life: string }) {
  const lip: Record<string, string> = {
    RAISED: 'M6 30q-6 3 -1 9',
    FINER: 'M6 30q-3 2 -1 5',
    TURNED: 'M6 30q-6 -3 -2 -10',
  }
  return (
    <svg width="56" height="48" viewBox="0 0 56 48" aria-hidden="true" className="shrink-0">
      <path d="M6 30L52 10V30Z" className="steel" strokeWidth="1.6" />
      {lip[life] && <path d={lip[life]} fill="none" stroke="var(--color-warning)" strokeWidth="2.6" />}
      {life === 'GONE' && (
        <path d="M1 37l5 5 8 -9" fill="none" stroke="var(--color-primary)" strokeWidth="2.6" />
      )}
    </svg>
  )
}

/** What an instrument read at this step, and what that means. */
export function Taken({ readings }: { readings: Schemas['TakenView'][] }) {
  if (readings.length === 0) return null
  return (
    <ul aria-label="Readings taken">
      {readings.map((r, i) => (
        <li key={i} className="py-1 text-[1.1rem]">
          <b>
            {num(r.value)} {r.unit}
          </b>{' '}
          {r.words}. {r.says}
        </li>
      ))}
    </ul>
  )
}
