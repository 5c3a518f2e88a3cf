import { isInTheSauce, looseG, type PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import { SAUCE_KINDS, type LiquidSum } from './liquid';

/** Whether what is in the pot can boil freely enough to drive the air out and make pressure. */
export interface Boil {
  /** Share of the fluid in the pot that is thin, 0..1; 1 when there is no fluid at all. */
  thinShare: number;
  /** How thick the fluid already is: grams of cornstarch-equivalent in 100 g of it. */
  strengthPercent: number;
  verdict: 'free' | 'slow' | 'too thick';
  /** Lines that make it thick, the thickest first. */
  lineIds: string[];
}

/**
 * Where boiling begins to fail. Source: a sauce of gravy thickness blurts instead of boiling, and half tomato is the most
 * that cooks report getting away with; spread 30 %.
 */
const BOIL_LIMITS = {
  thinShare: { slow: 0.45, fails: 0.3 },
  strengthPercent: { slow: 1.5, fails: 3 },
} as const;

/** Foods that thicken at once, when they are stirred into cold or warming liquid. */
const THICKENS_AT_ONCE: ReadonlySet<FoodKind> = new Set<FoodKind>([
  'starch',
  'flour',
  'gum',
  'nut-paste',
  'tomato-thick',
  'tomato-paste',
  'thick-sauce',
  'cream-cheese',
]);

/** Judges how freely the fluid under the lid can boil. */
export function boilOf(items: readonly PlacedItem[], liquid: LiquidSum): Boil {
  const under = items.filter((i) => isInTheSauce(i) && i.read.food);
  let thickMl = 0;
  let strengthG = 0;
  const thick: { lineId: string; g: number }[] = [];
  for (const item of under) {
    const food = item.read.food;
    if (!food || !SAUCE_KINDS.has(food.kind)) continue;
    const notThin = item.part === 'thin part' ? 0 : (item.massG.mid * (1 - food.thin)) / food.gPerMl;
    thickMl += notThin;
    const g = THICKENS_AT_ONCE.has(food.kind) ? looseG(item) * food.strength : 0;
    strengthG += g;
    if (notThin > 10 || g > 1) thick.push({ lineId: item.lineId, g: g * 100 + notThin });
  }
  const thinMl = Math.max(0, liquid.countedMl.mid);
  const fluidMl = thinMl + thickMl;
  const thinShare = fluidMl > 0 ? thinMl / fluidMl : 1;
  const strengthPercent = fluidMl > 0 ? (100 * strengthG) / fluidMl : 0;
  const { thinShare: share, strengthPercent: strength } = BOIL_LIMITS;
  const fails = thinShare < share.fails || strengthPercent > strength.fails;
  const slow = thinShare < share.slow || strengthPercent > strength.slow;
  return {
    thinShare,
    strengthPercent,
    verdict: thick.length === 0 ? 'free' : fails ? 'too thick' : slow ? 'slow' : 'free',
    lineIds: thick.sort((a, b) => b.g - a.g).map((t) => t.lineId),
  };
}

/** What a jug shows, ml. */
const JUG_ML = 25;

/** Thin liquid to pour in so that the fluid boils freely again, ml; 0 when it does. Rounded up to what a jug shows. */
export function loosenMl(boil: Boil, thinMl: number): number {
  if (boil.verdict === 'free') return 0;
  const { thinShare, strengthPercent } = BOIL_LIMITS;
  const now = Math.max(0, thinMl);
  const fluid = boil.thinShare > 0 ? now / boil.thinShare : 0;
  const thick = Math.max(0, fluid - now);
  const byShare = (thinShare.slow * thick) / (1 - thinShare.slow) - now;
  const byStrength = fluid * (boil.strengthPercent / strengthPercent.slow - 1);
  const more = Math.max(byShare, byStrength, 0);
  return Math.max(1, Math.ceil((more * 1.03) / JUG_ML)) * JUG_ML;
}
