import { MEANWHILE, MEANWHILE_FIRST } from '../dish/beside';
import { timeNamed } from '../dish/pressure';
import type { FoodKind } from '../pantry/food';
import type { Act } from './act';
import { INTO_WHAT_COOKS, isSameBowl, verbTold } from './deeds/verb';
import { KINDS } from './kinds';
import { joined } from './merge';
import { type Reading, type Clause, untilTold } from './reading';
import { VERBS_THAT } from './data/verbs';
import { COMES_IN } from './wording';

/** "Meanwhile fry the mushrooms in butter": done in a pan or a bowl of its own while the pot is closed. */
export function meanwhile(r: Reading, c: Clause): boolean {
  const isToCloseAgain = r.run + 1 < r.lids && !MEANWHILE.test(c.sentence);
  if (r.stage !== 'closed' || !r.has('hold') || isToCloseAgain) return false;
  // "Meanwhile," before a comma: what is done meanwhile is told next.
  if (ONLY_MEANWHILE.test(c.text)) return true;
  // "Meanwhile make the dumplings: knead …": its name, and how is told next.
  if (r.run + 1 < r.lids && NAMES_WHAT.test(c.text) && r.parts[c.n + 1]?.sentence === c.sentence) return true;
  const { last } = r;
  const isBegun = last !== undefined && r.madeBeside === last;
  if ((!MEANWHILE.test(c.sentence) && !isBegun) || OPENS_IT.test(c.text)) return false;
  if (isBegun && comesIn(r, c, last)) return false;
  const isOfIt = (i: number): boolean =>
    last?.again.includes(i) === true || last?.lines.some((l) => l.index === i) === true;
  // "Make the dumplings. Mix the flour and suet": of that flour, whatever else is called so and has gone in.
  const isNameOfIt = (i: number): boolean =>
    !r.isToCome(i) && last?.verb === 'mix' && last.lines.some((l) => r.kindOf(l.index) === r.kindOf(i));
  const isGoingOn =
    isBegun &&
    c.meant.every((i) => isOfIt(i) || isNameOfIt(i)) &&
    // "Tip the stew into a dish": the pot is open by now.
    (c.meant.length > 0 || !OF_THE_DISH.test(c.text)) &&
    // "Roll into eight dumplings": what was mixed is shaped.
    !(last.verb === 'mix' && SHAPES_IT.test(c.text));
  // "…, season and set aside", "push it through a grater into boiling water. Drain": of what is beside the pot.
  if (isGoingOn && last.verb === 'mix' && BOILED_BESIDE.test(c.text)) {
    // "Push it through a grater into boiling salted water": what was mixed boils there.
    r.putBeside('boil', c, []).again = last.lines.map((l) => l.index);
    return true;
  }
  if (isGoingOn) {
    const minutes = timeNamed(c.text);
    // "Cook 3 more minutes".
    if (last.minutes !== null && minutes !== null && /\b(?:more|another|further)\b/i.test(c.text))
      last.minutes += minutes;
    else last.minutes ??= minutes;
    return true;
  }
  // "Drain and mash with the butter, milk and half the cheese": of what boils beside, and nothing for the sauce.
  if (isBegun && last.verb === 'boil' && MASHES.test(c.text)) {
    r.putBeside('mash', { ...c, meant: [...c.meant, ...last.lines.map((l) => l.index)] }, [
      ...c.meant,
      ...last.lines.map((l) => l.index),
    ]).where = 'pan';
    return true;
  }
  // "…, beat in the horseradish", of the mash.
  if (isBegun && last.verb === 'mash' && BEATEN_IN.test(c.text) && c.meant.some((i) => r.isToCome(i))) {
    r.takeInto(last, c.meant);
    return true;
  }
  if (isBegun && last.verb === 'mix' && intoTheDough(r, c, last)) return true;
  // "…, and shape into 8 dumplings": still beside the closed pot.
  if (isBegun && last.verb === 'mix' && c.sentence === r.parts[c.n - 1]?.sentence && SHAPES_IT.test(c.text)) {
    r.putBeside('shape', c, []).again = last.lines.map((l) => l.index);
    return true;
  }
  if (isBegun && FRIES_BESIDE.has(last.verb) && intoTheSkillet(r, c, last)) return true;
  if (!MEANWHILE.test(c.sentence)) return false;
  r.stage = 'after';
  r.run++;
  const toldVerb = verbTold(r, c);
  const told = c.text.replace(MEANWHILE_FIRST, ' ').trim();
  // "Simmer the parsnips in the milk": vegetables cook in it, and none of it is for the sauce.
  const isInMilk =
    toldVerb === 'dairy' &&
    /\b(?:simmer|boil|cook|poach)\b/i.test(c.text) &&
    c.meant.some((i) => VEGETABLES.includes(r.kindOf(i)));
  // "Mix the cabbage, carrots and mayonnaise for the slaw": a bowl.
  const isInBowl =
    PUT_TOGETHER.has(toldVerb ?? '') &&
    MIXES.test(told) &&
    !INTO_WHAT_COOKS.test(c.text) &&
    c.meant.filter((i) => r.isToCome(i)).length > 1 &&
    !c.meant.some((i) => r.isRawMeat(i));
  // "Meanwhile grind the coconut and cashews": a paste of its own, and no sauce that is blended.
  const isGround = toldVerb === 'blendafter' && c.meant.some((i) => r.isToCome(i));
  const byItsWord = BY_ITS_WORD.find(([words]) => words.test(told))?.[1];
  const isWordless = toldVerb === null || toldVerb === 'stirin' || toldVerb === 'serve';
  const verb = isInMilk
    ? 'simmer'
    : isInBowl
      ? 'mix'
      : isGround
        ? 'blend'
        : isWordless
          ? (byItsWord ?? toldVerb)
          : toldVerb;
  const isSame = isBegun && isSameBowl(r, c, verb);
  const isBeside = isSame || (verb !== null && BESIDE_IT.has(verb) && c.meant.some((i) => r.isToCome(i)));
  if (isBeside && verb !== null && !isSame) {
    const act = r.put(verb, 'closed', c, c.meant);
    act.where = VERBS_THAT.makeOneThing.has(verb) ? 'pot' : 'pan';
  }
  r.stage = 'closed';
  r.run--;
  return isBeside;
}

/** What was made beside comes into the pot: "drop in the dumplings", "when the pin has dropped, tip them in". */
function comesIn(r: Reading, c: Clause, made: Act): boolean {
  if (isOpenBy(r, c) || SERVED.test(c.text)) return true;
  if (MEANWHILE.test(c.sentence) || made.words.endsWith(c.sentence)) return false;
  // A dough is not boiled in its bowl.
  if (made.verb === 'mix' && !c.meant.length && HEATS.test(c.text) && !BOILED_BESIDE.test(c.text))
    return true;
  if (STREWN.test(c.text) && c.meant.length > 0 && c.meant.every((i) => !r.isToCome(i))) return true;
  // What is fresh goes into the pan; what was toasted or soaked there comes in with this.
  const isMade = (i: number): boolean => !r.isToCome(i) || made.again.includes(i);
  const isOfThePot = c.meant.length > 0 ? c.meant.some(isMade) : INTO_THE_POT.test(c.text);
  return COMES_IN.test(c.text) && !OF_ITS_OWN_PAN.test(c.text) && isOfThePot;
}

/** True where the words before this clause, or its own, say that the pot is open by now. */
const isOpenBy = (r: Reading, { text, n }: Clause): boolean =>
  OPEN_BY_NOW.test(text) ||
  (OPEN_BY_NOW.test(r.parts[n - 1]?.text ?? '') && !MEANWHILE.test(r.parts[n]?.sentence ?? ''));

const SERVED = /^\W*(?:and |then |to )*(?:serve|ladle|eat|dish up|taste)\b(?! (?:it|them) (?:in|on)\b)/i;
const OPEN_BY_NOW =
  /^\W*(?:and |then |now )*(?:when|once|after|as soon as) (?:the |all the |it |your )*(?:pin|valve|pressure|steam|lid|pot|cooker|cooking|timer|release)\b.*\b(?:drop\w*|down|out|off|gone|open\w*|released?|fall\w*|fallen|unlock\w*|done|up|over)\b|^\W*(?:and |then )*(?:open|unlock|take off the lid|remove the lid|lid off)\b/i;
const STREWN =
  /^\W*(?:and |then |finally,? )*(?:top|scatter|crumble|strew|sprinkle|garnish|finish|spoon|pile)\b/i;
const HEATS = /^\W*(?:and |then )*(?:simmer|boil|cook|cover and (?:simmer|cook)|poach)\b/i;
const BOILED_BESIDE =
  /\b(?:salted|boiling|separate|another|large|own) (?:\p{L}+ )?(?:water|pan|pot|saucepan)\b/iu;
const INTO_THE_POT =
  /\b(?:pot|cooker|stew|sauce|soup|broth|curry|meat|chicken|beef|lamb|pork|gravy|casserole)\b/i;
const OF_ITS_OWN_PAN =
  /\b(?:pan|skillet|bowl|saucepan|oven|tray|plate|fridge|blender|processor|jug|(?:boiling|salted|cold|iced?) water|aside|to (?:the )?(?:dough|batter|mixture|dressing|flour|paste))\b/i;

/** What is a deed of its own beside a closed pot, and says nothing where the pot is open. */
const BY_ITS_WORD: readonly (readonly [RegExp, string])[] = [
  [/^\W*(?:\p{L}+ )?toast\b/iu, 'toast'],
  [/^\W*(?:\p{L}+ )?(?:steam|cook|microwave)\b/iu, 'boil'],
];

const SHAPES_IT = /^\W*(?:and |then )*(?:roll|form|shape|divide|mould|mold)\b/i;
const OF_THE_DISH =
  /\b(?:tip|transfer|spoon|ladle|pour|bake)\b.*\b(?:stew|curry|chilli|ragu|filling|dish|oven|\d{3} ?°?[CF]?)\b/i;
const MASHES = /^\W*(?:and |then |drain,? (?:and )?)*(?:mash|crush|rice|beat)\b/i;
const BEATEN_IN =
  /^\W*(?:and |then )*(?:beat|stir|fold|mix|whip|season)\b(?!.*\b(?:pot|stew|sauce|casserole|curry)\b)/i;
const PUT_TOGETHER: ReadonlySet<string> = new Set(['stirin', 'dairy', 'wilt', 'coat']);
const MIXES = /^\W*(?:mix|toss|combine|whisk|stir|beat|dress|make|mash)\b/i;
const VEGETABLES: readonly FoodKind[] = [
  'root-veg',
  'slow-veg',
  'quick-veg',
  'allium',
  'mushroom',
  'pulse-cooked',
];

/** In a pan of its own, beside the closed pot. */
const FRIES_BESIDE: ReadonlySet<string> = new Set(['fry', 'soften', 'brown', 'toast']);
const GOES_INTO_THE_PAN =
  /^\W*(?:and |then )*(?:add|tip in|stir in|throw in|toss in|cook|fry|saut[eé]|season|sprinkle|turn|stir)\b/i;
const OF_ANOTHER_PLACE =
  /\b(?:pot|cooker|lid|valve|open|stew|sauce|soup|broth|curry|return|back|serve|release|vent)\b/i;
/** What is fried for a stew, beside it. */
const FRIED_BESIDE: readonly FoodKind[] = [
  ...KINDS.fat,
  ...KINDS.aromatic,
  ...KINDS.spice,
  'quick-veg',
  'slow-veg',
  'root-veg',
  'herb-soft',
  'herb-woody',
  'salt',
  'sugar',
  'cured-meat',
  'nut',
  'bread',
];

/** "Melt the butter in a skillet. Add the mushrooms and cook 8 minutes; add the small onions": one frying beside the closed pot. */
function intoTheSkillet(r: Reading, { meant, text, sentence }: Clause, pan: Act): boolean {
  const fresh = meant.filter((i) => r.isToCome(i));
  const isItsOwn =
    pan.where === 'pan' &&
    GOES_INTO_THE_PAN.test(text) &&
    !OF_ANOTHER_PLACE.test(text) &&
    !meant.some((i) => r.isRawMeat(i));
  if (!isItsOwn || !fresh.every((i) => FRIED_BESIDE.includes(r.kindOf(i)))) return false;
  r.takeInto(pan, fresh);
  const minutes = timeNamed(text);
  if (minutes !== null) pan.minutes = (pan.minutes ?? 0) + minutes;
  const { until } = untilTold(text);
  if (until) pan.until = until;
  pan.words = joined(pan.words, sentence);
  return true;
}

/** What makes a dough of flour. */
const WETS_DOUGH: readonly FoodKind[] = [
  ...KINDS.fat,
  'milk',
  'cream',
  'sour-dairy',
  'egg',
  'water',
  'salt',
  'sugar',
  'cheese',
  'herb-soft',
  'other',
];

/** "Stir in the milk and the melted butter", of flour that was whisked beside the closed pot: the same bowl. */
function intoTheDough(r: Reading, { meant, text }: Clause, dough: Act): boolean {
  const fresh = meant.filter((i) => r.isToCome(i));
  const isWet = fresh.length > 0 && fresh.every((i) => WETS_DOUGH.includes(r.kindOf(i)));
  if (!isWet || INTO_WHAT_COOKS.test(text) || !dough.lines.some((l) => r.kindOf(l.index) === 'flour'))
    return false;
  r.takeInto(dough, fresh);
  r.nameWhatIsMade(dough);
  return true;
}

/** "While the chilli cooks," with what is done told behind the comma. */
const NAMES_WHAT =
  /^\W*(?:in the meantime|meanwhile|while (?:it|that|this|the \p{L}+)(?:['’]s| is)? \p{L}+),? (?:make|prepare) (?:the|a|an|some|your) (?:\p{L}+ ){0,2}\p{L}+\W*$/iu;
const ONLY_MEANWHILE = new RegExp(
  `${MEANWHILE_FIRST.source}(?: (?:away|on|through|in the pot|under pressure|to pressure))?\\W*$`,
  'iu',
);

const OPENS_IT = /\b(?:open|lid off|into the pot|in the pot|to the pot)\b/i;

/** Cooked or made apart from the pot. */
const BESIDE_IT: ReadonlySet<string> = new Set([
  'soak',
  'steep',
  'blanch',
  'fry',
  'soften',
  'boil',
  'simmer',
  'mix',
  'toast',
  'blend',
  'bake',
  'grill',
  'brown',
]);
