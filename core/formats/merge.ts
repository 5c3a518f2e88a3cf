import crc32 from 'crc-32';
import type { Dish } from '../dish/dish';
import { isSameDish } from '../dish/diff';
import type { Revision } from '../dish/revision';
import type { Kitchen } from '../kitchen/kitchen';
import type { ArchivedHousehold } from './archive';
import type { Household } from './backup';

/** What two devices of one household have, as far as it grows by itself: dishes, what was kept of them, cooks and readings. */
export type Shared = Pick<Household, 'dishes' | 'revisions' | 'events' | 'readings'>;

/** Why a version was kept: another device had changed the dish too. */
const FROM_ANOTHER = 'from another device';
/** Versions kept by a merge are known by this and by what they hold. */
const MERGED = 'm-';

/**
 * Joins what two devices have. Events, kept versions and readings of either are in the whole; of a dish that both have changed
 * the later one stands and the other is kept as a version of it. In whatever order and however often devices are joined, the outcome is
 * the same: associative, commutative, idempotent.
 */
export function mergeShared(a: Shared, b: Shared): Shared {
  const versions = new Map<string, Dish[]>();
  for (const dish of [...a.dishes, ...b.dishes])
    versions.set(dish.id, [...(versions.get(dish.id) ?? []), dish]);
  const dishes: Dish[] = [];
  const others: Revision[] = [];
  for (const [id, list] of versions) {
    const standing = list.reduce((x, y) => (isLater(y, x) ? y : x));
    dishes.push(standing);
    for (const dish of list) if (dish !== standing) others.push(keptOf(id, dish));
  }
  const standingOf = new Map(dishes.map((d) => [d.id, textOf(d)]));
  // What stands again is no version beside itself.
  const isBeside = (r: Revision): boolean =>
    !r.id.startsWith(MERGED) || standingOf.get(r.dishId) !== textOf(r.dish);
  return {
    dishes: dishes.sort(byId),
    revisions: united([...a.revisions, ...b.revisions, ...others], (r) => r.id)
      .filter(isBeside)
      .sort(byId),
    events: united([...a.events, ...b.events], (e) => e.id).sort(byId),
    readings: united(
      [...a.readings, ...b.readings],
      (r) => `${r.cookId} ${r.kind} ${r.chunk}`,
      (r) => r.list.length,
    ),
  };
}

/** The photos of two devices, one of each cook: of two that differ the longer, and of equals the one whose bytes are greater. */
export function mergePhotos<T extends { cookId: string; jpeg: Uint8Array }>(
  a: readonly T[],
  b: readonly T[],
): T[] {
  const out = new Map<string, T>();
  for (const photo of [...a, ...b]) {
    const before = out.get(photo.cookId);
    if (!before || isGreater(photo.jpeg, before.jpeg)) out.set(photo.cookId, photo);
  }
  return [...out.values()].sort((x, y) => (x.cookId < y.cookId ? -1 : 1));
}

function isGreater(a: Uint8Array, b: Uint8Array): boolean {
  if (a.length !== b.length) return a.length > b.length;
  const at = a.findIndex((byte, i) => byte !== b[i]);
  return at >= 0 && (a[at] ?? 0) > (b[at] ?? 0);
}

/** The kitchen of this device with the pots, foods and sides that only the other one has: its own settings stand. */
export function joinKitchen(here: Kitchen, there: Kitchen): Kitchen {
  const more = <T>(own: readonly T[], others: readonly T[], idOf: (x: T) => string, most: number): T[] => {
    const ids = new Set(own.map(idOf));
    return [...own, ...others.filter((x) => !ids.has(idOf(x)))].slice(0, most);
  };
  const ownSides = more(here.ownSides ?? [], there.ownSides ?? [], (x) => x.id, 40);
  return {
    ...here,
    pots: more(here.pots, there.pots, (pot) => pot.id, 20),
    ownFoods: more(here.ownFoods, there.ownFoods, (food) => food.id, 500),
    ...(ownSides.length ? { ownSides } : {}),
  };
}

/** What a dish says, whenever it was said. */
const textOf = ({ updatedAt: _at, demo: _demo, ...dish }: Dish): string => canonical(dish);

const isLater = (x: Dish, y: Dish): boolean =>
  x.updatedAt !== y.updatedAt ? x.updatedAt > y.updatedAt : canonical(x) > canonical(y);

/** A dish that gave way, as a version that is the same wherever it is made. */
const keptOf = (dishId: string, dish: Dish): Revision => ({
  id: `${MERGED}${markOf(textOf(dish))}`,
  dishId,
  at: dish.updatedAt,
  label: FROM_ANOTHER,
  dish: { ...dish, demo: false },
});

/** One of each identity: of two that differ the greater, by `size` and then by its text, whichever comes first. */
function united<T>(list: readonly T[], idOf: (x: T) => string, size: (x: T) => number = () => 0): T[] {
  const out = new Map<string, T>();
  for (const x of list) {
    const before = out.get(idOf(x));
    const isGreater =
      before === undefined ||
      (size(x) !== size(before) ? size(x) > size(before) : canonical(x) > canonical(before));
    if (isGreater) out.set(idOf(x), x);
  }
  return [...out.entries()].sort(([p], [q]) => (p < q ? -1 : 1)).map(([, x]) => x);
}

const byId = (x: { id: string }, y: { id: string }): number => (x.id < y.id ? -1 : x.id > y.id ? 1 : 0);

/** A value as text, its keys in order. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_key, v: unknown) =>
    v && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([p], [q]) => (p < q ? -1 : 1)))
      : v,
  );
}

/** What a text is known by: its sum (CRC-32) and its length, enough to tell the versions of one dish apart. */
const markOf = (text: string): string =>
  `${(crc32.str(text) >>> 0).toString(16)}-${text.length.toString(36)}`;

/** Two devices as one household; settings are those of the first. */
export function joinHouseholds(here: ArchivedHousehold, there: ArchivedHousehold): ArchivedHousehold {
  return {
    kitchen: joinKitchen(here.kitchen, there.kitchen),
    ...mergeShared(here, there),
    photos: mergePhotos(here.photos, there.photos),
  };
}

/** What reading a file would do to what is here, in counts of dishes and cooks. */
export interface Compared {
  dishes: { added: number; changed: number; same: number; missing: number };
  cooks: { added: number; same: number; missing: number };
}

/** Holds a household of a file against the one that is here. `missing` are those that the file does not have. */
export function compareHouseholds(
  here: Pick<Household, 'dishes' | 'events'>,
  there: Pick<Household, 'dishes' | 'events'>,
): Compared {
  const mine = new Map(here.dishes.map((d) => [d.id, d]));
  const theirs = new Set(there.dishes.map((d) => d.id));
  const dishes = {
    added: 0,
    changed: 0,
    same: 0,
    missing: here.dishes.filter((d) => !theirs.has(d.id)).length,
  };
  for (const dish of there.dishes) {
    const own = mine.get(dish.id);
    dishes[!own ? 'added' : isSameDish(own, dish) ? 'same' : 'changed']++;
  }
  const cooksOf = (list: typeof here.events): Set<string> => new Set(list.map((e) => e.cookId));
  const own = cooksOf(here.events);
  const other = cooksOf(there.events);
  return {
    dishes,
    cooks: {
      added: [...other].filter((id) => !own.has(id)).length,
      same: [...other].filter((id) => own.has(id)).length,
      missing: [...own].filter((id) => !other.has(id)).length,
    },
  };
}
