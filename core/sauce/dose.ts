import type { Range } from '../quantity/range';
import {
  nearestThickness,
  thickenerById,
  type Thickener,
  type ThickenerId,
  type Thickness,
} from './data/thickeners';

/** What the sum needs. Grams and per cent by weight. */
export interface DoseInput {
  /** Sauce in the pot now, without the pieces. */
  sauceG: number;
  /** How far that figure may be off, relative. */
  sauceSpread?: number;
  /** Thickness it has already, cornstarch-equivalent grams for each 100 g. */
  presentPercent: number;
  /** Thickness wanted in the finished sauce. */
  aimPercent: number;
  thickener: ThickenerId;
  /** Grams of water for each gram of starch. */
  waterPerStarch: number;
  /** Sauce-like additions still to come (cream, yoghurt), g, and the strength they bring, cornstarch-equivalent g. */
  laterG?: number;
  laterStrengthG?: number;
  /** 0 mild, 1 vinegar-sharp. */
  sharpness?: number;
  /** The household's factor: 1.1 means its spoons or starch give ten per cent less than the table. */
  householdFactor?: number;
}

/** How much to stir together, and what comes of it. */
export interface Dose {
  thickener: Thickener;
  /** Grams of starch (or paste, or gum); 0 when the sauce is thick enough already. */
  starchG: number;
  /** Its likely range, from the spread of the amount and of the starch. */
  rangeG: Range;
  /** Cold water for the slurry, g = ml; 0 for paste and gum. */
  waterG: number;
  /** The finished sauce, with the slurry and what is still to come. */
  finishedG: number;
  /** Thickness that really results, per cent; lower than the aim when the maximum was reached. */
  resultPercent: number;
  resultThickness: Thickness;
  /** True when the thickener's maximum stopped it short of the aim. */
  capped: boolean;
  /** When it is already thicker than wanted: the splash that loosens it, g. */
  loosenG: number;
  carbohydrateG: number;
}

/** Strength of 1 g in this sauce. */
function strengthOf(t: Thickener, sharpness: number, factor: number): number {
  return (t.strength * (1 - t.acidLoss * Math.min(1, Math.max(0, sharpness)))) / factor;
}

/** Thickness, per cent, that a given dose would leave. The forward sum that `doseFor` inverts. */
export function thicknessAfter(input: DoseInput, starchG: number): number {
  const t = thickenerById(input.thickener);
  const r = strengthOf(t, input.sharpness ?? 0, input.householdFactor ?? 1);
  const w = t.how === 'slurry' ? input.waterPerStarch : 0;
  const mass = input.sauceG + (input.laterG ?? 0) + starchG * (1 + w);
  const strength = (input.sauceG * input.presentPercent) / 100 + (input.laterStrengthG ?? 0) + r * starchG;
  return mass > 0 ? (100 * strength) / mass : 0;
}

/**
 * Sizes the dose in closed form, the slurry's own water counted as sauce: with sauce M, present strength c, relative
 * strength r, water w to starch 1 and aim s, x = (sM - c) / (r - s(1 + w)). Never negative; capped at the thickener's
 * maximum. Amounts that are not finite or negative are taken as none.
 */
export function doseFor(input: DoseInput): Dose {
  const clean = { ...input, sauceG: Math.max(0, Number.isFinite(input.sauceG) ? input.sauceG : 0) };
  const t = thickenerById(clean.thickener);
  const later = clean.laterG ?? 0;
  const w = t.how === 'slurry' ? clean.waterPerStarch : 0;
  const s = Math.max(0, clean.aimPercent) / 100;
  const mass = clean.sauceG + later;
  const present = (clean.sauceG * Math.max(0, clean.presentPercent)) / 100 + (clean.laterStrengthG ?? 0);
  const solve = (sauceScale: number, strengthScale: number): number => {
    const r = strengthOf(t, clean.sharpness ?? 0, clean.householdFactor ?? 1) * strengthScale;
    const lack = s * (clean.sauceG * sauceScale + later) - present * sauceScale;
    const gain = r - s * (1 + w);
    return lack <= 0 || gain <= 0 ? 0 : lack / gain;
  };
  const most = t.mostPercent / 100;
  const mostG = (most * mass) / (1 - most * (1 + w));
  const wanted = solve(1, 1);
  const starchG = Math.min(wanted, mostG);
  const spread = Math.hypot(clean.sauceSpread ?? 0.1, t.spread);
  const waterG = starchG * w;
  const resultPercent = thicknessAfter(clean, starchG);
  const excess = s > 0 ? present / s - mass : 0;
  return {
    thickener: t,
    starchG,
    rangeG: { low: starchG * (1 - spread), mid: starchG, high: starchG * (1 + spread) },
    waterG,
    finishedG: mass + starchG + waterG,
    resultPercent,
    resultThickness: nearestThickness(resultPercent),
    capped: wanted > mostG + 1e-9,
    loosenG: wanted === 0 && excess > mass * 0.1 ? excess : 0,
    carbohydrateG: starchG * t.carbohydrate,
  };
}

/** What the spoon shows after the boil, against what was promised. */
export interface SecondDose extends Dose {
  /** What the first dose really did against the table: below 1, the household's starch or measure runs weak. */
  learnedFactor: number;
}

/**
 * The second dose: what the spoon shows replaces the forecast, so the sauce is taken as it is now and the remainder is
 * sized afresh; never more than the first dose again, because half-doses are how lumps and glue are avoided.
 */
export function secondDose(first: DoseInput, firstStarchG: number, seenPercent: number): SecondDose {
  const promised = thicknessAfter(first, firstStarchG);
  const again = doseFor({
    ...first,
    sauceG:
      first.sauceG +
      firstStarchG * (1 + (thickenerById(first.thickener).how === 'slurry' ? first.waterPerStarch : 0)),
    presentPercent: seenPercent,
  });
  const starchG = Math.min(again.starchG, Math.max(firstStarchG, 2));
  const scale = again.starchG > 0 ? starchG / again.starchG : 0;
  return {
    ...again,
    starchG,
    waterG: again.waterG * scale,
    learnedFactor: promised > 0 ? Math.min(1.6, Math.max(0.6, seenPercent / promised)) : 1,
  };
}

/** Water boiled off on a pot's high sauté, g a minute. Source: 100 ml in 6-10 minutes on a standard pot; spread 25 %. */
export const BOIL_OFF_G_PER_MIN = { high: 13, low: 5.5, spread: 0.25 };

/**
 * Boiling down instead of thickening: minutes until the sauce has the wanted thickness from its own strength, and the
 * factor by which salt and sharpness rise. Null when it has no strength of its own to concentrate.
 */
export function reduceTo(
  sauceG: number,
  presentPercent: number,
  aimPercent: number,
): { minutes: number; leftG: number; saltFactor: number } | null {
  if (presentPercent <= 0.05 || aimPercent <= 0) return null;
  if (aimPercent <= presentPercent) return { minutes: 0, leftG: sauceG, saltFactor: 1 };
  const leftG = (sauceG * presentPercent) / aimPercent;
  return { minutes: (sauceG - leftG) / BOIL_OFF_G_PER_MIN.high, leftG, saltFactor: sauceG / leftG };
}
