import { useEffect, useState } from 'react'
import { takeReading, useInstruments } from '../api/instruments'
import { num } from '../ui/format'

interface LiveProps {
  kind: string
  /** Takes what was read. */
  onTaken: (value: number) => void
  disabled?: boolean
  words?: string
}

/** An instrument as it reads now, and one key to take it. */
export function LiveReading({ kind, onTaken, disabled, words }: LiveProps) {
  const list = useInstruments(true)
  const now = list?.find((i) => i.kind === kind)
  // What was taken before this screen looked is not its own.
  const [had, setHad] = useState<number | null>(null)
  const [trouble, setTrouble] = useState('')
  if (had === null && now) setHad(now.takenNumber)
  const newest = now?.takenNumber ?? 0
  const take = async () => {
    try {
      const reading = await takeReading(kind, had ?? 0)
      setTrouble('')
      onTaken(reading.value)
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : 'It could not be read.')
    }
    setHad(newest)
  }
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement
      // A letter belongs to whoever types words; a field for a reading is where it is wanted.
      const typing = target.closest('textarea, select, input:not([inputmode=decimal])')
      if (typing || e.ctrlKey || e.metaKey || e.altKey) return
      if (e.key.toLowerCase() === 'r' && !e.repeat && !disabled) {
        e.preventDefault()
        void take()
      }
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  })
  if (!now || (!now.live && now.value === null)) return null
  const fresh = now.taken !== null && had !== null && now.takenNumber > had
  return (
    <section aria-label={now.words} className="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
      <p className="min-w-[9rem]">
        <span className="block quiet">{now.words}</span>
        <span className={`text-[2rem] font-semibold ${now.live ? '' : 'quiet'}`} data-live={kind}>
          {now.value === null ? '–' : num(now.value, kind === 'ANGLE_GAUGE' ? 1 : 0)}
          <span className="unit">{now.unit}</span>
        </span>
      </p>
      <button
        type="button"
        className="btn btn-outline min-h-[72px] text-[1.1rem]"
        disabled={disabled || (!now.live && !fresh)}
        onClick={() => void take()}
      >
        {fresh ? `Take ${num(now.taken!, 1)} ${now.unit}` : (words ?? 'Take the reading')} (R)
      </button>
      {!now.live && (
        <p role="status" className="late text-warning font-semibold">
          The {now.words} is not answering. Its last value is shown; it is tried again by itself.
        </p>
      )}
      {now.live && trouble && (
        <p role="alert" className="text-warning font-semibold basis-full">
          {trouble}
        </p>
      )}
    </section>
  )
}
