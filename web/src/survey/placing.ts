import type { Schemas } from '../api/client'
import type { StripMark } from '../drawings/strip.types'
import { readNumber, typed } from '../ui/format'

type Finding = Schemas['FindingForm']
type Mark = Schemas['MarkKindView']

/** Marks follow the finger at once where their places are plain numbers; else as the service has read them. */
export function onStrip(typed: Finding[], read: Schemas['FindingView'][]): StripMark[] {
  return typed.flatMap((f, i) => {
    const plain = [f.from, f.to].every((v) => /^\d+([.,]\d+)?$/.test(v))
    const known = read[i]
    if (!plain) return known ? [known] : []
    return [
      {
        kind: f.kind,
        fromMm: readNumber(f.from),
        toMm: readNumber(f.to),
        depthMm: known?.depthMm ?? 0,
        leave: f.leave,
      },
    ]
  })
}

/** A mark as it is first put down: a tap gives it a usual width, a corner runs to its end of the edge. */
export function placed(mark: Mark, from: number, to: number, edge: number): Finding {
  const { kind } = mark
  const tap = to - from < 0.2
  const middle = (from + to) / 2
  const [a, b] = tap ? [Math.max(0, middle - 0.5), Math.min(edge, middle + 0.5)] : [from, to]
  const left = middle < edge / 2
  const ends =
    kind === 'ROUNDED_CORNER' ? (left ? [0, Math.max(b, 0.5)] : [Math.min(a, edge - 0.5), edge]) : [a, b]
  return {
    kind,
    from: typed(ends[0]!, 1),
    to: typed(ends[1]!, 2),
    depth: guessedDepth(mark),
    behind: mark.pit ? '0' : '',
    leave: false,
  }
}

/** The depth a fresh mark is taken to have until somebody measures it; empty where none is measured. */
export function guessedDepth(mark: Schemas['MarkKindView'] | undefined): string {
  return mark === undefined || mark.firstDepthMm === null ? '' : typed(mark.firstDepthMm, 1)
}
