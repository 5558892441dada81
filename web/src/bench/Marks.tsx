import { useState } from 'react'
import { useDraft } from '../api/local'
import type { Session } from './useSession'
import { readMm, typedShown } from '../ui/typed'
import { lengthUnit } from '../ui/units'
import type { Side } from './side'

interface MarksProps {
  session: Session
  open: boolean
  /** Saves one measure. */
  onRead: (instrument: string, value: number, side: Side, station: number) => void
}

const ENDS: Record<string, string> = {
  FIRST_END: 'Left end',
  SECOND_END: 'Right end',
  EDGES: 'Round the disc',
}
const AT: Record<string, string[]> = {
  FIRST_END: ['inner', 'middle', 'outer'],
  SECOND_END: ['inner', 'middle', 'outer'],
  EDGES: ['first', 'a quarter on', 'half round', 'three quarters'],
}

/** Widths at the marks, or a gap: typed as the calliper shows them and saved when the field is left. */
export function Marks({ session, open, onRead }: MarksProps) {
  const step = session.steps[session.current]!.step
  const here = session.here
  if (!here) return null
  if (step.kind === 'GAP')
    return (
      <div className="max-w-[18rem]">
        <Measure
          label={`Widest gap (${lengthUnit()})`}
          kept={newest(session, 'FEELER', '', 0)}
          name={`${session.id}.${session.current}.gap`}
          open={open}
          onRead={(v) => onRead('FEELER', v, '', 0)}
        />
      </div>
    )
  if (here.marks === 0) return null
  return (
    <section aria-label="Widths at the marks" className="space-y-2">
      {step.kind !== 'MEASURE' && <p className="quiet">Then the same marks again:</p>}
      {step.sides.map((side) => (
        <fieldset key={side}>
          <legend className="font-semibold">{ENDS[side] ?? side}</legend>
          <div className={`grid gap-2 ${here.marks === 4 ? 'grid-cols-2 sm:grid-cols-4' : 'grid-cols-3'}`}>
            {Array.from({ length: here.marks }, (_, i) => (
              <Measure
                key={i}
                label={AT[side]?.[i] ?? `mark ${i + 1}`}
                full={`${ENDS[side] ?? side}, ${AT[side]?.[i] ?? i + 1} (${lengthUnit()})`}
                kept={newest(session, 'CALLIPER', side, i + 1)}
                name={`${session.id}.${session.current}.${side}.${i + 1}`}
                open={open}
                onRead={(v) => onRead('CALLIPER', v, side, i + 1)}
              />
            ))}
          </div>
        </fieldset>
      ))}
    </section>
  )
}

function newest(session: Session, instrument: string, side: Side, station: number): number | null {
  const all = (session.here?.readings ?? []).filter(
    (r) => r.instrument === instrument && r.side === side && r.station === station,
  )
  return all[all.length - 1]?.value ?? null
}

/** One measure: kept as typed through a reload, saved when it reads as a number. */
function Measure({
  label,
  full,
  kept,
  name,
  open,
  onRead,
}: {
  label: string
  full?: string
  kept: number | null
  name: string
  open: boolean
  onRead: (value: number) => void
}) {
  const [draft, setDraft, drop] = useDraft<{ text: string | null }>(`measure.${name}`, { text: null })
  const [wrong, setWrong] = useState(false)
  const text = draft.text ?? (kept === null ? '' : typedShown(String(kept), 'length'))
  const put = () => {
    if (draft.text === null) return
    // Emptied and left: what was saved stands.
    if (draft.text.trim() === '') {
      setWrong(false)
      setDraft({ text: null })
      drop()
      return
    }
    // Only the shape of a number is looked at here; whether it can be is for the service to say.
    const read = readMm(draft.text)
    if (read === null) {
      setWrong(true)
      return
    }
    setWrong(false)
    if (read !== kept) onRead(read)
    setDraft({ text: null })
    drop()
  }
  return (
    <label className="block min-w-0">
      <span className="block text-[0.94rem]">{label}</span>
      <input
        aria-label={full ?? label}
        aria-invalid={wrong || undefined}
        className={`input w-full h-16 text-[1.4rem] ${wrong ? 'input-error' : ''}`}
        inputMode="decimal"
        disabled={!open}
        value={text}
        onChange={(e) => setDraft({ text: e.target.value })}
        // What is typed replaces what stood there: nobody wants 53.854.4.
        onFocus={(e) => e.target.select()}
        onBlur={put}
        onKeyDown={(e) => {
          if (e.key === 'Enter') put()
        }}
      />
      {wrong && <span className="block text-error font-semibold">Millimetres, such as 52.4</span>}
    </label>
  )
}
