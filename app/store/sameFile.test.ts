/** @jest-environment node */
import 'fake-indexeddb/auto';
import { defaultKitchen, emptyDish } from '../../core/index';
import { startEmpty } from './backup';
import { db } from './db';
import { bringTogether, type KeptFile } from './sameFile';

/** A file in a folder that two devices see. */
function folderFile(start = new Blob([])): KeptFile & { now: () => Blob } {
  let content = start;
  return {
    name: 'keen-ladle.zip',
    now: () => content,
    getFile: () => Promise.resolve(content),
    createWritable: () =>
      Promise.resolve({
        write: (data: Blob) => {
          content = data;
          return Promise.resolve();
        },
        close: () => Promise.resolve(),
      }),
  };
}
const dish = (id: string, name: string, at: number) => emptyDish(id, name, at);
const names = async () => (await db.dishes.toArray()).map((d) => d.name).sort();

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
  await db.kitchen.put({ ...defaultKitchen(), id: 'home' });
});

describe('two devices and one file', () => {
  it('end with all of both, whichever comes first', async () => {
    const file = folderFile();
    await db.dishes.bulkPut([dish('a', 'Stew', 1), dish('b', 'Curry', 1)]);
    expect(await bringTogether(file)).toEqual({ ok: true, added: 0, changed: 0 });
    // The other device.
    await startEmpty();
    await db.dishes.bulkPut([dish('b', 'Curry, hotter', 9), dish('c', 'Soup', 1)]);
    expect(await bringTogether(file)).toEqual({ ok: true, added: 1, changed: 1 });
    expect(await names()).toEqual(['Curry, hotter', 'Soup', 'Stew']);
    // The first one again.
    await startEmpty();
    await db.dishes.bulkPut([dish('a', 'Stew', 1), dish('b', 'Curry', 1)]);
    await bringTogether(file);
    expect(await names()).toEqual(['Curry, hotter', 'Soup', 'Stew']);
    expect((await db.revisions.toArray()).map((r) => r.dish.name)).toEqual(['Curry']);
  });

  it('never write over a file of another kind', async () => {
    const file = folderFile(new Blob(['my novel']));
    await db.dishes.put(dish('a', 'Stew', 1));
    expect(await bringTogether(file)).toMatchObject({ ok: false });
    expect(await file.now().text()).toBe('my novel');
    expect(await names()).toEqual(['Stew']);
  });

  it('say so where the browser refuses', async () => {
    const file = { ...folderFile(), requestPermission: () => Promise.resolve('denied' as const) };
    expect(await bringTogether(file)).toMatchObject({
      ok: false,
      message: expect.stringContaining('does not let'),
    });
    const broken = { ...folderFile(), getFile: () => Promise.reject(new Error('gone')) };
    expect(await bringTogether(broken)).toMatchObject({
      ok: false,
      message: expect.stringContaining('again'),
    });
  });
});
