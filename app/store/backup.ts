import { defaultKitchen, foldAll, type Household, type Kitchen } from '../../core/index';
import { db, type KitchenRow, type PhotoRow } from './db';

const SEEDED = 'seeded';

/** Fills an untouched browser with the ferry-house kitchen. Does nothing on any later opening, in any tab. */
export async function openHousehold(): Promise<void> {
  if (await db.meta.get(SEEDED)) return;
  const demo = (await import('./demoToday')).demoToday();
  await db.transaction('rw', [db.dishes, db.kitchen, db.events, db.outlooks, db.meta], async () => {
    if (await db.meta.get(SEEDED)) return;
    await db.kitchen.put({ ...demo.kitchen, id: 'home' });
    await db.dishes.bulkPut(demo.dishes);
    await db.events.bulkPut(demo.events);
    await db.outlooks.bulkPut(demo.rows);
    await db.meta.put({ key: SEEDED, value: 1 });
  });
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

/** What a household is made of here: its photos as pictures. */
export type HouseholdHere = Pick<Household, 'kitchen' | 'dishes' | 'events'> &
  Partial<Pick<Household, 'revisions' | 'readings'>> & { photos?: readonly PhotoRow[] };

async function replaceAll({
  kitchen,
  dishes,
  events,
  revisions,
  photos,
  readings,
}: HouseholdHere): Promise<void> {
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
    await db.photos.bulkPut([...(photos ?? [])]);
    await db.meta.put({ key: SEEDED, value: 1 });
  });
}

/** Puts back what was here before everything was replaced. */
export type PutBack = () => Promise<void>;

/** Replaces everything; what it returns puts back what was here, photos and readings included. */
export async function replaceWith(household: HouseholdHere): Promise<PutBack> {
  const before = await everythingHere();
  await replaceAll(household);
  return () => replaceAll(before);
}

/**
 * Adds what was joined to what is here and removes nothing, so that a tap or an edit made meanwhile is kept; what it returns puts back
 * what was here before.
 */
export async function addTo(whole: Required<HouseholdHere>): Promise<PutBack> {
  const before = await everythingHere();
  await db.transaction('rw', everything(), async () => {
    const { pots, ownFoods, ownSides } = whole.kitchen;
    const kitchen = kitchenOf(await db.kitchen.get('home'));
    await db.kitchen.put({ ...kitchen, pots, ownFoods, ...(ownSides ? { ownSides } : {}), id: 'home' });
    const here = new Map((await db.dishes.toArray()).map((d) => [d.id, d.updatedAt]));
    await db.dishes.bulkPut(whole.dishes.filter((d) => (here.get(d.id) ?? 0) <= d.updatedAt));
    const read = new Map(
      (await db.readings.toArray()).map((r) => [`${r.cookId} ${r.kind} ${r.chunk}`, r.list.length]),
    );
    await db.readings.bulkPut(
      whole.readings.filter((r) => (read.get(`${r.cookId} ${r.kind} ${r.chunk}`) ?? 0) <= r.list.length),
    );
    await db.events.bulkPut(whole.events);
    await db.revisions.bulkPut(whole.revisions);
    await db.photos.bulkPut([...whole.photos]);
  });
  return () => replaceAll(before);
}

/** Puts the ferry-house kitchen back in place of everything that is here. */
export async function bringDemoBack(): Promise<PutBack> {
  return replaceWith((await import('./demoToday')).demoToday());
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

/** Everything that is kept here. */
export async function everythingHere(): Promise<Required<HouseholdHere>> {
  return db.transaction('r', everything(), async () => ({
    kitchen: kitchenOf(await db.kitchen.get('home')),
    dishes: await db.dishes.toArray(),
    events: await db.events.toArray(),
    revisions: await db.revisions.toArray(),
    readings: await db.readings.toArray(),
    photos: await db.photos.toArray(),
  }));
}

function kitchenOf(row: KitchenRow | undefined): Kitchen {
  const { id: _id, ...kitchen } = row ?? { id: 'home', ...defaultKitchen() };
  return kitchen;
}
