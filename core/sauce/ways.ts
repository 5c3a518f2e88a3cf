import { isWorthStirring, mixedWays, type DoseInput, type MixedWay } from './dose';

/** Longest that a sauce is boiled down at the stove in one go, min. Source: kitchen practice; spread 30 %. */
const LONGEST_MIN = 45;

/** The three ways from this sauce to the one wanted: starch alone, some of both, boiling down alone. */
export interface WaysToAim {
  thicken: MixedWay;
  /** Null where boiling down leads nowhere, or starch is not needed. */
  both: MixedWay | null;
  /** Null where it would take too long, or leave too little and too salt. */
  boilDown: MixedWay | null;
}

/** Starch alone, half of the boiling with less starch, or boiling alone: each keeps what is dissolved, salt and strength. */
export function waysToAim(input: DoseInput): WaysToAim | null {
  const ways = mixedWays(input, 1, LONGEST_MIN);
  const [thicken] = ways;
  const last = ways.at(-1);
  if (!thicken || !last || !isWorthStirring(thicken.dose)) return null;
  const middle = ways[Math.round((ways.length - 1) / 2)];
  return {
    thicken,
    both: middle && middle !== thicken && middle !== last ? middle : null,
    boilDown: last !== thicken && !isWorthStirring(last.dose) ? last : null,
  };
}
