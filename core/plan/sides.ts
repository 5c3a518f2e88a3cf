import type { Dish } from '../dish/dish';
import { SIDES, type Side } from './data/sides';
import type { Kitchen } from './kitchen';

/** The household's side dishes: its own first, then the shipped ones. */
export function sidesOf(kitchen: Pick<Kitchen, 'ownSides'>): Side[] {
  return [...(kitchen.ownSides ?? []), ...SIDES];
}

/** What is wished beside a dish; sides that are no longer known are left out. */
export function wishedSides(dish: Dish, kitchen: Pick<Kitchen, 'ownSides'>): Side[] {
  const known = sidesOf(kitchen);
  return (dish.settings.meal?.sides ?? []).flatMap((id) => known.find((s) => s.id === id) ?? []);
}
