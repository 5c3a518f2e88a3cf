import type { Pantry } from '../pantry/pantry';
import { readNumber } from '../quantity/number';
import { unitById } from '../quantity/units';
import { type Amount, readAmount } from './amount';
import { readLengthMm } from './descriptors';

/** "juice of 2 limes", "zest and juice of ½ lemon": the fruit's amount, with the words kept for the descriptors. */
export function readPartOf(text: string): { amount: Amount; rest: string } | null {
  const part =
    /^(?:(?:the|fresh(?:ly squeezed)?|finely grated|grated)\s+)*(?:juice|zest|peel|rind)(?:\s*(?:and|&|\+)\s*(?:juice|zest|peel|rind))?\s+(?:(?:of|from)\s+|(?=(?:\d|[½¼¾]|half|one|two)\W?\s*\p{L}))/iu.exec(
      text,
    );
  if (!part) return null;
  const found = readAmount(text.slice(part[0].length));
  return found ?? { amount: { min: 1, max: 1, unitId: 'each' }, rest: text.slice(part[0].length) };
}

const SIZES: Readonly<Record<string, Amount['size']>> = {
  small: 'small',
  medium: 'medium',
  large: 'large',
  big: 'large',
};

/** An amount after the food: "chicken stock, 300 ml", "Salt - 1 tsp", "chicken thighs x 8", "Onions (2)". */
export function readTrailing(text: string): { amount: Amount; rest: string } | null {
  const times = /^(.*\S)\s*[x×]\s*(\d{1,3})\s*$/i.exec(text);
  if (times) {
    const n = Number(times[2]);
    return { amount: { min: n, max: n, unitId: 'each' }, rest: times[1] ?? '' };
  }
  // "Carrot, one", "peppercorns, ten", "onions - two large".
  const inFull =
    /^(.{3,60}?)\s*[,:–—-]\s+(one|two|three|four|five|six|seven|eight|nine|ten|twelve|half)(?:\s+(small|medium|large|big))?(?:,\s*(.+))?$/i.exec(
      text,
    );
  const number = inFull ? readNumber(inFull[2] ?? '') : null;
  const size = SIZES[inFull?.[3]?.toLowerCase() ?? ''];
  if (inFull && number)
    return {
      amount: { min: number.min, max: number.max, unitId: 'each', ...(size ? { size } : {}) },
      rest: `${inFull[1] ?? ''}${inFull[4] ? `, ${inFull[4]}` : ''}`,
    };
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

/** "1 chuck roast 3-4 lbs": a count, and what it weighs at the end. */
export const WEIGHT_LAST =
  /^(\W*(?:\d{1,2}|an?|one|two|three|four|six) (?!tins?\b|cans?\b|jars?\b|packets?\b|cartons?\b|bags?\b|bottles?\b|cubes?\b)[^\d(),;]{3,60}?) ((?:about |approx\.? |abt |~)?\d[\d.,/½¼¾]*(?:\s?[-–]\s?\d[\d.,/½¼¾]*)?\s?(?:kgs?|kilos?|g|gms?|grams?|lbs?|pounds?|oz|ounces)\.?(?: (?:each|apiece|in total|in all))?)$/i;

/** "Pasta: 1 lb fettuccine, broken in half": what the line is called, before an amount and a food of its own. */
const LABEL = /^(?!(?:to|for|optional|garnish)\b)\p{L}[\p{L} &/-]{2,28}:\s+(?=[\d½¼¾⅓⅔])(.+)$/iu;

export function withoutLabel(text: string, pantry: Pantry): string {
  const rest = LABEL.exec(text)?.[1];
  const food = rest === undefined ? undefined : readAmount(rest)?.rest;
  return rest !== undefined && food !== undefined && pantry.find(food) ? rest : text;
}

/** What is heaped: a cup is levelled more often than not. */
const SPOONS: ReadonlySet<string> = new Set(['tsp', 'dsp', 'tbsp']);

/** "2 heaped tsp", "a scant tablespoon": how full the spoon is. */
export function withFilling(amount: Amount, clean: string): Amount {
  const said =
    /^\W*(?:[\d¼-¾⅐-⅞./ –-]+|an?|one|two|three|half an?)?\s*(heaped|heaping|rounded|scant)\s/i.exec(
      clean,
    )?.[1];
  if (!said || !SPOONS.has(amount.unitId)) return amount;
  return { ...amount, filled: /^scant/i.test(said) ? 'scant' : 'heaped' };
}
