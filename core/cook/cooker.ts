import { HEAT_FIGURES } from '../heat/data/figures';
import { kitchenOfRun } from '../heat/ranges';
import { Run, STEP_S, type HeatInput } from '../heat/run';
import { saturationKPa } from '../heat/saturation';
import type { Command, CookerStage, Fault, Load, Reading } from './protocol';

/** Figures of the faults. Source: kitchen experience; spread 40 %. */
const FAULT_FIGURES = {
  /** Share of its power a weak heater gives. */
  weak: 0.62,
  /** Heat that leaks past a bad ring for each kPa of gauge pressure, W. */
  leakWPerKPa: 22,
  /** Thin liquid that is left where there is too little, g. */
  shortG: 22,
  /** A film catches this long after the boil, s, and this hot, °C over the boil. */
  filmS: 45,
  /** A power cut begins and lasts, s of the pot's clock. */
  cutFromS: 420,
  cutForS: 150,
  /** A lump is as thick as this share of a cube of it. */
  lump: 0.63,
} as const;
/** Below this gauge pressure the lid turns, kPa. */
const LID_TURNS_KPA = HEAT_FIGURES.pinKPa.value;
const SCALE_NOISE_G = 2;
const PROBE_NOISE_C = 0.3;

/** A small repeatable noise in -1..1 from a seed and a count. */
function noise(seed: number, n: number): number {
  let h = Math.imul(seed + 0x9e3779b9, 0x85ebca6b) ^ Math.imul(n + 1, 0xc2b2ae35);
  h = Math.imul(h ^ (h >>> 15), 0x27d4eb2f);
  return ((h ^ (h >>> 13)) >>> 0) / 2 ** 31 - 1;
}

function inputOf(load: Load, faults: ReadonlySet<Fault>): HeatInput {
  const pieces = load.pieces.map((p, i) => {
    if (!faults.has('frozen-lump') || i !== load.probeIn) return p;
    const sideMm = 10 * (p.massG / 1.05) ** (1 / 3) * FAULT_FIGURES.lump;
    return { ...p, thicknessMm: Math.max(p.thicknessMm, sideMm), exponent: 1.1, startC: -18 };
  });
  return { ...load, pieces, judged: [], release: 'natural', minutes: 0 };
}

/**
 * A simulated electric cooker with a probe in the meat and a scale under it. Its true power, losses and filling come from a
 * seed and differ from the expected kitchen as real ones do; faults are added on request. Driven by the same heat model as every
 * forecast. Advances in steps of its own clock and never looks at the wall's.
 */
export class SimCooker {
  readonly #run: Run;
  readonly #faults: Set<Fault>;
  #stage: CookerStage = 'off';
  #valve: 'sealed' | 'open';
  #clockS = 0;
  #heldS = 0;
  #programS = 0;
  #boiledS = 0;
  #lostG = 0;
  #thinG: number;
  #addedG = 0;
  #ventFromC: number | null = null;
  #ventS = 0;
  #cutLeftS: number = FAULT_FIGURES.cutForS;
  #before: CookerStage = 'off';

  constructor(
    readonly load: Load,
    readonly seed: number,
    faults: readonly Fault[],
  ) {
    this.#faults = new Set(faults);
    this.#run = new Run(inputOf(load, this.#faults), kitchenOfRun(seed % 4096, seed));
    this.#valve = this.#faults.has('valve-open') ? 'open' : 'sealed';
    this.#thinG = this.#faults.has('thin-short') ? FAULT_FIGURES.shortG : load.thinG;
  }

  get clockS(): number {
    return this.#clockS;
  }

  get stage(): CookerStage {
    return this.#stage;
  }

  get gaugeKPa(): number {
    return Math.max(0, saturationKPa(this.#run.potC) - this.#run.air);
  }

  /** What a command does, or why it cannot be done, in a cook's words. */
  command(command: Command): string | null {
    const closed = this.gaugeKPa > LID_TURNS_KPA;
    switch (command.do) {
      case 'start':
        if (this.#stage === 'burn') return 'The floor is scorched: cancel, open, scrape, add liquid first.';
        if (this.#stage === 'no-power') return 'There is no power.';
        this.#programS = command.minutes * 60;
        this.#heldS = 0;
        this.#stage = 'heating';
        this.#run.close();
        return null;
      case 'hold-for':
        if (this.#stage !== 'heating' && this.#stage !== 'holding')
          return 'It is not under pressure: there are no minutes to change.';
        this.#programS = command.minutes * 60;
        return null;
      case 'cancel':
        if (this.#stage !== 'no-power') this.#stage = closed ? 'coming-down' : 'off';
        return null;
      case 'vent':
        if (this.#stage === 'no-power' || this.#stage === 'open') return 'There is nothing to vent.';
        this.#stage = 'venting';
        this.#valve = 'open';
        this.#ventFromC = this.#run.potC;
        this.#ventS = 0;
        return null;
      case 'seal':
        this.#valve = 'sealed';
        return null;
      case 'open':
        if (closed) return 'The pin is up: the lid does not turn. Never force it.';
        this.#stage = 'open';
        return null;
      case 'scrape':
        if (closed) return 'The pin is up: the lid does not turn.';
        this.#faults.delete('film');
        this.#boiledS = 0;
        return null;
      case 'add-liquid':
        if (closed) return 'The pin is up: the lid does not turn.';
        this.#thinG += command.ml;
        this.#addedG += command.ml;
        this.#lostG = Math.max(0, this.#lostG);
        return null;
    }
  }

  /** Lets its clock run on by whole steps; what is less than a step is kept by the caller. Returns the seconds that passed. */
  advance(seconds: number): number {
    const steps = Math.floor(seconds / STEP_S);
    for (let i = 0; i < steps; i++) this.#step();
    return steps * STEP_S;
  }

  #step(): void {
    const run = this.#run;
    this.#clockS += STEP_S;
    if (this.#powerIsCut()) return void run.comeDown(1);
    switch (this.#stage) {
      case 'heating':
        return this.#heat();
      case 'holding':
        return this.#hold();
      case 'coming-down':
      case 'burn':
        run.comeDown(run.releaseLoss);
        if (this.#stage === 'coming-down' && this.gaugeKPa <= LID_TURNS_KPA) this.#stage = 'off';
        return;
      case 'venting':
        return this.#vent();
      default:
        run.comeDown(this.#stage === 'open' ? 3 : 1);
    }
  }

  /** A cut in the middle of the work; the pot remembers where it was and goes on when the power is back. */
  #powerIsCut(): boolean {
    if (!this.#faults.has('power-cut') || this.#clockS < FAULT_FIGURES.cutFromS) return false;
    if (this.#stage !== 'no-power') {
      if (this.#stage !== 'heating' && this.#stage !== 'holding') return false;
      this.#before = this.#stage;
      this.#stage = 'no-power';
    }
    this.#cutLeftS -= STEP_S;
    if (this.#cutLeftS > 0) return true;
    this.#faults.delete('power-cut');
    this.#stage = this.#before === 'holding' ? 'heating' : this.#before;
    return false;
  }

  get #powerW(): number {
    return this.#run.powerW * (this.#faults.has('weak-heater') ? FAULT_FIGURES.weak : 1);
  }

  #heat(): void {
    const run = this.#run;
    const leakW = this.#faults.has('ring-leaks') ? FAULT_FIGURES.leakWPerKPa * this.gaugeKPa : 0;
    const power = this.#powerW;
    const before = run.potC;
    if (this.#valve === 'open') {
      run.step(power, 1, undefined, run.boilsC);
      if (before >= run.boilsC - 0.01) this.#loses(power);
    } else {
      run.heat(power - leakW);
      if (leakW > 0) this.#loses(leakW);
    }
    if (run.potC >= run.boilsC - 0.01) this.#boiledS += STEP_S;
    const catches =
      (this.#faults.has('film') && this.#boiledS > FAULT_FIGURES.filmS) ||
      (this.#boiledS > 0 && this.#lostG + this.#boiledS * 0.25 > this.#thinG);
    if (catches) this.#stage = 'burn';
    else if (run.potC >= run.workingC) this.#stage = 'holding';
  }

  #hold(): void {
    this.#run.step(0, 1, this.#run.workingC);
    this.#heldS += STEP_S;
    if (this.#heldS >= this.#programS) this.#stage = 'coming-down';
  }

  #vent(): void {
    const run = this.#run;
    const from = this.#ventFromC ?? run.potC;
    this.#ventS += STEP_S;
    const share = Math.min(1, (from - run.boilsC) / Math.max(1, run.workingC - run.boilsC));
    const whole = Math.max(20, HEAT_FIGURES.ventS.value * run.factors.vent * Math.max(0.25, share));
    const done = Math.min(1, this.#ventS / whole);
    this.#lostG += run.comeDown(1, from + (run.boilsC - from) * done);
    if (done >= 1) {
      this.#lostG += (Math.max(0, from - run.boilsC) * run.capacity) / HEAT_FIGURES.latentJPerG.value;
      this.#stage = 'off';
    }
  }

  #loses(watts: number): void {
    this.#lostG += (watts * STEP_S) / HEAT_FIGURES.latentJPerG.value;
  }

  get #display(): string {
    switch (this.#stage) {
      case 'no-power':
        return '';
      case 'burn':
        return 'HOT FLR';
      case 'heating':
        return 'heats';
      case 'holding': {
        const left = Math.ceil((this.#programS - this.#heldS) / 60);
        return `${left} min`;
      }
      case 'coming-down':
      case 'venting':
        return 'down';
      default:
        return 'off';
    }
  }

  /** What its three devices would say now. `seq` is the count of the reading. */
  readings(seq: number): Reading[] {
    const piece = this.#run.pieces[this.load.probeIn];
    const isOut = this.#faults.has('probe-out');
    const core = piece ? (isOut ? (this.#run.potC * 2 + piece.surfaceC) / 3 : piece.coreC) : this.#run.potC;
    const timeS = this.#clockS;
    return [
      {
        kind: 'cooker',
        seq,
        timeS,
        stage: this.#stage,
        display: this.#display,
        pinUp: this.gaugeKPa > LID_TURNS_KPA,
        valve: this.#valve,
        powerW: this.#stage === 'heating' ? Math.round(this.#powerW / this.#run.efficiency) : 0,
        gaugeKPa: Math.round(this.gaugeKPa * 10) / 10,
        heldS: this.#heldS,
      },
      {
        kind: 'probe',
        seq,
        timeS,
        tempC: Math.round((core + noise(this.seed, seq) * PROBE_NOISE_C) * 10) / 10,
      },
      {
        kind: 'scale',
        seq,
        timeS,
        grams: Math.round(
          this.load.emptyG +
            this.load.contentsG +
            this.#addedG -
            this.#lostG +
            noise(this.seed + 1, seq) * SCALE_NOISE_G,
        ),
      },
    ];
  }
}
