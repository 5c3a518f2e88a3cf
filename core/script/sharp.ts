import type { FoodKind } from '../pantry/food';
import { KINDS } from './kinds';

/** What makes a pickle, a salsa or a slaw sharp. */
const SHARP: readonly FoodKind[] = ['vinegar', 'citrus', 'juice'];
const RAW: readonly FoodKind[] = [...KINDS.vegetable, 'leaf', 'fruit', 'tomato-fresh'];
/** What stands with it in its bowl. */
export const WITH_IT: readonly FoodKind[] = [
  ...SHARP,
  ...RAW,
  'aromatic',
  'herb-soft',
  'salt',
  'sugar',
  'syrup',
  'oil',
  'mustard',
  'pickle',
  'nut',
  ...KINDS.spice,
  'water',
];

/** True of what was made sharp in a bowl: it is served from there. */
export const isPickle = (kinds: readonly FoodKind[]): boolean =>
  kinds.length > 1 &&
  kinds.every((k) => WITH_IT.includes(k)) &&
  kinds.some((k) => SHARP.includes(k)) &&
  kinds.some((k) => RAW.includes(k));
