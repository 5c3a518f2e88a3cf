import type { Plan } from '../plan/plan';
import { type Step, sumSteps } from '../steps/index';
import type { Range } from '../quantity/range';
import type { CookState } from './cook';
import type { CookForecast } from './events';

/** The forecast that is written into the first event. */
export function forecastOf(plan: Plan): CookForecast {
  const { comeUpFactor, releaseFactor } = plan.calibration;
  return {
    totalS: plan.timing.totalS,
    comeUpS: plan.heat.comeUpS.mid,
    holdS: plan.heat.holdS,
    releaseS: plan.heat.releaseS.mid,
    sauceG: plan.sauce.leftG.mid,
    coreAtOpenC: plan.heat.coreAtOpenC,
    comeUpFactor,
    releaseFactor,
  };
}

/** When dinner is, as things stand. */
export interface LiveForecast {
  /** The step to do now, or null when all are done. */
  current: Step | null;
  /** Epoch milliseconds at the table: earliest, likeliest, latest. Never before now. */
  tableAt: Range;
  /** Why it moved, in a sentence; empty when it has not. */
  reason: string;
}

/**
 * The forecast for the table at `now` from what has really happened: finished steps cost what they cost, the running one
 * at least what is left of it, the rest as planned. A pause holds the step, not the pot. A forecast never lies in the past.
 */
export function liveForecast(plan: Plan, state: CookState, now: number): LiveForecast {
  const clock = state.pausedAt ?? now;
  const left = plan.steps.filter((s) => !state.done[s.id]);
  const current = left[0] ?? null;
  const began = Math.max(state.startedAt, ...Object.values(state.done).map((d) => d.at));
  const spent = current ? Math.max(0, clock - began) / 1000 : 0;
  const remaining = left.map((s, i): Range => {
    if (i > 0) return s.durationS;
    const from =
      s.kind === 'hold' && state.pressureAt
        ? (now - state.pressureAt) / 1000
        : s.kind === 'comeUp' && state.sealedAt
          ? (now - state.sealedAt) / 1000
          : spent;
    return {
      low: Math.max(0, s.durationS.low - from),
      mid: Math.max(0, s.durationS.mid - from),
      high: Math.max(0, s.durationS.high - from),
    };
  });
  const sum = sumSteps(remaining.map((durationS, i) => ({ durationS, hands: left[i]?.hands ?? false })));
  const at = (seconds: number): number => now + Math.max(0, seconds) * 1000;
  return {
    current,
    tableAt: { low: at(sum.low), mid: at(sum.mid), high: at(sum.high) },
    reason: reasonFor(state, now),
  };
}

const wholeMinutes = (seconds: number): number => Math.round(Math.abs(seconds) / 60);

function reasonFor(state: CookState, now: number): string {
  const f = state.forecast;
  if (!f) return '';
  if (state.pinDownAt && state.holdEndedAt) {
    const late = (state.pinDownAt - state.holdEndedAt) / 1000 - f.releaseS;
    if (wholeMinutes(late) >= 1)
      return `Came down ${wholeMinutes(late)} min ${late > 0 ? 'slower' : 'sooner'} than forecast.`;
  }
  if (state.pressureAt && state.sealedAt) {
    const late = (state.pressureAt - state.sealedAt) / 1000 - f.comeUpS;
    if (wholeMinutes(late) >= 1)
      return `Pressure came ${wholeMinutes(late)} min ${late > 0 ? 'late' : 'early'}.`;
    return '';
  }
  if (state.sealedAt) {
    const late = (now - state.sealedAt) / 1000 - f.comeUpS * 1.5;
    if (late > 0) return 'Slow to come up: check the valve, the ring, and that something thin is boiling.';
  }
  return '';
}
