import { KITCHEN_SPREADS } from './data/figures';
import { EXPECTED, type HeatInput, type RunFactors } from './run';

/** What differs from kitchen to kitchen, in a fixed order. */
export const DIMENSIONS = Object.keys(KITCHEN_SPREADS) as (keyof RunFactors)[];

/** The factor so many standard deviations off the expected kitchen. */
export function factorAt(name: keyof RunFactors, z: number): number {
  const off = (z * KITCHEN_SPREADS[name].spread) / 2;
  return name === 'startC' ? off : Math.max(0.2, 1 + off);
}

/** What belongs to the pot and not to the day, and which of its stretches teaches it. */
const OF_THE_POT: Partial<Record<keyof RunFactors, 'comeUp' | 'release'>> = {
  power: 'comeUp',
  loss: 'release',
  releaseLoss: 'release',
};

/** How far pots lie apart in a stretch for what is their own, one standard deviation, relative. */
const POTS_APART = {
  comeUp: KITCHEN_SPREADS.power.spread / 2,
  release: Math.hypot(KITCHEN_SPREADS.loss.spread, KITCHEN_SPREADS.releaseLoss.spread) / 2,
};

/** How far apart pots still are in one thing after what the log has learned of this one, as a share. */
export function leftToKnow(input: Pick<HeatInput, 'known'>, name: keyof RunFactors): number {
  const stretch = OF_THE_POT[name];
  const known = stretch && input.known?.[stretch];
  return stretch && known !== undefined ? Math.min(1, known / POTS_APART[stretch]) : 1;
}

/** A kitchen's factors with those of a pot that is known drawn towards what is known of it. */
export function asKnown(factors: RunFactors, input: Pick<HeatInput, 'known'>): RunFactors {
  if (!input.known) return factors;
  const out = { ...factors };
  for (const name of DIMENSIONS)
    out[name] = EXPECTED[name] + (factors[name] - EXPECTED[name]) * leftToKnow(input, name);
  return out;
}
