import { useSyncExternalStore } from 'react'
import { keep, kept } from './local'

/** How this device likes its bench: which hand is free, and whether counts are spoken. */
export interface Tablet {
  leftHanded: boolean
  spoken: boolean
}

const listeners = new Set<() => void>()
let now: Tablet = { leftHanded: kept('lefthanded') === 'yes', spoken: kept('spoken') === 'yes' }

export function setTablet(next: Tablet) {
  now = next
  keep('lefthanded', next.leftHanded ? 'yes' : null)
  keep('spoken', next.spoken ? 'yes' : null)
  listeners.forEach((l) => l())
}

export function useTablet(): Tablet {
  return useSyncExternalStore(
    (l) => {
      listeners.add(l)
      return () => listeners.delete(l)
    },
    () => now,
  )
}

/** Says a count aloud, where it is wanted and the browser can; a newer count cuts an older one short. */
export function speak(words: string) {
  if (!now.spoken || !('speechSynthesis' in window)) return
  window.speechSynthesis.cancel()
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(words))
}
