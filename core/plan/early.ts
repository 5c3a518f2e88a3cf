import type { HeatForecast } from '../heat/simulate';
import { forecastOnce } from '../pieces/meat';
import type { Plan } from './plan';

/** The same minutes, vented at once: what hurrying costs. Null where the plan vents at once anyway, or there is no meat. */
export function ventedAtOnce(plan: Pick<Plan, 'heating' | 'heat' | 'meat' | 'release'>): HeatForecast | null {
  if (plan.release === 'quick' || !plan.meat.length) return null;
  return forecastOnce({ ...plan.heating, minutes: plan.heat.holdS / 60, release: 'quick', keepWarmS: 0 });
}
