import type { FoodKind } from '../pantry/food';
import type { Act } from './act';
import { KINDS } from './kinds';

/** What makes a base that meat is turned in: onions, tomatoes, a paste. Fat and whole spices alone leave the floor bare. */
const BASE: readonly FoodKind[] = [
  ...KINDS.aromatic,
  'tomato-fresh',
  'tomato-chunky',
  'tomato-thick',
  'tomato-paste',
  'slow-veg',
  'root-veg',
  'nut-paste',
];
/** A paste fried before it: curry paste, the cream of a tin. */
const PASTES: readonly FoodKind[] = ['thick-sauce', 'coconut-milk', 'coconut-cream'];
const CLEARS: ReadonlySet<string> = new Set(['liftout', 'pouroff', 'blend']);

const FRIED: ReadonlySet<string> = new Set(['soften', 'bloom', 'fry']);

/**
 * True where meat joins a base that is frying in the pot ("fry the onions; add the chicken and fry it for five minutes"): it is turned
 * in it, all at once, and gets no crust. False where the floor is bare, or was cleared before.
 */
export function isTurnedInBase(
  acts: readonly Act[],
  act: Act,
  kindOf: (line: number) => FoodKind | undefined,
): boolean {
  if (act.verb !== 'brown' || act.where !== 'pot') return false;
  const before = acts
    .slice(0, acts.indexOf(act))
    .filter((a) => a.run === act.run && a.where === 'pot' && a.stage === 'open');
  const since = before.slice(before.findLastIndex((a) => CLEARS.has(a.verb)) + 1);
  // "Turn the pork in the caramel".
  if (since.some((a) => a.verb === 'caramel')) return true;
  return since.some((a) =>
    a.lines.some((l) => {
      const kind = kindOf(l.index) ?? 'other';
      return BASE.includes(kind) || (PASTES.includes(kind) && FRIED.has(a.verb));
    }),
  );
}
