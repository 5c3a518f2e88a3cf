import {
  defaultKitchen,
  MAX_BACKUP_BYTES,
  newestThatFit,
  readBackup,
  writeBackup,
  type Backup,
  type Kitchen,
} from '../../core/index';
import { foldAll } from './cooks';
import { db, type KitchenRow } from './db';
import { jpegFrom, textOf } from './photos';

const SEEDED = 'seeded';

/** Fills an untouched browser with the ferry-house kitchen. Does nothing on any later opening, in any tab. */
export async function openHousehold(): Promise<void> {
  if (await db.meta.get(SEEDED)) return;
  const demo = await demoToday();
  await db.transaction('rw', [db.dishes, db.kitchen, db.events, db.meta], async () => {
    if (await db.meta.get(SEEDED)) return;
    await db.kitchen.put({ ...demo.kitchen, id: 'home' });
    await db.dishes.bulkPut(demo.dishes);
    await db.events.bulkPut(demo.events);
    await db.meta.put({ key: SEEDED, value: 1 });
  });
}

/** The ferry-house kitchen with a year behind it that ends today. */
async function demoToday(): Promise<Pick<Backup, 'kitchen' | 'dishes' | 'events'>> {
  const [{ madeHousehold, MADE_AT }, { householdOnDay }] = await Promise.all([
    import('../../demo/ready'),
    import('../../demo/onDay'),
  ]);
  return householdOnDay(madeHousehold, MADE_AT, Date.now());
}

const everything = () => [
  db.dishes,
  db.kitchen,
  db.events,
  db.history,
  db.revisions,
  db.outlooks,
  db.readings,
  db.photos,
  db.meta,
];

/** What a household is made of: a backup without its heading. */
type Household = Pick<Backup, 'kitchen' | 'dishes' | 'events'> &
  Partial<Pick<Backup, 'revisions' | 'photos' | 'readings'>>;

async function replaceAll({
  kitchen,
  dishes,
  events,
  revisions,
  photos,
  readings,
}: Household): Promise<void> {
  const pictures = (photos ?? []).map(({ cookId, jpeg }) => ({ cookId, image: jpegFrom(jpeg) }));
  await db.transaction('rw', everything(), async () => {
    await Promise.all(
      everything()
        .filter((table) => table !== db.kitchen && table !== db.meta)
        .map((table) => table.clear()),
    );
    await db.kitchen.put({ ...kitchen, id: 'home' });
    await db.dishes.bulkPut(dishes);
    await db.events.bulkPut(events);
    await db.revisions.bulkPut(revisions ?? []);
    await db.readings.bulkPut(readings ?? []);
    await db.photos.bulkPut(pictures);
    await db.meta.put({ key: SEEDED, value: 1 });
  });
}

/** Puts back what was here before everything was replaced. */
export type PutBack = () => Promise<void>;

/** Replaces everything; what it returns puts back what was here, photos and readings included. */
async function replaceWith(household: Household): Promise<PutBack> {
  const before = await everythingHere();
  await replaceAll(household);
  return () => replaceAll(before);
}

/** Puts the ferry-house kitchen back in place of everything that is here. */
export async function bringDemoBack(): Promise<PutBack> {
  return replaceWith(await demoToday());
}

/** Empties the household: no dishes, no cooks, one ordinary pot. */
export async function startEmpty(): Promise<PutBack> {
  return replaceWith({ kitchen: defaultKitchen(), dishes: [], events: [] });
}

/** Dishes that are being cooked right now, by name. */
export async function cookingNow(): Promise<string[]> {
  const cooks = foldAll(await db.events.toArray());
  return cooks.filter((c) => c.status === 'cooking').map((c) => c.dish?.name ?? 'a dish');
}

/** A saved household, and how many photos found no room in the file. */
export interface Saved {
  text: string;
  leftOut: number;
}

/** Everything that is kept here. */
async function everythingHere(): Promise<Required<Household>> {
  const { pictures, ...parts } = await db.transaction('r', everything(), async () => {
    const events = await db.events.toArray();
    const startedAt = new Map(events.filter((e) => e.type === 'started').map((e) => [e.cookId, e.at]));
    const pictures = await db.photos.toArray();
    pictures.sort((a, b) => (startedAt.get(a.cookId) ?? 0) - (startedAt.get(b.cookId) ?? 0));
    return {
      kitchen: kitchenOf(await db.kitchen.get('home')),
      dishes: await db.dishes.toArray(),
      events,
      revisions: await db.revisions.toArray(),
      readings: await db.readings.toArray(),
      pictures,
    };
  });
  const photos = await Promise.all(
    pictures.map(async ({ cookId, image }) => ({ cookId, jpeg: await textOf(image) })),
  );
  return { ...parts, photos };
}

/** Everything as one text, for a file. */
export async function exportAll(): Promise<Saved> {
  const all = await everythingHere();
  const photos = newestThatFit(all.photos);
  return {
    text: writeBackup({ savedAt: Date.now(), ...all, photos }),
    leftOut: all.photos.length - photos.length,
  };
}

function kitchenOf(row: KitchenRow | undefined): Kitchen {
  const { id: _id, ...kitchen } = row ?? { id: 'home', ...defaultKitchen() };
  return kitchen;
}

/** What reading a backup came to. */
export type Imported =
  | { ok: true; dishes: number; cooks: number; mended: number; putBack: PutBack }
  | { ok: false; message: string };

/** Reads a backup file in place of everything. Anything wrong with it gives a sentence and changes nothing. */
export async function importFile(file: File): Promise<Imported> {
  if (file.size > MAX_BACKUP_BYTES)
    return { ok: false, message: 'This file is larger than a kitchen’s backup can be. Nothing was changed.' };
  const read = readBackup(await file.text());
  if (!read.ok) return read;
  const putBack = await replaceWith(read.backup);
  const { dishes, events } = read.backup;
  return {
    ok: true,
    dishes: dishes.length,
    cooks: new Set(events.map((e) => e.cookId)).size,
    mended: read.mended,
    putBack,
  };
}
