import { useEffect, useState } from 'react'
import { Pick } from '../ui/Field'

const SPEEDS = { slow: 500, usual: 150, fast: 40 }
type Speed = keyof typeof SPEEDS

/** A run watched stroke by stroke: back and forth by hand, or by itself at a speed. */
export function Player({
  last,
  at,
  onAt,
}: {
  /** Number of the last frame. */
  last: number
  at: number
  onAt: (at: number) => void
}) {
  const [playing, setPlaying] = useState(false)
  const [speed, setSpeed] = useState<Speed>('usual')
  const ended = at >= last
  useEffect(() => {
    if (!playing || ended) return
    const next = setTimeout(() => onAt(at + 1), SPEEDS[speed])
    return () => clearTimeout(next)
  }, [playing, ended, at, speed, onAt])
  const runs = playing && !ended
  return (
    <div className="max-w-[46rem]">
      <input
        type="range"
        className="w-full mt-2 h-11 accent-primary"
        aria-label="Stroke by stroke"
        min={0}
        max={last}
        value={at}
        onChange={(e) => {
          setPlaying(false)
          onAt(Number(e.target.value))
        }}
      />
      <div className="flex flex-wrap gap-3 items-end">
        <button
          type="button"
          className="btn btn-outline min-h-12 min-w-[7rem]"
          onClick={() => {
            if (ended) onAt(0)
            setPlaying(!runs)
          }}
        >
          {runs ? 'Pause' : 'Play'}
        </button>
        <Pick
          legend="Speed"
          value={speed}
          onChange={setSpeed}
          options={(Object.keys(SPEEDS) as Speed[]).map((s) => ({ value: s, label: s }))}
        />
      </div>
    </div>
  )
}
