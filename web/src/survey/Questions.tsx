import { mm } from '../ui/units'
import type { Schemas } from '../api/client'
import { Check, Field, Pick } from '../ui/Field'
import { Departures, OldBack } from './Departures'
import type { Look } from './looks'

type Form = Schemas['SurveyForm']

interface Props {
  look: Look
  form: Form
  set: (form: Form) => void
  fault: (field: string) => string | undefined
  echo: string | undefined
  asks: Schemas['AsksView']
  changes: Schemas['LookChangeView'][]
  /** Whether no earlier look is kept. */
  first: boolean
}

/** What one look asks. */
export function Questions({ look, form, set, fault, echo, asks, changes, first }: Props) {
  const put = (part: Partial<Form>) => set({ ...form, ...part })
  switch (look.key) {
    case 'lamp':
      return (
        <Pick
          legend="How dull"
          value={form.dullness}
          onChange={(dullness) => put({ dullness })}
          options={[
            { value: 'TOUCH_UP', label: 'Lost its bite' },
            { value: 'DULL', label: 'Dull' },
            { value: 'LIGHT_VISIBLE', label: 'Light along it' },
          ]}
        >
          {form.dullness === 'TOUCH_UP' && (
            <Check
              label="the strop did not bring it back"
              value={form.stropTried}
              onChange={(v) => put({ stropTried: v })}
            />
          )}
        </Pick>
      )
    case 'nail':
      return (
        <p className="quiet">
          Before it is called a roll, rule out a burr: draw a cloth off the edge; a burr catches it.
        </p>
      )
    case 'square':
      return <Square form={form} put={put} fault={fault} echo={echo} />
    case 'back':
      return (
        <>
          <Back form={form} put={put} fault={fault} />
          {asks.oldBack && <OldBack form={form} put={put} fault={fault} />}
        </>
      )
    case 'straight':
      return <Departures form={form} put={put} fault={fault} asks={asks} />
    default:
      return <Past form={form} put={put} changes={changes} first={first} />
  }
}

interface PartProps {
  form: Form
  put: (part: Partial<Form>) => void
  fault: (field: string) => string | undefined
}

function Past({
  form,
  put,
  changes,
  first,
}: Omit<PartProps, 'fault'> & { changes: Schemas['LookChangeView'][]; first: boolean }) {
  return (
    <>
      <Pick
        legend="Since it was last sharpened, the edge"
        value={form.fared}
        onChange={(fared) => put({ fared })}
        options={[
          { value: '', label: 'is not known' },
          { value: 'HELD', label: 'held' },
          { value: 'CHIPPED', label: 'chipped' },
          { value: 'ROLLED', label: 'rolled' },
        ]}
      >
        {form.fared === 'ROLLED' && (
          <p className="quiet pt-1">
            Rule out a burr first: it looks like a roll. Draw a cloth off the edge; a burr catches it.
          </p>
        )}
      </Pick>
      <section aria-label="Since the last look">
        <h3 className="text-[0.92rem]">Since the last look</h3>
        {changes.length === 0 ? (
          <p className="quiet">
            {first
              ? 'This is the first look that is kept of it.'
              : 'Nothing was marked then, and nothing is now.'}
          </p>
        ) : (
          <ul>
            {changes.map((c, i) => (
              <li key={i} className={c.kind === 'SAME' ? 'quiet' : ''}>
                {c.words}.
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  )
}

function Square({ form, put, fault, echo }: PartProps & { echo: string | undefined }) {
  return (
    <Pick
      legend="Square: which corner stands forward"
      value={form.highCorner}
      onChange={(highCorner) => put({ highCorner })}
      options={[
        { value: 'NONE', label: 'Square' },
        { value: 'LEFT', label: 'Left' },
        { value: 'RIGHT', label: 'Right' },
      ]}
    >
      {form.highCorner !== 'NONE' && (
        <div className="mt-2 space-y-2">
          <div className="grid grid-cols-2 gap-2">
            <Field
              label={form.squareAs === 'GAP' ? 'gap over the width' : 'off by'}
              of={form.squareAs === 'GAP' ? 'length' : undefined}
              value={form.squareOff}
              onChange={(squareOff) => put({ squareOff })}
              error={form.squareOff ? (fault('square.off') ?? fault('square.high')) : undefined}
              echo={echo}
              hint={form.squareAs === 'GAP' ? `such as ${mm(0.4)}` : 'such as 1.5°'}
            />
            <Pick
              legend="measured as"
              value={form.squareAs}
              onChange={(squareAs) => put({ squareAs })}
              options={[
                { value: 'ANGLE', label: '°' },
                { value: 'GAP', label: 'gap' },
              ]}
            />
          </div>
          <Check label="square it" value={form.squareMend} onChange={(v) => put({ squareMend: v })} />
        </div>
      )}
    </Pick>
  )
}

function Back({ form, put, fault }: PartProps) {
  const deep = form.backState !== 'POLISHED' && form.backState !== 'UNPOLISHED'
  return (
    <Pick
      legend="The back, near the edge"
      value={form.backState}
      onChange={(backState) => put({ backState })}
      options={[
        { value: 'POLISHED', label: 'Polished' },
        { value: 'UNPOLISHED', label: 'Flat, dull' },
        { value: 'RIDGED', label: 'Ridged' },
        { value: 'PITTED', label: 'Pitted' },
        { value: 'DUBBED', label: 'Dubbed' },
      ]}
    >
      {deep && (
        <Field
          label="how deep"
          of="length"
          value={form.backDepth}
          onChange={(backDepth) => put({ backDepth })}
          error={form.backDepth ? fault('backDepth') : undefined}
          hint="left empty, the usual depth is taken; a short trial grind shows it"
        />
      )}
    </Pick>
  )
}
