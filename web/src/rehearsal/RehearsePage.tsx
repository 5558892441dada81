import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ask, type Schemas } from '../api/client'
import { Sheet, ToolHead, useStages } from '../tool/ToolHead'
import { Act } from '../ui/Act'
import { Check, Field } from '../ui/Field'
import { num } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { EdgeAhead } from './EdgeAhead'
import { SectionNear } from './SectionNear'

type Form = Schemas['RehearsalForm']
type View = Schemas['RehearsalView']
type Run = Schemas['RehearsedRun']

const AS_PLANNED: Form = { skipped: [], steeper: '', stropping: '', shakier: '' }

/** A plan made on the virtual blade before any steel is touched, as it stands and otherwise. */
export function RehearsePage({ toolId }: { toolId: string }) {
  const stages = useStages(toolId)
  const [form, setForm] = useState(AS_PLANNED)
  const [tried, setTried] = useState(AS_PLANNED)
  const rehearsal = useQuery({
    queryKey: ['rehearsal', toolId, tried],
    queryFn: () =>
      ask(api.POST('/api/v1/tools/{id}/rehearsal', { params: { path: { id: toolId } }, body: tried })),
    retry: false,
    placeholderData: (before) => before,
  })
  if (stages.isError) return <Trouble error={stages.error} />
  if (!stages.data) return <Coming />
  return (
    <>
      <ToolHead stages={stages.data} at="PLAN" />
      <h2 className="text-[1.2rem] font-semibold pt-2">The plan, rehearsed</h2>
      {rehearsal.isError && <Trouble error={rehearsal.error} />}
      {rehearsal.isPending && <Coming />}
      {rehearsal.data && <Shown view={rehearsal.data} form={form} onChange={setForm} onTry={setTried} />}
      <Act href={`/tools/${toolId}/plan`}>Back to the plan</Act>
    </>
  )
}

function Shown({
  view,
  form,
  onChange,
  onTry,
}: {
  view: View
  form: Form
  onChange: (form: Form) => void
  onTry: (form: Form) => void
}) {
  const [other, setOther] = useState(false)
  const run = other && view.otherwise ? view.otherwise : view.planned
  return (
    <Sheet
      drawing={<Watched key={other ? 'otherwise' : 'planned'} view={view} run={run} />}
      decisions={
        <>
          <section aria-label="What comes of it">
            <Result name="As planned" run={view.planned} />
            {view.otherwise && <Result name="Otherwise" run={view.otherwise} />}
            {view.otherwise && <Check label="Watch it done otherwise" value={other} onChange={setOther} />}
          </section>
          <section aria-label="What if">
            <h3 className="quiet rule-b pb-0.5">What if</h3>
            {view.steps
              .filter((s) => s.strokes > 0)
              .map((s) => (
                <Check
                  key={s.step}
                  label={`leave out: ${s.title}`}
                  value={form.skipped.includes(s.step)}
                  onChange={(on) =>
                    onChange({
                      ...form,
                      skipped: on ? [...form.skipped, s.step] : form.skipped.filter((x) => x !== s.step),
                    })
                  }
                />
              ))}
            <div className="grid grid-cols-3 gap-3 pt-2">
              <Field
                label="Steeper, °"
                inputMode="decimal"
                value={form.steeper ?? ''}
                onChange={(steeper) => onChange({ ...form, steeper })}
              />
              <Field
                label="Strop, times"
                inputMode="decimal"
                value={form.stropping ?? ''}
                onChange={(stropping) => onChange({ ...form, stropping })}
              />
              <Field
                label="Shakier, times"
                inputMode="decimal"
                value={form.shakier ?? ''}
                onChange={(shakier) => onChange({ ...form, shakier })}
              />
            </div>
            <button type="button" className="btn btn-outline min-h-12 mt-3" onClick={() => onTry(form)}>
              Try it
            </button>
          </section>
          <p className="quiet">
            {view.hand} An estimate: wear, burr and rounding are priors, the same for every bench.
          </p>
        </>
      }
    />
  )
}

function Result({ name, run }: { name: string; run: Run }) {
  return (
    <p className="py-1">
      <b>{name}:</b>{' '}
      <span className={run.outcome === 'KEEN' ? '' : 'text-warning font-semibold'}>{run.words}</span>{' '}
      {run.advice}
      {run.held.map((h) => (
        <span key={h} className="block quiet">
          {h}
        </span>
      ))}
    </p>
  )
}

/** What one would see and feel on the edge just now: light on what is blunt, a burr under the nail. */
function Look({ frame }: { frame: Run['frames'][number] }) {
  const share = (part: number) =>
    part >= 1 ? 'all along' : part <= 0 ? 'nowhere' : `on ${num(100 * part, 0)} % of the edge`
  return (
    <p>
      Under the lamp: a line of light <b>{share(frame.lit)}</b>. Under the nail: a burr{' '}
      <b>{share(frame.felt)}</b>
      {frame.felt > 0 && `, ${num(frame.burrUm, 1)} µm at its longest`}.
    </p>
  )
}

/** A run to be watched, back and forth. */
function Watched({ view, run }: { view: View; run: Run }) {
  const [at, setAt] = useState(run.frames.length - 1)
  const frame = run.frames[Math.min(at, run.frames.length - 1)]!
  const first = run.frames[0]!
  const title =
    frame.step < 0 ? 'Before the first step' : (view.steps.find((s) => s.step === frame.step)?.title ?? '')
  return (
    <div className="max-w-[46rem]">
      <label className="block pt-2">
        <span className="block font-semibold">
          {title}
          {frame.strokes > 0 && `, stroke ${frame.strokes}`}
          {frame.more && ', beyond the count: the gate said no'}
        </span>
        <input
          type="range"
          className="w-full mt-2 h-11 accent-primary"
          aria-label="Stroke by stroke"
          min={0}
          max={run.frames.length - 1}
          value={Math.min(at, run.frames.length - 1)}
          onChange={(e) => setAt(Number(e.target.value))}
        />
      </label>
      <p className="pt-1">
        Index {num(frame.meanIndex, 2)} on average, {num(frame.worstIndex, 2)} at its worst (
        {num(view.target, 2)} wanted).{' '}
        <span className="quiet">
          The index is a reading over that of a new utility blade on the same tester: lower is keener.
        </span>
      </p>
      <Look frame={frame} />
      <EdgeAhead edgeMm={view.edgeMm} first={first.backUm} now={frame.backUm} />
      <SectionNear first={first.section} now={frame.section} />
    </div>
  )
}
