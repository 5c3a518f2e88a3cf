import type { Dish } from '../dish/dish';
import type { Kitchen } from '../kitchen/kitchen';
import { planDish, type Plan, type PlanOptions } from './plan';

/** Fewest and most plates a dish is scaled to. */
const PLATES = { fewest: 0.5, most: 60 } as const;

/**
 * Plates that use exactly the meat on hand: `onHandG` grams of the meat that decides the minutes. Null when the dish has
 * no meat with a known weight or the answer lies outside what can be scaled.
 */
export function platesForMeat(plan: Plan, onHandG: number): number | null {
  const main = plan.meat[0];
  if (!main || !(onHandG > 0) || main.massG <= 0) return null;
  const plates = plan.dish.plates * (onHandG / main.massG);
  return plates >= PLATES.fewest && plates <= PLATES.most ? Math.round(plates * 20) / 20 : null;
}

/** Most whole plates that stay under this pot's fill line; 0 when not even one does. */
export function platesToFill(dish: Dish, kitchen: Kitchen, options: PlanOptions = {}): number {
  const fits = (plates: number): boolean =>
    planDish({ ...dish, plates }, kitchen, options).fill.shareOfLimit <= 1;
  if (!dish.lines.length || !fits(1)) return 0;
  let low = 1;
  let high: number = PLATES.most;
  while (high - low > 1) {
    const mid = Math.floor((low + high) / 2);
    if (fits(mid)) low = mid;
    else high = mid;
  }
  return fits(high) ? high : low;
}

/** What did not grow with the plates, each said once, in the order of the lines. */
export function scalingNotes(plan: Plan): string[] {
  return [...new Set(plan.items.map((i) => i.scaleNote).filter(Boolean))];
}
