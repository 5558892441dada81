/** How high the inked bevel is in the drawing. */
export const INKED_HEIGHT = 62

/** The inked bevel, heel above and edge below, bare from one height to another: scratches where the ink is gone. */
export function Inked({ bare: [from, to] }: { bare: [number, number] }) {
  return (
    <>
      <rect x="0" y="6" width="200" height={INKED_HEIGHT} fill="var(--color-base-content)" opacity="0.82" />
      <rect x="0" y={6 + from} width="200" height={to - from} className="steel" />
      {Array.from({ length: to > from ? 9 : 0 }, (_, i) => (
        <path
          key={i}
          d={`M${8 + i * 23} ${6 + from + 2}V${6 + to - 2}`}
          stroke="var(--color-base-content)"
          strokeWidth="2.5"
          opacity="0.55"
        />
      ))}
      <path d="M0 68H200" stroke="var(--color-base-content)" strokeWidth="2.5" />
    </>
  )
}
