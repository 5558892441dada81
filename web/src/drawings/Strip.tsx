import { useId, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { num } from '../ui/format'
import { Body, edgeHeight } from './Edges'
import { Patterns } from './Patterns'
import type { StripProps } from './strip.types'
import { MarkTag, SpotMark } from './StripMarks'
import { pad, Rule } from './StripRule'
import { useWidth } from './useWidth'
import { mm } from '../ui/units'

const EDGE_Y = { low: 52, tall: 76 }
/** Width under which a strip that takes no marks goes without its rule (px). */
const NARROW = 640

/** The edge drawn out to scale, corner to corner, with what is known along it. */
export function Strip(p: StripProps) {
  const { ref, width } = useWidth<HTMLDivElement>()
  const id = useId().replace(/:/g, '')
  const [cursor, setCursor] = useState(p.layout.totalMm / 2)
  const [drawn, setDrawn] = useState<{ from: number; to: number } | null>(null)
  const pressed = useRef(false)
  const svg = useRef<SVGSVGElement>(null)
  const scale = (width - 2 * pad) / p.layout.totalMm
  const edge = p.tall ? EDGE_Y.tall : EDGE_Y.low
  // On a phone that is only looked at, the rule gives its room to the work.
  const bare = p.bare && width < NARROW
  const height = edge + (bare ? 14 : 42)
  const up = edgeHeight(p.layout, scale)
  const x = (mm: number) => pad + mm * scale
  const place = (e: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect()
    const mm = (e.clientX - box.left - pad) / scale
    return Math.min(p.layout.totalMm, Math.max(0, Math.round(mm * 10) / 10))
  }
  const mark = (from: number, to: number) => p.onMark?.(Math.min(from, to), Math.max(from, to))
  const held = p.selected === null || p.selected === undefined ? undefined : p.marks?.[p.selected]
  const grip = useRef<{ index: number; part: 'all' | 'from' | 'to'; at: number; from: number; to: number }>(
    null,
  )
  const clamp = (mm: number) => Math.min(p.layout.totalMm, Math.max(0, Math.round(mm * 10) / 10))
  const move = (index: number, from: number, to: number) => {
    if (to - from >= 0.1 && from >= 0 && to <= p.layout.totalMm + 1e-6)
      p.onMove?.(index, clamp(from), clamp(to))
  }
  /** What of the marks lies under the finger: the tag of one, or an end of the one in hand. */
  const under = (e: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect()
    const [px, py] = [e.clientX - box.left, e.clientY - box.top]
    if (held && py > 36 && Math.abs(px - x(held.toMm)) < 14)
      return { index: p.selected!, part: 'to' as const }
    if (held && py > 36 && Math.abs(px - x(held.fromMm)) < 14)
      return { index: p.selected!, part: 'from' as const }
    const tags = (p.marks ?? []).map((m) => Math.hypot(px - x((m.fromMm + m.toMm) / 2), py - 20))
    const near = tags.indexOf(Math.min(...tags))
    return near >= 0 && tags[near]! < 20 ? { index: near, part: 'all' as const } : null
  }
  const keys = (e: KeyboardEvent) => {
    const step = e.shiftKey ? 0.1 : 1
    const moves: Record<string, number> = { ArrowLeft: -step, ArrowRight: step, PageUp: 5, PageDown: -5 }
    const by = moves[e.key]
    if (held && p.selected !== null && p.selected !== undefined) {
      // The plus sign itself needs Shift on most keyboards, so that Shift cannot mean a finer step here.
      const wider = e.key === '+' || e.key === '=' ? 0.5 : e.key === '-' ? -0.5 : 0
      if (by !== undefined) move(p.selected, held.fromMm + by, held.toMm + by)
      else if (wider)
        move(p.selected, Math.max(0, held.fromMm - wider), Math.min(p.layout.totalMm, held.toMm + wider))
      else if (e.key === 'Delete') p.onRemove?.(p.selected)
      else if (e.key === 'Escape' || e.key === 'Enter') p.onSelect?.(null)
      else return
      e.preventDefault()
      return
    }
    if (by !== undefined) {
      setCursor((c) => clamp(c + by))
      e.preventDefault()
    } else if (e.key === 'Home' || e.key === 'End') {
      setCursor(e.key === 'Home' ? 0 : p.layout.totalMm)
      e.preventDefault()
    } else if (e.key === 'Enter' || e.key === ' ') {
      mark(cursor, cursor)
      e.preventDefault()
    }
  }
  const role = p.onMark
    ? {
        role: 'slider',
        tabIndex: 0,
        'aria-valuemin': 0,
        'aria-valuemax': p.layout.totalMm,
        'aria-valuenow': held ? (held.fromMm + held.toMm) / 2 : cursor,
        'aria-valuetext': held
          ? `mark ${p.selected! + 1} in hand, ${num(held.fromMm)} to ${mm(held.toMm)} from the ${p.layout.from}`
          : `${mm(cursor)} from the ${p.layout.from}`,
        onKeyDown: keys,
        onPointerDown: (e: PointerEvent<SVGSVGElement>) => {
          // The second button of a mouse asks for a menu; a drag marks, it does not select words around the strip.
          if (e.button !== 0) return
          e.preventDefault()
          e.currentTarget.focus({ preventScroll: true })
          e.currentTarget.setPointerCapture(e.pointerId)
          const at = place(e)
          const hit = p.onSelect ? under(e) : null
          if (hit) {
            const m = p.marks![hit.index]!
            grip.current = { ...hit, at, from: m.fromMm, to: m.toMm }
            p.onSelect?.(hit.index)
            return
          }
          if (held) {
            p.onSelect?.(null)
            return
          }
          pressed.current = true
          setCursor(at)
          setDrawn({ from: at, to: at })
        },
        onPointerMove: (e: PointerEvent) => {
          const g = grip.current
          if (g) {
            const by = place(e) - g.at
            if (Math.abs(by) < 0.05) return
            move(g.index, g.part === 'to' ? g.from : g.from + by, g.part === 'from' ? g.to : g.to + by)
          } else if (pressed.current && drawn) setDrawn({ ...drawn, to: place(e) })
        },
        onPointerUp: (e: PointerEvent) => {
          if (pressed.current && drawn) mark(drawn.from, place(e))
          grip.current = null
          pressed.current = false
          setDrawn(null)
        },
      }
    : { role: 'img' }
  return (
    <div ref={ref} className={`w-full ${p.bare ? 'lying:hidden' : ''} ${p.idle ? 'max-sm:hidden' : ''}`}>
      <svg
        ref={svg}
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        aria-label={p.label}
        className={`block ${p.onMark ? 'touch-none select-none cursor-crosshair' : ''}`}
        {...role}
      >
        <Patterns id={id} />
        <Body p={p} id={id} x={x} scale={scale} edge={edge} />
        {p.marks?.map((m, i) => (
          <MarkTag
            key={i}
            m={m}
            n={i + 1}
            x={x}
            edge={edge - up((m.fromMm + m.toMm) / 2)}
            held={i === p.selected}
          />
        ))}
        {p.missed && (
          <g>
            <path
              d={`M${x(p.missed.fromMm)} ${edge - 22}Q${x((p.missed.fromMm + p.missed.toMm) / 2)} ${edge - 44} ${x(p.missed.toMm)} ${edge - 22}`}
              fill="none"
              stroke="var(--color-warning)"
              strokeWidth="2.5"
              strokeDasharray="9 5"
            />
            <text
              x={x((p.missed.fromMm + p.missed.toMm) / 2)}
              y={edge - 14}
              textAnchor="middle"
              fontSize="13"
            >
              {`bent: a flat stone stays up to ${mm(p.missed.depthMm, 2)} off here`}
            </text>
          </g>
        )}
        {p.lookMm !== null && p.lookMm !== undefined && (
          <path
            d={`M${x(p.lookMm)} 4V${edge + 10}`}
            stroke="var(--color-primary)"
            strokeWidth="2"
            strokeDasharray="7 4 2 4"
          />
        )}
        {p.lit && <Lit lit={p.lit} lengthMm={p.layout.totalMm} x={x} edge={edge} />}
        {p.where && <Dim where={p.where} lengthMm={p.layout.totalMm} x={x} edge={edge} />}
        {p.spots?.map((s, i) => (
          <SpotMark key={i} spot={s} x={x} edge={(mm) => edge - up(mm)} id={id} />
        ))}
        {p.light?.map((l) => (
          <g key={`${l.fromMm}-${l.toMm}`}>
            <rect
              x={x(l.fromMm)}
              y={edge - 5}
              width={Math.max(3, x(l.toMm) - x(l.fromMm))}
              height={10}
              fill="#fff"
              stroke="var(--color-error)"
              strokeWidth="2"
            />
          </g>
        ))}
        {!bare && <Rule layout={p.layout} x={x} edge={edge} scale={scale} />}
        {p.readings?.map((r) => (
          <g key={r.xMm}>
            <line
              x1={x(r.xMm)}
              y1={edge + 2}
              x2={x(r.xMm)}
              y2={edge - 18}
              stroke="var(--color-primary)"
              strokeWidth="2.5"
            />
            <text x={x(r.xMm)} y={edge - 24} textAnchor="middle" fontSize="15" fontWeight="650">
              {r.grams === null ? '·' : num(r.grams, 0)}
            </text>
          </g>
        ))}
        {p.onMark && !drawn && !held && (
          <path d={`M${x(cursor)} ${edge + 3}l-6 11h12z`} fill="var(--color-primary)" />
        )}
        {drawn && (
          <rect
            x={x(Math.min(drawn.from, drawn.to))}
            y={8}
            width={Math.max(2, Math.abs(x(drawn.to) - x(drawn.from)))}
            height={edge - 8}
            fill="var(--color-primary)"
            opacity="0.3"
          />
        )}
      </svg>
    </div>
  )
}

/** Stations over the edge: filled as far as each has what it wants, the next one framed. */
function Lit({
  lit,
  lengthMm,
  x,
  edge,
}: {
  lit: NonNullable<StripProps['lit']>
  lengthMm: number
  x: (mm: number) => number
  edge: number
}) {
  const wide = lengthMm / lit.places.length
  const tall = edge - 14
  return (
    <g>
      {lit.places.map((s, i) => {
        const full = s.planned > 0 ? Math.min(1, s.done / s.planned) : 1
        return (
          <g key={i}>
            <rect
              x={x(i * wide) + 1}
              y={edge - 4 - full * tall}
              width={x(wide) - x(0) - 2}
              height={full * tall}
              fill="var(--color-primary)"
              opacity="0.35"
            />
            {i === lit.next && (
              <rect
                x={x(i * wide) + 2}
                y={edge - 4 - tall}
                width={x(wide) - x(0) - 4}
                height={tall}
                fill="none"
                stroke="var(--color-primary)"
                strokeWidth="4"
              />
            )}
          </g>
        )
      })}
    </g>
  )
}

function Dim({
  where,
  lengthMm,
  x,
  edge,
}: {
  where: { fromMm: number; toMm: number }
  lengthMm: number
  x: (mm: number) => number
  edge: number
}) {
  if (where.toMm - where.fromMm >= lengthMm - 0.01) return null
  return (
    <g>
      <rect
        x={x(0)}
        y={4}
        width={x(where.fromMm) - x(0)}
        height={edge}
        fill="var(--color-base-100)"
        opacity="0.7"
      />
      <rect
        x={x(where.toMm)}
        y={4}
        width={x(lengthMm) - x(where.toMm)}
        height={edge}
        fill="var(--color-base-100)"
        opacity="0.7"
      />
      <path
        d={`M${x(where.fromMm)} ${edge + 5}H${x(where.toMm)}`}
        stroke="var(--color-primary)"
        strokeWidth="7"
      />
    </g>
  )
}
