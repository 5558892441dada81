import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { deviceKey } from '../api/local'
import { Act } from '../ui/Act'
import { Field, Pick } from '../ui/Field'
import { typed } from '../ui/format'
import { usePerson } from '../ui/person'
import { TakeOver } from '../ui/TakeOver'
import { length, massUnit } from '../ui/units'

/** What came off the heavy place, before it is hung again. */
export function TakenOff({
  toolId,
  sessionId,
  standing,
  places,
}: {
  toolId: string
  sessionId: string
  standing: Schemas['BalanceView']
  places: string[]
}) {
  const c = standing.correction!
  const [form, setForm] = useState({
    mass: typed(c.massG, 2),
    radius: typed(c.radiusMm, 0),
    place: String(standing.heavy),
  })
  const [person] = usePerson()
  const queries = useQueryClient()
  const off = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/v1/tools/{id}/balance/taken-off', {
          params: { path: { id: toolId } },
          body: {
            device: deviceKey(),
            person,
            mass: form.mass,
            radius: form.radius,
            place: Number(form.place),
          },
        }),
      ),
    onSuccess: () => void queries.invalidateQueries(),
  })
  const refused = off.error instanceof Refused ? off.error : undefined
  return (
    <>
      <p>
        <span className="figure">
          {length(c.lengthMm, 2).number}
          <span className="unit">{length(c.lengthMm, 2).unit}</span>
        </span>
      </p>
      <p className="text-[1.2rem] font-semibold">off {c.placeName}</p>
      <p>
        From the trailing side of the tip, away from the cutting edge; a little less first, it cannot be put
        back. Mark the heavy end before it comes down.
      </p>
      <p className="font-semibold text-warning">
        Eye protection on; gloves off at a turning wheel. Never off the edge, never a hole.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <Field
          label={`Taken off (${massUnit()})`}
          of="mass"
          value={form.mass}
          onChange={(mass) => setForm({ ...form, mass })}
          error={refused?.at('mass')}
          hint="as weighed, or as planned"
          inputMode="decimal"
        />
        <Field
          label="from the centre"
          of="length"
          value={form.radius}
          onChange={(radius) => setForm({ ...form, radius })}
          error={refused?.at('radius')}
        />
      </div>
      {places.length === 2 && (
        <Pick
          legend="Off which end"
          value={form.place}
          onChange={(place) => setForm({ ...form, place })}
          options={places.map((name, i) => ({ value: String(i + 1), label: name }))}
        />
      )}
      <Act
        onClick={() => off.mutate()}
        busy={off.isPending}
        note={refused?.message}
        beside={<TakeOver sessionId={sessionId} error={off.error} onTaken={() => off.reset()} />}
      >
        It is off: hang it again
      </Act>
    </>
  )
}
