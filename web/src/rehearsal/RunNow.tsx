import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { EdgeAhead } from './EdgeAhead'
import { SectionNear } from './SectionNear'

type View = Schemas['RehearsalView']
type Run = Schemas['RehearsedRun']
type Frame = Run['frames'][number]

const PAPER: Record<Frame['paper'], string> = {
  CLEAN: 'cut without a snag',
  SNAGS: 'snags where the edge is worst',
  TEARS: 'is torn, not cut',
}

/** The edge at a moment of a run: where it is in the plan, what one would see and feel, its line and its section. */
export function RunNow({ name, view, run, share }: { name: string; view: View; run: Run; share: number }) {
  const at = Math.round(share * (run.frames.length - 1))
  const frame = run.frames[at]!
  const first = run.frames[0]!
  const step = view.steps.find((s) => s.step === frame.step)
  return (
    <section aria-label={name} className="min-w-0">
      <p className="font-semibold pt-1">
        {name && <span className="block quiet">{name}</span>}
        {step ? step.title : 'Before the first step'}
        {frame.strokes > 0 && `, stroke ${frame.strokes}`}
        {frame.more && ', beyond the count: the gate said no'}
      </p>
      <EdgeAhead edgeMm={view.edgeMm} first={first.backUm} now={frame.backUm} />
      <SectionNear first={first.section} now={frame.section} />
      <p className="pt-1">
        Index {num(frame.meanIndex, 2)} on average, {num(frame.worstIndex, 2)} at its worst (
        {num(view.target, 2)} wanted).
      </p>
      <Look frame={frame} inked={(step?.strokes ?? 0) > 0} />
    </section>
  )
}

/** What one would see and feel on the edge just now. */
function Look({ frame, inked }: { frame: Frame; inked: boolean }) {
  const share = (part: number) =>
    part >= 1 ? 'all along' : part <= 0 ? 'nowhere' : `on ${num(100 * part, 0)} % of the edge`
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 pt-1">
      <dt className="quiet">Lamp</dt>
      <dd>
        a line of light <b>{share(frame.lit)}</b>
      </dd>
      {inked && (
        <>
          <dt className="quiet">Ink</dt>
          <dd>
            put on before this step, gone to the very edge <b>{share(frame.bare)}</b>
          </dd>
        </>
      )}
      <dt className="quiet">Nail</dt>
      <dd>
        a burr <b>{share(frame.felt)}</b>
        {frame.felt > 0 && `, ${num(frame.burrUm, 1)} µm at its longest`}
      </dd>
      <dt className="quiet">Paper</dt>
      <dd>
        <b>{PAPER[frame.paper]}</b>
      </dd>
    </dl>
  )
}
