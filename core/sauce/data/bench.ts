/** What is taken on the sauce bench where no dish and no household says it. Source: as said with each; spreads relative. */
export const BENCH = {
  /** A ladle, ml. Household crockery; spread 25 %. */
  ladleMl: 120,
  /** Share of its raw weight that braised meat keeps. Household yields; spread 10 %. */
  meatKeeps: 0.78,
  /** Sauce for four, ml: what stands there before anything is typed. */
  startMl: 500,
  /** Salt of a sauce that tastes too salty, share. Household figure; spread 40 %. */
  saltyShare: 0.016,
  /** Fat on a braise that is too fat, share. Household figure; spread 40 %. */
  fatShare: 0.05,
} as const;

/** What a sauce tastes of where no dish says so: its sharpness, 0..1, and its share of sugar. By judgement. */
export const TASTES = {
  mild: { sharpness: 0, sugarShare: 0 },
  sharp: { sharpness: 0.8, sugarShare: 0 },
  sweet: { sharpness: 0.2, sugarShare: 0.25 },
} as const;

/** Less than this is not worth stirring in, g; a gum is strong enough for an eighth. By judgement. */
export const LEAST_DOSE_G = { starch: 0.4, gum: 0.05 } as const;
