import { useMutation, useQueryClient } from '@tanstack/react-query'
import { machineChanged } from '../api/changed'
import { api, ask, Refused, type Schemas } from '../api/client'
import { useDraft } from '../api/local'
import { Act } from '../ui/Act'
import { Check, Choice, Field, Pick } from '../ui/Field'
import type { MachineState } from './useMachine'

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
].map((label, i) => ({ value: String(i + 1), label }))

/** Which machine a blade belongs to: one that is known, or a new one. */
export function MachineForm({ state }: { state: MachineState }) {
  const [form, setForm, drop] = useDraft(`machine.${state.toolId}`, {
    machineId: '',
    name: '',
    power: '' as Schemas['MachineForm']['power'],
    perMinute: '',
    from: '3',
    to: '11',
    spare: false,
    mass: '',
  })
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/v1/tools/{id}/machine', {
          params: { path: { id: state.toolId } },
          body: {
            machineId: form.machineId,
            machine: form.machineId
              ? null
              : {
                  name: form.name,
                  power: form.power,
                  perMinute: form.perMinute,
                  seasonFrom: Number(form.from),
                  seasonTo: Number(form.to),
                },
            fitted: !form.spare,
            mass: form.mass,
          },
        }),
      ),
    onSuccess: () => {
      drop()
      machineChanged(queries)
    },
  })
  const refused = save.error instanceof Refused ? save.error : undefined
  const put = (part: Partial<typeof form>) => setForm({ ...form, ...part })
  return (
    <>
      <div className="pt-4 max-w-[44rem] space-y-4">
        <h2 className="text-[1.6rem] leading-tight font-semibold">Which machine is this blade of?</h2>
        <p>
          How it is made safe depends on what drives it; how fast it turns decides what an unbalance does.
        </p>
        {state.machines.length > 0 && (
          <Pick
            legend="Machine"
            value={form.machineId}
            onChange={(machineId) => put({ machineId })}
            options={[
              { value: '', label: 'one not known here yet' },
              ...state.machines.map((m) => ({ value: m.id, label: m.name, note: m.powerWords })),
            ]}
          />
        )}
        {form.machineId === '' && (
          <>
            <Field
              label="What you call it"
              value={form.name}
              onChange={(name) => put({ name })}
              error={refused?.at('machine.name')}
            />
            <Pick
              legend="What drives it"
              value={form.power}
              onChange={(power) => put({ power })}
              options={state.powers.map((p) => ({ value: p.power, label: p.words }))}
            />
            {refused?.at('machine.power') && (
              <p role="alert" className="text-error font-semibold">
                {refused.at('machine.power')}
              </p>
            )}
            {state.turns && (
              <Field
                label="Turns of the blade a minute"
                value={form.perMinute}
                onChange={(perMinute) => put({ perMinute })}
                error={refused?.at('machine.perMinute')}
                hint="By its plate or manual; empty where it is not known."
                inputMode="decimal"
              />
            )}
            <div className="grid grid-cols-2 gap-3">
              <Choice
                label="Used from"
                value={form.from}
                onChange={(from) => put({ from })}
                options={MONTHS}
              />
              <Choice label="to" value={form.to} onChange={(to) => put({ to })} options={MONTHS} />
            </div>
          </>
        )}
        {state.turns && (
          <Field
            label="Weight of the blade"
            of="mass"
            value={form.mass}
            onChange={(mass) => put({ mass })}
            error={refused?.at('mass')}
            hint="In grams; empty where it was not weighed. Only the engineer's reference wants it."
            inputMode="decimal"
          />
        )}
        <Check
          label="It is a spare, not on the machine now"
          value={form.spare}
          onChange={(spare) => put({ spare })}
        />
        {refused?.at('fitted') && (
          <p role="alert" className="text-error font-semibold">
            {refused.at('fitted')}
          </p>
        )}
      </div>
      <Act onClick={() => save.mutate()} busy={save.isPending} note={refused?.message}>
        Keep the machine
      </Act>
    </>
  )
}
