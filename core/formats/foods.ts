import { z } from 'zod';
import { FoodSchema, type Food } from '../pantry/food';

/** A file of a household's own foods: one JSON object, described in docs/formats.md. */
const FoodsFileSchema = z.object({
  format: z.literal('keen-ladle-foods'),
  version: z.literal(1),
  foods: z.array(FoodSchema).max(500),
});

/** Largest file of foods that is opened, bytes. */
export const MAX_FOODS_BYTES = 2_000_000;

/** Foods read, or why not, in a cook's words. */
export type ReadFoods = { ok: true; foods: Food[] } | { ok: false; message: string };

/** Checks a text that should hold foods. Never throws; a refusal says what is wrong and that nothing was changed. */
export function readFoods(text: string): ReadFoods {
  const unchanged = 'Nothing was changed.';
  if (text.length > MAX_FOODS_BYTES)
    return { ok: false, message: `This file is larger than a pantry can be. ${unchanged}` };
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return { ok: false, message: `This file is damaged or holds something else. ${unchanged}` };
  }
  const read = FoodsFileSchema.safeParse(data);
  if (read.success) return { ok: true, foods: read.data.foods };
  const where = read.error.issues[0]?.path.slice(0, 3).join(' › ') || 'the start';
  return { ok: false, message: `This is not a file of foods that can be read (at ${where}). ${unchanged}` };
}

/** Writes foods as a text; reading it back gives the same foods. */
export function writeFoods(foods: readonly Food[]): string {
  return JSON.stringify({ format: 'keen-ladle-foods', version: 1, foods }, null, 1);
}
