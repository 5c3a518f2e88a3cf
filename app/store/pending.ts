import { useSyncExternalStore } from 'react';
import { DishSchema, type Dish } from '../../core/index';

/** An edit on its way into the database: it is on the screen already, and stays there if it cannot be written. */
export interface PendingEdit {
  key: string;
  dishId: string;
  label: string;
  edit: (dish: Dish) => Dish;
  coalesce?: string;
  /** The `updatedAt` it was stored under; undefined while it waits. */
  storedAt?: number;
}

let pending: readonly PendingEdit[] = [];
const listeners = new Set<() => void>();

function set(next: readonly PendingEdit[]): void {
  pending = next;
  for (const listener of listeners) listener();
}

/** Puts an edit on the screen. The same key again takes the place of the one that waits. */
export function expect(edit: PendingEdit): void {
  set([...pending.filter((p) => p.key !== edit.key || p.storedAt !== undefined), edit]);
}

/** The edit that waits under a key, if it still does. */
export function waitingEdit(key: string): PendingEdit | undefined {
  return pending.find((p) => p.key === key && p.storedAt === undefined);
}

/** True while something of a dish waits to be stored. */
export function hasWaiting(dishId: string): boolean {
  return pending.some((p) => p.dishId === dishId && p.storedAt === undefined);
}

/** The edit was stored: it stays on the screen until the database shows it. */
export function stored(edit: PendingEdit, at: number): void {
  set(pending.map((p) => (p === edit ? { ...p, storedAt: at } : p)));
}

/** Forgets edits that the database shows, or that belong to a dish that is gone. */
export function forget(isGone: (edit: PendingEdit) => boolean): void {
  if (pending.some(isGone)) set(pending.filter((p) => !isGone(p)));
}

/** A dish as kept, with the edits that are on their way. */
export function withPending(dish: Dish, edits: readonly PendingEdit[] = pending): Dish {
  return edits.reduce((d, p) => {
    const isHere = p.dishId !== d.id || (p.storedAt !== undefined && p.storedAt <= dish.updatedAt);
    return isHere ? d : p.edit(d);
  }, dish);
}

/** The edits on their way, live. */
export function usePending(): readonly PendingEdit[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => pending,
  );
}

const JOURNAL = 'keen-ladle-journal:';

/** A dish as it should be, against the stored one it was made from. */
interface JournalEntry {
  base: number;
  dish: Dish;
}

/** Writes down at once, beside the database, how a dish should be: what was typed just before the tab closed is found again. */
export function journal(base: Dish, edited: Dish): void {
  try {
    localStorage.setItem(JOURNAL + base.id, JSON.stringify({ base: base.updatedAt, dish: edited }));
  } catch {
    // Without room for it the database alone has to do.
  }
}

/** The database has it: the journal of a dish is closed. */
export function closeJournal(dishId: string): void {
  try {
    localStorage.removeItem(JOURNAL + dishId);
  } catch {
    // Nothing was written either.
  }
}

/** What an earlier page wrote down and the database never got. Anything malformed is dropped. */
export function openJournals(): JournalEntry[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(JOURNAL))
      .flatMap((key): JournalEntry[] => {
        const text = localStorage.getItem(key) ?? '';
        localStorage.removeItem(key);
        return entryOf(text);
      });
  } catch {
    return [];
  }
}

function entryOf(text: string): JournalEntry[] {
  try {
    const { base, dish } = JSON.parse(text) as { base: unknown; dish: unknown };
    const read = DishSchema.safeParse(dish);
    return typeof base === 'number' && read.success ? [{ base, dish: read.data }] : [];
  } catch {
    return [];
  }
}
