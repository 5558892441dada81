import type { ReactNode } from 'react'

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
  return (
    <details className="rule-t pt-1" open={open}>
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
