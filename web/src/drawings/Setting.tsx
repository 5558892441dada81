import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Fold } from '../ui/Fold'
import { Advised } from '../ui/Why'
import { SchemeDrawing } from './Scheme'
import { figureSaid } from '../ui/units'

type SettingView = Schemas['SettingView']

/** What the hand sets: one big number, how much it matters, and where to measure it. */
export function Setting({
  setting: s,
  holder,
  brief,
}: {
  setting: SettingView
  holder: string
  /** Whether only the first of the figures beside it is shown. */
  brief?: boolean
}) {
  return (
    <section
      aria-label={`Setting for the ${s.bevelWords}`}
      className="grid sm:grid-cols-[minmax(0,15rem)_minmax(0,1fr)] gap-x-4 gap-y-2 items-start py-3"
    >
      <div>
        <p className="quiet">
          {settingTitle(s.name)} for the {s.bevelWords}, {num(s.angleDeg)}°
        </p>
        <Advised advice={s.setting} digits={1} big />
        <p>{s.where}</p>
        <p className="quiet">{s.tolerance}</p>
        {s.knownToDeg !== null && <p className="quiet">Calibrated: known to {num(s.knownToDeg, 2)}°.</p>}
      </div>
      <SchemeDrawing
        scheme={s.scheme}
        label={`${holder}: ${setTo(s.setting.value, s.unit)} ${s.name} for ${num(s.angleDeg)}°`}
      />
      <Asides asides={brief ? s.asides.slice(0, 1) : s.asides} />
    </section>
  )
}

/** What goes with a setting: the nearest block, the cam, how far a body clears, the spine along a belly. */
function Asides({ asides }: { asides: SettingView['asides'] }) {
  if (asides.length === 0) return null
  if (asides.length > ASIDES_SHOWN)
    return (
      <div className="sm:col-span-2">
        <Fold name="More about this setting" says={asides.map((a) => a.advice.label).join(', ')}>
          <AsideList asides={asides} />
        </Fold>
      </div>
    )
  return <AsideList asides={asides} />
}

/** So many asides stand open; more are folded. */
const ASIDES_SHOWN = 2

function AsideList({ asides }: { asides: SettingView['asides'] }) {
  return (
    <dl className="sm:col-span-2 grid grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-x-6 gap-y-1">
      {asides.map((a) => (
        <div key={a.advice.label}>
          <dt className="quiet">{a.advice.label}</dt>
          <dd>
            <Advised advice={a.advice} digits={a.advice.unit === '' ? 0 : a.advice.unit === '°' ? 2 : 1} />
            {a.words && <span className="block text-[0.92rem]">{a.words}</span>}
          </dd>
        </div>
      ))}
    </dl>
  )
}

/** The name of a setting at the head of its number. */
export function settingTitle(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1)
}

/** A number as it is set. */
export function setTo(value: number, unit: string): string {
  return figureSaid(value, unit)
}
