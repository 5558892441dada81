/** A chapter of the guide: what a place is for, and how one goes about it there. */
export interface Chapter {
  id: string
  title: string
  /** Name of its picture, without its ending; none where a picture would say no more. */
  picture?: string
  what: string
  how: string[]
}

export const CHAPTERS: Chapter[] = [
  {
    id: 'first-evening',
    title: 'The first evening',
    what: 'From an empty shop to one tool sharpened.',
    how: [
      'On the empty board, say what the shop measures in and which of the common abrasives stand on your shelf. Nothing has to be exact; a stone is corrected later on the page Kit.',
      'Take one tool in that you know well. What you do not know you leave out: what is asked is marked.',
      'Survey it, choose its angle, plan, and go to the bench. The button at the foot of each page is the next step.',
    ],
  },
  {
    id: 'board',
    title: 'The board',
    picture: 'board',
    what: 'What to do now, on one screen.',
    how: [
      'At the top stands what is at the bench and what is late, then what is wanted today, then what is due for a look.',
      'Each line has its next act as a button. The name opens the tool’s own page.',
      'What soaks and dries runs beside it, with its own clock.',
    ],
  },
  {
    id: 'take-in',
    title: 'Take in',
    picture: 'take-in',
    what: 'A tool comes through the door.',
    how: [
      'Choose its kind and its work: only the dimensions of its family are asked, with a drawing of where to measure.',
      'Type what your rule says: 1 1/2", 30 thou and 24 are all understood, and what was understood is shown.',
      'Several things of one owner come on a ticket: Tickets, then New.',
    ],
  },
  {
    id: 'survey',
    title: 'Survey',
    picture: 'survey',
    what: 'What is wrong with the edge, and what must go.',
    how: [
      'Go through the looks in their order: lamp, nail, square, back. Under a lamp a sharp edge throws no light back.',
      'Put chips, dents and light where they are on the edge, by touch, by mouse or by the arrow keys. A depth you guess is marked as a guess.',
      'The new edge line, the steel that goes and what is left follow at once. What is cheaper to leave can be left.',
    ],
  },
  {
    id: 'angle',
    title: 'Angle and what holds it',
    picture: 'angle',
    what: 'The bevels, and what to set so that they come out.',
    how: [
      'An angle is offered from the tool, its work, its steel and how the last edges fared, with the reasons.',
      'Choose what holds it: a guide, a rest, a wedge, a stack under the spine, the hand. It says what to set, and how far off half a millimetre would be.',
      'Check it by ink on the bevel before the first real stroke.',
    ],
  },
  {
    id: 'repair',
    title: 'Repair',
    picture: 'repair',
    what: 'More steel must go than stones like to take.',
    how: [
      'Each way is shown with its time and its heat. Blunt first, then the bevel: thick steel takes heat, an edge does not.',
      'Dip by the count that is given. Straw or blue on the steel means its temper is drawn: the page says how far to grind back.',
    ],
  },
  {
    id: 'plan',
    title: 'Plan and rehearse',
    picture: 'plan',
    what: 'Which stones, in which order, for how many strokes.',
    how: [
      'The order of least time on your shelf stands there already. Take a stone off the ladder or put one on, and see what it costs.',
      'Fewest stones, the gentlest, or the way you always do it are one touch away. All counts are estimates and say their range.',
      'Rehearse it: the plan is made on a virtual blade, stroke by stroke, and otherwise too: another stone, steeper, a shakier hand.',
    ],
  },
  {
    id: 'bench',
    title: 'At the bench',
    picture: 'bench',
    what: 'One step at a time, large enough for wet hands.',
    how: [
      'Space, a pedal or a touch counts a stroke; the arrows choose the side. Sets of five or ten are one touch.',
      'Before the next stone the gate asks what you see and feel: a burr end to end, old scratches gone. Say what is, not what should be.',
      'Nothing is lost: strokes wait on the tablet while the service is away, and a session goes on where it was left, on another tablet too.',
    ],
  },
  {
    id: 'test',
    title: 'Test',
    picture: 'test',
    what: 'Is it keen, and if not, why.',
    how: [
      'The few tests this tool needs stand in front, each with how it is done. Never a thumb along an edge.',
      'Place what you found along the edge. The verdict says what is likely wrong, where, how sure, and which check would tell.',
      'Its remedy can be worked at once; how often it helped here before is said.',
    ],
  },
  {
    id: 'log',
    title: 'Log, upkeep and when it is due again',
    picture: 'upkeep',
    what: 'What was done, how long it lasts, and the least that brings it back.',
    how: [
      'The log keeps all of it, in curves and in words; mistakes are taken back by one touch.',
      'Put down what the edge did, by one touch on the page Upkeep. After a few readings it says when a touch-up pays, and the board follows.',
      'The least rung comes first: strop, finest stone, progression, re-grind. When a rung helps no more it says so.',
    ],
  },
  {
    id: 'tickets',
    title: 'Tickets',
    picture: 'ticket',
    what: 'What a crew or a customer brings, until it is collected.',
    how: [
      'One ticket for all that comes at once; “another like it” takes the next one in by its name.',
      'The honest promise counts what lies before it. Labels, a receipt and a card of what was done are printed from the ticket.',
      'A name and a contact are kept with the ticket alone and forgotten by one touch.',
    ],
  },
  {
    id: 'day',
    title: 'The day',
    picture: 'day',
    what: 'Many tools, few stones, one pair of hands.',
    how: [
      'Plan the day: what wants the same stone and the same setting is put together, what is promised comes first.',
      'Work down the set-ups; each line opens the bench. Something takes longer, breaks or comes in: plan again, around what is done.',
    ],
  },
  {
    id: 'kit',
    title: 'Kit and house rules',
    picture: 'kit',
    what: 'What is on the shelf, and how this shop does it.',
    how: [
      'Each abrasive by what its grain measures. What wears out when, what to flatten first, what to buy ahead.',
      'Where practitioners disagree the shop picks, on the page Rules; each choice says what it would cost on tools of yours.',
    ],
  },
  {
    id: 'machines',
    title: 'Mowers, trimmers and discs',
    picture: 'machine',
    what: 'Blades of machines: safe first, then sharp, then balanced.',
    how: [
      'A machine’s blade is nothing to do before its machine is recorded as isolated, by its manual, with a name.',
      'Then it is inspected. A crack, a bend or too little steel rejects it, and no sharpening is offered.',
      'Both ends are worked alike and measured; then it is balanced on a beam, with a trial mass.',
    ],
  },
  {
    id: 'trials',
    title: 'Trials',
    picture: 'trial',
    what: 'Does the strop help? Which finish lasts? Asked of your own edges.',
    how: [
      'Set one up from a question. It deals out which edge is made which way, covered so that whoever reads does not know.',
      'It says how much longer the one lasts and with what chance that is luck, or how many rounds more would tell.',
    ],
  },
  {
    id: 'practise',
    title: 'Practise',
    what: 'What only the fingers learn, on the virtual blade.',
    how: [
      'Nine exercises, from setting an angle by ink to naming a fault, without end and with a record. They get harder after three right answers.',
      'Made for one hand on a phone, while the stones soak. From the Reference: practised on the virtual blade.',
    ],
  },
  {
    id: 'records',
    title: 'Keeping the records',
    what: 'Backups, another machine, a newer version, tablets, lists.',
    how: [
      'On the page Shop a backup of everything is written by one button; one is written each day and whenever the service is stopped.',
      'Keep one on another machine. On an empty shop the same page reads it in.',
      'Tablets of the shop’s network are let in by passphrase: Shop, Tablets at the bench. A lost one is signed out there.',
      'Tools, people, the shelf and a tool’s history go out to a spreadsheet and come in from one; what a list would do is said before it is read in.',
      'What was changed of tools, kit and rules stands on a page of its own, with who did it and from what to what.',
    ],
  },
]
