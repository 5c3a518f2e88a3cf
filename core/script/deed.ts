import { OWN_BOWL } from './before/board';
import { timeNamed } from '../dish/pressure';
import { type FoodKind } from '../pantry/food';
import { cookedApartFor } from './apart';
import { inferVerb } from './inferVerb';
import { joined } from './merge';
import { type Reading, type Clause, untilTold } from './reading';
import { VERBS_THAT } from './data/verbs';
import { RACK, ON_IT } from './deeds/words';
import { inHand } from './deeds/alone';
import { isSameBowl, verbTold } from './deeds/verb';
import { done } from './deeds/done';

/** What may be left undone. */
const OPTIONAL =
  /\bif (?:(?:you|u|ya)(?:'d|’d)? (?:like|want|prefer|wish|wanna)|needed|necessary|desired|liked|wanted|(?:the |your )?(?:gravy|sauce|it|stew|curry)(?: (?:is|looks|seems)|['’]s) (?:still |too |a bit |a little |very )*(?:thin|watery|runny|loose|liquid))\b|\boptional(?:ly)?\b/i;

const BESIDE =
  /\b(?:wide|frying|large|separate|heavy|deep|another|an?|your) (?!pressure\b)(?:(?!pressure|sheet|baking|roasting|oven|grill|broiler|foil)\p{L}+ )?(?<!(?:sheet|baking|roasting|grill|broiler) )(?:pan|skillet)\b|\bskillet\b/iu;

const OTHER_PAN = /\b(?:small|separate|another|second|other|dry) (?:frying )?(?:pan|skillet)\b/i;

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
  // "Fry skin-side down in the oil from cold until the fat runs": what was made ready on the board.
  else if (verb === 'render' && SKIN_DOWN.test(c.text) && !meant.some((i) => r.isMeat(i)))
    done(r, { ...c, meant: [...c.meant, ...rawToCome(r)] }, verb);
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

const ON_THE_STEW =
  /\b(?:drop|sit|place|put|lay|arrange|dot|float|lower|slide)\b.*\b(?:on|onto|on top of|over|in|into)\b/i;

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
    const onRack = OWN_BOWL.test(text) && meant.some((i) => r.kindOf(i) === 'grain') ? 'bowl' : 'rack';
    const verb = inferred === 'add' && RACK.test(sentence) && ON_IT.test(text) ? onRack : inferred;
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
  r.put('brown', r.stage, c, [...c.meant, ...rawToCome(r)]);
}

const SKIN_DOWN = /\b(?:skin|fat)[- ]?sides? down\b/i;

/** Meat that is still to come, where none is named: what was made ready on the board, else what is raw. */
function rawToCome(r: Reading): readonly number[] {
  const all = r.lines.map((_, i) => i).filter((i) => r.isMeat(i) && r.isToCome(i));
  // What was made ready on the board is what is browned; a ham that is added later is not.
  const onBoard = r.acts.filter((a) => VERBS_THAT.areOfTheBoard.has(a.verb)).flatMap((a) => a.again);
  const raw = all.filter((i) => r.isRawMeat(i));
  return [all.filter((i) => onBoard.includes(i)), raw, all].find((some) => some.length > 0) ?? [];
}
