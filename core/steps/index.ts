/** What is done at the pot, one thing after the other, with its look, its caution and its minutes. The door of the room. */
export { bowlsFor, BOWL_WHEN, type Bowl, type BowlWhen } from './bowls';
export { buildSteps } from './build';
export { mayBeDoneAhead, stepItem, willBind, type Step } from './step';
export { sumSteps, timeSteps, type RibbonBlock, type Timing } from './timing';
