import { useSyncExternalStore } from 'react';
import { openHousehold } from './backup';
import { db, goOnInMemory } from './db';
import { recoverJournals } from './dishes';
import { recoverKitchen } from './household';

/** How the household is kept while this page is open. */
export type Keeping =
  | { how: 'kept' }
  | { how: 'waiting'; why: string }
  | { how: 'memory'; why: string }
  | { how: 'old'; why: string };

let keeping: Keeping = { how: 'kept' };
const listeners = new Set<() => void>();

function set(next: Keeping): void {
  keeping = next;
  for (const listener of listeners) listener();
}

/** Where the household lives, live: in this browser, or in memory with the reason. */
export function useKeeping(): Keeping {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => keeping,
  );
}

/** After this long a word is said; after the longer time the page goes on without, ms. */
const SAID_MS = 2000;
const PATIENCE_MS = 15_000;

const REFUSED = 'This browser would not open its storage (a private window, or a setting).';
const HANGS = 'The storage of this browser does not answer.';
const BLOCKED = 'An older tab of Keen Ladle holds the storage. Close it and load this page again.';

let goOn: () => void = () => undefined;

/** The cook does not want to wait for the storage. */
export function goOnWithout(): void {
  goOn();
}

/**
 * Opens the household. `onWait` is called when it takes so long that a word is due. Where the browser refuses its storage, or it
 * never answers, the page goes on in memory, and says that nothing will last. Never rejects.
 */
export async function openStore(onWait: () => void): Promise<void> {
  let isBlocked = false;
  db.on('blocked', () => {
    isBlocked = true;
  });
  db.on('versionchange', () => {
    db.close();
    set({ how: 'old', why: 'A newer Keen Ladle is open in another tab. Load this page again to go on.' });
  });
  const told = setTimeout(() => {
    set({ how: 'waiting', why: isBlocked ? BLOCKED : HANGS });
    onWait();
  }, SAID_MS);
  const opened = await Promise.race([
    openKept().then(
      () => true,
      () => false,
    ),
    new Promise<'late'>((resolve) => {
      const late = setTimeout(() => resolve('late'), PATIENCE_MS);
      goOn = () => {
        clearTimeout(late);
        resolve('late');
      };
    }),
  ]);
  clearTimeout(told);
  if (opened === true) return set({ how: 'kept' });
  await goOnInMemory();
  await openHousehold().catch(() => undefined);
  set({ how: 'memory', why: opened === 'late' ? (isBlocked ? BLOCKED : HANGS) : REFUSED });
}

async function openKept(): Promise<void> {
  await db.open();
  await openHousehold();
  // What an earlier page could not store in time must not keep this one from opening.
  await recoverJournals().catch(() => 0);
  await recoverKitchen().catch(() => undefined);
}
