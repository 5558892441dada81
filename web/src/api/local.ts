import { freshId } from './id'
import { writeThrough } from './outliving'
import { useCallback, useState } from 'react'

/** Reads a value kept on this device; null where there is none or storage is off. */
export function kept(key: string): string | null {
  try {
    return localStorage.getItem('truekeen.' + key)
  } catch {
    return null
  }
}

/** Keeps a value on this device, or forgets it. */
export function keep(key: string, value: string | null) {
  try {
    if (value === null) localStorage.removeItem('truekeen.' + key)
    else localStorage.setItem('truekeen.' + key, value)
  } catch {
    // Storage may be off; then nothing outlives a reload, and the page still works.
  }
}

/** This device's own key, made once. */
export function deviceKey(): string {
  const old = kept('device')
  if (old) return old
  const fresh = freshId()
  keep('device', fresh)
  // By it a session is known to be this device's own, after a crash too.
  writeThrough('truekeen.device', fresh)
  return fresh
}

/** A form that outlives a reload until it is let go. */
export function useDraft<T>(key: string, start: T): [T, (next: T) => void, () => void, boolean] {
  const name = 'draft.' + key
  const [state, setState] = useState<{ value: T; touched: boolean }>(() => {
    const text = kept(name)
    if (text) {
      try {
        return { value: { ...start, ...(JSON.parse(text) as T) }, touched: true }
      } catch {
        keep(name, null)
      }
    }
    return { value: start, touched: false }
  })
  const set = useCallback(
    (next: T) => {
      keep(name, JSON.stringify(next))
      setState({ value: next, touched: true })
    },
    [name],
  )
  const drop = useCallback(() => keep(name, null), [name])
  return [state.value, set, drop, state.touched]
}
