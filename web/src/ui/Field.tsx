import { useId, type ReactNode } from 'react'
import { typedKept, typedShown, unitBeside, type Measured } from './typed'

interface FieldProps {
  label: string
  value: string
  onChange: (value: string) => void
  /** What the service understood. */
  echo?: string | undefined
  error?: string | undefined
  hint?: string | undefined
  lines?: number
  type?: string
  inputMode?: 'text' | 'decimal'
  /** What is measured: a bare number is then in the unit of the shop. */
  of?: Measured | undefined
}

/** One thing to type, with what was understood of it, or what is wrong with it, beside it. */
export function Field({
  label,
  value: kept,
  onChange,
  echo: understood,
  error,
  hint,
  lines,
  type,
  inputMode,
  of,
}: FieldProps) {
  const id = useId()
  const value = of ? typedShown(kept, of) : kept
  const beside = of ? unitBeside(value, of) : ''
  // What the service gave in mm and nobody typed over is not said to be understood.
  const untouched = of !== undefined && value !== kept && !kept.endsWith(beside)
  const echo = untouched || understood === `${value} ${beside}` ? undefined : understood
  const said = error ?? (echo && echo !== value ? echo : hint)
  const common = {
    id,
    value,
    'aria-invalid': error ? true : undefined,
    'aria-describedby': said ? id + '-said' : undefined,
    onChange: (e: { target: { value: string } }) =>
      onChange(of ? typedKept(e.target.value, of) : e.target.value),
  }
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-[0.92rem] mb-1">
        {label}
      </label>
      {lines ? (
        <textarea
          {...common}
          rows={lines}
          className={`textarea w-full text-[1rem] ${error ? 'textarea-error' : ''}`}
        />
      ) : (
        <span className="relative block">
          <input
            {...common}
            type={type ?? 'text'}
            inputMode={inputMode}
            autoComplete="off"
            className={`input w-full h-12 text-[1.05rem] ${beside ? 'pr-9' : ''} ${error ? 'input-error' : ''}`}
          />
          {beside && (
            <span className="absolute right-3 top-3 quiet pointer-events-none" aria-hidden="true">
              {beside}
            </span>
          )}
        </span>
      )}
      {said && (
        <p
          id={id + '-said'}
          role={error ? 'alert' : undefined}
          className={`text-[0.88rem] mt-1 ${error ? 'text-error font-semibold' : 'quiet'}`}
        >
          {error ? said : echo && echo !== value ? `understood: ${said}` : said}
        </p>
      )}
    </div>
  )
}

interface ChoiceProps<T extends string> {
  label: string
  value: T
  onChange: (value: T) => void
  options: readonly { value: T; label: string }[]
  error?: string | undefined
  empty?: string | undefined
}

/** One out of a long list. */
export function Choice<T extends string>({ label, value, onChange, options, error, empty }: ChoiceProps<T>) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-[0.92rem] mb-1">
        {label}
      </label>
      <select
        id={id}
        value={value}
        aria-invalid={error ? true : undefined}
        onChange={(e) => onChange(e.target.value as T)}
        className={`select w-full h-12 text-[1.05rem] text-ellipsis ${error ? 'select-error' : ''}`}
      >
        {empty !== undefined && <option value="">{empty}</option>}
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.label}
          </option>
        ))}
      </select>
      {error && (
        <p role="alert" className="text-[0.88rem] mt-1 text-error font-semibold">
          {error}
        </p>
      )}
    </div>
  )
}

interface PickProps<T extends string> {
  legend: string
  value: T
  onChange: (value: T) => void
  options: { value: T; label: string; note?: string }[]
  children?: ReactNode
}

/** One out of a few, all in sight, each large enough for a wet finger. */
export function Pick<T extends string>({ legend, value, onChange, options, children }: PickProps<T>) {
  const name = useId()
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.92rem] mb-1">{legend}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map((o) => (
          <label
            key={o.value}
            className={`cursor-pointer min-h-12 px-3 py-2 border-2 rounded flex items-center gap-2 has-focus-visible:outline-3 has-focus-visible:outline-primary ${
              value === o.value ? 'border-primary font-semibold' : 'border-base-300'
            }`}
          >
            <input
              type="radio"
              name={name}
              value={o.value}
              checked={value === o.value}
              onChange={() => onChange(o.value)}
              className="radio radio-primary"
            />
            <span>
              {o.label}
              {o.note && <span className="block text-[0.85rem] font-normal quiet">{o.note}</span>}
            </span>
          </label>
        ))}
      </div>
      {children}
    </fieldset>
  )
}

/** A yes or no; its name says more than its label where one stands beside many alike. */
export function Check({
  label,
  name,
  value,
  onChange,
}: {
  label: string
  name?: string
  value: boolean
  onChange: (value: boolean) => void
}) {
  return (
    <label className="flex items-center gap-3 min-h-12 cursor-pointer">
      <input
        type="checkbox"
        aria-label={name}
        checked={value}
        onChange={(e) => onChange(e.target.checked)}
        className="checkbox checkbox-primary"
      />
      <span>{label}</span>
    </label>
  )
}
