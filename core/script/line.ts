import type { ReadLine } from '../dish/read';
import type { FoodKind } from '../pantry/food';
import { foodWords } from '../pantry/words';

/** A line as the script sees it. */
export interface ScriptLine {
  read: ReadLine;
  section?: string | undefined;
}

/** True of what is squeezed: "juice of 2 limes". */
export const isJuice = ({ read }: ScriptLine): boolean =>
  /\bjuices?\b/i.test(read.text) && ['citrus', 'juice', 'fruit'].includes(read.food?.kind ?? '');

export const MEATS: ReadonlySet<FoodKind> = new Set([
  'poultry',
  'red-meat',
  'ground-meat',
  'sausage',
  'cured-meat',
  'seafood',
]);

/** True of a food that has "pepper" among its own names: pepperoncini. */
export const isAPepper = ({ read }: ScriptLine): boolean =>
  (read.food?.names ?? []).some((n) => /\bpeppers?$/i.test(n));

/** How a thing is cut, behind its name: "green chillies slit". */
export const CUT =
  /^(?:chopped|sliced|diced|minced|crushed|grated|peeled|halved|quartered|cubed|shredded|trimmed|slit|cut|finely|roughly|thinly|drained|rinsed|thawed|softened|seeded|deseeded|torn|beaten|melted|toasted|divided|packed|undrained|warmed|washed|pitted|stemmed|julienned)$/;

export const isForTheTable = ({ section, read }: ScriptLine): boolean =>
  /^(?:(?:to|for)(?: the)? )?(?:serv(?:e|ing)|garnish\w*|top(?:ping)?s?|table|go with|bowls?|plates?|tacos?|wraps?|buns?|tostadas?)\b/i.test(
    section ?? '',
  ) || read.written?.moment === 'serve';

/** Leaves with no amount: they are strewn over it, whatever goes into the pot. */
export const isStrewn = ({ read }: ScriptLine): boolean =>
  read.amount === null && read.food?.kind === 'herb-soft';

/** "Brown the meat" is the beef, where a list has bacon too. */
export const isRawMeat = ({ read }: ScriptLine): boolean =>
  /^(?:poultry|red-meat|ground-meat)$/.test(read.food?.kind ?? '') && !read.cooked;

export const isMeat = (line: ScriptLine): boolean =>
  line.read.food !== null && MEATS.has(line.read.food.kind);

/** The words of a line's food, as every clause asks for them. */
interface LineWords {
  all: readonly string[];
  /** Those long enough to be known by, and no way of cutting. */
  telling: ReadonlySet<string>;
  /** Two that follow each other. */
  pairs: readonly string[];
}

/** Two words that follow each other. */
export const pairsOf = (text: string): string[] => {
  const own = foodWords(text);
  return own.slice(1).map((w, k) => `${own[k]} ${w}`);
};

const WORDS = new WeakMap<ReadLine, LineWords>();
const LEAST_LETTERS = 4;
/** The words of a line's food. Kept with the line. */
export function wordsOf({ read }: ScriptLine): LineWords {
  let words = WORDS.get(read);
  if (!words) {
    const all = foodWords(read.foodText);
    const telling = new Set(all.filter((w) => w.length >= LEAST_LETTERS && !CUT.test(w)));
    WORDS.set(read, (words = { all, telling, pairs: pairsOf(read.foodText) }));
  }
  return words;
}

const LAST_WORDS = new WeakMap<ReadLine, string>();
/** The noun of a line: its last word that is no way of cutting; of "oil from the jar" the oil. Kept: every clause asks it of every line. */
export function lastWord({ read }: ScriptLine): string {
  const before = LAST_WORDS.get(read);
  if (before !== undefined) return before;
  const own = foodWords(read.foodText.replace(/\s+(?:from|of|off) .*$/i, ''));
  const word = own.findLast((w) => !CUT.test(w)) ?? own.at(-1) ?? '';
  LAST_WORDS.set(read, word);
  return word;
}
