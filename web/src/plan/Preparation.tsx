import type { Schemas } from '../api/client'
import { span } from '../ui/format'

/** What is made ready before the first stroke, in its order. */
export function Preparation({ acts }: { acts: Schemas['CareView'][] | undefined }) {
  // Plans of an earlier version carry none.
  if (!acts || acts.length === 0) return null
  return (
    <section aria-label="Make ready">
      <h2 className="font-semibold mb-1">Make ready</h2>
      <ol>
        {acts.map((a, i) => (
          <li key={i} className="rule-t py-2 grid grid-cols-[2rem_minmax(0,1fr)]">
            <span className="quiet">{i + 1}</span>
            <div>
              <p className="leading-snug">
                {a.words}
                {a.seconds > 0 && (
                  <span className="quiet">
                    {' '}
                    {span(a.seconds)}
                    {a.waits ? ', by itself' : ''}
                  </span>
                )}
              </p>
              <p className="text-[0.94rem] quiet">{a.why}</p>
            </div>
          </li>
        ))}
      </ol>
    </section>
  )
}
