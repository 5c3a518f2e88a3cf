import { readFileSync } from 'node:fs';
import { pressureRuns } from './pressure';
import { isNatural, isQuick } from './release';

/** `phrase | quick`, `phrase | natural`, `phrase | ten 15`. */
const cases = readFileSync('corpora/releases/phrases.txt', 'utf8')
  .split('\n')
  .filter((row) => row && !row.startsWith('#'))
  .map((row) => row.split(' | ') as [string, string]);

const cooked = (phrase: string): string =>
  `Brown the beef. Add stock. Lock the lid and cook at high pressure for 20 minutes. ${phrase}. Stir in the cream and serve.`;
const told = (method: string): string =>
  pressureRuns(method)
    .map((r) => [r.minutes, r.release, r.releaseMin].filter((x) => x !== null).join(' '))
    .join(', ');

describe('letting the pressure go, as cooks put it', () => {
  it.each(cases)('%s', (phrase, wanted) => {
    expect(told(cooked(phrase))).toBe(`20 ${wanted}`);
  });

  it('is never what brings pressure on, and never the minutes at pressure', () => {
    for (const brings of [
      'Bring it quickly to high pressure',
      'Let the pressure build up slowly',
      'Turn the valve to sealing',
      'Serve immediately',
      'Let the sauce come down to a simmer',
    ])
      expect([brings, isQuick(brings)]).toEqual([brings, false]);
    for (const brings of ['Bring it slowly up to full pressure', 'Lock the lid and set it to high'])
      expect([brings, isNatural(brings)]).toEqual([brings, false]);
  });
});
