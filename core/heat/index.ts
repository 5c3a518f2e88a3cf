/** Heat in the pot and the pieces: °C, kPa, seconds. `forecastHeat(input)`, `weighKitchens(…)`, `bandTable()`. */
export { HeatRanges, spreadOut, type RangeAnswer } from './ranges';
export { restOf, weighKitchens, type Happened, type RestAnswer } from './weigh';
export { airKPa, boilingC, saturationKPa } from './saturation';
export { donenessOf } from './doneness';
export { BAND_LOADS } from './data/bands';
export { bandTable } from './bands';
export { LETHALITY } from './data/lethality';
export { secondsAt } from './lethality';
export { SOFTENING } from './data/softness';
export { CUBED_EXPONENT, CUTS, cutById, SAFE_C } from './data/cuts';
export { MEAT, Piece } from './piece';
export { EXPECTED, Run, type RunFactors } from './run';
export { KITCHEN_SPREADS } from './data/figures';
export { freezingTimeS } from './freezing';
export { centreOf, type Shape } from './series';
export { forecastHeat, HEAT_FIGURES, type HeatForecast, type HeatInput, type HeatPoint } from './simulate';
export { minutesMore } from './more';
