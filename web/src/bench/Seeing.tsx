import { useQuery } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'
import { SchemeDrawing } from '../drawings/Scheme'
import { SectionInset } from '../drawings/SectionInset'
import { setTo } from '../drawings/Setting'
import { num } from '../ui/format'
import { SeenAtWheel } from '../repair/SeenAtWheel'
import { BurrLine, Taken } from './GatePanel'
import { InkCheck } from './InkCheck'
import { LiveReading } from './LiveReading'
import { Sights } from './Sights'
import type { Session } from './useSession'
import { figure, force } from '../ui/units'

/** What to set, what to see, where the burr is, and why. */
export function Seeing({
  session,
  read,
  place,
  putDown,
}: {
  session: Session
  read: (instrument: string) => (value: number) => void
  /** Where it stands in the grid of the step. */
  place: string
  putDown: (sign: string) => (() => void) | undefined
}) {
  const at = session.current
  const now = session.steps[at]!
  const s = now.step
  const here = session.here
  const section = useQuery({
    queryKey: ['section', session.id],
    queryFn: () => ask(api.GET('/api/v1/sessions/{id}/section', { params: { path: { id: session.id } } })),
    retry: false,
    staleTime: Infinity,
  })
  const instrument = s.kind === 'GRIND' ? 'THERMOMETER' : s.angleDeg !== null ? 'ANGLE_GAUGE' : ''
  return (
    <section aria-label="What to see" className={`min-w-0 ${place}`}>
      <p className="at-arm hidden lying:block">{how(s)}</p>
      {s.setting !== null && (
        <>
          <p className="figure">
            {figure(s.setting, s.settingUnit, 1).number}
            <span className="unit">
              {figure(s.setting, s.settingUnit, 1).unit} {s.settingName}
            </span>
          </p>
          {s.scheme && (
            <SchemeDrawing scheme={s.scheme} label={`${s.settingName} ${setTo(s.setting, s.settingUnit)}`} />
          )}
        </>
      )}
      <p className="at-arm">{s.look}</p>
      {here && <Sights sights={here.sights} />}
      {here && (here.burr.ask !== '' || here.burr.life !== 'NONE') && <BurrLine burr={here.burr} />}
      {instrument && session.held && (
        <LiveReading key={instrument} kind={instrument} onTaken={read(instrument)} />
      )}
      {here && <Taken readings={here.readings.filter((r) => r.instrument !== 'CALLIPER')} />}
      {(s.how ?? []).length > 0 && (
        <ol className="at-arm mt-2 border-l-4 border-base-300 pl-3" aria-label="How">
          {s.how.map((line) => (
            <li key={line} className="py-0.5">
              {line}
            </li>
          ))}
        </ol>
      )}
      {now.gateFailures > 0 && s.ifNot && (
        <p className="mt-2 border-l-4 border-warning pl-3 at-arm">{s.ifNot}</p>
      )}
      {section.data && here?.facet && <SectionInset view={section.data} facet={here.facet} />}
      <p className="mt-2 text-[1.05rem]">
        <span className="quiet">Why: </span>
        {s.why}
      </p>
      {s.kind === 'GRIND' && s.abrasiveId !== '' && (
        <SeenAtWheel key={`seen-${at}`} toolId={session.toolId} passes={0} />
      )}
      {s.angleDeg !== null && (
        <InkCheck key={at} session={session} step={at} intent={s.intent} putDown={putDown} />
      )}
      {session.steps[at + 1] && (
        <p className="mt-2 text-[1.05rem]">
          <span className="quiet">Then: </span>
          {session.steps[at + 1]!.step.title}
        </p>
      )}
    </section>
  )
}

export function how(s: Schemas['StepView']): string {
  const parts: string[] = []
  if (s.angleDeg !== null && s.setting === null) parts.push(`at ${num(s.angleDeg)}°`)
  if (s.pressure) parts.push(s.forceN !== null ? `${s.pressure} (${force(s.forceN, 0)})` : s.pressure)
  if (s.lubricant) parts.push(s.lubricant)
  return parts.join(' · ')
}
