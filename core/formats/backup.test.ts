import { readFileSync } from 'node:fs';
import { foldCook } from '../cook/cook';
import { planDish } from '../plan/plan';
import fc from 'fast-check';
import { emptyDish } from '../dish/dish';
import { defaultKitchen } from '../kitchen/kitchen';
import { MAX_BACKUP_BYTES, newestThatFit, readBackup, writeBackup } from './backup';

const parts = {
  savedAt: 5,
  kitchen: defaultKitchen(),
  dishes: [emptyDish('a', 'Ærtesuppe — “crème”', 1)],
  events: [],
};

describe('the backup file', () => {
  it('reads back what it wrote', () => {
    const read = readBackup(writeBackup(parts));
    expect(read.ok && read.backup).toMatchObject(parts);
  });

  it.each([
    ['half a file', writeBackup(parts).slice(0, 200), /damaged/],
    ['a foreign file', '{"format":"something-else","version":1}', /not a Keen Ladle backup/],
    ['a list', '[1,2,3]', /not a Keen Ladle backup/],
    ['a later version', '{"format":"keen-ladle-backup","version":9}', /newer version/],
    [
      'a broken part',
      writeBackup(parts).replace('"plates": 4', '"plates": "many"'),
      /does not read \(at dishes › 0/,
    ],
    ['twins', writeBackup({ ...parts, dishes: [...parts.dishes, ...parts.dishes] }), /share one identity/],
    ['a huge file', ' '.repeat(MAX_BACKUP_BYTES + 1), /larger/],
  ])('%s gets a clear sentence', (_name, text, message) => {
    const read = readBackup(text);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.message).toMatch(message);
    expect(!read.ok && read.message).toContain('Nothing was changed');
  });

  it('carries photos and readings, and reads older files that have neither', () => {
    const photos = [{ cookId: 'c1', jpeg: 'AAAA' }];
    const readings = [
      {
        cookId: 'c1',
        kitchenId: 'k1',
        kind: 'probe' as const,
        chunk: 0,
        list: [{ kind: 'probe' as const, seq: 1, timeS: 4, tempC: 61.5 }],
      },
    ];
    const read = readBackup(writeBackup({ ...parts, photos, readings }));
    expect(read.ok && [read.backup.photos, read.backup.readings]).toEqual([photos, readings]);
    const { photos: _p, readings: _r, revisions: _v, ...old } = JSON.parse(writeBackup(parts));
    expect(readBackup(JSON.stringify(old))).toMatchObject({ ok: true, backup: { photos: [], readings: [] } });
  });

  it.each(['<svg onload="x">', 'data:text/html,hello', 'AAA', 'A=AA'])(
    'refuses a photo that says %s',
    (jpeg) => {
      const text = JSON.stringify({ ...JSON.parse(writeBackup(parts)), photos: [{ cookId: 'c', jpeg }] });
      expect(readBackup(text)).toMatchObject({ ok: false });
    },
  );

  it('leaves out the oldest photos when there are too many, and never one from the middle', () => {
    fc.assert(
      fc.property(fc.array(fc.nat({ max: 40 }), { maxLength: 12 }), fc.nat({ max: 200 }), (sizes, most) => {
        const photos = sizes.map((n, i) => ({ cookId: `c${i}`, jpeg: 'A'.repeat(n) }));
        const kept = newestThatFit(photos, most);
        const size = (list: typeof photos) => list.reduce((s, p) => s + p.jpeg.length, 0);
        expect(kept).toEqual(photos.slice(photos.length - kept.length));
        expect(size(kept)).toBeLessThanOrEqual(most);
        if (kept.length < photos.length) expect(size(photos.slice(-kept.length - 1))).toBeGreaterThan(most);
      }),
    );
  });

  it('never throws, whatever the file holds', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string({ maxLength: 200 }), fc.json()), (text) => void readBackup(text)),
    );
  });
});

describe('a backup of the version before', () => {
  const read = readBackup(readFileSync('core/formats/fixtures/backup-0.3.json', 'utf8'));

  it('opens whole, takes the new defaults, and every dish is planned', () => {
    if (!read.ok) throw new Error(read.message);
    const { kitchen, dishes, events } = read.backup;
    expect([dishes.length, read.mended, kitchen.altitudeM, kitchen.allergens]).toEqual([3, 0, 420, ['nuts']]);
    expect(kitchen.rules.minutes).toBe('recipe');
    expect(foldCook(events).status).not.toBe('none');
    for (const dish of dishes) expect(planDish(dish, kitchen).steps.length).toBeGreaterThan(8);
  });
});
