import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { roundNear } from './useWidth'

/** Room left and right of the edge (px). */
export const pad = 14

type Layout = Schemas['LayoutView']

/** The rule under the edge: millimetres from where the tool's family counts. */
export function Rule({
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
