import { useId } from 'react'
import { Patterns } from '../drawings/Patterns'
import { letters, type Family } from './dimensions'
import { PLANS, SECTIONS, type Panel } from './panels'

/** Where to measure a tool of a family, lettered like the fields: from above or the side, and cut through. */
export function Measures({ family, lit }: { family: Family; lit: string }) {
  const id = useId().replace(/:/g, '')
  const letter = letters(family)
  const words = family.dimensions.map((d) => `${letter[d.field]} ${d.label}: ${d.where}`).join('; ')
  return (
    <div role="img" aria-label={`Where to measure. ${words}`} className="grid sm:grid-cols-2 gap-x-4">
      <Sheet panel={PLANS[family.geometry]!} letter={letter} lit={lit} id={id + 'p'} />
      <Sheet panel={SECTIONS[family.geometry]!} letter={letter} lit={lit} id={id + 's'} />
    </div>
  )
}

interface SheetProps {
  panel: Panel
  letter: Record<string, string>
  /** The field that is being filled in: its letter and its line stand out. */
  lit: string
  id: string
}

function Sheet({ panel, letter, lit, id }: SheetProps) {
  const ink = (field: string) => (field === lit ? 'var(--color-primary)' : 'var(--color-base-content)')
  const weight = (field: string) => (field === lit ? '3.2' : '1.4')
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
              stroke={ink(s.field)}
              strokeWidth={weight(s.field)}
              markerStart={`url(#${id}-tip)`}
              markerEnd={`url(#${id}-tip)`}
            />
            <Letter at={s.at ?? beside(s.from, s.to)} t={letter[s.field]!} lit={s.field === lit} />
          </g>
        ))}
      {panel.arcs
        ?.filter((a) => letter[a.field])
        .map((a) => (
          <g key={a.field}>
            <path d={a.d} fill="none" stroke={ink(a.field)} strokeWidth={weight(a.field)} />
            <Letter at={a.at} t={letter[a.field]!} lit={a.field === lit} />
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

function Letter({ at, t, lit }: { at: [number, number]; t: string; lit: boolean }) {
  return (
    <text
      x={at[0]}
      y={at[1]}
      fontSize={lit ? '25' : '19'}
      fontWeight="700"
      style={lit ? { fill: 'var(--color-primary)' } : undefined}
      textAnchor="middle"
      stroke="var(--color-base-100)"
      strokeWidth="4"
      paintOrder="stroke"
    >
      {t}
    </text>
  )
}
