import { readAmount } from '../dish/amount';
import { type ReadLine, readLine } from '../dish/read';
import type { Pantry } from '../pantry/pantry';
import { clausesOf, withoutPotNames } from '../dish/pressure';

/** A measured jug of something thin: "½ cup water", "200 ml of hot stock". */
const JUGFUL =
  /(?<![\p{L}\d])(?:\d|[¼-¾⅓⅔]|(?:one|two|three|half an?|an?)\s)[\d\s./½¼¾⅓⅔-]*\s*(?:cups?|c|ml|cl|dl|litres?|liters?|l|pints?|oz|fl oz|fluid ounces?|glass(?:es)?|mugs?)\s*(?:of\s+)?(?:(?:hot|warm|cold|boiling|more|extra|fresh|chicken|beef|vegetable|veg)\s+)*(water|stock|broth)\b/giu;
const GOES_IN = /\b(?:add|pour|plus|with|stir|put|tip|top up|along with|in)\b/i;
/** "2 cups water, 4 whistles": a note that says no more. */
const BEGINS_SO = new RegExp(`^\\W*(?:and |then |now )?${JUGFUL.source}\\s*(?:[,;.+]|$)`, 'iu');
/** Water that never goes into the sauce: soaked in, boiled in, bound with, cooked in a pot of its own. */
const ELSEWHERE =
  /\b(?:soak\w*|rins\w*|wash\w*|blanch\w*|drain\w*|brin\w*|marinat\w*|salted|saucepan|separate|large (?:pan|pot)|another pan|slurry|slake\w*|dissolv\w*|corn ?(?:flour|starch)|arrowroot|flour|reserv\w*|pasta water|rice|noodles|pasta|spaghetti|gelatine?)\b/i;
/** "Soak the porcini in 300 ml boiling water; keep the water", which goes into the pot with them. */
const SOAKED_FOR_IT =
  /\b(?:soak|cover|steep|rehydrate)\w*\b.*\b(?:porcini|ceps?|mushrooms?|shiitakes?|chill?i(?:es)?|chiles?|anchos?|guajillos?|prunes|saffron|tamarind)\b/i;
const KEEPS_LIQUOR =
  /\b(?:soaking|mushroom|porcini|chill?i|their|its) (?:water|liquor|liquid|juices?)\b(?<!\b(?:discard|throw (?:away|out)|pour (?:away|off)|drain off|without)\b.{0,24})/i;
/** "1 cup water if needed". */
const PERHAPS = /\b(?:if|as) (?:needed|necessary|required)\b|\bif (?:it|the|you)\b/i;
const MADE_IN_THE_POT =
  /\b(?:strain|sieve|reserve|keep|pour off|measure(?: out)?)\b.{0,24}\b(?:broth|stock|liquid|liquor)\b|\b(?:broth|stock|liquid|liquor)\b.{0,12}\b(?:through|strained|sieved)\b/i;
/** "Add water to just cover", "cover with cold water". */
const TO_COVER =
  /\bcover(?:ed)?(?: \p{L}+){0,4} with(?: \p{L}+){0,2} (?:water|stock)\b|\b(?:add|pour|enough|plus|with)\b(?: \p{L}+){0,3} (?:water|stock)(?: \p{L}+){0,2} to (?:just |barely |almost |completely )?cover\b/iu;
const DRAINED_THEN = /\b(?:drain|discard|pour (?:off|away)|throw (?:out|away)|rinse|overnight|soak)/i;
/** What lies in the pot and is covered. */
const COVERED: ReadonlySet<string> = new Set([
  'poultry',
  'red-meat',
  'ground-meat',
  'sausage',
  'cured-meat',
  'allium',
  'root-veg',
  'slow-veg',
  'pulse-dry',
]);
/** Water that covers a gram of pieces, ml, and what the floor takes besides. Source: pieces lie two thirds dense; spread 30 %. */
const COVER_ML_PER_G = 0.6;
const COVER_FLOOR_ML = 250;

/** Water that a method only says to cover with, as a line; null where it says so of what is poured away again. */
function waterToCover(sentences: readonly string[], read: readonly ReadLine[]): string | null {
  const at = sentences.findIndex((s) => TO_COVER.test(s) && !DRAINED_THEN.test(s));
  if (at < 0 || DRAINED_THEN.test(sentences[at + 1] ?? '')) return null;
  const solidG = read.filter((r) => COVERED.has(r.food?.kind ?? '')).reduce((sum, r) => sum + r.massG.mid, 0);
  const ml = Math.round((COVER_ML_PER_G * solidG + COVER_FLOOR_ML) / 100) * 100;
  return solidG > 0 ? `about ${ml >= 1000 ? `${ml / 1000} litres` : `${ml} ml`} water, to cover` : null;
}

/** Less than this is a splash, and the finish sizes its own water, ml. Source: a slurry for two litres; spread 30 %. */
const LEAST_ML = 90;
const MOST_ADDED = 3;

/**
 * What a method pours that its list has forgotten, as lines: "plus ½ cup water". Only water and stock, only with an amount, and only where
 * no line of that kind has one; what something is soaked or boiled in is left out.
 */
export function unlistedLiquids(
  method: string,
  lines: readonly { text: string }[],
  pantry: Pantry,
): readonly string[] {
  // "Water as required" says nothing of how much: the method does.
  const read = lines.map(({ text }) => readLine(text, pantry));
  const kinds = new Set(read.flatMap((r) => (r.amount ? (r.food?.kind ?? []) : [])));
  const found: string[] = [];
  const parts = withoutPotNames(method)
    .split(/\n+|(?<=[.!?])\s+/)
    .filter((sentence) => GOES_IN.test(sentence) || BEGINS_SO.test(sentence))
    .flatMap(clausesOf);
  for (const text of parts) {
    const isElsewhere = ELSEWHERE.test(text) && !(SOAKED_FOR_IT.test(text) && KEEPS_LIQUOR.test(method));
    if (found.length >= MOST_ADDED || isElsewhere || PERHAPS.test(text)) continue;
    for (const [words, noun = ''] of text.matchAll(JUGFUL)) {
      const kind = /water/i.test(noun) ? 'water' : 'stock';
      const line = words.trim();
      // "600 ml of the broth", where the pot has made it: no line is forgotten.
      if (kind === 'stock' && kinds.has('water') && MADE_IN_THE_POT.test(method)) continue;
      const isEnough = readLine(line, pantry).massG.mid >= LEAST_ML;
      if (!kinds.has(kind) && isEnough && readAmount(line) !== null && !found.includes(line))
        found.push(line);
    }
  }
  const isListed = read.some((r) => r.food?.kind === 'water') || kinds.has('stock');
  const cover = found.length || isListed ? null : waterToCover(method.split(/\n+|(?<=[.!?])\s+/), read);
  return cover === null ? found : [cover];
}
