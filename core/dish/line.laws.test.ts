import { readdirSync, readFileSync } from 'node:fs';
import { scriptCases } from '../../corpora/judge';
import { isTried } from '../../corpora/runs';
import { Pantry } from '../pantry/pantry';
import { readLine } from './read';

/** What a page puts round a line, and how it writes figures and units, changes neither the food nor what it weighs. */
const pantry = new Pantry();
const files = (folder: string): string[] =>
  readdirSync(`corpora/${folder}`).map((f) => `corpora/${folder}/${f}`);
const lines = [
  ...new Set([
    ...files('scripts').flatMap((f) => scriptCases(f).flatMap((c) => c.lines)),
    ...files('lines').flatMap((f) =>
      readFileSync(f, 'utf8')
        .split('\n')
        .filter((row) => row.includes('|'))
        .map((row) => (row.split(' | ')[0] ?? '').trim()),
    ),
  ]),
];

const WAYS: Readonly<Record<string, (line: string) => string>> = {
  'a dot before it': (l) => `• ${l}`,
  'a dash before it': (l) => `- ${l}`,
  'a box before it': (l) => `▢ ${l}`,
  'a full stop': (l) => `${l}.`,
  'a comma': (l) => `${l},`,
  "a footnote's star": (l) => `${l}*`,
  'a note': (l) => `${l} (see note 1)`,
  'a price': (l) => `${l} ($1.20)`,
  'a capital': (l) => l.charAt(0).toUpperCase() + l.slice(1),
  'round quotes, and spaces that do not break': (l) => l.replaceAll("'", '’').replace(' ', '\u00a0'),
  'accents apart': (l) => l.normalize('NFD'),
  'no accents': (l) => l.normalize('NFD').replace(/[\u0300-\u036f]/g, ''),
  'fractions of one sign': (l) =>
    l
      .replace(/(?<![\d-])\b1\/2\b/g, '½')
      .replace(/\b1\/4\b/g, '¼')
      .replace(/\b3\/4\b/g, '¾'),
  'fractions with their own stroke': (l) => l.replace(/\b1\/(?=[24]\b)/g, '1⁄'),
  'long units': (l) => l.replace(/\btbsp\b/g, 'tablespoons').replace(/\btsp\b/g, 'teaspoons'),
  'units of grams': (l) => l.replace(/(\d) ?g\b/g, '$1 grams').replace(/(\d) ?ml\b/g, '$1 mL'),
  'no space before the unit': (l) => l.replace(/(\d) (?=(?:g|kg|ml|l|oz|lb)\b)/g, '$1'),
  'a space before the unit': (l) => l.replace(/(\d)(?=(?:g|kg|ml|l|oz|lb)\b)/g, '$1 '),
  'a range with a long dash': (l) => l.replace(/(\d)-(?=\d)/g, '$1–'),
  'more of it to serve': (l) => `${l}, plus extra to serve`,
  'a part of it later': (l) => `${l}, divided`,
  'no need of it': (l) => `${l} (optional)`,
};

/** The food, and what it weighs to two parts in a hundred. */
function same(a: string, b: string): boolean {
  const [x, y] = [readLine(a, pantry), readLine(b, pantry)];
  const [p, q] = [x.massG.mid, y.massG.mid];
  return x.food?.id === y.food?.id && Math.abs(p - q) <= 0.02 * Math.max(p, q);
}

describe('a line is read the same with', () => {
  it.each(Object.keys(WAYS))('%s', (way) => {
    const told = WAYS[way] ?? String;
    const at = Object.keys(WAYS).indexOf(way);
    // A sixth of the lines for each way, another sixth for the next: all of them are tried, and nobody waits.
    const tried = lines.filter((_, i) => isTried(i, at, 6));
    expect(tried.filter((l) => !same(l, told(l))).map(told)).toEqual([]);
    expect(tried.length).toBeGreaterThan(350);
  });
});
