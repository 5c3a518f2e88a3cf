import type { DairyClass } from '../pantry/food';
import { DAIRY, FRIDGE_C, OPEN_POT, TEMPERED_C } from './data/dairy';

/** Mixing `addG` at `addC` into `hotG` at `hotC`, both water-like: the resulting temperature, °C. */
export function mixedC(hotG: number, hotC: number, addG: number, addC: number): number {
  const total = hotG + addG;
  return total > 0 ? (hotG * hotC + addG * addC) / total : hotC;
}

/**
 * Seconds until an open pot with the heat off has cooled from one temperature to another, by Newton's law; 0 when it is there already.
 * More sauce never cools sooner.
 */
function coolingS(sauceG: number, fromC: number, toC: number): number {
  if (toC >= fromC) return 0;
  const { lossWPerK, metalJPerK, sauceJPerGK, roomC } = OPEN_POT;
  const floor = roomC + 1;
  const jPerK = Math.max(0, sauceG) * sauceJPerGK + metalJPerK;
  return (jPerK / lossWPerK) * Math.log((fromC - roomC) / (Math.max(floor, toC) - roomC));
}

/** Mixing is trusted for so much of the cooling: where it is poured in the sauce is hotter. Source: kitchen caution; spread 40 %. */
const MIXING_MOST_C = 8;

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
  const needs = figures.temper && dairyG > 20;
  // What is tempered first is never hotter than what it ends in: where mixing alone is cool enough there is nothing to wait for.
  const mixing = needs && sauceG > 0 ? Math.min(MIXING_MOST_C, ((limit - FRIDGE_C) * dairyG) / sauceG) : 0;
  const waitToC = Math.min(limit + mixing, boilsC - (limit >= boilsC ? 0 : 1));
  const from = Math.min(options.fromC ?? boilsC - 2, boilsC);
  const waitS = waitToC >= boilsC - 1 ? 0 : coolingS(sauceG, from, waitToC);
  const temperWithG = needs
    ? Math.min(sauceG * 0.7, (dairyG * (TEMPERED_C + 3 - FRIDGE_C)) / Math.max(5, waitToC - TEMPERED_C - 3))
    : 0;
  const temperedC = needs ? mixedC(temperWithG, waitToC, dairyG, FRIDGE_C) : FRIDGE_C;
  const afterC = mixedC(sauceG, waitToC, dairyG, FRIDGE_C);
  return { waitToC, waitS, temperWithG, temperedC, afterC, note: figures.note };
}
