import type { Schemas } from '../api/client'
import { Field } from '../ui/Field'

type Offset = Schemas['OffsetForm']

/** Offsets from a straightedge, one line each; a line to go on with is always there. */
export function Offsets({
  offsets,
  onChange,
  fault,
}: {
  offsets: Offset[]
  onChange: (offsets: Offset[]) => void
  fault: (field: string) => string | undefined
}) {
  const rows = [...offsets, { along: '', offset: '' }]
  const change = (i: number, part: Partial<Offset>) => {
    const all = rows.map((o, n) => (n === i ? { ...o, ...part } : o))
    onChange(all.filter((o) => o.along !== '' || o.offset !== ''))
  }
  return (
    <fieldset>
      <legend className="text-[0.92rem]">Offsets, from the heel</legend>
      {rows.map((o, i) => (
        <div key={i} className="grid grid-cols-2 gap-2 pb-1" role="group" aria-label={`Offset ${i + 1}`}>
          <Field
            label="along"
            of="length"
            value={o.along}
            inputMode="decimal"
            onChange={(along) => change(i, { along })}
            error={o.along || o.offset ? fault(`offsets[${i}].along`) : undefined}
          />
          <Field
            label="across"
            of="length"
            value={o.offset}
            inputMode="decimal"
            onChange={(offset) => change(i, { offset })}
            error={o.along && o.offset ? fault(`offsets[${i}].offset`) : undefined}
          />
        </div>
      ))}
    </fieldset>
  )
}
