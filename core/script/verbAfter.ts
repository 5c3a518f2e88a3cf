import { firstOf, type Rule, type Told } from './told';
import { ofThePlate, ofTheTable, ofTheEnd, ofWhatIsUnsaid } from './after/table';
import { ofEggsAndDough, ofBowls, ofTheCrust, ofItsPlace } from './after/bowls';
import { ofBinding, ofItsLook, ofGlazing, ofBoilingDown } from './after/sauce';
import { ofReturning, ofTheMeat, ofFrying } from './after/meat';

/** In this order: the first that knows the clause decides; where none does, its words alone. */
const RULES: readonly Rule[] = [
  ofTheCrust,
  ofItsPlace,
  ofThePlate,
  ofTheTable,
  ofEggsAndDough,
  ofBinding,
  ofReturning,
  ofItsLook,
  ofTheMeat,
  ofFrying,
  ofGlazing,
  ofBoilingDown,
  ofBowls,
  ofTheEnd,
  ofWhatIsUnsaid,
];

/** The verb of a clause once the pot is open, and at the table. */
export const verbAfter = (t: Told): string | null => firstOf(RULES, t);
