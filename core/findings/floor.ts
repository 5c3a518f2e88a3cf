import { isHeldBack } from '../dish/moment';
import { isMeatCoat, type PlacedItem } from '../moments/item';
import type { FloorRisk } from '../pot/floor';
import { formatVolume } from '../quantity/format';
import type { Finding, Fix, Severity } from './finding';
import { freeLineId, loadInOrder, pourIn, setRule, standOn } from './fixes';
import { helpingAloneOrTogether } from './helping';
import type { FindingInput } from './input';
import { ownLiquid } from './liquid';
import { BROWN_IT_BARE, nameOf, listed, holdFix } from './words';

const FLOOR_SEVERITY: Record<FloorRisk['level'], Severity> = { low: 'fine', some: 'careful', high: 'stop' };

/** Everything that may calm a floor, the least trouble first. */
function floorRemedies({ floor, rules, items, fill, liquid, kitchen }: FindingInput): Fix[] {
  const out: Fix[] = [];
  const has = (id: string): boolean => floor.parts.some((p) => p.id === id);
  const name = ownLiquid(items);
  // Pasta and rice of the recipe's own pot are the dish: nobody holds them back.
  const isTheDish = (i: PlacedItem): boolean =>
    i.by === 'method' && ['pasta', 'grain'].includes(i.read.food?.kind ?? '');
  const early = items.filter(
    (i) => i.early && !i.touchesRaw && !isTheDish(i) && floor.parts.some((p) => p.lineIds.includes(i.lineId)),
  );
  if (early.length)
    out.push({
      id: 'hold-all',
      label: early.every(isMeatCoat) ? BROWN_IT_BARE : `Hold back ${listed(early.map(nameOf))}`,
      apply: (d) => early.reduce((x, i) => holdFix(i).apply(x), d),
    });
  if (fill.broken.length) out.push(loadInOrder([], 'Load it in the computed order'));
  if (rules.tomato !== 'top' && floor.parts.some((p) => p.is === 'stirred-in'))
    out.push(setRule('tomato', 'top', 'Keep the tomato on top'));
  if (liquid.splashMl > 0 || has('film-depth') || items.some(isTheDish)) {
    const ml = Math.max(liquid.splashMl, 100);
    out.push(pourIn(ml, name, `Add ${formatVolume(ml, kitchen.units)} ${name}`));
  }
  if (floor.parts.some((p) => p.is === 'unscraped')) {
    out.push({
      id: 'lift',
      label: 'Deglaze with 100 ml stock',
      apply: (d) => ({
        ...d,
        lines: [...d.lines, { id: freeLineId(d), text: `100 ml ${name}`, added: true, moment: 'deglaze' }],
      }),
    });
    out.push(setRule('browning', 'never', 'Skip the sear for this dish'));
  }
  const swallows = items.find(
    (i) =>
      !isHeldBack(i.moment) &&
      i.line.on === undefined &&
      i.read.food?.kind === 'grain' &&
      floor.parts.some((p) => p.id === 'grain'),
  );
  if (swallows) out.push(standOn(swallows.lineId, 'bowl', `Give the ${nameOf(swallows)} a bowl of its own`));
  return out;
}

export function floorFindings(input: FindingInput): Finding[] {
  const { floor, batches } = input;
  const out: Finding[] = [];
  const parts = floor.parts
    .slice(0, 3)
    .map((p) => p.label)
    .join(', ');
  if (floor.level !== 'low') {
    const severity = FLOOR_SEVERITY[floor.level];
    out.push({
      id: 'floor',
      severity,
      about: 'floor',
      lineIds: floor.parts.flatMap((p) => p.lineIds),
      text: floor.level === 'high' ? 'The floor is likely to catch' : 'The floor may catch',
      why: `Because of: ${parts}.${input.pot.liner === 'non-stick' ? ' The non-stick liner helps a little, and is counted.' : ''}`,
      fixes: helpingAloneOrTogether(
        input,
        floorRemedies(input),
        severity,
        (l) => FLOOR_SEVERITY[l.floor.level],
      ),
    });
  }
  const noLift = batches > 0 && floor.parts.some((p) => p.is === 'unscraped');
  if (noLift && floor.level === 'low')
    out.push({
      id: 'no-deglaze',
      severity: 'careful',
      about: 'floor',
      lineIds: [],
      text: 'Nothing to deglaze with',
      why: 'The brown film has to come off before the lid goes on: it is the commonest cause of a burn alarm.',
      fixes: [pourIn(100, 'chicken stock', 'Add 100 ml stock')],
    });
  return out;
}
