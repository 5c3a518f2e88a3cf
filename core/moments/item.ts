import type { Line } from '../dish/dish';
import { isHeldBack, type Moment } from '../dish/moment';
import type { ReadLine } from '../dish/read';
import type { FoodKind } from '../pantry/food';
import type { Range } from '../quantity/range';
import { COAT_LOOSENS } from './data/coat';
import type { EarlyHarm } from './rules';

/** One line, or one part of a split line, at its moment. */
export interface PlacedItem {
  lineId: string;
  /** Position of the line in the dish. */
  index: number;
  line: Line;
  read: ReadLine;
  /** Grams at the plates wanted, this part only. */
  massG: Range;
  /** Stuffed into the meat, or mixed with it and shaped: it takes room, and neither lies on the floor nor thickens the sauce. */
  isInside?: boolean;
  /** Melted to a caramel, which what is poured on it takes up. */
  isCaramel?: boolean;
  /** Multiplies the written amount: scaling and share together. */
  factor: number;
  /** Why the amount did not grow with the plates; empty when it did. */
  scaleNote: string;
  /** Share of the line in this part: 1 when it is not split. */
  share: number;
  /** "thin part", "thick part"; empty when it is not split. */
  part: string;
  /** 0 for the first or only part of a line. */
  partIndex: number;
  moment: Moment;
  reason: string;
  ruleId: string;
  /** Who put it here: the rules, the words of the line, the method, or the cook. */
  by: 'rule' | 'words' | 'method' | 'cook';
  /** Where the rules alone would put it. */
  computed: Moment;
  /** The act of the script that brings it in, where the method names it. */
  actId?: string;
  /** Boiled down as it is poured, where a method tells; undefined where none does. */
  boilsDown?: boolean;
  /** Of flour that meat is turned in: as much as sticks to that meat, g. */
  sticksG?: number;
  /** Has lain on raw meat: it is cooked with it, and never stirred in at the end. */
  touchesRaw: boolean;
  /** Set when a held-back food stands before the pressure. */
  early: EarlyHarm | null;
}

/** True of what is in the pot's own sauce when the lid goes on: not held back, in no bowl of its own, inside no piece of meat. */
export const isInTheSauce = (item: Pick<PlacedItem, 'moment' | 'line' | 'isInside'>): boolean =>
  !isHeldBack(item.moment) && item.line.on !== 'bowl' && !item.isInside;

/** What sticks to the meat it was rubbed or marinated with. */
const RIDES_ON_MEAT: ReadonlySet<FoodKind> = new Set([
  'sour-dairy',
  'sugar',
  'spice-ground',
  'flour',
  'starch',
]);

/** Flour in which something is turned before it is browned. */
export const isCoat = ({ moment, read }: Pick<PlacedItem, 'moment' | 'read'>): boolean =>
  moment === 'sear' && (read.food?.kind === 'flour' || read.food?.kind === 'starch');

/** A coat whose meat is browned too: it is known how much of it sticks. */
export const isMeatCoat = (item: PlacedItem): boolean => isCoat(item) && item.sticksG !== undefined;

/** How much of a line can thicken or catch in the liquid under the lid, g: what clings to meat stays there with half of it. */
export function looseG(item: PlacedItem): number {
  const kind = item.read.food?.kind;
  // A marinade rides on its meat, above the liquid.
  const isMarinade = item.touchesRaw && RIDES_ON_MEAT.has(kind ?? 'other');
  return isCoat(item) || isMarinade
    ? Math.min(item.massG.mid, item.sticksG ?? item.massG.mid) * COAT_LOOSENS.value
    : item.massG.mid;
}

/** "half", "a quarter", "⅔" of a line, in words. */
export function shareName(share: number): string {
  const named = [
    [0.5, 'half'],
    [0.25, 'a quarter'],
    [0.75, 'three quarters'],
    [1 / 3, 'a third'],
    [2 / 3, 'two thirds'],
  ] as const;
  return named.find(([s]) => Math.abs(s - share) < 0.02)?.[1] ?? `${Math.round(share * 100)} %`;
}

const KIND_ORDER: readonly FoodKind[] = [
  'oil',
  'butter',
  'salt',
  'cured-meat',
  'sausage',
  'poultry',
  'red-meat',
  'ground-meat',
  'allium',
  'mushroom',
  'slow-veg',
  'aromatic',
  'spice-whole',
  'spice-ground',
  'wine',
  'beer',
  'spirit',
  'vinegar',
  'water',
  'stock',
  'stock-concentrate',
  'salty-sauce',
  'juice',
  'coconut-thin',
  'coconut-milk',
  'herb-woody',
  'root-veg',
  'pulse-dry',
  'pulse-cooked',
  'grain',
  'dried-fruit',
  'dried-mushroom',
  'fruit',
  'tomato-fresh',
  'tomato-chunky',
  'tomato-thick',
  'tomato-paste',
  'thick-sauce',
  'nut-paste',
  'starch',
  'flour',
  'gum',
  'coconut-cream',
  'cream-cheese',
  'cream',
  'milk',
  'sour-dairy',
  'egg',
  'cheese',
  'pasta',
  'quick-veg',
  'leaf',
  'sugar',
  'syrup',
  'mustard',
  'pickle',
  'nut',
  'spice-late',
  'herb-soft',
  'citrus',
];

/** Order of kinds within one moment: first in, first listed. */
const ORDER = new Map(KIND_ORDER.map((kind, i) => [kind, i]));

/** Items of one moment in the order they go in. */
export function inOrder(items: readonly PlacedItem[], moment: Moment): PlacedItem[] {
  const rank = (item: PlacedItem): number => ORDER.get(item.read.food?.kind ?? 'other') ?? ORDER.size;
  return items.filter((i) => i.moment === moment).sort((a, b) => rank(a) - rank(b) || a.index - b.index);
}
