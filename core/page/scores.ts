import { foodWords } from '../pantry/words';
import type { PageLine } from './lines';

/** What a line of a page can be while the page is gone through. */
export const STATES = [
  'pre',
  'title',
  'fact',
  'ingredients',
  'section',
  'ingredient',
  'directions',
  'method',
  'asideHead',
  'aside',
  'left',
  'leftM',
] as const;
export type State = (typeof STATES)[number];

/** What is known of the page around a line. */
export interface Around {
  /** Somewhere on the page the ingredients have a heading. */
  hasHeading: boolean;
  /** A heading over the list and one over the method stand before it: what follows is done, and no new list without its own. */
  isUnderMethod: boolean;
  /** That heading is still to come: nothing before it is an ingredient. */
  isBeforeHeading: boolean;
  next: PageLine | undefined;
  index: number;
  count: number;
  /** A title was marked as one before this line. */
  isTitled: boolean;
}

const NEVER = -60;

/** How well a line does as each state. Weights by judgement on the open corpus; only their differences matter. */
export function scoreLine(line: PageLine, around: Around): Record<State, number> {
  const isFurniture = line.isClutter || line.isNutrition || line.isEquipment;
  const isHeading = line.isIngredientHeading || line.isMethodHeading || line.isAsideHeading;
  return {
    pre: isFurniture ? 4 : isHeading ? -4 : 0,
    title: isHeading || isFurniture || line.isFact ? NEVER / 4 : titleScore(line, around),
    fact: line.isFact ? 6 : NEVER,
    ingredients: line.isIngredientHeading ? 8 : NEVER,
    section:
      isHeading || line.isFact || line.isNutrition || line.isClutter ? NEVER : sectionScore(line, around),
    ingredient: isHeading ? NEVER : ingredientScore(line, around, isFurniture),
    directions: line.isMethodHeading ? 8 : NEVER,
    method: isHeading ? NEVER : methodScore(line, isFurniture) - (around.isBeforeHeading ? 8 : 0),
    asideHead: line.isAsideHeading ? 8 : NEVER,
    aside: isHeading ? -4 : isFurniture ? 4 : 0,
    left: isFurniture ? 4 : isHeading ? -8 : -4,
    leftM: isFurniture ? 4 : isHeading ? -8 : -4,
  };
}

export function titleScore(line: PageLine, { index, count, next, isTitled }: Around): number {
  let s = 1;
  if (line.isMarkedTitle) s += 8;

  if (isTitled && !line.isMarkedTitle) s -= 6;
  if (line.words > 14 || line.plain.length > 110) s -= 6;
  if (line.words === 1) s -= 0.5;
  // "Grandmother's way, for 6", under a name: a word about it.
  if (
    index > 0 &&
    !/^[\p{Lu}\d\s&'’-]+$/u.test(line.plain) &&
    /\bfor (?:\d{1,2}|two|three|four|five|six|eight|ten)$/i.test(line.plain)
  )
    s -= 6;
  // The very first line may end like a sentence and still be a name.
  if (/[.;]$/.test(line.plain)) s -= index === 0 && line.words <= 12 && !line.isImperative ? 1.5 : 6;
  if (/[?]$/.test(line.plain)) s -= 6;
  // "My go-to on cold nights. Leftovers freeze well!": two sentences, and no name.
  if (/\p{Ll}{3}[.!?]\s+\p{Lu}/u.test(line.plain)) s -= 6;
  // "(This makes enough sauce for pasta!)".
  if (!line.hasAmount && /^\(.*\)$/.test(line.text.trim()) && line.words > 3) s -= 8;
  // "Puerto Rican-style stewed chicken, how my grandmother does it": a word about what stands above.
  if (index > 0 && /,\s*(?:how|just|the way|as|like|made|my|our|because)\b/i.test(line.plain)) s -= 4;
  // "MEAL PREP MONDAY #12" is the name of a row of recipes.
  if (/(?:#|\bno\.? ?)\d{1,3}$/i.test(line.plain)) s -= 4;
  if (/:$/.test(line.plain)) s -= 4;
  if (/^(?:nutrition\p{L}*|calories|kcal|energy|macros|allergens?)(?!\p{L})/iu.test(line.plain)) s -= 8;
  // "For the lamb" heads a part of the list.
  if (line.isHeadingLike && !/^[\p{Lu}\s&'’\d-]+$/u.test(line.plain)) s -= 4;
  if (line.hasAmount && !/^\d+[- ](?:minute|ingredient|hour|step|pot)/i.test(line.plain)) s -= 5;
  if (line.isSentence && line.words > 8) s -= 2;
  if (line.hasFood) s += 1.5;
  // A dish may be called as its meat is, over everything: "Smothered pork chops".
  // "Oxtail", alone over a list with amounts: what is cooked, and no line of it.
  const isAlone = index === 0 && !line.hasAmount && next?.isFirstBlock === true && next.hasAmount;
  if (line.isPlainFood && isAlone) s += 2;
  else if (line.isPlainFood) s -= index === 0 && !next?.hasAmount && line.words > 1 ? 1 : 6;
  if (line.isImperative && line.words > 5) s -= 2;
  if (line.isNumbered) s -= 4;
  if (/^["“>([]/.test(line.text)) s -= 3;
  // One of a list of reasons, and no name.
  if (/^[•▢☐✓✔*·-]\s/.test(line.text)) s -= 5;
  if (/^\p{Lu}/u.test(line.plain)) s += 0.5;
  if (
    /\b(?:pressure cooker|curry|stew|korma|goulash|gulasch|ragu|chilli|chili|soup|pasta|braise|casserole|ribs|meatballs|roast)\b/i.test(
      line.plain,
    )
  )
    s += 1;
  if (count > 8 && index > count * 0.7) s -= 2;
  if (next && (next.isFact || next.isIngredientHeading || next.isClutter)) s += 1;
  if (index > 0 && line.isFirstBlock && line.cooks === 0) s += 1.5;
  if (next?.hasAmount && next.hasFood) s += 1;
  return s;
}

/** A word or two with a capital over a line with an amount, and no food by itself: what the lines under it are for. */
const isLabel = (line: PageLine, { next, index }: Around): boolean =>
  index > 0 &&
  line.words <= 2 &&
  next?.hasAmount === true &&
  !line.hasAmount &&
  !line.isPlainFood &&
  !line.isSentence &&
  /^\p{Lu}[\p{L} -]+$/u.test(line.plain);

/** "For masala powder", over lines with amounts. */
const isForWhat = (line: PageLine, { next, index }: Around): boolean =>
  index > 0 &&
  line.words <= 6 &&
  !line.hasAmount &&
  !line.isSentence &&
  next?.hasAmount === true &&
  /^(?:For|To) \p{L}[\p{L} -]+$/u.test(line.plain);

/** "Chicken" over "2 lbs chicken breasts": what stands under it says how much of it there is. */
const isNamedUnder = (line: PageLine, { next, index }: Around): boolean =>
  index > 0 &&
  line.words <= 2 &&
  line.isPlainFood &&
  !line.hasAmount &&
  next?.hasAmount === true &&
  /^\p{Lu}/u.test(line.plain) &&
  foodWords(line.plain).every((w) => foodWords(next.plain).includes(w));

/** A mark before a line of a list. */
export const BULLET = /^[•▢☐◦‣✓✔*·–-]\s/;

/** "Chicken", bare, over a list whose every line has its bullet: what the lines under it are for. */
const isUnmarked = (line: PageLine, { next, index }: Around): boolean =>
  index > 0 &&
  line.words <= 5 &&
  !line.hasAmount &&
  !line.isSentence &&
  !BULLET.test(line.text) &&
  next?.hasAmount === true &&
  BULLET.test(next.text);

/** "Dry Rub", "White sauce", "Quick pickled onions": what a part of a dish is called, over lines with amounts, and nothing that stands on a shelf. */
const PART_OF_DISH =
  /^(?:\p{L}+ ){0,2}(?:rub|marinade|glaze|gravy|slurry|topping|garnish|filling|dressing|crust|dumplings|meatballs|base|spice (?:mix|blend)|tempering|tadka|crumble|salsa|slaw|gremolata|drizzle|finish)$|^(?:white|cheese|peanut|mushroom|parsley|mustard|pepper|cream|creamy|yogh?urt|herb|mint|lemon|butter|bread|satay|dipping|finishing|cooking|stir[- ]fry|braising|basting) sauce$|^(?:spice|herb|masala|rempah|coconut|curry spice|aromatic) paste$|^(?:quick |easy )?pickled \p{L}+$|^(?:cucumber|onion|tomato|herb|cabbage|fennel|carrot) (?:salad|raita|relish|pickle)$/iu;
const isPartOfDish = (line: PageLine, { next, index }: Around): boolean =>
  index > 0 &&
  !line.hasAmount &&
  !line.isSentence &&
  next?.hasAmount === true &&
  next.hasUnit &&
  /^\p{Lu}/u.test(line.plain) &&
  (PART_OF_DISH.test(line.plain.replace(/[:：]$/, '')) ||
    // "Barbecue sauce", alone over the lines of its block: no bottle.
    (line.isFirstBlock && !next.isFirstBlock && HEADS_A_BLOCK.test(line.plain)));
const HEADS_A_BLOCK = /^(?:\p{L}+[ -]){1,3}(?:sauce|paste|marinade|masala|mix|blend|seasoning|broth|base)$/iu;

function sectionScore(line: PageLine, around: Around): number {
  const { next } = around;
  if (around.isUnderMethod && !(next?.hasAmount && next.hasUnit)) return -8;
  if (
    isNamedUnder(line, around) ||
    isUnmarked(line, around) ||
    isPartOfDish(line, around) ||
    isForWhat(line, around)
  )
    return 6;
  if (!line.isHeadingLike && !isLabel(line, around)) return -8;
  // "Stew", over everything: what the dish is called.
  if (around.index === 0 && !/[:：]\s*$/.test(line.plain) && !/^(?:for|to)\b/i.test(line.plain)) return -8;
  let s = line.isHeadingLike ? 3 : 1.5;
  if (line.hasAmount) s -= 6;
  if (line.words > 8) s -= 3;
  if (/[:：]\s*$/.test(line.plain)) s += 1.5;
  if (next && (next.hasAmount || (next.hasFood && next.words <= 6))) s += 1.5;
  if (line.isImperative && line.words > 4) s -= 3;
  return s;
}

const TAKES_TIME =
  /^(?!.*\b(?:soak|stood|marinat|rest|chill|boiled|toasted|dry|quick|instant))[^(]*\b\d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:mins?|minutes?|secs?|seconds?|hrs?|hours?)\b/iu;
const FOR_THE_TABLE =
  /^(?:to|for) (?:serv(?:e|ing)|garnish(?:ing)?|finish(?:ing)?|the table)\s*[:：–—-]\s*\S/iu;

const STANDS_BESIDE = /,\s*(?:to serve|for serving|to garnish|for garnish|to finish)$/i;

/** Lines from the top in which a page still talks of its dish. */
const EARLY = 6;

function ingredientScore(
  line: PageLine,
  { isBeforeHeading, isUnderMethod, index }: Around,
  isFurniture: boolean,
): number {
  let s = -1;
  if (isUnderMethod && !(line.hasAmount && line.hasUnit && !line.isSentence)) s -= 8;
  if (line.hasAmount) s += 2;
  if (line.hasUnit) s += 1.5;
  if (line.hasFood) s += 2;
  if (line.foodShare > 0.6) s += 1;
  if (line.isPlainFood) s += 1.5;
  if (!line.hasAmount && !line.hasFood) s -= line.isSentence && line.words > 3 ? 6 : 1;
  if (line.isImperative && line.words > 3 && !line.hasUnit) s -= 4;
  if (line.cooks > 2 && line.words > 9) s -= line.cooks;
  if (line.isSentence && line.words > 9) s -= 3;
  if (line.words > 22) s -= 3;
  if (line.isHeadingLike && !line.hasAmount) s -= 2;
  // "Puerto Rican-style stewed chicken, how my abuela does it": a word about the dish.
  if (!line.hasAmount && /^\(.*\)$/.test(line.text.trim()) && line.words > 3) s -= 8;
  if (!line.hasAmount && !line.isPlainFood && line.words >= 7 && line.foodShare < 0.4 && index < EARLY)
    s -= 8;
  // "Turkey with mustard — for 4", under the name.
  if (index < EARLY && !line.hasUnit && /[\p{L})] ?[-–—,|] ?(?:serves|for) \d{1,2}\W*$/iu.test(line.plain))
    s -= 8;
  if (line.isNumbered && line.isImperative) s -= 4;
  // "Ghee in the cooker, onions till golden, 10 min": what takes its time is done.
  if (TAKES_TIME.test(line.plain)) s -= 5;
  // "To serve: boiled potatoes (800 g)": the last of the list, however it is cooked.
  if (line.hasFood && line.words <= 14 && !line.isSentence && FOR_THE_TABLE.test(line.plain)) s += 10;
  // "Mash and green beans, to serve": what stands beside it, whatever its first word could tell.
  if (line.hasFood && line.words <= 14 && !line.isSentence && STANDS_BESIDE.test(line.plain)) s += 10;
  if (line.isLabelledList && !line.isSentence) s += 8;
  if (isFurniture) s -= 10;
  if (line.isFact) s -= 8;
  if (isBeforeHeading) s -= 25;
  if (line.isStepOnly) s -= 20;
  return s;
}

function methodScore(line: PageLine, isFurniture: boolean): number {
  let s = -1;
  if (line.isImperative) s += 2;
  s += Math.min(3, line.cooks) * 0.9;
  if (line.isSentence && line.words > 3) s += 1.5;
  if (line.words > 12) s += 1;
  if (line.isNumbered && line.isImperative) s += 2;
  if (line.isStepOnly) s += 6;
  if (line.hasAmount && line.hasFood && line.hasUnit && line.cooks < 2) s -= 3;
  if (line.isHeadingLike && line.words <= 4) s -= 1.5;
  if (line.isFirstBlock && !line.isSentence && line.cooks === 0) s -= 1;
  if (isFurniture) s -= 8;
  if (line.isFact && line.cooks < 2) s -= 4;
  return s;
}

/** How likely a page begins with each state. */
export function START(state: State): number {
  const at: Partial<Record<State, number>> = {
    title: 1,
    pre: 0,
    fact: -1,
    ingredients: 0,
    ingredient: -0.5,
    section: -2,
    left: -1,
    method: -3,
  };
  return at[state] ?? -8;
}

/** Steps from state to state that pages take; what is not here costs a lot. */
const STEPS: Record<State, Partial<Record<State, number>>> = {
  pre: {
    pre: 0,
    title: 0,
    fact: 0,
    ingredients: 0,
    ingredient: -2,
    section: -3,
    directions: -4,
    method: -5,
    asideHead: 0,
  },
  title: {
    pre: -0.5,
    title: -5,
    fact: 0,
    ingredients: 0,
    ingredient: -0.2,
    section: -0.5,
    directions: -1,
    method: -2,
    asideHead: -1,
    left: 0,
  },
  fact: {
    pre: -1,
    title: -0.5,
    fact: 0,
    ingredients: 0,
    ingredient: 0,
    section: -0.3,
    directions: -1,
    method: -1,
    asideHead: -1,
    aside: -4,
    left: 0,
    leftM: -2,
  },
  ingredients: {
    ingredients: -2,
    ingredient: 0.5,
    section: 0.3,
    left: -0.2,
    fact: -0.5,
    method: -6,
    asideHead: -4,
  },
  section: {
    section: -2,
    ingredient: 0.5,
    left: -1,
    method: -5,
    ingredients: -4,
    directions: -5,
    asideHead: -5,
  },
  ingredient: {
    ingredient: 0.8,
    section: 0,
    ingredients: -0.5,
    directions: 0.5,
    method: -1.5,
    left: -0.5,
    fact: -2,
    asideHead: -1,
    title: -9,
  },
  directions: { method: 0.5, directions: -3, leftM: -1, section: -3, fact: -2, ingredients: -8 },
  method: {
    method: 0.8,
    leftM: -0.5,
    fact: -1,
    asideHead: 0,
    directions: -2,
    section: -2.5,
    title: -5.5,
    ingredient: -5,
    ingredients: -6,
  },
  asideHead: {
    aside: 0.5,
    asideHead: -1,
    ingredients: 0,
    directions: 0,
    title: -3,
    pre: -2,
    method: -6,
    ingredient: -8,
    fact: -1,
  },
  aside: {
    aside: 0.8,
    asideHead: 0,
    ingredients: 0,
    directions: 0,
    fact: -2,
    title: -3,
    pre: -3,
    method: -7,
    ingredient: -9,
    section: -9,
  },
  left: {
    left: 0,
    pre: -0.5,
    title: -1.5,
    fact: 0,
    ingredients: 0,
    ingredient: -0.5,
    section: -0.5,
    directions: 0,
    method: -2,
    asideHead: 0,
    aside: -2,
  },
  leftM: {
    leftM: 0,
    method: -0.3,
    fact: -0.5,
    directions: 0,
    asideHead: 0,
    aside: -0.5,
    title: -4,
    ingredients: -4,
    ingredient: -9,
  },
};

/** What a step from one state to the next costs. */
export function STEP(from: State, to: State): number {
  return STEPS[from][to] ?? -12;
}
