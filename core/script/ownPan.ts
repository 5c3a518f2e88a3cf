import type { FoodKind } from '../pantry/food';
import { timeNamed } from '../dish/pressure';
import { joined } from './merge';
import { KINDS } from './kinds';
import { type Clause, type Reading, untilTold } from './reading';

/** "Melt the butter in a small saucepan": a pan of its own, with what a sauce begins with. */
const OWN_PAN =
  /\b(?:in|into|to) (?:a|an|another) (?:(?:small|separate|medium|second|clean|little|heavy|non-?stick) )*(?:sauce ?pan|milk ?pan|pan)\b|\b(?:in|into) (?:another|a (?:small|separate|second|little)) pot\b/i;
const BEGINS: readonly FoodKind[] = ['butter', 'oil'];
const BINDS: readonly FoodKind[] = ['flour', 'starch'];
const LOOSENS: readonly FoodKind[] = ['milk', 'stock', 'cream'];
/** What a glaze or a sauce of its own is made of, and what of it pours. */
const POURS: readonly FoodKind[] = [...KINDS.thin, 'syrup', 'thick-sauce', 'cream', 'milk', 'coconut-milk'];
const SAUCY: readonly FoodKind[] = [
  ...POURS,
  ...BEGINS,
  ...BINDS,
  ...KINDS.spice,
  'aromatic',
  'sugar',
  'salt',
  'tomato-thick',
  'tomato-paste',
  'herb-soft',
  'herb-woody',
  'mustard',
  'allium',
  'nut-paste',
  'cheese',
  'sour-dairy',
];
/** What sizzles in a little fat to be poured over at the end. */
const TEMPERED: readonly FoodKind[] = [
  ...BEGINS,
  ...KINDS.spice,
  'aromatic',
  'herb-soft',
  'herb-woody',
  'nut',
];
const WITH_THE_POTS =
  /\b(?:broth|juices?|cooking (?:liquid|stock|water)|liquor|strained|drippings|reserved)\b/i;
/** So soon the flour and the milk come, clauses. */
const BOUND_WITHIN = 4;
const LEAST_MIN = 3;
/** What is done to the sauce itself, and to nothing that is in the pot. */
const GOES_ON =
  /^\W*(?:and |then |now |gradually |slowly |(?:take )?off (?:the )?heat,? |(?:when|once|as soon as) (?:it |this |the (?:sauce|glaze|mixture) )?(?:\p{L}+ ){0,2}(?:bubbl\p{L}*|boil\p{L}*|simmer\p{L}*|hot|warm|melt\p{L}*|dissolve\p{L}*),? )*(?:stir|whisk|add|beat|pour|season|cook|simmer|bring|bubble|boil|melt|mix|keep|let|remove from|take off|turn off|grate|finish|until|thin|sprinkle|slake|dissolve|blend|combine|thicken|reduce|in goes|tip|(?:set|put) aside|when|once)\b/iu;
const OF_THE_POT =
  /\b(?:pot|cooker|lid|lift|serve|plates?|platter|slice|carve|drain|shred|release|vent|open|pressure|brush|baste|slather|paint|smear|toss|broil\w*|grill\w*|bake|oven|tray|sheet|meat)\b|\bover (?:the|each|them|it)\b|^\W*glaze\b|\bcoat (?:the (?!back)|it\b|them\b|each)/i;

/** "Stir the roux into the soup", "pour the white sauce into the pot", "stir it in": what was made beside comes in. */
const COMES_IN = /\b(?:stir|whisk|pour|add|tip|fold|mix|ladle)\w*\b.*\b(?:in|into|through|to|with|back)\b/iu;
const NAMES_SAUCE =
  /\b(?:roux|(?:white|cream|cheese|milk) sauce|b[ée]chamel|(?:cream|milk|flour|roux) mixture)(?!\p{L})/iu;
const NAMES_IT = /\b(?:it|this)\b/i;
const INTO_THE_DISH =
  /\b(?:into|through|to|with) (?:the |your )?(?:soup|pot|cooker|stew|broth|chowder|curry|filling|casserole|chicken|meat|turkey|beef|lamb|pork|vegetables)\b/iu;

/** The white sauce that was made beside the pot, where a clause brings it in. */
function comesIn(r: Reading, c: Clause): boolean {
  const sauce = r.acts.findLast((a) => a.verb === 'sauce');
  const lines = sauce?.lines.map((l) => l.index) ?? [];
  const isBound = lines.some((i) => r.kindOf(i) === 'flour');
  const isIn = r.acts.some(
    (a) => a.verb === 'stirin' && lines.length > 0 && lines.every((i) => a.again.includes(i)),
  );
  if (!sauce || !isBound || isIn || !COMES_IN.test(c.text) || c.meant.some((i) => r.isToCome(i)))
    return false;
  const isIt = r.last === sauce && NAMES_IT.test(c.text) && INTO_THE_DISH.test(c.text);
  if (!isIt && !NAMES_SAUCE.test(c.text)) return false;
  r.stage = r.stage === 'closed' ? 'after' : r.stage;
  r.put('stirin', r.stage, { ...c, meant: lines }, lines);
  return true;
}

/**
 * A white sauce that is begun with butter and flour in a pan beside, a glaze that is boiled in one, while the pot is closed or after: one
 * act, whose lines never come into the pot. True where the clause belongs to one.
 */
export function ownPan(r: Reading, c: Clause): boolean {
  const { text, meant, sentence } = c;
  const fresh = meant.filter((i) => r.isToCome(i));
  const hasMeat = meant.some((i) => r.isMeat(i));
  const { last } = r;
  if (comesIn(r, c)) return true;
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
  const isLate = r.isLate || r.stage === 'table';
  const kinds = fresh.map((i) => r.kindOf(i));
  // "In a small saucepan, whisk together the honey …".
  const before = r.parts[c.n - 1];
  const isSaidBefore =
    before?.sentence === sentence && OWN_PAN.test(before.text) && !r.linesIn(before.text).length;
  if (!isLate || !(OWN_PAN.test(text) || isSaidBefore) || hasMeat || !kinds.length) return false;
  const soon = r.parts.slice(c.n, c.n + BOUND_WITHIN + 1);
  // With what was in the pot it is the gravy, and the pot's own.
  const ofThePot = soon.findIndex((p) => WITH_THE_POTS.test(p.text));
  // "Whisk in the milk and 200 ml of the stock": a white sauce, let down with some of it.
  const isLetDown =
    ofThePot >= 0 &&
    soon
      .slice(0, ofThePot + 1)
      .flatMap((p) => r.linesIn(p.text))
      .some((i) => r.isToCome(i) && r.kindOf(i) === 'milk');
  if (ofThePot >= 0 && !isLetDown) return false;
  const coming = soon.flatMap((p) => r.linesIn(p.text)).filter((i) => r.isToCome(i));
  const comes = (of: readonly FoodKind[]): boolean => coming.some((i) => of.includes(r.kindOf(i)));
  const isBound = kinds.every((k) => [...BEGINS, ...BINDS].includes(k)) && comes(BINDS) && comes(LOOSENS);
  // "Put the honey, soy sauce and garlic in a small saucepan": a glaze that never sees the pot.
  const isGlaze =
    kinds.every((k) => SAUCY.includes(k)) &&
    kinds.some((k) => POURS.includes(k)) &&
    (kinds.length > 1 ||
      soon.slice(1).some((p) => GOES_ON.test(p.text) && r.linesIn(p.text).some((i) => r.isToCome(i))));
  // "In a small pan, sizzle the oil with the pepper and mint; drizzle over each bowl": never in the pot.
  const isTempering =
    kinds.length > 1 && kinds.some((k) => BEGINS.includes(k)) && kinds.every((k) => TEMPERED.includes(k));
  if (isTempering && !isBound && !isGlaze) {
    r.putBeside('fry', c, fresh).where = 'pan';
    return true;
  }
  if (!isBound && !isGlaze) return false;
  const act = r.putBeside('sauce', c, fresh);
  act.where = 'pan';
  act.minutes = null;
  return true;
}
