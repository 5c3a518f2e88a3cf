import { UNITS } from '../quantity/units';

/** What has to be compared with the picture in a line that was read from it. */
export interface PhotoDoubt {
  /** Why, in a cook's words. */
  why: string;
  /** What the line may be instead, whole lines, the likeliest first; its own words are never among them. */
  likely: readonly string[];
}

/** Less sure than this of a line, per cent, and it is looked at whatever it says. */
const LEAST_CLEAR = 75;
const FRACTIONS = ['½', '¼', '¾', '⅓', '⅔'] as const;
const SPOON = '(?:tsps?|tbsps?|teaspoons?|tablespoons?|cups?|c\\.|pinch)';
const MEASURE = `(?:${SPOON.slice(3, -1)}|kg|lbs?|oz|ml|l|litres?|liters?|g|pints?|inch|cm|handfuls?|sprigs?|sticks?|onions?|lemons?|limes?|bunch|tins?|cans?)`;
/** What a small fraction is read as where it stands alone: a percent sign, a coin, a letter with a figure; before a measure, any scrap. */
const AS_FRACTION = new RegExp(
  `^(?:\\p{L}{1,3}\\s(?=[¥YV%]))?(\\W{0,3}?)(?:[%*]|[¥YV][2-4a%]|[VW]a|Yo|Ya|[42]\\/[42]|h|%a)\\s+(?=\\p{L})|^(\\W{0,3}?)(?!(?:an?|one|two|the|few|half)\\b)(?!\\d{1,3}(?:\\s|[.,/]\\d))[^\\s¼-¾⅐-⅞]{1,3}\\s+(?=${SPOON}\\b)`,
  'iu',
);
const AFTER_FIGURE = new RegExp(
  `^(\\W{0,3}\\d{1,2})\\s?(?:[¥YV][\\da%;:,]{0,2}|[VW]a|Ye|[4]%|[^\\s\\p{L}\\d¼-¾⅐-⅞.,/()–-][^\\s]{0,2})\\s?(?=${MEASURE}\\b)`,
  'iu',
);
/** "3 cup", "2; cup", "4 bunch": more than one is cups, so it is a part of one; "tsp cinnamon": its figure was too small to be seen. */
const ONE_CUP =
  /^(\W{0,3})(?:(?!1\s)\d{1,2}[^\s\p{L}\d]{0,2}\s(?=(?:cup|bunch|handful|litre|liter|pint)\b)|(?=(?:tsp|tbsp|teaspoons?|tablespoons?|cups?|bunch|handful)\s\p{L}))/iu;
/** "24 tbsp": nobody counts so many spoons; the second figure is a small fraction. */
const TWO_FIGURES = new RegExp(
  `^(\\W{0,3})([1-9])([1-9%])[^\\s\\p{L}\\d]{0,2}(?=\\s(?:${SPOON}|litres?|liters?|pints?)\\b)`,
  'iu',
);
/** Its two figures without their stroke. */
const STROKELESS: Readonly<Record<string, string>> = { 12: '½', 13: '⅓', 14: '¼', 23: '⅔', 34: '¾' };
/** "… stir once. i Ec": what is left of the edge of the paper. */
const SCRAPS = /(?<=\p{L}{2}[.!?])(?:\s+[^\s.]{1,2}){1,3}$/u;
const LONE = new RegExp(`^(\\W{0,3})([1457])(?=\\s${SPOON}\\b)`, 'iu');
/** Letters among the figures of an amount: "l50 g", "5OO ml", "S00 g". */
const LETTERED =
  /^(\W{0,3})((?=[\dlIOoSsBZ]*\d)(?=\d*[lIOoSsBZ])[\dlIOoSsBZ]{2,5})(?=\s?(?:g|kg|ml|oz|lbs?|tsp|tbsp)\b)/u;
const PLAIN: Readonly<Record<string, string>> = {
  l: '1',
  I: '1',
  O: '0',
  o: '0',
  S: '5',
  s: '5',
  B: '8',
  Z: '2',
};
const UNIT_NAMES = new Set(UNITS.flatMap((u) => u.names));
/** Units as they come out of a reader: one letter for another that looks like it. */
const MISREAD_UNIT = /^(\W{0,3}[\d¼-¾⅐-⅞./ –%;:-]+\s?)([a-z]{2,5})\b/u;
const LOOKALIKES: readonly (readonly [RegExp, string])[] = [
  [/^[lit1][bhoa]s?[po]s?$/i, 'tbsp'],
  [/^(?:tosp|thsp|tbap|ibsp|lbsp|tbs?o|tbsn)$/i, 'tbsp'],
  [/^(?:isp|lsp|tso|tsn|tap|tep)$/i, 'tsp'],
  [/^(?:mi|m1|rnl|mll|mt)$/i, 'ml'],
  [/^(?:kq|ka|kgs?q)$/i, 'kg'],
  [/^(?:q|9)$/i, 'g'],
  [/^(?:1b|ib|lh)s?$/i, 'lb'],
];
const TIME = /\b\d{1,3}(?:\s?[-–]\s?\d{1,3})?\s?(?:min\w*|hours?|hrs?|h|seconds?)\b/i;

/**
 * What of a line from a photo has to be compared with the picture; null where nothing depends on a figure and it was read clearly. A
 * reader takes small fractions for other signs and cannot know it, so every amount is doubted: what is wrong without a sign would else
 * be cooked. `clear` is how sure the reader was, per cent.
 */
export function photoDoubt(read: string, clear: number): PhotoDoubt | null {
  const likely: string[] = [];
  let why = '';
  const offer = (reason: string, ...lines: readonly string[]): void => {
    why ||= reason;
    for (const l of lines) if (l !== read && !likely.includes(l)) likely.push(l);
  };
  const unit = MISREAD_UNIT.exec(read);
  const meant =
    unit && !UNIT_NAMES.has(unit[2] ?? '') ? LOOKALIKES.find(([odd]) => odd.test(unit[2] ?? '')) : undefined;
  // What is doubted next is the line with a measure that is one.
  const line = unit && meant ? read.replace(MISREAD_UNIT, `$1${meant[1]}`) : read;
  if (line !== read) offer('A measure that is none.', line);
  const withEach = (place: RegExp, put: (f: string) => string, of: readonly string[] = FRACTIONS): string[] =>
    of.map((f) => line.replace(place, () => put(f)));
  const cup = ONE_CUP.exec(line);
  const two = TWO_FIGURES.exec(line);
  if (cup)
    offer(
      'A part of one, perhaps.',
      ...withEach(ONE_CUP, (f) => `${cup[1] ?? ''}${f} `, ['⅔', '⅓', '½', '¾', '¼']),
    );
  else if (two) {
    const [, lead = '', whole = '', part = ''] = two;
    const alone = STROKELESS[`${whole}${part}`];
    offer(
      'A fraction, perhaps.',
      ...(alone ? withEach(TWO_FIGURES, (f) => `${lead}${f}`, [alone]) : []),
      ...withEach(TWO_FIGURES, (f) => `${lead}${whole}${f}`),
    );
  }
  if (AFTER_FIGURE.test(line))
    offer('A fraction, perhaps.', ...FRACTIONS.map((f) => line.replace(AFTER_FIGURE, `$1${f} `)));
  else if (AS_FRACTION.test(line))
    offer(
      'A fraction, perhaps.',
      ...FRACTIONS.map((f) =>
        line.replace(AS_FRACTION, (_, a?: string, b?: string) => `${a ?? b ?? ''}${f} `),
      ),
    );
  if (SCRAPS.test(line)) offer('Scraps at the end, perhaps the edge of the paper.', line.replace(SCRAPS, ''));
  const lettered = LETTERED.exec(line);
  if (lettered) {
    const figures = [...(lettered[2] ?? '')].map((c) => PLAIN[c] ?? c).join('');
    offer('Letters among the figures.', line.replace(LETTERED, `$1${figures}`));
  }
  const lone = LONE.exec(line);
  if (lone) {
    const halves = lone[2] === '4' || lone[2] === '7' ? ['¼', '½'] : ['½', '¼', '⅓'];
    offer(
      'A small fraction is often read as one figure.',
      ...halves.map((f) => line.replace(LONE, `$1${f}`)),
    );
  }
  const fraction = /[¼-¾⅐-⅞]|\b\d\/\d\b/u.exec(line);
  if (fraction && !why) {
    const others = FRACTIONS.filter((f) => f !== fraction[0]).slice(0, 2);
    offer('A fraction: small, and easily misread.', ...others.map((f) => line.replace(fraction[0], f)));
  }
  if (!why && /%/.test(line)) offer('A sign that no recipe has.');
  if (!why && (/^\W{0,3}\d/.test(line) || TIME.test(line))) offer('A figure to compare.');
  if (!why && clear < LEAST_CLEAR) offer('Not clear in the picture.');
  return why ? { why, likely } : null;
}
