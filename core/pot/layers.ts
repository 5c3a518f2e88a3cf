import { isHeldBack } from '../dish/moment';
import type { PlacedItem } from '../moments/place';
import type { FoodKind } from '../pantry/food';
import { SAUCE_KINDS } from './liquid';
import { floorAreaCm2, heightMm, type Pot } from './pot';

/** How a layer is drawn: each has its own texture. */
export type Texture = 'slices' | 'pieces' | 'cubes' | 'grains' | 'tubes' | 'leaves' | 'thick' | 'chunks';

/** One layer of the loaded pot, bottom to top. Heights are millimetres above the floor. */
export interface Layer {
  id: string;
  label: string;
  lineIds: string[];
  texture: Texture;
  /** Hue family for the drawing, by what it is. */
  tint: 'onion' | 'veg' | 'meat' | 'tomato' | 'grain' | 'leaf' | 'dairy' | 'root' | 'fruit';
  /** Volume of the food itself, ml. */
  solidMl: number;
  /** Volume it takes with the gaps between its pieces, ml. */
  bulkMl: number;
  bottomMm: number;
  topMm: number;
  why: string;
}

/** Levels in the loaded pot. */
export interface Fill {
  layers: Layer[];
  /** All liquid that fills gaps, ml (thin and thick poured into the base). */
  liquidMl: number;
  /** Top of the free liquid, mm. */
  liquidMm: number;
  /** Where the thin liquid alone, and the pot's minimum alone, would stand among the layers, mm. */
  thinMm: number;
  needMm: number;
  /** Top of everything, mm. */
  topMm: number;
  heightMm: number;
  /** The fill line that applies: two thirds, or half where something swells or foams. */
  limitMm: number;
  limitShare: number;
  /** True when the lower line applies, and the food that makes it so. */
  foaming: string[];
  /** Top of everything as a share of the fill line; over 1 is too full. */
  shareOfLimit: number;
  /** The most plates of this dish that fit under the line, to the half plate. */
  mostPlates: number;
}

interface LayerKind {
  id: string;
  label: string;
  kinds: readonly FoodKind[];
  texture: Texture;
  tint: Layer['tint'];
  /** Share of the bulk that is food, the rest gaps. Source: random packing of pieces, 0.5-0.65; spread 15 %. */
  packing: number;
  why: string;
}

/** Loading order, bottom to top. */
const LAYER_KINDS: readonly LayerKind[] = [
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
    ],
    texture: 'thick',
    tint: 'dairy',
    packing: 1,
    why: 'If it must be under the lid: on top and unstirred.',
  },
];

const LIQUID: ReadonlySet<FoodKind> = new Set<FoodKind>([
  'water',
  'stock',
  'wine',
  'beer',
  'spirit',
  'vinegar',
  'citrus',
  'juice',
  'salty-sauce',
  'coconut-thin',
  'coconut-milk',
  'oil',
  'butter',
  'stock-concentrate',
]);

/** Density of solid food itself, g/ml. Source: meat and vegetables 1.0-1.07. */
const SOLID_G_PER_ML = 1.04;

const MEAT_WORDS: readonly [RegExp, string][] = [
  [/chicken/, 'chicken'],
  [/turkey/, 'turkey'],
  [/beef|oxtail/, 'beef'],
  [/lamb|mutton|goat/, 'lamb'],
  [/pork|gammon|ham/, 'pork'],
  [/meatball/, 'meatballs'],
  [/sausage/, 'sausage'],
];

function layerLabel(kind: LayerKind, items: readonly PlacedItem[]): string {
  const biggest = [...items].sort((a, b) => b.massG.mid - a.massG.mid)[0];
  const name = biggest?.read.food?.names[0] ?? biggest?.read.foodText ?? kind.label;
  if (kind.id === 'meat') return MEAT_WORDS.find(([re]) => re.test(name))?.[1] ?? name;
  return items.length > 1 && kind.id !== 'tomato' ? `${name} +${items.length - 1}` : name;
}

/** Level in mm that `liquidMl` reaches among layers stacked from the floor. More liquid never stands lower. */
export function levelMm(
  liquidMl: number,
  layers: readonly Pick<Layer, 'bulkMl' | 'solidMl'>[],
  areaCm2: number,
): number {
  let left = Math.max(0, liquidMl);
  let volume = 0;
  for (const layer of layers) {
    const gaps = layer.bulkMl - layer.solidMl;
    if (left <= gaps && gaps > 0) return ((volume + layer.bulkMl * (left / gaps)) / areaCm2) * 10;
    left -= gaps;
    volume += layer.bulkMl;
  }
  return ((volume + left) / areaCm2) * 10;
}

/** Stacks what is under the lid in loading order and finds the levels in this pot. */
export function fillPot(
  items: readonly PlacedItem[],
  pot: Pot,
  options: { thinMl: number; needMl: number; plates: number },
): Fill {
  const under = items.filter((i) => !isHeldBack(i.moment) && i.read.food && i.massG.mid > 0);
  const area = floorAreaCm2(pot);
  const height = heightMm(pot);
  const volumeOf = (i: PlacedItem): number => {
    const food = i.read.food;
    if (!food) return 0;
    return (
      i.massG.mid /
      (SAUCE_KINDS.has(food.kind) || LIQUID.has(food.kind) ? Math.max(0.9, food.gPerMl) : SOLID_G_PER_ML)
    );
  };
  const liquidMl = under
    .filter((i) => i.read.food && LIQUID.has(i.read.food.kind))
    .reduce((s, i) => s + volumeOf(i), 0);
  const layers: Layer[] = [];
  let stacked = 0;
  for (const kind of LAYER_KINDS) {
    const mine = under.filter((i) => i.read.food && kind.kinds.includes(i.read.food.kind));
    const solidMl = mine.reduce((s, i) => s + volumeOf(i), 0);
    if (solidMl < 4) continue;
    const bulkMl = solidMl / kind.packing;
    layers.push({
      id: kind.id,
      label: layerLabel(kind, mine),
      lineIds: mine.map((i) => i.lineId),
      texture: kind.texture,
      tint: kind.tint,
      solidMl,
      bulkMl,
      bottomMm: (stacked / area) * 10,
      topMm: ((stacked + bulkMl) / area) * 10,
      why: kind.why,
    });
    stacked += bulkMl;
  }
  const liquidMm = levelMm(liquidMl, layers, area);
  const topMm = Math.max((stacked / area) * 10, liquidMm);
  const foaming = [
    ...new Set(
      under
        .filter((i) => i.read.food && (i.read.food.swells || i.read.food.foams) && i.massG.mid > 40)
        .map((i) => i.read.food?.names[0] ?? ''),
    ),
  ];
  const limitShare = foaming.length ? pot.foamFill : pot.maxFill;
  const limitMm = height * limitShare;
  const shareOfLimit = topMm / limitMm;
  return {
    layers,
    liquidMl,
    liquidMm,
    thinMm: levelMm(options.thinMl, layers, area),
    needMm: levelMm(options.needMl, layers, area),
    topMm,
    heightMm: height,
    limitMm,
    limitShare,
    foaming,
    shareOfLimit,
    mostPlates: shareOfLimit > 0 ? Math.floor((options.plates / shareOfLimit) * 2) / 2 : 60,
  };
}
