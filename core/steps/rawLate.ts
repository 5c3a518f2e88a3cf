import { shortName } from '../dish/names';
import { SAFE_C } from '../heat/data/cuts';
import { CAUTIONS } from '../kitchen/data/cautions';
import type { PlacedItem } from '../moments/item';
import { WORK } from '../pieces/data/work';
import { formatTemp } from '../quantity/format';
import type { Act } from '../script/act';
import { handwork, kindOf, listed, step, type Step, type StepInput } from './step';
import { VERBS_THAT } from '../script/data/verbs';

const RAW: ReadonlySet<string> = new Set(['poultry', 'red-meat', 'ground-meat']);
const UNDER_THE_LID: ReadonlySet<string> = new Set(['sear', 'aromatics', 'bloom', 'deglaze', 'lid', 'serve']);

/** Raw meat that goes in only when the pot is open again: no lid has cooked it. */
export const isRawLate = (i: PlacedItem): boolean =>
  RAW.has(kindOf(i) ?? '') && !i.read.cooked && !UNDER_THE_LID.has(i.moment);

/** The thermometer for such meat, told with the id of the act that cooks it: the last it is in before the table. */
export function lateChecks(
  after: readonly Act[],
  of: (act: Act) => PlacedItem[],
  { kitchen }: Pick<StepInput, 'kitchen'>,
): { behind: string; check: Step }[] {
  return after.flatMap((act, at) => {
    const raw = of(act).filter(isRawLate);
    if (!raw.length) return [];
    const cooking = VERBS_THAT.cook.has(act.verb)
      ? act
      : after.slice(at + 1).find((a) => VERBS_THAT.cook.has(a.verb));
    const safe = SAFE_C[kitchen.authority];
    const c = raw.some((i) => kindOf(i) === 'poultry')
      ? safe.poultry
      : raw.some((i) => kindOf(i) === 'ground-meat')
        ? safe.ground
        : safe.whole;
    const name = listed([...new Set(raw.map((i) => shortName(i.read)))]);
    const figure = formatTemp(c, kitchen.units);
    const check = step(
      `late-${act.id}`,
      'finish',
      `Check the ${name}`,
      `It went in once the pot was open, and no pressure has cooked it. Thermometer in the thickest part of one thick piece: ${figure}. Only the thermometer knows.`,
      {
        durationS: handwork(WORK.checkMeatMin, 0.3),
        cautions: [CAUTIONS.shortOpen, CAUTIONS.cleanPlate],
        check: `Is the thickest piece at ${figure} in the middle?`,
      },
    );
    return [{ behind: `do-${(cooking ?? act).id}`, check }];
  });
}
