import type { HeatInput, RunFactors } from '../core/index';

/**
 * Another kitchen for the tests: written on its own, with nothing of the model under test but what a kitchen is given. A heater
 * plate and a lid have their own mass, pieces are heated explicitly on a coarse grid of their own, steam comes from Antoine's
 * equation, and the pot is opened by letting its pressure fall. Only for loads without ice.
 */
export interface TwinCook {
  comeUpS: number;
  releaseS: number;
  /** Core of each judged kind when pressure came, when the hold ended and when the lid opens, °C. */
  atPressureC: number[];
  atEndC: number[];
  atOpenC: number[];
  /** Seconds each core has been over 75 °C, and its softening at 95 °C and a doubling for 9.5 °C, min. */
  softenedMin: number[];
}

/** What the twin is made of, in its own figures. */
const PLATE = { joulesPerK: 320, wattsPerK: 90, efficiency: 0.96 };
const LID = { joulesPerK: 500, wattsPerK: 45 };
const MEAT = { wattsPerMK: 0.49, kgPerM3: 1050, joulesPerKgK: 3450 };
const LATENT = 2.25e6;
const STEP_S = 0.5;
/** Cells along a radius: as many as are not thinner than this, m. */
const CELLS = { least: 3, most: 12, thinnestM: 0.0008 };

/** Boiling point at a pressure, °C and kPa. Source: Antoine's equation for water. */
const boilsAt = (kPa: number): number => 1730.63 / (8.07131 - Math.log10(kPa * 7.50062)) - 233.426;
const kPaAt = (c: number): number => 10 ** (8.07131 - 1730.63 / (c + 233.426)) / 7.50062;
const airAt = (altitudeM: number): number => 101.325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;

/** Pieces of one kind: equal cells along the radius, faces growing with the shape's power. */
class Lump {
  readonly t: number[];
  readonly #dx: number;
  readonly #face: number[];
  readonly #heat: number[];

  constructor(spec: HeatInput['pieces'][number], factors: RunFactors) {
    const radius = (spec.thicknessMm * factors.thickness) / 2000;
    const m = spec.exponent;
    const cells = Math.max(CELLS.least, Math.min(CELLS.most, Math.floor(radius / CELLS.thinnestM)));
    this.#dx = radius / cells;
    const volumes = Array.from(
      { length: cells },
      (_, i) => (((i + 1) * this.#dx) ** (m + 1) - (i * this.#dx) ** (m + 1)) / (m + 1),
    );
    const units = spec.massG / 1000 / MEAT.kgPerM3 / volumes.reduce((s, v) => s + v, 0);
    this.#face = Array.from({ length: cells + 1 }, (_, i) => units * (i * this.#dx) ** m);
    this.#heat = volumes.map((v) => v * units * MEAT.kgPerM3 * MEAT.joulesPerKgK);
    this.t = volumes.map(() => spec.startC + factors.startC);
    this.conduction = MEAT.wattsPerMK * spec.conduction;
  }
  readonly conduction: number;

  /** One step in surroundings; returns the heat taken, J. */
  step(aroundC: number, wattsPerM2K: number): number {
    const { t } = this;
    const k = this.conduction;
    const cells = t.length;
    const flows = Array.from({ length: cells + 1 }, (_, i) =>
      i === 0
        ? 0
        : i === cells
          ? ((this.#face[i] as number) * (aroundC - (t[i - 1] as number))) /
            (1 / wattsPerM2K + this.#dx / 2 / k)
          : ((this.#face[i] as number) * k * ((t[i] as number) - (t[i - 1] as number))) / this.#dx,
    );
    for (let i = 0; i < cells; i++)
      t[i] =
        (t[i] as number) +
        (STEP_S * ((flows[i + 1] as number) - (flows[i] as number))) / (this.#heat[i] as number);
    return STEP_S * (flows[cells] as number);
  }

  /** Water inside that is hotter than the pot can hold boils off; returns its heat, J. */
  boilOff(mostC: number): number {
    let joules = 0;
    this.t.forEach((c, i) => {
      if (c <= mostC) return;
      joules += (c - mostC) * (this.#heat[i] as number);
      this.t[i] = mostC;
    });
    return joules;
  }

  get coreC(): number {
    const [a, b] = this.t as [number, number];
    return a - (b - a) / 6;
  }
}

/** One cook in the twin with these differences from the expected kitchen, held so long. */
export function cookInTwin(input: HeatInput, factors: RunFactors, holdS: number): TwinCook {
  const lumps = input.pieces.map((p) => new Lump(p, factors));
  const rack = input.pieces.map((p) => p.onRack === true);
  const air = airAt(input.altitudeM);
  const boils = boilsAt(air);
  const working = boilsAt(air + input.pot.gaugeKPa);
  const lumpJ = input.lumpJPerK * factors.fill + input.pot.metalJPerK;
  const isElectric = input.pot.kind !== 'stovetop';
  const watts = input.pot.heaterW * (isElectric ? PLATE.efficiency : 1) * factors.power;
  const lossW = input.pot.lossWPerK * factors.loss;
  const plateJ = isElectric ? PLATE.joulesPerK : 60;
  let c = Math.min(input.startC, boils);
  let plate = c;
  let lid = input.roomC;
  const softened = input.judged.map(() => 0);
  const cores = (): number[] => input.judged.map((j) => lumps[j.index]?.coreC ?? Number.NaN);

  const step = (heaterW: number, loss: number, pinned?: number): void => {
    const intoPot = PLATE.wattsPerK * (plate - c);
    plate += (STEP_S * (heaterW - intoPot)) / plateJ;
    const steam = c > boils - 3 ? LID.wattsPerK : LID.wattsPerK / 6;
    const intoLid = steam * (c - lid);
    lid += (STEP_S * (intoLid - loss * 0.5 * (lid - input.roomC))) / LID.joulesPerK;
    let joules = STEP_S * (intoPot - intoLid - loss * 0.5 * (c - input.roomC));
    lumps.forEach((lump, i) => {
      const surface = (c > boils - 2 ? 600 : rack[i] ? 25 : 60) * factors.surface;
      joules -= lump.step(c, surface);
    });
    c = pinned ?? c + joules / lumpJ;
    cores().forEach((core, i) => {
      softened[i] = (softened[i] as number) + (STEP_S / 60) * 2 ** ((core - 95) / 9.5);
    });
  };

  let comeUpS = 0;
  let purgeJ = 0.018 * factors.purge * LATENT;
  for (; c < working && comeUpS < 5400; comeUpS += STEP_S) {
    const before = c;
    step(watts, lossW);
    if (purgeJ > 0 && c > boils && before <= boils + 0.05) {
      purgeJ -= (c - boils) * lumpJ;
      c = boils;
    }
  }
  const atPressureC = cores();
  for (let s = 0; s < holdS; s += STEP_S) {
    plate = working + (plate - working) * 0.99;
    step(0, lossW, working);
  }
  const atEndC = cores();

  const pin = boilsAt(air + 3);
  const limit =
    input.release === 'quick' ? 0 : input.release === 'ten' ? (input.ventAfterMin ?? 10) * 60 : 5400;
  const more = (isElectric ? 1.75 : 1) * factors.releaseLoss;
  let releaseS = 0;
  for (; c > pin && releaseS < limit; releaseS += STEP_S) {
    step(0, lossW * more);
    const joules = lumps.reduce((sum, lump) => sum + lump.boilOff(c + 1.5), 0);
    c += joules / lumpJ;
  }
  if (c > pin) {
    const from = kPaAt(c) - air;
    const ventS = 130 * factors.vent * Math.max(0.25, Math.min(1, (c - boils) / (working - boils)));
    for (let s = 0; s < ventS; s += STEP_S, releaseS += STEP_S) {
      step(0, lossW, boilsAt(air + from * Math.exp((-3.5 * s) / ventS)));
      for (const lump of lumps) lump.boilOff(c + 1.5);
    }
  }
  return { comeUpS, releaseS, atPressureC, atEndC, atOpenC: cores(), softenedMin: softened };
}
