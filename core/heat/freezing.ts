import { MEAT } from './piece';

/**
 * Time for the middle of a slab, cylinder or sphere of meat to freeze from `fromC` to `toC` in surroundings at `aroundC`, s. The
 * published formula of Pham, which splits the heat into what leaves before and after freezing; within about 10 % of measured
 * times. Only to check the simulation against. `thicknessMm` is the full thickness, `surfaceW` in W/m²K.
 */
export function freezingTimeS(
  exponent: 0 | 1 | 2,
  thicknessMm: number,
  fromC: number,
  toC: number,
  aroundC: number,
  surfaceW: number,
): number {
  const half = thicknessMm / 2000;
  const meanC = 1.8 + 0.263 * toC + 0.105 * aroundC;
  const before = MEAT.densityKgPerM3 * MEAT.heatJPerKgK * (fromC - meanC);
  const after = MEAT.densityKgPerM3 * (MEAT.latentJPerKg + MEAT.frozenHeatJPerKgK * (meanC - toC));
  const biot = (surfaceW * half) / MEAT.frozenConductivityWPerMK;
  return (
    (half / ((exponent + 1) * surfaceW)) *
    (before / ((fromC + meanC) / 2 - aroundC) + after / (meanC - aroundC)) *
    (1 + biot / 2)
  );
}
