/** The household: its pots, authority, altitude (m), needs and sides. */
export {
  KitchenSchema,
  NEEDS,
  defaultKitchen,
  NO_CALIBRATION,
  type Calibration,
  type Kitchen,
  potFor,
} from './kitchen';
export { sidesOf, wishOf } from './sides';
export { SideSchema, type Side, type SideTask } from './data/sides';
export { ALLERGEN_NAMES, NEED_FIGURES } from './needs';
