import { CUBED_EXPONENT, CUTS, isLoose, THICKEST_FACTOR, type Cut } from '../heat/data/cuts';
import { donenessOf } from '../heat/doneness';
import { REFERENCE, suggestedMinutes, type HeatInput } from '../heat/simulate';
import type { Pot } from '../pot/pot';
import type { Kitchen } from '../kitchen/kitchen';

/** Thicknesses of the table, mm. */
export const MINUTES_SIZES = [20, 30, 40, 50, 60] as const;
const COLD_C = 6;
const FROZEN_C = -18;
/** Frozen pieces thicker than this are not predicted, mm. */
const FROZEN_MOST_MM = 40;

/** One cut in this pot: minutes under pressure by thickness, from the refrigerator and frozen in loose pieces. */
export interface MinutesRow {
  cutId: string;
  name: string;
  release: HeatInput['release'];
  usualMm: number;
  fresh: (number | null)[];
  frozen: (number | null)[];
  /** Cut into cubes of that size, as the dish with the same cubes has it; null where nobody cubes it. */
  cubes: (number | null)[];
}

/** Minutes for one kilo of a cut of one thickness in a pot, by the same simulation as every dish; null where there is none. */
function minutesFor(
  cut: Cut,
  mm: number,
  startC: number,
  pot: Pot,
  kitchen: Kitchen,
  isCubed = false,
): number {
  const [low, high] = pot.highKPa;
  return suggestedMinutes({
    pot: {
      kind: pot.kind,
      heaterW: pot.heaterW,
      lossWPerK: pot.lossWPerK,
      metalJPerK: pot.metalJPerK,
      gaugeKPa: (low + high) / 2,
    },
    altitudeM: pot.altitudeM ?? kitchen.altitudeM,
    roomC: kitchen.roomC,
    lumpJPerK: REFERENCE.lumpJPerK,
    startC: REFERENCE.startC,
    pieces: [
      {
        massG: REFERENCE.loadG,
        thicknessMm: mm * THICKEST_FACTOR * (isCubed ? 1 : cut.depth),
        exponent: isCubed ? CUBED_EXPONENT : cut.exponent,
        conduction: cut.conduction,
        startC,
      },
    ],
    judged: [{ index: 0, doneness: donenessOf(cut, kitchen.authority) }],
    // Cubes of poultry are vented, as a dish of them is.
    release: isCubed && cut.safe === 'poultry' ? 'quick' : cut.release,
    minutes: null,
  });
}

/**
 * The household's own table of minutes: every cut in one pot at its height, row by row so that a worker can show progress. The
 * thermometer decides, as everywhere.
 */
export function* minutesTable(pot: Pot, kitchen: Kitchen): Generator<MinutesRow> {
  for (const cut of CUTS) {
    const sizes: readonly number[] = isLoose(cut)
      ? []
      : MINUTES_SIZES.filter((mm) => mm >= (cut.leastMm ?? 0));
    yield {
      cutId: cut.id,
      name: cut.name,
      release: cut.release,
      usualMm: cut.thicknessMm,
      fresh: MINUTES_SIZES.map((mm) =>
        sizes.includes(mm) ? minutesFor(cut, mm, COLD_C, pot, kitchen) : null,
      ),
      frozen: MINUTES_SIZES.map((mm) =>
        sizes.includes(mm) && mm <= FROZEN_MOST_MM ? minutesFor(cut, mm, FROZEN_C, pot, kitchen) : null,
      ),
      cubes: MINUTES_SIZES.map((mm) => (cut.cubes ? minutesFor(cut, mm, COLD_C, pot, kitchen, true) : null)),
    };
  }
}
