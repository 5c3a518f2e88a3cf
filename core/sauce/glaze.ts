import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';

/** When a boiled-down sugar sauce sticks. Source: jam and caramel practice by solids; spread 8 %. */
export const GLAZE = {
  /** Dissolved solids of a glaze that coats and sticks, share; beyond `burns` it is caramel. */
  sticks: { value: 0.62, spread: 0.08, source: 'Syrups that sheet from a spoon' },
  burns: { value: 0.8, spread: 0.06, source: 'Where syrup begins to colour by itself' },
  /** Dissolved things in a sauce besides its sugar, share. */
  otherSolids: { value: 0.05, spread: 0.4, source: 'Salt, gelatine, pulp of a thin braise' },
  /** Sugar a kilo of pieces wants on them, g. */
  sugarPerKgG: { value: 45, spread: 0.4, source: 'Glazed ribs and wings of ordinary sweetness' },
} as const;

/** Boiling a glaze down. */
export interface GlazeDown {
  /** What is left when it sticks, g, and the minutes to it, with the latest that is still a glaze. */
  leftG: number;
  minutes: number;
  latestMin: number;
  /** How much saltier it gets. */
  saltFactor: number;
  /** Sugar that would make it a glaze to begin with, g; 0 when there is enough. */
  moreSugarG: number;
}

/**
 * Minutes of boiling until a sauce with this much sugar falls in a sheet and sticks. More sugar never takes longer; salt and
 * sugar are conserved. Where there is hardly any sugar it says how much honey or sugar is missing for the pieces.
 */
export function glazeDown(sauceG: number, sugarG: number, piecesG: number): GlazeDown {
  const solids = sugarG + sauceG * GLAZE.otherSolids.value;
  const leftAt = (share: number): number => Math.min(sauceG, solids / share);
  const leftG = leftAt(GLAZE.sticks.value);
  const minutesTo = (left: number): number => Math.max(0, sauceG - left) / BOIL_OFF_G_PER_MIN.high;
  return {
    leftG,
    minutes: minutesTo(leftG),
    latestMin: minutesTo(leftAt(GLAZE.burns.value)),
    saltFactor: leftG > 0 ? sauceG / leftG : 1,
    moreSugarG: Math.max(0, (piecesG / 1000) * GLAZE.sugarPerKgG.value - sugarG),
  };
}
