import type { Food, FoodKind } from '../pantry/food';
import type { FoodMatch, Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { type Amount } from './amount';
import { isPlainDescription } from './descriptions';

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
  { from: 'black-pepper', to: 'red-pepper', word: /\b(?:peppers|capsicums)\b/i, not: /\bcorns?\b|\bsalt\b/i },
  { from: 'whole-duck', to: 'duck-leg', word: /\blegs? of duck\b/i },
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
  // "1 beef cube in ¾ pt hot water": a stock cube, and no ox.
  ...['beef-chuck', 'lamb-shoulder', 'whole-chicken', 'chicken-thigh'].map((from) => ({
    from,
    to: 'stock-cube',
    word: /\b(?:beef|lamb|chicken) (?:stock |bouillon )?cubes?\b/i,
    unit: ['each', 'piece', 'cube'],
  })),
  { from: 'passata', to: 'ketchup', word: /\bketchup\b/i },
  // "Pork steaks (shoulder)", "diced lamb, from the leg": the cut is named beside.
  ...(
    [
      ['pork-loin', 'pork-shoulder', /\b(?:shoulder|neck|collar|butt)\b/i],
      ['pork-shoulder', 'pork-leg', /\bleg\b/i],
      ['lamb-chop', 'lamb-shoulder', /\bshoulder\b/i],
      ['lamb-shoulder', 'lamb-leg', /\bleg\b/i],
      ['lamb-shoulder', 'lamb-neck', /\bneck\b/i],
      ['beef-chuck', 'beef-shin', /\b(?:shin|shank)\b/i],
      ['beef-chuck', 'beef-cheek', /\bcheeks?\b/i],
    ] as const
  ).map(([from, to, word]) => ({ from, to, word, not: /\b(?:or|and)\b|\/|\bbutt(?:er|on)/i })),
  { from: 'pork-shoulder', to: 'pork-rib', word: /\bribs?\b/i },
  { from: 'beef-chuck', to: 'beef-short-rib', word: /\bribs?\b/i },
  { from: 'sausage', to: 'ground-pork', word: /\bcasings? removed\b|\bout of (?:its|their) skins?\b/i },
  // A tin of it is coconut milk, however thick: the cream off the top is a cupful and less.
  { from: 'coconut-cream', to: 'coconut-milk', word: /\bthick coconut milk\b/i, unit: ['ml'], fewest: 250 },
  { from: 'coconut-cream', to: 'coconut-milk', word: /\bthick coconut milk\b/i, unit: ['can'] },
  // Nobody measures a bulb by the spoon.
  {
    from: 'fennel',
    to: 'fennel-seed',
    unit: ['tsp', 'tbsp'],
    not: /\b(?:bulb|chopped|sliced|fronds?|diced)\b/i,
  },
  { from: 'milk', to: 'coconut-milk', word: /\bcoconut\b/i },
  { from: 'butter', to: 'salted-butter', word: /(?<!un)\bsalted\b/i },
];

/** What may stand behind a name of its kind and says nothing new. */
export const KIND_NOUNS: Partial<Record<FoodKind, RegExp>> = {
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

export function madeInto(food: Food, match: FoodMatch, foodText: string, pantry: Pantry): Food | null {
  const words = foodWords(foodText.replace(/\([^()]*\)/g, ' '));
  const last = words.slice(match.at + match.words).find((w) => !isPlainDescription(w) || w === 'oil');
  const noun = last === undefined ? undefined : MADE_INTO.find((m) => m.noun.test(last));
  if (noun && !noun.unless?.includes(food.kind)) return pantry.get(noun.to) ?? null;
  const state = STATES.find((m) => m.word.test(foodText));
  return state && !state.unless?.includes(food.kind) ? (pantry.get(state.to) ?? null) : null;
}

export function reinterpret(food: Food, amount: Amount | null, text: string, pantry: Pantry): Food {
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
