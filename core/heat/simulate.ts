import { around, type Range } from '../quantity/range';
import { Piece, type PieceSpec } from './piece';
import { airKPa, boilingC, saturationKPa } from './saturation';

/** The pot as the simulation needs it. Watts, W/K, J/K, kPa gauge. */
export interface HeatPot {
  heaterW: number;
  lossWPerK: number;
  metalJPerK: number;
  gaugeKPa: number;
}

/** The meat whose doneness decides the minutes. */
export interface Doneness {
  /** Core temperature to reach, °C. */
  safeC: number;
  /** Minutes at 95 °C to tender; 0 for lean meat. */
  tenderAt95Min: number;
  dryAfterMin: number | null;
}

/** Everything a forecast is made from. */
export interface HeatInput {
  pot: HeatPot;
  altitudeM: number;
  roomC: number;
  /** Liquid and vegetables that heat as one lump, J/K, and their temperature when the lid goes on. */
  lumpJPerK: number;
  startC: number;
  pieces: readonly PieceSpec[];
  /** Index of the piece that decides, and its doneness; null for a dish without meat. */
  deciding: { index: number; doneness: Doneness } | null;
  release: 'quick' | 'ten' | 'natural';
  /** Minutes under pressure, or null to have them suggested. */
  minutes: number | null;
  /** What the log has learned: factors on come-up and release times. */
  comeUpFactor?: number;
  releaseFactor?: number;
}

/** Tenderness in four states. */
export type Tenderness = 'under' | 'just done' | 'tender' | 'falling apart' | 'dry';

/** One point of the simulated cook. */
export interface HeatPoint {
  timeS: number;
  potC: number;
  coreC: number | null;
  surfaceC: number | null;
  gaugeKPa: number;
}

/** A forecast. Times are seconds from the lid; ranges say how far real kitchens vary. */
export interface HeatForecast {
  workingC: number;
  boilsAtC: number;
  comeUpS: Range;
  holdS: number;
  releaseS: Range;
  suggestedMin: number;
  /** Core when the hold ends and when the lid opens, °C; null without meat. */
  coreAtEndC: number | null;
  coreAtOpenC: number | null;
  tenderness: Tenderness | null;
  /** Minutes under pressure between tender and too much. */
  windowMin: { from: number; to: number } | null;
  flashedG: number;
  series: HeatPoint[];
}

/** Constants of the model, each with where it comes from. */
export const HEAT_FIGURES = {
  /** Share of the heater's power that reaches the contents. */
  efficiency: {
    value: 0.86,
    spread: 0.1,
    source: 'Immersed or base heaters with the pot’s wall and body taking the rest',
  },
  /** Steam driven out with the air before the valve closes, g. */
  purgeG: { value: 30, spread: 0.4, source: 'Part of the 30-70 ml lost coming up and venting' },
  /** Heat loss while coming down against while holding: lid condensation and seepage. */
  releaseLoss: {
    value: 1.75,
    spread: 0.2,
    source: 'Fits natural release of 8-14 min for a kilo of meat in sauce',
  },
  /** Gauge pressure at which the pin falls, kPa. */
  pinKPa: { value: 3, spread: 0.5, source: 'Pin weights of a few grams over a few mm²' },
  /** Time to vent by hand from working pressure, s. */
  ventS: { value: 130, spread: 0.3, source: 'Two to three minutes' },
  /** Surface coefficients, W/m²K: warming liquid, and boiling liquid or condensing steam. */
  warmingW: {
    value: 60,
    spread: 0.4,
    source: 'Pieces half out of thin sauce, in air and wisps of steam until it boils',
  },
  boilingW: { value: 600, spread: 0.3, source: '500-1500 in boiling liquid or condensing steam' },
  /** Latent heat of steam near 105 °C, J/g. */
  latentJPerG: { value: 2240, spread: 0.01, source: 'Steam tables' },
  /** How far water inside the meat may be above the boiling point outside before it flashes, °C. */
  superheatC: {
    value: 1.5,
    spread: 0.5,
    source: 'Wet, open-grained meat; small superheat before vapour forms',
  },
  /** Tenderness: the rate doubles for this many degrees. */
  doublingC: { value: 9.5, spread: 0.06, source: 'Connective tissue melting, a factor of two for 9-10 °C' },
  /** Margin above the safe temperature that a suggestion keeps, °C. */
  marginC: { value: 3, spread: 0.3, source: 'Difference between pieces in one pot' },
} as const;

const TENDER = { just: 0.6, tender: 1, apart: 1.8 };
const LONGEST_S = 150 * 60;
/** Time step, s: divides a minute; chosen with the grid by measured error. */
const STEP_S = 3;
const COME_UP_LIMIT_S = 75 * 60;
/** A natural release is not followed beyond this. */
const RELEASE_LIMIT_S = 60 * 60;

interface State {
  potC: number;
  timeS: number;
  /** Tenderness integral of the deciding piece; 1 is tender. */
  tender: number;
  /** Seconds the deciding core has been above 75 °C. */
  hotS: number;
}

class Run {
  readonly pieces: Piece[];
  readonly boilsC: number;
  readonly workingC: number;
  readonly pinC: number;
  readonly air: number;
  readonly dtS = STEP_S;
  readonly capacity: number;
  state: State;
  readonly series: HeatPoint[] = [];
  #nextPoint = 0;

  constructor(
    readonly input: HeatInput,
    readonly factors: { power: number; loss: number },
    readonly keepsSeries: boolean,
  ) {
    this.pieces = input.pieces.filter((p) => p.massG > 0).map((p) => new Piece(p));
    this.air = airKPa(input.altitudeM);
    this.boilsC = boilingC(this.air);
    this.workingC = boilingC(this.air + input.pot.gaugeKPa);
    this.pinC = boilingC(this.air + HEAT_FIGURES.pinKPa.value);
    this.capacity = input.lumpJPerK + input.pot.metalJPerK;
    this.state = { potC: Math.min(input.startC, this.boilsC), timeS: 0, tender: 0, hotS: 0 };
  }

  get surface(): number | null {
    const index = this.input.deciding?.index;
    return index === undefined ? null : (this.pieces[index]?.surfaceC ?? null);
  }

  get core(): number | null {
    const index = this.input.deciding?.index;
    return index === undefined ? null : (this.pieces[index]?.coreC ?? null);
  }

  /**
   * One step at a given heater power; the pot's temperature is free unless `pinnedC` is given. Pot and pieces are solved
   * together, fully implicitly, so that no amount of cold food in a small pot makes it swing, and the pieces take exactly the
   * heat the pot gives.
   */
  step(heaterW: number, lossFactor: number, pinnedC?: number): void {
    const s = this.state;
    const surface = s.potC > this.boilsC - 2 ? HEAT_FIGURES.boilingW.value : HEAT_FIGURES.warmingW.value;
    let bound = 0;
    for (const piece of this.pieces) bound += piece.conductance(surface);
    const isStiff = pinnedC === undefined && bound * this.dtS > this.capacity;
    for (const piece of this.pieces) piece.prepare(this.dtS, s.potC, surface, isStiff);
    if (pinnedC === undefined) {
      const loss = this.input.pot.lossWPerK * this.factors.loss * lossFactor;
      let conductance = loss;
      let drive = heaterW + loss * this.input.roomC;
      for (const piece of this.pieces) {
        conductance += piece.gain;
        drive += piece.offset;
      }
      s.potC = (this.capacity * s.potC + this.dtS * drive) / (this.capacity + this.dtS * conductance);
    } else s.potC = pinnedC;
    for (const piece of this.pieces) piece.finish(this.dtS, s.potC);
    s.timeS += this.dtS;
    this.note();
  }

  note(): void {
    const s = this.state;
    const core = this.core;
    const t95 = this.input.deciding?.doneness.tenderAt95Min ?? 0;
    if (core !== null) {
      if (t95 > 0 && core > 40)
        s.tender += (this.dtS * 2 ** ((core - 95) / HEAT_FIGURES.doublingC.value)) / (t95 * 60);
      if (core > 75) s.hotS += this.dtS;
    }
    if (this.keepsSeries && s.timeS >= this.#nextPoint) {
      this.series.push({
        timeS: s.timeS,
        potC: s.potC,
        coreC: core,
        surfaceC: this.surface,
        gaugeKPa: Math.max(0, saturationKPa(s.potC) - this.air),
      });
      this.#nextPoint = s.timeS + 20;
    }
  }

  /** Holds at working temperature. */
  hold(minutes: number): void {
    for (let i = Math.round((minutes * 60) / this.dtS); i > 0; i--) this.step(0, 1, this.workingC);
  }

  comeUp(): number {
    const power = this.input.pot.heaterW * HEAT_FIGURES.efficiency.value * this.factors.power;
    let purge = HEAT_FIGURES.purgeG.value * HEAT_FIGURES.latentJPerG.value;
    while (this.state.potC < this.workingC && this.state.timeS < COME_UP_LIMIT_S) {
      const before = this.state.potC;
      this.step(power, 1);
      if (purge > 0 && this.state.potC > this.boilsC && before <= this.boilsC + 0.01) {
        purge -= (this.state.potC - this.boilsC) * this.capacity;
        this.state.potC = this.boilsC;
      }
    }
    return this.state.timeS;
  }

  /**
   * One step of coming down: water inside the pieces boils where the falling pressure lets it. While the pot is closed that
   * vapour condenses and its heat stays; while it is vented it is gone. Returns the vapour that left, g.
   */
  comeDown(lossFactor: number, pinnedC?: number): number {
    this.step(0, lossFactor, pinnedC);
    let joules = 0;
    for (const piece of this.pieces) joules += piece.flash(this.state.potC + HEAT_FIGURES.superheatC.value);
    if (pinnedC !== undefined) return joules / HEAT_FIGURES.latentJPerG.value;
    this.state.potC += joules / this.capacity;
    return 0;
  }

  /** Comes down and opens; returns the seconds it took and what flashed off, g. */
  release(kind: HeatInput['release']): { seconds: number; flashedG: number } {
    const start = this.state.timeS;
    const limit = kind === 'quick' ? 0 : kind === 'ten' ? 600 : RELEASE_LIMIT_S;
    let flashedG = 0;
    while (this.state.potC > this.pinC && this.state.timeS - start < limit)
      flashedG += this.comeDown(HEAT_FIGURES.releaseLoss.value);
    if (this.state.potC > this.pinC) {
      const from = this.state.potC;
      const share = Math.min(1, (from - this.boilsC) / Math.max(1, this.workingC - this.boilsC));
      const ventS = HEAT_FIGURES.ventS.value * Math.max(0.25, share);
      const vent0 = this.state.timeS;
      while (this.state.timeS - vent0 < ventS) {
        const done = Math.min(1, (this.state.timeS - vent0 + this.dtS) / ventS);
        flashedG += this.comeDown(1, from + (this.boilsC - from) * done);
      }
      flashedG += ((from - this.boilsC) * this.capacity) / HEAT_FIGURES.latentJPerG.value;
    }
    return { seconds: this.state.timeS - start, flashedG };
  }

  save() {
    return { state: { ...this.state }, pieces: this.pieces.map((p) => p.save()) };
  }

  restore(saved: ReturnType<Run['save']>): void {
    this.state = { ...saved.state };
    saved.pieces.forEach((p, i) => this.pieces[i]?.restore(p));
  }
}

/** Names the state of the meat. */
export function tendernessOf(
  state: { tender: number; hotS: number },
  coreC: number,
  doneness: Doneness,
): Tenderness {
  if (coreC < doneness.safeC) return 'under';
  if (doneness.dryAfterMin !== null && state.hotS > doneness.dryAfterMin * 60) return 'dry';
  if (doneness.tenderAt95Min === 0) return 'tender';
  if (state.tender < TENDER.just) return 'under';
  if (state.tender < TENDER.tender) return 'just done';
  return state.tender < TENDER.apart ? 'tender' : 'falling apart';
}

/**
 * Simulates coming up, holding and coming down, coupled with the pieces, and suggests the shortest whole minutes after
 * which the deciding core has its temperature with margin and the cut is tender. More, colder or thicker meat never
 * comes out sooner. Never a statement that food is safe: the thermometer decides.
 */
export function forecastHeat(input: HeatInput): HeatForecast {
  const spread = HEAT_FIGURES.efficiency.spread;
  const quick = new Run(input, { power: 1 + spread, loss: 1 }, false);
  const quickS = quick.comeUp();
  const slowS = new Run(input, { power: 1 - spread * 1.3, loss: 1.15 }, false).comeUp();
  const suggestedMin = input.deciding ? suggestMinutes(quick) : 0;
  const minutes = Math.max(0, input.minutes ?? suggestedMin);

  const run = new Run(input, { power: 1, loss: 1 }, true);
  const comeUpS = run.comeUp();
  run.hold(minutes);
  const coreAtEndC = run.core;
  const released = run.release(input.release);
  const coreAtOpenC = run.core;

  const done = input.deciding?.doneness;
  const up = input.comeUpFactor ?? 1;
  const down = input.releaseFactor ?? 1;
  const releaseSpread =
    input.release === 'natural'
      ? HEAT_FIGURES.releaseLoss.spread
      : HEAT_FIGURES.ventS.spread * (input.release === 'quick' ? 1 : 0.2);
  return {
    workingC: run.workingC,
    boilsAtC: run.boilsC,
    comeUpS: { low: quickS * up, mid: comeUpS * up, high: slowS * up },
    holdS: minutes * 60,
    releaseS: around(released.seconds * down, releaseSpread),
    suggestedMin,
    coreAtEndC,
    coreAtOpenC,
    tenderness: done && coreAtOpenC !== null ? tendernessOf(run.state, coreAtOpenC, done) : null,
    windowMin: done ? windowOf(done, suggestedMin, run.workingC) : null,
    flashedG: released.flashedG,
    series: run.series.map((p) => ({ ...p, timeS: learnedTime(p.timeS, comeUpS, minutes * 60, up, down) })),
  };
}

/** A moment of the bare model on the clock of this household's pot: its coming up and coming down take longer or shorter. */
function learnedTime(timeS: number, comeUpS: number, holdS: number, up: number, down: number): number {
  if (timeS <= comeUpS) return timeS * up;
  const after = timeS - comeUpS;
  return comeUpS * up + Math.min(after, holdS) + Math.max(0, after - holdS) * down;
}

/**
 * Shortest whole minutes after which the deciding piece is done when the lid opens. Takes a run that has come up, and it is
 * the run that came up quickest: a pot that is fast today has cooked the meat least on the way.
 */
function suggestMinutes(run: Run): number {
  const done = run.input.deciding?.doneness;
  const isDone = (): boolean => {
    const core = run.core;
    if (!done || core === null) return true;
    if (core < done.safeC + HEAT_FIGURES.marginC.value) return false;
    return done.tenderAt95Min === 0 || run.state.tender >= TENDER.tender;
  };
  const snapshots = [run.save()];
  while (snapshots.length < 2 || (!isDone() && snapshots.length < LONGEST_S / 60)) {
    run.hold(1);
    snapshots.push(run.save());
  }
  let low = 1;
  let high = snapshots.length - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    run.restore(snapshots[middle] as ReturnType<Run['save']>);
    run.release(run.input.release);
    if (isDone()) high = middle;
    else low = middle + 1;
  }
  return high;
}

/** From the suggested minutes to where more of them begin to hurt, from the rate at working temperature. */
function windowOf(done: Doneness, suggestedMin: number, workingC: number): { from: number; to: number } {
  if (done.tenderAt95Min === 0)
    return { from: suggestedMin, to: suggestedMin + Math.max(1, Math.round((done.dryAfterMin ?? 10) / 4)) };
  const perMinute = 2 ** ((workingC - 4 - 95) / HEAT_FIGURES.doublingC.value) / done.tenderAt95Min;
  const spare = (TENDER.apart - TENDER.tender) / perMinute;
  const dry = done.dryAfterMin === null ? Number.POSITIVE_INFINITY : done.dryAfterMin;
  return {
    from: suggestedMin,
    to: Math.max(suggestedMin + 1, Math.min(Math.round(suggestedMin + spare), suggestedMin + dry / 2)),
  };
}
