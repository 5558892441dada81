import { useId, useState } from 'react'
import { Link } from 'wouter'
import type { Schemas } from '../api/client'
import { signed } from './format'
import { figure } from './units'

type Advice = Schemas['AdviceView']

/** A number that is advice, with the range it may fall in and a way to ask why. */
export function Advised({ advice, digits, big }: { advice: Advice; digits?: number; big?: boolean }) {
  const [open, setOpen] = useState(false)
  const id = useId()
  const show = (v: number) => {
    const shown = figure(v, advice.unit, digits)
    return shown.unit === advice.unit && digits !== undefined ? signed(v.toFixed(digits)) : shown.number
  }
  const units = [advice.low, advice.high].map((v) => figure(v, advice.unit, digits).unit)
  const unit = figure(advice.value, advice.unit, digits).unit
  const ranged = advice.high - advice.low > 1e-9
  return (
    <span className="inline-flex flex-col align-baseline max-w-full">
      <span className="flex flex-wrap items-baseline">
        <span className={big ? 'figure' : 'text-[1.35rem] font-semibold'}>
          {advice.words !== ''
            ? advice.words
            : !ranged
              ? show(advice.value)
              : // A range whose ends read the same is still no exact figure.
                show(advice.low) === show(advice.high)
                ? `about ${show(advice.value)}`
                : units[0] === units[1]
                  ? `${show(advice.low)}–${show(advice.high)}`
                  : `${show(advice.low)} ${units[0]}–${show(advice.high)}`}
          <span className={big ? 'unit' : 'text-[0.95rem] font-normal ml-1'}>{ranged ? units[1] : unit}</span>
        </span>
        <button
          type="button"
          className="btn btn-ghost btn-sm min-h-11 px-2 underline underline-offset-4 font-normal"
          aria-expanded={open}
          aria-controls={id}
          aria-label={`why: ${advice.label}`}
          onClick={() => setOpen(!open)}
        >
          why
        </button>
      </span>
      {open && <Reasons id={id} advice={advice} />}
    </span>
  )
}

function Reasons({ id, advice }: { id: string; advice: Advice }) {
  return (
    <span id={id} className="block text-[0.92rem] border-l-4 border-primary pl-3 my-2 max-w-[34rem]">
      <span className="block font-semibold">{advice.meaning}</span>
      <span className="block my-1 font-mono text-[0.88rem]">{advice.expression}</span>
      <span className="block quiet">{advice.symbols}</span>
      {advice.given.map((g) => (
        <span key={g.name} className="block">
          {g.name}: <b>{g.value}</b>
        </span>
      ))}
      <span className="block mt-1">{advice.evidence}.</span>
      <span className="block">Holds: {advice.limits}.</span>
      <span className="block">What would change it: {advice.changes}</span>
      <span className="block quiet">Source: {advice.source}.</span>
      <Link
        href={'/reference/' + advice.formulaId}
        className="underline underline-offset-4 min-h-11 inline-flex items-center"
      >
        More in the reference
      </Link>
    </span>
  )
}
