/** @jest-environment node */
import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import {
  defaultKitchen,
  emptyDish,
  forecastOf,
  KitchenSchema,
  MAX_REVISIONS,
  Pantry,
  planDish,
  writeBackup,
  type Dish,
} from '../../core/index';
import { startCook } from './cooks';
import { db, LadleDb } from './db';
import { duplicateDish, editDish, removeDish } from './dishes';
import { startEmpty } from './backup';
import { exportAll, lastSaved, openSaved, wasSaved } from './saving';
import { forgetFood, importFoods, rememberFood } from './ownFoods';
import { keepRevision } from './revisions';

const dish: Dish = {
  ...emptyDish('d1', 'Test', 0),
  lines: [
    { id: 'a', text: '1 kg beef chuck' },
    { id: 'b', text: '400 ml stock' },
  ],
};
const asFile = (text: string, size = text.length) =>
  ({ name: 'x.json', size, text: () => Promise.resolve(text) }) as unknown as File;
/** Opens a file and puts it in place of everything; what opening came to. */
async function take(content: string | Uint8Array<ArrayBuffer>) {
  const opened = await openSaved(new Blob([content]));
  if (opened.ok) await opened.replace();
  return opened;
}
const kept = () => db.revisions.where('dishId').equals('d1').sortBy('at');
const own = async () => (await db.kitchen.get('home'))?.ownFoods ?? [];

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
  await db.kitchen.put({ ...defaultKitchen(), id: 'home' });
  await db.dishes.put(dish);
});

describe('versions of a dish', () => {
  it('are kept when asked and when it is cooked, never twice the same', async () => {
    expect(await keepRevision(dish, 'first')).not.toBeNull();
    expect(await keepRevision(dish, 'again')).toBeNull();
    await startCook(planDish({ ...dish, plates: 6 }, defaultKitchen()));
    expect((await kept()).map((r) => r.label)).toEqual(['first', 'cooked']);
  });

  it('give way from the oldest beyond the most that are kept', async () => {
    for (let i = 0; i < MAX_REVISIONS + 3; i++)
      await keepRevision({ ...dish, name: `Version ${i}`, updatedAt: i }, `v${i}`);
    const labels = (await kept()).map((r) => r.label);
    expect(labels).toHaveLength(MAX_REVISIONS);
    expect(labels).not.toContain('v0');
    expect(labels).toContain(`v${MAX_REVISIONS + 2}`);
  });

  it('go with the dish and come back with it', async () => {
    await keepRevision(dish, 'first');
    const back = await removeDish(dish);
    expect(await kept()).toEqual([]);
    await back();
    expect(await kept()).toHaveLength(1);
    expect(await db.dishes.get('d1')).toMatchObject({ name: 'Test' });
  });

  it('travel in a backup', async () => {
    await keepRevision(dish, 'first');
    const bytes = await exportAll();
    await startEmpty();
    expect(await kept()).toEqual([]);
    expect(await take(bytes)).toMatchObject({ ok: true, dishes: 1 });
    expect((await kept())[0]?.label).toBe('first');
  });
});

describe('photos and readings', () => {
  const photo = new Blob([Uint8Array.from({ length: 70_000 }, (_, i) => (i * 31) % 256)], {
    type: 'image/jpeg',
  });
  const probe = (seq: number) => ({
    kind: 'probe' as const,

    seq,
    timeS: seq * 2,
    tempC: 60 + seq,
  });
  const bytes = async (blob: Blob | undefined) => blob && new Uint8Array(await blob.arrayBuffer());

  it('travel in a backup, byte for byte', async () => {
    const cookId = await startCook(planDish(dish, defaultKitchen()));
    await db.photos.put({ cookId, image: photo });
    const row = { cookId, kitchenId: 'k1', kind: 'probe' as const, chunk: 0, list: [probe(1), probe(2)] };
    await db.readings.put(row);
    const file = await exportAll();
    await startEmpty();
    expect(await db.photos.count()).toBe(0);
    expect(await take(file)).toMatchObject({ ok: true, cooks: 1, photos: 1 });
    const back = await db.photos.get(cookId);
    expect(back?.image.type).toBe('image/jpeg');
    expect(await bytes(back?.image)).toEqual(await bytes(photo));
    expect(await db.readings.toArray()).toEqual([row]);
  });

  it('are left as they are when the file is refused', async () => {
    await db.photos.put({ cookId: 'c1', image: photo });
    const old = writeBackup({ savedAt: 1, kitchen: defaultKitchen(), dishes: [dish], events: [] });
    const torn = JSON.stringify({ ...JSON.parse(old), photos: [{ cookId: 'c1', jpeg: '<b>' }] });
    expect(await take(torn)).toMatchObject({ ok: false });
    const whole = await exportAll();
    expect(await take(whole.slice(0, whole.length - 200))).toMatchObject({ ok: false });
    expect(await db.photos.count()).toBe(1);
  });
});

describe('a saved file', () => {
  it('of an older version opens, its photos inside it', async () => {
    const jpeg = btoa('a picture of old');
    const old = writeBackup({
      savedAt: 5,
      kitchen: defaultKitchen(),
      dishes: [dish],
      events: [],
      photos: [{ cookId: 'c9', jpeg }],
    });
    await startEmpty();
    expect(await take(old)).toMatchObject({ ok: true, savedAt: 5, dishes: 1, photos: 1 });
    expect(await (await db.photos.get('c9'))?.image.text()).toBe('a picture of old');
  });

  it('says what it would change and changes nothing until it is taken', async () => {
    const bytes = await exportAll();
    await editDish('d1', 'name', (d) => ({ ...d, name: 'Changed here' }));
    await db.dishes.put({ ...dish, id: 'd2', name: 'Only here' });
    const opened = await openSaved(new Blob([bytes]));
    if (!opened.ok) throw new Error(opened.message);
    expect(opened.compared.dishes).toEqual({ added: 0, changed: 1, same: 0, missing: 1 });
    expect((await db.dishes.get('d1'))?.name).toBe('Changed here');
    const putBack = await opened.replace();
    expect(await db.dishes.count()).toBe(1);
    await putBack();
    expect(await db.dishes.count()).toBe(2);
  });

  it('of another device is joined: nothing of either is lost, and once more changes nothing', async () => {
    const cookId = await startCook(planDish(dish, defaultKitchen()));
    await db.photos.put({ cookId, image: new Blob(['x'], { type: 'image/jpeg' }) });
    const theirs = await exportAll();
    await startEmpty();
    await db.dishes.bulkPut([
      { ...dish, name: 'Changed here', updatedAt: Date.now() + 1000 },
      { ...dish, id: 'd2', name: 'Only here' },
    ]);
    const join = async () => {
      const opened = await openSaved(new Blob([theirs]));
      if (opened.ok) await opened.join();
    };
    await join();
    const after = async () => ({
      dishes: (await db.dishes.toArray()).map((d) => d.name).sort(),
      other: (await db.revisions.toArray())
        .filter((r) => r.label === 'from another device')
        .map((r) => r.dish.name),
      photos: await db.photos.count(),
      events: await db.events.count(),
    });
    const once = await after();
    expect(once).toMatchObject({ dishes: ['Changed here', 'Only here'], other: ['Test'], photos: 1 });
    expect(once.events).toBeGreaterThan(0);
    await join();
    expect(await after()).toEqual(once);
  });

  it('is joined without losing a tap or an edit that was made meanwhile, nor what can be undone', async () => {
    const theirs = await exportAll();
    await editDish('d1', 'name', (d) => ({ ...d, name: 'Before' }));
    const opened = await openSaved(new Blob([theirs]));
    if (!opened.ok) throw new Error(opened.message);
    const joining = opened.join();
    await editDish('d1', 'name', (d) => ({ ...d, name: 'Meanwhile' }));
    const cookId = await startCook(planDish(dish, defaultKitchen()));
    await joining;
    expect((await db.dishes.get('d1'))?.name).toBe('Meanwhile');
    expect(await db.events.where('cookId').equals(cookId).count()).toBeGreaterThan(0);
    expect((await db.history.get('d1'))?.past.length).toBeGreaterThan(0);
  });

  it('is remembered by its day', async () => {
    expect(await lastSaved()).toBeNull();
    await wasSaved();
    expect(Date.now() - ((await lastSaved()) ?? 0)).toBeLessThan(60_000);
  });
});

describe('a copy', () => {
  it('has a name and an identity of its own, and leaves the first alone', async () => {
    const id = await duplicateDish(dish);
    await editDish(id, 'plates', (d) => ({ ...d, plates: 9 }));
    expect(await db.dishes.get('d1')).toMatchObject({ plates: 4, name: 'Test' });
    expect(await db.dishes.get(id)).toMatchObject({ plates: 9, name: 'Test (copy)' });
  });
});

describe('foods of the household’s own', () => {
  it('are remembered from a likeness, win over the shipped name, and are forgotten again', async () => {
    const forget = await rememberFood('sea beans', 'spinach');
    expect((await own())[0]?.names[0]).toBe('sea beans');
    expect(new Pantry(await own()).named('Sea Beans')?.kind).toBe('leaf');
    await forget?.();
    expect(await own()).toEqual([]);
  });

  it('refuse a name that says nothing and a likeness that does not exist', async () => {
    expect(await rememberFood('   ', 'spinach')).toBeNull();
    expect(await rememberFood('sea beans', 'no-such-food')).toBeNull();
    expect(await own()).toEqual([]);
  });

  it('are put back when forgetting was a slip', async () => {
    await rememberFood('sea beans', 'spinach');
    const id = (await own())[0]?.id ?? '';
    const back = await forgetFood(id);
    expect(await own()).toEqual([]);
    await back();
    expect((await own())[0]?.id).toBe(id);
  });

  it('are read from a file, and a bad or huge one changes nothing and says so', async () => {
    await rememberFood('sea beans', 'spinach');
    for (const file of [asFile('{'), asFile('{"hello":1}'), asFile('[]'), asFile('x', 99_000_000)]) {
      const read = await importFoods(file);
      expect(read.ok).toBe(false);
      if (!read.ok) expect(read.message).toMatch(/[.]$/);
    }
    expect(await own()).toHaveLength(1);
  });
});

describe('a kitchen kept by the first version', () => {
  it('takes the defaults of what has been added since, and loses nothing', async () => {
    const name = 'old-ladle';
    const old = new Dexie(name);
    old.version(1).stores({
      dishes: 'id, name, updatedAt',
      kitchen: 'id',
      events: 'id, cookId, [cookId+seq], at',
      history: 'dishId',
      meta: 'key',
    });
    const { texture: _texture, marinade: _marinade, ...rules } = defaultKitchen().rules;
    await old.table('kitchen').put({ ...defaultKitchen(), name: 'Hut', rules, id: 'home' });
    const { layers: _layers, ...settings } = dish.settings;
    await old.table('dishes').put({ ...dish, name: 'Kept', settings });
    await old
      .table('kitchen')
      .update('home', { pots: defaultKitchen().pots.map(({ whistleMin: _w, ...pot }) => pot) });
    await old.table('events').put({
      id: 'e0',
      cookId: 'c',
      seq: 0,
      at: 1,
      type: 'started',
      dish: { ...dish, settings },
      potId: 'electric-standard',
      potName: 'Pot',
      forecast: forecastOf(planDish(dish, defaultKitchen())),
    });
    old.close();
    const now = new LadleDb(name);
    const kitchen = await now.kitchen.get('home');
    expect(kitchen).toMatchObject({ name: 'Hut' });
    expect(KitchenSchema.parse(kitchen).rules.texture).toBe('as-is');
    expect(kitchen?.rules.marinade).toBe('none');
    expect(kitchen?.pots[0]?.whistleMin).toBeNull();
    expect(await now.dishes.get('d1')).toMatchObject({ name: 'Kept', settings: { layers: [] } });
    const started = await now.events.get('e0');
    expect(started?.type === 'started' && started.dish.settings.layers).toEqual([]);
    now.close();
  });
});
