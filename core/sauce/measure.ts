import { readNumber } from '../quantity/number';
import { formatVolume } from '../quantity/format';
import { floorAreaCm2, type Pot } from '../pot/pot';

/**
 * Ways of finding out how much sauce there is, each with how far it is usually off, and what a slider of it runs over. Fingers and soup
 * plates are for a kitchen with neither jug nor scale. Source: kitchen trials; spreads relative.
 */
export const MEASURING = [
  {
    id: 'jug',
    label: 'Jug',
    unit: 'ml',
    spread: 0.04,
    example: '750',
    ask: 'Pour it into a jug and read it.',
    from: 50,
    to: 2000,
    step: 25,
  },
  {
    id: 'scale',
    label: 'Scale',
    unit: 'g',
    spread: 0.03,
    example: '1600',
    ask: 'Weigh the pot with the sauce in it.',
    from: 50,
    to: 2500,
    step: 25,
  },
  {
    id: 'depth',
    label: 'Depth',
    unit: 'mm',
    spread: 0.12,
    example: '22',
    ask: 'Stand a spoon handle in it and read how deep.',
    from: 1,
    to: 70,
    step: 1,
  },
  {
    id: 'fingers',
    label: 'Fingers',
    unit: 'fingers',
    spread: 0.2,
    example: '1 1/2',
    ask: 'Hold your fingers to the spoon handle: how many wide is it deep?',
    from: 0.25,
    to: 4,
    step: 0.25,
  },
  {
    id: 'ladles',
    label: 'Ladles',
    unit: 'ladles',
    spread: 0.1,
    example: '6',
    ask: 'Count the ladles as you lift it out and back.',
    from: 0.5,
    to: 16,
    step: 0.5,
  },
  {
    id: 'cups',
    label: 'Cups',
    unit: 'cups',
    spread: 0.07,
    example: '3',
    ask: 'Count it in cups: 2 1/2 is understood.',
    from: 0.25,
    to: 8,
    step: 0.25,
  },
  {
    id: 'plates',
    label: 'Soup plates',
    unit: 'plates',
    spread: 0.2,
    example: '2',
    ask: 'How many soup plates would it fill to where the rim begins?',
    from: 0.5,
    to: 8,
    step: 0.5,
  },
  {
    id: 'forecast',
    label: 'Forecast',
    unit: '',
    spread: 0.12,
    example: '',
    ask: '',
    from: 0,
    to: 0,
    step: 1,
  },
] as const;
export type MeasuringId = (typeof MEASURING)[number]['id'];
export const MEASURING_IDS: readonly MeasuringId[] = MEASURING.map((m) => m.id);

/** What stands round a reading. Grams are millilitres of sauce here. */
export interface MeasuringAid {
  pot: Pot;
  ladleMl: number;
  cupMl: number;
  /** Cooked pieces that are still in the pot: their mass, g; 0 when they are out. */
  piecesG: number;
  /** What the plan expects, g; null without a dish. */
  forecastG: number | null;
}

/** Highest figure that is taken for a reading. */
const MOST = 10_000;
/** A finger of a grown hand is so wide, mm. Source: anthropometric tables, middle finger at its middle joint; spread 12 %. */
const FINGER_MM = 18;
/** A soup plate holds so much to where its rim begins, ml. Source: household crockery; spread 20 %. */
const SOUP_PLATE_ML = 250;
/** Density of cooked meat and vegetables, g/ml. Source: food-engineering tables; spread 4 %. */
const PIECES_G_PER_ML = 1.05;
/** Less sauce than this is not worth a slurry, g. */
const LEAST_G = 10;

/** A reading understood, or what to say about it. */
export type SauceReading = { sauceG: number; spread: number } | { ask: string };

/** What a slider of one way runs over, in its unit: on the scale from the empty pot and its pieces up. */
export function sliderOf(
  way: MeasuringId,
  aid: Pick<MeasuringAid, 'pot' | 'piecesG'>,
): { from: number; to: number; step: number } {
  const { from, to, step } = MEASURING.find((m) => m.id === way) ?? MEASURING[0];
  const emptyG = way === 'scale' ? Math.round((aid.pot.emptyG + aid.piecesG) / step) * step : 0;
  return { from: from + emptyG, to: to + emptyG, step };
}

/**
 * Grams of sauce that a reading means, with how far it may be off; or a sentence that says what is wrong with it in a cook's
 * words. Nonsense is never taken for an amount.
 */
export function readSauce(way: MeasuringId, text: string, aid: MeasuringAid): SauceReading {
  const method = MEASURING.find((m) => m.id === way);
  const spread = method?.spread ?? 0.12;
  const { pot } = aid;
  if (way === 'forecast')
    return aid.forecastG === null
      ? { ask: 'There is no dish to forecast from: measure it.' }
      : { sauceG: aid.forecastG, spread };
  const words = text.trim();
  if (!words) return { ask: method?.ask ?? '' };
  if (/^-/.test(words)) return { ask: 'Less than nothing? A plain figure, please: 750' };
  const value = readPlain(words);
  if (value === null || value <= 0) return { ask: `A plain figure, please: ${method?.example ?? '750'}` };
  if (value > MOST) return { ask: 'That is more than any pot here holds.' };
  const roomMl = pot.litres * 1000;
  const pieces =
    aid.piecesG > 0 ? { massG: aid.piecesG, ml: aid.piecesG / PIECES_G_PER_ML } : { massG: 0, ml: 0 };
  const wider = aid.piecesG > 0 ? spread * 1.5 : spread;
  const fits = (ml: number): SauceReading =>
    ml > roomMl
      ? {
          ask: `That would be ${formatVolume(ml)}, and ${pot.name} holds ${formatVolume(roomMl)}. Is the unit right?`,
        }
      : { sauceG: ml, spread: wider };
  switch (way) {
    case 'jug':
      return fits(value);
    case 'ladles':
      return fits(value * aid.ladleMl);
    case 'cups':
      return fits(value * aid.cupMl);
    case 'plates':
      return fits(value * SOUP_PLATE_ML);
    case 'depth':
    case 'fingers': {
      if (way === 'depth' && value > 300) return { ask: 'Deeper than the pot: in millimetres, please.' };
      const mm = way === 'depth' ? value : value * FINGER_MM;
      const ml = (floorAreaCm2(pot) * mm) / 10 - pieces.ml;
      return ml > LEAST_G
        ? fits(ml)
        : { ask: 'The pieces alone would stand that deep: lift them out and measure again.' };
    }
    case 'scale': {
      const sauceG = value - pot.emptyG - pieces.massG;
      if (sauceG > LEAST_G) return fits(sauceG);
      return {
        ask:
          pieces.massG > 0
            ? `The empty ${pot.name} and the pieces weigh ${Math.round(pot.emptyG + pieces.massG)} g: nothing would be left.`
            : `The empty ${pot.name} weighs ${Math.round(pot.emptyG)} g: nothing would be left.`,
      };
    }
  }
}

/** A plain figure or a fraction with nothing after it, or null. */
function readPlain(words: string): number | null {
  if (!/^[\d.,/⁄\s¼½¾⅐-⅞]+$/.test(words)) return null;
  const read = readNumber(words);
  return read && read.rest.trim() === '' && read.min === read.max && Number.isFinite(read.min)
    ? read.min
    : null;
}
