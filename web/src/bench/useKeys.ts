import { useEffect } from 'react'
import { isSignedOut } from '../api/signedOut'
import type { Side } from './side'

interface Keys {
  sides: Side[]
  count: (side: Side, amount: number) => void
  done: () => void
  undo: () => void
  next: Side
  /** Whether Space, or the pedal, goes on rather than counts. */
  ready: boolean
}

/** One key counts and advances; the arrows choose the side. */
export function useKeys({ sides, count, done, undo, next, ready }: Keys) {
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement
      // Nothing is counted on a page that nobody sees.
      if (isSignedOut() || target.closest('input, textarea, select, [role=slider]')) return
      const side = e.key === 'ArrowLeft' ? sides[0] : e.key === 'ArrowRight' ? (sides[1] ?? sides[0]) : ''
      if (e.key === ' ' || e.key === 'PageDown') {
        e.preventDefault()
        if (e.repeat) return
        if (ready) done()
        else if (next) count(next, 1)
      } else if (side) {
        e.preventDefault()
        if (!e.repeat) count(side, 1)
      } else if (e.key === 'Enter' && !target.closest('button, a, summary')) {
        e.preventDefault()
        done()
      } else if (e.key === 'Backspace') {
        e.preventDefault()
        undo()
      }
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  }, [sides, count, done, undo, next, ready])
}
