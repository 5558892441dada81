import { useQuery } from '@tanstack/react-query'
import { api, ask } from '../api/client'
import { day, span } from '../ui/format'

/** What can honestly be promised for something that is brought today. */
export function PromiseLine() {
  const promise = useQuery({
    queryKey: ['day', 'promise'],
    queryFn: () => ask(api.GET('/api/v1/day/promise')),
    staleTime: 60_000,
  })
  const p = promise.data
  if (!p) return null
  const waiting = `${p.tools} tools are promised or begun, ${span(p.backlogMinutes * 60)} of work`
  return p.promise && p.likely ? (
    <p>
      Brought today: promise it for <b>{day(p.promise)}</b>.{' '}
      <span className="quiet">
        Ready by {day(p.likely)} in half of all cases, by the promise in four of five: {waiting}; this bench
        gets about {span(p.minutesAWeek * 60)} done in a week.
      </span>
    </p>
  ) : (
    <p className="quiet">
      {waiting}. What to promise is said here once three weeks of finished work are in the log.
    </p>
  )
}
