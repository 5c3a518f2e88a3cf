import type { FoodKind } from '../pantry/food';
import type { ReadLine } from './read';

/** How a line's amount answers to more or fewer plates. */
export interface Scaled {
  /** Multiplies the written amount. */
  factor: number;
  /** Why it is not the plates' own factor, in a cook's words; empty when it is. */
  note: string;
}

/** The figures of gentle scaling. Source: kitchen custom for doubling a written dish; spread 15 %. */
export const SCALING = {
  /** Doubling takes about 1.9 times the salt: reducing and evaporation do not double. */
  salt: { exponent: 0.93, why: 'Salt grows a little less than the plates: taste at the end.' },
  /** Doubling takes about 1.7 times the spice. */
  spice: { exponent: 0.77, why: 'Spice grows less than the plates.' },
  /** Whole spices, bay and woody herbs: about 1.6 times. */
  whole: { exponent: 0.68, why: 'Whole spices and woody herbs grow less than the plates.' },
  /** The floor to film with fat is the same; batches need a little more. */
  fat: { exponent: 0.6, why: 'Only the floor has to be filmed: it does not double.' },
  /** Where the pot's need does not decide, thin liquid grows with the square root; the margin is what boils off first. */
  liquid: { exponent: 0.5, margin: 1.2, why: 'Liquid is sized for the pot and the sauce, not multiplied.' },
} as const;

const GENTLE: Partial<Record<FoodKind, keyof typeof SCALING>> = {
  salt: 'salt',
  'stock-concentrate': 'salt',
  'salty-sauce': 'salt',
  'spice-ground': 'spice',
  'spice-late': 'spice',
  'spice-whole': 'whole',
  'herb-woody': 'whole',
  oil: 'fat',
};

/** Foods whose liquid is sized rather than multiplied. */
export const SIZED_LIQUIDS: ReadonlySet<FoodKind> = new Set<FoodKind>(['stock', 'water']);

const WHOLE_UNITS = new Set(['can', 'jar', 'carton', 'packet', 'bottle', 'cube']);
const WHOLE_NAMES: Record<string, string> = {
  can: 'tins',
  jar: 'jars',
  carton: 'cartons',
  packet: 'packets',
  bottle: 'bottles',
  cube: 'cubes',
};

/** Nearest whole, or nearest half below one and a quarter: half a tin keeps, a third of one does not. */
function toWhole(n: number): number {
  return n < 1.25 ? Math.max(0.5, Math.round(n * 2) / 2) : Math.round(n);
}

/**
 * The factor for one line when the plates change by `k`. Food grows with the plates; salt, spice and frying fat grow
 * less; tins, cubes and eggs stay whole. Exactly 1 at `k` = 1, so that the cook's own amounts are never touched.
 */
export function scaleLine(read: ReadLine, k: number): Scaled {
  const kind = read.food?.kind;
  if (Math.abs(k - 1) < 1e-9) return { factor: 1, note: '' };
  const amount = read.amount;
  const count = amount ? (amount.min + amount.max) / 2 : 0;
  const isWhole = amount && (WHOLE_UNITS.has(amount.unitId) || (kind === 'egg' && amount.unitId === 'each'));
  if (isWhole && count > 0) {
    const exact = count * k;
    const whole = kind === 'egg' ? Math.max(1, Math.round(exact)) : toWhole(exact);
    const name = kind === 'egg' ? 'eggs' : (WHOLE_NAMES[amount.unitId] ?? '');
    const note =
      Math.abs(whole - exact) > 0.05
        ? `Exactly ${Number(exact.toPrecision(2))}; rounded because ${name} come whole.`
        : '';
    return { factor: whole / count, note };
  }
  const gentle = kind && GENTLE[kind];
  if (!gentle) return { factor: k, note: '' };
  return { factor: k ** SCALING[gentle].exponent, note: SCALING[gentle].why };
}

/**
 * The factor on stock and water when the plates change by `k`: enough for this pot and for the sauce, between the written
 * amount and the multiplied one. Halving therefore keeps the floor covered; doubling does not drown the dish.
 * `ownMl` is their written volume, `otherMl` what else is thin less what is drunk at the new plates, `needMl` the pot's need.
 */
export function liquidFactor(k: number, ownMl: number, otherMl: number, needMl: number): number {
  if (Math.abs(k - 1) < 1e-9 || ownMl <= 0) return 1;
  const wanted = Math.max(k ** SCALING.liquid.exponent, (needMl - otherMl) / ownMl);
  return Math.min(Math.max(1, k), Math.max(Math.min(1, k), wanted));
}
