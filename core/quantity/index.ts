/** Amounts and how they are written: grams, millilitres, °C, seconds, ranges that hold eight in ten. */
export { BOIL_OFF_G_PER_MIN } from './boilOff';
export {
  formatCountdown,
  formatDuration,
  formatDurationRange,
  formatMass,
  formatNumber,
  formatSpoons,
  formatTemp,
  formatTempDifference,
  sayTemps,
  tempFrom,
  tempIn,
  formatVolume,
  type DisplayUnits,
} from './format';
export { EIGHT_IN_TEN, type Range } from './range';
export { cupMl, type MeasureSystem } from './units';
