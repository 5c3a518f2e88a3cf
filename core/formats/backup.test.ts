import fc from 'fast-check';
import { emptyDish } from '../dish/dish';
import { defaultKitchen } from '../plan/kitchen';
import { MAX_BACKUP_BYTES, readBackup, writeBackup } from './backup';

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

  it('never throws, whatever the file holds', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string({ maxLength: 200 }), fc.json()), (text) => void readBackup(text)),
    );
  });
});
