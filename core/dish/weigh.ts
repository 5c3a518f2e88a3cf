import type { Food, FoodKind } from '../pantry/food';
import { type Range, around } from '../quantity/range';
import { type MeasureSystem, perUnitIn, unitById } from '../quantity/units';
import type { Amount } from './amount';

/** Beans that are sold in a sauce of their own: nothing is drained off. */
const IN_ITS_SAUCE: ReadonlySet<string> = new Set(['refried-bean', 'baked-bean', 'pork-and-beans']);

/** What is tinned in brine weighs less than is printed on it. */
const isDrainedTin = ({ unitId }: Amount, food: Food | null): boolean =>
  food?.kind === 'pulse-cooked' && (unitId === 'can' || unitId === 'jar') && !IN_ITS_SAUCE.has(food.id);

/** What a size does to the weight: things grow, packages come in a few sizes near the usual one. Source: markets and shelves; spread 20 %. */
const SIZE_FACTORS = {
  grown: { small: 0.7, medium: 1, large: 1.35 },
  packed: { small: 0.6, medium: 1, large: 1 },
} as const;

const POWDERS: ReadonlySet<string> = new Set([
  'spice-ground',
  'spice-late',
  'flour',
  'starch',
  'sugar',
  'salt',
  'grain',
]);

/** What a heaped or scant spoon holds of a level one; powders heap higher than pastes. Source: spoons weighed in kitchens; spread 25 %. */
const FILLED = { powder: 1.5, other: 1.3, scant: 0.9 } as const;

const filledBy = ({ filled }: Amount, food: Food | null): number =>
  filled === 'scant'
    ? FILLED.scant
    : filled === 'heaped'
      ? FILLED[POWDERS.has(food?.kind ?? '') ? 'powder' : 'other']
      : 1;

/** A usual package below this is the small one already, g. */
const SMALL_ANYWAY_G = 200;

const PACKED = new Set(['can', 'jar', 'packet', 'carton', 'bag', 'bottle', 'tube', 'tray']);

/** Grams of drained solids in each gram of a canned pulse's net weight. Source: label practice, spread 8 %. */
const DRAINED_SHARE = 0.6;

/**
 * Weighs an amount of a food: grams as a range from the spreads of the unit and of the food.
 * Falls back on the unit's typical weight where the food has none, with a wide spread.
 */
export function weigh(amount: Amount, food: Food | null, system: MeasureSystem): Range {
  const mean = (amount.min + amount.max) / 2;
  const written = mean > 0 ? (amount.max - amount.min) / 2 / mean : 0;
  if (amount.alsoG) {
    const isDrained = isDrainedTin(amount, food);
    return around(amount.alsoG * (isDrained ? DRAINED_SHARE : 1), 0.03);
  }
  const gPerMl = food?.gPerMl ?? 0.8;
  if (amount.alsoMl) return around(amount.alsoMl * gPerMl, 0.06);
  const one = (unitId: string): { g: number; spread: number } => {
    const unit = unitById(unitId);
    if (unit.kind === 'mass') return { g: unit.perUnit, spread: unit.spread };
    if (unit.kind === 'volume')
      return {
        // A large glass is half as much again; spoons and cups have no sizes.
        g:
          perUnitIn(unit, system) *
          gPerMl *
          SIZE_FACTORS.grown[amount.size ?? 'medium'] *
          filledBy(amount, food),
        spread: Math.hypot(unit.spread, (food?.spread ?? 0.4) / 3),
      };
    if (unit.kind === 'length') {
      const perInch = food?.pieceG['inch'] ?? 13;
      return { g: (unit.perUnit / 25.4) * perInch, spread: 0.4 };
    }
    const sized = amount.size ? food?.pieceG[amount.size] : undefined;
    const sizeFactor = SIZE_FACTORS[PACKED.has(unitId) ? 'packed' : 'grown'][amount.size ?? 'medium'];
    const own =
      unitId === 'each'
        ? (sized ?? (food?.pieceG['each'] ? food.pieceG['each'] * sizeFactor : undefined))
        : food?.pieceG[unitId];
    // A tin that is small anyway is not made smaller by the word.
    const isSmallAnyway = PACKED.has(unitId) && (own ?? 0) < SMALL_ANYWAY_G;
    if (own)
      return {
        g: own * (unitId === 'each' || isSmallAnyway ? 1 : sizeFactor),
        spread: Math.max(unit.spread, 0.1),
      };
    if (unitId === 'piece' && food?.pieceG['each'])
      return { g: food.pieceG['each'] * sizeFactor, spread: 0.3 };
    // A slice of a raw cut is a piece of dinner, and none of ham.
    if (unitId === 'slice' && food?.cut && (food.kind === 'red-meat' || food.kind === 'poultry'))
      return { g: RAW_SLICE_G * sizeFactor, spread: 0.4 };
    const byKind = food ? (unitId === 'each' ? EACH_G : PACK_G[unitId])?.[food.kind] : undefined;
    return { g: (byKind ?? unit.typicalG ?? 100) * sizeFactor, spread: 0.5 };
  };
  if (amount.content) {
    const unit = unitById(amount.content.unitId);
    const net =
      unit.kind === 'mass'
        ? amount.content.value * unit.perUnit
        : amount.content.value * perUnitIn(unit, system) * gPerMl;
    const isDrained = isDrainedTin(amount, food);
    const share = isDrained ? DRAINED_SHARE : 1;
    return around(mean * net * share, Math.hypot(0.03, written));
  }
  const main = one(amount.unitId);
  const extra = amount.plus ? ((amount.plus.min + amount.plus.max) / 2) * one(amount.plus.unitId).g : 0;
  return around(mean * main.g + extra, Math.hypot(main.spread, written));
}

/** One slice of a raw cut, g. Source: portions of butchers; spread 40 %. */
const RAW_SLICE_G = 130;

/** More of one thing than a home kitchen cooks at once, g. Source: the largest pot here holds five kilos of food; spread 50 %. */
const MOST_G = 20_000;

/** True when an amount can be what somebody cooks: more than nothing, and no more than a kitchen holds. */
export function isPossible(amount: Amount, food: Food | null, system: MeasureSystem): boolean {
  return amount.max > 0 && Number.isFinite(amount.max) && weigh(amount, food, system).mid <= MOST_G;
}

/** True unless a bare count stands before something that nobody counts: "3 chicken stock", "2 cumin". */
export function canBeCounted(amount: Amount, food: Food): boolean {
  if (amount.unitId !== 'each' || amount.alsoG || amount.alsoMl || amount.content) return true;
  return food.pieceG['each'] !== undefined || EACH_G[food.kind] !== undefined || food.cut !== undefined;
}

/** Grams of one where the food has no figure of its own. Source: ordinary kitchen weights, spread 50 %. */
const EACH_G: Partial<Record<FoodKind, number>> = {
  'spice-whole': 0.3,
  'herb-soft': 5,
  'herb-woody': 1.5,
  nut: 1.5,
  'dried-fruit': 8,
  'dried-mushroom': 3,
  pickle: 5,
  'stock-concentrate': 10,
  aromatic: 10,
};

/** Grams of what is sold in little packs, and of one stalk of a herb. Source: spice and seasoning as shops pack it, 5-40 g; spread 50 %. */
const PACK_G: Readonly<Record<string, Partial<Record<FoodKind, number>>>> = {
  stalk: { 'herb-soft': 1, 'herb-woody': 1, 'spice-whole': 1 },
  packet: {
    'spice-ground': 20,
    'spice-whole': 20,
    'spice-late': 10,
    salt: 30,
    'herb-woody': 15,
    'herb-soft': 25,
  },
  jar: { 'spice-ground': 40, 'spice-whole': 35, 'spice-late': 40 },
  bag: { 'spice-ground': 50, 'spice-whole': 50, 'herb-soft': 30 },
};
