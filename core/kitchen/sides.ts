import type { Dish, MealWish } from '../dish/dish';
import { SIDE_WORDS, SIDES, type Side } from './data/sides';
import type { Kitchen } from './kitchen';
import type { PlacedItem } from '../moments/item';
import type { Script } from '../script/act';

/** The household's side dishes: its own first, then the shipped ones. */
export function sidesOf(kitchen: Pick<Kitchen, 'ownSides'>): Side[] {
  return [...(kitchen.ownSides ?? []), ...SIDES];
}

const NO_WISH: MealWish = { serveAt: null, sides: [], hands: 1, yesterday: false };
/** What names the sides: the lines, and the method where there is one. */
type Named = { items: readonly PlacedItem[]; script?: Script | null | undefined };
/** Sides that a dish names for itself; more would be a buffet. */
const MOST_NAMED = 3;

/**
 * Sides that the dish's own lines for the table ask for ("egg noodles, to serve"), by identity; what one of its own steps cooks is none.
 */
export function sidesNamed({ items, script }: Named): string[] {
  const cooked = new Set(
    (script?.acts ?? [])
      .filter((a) => a.verb === 'boil' || a.verb === 'simmer' || a.verb === 'fry')
      .flatMap((a) => [...a.lines.map((l) => l.index), ...a.again]),
  );
  const asked = items
    .filter((i) => i.moment === 'serve' && i.part === '' && !cooked.has(i.index))
    .flatMap(
      (i) => SIDE_WORDS.find((s) => s.words.test(i.read.food ? i.read.foodText : i.line.text))?.side || [],
    );
  return [...new Set(asked)].slice(0, MOST_NAMED);
}

/** What is wished of the meal: the cook's word, else the sides that the dish names for itself. */
export function wishOf(plan: Named & { dish: Dish }): MealWish {
  return plan.dish.settings.meal ?? { ...NO_WISH, sides: sidesNamed(plan) };
}

/** What is wished beside a dish; sides that are no longer known are left out. */
export function wishedSides(plan: Named & { dish: Dish }, kitchen: Pick<Kitchen, 'ownSides'>): Side[] {
  const known = sidesOf(kitchen);
  return wishOf(plan).sides.flatMap((id) => known.find((s) => s.id === id) ?? []);
}
