import type { Schemas } from '../api/client'
import { setTo } from '../drawings/Setting'
import { num } from '../ui/format'
import { force } from '../ui/units'

/** The plan as the steps of the bench, each with what it takes and the question that lets one go on. */
export function StepList({ steps }: { steps: Schemas['StepView'][] }) {
  return (
    <ol className="grid lg:grid-cols-2 gap-x-8 content-start">
      {steps.map((s, i) => (
        <li key={i} className="rule-t py-2 grid grid-cols-[2rem_minmax(0,1fr)]">
          <span className="quiet">{i + 1}</span>
          <div>
            {s.sides.length > 0 || s.how.length > 0 ? (
              <details className="text-[0.94rem]">
                <summary className="min-h-11 py-1 cursor-pointer list-none">
                  <span className="block font-semibold leading-snug text-[1rem]">
                    <span>{s.title}</span>{' '}
                    <span aria-hidden="true" className="fold-mark">
                      ▸
                    </span>
                    <span className="sr-only">, how, what to see, and why</span>
                  </span>
                  <span className="block">{facts(s)}</span>
                </summary>
                {s.how.map((line) => (
                  <p key={line}>{line}</p>
                ))}
                {s.burr && <p className="quiet">Burr: {s.burr}</p>}
                <p>{s.look}</p>
                <p className="quiet">{s.why}</p>
                {s.ifNot && <p className="quiet">If not: {s.ifNot}</p>}
              </details>
            ) : (
              <>
                <p className="font-semibold leading-snug">{s.title}</p>
                <p className="text-[0.94rem]">{facts(s)}</p>
              </>
            )}
            {s.gate && <p className="text-[0.94rem]">{s.gate}</p>}
            {s.caution && <p className="text-[0.94rem] font-semibold text-warning">{s.caution}</p>}
          </div>
        </li>
      ))}
    </ol>
  )
}

function facts(s: Schemas['StepView']): string {
  const parts: string[] = []
  // Plans of an earlier version carry no setting.
  if (s.setting !== null && s.setting !== undefined)
    parts.push(`${s.settingName} ${setTo(s.setting, s.settingUnit)} for ${num(s.angleDeg ?? 0)}°`)
  if (s.sides.length > 0) {
    const range = s.strokesLow === s.strokesHigh ? `${s.strokes}` : `${s.strokesLow}–${s.strokesHigh}`
    parts.push(`${range} strokes${s.sides.length > 1 ? ' a side' : ''}`)
  }
  if (s.forceN !== null) parts.push(`${s.pressure} (${force(s.forceN, 0)})`)
  if (s.lubricant) parts.push(s.lubricant)
  if (parts.length === 0) return s.look
  return parts.join(', ')
}
