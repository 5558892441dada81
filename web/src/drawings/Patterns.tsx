/** Hatching and tones that mean the same everywhere: steel to go, light on the apex. */
export function Patterns({ id }: { id: string }) {
  return (
    <defs>
      <pattern
        id={id + '-go'}
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="7" height="7" fill="var(--color-warning)" opacity="0.16" />
        <line x1="0" y1="0" x2="0" y2="7" stroke="var(--color-warning)" strokeWidth="2.4" />
      </pattern>
      <marker
        id={id + '-tip'}
        viewBox="0 0 8 8"
        refX="7"
        refY="4"
        markerWidth="8"
        markerHeight="8"
        orient="auto-start-reverse"
      >
        <path d="M0 1 7 4 0 7Z" fill="var(--color-base-content)" />
      </marker>
    </defs>
  )
}
