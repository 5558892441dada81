import type { ReactNode } from 'react'

/** What it is: open as it is asked for, folded where it has been said. */
export function What({
  brief,
  words,
  children,
}: {
  brief: boolean | undefined
  words: string
  children: ReactNode
}) {
  if (!brief) return <>{children}</>
  return (
    <details className="rule-b pb-2">
      <summary className="min-h-11 cursor-pointer flex items-center">
        <span>
          <b>{words}</b> <span className="underline underline-offset-4">change</span>
        </span>
      </summary>
      <div className="grid gap-4 pt-2">{children}</div>
    </details>
  )
}
