import type { Food, FoodKind } from '../food';

/** Carbohydrate of a food that the body takes up, share of its raw mass, by kind. Source: public food-composition tables, rounded; spread 20 %. */
const BY_KIND: Partial<Record<FoodKind, number>> = {
  allium: 0.08,
  aromatic: 0.08,
  'root-veg': 0.09,
  'slow-veg': 0.05,
  'quick-veg': 0.06,
  leaf: 0.02,
  mushroom: 0.02,
  'tomato-fresh': 0.03,
  'tomato-chunky': 0.04,
  'tomato-thick': 0.06,
  'tomato-paste': 0.15,
  fruit: 0.12,
  'dried-fruit': 0.6,
  'dried-mushroom': 0.2,
  'pulse-dry': 0.48,
  'pulse-cooked': 0.15,
  grain: 0.75,
  pasta: 0.71,
  bread: 0.48,
  sugar: 1,
  syrup: 0.78,
  beer: 0.035,
  wine: 0.02,
  juice: 0.1,
  'coconut-milk': 0.03,
  'coconut-cream': 0.05,
  cream: 0.03,
  milk: 0.05,
  'sour-dairy': 0.04,
  'cream-cheese': 0.05,
  starch: 0.88,
  flour: 0.73,
  nut: 0.12,
  'nut-paste': 0.18,
  mustard: 0.05,
  'stock-concentrate': 0.15,
};

const BY_ID: Record<string, number> = {
  potato: 0.17,
  'sweet-potato': 0.18,
  parsnip: 0.14,
  celeriac: 0.04,
  turnip: 0.05,
  radish: 0.02,
  cauliflower: 0.03,
  broccoli: 0.03,
  courgette: 0.02,
  pea: 0.1,
  sweetcorn: 0.17,
  'almond-coconut-flour': 0.1,
  'onion-soup-mix': 0.6,
};

/** Carbohydrate in a gram of a food, share. Sweet sauces count at least their sugar. */
export function carbShare(food: Pick<Food, 'id' | 'kind' | 'sugar'>): number {
  return BY_ID[food.id] ?? Math.max(BY_KIND[food.kind] ?? 0, food.sugar);
}
