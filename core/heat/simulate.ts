import { kept } from '../quantity/kept';
import { around, EIGHT_IN_TEN, scaleRange, type Range } from '../quantity/range';
import { HEAT_FIGURES, KITCHEN_SPREADS } from './data/figures';
import { MEAT } from './piece';
import { tendernessOf, softnessOf, windowOf, type Softness, type Tenderness } from './doneness';
import { leftToKnow } from './spreads';
import {
  COME_UP_LIMIT_S,
  EXPECTED,
  Run,
  VENT_AFTER_MIN,
  type HeatInput,
  type HeatPoint,
  type Saved,
} from './run';

export type { HeatInput, HeatPoint } from './run';
export { HEAT_FIGURES } from './data/figures';

/** One judged kind when the lid opens for the last time. */
export interface KindForecast {
  /** Core when the hold ends and when the lid opens, the highest it had, and the surface when it opens, °C. */
  coreAtEndC: number;
  coreAtOpenC: number;
  peakC: number;
  surfaceAtOpenC: number;
  state: Tenderness | Softness;
  /** Time at temperature against what the household's authority asks for, 1 being exactly that; null for plants. */
  lethal: number | null;
  /** Minutes above 75 °C core. */
  hotMin: number;
  /** Minutes under pressure in which this kind is right; `to` below `from` never happens for meat that is not lean. */
  windowMin: { from: number; to: number };
}

/** The second stretch, after opening in between. */
interface SecondForecast {
  then: 'pressure' | 'simmer';
  comeUpS: Range;
  holdS: number;
  releaseS: Range;
  suggestedMin: number;
  release: HeatInput['release'];
  /** Minutes before the rest is vented, where `release` is `ten`. */
  ventAfterMin: number;
}

/** A forecast. Times are seconds from the lid; ranges say how far real kitchens vary. */
export interface HeatForecast {
  workingC: number;
  boilsAtC: number;
  comeUpS: Range;
  holdS: number;
  releaseS: Range;
  suggestedMin: number;
  /** Which of `kinds` decides the minutes. */
  lead: number;
  kinds: KindForecast[];
  second: SecondForecast | null;
  /** Of the kind that decides; null without meat. */
  coreAtEndC: number | null;
  coreAtOpenC: number | null;
  tenderness: Tenderness | null;
  /** Minutes under pressure from done to where more begin to hurt any of the meat. */
  windowMin: { from: number; to: number } | null;
  flashedG: number;
  series: HeatPoint[];
}

const LONGEST_S = 150 * 60;
const SECOND_LONGEST_MIN = 60;

/**
 * Simulates coming up, holding and coming down, coupled with every kind of piece, and suggests the shortest whole minutes
 * after which all meat has its temperature with margin, its time at it by the household's authority, and is tender. More,
 * colder or thicker meat never comes out sooner. Never a statement that food is safe: the thermometer decides.
 */
export function forecastHeat(input: HeatInput): HeatForecast {
  const quick = quickest(input);
  const quickS = quick.comeUp();
  const decides = quick.judges.some((j) => j.doneness.safeC !== null);
  const { minutes: suggestedMin, lead } = decides ? suggestFor(input, quick) : { minutes: 0, lead: 0 };
  const minutes = Math.max(0, input.minutes ?? suggestedMin);

  const run = new Run(input, EXPECTED, true);
  run.lead = lead;
  const comeUpS = run.comeUp();
  run.hold(minutes);
  const cores = run.judges.map((j) => j.piece.coreC);
  const releaseS = releaseRange(run);
  const released = run.release(input.release);
  const firstS = run.timeS;
  if (input.keepWarmS) run.keepWarm(input.keepWarmS);
  const second = input.second ? openAgain(run, input.second) : null;
  if (run.keepsSeries) run.point();

  const kinds = run.judges.map((judge, i): KindForecast => {
    const { doneness, progress, piece } = judge;
    const isMeat = doneness.safeC !== null;
    const isLater = i >= input.judged.length;
    const window = windowOf(
      progress,
      doneness,
      isLater ? (second?.holdS ?? 0) / 60 : minutes,
      isLater && second?.then === 'simmer' ? run.boilsC : run.workingC,
    );
    return {
      coreAtEndC: cores[i] ?? piece.coreC,
      coreAtOpenC: piece.coreC,
      // Where the shells next to it have just flashed the middle is read anew, after the last note was taken.
      peakC: Math.max(progress.peakC, piece.coreC),
      surfaceAtOpenC: piece.surfaceC,
      state: isMeat
        ? tendernessOf(progress, piece.coreC, doneness)
        : softnessOf(progress.tender, doneness.apart),
      lethal: doneness.lethality ? progress.lethal : null,
      hotMin: progress.hotS / 60,
      windowMin:
        isMeat && i === lead ? { from: suggestedMin, to: Math.max(suggestedMin + 1, window.to) } : window,
    };
  });
  const deciding = decides ? (kinds[lead] ?? null) : null;
  const up = input.comeUpFactor ?? 1;
  const down = input.releaseFactor ?? 1;
  return {
    workingC: run.workingC,
    boilsAtC: run.boilsC,
    comeUpS: scaleRange(followed(give(comeUpS, comeUpSpread(run, comeUpS, quickS))), up),
    holdS: minutes * 60,
    releaseS: plus(scaleRange({ ...releaseS, mid: released.seconds }, down), input.keepWarmS ?? 0),
    suggestedMin,
    lead,
    kinds,
    second: second && {
      ...second,
      comeUpS: scaleRange(give(second.comeUpS.mid, comeUpSpread(run, comeUpS, quickS)), up),
      releaseS: give(second.releaseS.mid, deviationOf('vent')),
    },
    coreAtEndC: deciding?.coreAtEndC ?? null,
    coreAtOpenC: deciding?.coreAtOpenC ?? null,
    tenderness: deciding ? (deciding.state as Tenderness) : null,
    windowMin: deciding?.windowMin ?? null,
    flashedG: released.flashedG,
    series: run.series.map((p) => ({
      ...p,
      timeS: learnedTime(p.timeS, { comeUpS, holdS: minutes * 60, firstS }, up, down),
    })),
  };
}

/** Only the minutes that `forecastHeat` would suggest, in half the time: for a table of them. */
export function suggestedMinutes(input: HeatInput): number {
  const quick = quickest(input);
  quick.comeUp();
  return suggestFor(input, quick).minutes;
}

/** The kitchen that comes up soonest, whose meat has had the least on the way. */
const quickest = (input: HeatInput): Run =>
  new Run(input, { ...EXPECTED, power: 1 + HEAT_FIGURES.efficiency.spread });

/** One standard deviation of what differs between kitchens: relative, °C for the start. */
const deviationOf = (name: keyof typeof KITCHEN_SPREADS): number => KITCHEN_SPREADS[name].spread / 2;
/** A time whose logarithm has this standard deviation, from the tenth to the ninetieth of a hundred kitchens. */
const give = (seconds: number, deviation: number): Range => ({
  low: seconds * Math.exp(-EIGHT_IN_TEN * deviation),
  mid: seconds,
  high: seconds * Math.exp(EIGHT_IN_TEN * deviation),
});
/** A come-up no longer than it is followed. */
const followed = (r: Range): Range => ({ ...r, high: Math.min(r.high, Math.max(r.mid, COME_UP_LIMIT_S)) });
const plus = ({ low, mid, high }: Range, by: number): Range => ({
  low: low + by,
  mid: mid + by,
  high: high + by,
});

/**
 * Standard deviation of the logarithm of a come-up: each thing that differs between kitchens by its share of the heat that has to
 * come, the heater by how much sooner the quickest kitchen was there.
 */
function comeUpSpread(run: Run, comeUpS: number, quickS: number): number {
  const { input } = run;
  const { lumpJPerK, startC, pieces } = input;
  const bySoonest =
    Math.log(Math.max(1, comeUpS) / Math.max(1, quickS)) / Math.log(1 + KITCHEN_SPREADS.power.spread);
  const netJ = Math.max(1, comeUpS * (run.powerW - input.pot.lossWPerK * (run.boilsC - input.roomC) * 0.5));
  const lump = (lumpJPerK * Math.max(0, run.workingC - Math.min(startC, run.boilsC))) / netJ;
  const purge = (HEAT_FIGURES.purgeG.value * HEAT_FIGURES.latentJPerG.value) / netJ;
  const perDegree = pieces.reduce((s, p) => s + (p.massG / 1000) * MEAT.heatJPerKgK, 0) / netJ;
  return Math.hypot(
    bySoonest * deviationOf('power') * leftToKnow(input, 'power'),
    Math.min(1, lump) * deviationOf('fill'),
    purge * deviationOf('purge'),
    perDegree * deviationOf('startC'),
  );
}

/** How long the pot takes to come down from where it is, in the fastest and slowest of eight in ten kitchens; the run stays where it was. */
function releaseRange(run: Run): Range {
  const { release } = run.input;
  // Of the logarithm of the heat lost.
  const ofLoss =
    Math.hypot(deviationOf('releaseLoss'), deviationOf('loss')) * leftToKnow(run.input, 'releaseLoss');
  const held = run.save();
  const points = run.series.length;
  // Two things that differ on their own are seldom both at their ends.
  const ofVent = release === 'ten' ? 0.5 : 1;
  const from = (z: number): number => {
    const vent = 1 - ofVent * z * deviationOf('vent');
    const { seconds } = run.release(release, Math.exp(z * ofLoss), vent);
    run.restore(held);
    return seconds;
  };
  const low = from(EIGHT_IN_TEN);
  const high = from(-EIGHT_IN_TEN);
  run.series.length = points;
  run.resumeSeries();
  return { low, mid: (low + high) / 2, high };
}

/** Opens the pot, adds what comes later, and cooks on; suggests the minutes where none are given. */
function openAgain(run: Run, phase: NonNullable<HeatInput['second']>): SecondForecast {
  run.open(phase);
  const later = run.judges.slice(run.input.judged.length);
  const isDone = (): boolean => later.every((j) => j.isDone);
  const isPressure = phase.then === 'pressure';
  const { release = 'quick', ventAfterMin = VENT_AFTER_MIN } = phase;
  const letGo = (): number => run.release(release, 1, 1, ventAfterMin).seconds;
  const comeUpS = isPressure ? run.comeUp() : 0;
  const cook = (minutes: number): void => {
    if (isPressure) run.hold(minutes);
    else run.simmer(minutes);
  };
  let suggestedMin = 0;
  const start = run.save();
  const marks: Saved[] = [];
  const points = run.series.length;
  while (suggestedMin < SECOND_LONGEST_MIN && !isDone()) {
    cook(1);
    suggestedMin++;
    marks.push(run.save());
  }
  if (isPressure && suggestedMin > 0) {
    // What the venting itself cooks may save a minute.
    const before = marks[suggestedMin - 2];
    run.restore(before ?? start);
    letGo();
    if (isDone()) suggestedMin--;
  }
  // Nothing is closed for no minutes at all, however much the coming up has done.
  if (isPressure) suggestedMin = Math.max(1, suggestedMin);
  run.restore(start);
  run.series.length = points;
  run.resumeSeries();
  const minutes = phase.minutes ?? suggestedMin;
  cook(minutes);
  const releaseS = isPressure ? letGo() : 0;
  return {
    then: phase.then,
    comeUpS: around(comeUpS, 0),
    holdS: minutes * 60,
    releaseS: around(releaseS, 0),
    suggestedMin,
    release,
    ventAfterMin,
  };
}

/** A moment of the bare model on the clock of this household's pot: its coming up and coming down take longer or shorter. */
export function learnedTime(
  timeS: number,
  at: { comeUpS: number; holdS: number; firstS: number },
  up: number,
  down: number,
): number {
  if (timeS <= at.comeUpS) return timeS * up;
  const after = Math.min(timeS, at.firstS) - at.comeUpS;
  const first = at.comeUpS * up + Math.min(after, at.holdS) + Math.max(0, after - at.holdS) * down;
  return first + Math.max(0, timeS - at.firstS);
}

/**
 * The load that minutes are written for: a kilo of meat in the sauce of an ordinary braise, poured warm, and nothing beside it.
 * Minutes belong to the piece, so they are the same for half of it and for twice as much, with carrots or without.
 * Source: what printed minutes are written for; spread 20 %.
 */
export const REFERENCE = { loadG: 1000, lumpJPerK: 3200, startC: 70 } as const;

/**
 * The minutes suggested: what the same pieces of meat need in a kilo's load in this pot and at this height, where it comes up
 * quickly; more only where this load comes up so fast that the middle would be behind; never fewer than the floor of any cut there.
 */
function suggestFor(input: HeatInput, quick: Run): { minutes: number; lead: number } {
  const meats = input.judged.flatMap((judged, kind) => {
    const piece = input.pieces[judged.index];
    return judged.doneness.safeC === null || !piece ? [] : [{ kind, piece, doneness: judged.doneness }];
  });
  const share = REFERENCE.loadG / meats.reduce((sum, m) => sum + m.piece.massG, 1e-9);
  const kilo = {
    pot: input.pot,
    altitudeM: input.altitudeM,
    roomC: input.roomC,
    release: input.release,
    ...(input.ventAfterMin === undefined ? {} : { ventAfterMin: input.ventAfterMin }),
    pieces: meats.map((m) => ({ ...m.piece, massG: Math.round(m.piece.massG * share) })),
    judged: meats.map((m, index) => ({ index, doneness: m.doneness })),
    factors: quick.factors,
  };
  const { minutes, lead } = minutesOfKilo({ ...kilo, ...REFERENCE_SAUCE });
  // Where only heat counts, a kilo in no more than this sauce comes up sooner and is given longer: so much is given to all of it.
  const isByHeat = meats.some((m) => m.doneness.tenderAt95Min < MELTS_FROM_MIN);
  // What lies beside it has a floor too: beans that are hard are no food.
  const floor = Math.max(minutes, ...input.judged.map((j) => j.doneness.floorMin));
  const isMore = share < 1 - 1e-6;
  const least =
    isMore && isByHeat
      ? kiloToServe({
          ...kilo,
          lumpJPerK: Math.round(input.lumpJPerK),
          startC: Math.round(input.startC),
          floor,
        })
      : floor;
  return { minutes: minutesToServe(quick, least), lead: meats[lead]?.kind ?? 0 };
}

const REFERENCE_SAUCE = { lumpJPerK: REFERENCE.lumpJPerK, startC: REFERENCE.startC };
/** Meat that melts more slowly than this at 95 °C is long hot when it is tender, min. Source: the lean rows of the cuts; spread 30 %. */
const MELTS_FROM_MIN = 15;

/** What the minutes of a kilo depend on: not on the vegetables. */
type Kilo = Pick<
  HeatInput,
  'pot' | 'altitudeM' | 'roomC' | 'release' | 'ventAfterMin' | 'pieces' | 'judged' | 'lumpJPerK' | 'startC'
> & { factors: Run['factors'] };

/** The minutes of a kilo of these pieces, kept: a dish is planned many times with the same meat. */
const minutesOfKilo = kept(200, JSON.stringify, ({ factors, ...kilo }: Kilo) => {
  const run = new Run({ ...kilo, minutes: null }, factors);
  run.comeUp();
  return suggestMinutes(run);
});

/** The minutes that a kilo of these pieces is given in this much sauce, from `floor` up. */
const kiloToServe = kept(200, JSON.stringify, ({ factors, floor, ...kilo }: Kilo & { floor: number }) => {
  const run = new Run({ ...kilo, minutes: null }, factors);
  run.comeUp();
  return minutesToServe(run, floor);
});

/** Minutes from `from` up after which no meat of a run that has come up is under when the lid opens, in heat, in time or in softness. */
function minutesToServe(run: Run, from: number): number {
  const start = run.save();
  let minutes = from;
  run.hold(from);
  while (minutes < LONGEST_S / 60) {
    const held = run.save();
    run.release(run.input.release);
    if (run.judges.every((j) => j.doneness.safeC === null || j.isServed)) break;
    run.restore(held);
    run.hold(1);
    minutes++;
  }
  run.restore(start);
  return minutes;
}

/**
 * Shortest whole minutes after which all meat is done when the lid opens, and which kind it was that took so long. Takes a
 * run that has come up, and it is the run that came up quickest: a pot that is fast today has cooked the meat least on the way.
 */
function suggestMinutes(run: Run): { minutes: number; lead: number } {
  const snapshots = [run.save()];
  while (snapshots.length < 2 || (!run.isDone && snapshots.length < LONGEST_S / 60)) {
    run.hold(1);
    snapshots.push(run.save());
  }
  let low = 1;
  let high = snapshots.length - 1;
  const openAfter = (minutes: number): void => {
    run.restore(snapshots[minutes] as Saved);
    run.release(run.input.release);
  };
  while (low < high) {
    const middle = (low + high) >> 1;
    openAfter(middle);
    if (run.isDone) high = middle;
    else low = middle + 1;
  }
  openAfter(Math.max(0, high - 1));
  const late = run.judges.findIndex((j) => j.doneness.safeC !== null && !j.isDone);
  const first = run.judges.findIndex((j) => j.doneness.safeC !== null);
  return { minutes: high, lead: Math.max(0, late >= 0 ? late : first) };
}
