import type { Schemas } from '../api/client'
import { setTo } from '../drawings/Setting'
import { day, num } from '../ui/format'
import { mm } from '../ui/units'

/** A named set-up: what the hand sets for which angle, what changed it since, and the card to print. */
export function SetupCard({
  card,
  toolId,
  last,
}: {
  card: Schemas['SetupView']
  toolId: string
  /** How the tool went back to work the last time. */
  last?: Schemas['FinishCardView'] | null | undefined
}) {
  const newest = card.restated[card.restated.length - 1]
  return (
    <div className="py-2">
      <p>
        “{card.name}”: {card.holder}
        {card.settings.length === 0 || card.holderId === null ? (
          <>, {num(card.lastDeg)}°</>
        ) : (
          card.settings.map((s) => (
            <span key={s.bevel} className="block">
              {s.name} <b>{setTo(s.value, s.unit)}</b> for {num(s.angleDeg)}°
              {card.settings.length > 1 ? `, ${s.bevelWords}` : ''}
            </span>
          ))
        )}
        {card.camberMm !== null && (
          <span className="block">camber {mm(card.camberMm, 3)} below the sole</span>
        )}
      </p>
      {last && (
        <p>
          {last.capIronMm !== null && <>cap iron {mm(last.capIronMm, 2)} behind the edge; </>}
          looked at again {day(last.nextCheck)}
        </p>
      )}
      {newest && (
        <p className="border-l-4 border-warning pl-3">
          Restated {day(newest.at)}: {newest.because}. {newest.change}.
        </p>
      )}
      <p className="flex flex-wrap gap-x-5">
        <PrintLink href={`/api/v1/print/setups/${card.id}/card.pdf`}>Card to print</PrintLink>
        {card.camberMm !== null && (
          <PrintLink href={`/api/v1/print/tools/${toolId}/camber.pdf`}>Camber template</PrintLink>
        )}
      </p>
    </div>
  )
}

/** A file to print or cut; it opens beside the page. */
export function PrintLink({ href, children }: { href: string; children: string }) {
  return (
    <a
      href={href}
      target="_blank"
      rel="noreferrer"
      className="underline underline-offset-4 min-h-11 inline-flex items-center"
    >
      {children}
    </a>
  )
}
