import { useSyncExternalStore } from 'react';
import type { Kitchen } from '../../core/index';

/** Changes of the kitchen on their way into the database, oldest first: on the screen already. */
interface KitchenEdit {
  part: Partial<Kitchen>;
  isStored: boolean;
}

let edits: readonly KitchenEdit[] = [];
const listeners = new Set<() => void>();
const JOURNAL = 'keen-ladle-kitchen-journal';

function set(next: readonly KitchenEdit[]): void {
  edits = next;
  try {
    const waiting = Object.assign({}, ...edits.filter((e) => !e.isStored).map((e) => e.part)) as object;
    if (Object.keys(waiting).length) localStorage.setItem(JOURNAL, JSON.stringify(waiting));
    else localStorage.removeItem(JOURNAL);
  } catch {
    // Without room for it the database alone has to do.
  }
  for (const listener of listeners) listener();
}

/** Puts a change on the screen; what it returns says that it is stored, or that it will never be. */
export function expectKitchen(part: Partial<Kitchen>): { stored: () => void; drop: () => void } {
  const edit: KitchenEdit = { part, isStored: false };
  set([...edits, edit]);
  return {
    stored: () => set(edits.map((e) => (e === edit ? { ...e, isStored: true } : e))),
    drop: () => set(edits.filter((e) => e !== edit)),
  };
}

/** The database showed the kitchen: what is stored is in it. */
export function seenKitchen(): void {
  if (edits.some((e) => e.isStored)) set(edits.filter((e) => !e.isStored));
}

/** The changes on their way, live. */
export function useKitchenEdits(): readonly KitchenEdit[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => edits,
  );
}

/** What an earlier page changed and the database never got; an empty change when there is none. */
export function openKitchenJournal(): object {
  try {
    const text = localStorage.getItem(JOURNAL);
    localStorage.removeItem(JOURNAL);
    const part: unknown = text === null ? {} : JSON.parse(text);
    return typeof part === 'object' && part !== null ? part : {};
  } catch {
    return {};
  }
}
