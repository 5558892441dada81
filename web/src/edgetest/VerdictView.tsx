import type { Schemas } from '../api/client'
import { num } from '../ui/format'
import { Advised } from '../ui/Why'
import { mass, massUnit, mm, place } from '../ui/units'

type Test = Schemas['TestView']
export type Choice = Record<number, string>

interface VerdictProps {
  test: Test
  sheet: Schemas['TestSheet']
  /** Remedy by finding; what is not in it is left alone. */
  chosen: Choice
  choose: (chosen: Choice) => void
}

/** What would be done if nobody chose. */
export function proposed(test: Test): Choice {
  const choice: Choice = {}
  test.verdict.findings.forEach((f, i) => {
    if (f.proposed && f.remedies[0]) choice[i] = f.remedies[0].remedy
  })
  return choice
}

/** What the test says: keen or not, and else what is likely wrong, where, how sure, and what mends it. */
export function VerdictView({ test, sheet, chosen, choose }: VerdictProps) {
  const v = test.verdict
  return (
    <section aria-label="Verdict">
      <p className={`text-[2.4rem] leading-tight font-semibold ${v.state === 'NOT_YET' ? 'text-error' : ''}`}>
        {headline(v, sheet.byForce)}
      </p>
      {v.restsOn.length > 0 && <p className="text-[1.1rem]">By: {v.restsOn.join('; ')}.</p>}
      {(!v.keen || v.findings.length > 0) && <p className="text-[1.3rem] pt-1">{v.words}</p>}
      {v.next && (
        <p className="text-[1.1rem] border-l-4 border-primary pl-3 mt-2">
          <b>To tell:</b> {v.next}
        </p>
      )}
      {v.force && <ForceLine force={v.force} sheet={sheet} />}
      <TriedRemedies tried={test.judged} />
      {v.findings.length > 0 && (
        <p className="quiet pt-3 max-w-[48rem]">
          How sure: an estimate. It follows from what was seen by the weights of each rule, a workshop prior,
          and is no count of cases; another sign may turn it.
        </p>
      )}
      <ol aria-label="What may be wrong">
        {v.findings.map((f, i) => (
          <Finding
            key={f.fault + f.fromMm}
            finding={f}
            number={i}
            edgeMm={sheet.edgeLengthMm}
            remedy={chosen[i]}
            choose={(remedy) => {
              const next = { ...chosen }
              if (remedy === undefined) delete next[i]
              else next[i] = remedy
              choose(next)
            }}
          />
        ))}
      </ol>
      {v.keen && <p className="pt-4">Clean it, protect it, and let it go back to its work.</p>}
    </section>
  )
}

/** The verdict in a word or two. Where no keenness is wanted there is nothing keen to be said. */
function headline(v: Schemas['VerdictView'], keenness: boolean): string {
  if (v.state === 'NOT_TESTED') return 'Not tested yet'
  if (v.keen) return keenness ? 'Keen' : 'Passed'
  if (!keenness) return 'Not yet'
  return v.cuts ? 'It cuts, but is not right yet' : 'Not keen yet'
}

function ForceLine({ force, sheet }: { force: Schemas['ForceView']; sheet: Schemas['TestSheet'] }) {
  const { best, last } = sheet
  return (
    <div className="flex flex-wrap gap-x-10 gap-y-3 pt-3">
      <div>
        <p className="quiet">keenness index, {num(force.indexTarget, 2)} wanted</p>
        <Advised advice={force.index} digits={2} />
      </div>
      <div>
        <p className="quiet">mean and spread</p>
        <p className="text-[1.35rem] font-semibold">
          {mass(force.meanGrams, 0).number} ± {mass(force.sdGrams, 0).number}
          <span className="text-[0.95rem] font-normal ml-1">{massUnit()}</span>
        </p>
      </div>
      <div>
        <p className="quiet">worst station</p>
        <p className="text-[1.35rem] font-semibold">
          {mass(force.worst.grams, 0).number}
          <span className="text-[0.95rem] font-normal ml-1">
            {massUnit()} at {place(force.worst.xMm)}, {num(force.spreadRatio, 2)} × the mean
          </span>
        </p>
      </div>
      {(best || last) && (
        <div>
          <p className="quiet">this tool before</p>
          <p className="text-[1.1rem]">
            {best && <>best {num(best.index, 2)}</>}
            {best && last && ', '}
            {last && <>last {num(last.index, 2)}</>}
          </p>
        </div>
      )}
    </div>
  )
}

function TriedRemedies({ tried }: { tried: Schemas['TriedView'][] }) {
  if (tried.length === 0) return null
  return (
    <ul aria-label="Remedies tried" className="pt-3">
      {tried.map((t, i) => (
        <li key={i}>
          {t.title}: {t.words}{' '}
          {t.worked === null ? 'The next test will say.' : t.worked ? 'It worked.' : 'It did not work.'}
        </li>
      ))}
    </ul>
  )
}

interface FindingProps {
  finding: Schemas['FindingOfTest']
  number: number
  edgeMm: number
  remedy: string | undefined
  choose: (remedy: string | undefined) => void
}

function Finding({ finding: f, number, remedy, choose }: FindingProps) {
  const by = (sign: number) => f.evidence.filter((e) => Math.sign(e.weight) === sign)
  return (
    <li className="rule-t mt-4 pt-3 max-w-[48rem]">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 className="text-[1.25rem] font-semibold">
          {number + 1} {f.title}
        </h3>
        <p>{f.whole ? 'the whole edge' : `${num(f.fromMm)} to ${mm(f.toMm)}`}</p>
        <p className="flex items-center gap-2">
          <span aria-hidden="true" className="inline-block w-24 h-3 border-2 border-base-content">
            <span className="block h-full bg-base-content" style={{ width: `${f.sure * 100}%` }} />
          </span>
          {f.how}, about {num(f.sure * 100, 0)} in 100
        </p>
      </div>
      <p className="pt-1">
        <b>For it:</b>{' '}
        {by(1)
          .map((e) => e.words)
          .join('; ')}
        .
        {by(-1).length > 0 && (
          <>
            {' '}
            <b>Against it:</b>{' '}
            {by(-1)
              .map((e) => e.words)
              .join('; ')}
            .
          </>
        )}
      </p>
      {f.telling && <p className="quiet">To tell it apart: {f.telling}</p>}
      <fieldset className="pt-2">
        <legend className="sr-only">What to do about it</legend>
        {f.remedies.map((r) => (
          <Option
            key={r.remedy}
            name={`remedy-${number}`}
            checked={remedy === r.remedy}
            onChange={() => choose(r.remedy)}
            words={r.words}
            note={`${r.leads ? 'a plan of its own' : `begins with ${r.entersAt}`}${r.tried > 0 ? `; worked ${r.worked} of ${r.tried} ${r.tried === 1 ? 'time' : 'times'} here` : '; not tried here yet'}`}
          />
        ))}
        <Option
          name={`remedy-${number}`}
          checked={remedy === undefined}
          onChange={() => choose(undefined)}
          words="Leave it alone"
        />
      </fieldset>
    </li>
  )
}

function Option(p: { name: string; checked: boolean; onChange: () => void; words: string; note?: string }) {
  return (
    <label className="flex items-start gap-3 min-h-12 py-1 cursor-pointer">
      <input
        type="radio"
        name={p.name}
        checked={p.checked}
        onChange={p.onChange}
        className="radio radio-primary mt-1"
      />
      <span>
        {p.words}
        {p.note && <span className="block quiet text-[0.92rem]">{p.note}</span>}
      </span>
    </label>
  )
}
