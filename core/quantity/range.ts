/** A quantity that is only known to lie between two values. Units are the caller's. `low <= mid <= high`. */
export interface Range {
  low: number;
  mid: number;
  high: number;
}

/** A range with no spread. */
export function exactly(value: number): Range {
  return { low: value, mid: value, high: value };
}

/** `value` give or take a relative `spread` (0.1 is ten per cent each way). Never crosses zero. */
export function around(value: number, spread: number): Range {
  const s = Math.min(Math.abs(spread), 1);
  return value >= 0
    ? { low: value * (1 - s), mid: value, high: value * (1 + s) }
    : { low: value * (1 + s), mid: value, high: value * (1 - s) };
}

/** Sum where the errors are independent: mids add, half-widths add in quadrature on each side. */
export function sumRanges(parts: readonly Range[]): Range {
  let mid = 0;
  let below = 0;
  let above = 0;
  for (const p of parts) {
    mid += p.mid;
    below += (p.mid - p.low) ** 2;
    above += (p.high - p.mid) ** 2;
  }
  return { low: mid - Math.sqrt(below), mid, high: mid + Math.sqrt(above) };
}

/** Multiplies all three values by `k >= 0`. */
export function scaleRange(r: Range, k: number): Range {
  return { low: r.low * k, mid: r.mid * k, high: r.high * k };
}

/** Clamps all three values to at least `floor`. */
export function atLeast(r: Range, floor: number): Range {
  return { low: Math.max(floor, r.low), mid: Math.max(floor, r.mid), high: Math.max(floor, r.high) };
}

/** Standard deviations of a normal error on either side that hold eight in ten: what is shown as a range. */
export const EIGHT_IN_TEN = 1.2816;
