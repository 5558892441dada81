import type { Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { num, readNumber } from '../ui/format'
import { readMm } from '../ui/typed'

type Pair = Schemas['PairForm']
type Fit = Schemas['CalibrationView']

interface PairsProps {
  pairs: Pair[]
  onChange: (pairs: Pair[]) => void
  fit: Fit | undefined
  fault: (field: string) => string | undefined
  /** What an angle is called here: measured, or printed. */
  angle: string
}

/** Settings of a guide with the angles they give, each with what the fit makes of it. */
export function Pairs({ pairs, onChange, fit, fault, angle }: PairsProps) {
  const put = (i: number, part: Partial<Pair>) =>
    onChange(pairs.map((p, j) => (j === i ? { ...p, ...part } : p)))
  return (
    <>
      <ul className="pt-3 space-y-2">
        {pairs.map((p, i) => {
          const seen = fit?.pairs.find((q) => matches(q, p))
          return (
            <li key={i} className="grid grid-cols-2 sm:grid-cols-[9rem_9rem_minmax(0,1fr)] gap-3 items-start">
              <Field
                label={`Projection ${i + 1}`}
                of="length"
                value={p.projection}
                onChange={(projection) => put(i, { projection })}
                error={fault(`pairs.${i}.projection`)}
              />
              <Field
                label={`Angle ${i + 1}, ${angle}`}
                value={p.angle}
                onChange={(v) => put(i, { angle: v })}
                error={fault(`pairs.${i}.angle`)}
              />
              {seen && (
                <p className="col-span-2 sm:col-span-1 sm:pt-8">
                  {seen.writtenDeg !== null && Math.abs(seen.writtenDeg - seen.modelDeg) > 0.005 && (
                    <>as it was written down it would be {num(seen.writtenDeg, 2)}°; </>
                  )}
                  the fit says {num(seen.modelDeg, 2)}° <b>({signed(seen.residualDeg)}°)</b>
                </p>
              )}
            </li>
          )
        })}
      </ul>
      <button
        type="button"
        className="btn btn-outline min-h-11 mt-3"
        onClick={() => onChange([...pairs, { projection: '', angle: '' }])}
      >
        One more pair
      </button>
    </>
  )
}

function matches(q: Schemas['PairView'], p: Pair): boolean {
  return (
    Math.abs((readMm(p.projection.replace('\u202f', ' ')) ?? NaN) - q.projectionMm) < 1e-6 &&
    Math.abs(readNumber(p.angle) - q.angleDeg) < 1e-6
  )
}

function signed(v: number): string {
  return (v < 0 ? '−' : '+') + num(Math.abs(v), 2)
}
