import { z } from 'zod';
import { isSameDish } from './diff';
import { DishSchema, type Dish } from './dish';

/** A version of a dish kept on purpose, or when it was cooked. */
export const RevisionSchema = z.object({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,60}$/),
  dishId: z.string().regex(/^[A-Za-z0-9_-]{1,60}$/),
  at: z.number().int().nonnegative(),
  /** Why it was kept: "cooked", or the cook's own words. */
  label: z.string().max(120),
  dish: DishSchema,
});
export type Revision = z.infer<typeof RevisionSchema>;

/** Versions kept of one dish; the oldest give way. */
export const MAX_REVISIONS = 40;

/** True when a dish differs from its newest kept version in a way a cook would see. */
export function isWorthKeeping(dish: Dish, newest: Revision | undefined): boolean {
  return newest === undefined || !isSameDish(newest.dish, dish);
}
