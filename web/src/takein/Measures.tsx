import { useId } from 'react'
import { Patterns } from '../drawings/Patterns'
import { letters, type Family } from './dimensions'
import { PLANS, SECTIONS, type Panel } from './panels'

/** Where to measure a tool of a family, lettered like the fields: from above or the side, and cut through. */
export function Measures({ family }: { family: Family }) {
  const id = useId().replace(/:/g, '')
  const letter = letters(family)
  const words = family.dimensions.map((d) => `${letter[d.field]} ${d.label}: ${d.where}`).join('; ')
  return (
    <div role="img" aria-label={`Where to measure. ${words}`} className="grid sm:grid-cols-2 gap-x-4">
      <Sheet panel={PLANS[family.geometry]!} letter={letter} id={id + 'p'} />
      <Sheet panel={SECTIONS[family.geometry]!} letter={letter} id={id + 's'} />
    </div>
  )
}

function Sheet({ panel, letter, id }: { panel: Panel; letter: Record<string, string>; id: string }) {
  return (
    <svg viewBox="0 0 360 232" className="w-full" aria-hidden="true">
      <Patterns id={id} />
      <text x="8" y="18" fontSize="14">
        {panel.title}
      </text>
      {panel.steel.map((d) => (
        <path key={d} d={d} className="steel" strokeWidth="1.5" />
      ))}
      {panel.lines?.map((d) => (
        <path key={d} d={d} fill="none" stroke="var(--steel-line)" strokeDasharray="5 4" />
      ))}
      {panel.spans
        .filter((s) => letter[s.field])
        .map((s) => (
          <g key={s.field}>
            <path
              d={`M${s.from[0]} ${s.from[1]}L${s.to[0]} ${s.to[1]}`}
              stroke="var(--color-base-content)"
              strokeWidth="1.4"
              markerStart={`url(#${id}-tip)`}
              markerEnd={`url(#${id}-tip)`}
            />
            <Letter at={s.at ?? beside(s.from, s.to)} t={letter[s.field]!} />
          </g>
        ))}
      {panel.arcs
        ?.filter((a) => letter[a.field])
        .map((a) => (
          <g key={a.field}>
            <path d={a.d} fill="none" stroke="var(--color-base-content)" strokeWidth="1.4" />
            <Letter at={a.at} t={letter[a.field]!} />
          </g>
        ))}
    </svg>
  )
}

function beside(a: [number, number], b: [number, number]): [number, number] {
  const upright = Math.abs(a[0] - b[0]) < Math.abs(a[1] - b[1])
  const x = (a[0] + b[0]) / 2
  const y = (a[1] + b[1]) / 2
  return upright ? [x + 13, y + 6] : [x, y - 7]
}

function Letter({ at, t }: { at: [number, number]; t: string }) {
  return (
    <text
      x={at[0]}
      y={at[1]}
      fontSize="19"
      fontWeight="700"
      textAnchor="middle"
      stroke="var(--color-base-100)"
      strokeWidth="4"
      paintOrder="stroke"
    >
      {t}
    </text>
  )
}
