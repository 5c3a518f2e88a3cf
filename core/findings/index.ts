/** What is said of a dish, worst first, and the edits offered with it. The door of the room: other rooms come in here. */
export { SEVERITIES, type Finding, type Fix, type Severity } from './finding';
export type { FindingInput } from './input';
export { judge } from './judge';
export {
  addLater,
  asComputed,
  loadInOrder,
  movePart,
  pourIn,
  setRule,
  setSettings,
  splitLine,
  standOn,
} from './fixes';
export { swapsFor, swapBack } from './swaps';
