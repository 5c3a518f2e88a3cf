/** The pot: what lies in it, how high (mm), and whether there is thin liquid enough (ml). */
export { POT_PRESETS, heightMm, type Pot } from './pot';
export { type Layer } from './layers';
export { brokenBy } from './order';
export { type LiquidEntry } from './liquid';
