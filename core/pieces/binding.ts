import { sauceWay, type DishSettings } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import type { PlacedItem } from '../moments/item';
import type { ThickenerId } from '../sauce/data/thickeners';

/** Foods that thicken by themselves, as the table of thickeners knows them. */
const BY_FOOD: Readonly<Record<string, ThickenerId>> = {
  cornstarch: 'cornstarch',
  'potato-starch': 'potato',
  'tapioca-starch': 'tapioca',
  'wheat-starch': 'cornstarch',
  arrowroot: 'arrowroot',
  'rice-flour': 'rice-flour',
  'plain-flour': 'flour',
  'self-raising-flour': 'flour',
  'wholemeal-flour': 'flour',
  'flour-and-butter-paste': 'paste',
  roux: 'roux',
  'curry-roux': 'roux',
  'xanthan-gum': 'xanthan',
  glucomannan: 'glucomannan',
};

/** What a sauce is bound with, and by whose word. */
export interface Bound {
  thickener: ThickenerId;
  /** The recipe's own lines for it; empty where the house decides. */
  lines: PlacedItem[];
  /** What the recipe writes of it, g: starch, or flour and butter together; 0 where the house decides. */
  writtenG: number;
}

/** What is stirred cold and poured in at the boil. */
const STARCHES: ReadonlySet<string> = new Set(['starch', 'flour', 'gum']);

/** True of starch that goes in after pressure. */
export const isSlurry = (item: PlacedItem): boolean =>
  item.moment === 'thicken' && STARCHES.has(item.read.food?.kind ?? '');

/** The lines that are used: where the sauce is left thin, no starch that would have thickened it. */
export function usedItems(
  items: readonly PlacedItem[],
  dish: { settings: Pick<DishSettings, 'sauce' | 'aim'> },
): readonly PlacedItem[] {
  return sauceWay(dish.settings) === 'thin' ? items.filter((i) => !isSlurry(i)) : items;
}

/** The starch of the household's thickener rule; reduction falls back on cornstarch for what boiling down leaves. */
export function thickenerFor(rule: HouseRules['thickener']): ThickenerId {
  return rule === 'reduce' || rule === 'blended' ? 'cornstarch' : rule;
}

/** The recipe's own thickener where it has one, the house's where it has none: one answer for tray, steps, bench and bowls. */
export function boundWith(items: readonly PlacedItem[], rules: Pick<HouseRules, 'thickener'>): Bound {
  const own = items
    .filter((i) => i.moment === 'thicken' && BY_FOOD[i.read.food?.id ?? ''] !== undefined)
    .sort((a, b) => b.massG.mid - a.massG.mid);
  const [main] = own;
  const thickener = BY_FOOD[main?.read.food?.id ?? ''];
  if (!main || !thickener) return { thickener: thickenerFor(rules.thickener), lines: [], writtenG: 0 };
  // Flour that is kneaded with butter goes in as a paste.
  const butter = items.filter((i) => i.moment === 'thicken' && i.read.food?.kind === 'butter');
  const isPaste = thickener === 'flour' && butter.length > 0;
  const lines = isPaste ? [main, ...butter] : own.filter((i) => i.read.food?.id === main.read.food?.id);
  return {
    thickener: isPaste ? 'paste' : thickener,
    lines,
    writtenG: lines.reduce((sum, i) => sum + i.massG.mid, 0),
  };
}
