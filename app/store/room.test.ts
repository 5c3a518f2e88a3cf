import { askToKeep, roomLeft, roomSaid, roomWords } from './room';

describe('the room a browser gives', () => {
  it('is said in words a cook knows', () => {
    expect(roomWords(400)).toBe('under 1 MB');
    expect(roomWords(12_300_000)).toBe('12 MB');
    expect(roomWords(1_430_000_000)).toBe('1.4 GB');
    expect(roomSaid({ used: 5e6, quota: 2e9, isKept: true })).toBe(
      'It takes 5 MB of about 2.0 GB. This browser has promised to keep it.',
    );
    expect(roomSaid({ used: 90e6, quota: 100e6, isKept: false })).toBe(
      'It takes 90 MB. It is nearly full: 90 % of what this browser gives. This browser may clear it when room is short.',
    );
    expect(roomSaid({ used: 5e6, quota: null, isKept: null })).toBe('It takes 5 MB.');
    expect(roomSaid({ used: null, quota: null, isKept: null })).toBe('');
  });

  it('is asked of browsers that say all, some or nothing of it, and of one that refuses', async () => {
    expect(
      await roomLeft({
        estimate: () => Promise.resolve({ usage: 7, quota: 100 }),
        persisted: () => Promise.resolve(true),
      }),
    ).toEqual({ used: 7, quota: 100, isKept: true });
    expect(await roomLeft({})).toEqual({ used: null, quota: null, isKept: null });
    expect(await roomLeft({ estimate: () => Promise.reject(new Error('no')) })).toEqual({
      used: null,
      quota: null,
      isKept: null,
    });
    expect(await askToKeep({ persist: () => Promise.resolve(true) })).toBe(true);
    expect(await askToKeep({ persist: () => Promise.reject(new Error('no')) })).toBe(false);
    expect(await askToKeep({})).toBe(false);
  });
});
