import {
  floorAreaCm2,
  SLURRY_WATER,
  thicknessOf,
  type Aim,
  type Dish,
  type DoseInput,
  type HouseRules,
  type Plan,
  type Pot,
  type ThickenerId,
  thickenerFor,
} from '../../../core/index';

/** Ways of finding out how much sauce there is, each with how far it is usually off. */
export const WAYS = [
  { id: 'jug', label: 'In a jug', spread: 0.04 },
  { id: 'scale', label: 'On the scale', spread: 0.03 },
  { id: 'depth', label: 'Depth', spread: 0.12 },
  { id: 'forecast', label: 'Forecast', spread: 0.12 },
] as const;
export type Way = (typeof WAYS)[number]['id'];

/** What stands on the sauce bench: what the cook said, nothing computed. */
export interface Bench {
  way: Way;
  /** Millilitres in the jug, grams on the scale with the pot, or millimetres on the spoon handle. */
  reading: string;
  /** Thickness it has now, per cent. */
  presentPercent: number;
  aim: Aim;
  thickener: ThickenerId;
  /** Dairy and the like that is still to come, grams. */
  laterG: number;
}

/** A bench for a dish, or an empty one. */
export function benchFor(plan: Plan | undefined, rules: HouseRules, dish?: Dish): Bench {
  return {
    way: plan ? 'forecast' : 'jug',
    reading: '',
    presentPercent: plan ? Math.round(plan.sauce.input.presentPercent * 20) / 20 : 0,
    aim: dish?.settings.aim ?? 'coating',
    thickener: plan?.sauce.input.thickener ?? thickenerFor(rules.thickener),
    laterG: Math.round(plan?.sauce.input.laterG ?? 0),
  };
}

/** Highest figure that is taken for a reading: ten litres. */
const MOST = 10_000;

/** Grams of sauce that the bench's reading means, or why it means nothing yet. */
export function sauceOnBench(
  bench: Bench,
  pot: Pot,
  plan: Plan | undefined,
): { sauceG: number } | { ask: string } {
  if (bench.way === 'forecast')
    return plan
      ? { sauceG: plan.liquid.sauceAfterG.mid }
      : { ask: 'There is no dish to forecast from: measure it.' };
  const text = bench.reading.trim();
  const value = Number.parseFloat(text.replace(',', '.'));
  if (!text)
    return {
      ask: {
        jug: 'Pour it into a jug and read it.',
        scale: 'Weigh the pot with the sauce in it.',
        depth: 'Stand a spoon handle in it and read how deep.',
      }[bench.way],
    };
  if (!Number.isFinite(value) || value <= 0) return { ask: 'A plain figure, please: 750' };
  if (value > MOST) return { ask: 'That is more than any pot here holds.' };
  if (bench.way === 'jug') return { sauceG: value };
  if (bench.way === 'depth') {
    if (value > 300) return { ask: 'Deeper than the pot: in millimetres, please.' };
    return { sauceG: (floorAreaCm2(pot) * value) / 10 };
  }
  const sauceG = value - pot.emptyG;
  return sauceG > 10
    ? { sauceG }
    : { ask: `The empty ${pot.name} weighs ${Math.round(pot.emptyG)} g: nothing would be left.` };
}

/** The sum's input from the bench. */
export function doseInput(
  bench: Bench,
  sauceG: number,
  rules: HouseRules,
  plan: Plan | undefined,
  starchFactor: number,
): DoseInput {
  return {
    sauceG,
    sauceSpread: WAYS.find((w) => w.id === bench.way)?.spread ?? 0.1,
    presentPercent: bench.presentPercent,
    aimPercent: thicknessOf(bench.aim).percent,
    thickener: bench.thickener,
    waterPerStarch: SLURRY_WATER[rules.slurryWater],
    laterG: bench.laterG,
    laterStrengthG:
      plan && plan.sauce.input.laterG
        ? ((plan.sauce.input.laterStrengthG ?? 0) * bench.laterG) / plan.sauce.input.laterG
        : 0,
    sharpness: plan?.sauce.input.sharpness ?? 0,
    householdFactor: starchFactor > 0 ? 1 / starchFactor : 1,
  };
}
