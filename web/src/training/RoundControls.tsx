import { useState } from 'react'
import { Pick } from '../ui/Field'
import type { Act, Round } from './useTraining'

const FEWEST = 1
const SOME = 5
const TILTS = [-1, -0.25, 0.25, 1]
const FORCES = [
  { value: 'LIGHT', label: 'its own weight' },
  { value: 'MEDIUM', label: 'pressed' },
  { value: 'FIRM', label: 'pressed hard' },
] as const

type Force = Act['force']
type Do = (kind: Act['kind'], what?: Partial<Act>) => void

const BUTTON = 'btn btn-outline min-h-14 h-auto px-1 py-2'

/** What can be done in a round, by large buttons. */
export function RoundControls({ seen, act }: { seen: Round; act: Do }) {
  const can = (kind: Act['kind']) => seen.controls.includes(kind)
  const atPlaces = seen.places.length > 0
  return (
    <div className="grid gap-3 pt-3">
      {can('TILT') && (
        <>
          <div className="grid grid-cols-4 gap-2">
            {TILTS.map((t) => (
              <button key={t} type="button" className={BUTTON} onClick={() => act('TILT', { amount: t })}>
                {t < 0 ? `${-t}° lower` : `${t}° steeper`}
              </button>
            ))}
          </div>
          <button
            type="button"
            className="btn btn-primary min-h-14"
            onClick={() => act('STROKES', { amount: 1 })}
          >
            One stroke, and look
          </button>
        </>
      )}
      {can('STROKES') && !can('TILT') && !(atPlaces && !can('FEEL')) && <Strokes seen={seen} act={act} />}
      {can('CHOOSE') && (
        <div className={`grid gap-2 ${atPlaces ? 'grid-cols-3 sm:grid-cols-4' : 'sm:grid-cols-2'}`}>
          {seen.choices.map((c, i) => (
            <button
              key={c}
              type="button"
              className={`${BUTTON} font-normal`}
              onClick={() => act('CHOOSE', { amount: i })}
            >
              {c}
            </button>
          ))}
        </div>
      )}
      {can('DONE') && (
        <button type="button" className="btn btn-outline min-h-14" onClick={() => act('DONE')}>
          Good as it is
        </button>
      )}
    </div>
  )
}

/** Strokes: on the sides there are, as hard as was picked. */
function Strokes({ seen, act }: { seen: Round; act: Do }) {
  const twoSided = seen.sides.length > 0
  const [force, setForce] = useState<Force>(twoSided ? 'LIGHT' : 'MEDIUM')
  const sides = twoSided ? seen.sides : ['']
  return (
    <>
      {twoSided && <Pick legend="How hard" value={force} onChange={setForce} options={[...FORCES]} />}
      {sides.map((side, i) => (
        <div key={side} className="grid grid-cols-2 gap-2">
          {[FEWEST, SOME].map((n) => (
            <button
              key={n}
              type="button"
              className={BUTTON}
              onClick={() => act('STROKES', { amount: n, upper: i === sides.length - 1, force })}
            >
              {n === 1 ? '1 stroke' : `${n} strokes`}
              {side && `, ${side}`}
            </button>
          ))}
        </div>
      ))}
    </>
  )
}
