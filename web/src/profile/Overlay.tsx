import type { Schemas } from '../api/client'
import { ScaleBar } from '../drawings/ScaleBar'
import { roundNear, useWidth } from '../drawings/useWidth'
import { barLength, mm, ruleStep } from '../ui/units'

type Place = Schemas['PlaceView']

/** Two traces laid over each other, and under them how far they lie apart, enlarged. */
export function Overlay({
  before,
  after,
  samples,
  changes,
  worstAtMm,
  label,
}: {
  before: Place[]
  after?: Place[]
  samples?: Schemas['DeviationView'][]
  changes?: Schemas['ShapeChangeView'][]
  worstAtMm?: number
  label: string
}) {
  const { ref, width } = useWidth<HTMLDivElement>(700)
  const all = [...before, ...(after ?? [])]
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => p.y)
  const wide = Math.max(...xs) - Math.min(...xs) || 1
  const tall = Math.max(...ys) - Math.min(...ys)
  const scale = Math.min((width - 40) / wide, 240 / Math.max(tall, 1))
  const top = 26 + tall * scale + 44
  const strip = samples ? 150 : 0
  const height = top + strip
  const at = (p: Place): [number, number] => [
    20 + (p.x - Math.min(...xs)) * scale,
    26 + (Math.max(...ys) - p.y) * scale,
  ]
  const line = (places: Place[]) => places.map((p, i) => `${i === 0 ? 'M' : 'L'}${at(p).join(' ')}`).join('')
  const bar = barLength(wide / 5, roundNear(wide / 5))
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
        <path
          d={line(before)}
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth="1.8"
          strokeDasharray="8 4"
        />
        {after && <path d={line(after)} fill="none" stroke="var(--color-primary)" strokeWidth="3" />}
        <text x={20} y={16} fontSize="14">
          {after ? 'dashed: as it was; full: as it is' : 'as traced'}
        </text>
        <ScaleBar x={width - 24 - bar * scale} y={top - 12} length={bar * scale} label={`${mm(bar)}`} />
        {samples && samples.length > 1 && (
          <Apart
            samples={samples}
            changes={changes ?? []}
            worstAtMm={worstAtMm ?? 0}
            width={width}
            top={top}
            height={strip}
          />
        )}
      </svg>
    </div>
  )
}

/** What went more or less than elsewhere, along the edge as it was. */
function Apart({
  samples,
  changes,
  worstAtMm,
  width,
  top,
  height,
}: {
  samples: Schemas['DeviationView'][]
  changes: Schemas['ShapeChangeView'][]
  worstAtMm: number
  width: number
  top: number
  height: number
}) {
  const end = samples[samples.length - 1]!.alongMm
  const most = Math.max(0.3, ...samples.map((s) => Math.abs(s.deviationMm)))
  const zero = top + height / 2 - 8
  const x = (mm: number) => 20 + ((width - 40) * mm) / end
  const y = (mm: number) => zero + ((height / 2 - 26) * mm) / most
  const worst = samples.reduce((a, b) =>
    Math.abs(b.alongMm - worstAtMm) < Math.abs(a.alongMm - worstAtMm) ? b : a,
  )
  const rule = ruleStep(end / 6, roundNear(end / 6))
  return (
    <g>
      {changes.map((c) => (
        <g key={c.kind + c.fromMm}>
          <rect
            x={x(c.fromMm)}
            y={top + 4}
            width={Math.max(2, x(c.toMm) - x(c.fromMm))}
            height={height - 40}
            fill="var(--color-warning)"
            opacity="0.18"
          />
          <text
            x={Math.min(width - 100, Math.max(100, x((c.fromMm + c.toMm) / 2)))}
            y={top + 16}
            fontSize="13"
            textAnchor="middle"
          >
            {c.words}
          </text>
        </g>
      ))}
      <path d={`M20 ${zero}H${width - 20}`} stroke="var(--quiet)" />
      <text x={24} y={zero - 5} fontSize="13" className="quiet" fill="currentColor">
        went evenly
      </text>
      <path
        d={samples.map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.alongMm)} ${y(s.deviationMm)}`).join('')}
        fill="none"
        stroke="var(--color-primary)"
        strokeWidth="2.5"
      />
      <circle cx={x(worst.alongMm)} cy={y(worst.deviationMm)} r="5" fill="var(--color-warning)" />
      <text
        x={x(worst.alongMm) + (x(worst.alongMm) > width / 2 ? -10 : 10)}
        y={y(worst.deviationMm) + (worst.deviationMm > 0 ? 5 : 5)}
        fontSize="14"
        fontWeight="650"
        textAnchor={x(worst.alongMm) > width / 2 ? 'end' : 'start'}
        stroke="var(--color-base-100)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {mm(Math.abs(worst.deviationMm), 2)} {worst.deviationMm > 0 ? 'more' : 'less'}
      </text>
      {Array.from({ length: Math.floor(end / rule.mm) + 1 }, (_, i) => i * rule.mm).map((at) => (
        <text key={at} x={x(at)} y={top + height - 8} fontSize="13" textAnchor="middle">
          {rule.label(at)}
        </text>
      ))}
    </g>
  )
}
