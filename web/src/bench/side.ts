import type { Schemas } from '../api/client'

/** A side of the edge, an end of a bar, or the edges of a row, as a step names it; empty where it does not matter. */
export type Side = Schemas['EventForm']['side']
