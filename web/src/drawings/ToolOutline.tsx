import type { Schemas } from '../api/client'

type Line = Schemas['BoardLine']
type Layout = Schemas['LayoutView']
type Point = [number, number]

/** A tool drawn small: its body, and the line of its edge from the first end to the last. */
interface Shape {
  body: Point[][]
  edge: Point[]
  holes?: Point[]
  round?: { x: number; y: number; r: number; teeth: number }
}

const W = 176
const MID = 24
const clamp = (x: number, low: number, high: number) => Math.min(high, Math.max(low, x))
const poly = (points: Point[]) => points.map((p) => p.map((n) => n.toFixed(1)).join(',')).join(' ')

/** The edge along the foot of the drawing, from x0 on, with its curve. */
function along(layout: Layout, x0: number, length: number, foot: number): Point[] {
  const k = length / layout.edgeMm
  const most = Math.max(...layout.rise.map((r) => r.riseMm), 0.001)
  const lift = Math.min(k, 18 / most)
  const points = layout.rise.map((r): Point => [x0 + r.alongMm * k, foot - r.riseMm * lift])
  return points.length > 1
    ? points
    : [
        [x0, foot],
        [x0 + length, foot],
      ]
}

const handle = (x: number, length: number, high: number): Point[] => [
  [x, MID - high / 2 + 2],
  [x + 6, MID - high / 2],
  [x + length, MID - high / 2 + 3],
  [x + length, MID + high / 2 - 3],
  [x + 6, MID + high / 2],
  [x, MID + high / 2 - 2],
]

function chisel(layout: Layout, slant: number): Shape {
  const h = clamp(layout.edgeMm * 0.95, 7, 40)
  const edge: Point[] = [
    [158 - slant, MID - h / 2],
    [158 + slant, MID + h / 2],
  ]
  return {
    body: [
      handle(4, 58, 20),
      [
        [62, MID - 3],
        [74, MID - h / 2],
        [edge[0]![0], edge[0]![1]],
        [edge[1]![0], edge[1]![1]],
        [74, MID + h / 2],
        [62, MID + 3],
      ],
    ],
    edge,
  }
}

function iron(layout: Layout): Shape {
  const h = clamp(layout.edgeMm * 0.62, 14, 42)
  return {
    body: [
      [
        [22, MID - h / 2 + 5],
        [28, MID - h / 2],
        [150, MID - h / 2],
        [150, MID + h / 2],
        [28, MID + h / 2],
        [22, MID + h / 2 - 5],
      ],
      [
        [52, MID - 3],
        [112, MID - 3],
        [112, MID + 3],
        [52, MID + 3],
      ],
    ],
    edge: [
      [150, MID - h / 2],
      [150, MID + h / 2],
    ],
  }
}

function knife(layout: Layout): Shape {
  const length = clamp((layout.edgeMm / 300) * 122, 52, 122)
  const edge = along(layout, 50, length, 38)
  const tip = edge[edge.length - 1]!
  const spine: Point[] = tip[1] > 30 ? [[tip[0], 13]] : []
  return { body: [handle(4, 46, 16), [[50, 13], [tip[0] - 14, 13], ...spine, ...[...edge].reverse()]], edge }
}

function axe(layout: Layout): Shape {
  const edge = along(layout, 60, 58, 44)
  return {
    body: [
      [
        [84, 0],
        [94, 0],
        [94, 8],
        [84, 8],
      ],
      [[76, 6], [102, 6], [102, 16], edge[edge.length - 1]!, ...[...edge].reverse(), [76, 16]],
    ],
    edge,
  }
}

function drawknife(layout: Layout): Shape {
  const edge = along(layout, 34, 108, 34)
  const last = edge[edge.length - 1]!
  return {
    body: [
      [
        [14, 16],
        [24, 16],
        [20, 46],
        [10, 46],
      ],
      [
        [152, 16],
        [162, 16],
        [166, 46],
        [156, 46],
      ],
      [[16, 16], [160, 16], [160, 24], [last[0], 24], ...[...edge].reverse(), [34, 24], [16, 24]],
    ],
    edge,
  }
}

function bar(): Shape {
  return {
    body: [
      [
        [4, 17],
        [172, 17],
        [172, 31],
        [4, 31],
      ],
    ],
    edge: [
      [4, 31],
      [62, 31],
    ],
    holes: [[88, 24]],
  }
}

function comb(layout: Layout): Shape {
  const teeth = clamp(Math.round(layout.edges / Math.max(1, layout.perTooth)), 4, 15)
  const pitch = 160 / teeth
  const edge: Point[] = []
  for (let i = 0; i < teeth; i++) {
    const x = 8 + i * pitch
    edge.push([x, 18], [x + pitch * 0.3, 36], [x + pitch * 0.6, 36], [x + pitch * 0.9, 18])
  }
  return { body: [[[8, 10], ...edge, [168, 10]]], edge }
}

function disc(layout: Layout): Shape {
  const teeth = clamp(Math.round(layout.edges), 2, 60)
  return { body: [], edge: [], round: { x: 88, y: MID, r: 20, teeth }, holes: [[88, MID]] }
}

function shapeOf(line: Line & { layout: Layout }): Shape {
  switch (line.family) {
    case 'SKEW_CHISEL':
      return chisel(line.layout, 6)
    case 'CHISEL':
    case 'TURNSCREW':
      return chisel(line.layout, 0)
    case 'PLANE_IRON_DOWN':
    case 'PLANE_IRON_UP':
    case 'SQUARE_IRON_DOWN':
    case 'SQUARE_IRON_UP':
      return iron(line.layout)
    case 'CONVEX_BLADE':
      return axe(line.layout)
    case 'DRAWKNIFE':
      return drawknife(line.layout)
    case 'MOWER_BAR':
      return bar()
    case 'TRIMMER':
      return comb(line.layout)
    case 'BRUSH_CUTTER':
      return disc(line.layout)
    default:
      return knife(line.layout)
  }
}

/** Where a place along the edge (mm) lies in the drawing, and which way the steel is. */
function place(edge: Point[], edgeMm: number, atMm: number): { at: Point; into: Point } {
  const lengths = edge.slice(1).map((p, i) => Math.hypot(p[0] - edge[i]![0], p[1] - edge[i]![1]))
  let rest = (clamp(atMm / edgeMm, 0, 1) || 0) * lengths.reduce((a, b) => a + b, 0)
  let i = 0
  while (i < lengths.length - 1 && rest > lengths[i]!) rest -= lengths[i++]!
  const [a, b] = [edge[i]!, edge[i + 1]!]
  const t = lengths[i] ? rest / lengths[i]! : 0
  const d: Point = [(b[0] - a[0]) / (lengths[i] || 1), (b[1] - a[1]) / (lengths[i] || 1)]
  // Of an edge drawn rightwards the steel is above, of one drawn downwards it is to the left.
  return {
    at: [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t],
    into: [-Math.abs(d[1]), -Math.abs(d[0])],
  }
}

/** What was found, as it is drawn: broken steel as a notch, what is only seen as a bar across the edge. */
function Mark({ mark, shape, edgeMm }: { mark: Schemas['MarkView']; shape: Shape; edgeMm: number }) {
  const from = place(shape.edge, edgeMm, mark.fromMm).at
  const to = place(shape.edge, edgeMm, mark.toMm).at
  const { at, into } = place(shape.edge, edgeMm, (mark.fromMm + mark.toMm) / 2)
  const wide = Math.max(2.5, Math.hypot(to[0] - from[0], to[1] - from[1]) / 2)
  const broken = ['CHIP', 'DENT', 'ROUNDED_CORNER'].includes(mark.kind)
  const deep = broken ? clamp(mark.depthMm * 5, 5, 12) : 4
  const side: Point = [-into[1], into[0]]
  const points: Point[] = [
    [at[0] - side[0] * wide, at[1] - side[1] * wide],
    [at[0] + into[0] * deep, at[1] + into[1] * deep],
    [at[0] + side[0] * wide, at[1] + side[1] * wide],
  ]
  return broken ? (
    <polygon
      points={poly(points)}
      fill="var(--color-base-100)"
      stroke="var(--color-warning)"
      strokeWidth="1.6"
    />
  ) : (
    <line
      x1={points[0]![0]}
      y1={points[0]![1]}
      x2={points[2]![0]}
      y2={points[2]![1]}
      stroke="var(--color-warning)"
      strokeWidth="4.5"
      strokeDasharray="3 2"
    />
  )
}

/** A tool as it hangs on the rack: its own outline, its edge in ink, with what was found along it. */
export function ToolOutline({ line, className = '' }: { line: Line; className?: string }) {
  if (!line.layout) return <span />
  const shape = shapeOf({ ...line, layout: line.layout })
  const { round } = shape
  const found = [...new Set(line.marks.map((m) => m.words))].join(', ')
  const edges = line.layout.edges > 1 ? `${line.layout.edges} edges of ` : 'edge of '
  return (
    <svg
      viewBox={`0 0 ${W} 48`}
      className={className}
      role="img"
      aria-label={`${line.kind}, ${edges}${Math.round(line.layout.edgeMm)} mm${found && ': ' + found}`}
    >
      {shape.body.map((b, i) => (
        <polygon key={i} points={poly(b)} className="steel" strokeWidth="1.1" strokeLinejoin="round" />
      ))}
      {round &&
        Array.from({ length: round.teeth }, (_, i) => {
          const a = (i / round.teeth) * 2 * Math.PI
          const b = ((i + 0.6) / round.teeth) * 2 * Math.PI
          return (
            <line
              key={i}
              x1={round.x + Math.cos(a) * (round.r + 3)}
              y1={round.y + Math.sin(a) * (round.r + 3)}
              x2={round.x + Math.cos(b) * (round.r - 3)}
              y2={round.y + Math.sin(b) * (round.r - 3)}
              stroke="currentColor"
              strokeWidth="1.6"
            />
          )
        })}
      {round && <circle cx={round.x} cy={round.y} r={round.r - 2} className="steel" strokeWidth="1.1" />}
      {shape.holes?.map(([x, y], i) => (
        <circle key={i} cx={x} cy={y} r="4" fill="var(--color-base-100)" stroke="var(--steel-line)" />
      ))}
      {shape.edge.length > 1 && (
        <polyline points={poly(shape.edge)} fill="none" stroke="currentColor" strokeWidth="2" />
      )}
      {line.family === 'MOWER_BAR' && (
        <line x1="114" y1="17" x2="172" y2="17" stroke="currentColor" strokeWidth="2" />
      )}
      {shape.edge.length > 1 &&
        line.marks.map((m, i) => <Mark key={i} mark={m} shape={shape} edgeMm={line.layout!.edgeMm} />)}
    </svg>
  )
}
