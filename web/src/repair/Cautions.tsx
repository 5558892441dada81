import { useState } from 'react'

const KEY = 'truekeen.cautions-seen'

function seen(): string[] {
  try {
    return JSON.parse(sessionStorage.getItem(KEY) ?? '[]') as string[]
  } catch {
    return []
  }
}

/** What to mind before an act: in full until it was read once in this session, then out of the way. */
export function Cautions({ lines }: { lines: string[] }) {
  const [read, setRead] = useState(seen)
  const open = lines.filter((l) => !read.includes(l))
  if (open.length === 0) return null
  const done = () => {
    const all = [...new Set([...seen(), ...lines])]
    try {
      sessionStorage.setItem(KEY, JSON.stringify(all))
    } catch {
      // Without storage they are shown again, which does no harm.
    }
    setRead(all)
  }
  return (
    <div className="border-l-4 border-warning pl-3 my-1">
      {open.map((l) => (
        <p key={l} className="font-semibold">
          {l}
        </p>
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-sm min-h-11 underline underline-offset-4"
        onClick={done}
      >
        Read
      </button>
    </div>
  )
}
