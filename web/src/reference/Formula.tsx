import { useEffect, useState } from 'react'

/** A formula set in type. The setter is fetched only here; until it is there the plain line says the same. */
export function Formula({ tex, words }: { tex: string; words: string }) {
  const [markup, setMarkup] = useState('')
  useEffect(() => {
    let wanted = true
    void import('temml').then(({ default: temml }) => {
      if (wanted)
        setMarkup(temml.renderToString(`\\displaystyle ${tex}`, { displayMode: false, throwOnError: false }))
    })
    return () => {
      wanted = false
    }
  }, [tex])
  return (
    <div
      aria-label={words}
      role="math"
      className="text-[1.6rem] py-4 overflow-x-auto min-h-[5rem]"
      dangerouslySetInnerHTML={{ __html: markup }}
    />
  )
}
