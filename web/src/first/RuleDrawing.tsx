import type { Units } from '../ui/units'

/** The end of a steel rule: tens of millimetres, tenths of an inch, or halves of halves of an inch. */
export function RuleDrawing({ kind }: { kind: Units['lengths'] }) {
  const parts = kind === 'INCH_FRACTIONS' ? 16 : 10
  const units = kind === 'MILLIMETRES' ? 3 : 1
  const step = 88 / (parts * units)
  const rank = (i: number) => {
    if (i % parts === 0) return 26
    if (kind !== 'INCH_FRACTIONS') return i % 5 === 0 ? 18 : 11
    return i % 8 === 0 ? 21 : i % 4 === 0 ? 16 : i % 2 === 0 ? 12 : 8
  }
  return (
    <svg viewBox="0 0 100 56" className="w-full max-h-16" aria-hidden="true">
      <path d="M2 6H100V50H2Z" className="steel" strokeWidth="1" />
      {Array.from({ length: parts * units + 1 }, (_, i) => (
        <path
          key={i}
          d={`M${6 + i * step} 6v${rank(i)}`}
          stroke="var(--color-base-content)"
          strokeWidth={i % parts === 0 ? 1.6 : 0.8}
        />
      ))}
      {Array.from({ length: units }, (_, i) => (
        <text
          key={i}
          x={Math.min(92, 6 + (i + 1) * parts * step - 3)}
          y="45"
          fontSize="13"
          textAnchor="end"
          fill="var(--color-base-content)"
        >
          {kind === 'MILLIMETRES' ? (i + 1) * 10 : 1}
        </text>
      ))}
    </svg>
  )
}
