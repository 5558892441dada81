import { useLayoutEffect, useRef, useState } from 'react'

/** The width an element has on the screen, so that drawings keep their lettering at one size. */
export function useWidth<T extends HTMLElement>(start = 900) {
  const ref = useRef<T>(null)
  const [width, setWidth] = useState(start)
  useLayoutEffect(() => {
    const element = ref.current
    if (!element) return
    const watch = new ResizeObserver((entries) => {
      const w = entries[0]?.contentRect.width
      if (w) setWidth(Math.round(w))
    })
    setWidth(Math.round(element.clientWidth) || start)
    watch.observe(element)
    return () => watch.disconnect()
  }, [start])
  return { ref, width }
}

/** A round length near a wanted one: 1, 2 or 5 times a power of ten. */
export function roundNear(wanted: number): number {
  const power = Math.pow(10, Math.floor(Math.log10(wanted)))
  const lead = wanted / power
  return power * (lead >= 5 ? 5 : lead >= 2 ? 2 : 1)
}
