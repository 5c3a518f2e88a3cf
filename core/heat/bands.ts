import { CUBED_EXPONENT, cutById, THICKEST_FACTOR } from './data/cuts';
import { BANDS, BAND_LOADS, type Band, type BandLoad } from './data/bands';
import { donenessOf } from './doneness';
import { forecastHeat } from './simulate';

/** The pot that printed minutes are written for: a standard electric one, at sea level. */
const POT = { heaterW: 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 } as const;
/** Sauce beside a kilo, J/K; it grows as the root of the load, as poured liquid does. */
const SAUCE_J_PER_K = 3200;
const FRIDGE_C = 6;

/** Minutes suggested for one row of the bands in one load, as a dish of it would get. */
function bandMinutes(band: Band, { kg, sauceC }: BandLoad): number {
  const cut = cutById(band.cut);
  if (!cut) throw new Error(`No cut "${band.cut}"`);
  const isBoneless = band.isCubed || (cut.bonelessMm !== undefined && band.mm < BONELESS_BELOW_MM);
  return forecastHeat({
    pot: POT,
    altitudeM: 0,
    roomC: 20,
    lumpJPerK: SAUCE_J_PER_K * Math.sqrt(kg),
    startC: sauceC,
    pieces: [
      {
        massG: 1000 * kg,
        thicknessMm: band.mm * THICKEST_FACTOR * (isBoneless ? 1 : cut.depth),
        exponent: band.isCubed ? CUBED_EXPONENT : cut.exponent,
        conduction: cut.conduction,
        startC: FRIDGE_C,
      },
    ],
    judged: [{ index: 0, doneness: donenessOf(cut, 'us') }],
    release: band.release,
    minutes: null,
  }).suggestedMin;
}
const BONELESS_BELOW_MM = 30;

/** Every row in every load: its minutes, and whether they lie inside the band. */
export const bandTable = (): { band: Band; minutes: number[]; inside: number }[] =>
  BANDS.map((band) => {
    const minutes = BAND_LOADS.map((load) => bandMinutes(band, load));
    return { band, minutes, inside: minutes.filter((m) => m >= band.from && m <= band.to).length };
  });
