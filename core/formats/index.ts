/** What goes in and out: recipes, books, archives, calendars, links. What comes in is untrusted and sized. */
export { writeCalendar } from './calendar';
export { packDish, unpackDish } from './link';
export { isSameRecipe } from './portable';
export { wholeDishesIn, writeRecipe, writeRecipes, writeBook, writeRecipeText } from './recipe';
export { cookRows } from './cooks';
export { writeReadings } from './readings';
export { readFoods, writeFoods, MAX_FOODS_BYTES } from './foods';
export { readBackup, writeBackup, type Household } from './backup';
export {
  readSaved,
  writeArchive,
  type ArchivedHousehold,
  type ArchivedPhoto,
  type ReadArchive,
} from './archive';
export { MAX_ARCHIVE_BYTES } from './limits';
export { textsIn, type Bundle } from './bundle';
export { compareHouseholds, joinHouseholds, type Compared } from './merge';
