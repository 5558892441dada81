import { useState } from 'react'
import { askCurve } from '../api/calculator'
import type { Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Choice } from '../ui/Field'
import { figure, figureSaid } from '../ui/units'

type Curve = Schemas['AnswerCurveView']

const [W, H] = [560, 250]
const PAD = { left: 78, right: 16, top: 14, bottom: 44 }

/** The answer over one of the numbers, a point where the example stands: it moves with what is typed. */
export function AnswerCurve({
  calculator: c,
  given,
}: {
  calculator: Schemas['CalculatorView']
  given: Record<string, string>
}) {
  const [over, setOver] = useState(c.movable[0] ?? '')
  const wanted = over !== '' && (given[over] ?? '') !== ''
  const answer = useAnswer('curve', `${c.id} ${over}`, given, (body) => askCurve(c.id, over, body), wanted)
  if (c.movable.length === 0) return null
  const named = (name: string) => c.inputs.find((i) => i.name === name)?.meaning ?? name
  return (
    <div className="pt-3">
      {answer.data && answer.data.points.length > 1 && <Drawn curve={answer.data} />}
      {c.movable.length > 1 && (
        <div className="max-w-[24rem]">
          <Choice
            label="See it move with"
            value={over}
            onChange={setOver}
            options={c.movable.map((name) => ({ value: name, label: named(name) }))}
          />
        </div>
      )}
    </div>
  )
}

function Drawn({ curve: c }: { curve: Curve }) {
  const xs = c.points.map((p) => p.x)
  const ys = c.points.map((p) => p.y)
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const [low, high] = [Math.min(...ys), Math.max(...ys)]
  const air = (high - low || Math.abs(high) || 1) * 0.06
  const x = (v: number) => PAD.left + ((v - left) / (right - left || 1)) * (W - PAD.left - PAD.right)
  const y = (v: number) =>
    H - PAD.bottom - ((v - low + air) / (high - low + 2 * air)) * (H - PAD.top - PAD.bottom)
  const step = (right - left) / 55
  const d = c.points
    .map((p, i) => `${i === 0 || p.x - c.points[i - 1]!.x > step * 1.5 ? 'M' : 'L'}${x(p.x)} ${y(p.y)}`)
    .join('')
  // The number stands on the free side of the curve: before a rising one, behind a falling one.
  const rises = c.points[c.points.length - 1]!.y > c.points[0]!.y
  const before = c.here !== null && (rises ? x(c.here.x) > PAD.left + 90 : x(c.here.x) > W - 110)
  const at = (v: number, unit: string) => figureSaid(v, unit, figureSteps(v))
  const said = c.here
    ? `at ${at(c.here.x, c.overUnit)} it is ${at(c.here.y, c.ofUnit)}`
    : 'there is no answer at the numbers as typed'
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="w-full max-w-[40rem]"
      role="img"
      aria-label={`${c.of} over ${c.over}, from ${at(left, c.overUnit)} to ${at(right, c.overUnit)}: ${said}`}
    >
      <path
        d={`M${PAD.left} ${PAD.top}V${H - PAD.bottom}H${W - PAD.right}`}
        fill="none"
        stroke="var(--quiet)"
      />
      {[low, high].map((v) => (
        <text key={v} x={PAD.left - 6} y={y(v) + 4} fontSize="13" textAnchor="end" fill="currentColor">
          {at(v, c.ofUnit)}
        </text>
      ))}
      {[left, right].map((v, i) => (
        <text
          key={v}
          x={x(v)}
          y={H - PAD.bottom + 17}
          fontSize="13"
          textAnchor={i === 0 ? 'start' : 'end'}
          fill="currentColor"
        >
          {at(v, c.overUnit)}
        </text>
      ))}
      <text x={(PAD.left + W) / 2} y={H - 6} fontSize="13" textAnchor="middle" fill="currentColor">
        {c.over}
      </text>
      <path d={d} fill="none" stroke="currentColor" strokeWidth="2" />
      {c.here && (
        <g>
          <path
            d={`M${x(c.here.x)} ${H - PAD.bottom}V${y(c.here.y)}H${PAD.left}`}
            fill="none"
            stroke="var(--color-primary)"
            strokeDasharray="4 3"
          />
          <circle cx={x(c.here.x)} cy={y(c.here.y)} r="6" fill="var(--color-primary)" />
          <text
            x={x(c.here.x) + (before ? -10 : 10)}
            y={Math.max(PAD.top + 14, y(c.here.y) - 12)}
            fontSize="15"
            fontWeight="650"
            textAnchor={before ? 'end' : 'start'}
            fill="var(--color-primary)"
            stroke="var(--color-base-100)"
            strokeWidth="4"
            paintOrder="stroke"
          >
            {figure(c.here.y, c.ofUnit, figureSteps(c.here.y)).number} {figure(c.here.y, c.ofUnit).unit}
          </text>
        </g>
      )}
    </svg>
  )
}

/** Three figures are all that a drawing shows. */
function figureSteps(v: number): number {
  const size = Math.abs(v)
  return size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3
}
