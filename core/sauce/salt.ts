import type { Range } from '../quantity/range';
import { SALT_SHARE } from './present';

/** Figures of salt by hand. Source: household measures; spreads as given. */
export const SALT_FIGURES = {
  pinchG: { value: 0.3, spread: 0.4, source: 'Three fingers' },
  quarterTspG: { value: 1.4, spread: 0.15, source: 'Fine salt' },
  /** How far stocks, sauces and cheeses of one name differ. */
  brandSpread: { value: 0.25, spread: 0.3, source: 'Labels of ordinary stocks, soy sauces and cheeses' },
  /** Salt of one plate of a main dish, at most, g. */
  mostPerPlateG: { value: 2, spread: 0.25, source: 'A main meal’s third of about 6 g a day' },
  lowPerPlateG: { value: 1.4, spread: 0.25, source: 'The same share of about 4 g a day' },
  /** A household that eats little salt, share of the weight eaten. */
  lowShare: { value: 0.006, spread: 0.2, source: 'About 5 g a day in all' },
} as const;

/** Salt of a dish as it would be eaten. */
export interface SaltView {
  /** Per cent of the weight eaten. */
  percent: Range;
  /** g for one plate. */
  perPlateG: Range;
  /** Per cent that a pinch and a quarter teaspoon move it. */
  pinchMoves: number;
  quarterTspMoves: number;
  /** Fine salt to the usual middle, g; negative says how much too much there is. */
  toTargetG: number;
  targetPercent: number;
  verdict: 'low' | 'right' | 'high';
}

/**
 * Salt of a whole dish: `saltG` in `massG` for `plates`. Boiling down takes water from the mass and leaves the salt, so the share
 * rises and the plate does not. `isLow` for a household that eats little of it.
 */
export function saltView(saltG: number, massG: number, plates: number, isLow = false): SaltView {
  const mass = Math.max(1, massG);
  const spread = SALT_FIGURES.brandSpread.value;
  const of = (g: number, whole: number): Range => ({
    low: (g * (1 - spread)) / whole,
    mid: g / whole,
    high: (g * (1 + spread)) / whole,
  });
  const target = isLow ? SALT_FIGURES.lowShare.value : SALT_SHARE.mid;
  const least = isLow ? 0 : SALT_SHARE.low;
  const most = isLow ? SALT_FIGURES.lowShare.value * 1.15 : SALT_SHARE.high;
  const share = saltG / mass;
  return {
    percent: of(saltG * 100, mass),
    perPlateG: of(saltG, Math.max(0.5, plates)),
    pinchMoves: (100 * SALT_FIGURES.pinchG.value) / mass,
    quarterTspMoves: (100 * SALT_FIGURES.quarterTspG.value) / mass,
    toTargetG: target * mass - saltG,
    targetPercent: target * 100,
    verdict: share < least ? 'low' : share > most ? 'high' : 'right',
  };
}

/**
 * Quarter teaspoons that may still be added at the table's end: what is missing to the usual share, and never more than leaves a plate
 * at what one meal may have.
 */
export function quartersToAdd(
  view: Pick<SaltView, 'toTargetG' | 'perPlateG'>,
  plates: number,
  isLow = false,
): number {
  const most = SALT_FIGURES[isLow ? 'lowPerPlateG' : 'mostPerPlateG'].value;
  const room = (most - view.perPlateG.mid) * Math.max(0.5, plates);
  return Math.max(0, Math.floor(Math.min(view.toTargetG, room) / SALT_FIGURES.quarterTspG.value));
}

/** Unsalted liquid that brings a dish from its salt to a share, g; 0 when it is not over it. */
export function dilutionG(saltG: number, massG: number, wantedShare: number): number {
  return wantedShare > 0 ? Math.max(0, saltG / wantedShare - massG) : 0;
}
