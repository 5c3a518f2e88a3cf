/** A running cook as a fold of events: `foldCook(events)`; its forecast, its devices, what a tap writes down. */
export { CookEventSchema, VERDICTS, type CookEvent, type EventPayload, type ToldTimes } from './events';
export {
  CommandSchema,
  DEVICE_KINDS,
  DeviceSchema,
  FAULTS,
  FAULT_NAMES,
  KitchenRequestSchema,
  type Command,
  type CookerReading,
  type Device,
  type DeviceKind,
  type Fault,
  type KitchenRequest,
  type Reading,
} from './protocol';
export { Feed } from './feed';
export { SimCooker } from './cooker';
export { eventsOf, loadOf } from './plugged';
export {
  cookTime,
  foldAll,
  foldCook,
  liveTimers,
  secondsLeft,
  type CookState,
  type Timer,
  type Verdict,
} from './cook';
export { forecastOf, liveForecast } from './forecast';
export { CLOCK_NOTICED_MS, clockMoveFor } from './clock';
export {
  holdAdvice,
  liveAsk,
  planAsItWent,
  probesOf,
  restAsItWent,
  type HoldAdvice,
  type LiveAsk,
  type LiveRest,
} from './asItWent';
export { potNow } from './phase';
export { eventsForStep } from './tap';
