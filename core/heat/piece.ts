/**
 * One kind of piece as one-dimensional conduction in shells, in enthalpy form so that freezing and thawing conserve
 * energy. Cell 0 is the core. Lengths are metres, energy joules a kilogram.
 */
export interface PieceSpec {
  /** Mass of all pieces of this kind, g. */
  massG: number;
  /** Smallest dimension of one piece, mm. */
  thicknessMm: number;
  /** 0 slab, 1 cylinder, 2 sphere. */
  exponent: number;
  /** Conduction relative to boneless meat. */
  conduction: number;
  startC: number;
}

/** Thermal figures of meat. Source: food-engineering tables for lean to medium-fat meat; spread 6 %. */
export const MEAT = {
  conductivityWPerMK: 0.48,
  frozenConductivityWPerMK: 1.35,
  densityKgPerM3: 1060,
  heatJPerKgK: 3500,
  frozenHeatJPerKgK: 2000,
  /** Freezing begins and is nearly complete at, °C. */
  freezeFromC: -1,
  freezeToC: -8,
  /** Latent heat of the freezable water in 1 kg, J. */
  latentJPerKg: 0.7 * 334e3,
} as const;

const H0 = MEAT.frozenHeatJPerKgK * MEAT.freezeToC;
const MUSHY =
  MEAT.latentJPerKg + ((MEAT.frozenHeatJPerKgK + MEAT.heatJPerKgK) / 2) * (MEAT.freezeFromC - MEAT.freezeToC);
const H1 = H0 + MUSHY;

/** Specific enthalpy of meat at a temperature, J/kg, zero at the extrapolated frozen 0 °C. */
export function enthalpyOf(tempC: number): number {
  if (tempC <= MEAT.freezeToC) return MEAT.frozenHeatJPerKgK * tempC;
  if (tempC >= MEAT.freezeFromC) return H1 + MEAT.heatJPerKgK * (tempC - MEAT.freezeFromC);
  return H0 + (MUSHY * (tempC - MEAT.freezeToC)) / (MEAT.freezeFromC - MEAT.freezeToC);
}

/** The temperature with this enthalpy: the inverse of `enthalpyOf`. */
export function tempOf(enthalpy: number): number {
  if (enthalpy <= H0) return enthalpy / MEAT.frozenHeatJPerKgK;
  if (enthalpy >= H1) return MEAT.freezeFromC + (enthalpy - H1) / MEAT.heatJPerKgK;
  return MEAT.freezeToC + ((enthalpy - H0) / MUSHY) * (MEAT.freezeFromC - MEAT.freezeToC);
}

/**
 * Thickness of one shell aimed for, m, and how many shells at least and at most. Chosen by measured error in the tests.
 * Pieces thinner than twice `thinnestM` are through in under a minute whatever their size, and are treated as that thick,
 * so that the explicit step never becomes tiny.
 */
const GRID = { stepM: 0.0022, least: 5, most: 12, thinnestM: 0.004 };

/** A piece being heated. Mutable on purpose: it is the inner loop of every forecast. */
export class Piece {
  readonly massKg: number;
  readonly stableS: number;
  readonly #n: number;
  readonly #dx: number;
  readonly #face: Float64Array;
  readonly #volume: Float64Array;
  readonly #areaPerKg: number;
  readonly #conduction: number;
  #h: Float64Array;
  #t: Float64Array;

  constructor(spec: PieceSpec) {
    const radius = Math.max(GRID.thinnestM, spec.thicknessMm / 2000);
    const m = spec.exponent;
    this.#n = Math.min(GRID.most, Math.max(GRID.least, Math.round(radius / GRID.stepM)));
    this.#dx = radius / this.#n;
    this.#conduction = spec.conduction;
    this.massKg = spec.massG / 1000;
    this.#face = Float64Array.from({ length: this.#n + 1 }, (_, i) => (i * this.#dx) ** m);
    if (m === 0) this.#face[0] = 0;
    this.#volume = Float64Array.from(
      { length: this.#n },
      (_, i) => (((i + 1) * this.#dx) ** (m + 1) - (i * this.#dx) ** (m + 1)) / (m + 1),
    );
    this.#areaPerKg = (m + 1) / radius / MEAT.densityKgPerM3;
    const start = enthalpyOf(spec.startC);
    this.#h = new Float64Array(this.#n).fill(start);
    this.#t = new Float64Array(this.#n).fill(spec.startC);
    const frozen = spec.startC < MEAT.freezeFromC;
    const alpha = frozen
      ? MEAT.frozenConductivityWPerMK / (MEAT.densityKgPerM3 * MEAT.frozenHeatJPerKgK)
      : (MEAT.conductivityWPerMK * spec.conduction) / (MEAT.densityKgPerM3 * MEAT.heatJPerKgK);
    this.stableS = (this.#dx * this.#dx) / (alpha * 3.4);
  }

  /** Temperature at the core, °C. */
  get coreC(): number {
    return this.#t[0] ?? 0;
  }

  /** Temperature of the outermost shell, °C. */
  get surfaceC(): number {
    return this.#t[this.#n - 1] ?? 0;
  }

  /** Heat that flows into all pieces of this kind for each degree the surroundings are above `surfaceC`, W/K. */
  conductance(surfaceWPerM2K: number): number {
    const k =
      this.surfaceC < MEAT.freezeFromC
        ? MEAT.frozenConductivityWPerMK
        : MEAT.conductivityWPerMK * this.#conduction;
    return (this.#areaPerKg * this.massKg) / (this.#dx / (2 * k) + 1 / surfaceWPerM2K);
  }

  /** Mean enthalpy, J/kg. */
  get meanEnthalpy(): number {
    let sum = 0;
    let volume = 0;
    for (let i = 0; i < this.#n; i++) {
      const v = this.#volume[i] ?? 0;
      sum += (this.#h[i] ?? 0) * v;
      volume += v;
    }
    return sum / volume;
  }

  /**
   * Lets water inside the pieces flash off where it is hotter than `maxC`, its boiling point at the pressure outside.
   * Returns the heat that left with the vapour, J.
   */
  flash(maxC: number): number {
    const cap = enthalpyOf(maxC);
    let left = 0;
    let volume = 0;
    for (let i = 0; i < this.#n; i++) {
      const v = this.#volume[i] as number;
      volume += v;
      const over = (this.#h[i] as number) - cap;
      if (over <= 0) continue;
      left += over * v;
      this.#h[i] = cap;
      this.#t[i] = maxC;
    }
    return (left / volume) * this.massKg;
  }

  /** The state, to go back to with `restore`. */
  save(): { h: Float64Array; t: Float64Array } {
    return { h: this.#h.slice(), t: this.#t.slice() };
  }

  restore(saved: { h: Float64Array; t: Float64Array }): void {
    this.#h = saved.h.slice();
    this.#t = saved.t.slice();
  }

  /**
   * Advances by `dtS` in surroundings at `aroundC` with a surface coefficient in W/m²K. Returns the heat taken up by all
   * pieces of this kind, J. `dtS` must not exceed `stableS`.
   */
  step(dtS: number, aroundC: number, surfaceWPerM2K: number): number {
    const n = this.#n;
    const dx = this.#dx;
    const face = this.#face;
    const volume = this.#volume;
    const h = this.#h;
    const t = this.#t;
    let inward = 0;
    for (let i = 0; i < n; i++) {
      const here = t[i] as number;
      const k =
        here < MEAT.freezeFromC ? MEAT.frozenConductivityWPerMK : MEAT.conductivityWPerMK * this.#conduction;
      let outward: number;
      if (i < n - 1) {
        const next = t[i + 1] as number;
        const kNext =
          next < MEAT.freezeFromC
            ? MEAT.frozenConductivityWPerMK
            : MEAT.conductivityWPerMK * this.#conduction;
        outward = (((2 * k * kNext) / (k + kNext)) * (face[i + 1] as number) * (next - here)) / dx;
      } else {
        outward = ((face[n] as number) * (aroundC - here)) / (dx / (2 * k) + 1 / surfaceWPerM2K);
      }
      h[i] = (h[i] as number) + (dtS * (outward - inward)) / (MEAT.densityKgPerM3 * (volume[i] as number));
      inward = outward;
    }
    for (let i = 0; i < n; i++) t[i] = tempOf(h[i] as number);
    return (inward / (face[n] as number)) * this.#areaPerKg * this.massKg * dtS;
  }
}
