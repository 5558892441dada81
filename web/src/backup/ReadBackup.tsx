import { useId } from 'react'
import { freshId } from '../api/id'
import { Refused } from '../api/client'
import { moment } from '../ui/format'
import { Notice } from '../ui/Notice'
import { RunProgress } from '../ui/RunProgress'
import { useRestore } from './useBackups'

/** Reads a backup into a shop that is still empty: all of it, or nothing. */
export function ReadBackup() {
  const id = useId()
  const restore = useRestore()
  const refused = restore.error instanceof Refused ? restore.error : undefined
  const stopped = refused?.has('STOPPED')
  return (
    <div className="flex flex-wrap gap-3 items-center pt-3">
      <label
        htmlFor={id}
        className="btn btn-outline min-h-12 has-focus-visible:outline-3 has-focus-visible:outline-primary"
      >
        Read a backup into this empty shop
        <input
          id={id}
          type="file"
          accept=".zip,application/zip"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0]
            if (file && !restore.isPending) restore.mutate({ file, run: freshId() })
            e.target.value = ''
          }}
        />
      </label>
      {restore.isPending && (
        <RunProgress
          run={restore.variables.run}
          far={(done, of) => (of > 0 ? `${done} of ${of} lists read.` : 'Looking at the file…')}
          note="Nothing is changed before all of it is read."
          name="Lists read"
        />
      )}
      {restore.data && (
        <p role="status">
          {restore.data.rows} records and {restore.data.pictures} pictures, as they were on{' '}
          {moment(restore.data.madeAt)}.
        </p>
      )}
      {stopped && <p role="status">Stopped. Nothing was changed.</p>}
      {restore.error && !stopped && (
        <Notice kind="danger">
          {refused && refused.faults.length > 0 ? refused.faults[0]!.message : restore.error.message} Nothing
          was changed.
        </Notice>
      )}
    </div>
  )
}
