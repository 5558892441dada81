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
  /** What the act comes to, said before it is done. */
  says?: string | undefined
  /** Another button, for what stands in the way. */
  beside?: ReactNode
}

/** The next act: one large button, always in the same corner. */
export function Act({ children, onClick, href, busy, disabled, note, says, beside }: ActProps) {
  const look = 'btn btn-primary act w-full sm:w-auto'
  return (
    <div className="fixed inset-x-0 bottom-0 z-30 bg-base-100 rule-t px-4 sm:px-6 py-1 flex flex-wrap items-center justify-end gap-x-5 gap-y-2">
      {note && (
        <p role="alert" className="text-error font-semibold flex-1 min-w-[14rem]">
          {note}
        </p>
      )}
      {!note && says && <p className="flex-1 min-w-[14rem] text-right">{says}</p>}
      {beside}
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
  )
}
