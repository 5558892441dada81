import type { Schemas } from '../api/client'

type Check = Schemas['CheckView']
type Outcome = Schemas['OutcomeOfCheck']

/** Something seen in a test, as the form keeps it. */
export interface Seen {
  sign: Outcome['sign']
  words: string
  says: Outcome['says']
  fromMm: number | null
  toMm: number | null
}

/** What is seen once a sign is put down at a place: the good word of its own test goes. */
export function withPlace(
  seen: Seen[],
  checks: Check[],
  { sign, words, says }: Outcome,
  fromMm: number | null,
  toMm: number | null,
): Seen[] {
  const check = checks.find((c) => c.outcomes.some((o) => o.sign === sign))
  const good = (s: Seen) => check?.outcomes.some((o) => o.sign === s.sign && o.says === 'GOOD')
  return [...seen.filter((s) => !good(s)), { sign, words, says, fromMm, toMm }]
}

/**
 * What is seen once a sign without a place is tapped: a second tap takes it back; a good word and a bad one of the same
 * test do not stand together, and what is only noted stands with both.
 */
export function toggled(seen: Seen[], check: Check, o: Outcome): Seen[] {
  const others = seen.filter((s) => s.sign !== o.sign)
  if (others.length < seen.length) return others
  const mine = (s: Seen) => check.outcomes.some((x) => x.sign === s.sign)
  const stays = (s: Seen) => !mine(s) || (o.says === 'GOOD' ? s.says === 'NOTED' : s.says !== 'GOOD')
  return [...others.filter(stays), { sign: o.sign, words: o.words, says: o.says, fromMm: null, toMm: null }]
}
