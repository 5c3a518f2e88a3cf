import { useSyncExternalStore } from 'react';

const narrow = '(max-width: 640px)';

/** True on a screen as narrow as a phone's. */
export function useCompact(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const query = matchMedia(narrow);
      query.addEventListener('change', changed);
      return () => query.removeEventListener('change', changed);
    },
    () => matchMedia(narrow).matches,
  );
}
