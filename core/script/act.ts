import type { Stage } from './data/verbs';

/** One thing done in a dish, to which lines, in the recipe's own words. */
export interface Act {
  id: string;
  /** An id of the table of verbs, or `close`, `hold`, `release`, `open` for what the pot does. */
  verb: string;
  stage: Stage;
  /** Lines that come in here, by position, each with its share. */
  lines: { index: number; share: number }[];
  /** Lines it is done to that are there already. */
  again: number[];
  /** Minutes the recipe gives; null where it gives none. */
  minutes: number | null;
  /** What to look for, where its own clause says "until". */
  until?: string;
  /** The recipe's own words. */
  words: string;
  /** Which lid it belongs to: 0 up to the first, 1 after it has been opened, and so on. */
  run: number;
  where: 'pot' | 'pan';
}

/** "Cut the beef into 4 cm cubes": how a line is cut, by its position. */
export interface SizeTold {
  index: number;
  thicknessMm: number | null;
  isCubed: boolean;
}

/** A method as acts in its own order. */
export interface Script {
  acts: Act[];
  /** True when the recipe is for the stove, the oven or the slow pot, and its long cooking became the lid. */
  isConverted: boolean;
  /** How meat is cut by the method's own words, where its line does not say. */
  sizes: readonly SizeTold[];
  /** What the long cooking was, in the recipe's words; empty when it is for pressure. */
  convertedFrom: string;
}

/** An act that no sentence tells: after the lid has come off `run` times, of no line. */
export const untoldAct = (id: string, verb: string, run: number): Act => ({
  id,
  verb,
  stage: 'after',
  lines: [],
  again: [],
  minutes: null,
  words: '',
  run,
  where: 'pot',
});
