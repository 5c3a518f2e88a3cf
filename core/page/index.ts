/** A pasted page as a recipe: `readRecipe(text, pantry)` gives title, plates, lines and method. Never throws. */
export { linesApart, readRecipe, recipeOf, type PastedRecipe } from './recipe';
export { pagesFromJsonLd } from './jsonLd';
export {
  FROM_THE_METHOD,
  MAX_PAGE_LENGTH,
  readPage,
  readPageInSteps,
  type PagePart,
  type PartKind,
  type ReadPage,
  type Turned,
} from './page';
