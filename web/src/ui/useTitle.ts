import { useEffect } from 'react'

/** Names the page in the title of its tab and in the history: what it is about first, then where it is. */
export function useTitle(...parts: string[]) {
  const title = [...parts.filter(Boolean), 'True Keen'].join(' · ')
  useEffect(() => {
    document.title = title
  }, [title])
}
