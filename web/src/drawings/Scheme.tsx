import { useId } from 'react'
import type { Schemas } from '../api/client'
import { Patterns } from './Patterns'
import { useWidth } from './useWidth'

type Scheme = Schemas['Scheme']
type Part = Scheme['parts'][number]
type Point = Schemas['Point']

const ROUND = new Set(['WHEEL', 'LEATHER'])
const NAMES: Record<string, string> = {
  STONE: 'stone',
  WHEEL: 'wheel',
  LEATHER: 'leather wheel',
  BELT: 'belt',
  TABLE: 'table',
  BLOCK: 'wedge',
}
const FILLS: Record<string, string> = {
  STONE: 'var(--color-base-300)',
  WHEEL: 'var(--color-base-300)',
  LEATHER: 'var(--color-base-200)',
  BELT: 'var(--color-base-300)',
  BODY: 'var(--color-base-100)',
  ROLLER: 'var(--color-base-200)',
  BAR: 'var(--color-base-100)',
  TABLE: 'var(--color-base-100)',
  BLOCK: 'var(--color-base-200)',
  OBJECT: 'var(--color-base-100)',
}
const PAD = 44
/** Room on the right for the words of a height that is measured there. */
const PAD_RIGHT = 92
const TEXT = 13
const CHIEF = 20

interface Frame {
  scale: number
  left: number
  top: number
  width: number
  height: number
}

/** What holds a blade, drawn to scale from the service's own geometry, with the one thing to measure standing out. */
export function SchemeDrawing({ scheme, label, small }: { scheme: Scheme; label: string; small?: boolean }) {
  const id = useId().replace(/:/g, '')
  const { ref, width } = useWidth<HTMLDivElement>(480)
  const f = frame(scheme, Math.min(width, small ? 300 : 560), small ? 190 : 340)
  const to = (p: Point) => ({ x: (p.x - f.left) * f.scale, y: (f.top - p.y) * f.scale })
  return (
    <div ref={ref} className="min-w-0">
      <svg
        viewBox={`0 0 ${f.width} ${f.height}`}
        width={f.width}
        height={f.height}
        className="max-w-full h-auto"
        role="img"
        aria-label={label}
      >
        <Patterns id={id} />
        {scheme.parts.map((p, i) => (
          <Shape key={i} part={p} f={f} to={to} />
        ))}
        {!small && <Lettering scheme={scheme} f={f} to={to} />}
        {kept(scheme.turns, small).map((t, i) => (
          <Turn key={i} turn={t} f={f} to={to} id={id} />
        ))}
        {kept(scheme.spans, small).map((s, i) => (
          <Span key={i} span={s} f={f} to={to} id={id} />
        ))}
      </svg>
    </div>
  )
}

/** In a small drawing only the one thing to set is measured. */
function kept<T extends { chief: boolean }>(all: T[], small: boolean | undefined): T[] {
  return small ? all.filter((one) => one.chief) : all
}

/** Shows all but the far side of a wheel, which runs out of the picture. */
function frame(scheme: Scheme, most: number, tall: number): Frame {
  const seen: Point[] = []
  for (const p of scheme.parts) {
    if (ROUND.has(p.material)) {
      const c = p.outline[0]!
      // A quarter of the wheel around the work is enough to know it by.
      const near = scheme.spans.concat().flatMap((s) => [s.from, s.to])
      const at = near.length > 0 ? near : scheme.turns.map((t) => t.at)
      const dir = at.reduce((a, q) => ({ x: a.x + q.x - c.x, y: a.y + q.y - c.y }), { x: 0, y: 0 })
      const size = Math.hypot(dir.x, dir.y) || 1
      const unit = { x: dir.x / size, y: dir.y / size }
      seen.push({ x: c.x + unit.x * p.radiusMm * 0.45, y: c.y + unit.y * p.radiusMm * 0.45 })
    } else if (p.radiusMm > 0) {
      const c = p.outline[0]!
      seen.push({ x: c.x - p.radiusMm, y: c.y - p.radiusMm }, { x: c.x + p.radiusMm, y: c.y + p.radiusMm })
    } else if (p.material !== 'LEVEL') {
      seen.push(...p.outline)
    }
  }
  for (const s of scheme.spans) seen.push(s.from, s.to)
  const xs = seen.map((p) => p.x)
  const ys = seen.map((p) => p.y)
  const w = Math.max(...xs) - Math.min(...xs)
  const h = Math.max(...ys) - Math.min(...ys)
  const scale = Math.min((most - PAD - PAD_RIGHT) / Math.max(w, 1), (tall - 2 * PAD) / Math.max(h, 1))
  return {
    scale,
    left: Math.min(...xs) - PAD / scale,
    top: Math.max(...ys) + PAD / scale,
    width: Math.round(w * scale + PAD + PAD_RIGHT),
    height: Math.round(h * scale + 2 * PAD),
  }
}

type To = (p: Point) => Point

function Shape({ part: p, f, to }: { part: Part; f: Frame; to: To }) {
  const at = p.outline.map(to)
  if (p.material === 'LEVEL')
    return (
      <path
        d={`M${at[0]!.x} ${at[0]!.y}L${at[1]!.x} ${at[1]!.y}`}
        stroke="var(--quiet)"
        strokeDasharray="7 5"
      />
    )
  if (p.radiusMm > 0)
    return (
      <circle
        cx={at[0]!.x}
        cy={at[0]!.y}
        r={p.radiusMm * f.scale}
        fill={FILLS[p.material]}
        stroke="var(--steel-line)"
        strokeWidth={p.material === 'LEATHER' ? 4 : 1.6}
        strokeDasharray={p.material === 'LEATHER' ? '2 3' : undefined}
      />
    )
  const points = at.map((q) => `${q.x},${q.y}`).join(' ')
  return p.material === 'STEEL' ? (
    <polygon points={points} className="steel" strokeWidth="1.4" />
  ) : (
    <polygon
      points={points}
      fill={FILLS[p.material]}
      stroke="var(--color-base-content)"
      strokeWidth={p.material === 'OBJECT' ? 0.8 : 1.3}
    />
  )
}

/** What the larger parts are, written where nothing else is. */
function Lettering({ scheme, f, to }: { scheme: Scheme; f: Frame; to: To }) {
  return (
    <>
      {scheme.parts.map((p, i) => {
        const name = NAMES[p.material]
        if (!name) return null
        if (ROUND.has(p.material)) {
          const c = to(p.outline[0]!)
          const x = Math.min(Math.max(c.x, 12), f.width - 90)
          const y = Math.min(Math.max(c.y, 20), f.height - 12)
          return (
            <text key={i} x={x} y={y} fontSize={TEXT} textAnchor="start">
              {name}
            </text>
          )
        }
        const at = p.outline.map(to)
        const tilted = Math.abs(at[0]!.y - at[1]!.y) > 2
        if (p.material === 'STONE' && tilted)
          return (
            <Label
              key={i}
              x={at.reduce((sum, q) => sum + q.x, 0) / at.length}
              y={at.reduce((sum, q) => sum + q.y, 0) / at.length + TEXT / 3}
              size={TEXT}
              text={name}
              chief={false}
            />
          )
        const foot = Math.max(...at.map((q) => q.y))
        const right = Math.max(...at.map((q) => q.x))
        if (p.material === 'BELT')
          return (
            <text key={i} x={right + 8} y={Math.min(...at.map((q) => q.y)) + 16} fontSize={TEXT}>
              {name}
            </text>
          )
        return (
          <text key={i} x={Math.min(right, f.width - 4)} y={foot + 15} fontSize={TEXT} textAnchor="end">
            {name}
          </text>
        )
      })}
    </>
  )
}

function Span({ span: s, f, to, id }: { span: Scheme['spans'][number]; f: Frame; to: To; id: string }) {
  const a = to(s.from)
  const b = to(s.to)
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
  const n = { x: (b.y - a.y) / length, y: -(b.x - a.x) / length }
  // Hardly any offset: drawn in its place, the sign only says on which side the words stand.
  const inPlace = Math.abs(s.offsetMm) < 0.01
  const off = inPlace ? 0 : Math.sign(s.offsetMm) * Math.max(16, Math.abs(s.offsetMm) * f.scale)
  const p = { x: a.x + n.x * off, y: a.y + n.y * off }
  const q = { x: b.x + n.x * off, y: b.y + n.y * off }
  const size = s.chief ? CHIEF : TEXT
  const wide = s.label.length * size * 0.55
  const side = s.offsetMm < 0 ? -1 : 1
  const away = side * (8 + Math.abs(n.x) * (wide / 2 + 4) + Math.abs(n.y) * size * 0.5)
  const x = Math.min(Math.max((p.x + q.x) / 2 + n.x * away, wide / 2 + 2), f.width - wide / 2 - 2)
  const y = Math.min(Math.max((p.y + q.y) / 2 + n.y * away + size * 0.35, size), f.height - 4)
  return (
    <g>
      {off !== 0 && (
        <path
          d={`M${a.x} ${a.y}L${p.x + n.x * 5 * side} ${p.y + n.y * 5 * side}M${b.x} ${b.y}L${q.x + n.x * 5 * side} ${q.y + n.y * 5 * side}`}
          stroke="var(--quiet)"
        />
      )}
      <path
        d={`M${p.x} ${p.y}L${q.x} ${q.y}`}
        stroke={s.chief ? 'var(--color-primary)' : 'var(--color-base-content)'}
        strokeWidth={s.chief ? 2.2 : 1.2}
        markerStart={length > 20 ? `url(#${id}-tip)` : undefined}
        markerEnd={length > 20 ? `url(#${id}-tip)` : undefined}
      />
      <Label x={x} y={y} size={size} text={s.label} chief={s.chief} />
    </g>
  )
}

function Turn({ turn: t, f, to, id }: { turn: Scheme['turns'][number]; f: Frame; to: To; id: string }) {
  const r = Math.max(t.radiusMm * f.scale, 34)
  const c = to(t.at)
  const on = (deg: number, radius = r) => ({
    x: c.x + radius * Math.cos((deg * Math.PI) / 180),
    y: c.y - radius * Math.sin((deg * Math.PI) / 180),
  })
  const a = on(t.fromDeg)
  const b = on(t.toDeg)
  const size = t.chief ? CHIEF : TEXT
  const wide = t.label.length * size * 0.55
  const middle = on((t.fromDeg + t.toDeg) / 2, r + 10 + wide / 2)
  const x = Math.min(Math.max(middle.x, wide / 2 + 2), f.width - wide / 2 - 2)
  const y = Math.min(Math.max(middle.y + size * 0.35, size), f.height - 4)
  const large = Math.abs(t.toDeg - t.fromDeg) > 180 ? 1 : 0
  return (
    <g>
      <path
        d={`M${a.x} ${a.y}A${r} ${r} 0 ${large} ${t.toDeg > t.fromDeg ? 0 : 1} ${b.x} ${b.y}`}
        fill="none"
        stroke={t.chief ? 'var(--color-primary)' : 'var(--color-base-content)'}
        strokeWidth={t.chief ? 2.2 : 1.2}
        markerEnd={`url(#${id}-tip)`}
      />
      <Label x={x} y={y} size={size} text={t.label} chief={t.chief} />
    </g>
  )
}

/** Lettering with a rim of paper, so that no line runs through it. */
function Label({
  x,
  y,
  size,
  text,
  chief,
}: {
  x: number
  y: number
  size: number
  text: string
  chief: boolean
}) {
  return (
    <text
      x={x}
      y={y}
      fontSize={size}
      fontWeight={chief ? 650 : 400}
      textAnchor="middle"
      stroke="var(--color-base-100)"
      strokeWidth="5"
      paintOrder="stroke"
      fill="var(--color-base-content)"
    >
      {text}
    </text>
  )
}
