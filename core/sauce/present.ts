import { shortName } from '../dish/names';
import { isHeldBack } from '../dish/moment';
import { RENDERS } from './data/fat';
import { nearestThickness } from './data/thickeners';
import { isInTheSauce, looseG, type PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';

/** Kinds that melt into the sauce whole, and the share of solid ones that does. Source: kitchen judgement; spread 40 %. */
const DISSOLVED: Partial<Record<FoodKind, number>> = {
  allium: 0.6,
  'root-veg': 0.25,
  'tomato-fresh': 1,
  'pulse-dry': 0.4,
  grain: 0.3,
  pasta: 0.4,
  'dried-fruit': 0.4,
  nut: 0.5,
};

/**
 * Cornstarch-equivalent strength of a gram of vegetable blended into the sauce. Source: a purée of two fifths vegetables
 * coats a spoon; spread 40 %.
 */
const BLENDED_STRENGTH = { value: 0.02, spread: 0.4 } as const;
const BLENDS: ReadonlySet<FoodKind> = new Set<FoodKind>([
  'allium',
  'root-veg',
  'slow-veg',
  'quick-veg',
  'mushroom',
  'fruit',
  'dried-fruit',
]);

/**
 * Cornstarch-equivalent grams that are in the pot already when the pin drops: tomato pulp, melted onion, flour that went
 * under the lid, pulses. Half of a floured coat ends in the sauce. `blended` when the vegetables are blended into it.
 */
export function presentStrengthG(items: readonly PlacedItem[], blended = false): number {
  return items.reduce((sum, i) => sum + strengthG(i, blended), 0);
}

/** What one line adds to the strength that is there when the pin drops, cornstarch-equivalent g. */
function strengthG(item: PlacedItem, blended: boolean): number {
  const { food } = item.read;
  if (!food || !isInTheSauce(item)) return 0;
  if (blended && BLENDS.has(food.kind))
    return item.massG.mid * Math.max(BLENDED_STRENGTH.value, food.strength);
  return looseG(item) * food.strength * (DISSOLVED[food.kind] ?? 1);
}

/** What makes a sauce as thick as it is already, each in per cent of it, the most of it first; together they are its present strength. */
export function presentParts(
  items: readonly PlacedItem[],
  sauceG: number,
  blended = false,
): { name: string; percent: number }[] {
  if (sauceG <= 0) return [];
  const parts = new Map<string, number>();
  for (const item of items) {
    const percent = (100 * strengthG(item, blended)) / sauceG;
    if (percent > 0) parts.set(shortName(item.read), (parts.get(shortName(item.read)) ?? 0) + percent);
  }
  return [...parts].map(([name, percent]) => ({ name, percent })).sort((a, b) => b.percent - a.percent);
}

/** Less of a part is not worth a word, per cent; nor are more parts than a cook reads at a glance. */
const LEAST_TOLD = 0.05;
const MOST_TOLD = 4;

/** "Light already: tomato 0.6, flour 0.5": what the sauce is before anything is stirred in, and by what; empty where it is thin. */
export function alreadyWords(parts: readonly { name: string; percent: number }[]): string {
  const told = parts.filter((p) => p.percent >= LEAST_TOLD).slice(0, MOST_TOLD);
  if (!told.length) return '';
  const { name } = nearestThickness(parts.reduce((sum, p) => sum + p.percent, 0));
  return `${name.charAt(0).toUpperCase()}${name.slice(1)} already: ${told.map((p) => `${p.name} ${p.percent.toFixed(1)}`).join(', ')} %.`;
}

/** Grams and strength of what is stirred into the sauce after the slurry: dairy, nut paste, pasta boiled in it. */
export function laterAdditions(items: readonly PlacedItem[]): { massG: number; strengthG: number } {
  let massG = 0;
  let strengthG = 0;
  for (const i of items) {
    const food = i.read.food;
    if (!food || i.moment === 'serve') continue;
    if (
      i.moment === 'dairy' ||
      food.kind === 'nut-paste' ||
      (food.kind === 'nut' && i.moment === 'thicken')
    ) {
      massG += i.massG.mid;
      strengthG += i.massG.mid * food.strength;
    } else if (i.moment === 'finish' && food.kind === 'pasta') strengthG += i.massG.mid * food.strength * 0.4;
  }
  return { massG, strengthG };
}

/** How sharp the sauce is while it thickens, 0 mild to 1 vinegar-sharp. */
export function sharpnessOf(items: readonly PlacedItem[], sauceG: number): number {
  if (sauceG <= 0) return 0;
  const acid = items
    .filter((i) => !isHeldBack(i.moment))
    .reduce((s, i) => s + i.massG.mid * (i.read.food?.acid ?? 0), 0);
  return Math.min(1, acid / sauceG / 0.25);
}

/** Fat that a gram of a line sets free under the lid: its food's own share, by its skin, its trimming and what the packet says. */
function renderedShare({ read }: PlacedItem): number {
  const { food, skin, trimmed, lean, fatPercent } = read;
  if (!food) return 0;
  if (food.kind === 'ground-meat' || food.kind === 'sausage') {
    if (fatPercent !== null) return (fatPercent / 100) * RENDERS.ofMince.value;
    return lean
      ? Math.min(food.fat, RENDERS.leanMince.value * RENDERS.ofMince.value)
      : food.fat * RENDERS.ofMince.value;
  }
  if (food.kind !== 'poultry' && food.kind !== 'red-meat') return food.fat;
  const bySkin = skin === 'off' ? RENDERS.skinOff.value : skin === 'on' ? RENDERS.skinOn.value : 1;
  return food.fat * bySkin * (trimmed || lean ? RENDERS.trimmed.value : 1);
}

/** Fat that floats free when the lid comes off, g: what the meat renders and what it was fried in. Source: `data/fat`; spread 35 %. */
export function freeFatG(items: readonly PlacedItem[]): number {
  return items.filter((i) => !isHeldBack(i.moment)).reduce((s, i) => s + i.massG.mid * renderedShare(i), 0);
}

/** Sugar dissolved in the sauce while it thickens, share by weight. */
export function sugarShareOf(items: readonly PlacedItem[], sauceG: number): number {
  return sauceG > 0 ? Math.min(0.9, sugarG(items.filter((i) => !isHeldBack(i.moment))) / sauceG) : 0;
}

/** Sugar of everything in a dish, g. */
export function sugarG(items: readonly PlacedItem[]): number {
  return items.reduce((s, i) => s + i.massG.mid * (i.read.food?.sugar ?? 0), 0);
}

/** Everything that is eaten out of the pot, g: what the salt is spread over. */
export function eatenG(items: readonly PlacedItem[]): number {
  return items
    .filter((i) => i.moment !== 'serve' && i.read.food?.kind !== 'salt')
    .reduce((s, i) => s + i.massG.mid, 0);
}

/** Salt in the whole dish as written, g: what every food brings, with the spread of stocks and sauces left to the caller. */
export function saltG(items: readonly PlacedItem[]): number {
  return items
    .filter((i) => i.moment !== 'serve')
    .reduce((s, i) => s + i.massG.mid * (i.read.food?.salt ?? 0), 0);
}

/** Salt in a finished sauced dish, share of the weight eaten. Source: household figure 0.8-1.2 %; spread 20 %. */
export const SALT_SHARE = { low: 0.008, mid: 0.01, high: 0.012 };
