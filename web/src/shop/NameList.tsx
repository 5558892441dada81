import { useState, type ReactNode } from 'react'
import { Field } from '../ui/Field'
import { Refused } from '../api/client'
import type { Named } from './named'

interface NameListProps {
  heading: string
  /** What goes here, said where nothing is there yet. */
  empty: string
  names: Named[]
  /** What one more is called: “owner”. */
  one: string
  add: (name: string) => Promise<unknown>
  rename: (id: string, name: string) => Promise<unknown>
  remove: (id: string) => Promise<unknown>
  /** What else can be done with one of them. */
  beside?: (name: Named) => ReactNode
}

/** Names of a list, each put right where it stands; what was taken off is put back by one touch. */
export function NameList(p: NameListProps) {
  const [open, setOpen] = useState('')
  const [gone, setGone] = useState<Named | null>(null)
  const [error, setError] = useState<Error | null>(null)
  const tried = (work: Promise<unknown>, then: () => void) =>
    work.then(
      () => {
        setError(null)
        then()
      },
      (e: Error) => setError(e),
    )
  return (
    <section aria-label={p.heading} className="pt-5">
      <h2 className="quiet rule-b pb-0.5">{p.heading}</h2>
      {p.names.length === 0 && <p className="py-3">{p.empty}</p>}
      <ul>
        {p.names.map((n) => (
          <li key={n.id} className="rule-b py-0.5">
            <div className="flex gap-3 items-center">
              <p className="flex-1 min-w-0 break-words font-semibold">{n.name}</p>
              <button
                type="button"
                className="btn btn-ghost min-h-11"
                aria-expanded={open === n.id}
                onClick={() => {
                  setError(null)
                  setOpen(open === n.id ? '' : n.id)
                }}
              >
                Change {n.name}
              </button>
            </div>
            {open === n.id && (
              <Change
                {...p}
                name={n}
                error={error}
                onRename={(name) => void tried(p.rename(n.id, name), () => setOpen(''))}
                onRemove={() =>
                  void tried(p.remove(n.id), () => {
                    setGone(n)
                    setOpen('')
                  })
                }
              />
            )}
          </li>
        ))}
      </ul>
      {gone && (
        <p role="status" className="py-2 flex flex-wrap gap-x-4 items-center">
          {gone.name} is off the list.
          <button
            type="button"
            className="btn btn-outline min-h-11"
            onClick={() => void tried(p.add(gone.name), () => setGone(null))}
          >
            Undo
          </button>
        </p>
      )}
      <Add one={p.one} add={p.add} />
    </section>
  )
}

interface ChangeProps extends NameListProps {
  name: Named
  error: Error | null
  onRename: (name: string) => void
  onRemove: () => void
}

function Change({ name, one, error, onRename, onRemove, beside }: ChangeProps) {
  const [typed, setTyped] = useState(name.name)
  const refused = error instanceof Refused ? error : undefined
  return (
    <div className="pb-2">
      <Field
        label={`What this ${one} is called`}
        value={typed}
        onChange={setTyped}
        error={refused?.at('name')}
      />
      {error && !refused?.at('name') && (
        <p role="alert" className="text-error font-semibold pt-1">
          {error.message}
        </p>
      )}
      <div className="flex flex-wrap gap-3 pt-2 items-end">
        <button type="button" className="btn btn-outline min-h-12" onClick={() => onRename(typed)}>
          Save the name
        </button>
        {beside?.(name)}
        <button type="button" className="btn btn-ghost min-h-12 text-error" onClick={onRemove}>
          Take {name.name} off the list
        </button>
      </div>
    </div>
  )
}

function Add({ one, add }: { one: string; add: (name: string) => Promise<unknown> }) {
  const [typed, setTyped] = useState('')
  const [error, setError] = useState<string>()
  return (
    <form
      className="flex gap-3 items-start pt-3 max-w-[30rem]"
      onSubmit={(e) => {
        e.preventDefault()
        add(typed).then(
          () => {
            setTyped('')
            setError(undefined)
          },
          (refused: Error) => setError(refused.message),
        )
      }}
    >
      <div className="flex-1">
        <Field label={`Another ${one}`} value={typed} onChange={setTyped} error={error} />
      </div>
      <button type="submit" className="btn btn-outline min-h-12 mt-7">
        Add
      </button>
    </form>
  )
}
