import { timeNamed } from '../dish/pressure';
import type { Act } from './act';
import type { FoodKind } from '../pantry/food';
import { type ScriptLine } from './line';
import { cookedApartFor } from './apart';
import { linesNamed } from './align';
import { meansEverything } from './groups';
import { STANDS } from './board';
import { inferVerb } from './inferVerb';
import { KINDS } from './kinds';
import { isToClose } from './lid';
import { joined } from './merge';
import { PARTS } from './portions';
import { DOUGHS } from './products';
import { type Reading, type Clause, untilTold } from './reading';
import { verbOf } from './verbOf';
import { splashTold, withoutFoods, withoutMade, withoutNot } from './wording';
import { VERBS_THAT } from './data/verbs';

/** What may be left undone. */
const OPTIONAL =
  /\bif (?:(?:you|u|ya)(?:'d|’d)? (?:like|want|prefer|wish|wanna)|needed|necessary|desired|liked|wanted|(?:the |your )?(?:gravy|sauce|it|stew|curry)(?: (?:is|looks|seems)|['’]s) (?:still |too |a bit |a little |very )*(?:thin|watery|runny|loose|liquid))\b|\boptional(?:ly)?\b/i;

const BESIDE =
  /\b(?:wide|frying|large|separate|heavy|deep|another|an?|your) (?!pressure\b)(?:(?!pressure|sheet|baking|roasting|oven|grill|broiler|foil)\p{L}+ )?(?<!(?:sheet|baking|roasting|grill|broiler) )(?:pan|skillet)\b|\bskillet\b/iu;

const SAUCEPAN = /\bin (?:a|another) (?:\p{L}+ )?(?:saucepan|pan|pot)\b/iu;

const COATED = /\b(?:coat(?:ed)?|toss|turn|massage|rub)\b/i;

const INTO_A_BOWL =
  /\b(?:in|into|on|onto|to) (?:(?:a|an|another) )?(?:[\p{L}-]+ )?(?:bowl|bag|plate|dish|tray)\b/iu;

const IN_A_BOWL = /\b(?:bowl|bag|dish|tray)\b/i;

const RACK = /\b(?:rack|trivet|steamer basket)\b/i;

const ON_IT = /\b(?:on|in) (?:it|there|this|top of it)\b/i;

const OTHER_PAN = /\b(?:small|separate|another|second|other|dry) (?:frying )?(?:pan|skillet)\b/i;

/** Water that is for a slurry and not for the pot, g. Source: two to six tablespoons; spread 30 %. */
const SLURRY_WATER_G = 100;

const FAT_AGAIN =
  /\b(?:heat|warm|put|add|melt|pour)\b.{0,24}\b(?:oil|ghee|butter)\b(?!.*\b(?:small|separate|another) (?:pan|skillet)\b)/i;

/** Whatever else is done, in the pot or beside it. */
export function deed(r: Reading, c: Clause): boolean {
  const { text, meant } = c;
  if (/\bserve[sd]?\b/i.test(text) && r.stage === 'after') r.stage = 'table';
  // Between two lids oil is heated again: from here on it is an open pot, and nothing is held back for the end.
  if (r.stage === 'after' && r.run < r.lids && FAT_AGAIN.test(text)) r.stage = 'open';
  // What is told for the hob is cooked in its one pan: here that is the pot.
  const isBeside = BESIDE.test(text) && (r.isForPressure || OTHER_PAN.test(text));
  if (r.stage === 'after' || /\bpot|cooker\b/i.test(text)) r.where = 'pot';
  else if (isBeside) r.where = 'pan';
  const verb = verbTold(r, c);
  if (isSameBowl(r, c, verb)) return true;
  // "Boil off the rest if you like": it is the spoon that decides, and the clock counts nothing.
  if (
    (verb === 'reduce' || verb === 'simmer' || verb === 'thicken') &&
    OPTIONAL.test(text) &&
    !meant.some((i) => r.isToCome(i))
  )
    return true;
  // "Drain and toss with the sauce and half the cheese": what was boiled beside comes in, and then the cheese.
  const drained = verb === 'stirin' || verb === 'dairy' || verb === null ? cookedApartFor(r, c) : [];
  if (drained.length) {
    r.put('stirin', r.stage, c, drained);
    const others = meant.filter((i) => !drained.includes(i));
    if (others.some((i) => r.isToCome(i))) done(r, { ...c, meant: others }, verb ?? 'stirin');
    return true;
  }
  if (turnsWhite(r, c, verb)) return true;
  if (friesOn(r, c, verb)) return true;
  // "Toss in the sauce", that was made in a small pan: meat from the grill, and nothing of the pot.
  if (
    r.stage === 'after' &&
    r.last &&
    FROM_FIRE.has(r.last.verb) &&
    IN_THE_SAUCE.test(text) &&
    r.acts.some((a) => a.verb === 'sauce')
  ) {
    r.put('coat', r.stage, c, []);
    return true;
  }
  // "Put the potatoes in the basket and set it over the chicken": it is said twice.
  if (r.last?.verb === 'rack' && verb === 'add' && SET_OVER.test(text) && !meant.some((i) => r.isToCome(i)))
    return true;
  if (verb === null) goesOn(r, c);
  // "Shape into balls and drop onto the stew": what was shaped.
  else if (verb === 'stirin' && r.last?.verb === 'shape' && !meant.length && ON_THE_STEW.test(text))
    r.put('top', r.stage, c, r.madeLast());
  // "Stir in a ladle of the hot sauce": nothing new comes in, and what was done before goes on.
  else if (verb === 'stirin' && r.stage !== 'open' && !meant.length) return true;
  else if (verb === 'brown' && !meant.some((i) => r.isMeat(i))) brownUnnamed(r, c);
  else done(r, inHand(r, c, verb), verb);
  return true;
}

/** "Add the chicken, season with fish sauce and stir until it turns white": in the hot base, and it is sealed there. */
function turnsWhite(r: Reading, c: Clause, verb: string | null): boolean {
  if (r.stage !== 'open' || ![null, 'brown', 'soften', 'add'].includes(verb) || !TURNS_WHITE.test(c.text))
    return false;
  if (c.meant.some((i) => r.isToCome(i))) return false;
  const at = r.acts.findLastIndex(
    (a) =>
      a.verb === 'add' &&
      a.stage === 'open' &&
      c.sentence.endsWith(a.words) &&
      a.lines.some((l) => r.isRawMeat(l.index)),
  );
  const put = r.acts[at];
  const wasHot = r.acts.slice(0, at).some((a) => a.stage === 'open' && VERBS_THAT.leaveHeat.has(a.verb));
  const isWet = (i: number): boolean => POURED_OVER.includes(r.kindOf(i));
  if (!put || !wasHot || r.acts.slice(at).some((a) => a.lines.some((l) => isWet(l.index)))) return false;
  put.verb = 'brown';
  put.minutes ??= timeNamed(c.text);
  const { until } = untilTold(c.text);
  if (until) put.until = until;
  return true;
}
const POURED_OVER: readonly FoodKind[] = ['water', 'stock', 'wine', 'beer', 'coconut-milk', 'juice'];
const TURNS_WHITE =
  /\b(?:stir|turn|toss|fry|cook|mix|saut[eé])\w*\b.*\b(?:white|opaque|sealed|coloured|no longer pink|changes? colou?r|lost? (?:its|their) pink)/i;

/** "Heat the oil in a pan. Add the shallots and sauté until browned", once the pot is open: the pan goes on. */
function friesOn(r: Reading, c: Clause, verb: string | null): boolean {
  const { last } = r;
  const before = r.acts.at(-2);
  const isOfPan = r.stage === 'after' && [null, 'simmer', 'soften', 'fry', 'brown'].includes(verb);
  if (!isOfPan || !FRIES.test(c.text) || c.meant.some((i) => r.isMeat(i) || r.isToCome(i))) return false;
  if (last?.verb !== 'stirin' || before?.verb !== 'fry' || last.lines.some((l) => r.isMeat(l.index)))
    return false;
  last.verb = 'fry';
  last.minutes ??= timeNamed(c.text);
  const { until } = untilTold(c.text);
  if (until) last.until = until;
  return true;
}
const SET_OVER =
  /^\W*(?:and |then )*(?:set|put|place|lower|sit|balance|rest) (?:it|this|that|the basket|the steamer)\b/i;
const FROM_FIRE: ReadonlySet<string> = new Set(['grill', 'bake', 'fry']);
const IN_THE_SAUCE =
  /^\W*(?:and |then )*(?:toss|coat|turn|dunk|roll|smother)\b.*\b(?:in|with) (?:the |that |your )?(?:warm |hot |sticky )?(?:sauce|glaze)\b/i;
const FRIES = /\b(?:fry|frying|saut[eé]\p{L}*|brown\p{L}*|golden|crisp)\b/iu;

/** A clause with what only the hands know: the meat that is on skewers, the peppers that are stuffed, the bottle of sauce. */
const inHand = (r: Reading, c: Clause, verb: string): Clause =>
  [colouredAlone, renderedAlone, stuffedAlone, coatedAlone].reduce((told, way) => way(r, told, verb), c);

/** "Coat with the sauce", of a list with one bottle of it that is still full. */
function coatedAlone(r: Reading, c: Clause, verb: string): Clause {
  if (
    verb !== 'coat' ||
    c.meant.some((i) => !r.isMeat(i)) ||
    !/\b(?:the|with|in) (?:sauce|glaze)\b/i.test(c.text)
  )
    return c;
  const bottles = r.lines.flatMap(({ read }, i) =>
    /\b(?:sauce|glaze)$/i.test(read.foodText) && read.food?.kind === 'thick-sauce' && !r.used.has(i)
      ? [i]
      : [],
  );
  return bottles.length === 1 ? { ...c, meant: [...c.meant, ...bottles] } : c;
}

/** "Cut the tops off the peppers and stuff with the mixture": what is stuffed is the peppers, and what was mixed is in them. */
function stuffedAlone(r: Reading, c: Clause, verb: string): Clause {
  const hollowed = [...c.meant, ...r.linesIn(c.sentence)].filter((i) => r.canBeHollowed(i, c.product));
  if (verb !== 'stuff' || !c.product || !hollowed.length || c.meant.some((i) => r.isRawMeat(i))) return c;
  return { ...c, meant: [...new Set(hollowed)], product: undefined, staysOnBoard: true };
}

const ON_THE_STEW =
  /\b(?:drop|sit|place|put|lay|arrange|dot|float|lower|slide)\b.*\b(?:on|onto|on top of|over|in|into)\b/i;

/** "Thread the chicken on skewers and grill for ten minutes": what was last in hand. */
function colouredAlone(r: Reading, c: Clause, verb: string): Clause {
  if ((verb !== 'roast' && verb !== 'char') || c.meant.length > 0) return c;
  return { ...c, meant: r.lastNamed.filter((i) => r.isToCome(i) || r.last?.again.includes(i)) };
}

/** "Lay skin side down in the cold pot": the meat that was made ready on the board is what renders. */
function renderedAlone(r: Reading, c: Clause, verb: string): Clause {
  if (verb !== 'render' || c.meant.length > 0 || r.stage === 'after') return c;
  const onBoard = r.acts.filter((a) => VERBS_THAT.areOfTheBoard.has(a.verb)).flatMap((a) => a.again);
  const meats = [...new Set(onBoard)].filter((i) => r.isRawMeat(i) && r.isToCome(i));
  return meats.length ? { ...c, meant: meats } : c;
}

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

/** No verb is told: what is meant is inferred from the foods, or belongs to what was told before. */
function goesOn(r: Reading, c: Clause): void {
  const { n, text, sentence, meant, product } = c;
  const inferred = inferVerb(
    text,
    r.stage,
    meant.filter((i) => r.isToCome(i)),
    r.lines,
    r.last,
    r.parts[n + 1]?.sentence === sentence ? r.parts[n + 1]?.text : '',
  );
  if (inferred !== null) {
    if (r.stage === 'prep') r.stage = 'open';
    const verb = inferred === 'add' && RACK.test(sentence) && ON_IT.test(text) ? 'rack' : inferred;
    r.put(verb, r.stage, { n, text, sentence, meant, named: meant, product: undefined }, meant);
    return;
  }
  const before = r.last;
  if (!before) return;
  // "Then the paste, 8 minutes": what was blended beside is fried now.
  if (product && r.stage === 'open' && VERBS_THAT.leaveHeat.has(before.verb)) {
    r.put('soften', r.stage, c, meant);
    return;
  }
  const isHere = before.stage === r.stage;
  if (isHere) before.minutes ??= timeNamed(text);
  const { until } = untilTold(text);
  if (isHere && until && before.until === undefined) before.until = until;
  const isBoard = VERBS_THAT.areOfTheBoard.has(before.verb);
  const fresh = meant.filter((i) => r.isToCome(i) && !(isBoard && r.isMeat(i)));
  // A sentence that goes on belongs to what it goes on to.
  const isUnended = r.parts[n + 1]?.sentence === sentence;
  if (isHere && !isUnended) before.words = joined(before.words, sentence);
  if (before.stage === 'closed') return;
  r.takeInto(before, fresh);
  if (fresh.length) r.nameWhatIsMade(before);
}

/** "Brown hard": the meat that is not in yet; "add the mushrooms and brown them": they, and no meat that is still to come. */
function brownUnnamed(r: Reading, c: Clause): void {
  const isInThePot = r.last?.stage === 'open' && !VERBS_THAT.areOfTheBoard.has(r.last.verb);
  const isOther = r.lastNamed.length > 0 && !r.lastNamed.some((i) => r.isMeat(i));
  if (r.stage === 'prep') r.stage = 'open';
  const isLook = /\b(?:it|them)\b|\buntil .{0,24}\bbrown/i.test(c.text);
  // "Add the chicken and half the seasoning; brown 4 minutes": what was put in just now, and no prawns that come later.
  const isJustIn =
    r.last?.verb === 'add' &&
    r.last.lines.some((l) => r.isRawMeat(l.index)) &&
    r.last.words === c.sentence &&
    !c.meant.some((i) => r.isToCome(i));
  if (isJustIn && r.last) {
    r.last.verb = 'brown';
    r.last.minutes ??= timeNamed(c.text);
    const { until } = untilTold(c.text);
    if (until) r.last.until = until;
    return;
  }
  if (isInThePot && isLook && isOther) {
    r.put('soften', r.stage, c, c.meant);
    return;
  }
  const all = r.lines.map((_, i) => i).filter((i) => r.isMeat(i) && r.isToCome(i));
  // What was made ready on the board is what is browned; a ham that is added later is not.
  const onBoard = r.acts.filter((a) => VERBS_THAT.areOfTheBoard.has(a.verb)).flatMap((a) => a.again);
  const raw = all.filter((i) => r.isRawMeat(i));
  const toCome = [all.filter((i) => onBoard.includes(i)), raw, all].find((some) => some.length > 0) ?? [];
  r.put('brown', r.stage, c, [...c.meant, ...toCome]);
}

/** What is drained on the board and never fried by a word alone. */
const DRIED: ReadonlySet<FoodKind> = new Set(['pulse-dry', 'pulse-cooked', 'grain', 'pasta']);

/** What something is soaked in. */
const WETS: readonly FoodKind[] = ['water', 'milk', 'stock', 'sour-dairy'];

/** What nobody can take out again. */
const DISSOLVED: ReadonlySet<FoodKind> = new Set([
  'spice-ground',
  'spice-late',
  'salt',
  'sugar',
  'flour',
  'starch',
]);

const IS_PRONOUN = /\b(?:it|them|these)\b/i;

/** What stays in the pot when everything is taken out. */
const POURED_KINDS: ReadonlySet<FoodKind> = new Set([
  ...KINDS.thin,
  ...KINDS.fat,
  'syrup',
  'mustard',
  'thick-sauce',
  'salty-sauce',
  'tomato-thick',
]);

/** A strip of peel comes out as it went in. */
const isDissolved = (r: Reading, i: number): boolean =>
  DISSOLVED.has(r.kindOf(i)) && !/\b(?:peel|strips?|rind|pared)\b/i.test(r.lines[i]?.read.text ?? '');

/** After which "grind it to a powder" needs no word of what. */
const MADE_FOR_GRINDING: ReadonlySet<string> = new Set([
  'toast',
  'soak',
  'pop',
  'bloom',
  'soften',
  'roast',
  'char',
]);

/** An act with a verb of its own. */
function done(r: Reading, c: Clause, verb: string): void {
  const { text } = c;
  const next = r.parts[c.n + 1]?.text ?? '';
  const isShapedNext = /\b(?:roll|form|shape|make|divide)\b/i.test(next);
  const isAll =
    verb === 'mix' && r.stage === 'prep' && !isShapedNext && /\b(?:ingredients|everything)\b/i.test(text);
  const named = isAll ? new Set(linesNamed(next, r.lines, r.pantry)) : undefined;
  const inDough = new Set(
    r.acts.flatMap((a) =>
      a.verb === 'mix' && a.lines.some((l) => r.kindOf(l.index) === 'flour')
        ? a.lines.map((l) => l.index)
        : [],
    ),
  );
  // "Move everything to a platter": what pours stays in the pot.
  const isLiftedWithAll = verb === 'liftout' && meansEverything(text) && r.stage !== 'prep';
  const meant = c.meant.filter((i) =>
    verb === 'liftout'
      ? !isDissolved(r, i) && !inDough.has(i) && !(isLiftedWithAll && POURED_KINDS.has(r.kindOf(i)))
      : // "Combine the marinade ingredients, add the chicken": it comes with the second.
        !(named?.has(i) && r.isRawMeat(i)),
  );
  // "Take out the pepper": the chilli that was in whole, and no ground one.
  if (verb === 'liftout' && !meant.length && c.meant.length > 0 && r.linesIn(text).length > 0) {
    const whole = r.lines.map((_, i) => i).filter((i) => !r.isToCome(i) && isWholeChilli(r.lines[i]));
    if (!whole.length) return;
    meant.push(...whole);
  }
  // "Brown the slices on both sides, take them out": those, and not the onions that were cut before.
  if (
    verb === 'liftout' &&
    r.last?.verb === 'brown' &&
    meant.length > 0 &&
    !r.linesIn(text).length &&
    IS_PRONOUN.test(text)
  )
    meant.splice(0);
  // "Fry the lardons. Remove with a slotted spoon": what was fried last.
  const isFriedLast = r.stage === 'open' && ['render', 'soften'].includes(r.last?.verb ?? '');
  // "Brown the chicken; onto the plate with the sausage", which is there: what was browned last.
  const isBesideIt =
    verb === 'liftout' &&
    r.last?.verb === 'brown' &&
    /\bwith the\b/i.test(text) &&
    meant.length > 0 &&
    meant.every((i) => isOutAlready(r, i));
  if (isBesideIt)
    meant.splice(
      0,
      meant.length,
      ...(r.acts.findLast((a) => a.verb === 'brown' && a.lines.some((l) => r.isMeat(l.index)))?.lines ?? [])
        .map((l) => l.index)
        .filter((i) => r.isMeat(i)),
    );
  const isPart = PARTS.some(([words]) => words.test(text));
  if (verb === 'liftout' && !c.meant.length && isFriedLast && !isPart)
    meant.push(
      ...(r.last?.lines ?? []).map((l) => l.index).filter((i) => !r.isFat(i) && !DISSOLVED.has(r.kindOf(i))),
    );
  if (verb === 'return' && r.stage === 'after') keepTakenOut(r, meant);
  const before = r.last;
  // "Remove. Set aside": taken out once.
  const isOut = before?.verb === 'liftout' && before.stage === r.stage && before.run === r.run;
  if (verb === 'liftout' && isOut && !meant.length) {
    before.words = joined(before.words, c.sentence);
    return;
  }
  const taken = PARTS.find(([words]) => words.test(text))?.[1];
  // "Fry until brown. Take out half": of what went in before it was told to fry, and none of its spice.
  const half =
    verb === 'liftout' && !meant.length && taken !== undefined
      ? (r.acts.findLast((a) => a.run === r.run && a.lines.length > 0) ?? r.last)
      : undefined;
  const isHalved = (i: number): boolean =>
    !r.isFat(i) && !DISSOLVED.has(r.kindOf(i)) && !/^(?:spice|herb)/.test(r.kindOf(i));
  if (half)
    for (const line of half.lines.filter((l) => isHalved(l.index))) {
      line.share = 1 - (taken ?? 0);
      r.used.set(line.index, line.share);
    }
  if (r.stage === 'prep' && VERBS_THAT.needThePot.has(verb)) r.stage = 'open';
  // "Chop the onions. Heat the oil and fry until soft": what was cut is what is fried.
  const cut =
    verb === 'soften' && meant.every((i) => r.isFat(i))
      ? [...r.waiting].filter((i) => !r.isMeat(i) && !r.used.has(i) && !DRIED.has(r.kindOf(i)))
      : [];
  // "Season the beef": with the salt and pepper of the list, where no other sentence names them.
  // "Combine the sugar and all the spices": the salt of the list is one of them.
  const isRub = r.stage === 'prep' && RUBS.has(verb) && /\b(?:spices|seasonings?)\b/i.test(text);
  const isSalted = isRub || (verb === 'season' && meant.every((i) => r.isMeat(i)));
  const salts = isSalted ? saltOfTheList(r, c.n) : [];
  const water = verb === 'thicken' ? slurryWater(r, c) : [];
  // "Toast the chillies, then cover with boiling water": what is soaked is what was toasted.
  const soaked =
    verb === 'soak' && r.last?.verb === 'toast' && meant.every((i) => r.kindOf(i) === 'water')
      ? [...r.last.lines.map((l) => l.index), ...r.last.again]
      : [];
  // "Tear the bread and soak in the milk": what was torn.
  const inMilk =
    verb === 'soak' && meant.length > 0 && meant.every((i) => WETS.includes(r.kindOf(i)))
      ? r.linesIn(c.sentence).filter((i) => r.waiting.has(i) && r.isToCome(i) && !r.isMeat(i))
      : [];
  // "Soak the ribs. Drain and rinse": what was on the board last.
  const rinsed =
    verb === 'rinse' && !meant.length && r.last && VERBS_THAT.areOfTheBoard.has(r.last.verb)
      ? [...r.last.again, ...r.last.lines.map((l) => l.index)].filter((i) => r.isMeat(i))
      : [];
  // "Roast the spices. Cool and grind": what was roasted.
  const ground =
    verb === 'blend' && !meant.length && r.last && MADE_FOR_GRINDING.has(r.last.verb)
      ? [...r.last.lines.map((l) => l.index), ...r.last.again].filter((i) => !r.isMeat(i) && !r.isFat(i))
      : [];
  // "Take the chicken out, pat it dry. Heat oil in a pan and fry until crisp": what stands on the plate.
  const onPlate =
    verb === 'fry' && r.stage === 'after' && meant.length > 0 && meant.every((i) => r.isFat(i))
      ? (r.acts.findLast((a) => a.run === r.run && VERBS_THAT.takeOut.has(a.verb))?.again ?? []).filter((i) =>
          r.isMeat(i),
        )
      : [];
  const put = r.put(verb, r.stage, c, [
    ...onPlate,
    ...new Set([...meant, ...inMilk, ...cut, ...salts, ...water, ...soaked, ...rinsed, ...ground]),
  ]);
  // "Cook the lardons until crisp; scoop out": what is taken out is what was cooked last.
  const isUntold = verb === 'liftout' && !meant.length && !half && r.stage === 'open';
  const fried = (isUntold ? before?.lines : undefined)?.map((l) => l.index) ?? [];
  const meats = fried.filter((i) => r.isMeat(i));
  const isOfVegetables =
    ['soften', 'bloom', 'toast'].includes(before?.verb ?? '') &&
    /\b(?:scoop|lift|take|spoon|remove|set|tip|transfer)/i.test(text);
  const justFried = meats.length || !isOfVegetables ? meats : fried.filter((i) => !r.isFat(i));
  if (justFried.length) put.again = justFried;
  if (half) put.again = half.lines.map((l) => l.index).filter(isHalved);
  for (const i of [...meant, ...cut]) r.waiting.delete(i);
  // A splash of what is poured later loosens the floor: so much of it is in already.
  const isPoured = (verb === 'deglaze' || verb === 'add') && r.stage === 'open' && !r.last?.lines.length;
  const splash = isPoured ? splashTold(text, r.lines) : null;
  if (splash && !r.used.has(splash.index)) {
    r.last?.lines.push(splash);
    r.used.set(splash.index, splash.share);
  }
}

const isWholeChilli = (line: ScriptLine | undefined): boolean =>
  /chilli|scotch|habanero|jalape/.test(line?.read.food?.id ?? '') &&
  !/^spice-ground/.test(line?.read.food?.kind ?? '');

/** "Return the chicken to the sauce": of what was in the pot only what was lifted out can go back. */
function keepTakenOut(r: Reading, meant: number[]): void {
  if (!meant.some((i) => isOutAlready(r, i))) return;
  const kept = meant.filter((i) => isOutAlready(r, i) || r.isToCome(i));
  meant.splice(0, meant.length, ...kept);
}

/** True of a line that the last act that had to do with it took out of the pot. */
function isOutAlready(r: Reading, line: number): boolean {
  const last = r.acts.findLast((a) => a.again.includes(line) || a.lines.some((l) => l.index === line));
  if (last === undefined) return false;
  // "Remove", and no word of what: what was browned just before.
  const at = r.acts.indexOf(last);
  const next = r.acts
    .slice(at + 1)
    .find((a) => a.verb === 'liftout' || a.lines.length > 0 || a.again.length > 0);
  return (
    VERBS_THAT.takeOut.has(last.verb) ||
    (next?.verb === 'liftout' && !next.again.length && !next.lines.length)
  );
}

/** A little water that stands beside the starch in the list and that no sentence names is what it is stirred with. */
function slurryWater(r: Reading, { n, meant }: Clause): readonly number[] {
  const isStarch = (i: number): boolean => (KINDS.starch as readonly FoodKind[]).includes(r.kindOf(i));
  const isLittleWater = (i: number): boolean =>
    r.kindOf(i) === 'water' && (r.lines[i]?.read.massG.mid ?? 0) <= SLURRY_WATER_G;
  const beside = meant.filter(isStarch).flatMap((i) => [i + 1, i - 1]);
  const later = beside.some(isLittleWater) ? r.namedAfter(n) : new Set<number>();
  return beside.filter((i) => isLittleWater(i) && !r.used.has(i) && !later.has(i)).slice(0, 1);
}

const RUBS: ReadonlySet<string> = new Set(['season', 'marinate', 'mix']);

function saltOfTheList(r: Reading, n: number): readonly number[] {
  const later = r.namedAfter(n);
  const isOfIt = (i: number): boolean =>
    r.kindOf(i) === 'salt' || r.lines[i]?.read.food?.id === 'black-pepper';
  return r.lines.map((_, i) => i).filter((i) => isOfIt(i) && !r.used.has(i) && !later.has(i));
}
