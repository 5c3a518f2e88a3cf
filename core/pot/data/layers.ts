import type { FoodKind } from '../../pantry/food';

/** How a layer is drawn: each has its own texture. */
export type Texture =
  'slices' | 'pieces' | 'cubes' | 'grains' | 'tubes' | 'leaves' | 'thick' | 'chunks' | 'rack' | 'bowl';

/** Hue family for the drawing, by what the layer is. */
export type Tint =
  'onion' | 'veg' | 'meat' | 'tomato' | 'grain' | 'leaf' | 'dairy' | 'root' | 'fruit' | 'iron';

/** One kind of layer: what belongs to it, how loosely it lies, and why it lies where it does. */
export interface LayerKind {
  id: string;
  label: string;
  kinds: readonly FoodKind[];
  texture: Texture;
  tint: Tint;
  /** Share of the bulk that is food, the rest gaps. Source: random packing of pieces, 0.5-0.7; spread 15 %. */
  packing: number;
  why: string;
}

/** Every kind of layer, in the order a cook with no reason to do otherwise would load them. */
export const LAYER_KINDS: readonly LayerKind[] = [
  {
    id: 'aromatics',
    label: 'onion',
    kinds: ['allium', 'aromatic', 'mushroom'],
    texture: 'slices',
    tint: 'onion',
    packing: 0.7,
    why: 'Wet and quick to weep: keeps the floor covered.',
  },
  {
    id: 'roots',
    label: 'roots',
    kinds: ['root-veg'],
    texture: 'chunks',
    tint: 'root',
    packing: 0.6,
    why: 'Firm: stands the heat low in the pot and holds the meat up.',
  },
  {
    id: 'meat',
    label: 'meat',
    kinds: ['poultry', 'red-meat', 'ground-meat', 'sausage', 'cured-meat', 'seafood'],
    texture: 'pieces',
    tint: 'meat',
    packing: 0.68,
    why: 'Above the wet layer, so it does not sit on the hot floor.',
  },
  {
    id: 'veg',
    label: 'vegetables',
    kinds: ['slow-veg', 'quick-veg', 'fruit', 'pickle', 'other'],
    texture: 'cubes',
    tint: 'veg',
    packing: 0.6,
    why: 'On the meat: cooks in the steam.',
  },
  {
    id: 'grains',
    label: 'grain and pulses',
    kinds: ['grain', 'pulse-dry', 'pulse-cooked', 'dried-fruit', 'dried-mushroom', 'nut', 'bread'],
    texture: 'grains',
    tint: 'grain',
    packing: 0.62,
    why: 'Above the floor, where starch would catch, and pushed under the surface.',
  },
  {
    id: 'pasta',
    label: 'pasta',
    kinds: ['pasta'],
    texture: 'tubes',
    tint: 'grain',
    packing: 0.45,
    why: 'Off the floor, pressed under the surface, not stirred.',
  },
  {
    id: 'leaves',
    label: 'leaves',
    kinds: ['leaf', 'herb-soft'],
    texture: 'leaves',
    tint: 'leaf',
    packing: 0.25,
    why: 'Last on the pile: they collapse.',
  },
  {
    id: 'tomato',
    label: 'tomato',
    kinds: [
      'tomato-fresh',
      'tomato-chunky',
      'tomato-thick',
      'tomato-paste',
      'thick-sauce',
      'nut-paste',
      'syrup',
      'sugar',
    ],
    texture: 'thick',
    tint: 'tomato',
    packing: 1,
    why: 'Thick: on top, not stirred in.',
  },
  {
    id: 'dairy',
    label: 'dairy',
    kinds: [
      'cream',
      'milk',
      'sour-dairy',
      'cream-cheese',
      'cheese',
      'coconut-cream',
      'egg',
      'starch',
      'flour',
      'gum',
    ],
    texture: 'thick',
    tint: 'dairy',
    packing: 1,
    why: 'If it must be under the lid: on top and unstirred.',
  },
];

/** One thing must lie under another, and what it costs when it does not. */
export interface LayerConstraint {
  under: string;
  over: string;
  /** Said of the layer that is out of its place. */
  cost: string;
  /** Layer that catches more when this is broken, and by how much its own chance of catching grows. */
  catches?: string;
  factor?: number;
}

/**
 * What decides the loading order. Source: the practice of cooks with burn alarms (thin and wet low, thick and sweet high);
 * factors are rough, spread 50 %.
 */
export const LAYER_CONSTRAINTS: readonly LayerConstraint[] = [
  {
    under: 'aromatics',
    over: 'meat',
    cost: 'The meat sits on the hot floor, where it sticks and browns on.',
  },
  { under: 'roots', over: 'meat', cost: 'The roots cook late in the steam and may stay hard.' },
  {
    under: 'aromatics',
    over: 'grains',
    cost: 'Starch on the hot floor catches.',
    catches: 'grains',
    factor: 2.5,
  },
  {
    under: 'meat',
    over: 'grains',
    cost: 'Under the meat it packs down on the floor and catches.',
    catches: 'grains',
    factor: 2,
  },
  {
    under: 'aromatics',
    over: 'pasta',
    cost: 'Pasta on the floor sticks and calls a burn.',
    catches: 'pasta',
    factor: 2.5,
  },
  {
    under: 'meat',
    over: 'pasta',
    cost: 'Pasta pressed down by the meat sticks together and to the floor.',
    catches: 'pasta',
    factor: 2,
  },
  { under: 'aromatics', over: 'veg', cost: 'Vegetables on the floor go to mush and catch.' },
  { under: 'meat', over: 'veg', cost: 'Under the meat they are crushed and cook too far.' },
  { under: 'veg', over: 'leaves', cost: 'Under the load the leaves go to slime.' },
  { under: 'meat', over: 'leaves', cost: 'Under the load the leaves go to slime.' },
  {
    under: 'aromatics',
    over: 'tomato',
    cost: 'Thick tomato on the floor is the usual cause of a burn alarm.',
    catches: 'tomato',
    factor: 3,
  },
  {
    under: 'meat',
    over: 'tomato',
    cost: 'Under the meat the thick layer sinks to the floor and catches.',
    catches: 'tomato',
    factor: 2.2,
  },
  {
    under: 'grains',
    over: 'tomato',
    cost: 'Grain above the thick layer is out of the liquid and stays hard.',
  },
  {
    under: 'pasta',
    over: 'tomato',
    cost: 'Pasta above the thick layer is out of the liquid and stays hard.',
  },
  {
    under: 'meat',
    over: 'dairy',
    cost: 'Low in the pot it splits and catches.',
    catches: 'dairy',
    factor: 2,
  },
  {
    under: 'aromatics',
    over: 'dairy',
    cost: 'On the floor it splits and catches.',
    catches: 'dairy',
    factor: 2.5,
  },
];

/** Height of the rack that ships with a pot, mm. Source: usual wire trivets, 25-45 mm; spread 25 %. */
/** Share of the bulk that is food once it has been fried soft or cooked by an earlier lid. */
export const SUNK_PACKING = {
  value: 0.92,
  spread: 0.08,
  source: 'Judgement: softened onions and braised pieces lie close, with the liquid between them',
};
export const RACK_MM = { value: 35, spread: 0.25, source: 'Wire trivets that ship with electric pots' };
/** Share of the pot's floor that a bowl on the rack covers. Source: bowls that pass the rim with room for fingers; spread 10 %. */
export const BOWL_COVER = { value: 0.62, spread: 0.1, source: 'A 16-18 cm bowl in a 22 cm pot' };
