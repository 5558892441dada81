import type { Schemas } from '../api/client'

const LOOK: Record<string, { mark: string; edge: string }> = {
  GOOD: { mark: '✓ ', edge: 'border-primary' },
  BAD: { mark: '! ', edge: 'border-warning border-dashed' },
  NOTED: { mark: '· ', edge: 'border-base-300' },
}

interface SignProps {
  sign: { words: string; says: string }
  pressed: boolean
  onClick: () => void
  disabled?: boolean
  /** The height of a target for wet fingers. */
  size?: string
  after?: string
}

/** Something that can be seen, to be put down with one tap: good, bad or only noted, told apart without colour too. */
export function SignButton({ sign, pressed, onClick, disabled, size = 'min-h-14', after = '' }: SignProps) {
  const look = LOOK[sign.says] ?? LOOK.NOTED!
  return (
    <button
      type="button"
      disabled={disabled}
      aria-pressed={pressed}
      onClick={onClick}
      className={`${size} border-[2.5px] rounded px-4 py-1 text-left leading-tight ${look.edge} ${
        pressed ? 'bg-base-300 font-semibold' : ''
      }`}
    >
      <span aria-hidden="true">{look.mark}</span>
      <span>
        {sign.words}
        {after}
      </span>
    </button>
  )
}

interface ZonesProps {
  layout: Schemas['LayoutView']
  onPlace: (fromMm: number, toMm: number) => void
  size?: string
}

/** A part of the edge in one touch, as the tool's own shape has them: heel, middle, belly, tip, or its thirds. */
export function Zones({ layout, onPlace, size = 'min-h-14' }: ZonesProps) {
  const round = (mm: number) => Math.round(mm * 10) / 10
  return (
    <>
      {layout.zones.map((zone) => (
        <button
          key={zone.words}
          type="button"
          className={`btn ${size} text-[1.05rem]`}
          onClick={() => onPlace(round(zone.fromMm), round(zone.toMm))}
        >
          {zone.words}
        </button>
      ))}
    </>
  )
}
