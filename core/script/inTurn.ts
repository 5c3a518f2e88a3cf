import { NUMBERS, WORD } from '../dish/numberWords';
import type { Pantry } from '../pantry/pantry';
import { linesNamed } from './align';
import type { ScriptLine } from './line';

const COUNT = `(\\d{1,2}|${WORD})`;
const UP_TO =
  '(?:,? ?\\(?(?:up )?(?:through|thru|to|until|ending with) (?:and including )?(?:the )?([^()]{3,40})\\))?';
/** "Soy sauce and next 4 ingredients (through gochujang)". */
const NEXT = new RegExp(`\\b(?:the )?next ${COUNT} ingredients\\b${UP_TO}`, 'iu');
/** "The first five ingredients". */
const FIRST = new RegExp(
  `\\b(?:the |all )?(?:of the )?first ${COUNT} (?:marinade |sauce |rub )?ingredients\\b${UP_TO}`,
  'iu',
);
const LAST = new RegExp(`\\b(?:the )?last ${COUNT} ingredients\\b`, 'iu');
/** "Onion through bay leaf", "cumin through cayenne". */
const THROUGH = /\b(?:the )?((?:\p{L}+ ){0,2}\p{L}+) through (?!the\b)((?:\p{L}+ ){0,2}\p{L}+)/iu;

/** "Fold cream through pasta", "press it through a sieve": how it goes in, and nothing is counted. */
const GOES_THROUGH =
  /\b(?:stir|fold|toss|pass|push|press|rub|run|swirl|strain|put|work|sieve|turn|spoon|drizzle)\w*\b[^,;]* through\b/i;

const countOf = (told = ''): number => NUMBERS[told.toLowerCase()] ?? Number(told);

/** Lines that a clause counts off by their place in the list: "the first five ingredients", "cumin through cayenne"; none where it counts none. */
export function linesInTurn(text: string, lines: readonly ScriptLine[], pantry: Pantry): readonly number[] {
  const named = (words: string): readonly number[] => linesNamed(words, lines, pantry);
  const from = (start: number, count: number, last: string | undefined): readonly number[] => {
    // Two things of one line are two lines here, and one to who counts: the last is told by its name where it is.
    const end = last === undefined ? -1 : Math.max(-1, ...named(last).filter((i) => i >= start));
    const length = end >= start ? end - start + 1 : count;
    return Array.from({ length: Math.min(length, lines.length - start) }, (_, i) => start + i);
  };
  const next = NEXT.exec(text);
  if (next) {
    const before = named(text.slice(0, next.index));
    const at = before.length ? Math.max(...before) : -1;
    return at < 0 ? [] : [...before, ...from(at + 1, countOf(next[1]), next[2])];
  }
  const first = FIRST.exec(text);
  if (first) return from(0, countOf(first[1]), first[2]);
  const last = LAST.exec(text);
  if (last) return from(Math.max(0, lines.length - countOf(last[1])), countOf(last[1]), undefined);
  const through = GOES_THROUGH.test(text) ? null : THROUGH.exec(text);
  const [start] = named(through?.[1] ?? '');
  const end = named(through?.[2] ?? '').at(-1);
  return start !== undefined && end !== undefined && end > start + 1 ? from(start, 0, through?.[2]) : [];
}

/** The clause without its counting: what it names besides. */
export const withoutTurn = (text: string): string =>
  [NEXT, FIRST, LAST].reduce((left, counted) => left.replace(counted, ' '), text);
