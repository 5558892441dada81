import type { Schemas } from '../api/client'
import { gramMm, grams } from '../ui/units'

const WORDS: Record<string, string> = {
  LEVEL: 'level',
  GRIND: 'heavy',
  OTHER_END: 'worse: the other end',
  OVERSHOT: 'too much went',
}

/** Every try of this job, drawn to one scale: how far it was out, and what then came off. */
export function Tries({ tries }: { tries: Schemas['TryView'][] }) {
  if (tries.length === 0) return null
  const most = Math.max(...tries.map((t) => t.unbalanceGmm), 1)
  return (
    <section aria-label="Tries so far" className="pt-4">
      <h2 className="font-semibold">Tries so far</h2>
      <ol>
        {tries.map((t) => (
          <li key={t.number} className="grid grid-cols-[2rem_1fr] gap-x-2 py-1 items-center">
            <span className="font-semibold">{t.number}</span>
            <span>
              <svg viewBox="0 0 300 14" className="block w-full max-w-[26rem] h-[14px]" aria-hidden="true">
                <path d="M150 0v14" stroke="var(--steel-line)" strokeWidth="1.5" />
                <rect
                  x={t.heavy === 1 ? 150 - (t.unbalanceGmm / most) * 145 : 150}
                  y="3"
                  width={Math.max(1.5, (t.unbalanceGmm / most) * 145)}
                  height="8"
                  fill={t.state === 'LEVEL' ? 'var(--color-primary)' : 'var(--color-warning)'}
                />
              </svg>
              {t.state === 'DOUBTFUL'
                ? 'level, but hang it once more'
                : t.state === 'LEVEL'
                  ? 'level'
                  : `${gramMm(t.unbalanceGmm)}, ${t.heavyName} ${WORDS[t.state] ?? ''}`}
              {t.removedG > 0 && (
                <span className="quiet">
                  ; {grams(t.removedG, 2)} off {t.removedName}
                </span>
              )}
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}
