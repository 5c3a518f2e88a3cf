import type { FoodKind } from '../../pantry/food';

/** Most answers offered to one question: more are no help at a glance. */
export const MOST_ANSWERS = 4;

/**
 * The units in which cooks give a food that was counted without one, likeliest first, by kind. Source: the units of ordinary ingredient
 * lists; no spread, they are words.
 */
export const USUAL_UNITS: readonly { kinds: readonly FoodKind[]; units: readonly string[] }[] = [
  {
    kinds: [
      'salty-sauce',
      'vinegar',
      'spirit',
      'oil',
      'syrup',
      'mustard',
      'tomato-paste',
      'nut-paste',
      'sugar',
      'butter',
    ],
    units: ['tbsp', 'tsp', 'cups', 'ml'],
  },
  {
    kinds: ['spice-ground', 'spice-late', 'salt', 'gum', 'herb-woody'],
    units: ['tsp', 'tbsp', 'pinches', 'g'],
  },
  { kinds: ['starch', 'flour', 'stock-concentrate'], units: ['tbsp', 'tsp', 'cups', 'g'] },
  { kinds: ['stock', 'water', 'wine', 'beer', 'juice', 'milk', 'cream'], units: ['cups', 'ml', 'l', 'tbsp'] },
  {
    kinds: ['grain', 'pasta', 'pulse-dry', 'nut', 'dried-fruit', 'bread'],
    units: ['cups', 'g', 'tbsp', 'oz'],
  },
  {
    kinds: ['poultry', 'red-meat', 'ground-meat', 'sausage', 'cured-meat', 'seafood'],
    units: ['lb', 'kg', 'g', 'oz'],
  },
];
export const OTHER_UNITS: readonly string[] = ['cups', 'tbsp', 'g', 'tsp'];

/** Below so many nobody means grams or millilitres, from so many on nobody means cups. Source: ordinary lists; spread 50 %. */
export const LEAST_SMALL_UNIT = 15;
export const SMALL_UNITS: ReadonlySet<string> = new Set(['g', 'ml']);

/**
 * What is usual for a plate of each kind where no amount is told, g. Source: portions of public dietary advice and ordinary recipes;
 * spread 30 %.
 */
export const USUAL_PLATE_G: readonly { kinds: readonly FoodKind[]; g: readonly number[] }[] = [
  { kinds: ['poultry', 'red-meat', 'ground-meat', 'seafood'], g: [150, 200, 250] },
  { kinds: ['sausage', 'cured-meat'], g: [50, 100, 150] },
  { kinds: ['pasta', 'grain', 'pulse-dry'], g: [60, 80, 100] },
  { kinds: ['stock', 'water', 'juice', 'milk'], g: [75, 125, 200] },
  { kinds: ['wine', 'beer', 'coconut-milk', 'cream'], g: [40, 60, 100] },
  { kinds: ['tomato-chunky', 'tomato-thick'], g: [50, 100, 200] },
];
