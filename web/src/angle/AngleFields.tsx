import type { Schemas } from '../api/client'
import { Choice, Field } from '../ui/Field'
import { num } from '../ui/format'

export type Form = Schemas['AngleForm']
export type Answer = Schemas['AngleAnswer']

interface Props {
  form: Form
  set: (field: keyof Form) => (value: string) => void
  fault: (field: string) => string | undefined
  answer: Answer | undefined
}

/** The bevels, with what is advised where a field is left empty. */
export function BevelFields({ form, set, fault, answer: a }: Props) {
  const single = a !== undefined && a.advisedPrimaryDeg === a.advisedLastDeg
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field
        label={single ? 'Bevel' : 'Primary'}
        value={form.primary}
        onChange={set('primary')}
        error={fault('primary')}
        hint={a ? `left empty: ${num(a.advisedPrimaryDeg)}°` : undefined}
      />
      <Field
        label="Last bevel"
        value={form.last}
        onChange={set('last')}
        error={fault('last')}
        hint={a ? `left empty: ${num(a.advisedLastDeg)}°` : undefined}
      />
    </div>
  )
}

/** What only some families have: back bevel, hollow, camber. */
export function FamilyFields({ form, set, fault, answer: a }: Props) {
  if (!a) return null
  return (
    <>
      {a.cambers && (
        <fieldset className="rule-t pt-3">
          <legend className="font-semibold">Camber</legend>
          <div className="grid grid-cols-3 gap-3">
            <Field
              label="below the sole"
              value={form.camber}
              onChange={set('camber')}
              error={fault('camber')}
              hint="empty: as usual; 0: none"
            />
            <Field
              label="depth of cut"
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
        </fieldset>
      )}
      {a.backBevels && (
        <fieldset className="rule-t pt-3">
          <legend className="font-semibold">Back bevel</legend>
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
                  value={form.ruleThickness}
                  onChange={set('ruleThickness')}
                  error={fault('ruleThickness')}
                  hint="its thickness"
                />
                <Field
                  label="its reach"
                  value={form.ruleReach}
                  onChange={set('ruleReach')}
                  error={fault('ruleReach')}
                  hint="to the edge"
                />
              </>
            )}
          </div>
        </fieldset>
      )}
      {a.hollows && (
        <Field
          label="Hollow ground on a wheel of"
          value={form.wheelDiameter}
          onChange={set('wheelDiameter')}
          error={fault('wheelDiameter')}
          hint="its diameter; empty: as it is, 0: flat"
        />
      )}
    </>
  )
}

/** A second pair of bevels, to be laid beside the first. */
export function OtherFields({ form, set, fault, answer: a }: Props) {
  const on = form.otherPrimary !== '' || form.otherLast !== ''
  return (
    <fieldset className="rule-t pt-3">
      <legend className="font-semibold">Another beside it</legend>
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="other primary"
          value={form.otherPrimary}
          onChange={set('otherPrimary')}
          error={fault('otherPrimary')}
          hint={a && !on ? `usual here: ${num(a.usualPrimaryDeg)}°` : undefined}
        />
        <Field
          label="other last bevel"
          value={form.otherLast}
          onChange={set('otherLast')}
          error={fault('otherLast')}
        />
      </div>
    </fieldset>
  )
}

/** What holds the tool. */
export function HolderField({
  form,
  set,
  fault,
  answer: a,
  holders,
}: Props & { holders: Schemas['HolderView'][] }) {
  return (
    <Choice
      label="Held by"
      value={a?.holderId ?? form.holderId}
      onChange={set('holderId')}
      options={[
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
    <div>
      <Field
        label={`It stands at (${s.name})`}
        value={form.standsAt}
        onChange={set('standsAt')}
        error={fault('standsAt')}
        hint="type what you measure, to be told the angle it gives"
      />
      {a.stands && (
        <p role="status" className="text-[1.15rem] mt-1">
          gives <b>{num(a.stands.givesDeg, 2)}°</b>
          {a.stands.asWanted
            ? ', as wanted'
            : `, ${num(Math.abs(a.stands.offDeg), 2)}° ${a.stands.offDeg > 0 ? 'steeper' : 'lower'} than wanted`}
        </p>
      )}
    </div>
  )
}
