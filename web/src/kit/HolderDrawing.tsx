import type { Schemas } from '../api/client'

const edge = { stroke: 'var(--color-base-content)', strokeWidth: 1.4 }
const steel = { fill: 'var(--steel)', ...edge }
const wood = { fill: 'var(--color-base-300)', ...edge }
const bare = { fill: 'var(--color-base-100)', ...edge }

function Stone() {
  return <path d="M4 50H116V58H4Z" {...wood} />
}

/** A chisel on the stone, its back up. */
function Blade() {
  return <path d="M18 50 30 40 104 6 107 12Z" {...steel} />
}

/** A knife from its end, the edge on the stone. */
function Knife() {
  return <path d="M20 50 96 20 100 30Z" {...steel} />
}

/** What holds an angle, from the side. */
export function HolderDrawing({ kind }: { kind: Schemas['HolderKindView']['key'] }) {
  return (
    <svg viewBox="0 0 120 62" className="w-full max-h-16" aria-hidden="true">
      <Parts kind={kind} />
    </svg>
  )
}

function Parts({ kind }: { kind: Schemas['HolderKindView']['key'] }) {
  switch (kind) {
    case 'ROLLER_GUIDE':
      return (
        <>
          <Stone />
          <Blade />
          <path d="M52 34 72 25 76 36 62 46Z" {...bare} />
          <circle cx="66" cy="42" r="8" {...bare} />
          <circle cx="66" cy="42" r="1.6" />
        </>
      )
    case 'FACE_GUIDE':
      return (
        <>
          <Stone />
          <path d="M18 50 34 32 104 6 106 11 36 44Z" {...steel} />
          <path d="M50 22 74 13 80 30 62 46 56 38Z" {...bare} fillOpacity="0.75" />
          <circle cx="66" cy="42" r="8" {...bare} />
          <circle cx="66" cy="42" r="1.6" />
        </>
      )
    case 'PLATFORM_REST':
      return (
        <>
          <circle cx="30" cy="32" r="26" {...wood} />
          <path d="M58 34 112 46 111 50 57 38Z" {...bare} />
          <path d="M84 44V60" {...edge} strokeWidth="4" />
          <path d="M54 32 110 44 111 39 66 29Z" {...steel} />
        </>
      )
    case 'SUPPORT_BAR':
      return (
        <>
          <circle cx="34" cy="38" r="22" {...wood} />
          <path d="M36 15 46 12 104 22 103 28Z" {...steel} />
          <path d="M84 12 100 15 98 34 90 33Z" {...bare} />
          <circle cx="92" cy="38" r="5" {...bare} />
        </>
      )
    case 'BELT_TABLE':
      return (
        <>
          <path d="M20 4H36V58H20Z" {...wood} />
          <path d="M20 4V58" stroke="var(--color-warning)" strokeWidth="3" />
          <path d="M40 34 110 48 109 52 39 38Z" {...bare} />
          <path d="M36 30 108 44 109 39 48 29Z" {...steel} />
        </>
      )
    case 'STACK':
      return (
        <>
          <Stone />
          <Knife />
          {[46, 42, 38, 34].map((y) => (
            <path key={y} d={`M84 ${y}H108V${y + 4}H84Z`} {...bare} />
          ))}
        </>
      )
    case 'WEDGE_BLOCK':
      return (
        <>
          <Stone />
          <path d="M40 50 110 22V50Z" {...bare} />
          <path d="M18 50 34 42 104 13 107 19Z" {...steel} />
        </>
      )
    case 'SPINE_HONE':
      return (
        <>
          <path d="M14 42 98 26V48Z" {...steel} />
          <path d="M10 36 112 12 113 17 11 41Z" {...wood} />
          <path d="M100 17H105V30H100Z" {...bare} />
        </>
      )
    case 'HAND_STONE':
      return (
        <>
          <path d="M4 44 70 36V52Z" {...steel} />
          <path d="M2 38 66 14 69 22 5 46Z" {...wood} />
          <path d="M60 20Q84 4 108 18L112 34Q92 30 70 26Z" {...wood} />
        </>
      )
    default:
      return (
        <>
          <Stone />
          <Blade />
        </>
      )
  }
}
