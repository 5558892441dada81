import { day, span } from '../ui/format'
import { usePromise } from './usePromise'

/** What can honestly be promised for what is brought today. */
export function PromiseLine({
  things = 1,
  onTake,
}: {
  things?: number
  /** Takes the day as the promise. */
  onTake?: (date: string) => void
}) {
  const promise = usePromise(things)
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
  if (!p.promise || !p.likely) {
    return (
      <p>
        Nothing can be promised: <span className="quiet">{waiting}, and too little time at the bench.</span>
      </p>
    )
  }
  const asked = p.promise
  return (
    <div className="grid gap-2 justify-items-start">
      <p>
        {things === 1 ? 'Brought today' : `${things} things brought today`}: promise{' '}
        {things === 1 ? 'it' : 'them'} for <b>{day(asked)}</b>
        {p.likely !== asked && `; likely ready by ${day(p.likely)}`}.{' '}
        <span className="quiet">
          {waiting}; {bench}.
        </span>
      </p>
      {onTake && (
        <button type="button" className="btn btn-outline min-h-12" onClick={() => onTake(asked)}>
          Promise {day(asked)}
        </button>
      )}
    </div>
  )
}
