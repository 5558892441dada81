import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { useAnswer } from '../api/useAnswer'
import { Sheet } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Field, Pick } from '../ui/Field'
import { Notice } from '../ui/Notice'
import { usePerson } from '../ui/person'
import { Offsets } from './Offsets'
import { Overlay } from './Overlay'
import { PhotoChooser } from './PhotoChooser'
import { PhotoTrace } from './PhotoTrace'
import { mm } from '../ui/units'

type Form = Schemas['TraceForm']
type Profile = Schemas['ProfileView']

const FRESH: Form = { photoId: '', marks: [], apart: '', pixels: [], offsets: [], person: '' }

/** A new trace: clicked along the edge on a photograph, or typed as offsets. */
export function TraceForm({ toolId, profile, done }: { toolId: string; profile: Profile; done: () => void }) {
  const last = profile.traces[profile.traces.length - 1]
  // The same marks, equally far apart, are what makes two photographs comparable.
  const start: Form = { ...FRESH, apart: last?.form.apart ?? '' }
  const [form, setForm, drop] = useDraft(`trace.${toolId}.${profile.traces.length}`, start)
  const [way, setWay] = useState(form.offsets.length > 0 ? 'typed' : 'photo')
  const [person] = usePerson()
  const queries = useQueryClient()
  const params = { path: { id: toolId } }
  const photo = profile.photos.find((p) => p.id === form.photoId)
  const sent = way === 'photo' ? { ...form, offsets: [] } : { ...form, photoId: '', marks: [], pixels: [] }
  const started = way === 'photo' ? form.pixels.length > 1 : form.offsets.length > 1
  const preview = useAnswer(
    'trace-preview',
    toolId,
    sent,
    (body) => ask(api.POST('/api/v1/tools/{id}/traces/preview', { params, body })),
    started,
  )
  const save = useMutation({
    mutationFn: () => ask(api.POST('/api/v1/tools/{id}/traces', { params, body: { ...sent, person } })),
    onSuccess: () => {
      drop()
      void queries.invalidateQueries({ queryKey: ['profile', toolId] })
      done()
    },
  })
  const live = started ? preview.data : undefined
  const refused = save.error instanceof Refused ? save.error : undefined
  const fault = (field: string) => live?.faults.find((f) => f.field === field)?.message ?? refused?.at(field)
  const said = fault('points') ?? fault('marks') ?? refused?.message
  return (
    <>
      <Sheet
        drawing={
          way === 'photo' ? (
            photo ? (
              <PhotoTrace
                toolId={toolId}
                photo={photo}
                form={form}
                onChange={setForm}
                curve={live?.onPhoto ?? []}
              />
            ) : (
              <p className="py-6">
                Lay the blade flat on something plain, light from one side, and hold the camera square above
                it. Two marks that sharpening does not touch must be in the picture: rivets, the corner of the
                spine, two scribed dots.
              </p>
            )
          ) : live && live.curve.length > 0 ? (
            <Overlay before={live.curve} label="The edge as traced" />
          ) : (
            <p className="py-6">
              Lay a straightedge beside the edge, always the same way, and measure across to the edge every
              ten or fifteen millimetres.
            </p>
          )
        }
        decisions={
          <>
            <h1 className="text-[1.25rem] font-semibold">Trace the edge</h1>
            <Pick
              legend="from"
              value={way}
              onChange={setWay}
              options={[
                { value: 'photo', label: 'a photograph' },
                { value: 'typed', label: 'typed offsets' },
              ]}
            />
            {way === 'photo' ? (
              <>
                <PhotoChooser
                  toolId={toolId}
                  profile={profile}
                  chosen={form.photoId}
                  onChoose={(photoId) => setForm({ ...form, photoId, marks: [], pixels: [] })}
                />
                {photo && (
                  <>
                    <Field
                      label="the two marks lie so far apart"
                      of="length"
                      value={form.apart}
                      onChange={(apart) => setForm({ ...form, apart })}
                      error={form.apart ? fault('apart') : undefined}
                      hint={`by caliper, such as ${mm(120, 0)}`}
                    />
                    <p className="quiet">{todo(form)}</p>
                  </>
                )}
              </>
            ) : (
              <Offsets
                offsets={form.offsets}
                onChange={(offsets) => setForm({ ...form, offsets })}
                fault={fault}
              />
            )}
            {live && live.lengthMm > 0 && (
              <p>
                {mm(live.lengthMm)} of edge; the farthest point lies {mm(live.farthestMm, 2)} off the smooth
                line{live.mmPerPixel ? `; a pixel is ${mm(live.mmPerPixel, 3)}` : ''}.
              </p>
            )}
            {said && <Notice kind="danger">{said}</Notice>}
            {profile.traces.length > 0 && (
              <button type="button" className="btn btn-ghost min-h-11" onClick={done}>
                Back to the traces
              </button>
            )}
          </>
        }
      />
      <Act onClick={() => save.mutate()} busy={save.isPending} disabled={!live || live.curve.length === 0}>
        Keep this trace
      </Act>
    </>
  )
}

function todo(form: Form): string {
  if (form.marks.length === 0) return 'Tap the first mark on the photograph: the one nearer the heel.'
  if (form.marks.length === 1) return 'Tap the second mark.'
  if (form.pixels.length < 5) return 'Tap along the edge from the heel to the tip, five places at least.'
  return `${form.pixels.length} places. More where it curves; Undo takes the last one back.`
}
