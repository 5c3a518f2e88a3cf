import type { SafeClass } from './cuts';

/** Times at a temperature that an authority publishes for one class of meat: °C and seconds, falling. */
export interface LethalityTable {
  points: readonly (readonly [tempC: number, seconds: number])[];
  source: string;
  spread: number;
}

const UK: LethalityTable = {
  points: [
    [60, 45 * 60],
    [65, 10 * 60],
    [70, 2 * 60],
    [75, 30],
    [80, 6],
  ],
  source: 'UK public advice: 70 °C for two minutes, or these equivalents',
  spread: 0.1,
};

/**
 * Public time-and-temperature figures by authority. Between two rows the logarithm of the time is a straight line; beyond the
 * last row nothing more is credited. Only an account of the simulation: it never replaces the thermometer.
 */
export const LETHALITY: Record<'us' | 'uk', Record<SafeClass, LethalityTable>> = {
  us: {
    poultry: {
      points: [
        [60, 35 * 60],
        [62.8, 13 * 60],
        [65.6, 4.5 * 60],
        [68.3, 54],
        [71.1, 17],
        [74, 2],
      ],
      source: 'US public tables: seven tenfold reductions of Salmonella in chicken; at once from 74 °C',
      spread: 0.15,
    },
    ground: {
      points: [
        [62.8, 4 * 60],
        [65.6, 86],
        [68.3, 22],
        [71.1, 5],
      ],
      source: 'US public figures: 71 °C at once for ground meat, and the equivalents below it',
      spread: 0.2,
    },
    whole: {
      points: [
        [60, 12 * 60],
        [62.8, 3 * 60],
        [65.6, 60],
        [68.3, 22],
        [71.1, 5],
      ],
      source: 'US public figures: 63 °C and a rest of three minutes for whole cuts, and equivalents',
      spread: 0.2,
    },
  },
  uk: { poultry: UK, ground: UK, whole: UK },
};

/** Below this nothing is counted, °C. Source: the coolest temperature the public tables list. */
export const LETHALITY_FROM_C = 55;
