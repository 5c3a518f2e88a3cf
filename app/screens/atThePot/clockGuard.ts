import { useEffect } from 'react';

/** A wall clock set back by more than this is noticed, ms; sleep only ever sets it forward. */
const NOTICED_MS = 5000;
const LOOK_EVERY_MS = 1000;

/** Tells when the wall's clock was set back while the page was open, and by how much (negative milliseconds). */
export function useClockGuard(onMoved: (byMs: number) => void): void {
  useEffect(() => {
    let offset = Date.now() - performance.now();
    const timer = setInterval(() => {
      const here = Date.now() - performance.now();
      const moved = here - offset;
      // Forward is what sleep looks like: the wall's clock is right then.
      if (moved > 0) offset = here;
      else if (moved < -NOTICED_MS) {
        offset = here;
        onMoved(Math.round(moved));
      }
    }, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [onMoved]);
}
