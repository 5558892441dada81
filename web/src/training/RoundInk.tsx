import { Inked, INKED_HEIGHT } from '../drawings/Inked'
import type { Round } from './useTraining'

type Gone = NonNullable<Round['ink']>['gone']

const SAID: Record<Gone, string> = {
  NOWHERE: 'inked all over',
  AT_THE_HEEL: 'bare at the heel',
  AT_THE_EDGE: 'bare at the edge',
  EVENLY: 'bare from heel to edge',
}

/** The inked bevel after a stroke, as one looks down on it. */
export function RoundInk({ ink }: { ink: NonNullable<Round['ink']> }) {
  const band = ink.share * INKED_HEIGHT
  const bare: Record<Gone, [number, number]> = {
    NOWHERE: [0, 0],
    AT_THE_HEEL: [0, band],
    AT_THE_EDGE: [INKED_HEIGHT - band, INKED_HEIGHT],
    EVENLY: [0, INKED_HEIGHT],
  }
  return (
    <figure className="pt-3 max-w-[24rem]">
      <svg
        viewBox="0 0 200 74"
        className="w-full border-2 border-base-300"
        role="img"
        aria-label={`The bevel, ${SAID[ink.gone]}`}
      >
        <Inked bare={bare[ink.gone]} />
      </svg>
      <figcaption className="quiet">Heel above, edge below: {SAID[ink.gone]}.</figcaption>
    </figure>
  )
}
