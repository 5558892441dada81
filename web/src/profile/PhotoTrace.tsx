import { useRef, useState, type KeyboardEvent, type MouseEvent } from 'react'
import type { Schemas } from '../api/client'

type Form = Schemas['TraceForm']
type Pixel = Schemas['PixelForm']

/** The photograph: two marks, then places along the edge, by finger, mouse, or arrow keys and Enter. */
export function PhotoTrace({
  toolId,
  photo,
  form,
  onChange,
  curve,
}: {
  toolId: string
  photo: Schemas['PhotoView']
  form: Form
  onChange: (form: Form) => void
  curve: Schemas['PlaceView'][]
}) {
  const svg = useRef<SVGSVGElement>(null)
  const [cursor, setCursor] = useState<Pixel>({ x: photo.width / 2, y: photo.height / 2 })
  const [keyed, setKeyed] = useState(false)
  const put = (p: Pixel) => {
    const at = { x: Math.round(p.x * 10) / 10, y: Math.round(p.y * 10) / 10 }
    if (form.marks.length < 2) onChange({ ...form, marks: [...form.marks, at] })
    else onChange({ ...form, pixels: [...form.pixels, at] })
  }
  const undo = () => {
    if (form.pixels.length > 0) onChange({ ...form, pixels: form.pixels.slice(0, -1) })
    else onChange({ ...form, marks: form.marks.slice(0, -1) })
  }
  const click = (e: MouseEvent) => {
    const box = svg.current!.getBoundingClientRect()
    setKeyed(false)
    put({
      x: ((e.clientX - box.left) / box.width) * photo.width,
      y: ((e.clientY - box.top) / box.height) * photo.height,
    })
  }
  const keys = (e: KeyboardEvent) => {
    const step = (e.shiftKey ? 1 : 10) * Math.max(1, photo.width / 1500)
    const by: Record<string, [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }
    const move = by[e.key]
    if (move) {
      setCursor((c) => ({
        x: Math.min(photo.width, Math.max(0, c.x + move[0])),
        y: Math.min(photo.height, Math.max(0, c.y + move[1])),
      }))
      setKeyed(true)
    } else if (e.key === 'Enter' || e.key === ' ') put(cursor)
    else if (e.key === 'Backspace' || e.key === 'Delete') undo()
    else return
    e.preventDefault()
  }
  const size = photo.width / 110
  return (
    <div>
      <svg
        ref={svg}
        viewBox={`0 0 ${photo.width} ${photo.height}`}
        className="block w-full h-auto touch-manipulation cursor-crosshair bg-base-200"
        role="application"
        tabIndex={0}
        aria-label="Photograph of the edge. Tap to put down the two marks, then places along the edge; or move with the arrow keys, finer with Shift, Enter puts a place down, Backspace takes it back."
        onClick={click}
        onKeyDown={keys}
      >
        <image
          href={`/api/v1/tools/${toolId}/photos/${photo.id}`}
          width={photo.width}
          height={photo.height}
          aria-hidden
        />
        {form.marks.length === 2 && (
          <line
            x1={form.marks[0]!.x}
            y1={form.marks[0]!.y}
            x2={form.marks[1]!.x}
            y2={form.marks[1]!.y}
            stroke="#fff"
            strokeWidth={size / 4}
            strokeDasharray={`${size} ${size}`}
          />
        )}
        {form.marks.map((m, i) => (
          <g key={i} fill="none" strokeWidth={size / 3}>
            <circle cx={m.x} cy={m.y} r={size} stroke="#000" strokeWidth={size / 1.5} />
            <circle cx={m.x} cy={m.y} r={size} stroke="#fff" />
            <path
              d={`M${m.x - 2 * size} ${m.y}h${4 * size}M${m.x} ${m.y - 2 * size}v${4 * size}`}
              stroke="#fff"
            />
          </g>
        ))}
        {curve.length > 1 && (
          <polyline
            points={curve.map((p) => `${p.x},${p.y}`).join(' ')}
            fill="none"
            stroke="#ff5a1f"
            strokeWidth={size / 3}
          />
        )}
        {form.pixels.map((p, i) => (
          <circle key={i} cx={p.x} cy={p.y} r={size / 2} fill="#fff" stroke="#000" strokeWidth={size / 6} />
        ))}
        {keyed && (
          <path
            d={`M${cursor.x - 3 * size} ${cursor.y}h${6 * size}M${cursor.x} ${cursor.y - 3 * size}v${6 * size}`}
            stroke="#ff5a1f"
            strokeWidth={size / 3}
          />
        )}
      </svg>
      <div className="flex flex-wrap gap-2 pt-2">
        <button
          type="button"
          className="btn btn-outline min-h-11"
          onClick={undo}
          disabled={form.marks.length === 0}
        >
          Undo
        </button>
        <button
          type="button"
          className="btn btn-ghost min-h-11"
          onClick={() => onChange({ ...form, marks: [], pixels: [] })}
          disabled={form.marks.length === 0}
        >
          Start over
        </button>
      </div>
    </div>
  )
}
