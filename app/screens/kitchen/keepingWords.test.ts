import { changesOf, isTimeToSave, savedSaid } from './keepingWords';

const DAY = 86_400_000;
const NOW = Date.UTC(2026, 10, 27);

describe('words about what was saved', () => {
  it('say how long ago, and what that means after a month', () => {
    expect(savedSaid(null, NOW)).toBe('Nothing was saved to a file yet.');
    expect(savedSaid(NOW - 1000, NOW)).toMatch(/today/);
    expect(savedSaid(NOW - DAY, NOW)).toBe('Last saved to a file 1 day ago.');
    expect(savedSaid(NOW - 40 * DAY, NOW)).toMatch(
      /40 days ago: what was cooked since is only in this browser/,
    );
  });

  it('remind of what has been in no file for a month, and of nothing else', () => {
    expect(isTimeToSave(null, NOW)).toBe(false);
    expect(isTimeToSave(NOW - 29 * DAY, NOW)).toBe(false);
    expect(isTimeToSave(NOW - 31 * DAY, NOW)).toBe(true);
  });

  it('tell what a file would change, and that it would change nothing', () => {
    const nothing = {
      dishes: { added: 0, changed: 0, same: 3, missing: 0 },
      cooks: { added: 0, same: 2, missing: 0 },
    };
    expect(changesOf(nothing)).toEqual(['It is the same as what is here.']);
    expect(
      changesOf({
        dishes: { added: 1, changed: 2, same: 0, missing: 1 },
        cooks: { added: 3, same: 0, missing: 1 },
      }),
    ).toEqual([
      '1 dish that is not here',
      '2 dishes written differently there',
      '1 dish here that it does not have',
      '3 cooks that are not in the log here',
      '1 cook here that it does not have',
    ]);
  });
});
