import { Link } from 'wouter'
import type { Schemas } from '../api/client'

/** The set-ups that followed a change, each with what to set now. */
export function Restated({ changed }: { changed: Schemas['ChangedView'] }) {
  return (
    <div role="status" className="border-l-4 border-primary pl-3 py-2 my-3">
      {changed.restated.length === 0 ? (
        <p>Saved. No set-up changes by it.</p>
      ) : (
        <>
          <p className="font-semibold">Restated, since what holds them has changed:</p>
          <ul>
            {changed.restated.map((r) => (
              <li key={r.toolId + r.setup}>
                <Link href={`/tools/${r.toolId}`} className="underline underline-offset-4">
                  {r.tool}
                </Link>
                , “{r.setup}”: {r.words}
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  )
}
