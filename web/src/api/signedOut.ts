import { useSyncExternalStore } from 'react'
import { kept } from './local'

const CHANGES = ['POST', 'PUT', 'DELETE']
const TOKEN = /(?:^|; )XSRF-TOKEN=([^;]+)/
const NOT_SIGNED_IN = 401

const listeners = new Set<() => void>()
let out = false

function set(next: boolean) {
  if (out === next) return
  out = next
  listeners.forEach((l) => l())
}

/** A request as our own page sends it: a page elsewhere cannot know the token in the cookie. */
export function ours(request: Request): Request {
  const token = TOKEN.exec(document.cookie)?.[1]
  const person = kept('person')
  if (!CHANGES.includes(request.method) || !(token || person)) return request
  const headers = new Headers(request.headers)
  if (token) headers.set('X-XSRF-TOKEN', token)
  // What is changed of tools, kit and rules is written down with who did it.
  if (person) headers.set('Truekeen-Person', encodeURIComponent(person))
  return new Request(request, { headers })
}

/** Notes that the service does not know this device, or does so again. */
export function sayIfSignedOut(answer: Response): Response {
  if (answer.status === NOT_SIGNED_IN) set(true)
  return answer
}

export function signedIn() {
  set(false)
}

export function signOut() {
  set(true)
}

/** Whether this device must sign in, as it is now. */
export function isSignedOut(): boolean {
  return out
}

/** Whether this device must sign in. */
export function useSignedOut(): boolean {
  return useSyncExternalStore((l) => {
    listeners.add(l)
    return () => listeners.delete(l)
  }, isSignedOut)
}
