import { asItCameUp, minutesAfter } from '../heat/hold';
import { forecastHeat } from '../heat/simulate';
import type { Plan } from '../plan/plan';
import { stepsOf } from '../plan/plan';
import type { Kitchen } from '../plan/kitchen';
import type { CookState } from './cook';

/** Seconds from locking the lid to working pressure, as told; null before. */
function cameUpS(state: CookState): number | null {
  return state.sealedAt !== null && state.pressureAt !== null
    ? Math.max(1, (state.pressureAt - state.sealedAt) / 1000)
    : null;
}

/**
 * The plan from what has really happened: the come-up as it was, the minutes as they were last decided. Core, release and the
 * steps still to do follow. The same plan before pressure was told.
 */
export function planAsItWent(plan: Plan, kitchen: Kitchen, state: CookState): Plan {
  const up = cameUpS(state);
  if (up === null) return plan;
  const minutes = (state.holdS ?? plan.heat.holdS) / 60;
  const heat = forecastHeat({ ...asItCameUp(plan.heating, up), minutes });
  const went: Plan = { ...plan, heat: { ...heat, suggestedMin: plan.heat.suggestedMin } };
  return { ...went, steps: stepsOf(went, kitchen) };
}

/** Other minutes than planned, because pressure came at another time than forecast. */
export interface HoldAdvice {
  seconds: number;
  plannedS: number;
  /** Minutes pressure came before the forecast; negative when it came late. */
  earlyMin: number;
  /** In the cook's words, whole. */
  sentence: string;
}

/** Fewer minutes than this apart are not worth a word. */
const WORTH_MIN = 1;

/**
 * What the real come-up asks of the hold: longer where pressure came early, because the pieces are cooler; shorter where it came
 * late, but never below the fewest for this cut. Minutes that the cook chose are only ever lengthened. Null where nothing changes,
 * nothing is known, or it was decided already.
 */
export function holdAdvice(plan: Plan, state: CookState): HoldAdvice | null {
  const up = cameUpS(state);
  if (up === null || state.holdEndedAt !== null || state.holdS !== null) return null;
  const floors = plan.heating.judged.map((j) => j.doneness.floorMin);
  const isOwn = plan.dish.settings.minutes !== null;
  const plannedMin = Math.round(plan.heat.holdS / 60);
  const needed = Math.max(minutesAfter(asItCameUp(plan.heating, up)), ...floors);
  const minutes = isOwn ? Math.max(needed, plannedMin) : needed;
  const earlyMin = Math.round((plan.heat.comeUpS.mid - up) / 60);
  // A late come-up has cooked more already, an early one less: anything else is the margin that the plan keeps on purpose.
  const isMeant =
    earlyMin >= WORTH_MIN ? minutes > plannedMin : earlyMin <= -WORTH_MIN && minutes < plannedMin;
  if (!isMeant || Math.abs(minutes - plannedMin) < WORTH_MIN) return null;
  return {
    seconds: minutes * 60,
    plannedS: plan.heat.holdS,
    earlyMin,
    sentence:
      earlyMin > 0
        ? `Pressure came ${earlyMin} min early, so the pieces are cooler: hold ${minutes} min, not ${plannedMin}.`
        : `Pressure came ${-earlyMin} min late, and they cooked on the way: ${minutes} min are enough, not ${plannedMin}.`,
  };
}
