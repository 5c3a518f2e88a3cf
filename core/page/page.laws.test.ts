import { readdirSync } from 'node:fs';
import { pageCases, type PageCase } from '../../corpora/judge';
import { isTried } from '../../corpora/runs';
import { Pantry } from '../pantry/pantry';
import { readPage } from './page';

/**
 * What a page hangs round a recipe changes nothing of what is in it: stars behind the name, sizes behind "Ingredients", empty rows, bullets,
 * buttons and the reader's own talk. Every page of every corpus is set in each of these ways.
 */
const pantry = new Pantry();
type Row = PageCase['rows'][number];

/** A row is the text and what it is: `t` title, `h` heading, `i` ingredient, `m` method, `x` left out, `+` goes on. */
const each =
  (change: (row: Row, at: number, rows: readonly Row[]) => string | readonly string[]) =>
  (rows: readonly Row[]) =>
    rows.flatMap((row, at) => change(row, at, rows)).join('\n');
/** The end of its name, where that is in two rows. */
const isName = ({ label }: Row, at: number, rows: readonly Row[]): boolean =>
  label === 't' && rows[at - 1]?.label !== 't' && rows[at + 1]?.label !== 't';
const goesOn = (at: number, rows: readonly Row[]): boolean =>
  rows[at + 1]?.label === '+' || (rows[at]?.label === 't' && rows[at + 1]?.label === 't');
const isMethod = ({ label, text }: Row): boolean =>
  label === 'h' && /^(?:method|instructions?|directions|steps|preparation)\W*$/i.test(text);
const isIngredients = ({ label, text }: Row): boolean => label === 'h' && /^ingredients?\W*$/i.test(text);

const WAYS: Readonly<Record<string, (rows: readonly Row[]) => string>> = {
  'stars behind its name': each((r, i, all) => (isName(r, i, all) ? `${r.text} ★★★★☆ 4.6 (218)` : r.text)),
  'a button behind its name': each((r, i, all) =>
    isName(r, i, all) ? `${r.text} | Jump to Recipe` : r.text,
  ),
  'sizes behind its list': each((r) =>
    isIngredients(r) ? `${r.text.replace(/\W+$/, '')} 1x 2x 3x` : r.text,
  ),
  'units behind its list': each((r) =>
    isIngredients(r) ? `${r.text.replace(/\W+$/, '')} US Customary | Metric` : r.text,
  ),
  'windows line ends': (rows) => rows.map((r) => r.text).join('\r\n'),
  'spaces behind its rows': each((r) => `${r.text}   `),
  'an empty row behind each': each((r, i, all) => (goesOn(i, all) ? r.text : [r.text, ''])),
  'boxes before its lines': each((r, i, all) =>
    r.label === 'i' && !goesOn(i, all) && /^(?!ingredients)[\p{L}\d½¼¾]/iu.test(r.text)
      ? `▢ ${r.text}`
      : r.text,
  ),
  'its headings in capitals': each((r) => (r.label === 'h' ? r.text.toUpperCase() : r.text)),
  'talk and a comment at its end': (rows) =>
    [
      ...rows.map((r) => r.text),
      '',
      'Leave a reply',
      'Marta says: made this twice, we loved it!',
      'Reply',
    ].join('\n'),
  'another word for the list': each((r) => (isIngredients(r) ? "What you'll need" : r.text)),
  'another word for the method': each((r) => (isMethod(r) ? 'How to make it' : r.text)),
  'a third word for the method': each((r) => (isMethod(r) ? 'Directions:' : r.text)),
  'marks of a note taker': each((r) =>
    r.label === 'h' && /^\p{L}/u.test(r.text) ? `**${r.text}**` : r.text,
  ),
  'hashes before its headings': each((r) => (r.label === 'h' ? `## ${r.text.replace(/:$/, '')}` : r.text)),
  'boxes to tick': each((r, i, all) =>
    r.label === 'i' && !goesOn(i, all) && /^(?!ingredients)[\p{L}\d½¼¾]/iu.test(r.text)
      ? `- [ ] ${r.text}`
      : r.text,
  ),
  'tabs behind its amounts': each((r) =>
    r.label === 'i' ? r.text.replace(/^(\d+ ?(?:g|kg|ml|l|tbsp|tsp|cups?)) /, '$1\t') : r.text,
  ),
  'its amounts in rows of their own': each((r, i, all) =>
    r.label === 'i' && !goesOn(i, all)
      ? r.text.replace(/^(\d+ ?(?:g|kg|ml|tbsp|tsp|cups?)) (?=\p{Ll})/u, '$1\n')
      : r.text,
  ),
  'an advertisement between list and method': each((r, i, all) =>
    isMethod(r) && all.slice(0, i).some((o) => o.label === 'i') ? ['Advertisement', '', r.text] : r.text,
  ),
  'numbers alone before its steps': each((r, i, all) =>
    r.label === 'm' &&
    all.every((o) => o.label !== 'm' || /^(?!Step|Method)\p{Lu}[\p{L}, ].*[.!]$/u.test(o.text))
      ? [String(all.slice(0, i + 1).filter((o) => o.label === 'm').length), r.text]
      : r.text,
  ),
  'a menu before it': (rows) =>
    ['Home', 'Recipes', 'About', 'Subscribe to our newsletter', '', ...rows.map((r) => r.text)].join('\n'),
};

const cases = readdirSync('corpora/pages').flatMap((file) => pageCases(`corpora/pages/${file}`));
/** What a cook gets of a page: name, plates, lines, method. */
function said(text: string): string {
  const [first, ...more] = readPage(text, pantry).recipes;
  return JSON.stringify([
    first?.title,
    first?.plates,
    first?.lines.map((l) => l.text.trim()),
    first?.method,
    more.length,
  ]);
}

const known = new Map<PageCase, string>();
/** What a page says as it is, read once. */
function asItIs(page: PageCase): string {
  const before = known.get(page) ?? said(page.rows.map((r) => r.text).join('\n'));
  known.set(page, before);
  return before;
}

describe('a page is read the same with', () => {
  it.each(Object.keys(WAYS))('%s', (way) => {
    const at = Object.keys(WAYS).indexOf(way);
    // Every second page for each way, the others for the next.
    const tried = cases.filter((_, i) => isTried(i, at, 2));
    const changed = tried.filter((c) => said(WAYS[way]?.(c.rows) ?? '') !== asItIs(c));
    expect(changed.map((c) => c.name)).toEqual([]);
  });
});
