import type { SauceWay } from '../dish/dish';
import { SAUCE_WORDS } from '../dish/words';
import { nearestThickness, thicknessOf, type Thickness } from '../sauce/data/thickeners';
import { doseFor, isWrittenRight, thicknessAfter } from '../sauce/dose';
import { HOUSE_THICKENS } from '../script/edit';
import { willBind } from '../steps/index';
import type { Plan } from './plan';

/** One way with the sauce of a dish, and what the spoon will show for it. */
export interface SauceChoice {
  id: SauceWay;
  label: string;
  shows: Thickness;
}

/**
 * As the recipe does it, left as thin as it is, or as this house likes it: what each makes of the sauce that will be there. A dish
 * without a method has no way of its own.
 */
export function sauceChoices(plan: Plan): SauceChoice[] {
  const { input } = plan.sauce;
  const thin = nearestThickness(thicknessAfter(input, 0));
  const choice = (id: SauceWay, shows: Thickness): SauceChoice => ({ id, label: SAUCE_WORDS[id], shows });
  return [
    ...(plan.script ? [choice('recipe', recipeBinds(plan) ? bound(plan) : thin)] : []),
    choice('thin', thin),
    choice('house', thicknessOf(plan.dish.settings.aim)),
  ];
}

/** What the recipe's own dose makes of it; the dose that is sized where its own would miss by far. */
function bound({ sauce: { input } }: Plan): Thickness {
  const { writtenG = 0 } = input;
  const dose = writtenG > 0 && isWrittenRight(input) ? writtenG : doseFor(input).starchG;
  return nearestThickness(thicknessAfter(input, dose));
}

/** True where the recipe thickens, whatever was chosen here. */
function recipeBinds(plan: Plan): boolean {
  const { script } = plan;
  const acts = (script?.acts ?? []).filter((a) => a.id !== HOUSE_THICKENS);
  return willBind({ ...plan, script: script && { ...script, acts } });
}
