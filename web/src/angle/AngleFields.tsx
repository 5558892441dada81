import type { Schemas } from '../api/client'
import { Choice, Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { num } from '../ui/format'

export type Form = Schemas['AngleForm']
export type Answer = Schemas['AngleAnswer']

interface Props {
  form: Form
  set: (field: keyof Form) => (value: string) => void
  fault: (field: string) => string | undefined
  answer: Answer | undefined
  /** Whether the first answer is still to come. */
  coming: boolean
}

/** The bevels, with what is advised where a field is left empty. */
export function BevelFields({ form, set, fault, answer: a, coming }: Props) {
  const single = a !== undefined && a.advisedPrimaryDeg === a.advisedLastDeg
  // What was filled in, or is refused, is never hidden.
  const last = (!coming && !a?.oneBevel) || form.last !== '' || fault('last') !== undefined
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field
        label={single ? 'Bevel' : 'Primary'}
        value={form.primary}
        onChange={set('primary')}
        error={fault('primary')}
        hint={a ? `left empty: ${num(a.advisedPrimaryDeg)}°` : undefined}
      />
      {last ? (
        <Field
          label="Last bevel"
          value={form.last}
          onChange={set('last')}
          error={fault('last')}
          hint={a ? `left empty: ${num(a.advisedLastDeg)}°` : undefined}
        />
      ) : (
        <p className="quiet self-center">{a?.oneBevel}</p>
      )}
    </div>
  )
}

/** What only some families have: back bevel, hollow, camber. */
export function FamilyFields({ form, set, fault, answer: a }: Props) {
  if (!a) return null
  // What was filled in, or is refused, is never hidden.
  const open = (...fields: (keyof Form)[]) => fields.some((f) => form[f] !== '' || fault(f) !== undefined)
  return (
    <>
      {a.cambers && (
        <Fold name="Camber" says={form.camber || 'as usual'} open={open('camber', 'shaving', 'strokes')}>
          <div className="grid grid-cols-3 gap-3">
            <Field
              label="below the sole"
              of="length"
              value={form.camber}
              onChange={set('camber')}
              error={fault('camber')}
              hint="empty: as usual; 0: none"
            />
            <Field
              label="depth of cut"
              of="length"
              value={form.shaving}
              onChange={set('shaving')}
              error={fault('shaving')}
              hint="0.1 mm, 4 thou"
            />
            <Field
              label="strokes"
              value={form.strokes}
              onChange={set('strokes')}
              error={fault('strokes')}
              hint="to share out"
            />
          </div>
        </Fold>
      )}
      {a.backBevels && (
        <Fold
          name="Back bevel"
          says={form.backBevel || form.ruleThickness || 'as it is'}
          open={open('backBevel', 'ruleThickness', 'ruleReach')}
        >
          <div className="grid grid-cols-3 gap-3">
            <Field
              label="angle"
              value={form.backBevel}
              onChange={set('backBevel')}
              error={fault('backBevel')}
              hint="empty: as it is"
            />
            {a.thinRule && (
              <>
                <Field
                  label="or thin rule"
                  of="length"
                  value={form.ruleThickness}
                  onChange={set('ruleThickness')}
                  error={fault('ruleThickness')}
                  hint="its thickness"
                />
                <Field
                  label="its reach"
                  of="length"
                  value={form.ruleReach}
                  onChange={set('ruleReach')}
                  error={fault('ruleReach')}
                  hint="to the edge"
                />
              </>
            )}
          </div>
        </Fold>
      )}
      {a.hollows && (
        <Fold name="Hollow grind" says={form.wheelDiameter || 'as it is'} open={open('wheelDiameter')}>
          <Field
            label="Hollow ground on a wheel of"
            of="length"
            value={form.wheelDiameter}
            onChange={set('wheelDiameter')}
            error={fault('wheelDiameter')}
            hint="its diameter; empty: as it is, 0: flat"
          />
        </Fold>
      )}
    </>
  )
}

/** A second pair of bevels, to be laid beside the first. */
export function OtherFields({ form, set, fault, answer: a }: Props) {
  const on = form.otherPrimary !== '' || form.otherLast !== ''
  return (
    <Fold name="Compare with another" says={on ? '' : 'a second pair of bevels'} open={on}>
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="other primary"
          value={form.otherPrimary}
          onChange={set('otherPrimary')}
          error={fault('otherPrimary')}
          hint={a && !on ? `usual here: ${num(a.usualPrimaryDeg)}°` : undefined}
        />
        {(!a?.oneBevel || form.otherLast !== '') && (
          <Field
            label="other last bevel"
            value={form.otherLast}
            onChange={set('otherLast')}
            error={fault('otherLast')}
          />
        )}
      </div>
    </Fold>
  )
}

/** What holds the tool. */
export function HolderField({
  form,
  set,
  fault,
  answer: a,
  coming,
  holders,
}: Props & { holders: Schemas['HolderView'][] }) {
  return (
    <Choice
      label="Held by"
      value={a?.holderId ?? form.holderId}
      onChange={set('holderId')}
      options={[
        ...(coming ? [{ value: '', label: '…' }] : []),
        ...holders.map((h) => ({ value: h.id, label: h.name })),
        { value: 'HAND', label: 'hand alone' },
      ]}
      error={fault('holderId')}
    />
  )
}

/** How it is set now, and what angle that gives. */
export function StandsField({ form, set, fault, answer: a }: Props) {
  const s = a?.settings[a.settings.length - 1]
  if (!a || !s) return null
  return (
    <Fold
      name="Check what you measure"
      says={form.standsAt}
      open={form.standsAt !== '' || fault('standsAt') !== undefined}
    >
      <Field
        label={`It stands at (${s.name})`}
        of={s.unit === 'mm' ? 'length' : undefined}
        value={form.standsAt}
        onChange={set('standsAt')}
        error={fault('standsAt')}
        hint="type what you measure, and see the angle it gives"
      />
      {a.stands && (
        <p role="status" className="text-[1.15rem] mt-1">
          gives <b>{num(a.stands.givesDeg, 2)}°</b>
          {a.stands.asWanted
            ? ', as wanted'
            : `, ${num(Math.abs(a.stands.offDeg), 2)}° ${a.stands.offDeg > 0 ? 'steeper' : 'lower'} than wanted`}
        </p>
      )}
    </Fold>
  )
}
