import { calibrations, foldAll, outlookOf, planDish, potFor, type Outlook } from '../core/index';
import { demoHousehold } from './household';

/** The midnight at which the household below was made, epoch ms. */
export const MADE_AT = Date.UTC(2026, 0, 1);

const household = demoHousehold(MADE_AT);
const learned = calibrations(foldAll(household.events), household.kitchen);

/**
 * The ferry-house kitchen as it is at `MADE_AT`, and the outlook of each of its dishes. The build works them out once and puts the
 * result here in place of the sum, so that no browser plans a year of cooks, or a shelf, on its first opening.
 */
export const made: { household: typeof household; outlooks: Record<string, Outlook> } = {
  household,
  outlooks: Object.fromEntries(
    household.dishes.map((dish) => {
      const calibration = learned.get(potFor(dish, household.kitchen).id);
      return [dish.id, outlookOf(planDish(dish, household.kitchen, calibration ? { calibration } : {}))];
    }),
  ),
};
