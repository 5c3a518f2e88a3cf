import type { Pantry } from '../pantry/pantry';
import { readMeasured } from '../dish/amount';
import { linesMeant, linesNamed } from './align';
import { unitById } from '../quantity/units';
import { foodWords } from '../pantry/words';
import { type ScriptLine } from './line';

const HALF =
  /\b(?:half|½)\b(?! (?:an? (?:hour|minute|\w+ (?:full )?of (?:\w+ )?water)|full|way|filled|its?\b|the (?:height|size|pot|liquid|time)))(?!-way)/i;
export const HALF_OF_IT = /\bhalf (?:of )?(?:it|them)\b/i;
/** Parts of what has just been fried that are taken out: "remove a third for garnish". */
export const PARTS: readonly (readonly [RegExp, number])[] = [
  [HALF, 0.5],
  [/\b(?:a|one)[- ]third\b|⅓/i, 1 / 3],
  [/\b(?:a|one)[- ]quarter\b|¼/i, 0.25],
  [/\b(?:some|a few|a little|a handful) (?:of (?:it|them)|for)\b/i, 0.25],
];
const NEXT_TO_HALF = /\b(?:half|½)\b(?: of)?([^,;&+]*?)(?=,|;|&|\+|\band\b|\bwith\b|$)/gi;
/** "Fry the spring onion whites", and the greens go on top. Source: half of a bunch by weight; spread 30 %. */
const WHITE_OR_GREEN =
  /\b(?:whites|white (?:parts?|ends?|bits?)|greens|green (?:parts?|tops?|ends?|bits?)|tops)\b/i;
const IN_TWO_COLOURS = /\b(?:spring onions?|scallions?|green onions?|salad onions?|leeks?)\b/i;
const REST = /\b(?:rest|remaining|remainder|other half|left|last of the)\b/i;
/** "Most of the cheese": the rest is for the table. Source: what cooks keep back to strew; spread 40 %. */
const MOST = /\bmost of (?:the )?([^.,;&]*?)(?=,|;|&|\band\b|\bwith\b|$)/i;
const MOST_SHARE = 0.75;
/** The thick part of a tin, taken off the top: source: a settled tin of coconut milk; spread 30 %. */
const THICK_TOP =
  /\b(?:thick|cream|solid)\w*\b.*\b(?:off|from) the top\b|\btop of the (?:tin|can)\b|\b(?:scoop|spoon) (?:out |off )?(?:the )?thick (?:coconut )?(?:cream|part)\b|\bthick (?:top|part|layer|cream) (?:off|of|from) (?:the )?(?:top of the )?coconut\b/i;
const THICK_SHARE = 0.3;

/**
 * The share of each line that a clause brings in: half of what stands next to the word ("half the garam masala and the turmeric"), of all
 * only where it names nothing, of a `product` that was made before all it is made of; what is left of a line that came in before; the whole of it where nothing is told.
 */
export function shareTold(
  text: string,
  meant: readonly number[],
  lines: readonly ScriptLine[],
  pantry: Pantry,
  product: readonly number[] = [],
): (index: number, before: number) => number {
  const isHalf = HALF.test(text) && meant.length > 0;
  // "Half the onion and half the garlic": each for itself.
  const nextTo = [...text.matchAll(NEXT_TO_HALF)].map((m) => m[1] ?? '').join(', ');
  // "Half of the hoisin mixture" is half of all that is in it.
  const named = isHalf ? linesMeant(nextTo, lines, pantry) : [];
  const isOfProduct = product.length > 0 && (!named.length || named.some((i) => product.includes(i)));
  // "Spoon half of it into the pot with the curry paste": of what "it" is, and all of the paste.
  const others = HALF_OF_IT.test(text) ? linesNamed(text, lines, pantry) : [];
  const its = others.length > 0 ? meant.filter((i) => !others.includes(i)) : [];
  const halved = others.length > 0 ? its : isOfProduct ? product : named;
  const most = linesMeant(MOST.exec(text)?.[1] ?? '', lines, pantry);
  // "Add the chicken and half of the kadai masala", which no line is called: it is no half of the chicken.
  const isOfUnknown =
    isHalf && !halved.length && !others.length && !/^\W*(?:it|them|this|that|these|those)?\W*$/i.test(nextTo);
  return (index, before) => {
    if (before === 0 && most.includes(index)) return MOST_SHARE;
    if (before === 0 && WHITE_OR_GREEN.test(text) && IN_TWO_COLOURS.test(lines[index]?.read.foodText ?? ''))
      return 0.5;
    if (REST.test(text)) return 1 - before;
    const cut = partByCut(text, lines[index]);
    if (cut !== null) return Math.min(1 - before, cut);
    // "A little water", and then "1 litre of the water": not yet all of it.
    if (before > 0) return Math.min(1 - before, partTold(text, lines[index]));
    if (
      isHalf &&
      !isOfUnknown &&
      !/by (?:a )?half/i.test(text) &&
      ((!halved.length && !others.length) || halved.includes(index))
    )
      return 0.5;
    const isTinned = /^coconut/.test(lines[index]?.read.food?.kind ?? '');
    return isTinned && THICK_TOP.test(text) ? THICK_SHARE : partTold(text, lines[index]);
  };
}

/** "2 carrots, 1 in chunks and 1 sliced": how many of them are cut so. */
const CUT_TWO_WAYS =
  /\b(\d{1,2}|one|half|two|three)\s+(?:(?:cut|left)\s+)?(?:(?:in|into)\s+)?(?:(?:finely|roughly|thinly|thickly|large|small)\s+)*(\p{L}{4,})\s*(?:,|and|&|;)+\s*(?:and\s+)?(?:the other\s+)?(\d{1,2}|one|half|two|three)\s+(?:(?:cut|left)\s+)?(?:(?:in|into)\s+)?(?:(?:finely|roughly|thinly|thickly|large|small)\s+)*(\p{L}{4,})/iu;
const IN_WORDS: Readonly<Record<string, number>> = { one: 1, half: 1, two: 2, three: 3 };

/** "The diced onion", of a line with one quartered and one diced: the share that is cut so; null where the line or the clause says nothing of it. */
function partByCut(text: string, line: ScriptLine | undefined): number | null {
  // Behind the name: "2 onions, 1 quartered and 1 diced".
  const told = CUT_TWO_WAYS.exec(/[,(:–—-].*$/u.exec(line?.read.text ?? '')?.[0] ?? '');
  if (!line || !told) return null;
  const [n, m] = [told[1] ?? '', told[3] ?? ''].map((w) => IN_WORDS[w.toLowerCase()] ?? Number(w));
  const noun = foodWords(line.read.foodText).at(-1) ?? '';
  // "Quartered" and "quarters", beside the food.
  const saysSo = (how: string): boolean =>
    new RegExp(
      `\\b${how.slice(0, 4)}\\p{L}* (?:\\p{L}+ )?${noun.slice(0, 5)}|${noun.slice(0, 5)}\\p{L}* (?:\\p{L}+ )?${how.slice(0, 4)}`,
      'iu',
    ).test(text);
  if (!n || !m || !noun) return null;
  if (saysSo(told[2] ?? '')) return n / (n + m);
  return saysSo(told[4] ?? '') ? m / (n + m) : null;
}

/** Lines of which a clause takes what is left: "the rest of the stock", "the remaining cream". */
export function linesLeft(text: string, lines: readonly ScriptLine[], pantry: Pantry): readonly number[] {
  const left =
    /\b(?:(?:the )?(?:rest|remainder) of|(?:the )?remaining|the other half of)(?: the)? ([^,;&(–—]{3,60}?)(?=,|;|&|\s[-–—(]|\(|\band\b|\bwith\b|$)/i.exec(
      text,
    )?.[1];
  return left ? linesNamed(left, lines, pantry) : [];
}

/** "250 ml of the coconut milk" of a tin of 400: the share that is told; the whole line where none is. */
function partTold(text: string, line: ScriptLine | undefined): number {
  const food = line?.read.food;
  if (!food || !line) return 1;
  const few = FEW_SPOONS.exec(text);
  if (
    few &&
    [line.read.foodText, ...food.names].some((n) => (few[1] ?? '').toLowerCase().startsWith(n.toLowerCase()))
  )
    return Math.min(0.5, FEW_SPOONS_G / Math.max(1, line.read.massG.mid));
  const counted = someOfThem(text, line);
  if (counted !== null) return counted;
  const spoons = spoonsOfThem(text, line);
  if (spoons !== null) return spoons;
  for (const found of text.matchAll(FIGURE)) {
    const measured = readMeasured(text.slice(found.index));
    const noun = measured?.rest.replace(/^\s*(?:of )?(?:the |your )?/i, '').toLowerCase() ?? '';
    const [first] = noun.split(/[^\p{L}]/u, 1);
    const isMeant = [line.read.foodText, ...food.names].some(
      (name) => noun.startsWith(name.toLowerCase()) || name.toLowerCase().split(' ').at(-1) === first,
    );
    if (!measured || !isMeant) continue;
    // Cups of the line and cups of the method are the same cups, however big they are; so are sprigs and tins.
    const { amount } = line.read;
    if (amount && amount.unitId === measured.unit.id && !amount.plus && amount.max > 0) {
      const part = (measured.min + measured.max) / (amount.min + amount.max);
      if (part > 0.02 && part < 0.98) return part;
      continue;
    }
    if (measured.unit.kind !== 'mass' && measured.unit.kind !== 'volume') continue;
    const perUnit = measured.unit.perUnit * (measured.unit.kind === 'volume' ? food.gPerMl : 1);
    const grams = ((measured.min + measured.max) / 2) * perUnit;
    const share = line.read.massG.mid > 0 ? grams / line.read.massG.mid : 1;
    // A cup is not the same cup everywhere: nearly all of it is all of it.
    if (share > 0.02 && share < 0.9) return share;
  }
  return 1;
}
/** "2 of the spoons of mustard", "the second tablespoon of curry powder", of a line in spoons: the share that is; null where none is told. */
function spoonsOfThem(text: string, { read }: ScriptLine): number | null {
  const { amount, food } = read;
  if (!food || !amount || amount.min !== amount.max) return null;
  const of = amount.max + (amount.plus?.unitId === amount.unitId ? amount.plus.max : 0);
  for (const [, told = '', , noun = ''] of text.matchAll(SPOONS_OF)) {
    const count = COUNTS.indexOf(told.toLowerCase()) + 1 || Number(told) || 1;
    const isIt = [read.foodText, ...food.names].some((n) =>
      foodWords(n).some((w) => foodWords(noun).includes(w)),
    );
    if (isIt && count < of) return count / of;
  }
  return null;
}
const SPOONS_OF =
  /\b(one|two|three|four|five|six|[1-9]|first|second|third|fourth|last|other)(?: of the)? (spoon(?:ful)?s?|tablespoons?|teaspoons?|tbsps?|tsps?|cups?) (?:of )?(?:the )?((?:\p{L}+ ?){1,3})/giu;

/** "One of the onions" of two: the share that is; null where no such number is told, or it is all of them. */
function someOfThem(text: string, { read }: ScriptLine): number | null {
  const { amount, food } = read;
  const isCounted = amount && !['mass', 'volume'].includes(unitById(amount.unitId).kind) && !amount.plus;
  if (!food || !isCounted || amount.min !== amount.max) return null;
  for (const [, told = '', noun = ''] of text.matchAll(OF_THEM)) {
    const count = COUNTS.indexOf(told.toLowerCase()) + 1 || Number(told);
    const isIt = [read.foodText, ...food.names].some((n) =>
      foodWords(n).some((w) => foodWords(noun).includes(w)),
    );
    if (isIt && count < amount.max) return count / amount.max;
  }
  // "One sprig of curry leaves" of two sprigs.
  for (const [, told = '', unit = '', noun = ''] of text.matchAll(SO_MANY)) {
    const count = COUNTS.indexOf(told.toLowerCase()) + 1 || Number(told);
    const isIt = [read.foodText, ...food.names].some((n) => noun.toLowerCase().startsWith(n.toLowerCase()));
    if (isIt && foodWords(unit)[0] === amount.unitId && count < amount.max) return count / amount.max;
  }
  return null;
}
const SO_MANY =
  /\b(one|two|three|four|five|six|[1-9]) (sprigs?|sticks?|stalks?|tins?|cans?|jars?|packets?|handfuls?|bunch(?:es)?) (?:of )?(?:the )?(\p{L}[\p{L} ]{2,24})/giu;
const COUNTS: readonly string[] = ['one', 'two', 'three', 'four', 'five', 'six'];
const OF_THEM = /\b(one|two|three|four|five|six|[1-9])(?: whole)? of the ((?:\p{L}+ ?){1,3})/giu;
/** "A few spoonfuls of the coconut milk". Source: three tablespoons; spread 40 %. */
const FEW_SPOONS =
  /\b(?:few|couple of|some) (?:table)?spoon(?:ful)?s? (?:of )?(?:the )?(\p{L}[\p{L} ]{2,30})/iu;
const FEW_SPOONS_G = 50;
/** Where a measure may begin. */
const FIGURE = /(?<![\p{L}\d])(?:\d|[¼-¾⅓⅔]|(?:one|two|three|four|five|six|half an?)\b)/giu;
