import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Field } from '../ui/Field'
import { num, typed } from '../ui/format'
import { Notice } from '../ui/Notice'
import { Pairs } from './Pairs'
import { useSaved } from './saved'
import { mm } from '../ui/units'

type Form = Schemas['CalibrationForm']

const ROWS = 3

/** Measured pairs of a guide: set a projection, read the angle, write both down. */
export function Calibrate({
  holder,
  onDone,
}: {
  holder: Schemas['HolderView']
  onDone: (changed: Schemas['ChangedView']) => void
}) {
  const before = holder.calibration?.pairs ?? []
  const [form, setForm] = useState<Form>({
    rollerRadius: typed(holder.parts['rollerRadius'] ?? 0, 3),
    thickness: '',
    pairs: Array.from({ length: Math.max(ROWS, before.length) }, (_, i) => ({
      projection: before[i] ? typed(before[i].projectionMm, 2) : '',
      angle: before[i] ? typed(before[i].angleDeg, 2) : '',
    })),
    version: holder.version,
  })
  const asked = { ...form, version: holder.version }
  const params = { path: { id: holder.id } }
  const fit = useAnswer('calibration', holder.id, asked, (body) =>
    ask(api.POST('/api/v1/kit/holders/{id}/calibration/preview', { params, body })),
  )
  const { save, refused } = useSaved(
    () => ask(api.POST('/api/v1/kit/holders/{id}/calibration', { params, body: asked })),
    onDone,
  )
  const f = fit.data
  const fault = (field: string) => refused?.at(field) ?? f?.faults.find((x) => x.field === field)?.message
  return (
    <section aria-label={`Calibrate the ${holder.name}`} className="py-3 max-w-[56rem]">
      <h3 className="font-semibold">What its settings really give</h3>
      <p className="pb-2">
        Zero the gauge on the surface the guide stands on. Set a projection, lay the gauge on the blade’s
        back, write both down; then another at least 5° off, better three.
      </p>
      <div className="grid sm:grid-cols-2 gap-3 max-w-[30rem]">
        <Field
          label="Roller radius, by caliper"
          of="length"
          value={form.rollerRadius}
          onChange={(v) => setForm({ ...form, rollerRadius: v })}
          error={fault('rollerRadius')}
        />
        {holder.kind === 'FACE_GUIDE' && (
          <Field
            label="Thickness of the blade used"
            of="length"
            value={form.thickness}
            onChange={(v) => setForm({ ...form, thickness: v })}
            error={fault('thickness')}
          />
        )}
      </div>
      <Pairs
        pairs={form.pairs}
        onChange={(pairs) => setForm({ ...form, pairs })}
        fit={f}
        fault={fault}
        angle="measured"
      />
      {f?.warnings.map((w) => (
        <Notice key={w} kind="warn">
          {w}
        </Notice>
      ))}
      {f && <p className="pt-3">{f.words}</p>}
      {f && f.axleBelowMm !== null && f.setbackMm !== null && (
        <p className="quiet">
          Axle {mm(f.axleBelowMm, 1)} below, set back {mm(f.setbackMm, 1)}
          {f.condition !== null && (
            <>
              ; condition {num(f.condition, 0)} (over 40 is too much), angles {num(f.spreadDeg ?? 0, 1)}°
              apart
            </>
          )}
          .
        </p>
      )}
      {refused && (
        <p role="alert" className="text-error font-semibold">
          {refused.message}
        </p>
      )}
      <button
        type="button"
        className="btn btn-primary min-h-12 mt-3"
        disabled={!f?.ready || save.isPending}
        onClick={() => save.mutate()}
      >
        Take this calibration
      </button>
    </section>
  )
}
