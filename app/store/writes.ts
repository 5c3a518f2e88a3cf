import Dexie from 'dexie';
import { useSyncExternalStore } from 'react';

/** Something that could not be written down yet: it stays on the screen and is tried again. */
export interface Unkept {
  /** One thing is listed once, however often it fails. */
  key: string;
  /** What it is, in the cook's words: "the line", "the height above the sea". */
  what: string;
  why: string;
}

/** Tried again by itself after this long, ms; longer each time, up to the last. */
const AGAIN_MS = [2000, 4000, 8000, 15_000];

const unkept = new Map<string, Unkept & { retry: () => Promise<unknown>; tries: number }>();
let shown: readonly Unkept[] = [];
const listeners = new Set<() => void>();

function tellListeners(): void {
  shown = [...unkept.values()].map(({ key, what, why }) => ({ key, what, why }));
  for (const listener of listeners) listener();
}

/** Why a write failed, in a cook's words. */
export function reasonOf(error: unknown): string {
  const name = error instanceof Error ? error.name : '';
  const inner = error instanceof Dexie.DexieError ? (error.inner as Error | undefined)?.name : undefined;
  const names = `${name} ${inner ?? ''} ${error instanceof Error ? error.message : ''}`;
  if (/quota/i.test(names)) return 'There is no room left in this browser.';
  if (/DatabaseClosed|InvalidState|VersionChange/i.test(names))
    return 'The storage of this browser was closed. A reload opens it again.';
  return 'This browser did not take it.';
}

/**
 * Writes something, and does not let it be lost without a word: when it fails it is said on every screen and tried again until
 * it is kept. Resolves with what was written, or undefined when the first try failed.
 */
export async function keep<T>(key: string, what: string, write: () => Promise<T>): Promise<T | undefined> {
  try {
    const kept = await write();
    settle(key);
    return kept;
  } catch (error) {
    const tries = (unkept.get(key)?.tries ?? 0) + 1;
    unkept.set(key, { key, what, why: reasonOf(error), retry: write, tries });
    tellListeners();
    setTimeout(
      () => {
        const still = unkept.get(key);
        if (still) void keep(key, still.what, still.retry);
      },
      AGAIN_MS[Math.min(tries, AGAIN_MS.length) - 1],
    );
    return undefined;
  }
}

function settle(key: string): void {
  if (unkept.delete(key)) {
    tellListeners();
    // Where one thing found room, the others may.
    tryAgain();
  }
}

/** Tries everything again that could not be written. */
export function tryAgain(): void {
  for (const { key, what, retry } of [...unkept.values()]) void keep(key, what, retry);
}

/** What could not be written down yet, live. */
export function useUnkept(): readonly Unkept[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => shown,
  );
}
