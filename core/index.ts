/**
 * The public door of the core: everything the app, the server and the demo use. Pure TypeScript, no interface, no clock,
 * no randomness, no I/O. Start with `planDish(dish, kitchen)`; a running cook is `foldCook(events)`; the sauce bench on its
 * own is `doseFor(input)`. Units are SI and named: grams, millilitres, °C, seconds, kPa.
 */
export * from './quantity/index';
export * from './photo/index';
export * from './pantry/index';
export * from './dish/index';
export * from './page/index';
export * from './script/index';
export * from './moments/index';
export * from './pot/index';
export * from './heat/index';
export * from './sauce/index';
export * from './kitchen/index';
export * from './pieces/index';
export {
  SEVERITIES,
  type Finding,
  type Fix,
  type Severity,
  addLater,
  asComputed,
  loadInOrder,
  movePart,
  setSettings,
  splitLine,
  standOn,
  swapsFor,
  swapBack,
} from './findings/index';
export {
  bowlsFor,
  BOWL_WHEN,
  type Bowl,
  type BowlWhen,
  mayBeDoneAhead,
  stepItem,
  type Step,
  type RibbonBlock,
} from './steps/index';
export * from './plan/index';
export * from './meal/index';
export * from './cook/index';
export * from './log/index';
export * from './formats/index';
