import type { DairyClass } from '../pantry/food';
import { CURDLE, SPLITS_AT_C } from './data/curdle';

/** One dairy product in one sauce, kept at one heat. */
export interface CurdleInput {
  dairy: DairyClass;
  dairyG: number;
  /** All of the sauce, the dairy with it, g. */
  sauceG: number;
  /** 0 mild to 1 vinegar-sharp. */
  sharpness: number;
  /** What binds the sauce while it is hot, % cornstarch. */
  boundPercent: number;
  /** The heat it is kept at, °C. */
  atC: number;
}

/** Whether it splits there, and what decides. */
export interface Curdling {
  /** Of a hundred such sauces, the share that show grains, 0..1. */
  chance: number;
  /** What this sauce adds to the danger or takes from it by itself, shares of the same kind. */
  bySharpness: number;
  byBinding: number;
}

/**
 * How likely a dairy product shows grains in this sauce at this heat. Hotter or sharper is never better; more starch or less of the
 * dairy is never worse. A forecast, never a promise of a smooth sauce.
 */
export function curdling(input: CurdleInput): Curdling {
  const chance = chanceOf(input);
  return {
    chance,
    bySharpness: chance - chanceOf({ ...input, sharpness: 0 }),
    byBinding: chanceOf({ ...input, boundPercent: 0 }) - chance,
  };
}

function chanceOf({ dairy, dairyG, sauceG, sharpness, boundPercent, atC }: CurdleInput): number {
  if (dairyG <= 0) return 0;
  const bound = Math.min(1, Math.max(0, boundPercent) / CURDLE.boundFullPercent);
  const sharp = Math.min(1, Math.max(0, sharpness));
  const halfC = SPLITS_AT_C[dairy] + CURDLE.boundC * bound - CURDLE.sharpC * sharp;
  const splits = 1 / (1 + Math.exp((halfC - atC) / CURDLE.widthC));
  const seen = Math.min(1, dairyG / Math.max(dairyG, sauceG) / CURDLE.seenShare);
  return splits * seen;
}
