import type { DairyClass } from '../../pantry/food';

/**
 * Temperature at which half of such sauces show grains after minutes in a closed pot, °C: mild, unbound, at that dairy's usual fat.
 * Fat coats the curd and holds it apart, so a fat cream stands where milk does not; stabilised milk stands by its salts.
 * Source: kitchen practice on what splits at a simmer and what does not, carried on above the boil; spread 6 °C.
 */
export const SPLITS_AT_C: Readonly<Record<DairyClass, number>> = {
  'heavy-cream': 122,
  'single-cream': 104,
  milk: 92,
  'evaporated-milk': 116,
  'creme-fraiche': 112,
  'sour-cream': 96,
  'yoghurt-full': 94,
  'yoghurt-lean': 84,
  'cream-cheese': 108,
  'hard-cheese': 98,
  'soft-cheese': 96,
  'coconut-cream': 118,
};

/** What moves that temperature. Source: kitchen practice; spreads as said. */
export const CURDLE = {
  /** A fully sharp sauce takes so much off, °C. Spread 30 %. */
  sharpC: 14,
  /** Starch of this strength in the sauce, % cornstarch, gives the most it can. Spread 40 %. */
  boundFullPercent: 1,
  /** And that is so much, °C. Spread 40 %. */
  boundC: 9,
  /** From a third to two thirds split within about twice this, °C. Spread 40 %. */
  widthC: 7,
  /** From this share of the sauce on every grain is seen; a spoonful in a potful is lost in it. Spread 40 %. */
  seenShare: 0.1,
} as const;
