import type { Allergen, Food, FoodKind } from '../pantry/food';
import type { FoodMatch, Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { around, exactly, type Range } from '../quantity/range';
import { MAX_LINE_LENGTH, stripBullet } from './names';
import { perUnitIn, unitById, type MeasureSystem } from '../quantity/units';
import {
  canBeCounted,
  isPlainDescription,
  isPossible,
  readAmount,
  weigh,
  withBracketedWeight,
  withTrailingUnit,
  type Amount,
} from './amount';
import { freeFrom, othersIn } from './allergens';
import { formatAmount } from './amountText';
import { chunkMm, jointMm, oneOfMany, portionOf, portionsG, PORTION_SPREAD } from './portions';
import { withFigure, withoutComparison } from './comparisons';
import { describe, readLengthMm, type Descriptors } from './descriptors';
import { tellApart } from './several';
import { mendSpelling, writeOut } from './spelling';

/** One line as understood. `text` is always the cook's own words, whole. */
export interface ReadLine extends Descriptors {
  text: string;
  amount: Amount | null;
  food: Food | null;
  /** The words taken for the food. */
  foodText: string;
  /** The pantry's name those words met: "penne" where the food is a short pasta. Empty when nothing was met. */
  known: string;
  /** What the line offers instead ("ghee or vegetable oil"), as a line of its own; empty when nothing. */
  orElse: string;
  /** The line told apart when it holds several things ("1 tsp each cumin and coriander"); empty when it holds one. */
  several: readonly string[];
  /** Foods it names besides its own; they count for who may eat it, never for an amount. */
  others: readonly Food[];
  /** What the line says is not in it ("gluten-free"). */
  without: readonly Allergen[];
  /** Thin liquid the line brings besides the food itself (“stock cube dissolved in 400 ml water”, “soaked in 200 ml water”), ml. */
  liquorMl: number;
  /** What the amount weighs as bought, grams. Zero-width zero when nothing is known. */
  massG: Range;
  /** How sure the reading is: `unsure` is marked on screen and never silently used as fact. */
  confidence: 'sure' | 'likely' | 'unsure';
  /** Why it is not sure, in a cook's words; empty when it is. */
  doubt: string;
}

/** A pulse as it comes out of a tin, and the same one dried. */
const DRIED_PULSES: readonly (readonly [cooked: string, dried: string])[] = [
  ['chickpea', 'dried-chickpea'],
  ['kidney-bean', 'dried-kidney-bean'],
  ['black-bean', 'dried-black-bean'],
  ['pinto-bean', 'dried-pinto-bean'],
  ['cannellini-bean', 'dried-white-bean'],
  ['butter-bean', 'dried-butter-bean'],
  ['borlotti-bean', 'dried-borlotti-bean'],
  ['black-eyed-pea', 'dried-black-eyed-pea'],
  ['mixed-beans', 'dried-bean'],
];
/** Tins of every size. */
const TINS: readonly string[] = ['can', 'can1', 'can2', 'can2half', 'can300', 'can303', 'can10'];
const CANNED = /\b(?:canned|tinned|cans?|tins?|jars?|jarred|pouch)\b/i;
const COOKED = /\b(?:canned|tinned|cans?|tins?|jars?|jarred|pouch|(?<!un)cooked)\b/i;
const DRY_OR_SOAKED = /\bdr(?:ied|y)\b|\bsoaked\b|\bovernight\b|\braw\b/i;

/** What each cut is when it is minced. */
const MINCED: readonly (readonly [minced: string, ...cuts: string[]])[] = [
  ['ground-beef', 'beef-chuck', 'beef-shin', 'beef-round', 'beef-skirt', 'beef-brisket'],
  ['ground-pork', 'pork-shoulder', 'pork-loin', 'pork-leg'],
  ['ground-lamb', 'lamb-shoulder', 'lamb-leg', 'lamb-neck'],
  ['ground-chicken', 'whole-chicken', 'chicken-breast', 'chicken-thigh'],
  ['ground-turkey', 'turkey-breast', 'turkey-thigh', 'turkey-leg'],
];

const IN_PIECES =
  /^\W*\S+ (?:\p{L}+[- ]){0,2}(?:pieces?|joints?|portions?|parts?) (?:of )?(?:\p{L}+[- ]){0,2}(?:chicken|duck)\b/iu;

/** Words that turn one pantry entry into another, given unit or neighbours. First match wins. */
const REINTERPRET: readonly {
  from: string;
  to: string;
  unit?: string[];
  word?: RegExp;
  not?: RegExp;
  /** Only of so many: nobody peels fifteen onions, but fifteen shallots. */
  fewest?: number;
}[] = [
  { from: 'onion', to: 'shallot', unit: ['each'], word: /\b(?:small|baby|tiny)\b/i, fewest: 8 },
  {
    from: 'black-pepper',
    to: 'red-pepper',
    unit: ['each'],
    not: /\b(?:black|white|ground|cracked|salt|corn)/i,
  },
  // "8 pieces of chicken" is one bird, and so are "8 chicken" of a hasty hand.
  { from: 'whole-chicken', to: 'chicken-pieces', word: IN_PIECES, fewest: 2 },
  { from: 'whole-chicken', to: 'chicken-pieces', unit: ['each'], not: /\bwhole\b/i, fewest: 5 },
  { from: 'whole-duck', to: 'duck-leg', word: IN_PIECES, fewest: 2 },
  { from: 'coriander', to: 'ground-coriander', word: /\bground\b|\bpowder/i },
  { from: 'coriander', to: 'coriander-seed', word: /\bseeds?\b/i },
  {
    from: 'coriander',
    to: 'ground-coriander',
    unit: ['tsp'],
    not: /\b(?:fresh|leaf|leaves|chopped|cilantro|stems?|stalks?)\b/i,
  },
  // Chillies that are counted are whole ones.
  { from: 'chilli-powder', to: 'dried-chilli', unit: ['each', 'piece', 'handful'], not: /\bpowder/i },
  { from: 'cayenne', to: 'red-chilli', unit: ['each', 'piece'], not: /\bpowder|\bground\b/i },
  { from: 'ginger', to: 'ground-ginger', word: /\bground\b|\bpowder|\bdried\b/i },
  { from: 'ground-cinnamon', to: 'cinnamon-stick', unit: ['stick', 'each', 'piece', 'cm', 'inch'] },
  { from: 'ground-cumin', to: 'cumin-seed', word: /\bseeds?\b|\bwhole\b/i },
  { from: 'ground-coriander', to: 'coriander-seed', word: /\bseeds?\b|\bwhole\b/i },
  { from: 'cream-of-celery-soup', to: 'condensed-tomato-soup', word: /\btomato\b/i },
  { from: 'clove', to: 'ground-clove', word: /\bground\b/i },
  { from: 'mustard-seed', to: 'dijon-mustard', unit: ['tbsp'], not: /\bseeds?\b/i },
  { from: 'cardamom-pod', to: 'ground-cardamom', word: /\bground\b|\bpowder/i },
  {
    from: 'tomato',
    to: 'chopped-tomatoes',
    unit: [...TINS, 'jar', 'carton'],
  },
  ...['tomato', 'plum-tomato', 'cherry-tomato', 'beefsteak-tomato'].flatMap((from) => [
    { from, to: 'chopped-tomatoes', unit: [...TINS] },
    { from, to: 'chopped-tomatoes', word: /\b(?:canned|tinned|tins?|cans?)\b/i },
  ]),
  ...['green-chilli', 'red-chilli', 'poblano'].map((from) => ({
    from,
    to: 'canned-green-chilies',
    unit: [...TINS],
  })),
  { from: 'mushroom', to: 'canned-mushroom', unit: [...TINS] },
  // A bouillon that is poured is a stock; by the spoon, or said to be a powder, it is a concentrate.
  ...['stock-cube', 'bouillon-paste'].flatMap((from) =>
    [
      { to: 'beef-stock', word: /\bbeef\b/i },
      { to: 'vegetable-stock', word: /\bveg/i },
      { to: 'chicken-stock' },
    ].map((rule) => ({
      from,
      ...rule,
      unit: ['ml', 'cl', 'dl', 'l', 'cup', 'pint', 'quart', 'floz'],
      not: /\b(?:powder|granul|cube|paste|base|concentrate)/i,
    })),
  ),
  {
    from: 'tomato-paste',
    to: 'passata',
    word: /\bpur[eé]e\b/i,
    unit: ['cup', 'ml', 'l', 'dl', 'cl', 'jar', 'carton'],
  },
  ...['green-lentil', 'red-lentil', 'beluga-lentil'].flatMap((from) => [
    { from, to: 'canned-lentil', unit: ['can', 'jar', 'carton', 'pouch'] },
    { from, to: 'canned-lentil', word: COOKED },
  ]),
  ...DRIED_PULSES.flatMap(([cooked, dried]) => [
    { from: cooked, to: dried, word: DRY_OR_SOAKED, not: CANNED },
    { from: dried, to: cooked, unit: ['can', 'jar', 'carton', 'pouch'] },
    { from: dried, to: cooked, word: COOKED },
  ]),
  { from: 'mushroom', to: 'dried-mushroom', word: /\bdried\b/i },
  { from: 'apricot', to: 'dried-apricot', word: /\bdried\b|\bno-soak\b/i },
  { from: 'cranberry', to: 'dried-cranberry', word: /\bdried\b/i },
  { from: 'cherry', to: 'dried-cranberry', word: /\bdried\b/i },
  { from: 'basil', to: 'mixed-herbs', word: /\bdried\b/i },
  { from: 'parsley', to: 'mixed-herbs', word: /\bdried\b/i },
  { from: 'red-chilli', to: 'dried-chilli', word: /\bdr(?:ied|y)\b/i },
  { from: 'red-chilli', to: 'chilli-powder', word: /\bpowder\b|\bground\b/i },
  { from: 'lemon', to: 'lemon-zest', word: /\b(?:zest|peel|rind)\b/i, not: /\bjuice/i },
  { from: 'lime', to: 'lemon-zest', word: /\b(?:zest|peel|rind)\b/i, not: /\bjuice/i },
  { from: 'orange-juice', to: 'lemon-zest', word: /\b(?:zest|peel|rind)\b/i, not: /\bjuice/i },
  { from: 'ground-beef', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-pork', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-lamb', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-turkey', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-chicken', to: 'meatball', word: /\bmeat ?balls?\b/i },
  ...MINCED.flatMap(([to, ...cuts]) =>
    cuts.map((from) => ({
      from,
      to,
      word: /\b(?:ground|minced?|mince)\b/i,
      not: /\bminced (?:garlic|onion)/i,
    })),
  ),
  { from: 'whole-chicken', to: 'chicken-breast', word: /\bbreasts?\b/i },
  { from: 'whole-chicken', to: 'chicken-thigh', word: /\bthighs?\b/i },
  { from: 'whole-chicken', to: 'chicken-drumstick', word: /\bdrumsticks?\b/i },
  { from: 'whole-chicken', to: 'chicken-wing', word: /\bwings?\b/i },
  { from: 'pork-shoulder', to: 'pork-rib', word: /\bribs?\b/i },
  { from: 'beef-chuck', to: 'beef-short-rib', word: /\bribs?\b/i },
  { from: 'sausage', to: 'ground-pork', word: /\bcasings? removed\b|\bout of (?:its|their) skins?\b/i },
  // A tin of it is coconut milk, however thick: the cream off the top is a cupful and less.
  { from: 'coconut-cream', to: 'coconut-milk', word: /\bthick coconut milk\b/i, unit: ['ml'], fewest: 250 },
  { from: 'coconut-cream', to: 'coconut-milk', word: /\bthick coconut milk\b/i, unit: ['can'] },
  { from: 'milk', to: 'coconut-milk', word: /\bcoconut\b/i },
  { from: 'butter', to: 'salted-butter', word: /(?<!un)\bsalted\b/i },
];

/** What may stand behind a name of its kind and says nothing new. */
const KIND_NOUNS: Partial<Record<FoodKind, RegExp>> = {
  'spice-ground': /^(?:powder|spice)$/,
  'spice-late': /^(?:powder|spice)$/,
  'spice-whole': /^(?:seed|spice)$/,
  'herb-soft': /^(?:leaf|herb)$/,
  'herb-woody': /^(?:leaf|herb)$/,
  pasta: /^(?:pasta|noodle)$/,
  cheese: /^cheese$/,
  mushroom: /^mushroom$/,
};

/**
 * Nouns that make another thing of the food before them: a soup of celery is no celery, garlic salt no garlic. What a line says
 * behind a known name and the pantry does not know whole is taken as the noun's own row, and marked.
 */
const MADE_INTO: readonly { noun: RegExp; to: string; unless?: readonly FoodKind[] }[] = [
  { noun: /^soup$/, to: 'cream-of-celery-soup', unless: ['thick-sauce', 'stock', 'stock-concentrate'] },
  {
    noun: /^(?:seasoning|rub|masala)$/,
    to: 'seasoning-mix',
    unless: ['spice-ground', 'spice-late', 'salt', 'stock-concentrate'],
  },
  { noun: /^(?:stock|broth|bouillon)$/, to: 'chicken-stock', unless: ['stock', 'stock-concentrate'] },
  {
    noun: /^(?:jam|jelly|preserve)$/,
    to: 'lingonberry-jam',
    unless: ['syrup', 'stock-concentrate', 'thick-sauce'],
  },
  { noun: /^vinegar$/, to: 'cider-vinegar', unless: ['vinegar'] },
  {
    noun: /^oil$/,
    to: 'sunflower-oil',
    unless: ['oil', 'spice-late', 'seafood', 'pickle', 'tomato-paste', 'cheese'],
  },
  { noun: /^flour$/, to: 'plain-flour', unless: ['flour', 'starch'] },
  { noun: /^(?:chutney|relish)$/, to: 'chutney', unless: ['thick-sauce', 'pickle', 'syrup'] },
  { noun: /^(?:noodle)$/, to: 'egg-noodle', unless: ['pasta'] },
];
/** States before a food that make another thing of it. */
const STATES: readonly { word: RegExp; to: string; unless?: readonly FoodKind[] }[] = [
  { word: /\bpickled\b/i, to: 'pickled-onion', unless: ['pickle'] },
  { word: /\b(?:candied|crystalli[sz]ed)\b/i, to: 'candied-ginger', unless: ['dried-fruit', 'nut'] },
];

function madeInto(food: Food, match: FoodMatch, foodText: string, pantry: Pantry): Food | null {
  const words = foodWords(foodText.replace(/\([^()]*\)/g, ' '));
  const last = words.slice(match.at + match.words).find((w) => !isPlainDescription(w) || w === 'oil');
  const noun = last === undefined ? undefined : MADE_INTO.find((m) => m.noun.test(last));
  if (noun && !noun.unless?.includes(food.kind)) return pantry.get(noun.to) ?? null;
  const state = STATES.find((m) => m.word.test(foodText));
  return state && !state.unless?.includes(food.kind) ? (pantry.get(state.to) ?? null) : null;
}

function reinterpret(food: Food, amount: Amount | null, text: string, pantry: Pantry): Food {
  for (const rule of REINTERPRET) {
    if (rule.from !== food.id) continue;
    if (rule.not?.test(text)) continue;
    if (rule.word && !rule.word.test(text)) continue;
    if (rule.unit && !rule.unit.includes(amount?.unitId ?? '')) continue;
    if (rule.fewest !== undefined && (amount?.min ?? 0) < rule.fewest) continue;
    return pantry.get(rule.to) ?? food;
  }
  return food;
}

/** "juice of 2 limes", "zest and juice of ½ lemon": the fruit's amount, with the words kept for the descriptors. */
function readPartOf(text: string): { amount: Amount; rest: string } | null {
  const part =
    /^(?:(?:the|fresh(?:ly squeezed)?|finely grated|grated)\s+)*(?:juice|zest|peel|rind)(?:\s*(?:and|&|\+)\s*(?:juice|zest|peel|rind))?\s+(?:(?:of|from)\s+|(?=(?:\d|[½¼¾]|half|one|two)\W?\s*\p{L}))/iu.exec(
      text,
    );
  if (!part) return null;
  const found = readAmount(text.slice(part[0].length));
  return found ?? { amount: { min: 1, max: 1, unitId: 'each' }, rest: text.slice(part[0].length) };
}

/** An amount after the food: "chicken stock, 300 ml", "Salt - 1 tsp", "chicken thighs x 8", "Onions (2)". */
function readTrailing(text: string): { amount: Amount; rest: string } | null {
  const times = /^(.*\S)\s*[x×]\s*(\d{1,3})\s*$/i.exec(text);
  if (times) {
    const n = Number(times[2]);
    return { amount: { min: n, max: n, unitId: 'each' }, rest: times[1] ?? '' };
  }
  const last = /^(.{3,120}),\s*((?:\d|[¼-¾⅐-⅞])[^,]{0,24})$/u.exec(text);
  const atEnd = last ? readAmount(last[2] ?? '') : null;
  if (last && atEnd && !atEnd.rest.trim() && unitById(atEnd.amount.unitId).kind !== 'length')
    return { amount: atEnd.amount, rest: last[1] ?? '' };
  const vague =
    /^(.{3,80}?)\s*[,:(–—-]\s*(?:about |around |roughly |approx\.? |maybe |say )?((?:(?:an?|one|two|three|half an?|few|couple of)\s+)?(?:good |big |small |large |generous )?(?:pinch|handful|bunch|sprig|knob|dash|splash|drop|clove|squeeze|thumb|few sprigs|glass|mug|ladle|punnet|packet|pack|sachet|tin|can|jar|carton|tub|bag|box|bottle|head|bulb|stick|stalk|tray|(?:tea|table)spoon(?:ful)?|tsp|tbsp|cup)(?:e?s)?)\)?$/i.exec(
      text,
    );
  const told = vague?.[2] ?? '';
  const inWords = vague ? (readAmount(told) ?? readAmount(`a ${told}`)) : null;
  const isMeasured = inWords !== null && unitById(inWords.amount.unitId).kind === 'volume';
  if (vague && inWords)
    return { amount: isMeasured ? inWords.amount : { ...inWords.amount, vague: true }, rest: vague[1] ?? '' };
  const m = /^(\D{2,80}?)(?:\s*[,:;–—(-]\s*|\s+)((?:\d|[¼-¾⅐-⅞]).{0,80})$/u.exec(text);
  // What it is soaked in or stirred with is not how much of it there is.
  if (!m || /\b(?:in|into|with|from)(?:\s+(?:a|the|about))?$/i.test(m[1] ?? '')) return null;
  const tail = m[2] ?? '';
  // "1 kg, in strips 5 cm thick": an amount first, and then how thick.
  const first = readAmount(tail)?.amount.unitId;
  const isWeighed = first !== undefined && ['mass', 'volume'].includes(unitById(first).kind);
  const isLength = !isWeighed && readLengthMm(tail) !== null && !/^\d+\s*$/.test(tail);
  if (
    isLength &&
    !/^(?:fresh |peeled )?(?:root )?(?:ginger|galangal|turmeric|lemon ?grass|horseradish|cinnamon|cassia)\b/i.test(
      text,
    )
  )
    return null;
  // "Onions (2)": the bracket was opened before the figure.
  const found = readAmount(tail.includes('(') ? tail : tail.replace(/\)\s*$/, ''));
  if (!found) return null;
  // "Ham hock, 1 big one": it is said before what.
  const rest = found.rest.replace(/^\s*(?:(?:nice|good|big|large|small|whole) )?ones?\b/i, '');
  return { amount: found.amount, rest: `${m[1] ?? ''} ${rest}`.trim() };
}

const LIQUID_KINDS = new Set([
  'water',
  'stock',
  'wine',
  'beer',
  'spirit',
  'vinegar',
  'citrus',
  'juice',
  'milk',
  'cream',
  'coconut-milk',
]);
const NEED_AMOUNT = new Set([
  'poultry',
  'red-meat',
  'ground-meat',
  ...LIQUID_KINDS,
  'tomato-chunky',
  'tomato-thick',
  'pasta',
  'grain',
  'pulse-dry',
]);

/** A guess about less than this is not worth a mark, g: nobody's dinner depends on a leaf. */
const LEAST_DOUBTED_G = 5;

/** Readings kept for each pantry and system: a dish is planned again at every keystroke, and only one line has changed. */
const READ_BEFORE = new WeakMap<Pantry, Map<string, ReadLine>>();
const KEPT_READINGS = 4000;

/**
 * Reads one ingredient line in ordinary words, US or metric. Never throws and never drops text: whatever could not be
 * understood stays in `text` and lowers `confidence`. Pure, so readings are kept and shared: treat them as read-only.
 */
export function readLine(text: string, pantry: Pantry, system: MeasureSystem = 'us'): ReadLine {
  let kept = READ_BEFORE.get(pantry);
  if (!kept) READ_BEFORE.set(pantry, (kept = new Map()));
  const key = `${system}\n${text}`;
  const before = kept.get(key);
  if (before) return before;
  const read = readAfresh(text, pantry, system);
  if (kept.size >= KEPT_READINGS) kept.clear();
  kept.set(key, read);
  return read;
}

/** "1 chuck roast 3-4 lbs": a count, and what it weighs at the end. */
const WEIGHT_LAST =
  /^(\W*(?:\d{1,2}|an?|one|two|three|four|six) (?!tins?\b|cans?\b|jars?\b|packets?\b|cartons?\b|bags?\b|bottles?\b|cubes?\b)[^\d(),;]{3,60}?) ((?:about |approx\.? |abt |~)?\d[\d.,/½¼¾]*(?:\s?[-–]\s?\d[\d.,/½¼¾]*)?\s?(?:kgs?|kilos?|g|gms?|grams?|lbs?|pounds?|oz|ounces)\.?(?: (?:each|apiece|in total|in all))?)$/i;

/** "Pasta: 1 lb fettuccine, broken in half": what the line is called, before an amount and a food of its own. */
const LABEL = /^(?!(?:to|for|optional|garnish)\b)\p{L}[\p{L} &/-]{2,28}:\s+(?=[\d½¼¾⅓⅔])(.+)$/iu;
function withoutLabel(text: string, pantry: Pantry): string {
  const rest = LABEL.exec(text)?.[1];
  const food = rest === undefined ? undefined : readAmount(rest)?.rest;
  return rest !== undefined && food !== undefined && pantry.find(food) ? rest : text;
}

function readAfresh(text: string, pantry: Pantry, system: MeasureSystem): ReadLine {
  const written = writeOut(stripBullet(text.slice(0, MAX_LINE_LENGTH)), pantry);
  const clean = withoutLabel(withFigure(withoutComparison(written)), pantry).replace(WEIGHT_LAST, '$1 ($2)');
  let words = describe(clean);
  const found = readPartOf(clean) ?? readAmount(clean) ?? readTrailing(clean);
  let amount = found ? withFilling(found.amount, clean) : null;
  const rest = (found?.rest ?? clean).replace(/^[\s,.:;)-]+/, '').replace(/^of\s+(?:the\s+)?/i, '');

  const unbracketed = rest
    .replace(/\([^()]*\)/g, ' ')
    // "Mushrooms if I've got them (about 200 g)": what is asked, and what its amount left of the bracket.
    .replace(/\s+if (?:i|you|we|there)\b[^,;]*|\s*\([^()]*$/i, ' ')
    .replace(/^\s*(?:a (?:little|bit of|good)|some|extra|each)\s+/i, '')
    .trim();
  const head = unbracketed.split(/\s*[,;:]\s+|\s+[–—-]\s+|\s+or\s+|\s+\/\s+/i)[0] ?? '';
  const beforeFor =
    head.split(
      /\s+(?:for|to|with|studded|stuck|spiked|cut|stirred|added|such as|plus|from|made|mashed|mixed|slaked|dissolved|steeped|soaked|loosened|whisked)\s+|\s+(?:[+&]|and|plus)\s+(?=\d|[¼-¾]|an?\s|half\s|one\s|two\s)|\s+in\s+(?=\d|[¼-¾]|a\s|boiling|hot|cold|warm|water|its|brine|oil|juice|syrup)/i,
    )[0] ?? head;
  let foodText = sharedNoun(unbracketed, pantry) ?? (beforeFor || head || unbracketed);
  let match = pantry.find(foodText);
  for (const wider of [head, unbracketed, rest]) {
    if (match || !wider) continue;
    match = pantry.find(wider);
    if (match) foodText = wider;
  }
  // Words of description in the middle of a name: "dark brown soft sugar".
  const stripped = foodWords(foodText)
    .filter((w) => !isPlainDescription(w))
    .join(' ');
  const closer = stripped && !match?.words ? null : pantry.find(stripped);
  if (closer && match && closer.words > match.words) {
    match = closer;
    foodText = stripped;
  }
  // A name with a typing error is mended where that makes a food of it, or more of one.
  const spelt = mendSpelling(foodText, pantry);
  const meant = spelt && pantry.find(spelt.text);
  const mended = spelt && meant && meant.words > (match?.words ?? 0) ? spelt.mended : [];
  if (spelt && meant && mended.length) {
    match = meant;
    foodText = spelt.text;
  }
  if (!match && amount?.unitId === 'clove') {
    match = pantry.find('clove');
    amount = { ...amount, unitId: 'each' };
    foodText = 'cloves';
  }
  if (!match && !rest) match = pantry.find(clean);
  if (!foodText) foodText = clean;
  const made = match ? madeInto(match.food, match, foodText, pantry) : null;
  const food = made ?? (match ? reinterpret(match.food, amount, clean, pantry) : null);
  // "1 whole garlic" is a head of it.
  if (
    (amount?.unitId === 'each' || amount?.unitId === 'piece') &&
    food?.id === 'garlic' &&
    /\bwhole\b/i.test(clean) &&
    !/\bcloves?\b/i.test(clean)
  )
    amount = { ...amount, unitId: 'head' };
  // Five centilitres of garlic are five cloves of it.
  if (amount?.unitId === 'cl' && food?.kind === 'aromatic') amount = { ...amount, unitId: 'clove' };

  const sizeAfter = /\((small|medium|large|big)\)/i.exec(clean)?.[1]?.toLowerCase();
  if (amount?.unitId === 'each' || amount?.unitId === 'piece')
    if (sizeAfter && !amount.size)
      amount = {
        ...amount,
        size: sizeAfter === 'big' ? 'large' : (sizeAfter as 'small' | 'medium' | 'large'),
      };
  if (amount) amount = withTrailingUnit(withBracketedWeight(amount, rest, food?.gPerMl), foodText, food);
  const isElsewhere =
    /^\W*(?:\d+|an?|one|half a)?\s*(?:recipe|quantity|batch|portion|amount)s?\s+(?:of\s+)?\p{L}/iu.test(
      clean,
    );
  const isCountless = amount !== null && food !== null && (isElsewhere || !canBeCounted(amount, food));
  const isImpossible = isCountless || (amount !== null && !isPossible(amount, food, system));
  // What is not understood weighs nothing, takes no room and holds no liquid until it is answered.
  let massG: Range = amount && food && !isImpossible ? weigh(amount, food, system) : exactly(0);
  if (food && words.zestOnly && food.kind === 'spice-late' && amount?.unitId === 'each')
    massG = around(4 * amount.max, 0.4);
  if (food?.kind === 'salt' && !amount) massG = exactly(0);
  const portion = portionOf(clean, amount, food);
  if (portion) words = { ...words, thicknessMm: words.thicknessMm ?? portion.mm };
  // A loin is sold as medallions and as a roast: only where its usual piece is thin does the joint say more.
  const joint = words.thicknessMm === null && isSoldThin(food) ? jointMm(clean, food, massG.mid) : null;
  if (joint !== null) words = { ...words, thicknessMm: joint };
  const one = words.isSized ? null : oneOfMany(clean, food, massG.mid);
  if (one !== null) words = { ...words, thicknessMm: one, isSized: true };
  const chunk = words.thicknessMm === null ? null : chunkMm(clean, food, massG.mid);
  if (chunk !== null && words.thicknessMm !== null && words.thicknessMm > chunk)
    words = { ...words, thicknessMm: chunk };
  const counted = portion && amount && food && !isImpossible ? portionsG(portion, amount, food) : null;
  if (counted !== null) massG = around(counted, PORTION_SPREAD);

  const explainedAbove = (i: number): boolean => match !== null && i === match.at + match.words;
  const unread = foodWords(foodText).map((word, i) => {
    const explained = match !== null && i >= match.at && i < match.at + match.words;
    // "Sweet paprika powder", "penne pasta": said once more of what kind it is.
    const isItsKind = food !== null && explainedAbove(i) && KIND_NOUNS[food.kind]?.test(word) === true;
    return !explained && !isItsKind && !isPlainDescription(word) && !/^\d/.test(word);
  });
  const leftover = foodWords(foodText).filter((_, i) => unread[i]);
  // "3 rings sausage": a number before a word that is not understood may count that, whatever it is.
  const countsUnread =
    amount?.unitId === 'each' && amount.min >= 1 && unread[0] === true && match !== null && match.at > 0;
  const tailUnread = match !== null && unread.some((u, i) => u && i >= match.at + match.words);
  let confidence: ReadLine['confidence'] = 'sure';
  let doubt = '';
  if (!food) {
    confidence = 'unsure';
    doubt = clean ? `“${foodText}” is not in the pantry: what is it most like?` : 'An empty line.';
  } else if (isImpossible) {
    confidence = 'unsure';
    doubt = isCountless
      ? `How much is ${formatAmount(amount as Amount, 1)} of it? No unit was found.`
      : 'How much? No kitchen takes that amount.';
  } else if (!amount && NEED_AMOUNT.has(food.kind) && !words.toTaste && words.written?.moment !== 'serve') {
    confidence = 'unsure';
    doubt = 'How much? No amount was found.';
  } else if (leftover.length > 1 || made || tailUnread) {
    confidence = 'likely';
    doubt = `Taken as ${food.names[0]}.`;
  } else if (mended.length) {
    confidence = 'likely';
    doubt = `Read as ${mended.join(' ')}.`;
  } else if (countsUnread) {
    confidence = 'likely';
    doubt = `Is “${leftover[0] ?? ''}” a size or a kind? Counted one by one.`;
  } else if (amount?.readAs) {
    confidence = 'likely';
    doubt = `Read as ${amount.readAs}.`;
  } else if ((amount?.vague || massG.high > massG.mid * 1.45) && massG.mid >= LEAST_DOUBTED_G) {
    confidence = 'likely';
    doubt = amount?.vague ? guessed(amount.unitId) : 'The weight is a guess.';
  }
  const several = food ? tellApart(clean, amount, pantry) : [];
  if (several.length && confidence === 'sure') {
    confidence = 'likely';
    doubt = `${several.length} things in one line: only the ${foodText} is counted.`;
  }
  return {
    ...words,
    // A joint "sliced to serve" is cooked first: it is no garnish.
    ...(food && /^(?:poultry|red-meat)$/.test(food.kind) && CARVED_LATER.test(clean)
      ? { written: null }
      : {}),
    text,
    amount,
    food,
    foodText,
    known: match && food === match.food ? nameMet(foodText, match, pantry) : (food?.names[0] ?? ''),
    liquorMl: liquorMl(clean, system),
    orElse: alternative(clean, unbracketed, foodText, pantry),
    several,
    others: othersIn(clean, match, pantry),
    without: freeFrom(clean),
    massG,
    confidence,
    doubt,
  };
}

/** Cuts whose ordinary piece is a slice. */
const SOLD_THIN: ReadonlySet<string> = new Set([
  'pork-loin',
  'beef-sirloin',
  'beef-steak',
  'lamb-loin',
  'veal-loin',
]);
const isSoldThin = (food: Food | null): boolean =>
  food !== null && food.id !== 'pork-tenderloin' && SOLD_THIN.has(food.cut ?? food.id);

/** What is heaped: a cup is levelled more often than not. */
const SPOONS: ReadonlySet<string> = new Set(['tsp', 'dsp', 'tbsp']);

/** What is asked where a measure says little: "how big is the handful?". */
const guessed = (unitId: string): string =>
  unitId === 'each'
    ? 'The weight is a guess.'
    : `The weight is a guess: how big is the ${unitById(unitId).names[0] ?? unitId}?`;

/** "2 heaped tsp", "a scant tablespoon": how full the spoon is. */
function withFilling(amount: Amount, clean: string): Amount {
  const said =
    /^\W*(?:[\d¼-¾⅐-⅞./ –-]+|an?|one|two|three|half an?)?\s*(heaped|heaping|rounded|scant)\s/i.exec(
      clean,
    )?.[1];
  if (!said || !SPOONS.has(amount.unitId)) return amount;
  return { ...amount, filled: /^scant/i.test(said) ? 'scant' : 'heaped' };
}

const CARVED_LATER = /\b(?:sliced|carved|shredded|pulled) (?:to serve|for serving)\b/i;

const LIQUOR =
  /\b(?:dissolved|made up|made|mixed|soaked|steeped|rehydrated|crumbled|loosened|thinned|diluted|stirred|let down|slackened)\s+(?:in|into|with)\s+(.{1,40}?)\s*(?:of\s+)?(?:(?:just|freshly|boiling|boiled|hot|warm|cold|very)[\s-]+)*(?:water|liquid|stock|broth|wine)\b/i;

/** Thin liquid a line names besides its food, ml; 0 when it names none or gives no amount. */
function liquorMl(clean: string, system: MeasureSystem): number {
  const found = readAmount((LIQUOR.exec(clean)?.[1] ?? '').replace(/^(?:a|about)\s+(?=\d)/i, ''));
  const unit = found && unitById(found.amount.unitId);
  return found && unit?.kind === 'volume'
    ? ((found.amount.min + found.amount.max) / 2) * perUnitIn(unit, system)
    : 0;
}

/** "beef or chicken stock": both kinds share the noun at the end. The first of them whole, or null. */
function sharedNoun(text: string, pantry: Pantry): string | null {
  const m = /^([\p{L}'’ -]{2,24}?)\s+or\s+([\p{L}'’ -]{3,40}?)(?:\s*[,;(].*)?$/iu.exec(text);
  if (!m) return null;
  // "Hot lamb or chicken stock": how it is poured is no part of the name.
  const left = foodWords(m[1] ?? '').filter((w) => !isPlainDescription(w));
  const right = (m[2] ?? '').split(/\s+/);
  for (let n = Math.min(2, right.length - 1); n >= 1; n--) {
    const joined = `${left.join(' ')} ${right.slice(-n).join(' ')}`;
    const match = pantry.find(joined);
    if (match && match.at === 0 && match.words === left.length + n) return joined;
  }
  return null;
}

/** The pantry's own spelling of the name that was met: the one that says most, descriptions not counted. */
function nameMet(foodText: string, match: FoodMatch, pantry: Pantry): string {
  const met = foodWords(foodText)
    .slice(match.at, match.at + match.words)
    .join(' ');
  const all = foodWords(foodText).join(' ');
  const names = match.food.names
    .map((name) => ({ name, key: pantry.key(name) }))
    .filter(({ key }) => ` ${all} `.includes(` ${key} `));
  const most = (text: string): number => text.split(' ').filter((word) => !isPlainDescription(word)).length;
  names.sort((a, b) => most(b.key) - most(a.key) || all.indexOf(a.key) - all.indexOf(b.key));
  return (
    names[0]?.name ?? match.food.names.find((name) => pantry.key(name) === met) ?? match.food.names[0] ?? ''
  );
}

/** What "or" offers instead, with the line's own amount: "2 cups beef stock or water" gives "2 cups water". */
function alternative(clean: string, unbracketed: string, foodText: string, pantry: Pantry): string {
  const m =
    /\s+or\s+((?:\d|[¼-¾])?[^,;()]{2,40}?)(?:\s*[,;(].*)?$/iu.exec(unbracketed) ??
    /\(or\s+([^()]{2,40})\)/i.exec(clean);
  const words = (m?.[1] ?? '').replace(/^(?:extra|more|use|substitute)\s+/i, '').trim();
  if (!words || !pantry.find(words) || /^(?:more|less|so|to taste|as needed)\b/i.test(words)) return '';
  if (readAmount(words)) return words;
  const at = clean.indexOf(foodText);
  const before = at > 0 ? clean.slice(0, at) : '';
  return `${before}${words}`.trim();
}
