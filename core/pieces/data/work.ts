import type { FoodKind } from '../../pantry/food';

/** Minutes of handwork. Source: ordinary home cooks at an ordinary pace; spread 30 %. */
export const WORK = {
  spread: 0.3,
  getOutMin: 2,
  /** From cold until fat shimmers in it; all but the last minute of it passes while the rest is got ready. */
  heatPotMin: 4,
  shimmerMin: 1,
  /** Meat stirred in a base until nothing of it looks raw. Source: practice, 4-7 minutes for a kilo; spread 30 %. */
  turnedMin: 5,
  softenMin: 5,
  bloomMin: 1,
  deglazeMin: 2,
  loadMin: 2,
  sealMin: 1,
  addAgainMin: 2,
  openMin: 0.5,
  checkMeatMin: 1,
  setAsideMin: 1,
  shredMin: 3,
  blendMin: 2,
  measureMin: 1,
  /** An opened pot is nearly at the boil still. */
  toBoilMin: 1.5,
  stirSlurryMin: 1,
  /** What is whisked in shows what it does after this long, s. */
  settleS: 60,
  dairyMin: 1,
  quickVegMin: 4,
  leafMin: 1.5,
  pastaMin: 10,
  seafoodMin: 4,
  glazeMin: 4,
  sweetMin: 1,
  finishMin: 1,
  serveMin: 1,
} as const;

/**
 * Minutes until onions look as a recipe wants them, where it gives no time; the darkest first. Source: a layer of sliced onions over a medium
 * flame: 8-10 minutes to golden, 15-20 to dark; spread 30 %.
 */
export const SOFTENED_UNTIL: readonly { look: RegExp; minutes: number }[] = [
  { look: /\b(?:dark|deep(?:ly)?|caramel\w*|jammy|sticky|mahogany|crisp)\b/i, minutes: 15 },
  { look: /\b(?:golden|brown\w*|colou?r\w*)\b/i, minutes: 9 },
];

/** Browning one side, minutes: two and a half for what is thin, four for what is thick, and between them by its thickness. Source: as above; spread 25 %. */
const SEAR_SIDE = { thinMm: 15, thinMin: 2.5, thickMm: 45, thickMin: 4 } as const;

/** Minutes of one batch of pieces this thick, both sides; of thick ones where nothing is said. */
export function searBatchMin(thicknessMm: number | undefined): number {
  const { thinMm, thinMin, thickMm, thickMin } = SEAR_SIDE;
  const share = ((thicknessMm ?? thickMm) - thinMm) / (thickMm - thinMm);
  return Math.round(2 * (thinMin + Math.min(1, Math.max(0, share)) * (thickMin - thinMin)));
}

/** Thin pieces are turned in a heap and not laid one by one: they take no more of the floor than pieces this thick, mm. Source: judgement; spread 30 %. */
export const STIRRED_MM = 20;

/** Longest boiling down that is planned, minutes: beyond it a slurry is the better way. Source: patience at a stove; spread 30 %. */
export const MOST_REDUCING_MIN = 30;

/**
 * Preparation of each kind: minutes to start and minutes a kilogram, and for what is minced the most that one line takes: a head of garlic
 * is done in five minutes, and so are four big chillies. Source as above.
 */
export const PREP_MIN: Partial<Record<FoodKind, { each: number; perKg: number; most?: number }>> = {
  allium: { each: 0.5, perKg: 11 },
  aromatic: { each: 1, perKg: 40, most: 5 },
  'root-veg': { each: 0.5, perKg: 7 },
  'slow-veg': { each: 0.5, perKg: 7 },
  'quick-veg': { each: 0.3, perKg: 3 },
  leaf: { each: 0.5, perKg: 6 },
  mushroom: { each: 0.5, perKg: 10 },
  'tomato-fresh': { each: 0.5, perKg: 8 },
  fruit: { each: 0.5, perKg: 8 },
  'herb-soft': { each: 1, perKg: 20 },
  citrus: { each: 0.5, perKg: 5 },
  cheese: { each: 0.5, perKg: 10 },
  'spice-ground': { each: 0.3, perKg: 0 },
  'spice-whole': { each: 0.3, perKg: 0 },
};

/** Preparing meat, minutes a kilogram: trimmed, or cut into cubes. */
export const MEAT_PREP_PER_KG = { trim: 5, cube: 10, ready: 1 } as const;

/** Temperatures of things as they come, °C. Source: refrigerators at 4-6, cupboards at room temperature; spread 3 °C. */
/** `frozenVeg` is the liquid temperature with the same enthalpy as vegetables at -18 °C, so that their thawing is paid for. */
export const START_C = {
  fridge: 6,
  frozen: -18,
  frozenVeg: -82,
  softened: 85,
  deglazed: 95,
  searedPot: 95,
} as const;
/** Temperature of a liquid that a recipe asks for so, °C. Source: kettles, hot taps and refrigerators; spread 8 °C. */
export const POURED_C = { boiling: 96, hot: 75, cold: 8 } as const;
/**
 * Mean temperature of a seared piece, °C, by its thickness in mm: what browning two sides puts in, spread over the piece. Source:
 * heat of a few minutes in hot fat against the mass behind each side; spread 30 %.
 */
const SEARED = { fromC: 6, mostC: 40, perMm: 800 } as const;
export function searedC(thicknessMm: number): number {
  return SEARED.fromC + Math.min(SEARED.mostC, SEARED.perMm / Math.max(1, thicknessMm));
}

/** Heat capacity of sauce and vegetables, J/kgK. Source: food-engineering tables for 80 % water; spread 6 %. */
export const LUMP_J_PER_KG_K = 3900;
/** Share of the floor that pieces cover in one layer. Source: pieces need space to brown; spread 10 %. */
export const SEAR_COVER = 0.85;
/** Pieces stand this much narrower than their volume over thickness suggests, being rounded. */
export const PIECE_FLATNESS = 0.8;
/** A fused frozen lump: as many times wide and long as it is thick, and its shape. Source: packs as they freeze; spread 30 %. */
export const LUMP_FLATNESS = 2;
export const LUMP_EXPONENT = 1.1;
/** Shells of a vegetable in the simulation: half a degree is enough for softness. */
export const PLANT_SHELLS = 8;
/** Vegetables and thick tomato as the heat room sees them: 25 mm chunks. Source: ordinary kitchen cuts; spread 30 %. */
export const LAG_PIECE = { thicknessMm: 25, exponent: 1.5, conduction: 1.1 } as const;
