import {
  KitchenSchema,
  MAX_FOODS_BYTES,
  ownFood,
  pantryFor,
  readFoods,
  type Food,
  type Kitchen,
} from '../../core/index';
import { freshId } from './dishes';
import { db } from './db';
import { expectKitchen, openKitchenJournal } from './kitchenEdits';
import { keep } from './writes';

/** Changes part of the kitchen as it stands in the database now; what does not pass its own schema is not written. */
export async function changeKitchen(part: Partial<Kitchen>): Promise<boolean> {
  if (!KitchenSchema.partial().safeParse(part).success) return false;
  const edit = expectKitchen(part);
  const key = `kitchen ${Object.keys(part).join(' ')}`;
  const ok = await keep(key, KITCHEN_WORDS[Object.keys(part)[0] ?? ''] ?? 'the kitchen', async () => {
    const isWritten = await writeKitchen(part);
    if (isWritten) edit.stored();
    else edit.drop();
    return isWritten;
  });
  // What could not be written yet stays on the screen and is tried again.
  return ok ?? true;
}

/** What is changed, for the sentence when it cannot be written. */
const KITCHEN_WORDS: Record<string, string> = {
  altitudeM: 'the height above the sea',
  pots: 'the pots',
  potId: 'the pot',
  rules: 'the house rules',
  needs: 'who eats here',
  allergens: 'who eats here',
  units: 'the units',
  roomC: 'the warmth of the kitchen',
};

async function writeKitchen(part: Partial<Kitchen>): Promise<boolean> {
  return db.transaction('rw', db.kitchen, async () => {
    const next = KitchenSchema.safeParse({ ...(await db.kitchen.get('home')), ...part });
    if (next.success) await db.kitchen.put({ ...next.data, id: 'home' });
    return next.success;
  });
}

/** Stores what an earlier page changed and the database never got. */
export async function recoverKitchen(): Promise<void> {
  const part = openKitchenJournal();
  if (Object.keys(part).length) await writeKitchen(part);
}

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

/** Spoons remembered from the bench: the newest, so that an old ladle is forgotten. */
const MOST_SPOONS = 40;

/** Remembers what a spoon showed at the bench against what had been promised: the household's factor is learned from it. */
export async function rememberSpoon(
  seenPercent: number,
  promisedPercent: number,
  again: boolean,
): Promise<void> {
  if (promisedPercent <= 0 || seenPercent <= 0) return;
  await db.transaction('rw', db.kitchen, async () => {
    const kitchen = await db.kitchen.get('home');
    if (!kitchen) return;
    const ratio = Math.min(10, Math.max(0.1, seenPercent / promisedPercent));
    await db.kitchen.put({
      ...kitchen,
      spoonRatios: [...(kitchen.spoonRatios ?? []).slice(0, again ? -1 : undefined), ratio].slice(
        -MOST_SPOONS,
      ),
    });
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
