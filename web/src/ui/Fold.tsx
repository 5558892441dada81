import { useState, type ReactNode } from 'react'

/** What is rare, or a reason: folded away under its name, with a word on what is inside. */
export function Fold({
  name,
  says,
  open,
  children,
}: {
  name: string
  says?: string | undefined
  open?: boolean
  children: ReactNode
}) {
  // Once open it stays so until it is closed by hand: a field that is emptied must not vanish under the fingers.
  const [stays, setStays] = useState(open ?? false)
  if (open && !stays) setStays(true)
  return (
    <details className="rule-t pt-1" open={stays} onToggle={(e) => setStays(e.currentTarget.open)}>
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
