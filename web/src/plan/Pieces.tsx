import type { Schemas } from '../api/client'
import { num, span } from '../ui/format'
import { mm3 } from '../ui/units'

type Piece = Schemas['PieceView']

/** All jobs in their order: what face, at which angle, on what, how long. Those on stones can be opened. */
export function Pieces({
  pieces,
  shown,
  show,
  onStones,
}: {
  pieces: Piece[]
  shown: string
  show: (kind: string) => void
  onStones: string[]
}) {
  return (
    <ol aria-label="Jobs of this plan" className="pb-2">
      {pieces.map((p, i) => {
        const open = onStones.includes(p.kind) && pieces.length > 1
        const line = (
          <>
            <span className="text-[1.2rem] font-semibold w-7 shrink-0">{i + 1}</span>
            <span className="grow text-left">
              <span className={p.kind === shown ? 'font-bold' : 'font-semibold'}>{p.words}</span>
              {typeof p.angleDeg === 'number' && <span>, {num(p.angleDeg, p.angleDeg < 3 ? 2 : 1)}°</span>}
              <span className="block text-[0.92rem]">
                {p.by.join(', then ') || 'by hand'}
                {p.volumeMm3 > 0 && <span className="quiet">; {mm3(p.volumeMm3)}</span>}
              </span>
            </span>
            <span className="shrink-0 text-right">
              {p.strokes > 0 && <b>{p.strokes} strokes</b>}
              {p.seconds > 0 && <span className="block text-[0.92rem]">{span(p.seconds)}</span>}
            </span>
          </>
        )
        return (
          <li key={p.kind} className="rule-t">
            {open ? (
              <button
                type="button"
                aria-pressed={p.kind === shown}
                className={`w-full flex items-baseline gap-2 py-2 px-2 min-h-12 cursor-pointer ${
                  p.kind === shown ? 'bg-base-200' : ''
                }`}
                onClick={() => show(p.kind)}
              >
                {line}
              </button>
            ) : (
              <div className="flex items-baseline gap-2 py-2 px-2">{line}</div>
            )}
          </li>
        )
      })}
    </ol>
  )
}
