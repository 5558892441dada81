import type { Schemas } from '../api/client'
import { useInstruments } from '../api/instruments'
import { Beam } from '../drawings/Beam'
import type { Hung } from './HungForm'
import { readNumber } from '../ui/format'
import { typedShown } from '../ui/typed'
import { grams, massUnit, mm } from '../ui/units'

/** The beam as the form, the newest try or a live balancer says it stands. */
export function OnTheBeam({
  sheet,
  standing,
  form,
  correcting,
}: {
  sheet: Schemas['BalanceSheet']
  standing: Schemas['BalanceView'] | null
  form: Hung
  correcting: boolean
}) {
  const live = useInstruments(true)?.find((i) => i.kind === 'BEAM')
  const bar = sheet.places.length === 2
  // A disc is drawn edge on: the place in question to the left, the one across from it to the right.
  const heavy = standing?.heavy ?? 0
  const light = form.hungOn
  const left = bar ? sheet.places[0]! : (sheet.places[(heavy || 1) - 1] ?? '')
  const right = bar ? sheet.places[1]! : 'across from it'
  const side = (place: number) => (bar ? place : place === heavy ? 1 : 2)
  const c = standing?.correction ?? null
  const hanging = !correcting && form.method === 'TRIAL_MASS' && light > 0 && form.trial !== ''
  return (
    <>
      <Beam
        heavy={hanging || form.method === 'LEVEL' ? 0 : side(heavy) * (heavy > 0 ? 1 : 0)}
        tiltDeg={live?.live && live.value !== null ? -live.value : undefined}
        left={left}
        right={right}
        spanMm={sheet.spanMm}
        trial={
          hanging
            ? {
                at: side(light),
                radiusMm: readNumber(form.radius) || 1,
                words: `${typedShown(form.trial, 'mass')} ${massUnit()} at ${typedShown(form.radius, 'length')}`,
              }
            : null
        }
        cut={
          c
            ? {
                at: side(heavy),
                radiusMm: c.radiusMm,
                words: `${grams(c.massG, 2)} off: ${mm(c.lengthMm, 2)}, ${mm(c.radiusMm, 0)} out`,
              }
            : null
        }
        label={heavy > 0 ? `${sheet.places[heavy - 1]} is the heavy one` : 'The blade hung by its middle'}
      />
      {live?.live && live.value !== null && (
        <p className="quiet" data-live="BEAM">
          The balancer reads: {Math.abs(live.value) < 0.5 ? 'level' : `${live.value > 0 ? left : right} dips`}
        </p>
      )}
    </>
  )
}
