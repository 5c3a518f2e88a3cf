import { LETHALITY_FROM_C, type LethalityTable } from './data/lethality';

/** Seconds at a steady core temperature that the table asks for; infinite well below what it lists, never shorter than its last row. */
export function secondsAt(table: LethalityTable, tempC: number): number {
  if (tempC < LETHALITY_FROM_C) return Number.POSITIVE_INFINITY;
  const { points } = table;
  const last = points[points.length - 1] as readonly [number, number];
  if (tempC >= last[0]) return last[1];
  let i = 0;
  while (i < points.length - 2 && tempC > (points[i + 1]?.[0] ?? Number.POSITIVE_INFINITY)) i++;
  const [c0, s0] = points[i] as readonly [number, number];
  const [c1, s1] = points[i + 1] as readonly [number, number];
  return s0 * (s1 / s0) ** ((tempC - c0) / (c1 - c0));
}

// The inner loop asks for them some hundred million times: names of this file are found sooner than global ones.
const FROM_C = LETHALITY_FROM_C;
const { floor, min } = Math;

/** Step of the prepared table, °C. */
const STEP_C = 0.25;
const TOP_C = 130;

/** Share of what the table asks for that passes in one second at each quarter degree: the inner loop looks it up. */
export class LethalRate {
  static readonly #made = new Map<LethalityTable, LethalRate>();
  readonly #rate: Float64Array;

  private constructor(table: LethalityTable) {
    this.#rate = Float64Array.from(
      { length: (TOP_C - LETHALITY_FROM_C) / STEP_C + 1 },
      (_, i) => 1 / secondsAt(table, LETHALITY_FROM_C + i * STEP_C),
    );
  }

  /** The rates of a table, made once. */
  static of(table: LethalityTable): LethalRate {
    let rate = LethalRate.#made.get(table);
    if (!rate) LethalRate.#made.set(table, (rate = new LethalRate(table)));
    return rate;
  }

  /** Share a second at this core temperature. Rises with it and is nothing below `LETHALITY_FROM_C`. */
  at(tempC: number): number {
    if (tempC < FROM_C) return 0;
    const i = min(this.#rate.length - 1, floor((tempC - FROM_C) / STEP_C));
    return this.#rate[i] as number;
  }
}
