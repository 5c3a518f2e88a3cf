import { SCHOOLS, type HouseRules, type School, type SchoolOption } from '../dish/houseRules';
import type { Dish } from '../dish/dish';
import type { FoodKind } from '../pantry/food';
import { consequencesOf, type Consequence } from './consequences';
import { planDish, type Plan, type PlanOptions } from './plan';
import type { Kitchen } from '../kitchen/kitchen';

/** One option of a school for one dish, with what choosing it changes. */
interface OptionForDish extends SchoolOption {
  isChosen: boolean;
  /** What changes against the dish as it stands; empty for the option that is chosen and where nothing changes. */
  consequences: Consequence[];
}

/** A school as it stands for one dish. */
export interface SchoolForDish {
  school: School;
  /** True when the dish decides for itself. */
  isOverridden: boolean;
  /** The household's option. */
  household: string;
  options: OptionForDish[];
}

const TOUCHES: Partial<Record<keyof HouseRules, readonly FoodKind[]>> = {
  dairy: ['cream', 'cream-cheese'],
  starch: ['flour', 'starch'],
  tomato: ['tomato-chunky', 'tomato-fresh', 'tomato-thick'],
  coconut: ['coconut-milk'],
  greens: ['quick-veg', 'leaf'],
  pasta: ['pasta'],
};

/** True when a school has something to decide in this dish. */
export function concerns(rule: keyof HouseRules, plan: Plan): boolean {
  const kinds = TOUCHES[rule];
  if (kinds) return plan.items.some((i) => i.read.food && kinds.includes(i.read.food.kind));
  if (rule === 'frozen') return plan.meat.some((m) => m.frozen);
  if (
    rule === 'browning' ||
    rule === 'release' ||
    rule === 'pieceSize' ||
    rule === 'marinade' ||
    rule === 'doneWhen'
  )
    return plan.meat.length > 0;
  return true;
}

/**
 * The schools that have something to decide in a dish, each option planned for real. Costs about one `planDish` an option:
 * meant for a panel that is opened, not for every keystroke.
 */
export function schoolsFor(
  dish: Dish,
  kitchen: Kitchen,
  plan: Plan,
  options: PlanOptions = {},
): SchoolForDish[] {
  return SCHOOLS.filter((school) => concerns(school.id, plan)).map((school) => {
    const chosen = plan.rules[school.id];
    return {
      school,
      isOverridden: dish.rules[school.id] !== undefined,
      household: kitchen.rules[school.id],
      options: school.options.map((option) => ({
        ...option,
        isChosen: option.id === chosen,
        consequences:
          option.id === chosen
            ? []
            : consequencesOf(
                plan,
                planDish({ ...dish, rules: { ...dish.rules, [school.id]: option.id } }, kitchen, options),
                kitchen.units,
              ),
      })),
    };
  });
}
