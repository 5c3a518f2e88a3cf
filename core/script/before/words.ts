/** Words and kinds that several rules of the open pot ask about. */
import { type FoodKind } from '../../pantry/food';
import { type Act } from '../act';
import { type ScriptLine } from '../line';
import { KINDS } from '../kinds';

export const IN_THE_POT = new Set([
  'add',
  'soften',
  'bloom',
  'brown',
  'deglaze',
  'return',
  'top',
  'reduce',
  'simmer',
  'flame',
]);

/** True where the pot had heat under it. */
export const wasHot = (last: Act | undefined): boolean =>
  last !== undefined &&
  ['heat', 'caramel', 'brown', 'render', 'soften', 'pop', 'bloom', 'deglaze', 'liftout', 'flame'].includes(
    last.verb,
  );

/** What is fried for a moment and no longer. */
export const BLOOMED: readonly FoodKind[] = [
  ...KINDS.spice,
  'aromatic',
  'tomato-paste',
  'herb-woody',
  'salt',
  'sugar',
];

export const BRIEFLY =
  /\b(?:stir|fry|cook)\w*\b.*\b(?:sec\w*|min\w*)\b|^(?:\d|a|one|half a) ?(?:sec\w*|min\w*)|\b(?:30|1|one|2|two|a|another) (?:more )?(?:sec\w*|min\w*)(?: more)?$/i;

export const isFatLine = (line: ScriptLine | undefined): boolean =>
  (KINDS.fat as readonly FoodKind[]).includes(line?.read.food?.kind ?? 'other');

export const isMeatLine = (line: ScriptLine | undefined): boolean =>
  (KINDS.meat as readonly FoodKind[]).includes(line?.read.food?.kind ?? 'other');

const RAW: readonly FoodKind[] = ['poultry', 'red-meat', 'ground-meat', 'sausage'];

/** True of the lines of a list that are raw meat. */
export const rawAmong =
  (lines: readonly ScriptLine[]) =>
  (i: number): boolean =>
    RAW.includes(lines[i]?.read.food?.kind ?? 'other');
