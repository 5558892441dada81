/** A true length, so that the drawing can be read by eye. */
export function ScaleBar({ x, y, length, label }: { x: number; y: number; length: number; label: string }) {
  return (
    <g>
      <path
        d={`M${x} ${y - 6}v6h${length}v-6`}
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth="1.5"
      />
      <text
        x={x + length / 2}
        y={y - 8}
        fontSize="13"
        textAnchor="middle"
        stroke="var(--color-base-100)"
        strokeWidth="3"
        paintOrder="stroke"
      >
        {label}
      </text>
    </g>
  )
}
