import { timeNamed } from '../dish/pressure';
import { joined } from './merge';
import type { Clause, Reading } from './reading';

/** "Put the couscous in a bowl, pour over boiling stock": it stands in a bowl of its own, and none of it comes into the pot. */
const IN_ITS_BOWL =
  /\b(?:in|into|to) (?:a|an|another|the) (?:(?:large|big|heat-?proof|serving|small|medium|wide|mixing) )*(?:bowl|dish|jug|basin)\b/i;
const HOT_LIQUID = /\b(?:boiling|just[- ]boiled|boiled|hot|kettle)\b/i;
/** So soon what is poured over it is told, clauses. */
const POURED_WITHIN = 3;
const GOES_ON =
  /^\W*(?:and |then |when (?:it|they|the \p{L}+) \p{L}+(?: \p{L}+){0,3},? )*(?:pour|cover|leave|let|stand|soak|fluff|fork|stir|add|mix|season|drizzle|toss|fold|set aside|rest|sit|wait|uncover|dress|drain)\b/iu;
const OF_THE_POT =
  /\b(?:pot|cooker|lid|serve|plates?|platter|release|vent|pressure|sauce|stew|curry|tagine|broth|meat)\b/i;

const DRAINS = /^\W*(?:and |then )*(?:drain|rinse|set aside|leave|let|stand|soak|cover|pour)\b/i;

const isSideGrain = (r: Reading, line: number): boolean =>
  r.isToCome(line) && r.kindOf(line) === 'grain' && !/rice/.test(r.lines[line]?.read.food?.id ?? '');

/** True where the clause belongs to a grain that stands in its bowl, beside the closed pot or after it. */
export function sideGrain(r: Reading, c: Clause): boolean {
  const { text, sentence, meant } = c;
  const { last } = r;
  const isOfGrain = last?.verb === 'soak' && last.where === 'pan' && last.run > 0;
  // Noodles that soaked come into the pot; couscous stays in its bowl.
  const isGrain = r.kindOf(last?.lines[0]?.index ?? -1) === 'grain';
  if (isOfGrain && !isGrain && !DRAINS.test(text)) return false;
  if (isOfGrain && GOES_ON.test(text) && !OF_THE_POT.test(text) && !meant.some((i) => r.isMeat(i))) {
    const grain = last.lines[0]?.index ?? -1;
    r.takeShare(last, c, ofItsPart(r, meant, grain));
    last.minutes ??= timeNamed(text);
    last.words = joined(last.words, sentence);
    return true;
  }
  const grains = meant.filter((i) => isSideGrain(r, i));
  if (!r.isLate || !grains.length || meant.some((i) => r.isMeat(i))) return false;
  const soon = r.parts.slice(c.n, c.n + POURED_WITHIN).map((p) => p.text);
  if (!soon.some((t) => HOT_LIQUID.test(t)) || !soon.slice(0, 2).some((t) => IN_ITS_BOWL.test(t)))
    return false;
  const [first = -1] = grains;
  const act = r.putBeside('soak', c, [...grains, ...ofItsPart(r, meant, first)]);
  act.where = 'pan';
  return true;
}

/** Of two stocks the one that stands with the grain in the list. */
function ofItsPart(r: Reading, meant: readonly number[], grain: number): number[] {
  const partOf = (i: number): string | undefined => r.lines[i]?.section;
  const hasOwn = (i: number): boolean =>
    meant.some((j) => j !== i && r.kindOf(j) === r.kindOf(i) && partOf(j) === partOf(grain));
  return meant.filter((i) => partOf(i) === partOf(grain) || !hasOwn(i));
}
