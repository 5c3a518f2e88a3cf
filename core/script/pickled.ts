import { timeNamed } from '../dish/pressure';
import { INTO_WHAT_COOKS } from './deeds/verb';
import { joined } from './merge';
import type { Clause, Reading } from './reading';
import { isPickle, WITH_IT } from './sharp';

/** "Put the red onion in a bowl with the vinegar": a pickle, a salsa, a slaw for the table, and none of it comes into the pot. */
const IN_A_BOWL =
  /\b(?:in|into|to) (?:a|an|another|the) (?:\p{L}+ ){0,2}(?:bowl|jar|jug|dish|basin|glass)\b/iu;
const PICKLES =
  /\bpickl(?:e|es|ing)\b|\b(?:cover|toss|mix|combine|steep|macerate|dress|put|stir|scrunch|massage|rub|squeeze)\b.*\b(?:with|in|and)\b/i;
/** "Pickle the onion: …", "for the pickled onions, combine …". */
const CALLED_SO =
  /^\W*(?:meanwhile,? |in the meantime,? |then |while \p{L}+ \p{L}+,? )?pickle\b|\bfor (?:the|your) (?:quick |fresh )?(?:pickled?|slaw|salsa)\b/iu;
const ONLY_CALLED = /^\W*for (?:the|your) (?:quick |fresh )?(?:pickled? (?:\p{L}+ )?\p{L}+|slaw|salsa)\W*$/iu;
const GOES_ON =
  /^\W*(?:and |then )*(?:leave|let|stand|set aside|rest|sit|stir(?:ring)?|toss(?:ing)?|season|add|mix|cover|chill|massage|scrunch|squeeze|dress|pickle|drain|wait|pour over|until)\b/i;
const OF_THE_POT =
  /\b(?:pot|cooker|lid|serve|plates?|platter|release|vent|pressure|sauce|stew|curry|broth|meat|tray|grill|broil\w*|oven|heat|boil|simmer)\b/i;

const STIRS_IN =
  /^\W*(?:and |then )*(?:stir|fold|add|put|tip|throw|toss) (?:it |them )?(?:in|through|into)\b/i;

/** True where the clause belongs to a pickle, a salsa or a slaw that is made in a bowl once the lid is on, or after it. */
export function pickled(r: Reading, c: Clause): boolean {
  const { text, sentence, meant } = c;
  const { last } = r;
  const isOfBowl =
    last?.verb === 'mix' &&
    last.run > 0 &&
    (isPickle(last.lines.map((l) => r.kindOf(l.index))) || CALLED_SO.test(last.words));
  const fresh = meant.filter((i) => r.isToCome(i));
  if (
    isOfBowl &&
    GOES_ON.test(text) &&
    !OF_THE_POT.test(text) &&
    fresh.every((i) => WITH_IT.includes(r.kindOf(i)))
  ) {
    r.takeShare(last, c, fresh);
    last.minutes ??= timeNamed(text);
    last.words = joined(last.words, sentence);
    return true;
  }
  if (!r.isLate || INTO_WHAT_COOKS.test(text) || OF_THE_POT.test(text)) return false;
  // "For the pickled onions,": what is done for them is told next.
  if (ONLY_CALLED.test(text) && r.parts[c.n + 1]?.sentence === sentence) return true;
  // "Stir in the spinach and lemon juice": into what cooks, and no salad.
  if (STIRS_IN.test(text) && !IN_A_BOWL.test(text) && !CALLED_SO.test(text)) return false;
  const isCalledSo = CALLED_SO.test(text) && fresh.length > 0;
  const isOne = isCalledSo
    ? fresh.every((i) => WITH_IT.includes(r.kindOf(i)))
    : fresh.length === meant.length && isPickle(fresh.map((i) => r.kindOf(i)));
  if (!isOne || !(IN_A_BOWL.test(text) || PICKLES.test(text))) return false;
  r.putBeside('mix', c, fresh);
  return true;
}
