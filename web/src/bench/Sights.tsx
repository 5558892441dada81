import type { Schemas } from '../api/client'
import { Inked } from '../drawings/Inked'

/** What to see, drawn as it should be and as it should not, side by side. */
export function Sights({ sights }: { sights: Schemas['SightView'][] }) {
  return (
    <div className="space-y-3 mt-2">
      {sights.map((s) => (
        <div key={s.kind} className="grid grid-cols-2 gap-3 max-w-[34rem]">
          <Picture kind={s.kind} right words={s.right} />
          <Picture kind={s.kind} right={false} words={s.wrong} />
        </div>
      ))}
    </div>
  )
}

function Picture({ kind, right, words }: { kind: string; right: boolean; words: string }) {
  return (
    <figure className="min-w-0">
      <svg
        viewBox="0 0 200 84"
        className={`w-full border-[3px] ${right ? 'border-primary' : 'border-warning border-dashed'}`}
        role="img"
        aria-label={`${right ? 'Right' : 'Not yet'}: ${words}`}
      >
        <Drawn kind={kind} right={right} />
      </svg>
      <figcaption className="at-arm pt-1">
        <b>{right ? '✓ Right' : '! Not yet'}</b> <span className="quiet">{words}</span>
      </figcaption>
    </figure>
  )
}

const line = { stroke: 'var(--steel-line)', strokeWidth: 1.2 }

/** The bevel seen from above, its edge below. */
function Bevel({ children }: { children: React.ReactNode }) {
  return (
    <>
      <rect x="0" y="6" width="200" height="62" className="steel" />
      {children}
      <path d="M0 68H200" stroke="var(--color-base-content)" strokeWidth="2.5" />
    </>
  )
}

function Drawn({ kind, right }: { kind: string; right: boolean }) {
  switch (kind) {
    case 'SCRATCHES':
      return (
        <Bevel>
          {Array.from({ length: 24 }, (_, i) => (
            <path key={i} d={`M${4 + i * 8.3} 8V67`} {...line} />
          ))}
          {!right &&
            [118, 133, 148, 160].map((x) => (
              <path key={x} d={`M${x} 8l-14 59`} stroke="var(--color-warning)" strokeWidth="3" />
            ))}
        </Bevel>
      )
    case 'BURR':
      return (
        <Bevel>
          <path
            d={'M0 69' + 'q5 12 10 0'.repeat(right ? 20 : 11)}
            fill="none"
            stroke="var(--color-warning)"
            strokeWidth="3"
          />
          {!right && (
            <path d="M116 76H196" stroke="var(--color-error)" strokeWidth="3" strokeDasharray="4 4" />
          )}
        </Bevel>
      )
    case 'NARROW_LAND':
      return (
        <>
          <rect x="0" y="6" width="200" height="62" className="steel" />
          <path
            d={right ? 'M0 60H200V68H0Z' : 'M0 66.5L120 66.5L200 42V68H0Z'}
            fill="var(--color-base-100)"
            stroke="var(--color-base-content)"
            strokeWidth="1.6"
          />
        </>
      )
    case 'NO_BURR':
      return (
        <>
          <path d="M20 58L190 14V58Z" className="steel" strokeWidth="1.6" />
          {!right && (
            <path d="M22 58q-14 4 -5 18" fill="none" stroke="var(--color-warning)" strokeWidth="4" />
          )}
        </>
      )
    case 'INK':
      return <Inked bare={right ? [0, 62] : [0, 24]} />
    case 'INK_STRIP':
      return <Inked bare={right ? [48, 62] : [0, 62]} />
    case 'INK_FROM_HEEL':
      return <Inked bare={right ? [0, 34] : [44, 62]} />
    case 'LINE':
      return (
        <>
          <rect x="0" y="6" width="200" height="62" fill="var(--color-base-content)" opacity="0.82" />
          <path
            d={right ? 'M0 52H200' : 'M0 46L74 53M96 55L200 66'}
            stroke="var(--color-base-100)"
            strokeWidth="3"
          />
        </>
      )
    case 'BLUNTED':
      return (
        <>
          <path d={right ? 'M0 6H200V52H0Z' : 'M0 6H200V64L0 42Z'} className="steel" strokeWidth="1.6" />
          <path
            d="M0 52H200"
            stroke="var(--color-error)"
            strokeWidth="3"
            strokeDasharray={right ? '7 5' : undefined}
          />
        </>
      )
    case 'HAIR_LAND':
      return (
        <>
          <rect x="0" y="6" width="200" height="62" className="steel" />
          <path
            d={right ? 'M0 64.5H200V68H0Z' : 'M0 50L200 67V68H0Z'}
            fill="var(--color-base-100)"
            stroke="var(--color-error)"
            strokeWidth="1.4"
          />
        </>
      )
    case 'NO_COLOUR':
      return (
        <>
          {!right && (
            <defs>
              <linearGradient id="temper" x1="0" y1="0" x2="0" y2="1">
                <stop offset="0" stopColor="#d9b95a" />
                <stop offset="0.5" stopColor="#8d5a3c" />
                <stop offset="1" stopColor="#3a4f8f" />
              </linearGradient>
            </defs>
          )}
          <Bevel>{!right && <path d="M96 68Q140 36 184 68Z" fill="url(#temper)" />}</Bevel>
        </>
      )
    case 'SQUARE':
      return (
        <>
          <path d={right ? 'M50 4H150V56H50Z' : 'M50 4H150V56L50 46Z'} className="steel" strokeWidth="1.6" />
          <path
            d="M36 57H168M160 4V57"
            fill="none"
            stroke="var(--color-base-content)"
            strokeWidth="5"
            strokeLinejoin="miter"
          />
          {!right && <path d="M52 53.5L110 53.5L52 48Z" fill="var(--color-warning)" />}
        </>
      )
    case 'LAND':
      return (
        <Bevel>
          <path
            d={right ? 'M0 65.5H200' : 'M0 58L200 66V68H0Z'}
            fill={right ? 'none' : '#fff'}
            stroke="var(--color-error)"
            strokeWidth={right ? 1.5 : 2}
          />
        </Bevel>
      )
    case 'POLISH':
      return (
        <>
          <path
            d={right ? 'M16 60L190 14V60Z' : 'M30 60Q16 60 22 52Q30 44 44 48L190 14V60Z'}
            className="steel"
            strokeWidth="1.6"
          />
          {!right && <path d="M22 56Q22 46 40 47" fill="none" stroke="var(--color-error)" strokeWidth="3" />}
        </>
      )
    default:
      return null
  }
}
