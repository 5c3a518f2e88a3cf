import { expose } from 'comlink';
import {
  comparePots,
  outlookOf,
  planDish,
  potFor,
  schoolsFor,
  type Calibration,
  type Dish,
  type Kitchen,
  type Outlook,
  type Severity,
  type SchoolForDish,
} from '../../core/index';

/** A dish in one pot, as figures that cross to the screen. */
export interface PotAnswer {
  potId: string;
  name: string;
  shareOfLimit: number;
  thinMl: number;
  needMl: number;
  floorRisk: number;
  lidS: { low: number; mid: number; high: number };
  totalS: { low: number; mid: number; high: number };
  mostPlates: number;
  mustChange: { severity: Severity; text: string; fix: string }[];
}

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

  /** A dish in every pot of the household. */
  pots(dish: Dish, kitchen: Kitchen, calibrations: ReadonlyMap<string, Calibration>): PotAnswer[] {
    return comparePots(dish, kitchen, calibrations).map(({ pot, plan, mostPlates, mustChange }) => {
      const { comeUpS, holdS, releaseS } = plan.heat;
      const under = (key: 'low' | 'mid' | 'high'): number => comeUpS[key] + holdS + releaseS[key];
      return {
        potId: pot.id,
        name: pot.name,
        shareOfLimit: plan.fill.shareOfLimit,
        thinMl: Math.max(0, plan.liquid.countedMl.mid),
        needMl: plan.liquid.needMl,
        floorRisk: plan.floor.risk,
        lidS: { low: under('low'), mid: under('mid'), high: under('high') },
        totalS: plan.timing.totalS,
        mostPlates,
        mustChange: mustChange.map((f) => ({
          severity: f.severity,
          text: f.text,
          fix: f.fixes[0]?.label ?? '',
        })),
      };
    });
  },

  /** What every option of every school that concerns a dish would change in it. */
  schools(dish: Dish, kitchen: Kitchen, calibration: Calibration): SchoolForDish[] {
    return schoolsFor(dish, kitchen, planDish(dish, kitchen, { calibration }), { calibration });
  },
};

export type Planning = typeof planning;
expose(planning);
