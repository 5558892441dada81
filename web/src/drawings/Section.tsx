import { useId } from 'react'
import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { ScaleBar } from './ScaleBar'
import { pathOf, span, toX, toY, type Frame } from './outline'
import { Patterns } from './Patterns'
import { roundNear, useWidth } from './useWidth'
import { barLabel, barLength, mm } from '../ui/units'

type View = Schemas['SectionView']
type Mark = Schemas['AngleMark']

/** Below this width the lettering is cut to its figures. */
const NARROW_PX = 520

interface SectionProps {
  view: View
  /** A second pair of bevels, laid over the first in outline. */
  other?: View | undefined
  label: string
}

/** The edge cut through: before in outline, after in fill, what goes hatched; the apex again, enlarged. */
export function Section({ view, other, label }: SectionProps) {
  const { ref, width } = useWidth<HTMLDivElement>(700)
  const id = useId().replace(/:/g, '')
  const all = [...view.before, ...view.after]
  const apex = Math.min(...all.flatMap((o) => o.corners.map((c) => c.x)))
  const shown = view.mainMm * 1.06
  const { low, high } = span(all, apex + shown)
  const height = Math.round(Math.min(450, Math.max(300, width * 0.56)))
  const share = view.perSide ? 0.46 : 0.58
  const scale = Math.min((width - 40) / shown, (height * share) / Math.max(high - low, 1e-6))
  const zero = view.perSide ? height - 52 - (height * share) / 2 : height - 50 + low * scale
  const main: Frame = { x0: apex, scale, left: 26, zero }
  const bar = barLength(view.mainMm / 4, roundNear(view.mainMm / 4))
  return (
    <div ref={ref} className="w-full">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={label}
        className="block"
      >
        <Patterns id={id} />
        <clipPath id={id + '-sheet'}>
          <rect x="0" y="0" width={Math.min(width, main.left + shown * scale)} height={height - 30} />
        </clipPath>
        <g clipPath={`url(#${id}-sheet)`}>
          <Pieces view={view} other={other} frame={main} id={id} thin />
          {view.perSide && <MidPlane frame={main} width={width} />}
        </g>
        {view.marks
          .filter((m) => !m.inset)
          .map((m) => (
            <AngleMark key={m.name} frame={main} mark={m} reach={view.mainMm * 0.5} />
          ))}
        <Inset view={view} other={other} apex={apex} id={id} width={width} height={height} main={main} />
        {view.wholeMm > view.mainMm * 3 && <Whole view={view} width={width} />}
        <ScaleBar x={width - 30 - bar * scale} y={height - 8} length={bar * scale} label={mm(bar, 4)} />
      </svg>
    </div>
  )
}

function Pieces({
  view,
  other,
  frame,
  id,
  thin,
}: {
  view: View
  other?: View | undefined
  frame: Frame
  id: string
  thin?: boolean
}) {
  return (
    <>
      {view.after.map((o, i) => (
        <path key={'a' + i} d={pathOf(o, frame)} className="steel" strokeWidth={thin ? 1.6 : 2} />
      ))}
      {view.removed.map((o, i) => (
        <path
          key={'r' + i}
          d={pathOf(o, frame)}
          fill={`url(#${id}-go)`}
          stroke="var(--color-warning)"
          strokeWidth="1.2"
        />
      ))}
      {view.before.map((o, i) => (
        <path
          key={'b' + i}
          d={pathOf(o, frame)}
          fill="none"
          stroke="var(--steel-line)"
          strokeWidth="1"
          strokeDasharray="5 4"
        />
      ))}
      {other?.after.map((o, i) => (
        <path
          key={'o' + i}
          d={pathOf(o, frame)}
          fill="none"
          stroke="var(--color-primary)"
          strokeWidth="2.2"
          strokeDasharray="10 4 2 4"
        />
      ))}
    </>
  )
}

function MidPlane({ frame, width }: { frame: Frame; width: number }) {
  return (
    <line
      x1={4}
      x2={width}
      y1={frame.zero}
      y2={frame.zero}
      stroke="var(--quiet)"
      strokeDasharray="14 4 3 4"
    />
  )
}

/** An angle as an arc about a point with its figure. */
function AngleMark({
  frame,
  mark,
  reach,
  bare,
}: {
  frame: Frame
  mark: Mark
  reach: number
  bare?: boolean
}) {
  const r = reach * frame.scale
  const cx = toX(frame, mark.x)
  const cy = toY(frame, mark.y)
  const at = (deg: number, by: number) => {
    const rad = (deg * Math.PI) / 180
    return { x: cx + by * Math.cos(rad), y: cy - by * Math.sin(rad) }
  }
  const from = at(mark.fromDeg, r)
  const to = at(mark.toDeg, r)
  const turn = mark.toDeg - mark.fromDeg
  const text = at(mark.fromDeg + turn / 2, r + 9)
  return (
    <g>
      {turn > 0.2 && (
        <path
          d={`M${from.x} ${from.y}A${r} ${r} 0 0 0 ${to.x} ${to.y}`}
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth="1.3"
        />
      )}
      <text
        x={text.x}
        y={text.y + 6}
        fontSize="19"
        fontWeight="650"
        stroke="var(--steel)"
        strokeWidth="3"
        paintOrder="stroke"
      >
        {num(turn, 1)}°
        {!bare && (
          <tspan fontSize="13" fontWeight="400" dx="5">
            {mark.name}
          </tspan>
        )}
      </text>
    </g>
  )
}

interface InsetProps {
  view: View
  other?: View | undefined
  apex: number
  id: string
  width: number
  height: number
  main: Frame
}

function Inset({ view, other, apex, id, width, height, main }: InsetProps) {
  const marks = view.marks.filter((m) => m.inset)
  if (marks.length === 0) return null
  const after = marks[0]!.x
  const narrow = width < NARROW_PX
  const size = { w: Math.min(Math.max(width * 0.42, 150), 300), h: Math.min(height * 0.41, 172) }
  const lost = after - apex
  const fine = view.insetMm
  // Where little goes both apexes are in sight; where much goes the main drawing shows it, and this the new apex.
  const near = lost < fine * 0.6
  const x0 = near ? apex : after - fine * 0.25
  const seen = near ? Math.max(fine, lost * 1.8) : fine * 1.25
  const box = { x: 8, y: 8 }
  const room = span(view.after, x0 + seen)
  const tall = size.h - 62
  const scale = Math.min((size.w - 24) / (seen * 1.1), tall / Math.max(room.high - room.low, seen / 30))
  const zero = view.perSide ? box.y + 30 + tall / 2 : box.y + size.h - 30 + room.low * scale
  const frame: Frame = { x0, scale, left: box.x + 14, zero }
  const fits = (size.w - 24) / scale / 4
  const bar = barLength(fits, roundNear(fits))
  const times = Math.round(scale / main.scale)
  return (
    <g>
      <path
        d={`M${toX(main, after)} ${main.zero - 4}L${box.x + 30} ${box.y + size.h}`}
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
        <Pieces view={view} other={other} frame={frame} id={id} />
        {marks.map((m) => (
          <AngleMark key={m.name} frame={frame} mark={m} reach={(size.w * 0.4) / scale} bare={narrow} />
        ))}
      </g>
      <g fontSize="13" stroke="var(--color-base-100)" strokeWidth="4" paintOrder="stroke">
        <text x={box.x + 10} y={box.y + 18}>
          {times <= 1 ? 'the apex' : narrow ? `${times}× larger` : `the apex, ${times} times larger`}
        </text>
        {view.lostMm > 0 && (
          <text x={box.x + 10} y={box.y + 35}>
            {narrow ? '' : 'hatched: '}
            {mm(view.lostMm, view.lostMm < 0.1 ? 4 : 2)} goes
          </text>
        )}
      </g>
      <ScaleBar
        x={box.x + size.w - 14 - bar * scale}
        y={box.y + size.h - 8}
        length={bar * scale}
        label={barLabel(bar)}
      />
    </g>
  )
}

/** The whole blade, small, so that the eye knows which part of it the main drawing shows. */
function Whole({ view, width }: { view: View; width: number }) {
  const w = Math.min(width * 0.34, 240)
  const left = width - w - 12
  const scale = w / view.wholeMm
  const { low, high } = span(view.after, view.wholeMm)
  const zero = 34 + Math.max(high * scale, 6)
  const frame: Frame = { x0: 0, scale, left, zero }
  return (
    <g>
      <text x={width - 12} y={20} fontSize="13" textAnchor="end">
        {width < NARROW_PX ? '' : 'across the blade, '}
        {mm(view.wholeMm, 1)}
      </text>
      {view.after.map((o, i) => (
        <path key={i} d={pathOf(o, frame)} className="steel" strokeWidth="1" />
      ))}
      <rect
        x={left - 3}
        y={zero - Math.max(high * scale, 5) - 3}
        width={Math.max(view.mainMm * scale, 5) + 6}
        height={Math.max((high - low) * scale, 8) + 6}
        fill="none"
        stroke="var(--color-primary)"
        strokeWidth="1.6"
      />
    </g>
  )
}
