import { isSameRecipe, type Dish } from '../../core/index';
import { db, type HistoryStep } from './db';
import {
  closeJournal,
  expect,
  forget,
  hasWaiting,
  journal,
  openJournals,
  stored,
  waitingEdit,
  withPending,
} from './pending';
import { keep } from './writes';

/** Edits kept for undo, per dish. */
const MOST_STEPS = 60;
/** Keystrokes in one line within this time are one step, ms. */
const ONE_STEP_MS = 4000;

/** A fresh identity for a dish, line, cook or event. */
export function freshId(): string {
  return crypto.randomUUID();
}

let queue: Promise<void> = Promise.resolve();

/**
 * Changes a dish and remembers how it was. The edit is on the screen at once; edits are stored one after another, and one that
 * cannot be stored stays on the screen, is said, and is tried again. `coalesce` names one thing being typed: its edits set it
 * outright, join into one undo step, and those still waiting give way to the newest.
 */
export function editDish(
  dishId: string,
  label: string,
  edit: (dish: Dish) => Dish,
  coalesce?: string,
): Promise<void> {
  const key = coalesce === undefined ? freshId() : `${dishId} ${coalesce}`;
  const isQueued = waitingEdit(key) !== undefined;
  expect({ key, dishId, label, edit, ...(coalesce === undefined ? {} : { coalesce }) });
  journalOf(dishId);
  if (isQueued) return queue;
  queue = queue.then(() => keep(`edit ${key}`, label, () => storeNewest(key)).then(() => undefined));
  return queue;
}

/** Resolves when every edit made so far is stored, or waits to be tried again. */
export function allStored(): Promise<void> {
  return queue;
}

/** Stores the newest edit of a key, if it still waits. */
async function storeNewest(key: string): Promise<void> {
  const newest = waitingEdit(key);
  if (!newest) return;
  const at = await storeEdit(newest.dishId, newest.label, newest.edit, newest.coalesce);
  if (at === null) forget((p) => p === newest);
  else stored(newest, at);
  const last = lastSeen.get(newest.dishId);
  if (at !== null && last && last.updatedAt < at)
    lastSeen.set(newest.dishId, { ...newest.edit(last), updatedAt: at });
  if (!hasWaiting(newest.dishId)) closeJournal(newest.dishId);
}

/** The dishes as the database last showed them: what the journal starts from. */
const lastSeen = new Map<string, Dish>();

/** The database showed a dish: edits that it holds are no longer on their way. */
export function seenDish(dish: Dish): void {
  lastSeen.set(dish.id, dish);
  forget((p) => p.dishId === dish.id && p.storedAt !== undefined && p.storedAt <= dish.updatedAt);
}

function journalOf(dishId: string): void {
  const base = lastSeen.get(dishId);
  if (base) journal(base, withPending(base));
}

/** Stores what an earlier page wrote down and the database never got, unless the dish was changed since. Returns how many. */
export async function recoverJournals(): Promise<number> {
  let found = 0;
  for (const { base, dish } of openJournals()) {
    const kept = await db.dishes.get(dish.id);
    if (kept?.updatedAt !== base) continue;
    await storeEdit(dish.id, 'what was typed last', () => dish);
    found++;
  }
  return found;
}

/** Returns when it was stored, epoch ms; null when there is no such dish or nothing changed. */
async function storeEdit(
  dishId: string,
  label: string,
  edit: (dish: Dish) => Dish,
  coalesce?: string,
): Promise<number | null> {
  return db.transaction('rw', [db.dishes, db.history], async () => {
    const dish = await db.dishes.get(dishId);
    if (!dish) return null;
    // Never the same twice, so that a screen can tell whether it shows this edit.
    const now = Math.max(Date.now(), dish.updatedAt + 1);
    const next = edit(dish);
    if (next === dish) return null;
    const history = (await db.history.get(dishId)) ?? { dishId, past: [], future: [] };
    const last = history.past.at(-1);
    const joins = coalesce !== undefined && last?.coalesce === coalesce && now - last.at < ONE_STEP_MS;
    const step: HistoryStep = { label, dish, at: now, ...(coalesce ? { coalesce } : {}) };
    const past = joins
      ? [...history.past.slice(0, -1), { ...last, at: now }]
      : [...history.past, step].slice(-MOST_STEPS);
    await db.history.put({ dishId, past, future: [] });
    await db.dishes.put({ ...next, id: dishId, demo: false, updatedAt: now });
    return now;
  });
}

/** Takes back the last edit of a dish, or brings it again. Returns what was taken back or brought, or null. */
export async function stepHistory(dishId: string, direction: 'undo' | 'redo'): Promise<string | null> {
  await allStored();
  return db.transaction('rw', [db.dishes, db.history], async () => {
    const dish = await db.dishes.get(dishId);
    const history = await db.history.get(dishId);
    const from = direction === 'undo' ? history?.past : history?.future;
    const step = from?.at(-1);
    if (!dish || !history || !step) return null;
    const here: HistoryStep = { label: step.label, dish, at: 0 };
    await db.history.put(
      direction === 'undo'
        ? { dishId, past: history.past.slice(0, -1), future: [...history.future, here] }
        : { dishId, past: [...history.past, here], future: history.future.slice(0, -1) },
    );
    await db.dishes.put({ ...step.dish, updatedAt: Math.max(Date.now(), dish.updatedAt + 1) });
    return step.label;
  });
}

/** Takes a dish in that came from elsewhere; gives the identity of the one that is the same already, where there is one. */
export async function takeDish(dish: Dish): Promise<{ id: string; wasThere: boolean }> {
  return db.transaction('rw', db.dishes, async () => {
    const same = await db.dishes.where('name').equals(dish.name).toArray();
    const there = same.find((d) => isSameRecipe(d, dish));
    if (there) return { id: there.id, wasThere: true };
    await db.dishes.add(dish);
    return { id: dish.id, wasThere: false };
  });
}

/** Copies a dish under a new name and returns the copy's identity. */
export async function duplicateDish(dish: Dish): Promise<string> {
  const id = freshId();
  const now = Date.now();
  await db.dishes.add({
    ...dish,
    id,
    name: `${dish.name} (copy)`.slice(0, 120),
    demo: false,
    createdAt: now,
    updatedAt: now,
  });
  return id;
}

/** Removes a dish; what it returns puts it back. The cooks of the dish stay in the log. */
export async function removeDish(dish: Dish): Promise<() => Promise<void>> {
  const revisions = await db.revisions.where('dishId').equals(dish.id).toArray();
  await db.transaction('rw', [db.dishes, db.revisions, db.outlooks], async () => {
    await db.dishes.delete(dish.id);
    await db.revisions.where('dishId').equals(dish.id).delete();
    await db.outlooks.delete(dish.id);
  });
  return async () => {
    await db.transaction('rw', [db.dishes, db.revisions], async () => {
      await db.dishes.put(dish);
      await db.revisions.bulkPut(revisions);
    });
  };
}
