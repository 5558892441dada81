import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { kitChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useAnswer } from '../api/useAnswer'
import { Check, Choice, Field } from '../ui/Field'
import { typed } from '../ui/format'
import { GritScale } from './GritScale'
import type { Kit } from './kit.types'
import { mm } from '../ui/units'

type Form = Schemas['AbrasiveForm']
type Abrasive = Schemas['AbrasiveView']

const SHAPES: { value: Form['shape']; label: string }[] = [
  { value: 'BENCH', label: 'full-size bench stone, plate or sheet' },
  { value: 'NARROW', label: 'narrow flat stone' },
  { value: 'POCKET', label: 'pocket stone' },
  { value: 'ROD', label: 'rod' },
  { value: 'ROUND', label: 'round stone, for circles' },
  { value: 'STRIP', label: 'strip, loose or on a stick' },
  { value: 'STROP', label: 'strop' },
  { value: 'BELT', label: 'belt' },
  { value: 'WHEEL', label: 'wheel or disc' },
]

const FIRMNESS: { value: Form['firmness']; label: string }[] = [
  { value: 'UNKNOWN', label: 'not known' },
  { value: 'SOFT', label: 'soft' },
  { value: 'MEDIUM', label: 'medium' },
  { value: 'FIRM', label: 'firm' },
]

const SLURRY: { value: Form['slurry']; label: string }[] = [
  { value: 'HOUSE', label: 'as the house does' },
  { value: 'KEPT', label: 'kept' },
  { value: 'RINSED', label: 'rinsed' },
]

const GRAINS: { value: Form['grain']; label: string }[] = [
  { value: 'SUPER', label: 'diamond or boron nitride' },
  { value: 'OXIDE', label: 'an oxide: chromium, aluminium' },
]

const EMPTY: Form = {
  name: '',
  kind: '',
  gritStandard: 'JIS',
  gritName: '',
  makerUm: '',
  grain: '',
  shape: 'BENCH',
  lubricant: '',
  flat: true,
  strokesSinceLapped: 0,
  lappable: false,
  soaks: false,
  retired: false,
  frozen: false,
  firmness: 'UNKNOWN',
  favourite: false,
  slurry: 'HOUSE',
  length: '',
  glazed: false,
  oilInside: false,
  worn: '',
  laps: false,
  lapsFinest: '',
  lapsCoarsest: '',
  nicked: false,
  otherSide: '',
  otherSideGrit: '',
  version: 0,
}

/** What stands in the form for a piece, and nothing else of it. */
function start(a?: Abrasive): Form {
  if (!a) return EMPTY
  const known = a as unknown as Record<string, unknown>
  const same = Object.fromEntries(Object.keys(EMPTY).map((k) => [k, known[k]])) as unknown as Form
  return {
    ...same,
    makerUm: a.makerUm === null ? '' : typed(a.makerUm, 3),
    otherSideGrit: '',
    length: a.lengthTyped,
    worn: a.worn === 0 ? '' : typed(a.worn, 0),
    lapsFinest: a.lapsFinestUm === null ? '' : typed(a.lapsFinestUm, 2),
    lapsCoarsest: a.lapsCoarsestUm === null ? '' : typed(a.lapsCoarsestUm, 2),
  }
}

/** One abrasive: what it is, what its grain really measures, how it stands. */
export function AbrasiveForm({
  kit,
  abrasive,
  onDone,
}: {
  kit: Kit
  abrasive?: Abrasive
  onDone: () => void
}) {
  const [form, setForm] = useState(() => start(abrasive))
  const queries = useQueryClient()
  const put = (part: Partial<Form>) => setForm({ ...form, ...part })
  const kind = kit.kinds.find((k) => k.name === form.kind)
  const named = { gritStandard: form.gritStandard, gritName: form.gritName, makerUm: form.makerUm }
  const grain = useAnswer(
    'grain',
    form.name,
    named,
    (body) => ask(api.POST('/api/v1/kit/grain', { body })),
    form.gritName !== '' || form.makerUm !== '',
  )
  const body = (): Form => ({
    ...form,
    lubricant: kind?.lubricants.includes(form.lubricant) ? form.lubricant : (kind?.lubricants[0] ?? ''),
  })
  const save = useMutation({
    mutationFn: () =>
      abrasive
        ? ask(api.PUT('/api/v1/kit/abrasives/{id}', { params: { path: { id: abrasive.id } }, body: body() }))
        : ask(api.POST('/api/v1/kit/abrasives', { body: body() })),
    onSuccess: () => {
      kitChanged(queries)
      onDone()
    },
  })
  const refused = save.error instanceof Refused ? save.error : undefined
  return (
    <div className="border-l-4 border-primary pl-4 py-3 grid grid-cols-[minmax(0,1fr)] sm:grid-cols-2 lg:grid-cols-4 gap-4 max-w-[64rem]">
      <Field
        label="What it is called here"
        value={form.name}
        onChange={(name) => put({ name })}
        error={refused?.at('name')}
      />
      <Choice
        label="Kind"
        value={form.kind}
        empty="choose"
        onChange={(v) => put({ kind: v })}
        options={kit.kinds.map((k) => ({ value: k.name, label: k.name }))}
        error={refused?.at('kind')}
      />
      <Choice
        label="Grit standard"
        value={form.gritStandard}
        onChange={(gritStandard) => put({ gritStandard })}
        options={kit.standards.map((s) => ({ value: s.key, label: `${s.key}: ${s.meaning}` }))}
        error={refused?.at('gritStandard')}
      />
      <Field
        label="Grit as printed on it"
        value={form.gritName}
        onChange={(gritName) => put({ gritName })}
        error={refused?.at('gritName')}
        hint={grain.data && !grain.isError ? grain.data.words : grain.error?.message}
      />
      {form.otherSide === '' && (
        <Field
          label="Grit of its other side, if it has two"
          value={form.otherSideGrit}
          onChange={(otherSideGrit) => put({ otherSideGrit })}
          hint="both sides are put on the shelf, as one piece"
          error={refused?.at('otherSideGrit')}
        />
      )}
      <Field
        label="Maker's micrometres, if known"
        value={form.makerUm}
        onChange={(makerUm) => put({ makerUm })}
        hint="a number, or a range such as 7–5"
        error={refused?.at('makerUm')}
      />
      {kind?.eitherGrain && (
        <Choice<Form['grain']>
          label="Its grain is"
          value={form.grain === 'OXIDE' ? 'OXIDE' : 'SUPER'}
          onChange={(grain) => put({ grain })}
          options={GRAINS}
          error={refused?.at('grain')}
        />
      )}
      <Choice
        label="Shape"
        value={form.shape}
        onChange={(shape) => put({ shape })}
        options={SHAPES}
        error={refused?.at('shape')}
      />
      <Choice
        label="Used with"
        value={form.lubricant}
        empty={kind?.lubricants[0] ?? 'choose the kind first'}
        onChange={(lubricant) => put({ lubricant })}
        options={(kind?.lubricants ?? []).map((l) => ({ value: l, label: l }))}
        error={refused?.at('lubricant')}
      />
      <Field
        label="Strokes since it was flattened"
        value={String(form.strokesSinceLapped)}
        onChange={(v) => put({ strokesSinceLapped: Number(v) || 0 })}
        error={refused?.at('strokesSinceLapped')}
      />
      {form.gritName !== '' && (
        // Its room is kept while the answer is on its way, so that nothing moves under a finger.
        <div className="sm:col-span-2 lg:col-span-4 min-h-[140px] min-w-0 overflow-hidden">
          {grain.data && !grain.isError && (
            <GritScale grain={grain.data} label={`${form.gritStandard} ${form.gritName}`} />
          )}
        </div>
      )}
      <div className="sm:col-span-2 lg:col-span-4 flex flex-wrap gap-x-6">
        <Check label="flat" value={form.flat} onChange={(flat) => put({ flat })} />
        {kind && kind.soakMinutes > 0 && (
          <Check
            label={`soaks (${kind.soakMinutes} min)`}
            value={form.soaks}
            onChange={(soaks) => put({ soaks })}
          />
        )}
        <Check
          label="a favourite of this hand"
          value={form.favourite}
          onChange={(favourite) => put({ favourite })}
        />
        <Check label="it has had oil" value={form.oilInside} onChange={(oilInside) => put({ oilInside })} />
        <Check label="out of use" value={form.retired} onChange={(retired) => put({ retired })} />
      </div>
      <details className="sm:col-span-2 lg:col-span-4">
        <summary className="min-h-12 flex items-center cursor-pointer underline underline-offset-4">
          what it is like, how it stands, what it flattens
        </summary>
        <div className="grid sm:grid-cols-2 lg:grid-cols-4 gap-4">
          <Choice
            label="Firmness"
            value={form.firmness}
            onChange={(firmness) => put({ firmness })}
            options={FIRMNESS}
            error={refused?.at('firmness')}
          />
          <Choice
            label="Slurry on it"
            value={form.slurry}
            onChange={(slurry) => put({ slurry })}
            options={SLURRY}
            error={refused?.at('slurry')}
          />
          <Field
            label="Length"
            of="length"
            value={form.length}
            onChange={(length) => put({ length })}
            hint={`such as ${mm(205, 0)}: a longer stone takes fewer strokes`}
            error={refused?.at('length')}
          />
          <Choice
            label="Its other side"
            value={form.otherSide}
            empty="none: one face"
            onChange={(otherSide) => put({ otherSide })}
            options={kit.abrasives
              .filter((a) => a.id !== abrasive?.id)
              .map((a) => ({ value: a.name, label: a.name }))}
            error={refused?.at('otherSide')}
          />
          <Field
            label="Worn, in per cent"
            value={form.worn}
            onChange={(worn) => put({ worn })}
            error={refused?.at('worn')}
          />
          <Field
            label="Finest grain it may flatten, µm"
            value={form.lapsFinest}
            onChange={(lapsFinest) => put({ lapsFinest, laps: true })}
            hint="empty for what is usual"
            error={refused?.at('lapsFinest')}
          />
          <Field
            label="Coarsest grain it may flatten, µm"
            value={form.lapsCoarsest}
            onChange={(lapsCoarsest) => put({ lapsCoarsest, laps: true })}
            error={refused?.at('lapsCoarsest')}
          />
          <div className="sm:col-span-2 flex flex-wrap gap-x-6">
            <Check label="flattens or dresses others" value={form.laps} onChange={(laps) => put({ laps })} />
            <Check
              label="lapped with something not listed here"
              value={form.lappable}
              onChange={(lappable) => put({ lappable })}
            />
            <Check label="glazed" value={form.glazed} onChange={(glazed) => put({ glazed })} />
            <Check label="may have frozen wet" value={form.frozen} onChange={(frozen) => put({ frozen })} />
            <Check label="has a nick" value={form.nicked} onChange={(nicked) => put({ nicked })} />
          </div>
        </div>
      </details>
      <div className="sm:col-span-2 lg:col-span-4 flex flex-wrap gap-3 items-center">
        <button type="button" className="btn btn-primary min-h-12" onClick={() => save.mutate()}>
          {abrasive ? 'Save the change' : 'Add it to the shelf'}
        </button>
        {refused && (
          <p role="alert" className="text-error font-semibold">
            {refused.message}
          </p>
        )}
      </div>
    </div>
  )
}
