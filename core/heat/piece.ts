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
  /** On a rack above the liquid: heat comes late, with the steam. */
  onRack?: boolean;
  /** Shells to use instead of what the thickness asks for: small vegetables need few. */
  shells?: number;
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
 * Thickness of one shell aimed for, m, and how many shells at least and at most. Chosen with the time step by measured error
 * against the analytic series: under 0.3 °C at the core, see docs/models.md.
 */
const GRID = { stepM: 0.0009, least: 18, most: 24, thinnestM: 0.002 };
/** Weight of the new time level in a step: a little over a half, second order in practice and calm at any step. */
const THETA = 0.55;
/** Most rounds in which it is found out where shells with ice end. */
const ROUNDS = 8;

/** Apparent heat capacity at a temperature, J/kgK: the slope of `enthalpyOf`. */
function slopeAt(tempC: number): number {
  if (tempC < MEAT.freezeToC) return MEAT.frozenHeatJPerKgK;
  if (tempC < MEAT.freezeFromC) return MUSHY / (MEAT.freezeFromC - MEAT.freezeToC);
  return MEAT.heatJPerKgK;
}

/** Thomas elimination of a fresh piece for one surface coefficient and step: constants of its linear system. */
interface Factored {
  surfaceWPerM2K: number;
  dtS: number;
  /** Weight of the new time level at the surface: `THETA`, or 1 where a small pot would swing. */
  theta: number;
  /** Conductance between shell i and the next; the last is to the surroundings. W/K for one unit of face. */
  g: Float64Array;
  store: Float64Array;
  /** Shell i ends at p + q times the shell outside it; `inverse` is one over the pivot. */
  q: Float64Array;
  inverse: Float64Array;
  /**
   * The elimination of a fresh piece as four numbers a shell: the weights of the shell inside, of this one and of the one
   * outside at the old time, and of the shell inside as just eliminated.
   */
  weights: Float64Array;
}

/**
 * A piece being heated. Mutable on purpose: it is the inner loop of every forecast. One step is implicit and comes in two
 * halves, so that the pot can be solved together with all its pieces: `prepare` finds the heat taken as a straight line of
 * the pot's new temperature, `finish` takes exactly that heat. Energy is conserved whatever the step: the enthalpy of each
 * shell changes by what flowed through its faces. Once every shell has thawed the system is linear and its elimination is
 * kept, which is most of the speed.
 */
export class Piece {
  readonly massKg: number;
  readonly #n: number;
  readonly #dx: number;
  readonly #face: Float64Array;
  readonly #kg: Float64Array;
  /** Kilograms of meat for each kilogram in the unit geometry. */
  readonly #kgOf: number;
  readonly #conduction: number;
  /** Share of the step between the two innermost shells by which the core is colder than the inner one. */
  readonly #toCore: number;
  readonly #t: Float64Array;
  readonly #p: Float64Array;
  /** The old time level's part of the flow in through the surface. */
  #before = 0;
  /** Where the shells were last guessed to end, while there is ice. */
  readonly #guess: Float64Array;
  readonly #kept: Factored[] = [];
  /** The elimination while there is ice, made anew at each step; never one of those kept. */
  readonly #icy: Factored;
  /** The one of the step that was prepared. */
  #now: Factored;
  #isFresh: boolean;
  /** Heat taken in W at a pot temperature T: `gain * T - offset`. Set by `prepare`. */
  gain = 0;
  offset = 0;

  constructor(spec: PieceSpec) {
    const radius = Math.max(GRID.thinnestM, spec.thicknessMm / 2000);
    const m = spec.exponent;
    const n = spec.shells ?? Math.min(GRID.most, Math.max(GRID.least, Math.round(radius / GRID.stepM)));
    const dx = radius / n;
    this.#n = n;
    this.#dx = dx;
    this.#conduction = spec.conduction;
    this.massKg = spec.massG / 1000;
    this.#face = Float64Array.from({ length: n + 1 }, (_, i) => (i * dx) ** m);
    this.#kg = Float64Array.from(
      { length: n },
      (_, i) => (MEAT.densityKgPerM3 * (((i + 1) * dx) ** (m + 1) - (i * dx) ** (m + 1))) / (m + 1),
    );
    const inFirst = (m + 1) / (m + 3);
    const inSecond = (inFirst * (2 ** (m + 3) - 1)) / (2 ** (m + 1) - 1);
    this.#toCore = inFirst / (inSecond - inFirst);
    this.#kgOf = this.massKg / this.#kg.reduce((s, v) => s + v, 0);
    this.#t = new Float64Array(n).fill(spec.startC);
    this.#p = new Float64Array(n);
    this.#guess = new Float64Array(n);
    this.#isFresh = spec.startC >= MEAT.freezeFromC;
    this.#icy = this.#now = this.#blank();
  }

  #blank(): Factored {
    const n = this.#n;
    return {
      surfaceWPerM2K: 0,
      dtS: 0,
      theta: 1,
      g: new Float64Array(n),
      store: new Float64Array(n),
      q: new Float64Array(n),
      inverse: new Float64Array(n),
      weights: new Float64Array(4 * n),
    };
  }

  /** Temperature at the very core, °C: the parabola through the two innermost shells, read at its middle. */
  get coreC(): number {
    const t0 = this.#t[0] as number;
    const t1 = this.#t[1] as number;
    return t0 > MEAT.freezeFromC && t1 > t0 ? t0 - (t1 - t0) * this.#toCore : t0;
  }

  /** Mean temperature along the way from the surface to the core, °C: what a fork that is pushed in meets. */
  get alongC(): number {
    let sum = 0;
    for (let i = 0; i < this.#n; i++) sum += this.#t[i] as number;
    return sum / this.#n;
  }

  /** Temperature of the outermost shell, °C. */
  get surfaceC(): number {
    return this.#t[this.#n - 1] as number;
  }

  /** Heat that could flow into all pieces of this kind for each degree at the surface, W/K. */
  conductance(surfaceWPerM2K: number): number {
    return (this.#face[this.#n] as number) * this.#kgOf * surfaceWPerM2K;
  }

  /** Mean enthalpy, J/kg. */
  get meanEnthalpy(): number {
    let sum = 0;
    for (let i = 0; i < this.#n; i++) sum += enthalpyOf(this.#t[i] as number) * (this.#kg[i] as number);
    return (sum * this.#kgOf) / this.massKg;
  }

  /**
   * Lets water inside the pieces flash off where it is hotter than `maxC`, its boiling point at the pressure outside.
   * Returns the heat that left with the vapour, J.
   */
  flash(maxC: number): number {
    const t = this.#t;
    const kg = this.#kg;
    let left = 0;
    for (let i = this.#n - 1; i >= 0; i--) {
      const over = (t[i] as number) - maxC;
      if (over <= 0) continue;
      left += over * (kg[i] as number);
      t[i] = maxC;
    }
    return left * MEAT.heatJPerKgK * this.#kgOf;
  }

  /** The state, to go back to with `restore`: the shells, and whether the last of the ice has been seen to go. */
  save(): Float64Array {
    const saved = new Float64Array(this.#n + 1);
    saved.set(this.#t);
    saved[this.#n] = this.#isFresh ? 1 : 0;
    return saved;
  }

  restore(saved: Float64Array): void {
    this.#t.set(saved.subarray(0, this.#n));
    this.#isFresh = saved[this.#n] === 1;
  }

  /**
   * First half of a step of `dtS` from surroundings at `aroundC` with a surface coefficient in W/m²K: eliminates from the
   * core outwards. `isStiff` where what it lies in is so small that it answers at once.
   */
  prepare(dtS: number, aroundC: number, surfaceWPerM2K: number, isStiff = false): void {
    const theta = isStiff ? 1 : THETA;
    if (aroundC < MEAT.freezeFromC) this.#isFresh = false;
    if (this.#isFresh) {
      this.#now = this.#factored(dtS, surfaceWPerM2K, theta);
      this.#prepareFresh(this.#now, aroundC);
    } else {
      this.#now = this.#icy;
      this.#prepareFrozen(dtS, aroundC, surfaceWPerM2K);
    }
  }

  /** The linear case: what shell i ends at is a weighted sum, in which only one product waits for the shell inside. */
  #prepareFresh(f: Factored, aroundC: number): void {
    const { weights } = f;
    const t = this.#t;
    const p = this.#p;
    const last = this.#n - 1;
    let inside = 0;
    let here = t[0] as number;
    let end = 0;
    let w = 0;
    for (let i = 0; i < last; i++) {
      const outside = t[i + 1] as number;
      end =
        (weights[w] as number) * inside +
        (weights[w + 1] as number) * here +
        (weights[w + 2] as number) * outside +
        (weights[w + 3] as number) * end;
      p[i] = end;
      inside = here;
      here = outside;
      w += 4;
    }
    const g = f.g[last] as number;
    const flow = (1 - f.theta) * g * (aroundC - here);
    this.#before = flow;
    end =
      (weights[w] as number) * inside +
      (weights[w + 1] as number) * here +
      flow * (f.inverse[last] as number) +
      (weights[w + 3] as number) * end;
    p[last] = end;
    this.#couple(f, end, flow);
  }

  #couple(f: Factored, last: number, outside: number): void {
    const end = this.#n - 1;
    const surface = f.theta * (f.g[end] as number) * this.#kgOf;
    this.gain = surface * (1 - (f.q[end] as number));
    this.offset = surface * last - outside * this.#kgOf;
  }

  /**
   * With ice the heat capacity of a shell depends on where it ends: the elimination is repeated, taking each shell as frozen,
   * thawing or thawed where the last round left it, until that no longer changes. Without it a thin shell that runs out of ice
   * within a step would take the heat of the whole step and be hotter than anything around it. Weighs the new time level
   * alone: ice conducts so well that anything less would let the thin shells swing.
   */
  #prepareFrozen(dtS: number, aroundC: number, surfaceWPerM2K: number): void {
    const f = this.#icy;
    const guess = this.#guess;
    guess.set(this.#t);
    for (let round = 0; round < ROUNDS; round++) {
      this.#factor(f, dtS, surfaceWPerM2K, 1, 1, guess);
      this.#eliminateFrozen(f, dtS);
      let outside = aroundC;
      let changed = false;
      for (let i = this.#n - 1; i >= 0; i--) {
        outside = (this.#p[i] as number) + (f.q[i] as number) * outside;
        if (slopeAt(outside) !== slopeAt(guess[i] as number)) changed = true;
        guess[i] = outside;
      }
      if (!changed) return;
    }
  }

  #eliminateFrozen(f: Factored, dtS: number): void {
    const { g, store, inverse } = f;
    const t = this.#t;
    const guess = this.#guess;
    const p = this.#p;
    let brought = 0;
    let end = 0;
    for (let i = 0; i < this.#n; i++) {
      const c = guess[i] as number;
      const gained = ((enthalpyOf(c) - enthalpyOf(t[i] as number)) * (this.#kg[i] as number)) / dtS;
      end = ((store[i] as number) * c - gained + brought) * (inverse[i] as number);
      p[i] = end;
      brought = (g[i] as number) * end;
    }
    this.#couple(f, end, 0);
  }

  /** Second half: substitutes back from the surface at the pot's new temperature. Returns the heat taken up, J. */
  finish(dtS: number, aroundC: number): number {
    return this.#isFresh ? this.#finishFresh(dtS, aroundC) : this.#finishFrozen(dtS, aroundC);
  }

  #finishFresh(dtS: number, aroundC: number): number {
    const { g, q } = this.#now;
    const t = this.#t;
    const p = this.#p;
    let outside = aroundC;
    for (let i = this.#n - 1; i >= 0; i--) {
      outside = (p[i] as number) + (q[i] as number) * outside;
      t[i] = outside;
    }
    const last = this.#n - 1;
    const flow = this.#now.theta * (g[last] as number) * (aroundC - this.surfaceC) + this.#before;
    return flow * this.#kgOf * dtS;
  }

  /** With frozen shells the solved temperatures give the flows, and the flows give the enthalpies. */
  #finishFrozen(dtS: number, aroundC: number): number {
    const { g, q } = this.#now;
    const n = this.#n;
    const t = this.#t;
    let outside = aroundC;
    let outer = 0;
    let taken = 0;
    let fresh = true;
    for (let i = n - 1; i >= 0; i--) {
      const end = (this.#p[i] as number) + (q[i] as number) * outside;
      const flow = (g[i] as number) * (outside - end);
      if (i === n - 1) taken = flow;
      else {
        const at = i + 1;
        const c = tempOf(enthalpyOf(t[at] as number) + (dtS * (outer - flow)) / (this.#kg[at] as number));
        t[at] = c;
        if (c < MEAT.freezeFromC) fresh = false;
      }
      outer = flow;
      outside = end;
    }
    const core = tempOf(enthalpyOf(t[0] as number) + (dtS * outer) / (this.#kg[0] as number));
    t[0] = core;
    this.#isFresh = fresh && core >= MEAT.freezeFromC;
    return taken * this.#kgOf * dtS;
  }

  /** The kept elimination of a fresh piece: one for each surface coefficient and step it meets. */
  #factored(dtS: number, surfaceWPerM2K: number, theta: number): Factored {
    for (let i = 0; i < this.#kept.length; i++) {
      const f = this.#kept[i] as Factored;
      if (f.surfaceWPerM2K === surfaceWPerM2K && f.dtS === dtS && f.theta === theta) return f;
    }
    const made = this.#factor(this.#blank(), dtS, surfaceWPerM2K, theta, THETA, this.#t);
    this.#kept.push(made);
    return made;
  }

  /** `theta` and `inside` weigh the new time level at the surface and inside; `ends` say where the shells end, for their capacity. */
  #factor(
    f: Factored,
    dtS: number,
    surfaceWPerM2K: number,
    theta: number,
    inside: number,
    ends: Float64Array,
  ): Factored {
    const n = this.#n;
    const t = this.#t;
    const fresh = MEAT.conductivityWPerMK * this.#conduction;
    const at = (i: number): number =>
      (t[i] as number) < MEAT.freezeFromC ? MEAT.frozenConductivityWPerMK : fresh;
    let inner = 0;
    let innerQ = 0;
    let k = at(0);
    f.surfaceWPerM2K = surfaceWPerM2K;
    f.dtS = dtS;
    f.theta = theta;
    for (let i = 0; i < n; i++) {
      const face = this.#face[i + 1] as number;
      const isSurface = i === n - 1;
      const kNext = isSurface ? k : at(i + 1);
      const g = isSurface
        ? face / (this.#dx / (2 * k) + 1 / surfaceWPerM2K)
        : (((2 * k * kNext) / (k + kNext)) * face) / this.#dx;
      const outward = (isSurface ? theta : inside) * g;
      const store = ((this.#kg[i] as number) * slopeAt(ends[i] as number)) / dtS;
      const inverse = 1 / (store + outward + inner * (1 - innerQ));
      f.g[i] = g;
      f.store[i] = store;
      f.inverse[i] = inverse;
      f.q[i] = outward * inverse;
      const fromInside = i === 0 ? 0 : (1 - inside) * (f.g[i - 1] as number);
      const fromOutside = isSurface ? 0 : (1 - inside) * g;
      f.weights[4 * i] = fromInside * inverse;
      f.weights[4 * i + 1] = (store - fromInside - fromOutside) * inverse;
      f.weights[4 * i + 2] = fromOutside * inverse;
      f.weights[4 * i + 3] = inner * inverse;
      inner = outward;
      innerQ = f.q[i] as number;
      k = kNext;
    }
    return f;
  }

  /** One whole step in surroundings held at `aroundC`. Returns the heat taken up by all pieces of this kind, J. */
  step(dtS: number, aroundC: number, surfaceWPerM2K: number): number {
    this.prepare(dtS, aroundC, surfaceWPerM2K);
    return this.finish(dtS, aroundC);
  }
}
