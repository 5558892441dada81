/** A code that a camera reads, its dark squares row by row. */
export function Code({ rows, of }: { rows: boolean[][]; of: string }) {
  const size = rows.length
  const path = rows.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ''))).join('')
  return (
    <svg
      viewBox={`-4 -4 ${size + 8} ${size + 8}`}
      width="220"
      height="220"
      role="img"
      aria-label={`Code of ${of}`}
      data-code={of}
    >
      <rect x="-4" y="-4" width={size + 8} height={size + 8} fill="#fff" />
      <path d={path} fill="#000" shapeRendering="crispEdges" />
    </svg>
  )
}
