import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'

/** The value as it stood once it had been left alone for a moment. */
export function useSettled<T>(value: T, ms = 70): T {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), ms)
    return () => window.clearTimeout(timer)
  }, [value, ms])
  return settled
}

/** Asks the service anew whenever the question changes; the last question's answer wins, the one before stays meanwhile. */
export function useAnswer<Q, A>(
  name: string,
  about: string,
  question: Q,
  askIt: (q: Q) => Promise<A>,
  wanted = true,
) {
  const settled = useSettled(question)
  return useQuery({
    queryKey: [name, about, settled],
    queryFn: () => askIt(settled),
    placeholderData: keepPreviousData,
    enabled: wanted,
    retry: false,
    staleTime: 0,
  })
}
