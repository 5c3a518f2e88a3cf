import type { Range } from '../quantity/range';
import { KITCHEN_SPREADS, TELLING } from './data/figures';
import { powerFor } from './hold';
import { pointOfRun, rangeOf } from './ranges';
import { EXPECTED, Run, type HeatInput, type RunFactors, type Saved } from './run';
import { asKnown, DIMENSIONS, factorAt, leftToKnow } from './spreads';

/** A stretch of the cook as it was told: it took so long, or it is not over after so long. Seconds. */
export interface Stretch {
  seconds: number;
  isOver: boolean;
  /** How exactly it is known, one standard deviation, s. */
  errorS: number;
}

/** What a cook has told so far. The order in which it was told makes no difference. */
export interface Happened {
  /** From the lid to working pressure. */
  comeUp: Stretch | null;
  /** A thermometer in one of the judged kinds while the lid was on, seconds from the lid, °C. */
  probes: readonly { afterLidS: number; tempC: number; kind: number }[];
  /** Seconds held under pressure, where that is over; then from its end until the pin fell. */
  heldS: number | null;
  release: Stretch | null;
}

/** One of the kitchens that this may be, as it stands at working pressure. */
interface Member {
  /** Standard deviations from the expected kitchen, in the order of `DIMENSIONS`. */
  z: readonly number[];
  run: Run;
  comeUpS: number;
  atPressure: Saved;
  logLikelihood: number;
}

/** Kitchens weighed by what happened. */
export interface Weighed {
  members: readonly Member[];
  /** One for each member; they add up to 1. */
  weights: readonly number[];
  /** How many equal kitchens would say as much. */
  effective: number;
}

/** How many kitchens are drawn at a time, and at most how many times. */
const MEMBERS = 160;
const ROUNDS = 5;
/** Share of the members that has to carry the weight before they are believed. */
const ENOUGH = 0.35;
/** New members are drawn a little wider than the old ones lie, so that none that fits is missed. */
const WIDER = 1.25;
/** The heater is drawn this much wider at first: its faults have a long tail. */
const LONG_TAIL = 1.6;
/** And by this share more for each standard deviation that it is off. */
const FAR_IS_WIDE = 0.1;
/** Degrees of freedom of that tail: a heater three standard deviations off is rare, not unheard of. */
const TAIL = 4;
/** A dimension keeps at least this share of a standard deviation when new members are drawn. */
const LEAST_WIDTH = 0.15;

const dims = DIMENSIONS.length;
const POWER = DIMENSIONS.indexOf('power');

/** The factors of a kitchen at a point. */
function factorsAt(z: readonly number[]): RunFactors {
  const factors = { ...EXPECTED };
  DIMENSIONS.forEach((name, i) => {
    factors[name] = factorAt(name, z[i] as number);
  });
  return factors;
}

/** Logarithm of how likely a kitchen is before anything happened, but for a constant. */
function logPrior(z: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < dims; i++) {
    const v = z[i] as number;
    sum -= i === POWER ? ((TAIL + 1) / 2) * Math.log1p((v * v) / TAIL) : (v * v) / 2;
  }
  return sum;
}

/** Logarithm of the standard normal distribution function. Source: Abramowitz and Stegun 7.1.26, error under 2e-7. */
function logNormalCdf(x: number): number {
  const t = 1 / (1 + 0.3275911 * (Math.abs(x) / Math.SQRT2));
  const poly =
    t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const tail = 0.5 * poly * Math.exp((-x * x) / 2);
  return x >= 0 ? Math.log1p(-tail) : x > -30 ? Math.log(Math.max(1e-300, tail)) : -(x * x) / 2;
}

/** Logarithm of how likely a stretch of `seconds` makes what was told of it. */
function logOfStretch(told: Stretch, seconds: number): number {
  const error = Math.hypot(told.errorS, TELLING.modelShare.value * told.seconds);
  const off = (told.seconds - seconds) / error;
  return told.isOver ? -(off * off) / 2 : logNormalCdf(-off);
}

/** The same happenings by the clock of the bare model, without what the log has learned of this pot. */
function bare(input: HeatInput, happened: Happened): Happened {
  const by = (stretch: Stretch | null, factor = 1): Stretch | null =>
    stretch && { ...stretch, seconds: stretch.seconds / factor, errorS: stretch.errorS / factor };
  return {
    ...happened,
    comeUp: by(happened.comeUp, input.comeUpFactor),
    release: by(happened.release, input.releaseFactor),
  };
}

/** Cooks in one kitchen as far as anything is known, and says how likely it makes that. */
function cookIn(input: HeatInput, z: readonly number[], happened: Happened): Member {
  const run = new Run(input, asKnown(factorsAt(z), input));
  const readings = [...happened.probes].sort((a, b) => a.afterLidS - b.afterLidS);
  let logLikelihood = 0;
  let next = 0;
  const read = (): void => {
    for (let p = readings[next]; p && p.afterLidS <= run.timeS; p = readings[++next]) {
      const piece = run.judges[p.kind]?.piece;
      if (!piece) continue;
      const out = TELLING.offCentre.value * Math.abs(piece.surfaceC - piece.coreC);
      const error = Math.hypot(TELLING.probeC.value, out);
      logLikelihood -=
        ((p.tempC - piece.coreC - Math.sign(piece.surfaceC - piece.coreC) * out) / error) ** 2 / 2;
    }
  };
  const comeUpS = run.comeUp(readings.length ? read : undefined);
  if (happened.comeUp) logLikelihood += logOfStretch(happened.comeUp, comeUpS);
  const atPressure = run.save();
  const last = readings.at(-1)?.afterLidS ?? 0;
  const heldS = happened.heldS ?? Math.max(0, last - comeUpS);
  if (next < readings.length || happened.release) run.hold(heldS / 60, undefined, read);
  if (happened.release) logLikelihood += logOfStretch(happened.release, run.release(input.release).seconds);
  run.restore(atPressure);
  return { z, run, comeUpS, atPressure, logLikelihood };
}

/** A normal distribution of points: its middle and the lower triangle of its spread. */
interface Normal {
  mean: readonly number[];
  lower: readonly (readonly number[])[];
}

/** Where kitchens are looked for at first: all that there may be, the heater's about the one that explains when pressure came. */
function firstGuess(input: HeatInput, comeUp: Stretch | null): Normal {
  const heater =
    comeUp?.isOver === true
      ? (2 * (powerFor(input, comeUp.seconds) - 1)) /
        (KITCHEN_SPREADS.power.spread * leftToKnow(input, 'power'))
      : 0;
  const width = LONG_TAIL + LONG_TAIL * FAR_IS_WIDE * Math.abs(heater);
  return {
    mean: DIMENSIONS.map((_, i) => (i === POWER ? heater : 0)),
    lower: DIMENSIONS.map((_, i) => DIMENSIONS.map((__, j) => (i !== j ? 0 : i === POWER ? width : 1))),
  };
}

/** A point of the distribution from a standard one. */
function pointIn({ mean, lower }: Normal, u: readonly number[]): number[] {
  return mean.map((m, i) => {
    let sum = m;
    for (let j = 0; j <= i; j++) sum += (lower[i]?.[j] as number) * (u[j] as number);
    return sum;
  });
}

/** Logarithm of the density at the point that came of `u`, but for a constant. */
function logDensity({ lower }: Normal, u: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < dims; i++) sum -= (u[i] as number) ** 2 / 2 + Math.log(lower[i]?.[i] as number);
  return sum;
}

/** The distribution that weighed points lie in, somewhat wider. */
function around(points: readonly (readonly number[])[], weights: readonly number[]): Normal {
  const mean = DIMENSIONS.map((_, i) =>
    points.reduce((s, z, n) => s + (z[i] as number) * (weights[n] as number), 0),
  );
  const lower = DIMENSIONS.map(() => DIMENSIONS.map(() => 0));
  for (let i = 0; i < dims; i++)
    for (let j = 0; j <= i; j++) {
      let sum = points.reduce(
        (s, z, n) =>
          s +
          (weights[n] as number) *
            ((z[i] as number) - (mean[i] as number)) *
            ((z[j] as number) - (mean[j] as number)),
        i === j ? LEAST_WIDTH ** 2 : 0,
      );
      sum *= WIDER ** 2;
      const row = lower[i] as number[];
      const other = lower[j] as number[];
      for (let k = 0; k < j; k++) sum -= (row[k] as number) * (other[k] as number);
      row[j] = i === j ? Math.sqrt(Math.max(1e-6, sum)) : sum / (other[j] as number);
    }
  return { mean, lower };
}

/** Weights from their logarithms, adding up to 1. */
function normalised(logs: readonly number[]): number[] {
  const most = Math.max(...logs);
  const raw = logs.map((l) => Math.exp(l - most));
  const sum = raw.reduce((s, w) => s + w, 0);
  return raw.map((w) => w / sum);
}

const effectiveOf = (weights: readonly number[]): number => 1 / weights.reduce((s, w) => s + w * w, 0);

/** How far, up to all the way, one may go from where members were drawn to where they belong with enough of them carrying the weight. */
function shareBelieved(logs: readonly number[]): number {
  const effective = (share: number): number => effectiveOf(normalised(logs.map((l) => share * l)));
  if (effective(1) >= ENOUGH * logs.length) return 1;
  let low = 0;
  let high = 1;
  for (let i = 0; i < 20; i++) {
    const middle = (low + high) / 2;
    if (effective(middle) >= ENOUGH * logs.length) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * Weighs the kitchens this may be by how likely each makes what happened. Where few carry the weight, new ones are drawn around
 * them and weighed against all that happened, so that the order of the happenings makes no difference. The same seed gives the
 * same answer. Importance sampling from a normal distribution that is fitted in rounds.
 */
export function weighKitchens(
  input: HeatInput,
  happened: Happened,
  seed: number,
  members = MEMBERS,
): Weighed {
  const known = bare(input, happened);
  let from = firstGuess(input, known.comeUp);
  for (let round = 0; ; round++) {
    const points = Array.from({ length: members }, (_, n) => pointOfRun(n + round * members, seed));
    const drawn = points.map((u) => cookIn(input, pointIn(from, u), known));
    const logs = drawn.map(
      (m, i) => logPrior(m.z) + m.logLikelihood - logDensity(from, points[i] as number[]),
    );
    const share = shareBelieved(logs);
    const weights = normalised(logs.map((l) => share * l));
    if (share === 1 || round === ROUNDS - 1)
      return { members: drawn, weights, effective: effectiveOf(weights) };
    from = around(
      drawn.map((m) => m.z),
      weights,
    );
  }
}

/** What is asked of the rest of a cook. Minutes under pressure. */
export interface RestOf {
  /** The minutes that stand. */
  minutes: number;
  /** Never fewer than these. */
  floorMin: number;
  /** The kind whose core is told. */
  lead: number;
}

/** What the weighed kitchens say of the rest. Times are the household's, with what its log has learned. */
export interface RestAnswer {
  comeUpS: Range;
  releaseS: Range;
  /** Core of the kind asked for when the lid opens, °C; null without one. */
  coreAtOpenC: Range | null;
  /** Share of the kitchens in which some meat is under when it is opened after the minutes that stand. */
  under: number;
  /** Fewest minutes, from the floor on, with which nine in ten have all meat where it is wanted; null without meat. */
  neededMin: number | null;
  /** How many equal kitchens would say as much. */
  effective: number;
}

/** So many kitchens, all alike in weight, are cooked to the end. */
const TO_THE_END = 64;
/** Share of the kitchens that has to have the meat where it is wanted. */
const NINE_IN_TEN = 0.9;
const LONGEST_MIN = 150;

/** Draws members evenly by their weight: which, and how often each. */
function drawn(weighed: Weighed, count: number): { member: Member; times: number }[] {
  const times = new Map<Member, number>();
  let sum = 0;
  let at = 0;
  weighed.members.forEach((member, i) => {
    sum += weighed.weights[i] as number;
    for (; (at + 0.5) / count < sum && at < count; at++) times.set(member, (times.get(member) ?? 0) + 1);
  });
  return [...times].map(([member, n]) => ({ member, times: n }));
}

/** One kitchen after some minutes, opened. */
interface Opened {
  releaseS: number;
  coreC: number | null;
  isServed: boolean;
  /** How tender each kind of meat is, 1 being tender. */
  tender: number[];
}

/** Follows one kitchen to the lid's opening after any minutes; each is worked out once. */
class Ending {
  readonly #held: Saved[];
  readonly #opened = new Map<number, Opened>();

  constructor(
    readonly run: Run,
    atPressure: Saved,
    readonly lead: number,
  ) {
    this.#held = [atPressure];
  }

  after(minutes: number): Opened {
    const known = this.#opened.get(minutes);
    if (known) return known;
    const { run } = this;
    for (let n = this.#held.length; n <= minutes; n++) {
      run.restore(this.#held[n - 1] as Saved);
      run.hold(1);
      this.#held.push(run.save());
    }
    run.restore(this.#held[minutes] as Saved);
    const { seconds } = run.release(run.input.release);
    const meat = run.judges.filter((j) => j.doneness.safeC !== null);
    const opened: Opened = {
      releaseS: seconds,
      coreC: run.judges[this.lead]?.piece.coreC ?? null,
      isServed: meat.every((j) => j.isServed),
      tender: meat.map((j) => (j.doneness.tenderAt95Min > 0 ? j.progress.tender : 1)),
    };
    this.#opened.set(minutes, opened);
    return opened;
  }
}

/**
 * The rest of a cook in the weighed kitchens. Meat is where it is wanted when nine in ten have it hot enough, long enough and not
 * tough, and half have it as tender as the plan meant.
 */
export function restOf(input: HeatInput, weighed: Weighed, ask: RestOf): RestAnswer {
  const standing = Math.max(0, Math.round(ask.minutes));
  const endings = drawn(weighed, TO_THE_END).map(({ member, times }) => ({
    times: times / TO_THE_END,
    comeUpS: member.comeUpS,
    ending: new Ending(member.run, member.atPressure, ask.lead),
  }));
  const meant = new Run(input);
  meant.comeUp();
  const aims = new Ending(meant, meant.save(), ask.lead).after(standing).tender.map((t) => Math.min(1, t));
  const share = (minutes: number, holds: (o: Opened) => boolean): number =>
    endings.reduce((s, e) => s + (holds(e.ending.after(minutes)) ? e.times : 0), 0);
  const isEnough = (minutes: number): boolean =>
    share(minutes, (o) => o.isServed) >= NINE_IN_TEN &&
    share(minutes, (o) => o.tender.every((t, i) => t >= (aims[i] as number))) >= 0.5;
  const hasMeat = aims.length > 0;
  const now = endings.flatMap((e) => {
    const { releaseS, coreC } = e.ending.after(standing);
    return Array.from({ length: Math.round(e.times * TO_THE_END) }, () => ({
      releaseS,
      coreC,
      comeUpS: e.comeUpS,
    }));
  });
  const cores = now.flatMap((n) => (n.coreC === null ? [] : [n.coreC]));
  return {
    comeUpS: rangeOf(now.map((n) => n.comeUpS * (input.comeUpFactor ?? 1))),
    releaseS: rangeOf(now.map((n) => n.releaseS * (input.releaseFactor ?? 1))),
    coreAtOpenC: cores.length ? rangeOf(cores) : null,
    under: 1 - share(standing, (o) => o.isServed),
    neededMin: hasMeat ? fewest(isEnough, standing, ask.floorMin) : null,
    effective: weighed.effective,
  };
}

/** The fewest whole minutes from `floor` on that are enough, looked for around `from`; `isEnough` never turns false with more. */
function fewest(isEnough: (minutes: number) => boolean, from: number, floor: number): number {
  let high = Math.max(from, floor);
  let low = high;
  for (let step = 1; !isEnough(high) && high < LONGEST_MIN; step *= 2) {
    low = high + 1;
    high = Math.min(LONGEST_MIN, high + step);
  }
  if (low === high)
    for (let step = 1; low > floor && isEnough(low); step *= 2) {
      high = low;
      low = Math.max(floor, low - step);
    }
  while (low < high) {
    const middle = (low + high) >> 1;
    if (isEnough(middle)) high = middle;
    else low = middle + 1;
  }
  return high;
}
