import type { DairyClass } from '../pantry/food';
import { COOLING_C_PER_MIN, DAIRY, FRIDGE_C, TEMPERED_C } from './data/dairy';

/** Mixing `addG` at `addC` into `hotG` at `hotC`, both water-like: the resulting temperature, °C. */
export function mixedC(hotG: number, hotC: number, addG: number, addC: number): number {
  const total = hotG + addG;
  return total > 0 ? (hotG * hotC + addG * addC) / total : hotC;
}

/** How one dairy product goes into a sauce. */
export interface DairyPlan {
  /** Sauce temperature to wait for, °C; 100 means it may go in at the boil. */
  waitToC: number;
  /** Seconds of waiting from the boil with the heat off. */
  waitS: number;
  /** Hot sauce to whisk into the dairy first, g; 0 when tempering is not needed. */
  temperWithG: number;
  /** Temperature of the tempered dairy, and of the sauce once it is in, °C. */
  temperedC: number;
  afterC: number;
  note: string;
}

/**
 * Wait, temper, stir in: temperatures and amounts for one dairy product. `boilsC` is the local boiling point. Sharp sauces
 * are treated five degrees more gently. More sauce stays hotter; colder dairy never ends warmer.
 */
export function planDairy(
  dairy: DairyClass,
  dairyG: number,
  sauceG: number,
  options: { bound: boolean; sharp?: boolean; boilsC?: number; fromC?: number } = { bound: true },
): DairyPlan {
  const figures = DAIRY[dairy];
  const boilsC = options.boilsC ?? 100;
  const limit = (options.bound ? figures.boundC : figures.plainC) - (options.sharp ? 5 : 0);
  const waitToC = Math.min(limit, boilsC);
  const from = Math.min(options.fromC ?? boilsC - 2, boilsC);
  const waitS = waitToC >= boilsC - 1 ? 0 : (Math.max(0, from - waitToC) / COOLING_C_PER_MIN) * 60;
  const needs = figures.temper && dairyG > 20;
  const temperWithG = needs
    ? Math.min(sauceG * 0.7, (dairyG * (TEMPERED_C + 3 - FRIDGE_C)) / Math.max(5, waitToC - TEMPERED_C - 3))
    : 0;
  const temperedC = needs ? mixedC(temperWithG, waitToC, dairyG, FRIDGE_C) : FRIDGE_C;
  const afterC = mixedC(sauceG, waitToC, dairyG, FRIDGE_C);
  return { waitToC, waitS, temperWithG, temperedC, afterC, note: figures.note };
}
