import type { FoodKind } from '../pantry/food';

/** Kinds of food as a method groups them. */
export const KINDS = {
  starch: ['starch', 'flour', 'gum'],
  dairy: ['cream', 'milk', 'sour-dairy', 'cream-cheese', 'cheese', 'coconut-cream'],
  spice: ['spice-ground', 'spice-whole', 'spice-late'],
  thin: [
    'stock',
    'water',
    'wine',
    'beer',
    'spirit',
    'juice',
    'vinegar',
    'citrus',
    'salty-sauce',
    'coconut-thin',
    'stock-concentrate',
  ],
  aromatic: ['allium', 'aromatic', 'mushroom', 'salted-fish'],
  meat: ['poultry', 'red-meat', 'ground-meat', 'sausage', 'seafood', 'cured-meat'],
  fat: ['oil', 'butter'],
  leaf: ['leaf'],
  vegetable: ['allium', 'root-veg', 'slow-veg', 'quick-veg'],
} satisfies Record<string, FoodKind[]>;

/** More flour than binds any sauce is a dough, g. Source: a roux for two litres, and the least that dumplings are made of; spread 30 %. */
export const DOUGH_G = 95;
