import type { ReactNode } from 'react'
import { Link } from 'wouter'

interface ActProps {
  children: ReactNode
  onClick?: () => void
  href?: string
  busy?: boolean
  disabled?: boolean
  /** What stands in the way, beside the button. */
  note?: string | undefined
}

/** The next act: one large button, always in the same corner. */
export function Act({ children, onClick, href, busy, disabled, note }: ActProps) {
  const look = 'btn btn-primary act w-full sm:w-auto'
  return (
    <div className="fixed bottom-0 right-0 left-0 sm:left-auto z-30 p-3 sm:p-5 flex flex-wrap items-center justify-end gap-3 pointer-events-none">
      {note && (
        <p
          role="alert"
          className="pointer-events-auto bg-base-100 border-2 border-error text-error rounded px-3 py-2 max-w-[30rem]"
        >
          {note}
        </p>
      )}
      <div className="pointer-events-auto w-full sm:w-auto">
        {href ? (
          <Link href={href} className={look}>
            {children}
          </Link>
        ) : (
          <button type="button" className={look} onClick={onClick} disabled={busy || disabled}>
            {busy ? 'One moment…' : children}
          </button>
        )}
      </div>
    </div>
  )
}
