import type { Schemas } from '../api/client'
import { Fold } from '../ui/Fold'
import { num } from '../ui/format'
import { mass } from '../ui/units'
import type { Trial } from './useTrial'

type Edge = Schemas['TrialEdgeView']

interface TallyProps {
  trial: Trial
  chosen: string | null
  onChoose: (edge: string) => void
}

/** Every edge in a line, in the order in which they are made, with what was read at each checkpoint. */
export function Tally({ trial: t, chosen, onChoose }: TallyProps) {
  const asked = (edge: Edge, use: number) => t.asked.some((a) => a.edge === edge.id && a.use === use)
  return (
    <div className="pt-6">
      <Fold name="Every edge, in its order" open={t.endedAt === null}>
        <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Readings of every edge">
          <table className="w-full min-w-[34rem]">
            <thead>
              <tr className="text-left text-[0.92rem]">
                <th scope="col" className="py-1">
                  Edge
                </th>
                {!t.covered && <th scope="col">Way</th>}
                {t.checkpoints.map((c) => (
                  <th key={c} scope="col" className="text-right font-normal">
                    {c === 0 ? 'fresh' : num(c, 1)}
                  </th>
                ))}
                <th scope="col" className="text-right">
                  Back
                </th>
              </tr>
            </thead>
            <tbody>
              {t.edges.map((e) => (
                <tr key={e.id} className={`rule-t ${e.id === chosen ? 'bg-base-200' : ''}`}>
                  <th scope="row" className="text-left">
                    <button
                      type="button"
                      className="min-h-11 min-w-11 text-left underline underline-offset-4"
                      aria-pressed={e.id === chosen}
                      onClick={() => onChoose(e.id)}
                    >
                      Edge {e.place}
                    </button>
                  </th>
                  {!t.covered && <td>{e.way === null ? '' : t.ways[e.way]}</td>}
                  {e.cells.map((c) => (
                    <td
                      key={c.use}
                      className={`text-right ${asked(e, c.use) ? 'text-warning font-semibold' : ''}`}
                    >
                      {c.meanGrams === null ? '·' : mass(c.meanGrams, 0).number}
                      {asked(e, c.use) && <span className="sr-only"> (read again)</span>}
                    </td>
                  ))}
                  <td className="text-right whitespace-nowrap">{back(e)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p className="quiet text-[0.92rem] pt-1">
          Mean of its places, {mass(0).unit}; “Back”: strokes that brought it back to its fresh reading.
        </p>
      </Fold>
    </div>
  )
}

function back(e: Edge): string {
  if (e.strokes !== null) return e.regained ? String(e.strokes) : `not after ${e.strokes}`
  return e.end === 'TOO_DULL' ? 'too dull' : e.end === 'OTHER' ? 'left out' : ''
}
