import { MAX_FOODS_BYTES, ownFood, pantryFor, readFoods, type Food } from '../../core/index';
import { db } from './db';
import { freshId } from './dishes';

/**
 * Remembers a food of the household's own, with the figures of the one it is most like; it is known everywhere from then
 * on. What it returns forgets it again; null when the name says nothing.
 */
export async function rememberFood(name: string, likeId: string): Promise<(() => Promise<void>) | null> {
  return db.transaction('rw', db.kitchen, async () => {
    const kitchen = await db.kitchen.get('home');
    const like = kitchen && pantryFor(kitchen).get(likeId);
    const food = like && ownFood(`own-${freshId().slice(0, 30)}`, name, like);
    if (!kitchen || !food || kitchen.ownFoods.length >= 500) return null;
    await db.kitchen.put({ ...kitchen, ownFoods: [...kitchen.ownFoods, food] });
    return () => forgetFood(food.id).then(() => undefined);
  });
}

/** Takes a food out of the household's own; what it returns puts it back. */
export async function forgetFood(foodId: string): Promise<() => Promise<void>> {
  const set = (edit: (foods: Food[]) => Food[]): Promise<void> =>
    db.transaction('rw', db.kitchen, async () => {
      const kitchen = await db.kitchen.get('home');
      if (kitchen) await db.kitchen.put({ ...kitchen, ownFoods: edit(kitchen.ownFoods) });
    });
  const gone = (await db.kitchen.get('home'))?.ownFoods.find((f) => f.id === foodId);
  await set((foods) => foods.filter((f) => f.id !== foodId));
  return () => set((foods) => (gone ? [...foods.filter((f) => f.id !== foodId), gone] : foods));
}

/** Reads a file of foods into the household's own; a food of the same name is replaced. Anything wrong changes nothing. */
export async function importFoods(
  file: File,
): Promise<{ ok: true; foods: number } | { ok: false; message: string }> {
  if (file.size > MAX_FOODS_BYTES)
    return { ok: false, message: 'This file is larger than a pantry can be. Nothing was changed.' };
  const read = readFoods(await file.text());
  if (!read.ok) return read;
  return db.transaction('rw', db.kitchen, async () => {
    const kitchen = await db.kitchen.get('home');
    if (!kitchen) return { ok: false as const, message: 'There is no kitchen yet. Nothing was changed.' };
    const names = new Set(read.foods.map((f) => f.names[0]?.toLowerCase()));
    const ids = new Set(read.foods.map((f) => f.id));
    const kept = kitchen.ownFoods.filter((f) => !ids.has(f.id) && !names.has(f.names[0]?.toLowerCase()));
    const ownFoods = [...kept, ...read.foods];
    if (ownFoods.length > 500)
      return {
        ok: false as const,
        message: 'That would be more than 500 foods of your own. Nothing was changed.',
      };
    await db.kitchen.put({ ...kitchen, ownFoods });
    return { ok: true as const, foods: read.foods.length };
  });
}
