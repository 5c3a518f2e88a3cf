import { LEAST_DOSE_G } from './data/bench';
import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
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
  /** Sugar in the sauce, share by weight: it competes with starch for water. */
  sugarShare?: number;
  /** What the recipe writes of this thickener, g; taken as it is where it comes to the thickness wanted. */
  writtenG?: number;
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

/** Sugar takes strength from starch: none up to `from`, then its share beyond, at most `most`. Source: starch handbooks; spread 40 %. */
const SUGAR_LOSS = { from: 0.1, most: 0.3 } as const;
/** What thickens by swelling starch loses to sugar; gums and purées do not. */
const swells = (t: Thickener): boolean => t.how === 'slurry' || t.how === 'paste';

/** Strength of 1 g in this sauce. */
function strengthOf(t: Thickener, input: DoseInput): number {
  const acid = t.acidLoss * Math.min(1, Math.max(0, input.sharpness ?? 0));
  const sugar = swells(t)
    ? Math.min(SUGAR_LOSS.most, Math.max(0, (input.sugarShare ?? 0) - SUGAR_LOSS.from))
    : 0;
  return (t.strength * (1 - acid) * (1 - sugar)) / (input.householdFactor ?? 1);
}

/** Grams of sauce that 1 g of the thickener adds, its water included. */
function gainOf(t: Thickener, input: DoseInput): number {
  return t.how === 'slurry' ? t.kept + input.waterPerStarch : t.kept;
}

/** Thickness, per cent, that a given dose would leave. The forward sum that `doseFor` inverts. */
export function thicknessAfter(input: DoseInput, starchG: number): number {
  const t = thickenerById(input.thickener);
  const r = strengthOf(t, input);
  const mass = input.sauceG + (input.laterG ?? 0) + starchG * gainOf(t, input);
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
  const adds = gainOf(t, clean);
  const s = Math.max(0, clean.aimPercent) / 100;
  const mass = clean.sauceG + later;
  const present = (clean.sauceG * Math.max(0, clean.presentPercent)) / 100 + (clean.laterStrengthG ?? 0);
  const solve = (sauceScale: number, strengthScale: number): number => {
    const r = strengthOf(t, clean) * strengthScale;
    const lack = s * (clean.sauceG * sauceScale + later) - present * sauceScale;
    const gain = r - s * adds;
    if (lack <= 0) return 0;
    return gain <= 0 ? Number.POSITIVE_INFINITY : lack / gain;
  };
  const most = t.mostPercent / 100;
  const mostG = (most * mass) / (1 - most * adds);
  const wanted = solve(1, 1);
  const starchG = isWrittenRight(clean, mostG) ? (clean.writtenG ?? 0) : Math.min(wanted, mostG);
  const spread = Math.hypot(clean.sauceSpread ?? 0.1, t.spread);
  const waterG = starchG * w;
  const resultPercent = thicknessAfter(clean, starchG);
  const excess = s > 0 ? present / s - mass : 0;
  return {
    thickener: t,
    starchG,
    rangeG: { low: starchG * (1 - spread), mid: starchG, high: starchG * (1 + spread) },
    waterG,
    finishedG: mass + starchG * adds,
    resultPercent,
    resultThickness: nearestThickness(resultPercent),
    capped: wanted > mostG + 1e-9,
    loosenG: wanted === 0 && excess > mass * 0.1 ? excess : 0,
    carbohydrateG: starchG * t.carbohydrate,
  };
}

/** How far from the wanted thickness a written dose may come out and still be the recipe's own. Source: the bands of thickness; spread 30 %. */
const WRITTEN_OFF = 0.15;

/** True when the recipe's own dose makes of this sauce what is wanted of it. */
export function isWrittenRight(input: DoseInput, mostG = Number.POSITIVE_INFINITY): boolean {
  const g = input.writtenG ?? 0;
  if (!(g > 0) || g > mostG || input.aimPercent <= 0) return false;
  return Math.abs(thicknessAfter(input, g) / input.aimPercent - 1) <= WRITTEN_OFF;
}

/** What the spoon shows after the boil, against what was promised. */
export interface SecondDose extends Dose {
  /** What the first dose really did against the table: below 1, the household's starch or measure runs weak. */
  learnedFactor: number;
}

/** Less than this is not worth stirring, g. */
const LEAST_SECOND_G = 1;

/**
 * The second dose: what the spoon shows replaces the forecast, so the sauce is taken as it is now and the remainder is
 * sized afresh; never more than half the first dose, because half-doses are how lumps and glue are avoided.
 */
export function secondDose(first: DoseInput, firstStarchG: number, seenPercent: number): SecondDose {
  const promised = thicknessAfter(first, firstStarchG);
  const again = doseFor({
    ...first,
    writtenG: 0,
    sauceG: first.sauceG + firstStarchG * gainOf(thickenerById(first.thickener), first),
    presentPercent: seenPercent,
  });
  const starchG = Math.min(again.starchG, Math.max(firstStarchG / 2, LEAST_SECOND_G));
  const scale = again.starchG > 0 ? starchG / again.starchG : 0;
  return {
    ...again,
    starchG,
    waterG: again.waterG * scale,
    learnedFactor: promised > 0 ? Math.min(1.6, Math.max(0.6, seenPercent / promised)) : 1,
  };
}

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

/** True when there is something to stir in. */
export function isWorthStirring({ starchG, thickener }: Pick<Dose, 'starchG' | 'thickener'>): boolean {
  return starchG >= (thickener.how === 'whisk' ? LEAST_DOSE_G.gum : LEAST_DOSE_G.starch);
}

/** One way of sharing the work between boiling down and starch. */
export interface MixedWay {
  minutes: number;
  /** Sauce left when the starch goes in, g. */
  leftG: number;
  dose: Dose;
  /** How much saltier and sharper than now: 1 is unchanged. */
  saltFactor: number;
}

/** A sauce is not boiled down below this share of itself in one go: it catches. */
const LEAST_LEFT = 0.4;

/**
 * Boil down for some minutes first, then thicken the rest: less starch, less sauce, more salt. From none at all in equal
 * steps to where no starch is needed, or as far as it can go. What is dissolved stays: strength and salt are conserved.
 */
export function mixedWays(input: DoseInput, stepMin = 2, mostMin = 20): MixedWay[] {
  const out: MixedWay[] = [];
  for (let minutes = 0; minutes <= mostMin; minutes += stepMin) {
    const leftG = input.sauceG - minutes * BOIL_OFF_G_PER_MIN.high;
    if (minutes > 0 && leftG < input.sauceG * LEAST_LEFT) break;
    const saltFactor = leftG > 0 ? input.sauceG / leftG : 1;
    const dose = doseFor({ ...input, sauceG: leftG, presentPercent: input.presentPercent * saltFactor });
    out.push({ minutes, leftG, dose, saltFactor });
    if (!isWorthStirring(dose)) break;
  }
  return out;
}

/** A dose as it can be measured with spoons: rounded, and how far that is off. */
export interface SpoonDose {
  volumeMl: number;
  massG: number;
  /** Rounded over exact, less 1. */
  error: number;
  resultPercent: number;
}

const TSP_ML = 4.929;

/** The nearest quarter teaspoon to a dose, of less than half a teaspoon the nearest eighth, what it weighs, and the thickness it really gives. */
export function inSpoons(input: DoseInput, dose: Pick<Dose, 'starchG' | 'thickener'>): SpoonDose {
  const exact = dose.starchG / dose.thickener.gPerMl / TSP_ML;
  const parts = exact < 0.5 ? 8 : 4;
  const tsp = Math.round(exact * parts) / parts;
  const massG = tsp * TSP_ML * dose.thickener.gPerMl;
  return {
    volumeMl: tsp * TSP_ML,
    massG,
    error: dose.starchG > 0 ? massG / dose.starchG - 1 : 0,
    resultPercent: thicknessAfter(input, massG),
  };
}
