import { HEAT_FIGURES } from './data/figures';
import { SAFE_C, type Cut } from './data/cuts';
import { LETHALITY, type LethalityTable } from './data/lethality';
import { LethalRate } from './lethality';
import type { Piece } from './piece';

/** What has to happen inside one kind of piece. */
export interface Doneness {
  /** Core temperature to reach, °C; null for what grew in the ground. */
  safeC: number | null;
  /** The household's authority: time at temperature for this class of meat; null for plants. */
  lethality: LethalityTable | null;
  /** Minutes at 95 °C to tender or soft; 0 for lean meat. */
  tenderAt95Min: number;
  /** Minutes above 75 °C core until lean meat is dry. */
  dryAfterMin: number | null;
  /** How many times the time to tender until it falls apart. */
  apart: number;
  /** Fewest minutes under pressure that are suggested for it. */
  floorMin: number;
}

/** What has to happen inside a cut, by the household's authority. */
export function donenessOf(cut: Cut, authority: 'us' | 'uk'): Doneness {
  return {
    safeC: SAFE_C[authority][cut.safe],
    lethality: LETHALITY[authority][cut.safe],
    tenderAt95Min: cut.tenderAt95Min,
    dryAfterMin: cut.dryAfterMin,
    apart: cut.apart,
    floorMin: cut.floorMin,
  };
}

/** Tenderness of meat in four states and dry, and of a plant in four. */
export type Tenderness = 'under' | 'just done' | 'tender' | 'falling apart' | 'dry';
export type Softness = 'still hard' | 'firm' | 'soft' | 'falling apart';

/** Share of the time to tender from which meat is just done, or a plant firm. */
const JUST = 0.6;
/** Nothing softens below this, °C. */
const SOFTENS_FROM_C = 40;
const DRIES_FROM_C = 75;
const REFERENCE_C = 95;
/** The rate of softening grows by this for each °C, as an exponent of e. */
const PER_DEGREE = Math.LN2 / HEAT_FIGURES.doublingC.value;

const { exp } = Math;

/** What has happened so far inside one kind. Integrals over time: none of them ever falls. */
export interface Progress {
  /** 1 is tender, or soft. */
  tender: number;
  /** Seconds the core has been above 75 °C. */
  hotS: number;
  /** 1 is what the authority's table asks for. */
  lethal: number;
  /** Highest core so far, °C. */
  peakC: number;
}

/** Follows one kind of piece while the pot is simulated. */
export class Judge {
  progress: Progress = { tender: 0, hotS: 0, lethal: 0, peakC: -273 };
  readonly #rate: LethalRate | null;
  readonly #perTender: number;

  constructor(
    readonly piece: Piece,
    readonly doneness: Doneness,
  ) {
    this.#rate = doneness.lethality ? LethalRate.of(doneness.lethality) : null;
    this.#perTender = doneness.tenderAt95Min > 0 ? 1 / (doneness.tenderAt95Min * 60) : 0;
  }

  note(dtS: number): void {
    const core = this.piece.coreC;
    const p = this.progress;
    if (core > p.peakC) p.peakC = core;
    if (core < SOFTENS_FROM_C && this.#perTender === 0) return;
    // A fork is pushed through all of it: it is tender by what it meets on the way, not by the last grain in the middle.
    const along = this.#perTender > 0 ? this.piece.alongC : 0;
    if (along >= SOFTENS_FROM_C) p.tender += dtS * this.#perTender * exp((along - REFERENCE_C) * PER_DEGREE);
    if (core < SOFTENS_FROM_C) return;
    if (core > DRIES_FROM_C) p.hotS += dtS;
    if (this.#rate) p.lethal += dtS * this.#rate.at(core);
  }

  /** Hot enough with margin, and long enough by the authority. */
  get isHot(): boolean {
    const { safeC, lethality } = this.doneness;
    if (safeC !== null && this.piece.coreC < safeC + HEAT_FIGURES.marginC.value) return false;
    return !lethality || this.progress.lethal >= 1;
  }

  /** Hot enough, long enough, and not what is called under. */
  get isServed(): boolean {
    return this.isHot && (this.doneness.tenderAt95Min === 0 || this.progress.tender >= JUST);
  }

  /** Hot enough, long enough, and tender. Plants have only to be soft. */
  get isDone(): boolean {
    return this.isHot && (this.doneness.tenderAt95Min === 0 || this.progress.tender >= 1);
  }
}

/** Names the state of meat. */
export function tendernessOf(
  progress: Pick<Progress, 'tender' | 'hotS'>,
  coreC: number,
  doneness: Pick<Doneness, 'safeC' | 'tenderAt95Min' | 'dryAfterMin' | 'apart'>,
): Tenderness {
  if (doneness.safeC !== null && coreC < doneness.safeC) return 'under';
  if (doneness.dryAfterMin !== null && progress.hotS > doneness.dryAfterMin * 60) return 'dry';
  if (doneness.tenderAt95Min === 0) return 'tender';
  if (progress.tender < JUST) return 'under';
  if (progress.tender < 1) return 'just done';
  return progress.tender < doneness.apart ? 'tender' : 'falling apart';
}

/** Names the state of a vegetable, a pulse or a grain. */
export function softnessOf(tender: number, apart: number): Softness {
  if (tender < JUST) return 'still hard';
  if (tender < 1) return 'firm';
  return tender < apart ? 'soft' : 'falling apart';
}

/**
 * The minutes under pressure between which this kind is right, from what happened in a run of `minutes`: the rate at working
 * temperature says how many fewer or more there could have been. Ends with the drying of lean meat.
 */
export function windowOf(
  progress: Progress,
  doneness: Doneness,
  minutes: number,
  workingC: number,
): { from: number; to: number } {
  const perMinute =
    doneness.tenderAt95Min > 0
      ? 2 ** ((workingC - 1 - REFERENCE_C) / HEAT_FIGURES.doublingC.value) / doneness.tenderAt95Min
      : 0;
  const from = perMinute > 0 ? Math.max(0, Math.ceil(minutes - (progress.tender - 1) / perMinute)) : 0;
  const soft =
    perMinute > 0 ? minutes + (doneness.apart - progress.tender) / perMinute : Number.POSITIVE_INFINITY;
  const dry =
    doneness.dryAfterMin === null
      ? Number.POSITIVE_INFINITY
      : minutes + doneness.dryAfterMin - progress.hotS / 60;
  return { from, to: Math.max(0, Math.floor(Math.min(soft, dry))) };
}
