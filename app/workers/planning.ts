import { expose } from 'comlink';
import {
  outlookOf,
  planDish,
  potFor,
  schoolsFor,
  type Calibration,
  type Dish,
  type Kitchen,
  type Outlook,
  type SchoolForDish,
} from '../../core/index';

/** Plans many dishes away from the screen. */
const planning = {
  /** Outlooks of dishes in their order; a dish that cannot be planned gives null rather than stopping the rest. */
  outlooks(
    dishes: readonly Dish[],
    kitchen: Kitchen,
    calibrations: ReadonlyMap<string, Calibration>,
  ): (Outlook | null)[] {
    return dishes.map((dish) => {
      try {
        const calibration = calibrations.get(potFor(dish, kitchen).id);
        return outlookOf(planDish(dish, kitchen, calibration ? { calibration } : {}));
      } catch {
        return null;
      }
    });
  },

  /** What every option of every school that concerns a dish would change in it. */
  schools(dish: Dish, kitchen: Kitchen, calibration: Calibration): SchoolForDish[] {
    return schoolsFor(dish, kitchen, planDish(dish, kitchen, { calibration }), { calibration });
  },
};

export type Planning = typeof planning;
expose(planning);
