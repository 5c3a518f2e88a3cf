import { HEAT_FIGURES } from './data/figures';
import { Judge, type Doneness, type Progress } from './doneness';
import { Piece, type PieceSpec } from './piece';
import { airKPa, boilingC, saturationKPa } from './saturation';

/** The pot as the simulation needs it. Watts, W/K, J/K, kPa gauge. */
interface HeatPot {
  /** An electric pot where it is not said: its watts are rated, its body is insulated. */
  kind?: 'electric' | 'stovetop';
  heaterW: number;
  lossWPerK: number;
  metalJPerK: number;
  gaugeKPa: number;
}

/** A kind of piece that is judged: which of the pieces, and what has to happen inside it. */
export interface JudgedPiece {
  index: number;
  doneness: Doneness;
}

/** What goes in when the pot is opened in between, and what happens then. */
export interface SecondPhase {
  then: 'pressure' | 'simmer';
  /** Minutes, or null for the shortest in which everything added is done. */
  minutes: number | null;
  /** Pieces added, counted on from the pieces of the first phase. */
  pieces: readonly PieceSpec[];
  judged: readonly JudgedPiece[];
  /** Liquid and small things added, J/K, and their temperature. */
  lumpJPerK: number;
  startC: number;
  /** How long the lid is off, s. */
  openS: number;
  /** How the second pressure is let go; at once where nothing is said, and after how many minutes where it is `ten`. */
  release?: HeatInput['release'];
  ventAfterMin?: number;
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
  /** Kinds of piece that are judged, the main one first. Those with a safe temperature decide the minutes. */
  judged: readonly JudgedPiece[];
  release: 'quick' | 'ten' | 'natural';
  /** Minutes of natural release before the rest is vented, for `ten`; ten where it is not said. */
  ventAfterMin?: number;
  /** Minutes under pressure, or null to have them suggested. */
  minutes: number | null;
  /** Opened in between to add something; null for one lid. */
  second?: SecondPhase | null;
  /** Left closed on keep-warm after the pin has dropped, s. */
  keepWarmS?: number;
  /** What the log has learned: factors on come-up and release times. */
  comeUpFactor?: number;
  releaseFactor?: number;
  /** How well those are known, standard deviations, relative: a pot that has been cooked in is no longer any pot. */
  known?: { comeUp: number; release: number };
}

/** How one run differs from the expected kitchen: factors, 1 each. */
export interface RunFactors {
  power: number;
  loss: number;
  releaseLoss: number;
  vent: number;
  purge: number;
  surface: number;
  /** On the lump of liquid and vegetables. */
  fill: number;
  /** Added to the starting temperatures of the pieces, °C. */
  startC: number;
  /** On the thickness of the pieces. */
  thickness: number;
}

/** The expected kitchen. */
export const EXPECTED: RunFactors = {
  power: 1,
  loss: 1,
  releaseLoss: 1,
  vent: 1,
  purge: 1,
  surface: 1,
  fill: 1,
  startC: 0,
  thickness: 1,
};

/** One point of the simulated cook. */
export interface HeatPoint {
  timeS: number;
  potC: number;
  /** Of the kind that decides. */
  coreC: number | null;
  surfaceC: number | null;
  gaugeKPa: number;
  /** Cores of all judged kinds; null before a kind is in the pot. */
  cores: (number | null)[];
}

/** Time step, s: divides a minute; chosen with the grid by measured error. */
export const STEP_S = 3;
/** A come-up is not followed beyond this: such a pot does not come to pressure. */
export const COME_UP_LIMIT_S = 75 * 60;
/** Minutes that are left before venting the rest, unless said otherwise. Source: kitchen custom; spread 30 %. */
export const VENT_AFTER_MIN = 10;
// Names of this file are found sooner than global ones: the inner loop asks for them a hundred million times.
const { max, min, round } = Math;
const NO_LIMIT = Number.POSITIVE_INFINITY;
/** A natural release is not followed beyond this. */
const RELEASE_LIMIT_S = 60 * 60;
const POINT_EVERY_S = 20;

/** A run that can be gone back to. */
export interface Saved {
  potC: number;
  timeS: number;
  capacity: number;
  pieces: Float64Array[];
  progress: Progress[];
}

/** One simulated cook, phase by phase. Mutable: the outer loop of every forecast. */
export class Run {
  readonly pieces: Piece[];
  readonly #onRack: boolean[];
  readonly judges: Judge[];
  readonly boilsC: number;
  readonly workingC: number;
  readonly pinC: number;
  readonly air: number;
  readonly #warmingW: number;
  readonly #boilingW: number;
  readonly #rackW: number;
  readonly #lossW: number;
  potC: number;
  timeS = 0;
  /** Heat capacity of all that is one lump, J/K. */
  capacity: number;
  readonly series: HeatPoint[] = [];
  /** Which judged kind the series follows. */
  lead = 0;
  #nextPoint = 0;

  constructor(
    readonly input: HeatInput,
    readonly factors: RunFactors = EXPECTED,
    readonly keepsSeries = false,
  ) {
    this.pieces = input.pieces.map((p) => this.#piece(p));
    this.#onRack = input.pieces.map((p) => p.onRack === true);
    this.judges = input.judged.flatMap((j) => this.#judge(j));
    this.air = airKPa(input.altitudeM);
    this.boilsC = boilingC(this.air);
    this.workingC = boilingC(this.air + input.pot.gaugeKPa);
    this.pinC = boilingC(this.air + HEAT_FIGURES.pinKPa.value);
    const withoutLid = input.lumpJPerK * factors.fill + input.pot.metalJPerK;
    const lid = HEAT_FIGURES.lidJPerK.value;
    this.capacity = withoutLid + lid;
    const startC = min(input.startC, this.boilsC);
    this.potC = (withoutLid * startC + lid * input.roomC) / this.capacity;
    this.#warmingW = HEAT_FIGURES.warmingW.value * factors.surface;
    this.#boilingW = HEAT_FIGURES.boilingW.value * factors.surface;
    this.#rackW = HEAT_FIGURES.rackW.value * factors.surface;
    this.#lossW = input.pot.lossWPerK * factors.loss;
  }

  #piece(spec: PieceSpec): Piece {
    const { thickness, startC } = this.factors;
    return new Piece(
      thickness === 1 && startC === 0
        ? spec
        : { ...spec, thicknessMm: spec.thicknessMm * thickness, startC: spec.startC + startC },
    );
  }

  #judge({ index, doneness }: JudgedPiece): Judge[] {
    const piece = this.pieces[index];
    return piece ? [new Judge(piece, doneness)] : [];
  }

  /** Core of the kind the series follows, °C; null without any. */
  get core(): number | null {
    return this.judges[this.lead]?.piece.coreC ?? null;
  }

  /** True when every kind that has a safe temperature is done. */
  get isDone(): boolean {
    return this.judges.every((j) => j.doneness.safeC === null || j.isDone);
  }

  /** What the heater gives to the contents, W. */
  get powerW(): number {
    return this.input.pot.heaterW * this.efficiency * this.factors.power;
  }

  /** Share of the pot's watts that reaches the contents. */
  get efficiency(): number {
    return this.input.pot.kind === 'stovetop' ? 1 : HEAT_FIGURES.efficiency.value;
  }

  /** Heat loss while coming down, as a factor on what it loses while it holds. */
  get releaseLoss(): number {
    const { releaseLoss, bareReleaseLoss } = HEAT_FIGURES;
    const value = this.input.pot.kind === 'stovetop' ? bareReleaseLoss.value : releaseLoss.value;
    return value * this.factors.releaseLoss;
  }

  /**
   * One step at a given heater power; the pot's temperature is free unless `pinnedC` is given,
   * and never above `mostC`: what is too much leaves as vapour. Pot and pieces are solved
   * together, fully implicitly, so that no amount of cold food in a small pot makes it swing, and the pieces take exactly the
   * heat the pot gives.
   */
  step(heaterW: number, lossFactor: number, pinnedC?: number, mostC = NO_LIMIT): void {
    const { pieces, judges } = this;
    const isBoiling = this.potC > this.boilsC - 2;
    const isStiff = pinnedC === undefined && this.#couldTake(isBoiling) * STEP_S > this.capacity;
    const loss = this.#lossW * lossFactor;
    let conductance = loss;
    let drive = heaterW + loss * this.input.roomC;
    for (let i = 0; i < pieces.length; i++) {
      const piece = pieces[i] as Piece;
      piece.prepare(STEP_S, this.potC, this.#surface(i, isBoiling), isStiff);
      conductance += piece.gain;
      drive += piece.offset;
    }
    if (pinnedC === undefined) {
      const freeC = (this.capacity * this.potC + STEP_S * drive) / (this.capacity + STEP_S * conductance);
      this.potC = freeC < mostC ? freeC : mostC;
    } else this.potC = pinnedC;
    for (let i = 0; i < pieces.length; i++) (pieces[i] as Piece).finish(STEP_S, this.potC);
    this.timeS += STEP_S;
    for (let i = 0; i < judges.length; i++) (judges[i] as Judge).note(STEP_S);
    if (this.keepsSeries && this.timeS >= this.#nextPoint) this.point();
  }

  /** What the surfaces of all pieces could take, W/K. */
  #couldTake(isBoiling: boolean): number {
    let sum = 0;
    for (let i = 0; i < this.pieces.length; i++)
      sum += (this.pieces[i] as Piece).conductance(this.#surface(i, isBoiling));
    return sum;
  }

  #surface(i: number, isBoiling: boolean): number {
    return isBoiling ? this.#boilingW : this.#onRack[i] ? this.#rackW : this.#warmingW;
  }

  /** Writes the present moment into the series. */
  point(): void {
    const lead = this.judges[this.lead];
    this.series.push({
      timeS: this.timeS,
      potC: this.potC,
      coreC: lead?.piece.coreC ?? null,
      surfaceC: lead?.piece.surfaceC ?? null,
      gaugeKPa: max(0, saturationKPa(this.potC) - this.air),
      cores: this.judges.map((j) => j.piece.coreC),
    });
    this.#nextPoint = this.timeS + POINT_EVERY_S;
  }

  /** Takes up the series again after going back in time. */
  resumeSeries(): void {
    this.#nextPoint = this.timeS;
  }

  /** Holds at a temperature, working unless said, for some minutes; `each` is called after every step. */
  hold(minutes: number, tempC = this.workingC, each?: () => void): void {
    for (let i = round((minutes * 60) / STEP_S); i > 0; i--) {
      this.step(0, 1, tempC);
      each?.();
    }
  }

  /** Heat that the air still takes with it before the valve closes, J; set when a come-up begins. */
  #purgeJ = 0;

  /** The lid has just been closed: there is air to drive out. */
  close(): void {
    this.#purgeJ = HEAT_FIGURES.purgeG.value * this.factors.purge * HEAT_FIGURES.latentJPerG.value;
  }

  /** One step of heating a closed pot at a power: the air leaves at the boil, then the pressure rises as far as the regulator lets it. */
  heat(powerW: number): void {
    const before = this.potC;
    this.step(powerW, 1, undefined, max(before, this.workingC));
    if (this.#purgeJ > 0 && this.potC > this.boilsC && before <= this.boilsC + 0.01) {
      this.#purgeJ -= (this.potC - this.boilsC) * this.capacity;
      this.potC = this.boilsC;
    }
  }

  /** Heats until the working pressure is there; `each` is called after every step. Returns the seconds it took. */
  comeUp(each?: () => void): number {
    const power = this.powerW;
    const start = this.timeS;
    this.close();
    while (this.potC < this.workingC && this.timeS - start < COME_UP_LIMIT_S) {
      this.heat(power);
      each?.();
    }
    return this.timeS - start;
  }

  /** Simmers with the lid off, at the boil as soon as the gentle heat gets there, for some minutes. */
  simmer(minutes: number): void {
    const power = this.powerW * HEAT_FIGURES.simmerShare.value;
    for (let i = round((minutes * 60) / STEP_S); i > 0; i--) this.step(power, 1, undefined, this.boilsC);
  }

  /** Opens the pot, takes in what is added, and stands open for a while. */
  open(second: SecondPhase): void {
    const whole = this.capacity + second.lumpJPerK;
    if (whole > 0) this.potC = (this.capacity * this.potC + second.lumpJPerK * second.startC) / whole;
    this.capacity = whole;
    for (const spec of second.pieces) {
      this.pieces.push(this.#piece(spec));
      this.#onRack.push(spec.onRack === true);
    }
    for (const judged of second.judged) this.judges.push(...this.#judge(judged));
    for (let left = second.openS; left > 0; left -= STEP_S) this.comeDown(this.releaseLoss);
  }

  /**
   * One step of coming down: water inside the pieces boils where the falling pressure lets it. While the pot is closed that
   * vapour condenses and its heat stays; while it is vented it is gone. Returns the vapour that left, g.
   */
  comeDown(lossFactor: number, pinnedC?: number): number {
    this.step(0, lossFactor, pinnedC);
    let joules = 0;
    for (const piece of this.pieces) joules += piece.flash(this.potC + HEAT_FIGURES.superheatC.value);
    if (pinnedC !== undefined) return joules / HEAT_FIGURES.latentJPerG.value;
    this.potC += joules / this.capacity;
    return 0;
  }

  /**
   * Comes down and opens; returns the seconds it took and what flashed off, g. `lossTimes` and `ventTimes` are factors on what this
   * kitchen loses and on how long it vents; `afterMin` is how long it is left before the rest is vented.
   */
  release(
    kind: HeatInput['release'],
    lossTimes = 1,
    ventTimes = 1,
    afterMin = this.input.ventAfterMin ?? VENT_AFTER_MIN,
  ): { seconds: number; flashedG: number } {
    const start = this.timeS;
    const limit = kind === 'quick' ? 0 : kind === 'ten' ? afterMin * 60 : RELEASE_LIMIT_S;
    const loss = this.releaseLoss * lossTimes;
    let flashedG = 0;
    while (this.potC > this.pinC && this.timeS - start < limit) flashedG += this.comeDown(loss);
    if (this.potC > this.pinC) {
      const from = this.potC;
      const share = min(1, (from - this.boilsC) / max(1, this.workingC - this.boilsC));
      const ventS = HEAT_FIGURES.ventS.value * this.factors.vent * ventTimes * max(0.25, share);
      const vent0 = this.timeS;
      while (this.timeS - vent0 < ventS) {
        const done = min(1, (this.timeS - vent0 + STEP_S) / ventS);
        flashedG += this.comeDown(1, from + (this.boilsC - from) * done);
      }
      flashedG += ((from - this.boilsC) * this.capacity) / HEAT_FIGURES.latentJPerG.value;
    }
    return { seconds: this.timeS - start, flashedG };
  }

  /** Stays closed: cools, and is kept warm once it is down to that. */
  keepWarm(seconds: number): void {
    const floorC = HEAT_FIGURES.keepWarmC.value;
    for (let left = seconds; left > 0; left -= STEP_S) {
      this.comeDown(this.releaseLoss);
      this.potC = max(this.potC, min(floorC, this.boilsC));
    }
  }

  save(): Saved {
    return {
      potC: this.potC,
      timeS: this.timeS,
      capacity: this.capacity,
      pieces: this.pieces.map((p) => p.save()),
      progress: this.judges.map((j) => ({ ...j.progress })),
    };
  }

  /** Goes back to a saved moment of the same phase. */
  restore(saved: Saved): void {
    this.potC = saved.potC;
    this.timeS = saved.timeS;
    this.capacity = saved.capacity;
    saved.pieces.forEach((p, i) => this.pieces[i]?.restore(p));
    saved.progress.forEach((p, i) => {
      const judge = this.judges[i];
      if (judge) judge.progress = { ...p };
    });
  }
}
