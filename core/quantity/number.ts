import { numericQuantity } from 'numeric-quantity';

/** A number or a range of numbers as written, and the text that follows it. */
export interface ReadNumber {
  min: number;
  max: number;
  /** True when the cook wrote a vague word ("a few") instead of a figure. */
  vague: boolean;
  rest: string;
}

const VULGAR = '¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞';
const FIGURE = new RegExp(
  `^(?:\\d{1,6}\\s+\\d{1,3}\\s?[/⁄]\\s?\\d{1,3}|\\d{1,3}\\s?[/⁄]\\s?\\d{1,3}|\\d{1,6}\\s?[${VULGAR}]|[${VULGAR}]|\\d{1,3}(?:[,.]\\d{3})+(?![\\d])|\\d{1,6}[.,]\\d{1,4}|\\.\\d{1,4}|\\d{1,6})`,
);
const AND_FRACTION = new RegExp(
  `^(\\d{1,4})\\s+(?:and|&)\\s+(?:a\\s+)?(\\d{1,2}\\s?[/⁄]\\s?\\d{1,2}|[${VULGAR}]|half|quarter|third)`,
  'i',
);

const WORDS: Record<string, [number, number, boolean?]> = {
  'half a dozen': [6, 6],
  'a dozen': [12, 12],
  dozen: [12, 12],
  'a couple of': [2, 2],
  'a couple': [2, 2],
  'couple of': [2, 2],
  couple: [2, 2],
  'a few': [3, 4, true],
  few: [3, 4, true],
  several: [3, 5, true],
  'one and a half': [1.5, 1.5],
  'two and a half': [2.5, 2.5],
  'three quarters of a': [0.75, 0.75],
  'three quarters': [0.75, 0.75],
  'half of a': [0.5, 0.5],
  'half an': [0.5, 0.5],
  'half a': [0.5, 0.5],
  'a half': [0.5, 0.5],
  half: [0.5, 0.5],
  'quarter of a': [0.25, 0.25],
  'a quarter of a': [0.25, 0.25],
  'a quarter': [0.25, 0.25],
  quarter: [0.25, 0.25],
  'a third of a': [1 / 3, 1 / 3],
  'a third': [1 / 3, 1 / 3],
  third: [1 / 3, 1 / 3],
  one: [1, 1],
  two: [2, 2],
  three: [3, 3],
  four: [4, 4],
  five: [5, 5],
  six: [6, 6],
  seven: [7, 7],
  eight: [8, 8],
  nine: [9, 9],
  ten: [10, 10],
  eleven: [11, 11],
  twelve: [12, 12],
  fifteen: [15, 15],
  twenty: [20, 20],
  a: [1, 1],
  an: [1, 1],
};
const WORD_LIST = Object.keys(WORDS).sort((a, b) => b.length - a.length);

/** Turns one written figure into a number: fractions, decimal comma, thousands. NaN when it is none. */
export function figureToNumber(figure: string): number {
  let text = figure
    .trim()
    .replace('⁄', '/')
    .replace(/\s*\/\s*/, '/');
  if (/^\d{1,3}(?:,\d{3})+$/.test(text)) text = text.replaceAll(',', '');
  else if (/^\d+,\d+$/.test(text)) text = text.replace(',', '.');
  const n = numericQuantity(text, { round: false });
  return Number.isFinite(n) ? n : Number.NaN;
}

function readOne(text: string): { value: [number, number]; vague: boolean; rest: string } | null {
  const andFraction = AND_FRACTION.exec(text);
  if (andFraction) {
    const part = (andFraction[2] ?? '').toLowerCase();
    const fraction =
      part === 'half' ? 0.5 : part === 'quarter' ? 0.25 : part === 'third' ? 1 / 3 : figureToNumber(part);
    const value = Number(andFraction[1]) + fraction;
    if (Number.isFinite(value))
      return { value: [value, value], vague: false, rest: text.slice(andFraction[0].length) };
  }
  const figure = FIGURE.exec(text);
  if (figure) {
    const value = figureToNumber(figure[0]);
    if (Number.isFinite(value))
      return { value: [value, value], vague: false, rest: text.slice(figure[0].length) };
  }
  const lower = text.toLowerCase();
  for (const word of WORD_LIST) {
    if (lower.startsWith(word) && !/^[\p{L}\p{N}'’-]/u.test(lower.slice(word.length))) {
      const entry = WORDS[word];
      if (entry)
        return { value: [entry[0], entry[1]], vague: entry[2] ?? false, rest: text.slice(word.length) };
    }
  }
  return null;
}

/** "1 dozen", "2 dozen": the number counted in twelves. */
function inDozens(read: ReturnType<typeof readOne>): ReturnType<typeof readOne> {
  const dozen = read && /^\s*dozen\b/i.exec(read.rest);
  return read && dozen
    ? { ...read, value: [read.value[0] * 12, read.value[1] * 12], rest: read.rest.slice(dozen[0].length) }
    : read;
}

/**
 * Reads a number or a range at the start of a line: "1 1/2", "1½", "2-3", "2 to 3", "1,5", "half a", "a couple of".
 * Returns null when the line does not start with one. Never throws.
 */
export function readNumber(text: string): ReadNumber | null {
  const first = inDozens(readOne(text));
  if (!first) return null;
  const [min] = first.value;
  let max = first.value[1];
  let rest = first.rest;
  const dash = /^\s*(?:[-–]\s*(?:to|or)\b|-|–|—|to\b|or\b)\s*/i.exec(rest);
  if (dash) {
    const after = rest.slice(dash[0].length);
    const isWordRange = /to|or/i.test(dash[0]);
    const second = /^[\d¼-¾⅐-⅞.]/.test(after) || isWordRange ? readOne(after) : null;
    if (second && second.value[1] > min && !/^(an?)\b/i.test(after)) {
      max = second.value[1];
      rest = second.rest;
    }
  }
  return { min, max, vague: first.vague, rest };
}
