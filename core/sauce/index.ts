/** The sauce: grams of starch for a thickness, ways to it, salt, dairy, rescue. `doseFor(input)`. */
export { BINDING } from './data/binding';
export {
  doseFor,
  secondDose,
  thicknessAfter,
  inSpoons,
  isWorthStirring,
  isWrittenRight,
  mixedWays,
  type Dose,
  type DoseInput,
} from './dose';
export { waysToAim } from './ways';
export { BENCH, TASTES } from './data/bench';
export {
  THICKENERS,
  THICKNESSES,
  SLURRY_WATER,
  nearestThickness,
  onThePlate,
  thickenerById,
  thicknessOf,
  type ThickenerId,
} from './data/thickeners';
export { adviseThickener, type AdviseInput } from './advise';
export { MEASURING, sliderOf, readSauce, type MeasuringId, type SauceReading } from './measure';
export { rescue, RESCUES, RESCUE_NAMES, type RescueId } from './rescue';
export { saltView } from './salt';
export { alreadyWords, eatenG, freeFatG, sugarG } from './present';
export { planDairy } from './temper';
export { OPEN_POT } from './data/dairy';
export { glazeDown } from './glaze';
export { pastaStanding } from './pasta';
