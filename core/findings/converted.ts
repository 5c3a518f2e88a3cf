import { formatAmount } from '../dish/amountText';
import { isHeldBack } from '../dish/moment';
import { plainName, shortName } from '../dish/names';
import type { PlacedItem } from '../moments/item';
import { formatDuration, formatVolume } from '../quantity/format';
import type { Finding, Fix } from './finding';
import type { FindingInput } from './input';
import { pourLess } from './fixes';

/** Of the thin liquid that this pot needs, what a braise keeps; and a plate's sauce before it gives any itself, ml. Source: braises written for pressure; spread 30 %. */
const KEPT = { ofNeed: 1.25, aPlateMl: 110 } as const;
/** Less than this is not worth leaving out, ml. */
const LEAST_LEFT_OUT_ML = 150;
/** What a recipe for the stove pours to boil away: never the wine that a dish is named for. */
const LEFT_OUT = /^(?:stock|water|beer)$/;
/** Eighths are as fine as anybody measures. */
const EIGHTH = 1 / 8;

/** What a recipe for the stove, the oven or the slow pot became, and the liquid that a closed pot does not boil away. */
export function conversionFindings(input: FindingInput): Finding[] {
  const { script, heat, dish, kitchen } = input;
  if (!script?.isConverted) return [];
  const minutes = formatDuration(heat.holdS);
  const less = pouredTooMuch(input);
  const spare = less
    ? ` A closed pot boils hardly anything away: ${formatVolume(less.countedMl, kitchen.units)} of thin liquid is poured, and about ${formatVolume(less.enoughMl, kitchen.units)} would do here.`
    : '';
  return [
    {
      id: 'converted',
      severity: 'note',
      about: 'meat',
      lineIds: less ? [less.item.lineId] : [],
      text: `Written for the stove or the oven: ${minutes} under pressure here`,
      why: `“${script.convertedFrom.slice(0, 120)}” became ${minutes}, computed for these pieces.${spare}`,
      fixes: less && dish.settings.aim !== 'brothy' ? [less.fix] : [],
    },
  ];
}

/** The biggest pour of stock or water where there is more thin liquid than a braise for these plates keeps; null where there is not. */
function pouredTooMuch({
  items,
  liquid,
  dish,
  pot,
}: FindingInput): { item: PlacedItem; fix: Fix; countedMl: number; enoughMl: number } | null {
  const countedMl = liquid.countedMl.mid;
  const enoughMl = Math.max(pot.minThinMl * KEPT.ofNeed, KEPT.aPlateMl * dish.plates);
  const poured = items
    .filter(
      (i) =>
        LEFT_OUT.test(i.read.food?.kind ?? '') &&
        !isHeldBack(i.moment) &&
        i.share > 0.99 &&
        i.read.amount !== null,
    )
    .sort((a, b) => b.massG.mid - a.massG.mid);
  const [item] = poured;
  const amount = item?.read.amount;
  if (!item || !amount || countedMl - enoughMl < LEAST_LEFT_OUT_ML) return null;
  const share = Math.max(0, 1 - (countedMl - enoughMl) / Math.max(1, item.massG.mid));
  const kept = Math.max(EIGHTH, Math.ceil(share / EIGHTH) * EIGHTH);
  if ((1 - kept) * item.massG.mid < LEAST_LEFT_OUT_ML) return null;
  const told = formatAmount(amount, kept);
  const text = `${told} ${plainName(item.read.foodText)}`;
  return {
    item,
    countedMl,
    enoughMl,
    fix: pourLess(
      item.lineId,
      text,
      `Pour only ${formatAmount(amount, kept * item.factor)} ${shortName(item.read)}`,
    ),
  };
}
