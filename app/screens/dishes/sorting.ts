import type { CookState, Dish, Outlook } from '../../../core/index';

/** One dish on the home screen; the outlook is missing while it is being planned. */
export interface DishEntry {
  dish: Dish;
  outlook: Outlook | undefined;
  last: CookState | undefined;
}

export const SORTS = [
  { id: 'soon', label: 'Soonest on the table' },
  { id: 'hands', label: 'Least handwork' },
  { id: 'name', label: 'By name' },
  { id: 'lately', label: 'Cooked longest ago' },
  { id: 'changed', label: 'Changed last' },
] as const;
export type Sort = (typeof SORTS)[number]['id'];

/** What the list is narrowed to. */
export interface Filter {
  tag: string;
  /** Most minutes of handwork, or null. */
  handsMin: number | null;
  fitsOnly: boolean;
  suitsOnly: boolean;
}

export const NO_FILTER: Filter = { tag: '', handsMin: null, fitsOnly: false, suitsOnly: false };

const LAST = Number.MAX_SAFE_INTEGER;
const compare: Record<Sort, (a: DishEntry, b: DishEntry) => number> = {
  soon: (a, b) => (a.outlook?.totalS[1] ?? LAST) - (b.outlook?.totalS[1] ?? LAST),
  hands: (a, b) => (a.outlook?.handsOnS ?? LAST) - (b.outlook?.handsOnS ?? LAST),
  name: (a, b) => a.dish.name.localeCompare(b.dish.name, undefined, { sensitivity: 'base', numeric: true }),
  lately: (a, b) => (a.last?.startedAt ?? 0) - (b.last?.startedAt ?? 0),
  changed: (a, b) => b.dish.updatedAt - a.dish.updatedAt,
};

/** A stable order, names deciding between equals, so that the list does not dance while dishes are being planned. */
export function sorted(entries: readonly DishEntry[], sort: Sort): DishEntry[] {
  return [...entries].sort(
    (a, b) => compare[sort](a, b) || compare.name(a, b) || a.dish.id.localeCompare(b.dish.id),
  );
}

/** True when a dish passes the filter; one that is not planned yet passes only what does not need its plan. */
export function passes({ dish, outlook }: DishEntry, filter: Filter): boolean {
  if (filter.tag && !dish.tags.includes(filter.tag)) return false;
  if (filter.handsMin !== null && !(outlook && outlook.handsOnS <= filter.handsMin * 60)) return false;
  if (filter.fitsOnly && !outlook?.fits) return false;
  if (filter.suitsOnly && !(outlook && outlook.broken.length === 0)) return false;
  return true;
}

/** Every tag in use with the number of its dishes, the commonest first. */
export function tagsOf(dishes: readonly Dish[]): { tag: string; count: number }[] {
  const counts = new Map<string, number>();
  for (const dish of dishes) for (const tag of dish.tags) counts.set(tag, (counts.get(tag) ?? 0) + 1);
  return [...counts]
    .map(([tag, count]) => ({ tag, count }))
    .sort((a, b) => b.count - a.count || a.tag.localeCompare(b.tag));
}

/** Minutes past midnight of "19:30", or null. */
export function minuteOfDay(text: string): number | null {
  const m = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(text);
  return m ? Number(m[1]) * 60 + Number(m[2]) : null;
}

/** Minutes from `now` to the next time the clock shows `by`; a time more than half a day back is tomorrow's. Null without one. */
export function minutesUntil(by: string, now: number): number | null {
  const limit = minuteOfDay(by);
  if (limit === null) return null;
  const today = new Date(now);
  const minute = today.getHours() * 60 + today.getMinutes();
  return limit - minute + (limit < minute - 720 ? 1440 : 0);
}
