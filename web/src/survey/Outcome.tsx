import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Advised } from '../ui/Why'

/** What the survey comes to: how much work, how much steel, how much is left. */
export function Outcome({ result }: { result: Schemas['ResultView'] }) {
  const danger = result.scope === 'RETIRE'
  return (
    <section aria-label="What must go" className="pb-3">
      <p className="quiet">This edge wants</p>
      <p className={`text-[2rem] leading-tight font-semibold ${danger ? 'text-error' : ''}`}>
        {result.scopeWords}
      </p>
      <p className="pt-1">Because {result.reasons.join('; ')}.</p>
      <div className="flex flex-wrap gap-x-8 gap-y-2 pt-3">
        <div>
          <p className="quiet">off the length</p>
          <Advised advice={result.lost} digits={result.lost.value < 0.1 ? 4 : 2} />
        </div>
        <div>
          <p className="quiet">steel to remove</p>
          <Advised advice={result.volume} />
        </div>
        <div>
          <p className="quiet">steel left after</p>
          <p className={`text-[1.35rem] font-semibold ${result.steelLeftMm <= 0 ? 'text-error' : ''}`}>
            {num(result.steelLeftMm, 1)}
            <span className="text-[0.95rem] font-normal ml-1">mm</span>
          </p>
        </div>
        {result.honingsCounted && (
          <div>
            <p className="quiet">honings, then a re-grind</p>
            <Advised advice={result.honingsLeft} digits={0} />
          </div>
        )}
        {result.behindEdge && (
          <div>
            <p className="quiet">behind the edge after</p>
            <Advised advice={result.behindEdge} digits={3} />
          </div>
        )}
      </div>
    </section>
  )
}
