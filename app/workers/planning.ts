import { expose } from 'comlink';
import {
  outlookOf,
  planDish,
  potFor,
  type Calibration,
  type Dish,
  type Kitchen,
  type Outlook,
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
};

export type Planning = typeof planning;
expose(planning);
