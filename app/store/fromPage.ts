import {
  emptyDish,
  MAX_DISH_PAGE,
  MAX_LINE_LENGTH,
  MAX_LINES,
  MAX_NOTE,
  linesApart,
  readMethod,
  type Dish,
  type Pantry,
  type PastedRecipe,
} from '../../core/index';
import { db } from './db';
import { freshId } from './dishes';

/** Lines of a paste as dish lines with fresh identities; a line that holds several foods with their amounts is told apart. */
export function linesOf(recipe: Pick<PastedRecipe, 'lines'>, pantry: Pantry): Dish['lines'] {
  return linesApart(recipe.lines, pantry).map((l) => ({
    id: freshId(),
    text: l.text.slice(0, MAX_LINE_LENGTH),
    ...(l.section ? { section: l.section } : {}),
  }));
}

/** What of a paste is neither a line that found room nor the method: kept as the dish's note. */
function noteOf(recipe: PastedRecipe): string {
  const rest = recipe.lines.slice(MAX_LINES).map((l) => l.text);
  return [...recipe.notes, ...(rest.length ? [`Lines beyond the first ${MAX_LINES}:`, ...rest] : [])].join(
    '\n',
  );
}

/** What a dish is made of. */
type Made = PastedRecipe & { page?: string };

function dishOf(recipe: Made, name: string, plates: number, pantry: Pantry): Dish {
  const dish = emptyDish(
    freshId(),
    (name.trim() || recipe.title || 'A new dish').slice(0, 120),
    Date.now(),
    plates,
  );
  return {
    ...dish,
    // A recipe for low pressure is cooked at low pressure, until the cook says otherwise.
    settings: {
      ...dish.settings,
      ...(readMethod(recipe.method).pressure === 'low' ? { pressure: 'low' as const } : {}),
    },
    lines: linesOf(recipe, pantry).slice(0, MAX_LINES),
    method: recipe.method,
    note: noteOf(recipe).slice(0, MAX_NOTE),
    ...(recipe.page ? { page: recipe.page.slice(0, MAX_DISH_PAGE) } : {}),
  };
}

/** Makes a dish from a page that was read and returns its identity. The page itself is kept with it. */
export async function createDish(
  recipe: Made,
  name: string,
  plates: number,
  pantry: Pantry,
): Promise<string> {
  const dish = dishOf(recipe, name, plates, pantry);
  await db.dishes.add(dish);
  return dish.id;
}

/** Makes many dishes at once, all of them or none; what it returns takes them back. */
export async function createDishes(
  recipes: readonly { recipe: Made; name: string; plates: number }[],
  pantry: Pantry,
): Promise<() => Promise<void>> {
  const dishes = recipes.map(({ recipe, name, plates }) => dishOf(recipe, name, plates, pantry));
  await db.dishes.bulkAdd(dishes);
  return () => db.dishes.bulkDelete(dishes.map((d) => d.id));
}
