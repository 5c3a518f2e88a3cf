import { useEffect } from 'react';
import { CLOCK_NOTICED_MS } from '../../core/index';

const LOOK_EVERY_MS = 1000;

/**
 * Tells when the wall's clock was set while the page was open, by how much: negative when it was set back. Seen by a clock beside it
 * that nobody can set.
 */
export function useClockGuard(onMoved: (byMs: number) => void): void {
  useEffect(() => {
    let offset = Date.now() - performance.now();
    const look = (): void => {
      const here = Date.now() - performance.now();
      const moved = here - offset;
      offset = here;
      if (Math.abs(moved) >= CLOCK_NOTICED_MS) onMoved(Math.round(moved));
    };
    const timer = setInterval(look, LOOK_EVERY_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [onMoved]);
}
