import type { Schemas } from '../api/client'

/** Everything owned, with what there is to choose from. */
export type Kit = Schemas['KitView']
