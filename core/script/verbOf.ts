import { KINDS } from './kinds';
import { toldBy, type Telling } from './told';
import { verbAfter } from './verbAfter';
import { verbBefore } from './verbBefore';

const THROWN =
  /^\W*(?:toss|bin|ditch|throw)(?: out| away)? (?:the |any )?(?:\p{L}+ ){0,3}\p{L}+(?: out| away)?$/iu;
const IN_WATER = /\b(?:cook|boil)\b.*\b(?:boiling|salted)\b.*\bwater\b/i;

/** What a clause tells to do, from its words, where the pot stands, what it names, and the clause that is next; null for nothing new. */
export function verbOf(telling: Telling): string | null {
  const told = toldBy(telling);
  const { text, stage, meant, said, all, some } = told;
  const isAfter = stage === 'after' || stage === 'table';
  if (said === 'score' && meant.length && !some(KINDS.meat)) return null;
  // "Toss the bay leaves": they are thrown away.
  if (isAfter && THROWN.test(text) && all(['herb-woody', 'spice-whole'])) return 'liftout';
  // "Cook the pasta in salted boiling water": beside it.
  if (isAfter && said !== null && some(['pasta', 'grain']) && IN_WATER.test(text)) return 'boil';
  return isAfter ? verbAfter(told) : verbBefore(told);
}
