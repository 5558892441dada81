import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { freshId } from '../api/id'
import { Refused } from '../api/client'
import { RunProgress } from './RunProgress'

interface Asked {
  text: string
  name: string
  run: string
  dry: boolean
}

/**
 * A list for other programs: written out by a link, read in from a file. It is tried first: what it would do is said, and done
 * only when that is wanted. All of it or nothing, and it can be stopped.
 */
export function CsvOutIn<T>({
  out,
  href,
  what,
  read,
  said,
}: {
  out?: string
  href?: string
  /** What is imported, where a page has several lists: “tools”. */
  what?: string
  read: (text: string, run: string, dry: boolean) => Promise<T>
  /** What came of it, or what would come of it. */
  said: (done: T, dry: boolean) => string
}) {
  const id = useId()
  const queries = useQueryClient()
  const reading = useMutation({
    mutationFn: ({ text, run, dry }: Asked) => read(text, run, dry),
    // What a list brings may concern anything that is shown.
    onSuccess: (_, { dry }) => void (dry || queries.invalidateQueries()),
  })
  const refused = reading.error instanceof Refused ? reading.error : undefined
  const stopped = refused?.has('STOPPED')
  const tried = reading.data && reading.variables?.dry ? reading.variables : undefined
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
        Import {what ?? 'a'} CSV
        <input
          id={id}
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0]
            e.target.value = ''
            if (!file || reading.isPending) return
            void file
              .text()
              .then((text) => reading.mutate({ text, name: file.name, run: freshId(), dry: true }))
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
      {tried && (
        <div role="status" className="w-full border-l-4 border-base-300 pl-3 py-1">
          <p className="break-words">
            Tried, nothing is changed yet: of {tried.name} {said(reading.data!, true)}
          </p>
          <p className="flex flex-wrap gap-3 pt-2">
            <button
              type="button"
              className="btn btn-primary min-h-12"
              onClick={() => reading.mutate({ ...tried, run: freshId(), dry: false })}
            >
              Read it in
            </button>
            <button type="button" className="btn btn-outline min-h-12" onClick={() => reading.reset()}>
              Leave it
            </button>
          </p>
        </div>
      )}
      {reading.data && !tried && <p role="status">{said(reading.data, false)}</p>}
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
