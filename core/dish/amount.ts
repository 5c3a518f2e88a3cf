import type { Food } from '../pantry/food';
import { readNumber } from '../quantity/number';
import { type Unit, readUnit, unitById } from '../quantity/units';

/** How much of something, as written. `min`..`max` of `unitId`; `each` is a plain count. */
export interface Amount {
  min: number;
  max: number;
  unitId: string;
  /** small / medium / large, where the cook said so. */
  size?: 'small' | 'medium' | 'large';
  /** Net content of one container in grams or millilitres: "1 (14 oz) can". */
  content?: { value: number; unitId: string };
  /** A second measure the cook gave for the same thing, trusted for the weight: "6 thighs (about 1 kg)". */
  alsoG?: number;
  alsoMl?: number;
  /** Amounts joined with "plus". */
  plus?: { min: number; max: number; unitId: string };
  /** "a few", "handful": the figure is a guess by nature. */
  vague?: boolean;
  /** A spoon that is not level. */
  filled?: 'heaped' | 'scant';
  /** How an oddly written figure was taken: "1.5 kg" for "1 500 g", "500" for "5OO". */
  readAs?: string;
}

/** An amount found at the start of a line, and what is left of the line. */
export interface FoundAmount {
  amount: Amount;
  rest: string;
}

const APPROX =
  /^(?:about|approx(?:imately)?\.?|around|roughly|circa|ca?\.(?=\s?\d)|ca|~|≈|up to|at least|nearly|almost|just over|just under|an? good|an? generous|an? heaped|an? scant|an? level|an? rounded|heaped|heaping|scant|generous|level|rounded|good|another|extra)\s+/i;

const SIZE = /^(small|smallish|sm|medium|medium-sized|med|large|lge?|big|extra[- ]large|jumbo)\b\.?[\s,-]*/i;

const CONTAINER =
  /^(cans?|tins?|jars?|cartons?|packets?|packages?|pkgs?|packs?|pouch(?:es)?|bottles?|bags?|tubs?|box(?:es)?|blocks?|containers?|sachets?|envelopes?|bricks?)\b\.?\s*/i;

/** What is said of a tin before its name: "1 drained tin", "2 whole jars". */
const BEFORE_TIN =
  /^(\S{1,6}\s+)(?:(?:drained|rinsed|whole|full|standard|regular|ordinary|normal)\s+)+(?=(?:cans?|tins?|jars?|cartons?|packets?|packs?|bottles?|bags?|tubs?)\b)/i;

const skipApprox = (text: string): string => {
  let s = text.trimStart();
  while (APPROX.test(s)) s = s.replace(APPROX, '').trimStart();
  return s;
};

function containerUnit(word: string): string {
  return readUnit(word.toLowerCase())?.unit.id ?? 'packet';
}

/** A measured size such as "14 oz", "400-g", "1.5 kg" (never a count) at the start of `text`. */
export function readMeasured(text: string): { min: number; max: number; unit: Unit; rest: string } | null {
  const number = readNumber(skipApprox(text));
  if (!number) return null;
  const found = readUnit(number.rest.replace(/^[\s-]+/, ''));
  if (!found || (found.unit.kind !== 'mass' && found.unit.kind !== 'volume')) return null;
  return { min: number.min, max: number.max, unit: found.unit, rest: found.rest };
}

/** A length such as "4 cm", "2-inch" at the start of `text`. */
function readLength(text: string): { value: number; unit: Unit; rest: string } | null {
  const number = readNumber(text);
  const found = number ? readUnit(number.rest.replace(/^[\s-]+/, '')) : null;
  return number && found?.unit.kind === 'length'
    ? { value: (number.min + number.max) / 2, unit: found.unit, rest: found.rest }
    : null;
}

/** "2lb 4oz": the ounces that go on with the pounds. */
function withOunces(measured: ReturnType<typeof readMeasured>): ReturnType<typeof readMeasured> {
  const ounces = measured?.unit.id === 'lb' ? /^\s*(\d{1,2})(½)?\s?oz\b\.?/i.exec(measured.rest) : null;
  if (!measured || !ounces) return measured;
  const more = (Number(ounces[1]) + (ounces[2] ? 0.5 : 0)) / OUNCES_A_POUND;
  return {
    ...measured,
    min: measured.min + more,
    max: measured.max + more,
    rest: measured.rest.slice(ounces[0].length),
  };
}
const OUNCES_A_POUND = 16;

/** A second measure in brackets or after a slash: "(about 1 kg)", "/ 700 g", "(250ml)". */
function readAlso(text: string): { value: number; unit: Unit; rest: string } | null {
  const open = /^\s*(?:\(|\[|\/|=|,?\s*or about\s|,\s*about\s)\s*/i.exec(text);
  if (!open) return null;
  const inner = text.slice(open[0].length).replace(/^(?:total|weighing)\s+/i, '');
  const measured = withOunces(readMeasured(inner));
  if (!measured) return null;
  const bracketed = /[([]/.test(open[0]);
  if (!bracketed)
    return { value: (measured.min + measured.max) / 2, unit: measured.unit, rest: measured.rest };
  const close = /^[^)\]]*[)\]]/.exec(measured.rest);
  if (!close || /\beach\b|\bper\b|apiece/i.test(close[0])) return null;
  return {
    value: (measured.min + measured.max) / 2,
    unit: measured.unit,
    rest: measured.rest.slice(close[0].length),
  };
}

/** "(14 oz) can", "14-oz can", "400 g tin": the content of one container, then the container. */
function readContainer(
  text: string,
): { content: NonNullable<Amount['content']>; unitId: string; rest: string } | null {
  const bracket = /^\s*\(([^()]{1,40})\)\s*/.exec(text);
  const inner = bracket?.[1] ?? text;
  const measured = readMeasured(inner);
  if (!measured) return null;
  const after = (bracket ? text.slice(bracket[0].length) : measured.rest).replace(/^[\s,-]+/, '');
  const sized = after.replace(SIZE, '');
  const container = CONTAINER.exec(sized);
  if (!container) return null;
  return {
    content: { value: (measured.min + measured.max) / 2, unitId: measured.unit.id },
    unitId: containerUnit(container[1] ?? 'can'),
    rest: sized.slice(container[0].length),
  };
}

/** "3 thick slices": how thick they are is no part of how many. */
const CUT_HOW =
  /^((?:\d[\d\s/.½¼¾–-]*|an?|one|two|three|four|five|six|eight))\s+(?:very )?(?:thick|thin|thinly|fat|good|generous|nice|chunky)(?:[- ]cut)?\s+(?=(?:slices?|rashers?|strips?|coins?|rounds?|wedges?|pieces?)\b)/i;

/** "2 packed cups baby spinach": how the cup is filled stands before it as well as behind it. */
const CUP_PACKED =
  /^([\d¼-¾⅓⅔][\d\s/.½¼¾⅓⅔–-]*|an?|one|two|three|four|half an?)\s+((?:(?:firmly|loosely|lightly|tightly|well)[- ])?packed)\s+((?:cups?|c\.?|tbsps?|tablespoons?|handfuls?|pints?)(?: of)?)\s+/iu;

/** "Five spice 1 tsp": a name that begins with a number. */
const NAMED_BY_NUMBER = /^\W*(?:chinese )?(?:five|seven|three)[- ](?:spice|pepper)/i;

/**
 * Reads an amount at the start of a line. Understands multipliers ("2 x 400 g tins"), containers ("1 (14 oz) can"),
 * sizes, "plus", second measures in brackets and vague units ("a handful of"). Null when the line starts otherwise.
 */
export function readAmount(text: string): FoundAmount | null {
  if (NAMED_BY_NUMBER.test(text)) return null;
  const plain = plainFigures(text);
  const found = readPlainAmount(plain.text.replace(CUT_HOW, '$1 ').replace(CUP_PACKED, '$1 $3 $2 '));
  if (!found || !plain.readAs || found.amount.content) return found;
  return { ...found, amount: { ...found.amount, readAs: plain.readAs } };
}

const WEIGHED = '(?=\\s?(?:g|gr|grams?|gm|gms|ml|mls)\\b)';

/** Thousands divided by a space, a point or an apostrophe, before grams and millilitres: nobody weighs to a thousandth of one. */
const THOUSANDS = new RegExp(`^(\\d{1,2})[ .'’\\u202f](\\d{3})${WEIGHED}`, 'i');

/** Letters that a scan or a hasty hand puts for figures: "5OO g", "l/2 cup", "1l/2 lb", "2Ibs". */
const SCANNED: readonly (readonly [RegExp, string])[] = [
  [/^(\d{1,3})[Oo]{2}(?=\s?(?:g|ml|gr|grams?)\b)/, '$100'],
  [/^(\d{1,3})[Oo](?=\s?(?:g|ml|gr|grams?)\b)/, '$10'],
  [/^[lI](?=\/\d)/, '1'],
  [/^(\d)\s?[lI]\/(\d)/, '$1 1/$2'],
  // "11/2 lb": nobody writes eleven halves; the space was lost.
  [/^(\d)(1\/[2348]|2\/3|3\/[48]|[57]\/8)(?!\d)/, '$1 $2'],
  [/^[lI](?=\s(?:cup|lb|tsp|tbsp|tablespoon|teaspoon|onion|clove|can|c\.|T\.|t\.))/, '1'],
  [/^(\d+(?:[ /]\d+)*)\s?Ibs?\b/, '$1 lb'],
];

/** Odd spellings of a figure made plain; `readAs` says how it was taken, empty when it was plain already. */
function plainFigures(text: string): { text: string; readAs: string } {
  const s = text.trimStart();
  if (!/^[\dlI]/.test(s)) return { text, readAs: '' };
  const thousands = THOUSANDS.exec(s);
  if (thousands) {
    const rest = s.slice(thousands[0].length);
    // "2 400 g tins" are two tins; "1 500 g beef" is a kilo and a half.
    const isTins = CONTAINER.test(rest.replace(/^\s*\p{L}+\s*/u, ''));
    if (!isTins) {
      const figure = `${thousands[1] ?? ''}${thousands[2] ?? ''}`;
      const unit = /^\s*m/i.test(rest) ? 'ml' : 'g';
      return { text: figure + rest, readAs: /['’]/.test(thousands[0]) ? '' : `${figure} ${unit}` };
    }
  }
  for (const [odd, plain] of SCANNED)
    if (odd.test(s)) {
      const made = s.replace(odd, plain);
      return { text: made, readAs: (/^[\d\s/.,]+\p{L}{0,12}/u.exec(made)?.[0] ?? '').trim() };
    }
  return { text, readAs: '' };
}

/** "½ a large onion", "1/2 of a 7 oz can", "two thirds of a 500 g packet": a part of one, whose "of a" says nothing more. */
const PART_OF_ONE =
  /^((?:\d+\/\d+|[¼-¾⅐-⅞]|half|quarter)\s+)(?:of\s+)?(?:an?|1|one)\s+(?=(?:small|medium|large|big)\b|\d)/i;

/** Parts told in words, as figures. */
const PARTS_IN_WORDS: readonly (readonly [RegExp, string])[] = [
  [/^(?:an?\s+|one[- ])?third\s+(?=of\b)/i, '1/3 '],
  [/^two[- ]thirds\s+(?=of\b)/i, '2/3 '],
  [/^three[- ]quarters\s+(?=of\b)/i, '3/4 '],
  [/^(?:a|one)[- ]quarter\s+(?=of\b)/i, '1/4 '],
];

const SO_MANY_LENGTHS =
  /^(\d{1,2})\s*[x×]\s*(\d{1,2}(?:[.,]\d)?)(?=[\s-]?(?:cm|mm|in(?:ch(?:es)?)?\b|")[\s-]+(?:thick |long )?(?:pieces?|knobs?|chunks?|lengths?|thumbs?)\b)/i;

const ONE_UNSAID =
  /^(?:(?:pint|cup|cupful|litre|liter|quart|kilo|pound|can|tin|jar|packet|pack|carton|tub|pot|bottle|tablespoon|teaspoon|tbsp|tsp)\s+of\s+\p{L}|(?:pint|cup|can|tin|jar|packet|carton|tablespoon|teaspoon|tbsp|tsp|sachet|squirt)\s+(?!(?:of|foil|opener|size)\b)\p{L})/iu;

/** A noodle, and no glass of anything. */
const GLASS_NOODLES = /^glass noodles?\b/i;

function readPlainAmount(text: string): FoundAmount | null {
  if (/^\s*(?:a (?:little|bit of|touch of)|some)\s/i.test(text)) return null;
  const s = PARTS_IN_WORDS.reduce((t, [words, figure]) => t.replace(words, figure), skipApprox(text))
    .replace(/^an?\s+(?=[\d¼-¾])/i, '')
    // "1 x 2.5cm piece of ginger": so many lengths of it.
    .replace(
      SO_MANY_LENGTHS,
      (_, n: string, length: string) => `${Number(n) * Number(length.replace(',', '.'))}`,
    )
    // "½ a large onion", "1 drained tin of chickpeas": the word between says nothing of how much.
    .replace(PART_OF_ONE, '$1')
    .replace(BEFORE_TIN, '$1')
    .replace(/([a-z])\/(?=[\d¼-¾])/gi, '$1 / ')
    .replace(/^(\d{1,2})-(\d\/\d{1,2})(?!\d|\/)/, '$1 $2');
  const single = readContainer(s);
  if (single)
    return { amount: { min: 1, max: 1, unitId: single.unitId, content: single.content }, rest: single.rest };
  const number = readNumber(s);
  if (!number) {
    const bare = readUnit(s);
    if (
      bare &&
      !GLASS_NOODLES.test(s) &&
      [
        'pinch',
        'glass',
        'mug',
        'handful',
        'knob',
        'bunch',
        'dash',
        'splash',
        'sprig',
        'scoop',
        'thumb',
        'drop',
        'squeeze',
        'ball',
        'slice',
        'stick',
        'head',
        'stalk',
      ].includes(bare.unit.id)
    )
      return { amount: { min: 1, max: 1, unitId: bare.unit.id, vague: true }, rest: bare.rest };
    // "Pint of lamb stock", "can of coconut milk": one, and nobody says so.
    if (bare && ONE_UNSAID.test(s))
      return { amount: { min: 1, max: 1, unitId: bare.unit.id }, rest: bare.rest.replace(/^\s*of\s+/i, ' ') };
    const good = /^(small|large|big|good|generous)\s+/i.exec(s);
    const sized = good ? readAmount(s.slice(good[0].length)) : null;
    if (!good || !sized) return null;
    const size = /small/i.test(good[1] ?? '') ? 'small' : 'large';
    return { ...sized, amount: { size, ...sized.amount } };
  }
  const base = { min: number.min, max: number.max, vague: number.vague || undefined };
  let rest = number.rest;

  const times =
    /^\s*(?:[x×*]\s*(?=[\d(¼-¾])|(?=\(?\s*\d[\d.,]*[\s-]*(?:g|kg|ml|l|oz|ounces?|lb|fl)\b))/i.exec(rest);
  if (times) {
    const afterTimes = rest.slice(times[0].length);
    const container = readContainer(afterTimes);
    if (container)
      return {
        amount: { ...base, unitId: container.unitId, content: container.content },
        rest: container.rest,
      };
    if (/[x×*]/i.test(times[0])) {
      const measured = readMeasured(afterTimes);
      if (measured)
        return {
          amount: { min: base.min * measured.min, max: base.max * measured.max, unitId: measured.unit.id },
          rest: measured.rest,
        };
    }
  }
  const container = readContainer(rest);
  if (container)
    return {
      amount: { ...base, unitId: container.unitId, content: container.content },
      rest: container.rest,
    };

  rest = skipApprox(rest.replace(/^[\s]*[-–](?=\S)/, ' '));
  const piece = /^\d/.test(rest) ? readLength(rest) : null;
  const weighed = /^\s*\d/.test(rest) ? readMeasured(rest) : null;
  if (weighed)
    return {
      amount: { min: base.min * weighed.min, max: base.max * weighed.max, unitId: weighed.unit.id },
      rest: weighed.rest,
    };
  if (piece)
    return {
      amount: { min: base.min * piece.value, max: base.max * piece.value, unitId: piece.unit.id },
      rest: piece.rest,
    };
  const long =
    /^\s*\(([^()]{2,16})\)\s*(?:(?:long|thick)\s+)?(?:piece|knob|chunk|thumb|length|stick)?s?\b\s*/i.exec(
      rest,
    );
  const inLength = long ? readLength((long[1] ?? '').trim()) : null;
  if (long && inLength && !inLength.rest.trim())
    return {
      amount: { min: base.min * inLength.value, max: base.max * inLength.value, unitId: inLength.unit.id },
      rest: rest.slice(long[0].length),
    };
  const eachOf = /^\s*\(([^()]{2,24})\)\s+(?=\p{L})/u.exec(rest);
  const eachWeighs = eachOf ? readMeasured((eachOf[1] ?? '').replace(/\s*(?:each|apiece)$/i, '')) : null;
  const isTotal = base.min > 1 && /^(?:about|approx|total|around|roughly|~)/i.test(eachOf?.[1] ?? '');
  const isEach = !isTotal || /\b(?:each|apiece)$/i.test(eachOf?.[1] ?? '');
  if (eachOf && isEach && eachWeighs?.unit.kind === 'mass' && !eachWeighs.rest.trim() && base.max <= 60) {
    const grams = ((eachWeighs.min + eachWeighs.max) / 2) * eachWeighs.unit.perUnit;
    return {
      amount: { ...base, unitId: 'each', alsoG: grams * ((base.min + base.max) / 2) },
      rest: rest.slice(eachOf[0].length),
    };
  }
  const sizeFound = SIZE.exec(rest);
  let size: Amount['size'];
  if (sizeFound) {
    const word = (sizeFound[1] ?? '').toLowerCase();
    size = /^sm/.test(word) ? 'small' : /^med/.test(word) ? 'medium' : 'large';
  }
  const afterSize = sizeFound ? rest.slice(sizeFound[0].length) : rest;
  const found =
    readUnit(afterSize) ??
    (/^(heaped|heaping|level|scant|rounded)\s/i.test(afterSize) ? readUnit(skipApprox(afterSize)) : null);
  let amount: Amount;
  // "1 whole head garlic": a head, whole.
  const inPiece = found?.unit.id === 'piece' ? readUnit(found.rest.trim()) : null;
  if (found && inPiece?.unit.kind === 'piece') {
    found.unit = inPiece.unit;
    found.rest = inPiece.rest;
  }
  if (found) {
    amount = {
      ...base,
      unitId: found.unit.id,
      ...(size && (found.unit.kind === 'piece' || found.unit.id === 'glass') ? { size } : {}),
    };
    rest = found.rest;
    if (found.unit.kind === 'mass' || found.unit.kind === 'volume') {
      const joined = /^\s*(?:\+|plus|and)\s+/i.exec(rest);
      const more = joined ? readMeasured(rest.slice(joined[0].length)) : null;
      const lbOz = !joined && found.unit.id === 'lb' ? readMeasured(rest) : null;
      if (more && more.unit.kind === found.unit.kind) {
        amount.plus = { min: more.min, max: more.max, unitId: more.unit.id };
        rest = more.rest;
      } else if (lbOz?.unit.id === 'oz') {
        amount.plus = { min: lbOz.min, max: lbOz.max, unitId: 'oz' };
        rest = lbOz.rest;
      }
    }
    if (CONTAINER.test(found.unit.names[0] ?? '')) {
      const content = /^\s*\(([^()]{1,40})\)/.exec(rest);
      const measured = content ? readMeasured(content[1] ?? '') : null;
      // "1/2 box (110 g)": what is in brackets is the half of it that goes in.
      if (content && measured && base.max >= 1) {
        amount.content = { value: (measured.min + measured.max) / 2, unitId: measured.unit.id };
        rest = rest.slice(content[0].length);
      }
    }
  } else {
    amount = { ...base, unitId: 'each', ...(size ? { size } : {}) };
    rest = afterSize;
  }
  const also = amount.content ? null : readAlso(rest);
  if (!also) return { amount, rest };
  const primary = unitById(amount.unitId).kind;
  if (primary !== 'mass' && primary !== also.unit.kind) {
    if (also.unit.kind === 'mass') amount.alsoG = also.value * also.unit.perUnit;
    else amount.alsoMl = also.value * also.unit.perUnit;
  }
  return { amount, rest: also.rest };
}

/** A weight in brackets more than this many times off what the measure holds is another thing's: the tin's, the packet's. */
const SAME_THING = 1.8;

/** Where a line says what its count weighs: in brackets, behind "about" or "each", or alone between two commas ("1 roast, 3-4 pounds, cut in four"). */
const SAYS_WEIGHT =
  /\(([^()]{2,60})\)|(?:,\s*|\bof (?=(?:about |around )?\d[\d.,]*\s?(?:kg|g|lbs?|pounds)\b))((?:(?:each|weighing|total)\s+)*(?:about|abt\.?|around|roughly|approx\.?|ca?\.?|each|weighing|total)\s+[\d¼-¾][^,;]{1,30}|\d[^,;]{1,20}\s(?:each|apiece|per piece|in all|altogether|in total)|\d[\d\s./¼-¾–-]*(?:to \d[\d\s./¼-¾]*)?\s?(?:kgs?|kilos?|gr?|gms?|grams?|lbs?|pounds?|oz|ounces)\.?(?=\s*(?:[,;(]|$|cut\b|in\b|into\b|jointed\b)))/gi;

/**
 * A weight in brackets anywhere later in the line ("6 chicken thighs (about 1 kg)", "2 breasts (200 g each)", "1 cup grated
 * cheddar (about 4 oz)") makes an amount that was counted or measured exact. `gPerMl` is the food's own, where it is known.
 * Returns the same amount when there is none.
 */
export function withBracketedWeight(amount: Amount, rest: string, gPerMl?: number): Amount {
  const isGuess = amount.unitId === 'splash' || amount.vague === true;
  const { kind, perUnit } = unitById(amount.unitId);
  const heldG = kind === 'volume' && gPerMl && !amount.plus ? amount.max * perUnit * gPerMl : 0;
  if (amount.alsoG || amount.alsoMl || amount.content || (kind !== 'piece' && !isGuess && !heldG))
    return amount;
  for (const bracket of rest.matchAll(SAYS_WEIGHT)) {
    // "(half, about 110 g)": the weight is said last.
    const said = bracket[1] ?? bracket[2] ?? '';
    // "(topside, each about 180 g, 5 mm thick)": the one part that is a weight.
    const parts = said.split(/,\s+/);
    const part =
      parts.find((p) => /\b(?:each|about|around|approx)\b.*\d/i.test(p)) ??
      parts.find((p) => readMeasured(p)?.unit.kind === 'mass') ??
      said;
    const inner = part
      .replace(/^(?:(?:each|total|weighing|abt\.?)\s+)+/i, '')
      .replace(/^(?:a )?half(?: of it)?,\s*(?:about |ca\.? )?(?=\d)/i, '');
    const measured = readMeasured(inner);
    if (measured?.unit.kind === 'volume' && isGuess)
      return { ...amount, vague: false, alsoMl: ((measured.min + measured.max) / 2) * measured.unit.perUnit };
    if (measured?.unit.kind !== 'mass') continue;
    const grams = ((measured.min + measured.max) / 2) * measured.unit.perUnit;
    const each = /\beach\b|\bper\b|apiece/i.test(bracket[0]);
    if (heldG && (each || Math.max(grams / heldG, heldG / grams) > SAME_THING)) continue;
    return { ...amount, alsoG: each ? grams * ((amount.min + amount.max) / 2) : grams };
  }
  return amount;
}

const UNITS_AFTER = new Set([
  'sprig',
  'clove',
  'stalk',
  'stick',
  'slice',
  'rasher',
  'strip',
  'leaf',
  'head',
  'cube',
  'bunch',
  'ear',
]);

/** A count whose unit stands after the food ("3 thyme sprigs", "4 celery stalks") takes that unit, if the food is sold by it. */
export function withTrailingUnit(amount: Amount, foodText: string, food: Food | null): Amount {
  if (amount.unitId !== 'each' || amount.alsoG || !food) return amount;
  const unitId = readUnit(foodText.trim().split(/\s+/).at(-1)?.toLowerCase() ?? '')?.unit.id;
  if (!unitId || !UNITS_AFTER.has(unitId)) return amount;
  const isOwn = food.pieceG[unitId] !== undefined || food.pieceG['each'] === undefined;
  return isOwn ? { ...amount, unitId } : amount;
}
