import { formatMass, formatSpoons, formatTemp, formatVolume, type DisplayUnits } from '../quantity/format';
import { type Dose, type DoseInput, doseFor } from './dose';
import { SALT_SHARE } from './present';
import { dilutionG, SALT_FIGURES } from './salt';
import { mixedC } from './temper';

export const RESCUES = [
  'too-thick',
  'lumpy',
  'split',
  'greasy',
  'too-salty',
  'too-sharp',
  'scorched',
] as const;
export type RescueId = (typeof RESCUES)[number];

export const RESCUE_NAMES: Record<RescueId, string> = {
  'too-thick': 'Too thick',
  lumpy: 'Lumpy',
  split: 'Split or grainy',
  greasy: 'Greasy',
  'too-salty': 'Too salty',
  'too-sharp': 'Too sharp',
  scorched: 'It caught',
};

/** What stands in the pot when something went wrong. */
export interface RescueInput {
  dose: DoseInput;
  /** What has been stirred in so far, g. */
  stirredG: number;
  /** Salt in the sauce, g. */
  saltG: number;
  fatG: number;
  lowSalt: boolean;
  noDairy: boolean;
  units: DisplayUnits;
}

/** What to do about it, in order, with amounts. */
export interface Rescue {
  id: RescueId;
  steps: string[];
  caution: string;
}

/** Lumps hold this share of what was stirred in. Source: kitchen judgement; spread 50 %. */
const LOST_IN_LUMPS = 0.3;
/** A split sauce comes together below this, °C. */
const CALM_C = 75;
/** Fat a spoonful of skimming lifts, g. */
const SKIMMED_G = 12;
/** Lemon juice or vinegar that a pinch of baking soda (0.3 g) takes away, g: 3.6 mmol against 0.8 mmol a gram. Spread 15 %. */
const PINCH_TAKES_G = 4.5;
/** More pinches than this taste of soap. */
const MOST_PINCHES = 4;
/** Sugar that rounds off a sharp sauce, g for 100 g at full sharpness. Source: kitchen judgement; spread 50 %. */
const SUGAR_PER_100 = 0.6;
/** Vinegar or lemon in a fully sharp sauce, share; as `sharpnessOf` counts it. */
const FULLY_SHARP = 0.25;

/** The splash that takes a sauce from what it has to what is wanted, g. */
export function loosenFrom(sauceG: number, percent: number, aimPercent: number): number {
  return aimPercent > 0 ? Math.max(0, (sauceG * percent) / aimPercent - sauceG) : 0;
}

/** Starch that keeps the thickness when a splash goes in. */
function keepThick(input: RescueInput, splashG: number): Dose {
  return doseFor({
    ...input.dose,
    sauceG: input.dose.sauceG + splashG,
    presentPercent: (input.dose.presentPercent * input.dose.sauceG) / (input.dose.sauceG + splashG),
  });
}

/** A rescue for what went wrong, with amounts from this pot. `seenPercent` is what the spoon shows now. */
export function rescue(id: RescueId, input: RescueInput, seenPercent: number): Rescue {
  const { units } = input;
  const { sauceG, aimPercent } = input.dose;
  const ml = (g: number): string => formatVolume(g, units);
  switch (id) {
    case 'too-thick': {
      const splash = loosenFrom(sauceG, seenPercent, aimPercent);
      return {
        id,
        steps:
          splash > 5
            ? [
                `Stir in ${ml(splash / 2)} hot stock or water, look, then as much again: ${ml(splash)} in all.`,
                'Taste for salt afterwards: the splash thins that too.',
              ]
            : [
                'It is about as thick as you wanted. It thickens another third on the plate: a spoonful of hot water is enough.',
              ],
        caution: '',
      };
    }
    case 'lumpy': {
      const lost = input.stirredG * LOST_IN_LUMPS;
      return {
        id,
        steps: [
          'Off the heat. Pour it through a sieve and press; or a stick blender, held under the surface.',
          lost > 0.5
            ? `Strained lumps take about ${formatMass(lost, units)} of the starch with them: stir that much fresh into cold water and boil it in.`
            : 'Bring it back to the boil and judge it then.',
          'Next time: cold water, stirred again just before it goes in, in a stream, into sauce that really boils.',
        ],
        caution: 'Blending hot liquid: head under the surface, or vent the lid of a jug.',
      };
    }
    case 'split': {
      const splash = Math.max(30, sauceG * 0.06);
      const after = mixedC(sauceG, 92, splash, 4);
      const bind = (sauceG * 0.5) / 100;
      return {
        id,
        steps: [
          `Heat off at once. Whisk in ${ml(splash)} ${input.noDairy ? 'ice-cold water' : 'cold cream'}: that brings it to about ${formatTemp(after, units)}; wait for ${formatTemp(CALM_C, units)}.`,
          `Still grainy: ${formatSpoons(bind / 0.54)} starch (${formatMass(bind, units)}) in cold water, warmed through without boiling, whisking.`,
          'Last: a stick blender for half a minute. It will be smooth, if a little thinner.',
        ],
        caution: 'Blending hot liquid: head under the surface, or vent the lid of a jug.',
      };
    }
    case 'greasy': {
      const spoons = Math.max(1, Math.round(input.fatG / SKIMMED_G));
      return {
        id,
        steps: [
          `About ${formatMass(input.fatG, units)} of fat may be floating: let it stand two minutes, heat off, and lift ${spoons === 1 ? 'one spoonful' : `${spoons} spoonfuls`} from the edge.`,
          'In a hurry: draw a ladle filled with ice over the surface; the fat sets on its underside.',
          'What is left binds with a little starch at the boil, or a whisk of mustard.',
        ],
        caution: 'Hot fat into a tin, never down the sink.',
      };
    }
    case 'too-salty': {
      const wanted = input.lowSalt ? SALT_FIGURES.lowShare.value : SALT_SHARE.high;
      const splash = dilutionG(input.saltG, sauceG, wanted * 1.1);
      const starch = keepThick(input, splash).starchG - doseFor(input.dose).starchG;
      return {
        id,
        steps:
          splash > 10
            ? [
                `Lift out sauce you do not need, and put in ${ml(splash)} unsalted stock or water${input.noDairy ? '' : ', or part of it cream'}: that brings it to ${(100 * wanted).toFixed(1)} %.`,
                starch > 0.5
                  ? `That thins it: ${formatSpoons(starch / 0.54)} more starch keeps it where it was.`
                  : 'It hardly thins it.',
                'Unsalted rice, potatoes or bread beside it do the rest. Potatoes boiled in it take up sauce, salt and all: they do not pull it out.',
              ]
            : [
                'By the sum it is not over-salted: perhaps it wants something sharp or sweet, or more sauce with each mouthful.',
              ],
        caution: '',
      };
    }
    case 'too-sharp': {
      const sharp = Math.max(0.2, input.dose.sharpness ?? 0.5);
      const sugar = (sauceG / 100) * SUGAR_PER_100 * sharp;
      const acidG = sauceG * FULLY_SHARP * sharp;
      const pinches = Math.max(1, Math.min(MOST_PINCHES, Math.round((acidG * 0.2) / PINCH_TAKES_G)));
      return {
        id,
        steps: [
          `${formatSpoons(sugar / 0.85)} sugar (${formatMass(sugar, units)}), dissolved, then taste.`,
          input.noDairy
            ? 'Butter is out here: a spoon of oil or nut paste rounds it too.'
            : 'A knob of butter or a spoon of cream rounds it.',
          `Very sharp: baking soda, a pinch at a time. Each takes about a teaspoon of the lemon or vinegar; ${pinches === 1 ? 'one is' : `${pinches} are`} enough here, more tastes of soap. It foams, and adds a little salt.`,
        ],
        caution: '',
      };
    }
    case 'scorched':
      return {
        id,
        steps: [
          'Heat off. Do not stir and do not scrape: what is stuck stays stuck.',
          'Pour the top off into a clean pot, leave the last centimetre behind, and taste it there.',
          'Bitter: it does not cook out. Smoky only: a spoon of tomato, mustard or sugar covers it.',
        ],
        caution:
          'Under the lid: cancel, let the pressure fall by itself, open, then look. Do not restart on a scorched floor.',
      };
  }
}
