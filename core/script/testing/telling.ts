import { emptyDish } from '../../dish/dish';
import { readLine } from '../../dish/read';
import { Pantry } from '../../pantry/pantry';
import { readScript } from '../read';

/** What tests of methods share: a list with "; " between its lines, and what a method tells of it. */

export const pantry = new Pantry();

/** The acts of a method as `verb/minutes(foods)`. */
export function told(list: string, method: string): string[] {
  const lines = list.split('; ').map((text) => ({ read: readLine(text, pantry) }));
  return (readScript(method, lines, pantry)?.acts ?? []).map(
    (a) =>
      `${a.verb}${a.minutes === null ? '' : `/${a.minutes}`}(${a.lines.map((l) => lines[l.index]?.read.food?.id ?? '?').join(' ')})`,
  );
}

/** A dish of such a list with its method. */
export const dishOf = (list: string, method: string) => ({
  ...emptyDish('d', 'Dish', 0),
  lines: list.split('; ').map((text, i) => ({ id: `l${i}`, text })),
  method,
});
