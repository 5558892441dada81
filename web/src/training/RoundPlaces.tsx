import type { Act, Round } from './useTraining'

type Mark = Round['places'][number]['mark']

const SIGNS: Record<Mark, string> = { THERE: '▲', ABSENT: '–', UNKNOWN: '?' }
const STROKES_AT_A_TOUCH = 5

/** The places along the edge: felt or looked at, or worked, by a touch. */
export function RoundPlaces({
  seen,
  act,
}: {
  seen: Round
  act: (kind: Act['kind'], what: Partial<Act>) => void
}) {
  if (seen.places.length === 0) return null
  const feels = seen.controls.includes('FEEL')
  const works = !feels && seen.controls.includes('STROKES')
  const words: Record<Mark, string> = {
    THERE: seen.probe.there,
    ABSENT: seen.probe.absent,
    UNKNOWN: 'not yet',
  }
  return (
    <div className="pt-3">
      <div
        role="group"
        aria-label="Places along the edge"
        className="grid gap-1"
        style={{ gridTemplateColumns: `repeat(${seen.places.length}, minmax(0, 1fr))` }}
      >
        {seen.places.map((p, i) => (
          <button
            key={i}
            type="button"
            disabled={!feels && !works}
            aria-label={`${seen.probe.act}, place ${i + 1}: ${[p.note, words[p.mark]].filter(Boolean).join(', ')}`}
            className={`min-h-20 border-2 rounded px-0 text-[0.85rem] leading-tight ${
              p.mark === 'THERE' ? 'border-primary font-semibold' : 'border-base-300'
            }`}
            onClick={() =>
              feels
                ? act('FEEL', { place: i })
                : act('STROKES', { place: i, amount: STROKES_AT_A_TOUCH, force: 'MEDIUM' })
            }
          >
            {i + 1}
            <span className="block text-[1.1rem]" aria-hidden="true">
              {SIGNS[p.mark]}
            </span>
            {p.note && <span className="block">{p.note}</span>}
          </button>
        ))}
      </div>
      <p className="quiet pt-1">
        {(feels || works) && `${seen.probe.act} by a touch. `}▲ {seen.probe.there}, – {seen.probe.absent}
      </p>
    </div>
  )
}
