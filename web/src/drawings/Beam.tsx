import { useWidth } from './useWidth'

interface BeamProps {
  /** Which end is heavy: 1 the left, 2 the right, 0 neither. */
  heavy: number
  /** How far it dips (°); empty for a usual dip. */
  tiltDeg?: number | undefined
  /** Names of both ends as they are drawn. */
  left: string
  right: string
  spanMm: number
  trial?: { at: number; radiusMm: number; words: string } | null
  cut?: { at: number; radiusMm: number; words: string } | null
  label: string
}

const MIDDLE = 400
const REACH = 340
const DIP = 7
const Y = 120

/** A blade hung by its middle: the heavy end dips; what hangs on it and what comes off it are drawn where they are. */
export function Beam({ heavy, tiltDeg, left, right, spanMm, trial, cut, label }: BeamProps) {
  const { ref, width } = useWidth<HTMLDivElement>(800)
  // Lettering keeps its size on a phone, where the drawing is small.
  const size = Math.min(34, 20 * Math.max(1, 620 / Math.max(width, 1)))
  const tilt = tiltDeg ?? (heavy === 0 ? 0 : heavy === 1 ? -DIP : DIP)
  const x = (at: number, radius: number) =>
    MIDDLE + (at === 1 ? -1 : 1) * Math.min(REACH, (radius / (spanMm / 2)) * REACH)
  return (
    <div ref={ref} className="w-full">
      <svg viewBox="0 0 800 276" role="img" aria-label={label} className="w-full max-w-[52rem]">
        <path d={`M${MIDDLE} ${Y + 8}l-26 96h52z`} className="steel" strokeWidth="1.6" />
        <path d={`M${MIDDLE - 90} ${Y + 104}h180`} stroke="var(--steel-line)" strokeWidth="2.4" />
        <path
          d={`M${MIDDLE - REACH - 30} ${Y}h${2 * REACH + 60}`}
          stroke="var(--quiet)"
          strokeDasharray="4 6"
        />
        <g
          style={{
            transform: `rotate(${tilt}deg)`,
            transformOrigin: `${MIDDLE}px ${Y}px`,
            transition: 'transform 500ms ease-out',
          }}
        >
          <path
            d={`M${MIDDLE - REACH} ${Y - 16}h${2 * REACH}l-10 32h-${2 * REACH - 20}z`}
            className="steel"
            strokeWidth="1.8"
          />
          <circle
            cx={MIDDLE}
            cy={Y}
            r="9"
            fill="var(--color-base-100)"
            stroke="var(--steel-line)"
            strokeWidth="1.8"
          />
          <path
            d={`M${MIDDLE - REACH} ${Y - 16}h110M${MIDDLE + REACH} ${Y - 16}h-110`}
            stroke="var(--steel-line)"
            strokeWidth="5"
          />
          {cut && (
            <g>
              <rect
                x={x(cut.at, cut.radiusMm) - 12}
                y={Y - 2}
                width="24"
                height="18"
                fill="var(--color-warning)"
                opacity="0.85"
              />
              <path
                d={`M${x(cut.at, cut.radiusMm) - 12} ${Y + 16}l24 -18M${x(cut.at, cut.radiusMm) - 4} ${Y + 16}l16 -12`}
                stroke="var(--color-base-100)"
                strokeWidth="2"
              />
            </g>
          )}
          {trial && (
            <g>
              <path
                d={`M${x(trial.at, trial.radiusMm)} ${Y + 14}v26`}
                stroke="var(--color-primary)"
                strokeWidth="2.4"
              />
              <circle cx={x(trial.at, trial.radiusMm)} cy={Y + 52} r="13" fill="var(--color-primary)" />
            </g>
          )}
        </g>
        <text x={MIDDLE - REACH} y="34" fontSize={size}>
          {left}
        </text>
        <text x={MIDDLE + REACH} y="34" fontSize={size} textAnchor="end">
          {right}
        </text>
        {cut && (
          <text
            x={cut.at === 1 ? 40 : 760}
            y="264"
            fontSize={size}
            fontWeight="650"
            textAnchor={cut.at === 1 ? 'start' : 'end'}
          >
            {cut.words}
          </text>
        )}
        {trial && (
          <text
            x={trial.at === 1 ? 40 : 760}
            y="264"
            fontSize={size}
            textAnchor={trial.at === 1 ? 'start' : 'end'}
          >
            {trial.words}
          </text>
        )}
      </svg>
    </div>
  )
}
