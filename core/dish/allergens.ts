import type { Allergen, Food } from '../pantry/food';
import type { FoodMatch, Pantry } from '../pantry/pantry';

/** Words on a label that say what is not in it. "Lactose-free" is milk all the same. */
const FREE_FROM: readonly (readonly [RegExp, readonly Allergen[]])[] = [
  [/\b(?:gluten|wheat)[- ]free\b|\bgf\b|\bwithout gluten\b/i, ['gluten']],
  [/\b(?:dairy|milk)[- ]free\b|\bnon[- ]dairy\b|\bwithout (?:dairy|milk)\b/i, ['milk']],
  [/\b(?:vegan|plant[- ]based)\b/i, ['milk', 'egg', 'fish', 'shellfish']],
  [/\begg[- ]free\b|\bwithout eggs?\b/i, ['egg']],
  [/\bnut[- ]free\b/i, ['nuts', 'peanut']],
  [/\bso(?:y|ya)[- ]free\b/i, ['soy']],
  [/\bsulphite[- ]free\b|\bno added sulphites?\b/i, ['sulphite']],
];

/** What the line says is not in it. */
export function freeFrom(text: string): Allergen[] {
  return FREE_FROM.flatMap(([words, allergens]) => (words.test(text) ? allergens : []));
}

/** What is only an alternative, a purpose or an example is not in the line: "or ghee", "plus extra for the noodles". */
const NOT_IN_IT =
  /\s+(?:or|instead of|such as|like|for(?: the)?)\s+.*$|\(\s*(?:or|not|see|such as)\b[^)]*\)/gi;

/** Foods a line names besides its own: each counts with its allergens ("naan and mashed potatoes, to serve"). */
export function othersIn(text: string, own: FoodMatch | null, pantry: Pantry): Food[] {
  if (!/,|&|\+|\/|\band\b|\bwith\b|\bin\b|\bplus\b|\(/i.test(text)) return [];
  const said = text.replace(NOT_IN_IT, ' ');
  const found = pantry.mentions(said).map((m) => m.food);
  return [...new Set(found)].filter((food) => food !== own?.food);
}

/** The allergens of a line: of every food it names, less what the line says is not in it. */
export function allergensOf(read: {
  food: Food | null;
  others: readonly Food[];
  without: readonly Allergen[];
}): ReadonlySet<Allergen> {
  const all = [...(read.food?.allergens ?? []), ...read.others.flatMap((f) => f.allergens)];
  return new Set(all.filter((a) => !read.without.includes(a)));
}
