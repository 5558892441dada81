import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'

type Kind = Schemas['HolderKindView']['key']

const line = { stroke: 'var(--color-base-content)', strokeWidth: 1.4 }
const steel = { fill: 'var(--steel)', ...line }
const wood = { fill: 'var(--color-base-300)', ...line }
const bare = { fill: 'var(--color-base-100)', ...line }

/** Which dimension goes by which letter in the drawing of its kind. */
export const LETTERS: Partial<Record<Kind, Record<string, string>>> = {
  ROLLER_GUIDE: { rollerRadius: 'A', axleBelowBack: 'B', axleSetback: 'C' },
  FACE_GUIDE: { rollerRadius: 'A', axleBelowBack: 'B', axleSetback: 'C' },
  SUPPORT_BAR: { reach: 'A', offset: 'B', barDiameter: 'C' },
  PLATFORM_REST: { contact: 'A' },
}

/** A holder with its dimensions lettered as the fields are; the letter in hand is lit. */
export function HolderLetters({ kind, lit }: { kind: Kind; lit: string }) {
  const letters = LETTERS[kind]
  if (!letters) return null
  const said = Object.values(letters).join(', ')
  return (
    <svg
      viewBox="0 0 320 190"
      className="w-full max-w-[26rem]"
      role="img"
      aria-label={`The holder from the side, its dimensions lettered ${said}`}
    >
      <Drawing kind={kind} lit={letters[lit] ?? ''} />
    </svg>
  )
}

interface SpanProps {
  from: [number, number]
  to: [number, number]
  letter: string
  lit: string
}

/** A dimension between two points, its letter beside its middle. */
function Span({ from, to, letter, lit }: SpanProps) {
  const on = letter === lit
  const colour = on ? 'var(--color-primary)' : 'var(--color-base-content)'
  const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  return (
    <g>
      <path
        d={`M${from.join(' ')}L${to.join(' ')}`}
        stroke={colour}
        strokeWidth={on ? 3.5 : 1.6}
        strokeDasharray={on ? undefined : '4 3'}
      />
      <circle
        cx={x}
        cy={y}
        r="11"
        fill={on ? colour : 'var(--color-base-100)'}
        stroke={colour}
        strokeWidth="1.4"
      />
      <text
        x={x}
        y={y + 5}
        fontSize="15"
        fontWeight="700"
        textAnchor="middle"
        fill={on ? 'var(--color-base-100)' : 'var(--color-base-content)'}
      >
        {letter}
      </text>
    </g>
  )
}

function Drawing({ kind, lit }: { kind: Kind; lit: string }): ReactNode {
  if (kind === 'SUPPORT_BAR')
    return (
      <>
        <circle cx="86" cy="118" r="66" {...wood} />
        <path d="M88 51 112 42 296 70 294 84Z" {...steel} />
        <path d="M232 34 280 42 274 96 226 88Z" {...bare} fillOpacity="0.8" />
        <circle cx="250" cy="112" r="15" {...bare} />
        <Span from={[90, 30]} to={[254, 54]} letter="A" lit={lit} />
        <Span from={[258, 78]} to={[250, 112]} letter="B" lit={lit} />
        <Span from={[235, 138]} to={[265, 138]} letter="C" lit={lit} />
      </>
    )
  if (kind === 'PLATFORM_REST')
    return (
      <>
        <circle cx="92" cy="100" r="76" {...wood} />
        <circle cx="92" cy="100" r="3" />
        <path d="M172 74 306 108 304 120 170 88Z" {...bare} />
        <path d="M166 70 300 103 303 92 190 64Z" {...steel} />
        <path d="M92 100H190" {...line} strokeDasharray="3 3" />
        <Span from={[184, 100]} to={[166, 70]} letter="A" lit={lit} />
      </>
    )
  const face = kind === 'FACE_GUIDE'
  return (
    <>
      <path d="M6 168H314V184H6Z" {...wood} />
      <path d={face ? 'M30 168 78 112 292 16 296 28 86 148Z' : 'M30 168 62 140 292 20 300 36Z'} {...steel} />
      <path
        d={face ? 'M128 74 206 40 226 92 176 138 150 116Z' : 'M140 112 204 82 218 116 176 150Z'}
        {...bare}
        fillOpacity="0.8"
      />
      <circle cx="182" cy="140" r="28" {...bare} />
      <circle cx="182" cy="140" r="3" />
      <Span from={[182, 140]} to={[210, 140]} letter="A" lit={lit} />
      <Span from={face ? [168, 110] : [162, 98]} to={[182, 140]} letter="B" lit={lit} />
      <Span from={face ? [128, 74] : [136, 104]} to={face ? [156, 62] : [168, 90]} letter="C" lit={lit} />
    </>
  )
}
