import { useSyncExternalStore } from 'react'

/** The lists of the kit, by the word of their address. */
export type KitList = 'abrasives' | 'holders' | 'wheels' | 'testers'

interface Piece {
  list: KitList
  id: string
  name: string
}

let last: Piece | null = null
const listeners = new Set<() => void>()

/** The piece of the kit that was deleted last on this page, until it is brought back or the page is left. */
export function useRemoved(): [Piece | null, (piece: Piece | null) => void] {
  const piece = useSyncExternalStore(
    (listen) => {
      listeners.add(listen)
      return () => listeners.delete(listen)
    },
    () => last,
  )
  const set = (next: Piece | null) => {
    last = next
    listeners.forEach((l) => l())
  }
  return [piece, set]
}
