import type { Dish } from '../dish/dish';
import type { Pot } from '../pot/pot';
import { type Fix, SEVERITIES, type Finding, setSettings } from '../findings/index';
import { NO_CALIBRATION, type Calibration, type Kitchen } from '../kitchen/kitchen';
import { platesToFill } from './plates';
import { planDish, type Plan } from './plan';

/** One dish in one of the household's pots, beside the others. */
export interface PotChoice {
  pot: Pot;
  plan: Plan;
  isChosen: boolean;
  /** Fits under the fill line, has thin liquid enough, can boil, and the floor is not likely to catch. */
  isReady: boolean;
  /** Most whole plates that stay under its line. */
  mostPlates: number;
  /** What must change before the lid goes on: the findings that stop or warn, worst first. */
  mustChange: Finding[];
  /** Cooks it there. */
  moveHere: Fix;
}

/** Findings about the pot itself; a dish's own mistakes are the same in every pot. */
const ABOUT_THE_POT = new Set<Finding['about']>(['liquid', 'fill', 'floor']);

/** A dish planned in every pot of the household, the ready ones and the soonest on the table first. */
export function comparePots(
  dish: Dish,
  kitchen: Kitchen,
  calibrations: ReadonlyMap<string, Calibration> = new Map(),
): PotChoice[] {
  const chosen = dish.settings.potId ?? kitchen.potId;
  const choices = kitchen.pots.map((pot): PotChoice => {
    const moveHere = setSettings({ potId: pot.id }, `Move to the ${pot.name}`);
    const calibration = calibrations.get(pot.id) ?? NO_CALIBRATION;
    const there = moveHere.apply(dish);
    const plan = planDish(there, kitchen, { calibration });
    const mustChange = plan.findings.filter(
      (f) => ABOUT_THE_POT.has(f.about) && SEVERITIES.indexOf(f.severity) <= SEVERITIES.indexOf('careful'),
    );
    return {
      pot,
      plan,
      isChosen: pot.id === chosen,
      isReady: !mustChange.some((f) => f.severity === 'stop'),
      mostPlates: platesToFill(there, kitchen, { calibration }),
      mustChange,
      moveHere,
    };
  });
  return choices.sort(
    (a, b) =>
      Number(b.isReady) - Number(a.isReady) ||
      a.mustChange.length - b.mustChange.length ||
      a.plan.timing.totalS.mid - b.plan.timing.totalS.mid,
  );
}
