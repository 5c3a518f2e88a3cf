import { isHeldBack, type Moment } from '../dish/moment';
import type { PlacedItem } from '../moments/item';
import { formatTemp, formatVolume, type DisplayUnits } from '../quantity/format';
import { planDairy } from '../sauce/temper';
import type { Plan } from './plan';

/** When a line that is held back goes in, in two words. */
const WAIT: Partial<Record<Moment, string>> = {
  thicken: 'at the boil',
  dairy: 'off the boil',
  finish: 'heat off',
  serve: 'at the table',
};

/** What is done to a line that comes late, where that is more than stirring it in: by the verb of its act. */
const DONE_LATE: Readonly<Record<string, string>> = {
  simmer: 'simmered',
  boil: 'boiled',
  wilt: 'wilted',
  reduce: 'boiled down',
  glaze: 'boiled down',
  melt: 'melted on top',
  fry: 'fried beside',
  grill: 'under the grill',
  bake: 'in the oven',
  fill: 'filled',
  mix: 'mixed first',
  top: 'on top',
};

function dairyWait(item: PlacedItem, plan: Plan, units: DisplayUnits): string {
  const cls = item.read.food?.dairy;
  if (!cls) return WAIT.dairy ?? '';
  const { waitToC } = planDairy(cls, item.massG.mid, plan.sauce.leftG.mid, {
    bound: true,
    boilsC: plan.heat.boilsAtC,
  });
  return waitToC >= plan.heat.boilsAtC - 1 ? 'at a simmer' : `below ${formatTemp(waitToC, units)}`;
}

/** How a line that comes late is brought in by its act: "simmered", "meanwhile"; empty where no act says more. */
function doneLate(item: PlacedItem, plan: Plan): string {
  const act = plan.script?.acts.find((a) => a.id === item.actId);
  if (!act) return '';
  return act.stage === 'closed' ? 'meanwhile' : (DONE_LATE[act.verb] ?? '');
}

/** What stands at the right end of a line: what the cook most wants to know about it here; empty where there is nothing to say. */
export function lineRemark(item: PlacedItem, plan: Plan, units: DisplayUnits): string {
  if (item.line.asSlurry) return 'sized later';
  if (item.line.later && item.moment === 'lid') return 'in between';
  if (item.read.confidence === 'unsure') return 'not sure';
  const meat = plan.meat.find((m) => m.item.lineId === item.lineId);
  if (meat) return `${Math.round(meat.thicknessMm)} mm`;
  const poured = plan.liquid.entries.find((e) => e.lineId === item.lineId && e.kind === 'poured');
  if (poured && !isHeldBack(item.moment)) return `counts ${formatVolume(poured.ml.mid, units)}`;
  if (item.moment === 'dairy' && item.read.food?.dairy) return dairyWait(item, plan, units);
  const wait = (item.moment === 'finish' && doneLate(item, plan)) || WAIT[item.moment];
  if (wait) return wait;
  if (item.part) return item.part;
  return item.read.food?.kind.startsWith('tomato') && item.moment === 'lid' ? 'on top' : '';
}
