import type { Food, FoodKind } from '../food';
import { KIND_DEFAULTS } from './kinds';

type Own = Partial<Omit<Food, 'id' | 'names' | 'kind'>>;

/**
 * One row of the pantry: `names` separated by " | ", first the display name, and only the figures that differ
 * from the kind's defaults. The id is the display name with hyphens.
 */
export function row(kind: FoodKind, names: string, own: Own = {}): Food {
  const list = names.split('|').map((n) => n.trim());
  const id = (list[0] ?? '')
    .normalize('NFD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/\s+/g, '-');
  return {
    ...KIND_DEFAULTS[kind],
    allergens: KIND_DEFAULTS[kind].allergens ?? [],
    pieceG: {},
    ...own,
    id,
    names: list,
    kind,
  };
}
