import { useId } from 'react'
import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Patterns } from './Patterns'
import { roundNear, useWidth } from './useWidth'

type View = Schemas['SectionView']
type Outline = Schemas['Outline']

interface SectionProps {
  view: View
  primaryDeg: number
  lastDeg: number | null
  /** Width of the secondary once done (mm); 0 where there is none. */
  secondaryWidthMm?: number
  /** Length that goes (mm), named at the hatching. */
  lostMm?: number
  label: string
}

interface Frame {
  /** Left and lower corner of the window (mm), and pixels per millimetre. */
  x0: number
  y0: number
  scale: number
  left: number
  bottom: number
}

const toX = (f: Frame, mm: number) => f.left + (mm - f.x0) * f.scale
const toY = (f: Frame, mm: number) => f.bottom - (mm - f.y0) * f.scale

/** The edge cut through: before in outline, after in fill, what goes hatched; the apex again, enlarged. */
export function Section(p: SectionProps) {
  const { ref, width } = useWidth<HTMLDivElement>(700)
  const id = useId().replace(/:/g, '')
  const shape = measure(p.view)
  const height = Math.round(Math.min(450, Math.max(290, width * 0.56)))
  const scale = Math.min((width - 40) / (shape.window * 1.06), (height * 0.6) / shape.thick)
  const main: Frame = { x0: shape.apex, y0: 0, scale, left: 26, bottom: height - 48 }
  const bar = roundNear(shape.window / 4)
  return (
    <div ref={ref} className="w-full">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={p.label}
        className="block"
      >
        <Patterns id={id} />
        <clipPath id={id + '-sheet'}>
          <rect x="0" y="0" width={width} height={height} />
        </clipPath>
        <g clipPath={`url(#${id}-sheet)`}>
          <Pieces view={p.view} frame={main} id={id} thin />
        </g>
        <AngleMark
          frame={main}
          at={shape.apexAfter}
          degrees={p.primaryDeg}
          reach={shape.window * 0.52}
          name="primary"
        />
        <Inset p={p} shape={shape} id={id} width={width} height={height} main={main} />
        <ScaleBar
          x={width - 30 - bar * scale}
          y={height - 16}
          length={bar * scale}
          label={`${num(bar, 2)} mm`}
        />
      </svg>
    </div>
  )
}

interface Shape {
  apex: number
  apexAfter: number
  window: number
  thick: number
}

function measure(view: View): Shape {
  const all = [...view.before, ...view.after].flatMap((o) => o.corners)
  const xs = all.map((c) => c.x)
  const far = Math.max(...xs)
  const thick = Math.max(...all.map((c) => c.y))
  const apex = Math.min(...xs)
  const after = view.after.flatMap((o) => o.corners.map((c) => c.x))
  const heels = all.filter((c) => c.x < far - 1e-6 && c.y > thick - 1e-6).map((c) => c.x)
  const heel = heels.length ? Math.max(...heels) : far
  return { apex, apexAfter: after.length ? Math.min(...after) : apex, window: (heel - apex) * 1.35, thick }
}

function points(outline: Outline, f: Frame): string {
  return outline.corners.map((c) => `${toX(f, c.x).toFixed(2)},${toY(f, c.y).toFixed(2)}`).join(' ')
}

function Pieces({ view, frame, id, thin }: { view: View; frame: Frame; id: string; thin?: boolean }) {
  return (
    <>
      {view.after.map((o, i) => (
        <polygon key={'a' + i} points={points(o, frame)} className="steel" strokeWidth={thin ? 1.6 : 2} />
      ))}
      {view.removed.map((o, i) => (
        <polygon
          key={'r' + i}
          points={points(o, frame)}
          fill={`url(#${id}-go)`}
          stroke="var(--color-warning)"
          strokeWidth="1.2"
        />
      ))}
      {view.before.map((o, i) => (
        <polygon
          key={'b' + i}
          points={points(o, frame)}
          fill="none"
          stroke="var(--steel-line)"
          strokeWidth="1"
          strokeDasharray="5 4"
        />
      ))}
    </>
  )
}

/** An angle from the back, as an arc about the apex with its figure. */
function AngleMark({
  frame,
  at,
  degrees,
  reach,
  name,
}: {
  frame: Frame
  at: number
  degrees: number
  reach: number
  name: string
}) {
  const r = reach * frame.scale
  const rad = (degrees * Math.PI) / 180
  const cx = toX(frame, at)
  const cy = toY(frame, 0)
  const ex = cx + r * Math.cos(rad)
  const ey = cy - r * Math.sin(rad)
  const mx = cx + (r + 10) * Math.cos(rad / 2)
  const my = cy - (r + 10) * Math.sin(rad / 2)
  return (
    <g>
      <path
        d={`M${cx + r} ${cy}A${r} ${r} 0 0 0 ${ex} ${ey}`}
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth="1.3"
      />
      <text x={mx} y={my + 6} fontSize="19" fontWeight="650">
        {num(degrees)}°
        <tspan fontSize="13" fontWeight="400" dx="5">
          {name}
        </tspan>
      </text>
    </g>
  )
}

function Inset({
  p,
  shape,
  id,
  width,
  height,
  main,
}: {
  p: SectionProps
  shape: Shape
  id: string
  width: number
  height: number
  main: Frame
}) {
  if (p.lastDeg === null) return null
  const size = { w: Math.min(width * 0.37, 300), h: Math.min(height * 0.42, 184) }
  const lost = shape.apexAfter - shape.apex
  const fine = Math.max((p.secondaryWidthMm ?? 0) * 1.7, 0.3)
  // Where little goes both apexes are in sight; where much goes the main drawing shows it, and this the new apex.
  const x0 = lost < fine * 0.6 ? shape.apex : shape.apexAfter - fine * 0.25
  const seen = lost < fine * 0.6 ? Math.max(fine, lost * 1.8) : fine * 1.25
  const box = { x: 8, y: 8 }
  const scale = (size.w - 24) / (seen * 1.1)
  const frame: Frame = { x0, y0: 0, scale, left: box.x + 14, bottom: box.y + size.h - 30 }
  const bar = roundNear(seen / 3)
  const times = Math.round(scale / main.scale)
  const arc = Math.min(seen * 0.55, (size.w * 0.4) / scale)
  return (
    <g>
      <path
        d={`M${toX(main, shape.apexAfter)} ${toY(main, 0) - 4}L${box.x + 30} ${box.y + size.h}`}
        stroke="var(--quiet)"
        strokeDasharray="2 4"
      />
      <clipPath id={id + '-inset'}>
        <rect x={box.x} y={box.y} width={size.w} height={size.h} />
      </clipPath>
      <rect
        x={box.x}
        y={box.y}
        width={size.w}
        height={size.h}
        fill="var(--color-base-100)"
        stroke="var(--quiet)"
        strokeWidth="1.2"
      />
      <g clipPath={`url(#${id}-inset)`}>
        <Pieces view={p.view} frame={frame} id={id} />
        <AngleMark frame={frame} at={shape.apexAfter} degrees={p.lastDeg} reach={arc} name="last bevel" />
      </g>
      <g fontSize="13" stroke="var(--color-base-100)" strokeWidth="4" paintOrder="stroke">
        <text x={box.x + 10} y={box.y + 20}>
          the apex, {times} times larger
        </text>
        {p.lostMm !== undefined && p.lostMm > 0 && (
          <text x={box.x + 10} y={box.y + 38}>
            hatched: {num(p.lostMm, p.lostMm < 0.1 ? 4 : 2)} mm off the length
          </text>
        )}
      </g>
      <ScaleBar
        x={box.x + size.w - 14 - bar * scale}
        y={box.y + size.h - 8}
        length={bar * scale}
        label={bar < 1 ? `${num(bar * 1000, 0)} µm` : `${num(bar)} mm`}
      />
    </g>
  )
}

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
      <text x={x + length / 2} y={y - 8} fontSize="13" textAnchor="middle">
        {label}
      </text>
    </g>
  )
}
