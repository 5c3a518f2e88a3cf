import { firstOf, type Rule, type Told } from './told';
import { ofItsOwnBowl, ofTheBowl, ofTheBoard } from './before/board';
import { ofColour, ofTheHotFloor, ofMeatInTheHotPot, ofCrackling, ofReturning } from './before/hotPot';
import { ofBaconAndOnions, ofFrying, ofPouring } from './before/frying';
import { ofAdding, ofWhatIsUnsaid } from './before/adding';

/** In this order: the first that knows the clause decides; where none does, its words alone. */
const RULES: readonly Rule[] = [
  ofItsOwnBowl,
  ofTheBowl,
  ofColour,
  ofTheHotFloor,
  ofMeatInTheHotPot,
  ofTheBoard,
  ofBaconAndOnions,
  ofCrackling,
  ofReturning,
  ofFrying,
  ofPouring,
  ofAdding,
  ofWhatIsUnsaid,
];

/** The verb of a clause on the board and in the open pot, before the lid. */
export const verbBefore = (t: Told): string | null => firstOf(RULES, t);
