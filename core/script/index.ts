/** A method as acts: `readScript(method, lines, pantry)`; and the same in the cook’s own order. Never throws. */
export { readScript } from './read';
export type { Script } from './act';
export {
  addAct,
  asTheMethodSays,
  dropAct,
  giveLine,
  moveAct,
  setActMinutes,
  verbLabel,
  type ActRow,
} from './edit';
export { VERBS } from './data/verbs';
