import type { Plan } from '../plan/plan';
import type { CookState } from './cook';

/**
 * What the pot is doing, told by the cook: `open`, `closed` with the lid locked and no pressure yet, `pressure`, or `coming-down`
 * until the pin has dropped. The one place where lock, buttons and cautions are decided.
 */
type PotPhase = 'open' | 'closed' | 'pressure' | 'coming-down';

/** The phase of the pot, and whether every lid of this cook is behind it. */
export interface PotNow {
  phase: PotPhase;
  /** True while the lid is locked: the burn and no-pressure questions are offered. */
  isLocked: boolean;
  /** True from the last opening on: what is held back may go in. */
  mayAdd: boolean;
}

/** Where the pot stands, from what has happened and what the plan still has to do under a lid. */
export function potNow(plan: Pick<Plan, 'heat' | 'steps'>, state: CookState): PotNow {
  const phase = phaseOf(plan, state);
  const lidsToCome = plan.heat.second !== null && state.done['again'] === undefined;
  return {
    phase,
    isLocked: phase !== 'open',
    mayAdd: phase === 'open' && state.pinDownAt !== null && !lidsToCome,
  };
}

function phaseOf({ heat, steps }: Pick<Plan, 'heat' | 'steps'>, state: CookState): PotPhase {
  if (state.sealedAt === null) return 'open';
  if (state.pressureAt === null) return 'closed';
  if (state.holdEndedAt === null) return state.pinDownAt === null ? 'pressure' : 'open';
  if (state.pinDownAt === null) return 'coming-down';
  const again = steps.findIndex((s) => s.id === 'again');
  const isStillOpen = steps.slice(0, again).some((s) => s.phase === 'again' && !state.done[s.id]);
  if (heat.second?.then !== 'pressure' || again < 0 || isStillOpen) return 'open';
  // The second lid: what was added is in, and it is closed until it is vented.
  if (!state.done['again']) return state.timers.some((t) => t.id === 'again') ? 'pressure' : 'closed';
  return state.done['again-release'] ? 'open' : 'coming-down';
}
