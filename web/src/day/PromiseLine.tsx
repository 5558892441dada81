import { day, span } from '../ui/format'
import { usePromise } from './usePromise'

/** What can honestly be promised for something that is brought today. */
export function PromiseLine() {
  const promise = usePromise()
  if (promise.isPending)
    return (
      <p data-coming className="quiet">
        What can be promised is worked out…
      </p>
    )
  if (!promise.data) return null
  const p = promise.data
  const waiting = `${p.tools} tools are promised or begun, about ${span(p.backlogMinutes * 60)} of work`
  const bench = p.guessed ? 'an hour on working days is guessed' : 'the time at the bench as you said'
  return p.promise && p.likely ? (
    <p>
      Brought today: promise it for <b>{day(p.promise)}</b>
      {p.likely !== p.promise && `; likely it is ready by ${day(p.likely)}`}.{' '}
      <span className="quiet">
        {waiting}; {bench}.
      </span>
    </p>
  ) : (
    <p>
      Nothing can be promised: <span className="quiet">{waiting}, and too little time at the bench.</span>
    </p>
  )
}
