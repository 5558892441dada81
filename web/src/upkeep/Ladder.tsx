import { useState } from 'react'
import { Link } from 'wouter'
import { api, ask, type Schemas } from '../api/client'
import { Field } from '../ui/Field'
import { Fold } from '../ui/Fold'
import { day, num, typed, upper } from '../ui/format'
import { usePerson } from '../ui/person'
import { useUpkeep } from './useUpkeep'

type Upkeep = Schemas['UpkeepSheet']
type Rung = Schemas['RungView']

const WORD: Record<Rung['state'], string> = {
  NEXT: 'now',
  AFTER: 'after that',
  SPENT: 'helps no more',
  MISSING: 'not here',
  LATER: '',
}

/** The rungs of upkeep: the one to take now with how it is done, the others behind it. */
export function Ladder({ upkeep: u, toolId }: { upkeep: Upkeep; toolId: string }) {
  const next = u.ladder.find((r) => r.state === 'NEXT')!
  return (
    <section aria-label="Ladder of upkeep" className="rule-t pt-3">
      <h2 className="quiet">When it wants it</h2>
      <p className="text-[1.35rem] font-semibold leading-tight">{next.title}</p>
      <p className="pt-1">{next.how}</p>
      <p className="quiet pt-1">{u.why}</p>
      {next.touchUp ? (
        <Done key={u.touchUps.length} upkeep={u} toolId={toolId} rung={next} />
      ) : (
        <Link href={`/tools/${toolId}/survey`} className="btn btn-outline min-h-12 mt-2">
          Survey its edge
        </Link>
      )}
      <p className="quiet pt-2 text-[0.94rem]">{u.paysWhen}</p>
      {u.touchUps.length > 0 && (
        <Fold name="Touch-ups since its sharpening" says={String(u.touchUps.length)} id="touch-ups">
          <ol>
            {u.touchUps.map((t) => (
              <li key={t.id} className="rule-t py-2">
                <b>{t.title}</b>, {day(t.at)}, after {num(t.atUse, 0)} {u.unitWords}:{' '}
                {t.regained
                  ? `it came back, and ${t.lasts ? 'lasts so far' : 'lasted'} ${num(t.lasted, t.lasted < 10 ? 1 : 0)} ${u.unitWords}`
                  : 'it did not come back'}
                {t.strokes > 0 && `, ${t.strokes} strokes`}
                {t.before !== null && t.after !== null && `, ${num(t.before, 2)} to ${num(t.after, 2)}`}.
              </li>
            ))}
          </ol>
        </Fold>
      )}
      <Fold name="All rungs">
        <ol>
          {u.ladder.map((r) => (
            <li key={r.rung} className={`rule-t py-2 ${r.state === 'NEXT' ? 'font-semibold' : ''}`}>
              {r.title}
              {WORD[r.state] && <span className="quiet font-normal"> · {WORD[r.state]}</span>}
              {r.why && <span className="block quiet font-normal">{upper(r.why)}.</span>}
            </li>
          ))}
        </ol>
      </Fold>
    </section>
  )
}

/** That it was done, and whether the edge came back. */
function Done({ upkeep: u, toolId, rung }: { upkeep: Upkeep; toolId: string; rung: Rung }) {
  const [form, setForm] = useState({
    strokes: '',
    before: '',
    after: '',
    reference: u.referenceG === null ? '' : typed(u.referenceG, 1),
  })
  const [person] = usePerson()
  const done = useUpkeep(toolId, (regained: boolean) =>
    ask(
      api.POST('/api/v1/tools/{id}/upkeep/touch-up', {
        params: { path: { id: toolId } },
        body: { ...form, rung: rung.rung, regained, person },
      }),
    ),
  )
  return (
    <div className="pt-2">
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={done.isPending}
          onClick={() => done.mutate(true)}
        >
          Done: it came back
        </button>
        <button
          type="button"
          className="btn btn-outline min-h-12"
          disabled={done.isPending}
          onClick={() => done.mutate(false)}
        >
          Done: it did not
        </button>
      </div>
      <div className="pt-2">
        <Fold name="Strokes and readings, if you took them" open={done.refused !== undefined}>
          <Field
            label="Strokes, all sides"
            value={form.strokes}
            onChange={(strokes) => setForm({ ...form, strokes })}
            inputMode="decimal"
            error={done.refused?.at('strokes')}
          />
          <Field
            label="Read before it"
            of="mass"
            value={form.before}
            onChange={(before) => setForm({ ...form, before })}
            inputMode="decimal"
            error={done.refused?.at('before')}
          />
          <Field
            label="Read after it"
            of="mass"
            value={form.after}
            onChange={(after) => setForm({ ...form, after })}
            inputMode="decimal"
            error={done.refused?.at('after')}
          />
        </Fold>
      </div>
      {done.error && (
        <p role="alert" className="text-error font-semibold">
          {done.error.message}
        </p>
      )}
    </div>
  )
}
