import type { Allergen, Food } from '../pantry/food';
import type { FoodMatch, Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { type Range, around, exactly } from '../quantity/range';
import { type MeasureSystem, perUnitIn, unitById } from '../quantity/units';
import { BROAD_NAMES } from './data/broadNames';
import { freeFrom, othersIn } from './allergens';
import { type Amount, readAmount, withBracketedWeight, withTrailingUnit } from './amount';
import { canBeCounted, isPossible, weigh } from './weigh';
import { evenedLine, withoutTail } from './evened';
import { isPlainDescription } from './descriptions';
import { formatAmount } from './amountText';
import { withFigure, withoutComparison } from './comparisons';
import { DICED_MEAT_MM, type Descriptors, describe, isDiced } from './descriptors';
import { MAX_LINE_LENGTH, stripBullet } from './names';
import { PORTION_SPREAD, chunkMm, jointMm, oneOfMany, portionOf, portionsG } from './portions';
import { KIND_NOUNS, madeInto, reinterpret } from './rowMeant';
import { tellApart } from './several';
import { mendSpelling, writeOut } from './spelling';
import { WEIGHT_LAST, readPartOf, readTrailing, withFilling, withoutLabel } from './trailing';

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
  // A squeeze of lemon needs none.
  ...[...LIQUID_KINDS].filter((kind) => kind !== 'citrus'),
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

/** "Ribs", "stewing meat": what is meant most often by a name that is no one food; null for any other name. */
function broadlyMeant(foodText: string, pantry: Pantry): Food | null {
  const said = foodText.toLowerCase().trim();
  const words = foodWords(foodText)
    .filter((w) => !isPlainDescription(w))
    .join(' ');
  const id = BROAD_NAMES[said] ?? BROAD_NAMES[words] ?? BROAD_NAMES[foodWords(foodText).join(' ')];
  return (id === undefined ? undefined : pantry.get(id)) ?? null;
}

/** What fills up a tin or a jar. */
const PACKED_IN =
  /(?<=\p{L}{3}) in (?:(?:its|their|own|extra|virgin|olive|sunflower|vegetable|rapeseed|spring|salted|salt|light|heavy|natural|rich|thick|sugar|fruit|tomato) )*(?:oil|water|brine|juices?|syrup|vinegar|pur[eé]e|tomato sauce|tomato juice)$/iu;

/** "(about 1\" thick, 2 1/2 lb total)": two things in one bracket. */
const THICK_AND_HEAVY = /\(([^(),]*\d[^(),]*\bthick),\s*(?=(?:about |approx\.? )?\d)/giu;

/** "Cornstarch slurry (2 tbsp each cornstarch and water)". */
const SLURRY_EACH =
  /^(?:\p{L}+ )?slurry\W+((?:about )?[\d½¼¾/ ]+ ?\p{L}+) each (?:of )?([\p{L} -]+?) (?:and|&|\+) (?:\p{L}+ )?water\)?\W*$/iu;

function readAfresh(text: string, pantry: Pantry, system: MeasureSystem): ReadLine {
  const written = writeOut(
    evenedLine(
      stripBullet(text.slice(0, MAX_LINE_LENGTH))
        .replace(/[~≈∼]\s?(?=\d)/g, 'about ')
        .replace(THICK_AND_HEAVY, '($1) (')
        .replace(SLURRY_EACH, '$1 $2 mixed with $1 water'),
    ),
    pantry,
  );
  const clean = withoutLabel(withFigure(withoutComparison(written)), pantry).replace(WEIGHT_LAST, '$1 ($2)');
  let words = describe(clean);
  const found = readPartOf(clean) ?? readAmount(clean) ?? readTrailing(withoutTail(clean));
  let amount = found ? withFilling(found.amount, clean) : null;
  const rest = (found?.rest ?? clean)
    .replace(/^[\s,.:;)-]+/, '')
    .replace(/^(?:of\s+(?:the\s+)?|d['’](?=\p{L}))/iu, '');

  const unbracketed = rest
    .replace(/\([^()]*\)/g, ' ')
    // "Mushrooms if I've got them (about 200 g)": what is asked, and what its amount left of the bracket.
    .replace(/\s+if (?:i|you|we|there)\b[^,;]*|\s*\([^()]*$/i, ' ')
    // "BBQ sauce + more for serving": what is more has no amount.
    .replace(/\s*\+\s*(?:some |a little )?(?:more|extra)\b.*$/i, '')
    .replace(/^\s*(?:a (?:little|bit of|good)|some|extra|each)\s+/i, '')
    .trim();
  const head = unbracketed.split(/\s*[,;:]\s+|\s+[–—-]\s+|\s+or\s+|\s+\/\s+/i)[0] ?? '';
  // "Tuna in olive oil" is tuna; "beans in tomato sauce" has a name of its own.
  const packed = pantry.named(head) ? head : head.replace(PACKED_IN, '');
  const beforeFor =
    packed.split(
      /\s+(?:for|to|with|studded|stuck|spiked|cut|stirred|added|such as|plus|from|made|mashed|mixed|slaked|dissolved|steeped|soaked|loosened|whisked)\s+|\s+(?:[+&]|and|plus)\s+(?=\d|[¼-¾]|an?\s|half\s|one\s|two\s)|\s+in\s+(?=\d|[¼-¾]|a\s|boiling|hot|cold|warm|water|its|brine|oil|juice|syrup)/i,
    )[0] ?? packed;
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
  // "1 bottle gourd": what was taken for a container is the first word of a name.
  const byUnit = match || !amount ? null : pantry.find(`${amount.unitId} ${foodText}`);
  if (amount && byUnit && byUnit.words > 1) {
    match = byUnit;
    foodText = `${amount.unitId} ${foodText}`;
    amount = { ...amount, unitId: 'each' };
  }
  if (!match && amount?.unitId === 'clove') {
    match = pantry.find('clove');
    amount = { ...amount, unitId: 'each' };
    foodText = 'cloves';
  }
  if (!match && !rest) match = pantry.find(clean);
  foodText = (foodText || clean).replace(/\s{2,}/g, ' ');
  const made = match ? madeInto(match.food, match, foodText, pantry) : broadlyMeant(foodText, pantry);
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
  if (amount && food && !isElsewhere) amount = withUnitLeftAway(amount, food);
  const isCountless = amount !== null && food !== null && (isElsewhere || !canBeCounted(amount, food));
  const isImpossible = isCountless || (amount !== null && !isPossible(amount, food, system));
  // What is not understood weighs nothing, takes no room and holds no liquid until it is answered.
  let massG: Range = amount && food && !isImpossible ? weigh(amount, food, system) : exactly(0);
  if (food && words.zestOnly && food.kind === 'spice-late' && amount?.unitId === 'each')
    massG = around(4 * amount.max, 0.4);
  if (food?.kind === 'salt' && !amount) massG = exactly(0);
  // "Diced" is a bite of a bird, and what goes by it of red meat is for stewing.
  if (food?.kind === 'red-meat' && !words.isSized && isDiced(clean))
    words = { ...words, thicknessMm: DICED_MEAT_MM };
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
    ...((food && /^(?:poultry|red-meat)$/.test(food.kind) && CARVED_LATER.test(clean)) ||
    (GREENS_LATER.test(clean) && WHITES_NOW.test(clean))
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

/** So many of a thing are never counted: a note leaves the grams away. */
const LEAST_GRAMS = 50;

/** "500 mince", "stock 200": grams, or millilitres of what pours, and said so. */
function withUnitLeftAway(amount: Amount, food: Food): Amount {
  const isMany = amount.unitId === 'each' && amount.min >= LEAST_GRAMS && !amount.alsoG && !amount.alsoMl;
  if (!isMany || (canBeCounted(amount, food) && food.cut === undefined)) return amount;
  const unitId = LIQUID_KINDS.has(food.kind) ? 'ml' : 'g';
  return { ...amount, unitId, readAs: `${formatAmount({ ...amount, unitId }, 1)}` };
}

/** Cuts whose ordinary piece is a slice or a fillet. */
const SOLD_THIN: ReadonlySet<string> = new Set([
  'pork-loin',
  'beef-sirloin',
  'beef-steak',
  'lamb-loin',
  'veal-loin',
  'turkey-breast',
]);

const isSoldThin = (food: Food | null): boolean =>
  food !== null && food.id !== 'pork-tenderloin' && SOLD_THIN.has(food.cut ?? food.id);

/** What is asked where a measure says little: "how big is the handful?". */
const guessed = (unitId: string): string =>
  unitId === 'each'
    ? 'The weight is a guess.'
    : `The weight is a guess: how big is the ${unitById(unitId).names[0] ?? unitId}?`;

const CARVED_LATER = /\b(?:sliced|carved|shredded|pulled) (?:to serve|for serving)\b/i;
/** "Spring onions, whites chopped, greens sliced to serve": only some of it is for the table. */
const GREENS_LATER =
  /\b(?:greens?|green (?:parts?|tops?|ends?)|tops|leaves|fronds)\b[^,;]{0,24}\b(?:to serve|for serving|to garnish|for garnish)\b/i;
const WHITES_NOW = /\b(?:whites?|white (?:parts?|ends?)|bulbs?|stalks?|stems?)\b/i;

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
