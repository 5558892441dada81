import type { Schemas } from '../api/client'

/** One look at the edge: how to take it, and what it can find on the strip. */
export interface Look {
  key: string
  name: string
  how: string
  kinds: string[]
}

/** The looks in the order of the work, those that a tool has. */
export function looksAt(tool: Schemas['ToolView']): Look[] {
  const all: (Look & { there: boolean })[] = [
    {
      key: 'lamp',
      name: 'Under the lamp',
      how: 'Look straight down the edge: a keen apex shows no light. Tap the strip where light shows, or draw over the stretch.',
      kinds: ['CHIP', 'BRIGHT', 'DOTS', 'COLOUR'],
      there: true,
    },
    {
      key: 'nail',
      name: 'Nail',
      how: 'Draw a fingernail over the edge, never a thumb along it. Each catch is a chip, a dent or a roll.',
      kinds: ['CHIP', 'DENT', 'ROLL', 'ROUNDED_CORNER'],
      there: true,
    },
    {
      key: 'square',
      name: 'Square',
      how: 'Try-square against the side, lamp behind it. Which corner stands forward, and by how much?',
      kinds: [],
      there: tool.square,
    },
    {
      key: 'back',
      name: 'The back',
      how: 'Tilt the back under the lamp: flat, ridged, pitted? A straightedge shows a rounded end.',
      kinds: ['PIT_BACK'],
      there: tool.backed,
    },
    {
      key: 'straight',
      name: 'Straight and even',
      how: 'Sight along the blade, then at both bevels. Measure at a few places what differs along the edge.',
      kinds: ['PIT_BEVEL'],
      there: true,
    },
    {
      key: 'past',
      name: 'Since last time',
      how: 'What the edge did since it was last sharpened, and what has changed since the last look.',
      kinds: [],
      there: true,
    },
  ]
  return all.filter((l) => l.there)
}
