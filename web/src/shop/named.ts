import type { Schemas } from '../api/client'

/** Someone with a name: an owner, a person at the bench. */
export type Named = Schemas['Named']
