import type { Schemas } from '../api/client'
import { Check, Choice, Field, Pick } from '../ui/Field'

type Form = Schemas['SurveyForm']
type Asks = Schemas['AsksView']

interface Props {
  form: Form
  put: (part: Partial<Form>) => void
  fault: (field: string) => string | undefined
  asks: Asks
}

/** A bend, sides that differ, dimensions that differ along the edge. */
export function Departures({ form, put, fault, asks }: Props) {
  return (
    <>
      <Field
        label="Bent: gap under a straightedge along it"
        of="length"
        value={form.bend}
        onChange={(bend) => put({ bend })}
        error={form.bend ? fault('bend') : undefined}
        hint="empty where it is straight"
      />
      {asks.bendHolds && form.bend !== '' && (
        <Check
          label="worked as it is, bent: I know what the stone will not reach"
          value={form.bendAccepted}
          onChange={(bendAccepted) => put({ bendAccepted })}
        />
      )}
      {asks.uneven && (
        <fieldset>
          <legend className="text-[0.92rem] mb-1">Sides that differ, each measured from the middle</legend>
          <div className="grid grid-cols-2 gap-2">
            <Field
              label="left side"
              of="length"
              value={form.unevenLeft}
              onChange={(unevenLeft) => put({ unevenLeft })}
              error={form.unevenLeft || form.unevenRight ? fault('uneven.left') : undefined}
              hint="such as 15°"
            />
            <Field
              label="right side"
              of="length"
              value={form.unevenRight}
              onChange={(unevenRight) => put({ unevenRight })}
              error={form.unevenLeft || form.unevenRight ? fault('uneven.right') : undefined}
              hint="such as 19°"
            />
          </div>
        </fieldset>
      )}
      {asks.varying.length > 0 && <Stations form={form} put={put} fault={fault} asks={asks} />}
    </>
  )
}

/** A dimension measured here and there along the edge. */
function Stations({ form, put, fault, asks }: Props) {
  const change = (i: number, part: Partial<Schemas['MeasureForm']>) =>
    put({ measures: form.measures.map((m, n) => (n === i ? { ...m, ...part } : m)) })
  const add = () =>
    put({ measures: [...form.measures, { field: asks.varying[0]!.field, at: '', value: '' }] })
  return (
    <section aria-label="Measured at places">
      <h3 className="text-[0.92rem]">Measured at places along the edge</h3>
      <p className="quiet text-[0.88rem]">{asks.varying.map((v) => `${v.label}: ${v.how}`).join(' ')}</p>
      {form.measures.map((m, i) => (
        <div key={i} className="rule-t pt-2 mt-2 space-y-1" role="group" aria-label={`Measure ${i + 1}`}>
          {asks.varying.length > 1 && (
            <Choice
              label="what"
              value={m.field}
              onChange={(field) => change(i, { field })}
              options={asks.varying.map((v) => ({ value: v.field, label: v.label }))}
            />
          )}
          <div className="grid grid-cols-[1fr_1fr_auto] gap-2 items-start">
            <Field
              label="at"
              of="length"
              value={m.at}
              onChange={(at) => change(i, { at })}
              error={m.at ? fault(`measures[${i}].at`) : undefined}
            />
            <Field
              label={asks.varying.length > 1 ? 'measures' : asks.varying[0]!.label}
              of={
                asks.varying.find((v) => v.field === m.field || asks.varying.length === 1)?.measure ===
                'LENGTH'
                  ? 'length'
                  : undefined
              }
              value={m.value}
              onChange={(value) => change(i, { value })}
              error={m.value ? fault(`measures[${i}].value`) : undefined}
            />
            <button
              type="button"
              className="btn btn-ghost min-h-12 mt-6"
              aria-label={`Remove measure ${i + 1}`}
              onClick={() => put({ measures: form.measures.filter((_, n) => n !== i) })}
            >
              Remove
            </button>
          </div>
        </div>
      ))}
      <button type="button" className="btn btn-outline min-h-12 mt-2" onClick={add}>
        Measure at a place
      </button>
    </section>
  )
}

/** A back bevel that somebody left on a tool that should have none. */
export function OldBack({ form, put, fault }: Omit<Props, 'asks'>) {
  const there = form.oldBackWidth !== '' || form.oldBackAngle !== ''
  return (
    <fieldset>
      <legend className="text-[0.92rem] mb-1">An old back bevel, if somebody left one</legend>
      <div className="grid grid-cols-2 gap-2">
        <Field
          label="width"
          of="length"
          value={form.oldBackWidth}
          onChange={(oldBackWidth) => put({ oldBackWidth })}
          error={there ? fault('oldBack.width') : undefined}
          hint="empty for none"
        />
        <Field
          label="angle"
          value={form.oldBackAngle}
          onChange={(oldBackAngle) => put({ oldBackAngle })}
          error={there ? fault('oldBack.angle') : undefined}
          hint="from the back"
        />
      </div>
      {there && (
        <Pick
          legend="It goes"
          value={form.oldBackGoes}
          onChange={(oldBackGoes) => put({ oldBackGoes })}
          options={[
            { value: 'BY_THE_EDGE', label: 'edge moved past it' },
            { value: 'BY_THE_BACK', label: 'back flattened' },
            { value: 'KEPT', label: 'it stays' },
          ]}
        />
      )}
    </fieldset>
  )
}
