import { useSyncExternalStore } from 'react';

type Take = () => void;
let take: Take | null = null;
const listeners = new Set<() => void>();

/** Tells that a new version lies ready, and how it is taken. */
export function announceVersion(how: Take): void {
  take = how;
  for (const tell of listeners) tell();
}

/** How the new version is taken; null while there is none. */
export function useNewVersion(): Take | null {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => take,
  );
}
