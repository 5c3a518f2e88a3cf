/** What is believed of a factor: the logarithm's middle and standard deviation. */
export interface Belief {
  mean: number;
  deviation: number;
}

/** Figures of what one pot teaches, as shares. */
export const TEACHING = {
  /** How far an unknown pot may be from what is written on it. */
  prior: { value: 0.12, source: 'Rated against measured heaters, mains and body; spread 40 %' },
  /** How far one cook is from the next in the same pot: filling by eye, juices, start, a tap. */
  cookToCook: {
    value: 0.07,
    source: 'Fill, start and purge of the spreads of kitchens, with a tap of 20 s; spread 30 %',
  },
  /** How far a pot drifts from one cook to the next: seals age, pots are descaled, kitchens grow cold. */
  drift: { value: 0.015, source: 'A tenth in a season of weekly cooks; spread 60 %' },
  /** What lies further off than so many standard deviations is believed less. */
  outlier: { value: 2, source: 'A forgotten tap is likelier than a pot that changed' },
} as const;

/** What is believed before the first cook. */
export const UNKNOWN_POT: Belief = { mean: 0, deviation: TEACHING.prior.value };

/**
 * The belief after seeing actual times over the bare model's, oldest first: a Kalman filter on the logarithm with forgetting, where
 * a cook far off what is expected counts for less. The deviation never grows beyond the prior's, and a cook never raises it above
 * what drift alone does.
 */
export function believe(ratios: readonly number[], from: Belief = UNKNOWN_POT): Belief {
  let { mean, deviation } = from;
  for (const ratio of ratios) {
    const before = Math.min(TEACHING.prior.value ** 2, deviation ** 2 + TEACHING.drift.value ** 2);
    const off = Math.log(ratio) - mean;
    const usual = TEACHING.cookToCook.value ** 2;
    const far = Math.abs(off) / (TEACHING.outlier.value * Math.sqrt(before + usual));
    const noise = usual * Math.max(1, far) ** 2;
    const gain = before / (before + noise);
    mean += gain * off;
    deviation = Math.sqrt((1 - gain) * before);
  }
  return { mean, deviation };
}
