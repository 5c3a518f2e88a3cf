import type { Food } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { around, exactly, type Range } from '../quantity/range';
import type { MeasureSystem } from '../quantity/units';
import { isPlainDescription, readAmount, weigh, withBracketedWeight, type Amount } from './amount';
import { describe, readLengthMm, type Descriptors } from './descriptors';

/** One line as understood. `text` is always the cook's own words, whole. */
export interface ReadLine extends Descriptors {
  text: string;
  amount: Amount | null;
  food: Food | null;
  /** The words taken for the food. */
  foodText: string;
  /** What the amount weighs as bought, grams. Zero-width zero when nothing is known. */
  massG: Range;
  /** How sure the reading is: `unsure` is marked on screen and never silently used as fact. */
  confidence: 'sure' | 'likely' | 'unsure';
  /** Why it is not sure, in a cook's words; empty when it is. */
  doubt: string;
}

/** Longest line read; the rest is kept as text but not searched. */
export const MAX_LINE_LENGTH = 400;

const BULLET = /^\s*(?:[-*•·●◦‣▪▢☐□✓✔–—]\s*|\[[ xX]?\]\s*)+/;

/** The line without its bullet, checkbox or odd white space. The cook's text itself is never changed. */
export function stripBullet(text: string): string {
  return text
    .replace(/[\u200b\ufeff\u00a0\u2009\u202f\t]/g, ' ')
    .replace(BULLET, '')
    .replace(/\s+/g, ' ')
    .trim();
}

/** Words that turn one pantry entry into another, given unit or neighbours. First match wins. */
const REINTERPRET: readonly { from: string; to: string; unit?: string[]; word?: RegExp; not?: RegExp }[] = [
  {
    from: 'black-pepper',
    to: 'red-pepper',
    unit: ['each'],
    not: /\b(?:black|white|ground|cracked|salt|corn)/i,
  },
  { from: 'coriander', to: 'ground-coriander', word: /\bground\b|\bpowder/i },
  { from: 'coriander', to: 'coriander-seed', word: /\bseeds?\b/i },
  {
    from: 'coriander',
    to: 'ground-coriander',
    unit: ['tsp'],
    not: /\b(?:fresh|leaf|leaves|chopped|cilantro|stems?|stalks?)\b/i,
  },
  { from: 'ginger', to: 'ground-ginger', word: /\bground\b|\bpowder|\bdried\b/i },
  { from: 'ground-cinnamon', to: 'cinnamon-stick', unit: ['stick', 'each', 'piece', 'cm', 'inch'] },
  { from: 'ground-cumin', to: 'cumin-seed', word: /\bseeds?\b/i },
  { from: 'clove', to: 'ground-clove', word: /\bground\b/i },
  { from: 'mustard-seed', to: 'dijon-mustard', unit: ['tbsp'], not: /\bseeds?\b/i },
  { from: 'cardamom-pod', to: 'ground-cardamom', word: /\bground\b|\bpowder/i },
  { from: 'tomato', to: 'chopped-tomatoes', unit: ['can', 'jar', 'carton'] },
  { from: 'tomato', to: 'chopped-tomatoes', word: /\b(?:canned|tinned)\b/i },
  { from: 'tomato-paste', to: 'passata', word: /\bpur[eé]e\b/i, unit: ['cup'] },
  { from: 'dried-chickpea', to: 'chickpea', unit: ['can', 'jar', 'carton'] },
  { from: 'green-lentil', to: 'chickpea', unit: ['can'] },
  { from: 'chickpea', to: 'dried-chickpea', word: /\bdried\b|\bdry\b/i },
  { from: 'kidney-bean', to: 'dried-chickpea', word: /\bdried\b|\bdry\b/i, not: /\bcan|\btin/i },
  { from: 'black-bean', to: 'dried-chickpea', word: /\bdried\b|\bdry\b/i, not: /\bcan|\btin/i },
  { from: 'cannellini-bean', to: 'dried-chickpea', word: /\bdried\b|\bdry\b/i, not: /\bcan|\btin/i },
  { from: 'mushroom', to: 'dried-mushroom', word: /\bdried\b/i },
  { from: 'apricot', to: 'dried-apricot', word: /\bdried\b|\bno-soak\b/i },
  { from: 'cranberry', to: 'dried-cranberry', word: /\bdried\b/i },
  { from: 'cherry', to: 'dried-cranberry', word: /\bdried\b/i },
  { from: 'basil', to: 'mixed-herbs', word: /\bdried\b/i },
  { from: 'parsley', to: 'mixed-herbs', word: /\bdried\b/i },
  { from: 'red-chilli', to: 'dried-chilli', word: /\bdried\b/i },
  { from: 'red-chilli', to: 'chilli-powder', word: /\bpowder\b|\bground\b/i },
  { from: 'lemon', to: 'lemon-zest', word: /\b(?:zest|peel|rind)\b/i, not: /\bjuice/i },
  { from: 'lime', to: 'lemon-zest', word: /\b(?:zest|peel|rind)\b/i, not: /\bjuice/i },
  { from: 'orange-juice', to: 'lemon-zest', word: /\b(?:zest|peel|rind)\b/i, not: /\bjuice/i },
  { from: 'ground-beef', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-pork', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-lamb', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-turkey', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'ground-chicken', to: 'meatball', word: /\bmeat ?balls?\b/i },
  { from: 'beef-chuck', to: 'ground-beef', word: /\b(?:ground|minced?|mince)\b/i },
  { from: 'pork-shoulder', to: 'ground-pork', word: /\b(?:ground|minced?|mince)\b/i },
  { from: 'lamb-shoulder', to: 'ground-lamb', word: /\b(?:ground|minced?|mince)\b/i },
  { from: 'whole-chicken', to: 'ground-chicken', word: /\b(?:ground|minced?|mince)\b/i },
  { from: 'whole-chicken', to: 'chicken-breast', word: /\bbreasts?\b/i },
  { from: 'whole-chicken', to: 'chicken-thigh', word: /\bthighs?\b/i },
  { from: 'whole-chicken', to: 'chicken-drumstick', word: /\bdrumsticks?\b/i },
  { from: 'whole-chicken', to: 'chicken-wing', word: /\bwings?\b/i },
  { from: 'pork-shoulder', to: 'pork-rib', word: /\bribs?\b/i },
  { from: 'beef-chuck', to: 'beef-short-rib', word: /\bribs?\b/i },
  { from: 'milk', to: 'coconut-milk', word: /\bcoconut\b/i },
  { from: 'butter', to: 'salted-butter', word: /(?<!un)\bsalted\b/i },
];

function reinterpret(food: Food, amount: Amount | null, text: string, pantry: Pantry): Food {
  for (const rule of REINTERPRET) {
    if (rule.from !== food.id) continue;
    if (rule.not?.test(text)) continue;
    if (rule.word && !rule.word.test(text)) continue;
    if (rule.unit && !rule.unit.includes(amount?.unitId ?? '')) continue;
    return pantry.get(rule.to) ?? food;
  }
  return food;
}

/** What to call the food of a line in a sentence: the cook's own words when they are short, else the pantry's name. */
export function shortName(read: Pick<ReadLine, 'food' | 'foodText'>): string {
  const own = read.foodText.trim();
  const isShort = own.length > 0 && own.length <= 22 && !own.includes(',') && own.split(' ').length <= 3;
  return isShort || !read.food ? own.toLowerCase().slice(0, 40) : (read.food.names[0] ?? own);
}

/** "juice of 2 limes", "zest and juice of ½ lemon": the fruit's amount, with the words kept for the descriptors. */
function readPartOf(text: string): { amount: Amount; rest: string } | null {
  const part =
    /^(?:(?:the|fresh(?:ly squeezed)?|finely grated|grated)\s+)*(?:juice|zest|peel|rind)(?:\s*(?:and|&|\+)\s*(?:juice|zest|peel|rind))?\s+(?:of|from)\s+/i.exec(
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
  const m = /^(\D{2,80}?)(?:\s*[,:;–—(-]\s*|\s+)((?:\d|[¼-¾⅐-⅞]).{0,40})$/u.exec(text);
  if (!m) return null;
  const tail = m[2] ?? '';
  if (readLengthMm(tail) !== null && !/^\d+\s*$/.test(tail)) return null;
  const found = readAmount(tail.replace(/\)\s*$/, ''));
  if (!found) return null;
  return { amount: found.amount, rest: `${m[1] ?? ''} ${found.rest}`.trim() };
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

function readAfresh(text: string, pantry: Pantry, system: MeasureSystem): ReadLine {
  const clean = stripBullet(text.slice(0, MAX_LINE_LENGTH));
  const words = describe(clean);
  const found = readPartOf(clean) ?? readAmount(clean) ?? readTrailing(clean);
  let amount = found?.amount ?? null;
  const rest = (found?.rest ?? clean).replace(/^[\s,.:;)-]+/, '').replace(/^of\s+(?:the\s+)?/i, '');

  const unbracketed = rest.replace(/\([^()]*\)/g, ' ').trim();
  const head = unbracketed.split(/\s*[,;:]\s+|\s+[–—-]\s+|\s+or\s+|\s+\/\s+/i)[0] ?? '';
  const beforeFor = head.split(/\s+(?:for|to|with|cut|stirred|added|such as|plus)\s+/i)[0] ?? head;
  let foodText = beforeFor || head || unbracketed;
  let match = pantry.find(foodText);
  for (const wider of [head, unbracketed, rest]) {
    if (match || !wider) continue;
    match = pantry.find(wider);
    if (match) foodText = wider;
  }
  if (!match && amount?.unitId === 'clove') {
    match = pantry.find('clove');
    amount = { ...amount, unitId: 'each' };
  }
  if (!match && !rest) match = pantry.find(clean);
  if (!foodText) foodText = clean;
  const food = match ? reinterpret(match.food, amount, clean, pantry) : null;

  if (amount) amount = withBracketedWeight(amount, rest);
  let massG: Range = amount ? weigh(amount, food, system) : exactly(0);
  if (food && words.zestOnly && food.kind === 'spice-late' && amount?.unitId === 'each')
    massG = around(4 * amount.max, 0.4);
  if (food?.kind === 'salt' && !amount) massG = exactly(0);

  const leftover = foodWords(foodText).filter((word, i) => {
    const explained = match !== null && i >= match.at && i < match.at + match.words;
    return !explained && !isPlainDescription(word) && !/^\d/.test(word);
  });
  let confidence: ReadLine['confidence'] = 'sure';
  let doubt = '';
  if (!food) {
    confidence = 'unsure';
    doubt = clean ? `“${foodText}” is not in the pantry: what is it most like?` : 'An empty line.';
  } else if (!amount && NEED_AMOUNT.has(food.kind) && !words.toTaste && words.written?.moment !== 'serve') {
    confidence = 'unsure';
    doubt = 'How much? No amount was found.';
  } else if (leftover.length > 1) {
    confidence = 'likely';
    doubt = `Taken as ${food.names[0]}.`;
  } else if (amount?.vague || massG.high > massG.mid * 1.45) {
    confidence = 'likely';
    doubt = 'The weight is a guess: a handful is a handful.';
  }
  return { ...words, text, amount, food, foodText, massG, confidence, doubt };
}
