import { useId, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { num } from '../ui/format'
import type { Schemas } from '../api/client'
import { Body, edgeHeight } from './Edges'
import { Patterns } from './Patterns'
import { roundNear, useWidth } from './useWidth'

type Layout = Schemas['LayoutView']

export interface StripMark {
  kind: string
  fromMm: number
  toMm: number
  depthMm: number
  leave?: boolean
}

export interface StripProps {
  layout: Layout
  label: string
  marks?: StripMark[]
  /** Present edge and recession, place by place. */
  stations?: { xMm: number; presentMm: number; recessionMm: number }[]
  readings?: { xMm: number; grams: number | null }[]
  light?: { fromMm: number; toMm: number }[]
  /** The stretch to work on; the rest is dimmed. */
  where?: { fromMm: number; toMm: number }
  /** Makes the strip take marks: called with a stretch once it is drawn or placed. */
  onMark?: (fromMm: number, toMm: number) => void
  tall?: boolean
}

const pad = 14
const EDGE_Y = { low: 56, tall: 78 }

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
  const height = edge + 44
  const up = edgeHeight(p.layout, scale)
  const x = (mm: number) => pad + mm * scale
  const place = (e: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect()
    const mm = (e.clientX - box.left - pad) / scale
    return Math.min(p.layout.totalMm, Math.max(0, Math.round(mm * 10) / 10))
  }
  const mark = (from: number, to: number) => p.onMark?.(Math.min(from, to), Math.max(from, to))
  const keys = (e: KeyboardEvent) => {
    const step = e.shiftKey ? 0.1 : 1
    const moves: Record<string, number> = { ArrowLeft: -step, ArrowRight: step, PageUp: 5, PageDown: -5 }
    const move = moves[e.key]
    if (move !== undefined) {
      setCursor((c) => Math.min(p.layout.totalMm, Math.max(0, Math.round((c + move) * 10) / 10)))
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
        'aria-valuenow': cursor,
        'aria-valuetext': `${num(cursor)} mm from the ${p.layout.from}`,
        onKeyDown: keys,
        onPointerDown: (e: PointerEvent<SVGSVGElement>) => {
          pressed.current = true
          e.currentTarget.setPointerCapture(e.pointerId)
          const at = place(e)
          setCursor(at)
          setDrawn({ from: at, to: at })
        },
        onPointerMove: (e: PointerEvent) => {
          if (pressed.current && drawn) setDrawn({ ...drawn, to: place(e) })
        },
        onPointerUp: (e: PointerEvent) => {
          if (pressed.current && drawn) mark(drawn.from, place(e))
          pressed.current = false
          setDrawn(null)
        },
      }
    : { role: 'img' }
  return (
    <div ref={ref} className="w-full">
      <svg
        ref={svg}
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        aria-label={p.label}
        className={`block ${p.onMark ? 'touch-none cursor-crosshair' : ''}`}
        {...role}
      >
        <Patterns id={id} />
        <Body p={p} id={id} x={x} scale={scale} edge={edge} />
        {p.marks?.map((m, i) => (
          <MarkTag key={i} m={m} n={i + 1} x={x} edge={edge - up((m.fromMm + m.toMm) / 2)} />
        ))}
        {p.where && <Dim where={p.where} lengthMm={p.layout.totalMm} x={x} edge={edge} />}
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
        <Rule layout={p.layout} x={x} edge={edge} scale={scale} />
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
        {p.onMark && !drawn && <path d={`M${x(cursor)} ${edge + 3}l-6 11h12z`} fill="var(--color-primary)" />}
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

function MarkTag({ m, n, x, edge }: { m: StripMark; n: number; x: (mm: number) => number; edge: number }) {
  const middle = x((m.fromMm + m.toMm) / 2)
  return (
    <g opacity={m.leave ? 0.55 : 1}>
      {m.kind === 'BRIGHT' && (
        <rect
          x={x(m.fromMm)}
          y={edge - 4}
          width={Math.max(3, x(m.toMm) - x(m.fromMm))}
          height={7}
          fill="#fff"
          stroke="var(--color-error)"
          strokeWidth="1.6"
        />
      )}
      <circle
        cx={middle}
        cy={20}
        r={11}
        fill="var(--color-base-100)"
        stroke="var(--color-error)"
        strokeWidth="2"
      />
      <text x={middle} y={25} textAnchor="middle" fontSize="14" fontWeight="650">
        {n}
      </text>
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

/** The rule under the edge: millimetres from where the tool's family counts. */
function Rule({
  layout,
  x,
  edge,
  scale,
}: {
  layout: Layout
  x: (mm: number) => number
  edge: number
  scale: number
}) {
  const lengthMm = layout.totalMm
  const step = roundNear(Math.max(1, 110 / scale))
  const labels: number[] = []
  // Labels leave room for the words at both ends of the rule.
  const words = layout.from.length * 7 + 14
  for (let mm = step; mm <= lengthMm - (layout.to.length * 7 + 40) / scale; mm += step) {
    if (mm * scale > words) labels.push(mm)
  }
  const ticks: number[] = []
  const fine = scale >= 7 ? 1 : step
  for (let mm = 0; mm <= lengthMm + 1e-9; mm += fine) ticks.push(mm)
  return (
    <g>
      {ticks.map((mm) => (
        <line key={mm} x1={x(mm)} y1={edge + 14} x2={x(mm)} y2={edge + 20} stroke="var(--quiet)" />
      ))}
      <text x={x(0) - pad + 2} y={edge + 39} fontSize="13" className="quiet" fill="currentColor">
        {layout.from}
      </text>
      <text
        x={x(lengthMm) + pad}
        y={edge + 39}
        fontSize="13"
        textAnchor="end"
        className="quiet"
        fill="currentColor"
      >
        {layout.to}, mm
      </text>
      {labels.map((mm) => (
        <g key={mm}>
          <line x1={x(mm)} y1={edge + 14} x2={x(mm)} y2={edge + 24} stroke="var(--color-base-content)" />
          <text x={x(mm)} y={edge + 39} fontSize="14" textAnchor="middle">
            {num(mm)}
          </text>
        </g>
      ))}
    </g>
  )
}
