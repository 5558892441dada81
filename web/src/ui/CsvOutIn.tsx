import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { kitChanged } from '../api/changed'
import { Refused } from '../api/client'

/** A list for other programs: written out by a link, read in from a file; all of it or nothing. */
export function CsvOutIn<T>({
  out,
  href,
  read,
  said,
}: {
  out: string
  href: string
  read: (text: string) => Promise<T>
  said: (done: T) => string
}) {
  const id = useId()
  const queries = useQueryClient()
  const reading = useMutation({
    mutationFn: async (file: File) => read(await file.text()),
    onSuccess: () => kitChanged(queries),
  })
  const refused = reading.error instanceof Refused ? reading.error : undefined
  return (
    <div className="pt-3 flex flex-wrap gap-3 items-center">
      <a className="btn btn-outline min-h-12" href={href} download>
        {out}
      </a>
      <label
        htmlFor={id}
        className="btn btn-outline min-h-12 has-focus-visible:outline-3 has-focus-visible:outline-primary"
      >
        Import a CSV
        <input
          id={id}
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0]
            if (file && !reading.isPending) reading.mutate(file)
            e.target.value = ''
          }}
        />
      </label>
      {reading.isPending && (
        <p role="status" className="quiet">
          Reading the list… Nothing is changed before all of it is read.
        </p>
      )}
      {reading.data && <p role="status">{said(reading.data)}</p>}
      {reading.error && (
        <div role="alert" className="text-error font-semibold">
          {refused && refused.faults.length > 0
            ? refused.faults.map((f) => <p key={f.message}>{f.message}</p>)
            : reading.error.message}
          <p>Nothing was changed.</p>
        </div>
      )}
    </div>
  )
}
