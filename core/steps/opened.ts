import type { HouseRules } from '../dish/houseRules';
import { isLoose, SAFE_C } from '../heat/data/cuts';
import { formatTemp } from '../quantity/format';
import { CAUTIONS } from '../kitchen/data/cautions';
import { WORK } from '../pieces/data/work';
import { decider, type MeatPiece } from '../pieces/meat';
import { handwork, step, type Step, type StepInput } from './step';

/** The lid comes off: the meat is measured and set aside. */
export function stepsOpened(input: StepInput): Step[] {
  const { heat, kitchen, rules, kinds, meat } = input;
  const steps = [
    step('open', 'open', heat.second?.then === 'simmer' ? 'Heat off' : 'Open', 'When the pin is down.', {
      kind: 'open',
      durationS: handwork(WORK.openMin, 0.3),
      cautions: [CAUTIONS.open],
      check: 'Is the pin down, and does the lid turn freely?',
    }),
  ];
  const main = meat[0];
  const checked = decider(kinds, heat);
  if (!main || !checked) return steps;
  const { safeC } = checked;
  const authority =
    checked.cut.safe === 'whole' || kitchen.authority === 'uk' ? ` ${SAFE_C[kitchen.authority].note}` : '';
  const shred = isShredded(main, rules);
  return [
    ...steps,
    step(
      'meat',
      'open',
      `Check the ${checked.label}`,
      `${byLook(checked, rules) ? 'House rule: a fork turns in it without effort, and it pulls apart. And if you own one, thermometer' : isTough(checked) ? 'A fork should turn in it without effort: that is what the long minutes were for; if it does not, close it again for a quarter of the time. And the thermometer' : 'Thermometer'} ${measuredWhere(checked)}: ${formatTemp(safeC, kitchen.units)}.${authority} ${forecastWords(heat.coreAtOpenC, safeC, kitchen)}`,
      { kind: 'meat', durationS: handwork(WORK.checkMeatMin, 0.3), cautions: [CAUTIONS.short] },
    ),
    step(
      'aside',
      'open',
      shred ? 'Set the meat aside and shred it' : 'Set the meat aside',
      `Onto a clean plate, covered, with a slotted spoon. Bay, bones and skins out.${shred ? ' Two forks, along the grain, while it is hot.' : ''}`,
      {
        durationS: handwork(shred ? WORK.setAsideMin + WORK.shredMin : WORK.setAsideMin, 0.3),
        cautions: [CAUTIONS.cleanPlate],
        check: 'Is it a clean plate, not the one it was raw on?',
      },
    ),
  ];
}

/** Where the thermometer goes: mince has no thick piece. */
const measuredWhere = ({ cut }: MeatPiece): string =>
  isLoose(cut)
    ? 'in a spoonful heaped up, or in the thickest lump, and no pink anywhere'
    : cut.safe === 'ground' && cut.id !== 'venison' && cut.id !== 'rabbit'
      ? 'in the middle of one of the biggest'
      : 'in the thickest part of one thick piece';

/** Meat that is cooked for its tenderness, long after it is hot enough. */
const isTough = (main: MeatPiece): boolean =>
  main.cut.safe !== 'poultry' && main.cut.tenderAt95Min >= TOUGH_MIN;
/** Minutes at 95 °C from which a cut is cooked to be tender rather than to be done: between chops and shoulder. */
const TOUGH_MIN = 45;
/** How near the figure the forecast has to be for it to say anything, °C. */
const NEAR_C = 12;

/** What the forecast adds at the thermometer: its figure where it is near, and never a word that it is enough. */
function forecastWords(
  coreC: number | null,
  safeC: number,
  kitchen: Pick<StepInput['kitchen'], 'units'>,
): string {
  if (coreC === null) return 'Only the thermometer knows.';
  return coreC - safeC < NEAR_C
    ? `The forecast says about ${formatTemp(coreC, kitchen.units)}, but only the thermometer knows.`
    : 'By the forecast it is well past that, but only the thermometer knows.';
}

/** Poultry, pork and mince are measured whatever the house rule says. */
function byLook(main: MeatPiece, rules: HouseRules): boolean {
  return rules.doneWhen === 'look' && main.cut.safe === 'whole' && !main.cut.id.startsWith('pork');
}

/** Whole boneless pieces that the household shreds after pressure. */
function isShredded(main: MeatPiece, rules: HouseRules): boolean {
  return rules.pieceSize === 'whole' && !main.cubed && main.boneless && main.thicknessMm >= 28;
}
