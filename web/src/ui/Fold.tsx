import { useState, type ReactNode } from 'react'

interface FoldProps {
  name: string
  /** Tells it from the other folds of its page, where its name changes with what is typed. */
  id?: string
  /** A word on what is inside. */
  says?: string | undefined
  /** Whether there is a reason to show what is inside. */
  open?: boolean
  children: ReactNode
}

/** Which folds of which page were opened or closed by hand: what comes and goes with an answer comes back as it was left. */
const byHand = new Map<string, boolean>()

/** What is rare, or a reason: folded away under its name. */
export function Fold({ name, id, says, open = false, children }: FoldProps) {
  const key = `${window.location.pathname} ${id ?? name}`
  const [stays, setStays] = useState(() => byHand.get(key) ?? open)
  // A reason opens it; that the reason goes, as where a field is emptied, closes nothing under the fingers.
  const [reason, setReason] = useState(open)
  if (open !== reason) {
    setReason(open)
    if (open) setStays(true)
  }
  return (
    <details
      className="rule-t pt-1"
      open={stays}
      onToggle={(e) => {
        byHand.set(key, e.currentTarget.open)
        setStays(e.currentTarget.open)
      }}
    >
      <summary className="min-h-11 py-1 cursor-pointer flex flex-wrap gap-x-3 items-center">
        <span className="font-semibold">
          <span aria-hidden="true" className="fold-mark">
            ▸
          </span>{' '}
          <span>{name}</span>
        </span>
        {says && <span className="quiet">{says}</span>}
      </summary>
      {children}
    </details>
  )
}
