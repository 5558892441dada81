import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { kitChanged } from '../api/changed'
import { Refused } from '../api/client'

/** Saves, and has every page look again. */
export function useSaved<T>(call: () => Promise<T>, onDone: (answer: T) => void) {
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: call,
    onSuccess: (answer) => {
      kitChanged(queries)
      onDone(answer)
    },
  })
  return { save, refused: save.error instanceof Refused ? save.error : undefined }
}

/** The form of one thing of the kit. */
export function Frame({
  children,
  onSave,
  refused,
}: {
  children: ReactNode
  onSave: () => void
  refused: Refused | undefined
}) {
  return (
    <div className="border-l-4 border-primary pl-4 py-3 grid sm:grid-cols-2 lg:grid-cols-4 gap-4 max-w-[64rem]">
      {children}
      <div className="sm:col-span-2 lg:col-span-4 flex gap-3 items-center">
        <button type="button" className="btn btn-primary min-h-12" onClick={onSave}>
          Save it
        </button>
        {refused && (
          <p role="alert" className="text-error font-semibold">
            {refused.message}
          </p>
        )}
      </div>
    </div>
  )
}
