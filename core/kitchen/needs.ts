import { allergensOf } from '../dish/allergens';
import type { PlacedItem } from '../moments/item';
import { carbShare } from '../pantry/data/carbs';
import type { Allergen, Food } from '../pantry/food';
import type { Kitchen, Need } from './kitchen';

/** A need of the household in words, and for the two that are amounts, the most a plate may bring. */
export const NEED_FIGURES: Record<
  Need,
  { title: string; broken: string; perPlateG?: number; source: string }
> = {
  'no-dairy': {
    title: 'No dairy',
    broken: 'has dairy',
    source: 'Milk and what is made of it, ghee included',
  },
  'no-gluten': {
    title: 'No gluten',
    broken: 'has gluten',
    source: 'Wheat, barley, rye, and oats unless the label says otherwise',
  },
  'low-salt': {
    title: 'Little salt',
    broken: 'is salty',
    perPlateG: 2,
    source: 'A third of the 5-6 g a day that public advice allows; spread 25 %',
  },
  'low-carb': {
    title: 'Few carbohydrates',
    broken: 'is heavy in carbohydrate',
    perPlateG: 25,
    source: 'A quarter of the 100 g a day usually called few; spread 25 %',
  },
};

/** Cook's words for each allergen. */
export const ALLERGEN_NAMES: Record<Allergen, string> = {
  milk: 'milk',
  gluten: 'gluten',
  egg: 'egg',
  nuts: 'nuts',
  peanut: 'peanut',
  sesame: 'sesame',
  soy: 'soy',
  fish: 'fish',
  shellfish: 'shellfish',
  celery: 'celery',
  mustard: 'mustard',
  sulphite: 'sulphites',
  lupin: 'lupin',
};

/** A need that a dish breaks, and the lines that break it. */
export interface BrokenNeed {
  need: Need | Allergen;
  /** "No dairy", "Little salt", "No nuts". */
  title: string;
  /** True where it is an allergen or a food nobody here may eat; false where it is an amount. */
  isAllergen: boolean;
  lineIds: string[];
  /** For amounts: what a plate brings and the most it may, g. */
  perPlateG?: number;
  mostG?: number;
}

/** Salt of one item, g. */
function saltOf(item: PlacedItem): number {
  return item.massG.mid * (item.read.food?.salt ?? 0);
}

/** Carbohydrate of one item, g. */
function carbsOf(item: PlacedItem): number {
  return item.read.food ? item.massG.mid * carbShare(item.read.food) : 0;
}

/** True when a food on its own breaks a household's need that is not an amount. */
export function breaksAny(food: Food, kitchen: Pick<Kitchen, 'needs' | 'allergens'>): boolean {
  return forbidden(kitchen).some(({ allergen }) => food.allergens.includes(allergen));
}

function forbidden(
  kitchen: Pick<Kitchen, 'needs' | 'allergens'>,
): { need: Need | Allergen; allergen: Allergen; title: string }[] {
  const out: { need: Need | Allergen; allergen: Allergen; title: string }[] = [];
  if (kitchen.needs.includes('no-dairy')) out.push({ need: 'no-dairy', allergen: 'milk', title: 'No dairy' });
  if (kitchen.needs.includes('no-gluten'))
    out.push({ need: 'no-gluten', allergen: 'gluten', title: 'No gluten' });
  for (const allergen of kitchen.allergens)
    if (!out.some((o) => o.allergen === allergen))
      out.push({ need: allergen, allergen, title: `No ${ALLERGEN_NAMES[allergen]}` });
  return out;
}

/** The needs of the people who eat here that a dish breaks, worst first. `plates` may be a fraction. */
export function brokenNeeds(
  items: readonly PlacedItem[],
  plates: number,
  kitchen: Pick<Kitchen, 'needs' | 'allergens'>,
): BrokenNeed[] {
  const out: BrokenNeed[] = [];
  for (const { need, allergen, title } of forbidden(kitchen)) {
    const lineIds = [...new Set(items.filter((i) => allergensOf(i.read).has(allergen)).map((i) => i.lineId))];
    if (lineIds.length) out.push({ need, title, isAllergen: true, lineIds });
  }
  const amounts: { need: Need; of: (item: PlacedItem) => number }[] = [
    { need: 'low-salt', of: saltOf },
    { need: 'low-carb', of: carbsOf },
  ];
  for (const { need, of } of amounts) {
    const mostG = NEED_FIGURES[need].perPlateG;
    if (!kitchen.needs.includes(need) || mostG === undefined) continue;
    const counted = items.filter((i) => need === 'low-carb' || i.moment !== 'serve');
    const perPlateG = counted.reduce((s, i) => s + of(i), 0) / Math.max(0.5, plates);
    if (perPlateG <= mostG) continue;
    const heavy = counted
      .filter((i) => of(i) / Math.max(0.5, plates) > mostG * 0.12)
      .sort((a, b) => of(b) - of(a));
    out.push({
      need,
      title: NEED_FIGURES[need].title,
      isAllergen: false,
      lineIds: [...new Set(heavy.map((i) => i.lineId))],
      perPlateG,
      mostG,
    });
  }
  return out;
}
