import type { Range } from '../quantity/range';
import { EXPECTED, Run, type HeatInput, type RunFactors } from './run';
import { asKnown, DIMENSIONS, factorAt } from './spreads';
import { learnedTime } from './simulate';

/** What the runs have said so far. Ranges run from the tenth to the ninetieth of a hundred kitchens, `mid` is the middle one. */
export interface RangeAnswer {
  runs: number;
  comeUpS: Range;
  releaseS: Range;
  /** From the lid to opening it for the first time. */
  lidS: Range;
  /** One for each judged kind there from the start. */
  kinds: { coreAtOpenC: Range; reached: number | null }[];
  /** Core of the deciding kind and temperature of the pot over time. */
  band: { timeS: number; coreC: Range | null; potC: Range }[];
}

/** Spacing of the band in time, s, and the most points it has. */
const BAND_EVERY_S = 40;
const BAND_MOST = 400;

/** Root of x^(d+1) = x + 1: the generalised golden ratio, whose powers fill d dimensions evenly. */
function ratioFor(dimensions: number): number {
  let x = 1.5;
  for (let i = 0; i < 60; i++) x = (1 + x) ** (1 / (dimensions + 1));
  return x;
}

/** Quantile of the standard normal distribution, after Acklam's rational approximation; error under 1e-8 relative. */
export function normalQuantile(p: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
    2.506628277459239,
  ];
  const b = [
    -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
  ];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const poly = (k: readonly number[], x: number): number => k.reduce((s, v) => s * x + v, 0);
  const tail = (q: number): number => poly(c, q) / (poly(d, q) * q + 1);
  if (p < 0.02425) return tail(Math.sqrt(-2 * Math.log(p)));
  if (p > 1 - 0.02425) return -tail(Math.sqrt(-2 * Math.log(1 - p)));
  const q = p - 0.5;
  const r = q * q;
  return (poly(a, r) * q) / (poly(b, r) * r + 1);
}

/** A number in [0, 1) from a seed and an index: the shift of one dimension. */
function shiftOf(seed: number, index: number): number {
  let h = Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b) ^ Math.imul(index + 1, 0xc2b2ae35);
  h = Math.imul(h ^ (h >>> 15), 0x27d4eb2f);
  return ((h ^ (h >>> 13)) >>> 0) / 2 ** 32;
}

/** Shares in [0, 1) of run `n`, one for each of `DIMENSIONS`: a quasi-random point, so that a few hundred say what thousands would. */
function sharesOf(n: number, seed: number): number[] {
  const ratio = ratioFor(DIMENSIONS.length);
  return DIMENSIONS.map((_, i) => (shiftOf(seed, i) + (n + 1) * ratio ** -(i + 1)) % 1);
}

/** The kitchen of run `n`. */
export function kitchenOfRun(n: number, seed: number): RunFactors {
  const factors = { ...EXPECTED };
  const shares = sharesOf(n, seed);
  DIMENSIONS.forEach((name, i) => {
    factors[name] = spreadOut(name, shares[i] as number);
  });
  return factors;
}

/** The point of run `n` in standard deviations, one for each of `DIMENSIONS`. */
export function pointOfRun(n: number, seed: number): number[] {
  return sharesOf(n, seed).map((u) => normalQuantile(Math.min(0.9999, Math.max(0.0001, u))));
}

/** Where in a spread the share `u` of kitchens lies, cut off at twice the standard deviation and a half. */
export function spreadOut(name: keyof RunFactors, u: number): number {
  const z = normalQuantile(Math.min(0.9999, Math.max(0.0001, u)));
  return factorAt(name, Math.max(-2.5, Math.min(2.5, z)));
}

/** The range of values from the tenth to the ninetieth of a hundred; sorts them. */
export function rangeOf(values: number[]): Range {
  values.sort((a, b) => a - b);
  const at = (p: number): number => {
    const x = p * (values.length - 1);
    const i = Math.floor(x);
    const low = values[i] as number;
    return low + ((values[i + 1] ?? low) - low) * (x - i);
  };
  return { low: at(0.1), mid: at(0.5), high: at(0.9) };
}

/**
 * The same cook in many kitchens: spreads of power, loss, starting temperature, thickness, fill and venting. Runs are made one
 * by one, so that whoever asks can look in between, show progress, or stop; the same seed and number give the same answer.
 */
export class HeatRanges {
  readonly #comeUp: number[] = [];
  readonly #release: number[] = [];
  readonly #lid: number[] = [];
  readonly #open: number[][];
  readonly #core: number[][] = [];
  readonly #pot: number[][] = [];

  /** `minutes` are the minutes set on the pot; `lead` is the kind whose core is banded. */
  constructor(
    readonly input: HeatInput,
    readonly minutes: number,
    readonly lead: number,
    readonly seed: number,
  ) {
    this.#open = input.judged.map(() => []);
  }

  get runs(): number {
    return this.#lid.length;
  }

  /** Makes one more run. */
  next(factors: RunFactors = kitchenOfRun(this.runs, this.seed)): void {
    const { input } = this;
    const run = new Run(input, asKnown(factors, input), true);
    run.lead = this.lead;
    const comeUpS = run.comeUp();
    run.hold(this.minutes);
    const releaseS = run.release(input.release).seconds;
    run.point();
    const up = input.comeUpFactor ?? 1;
    const down = input.releaseFactor ?? 1;
    const holdS = this.minutes * 60;
    this.#comeUp.push(comeUpS * up);
    this.#release.push(releaseS * down);
    this.#lid.push(comeUpS * up + holdS + releaseS * down);
    this.#open.forEach((list, i) => {
      const judge = run.judges[i];
      if (judge) list.push(judge.piece.coreC);
    });
    const at = { comeUpS, holdS, firstS: run.timeS };
    let cell = 0;
    for (const p of run.series) {
      const timeS = learnedTime(p.timeS, at, up, down);
      for (; cell < BAND_MOST && cell * BAND_EVERY_S <= timeS; cell++) {
        (this.#pot[cell] ??= []).push(p.potC);
        if (p.coreC !== null) (this.#core[cell] ??= []).push(p.coreC);
      }
    }
  }

  /** What the runs so far say. At least one run has to have been made. */
  answer(): RangeAnswer {
    const half = this.runs / 2;
    return {
      runs: this.runs,
      comeUpS: rangeOf([...this.#comeUp]),
      releaseS: rangeOf([...this.#release]),
      lidS: rangeOf([...this.#lid]),
      kinds: this.#open.map((cores, i) => {
        const safeC = this.input.judged[i]?.doneness.safeC ?? null;
        return {
          coreAtOpenC: rangeOf([...cores]),
          reached: safeC === null ? null : cores.filter((c) => c >= safeC).length / cores.length,
        };
      }),
      band: this.#pot.flatMap((pot, i) => {
        if (pot.length < half) return [];
        const core = this.#core[i];
        return [
          {
            timeS: i * BAND_EVERY_S,
            potC: rangeOf([...pot]),
            coreC: core?.length ? rangeOf([...core]) : null,
          },
        ];
      }),
    };
  }
}
