import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'wouter'
import { Refused, type Schemas } from '../api/client'
import { num, roughly } from '../ui/format'
import { Trouble } from '../ui/Notice'

/** Where nothing on the shelf may be used: the one stone that would help, by kind and grain, and the way to the shelf. */
export function WayOut() {
  return (
    <section aria-label="What would help" className="pt-4 max-w-[44rem]">
      <h2 className="font-semibold">What would help</h2>
      <WhatToBuy />
      <Link href="/kit" className="btn btn-outline min-h-12 mt-3">
        Look at the shelf
      </Link>
    </section>
  )
}

/** What one abrasive more would do for all tools that wait, best first. */
export function WhatToBuy() {
  const [far, setFar] = useState<Progress | null>(null)
  const queries = useQueryClient()
  const gains = useQuery({
    queryKey: ['what-to-buy'],
    queryFn: ({ signal }) => watch(signal, setFar),
    staleTime: 60_000,
    retry: false,
  })
  if (gains.isError) return <Trouble error={gains.error} again={() => void gains.refetch()} />
  if (!gains.data && gains.fetchStatus === 'idle')
    return (
      <p className="py-3 flex flex-wrap gap-x-4 items-center" role="status">
        Stopped. Nothing was changed.
        <button type="button" className="btn btn-outline min-h-12" onClick={() => void gains.refetch()}>
          Begin again
        </button>
      </p>
    )
  if (!gains.data)
    return (
      <div className="py-3 flex flex-wrap gap-x-4 gap-y-2 items-center">
        <p className="quiet" role="status">
          Planning every tool on the rack anew with each
          {far && far.of > 0 ? `: ${far.done} of ${far.of} abrasives tried.` : '…'}
        </p>
        <progress
          className="progress progress-primary w-48"
          aria-label="Abrasives tried"
          {...(far && far.of > 0 ? { value: far.done, max: far.of } : {})}
        />
        <button
          type="button"
          className="btn btn-outline min-h-12"
          onClick={() => void queries.cancelQueries({ queryKey: ['what-to-buy'] })}
        >
          Stop
        </button>
      </div>
    )
  if (gains.data.gains.length === 0)
    return (
      <p className="py-3">
        {gains.data.tools === 0
          ? 'Survey a tool and choose its angle first: then this says which stone would help it most.'
          : 'No stone would help these tools: the shelf has what they want.'}
      </p>
    )
  return (
    <>
      <p className="quiet">
        Over the {gains.data.tools} tools that are surveyed and have their angle. By kind and grain;
        estimates.
      </p>
      <ol>
        {gains.data.gains.map((g) => (
          <li key={g.kind + g.d50Um} className="rule-t py-2">
            <p className="font-semibold">
              {g.kind}, about {num(g.d50Um)} µm
            </p>
            <p className="text-[0.94rem]">{help(g)}</p>
          </li>
        ))}
      </ol>
    </>
  )
}

interface Progress {
  done: number
  of: number
}

/** Waits for the answer, told how far it is; a page that is left ends the question. */
function watch(signal: AbortSignal, progress: (p: Progress) => void): Promise<Schemas['GainsView']> {
  return new Promise((resolve, reject) => {
    const stream = new EventSource('/api/v1/what-to-buy/stream')
    const end = () => stream.close()
    signal.addEventListener('abort', end)
    stream.addEventListener('progress', (e) =>
      progress(JSON.parse((e as MessageEvent<string>).data) as Progress),
    )
    stream.addEventListener('answer', (e) => {
      end()
      resolve(JSON.parse((e as MessageEvent<string>).data) as Schemas['GainsView'])
    })
    stream.onerror = () => {
      end()
      reject(new Refused('The service did not answer this to its end.', 0, []))
    }
  })
}

function help(g: Schemas['GainView']): string {
  const parts: string[] = []
  if (g.possible.length > 0) parts.push('makes possible: ' + few(g.possible))
  if (g.finished.length > 0) parts.push('gives the finish wanted: ' + few(g.finished))
  if (g.minutesHigh >= 0.1)
    parts.push(`saves ${roughly(g.minutesLow)} to ${roughly(g.minutesHigh)} min on ${few(g.quicker)}`)
  return parts.join('; ') + '.'
}

function few(tools: string[]): string {
  return tools.length <= 3 ? tools.join(', ') : `${tools.slice(0, 3).join(', ')} and ${tools.length - 3} more`
}
