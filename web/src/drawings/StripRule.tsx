import type { Schemas } from '../api/client'
import { roundNear } from './useWidth'
import { lengthUnit, ruleStep } from '../ui/units'

/** Room left and right of the edge (px). */
export const pad = 14

type Layout = Schemas['LayoutView']

/** The rule under the edge: millimetres from where the tool's family counts; teeth along a row of them. */
export function Rule(props: RuleProps) {
  return props.layout.form === 'TEETH' ? <TeethRule {...props} /> : <Millimetres {...props} />
}

interface RuleProps {
  layout: Layout
  x: (mm: number) => number
  edge: number
  scale: number
}

/** A tick for every tooth, every few a number: a tooth is found by counting, never by a ruler. */
function TeethRule({ layout, x, edge, scale }: RuleProps) {
  const per = Math.max(1, layout.perTooth)
  const tooth = per * layout.edgeMm
  const every = [1, 2, 5, 10, 20, 50].find((n) => n * tooth * scale >= 30) ?? 100
  return (
    <g>
      {Array.from({ length: Math.round(layout.edges / per) }, (_, i) => {
        const named = i === 0 || (i + 1) % every === 0
        const at = x((i + 0.5) * tooth)
        return (
          <g key={i}>
            <line
              x1={at}
              y1={edge + 14}
              x2={at}
              y2={edge + (named ? 24 : 19)}
              stroke={named ? 'var(--color-base-content)' : 'var(--quiet)'}
            />
            {named && (
              <text x={at} y={edge + 39} fontSize="14" textAnchor="middle">
                {i + 1}
              </text>
            )}
          </g>
        )
      })}
    </g>
  )
}

function Millimetres({ layout, x, edge, scale }: RuleProps) {
  const lengthMm = layout.totalMm
  const least = Math.max(1, 110 / scale)
  const rule = ruleStep(least, roundNear(least))
  const step = rule.mm
  const labels: number[] = []
  // Labels leave room for the words at both ends of the rule.
  const words = layout.from.length * 7 + 14
  for (let mm = step; mm <= lengthMm - (layout.to.length * 7 + 40) / scale; mm += step) {
    if (mm * scale > words) labels.push(mm)
  }
  const ticks: number[] = []
  const fine = scale >= 7 ? rule.fine : step
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
        {layout.to}, {lengthUnit()}
      </text>
      {labels.map((mm) => (
        <g key={mm}>
          <line x1={x(mm)} y1={edge + 14} x2={x(mm)} y2={edge + 24} stroke="var(--color-base-content)" />
          <text x={x(mm)} y={edge + 39} fontSize="14" textAnchor="middle">
            {rule.label(mm)}
          </text>
        </g>
      ))}
    </g>
  )
}
