import { isRawLate } from './rawLate';
import type { HouseRules } from '../dish/houseRules';
import { inOrder, type PlacedItem } from '../moments/item';
import { formatVolume } from '../quantity/format';
import { CAUTIONS } from '../kitchen/data/cautions';
import { searBatchMin, WORK } from '../pieces/data/work';
import { needsBoilingFirst } from '../pieces/meat';
import { gotOut } from './beside';
import { handwork, kindOf, step, stepItem, stepItems, type Step, type StepInput } from './step';

const MARINADE: Record<HouseRules['marinade'], string> = {
  none: '',
  prep: 'House rule: season the meat first, so that it stands while the rest is cut. ',
  overnight: 'House rule: the meat comes out of its marinade; wipe it, or it burns on the floor. ',
};

/** Everything up to the lid: getting ready, searing, softening, blooming, deglazing, loading. */
export function stepsBeforeTheLid(input: StepInput): Step[] {
  const steps = [prep(input), ...browning(input)];
  const aromatics = inOrder(input.items, 'aromatics');
  if (aromatics.length)
    steps.push(
      step(
        'soften',
        'soften',
        'Soften',
        'Heat down to medium. Onions first with a pinch of salt; garlic, ginger and chilli for the last minute.',
        {
          items: stepItems(aromatics),
          heat: 'medium',
          timer: { name: 'Soften', seconds: WORK.softenMin * 60 },
          durationS: handwork(WORK.softenMin, 0.25),
          look: 'Soft and glassy, not browned at the edges.',
        },
      ),
    );
  const bloom = inOrder(input.items, 'bloom');
  if (bloom.length)
    steps.push(
      step(
        'bloom',
        'soften',
        'Bloom the spices',
        'Heat low or off. The whole bowl at once, stirring all the time; have the liquid in your other hand.',
        {
          items: stepItems(bloom),
          heat: 'low',
          timer: { name: 'Bloom', seconds: 40 },
          durationS: handwork(WORK.bloomMin, 0.3),
          look: 'You smell it; it has not gone darker. The moment it darkens, pour.',
        },
      ),
    );
  return [...steps, ...deglazing(input), loading(input)];
}

/** What is done in a pot that is heated for it, or from cold. */
const IN_HOT_POT: ReadonlySet<string> = new Set(['heat', 'brown', 'soften', 'pop', 'bloom', 'render']);

/** Everything got out, cut and weighed. */
export function prep({ items, meat, rules, script }: StepInput): Step {
  const late = items.filter(isRawLate);
  const poultry = meat.some((m) => m.cut.safe === 'poultry') || late.some((i) => kindOf(i) === 'poultry');
  const first = script?.acts.find((a) => a.run === 0 && a.where === 'pot' && IN_HOT_POT.has(a.verb));
  // What is rendered begins in the cold pot, and a method that fries nothing wants no hot one.
  const heatsPot =
    rules.browning === 'pot' &&
    (script ? first !== undefined && first.verb !== 'render' : items.some((i) => i.moment === 'sear'));
  return step(
    'prep',
    'prep',
    'Get everything ready',
    `${MARINADE[rules.marinade]}Weigh into bowls by when they go in${items.filter((i) => i.moment === 'bloom' && kindOf(i) === 'spice-ground').length > 1 ? ': the ground spices in one bowl' : ''}.${items.some((i) => ['thicken', 'dairy', 'finish'].includes(i.moment)) ? ' What is held back stays together on a tray, away from the pot.' : ''}${heatsPot ? ` Set the pot to heat for the last ${WORK.heatPotMin - WORK.shimmerMin} minutes of it.` : ''}`,
    {
      items: [
        ...gotOut(
          items.filter((i) => i.read.food && i.moment !== 'serve'),
          script,
        ),
        // What is not understood has no place in the pot: it is got out, and goes in where the recipe says.
        ...items
          .filter((i) => !i.read.food)
          .map((i) => ({ ...stepItem(i), note: 'not understood: in where your recipe says' })),
      ],
      cautions: [
        ...(poultry ? [CAUTIONS.rawPoultry] : meat.length || late.length ? [CAUTIONS.rawMeat] : []),
        ...(meat.some((m) => m.frozen) ? [CAUTIONS.frozen] : []),
        ...(items.some(needsBoilingFirst) ? [CAUTIONS.kidney] : []),
      ],
      look: 'Everything cut, nothing left to find.',
    },
  );
}

/** What is browned: the meat, or whatever cured meat there is. */
function browned({ items, meat }: StepInput): PlacedItem[] {
  return inOrder(items, 'sear').filter(
    (i) => meat.some((m) => m.item.lineId === i.lineId) || kindOf(i) === 'cured-meat',
  );
}

/** Searing in batches; or only heating the pot where nothing is browned in it. */
function browning(input: StepInput): Step[] {
  const { items, meat, rules, batches } = input;
  const sear = inOrder(items, 'sear');
  const fat = sear.filter((i) => kindOf(i) === 'oil' || kindOf(i) === 'butter');
  const rest = sear.filter((i) => !fat.includes(i));
  if (browned(input).length) {
    const where = rules.browning === 'pan' ? 'a wide pan beside the pot' : 'the pot';
    const many =
      batches > 1
        ? ` ${batches} batches, one layer touching the floor each time.`
        : ' One layer, touching the floor.';
    return [
      step(
        'sear',
        'sear',
        `Sear ${meat[0]?.label ?? 'the meat'}`,
        `Heat ${where} on high with the fat, then brown.${many} Leave it alone until it lets go, turn once, then out onto a plate.${rules.fat === 'pour' ? ' Pour off all but a spoonful of the fat into a cup, never down the sink.' : ''}`,
        {
          items: stepItems([...fat, ...rest]),
          heat: 'high',
          timer: { name: 'Sear, each batch', seconds: searBatchMin(meat[0]?.thicknessMm) * 60 },
          durationS: handwork(WORK.shimmerMin + batches * searBatchMin(meat[0]?.thicknessMm), 0.2),
          look: 'Deep brown on two sides; the middle is still raw.',
          cautions: [CAUTIONS.hotFat],
        },
      ),
    ];
  }
  if (!sear.length) return [];
  return [
    step('heat', 'sear', 'Heat the pot', 'On medium, with the fat, until it shimmers.', {
      items: stepItems(sear),
      heat: 'medium',
      durationS: handwork(WORK.shimmerMin, 0.2),
      cautions: [CAUTIONS.hotFat],
    }),
  ];
}

/** Pouring in and scraping; `isFilmed` where the recipe browns in the pot, whatever the table would do. */
export function deglazing(input: StepInput, isFilmed = false): Step[] {
  const deglaze = inOrder(input.items, 'deglaze');
  const film = isFilmed || (browned(input).length > 0 && input.rules.browning === 'pot');
  if (!deglaze.length && !film) return [];
  const boils = deglaze.some((i) => kindOf(i) === 'wine' || kindOf(i) === 'spirit');
  return [
    step(
      'deglaze',
      'deglaze',
      isFilmed && !deglaze.length ? 'Scrape the floor' : 'Deglaze and scrape',
      isFilmed && !deglaze.length
        ? 'The recipe does not say so: flat spoon, the whole floor, before the lid.'
        : `Pour in${deglaze.length ? '' : ' a splash of the stock'}, flat spoon, scrape the whole floor.${boils ? ' Boil it by half.' : ''}`,
      {
        items: stepItems(deglaze),
        heat: 'high',
        durationS: handwork(WORK.deglazeMin, 0.3),
        look: 'No stuck spot anywhere under the spoon.',
        check:
          input.pot.liner === 'non-stick'
            ? 'Is the floor scraped clean (wood or silicone only)?'
            : 'Is the floor scraped clean, with no stuck spot left?',
      },
    ),
  ];
}

function loading({ items, rules, fill, liquid, kitchen }: StepInput): Step {
  const order = fill.layers.map((l) => l.label).join(', then ');
  const has = (id: string): boolean => fill.layers.some((l) => l.id === id);
  const bowl = has('bowl') ? ' The bowl goes on the rack last, loosely covered.' : '';
  const top = has('tomato') ? ' The thick things go on top and are not stirred in.' : '';
  return step(
    'load',
    'deglaze',
    'Load the pot',
    `${rules.browning === 'pot' ? 'Heat off. ' : ''}Bottom to top: ${order || 'liquid first'}.${top}${bowl} Thin liquid in the pot: ${formatVolume(liquid.countedMl.mid, kitchen.units)} counted, ${formatVolume(liquid.needMl, kitchen.units)} needed.`,
    {
      items: stepItems(inOrder(items, 'lid').filter((i) => i.read.food && !i.line.later)),
      heat: 'off',
      durationS: handwork(WORK.loadMin, 0.3),
      cautions: [CAUTIONS.fit],
      check: `Is the top below the line (${fill.foaming.length ? 'half' : 'two thirds'})?`,
    },
  );
}
