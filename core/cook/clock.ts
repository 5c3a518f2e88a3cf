import type { CookState } from './cook';
import type { EventPayload } from './events';

/** A clock is set by minutes, not by seconds: less is drift, ms. */
export const CLOCK_NOTICED_MS = 5000;
/** A clock set right again comes back to about where it was, ms. */
const ABOUT_MS = 90_000;

/**
 * What it means for a cook that the wall's clock was set by `byMs` while the page was open. Back is always told. Forward is what
 * waking from sleep looks like, when the wall is right: it is told only where it takes back what was set back before.
 */
export function clockMoveFor(
  state: Pick<CookState, 'clockMovedMs'>,
  byMs: number,
): Extract<EventPayload, { type: 'clockMoved' }> | null {
  if (Math.abs(byMs) < CLOCK_NOTICED_MS || Math.abs(byMs) > 864e5) return null;
  const isSetRight = state.clockMovedMs < 0 && Math.abs(state.clockMovedMs + byMs) < ABOUT_MS;
  return byMs < 0 || isSetRight ? { type: 'clockMoved', byMs: Math.round(byMs) } : null;
}
