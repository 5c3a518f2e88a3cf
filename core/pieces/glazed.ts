import type { Aim } from '../dish/dish';
import type { PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import { GLAZE, glazeDown } from '../sauce/glaze';
import { sugarG } from '../sauce/present';
import { MOST_REDUCING_MIN, WORK } from './data/work';
import type { MeatPiece } from './meat';

/** What makes a glaze. */
export const SWEET: readonly FoodKind[] = ['sugar', 'syrup', 'thick-sauce'];

/** A sauce that is boiled down to a glaze before anything goes back into it. */
export interface Glazed {
  minutes: number;
  /** The latest that is still a glaze, minutes. */
  latestMin: number;
  /** What is left of the sauce, g: what starch is sized on. */
  leftG: number;
}

/**
 * The boiling down of a dish that is to be a glaze: said so, or sweet enough for its pieces to become one; null for a spoonful of
 * honey in a stew. `sauceG` is what is in the pot when it is opened. More sugar never takes longer.
 */
export function glazedOf(
  items: readonly PlacedItem[],
  aim: Aim,
  meat: readonly MeatPiece[],
  sauceG: number,
): Glazed | null {
  const sweet = items.filter((i) => i.moment === 'finish' && SWEET.includes(i.read.food?.kind ?? 'other'));
  const piecesG = meat.reduce((s, m) => s + m.massG, 0);
  const { value, spread } = GLAZE.sugarPerKgG;
  const isGlaze =
    aim === 'glaze' ||
    sweet.some((i) => /\bglaz/i.test(i.line.text)) ||
    (piecesG > 0 && sugarG(sweet) / (piecesG / 1000) >= value * (1 - spread));
  if (!isGlaze) return null;
  const startG = Math.max(100, sauceG) + sweet.reduce((s, i) => s + i.massG.mid, 0);
  const down = glazeDown(startG, sugarG(items), piecesG);
  const minutes = Math.min(MOST_REDUCING_MIN, Math.max(WORK.glazeMin, Math.round(down.minutes)));
  return {
    minutes,
    latestMin: down.latestMin,
    leftG: Math.max(down.leftG, startG - minutes * BOIL_OFF_G_PER_MIN.high),
  };
}
