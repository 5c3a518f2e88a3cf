/** The verb of a clause, with what only the whole of the method can tell. */
import { type Act } from '../act';
import { type FoodKind } from '../../pantry/food';
import { STANDS } from '../board';
import { KINDS } from '../kinds';
import { isToClose } from '../lid';
import { DOUGHS } from '../products';
import { type Reading, type Clause } from '../reading';
import { verbOf } from '../verbOf';
import { withoutFoods, withoutMade, withoutNot } from '../wording';
import { VERBS_THAT } from '../data/verbs';
import { RACK, ON_IT } from './words';

const SAUCEPAN = /\bin (?:a|another) (?:\p{L}+ )?(?:saucepan|pan|pot)\b/iu;

const COATED = /\b(?:coat(?:ed)?|toss|turn|massage|rub)\b/i;

const INTO_A_BOWL =
  /\b(?:in|into|on|onto|to) (?:(?:a|an|another) )?(?:[\p{L}-]+ )?(?:bowl|bag|plate|dish|tray)\b/iu;

const IN_A_BOWL = /\b(?:bowl|bag|dish|tray)\b/i;

/** "Whisk the flour and baking powder; stir in the milk and butter": the same bowl of dough, and no pot. */
export function isSameBowl(r: Reading, { text, sentence, meant }: Clause, verb: string | null): boolean {
  const { last } = r;
  const fresh = meant.filter((i) => r.isToCome(i));
  const isGoingOn =
    last?.verb === 'mix' &&
    sentence.endsWith(last.words) &&
    last.lines.some((l) => r.kindOf(l.index) === 'flour') &&
    ['stirin', 'dairy', 'add'].includes(verb ?? '') &&
    fresh.length > 0 &&
    !fresh.some((i) => r.isMeat(i)) &&
    !INTO_WHAT_COOKS.test(text);
  if (!isGoingOn) return false;
  r.takeInto(last, fresh);
  r.nameWhatIsMade(last);
  return true;
}

export const INTO_WHAT_COOKS = /\b(?:pot|cooker|sauce|soup|stew|broth|gravy|pan|liquid|curry)\b/i;

const QUOTED = /(?<=\b(?:under|in|of|from) (?:the )?)['‘“"][^'’”"]{3,40}['’”"]/gu;

const IN_IT = /\b(?:toss|coat|turn|dip|roll|shake)\b.*\bin (?:it|this|that)\b/i;

const UNTIL_SOFT =
  /\buntil (?:\p{L}+ )?(?:soft\w*|tender|translucent|golden|limp|wilted|glassy|brown\w*)\b/iu;

const isVegetables = (r: Reading, { lines }: Act): boolean =>
  lines.length > 0 && lines.every((l) => SOFTENS.has(r.kindOf(l.index)));

const SOFTENS = new Set(['allium', 'aromatic', 'mushroom', 'slow-veg', 'root-veg', 'quick-veg', 'salt']);

/** Fat that is rubbed into flour makes a dough, whatever stands beside. */
const RUBBED_IN =
  /\brub\b.*\b(?:butter|fat|lard|suet|margarine)\b.*\binto\b.*\bflour\b|\brub\b.*\bflour\b.*\b(?:butter|lard|suet)\b/i;

/** So many clauses on, what was beaten together is spread over what it is for. */
const SOON = 4;

/** The verb of a clause, with what only the whole of the method can tell. */
export function verbTold(r: Reading, c: Clause): string | null {
  const { text, meant, sentence } = c;
  const told = verbOf({
    // "All that is listed under 'to cook the beef'": a name, and nothing to cook yet.
    text: withoutFoods(withoutMade(withoutNot(text.replace(QUOTED, ' ')), c.product?.name), r.lines),
    stage: r.stage,
    meant,
    lines: r.lines,
    last: r.last,
    wasTakenOut: r.acts.some((a) => a.run === r.run && VERBS_THAT.takeOut.has(a.verb)),
    isToCome: (i) => r.isToCome(i) || r.reserved.has(i),
    next: r.parts[c.n + 1]?.text ?? '',
    soon: r.parts.slice(c.n + 1, c.n + 1 + SOON).map((p) => p.text),
  });
  // "Let the paste sizzle": it was ground, and nothing of it pops.
  if (told === 'pop' && c.product) return 'soften';
  // "Season the flour and toss the beef in it": one coat.
  if (r.last?.verb === 'dredge' && r.stage === 'prep' && IN_IT.test(text) && meant.some((i) => r.isMeat(i)))
    return 'dredge';
  if (RUBBED_IN.test(text)) return 'mix';
  // "Cook, scraping up the browned bits, until softened", of the onions: nothing was poured in.
  if (told === 'deglaze' && UNTIL_SOFT.test(text) && !meant.length && r.last && isVegetables(r, r.last))
    return 'soften';
  // A sauce that is boiled down in a pan of its own, while the pot is closed or after.
  const isOfItsOwn =
    (told === 'thicken' || told === 'reduce') &&
    SAUCEPAN.test(text) &&
    meant.some((i) => r.isToCome(i) && ['syrup', 'sugar'].includes(r.kindOf(i)));
  if (isOfItsOwn) return 'simmer';
  // "Whisk the roux in by the spoonful": it thickens, wherever it was made.
  if (r.stage === 'after' && c.product?.name === 'roux' && told !== null) return 'thicken';
  // "Scatter the rice over the lamb", and another lid is to come: nothing goes to the table yet.
  const isBetweenLids = r.stage === 'after' && r.run < r.lids && isToClose(r, c.n);
  if (told === 'serve' && isBetweenLids && meant.some((i) => r.isToCome(i)))
    return OVER_IT.test(text) ? 'top' : 'add';
  // "Pour over the glaze", "toss in half of the glaze": the meat is coated with it.
  if (r.stage === 'after' && c.product?.name === 'glaze' && GOES_ONTO.has(told)) return 'coat';
  // A dough that is dropped on the stew lies on top and steams.
  if (r.stage === 'after' && c.product && DOUGHS.includes(c.product.name))
    return INTO_BROTH.test(text) ? 'simmer' : 'top';
  // "With the trivet in it, and stand the ribs on it": what stands on the rack is the meat.
  if (told === 'add' && meant.length > 0 && RACK.test(sentence) && ON_IT.test(text)) return 'rack';
  // The floor is clean by now: what is poured round the meat that went back is only poured.
  if (
    told === 'deglaze' &&
    r.last?.verb === 'return' &&
    r.has('deglaze') &&
    !/\b(?:scrap|deglaz|stuck|bits)/i.test(text)
  )
    return 'add';
  // "Add the beef and the bruised lemongrass, stir for 2 minutes": meat is turned, and never bloomed.
  if (told === 'bloom' && r.stage === 'open' && meant.some((i) => r.isRawMeat(i) && r.isToCome(i)))
    return 'brown';
  if (told === 'add' && isStirredApart(r, c)) return 'mix';
  const atBoard = onTheBoard(r, c, told);
  if (atBoard !== null) return atBoard;
  // What has not been in the pot cannot go back to it.
  // "Stir in the shrimp, lid on for 6 minutes": raw, and it goes in now.
  const isQuick =
    told === 'return' && r.stage === 'after' && meant.some((i) => r.kindOf(i) === 'seafood' && r.isToCome(i));
  if (isQuick) return 'stirin';
  const isNew =
    told === 'return' &&
    (r.stage === 'open' || r.stage === 'prep') &&
    meant.some((i) => r.isMeat(i) && (r.used.get(i) ?? 0) === 0);
  return isNew ? 'add' : told;
}

const GOES_ONTO: ReadonlySet<string | null> = new Set([null, 'stirin', 'glaze', 'mix', 'add', 'top']);

const OVER_IT = /\b(?:over|on top|scatter\w*|sprinkle\w*|strew\w*|top(?:ped)?)\b/i;

/** "Stir the soy, sugar and garlic together", and a later sentence pours the sauce over: a bowl beside, however hot the pot is. */
function isStirredApart(r: Reading, { n, text, sentence, meant }: Clause): boolean {
  const fresh = meant.filter((i) => r.isToCome(i));
  const poured = r.parts.slice(n + 1, n + 1 + POURED_WITHIN).find((p) => POURS_SAUCE.test(p.text));
  return (
    r.stage === 'open' &&
    fresh.length >= STIRRED_APART_FOODS &&
    !meant.some((i) => r.isMeat(i)) &&
    /^\W*(?:then |meanwhile,? )?(?:stir|mix|whisk|combine|beat)\b.*\btogether\b/i.test(text) &&
    !/\b(?:pot|cooker|pan|insert)\b/i.test(text) &&
    poured !== undefined &&
    poured.sentence !== sentence
  );
}

/** Two things may be stirred in the pot; so many are a sauce. */
const STIRRED_APART_FOODS = 3;

/** So soon after it, clauses. */
const POURED_WITHIN = 6;

const POURS_SAUCE =
  /\bpour (?:it |this )?(?:in|into|over)\b|\b(?:pour|add|tip|spoon|drizzle|stir|put)\w*\b.{0,40}\b(?:sauce|mixture|mix|marinade|dressing|glaze)\b|\bwith the (?:\p{L}+ )?(?:sauce|mixture|mix|glaze)\b/iu;

/** However it is put together in its bowl. */
const PUT_TOGETHER: ReadonlySet<string | null> = new Set([
  null,
  'mix',
  'add',
  'season',
  'dredge',
  'marinate',
  'top',
]);

/** So many clauses on it is told at most that it stands. */
const STANDS_WITHIN = 6;

const OF_THE_FIRE =
  /\b(?:pot|cooker|pan|insert|heat|hot|fry|saut[eé]\p{L}*|brown|sear|boil|simmer|lid|pressure|dough|flour)\b/iu;

/**
 * "Take the chicken in a bowl, add the yoghurt and the spices, mix, keep aside for an hour": raw meat, and all that comes to it before any
 * fire is lit, stands together. True of each of those clauses.
 */
function standsLater(r: Reading, n: number, meant: readonly number[]): boolean {
  if (r.stage !== 'prep' || !meant.length) return false;
  const isOfIt = (i: number): boolean => r.isRawMeat(i) && r.kindOf(i) !== 'ground-meat' && r.isToCome(i);
  const isBegun =
    r.last?.verb === 'marinate' &&
    r.last.minutes === null &&
    (r.last.words === r.parts[n]?.sentence || !STOOD.test(r.last.words));
  if (!meant.some(isOfIt) && !isBegun) return false;
  const now = r.parts[n]?.text ?? '';
  const then = r.parts.slice(n + 1, n + STANDS_WITHIN).map((p) => p.text);
  const at = STANDS.test(now) ? 0 : then.findIndex((t) => STANDS.test(t)) + 1;
  if (at === 0 && !STANDS.test(now)) return false;
  // "Salt the ribs. Put the chillies in a bowl, cover with boiling water and leave for a quarter of an hour": the chillies stand.
  const stood = r.parts.slice(n + 1, n + at + 1).findLast((p) => r.linesIn(p.text).length > 0);
  const isOfOthers = stood !== undefined && !r.linesIn(stood.text).some((i) => r.isRawMeat(i));
  if (isOfOthers && then.slice(0, at).some((t) => IN_WATER_FIRST.test(t))) return false;
  return ![now, ...then.slice(0, at)].some((t) =>
    OF_THE_FIRE.test(t.replace(/\b(?:hot|sweet) (?=paprika|sauce|chilli|curry)/gi, '')),
  );
}

const COVERS_IT = /^\W*(?:and |then )*(?:cover|submerge|pour (?:over|on))\b.*\bwater\b/i;

/** Water that something stands in. */
const IN_WATER_FIRST = /\bsoak\w*|\b(?:cover|pour|with|in)\b.*\bwater\b/i;

/** It has stood by now: what is put to it next is put in the pot. */
const STOOD = /\b(?:overnight|hours?|hrs?|fridge|refrigerat\w*|chill\w*)\b/i;

/** Noodles that are dropped into what boils, and no dumplings on a stew. */
const INTO_BROTH =
  /\b(?:in|into) (?:the |a )?(?:boiling|simmering|bubbling|hot) |\b(?:in|into) the (?:soup|broth)\b/i;

const KNEADED = /\bknead|\b(?:roll|form|shape)\b.*\b(?:balls?|patties|koft\w+|meatballs|burgers)\b/i;

/** Meat that is put together with what it is to taste of, before there is any pot: a marinade where it is left to stand, else a rub. */
function onTheBoard(r: Reading, { n, text, sentence, meant }: Clause, told: string | null): string | null {
  if (standsLater(r, n, meant) && PUT_TOGETHER.has(told)) return 'marinate';
  const isFirstMixed =
    r.last?.verb === 'mix' ||
    r.last?.verb === 'season' ||
    // "Mix the marinade, turn the pork in it".
    (r.last?.verb === 'marinate' && IN_IT.test(text)) ||
    (r.last?.verb === 'blend' && INTO_A_BOWL.test(text));
  // "Put the pork in a bowl to marinate, add the paste and the salt": still that bowl.
  if (
    r.stage === 'prep' &&
    r.last?.verb === 'marinate' &&
    r.last.minutes === null &&
    !STOOD.test(r.last.words) &&
    (told === 'add' || told === 'mix') &&
    meant.length > 0 &&
    !/\b(?:pot|cooker|pan)\b/i.test(text)
  )
    return 'marinate';
  // "Put the pork in a bowl, sprinkle with the rub and toss": nothing is in the pot yet.
  const then = r.parts.slice(n + 1, n + 3);
  if (
    r.stage === 'prep' &&
    told === 'add' &&
    meant.length > 0 &&
    meant.every((i) => r.isRawMeat(i)) &&
    INTO_A_BOWL.test(text) &&
    then.some((p) => /\b(?:sprinkle|toss|coat|season|rub|massage|turn)\b/i.test(p.text)) &&
    !then.some((p) => STANDS.test(p.text))
  )
    return 'season';
  // "Put the flour in a large bowl": no pot is near.
  if (
    r.stage === 'prep' &&
    told === 'add' &&
    meant.length > 0 &&
    !meant.some((i) => r.isMeat(i)) &&
    INTO_A_BOWL.test(text)
  )
    // "Put the dried chillies in a bowl, cover with boiling water".
    return then[0] &&
      !r.linesIn(then[0].text).some((i) => r.kindOf(i) !== 'water') &&
      COVERS_IT.test(then[0].text)
      ? 'soak'
      : 'mix';
  // "Add the mince and the egg, knead, and roll into balls": a bowl, and no pot.
  const isKneaded =
    r.stage === 'prep' &&
    told === 'add' &&
    meant.some((i) => r.kindOf(i) === 'ground-meat') &&
    r.parts.slice(n + 1, n + 3).some((p) => KNEADED.test(p.text));
  if (isKneaded) return 'mix';
  const isTogether =
    r.stage === 'prep' &&
    [null, 'mix', 'add', 'season'].includes(told) &&
    meant.some((i) => r.isRawMeat(i) && r.isToCome(i)) &&
    (isFirstMixed || meant.some((i) => !r.isMeat(i))) &&
    !/\b(?:pot|cooker|insert|liner)\b/i.test(text);
  if (!isTogether) return null;
  const next = r.parts[n + 1]?.text ?? '';
  // "Mix well. Cover and refrigerate": what is told of the same bowl before it stands.
  const bowl = r.parts.slice(n + 1, n + 6).map((p) => p.text);
  const stands = bowl.findIndex((t) => STANDS.test(t));
  const isCovered = stands > 0 && bowl.slice(0, stands).every((t) => IN_THE_BOWL.test(t));
  if (STANDS.test(text) || STANDS.test(next) || isCovered) return 'marinate';
  if (told === null) return null;
  // "Put the beef in a bowl with the salt and toss": there is no pot near.
  const isMince = meant.some((i) => r.kindOf(i) === 'ground-meat');
  // "Add the beef and the starch to a bag; shake".
  const isFloured = meant.some((i) => (KINDS.starch as readonly FoodKind[]).includes(r.kindOf(i)));
  if (INTO_A_BOWL.test(text) && isFloured && !isMince) return 'dredge';
  if (INTO_A_BOWL.test(text) && meant.some((i) => !r.isMeat(i))) return isMince ? 'mix' : 'season';
  const isTurned = COATED.test(text) || COATED.test(next) || IN_A_BOWL.test(`${r.last?.words} ${sentence}`);
  if (!isFirstMixed || !isTurned) return null;
  return r.last.lines.some((l) => ['flour', 'starch'].includes(r.kindOf(l.index))) ? 'dredge' : 'season';
}

/** Done to what is in a bowl while it waits to stand. */
const IN_THE_BOWL =
  /^\W*(?:and |then )?(?:cover|mix|toss|stir|turn|coat|massage|rub|add|tip in|pour (?:in|over))\b(?!.*\b(?:pot|cooker|pan)\b)/i;
