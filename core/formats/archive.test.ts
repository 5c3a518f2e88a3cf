import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { emptyDish, type Dish } from '../dish/dish';
import { defaultKitchen } from '../kitchen/kitchen';
import { isArchive, readArchive, writeArchive, type ArchivedPhoto } from './archive';
import { readBackup, writeBackup } from './backup';
import { compareHouseholds, joinKitchen, mergePhotos, mergeShared, type Shared } from './merge';

const AT = Date.UTC(2026, 10, 1);
const picture = (n: number): ArchivedPhoto => ({
  cookId: `c${n}`,
  jpeg: Uint8Array.from({ length: 900 + n }, (_, i) => (i * 31 + n) % 256),
});
const household = (photos: readonly ArchivedPhoto[] = []) => ({
  kitchen: defaultKitchen(),
  dishes: [emptyDish('d1', 'Paprika chicken', AT)],
  events: [],
  revisions: [],
  readings: [],
  photos,
});

describe('an archive', () => {
  it('gives back what was written, photos byte for byte, beside the kitchen and not inside it', () => {
    const photos = [picture(1), picture(2)];
    const bytes = writeArchive(household(photos), AT);
    expect(isArchive(bytes)).toBe(true);
    const read = readArchive(bytes);
    if (!read.ok) throw new Error(read.message);
    expect(read.photos).toEqual(photos);
    expect(read.backup.dishes).toEqual(household().dishes);
    const files = unzipSync(bytes);
    expect(Object.keys(files).sort()).toEqual([
      'contents.json',
      'kitchen.json',
      'photos/0001.jpg',
      'photos/0002.jpg',
    ]);
    // The kitchen inside is a backup of the older kind, and opens by itself.
    expect(readBackup(strFromU8(files['kitchen.json'] as Uint8Array))).toMatchObject({ ok: true });
  });

  it('is smaller than the text it was', () => {
    const many = {
      ...household(),
      dishes: Array.from({ length: 60 }, (_, i) => emptyDish(`d${i}`, `Dish ${i}`, AT)),
    };
    expect(writeArchive(many, AT).length).toBeLessThan(
      writeBackup({ ...many, photos: [], savedAt: AT }).length / 5,
    );
  });

  it('is refused where a file in it was changed, is missing, or is no file of ours', () => {
    const files = unzipSync(writeArchive(household([picture(1)]), AT));
    const kitchen = strFromU8(files['kitchen.json'] as Uint8Array).replace('Paprika', 'Pepper!');
    const damaged = [
      { ...files, 'kitchen.json': strToU8(kitchen) },
      { ...files, 'photos/0001.jpg': picture(2).jpeg },
      Object.fromEntries(Object.entries(files).filter(([name]) => !name.startsWith('photos'))),
    ];
    for (const f of damaged)
      expect(readArchive(zipSync(f))).toMatchObject({
        ok: false,
        message: expect.stringMatching(/damaged.*Nothing was changed/s),
      });
    expect(readArchive(zipSync({ 'letter.txt': strToU8('hello') }))).toMatchObject({
      ok: false,
      message: expect.stringContaining('not a Keen Ladle backup'),
    });
  });

  it('never throws, whatever the bytes are', () => {
    const whole = writeArchive(household([picture(1)]), AT);
    fc.assert(
      fc.property(
        fc.nat({ max: whole.length - 1 }),
        fc.nat({ max: 255 }),
        fc.boolean(),
        (at, byte, isTorn) => {
          const bytes = isTorn ? whole.slice(0, at) : whole.map((b, i) => (i === at ? byte : b));
          const read = readArchive(bytes);
          if (read.ok) expect(read.backup.dishes).toEqual(household().dishes);
          else expect(read.message).toContain('Nothing was changed.');
        },
      ),
      { numRuns: 300 },
    );
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), (bytes) => {
        expect(readArchive(bytes).ok).toBe(false);
      }),
    );
  });
});

const dish = fc.record({
  id: fc.constantFrom('a', 'b', 'c'),
  name: fc.constantFrom('One', 'Two', 'Three'),
  at: fc.nat({ max: 4 }),
});
const shared: fc.Arbitrary<Shared> = fc
  .record({
    dishes: fc.uniqueArray(dish, { selector: (d) => d.id }),
    events: fc.uniqueArray(fc.constantFrom('e1', 'e2', 'e3', 'e4')),
  })
  .map(({ dishes, events }) => ({
    dishes: dishes.map(({ id, name, at }): Dish => emptyDish(id, name, at)),
    events: events.map(
      (id) =>
        ({
          id,
          cookId: 'c1',
          seq: Number(id.slice(1)),
          at: AT,
          type: 'note' as const,
          text: id,
        }) as unknown as Shared['events'][number],
    ),
    revisions: [],
    readings: [],
  }));

describe('what two devices have', () => {
  it('is joined whatever comes first, however often, and in whatever groups', () => {
    const EMPTY: Shared = { dishes: [], events: [], revisions: [], readings: [] };
    fc.assert(
      fc.property(shared, shared, shared, (a, b, c) => {
        const ab = mergeShared(a, b);
        expect(mergeShared(b, a)).toEqual(ab);
        expect(mergeShared(mergeShared(a, b), c)).toEqual(mergeShared(a, mergeShared(b, c)));
        expect(mergeShared(ab, ab)).toEqual(ab);
        expect(mergeShared(ab, a)).toEqual(ab);
        expect(mergeShared(ab, EMPTY)).toEqual(ab);
      }),
      { numRuns: 300 },
    );
  });

  it('loses no event, no dish and no way a dish was written', () => {
    fc.assert(
      fc.property(shared, shared, (a, b) => {
        const whole = mergeShared(a, b);
        const says = (d: Dish): string => `${d.id} ${d.name}`;
        const kept = new Set([...whole.dishes, ...whole.revisions.map((r) => r.dish)].map(says));
        for (const d of [...a.dishes, ...b.dishes]) expect(kept.has(says(d))).toBe(true);
        const ids = new Set(whole.events.map((e) => e.id));
        for (const e of [...a.events, ...b.events]) expect(ids.has(e.id)).toBe(true);
      }),
    );
  });

  it('lets the later of two changes stand', () => {
    const of = (name: string, at: number): Shared => ({
      dishes: [emptyDish('a', name, at)],
      events: [],
      revisions: [],
      readings: [],
    });
    const whole = mergeShared(of('Old', 1), of('New', 2));
    expect(whole.dishes.map((d) => d.name)).toEqual(['New']);
    expect(whole.revisions.map((r) => [r.dish.name, r.label])).toEqual([['Old', 'from another device']]);
  });

  it('keeps one photo of each cook, whatever comes first', () => {
    const photo = fc.record({
      cookId: fc.constantFrom('c1', 'c2', 'c3'),
      jpeg: fc.uint8Array({ maxLength: 3 }),
    });
    const list = fc.uniqueArray(photo, { selector: (p) => p.cookId });
    fc.assert(
      fc.property(list, list, list, (a, b, c) => {
        expect(mergePhotos(b, a)).toEqual(mergePhotos(a, b));
        expect(mergePhotos(mergePhotos(a, b), c)).toEqual(mergePhotos(a, mergePhotos(b, c)));
        expect(mergePhotos(mergePhotos(a, b), b)).toEqual(mergePhotos(a, b));
      }),
    );
  });

  it('keeps the settings of this device and takes the pots and foods of the other', () => {
    const here = defaultKitchen();
    const pot = { ...(here.pots[0] as (typeof here.pots)[number]), id: 'theirs', name: 'Theirs' };
    const whole = joinKitchen(
      { ...here, altitudeM: 900 },
      { ...here, altitudeM: 0, pots: [...here.pots, pot] },
    );
    expect(whole.altitudeM).toBe(900);
    expect(whole.pots.map((p) => p.id)).toEqual([...here.pots.map((p) => p.id), 'theirs']);
    expect(joinKitchen(whole, whole)).toEqual(whole);
  });

  it('is counted before anything is changed', () => {
    const here = { dishes: [emptyDish('a', 'A', 1), emptyDish('b', 'B', 1)], events: [] };
    const there = { dishes: [emptyDish('b', 'B2', 2), emptyDish('c', 'C', 1)], events: [] };
    expect(compareHouseholds(here, there).dishes).toEqual({ added: 1, changed: 1, same: 0, missing: 1 });
    expect(compareHouseholds(here, here).dishes).toEqual({ added: 0, changed: 0, same: 2, missing: 0 });
  });
});
