import { isHeldBack } from '../dish/moment';
import { isMeatCoat, type PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import {
  BOWL_COVER,
  LAYER_KINDS,
  RACK_MM,
  SUNK_PACKING,
  type LayerConstraint,
  type LayerKind,
  type Texture,
  type Tint,
} from './data/layers';
import { SAUCE_KINDS } from './liquid';
import { loadingOrder } from './order';
import { floorAreaCm2, heightMm, type Pot } from './pot';

/** One layer of the loaded pot, bottom to top. Heights are millimetres above the floor. */
export interface Layer {
  id: string;
  label: string;
  lineIds: string[];
  texture: Texture;
  tint: Tint;
  /** Volume of the food itself, ml. */
  solidMl: number;
  /** Volume it takes with the gaps between its pieces, ml. */
  bulkMl: number;
  bottomMm: number;
  topMm: number;
  why: string;
  /** What it costs that the cook put it out of its place; empty when it is in place. */
  cost: string;
  /** True for a layer the cook can move: the rack and what stands on it stay on top. */
  isMovable: boolean;
}

/** Levels in the loaded pot. */
export interface Fill {
  layers: Layer[];
  /** Constraints of the loading order that the cook's own order breaks. */
  broken: LayerConstraint[];
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
  /** Height of the rack in the pot, mm; null without one. */
  rackMm: number | null;
  /** The fill line that applies: two thirds, or half where something swells or foams. */
  limitMm: number;
  limitShare: number;
  /** The food that makes the lower line apply. */
  foaming: string[];
  /** Top of everything as a share of the fill line; over 1 is too full. */
  shareOfLimit: number;
  /** The most plates of this dish that fit under the line, to the half plate. */
  mostPlates: number;
}

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
/** Layers of less than this are not worth a line in the drawing, ml. */
const LEAST_LAYER_ML = 4;
/** Swelling food below this does not fill or foam a pot, g. */
const LEAST_FOAMING_G = 40;

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

const MEAT_LAYER: ReadonlySet<FoodKind> = new Set(LAYER_KINDS.find((k) => k.id === 'meat')?.kinds ?? []);

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

const volumeMl = (item: PlacedItem): number => {
  const food = item.read.food;
  if (!food) return 0;
  const isWet = SAUCE_KINDS.has(food.kind) || LIQUID.has(food.kind);
  const inPotG = isMeatCoat(item) ? Math.min(item.massG.mid, item.sticksG ?? item.massG.mid) : item.massG.mid;
  return inPotG / (isWet ? Math.max(0.9, food.gPerMl) : SOLID_G_PER_ML);
};
const isLiquid = (item: PlacedItem): boolean => item.read.food !== null && LIQUID.has(item.read.food.kind);

/** Beer that a braise is made with has lost its gas by the time the lid is on; a pot of it has not, g. Source: a bottle and a half; spread 40 %. */
const LEAST_FOAMING_BEER_G = 750;

/** A handful of apricots in a stew swells and rises nowhere; a pot of fruit does, g. Source: manuals name pulses, grains and compotes; spread 50 %. */
const LEAST_SWELLING_FRUIT_G = 400;
const LEAST_BY_KIND: Readonly<Partial<Record<FoodKind, number>>> = {
  beer: LEAST_FOAMING_BEER_G,
  'dried-fruit': LEAST_SWELLING_FRUIT_G,
};

/** True of what swells or foams in an amount that matters. */
export const foams = ({ read, massG }: Pick<PlacedItem, 'read' | 'massG'>): boolean =>
  read.food !== null &&
  (read.food.swells || read.food.foams) &&
  massG.mid > (LEAST_BY_KIND[read.food.kind] ?? LEAST_FOAMING_G);

/** Stacks what is under the lid in loading order and finds the levels in this pot. */
export function fillPot(
  items: readonly PlacedItem[],
  pot: Pot,
  options: {
    thinMl: number;
    needMl: number;
    plates: number;
    layers?: readonly string[];
    /** True of what an earlier lid has cooked: it has sunk together. */
    isCooked?: (item: PlacedItem) => boolean;
  },
): Fill {
  const under = items.filter((i) => !isHeldBack(i.moment) && i.read.food && i.massG.mid > 0);
  const area = floorAreaCm2(pot);
  const height = heightMm(pot);
  // A rub lies on its meat, and on nothing else.
  const hasMeat = under.some((i) => MEAT_LAYER.has(i.read.food?.kind ?? 'other'));
  const rides = (i: PlacedItem): boolean => (i.touchesRaw || isMeatCoat(i)) && hasMeat && !isLiquid(i);
  const isRacked = (i: PlacedItem): boolean => i.line.on === 'rack' && !isLiquid(i);
  // Where the meat was taken off the rack its rub came with it.
  const hasRack = under.some((i) => isRacked(i) && !rides(i));
  const loose = under.filter((i) => i.line.on === undefined || (isRacked(i) && !hasRack));
  const onRack = hasRack ? under.filter(isRacked) : [];
  const inBowl = under.filter((i) => i.line.on === 'bowl');
  const liquidMl = under
    .filter((i) => isLiquid(i) && i.line.on !== 'bowl')
    .reduce((s, i) => s + volumeMl(i) + i.read.liquorMl * i.factor, 0);
  const layers: Layer[] = [];
  let stacked = 0;
  const put = (
    layer: Omit<Layer, 'bottomMm' | 'topMm' | 'cost' | 'isMovable'>,
    isMovable: boolean,
    cost = '',
  ): void => {
    layers.push({
      ...layer,
      bottomMm: (stacked / area) * 10,
      topMm: ((stacked + layer.bulkMl) / area) * 10,
      cost,
      isMovable,
    });
    stacked += layer.bulkMl;
  };
  const kindsOf = (list: readonly PlacedItem[]) =>
    LAYER_KINDS.map((kind) => {
      const mine = list.filter((i) =>
        kind.kinds.includes(rides(i) ? 'red-meat' : (i.read.food?.kind ?? 'other')),
      );
      const isSunk = (i: PlacedItem): boolean => i.moment === 'aromatics' || options.isCooked?.(i) === true;
      return {
        kind,
        mine,
        solidMl: mine.reduce((s, i) => s + volumeMl(i), 0),
        bulkMl: mine.reduce(
          (s, i) => s + volumeMl(i) / (isSunk(i) ? Math.max(SUNK_PACKING.value, kind.packing) : kind.packing),
          0,
        ),
      };
    }).filter((l) => l.solidMl >= LEAST_LAYER_ML);
  const putFood = (
    { kind, mine, solidMl, bulkMl }: ReturnType<typeof kindsOf>[number],
    isMovable: boolean,
    cost = '',
  ): void =>
    put(
      {
        id: isMovable ? kind.id : `rack-${kind.id}`,
        label: layerLabel(kind, mine),
        lineIds: mine.map((i) => i.lineId),
        texture: kind.texture,
        tint: kind.tint,
        solidMl,
        bulkMl,
        why: isMovable ? kind.why : 'On the rack, above the liquid: out of the sauce, cooked by the steam.',
      },
      isMovable,
      cost,
    );
  const groups = kindsOf(loose);
  const { ids, broken } = loadingOrder(
    groups.map((g) => g.kind.id),
    options.layers ?? [],
  );
  for (const id of ids) {
    const group = groups.find((g) => g.kind.id === id);
    const cost = broken.filter((c) => (c.catches ?? c.over) === id).map((c) => c.cost);
    if (group) putFood(group, true, [...new Set(cost)].join(' '));
  }
  let rackMm: number | null = null;
  if (onRack.length || inBowl.length) {
    const legs = (RACK_MM.value * area) / 10;
    const voidMl = Math.max(0, legs - stacked);
    put(
      {
        id: 'rack',
        label: 'rack',
        lineIds: [],
        texture: 'rack',
        tint: 'iron',
        solidMl: 0,
        bulkMl: Math.max(voidMl, 1),
        why: 'Keeps what stands on it out of the liquid and off the floor.',
      },
      false,
    );
    rackMm = (stacked / area) * 10;
    for (const group of kindsOf(onRack)) putFood(group, false);
    const bowlMl = inBowl.reduce((s, i) => s + volumeMl(i) + i.read.liquorMl * i.factor, 0);
    if (bowlMl > LEAST_LAYER_ML)
      put(
        {
          id: 'bowl',
          label: `${inBowl.find((i) => !isLiquid(i))?.read.food?.names[0] ?? 'bowl'} in its bowl`,
          lineIds: inBowl.map((i) => i.lineId),
          texture: 'bowl',
          tint: 'grain',
          solidMl: bowlMl / BOWL_COVER.value,
          bulkMl: bowlMl / BOWL_COVER.value,
          why: 'In a bowl of its own, with its own water: it neither drinks from the pot nor thickens it.',
        },
        false,
      );
  }
  const liquidMm = levelMm(liquidMl, layers, area);
  const topMm = Math.max((stacked / area) * 10, liquidMm);
  const foaming = [...new Set(loose.filter(foams).map((i) => i.read.food?.names[0] ?? ''))];
  const limitShare = foaming.length ? pot.foamFill : pot.maxFill;
  const limitMm = height * limitShare;
  const shareOfLimit = topMm / limitMm;
  return {
    layers,
    broken,
    liquidMl,
    liquidMm,
    thinMm: levelMm(options.thinMl, layers, area),
    needMm: levelMm(options.needMl, layers, area),
    topMm,
    heightMm: height,
    rackMm,
    limitMm,
    limitShare,
    foaming,
    shareOfLimit,
    mostPlates: shareOfLimit > 0 ? Math.floor((options.plates / shareOfLimit) * 2) / 2 : 60,
  };
}
