/** What pasta goes on doing in a sauce. Source: kitchen judgement; spread 40 %. */
const PASTA = {
  /** Liquid drunk after it is cooked, g for each g of dry pasta: by the minute, and in the end. */
  drinksPerMin: { value: 0.02, spread: 0.4, source: 'Cooked pasta standing in thin sauce' },
  drinksMost: { value: 0.35, spread: 0.3, source: 'The same after half an hour' },
  /** Starch it gives to the sauce while it stands, cornstarch-equivalent g for each g dry, by the minute. */
  starchPerMin: {
    value: 0.0006,
    spread: 0.5,
    source: 'Cloudiness of pasta water, shared over a creamy sauce',
  },
} as const;

/** A creamy pasta between the pot and the last plate. */
export interface PastaStanding {
  /** Drunk by then, g, and the thickness the sauce has then, per cent. */
  drunkG: number;
  percent: number;
  /** Hot water that keeps it where it was, g. */
  loosenG: number;
}

/**
 * What `minutes` of standing do to a sauce with `dryG` of pasta in it: it drinks and goes on giving starch, so the sauce only
 * ever gets thicker. Loosening is on purpose, with hot water kept back.
 */
export function pastaStanding(dryG: number, sauceG: number, percent: number, minutes: number): PastaStanding {
  const time = Math.max(0, minutes);
  const drunkG = Math.min(
    dryG * Math.min(PASTA.drinksMost.value, PASTA.drinksPerMin.value * time),
    sauceG * 0.8,
  );
  const strengthG = (sauceG * percent) / 100 + dryG * PASTA.starchPerMin.value * time;
  const leftG = Math.max(1, sauceG - drunkG);
  const after = (100 * strengthG) / leftG;
  return {
    drunkG,
    percent: after,
    loosenG: percent > 0 ? Math.max(0, (100 * strengthG) / percent - leftG) : drunkG,
  };
}
