import {
  readBackup,
  writeBackup,
  defaultKitchen,
  KitchenSchema,
  MAX_BACKUP_BYTES,
  type Kitchen,
} from '../../core/index';
import { db } from './db';

const SEEDED = 'seeded';

/** Fills an untouched browser with the ferry-house kitchen. Does nothing on any later opening, in any tab. */
export async function openHousehold(): Promise<void> {
  if (await db.meta.get(SEEDED)) return;
  const { demoHousehold } = await import('../../demo/household');
  const demo = demoHousehold(Date.now());
  await db.transaction('rw', [db.dishes, db.kitchen, db.events, db.meta], async () => {
    if (await db.meta.get(SEEDED)) return;
    await db.kitchen.put({ ...demo.kitchen, id: 'home' });
    await db.dishes.bulkPut(demo.dishes);
    await db.events.bulkPut(demo.events);
    await db.meta.put({ key: SEEDED, value: 1 });
  });
}

const everything = () => [db.dishes, db.kitchen, db.events, db.history, db.meta];

async function replaceAll(
  kitchen: Kitchen,
  dishes: Parameters<typeof db.dishes.bulkPut>[0],
  events: Parameters<typeof db.events.bulkPut>[0],
): Promise<void> {
  await db.transaction('rw', everything(), async () => {
    await Promise.all([db.dishes.clear(), db.events.clear(), db.history.clear()]);
    await db.kitchen.put({ ...kitchen, id: 'home' });
    await db.dishes.bulkPut(dishes);
    await db.events.bulkPut(events);
    await db.meta.put({ key: SEEDED, value: 1 });
  });
}

/** Changes part of the kitchen as it stands in the database now; what does not pass its own schema is not written. */
export async function changeKitchen(part: Partial<Kitchen>): Promise<boolean> {
  return db.transaction('rw', db.kitchen, async () => {
    const next = KitchenSchema.safeParse({ ...(await db.kitchen.get('home')), ...part });
    if (next.success) await db.kitchen.put({ ...next.data, id: 'home' });
    return next.success;
  });
}

/** Puts the ferry-house kitchen back in place of everything that is here. */
export async function bringDemoBack(): Promise<void> {
  const { demoHousehold } = await import('../../demo/household');
  const demo = demoHousehold(Date.now());
  await replaceAll(demo.kitchen, demo.dishes, demo.events);
}

/** Empties the household: no dishes, no cooks, one ordinary pot. */
export async function startEmpty(): Promise<void> {
  await replaceAll(defaultKitchen(), [], []);
}

/** Everything as one text, for a file. */
export async function exportAll(): Promise<string> {
  return db.transaction('r', [db.kitchen, db.dishes, db.events], async () => {
    const row = await db.kitchen.get('home');
    const { id: _id, ...kitchen } = row ?? { id: 'home', ...defaultKitchen() };
    return writeBackup({
      savedAt: Date.now(),
      kitchen,
      dishes: await db.dishes.toArray(),
      events: await db.events.toArray(),
    });
  });
}

/** Reads a backup file in place of everything. Anything wrong with it gives a sentence and changes nothing. */
export async function importFile(
  file: File,
): Promise<{ ok: true; dishes: number; cooks: number } | { ok: false; message: string }> {
  if (file.size > MAX_BACKUP_BYTES)
    return { ok: false, message: 'This file is larger than a kitchen’s backup can be. Nothing was changed.' };
  const read = readBackup(await file.text());
  if (!read.ok) return read;
  const { kitchen, dishes, events } = read.backup;
  await replaceAll(kitchen, dishes, events);
  return { ok: true, dishes: dishes.length, cooks: new Set(events.map((e) => e.cookId)).size };
}
