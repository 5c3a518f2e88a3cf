/** A word of a line as it stands in the picture: from `x0` to `x1`, points, and how sure the reader is of it, per cent. */
export interface PrintedWord {
  text: string;
  x0: number;
  x1: number;
  clear: number;
}

/** What the edge of the paper is read as is no longer than this, letters. */
const SPECK = 2;
/** A gap wider than so many heights of the line parts what is print from what is the edge. */
const GAP = 1.1;
/** Below this the reader only guesses, per cent. */
const GUESS = 60;

const isSpeck = ({ text }: PrintedWord): boolean =>
  text.replace(/[^\p{L}\p{N}¼-¾⅐-⅞%]/gu, '').length <= SPECK;

/**
 * A line's words without what the edges of the paper were taken for: specks that stand apart from the print. Empty where nothing of it is
 * print. `height` is that of the line, points.
 */
export function withoutEdges(words: readonly PrintedWord[], height: number): PrintedWord[] {
  const kept = [...words];
  const isApart = (a: PrintedWord | undefined, b: PrintedWord | undefined): boolean =>
    a !== undefined && b !== undefined && b.x0 - a.x1 > GAP * height;
  const isBare = (word: PrintedWord | undefined): boolean =>
    word !== undefined && !/[\p{L}\p{N}¼-¾⅐-⅞%*]/u.test(word.text);
  while (kept.length > 1 && kept[0] && (isBare(kept[0]) || (isSpeck(kept[0]) && isApart(kept[0], kept[1]))))
    kept.shift();
  for (let last = kept.at(-1); kept.length > 1 && last; last = kept.at(-1)) {
    if (!(isSpeck(last) && isApart(kept.at(-2), last))) break;
    kept.pop();
  }
  const clear = kept.reduce((sum, w) => sum + w.clear, 0) / Math.max(1, kept.length);
  const isPrint = kept.some((w) => !isSpeck(w)) || (kept.length > 1 && clear >= GUESS);
  return isPrint ? kept : [];
}
