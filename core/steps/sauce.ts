import { shortName } from '../dish/names';
import { inOrder, type PlacedItem } from '../moments/item';
import { formatDuration, formatMass, formatSpoons, formatTemp, formatVolume } from '../quantity/format';
import { around, sumRanges } from '../quantity/range';
import { BINDING, BLOCK, GENTLE, GENTLE_TO_C, type Binding } from '../sauce/data/binding';
import { DAIRY } from '../sauce/data/dairy';
import { nearestThickness, thicknessOf } from '../sauce/data/thickeners';
import { doseFor, isWrittenRight, reduceTo, thicknessAfter } from '../sauce/dose';
import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import { freeFatG } from '../sauce/present';
import { planDairy } from '../sauce/temper';
import { boundWith } from '../pieces/binding';
import { CAUTIONS } from '../kitchen/data/cautions';
import { MOST_REDUCING_MIN, WORK } from '../pieces/data/work';
import {
  bindingOf,
  handwork,
  isBound,
  kindOf,
  sauceOf,
  slurryItems,
  step,
  stepItems,
  type Step,
  type StepInput,
} from './step';

/** The thin sauce becomes the sauce: measured, boiled down or thickened. */
export function stepsForTheSauce(input: StepInput): Step[] {
  return [measuring(input), ...whisking(input), ...reducing(input), ...thickening(input)];
}

/** The dairy, one after the other, into sauce that has stopped boiling: one wait for all of it. */
export function dairying(input: StepInput): Step[] {
  return dairyInTurn(inOrder(input.items, 'dairy'), input).steps;
}

/** Dairy in the order given, each from what the one before it has left, °C; and what the last one leaves. */
export function dairyInTurn(
  list: readonly PlacedItem[],
  input: StepInput,
  fromC?: number,
): { steps: Step[]; fromC: number | undefined } {
  let now = fromC;
  const steps = list.map((item) => {
    const made = dairy(item, input, now);
    now = made.afterC ?? now;
    return made.step;
  });
  return { steps, fromC: now };
}

/** Blended or strained, as the house likes it. */
export function blending({ rules }: StepInput): Step[] {
  const steps: Step[] = [];
  if (rules.texture === 'blended' || rules.thickener === 'blended')
    steps.push(
      step(
        'blend',
        'thicken',
        'Blend the sauce',
        'House rule. Off the heat, a stick blender held under the surface, until no piece is left. It thickens: that is counted.',
        {
          heat: 'off',
          durationS: handwork(WORK.blendMin, 0.3),
          look: 'Smooth, and thicker than it was.',
          cautions: [CAUTIONS.blender],
        },
      ),
    );
  if (rules.texture === 'strained')
    steps.push(
      step(
        'strain',
        'thicken',
        'Strain the sauce',
        'House rule. Through a sieve into a jug, pressing with a ladle.',
        {
          heat: 'off',
          durationS: handwork(WORK.blendMin, 0.3),
          look: 'Clear of pieces; what stays in the sieve has given its flavour.',
          cautions: [CAUTIONS.hotPot],
        },
      ),
    );
  return steps;
}

/** How much there is, before it is bound; the fat is spooned off first, unless cream is in it already. */
export function measuring(input: StepInput, isSkimmed = true): Step {
  return step(
    'measure',
    'thicken',
    'How much sauce is there?',
    `${isSkimmed ? skimWords(input) : 'Stir. '}Then weigh the pot, dip a spoon handle, or pour it into a jug.`,
    {
      kind: 'measure',
      heat: 'off',
      durationS: handwork(WORK.measureMin, 0.3),
      cautions: [CAUTIONS.hotPot],
    },
  );
}

/** So much loose fat is spooned off before cream goes in, g. Source: more than a plate of sauce for four carries unseen; spread 40 %. */
const SKIMMED_FROM_G = 60;

/** The fat off, where the recipe does not say so and cream goes in before the sauce is measured. */
export function skimming(input: StepInput): Step[] {
  if (input.rules.fat === 'keep' || freeFatG(input.items) < SKIMMED_FROM_G) return [];
  return [
    step(
      'skim',
      'thicken',
      'Skim the fat',
      `The recipe does not say so: before the cream. ${skimWords(input).trim()}`,
      {
        heat: 'off',
        durationS: handwork(WORK.measureMin, 0.3),
        cautions: [CAUTIONS.hotPot],
      },
    ),
  ];
}

function skimWords({ rules, items, kitchen }: StepInput): string {
  const fatG = freeFatG(items);
  if (rules.fat === 'keep' || fatG < 10) return 'Stir. ';
  const left = rules.fat === 'pour' ? fatG / 2 : fatG;
  return `Let it stand a minute and spoon off the fat: about ${formatMass(left, kitchen.units)} is floating free. `;
}

/** What is neither starch nor dairy and thickens: nut butter, cream cheese, paste of the cook's own. */
function whisking({ items }: StepInput): Step[] {
  const slurry = slurryItems(items);
  const whisked = inOrder(items, 'thicken').filter((i) => !slurry.includes(i));
  if (!whisked.length) return [];
  return [
    step(
      'whisk',
      'thicken',
      'Whisk in',
      'Loosen each with a ladle of the sauce first, then whisk in at a simmer.',
      { items: stepItems(whisked), heat: 'medium', durationS: handwork(2, 0.3) },
    ),
  ];
}

/** The house that uses no starch boils the sauce down. */
function reducing({ rules, dish, kitchen, liquid, presentPercent }: StepInput): Step[] {
  if (rules.thickener !== 'reduce' || dish.settings.aim === 'brothy') return [];
  const there = liquid.sauceAfterG.mid;
  const aim = thicknessOf(dish.settings.aim);
  const down = reduceTo(there, presentPercent, aim.percent);
  const minutes = Math.min(MOST_REDUCING_MIN, Math.max(3, down?.minutes ?? MOST_REDUCING_MIN / 2));
  return [
    step(
      'reduce',
      'thicken',
      'Boil it down',
      `House rule: no starch. High, lid off, stirring the floor: about ${formatDuration(minutes * 60)}${down ? ` to ${formatVolume(Math.max(down.leftG, there / 3), kitchen.units)}` : ''}. Salt and sharpness rise with it, so season after.`,
      {
        heat: 'high',
        timer: { name: 'Boil down', seconds: Math.round(minutes * 60) },
        durationS: handwork(minutes, BOIL_OFF_G_PER_MIN.spread),
        look: aim.spoon,
      },
    ),
  ];
}

/** How this dish's thickener goes in: by its kind, below the boil where it swells early, in pieces where it is a block. */
export function wayOfBinding(input: StepInput): Binding {
  const thickener = bindingOf(input);
  const isGentle = thickener.how === 'slurry' && thickener.fromC <= GENTLE_TO_C;
  const isBlock = boundWith(input.items, input.rules).lines.some((i) => i.read.food?.id === 'curry-roux');
  return { ...BINDING[thickener.how], ...(isGentle ? GENTLE : {}), ...(isBlock ? BLOCK : {}) };
}

/** The slurry, paste or gum at its heat. */
export function thickening(input: StepInput): Step[] {
  const slurry = slurryItems(input.items);
  if (!isBound(input) && !slurry.length) return [];
  const thickener = bindingOf(input);
  const { lines } = boundWith(input.items, input.rules);
  const { title, text, heat, look, timer } = wayOfBinding(input);
  const seconds = Math.max(WORK.settleS, thickener.simmerS);
  return [
    step('thicken', 'thicken', title, [text, writtenWords(input)].filter(Boolean).join(' '), {
      kind: 'thicken',
      items: stepItems(lines.length ? lines : slurry),
      heat,
      timer: { name: timer, seconds },
      durationS: handwork(WORK.toBoilMin + WORK.stirSlurryMin + seconds / 60, 0.3),
      look,
    }),
  ];
}

/** What the recipe's own dose would make of this sauce, against what is aimed at; empty where it has none. */
function writtenWords({ dosing, thickener, dish, kitchen, rules, items }: StepInput): string {
  if (!dosing?.writtenG || (thickener && thickener !== dosing.thickener)) return '';
  // No kitchen weighs a gram of gum: it is told in spoons.
  const { how, gPerMl } = bindingOf({ rules, thickener, items });
  const say = (g: number): string =>
    how === 'whisk' ? formatSpoons(g / gPerMl) : formatMass(g, kitchen.units);
  const written = say(dosing.writtenG);
  const aim = thicknessOf(dish.settings.aim).name;
  if (isWrittenRight(dosing)) return `The recipe’s ${written} is right for this much sauce: ${aim}.`;
  const makes = nearestThickness(thicknessAfter(dosing, dosing.writtenG)).name;
  const { starchG } = doseFor(dosing);
  const computed = starchG < 1 ? 'none is needed' : `it is about ${say(starchG)}`;
  return makes === aim
    ? `The recipe has ${written}; for ${aim} here ${computed}.`
    : `The recipe’s ${written} would come out ${makes} here; for ${aim} ${computed}. Start with the smaller.`;
}

/** One dairy food: how long the sauce has to cool for it, what it is tempered with, and that it goes in off the boil. */
function dairy(
  item: PlacedItem,
  input: StepInput,
  fromC: number | undefined,
): { step: Step; afterC?: number } {
  const { items, kitchen, heat } = input;
  const cls = item.read.food?.dairy;
  const id = `dairy-${item.lineId}-${item.part ? 'b' : 'a'}`;
  if (!cls)
    return {
      step: step(id, 'dairy', `Stir in ${item.read.foodText}`, 'Off the boil, stirring.', {
        items: stepItems([item]),
        heat: 'low',
        durationS: handwork(WORK.dairyMin, 0.3),
      }),
    };
  const temp = (c: number): string => formatTemp(c, kitchen.units);
  const sharp = items.some(
    (i) => (kindOf(i) === 'vinegar' || kindOf(i) === 'wine') && i.moment === 'deglaze',
  );
  const d = planDairy(cls, item.massG.mid, sauceOf(input), {
    bound: isBound(input),
    sharp,
    boilsC: heat.boilsAtC,
    ...(fromC === undefined ? {} : { fromC }),
  });
  const waits = d.waitS > 20;
  const wait = waits
    ? `Heat off. Wait until the sauce is ${temp(d.waitToC)}: about ${formatDuration(d.waitS)}. `
    : d.waitToC >= heat.boilsAtC - 1
      ? 'Heat down. '
      : '';
  const temper =
    d.temperWithG > 0
      ? `Whisk about ${formatVolume(d.temperWithG, kitchen.units)} of hot sauce into it first (${temp(d.temperedC)}), then all of it into the pot. `
      : 'Slowly, stirring. ';
  const melts = cls.endsWith('cheese') && cls !== 'cream-cheese';
  // Cheddar is not called a hard cheese at the stove.
  const name = melts ? shortName(item.read) : DAIRY[cls].name;
  const made = step(
    id,
    'dairy',
    `${melts ? 'Melt in' : 'Stir in'} the ${name}`,
    `${wait}${temper}${d.note}`,
    {
      items: stepItems([item]),
      heat: 'off',
      timer: waits ? { name: `Cool for the ${name}`, seconds: Math.round(d.waitS) } : null,
      durationS: sumRanges([around(d.waitS, 0.33), handwork(WORK.dairyMin, 0.3)]),
      look: 'Smooth. If grains show, it is too hot: off the heat and whisk.',
    },
  );
  return { step: made, afterC: Math.min(d.afterC, fromC ?? d.afterC) };
}
