import { useEffect, useState } from 'react'
import { api, ask, type Schemas } from './client'

export type Instrument = Schemas['DeviceView']

/** What the instruments read, pushed by the service; null while the push itself is away. */
export function useInstruments(wanted: boolean): Instrument[] | null {
  const [list, setList] = useState<Instrument[] | null>(null)
  useEffect(() => {
    if (!wanted) return
    let stream: EventSource | undefined
    // A page nobody looks at holds no line: a browser has only so many to one service.
    const watch = () => {
      stream?.close()
      stream = undefined
      if (document.visibilityState !== 'visible') return
      stream = new EventSource('/api/v1/devices/stream')
      stream.addEventListener('instruments', (e) =>
        setList(JSON.parse((e as MessageEvent<string>).data) as Instrument[]),
      )
      // The browser tries again by itself; until then nothing shown is live.
      stream.onerror = () => setList(null)
    }
    watch()
    document.addEventListener('visibilitychange', watch)
    return () => {
      document.removeEventListener('visibilitychange', watch)
      stream?.close()
    }
  }, [wanted])
  return wanted ? list : null
}

/** Takes a reading: what was taken on the instrument since the one last had, else its settled value. */
export function takeReading(kind: string, seen: number) {
  return ask(api.POST('/api/v1/devices/{kind}/take', { params: { path: { kind }, query: { seen } } }))
}
