import type { Kitchen } from '../kitchen/kitchen';
import type { Plan } from '../plan/plan';
import type { MealInput } from './serve';
import { wishedSides, wishOf } from '../kitchen/sides';

/** Burners where the household has said nothing. Source: ordinary stoves. */
const USUAL_BURNERS = 4;

/** The meal of a planned dish as its settings wish it; sides that are no longer known are left out. */
export function mealInput(plan: Plan, kitchen: Kitchen): MealInput {
  const wish = wishOf(plan);
  const isStovetop = plan.pot.kind === 'stovetop';
  return {
    steps: plan.steps,
    totalS: plan.timing.totalS,
    potOnBurner: isStovetop,
    panSear: plan.rules.browning === 'pan',
    sides: wishedSides(plan, kitchen),
    means: {
      hands: wish.hands,
      burners: kitchen.burners ?? USUAL_BURNERS,
      oven: kitchen.oven ?? true,
      yesterday: wish.yesterday,
    },
  };
}

/**
 * The next moment at which the clock says `serveAt`, epoch milliseconds; a time up to twelve hours ago is taken as today and
 * missed, so that being late is told as late and not as tomorrow. `midnight` is the start of the cook's day.
 */
export function wishTime(serveAt: string, midnight: number, now: number): number {
  const [h = 0, m = 0] = serveAt.split(':').map(Number);
  const at = midnight + (h * 60 + m) * 60_000;
  return now - at > 12 * 3600_000 ? at + 24 * 3600_000 : at;
}
