import { KitchenSchema, type Kitchen } from '../../core/index';
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
