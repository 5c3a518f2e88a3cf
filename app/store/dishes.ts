import { emptyDish, readRecipe, MAX_LINE_LENGTH, type Dish, type PastedRecipe } from '../../core/index';
import { db, type HistoryStep } from './db';

/** Edits kept for undo, per dish. */
const MOST_STEPS = 60;
/** Keystrokes in one line within this time are one step, ms. */
const ONE_STEP_MS = 4000;

/** A fresh identity for a dish, line, cook or event. */
export function freshId(): string {
  return crypto.randomUUID();
}

/** Edits of the same thing that wait for the one before them to be stored: only the newest of each is written. */
const waiting = new Map<string, (dish: Dish) => Dish>();
let stored: Promise<void> = Promise.resolve();

/**
 * Changes a dish and remembers how it was. Edits are stored one after another. `coalesce` names one thing being typed: its
 * edits set it outright, join into one undo step, and those still waiting give way to the newest.
 */
export function editDish(
  dishId: string,
  label: string,
  edit: (dish: Dish) => Dish,
  coalesce?: string,
): Promise<void> {
  const key = coalesce === undefined ? freshId() : `${dishId} ${coalesce}`;
  const queued = waiting.has(key);
  waiting.set(key, edit);
  if (queued) return stored;
  stored = stored
    .catch(() => undefined)
    .then(() => {
      const newest = waiting.get(key) ?? edit;
      waiting.delete(key);
      return storeEdit(dishId, label, newest, coalesce);
    });
  return stored;
}

async function storeEdit(
  dishId: string,
  label: string,
  edit: (dish: Dish) => Dish,
  coalesce?: string,
): Promise<void> {
  await db.transaction('rw', [db.dishes, db.history], async () => {
    const dish = await db.dishes.get(dishId);
    if (!dish) return;
    const now = Date.now();
    const next = edit(dish);
    if (next === dish) return;
    const history = (await db.history.get(dishId)) ?? { dishId, past: [], future: [] };
    const last = history.past.at(-1);
    const joins = coalesce !== undefined && last?.coalesce === coalesce && now - last.at < ONE_STEP_MS;
    const step: HistoryStep = { label, dish, at: now, ...(coalesce ? { coalesce } : {}) };
    const past = joins
      ? [...history.past.slice(0, -1), { ...last, at: now }]
      : [...history.past, step].slice(-MOST_STEPS);
    await db.history.put({ dishId, past, future: [] });
    await db.dishes.put({ ...next, id: dishId, demo: false, updatedAt: now });
  });
}

/** Takes back the last edit of a dish, or brings it again. Returns what was taken back or brought, or null. */
export async function stepHistory(dishId: string, direction: 'undo' | 'redo'): Promise<string | null> {
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
    await db.dishes.put({ ...step.dish, updatedAt: Date.now() });
    return step.label;
  });
}

/** Lines of a paste as dish lines with fresh identities. */
export function linesOf(recipe: PastedRecipe): Dish['lines'] {
  return recipe.lines.slice(0, 200).map((l) => ({
    id: freshId(),
    text: l.text.slice(0, MAX_LINE_LENGTH),
    ...(l.section ? { section: l.section } : {}),
  }));
}

/** Makes a dish from a pasted text and returns its identity. */
export async function createDish(
  text: string,
  name: string,
  plates: number,
  pantry: Parameters<typeof readRecipe>[1],
): Promise<string> {
  const recipe = readRecipe(text, pantry);
  const id = freshId();
  const dish = emptyDish(id, (name.trim() || recipe.title || 'A new dish').slice(0, 120), Date.now(), plates);
  await db.dishes.add({
    ...dish,
    lines: linesOf(recipe),
    method: recipe.method,
    note: recipe.notes.join('\n').slice(0, 4000),
  });
  return id;
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
