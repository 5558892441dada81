import { useCallback, useState } from 'react'
import { LiveReading } from '../bench/LiveReading'
import type { Refused, Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { typed } from '../ui/format'
import { massUnit, place } from '../ui/units'

interface ForceProps {
  sheet: Schemas['TestSheet']
  grams: string[]
  setGrams: (grams: string[]) => void
  refused: Refused | undefined
}

/** Force at stations, typed or taken from the tester: a reading goes to the first station that is empty. */
export function Force({ sheet, grams, setGrams, refused }: ForceProps) {
  const [at, setAt] = useState<number | null>(null)
  const empty = sheet.stations.findIndex((_, i) => (grams[i] ?? '') === '')
  const station = at ?? (empty < 0 ? sheet.stations.length - 1 : empty)
  const taken = useCallback(
    (value: number) => {
      setGrams(sheet.stations.map((_, i) => (i === station ? typed(value, 1) : (grams[i] ?? ''))))
      setAt(null)
    },
    [grams, setGrams, sheet.stations, station],
  )
  const error = (i: number) =>
    refused?.at(`readings[${i}].grams`) ?? (i === 0 ? refused?.at('readings') : undefined)
  return (
    <section aria-label="Readings" className="pt-4">
      <h2 className="text-[1.2rem] font-semibold">Force at five stations along the edge ({massUnit()})</h2>
      <p className="quiet">Lower is keener. Repeat a reading that surprises.</p>
      <LiveReading
        kind="THREAD_TESTER"
        onTaken={taken}
        words={`Take it at ${place(sheet.stations[station] ?? 0)}`}
      />
      <div className="grid grid-cols-2 sm:grid-cols-5 gap-3 pt-3">
        {sheet.stations.map((at, i) => (
          <div
            key={at}
            onFocus={() => setAt(i)}
            className={i === station ? 'border-b-4 border-primary' : 'border-b-4 border-transparent'}
          >
            <Field
              label={`at ${place(at)}`}
              of="mass"
              inputMode="decimal"
              value={grams[i] ?? ''}
              onChange={(v) => setGrams(sheet.stations.map((_, n) => (n === i ? v : (grams[n] ?? ''))))}
              error={error(i)}
            />
          </div>
        ))}
      </div>
    </section>
  )
}
