import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Advised } from '../ui/Why'

/** What the test says: keen or not, where, and what to do. */
export function VerdictView({ test }: { test: Schemas['TestView'] }) {
  const v = test.verdict
  return (
    <section aria-label="Verdict">
      <p className={`text-[2.4rem] leading-tight font-semibold ${v.keen ? '' : 'text-error'}`}>
        {v.keen ? 'Keen' : 'Not keen yet'}
      </p>
      <div className="flex flex-wrap gap-x-10 gap-y-3 pt-3">
        <div>
          <p className="quiet">keenness index, {num(v.indexTarget, 2)} wanted</p>
          <Advised advice={v.index} digits={2} />
        </div>
        <div>
          <p className="quiet">mean and spread</p>
          <p className="text-[1.35rem] font-semibold">
            {num(v.meanGrams, 0)} ± {num(v.sdGrams, 0)}
            <span className="text-[0.95rem] font-normal ml-1">g</span>
          </p>
        </div>
        <div>
          <p className="quiet">worst station</p>
          <p className="text-[1.35rem] font-semibold">
            {num(v.worst.grams, 0)}
            <span className="text-[0.95rem] font-normal ml-1">
              g at {num(v.worst.xMm)} mm, {num(v.spreadRatio, 2)} × the mean
            </span>
          </p>
        </div>
      </div>
      {v.faults.map((f) => (
        <div key={f.kind + f.fromMm} className="rule-t mt-5 pt-3 max-w-[46rem]">
          <p className="text-[1.1rem]">{f.why}</p>
          <p className="text-[1.1rem] font-semibold mt-1">{f.remedy}</p>
          <p className="quiet mt-1">
            Work {num(f.fromMm)} to {num(f.toMm)} mm.
          </p>
        </div>
      ))}
      {v.keen && <p className="pt-4">Wipe it dry, oil it, and let it go back to its work.</p>}
    </section>
  )
}
