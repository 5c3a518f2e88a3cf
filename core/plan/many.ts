import { emptyDish, type Dish } from '../dish/dish';
import { DEFAULT_RULES } from '../dish/houseRules';
import { placeDish } from '../moments/place';
import type { Pantry } from '../pantry/pantry';
import { readPage } from '../page/page';
import { recipeOf, type PastedRecipe } from '../page/recipe';

/** One recipe of a file, and how well it was understood. */
export interface FoundRecipe {
  recipe: PastedRecipe;
  /** Its title, or the name of its file. */
  name: string;
  /** Lines that have to be asked about. */
  asks: number;
}

/** Fewer lines than this are no recipe. */
const FEWEST_LINES = 2;

/** The recipes of one file's text, each with how many of its lines have to be looked at; none where there is no recipe in it. */
export function recipesIn(text: string, fileName: string, pantry: Pantry): FoundRecipe[] {
  const page = readPage(text, pantry);
  const ofFile = fileName
    .replace(/^.*[/\\]/, '')
    .replace(/\.[a-z]{2,8}$/i, '')
    .replace(/[_-]+/g, ' ')
    .trim();
  return page.recipes.flatMap((_, which) => {
    const recipe = recipeOf(page, which);
    if (recipe.lines.length < FEWEST_LINES) return [];
    return [
      {
        recipe,
        name: (recipe.title ?? ofFile ?? '').slice(0, 120) || 'A new dish',
        asks: asksOf(recipe, pantry),
      },
    ];
  });
}

/** Lines that a cook has to be asked about, with what the method says of them. */
function asksOf({ lines, method, plates }: PastedRecipe, pantry: Pantry): number {
  const dish: Dish = {
    ...emptyDish('read', '', 0, plates ?? USUAL_PLATES),
    lines: lines.map((l, i) => ({ id: `l${i}`, ...l })),
    method,
  };
  const items = placeDish(dish, { pantry, system: 'us', rules: DEFAULT_RULES });
  return new Set(items.filter((i) => i.read.confidence === 'unsure').map((i) => i.lineId)).size;
}
/** Plates of a recipe that gives none. */
export const USUAL_PLATES = 4;

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
/** So much of a list has to be there word for word for a recipe to be one that is on the shelf, share of its lines. */
const SAME_LINES = 0.8;

/** The dish of the shelf that a recipe already is: of the same name, with most of its lines; undefined where it is new. */
export function alreadyThere(found: FoundRecipe, dishes: readonly Dish[]): Dish | undefined {
  const lines = found.recipe.lines.map((l) => plain(l.text));
  return dishes.find((dish) => {
    if (plain(dish.name) !== plain(found.name)) return false;
    const theirs = new Set(dish.lines.map((l) => plain(l.text)));
    return lines.filter((l) => theirs.has(l)).length >= lines.length * SAME_LINES;
  });
}
