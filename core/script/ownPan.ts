import type { FoodKind } from '../pantry/food';
import { timeNamed } from '../dish/pressure';
import { joined } from './merge';
import { type Clause, type Reading, untilTold } from './reading';

/** "Melt the butter in a small saucepan": a pan of its own, with what a sauce begins with. */
const OWN_PAN =
  /\b(?:in|into) (?:a|an|another) (?:(?:small|separate|medium|second|clean|little|heavy|non-?stick) )*(?:saucepan|milk ?pan|pan)\b/i;
const BEGINS: readonly FoodKind[] = ['butter', 'oil'];
const BINDS: readonly FoodKind[] = ['flour', 'starch'];
const LOOSENS: readonly FoodKind[] = ['milk', 'stock', 'cream'];
const WITH_THE_POTS =
  /\b(?:broth|juices?|cooking (?:liquid|stock|water)|liquor|strained|drippings|reserved)\b/i;
/** So soon the flour and the milk come, clauses. */
const BOUND_WITHIN = 4;
const LEAST_MIN = 3;
/** What is done to the sauce itself, and to nothing that is in the pot. */
const GOES_ON =
  /^\W*(?:and |then |gradually |slowly |off (?:the )?heat,? )*(?:stir|whisk|add|beat|pour|season|cook|simmer|bring|bubble|boil|melt|mix|keep|let|remove from|take off|grate|finish|until|thin|sprinkle)\b/i;
const OF_THE_POT =
  /\b(?:pot|cooker|lid|lift|serve|plates?|platter|slice|carve|drain|shred|release|vent|open|pressure|over the)\b/i;

/**
 * A white sauce, a cheese sauce, a gravy that is begun with butter and flour in a pan beside, while the pot is closed or after: one act,
 * whose lines never come into the pot. True where the clause belongs to one.
 */
export function ownPan(r: Reading, c: Clause): boolean {
  const { text, meant, sentence } = c;
  const fresh = meant.filter((i) => r.isToCome(i));
  const hasMeat = meant.some((i) => r.isMeat(i));
  const { last } = r;
  if (last?.verb === 'sauce') {
    if (hasMeat || OF_THE_POT.test(text) || !(GOES_ON.test(text) || last.words.endsWith(sentence)))
      return false;
    r.takeInto(last, fresh);
    const minutes = timeNamed(text) ?? 0;
    // A minute for the flour is no time for the sauce.
    if (minutes >= LEAST_MIN) last.minutes = (last.minutes ?? 0) + minutes;
    const { until } = untilTold(text);
    if (until) last.until = until;
    last.words = joined(last.words, sentence);
    return true;
  }
  const isLate = (r.stage === 'closed' && r.has('hold')) || r.stage === 'after' || r.stage === 'table';
  const kinds = fresh.map((i) => r.kindOf(i));
  const begins = kinds.length > 0 && !hasMeat && kinds.every((k) => [...BEGINS, ...BINDS].includes(k));
  if (!isLate || !OWN_PAN.test(text) || !begins) return false;
  const soon = r.parts.slice(c.n, c.n + BOUND_WITHIN + 1);
  const coming = soon.flatMap((p) => r.linesIn(p.text)).filter((i) => r.isToCome(i));
  const comes = (of: readonly FoodKind[]): boolean => coming.some((i) => of.includes(r.kindOf(i)));
  // With what was in the pot it is the gravy, and the pot's own.
  if (!comes(BINDS) || !comes(LOOSENS) || soon.some((p) => WITH_THE_POTS.test(p.text))) return false;
  const isClosed = r.stage === 'closed';
  // What is done beside the closed pot counts among what comes after it.
  r.run += Number(isClosed);
  const act = r.put('sauce', isClosed ? 'closed' : 'after', c, fresh);
  r.run -= Number(isClosed);
  act.where = 'pan';
  act.minutes = null;
  return true;
}
