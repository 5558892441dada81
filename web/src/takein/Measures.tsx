import { useId } from 'react'
import { Patterns } from '../drawings/Patterns'

/** Where to measure a flat-back tool, lettered like the fields. */
export function Measures() {
  const id = useId().replace(/:/g, '')
  const arrow = {
    stroke: 'var(--color-base-content)',
    strokeWidth: 1.3,
    markerStart: `url(#${id}-tip)`,
    markerEnd: `url(#${id}-tip)`,
  }
  return (
    <svg
      viewBox="0 0 720 250"
      className="w-full"
      role="img"
      aria-label="Where to measure: A across the edge, B thickness at the heel, C edge to the end of the usable steel, D where it is retired, E primary angle, F length of the bevel, G secondary angle, H its width"
    >
      <Patterns id={id} />
      <g>
        <rect x="30" y="60" width="92" height="150" className="steel" strokeWidth="1.4" />
        <path d="M30 178H122" stroke="var(--steel-line)" />
        <line x1="30" y1="226" x2="122" y2="226" {...arrow} />
        <Letter x={76} y={244} t="A" />
        <line x1="140" y1="62" x2="140" y2="210" {...arrow} />
        <Letter x={154} y={142} t="C" />
        <path d="M14 118H138" stroke="var(--color-error)" strokeWidth="1.6" strokeDasharray="6 4" />
        <line x1="14" y1="62" x2="14" y2="116" {...arrow} />
        <Letter x={24} y={98} t="D" />
        <text x="30" y="48" fontSize="14">
          from above
        </text>
      </g>
      <g>
        <text x="250" y="48" fontSize="14">
          from the side
        </text>
        <path d="M236 196H690V96H430L262 178Z" className="steel" strokeWidth="1.4" />
        <path d="M236 196 262 178 251 196Z" fill={`url(#${id}-go)`} opacity="0" />
        <line x1="664" y1="98" x2="664" y2="194" {...arrow} />
        <Letter x={648} y={152} t="B" />
        <line x1="256" y1="164" x2="422" y2="83" {...arrow} />
        <Letter x={326} y={112} t="F" />
        <line x1="228" y1="186" x2="252" y2="169" {...arrow} />
        <Letter x={222} y={172} t="H" />
        <path d="M366 196A140 140 0 0 0 351 135" fill="none" stroke="var(--color-base-content)" />
        <Letter x={374} y={166} t="E" />
        <path d="M276 196A40 40 0 0 0 269 173" fill="none" stroke="var(--color-base-content)" />
        <Letter x={284} y={188} t="G" />
        <text x="470" y="214" fontSize="14">
          back
        </text>
        <text x="500" y="88" fontSize="14">
          face
        </text>
      </g>
    </svg>
  )
}

function Letter({ x, y, t }: { x: number; y: number; t: string }) {
  return (
    <text x={x} y={y} fontSize="19" fontWeight="700" textAnchor="middle">
      {t}
    </text>
  )
}
