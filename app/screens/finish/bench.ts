import {
  BENCH,
  cupMl,
  TASTES,
  isHeldBack,
  MEASURING,
  readSauce,
  SLURRY_WATER,
  thicknessOf,
  type AdviseInput,
  type Aim,
  type Dish,
  type DoseInput,
  type HouseRules,
  type Kitchen,
  type MeasuringId,
  type Plan,
  type Pot,
  type SauceReading,
  type ThickenerId,
  thickenerFor,
} from '../../../core/index';

/** What a sauce tastes of where no dish says so. */
export type Taste = keyof typeof TASTES;

/** What stands on the sauce bench: what the cook said, nothing computed. */
export interface Bench {
  way: MeasuringId;
  /** The reading in the unit of its way, as typed. */
  reading: string;
  /** The last reading that meant something, g: it stands while the next one is nonsense. */
  lastG: number | null;
  /** The cooked pieces are still in the pot, and what they weigh, g. */
  piecesIn: boolean;
  piecesG: number;
  /** Thickness it has now, per cent. */
  presentPercent: number;
  aim: Aim;
  thickener: ThickenerId;
  taste: Taste;
  /** Dairy and the like that is still to come, grams. */
  laterG: number;
}

/** Thickness as the bench shows it, to a twentieth of a per cent. */
const shownPercent = (percent: number): number => Math.round(percent * 20) / 20;

/** A bench for a dish, or one for any pot of sauce. */
export function benchFor(plan: Plan | undefined, rules: HouseRules, dish?: Dish): Bench {
  return {
    way: plan ? 'forecast' : 'jug',
    // A jugful to begin with: the answer shows what it does before anything is typed.
    reading: plan ? '' : String(BENCH.startMl),
    lastG: null,
    piecesIn: false,
    piecesG: Math.round((plan?.meat ?? []).reduce((s, m) => s + m.massG, 0) * BENCH.meatKeeps),
    presentPercent: plan ? shownPercent(plan.sauce.input.presentPercent) : 0,
    aim: dish?.settings.aim ?? 'coating',
    thickener: plan?.sauce.input.thickener ?? thickenerFor(rules.thickener),
    taste: 'mild',
    laterG: Math.round(plan?.sauce.input.laterG ?? 0),
  };
}

/** Ways that measure whatever is in the pot, pieces and all. */
export const PIECES_MAY_BE_IN: ReadonlySet<MeasuringId> = new Set<MeasuringId>(['scale', 'depth', 'fingers']);

/** What an empty field means for the pieces. */
export function piecesOf(bench: Pick<Bench, 'piecesIn' | 'piecesG' | 'way'>): number {
  return bench.piecesIn && PIECES_MAY_BE_IN.has(bench.way) ? bench.piecesG : 0;
}

/** Grams of sauce that the bench's reading means, or why it means nothing yet. */
export function sauceOnBench(bench: Bench, pot: Pot, plan: Plan | undefined, kitchen: Kitchen): SauceReading {
  return readSauce(bench.way, bench.reading, {
    pot,
    ladleMl: kitchen.ladleMl ?? BENCH.ladleMl,
    cupMl: cupMl(kitchen.system),
    piecesG: piecesOf(bench),
    forecastG: plan ? plan.sauce.leftG.mid : null,
  });
}

/** The sum's input from the bench. */
export function doseInput(
  bench: Bench,
  sauceG: number,
  rules: HouseRules,
  plan: Plan | undefined,
  starchFactor: number,
  spread: number = MEASURING.find((m) => m.id === bench.way)?.spread ?? 0.1,
): DoseInput {
  const taste = TASTES[bench.taste];
  const counted = plan?.sauce.input;
  const countedLaterG = counted?.laterG ?? 0;
  // What the bench shows rounded is summed as the plan counted it: one dose in step and bench.
  const isCounted = counted !== undefined && bench.presentPercent === shownPercent(counted.presentPercent);
  const laterG = bench.laterG === Math.round(countedLaterG) ? countedLaterG : bench.laterG;
  return {
    sauceG,
    sauceSpread: spread,
    presentPercent: isCounted ? counted.presentPercent : bench.presentPercent,
    aimPercent: thicknessOf(bench.aim).percent,
    thickener: bench.thickener,
    ...(plan?.sauce.input.writtenG && plan.sauce.input.thickener === bench.thickener
      ? { writtenG: plan.sauce.input.writtenG }
      : {}),
    waterPerStarch: SLURRY_WATER[rules.slurryWater],
    laterG,
    laterStrengthG: countedLaterG > 0 ? ((counted?.laterStrengthG ?? 0) * laterG) / countedLaterG : 0,
    sharpness: plan ? (plan.sauce.input.sharpness ?? 0) : taste.sharpness,
    sugarShare: plan ? (plan.sauce.input.sugarShare ?? 0) : taste.sugarShare,
    householdFactor: starchFactor > 0 ? 1 / starchFactor : 1,
  };
}

const SOFT = /^(?:allium|root-veg|slow-veg|quick-veg|pulse-cooked|pulse-dry|mushroom)$/;

/** What the adviser asks, from the bench, the dish and the household. */
export function adviseInput(
  dose: DoseInput,
  bench: Bench,
  plan: Plan | undefined,
  kitchen: Kitchen,
  toFreeze: boolean,
): AdviseInput {
  const rule = (plan?.rules ?? kitchen.rules).thickener;
  return {
    dose,
    plates: plan?.dish.plates ?? 4,
    noGluten: kitchen.needs.includes('no-gluten') || kitchen.allergens.includes('gluten'),
    noDairy: kitchen.needs.includes('no-dairy') || kitchen.allergens.includes('milk'),
    noEgg: kitchen.allergens.includes('egg'),
    fewCarbs: kitchen.needs.includes('low-carb'),
    lowSalt: kitchen.needs.includes('low-salt'),
    dairyToCome: bench.laterG > 0,
    toFreeze,
    vegetablesG: (plan?.items ?? [])
      .filter((i) => !isHeldBack(i.moment) && SOFT.test(i.read.food?.kind ?? ''))
      .reduce((s, i) => s + i.massG.mid, 0),
    saltG: plan?.sauce.saltG ?? 0,
    hasScale: kitchen.tools.scale,
    usual: plan?.sauce.input.writtenG
      ? plan.sauce.input.thickener
      : rule === 'reduce'
        ? 'reduce'
        : rule === 'blended'
          ? 'blended'
          : thickenerFor(rule),
  };
}
