import { sauceWay, scaleOf } from '../dish/dish';
import { isSlurry } from '../pieces/binding';
import { formatTemp, formatVolume } from '../quantity/format';
import { SALT_SHARE } from '../sauce/present';
import type { Finding } from './finding';
import { setSettings } from './fixes';
import type { FindingInput } from './input';
import { listed, nameOf } from './words';

/** Altitude from which it is worth mentioning, m. Source: public advice on pressure cooking at altitude. */
const ALTITUDE_NOTE_M = 600;

export function otherFindings({
  kitchen,
  heat,
  saltG,
  items,
  dish,
  meat,
  liquid,
  told,
}: FindingInput): Finding[] {
  const out: Finding[] = [];
  if (kitchen.altitudeM > ALTITUDE_NOTE_M)
    out.push({
      id: 'altitude',
      severity: 'note',
      about: 'altitude',
      lineIds: [],
      text: `At ${Math.round(kitchen.altitudeM)} m water boils at ${formatTemp(heat.boilsAtC, kitchen.units)}`,
      why: `The pot works at ${formatTemp(heat.workingC, kitchen.units)} here. The minutes allow for it; the simmering at the end takes longer.`,
      fixes: [],
    });
  const eatenG = items.filter((i) => i.moment !== 'serve').reduce((s, i) => s + i.massG.mid, 0) - 50;
  if (eatenG > 300 && saltG / eatenG > SALT_SHARE.high * 1.25)
    out.push({
      id: 'salt',
      severity: 'careful',
      about: 'sauce',
      lineIds: items.filter((i) => (i.read.food?.salt ?? 0) * i.massG.mid > 2).map((i) => i.lineId),
      text: `Salty: about ${((100 * saltG) / eatenG).toFixed(1)} %`,
      why: 'Most people like 0.8–1.2 % of what is on the plate, and reducing makes it more.',
      fixes: [],
    });
  const hasLate = items.some((i) => /^(?:poultry|red-meat|ground-meat)$/.test(i.read.food?.kind ?? ''));
  if (
    !meat.length &&
    !hasLate &&
    dish.settings.minutes === null &&
    // The recipe's own minutes are what there is to go by.
    told.minutes === null &&
    items.length > 0 &&
    !items.some((i) => i.read.cooked)
  )
    out.push({
      id: 'no-meat',
      severity: 'note',
      about: 'meat',
      lineIds: [],
      text: 'No meat found',
      why: 'Minutes are only forecast for meat so far. Set them yourself from what you know.',
      fixes: [setSettings({ minutes: 10 }, 'Set 10 min')],
    });
  const leftOut = sauceWay(dish.settings) === 'thin' ? items.filter(isSlurry) : [];
  if (leftOut.length)
    out.push({
      id: 'left-thin',
      severity: 'note',
      about: 'sauce',
      lineIds: leftOut.map((i) => i.lineId),
      text: `Left out: ${listed(leftOut.map(nameOf))}`,
      why: 'The sauce of this dish is left thin, so nothing is stirred in to thicken it.',
      fixes: [setSettings({ sauce: 'recipe' }, 'Thicken it as the recipe does')],
    });
  if (scaleOf(dish) > 1.4 && liquid.verdict !== 'short' && liquid.pouredMl.mid > liquid.needMl * 1.6)
    out.push({
      id: 'less-liquid',
      severity: 'note',
      about: 'liquid',
      lineIds: [],
      text: 'The liquid need not grow with the plates',
      why: `${formatVolume(liquid.needMl, kitchen.units)} is enough for this pot whatever the batch; the rest only has to be thickened or boiled away.`,
      fixes: [],
    });
  return out;
}
