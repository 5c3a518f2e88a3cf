/**
 * Sizes that cooks tell by a thing everybody has held: "a lime-sized ball of tamarind", "butter the size of an egg". Millilitres of a
 * lump of that size. Source: common measures of household books; spread 35 %.
 */
const SIZE_ML: Readonly<Record<string, number>> = {
  pea: 1,
  hazelnut: 2,
  marble: 5,
  gooseberry: 5,
  almond: 3,
  cherry: 5,
  olive: 5,
  walnut: 20,
  nutmeg: 8,
  'golf ball': 40,
  lime: 30,
  lemon: 60,
  egg: 50,
  'ping-pong ball': 35,
  plum: 45,
  fist: 220,
};
/** A thumb is a measure of its own. */
const THUMB = /^([^\d¼-¾,(]{3,40}),\s*(?:an? )?thumb[- ]?siz(?:ed?|es)(?: (?:piece|knob|lump|chunk))?\b/i;
const THINGS = Object.keys(SIZE_ML).join('|');
const LUMP = '(?:ball|piece|lump|knob|chunk|bit|nugget)';
const SIZED = new RegExp(
  String.raw`,?\s*\b(?:an? )?(${THINGS})[- ]?siz(?:ed?|es)\b(?: ${LUMP})?(?: of)?|,?\s*\b(?:about |roughly )?(?:the )?size of (?:an? |your |a small |a large )?(${THINGS})\b`,
  'i',
);
const COUNTED = /^\s*(?:\d|[¼-¾⅓⅔]|(?:one|two|three|four|five|six)\s)/iu;
const A_LUMP = new RegExp(String.raw`^(?:an? )?(?:small |good |nice )?${LUMP} (?:of )?`, 'i');

const A_LUMP_OF_IT = new RegExp(String.raw`\b${LUMP}s?\b`, 'i');

/** A line that tells a size by comparison, with millilitres in front; one that is counted already only loses the words. */
export function withoutComparison(text: string): string {
  const thumb = THUMB.exec(text);
  if (thumb) return `1 thumb ${thumb[1] ?? ''}${text.slice(thumb[0].length)}`;
  const found = SIZED.exec(text);
  if (!found) return text;
  const ml = SIZE_ML[(found[1] ?? found[2] ?? '').toLowerCase()] ?? 0;
  const rest = `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`
    .replace(/\s+(?=[,;)])/g, '')
    .replace(/\s+/g, ' ')
    .trim();
  // "1 walnut-sized lump of tamarind": so many lumps of that size.
  const lumps = /^(?:(\d)|(an?|one|two|three|four))\s+/i.exec(rest);
  const n = lumps ? Number(IN_WORDS[(lumps[2] ?? '').toLowerCase().replace(/^an?$/, 'one')] ?? lumps[1]) : 0;
  if (lumps && n > 0 && A_LUMP_OF_IT.test(found[0])) return `${n * ml} ml ${rest.slice(lumps[0].length)}`;
  return COUNTED.test(rest) || /\d/.test(rest.split(/[,(]|\b(?:in|with|soaked)\b/, 1)[0] ?? '')
    ? rest
    : `${ml} ml ${rest.replace(A_LUMP, '')}`;
}

/** Number words before a unit. */
const IN_WORDS: Readonly<Record<string, string>> = {
  half: '1/2',
  'half a': '1/2',
  quarter: '1/4',
  'a quarter': '1/4',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
};
const WORD_AMOUNT = new RegExp(
  String.raw`^(\D{3,40}?\s)(${Object.keys(IN_WORDS).join('|')}) (?=(?:cups?|tsp|tbsp|teaspoons?|tablespoons?|kg|kilos?|litres?|liters?|pounds?|lbs?)\b)`,
  'i',
);

/** "Toor dal half cup": the number behind the food as a figure. */
export const withFigure = (text: string): string =>
  text.replace(
    WORD_AMOUNT,
    (_, food: string, word: string) => `${food}${IN_WORDS[word.toLowerCase()] ?? word} `,
  );
