import type { Schemas } from '../api/client'

type Layout = Schemas['LayoutView']

/** A mark of a survey on the strip (mm). */
export interface StripMark {
  kind: string
  fromMm: number
  toMm: number
  depthMm: number
  leave?: boolean
}

/** What a strip shows, and what may be done on it. */
export interface StripProps {
  layout: Layout
  label: string
  marks?: StripMark[]
  /** Present edge and recession, place by place. */
  stations?: { xMm: number; presentMm: number; recessionMm: number }[]
  readings?: { xMm: number; grams: number | null }[]
  light?: { fromMm: number; toMm: number }[]
  /** Places where something was seen at the bench or in a test. */
  spots?: Spot[]
  /** The stretch to work on; the rest is dimmed. */
  where?: { fromMm: number; toMm: number }
  /** Makes the strip take marks: called with a stretch once it is drawn or placed. */
  onMark?: (fromMm: number, toMm: number) => void
  /** The mark in hand: the arrow keys and the finger move it. */
  selected?: number | null
  onSelect?: (index: number | null) => void
  onMove?: (index: number, fromMm: number, toMm: number) => void
  onRemove?: (index: number) => void
  /** What a flat stone never touches, since the blade is bent. */
  missed?: { fromMm: number; toMm: number; depthMm: number } | null
  /** Stations along it with what each has of what it wants, and the one that is next; shares of the whole edge. */
  lit?: { places: { planned: number; done: number }[]; next: number }
  /** A place that is looked at. */
  lookMm?: number | null
  tall?: boolean
  /** Nothing is marked or read off: on a phone the rule is left out, and lying it is not shown. */
  bare?: boolean
  /** Nothing on it says where to work: on a phone it is not shown at all. */
  idle?: boolean
}

/** A place where something was seen while working or testing. */
export interface Spot {
  fromMm: number
  toMm: number
  bad: boolean
  words: string
}
