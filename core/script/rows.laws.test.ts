import { readdirSync } from 'node:fs';
import { scriptCases } from '../../corpora/judge';
import { isTried } from '../../corpora/runs';
import { readLine } from '../dish/read';
import { pantry } from './testing/telling';
import { readScript } from './read';

/**
 * How a page sets its rows, and how it writes its minutes, changes nothing of what is cooked. Every method of every corpus is told in
 * each of these ways.
 */
const rows = (method: string): string[] => method.split(/(?<=[.!?]) (?=\p{Lu})/u);
const IN_WORDS: Readonly<Record<string, string>> = {
  5: 'five',
  6: 'six',
  8: 'eight',
  10: 'ten',
  12: 'twelve',
  15: 'fifteen',
  20: 'twenty',
};

const WAYS: Readonly<Record<string, (method: string) => string>> = {
  'gaps between its rows': (m) => rows(m).join('\r\n\r\n'),
  numbers: (m) =>
    rows(m)
      .map((row, i) => `${i + 1}. ${row}`)
      .join('\n'),
  'the word Step': (m) =>
    rows(m)
      .map((row, i) => `Step ${i + 1}: ${row}`)
      .join('\n'),
  dots: (m) =>
    rows(m)
      .map((row) => `• ${row}`)
      .join('\n'),
  'no full stops': (m) =>
    rows(m)
      .map((row) => row.replace(/\.$/, ''))
      .join('\n'),
  capitals: (m) => m.toUpperCase(),
  'round quotes, and spaces that do not break': (m) =>
    m.replaceAll("'", '’').replace(/(?<=\d) (?=\p{L})/gu, '\u00a0'),
  'mins, from … to': (m) => m.replace(/(?<=\d[ -])minutes\b/g, 'mins').replace(/(\d)-(?=\d)/g, '$1 to '),
  'min.': (m) => m.replace(/(?<=\d )minutes(?= \p{Ll})/gu, 'min.'),
  'no space before min': (m) => m.replace(/(?<=\d) minutes/g, 'min'),
  'the minutes in words': (m) =>
    m.replace(/(?<![\d½¼.–-])\b(?:5|6|8|10|12|15|20)(?= minutes?\b)/g, (n) => IN_WORDS[n] ?? n),
  'a dash for a semicolon': (m) => m.replaceAll('; ', ' — '),
};

const cases = readdirSync('corpora/scripts').flatMap((file) =>
  scriptCases(`corpora/scripts/${file}`).map((c) => ({
    ...c,
    read: c.lines.map((text) => ({ read: readLine(text, pantry) })),
  })),
);
/** Lines of which the acts bring more than there is. */
const overdrawn: string[] = [];
const said = (method: string, lines: (typeof cases)[number]['read']): string => {
  const acts = readScript(method, lines, pantry)?.acts ?? [];
  lines.forEach(({ read }, index) => {
    const shares = acts.flatMap((a) => a.lines.filter((l) => l.index === index).map((l) => l.share));
    if (shares.some((s) => s <= 0) || shares.reduce((a, b) => a + b, 0) > 1.001)
      overdrawn.push(`${read.text}: ${shares.join(' + ')}`);
  });
  return acts
    .map((a) => `${a.verb} ${a.minutes} ${a.lines.map((l) => `${l.index}:${l.share}`).join(',')}`)
    .join('; ');
};

const known = new Map<string, string>();
/** What a case says as it is written, read once. */
function asWritten({ method, read }: (typeof cases)[number]): string {
  const before = known.get(method) ?? said(method, read);
  known.set(method, before);
  return before;
}

describe('a method is read the same with', () => {
  it.each(Object.keys(WAYS))('%s', (way) => {
    const at = Object.keys(WAYS).indexOf(way);
    // A sixth of the methods for each way, the next sixth for the next: all of them are tried, and nobody waits.
    const tried = cases.filter((_, i) => isTried(i, at, 6));
    const changed = tried.filter((c) => said(WAYS[way]?.(c.method) ?? '', c.read) !== asWritten(c));
    expect(changed.map((c) => c.name)).toEqual([]);
    expect(tried.length).toBeGreaterThan(35);
  });
});

describe('the shares of a line', () => {
  it('are never more than one, in all that was read above', () => {
    expect(known.size).toBeGreaterThan(100);
    expect(overdrawn).toEqual([]);
  });
});
