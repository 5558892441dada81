import { useSyncExternalStore } from 'react'
import { keep, kept } from '../api/local'

const listeners = new Set<() => void>()

/** Who works at this device: a picked name, no login. */
export function usePerson(): [string, (name: string) => void] {
  const name = useSyncExternalStore(
    (listen) => {
      listeners.add(listen)
      return () => listeners.delete(listen)
    },
    () => kept('person') ?? '',
  )
  const set = (next: string) => {
    keep('person', next)
    listeners.forEach((l) => l())
  }
  return [name, set]
}
