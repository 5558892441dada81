import { freshId } from '../api/id'
import { Refused } from '../api/client'
import { moment, num } from '../ui/format'
import { Fold } from '../ui/Fold'
import { Coming, Notice, Trouble } from '../ui/Notice'
import { RunProgress } from '../ui/RunProgress'
import { ReadBackup } from './ReadBackup'
import { useBackups, useWrite, type Backup } from './useBackups'

const WHY: Record<Backup['why'], string> = {
  DAILY: 'daily',
  STOP: 'when it was stopped',
  HAND: 'by hand',
  MIGRATION: 'before it was brought to a newer version',
}

/** All records in one file: written by a button, kept by itself, read into an empty shop. */
export function Backups() {
  const backups = useBackups()
  const write = useWrite()
  if (backups.isError) return <Trouble error={backups.error} again={() => void backups.refetch()} />
  if (!backups.data) return <Coming />
  const { kept, failed, folder, shopEmpty } = backups.data
  const stopped = write.error instanceof Refused && write.error.has('STOPPED')
  return (
    <section aria-label="Backups" className="pt-3">
      <h2 className="quiet rule-b pb-0.5">Backups</h2>
      <p className="pt-2 max-w-[46rem]">
        All records and pictures in one file, read back before it is called a backup.{' '}
        {kept.length > 0 ? `The newest is of ${moment(kept[0]!.at)}.` : 'None is kept yet.'} Keep one on
        another machine too.
      </p>
      {failed && <Notice kind="danger">{failed}</Notice>}
      <div className="flex flex-wrap gap-3 items-center pt-3">
        <button
          type="button"
          className="btn btn-primary min-h-12"
          disabled={write.isPending}
          onClick={() => write.mutate(freshId())}
        >
          Write a backup now
        </button>
        {write.isPending && (
          <RunProgress
            run={write.variables}
            far={(done, of) => (of > 0 ? `${done} of ${of} lists written.` : 'Writing…')}
            note=""
            name="Lists written"
          />
        )}
        {write.isSuccess && (
          <p role="status">
            Written and read back:{' '}
            <a
              className="underline underline-offset-4 min-h-11 inline-flex items-center"
              href={`/api/v1/backups/${write.data.kept[0]!.name}`}
              download
            >
              take it along
            </a>
          </p>
        )}
        {stopped && <p role="status">Stopped. None was written.</p>}
        {write.error && !stopped && <Notice kind="danger">{write.error.message}</Notice>}
      </div>
      {kept.length > 0 && (
        <Fold
          name="Backups that are kept"
          says={`${kept.length}, the newest of each of seven days and of eight weeks`}
        >
          <ul className="max-w-[46rem]">
            {kept.map((b) => (
              <li key={b.name} className="rule-b py-1 flex flex-wrap gap-x-4 items-center">
                <a
                  className="underline underline-offset-4 min-h-11 inline-flex items-center"
                  href={`/api/v1/backups/${b.name}`}
                  download
                >
                  {moment(b.at)}
                </a>
                <span className="quiet">
                  {WHY[b.why]}, {num(Math.max(0.1, b.bytes / 1e6), 1)} MB
                </span>
              </li>
            ))}
          </ul>
          <p className="quiet pt-1 max-w-[46rem] break-words">They are in {folder}.</p>
        </Fold>
      )}
      {shopEmpty ? (
        <ReadBackup />
      ) : (
        <p className="quiet max-w-[46rem]">
          A backup is read into an empty shop, as on a new machine: there this page offers it.
        </p>
      )}
    </section>
  )
}
