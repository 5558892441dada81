import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { length, mm } from '../ui/units'

/** The steel that is left, sharpening by sharpening, down to the retire limit. */
export function SteelLine({ steel, retireMm }: { steel: Schemas['SteelPoint'][]; retireMm: number }) {
  const first = steel[0]!
  const last = steel[steel.length - 1]!
  const left = last.usableMm - retireMm
  const whole = Math.max(first.usableMm, 1)
  const x = (mm: number) => 10 + (mm / whole) * 330
  return (
    <div>
      <p className="quiet">Steel left to sharpen</p>
      <p className="text-[1.8rem] font-semibold leading-tight">
        {length(left, 1).number}
        <span className="text-[1rem] font-normal ml-1">{length(left, 1).unit}</span>
      </p>
      <svg
        viewBox="0 0 350 78"
        className="w-full"
        role="img"
        aria-label={`${mm(last.usableMm, 1)} usable, retired at ${mm(retireMm, 1)}`}
      >
        <rect
          x={x(0)}
          y="14"
          width={x(last.usableMm) - x(0)}
          height="26"
          className="steel"
          strokeWidth="1.4"
        />
        <path d={`M${x(retireMm)} 6V48`} stroke="var(--color-error)" strokeWidth="2" strokeDasharray="5 3" />
        <text x={x(retireMm)} y="64" fontSize="13" textAnchor="middle">
          retire {num(retireMm, 0)}
        </text>
        {steel.slice(0, -1).map((s) => (
          <path key={s.at} d={`M${x(s.usableMm)} 12V42`} stroke="var(--color-warning)" strokeWidth="1.5" />
        ))}
        <text x={x(last.usableMm)} y="64" fontSize="13" textAnchor="end">
          {mm(last.usableMm, 1)}
        </text>
      </svg>
      {steel.length > 1 && (
        <p>
          {mm(first.usableMm - last.usableMm, 2)} went in {steel.length - 1}{' '}
          {steel.length === 2 ? 'sharpening' : 'sharpenings'}.
        </p>
      )}
    </div>
  )
}
