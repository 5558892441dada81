import { useId } from 'react'
import type { Schemas } from '../api/client'
import { ScaleBar } from './ScaleBar'
import { pathOf, span, toX, toY, type Frame } from './outline'
import { Patterns } from './Patterns'
import { roundNear } from './useWidth'
import { barLabel, barLength } from '../ui/units'

const WIDTH = 360
const HEIGHT = 170
type Facet = Schemas['Corner']['facet']

const FINE: Facet[] = ['SECONDARY', 'BACK_BEVEL']

/** The edge cut through, small: what the whole work takes hatched, the facet of this step drawn heavy. */
export function SectionInset({ view, facet }: { view: Schemas['SectionView']; facet: Facet }) {
  const id = useId().replace(/:/g, '')
  const all = [...view.before, ...view.after]
  const apex = Math.min(...all.flatMap((o) => o.corners.map((c) => c.x)))
  const shown = (FINE.includes(facet) ? view.insetMm : view.mainMm) * 1.1
  const { low, high } = span(all, apex + shown)
  const scale = Math.min((WIDTH - 20) / shown, (HEIGHT - 44) / Math.max(high - low, 1e-6))
  const f: Frame = { x0: apex, scale, left: 12, zero: 8 + high * scale }
  const worked = view.after.flatMap((o) =>
    o.corners
      .map((c, i) => ({ a: c, b: o.corners[(i + 1) % o.corners.length]! }))
      .filter((s) => s.a.facet === facet),
  )
  const bar = barLength(shown / 4, roundNear(shown / 4))
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-[26rem]"
      role="img"
      aria-label={`The edge cut through${worked.length > 0 ? ', the facet of this step drawn heavy' : ''}`}
    >
      <Patterns id={id} />
      <clipPath id={id + '-in'}>
        <rect x="0" y="0" width={Math.min(WIDTH, f.left + shown * scale)} height={HEIGHT - 28} />
      </clipPath>
      <g clipPath={`url(#${id}-in)`}>
        {view.after.map((o, i) => (
          <path key={'a' + i} d={pathOf(o, f)} className="steel" strokeWidth="1.4" />
        ))}
        {view.removed.map((o, i) => (
          <path
            key={'r' + i}
            d={pathOf(o, f)}
            fill={`url(#${id}-go)`}
            stroke="var(--color-warning)"
            strokeWidth="1"
          />
        ))}
        {worked.map((s, i) => (
          <line
            key={i}
            x1={toX(f, s.a.x)}
            y1={toY(f, s.a.y)}
            x2={toX(f, s.b.x)}
            y2={toY(f, s.b.y)}
            stroke="var(--color-primary)"
            strokeWidth="6"
            strokeLinecap="round"
          />
        ))}
      </g>
      <ScaleBar x={WIDTH - 14 - bar * scale} y={HEIGHT - 8} length={bar * scale} label={barLabel(bar)} />
    </svg>
  )
}
