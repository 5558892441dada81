import { useState } from 'react'
import type { Schemas } from '../api/client'
import { keep, kept } from '../api/local'

/** What is asked of a plan; the person is added when it is sent. */
export type Wish = Omit<Schemas['PlanForm'], 'person'>

const NOTHING: Wish = { grindOn: '', answer: '', without: [], through: [], strop: '' }

function read(key: string): Wish {
  try {
    return { ...NOTHING, ...(JSON.parse(kept(key) ?? '{}') as Partial<Wish>) }
  } catch {
    return NOTHING
  }
}

/** The wish for a tool's plan; it outlives a reload. */
export function useWish(toolId: string): [Wish, (next: Wish) => void] {
  const key = 'wish.' + toolId
  const [wish, setWish] = useState(() => read(key))
  const set = (next: Wish) => {
    setWish(next)
    keep(key, JSON.stringify(next))
  }
  return [wish, set]
}

/** The wish with one rung pulled onto the path of a job, or off it. */
export function moved(
  wish: Wish,
  job: Schemas['RungForm']['job'],
  abrasiveId: string,
  onPath: boolean,
): Wish {
  const others = (rungs: Wish['without']) =>
    rungs.filter((r) => !(r.job === job && r.abrasiveId === abrasiveId))
  const rung = { job, abrasiveId }
  const asked = wish.through.some((r) => r.job === job && r.abrasiveId === abrasiveId)
  const left = wish.without.some((r) => r.job === job && r.abrasiveId === abrasiveId)
  return {
    ...wish,
    // Pulled back to where it was before it was pulled at all, nothing is asked of it any more.
    without: onPath || asked ? others(wish.without) : [...others(wish.without), rung],
    through: !onPath || left ? others(wish.through) : [...others(wish.through), rung],
  }
}

/** Whether any rung was pulled. */
export function pulled(wish: Wish): boolean {
  return wish.without.length + wish.through.length > 0
}

/** The wish with all rungs back where the plan puts them. */
export function back(wish: Wish): Wish {
  return { ...wish, without: [], through: [] }
}
