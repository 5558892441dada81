import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Field } from '../ui/Field'
import { Notice } from '../ui/Notice'
import { Pairs } from './Pairs'
import { Frame, useSaved } from './saved'

type Form = Schemas['TaughtForm']

interface TeachGuideProps {
  kind: Schemas['HolderKindView']['key']
  /** Whether anything is known of it at all. */
  known: boolean
  onDone: () => void
}

/** A guide put down by what it gives: printed marks, measured angles, stop blocks; or as usual, where nothing is known. */
export function TeachGuide({ kind, known, onDone }: TeachGuideProps) {
  const [form, setForm] = useState<Omit<Form, 'kind' | 'wheelId' | 'parts'>>({
    name: '',
    thickness: '',
    pairs: [
      { projection: '', angle: '' },
      { projection: '', angle: '' },
    ],
    note: '',
  })
  const asked: Form = { ...form, kind, wheelId: '', parts: {}, pairs: known ? form.pairs : [] }
  const some = asked.pairs.some((p) => p.projection !== '' && p.angle !== '')
  const fit = useAnswer(
    'teaching',
    kind,
    asked,
    (body) => ask(api.POST('/api/v1/kit/holders/taught/preview', { body })),
    some,
  )
  const { save, refused } = useSaved(
    () => ask(api.POST('/api/v1/kit/holders/taught', { body: asked })),
    onDone,
  )
  const f = some ? fit.data : undefined
  const fault = (field: string) => refused?.at(field) ?? f?.faults.find((x) => x.field === field)?.message
  return (
    <Frame onSave={() => save.mutate()} refused={refused}>
      <Field
        label="What it is called here"
        value={form.name}
        onChange={(name) => setForm({ ...form, name })}
        error={refused?.at('name')}
      />
      {known && kind === 'FACE_GUIDE' && (
        <Field
          label="Thickness of the blade it holds for"
          of="length"
          value={form.thickness}
          onChange={(thickness) => setForm({ ...form, thickness })}
          error={fault('thickness')}
        />
      )}
      {known ? (
        <div className="col-span-full">
          <p>
            What is printed on it (“38 mm = 30°”), a stop block and the angle it gives, or an angle you
            measured. One pair is enough to begin; two at least 5° apart settle it.
          </p>
          <Pairs
            pairs={form.pairs}
            onChange={(pairs) => setForm({ ...form, pairs })}
            fit={f}
            fault={fault}
            angle="it gives"
          />
          {f?.warnings.map((w) => (
            <Notice key={w} kind="warn">
              {w}
            </Notice>
          ))}
          {f && <p className="pt-3">{f.words}</p>}
        </div>
      ) : (
        <p className="col-span-full max-w-[44rem]">
          It is taken as such guides usually are. Its settings may be off by a degree or two, always the same
          way: the tool comes out alike each time, but not at the degree that is shown. One angle measured
          later mends that.
        </p>
      )}
    </Frame>
  )
}
