import { readdirSync } from 'node:fs';
import { scriptCases } from '../../corpora/judge';
import { isTried } from '../../corpora/runs';
import { Pantry } from '../pantry/pantry';
import { readPage } from './page';

/**
 * What stands under the heading of a method is done, however short it is and whatever pans are named in it: every sentence of every script
 * is set as a row of its own, with figures before the rows and without, and is still there when the page has been read.
 */
const pantry = new Pantry();
const plain = (text: string): string => text.replace(/\W+/g, '');
const cases = readdirSync('corpora/scripts').flatMap((file) => scriptCases(`corpora/scripts/${file}`));
/** Share of the rows that may be lost: rows that end a page and say no more than how it is eaten. */
const MAY_BE_LOST = 0.003;

/** So many of the pages are tried at once: a third for each way. */
const SHARE = 3;

describe.each([
  ['bare', 0, (row: string): string => row],
  ['numbered', 1, (row: string, i: number): string => `${i + 1}. ${row}`],
] as const)('rows of a method, %s', (_, nth, set) => {
  it('stay rows of the method', () => {
    const lost: string[] = [];
    let all = 0;
    cases.forEach(({ name, lines, method }, n) => {
      if (!isTried(n, nth, SHARE)) return;
      const rows = method.split(/(?<=[.!?])\s+(?=[A-Z])/).filter((row) => /\p{L}{2}/u.test(row));
      const page = [
        name.replace(/-/g, ' '),
        'Serves 4',
        '',
        'Ingredients',
        ...lines,
        '',
        'Method',
        ...rows.map(set),
      ];
      const read = plain(
        readPage(page.join('\n'), pantry)
          .recipes.map((r) => r.method)
          .join('\n'),
      );
      all += rows.length;
      lost.push(...rows.filter((row) => !read.includes(plain(row.replace(/^\d+[.)]\s*/, '')).slice(0, 30))));
    });
    expect(all).toBeGreaterThan(100);
    expect([lost.length / all < MAY_BE_LOST, lost]).toEqual([true, lost]);
  });
});
