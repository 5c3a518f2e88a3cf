import { foodWords } from '../pantry/words';
import { unitById } from '../quantity/units';
import { type ScriptLine, lastWord, wordsOf } from './line';

/** Words that tell two lines of one food apart. */
const TOLD_APART =
  /\b(?:cold|hot|warm|boiling|seasoned|fresh|dried|ground|whole|light|dark|extra|red|white|smoked|sweet|soft|softened|melted|chilled|sliced|chopped|diced|minced|grated|mixed|dissolved|slaked|chunks?|cubed?|cubes|wedges|rounds|thick|thin|thinly|whole)\b/gi;

/** "Marinade" and "marinate", "dumpling" and "dumplings". */
const isSameStem = (a: string, b: string): boolean =>
  a === b || (a.length >= 6 && a.slice(0, 6) === b.slice(0, 6));

const isMeasuredBy = (unitId: string, clause: string): boolean => {
  const measure = / (\p{L}+) of\b/iu.exec(` ${clause}`)?.[1]?.toLowerCase();
  return measure !== undefined && unitById(unitId).names.includes(measure);
};

/** "For 1 minute" is no amount of anything. */
const TIMES =
  /\d+(?:\s?[-–]\s?\d+)?\s?(?:m|mins?|minutes?|secs?|seconds?|h|hrs?|hours?|°\s?[CF]?|degrees)\b/gi;

/** True of the only line of its food. */
const isAlone = (lines: readonly ScriptLine[], j: number): boolean =>
  lines.every((l, k) => k === j || l.read.food?.id !== lines[j]?.read.food?.id);

/** A word of a line that the clause does not say counts a little against it. */
const UNSAID = 0.25;

/** Of several lines of one food only those the clause tells by amount or by a word: "180 ml water", "the cold water". */
export function sameFoodTold(
  clause: string,
  lines: readonly ScriptLine[],
  found: ReadonlySet<number>,
): Set<number> {
  const out = new Set(found);
  const segments = clause.replace(TIMES, ' ').split(/[,;&+]|\band\b|\bwith\b/i);
  const told = new Set((clause.match(TOLD_APART) ?? []).map((w) => w.toLowerCase()));
  for (const i of found) {
    const same = [...found].filter((j) => lines[j]?.read.food?.id === lines[i]?.read.food?.id);
    if (same.length < 2) continue;
    // "Lemon juice and 1 tbsp of the oil": the figure is the oil's.
    const words = new Set(same.flatMap((j) => foodWords(lines[j]?.read.foodText ?? '')));
    const mine = segments.filter((part) => foodWords(part).some((w) => words.has(w)));
    const ofIt = (mine.length ? mine : segments).join(' ');
    const numbers = new Set(ofIt.match(/\d+(?:[.,/]\d+)?/g) ?? []);
    // "Beat the flour, eggs and water": the flour of the part in which the eggs stand, and only there.
    const others = [...found].filter((j) => lines[j]?.read.food?.id !== lines[i]?.read.food?.id);
    const parts = new Set(others.filter((j) => isAlone(lines, j)).map((j) => lines[j]?.section));
    const company = parts.size === 1 ? [...parts][0] : undefined;
    const scoreOf = (j: number): number => {
      const text = lines[j]?.read.text.toLowerCase() ?? '';
      // "2 tsp garam masala" of two lines of it: the number with its spoon says more than the number alone.
      const measure = /^\W*((?:\d[\d\s.,/]*)?[½¼¾⅓⅔]?\s?\p{L}+)\b/u.exec(text)?.[1]?.trim() ?? '';
      const noun = lastWord(lines[j] as ScriptLine);
      const isMeasured =
        /^[\d½¼¾⅓⅔]/.test(measure) &&
        noun.length > 2 &&
        clause
          .toLowerCase()
          .split(measure)
          .slice(1)
          .some((behind) => foodWords(behind.split(/[,;&+/()]|\band\b/)[0] ?? '').includes(noun));
      const byAmount = isMeasured
        ? 3
        : (text.match(/\d+(?:[.,/]\d+)?/g) ?? []).some((n) => numbers.has(n))
          ? 2
          : 0;
      // "The tablespoon of butter" beside a knob of it: the one that is measured so.
      const unit = lines[j]?.read.amount?.unitId;
      const byUnit = unit !== undefined && isMeasuredBy(unit, ofIt) ? 1 : 0;
      // "The water" beside a cold water is the one that nothing more is said of.
      const more = new Set((text.match(TOLD_APART) ?? []).map((w) => w.toLowerCase()));
      const unsaid = [...more].filter((w) => !told.has(w)).length * UNSAID;
      // "For the dumplings, mix the flour": the flour of that part of the list; elsewhere the one of none.
      const section = lines[j]?.section;
      const isOfPart =
        section !== undefined &&
        foodWords(section).some((w) => w.length >= 4 && foodWords(clause).some((v) => isSameStem(v, w)));
      // "Half the sazón" of a list that has an adobo too: both are a seasoning, and one is called so.
      const said = new Set(foodWords(clause));
      const isCalledSo = [...wordsOf(lines[j] as ScriptLine).telling].some(
        (w) => said.has(w) && !same.every((k) => wordsOf(lines[k] as ScriptLine).telling.has(w)),
      );
      const byWord = isCalledSo ? 1 : 0;
      const byPart =
        isOfPart || (company !== undefined && section === company)
          ? 1
          : section === undefined
            ? 0
            : -2 * UNSAID;
      return byAmount + byUnit + byWord + byPart + [...told].filter((w) => text.includes(w)).length - unsaid;
    };
    const best = Math.max(...same.map(scoreOf));
    if (scoreOf(i) < best) out.delete(i);
  }
  return out;
}
