import { formatAmount } from '../dish/amountText';
import type { Dish } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import type { Moment } from '../dish/moment';
import type { HeatForecast } from '../heat/simulate';
import { isLoose, SAFE_C } from '../heat/data/cuts';
import { inOrder, type PlacedItem } from '../moments/place';
import type { FoodKind } from '../pantry/food';
import type { Fill } from '../pot/layers';
import type { LiquidSum } from '../pot/liquid';
import type { Pot } from '../pot/pot';
import { formatDuration, formatMass, formatTemp, formatVolume } from '../quantity/format';
import { around, exactly, sumRanges, type Range } from '../quantity/range';
import { DAIRY } from '../sauce/data/dairy';
import { thicknessOf } from '../sauce/data/thickeners';
import { glazeDown } from '../sauce/glaze';
import { eatenG, freeFatG, saltG, sugarG } from '../sauce/present';
import { saltView } from '../sauce/salt';
import { BOIL_OFF_G_PER_MIN, reduceTo } from '../sauce/dose';
import { planDairy } from '../sauce/temper';
import { MEAT_PREP_PER_KG, PREP_MIN, WORK } from './data/work';
import type { Kitchen } from './kitchen';
import { decider, type MeatPiece, type PlantPiece } from './meat';

/** Stretches of the cook, in order; the ribbon shows one block for each. */
export const PHASES = [
  'prep',
  'sear',
  'soften',
  'deglaze',
  'up',
  'hold',
  'down',
  'again',
  'open',
  'thicken',
  'dairy',
  'finish',
] as const;
export type Phase = (typeof PHASES)[number];

/** One ingredient at the step where it is used. */
export interface StepItem {
  lineId: string;
  amount: string;
  name: string;
  note: string;
}

/** One thing to do at the pot, in the cook's words. */
export interface Step {
  id: string;
  phase: Phase;
  /** What kind of screen it wants: most are `do`. */
  kind: 'do' | 'comeUp' | 'hold' | 'release' | 'open' | 'meat' | 'measure' | 'thicken' | 'serve';
  title: string;
  text: string;
  items: StepItem[];
  heat: string;
  timer: { name: string; seconds: number } | null;
  durationS: Range;
  /** True when it needs hands; false when the cook is free. */
  hands: boolean;
  look: string;
  cautions: string[];
  /** A question that is asked, not assumed. */
  check: string | null;
}

/** Longest boiling down that is planned; beyond it a slurry is the better way. */
const MOST_REDUCING_MIN = 30;

/** What the steps are made from. */
export interface StepInput {
  dish: Dish;
  kitchen: Kitchen;
  rules: HouseRules;
  pot: Pot;
  items: readonly PlacedItem[];
  meat: readonly MeatPiece[];
  kinds: readonly (MeatPiece | PlantPiece)[];
  liquid: LiquidSum;
  fill: Fill;
  heat: HeatForecast;
  release: 'quick' | 'ten' | 'natural';
  batches: number;
  /** Thickness the sauce has before anything is added, per cent. */
  presentPercent: number;
}

const CAUTIONS = {
  fit: 'Never above the pot’s maximum line: usually two thirds, half for food that swells or foams.',
  hotFat: 'Hot fat. A thin film is enough: a pressure cooker is not a pressure fryer.',
  rawPoultry: 'Raw poultry: own board, own plate, wash hands, do not rinse it.',
  rawMeat: 'Raw meat: own board and plate, wash hands.',
  seal: 'Ring seated, vent clear, valve on seal. A damaged ring, valve or lid is not used: your pot’s manual comes first.',
  stovetop: 'Do not leave a stovetop cooker unattended on high heat.',
  steam: 'Steam burns. Long spoon, hand and face away from the vent, not under a cupboard.',
  foam: 'Starchy or foaming food: no quick release from a pot over half full.',
  open: 'Only when the pin is down and the lid turns freely. Never force it. Tilt the far edge up first.',
  frozen: 'Fused lumps heat too slowly to predict: separate or thaw them first.',
  sugar: 'Boiling sugar burns skin and the floor of the pot: stir, low heat.',
  leftovers:
    'Leftovers: into the refrigerator within 2 hours, shallow; reheat to 74 °C all through; eat within 3–4 days.',
  cleanPlate: 'Cooked meat goes to a clean plate, never the one it was raw on.',
  kidney: 'Raw kidney beans are boiled hard for ten minutes first.',
} as const;

const minutes = (value: number, spread: number = WORK.spread): Range => around(value * 60, spread);
const kindOf = (item: PlacedItem): FoodKind | undefined => item.read.food?.kind;

/** A line as it is said at the step: amount, name, and what part of it. */
export function stepItem(item: PlacedItem): StepItem {
  const amount = item.read.amount ? formatAmount(item.read.amount, item.factor) : '';
  const name = item.read.foodText.replace(/^of\s+/, '').trim() || item.line.text;
  const after = item.read.text.includes(',')
    ? item.read.text.slice(item.read.text.indexOf(',') + 1).trim()
    : '';
  const juice =
    item.read.food?.kind === 'citrus' && /juice/i.test(item.read.text) && !/juice/i.test(name) ? 'juice' : '';
  const taste = item.read.toTaste && !/taste/.test(after) ? 'to taste' : '';
  const note = [item.part, juice, taste, item.read.foodText.includes(after) ? '' : after]
    .filter(Boolean)
    .join(', ')
    .slice(0, 80);
  return { lineId: item.lineId, amount, name, note };
}

const MARINADE: Record<HouseRules['marinade'], string> = {
  none: '',
  prep: 'House rule: season the meat first, so that it stands while the rest is cut. ',
  overnight: 'House rule: the meat comes out of its marinade; wipe it, or it burns on the floor. ',
};

/** Poultry, pork and mince are measured whatever the house rule says. */
function byLook(main: MeatPiece, rules: HouseRules): boolean {
  return rules.doneWhen === 'look' && main.cut.safe === 'whole' && !main.cut.id.startsWith('pork');
}

/** Whole boneless pieces that the household shreds after pressure. */
function isShredded(main: MeatPiece, rules: HouseRules): boolean {
  return rules.pieceSize === 'whole' && !main.cubed && main.boneless && main.thicknessMm >= 28;
}

function skimWords({ rules, items, kitchen }: StepInput): string {
  const fatG = freeFatG(items);
  if (rules.fat === 'keep' || fatG < 10) return 'Stir. ';
  const left = rules.fat === 'pour' ? fatG / 2 : fatG;
  return `Let it stand a minute and spoon off the fat: about ${formatMass(left, kitchen.units)} is floating free. `;
}

/** Where the salt stands by the sum, and how much more could be right: said where it is tasted. */
function saltWords({ items, dish, kitchen }: StepInput): string {
  const view = saltView(saltG(items), eatenG(items), dish.plates, kitchen.needs.includes('low-salt'));
  const has = `By the sum it has ${view.percent.low.toFixed(1)}–${view.percent.high.toFixed(1)} % salt`;
  if (view.toTargetG < 1) return `${has}: probably no more.`;
  return `${has}; a quarter teaspoon moves it by ${view.quarterTspMoves.toFixed(2)} %, up to ${formatMass(view.toTargetG, kitchen.units)} may be missing.`;
}

/** Minutes of preparation, from what is there to peel, chop and weigh. */
export function prepMinutes(items: readonly PlacedItem[], meat: readonly MeatPiece[]): number {
  let total: number = WORK.getOutMin;
  for (const item of items) {
    const row = PREP_MIN[kindOf(item) ?? 'other'];
    if (row && item.partIndex === 0 && !item.read.canned && !item.read.frozen)
      total += row.each + row.perKg * (item.massG.mid / 1000);
  }
  for (const m of meat) {
    const ground = isLoose(m.cut) || m.cut.id === 'sausage';
    total +=
      (m.massG / 1000) *
      (m.frozen || ground ? MEAT_PREP_PER_KG.ready : m.cubed ? MEAT_PREP_PER_KG.cube : MEAT_PREP_PER_KG.trim);
  }
  return Math.max(3, total);
}

/** The hold counted in whistles, for a pot that has them; empty for one that has not. */
export function whistles(pot: Pick<Pot, 'whistleMin'>, holdS: number): string {
  if (pot.whistleMin === null) return '';
  const n = 1 + Math.round(holdS / 60 / pot.whistleMin);
  return `About ${n} ${n === 1 ? 'whistle' : 'whistles'} on low heat, the first when it comes to pressure; the clock is surer. `;
}

/** The whole cook as steps, from getting things out to the table, each with its amounts, time, look and caution. */
export function buildSteps(input: StepInput): Step[] {
  const { dish, kitchen, items, meat, heat, pot, release, batches } = input;
  const at = (moment: Moment): PlacedItem[] => inOrder(items, moment);
  const say = (list: readonly PlacedItem[]): StepItem[] => list.map(stepItem);
  const temp = (c: number): string => formatTemp(c, kitchen.units);
  const main = meat[0];
  const checked = decider(input.kinds, heat);
  const steps: Step[] = [];
  const add = (id: string, phase: Phase, title: string, text: string, over: Partial<Step> = {}): void => {
    steps.push({
      id,
      phase,
      kind: 'do',
      title,
      text,
      items: [],
      heat: '',
      timer: null,
      durationS: minutes(1),
      hands: true,
      look: '',
      cautions: [],
      check: null,
      ...over,
    });
  };

  const poultry = meat.some((m) => m.cut.safe === 'poultry');
  const prepCautions = [
    ...(poultry ? [CAUTIONS.rawPoultry] : meat.length ? [CAUTIONS.rawMeat] : []),
    ...(meat.some((m) => m.frozen) ? [CAUTIONS.frozen] : []),
    ...(items.some((i) => /dried kidney|dried bean/.test(i.read.text)) ? [CAUTIONS.kidney] : []),
  ];
  add(
    'prep',
    'prep',
    'Get everything ready',
    `${MARINADE[input.rules.marinade]}Weigh into bowls by when they go in: all the ground spices in one bowl. What is held back stays together on a tray, away from the pot.`,
    {
      items: say(items.filter((i) => i.moment !== 'serve')),
      durationS: minutes(prepMinutes(items, meat)),
      cautions: prepCautions,
      look: 'Everything cut, nothing left to find.',
    },
  );

  const sear = at('sear');
  const meatSear = sear.filter(
    (i) => meat.some((m) => m.item.lineId === i.lineId) || kindOf(i) === 'cured-meat',
  );
  const aromatics = at('aromatics');
  const bloom = at('bloom');
  const needsHeat = sear.length + aromatics.length + bloom.length > 0;
  if (needsHeat) {
    const fat = sear.filter((i) => kindOf(i) === 'oil' || kindOf(i) === 'butter');
    const rest = sear.filter((i) => !fat.includes(i));
    const where = input.rules.browning === 'pan' ? 'a wide pan beside the pot' : 'the pot';
    if (meatSear.length) {
      const many =
        batches > 1
          ? ` ${batches} batches, one layer touching the floor each time.`
          : ' One layer, touching the floor.';
      add(
        'sear',
        'sear',
        `Sear ${main?.label ?? 'the meat'}`,
        `Heat ${where} on high with the fat, then brown.${many} Leave it alone until it lets go, turn once, then out onto a plate.${input.rules.fat === 'pour' ? ' Pour off all but a spoonful of the fat into a cup, never down the sink.' : ''}`,
        {
          items: say([...fat, ...rest]),
          heat: 'high',
          timer: { name: 'Sear, each batch', seconds: WORK.searBatchMin * 60 },
          durationS: minutes(WORK.heatPotMin + batches * WORK.searBatchMin, 0.2),
          look: 'Deep brown on two sides; the middle is still raw.',
          cautions: [CAUTIONS.hotFat],
        },
      );
    } else if (rest.length || fat.length) {
      add('heat', 'sear', 'Heat the pot', 'On medium, with the fat, until it shimmers.', {
        items: say(sear),
        heat: 'medium',
        durationS: minutes(WORK.heatPotMin, 0.2),
        cautions: [CAUTIONS.hotFat],
      });
    }
  }
  if (aromatics.length)
    add(
      'soften',
      'soften',
      'Soften',
      'Heat down to medium. Onions first with a pinch of salt; garlic, ginger and chilli for the last minute.',
      {
        items: say(aromatics),
        heat: 'medium',
        timer: { name: 'Soften', seconds: WORK.softenMin * 60 },
        durationS: minutes(WORK.softenMin, 0.25),
        look: 'Soft and glassy, not browned at the edges.',
      },
    );
  if (bloom.length)
    add(
      'bloom',
      'soften',
      'Bloom the spices',
      'Heat low or off. The whole bowl at once, stirring all the time; have the liquid in your other hand.',
      {
        items: say(bloom),
        heat: 'low',
        timer: { name: 'Bloom', seconds: 40 },
        durationS: minutes(WORK.bloomMin, 0.3),
        look: 'Smells open; not darker. The moment it darkens, pour.',
      },
    );
  const deglaze = at('deglaze');
  const film = meatSear.length > 0 && input.rules.browning === 'pot';
  if (deglaze.length || film)
    add(
      'deglaze',
      'deglaze',
      'Deglaze and scrape',
      `Pour in${deglaze.length ? '' : ' a splash of the stock'}, flat spoon, scrape the whole floor.${deglaze.some((i) => kindOf(i) === 'wine' || kindOf(i) === 'spirit') ? ' Boil it by half.' : ''}`,
      {
        items: say(deglaze),
        heat: 'high',
        durationS: minutes(WORK.deglazeMin, 0.3),
        look: 'No stuck spot anywhere under the spoon.',
        check:
          pot.liner === 'non-stick'
            ? 'Is the floor scraped clean (wood or silicone only)?'
            : 'Is the floor scraped clean, with no stuck spot left?',
      },
    );

  const lid = at('lid').filter((i) => !i.line.later);
  const later = at('lid').filter((i) => i.line.later);
  const order = input.fill.layers.map((l) => l.label).join(', then ');
  const bowl = input.fill.layers.some((l) => l.id === 'bowl')
    ? ' The bowl goes on the rack last, loosely covered.'
    : '';
  const top = input.fill.layers.some((l) => l.id === 'tomato')
    ? ' The thick things go on top and are not stirred in.'
    : '';
  add(
    'load',
    'deglaze',
    'Load the pot',
    `${input.rules.browning === 'pot' ? 'Heat off. ' : ''}Bottom to top: ${order || 'liquid first'}.${top}${bowl} Thin liquid in the pot: ${formatVolume(input.liquid.countedMl.mid, kitchen.units)} counted, ${formatVolume(input.liquid.needMl, kitchen.units)} needed.`,
    {
      items: say(lid),
      heat: 'off',
      durationS: minutes(WORK.loadMin, 0.3),
      cautions: [CAUTIONS.fit],
      check: `Is the top below the line (${input.fill.foaming.length ? 'half' : 'two thirds'})?`,
    },
  );
  const pressureName = dish.settings.pressure === 'low' ? 'low' : 'high';
  add(
    'seal',
    'up',
    'Close and set',
    `Lid locked. ${pot.kind === 'electric' ? `${pressureName === 'low' ? 'Low' : 'High'} pressure, ${formatDuration(heat.holdS)}.` : 'Full heat until the pin rises, then low for the rest.'}`,
    {
      heat: 'pressure',
      durationS: minutes(WORK.sealMin, 0.3),
      cautions: [CAUTIONS.seal],
      check: 'Ring seated, vent clear, valve on seal?',
    },
  );
  add(
    'up',
    'up',
    'Coming up to pressure',
    'Nothing to do here: the pot drives its air out, then the pin rises. Tap when it does.',
    {
      kind: 'comeUp',
      heat: 'pressure',
      durationS: heat.comeUpS,
      hands: false,
      look: 'Wisps, then a steady jet, then the pin.',
      cautions: pot.kind === 'stovetop' ? [CAUTIONS.stovetop] : [],
    },
  );
  add(
    'hold',
    'hold',
    `Hold ${formatDuration(heat.holdS)}`,
    `${whistles(pot, heat.holdS)}At about ${temp(heat.workingC)}. Use the wait: rice, salad, garnish, and stir the slurry’s bowl ready.`,
    {
      kind: 'hold',
      heat: pot.kind === 'stovetop' ? 'low' : 'pressure',
      timer: { name: 'Under pressure', seconds: heat.holdS },
      durationS: exactly(heat.holdS),
      hands: false,
      cautions: pot.kind === 'stovetop' ? [CAUTIONS.stovetop] : [],
    },
  );
  const releaseText = {
    quick: 'Vent now, all of it.',
    ten: 'Leave it ten minutes, then vent the rest. Those ten minutes are cooking minutes.',
    natural:
      'Leave it until the pin drops by itself. These are cooking minutes: venting early leaves big pieces tough.',
  }[release];
  add(
    'release',
    'down',
    release === 'quick' ? 'Quick release' : release === 'ten' ? 'Ten minutes, then vent' : 'Natural release',
    `Heat off. ${releaseText}`,
    {
      kind: 'release',
      heat: 'off',
      timer: release === 'ten' ? { name: 'Coming down', seconds: 600 } : null,
      durationS: heat.releaseS,
      hands: release === 'quick',
      look: 'The pin drops.',
      cautions: [
        ...(release === 'natural' ? [] : [CAUTIONS.steam]),
        ...(input.fill.foaming.length ? [CAUTIONS.foam] : []),
      ],
    },
  );
  if (dish.settings.keepWarmMin)
    add(
      'warm',
      'down',
      'Keep warm',
      `Leave the lid on. Keep-warm stays above 60 °C; not for long with dairy in it.`,
      {
        timer: { name: 'Keep warm', seconds: dish.settings.keepWarmMin * 60 },
        durationS: exactly(0),
        hands: false,
      },
    );
  if (later.length && heat.second) {
    const { second } = heat;
    const under = second.then === 'pressure';
    const hold = formatDuration(second.holdS);
    add(
      'open-between',
      'again',
      'Open in between',
      `When the pin is down. Stir once over the floor, then add what was kept for now.`,
      {
        items: say(later),
        durationS: minutes(WORK.openMin + WORK.addAgainMin, 0.3),
        cautions: [CAUTIONS.open],
        check: 'Is the pin down, and does the lid turn freely?',
        look: 'Still thin, nothing stuck to the floor. What is held back stays on its tray.',
      },
    );
    add(
      'again',
      'again',
      under ? `Close again: ${hold} under pressure` : `Simmer ${hold}`,
      under
        ? `Lid on, valve on seal, ${hold}. It is hot and comes up in about ${formatDuration(second.comeUpS.mid)}.`
        : 'Lid off or resting open, low to medium, just moving.',
      {
        heat: under ? 'pressure' : 'low',
        timer: {
          name: under ? 'Second lid, up and hold' : 'Simmer',
          seconds: Math.round(second.holdS + second.comeUpS.mid),
        },
        durationS: sumRanges([second.comeUpS, exactly(second.holdS)]),
        hands: false,
        cautions: under ? [CAUTIONS.seal] : [],
        check: under ? 'Ring seated, vent clear, valve on seal?' : null,
      },
    );
    if (under)
      add('again-release', 'again', 'Vent', 'Heat off. Vent it all.', {
        heat: 'off',
        durationS: second.releaseS,
        look: 'The pin drops.',
        cautions: [CAUTIONS.steam],
      });
  }
  add('open', 'open', heat.second?.then === 'simmer' ? 'Heat off' : 'Open', 'When the pin is down.', {
    kind: 'open',
    durationS: minutes(WORK.openMin, 0.3),
    cautions: [CAUTIONS.open],
    check: 'Is the pin down, and does the lid turn freely?',
  });
  if (main && checked) {
    const safe = checked.safeC;
    add(
      'meat',
      'open',
      `Check the ${checked.label}`,
      `${byLook(checked, input.rules) ? 'House rule: a fork turns in it without effort, and it pulls apart. And if you own one, thermometer' : 'Thermometer'} in the thickest part of one thick piece: ${temp(safe)}.${checked.cut.safe === 'whole' || kitchen.authority === 'uk' ? ` ${SAFE_C[kitchen.authority].note}` : ''} The forecast says about ${temp(heat.coreAtOpenC ?? safe)}, but only the thermometer knows.`,
      {
        kind: 'meat',
        durationS: minutes(WORK.checkMeatMin, 0.3),
        cautions: ['Short of the temperature: back under pressure, or simmer, and measure again.'],
      },
    );
    const shred = isShredded(main, input.rules);
    add(
      'aside',
      'open',
      shred ? 'Set the meat aside and shred it' : 'Set the meat aside',
      `Onto a clean plate, covered, with a slotted spoon. Bay, bones and skins out.${shred ? ' Two forks, along the grain, while it is hot.' : ''}`,
      {
        durationS: minutes(shred ? WORK.setAsideMin + WORK.shredMin : WORK.setAsideMin, 0.3),
        cautions: [CAUTIONS.cleanPlate],
        check: 'Is it a clean plate, not the one it was raw on?',
      },
    );
  }
  if (input.rules.texture === 'blended' || input.rules.thickener === 'blended')
    add(
      'blend',
      'thicken',
      'Blend the sauce',
      'House rule. Off the heat, a stick blender held under the surface, until no piece is left. It thickens: that is counted.',
      {
        heat: 'off',
        durationS: minutes(WORK.blendMin, 0.3),
        look: 'Smooth, and thicker than it was.',
        cautions: [
          'Hot liquid in a closed blender jug blows its lid: half full at most, cloth over, or a stick blender.',
        ],
      },
    );
  if (input.rules.texture === 'strained')
    add(
      'strain',
      'thicken',
      'Strain the sauce',
      'House rule. Through a sieve into a jug, pressing with a ladle.',
      {
        heat: 'off',
        durationS: minutes(WORK.blendMin, 0.3),
        look: 'Clear of pieces; what stays in the sieve has given its flavour.',
        cautions: ['A hot inner pot is lifted with gloves and two hands.'],
      },
    );

  const thicken = at('thicken');
  const dairy = at('dairy');
  const bound = input.rules.thickener !== 'reduce' && dish.settings.aim !== 'brothy';
  const slurry = thicken.filter((i) => ['starch', 'flour', 'gum'].includes(kindOf(i) ?? ''));
  const whisked = thicken.filter((i) => !slurry.includes(i));
  add(
    'measure',
    'thicken',
    'How much sauce is there?',
    `${skimWords(input)}Then weigh the pot, dip a spoon handle, or pour it into a jug.`,
    {
      kind: 'measure',
      heat: 'off',
      items: [],
      durationS: minutes(WORK.measureMin, 0.3),
      cautions: ['A hot inner pot is lifted with gloves and two hands.'],
    },
  );
  if (whisked.length)
    add(
      'whisk',
      'thicken',
      'Whisk in',
      'Loosen each with a ladle of the sauce first, then whisk in at a simmer.',
      { items: say(whisked), heat: 'medium', durationS: minutes(2, 0.3) },
    );
  if (input.rules.thickener === 'reduce' && dish.settings.aim !== 'brothy') {
    const down = reduceTo(
      input.liquid.sauceAfterG.mid,
      input.presentPercent,
      thicknessOf(dish.settings.aim).percent,
    );
    const minutesDown = Math.min(MOST_REDUCING_MIN, Math.max(3, down?.minutes ?? MOST_REDUCING_MIN / 2));
    add(
      'reduce',
      'thicken',
      'Boil it down',
      `House rule: no starch. High, lid off, stirring the floor: about ${formatDuration(minutesDown * 60)}${down ? ` to ${formatVolume(Math.max(down.leftG, input.liquid.sauceAfterG.mid / 3), kitchen.units)}` : ''}. Salt and sharpness rise with it, so season after.`,
      {
        heat: 'high',
        timer: { name: 'Boil down', seconds: Math.round(minutesDown * 60) },
        durationS: minutes(minutesDown, BOIL_OFF_G_PER_MIN.spread),
        look: thicknessOf(dish.settings.aim).spoon,
      },
    );
  }
  if (bound || slurry.length)
    add(
      'thicken',
      'thicken',
      'Thicken at the boil',
      'Bring the sauce to a real boil. Stir the slurry again, pour it in a stream, stirring, and let it boil.',
      {
        kind: 'thicken',
        items: say(slurry).map((i) => ({ ...i, amount: 'as sized' })),
        heat: 'high',
        timer: { name: 'Boil the slurry', seconds: 120 },
        durationS: minutes(WORK.toBoilMin + WORK.stirSlurryMin + 2, 0.3),
        look: 'It must really boil: below that it does not thicken and tastes raw.',
      },
    );
  const sauceG = Math.max(100, input.liquid.sauceAfterG.mid);
  const sharp = items.some(
    (i) => (kindOf(i) === 'vinegar' || kindOf(i) === 'wine') && i.moment === 'deglaze',
  );
  for (const item of dairy) {
    const cls = item.read.food?.dairy;
    if (!cls) {
      add(
        `dairy-${item.lineId}-${item.part ? 'b' : 'a'}`,
        'dairy',
        `Stir in ${item.read.foodText}`,
        'Off the boil, stirring.',
        { items: say([item]), heat: 'low', durationS: minutes(WORK.dairyMin, 0.3) },
      );
      continue;
    }
    const d = planDairy(cls, item.massG.mid, sauceG, { bound, sharp, boilsC: heat.boilsAtC });
    const wait =
      d.waitS > 20
        ? `Heat off. Wait until the sauce is ${temp(d.waitToC)}: about ${formatDuration(d.waitS)}. `
        : d.waitToC >= heat.boilsAtC - 1
          ? 'Heat down. '
          : '';
    const temper =
      d.temperWithG > 0
        ? `Whisk about ${formatVolume(d.temperWithG, kitchen.units)} of hot sauce into it first (${temp(d.temperedC)}), then all of it into the pot. `
        : '';
    add(
      `dairy-${item.lineId}-${item.part ? 'b' : 'a'}`,
      'dairy',
      `${cls.endsWith('cheese') && cls !== 'cream-cheese' ? 'Melt in' : 'Stir in'} the ${DAIRY[cls].name}`,
      `${wait}${temper}${d.temperWithG > 0 ? '' : 'Slowly, stirring. '}${d.note}`,
      {
        items: say([item]),
        heat: 'off',
        timer:
          d.waitS > 20 ? { name: `Cool for the ${DAIRY[cls].name}`, seconds: Math.round(d.waitS) } : null,
        durationS: sumRanges([around(d.waitS, 0.33), minutes(WORK.dairyMin, 0.3)]),
        look: 'Smooth. If grains show, it is too hot: off the heat and whisk.',
      },
    );
  }
  const finish = at('finish');
  const group = (
    id: string,
    kinds: readonly FoodKind[],
    title: string,
    text: string,
    min: number,
    heatWord: string,
    look: string,
    cautions: string[] = [],
  ): void => {
    const mine = finish.filter((i) => kinds.includes(kindOf(i) ?? 'other'));
    if (mine.length)
      add(id, 'finish', title, text, {
        items: say(mine),
        heat: heatWord,
        timer: min >= 2 ? { name: title, seconds: min * 60 } : null,
        durationS: minutes(min, 0.3),
        look,
        cautions,
      });
  };
  group(
    'pasta',
    ['pasta'],
    'Boil the pasta in the sauce',
    'At a steady boil, stirring. It drinks and thickens: loosen with hot water if it catches.',
    WORK.pastaMin,
    'medium',
    'Tender with a bite.',
  );
  group(
    'quick',
    ['quick-veg', 'root-veg', 'slow-veg', 'mushroom', 'fruit'],
    'Quick vegetables',
    'Simmer in the sauce until just done.',
    WORK.quickVegMin,
    'medium',
    'Bright and just tender.',
  );
  group(
    'seafood',
    ['seafood'],
    'Fish or shellfish',
    'Into barely simmering sauce.',
    WORK.seafoodMin,
    'low',
    'Opaque through.',
  );
  group(
    'leaves',
    ['leaf'],
    'Leaves',
    'Stir in by handfuls until they wilt.',
    WORK.leafMin,
    'low',
    'Just wilted.',
  );
  if (main || finish.some((i) => /meat|poultry|sausage/.test(kindOf(i) ?? '')))
    add('back', 'finish', 'Meat back in', 'With its juices, to coat and heat through.', {
      items: say(finish.filter((i) => /meat|poultry|sausage/.test(kindOf(i) ?? ''))),
      heat: 'low',
      durationS: minutes(1, 0.3),
    });
  const glaze = glazeDown(
    sauceG,
    sugarG(items),
    meat.reduce((s, m) => s + m.massG, 0),
  );
  const glazeMin = Math.min(MOST_REDUCING_MIN, Math.max(WORK.glazeMin, Math.round(glaze.minutes)));
  group(
    'glaze',
    ['sugar', 'syrup', 'thick-sauce'],
    'Build the glaze',
    `Stir in and boil down, stirring all the time: about ${formatDuration(glazeMin * 60)} until it sticks${glaze.latestMin > glazeMin + 1 ? `, and no longer than ${formatDuration(glaze.latestMin * 60)}` : ''}. Large slow bubbles; a spoon drawn over the floor leaves it bare for a moment.`,
    glazeMin,
    'medium',
    'Falls from the spoon in a sheet, shines, sticks.',
    [CAUTIONS.sugar],
  );
  const last = finish.filter(
    (i) => !steps.some((s) => s.phase === 'finish' && s.items.some((x) => x.lineId === i.lineId)),
  );
  add(
    'season',
    'finish',
    'Off the heat: sharp, green, salt',
    `Lemon or vinegar, herbs, butter for shine. Taste, then salt by the pinch. ${saltWords(input)}`,
    {
      items: say(last),
      heat: 'off',
      durationS: minutes(WORK.finishMin, 0.3),
      look: 'It should taste of itself, bright at the end.',
    },
  );
  add(
    'serve',
    'finish',
    'To the table',
    `It thickens about another third on the plate. ${formatMass(items.filter((i) => i.moment !== 'serve').reduce((s, i) => s + i.massG.mid, 0) / Math.max(1, dish.plates), kitchen.units)} a plate, near enough.`,
    {
      kind: 'serve',
      items: say(at('serve')),
      durationS: minutes(WORK.serveMin, 0.3),
      cautions: [CAUTIONS.leftovers],
    },
  );
  return steps;
}
