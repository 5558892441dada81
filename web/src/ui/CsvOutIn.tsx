import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { freshId } from '../api/id'
import { Refused } from '../api/client'
import { RunProgress } from './RunProgress'

/** A list for other programs: written out by a link, read in from a file; all of it or nothing, and it can be stopped. */
export function CsvOutIn<T>({
  out,
  href,
  read,
  said,
}: {
  out?: string
  href?: string
  read: (text: string, run: string) => Promise<T>
  said: (done: T) => string
}) {
  const id = useId()
  const queries = useQueryClient()
  const reading = useMutation({
    mutationFn: async ({ file, run }: { file: File; run: string }) => read(await file.text(), run),
    // What a list brings may concern anything that is shown.
    onSuccess: () => void queries.invalidateQueries(),
  })
  const refused = reading.error instanceof Refused ? reading.error : undefined
  const stopped = refused?.has('STOPPED')
  return (
    <div className="pt-3 flex flex-wrap gap-3 items-center">
      {href && (
        <a className="btn btn-outline min-h-12" href={href} download>
          {out}
        </a>
      )}
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
            if (file && !reading.isPending) reading.mutate({ file, run: freshId() })
            e.target.value = ''
          }}
        />
      </label>
      {reading.isPending && (
        <RunProgress
          run={reading.variables.run}
          far={(done, of) => (of > 0 ? `${done} of ${of} lines read.` : 'Reading the list…')}
          note="Nothing is changed before all of it is read."
          name="Lines read"
        />
      )}
      {reading.data && <p role="status">{said(reading.data)}</p>}
      {stopped && <p role="status">Stopped. Nothing was changed.</p>}
      {reading.error && !stopped && (
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
