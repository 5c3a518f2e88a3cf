import { photoDoubt, type PhotoDoubt } from '../../core/index';
import type { PhotoLine } from './readPhoto';

/** One line of a photo while it is compared with its strip of the picture. */
export interface Compared extends PhotoLine {
  id: string;
  /** What has to be looked at; it stays after it was, so that the cook may look again. */
  doubt: PhotoDoubt | null;
  /** The cook has seen that it says what the picture says. */
  isLooked: boolean;
  /** Left out: clutter at the edge of the page. */
  isLeft: boolean;
}

export const compared = (lines: readonly PhotoLine[]): Compared[] =>
  lines.map((line, n) => ({
    ...line,
    id: `p${n}`,
    doubt: photoDoubt(line.text, line.clear),
    isLooked: false,
    isLeft: false,
  }));

/** Lines that nobody has held against the picture yet, though something in them may be misread. */
export const toCompare = (lines: readonly Compared[]): Compared[] =>
  lines.filter((l) => l.doubt !== null && !l.isLooked && !l.isLeft);

/** The lines as a page to be read: what was left out is not there, and a gap of the picture is a blank line. */
export const pageOf = (lines: readonly Compared[]): string =>
  lines
    .filter((l) => !l.isLeft && l.text.trim())
    .flatMap((l, n) => (l.opens && n > 0 ? ['', l.text] : [l.text]))
    .join('\n');

/** What is different in a likely line, with the word behind it: "1½ kg" of "1½ kg lamb shoulder, in 4 cm cubes". */
export function whatDiffers(line: string, likely: string): string {
  let same = 0;
  while (same < Math.min(line.length, likely.length) && line.at(-1 - same) === likely.at(-1 - same)) same++;
  const end = /^\S*\s*\S*/.exec(likely.slice(likely.length - same))?.[0] ?? '';
  return `${likely.slice(0, likely.length - same)}${end}`.trim().slice(0, 40);
}
