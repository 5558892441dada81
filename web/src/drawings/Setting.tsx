import { useId } from 'react'
import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Advised } from '../ui/Why'
import { Patterns } from './Patterns'

type SettingView = Schemas['SettingView']

/** What the hand sets: one big number, how much it matters, and where to measure it. */
export function Setting({ setting, guide }: { setting: SettingView; guide: string }) {
  return (
    <section
      aria-label={`Setting for the ${setting.bevel}`}
      className="grid sm:grid-cols-[minmax(0,15rem)_minmax(0,1fr)] gap-4 items-center py-3"
    >
      <div>
        <p className="quiet">
          Projection for the {setting.bevel}, {num(setting.angleDeg)}°
        </p>
        <Advised advice={setting.projection} digits={1} big />
        <p>{setting.tolerance}</p>
      </div>
      <GuideDrawing mm={setting.projection.value} degrees={setting.angleDeg} guide={guide} />
    </section>
  )
}

/** The guide on its stone, and the length to measure: from the edge back to the front face of the guide. */
export function GuideDrawing({ mm, degrees, guide }: { mm: number; degrees: number; guide: string }) {
  const id = useId().replace(/:/g, '')
  const angle = Math.min(50, Math.max(10, degrees))
  const rad = (angle * Math.PI) / 180
  const apex = { x: 40, y: 150 }
  const along = (d: number, off = 0) => ({
    x: apex.x + d * Math.cos(rad) + off * Math.sin(rad),
    y: apex.y - d * Math.sin(rad) + off * Math.cos(rad),
  })
  const shown = 150
  const face = along(shown)
  const back = along(shown + 74)
  const end = along(300)
  const t = 16
  const jaw = [along(shown, -9), along(shown + 74, -9), along(shown + 74, t + 7), along(shown, t + 7)]
  const axle = along(shown + 37, 36)
  const radius = Math.max(10, apex.y - axle.y)
  const top = along(shown / 2, -34)
  const a = along(0, -26)
  const b = along(shown, -26)
  const path = (list: { x: number; y: number }[]) => list.map((q) => `${q.x},${q.y}`).join(' ')
  return (
    <svg
      viewBox="0 -30 380 206"
      className="w-full max-w-[30rem]"
      role="img"
      aria-label={`${guide}: ${num(mm, 1)} mm from the edge to the front face of the guide`}
    >
      <Patterns id={id} />
      <rect
        x="6"
        y={apex.y}
        width="330"
        height="18"
        fill="var(--color-base-300)"
        stroke="var(--steel-line)"
      />
      <text x="326" y={apex.y + 14} fontSize="12" textAnchor="end">
        stone
      </text>
      <polygon
        points={path([apex, end, along(300, t), along(t / Math.tan(rad), t)])}
        className="steel"
        strokeWidth="1.4"
      />
      <circle
        cx={axle.x}
        cy={apex.y - radius}
        r={radius}
        fill="var(--color-base-200)"
        stroke="var(--steel-line)"
        strokeWidth="1.6"
      />
      <circle cx={axle.x} cy={apex.y - radius} r="2.5" fill="var(--steel-line)" />
      <polygon
        points={path(jaw)}
        fill="var(--color-base-100)"
        stroke="var(--color-base-content)"
        strokeWidth="1.6"
      />
      <path
        d={`M${a.x} ${a.y}L${b.x} ${b.y}`}
        stroke="var(--color-base-content)"
        strokeWidth="1.4"
        markerStart={`url(#${id}-tip)`}
        markerEnd={`url(#${id}-tip)`}
      />
      <path
        d={`M${apex.x} ${apex.y}L${along(0, -32).x} ${along(0, -32).y}M${face.x} ${face.y}L${along(shown, -32).x} ${along(shown, -32).y}`}
        stroke="var(--quiet)"
      />
      <text x={top.x} y={top.y - 2} fontSize="19" fontWeight="650" textAnchor="middle">
        {num(mm, 1)} mm
      </text>
      <text x={back.x + 8} y={back.y + 26} fontSize="12">
        {guide}
      </text>
    </svg>
  )
}
