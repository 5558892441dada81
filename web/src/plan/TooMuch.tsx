import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { span } from '../ui/format'
import type { Wish } from './wish'

type Way = Schemas['WayOutView']

/** Said first where a plan asks too much of hands: the number, and the ways out of it in figures. */
export function TooMuch({
  tooMuch,
  wish,
  setWish,
  toolId,
}: {
  tooMuch: Schemas['TooMuchView']
  wish: Wish
  setWish: (w: Wish) => void
  toolId: string
}) {
  return (
    <section
      role={tooMuch.tooMuch ? 'alert' : 'note'}
      aria-label={tooMuch.tooMuch ? 'Too much by hand' : 'What could be spared'}
      className={`border-l-4 pl-3 py-1 mb-3 ${tooMuch.tooMuch ? 'border-warning' : 'border-base-300'}`}
    >
      <p className="font-semibold">{tooMuch.words}</p>
      {tooMuch.ways.length > 0 ? (
        <>
          {tooMuch.tooMuch && <p>Ways out:</p>}
          <ul>
            {tooMuch.ways.map((w) => (
              <li key={w.way + w.subject} className="py-1 flex flex-wrap gap-x-3 items-baseline">
                <span>
                  {w.words}: <b>{span(w.savesMinutes * 60)} less</b>
                  {w.strokes > 0 && <span className="quiet">, {w.strokes} strokes at most on one stone</span>}
                </span>
                <Take way={w} wish={wish} setWish={setWish} toolId={toolId} />
              </li>
            ))}
          </ul>
        </>
      ) : (
        <p>Nothing on this shelf makes it much shorter.</p>
      )}
    </section>
  )
}

const LINK = 'underline underline-offset-4 min-h-11 inline-flex items-center cursor-pointer'

/** Where that way is taken. */
function Take({
  way,
  wish,
  setWish,
  toolId,
}: {
  way: Way
  wish: Wish
  setWish: (w: Wish) => void
  toolId: string
}) {
  switch (way.way) {
    case 'MACHINE':
      return (
        <button type="button" className={LINK} onClick={() => setWish({ ...wish, grindOn: way.subject })}>
          do so
        </button>
      )
    case 'LEAVE_A_FINDING':
      return (
        <Link href={`/tools/${toolId}/survey`} className={LINK}>
          to the survey
        </Link>
      )
    case 'KEEP_THE_ANGLE':
    case 'LESS_CAMBER':
      return (
        <Link href={`/tools/${toolId}/angle`} className={LINK}>
          to the angle
        </Link>
      )
    default:
      return null
  }
}
