import type { ReactNode } from 'react'
import { Refused } from '../api/client'

/** Something to know before going on. */
export function Notice({
  children,
  kind = 'note',
}: {
  children: ReactNode
  kind?: 'note' | 'danger' | 'warn'
}) {
  const edge = kind === 'danger' ? 'border-error' : kind === 'warn' ? 'border-warning' : 'border-base-300'
  return (
    <p role={kind === 'note' ? undefined : 'alert'} className={`border-l-4 pl-3 py-1 my-2 ${edge}`}>
      {children}
    </p>
  )
}

/** What the service refused or could not do. */
export function Trouble({ error, again }: { error: unknown; again?: () => void }) {
  if (!error) return null
  const words = error instanceof Refused ? error.message : 'Something went wrong on this screen.'
  return (
    <div role="alert" className="border-l-4 border-error pl-3 py-2 my-3">
      <p>{words}</p>
      {again && (
        <button type="button" className="btn mt-2" onClick={again}>
          Try again
        </button>
      )}
    </div>
  )
}

/** A place that is still coming. */
export function Coming() {
  return (
    <div className="pt-5 space-y-3 max-w-[44rem]" role="status" data-coming>
      <span className="sr-only">Fetching…</span>
      {['w-1/3 h-7', 'w-full h-5', 'w-5/6 h-5', 'w-full h-28'].map((shape) => (
        <div key={shape} aria-hidden="true" className={`bg-base-200 rounded ${shape}`} />
      ))}
    </div>
  )
}
