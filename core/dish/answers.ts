import { distance } from 'fastest-levenshtein';
import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { foldWord, foodWords } from '../pantry/words';
import {
  LEAST_SMALL_UNIT,
  MOST_ANSWERS,
  OTHER_UNITS,
  SMALL_UNITS,
  USUAL_PLATE_G,
  USUAL_UNITS,
} from './data/answers';
import { readAmount } from './amount';
import { mendSpelling } from './spelling';
import { stripBullet } from './names';
import { readLine, type ReadLine } from './read';
import type { MeasureSystem } from '../quantity/units';

/** A likely answer to what is asked about a line: what the button says, and the line as it reads then. */
export interface Answer {
  label: string;
  text: string;
}

const RANK: Record<ReadLine['confidence'], number> = { unsure: 0, likely: 1, sure: 2 };
/** The figure a line begins with. */
const FIGURE = /(?:\d[\d\s.,'’/]*[\d¼-¾⅐-⅞]|[\d¼-¾⅐-⅞])/;

/**
 * Likely answers to the doubt of one line, likeliest first, at most four; none for a line that is sure. Each is the line with a few
 * words changed, and each was read: none is offered that would leave the same doubt, or lose what the line says besides (how it is cut,
 * when it goes in). Pure.
 */
export function likelyAnswers(text: string, pantry: Pantry, system: MeasureSystem, plates = 4): Answer[] {
  const read = readLine(text, pantry, system);
  if (read.confidence === 'sure') return [];
  const seen = new Set<string>();
  return candidates(read, text, pantry, plates)
    .filter((answer) => {
      const after = readLine(answer.text, pantry, system);
      const isNew = !seen.has(answer.label) && answer.text !== text;
      const helps =
        isNew &&
        after.food !== null &&
        after.massG.mid > 0 &&
        RANK[after.confidence] > RANK[read.confidence] &&
        saysAsMuch(read, after);
      if (helps) seen.add(answer.label);
      return helps;
    })
    .slice(0, MOST_ANSWERS);
}

/** True where a line still says how it is cut and when it goes in. */
const saysAsMuch = (before: ReadLine, after: ReadLine): boolean =>
  before.thicknessMm === after.thicknessMm &&
  before.cut === after.cut &&
  before.frozen === after.frozen &&
  before.written?.moment === after.written?.moment;

function candidates(read: ReadLine, text: string, pantry: Pantry, plates: number): Answer[] {
  const { food, amount } = read;
  if (!food) return likeWords(read, text, pantry);
  if (!amount) return usualAmounts(food.kind, text, plates);
  if (read.massG.mid === 0)
    return amount.unitId === 'each' ? withUnits(food.kind, amount.min, text) : smaller(text);
  const rest = readAmount(stripBullet(text))?.rest ?? '';
  const weighed = [1, 0.5, 2].map((k): Answer => {
    const g = rounded(read.massG.mid * k);
    return { label: `${g} g`, text: `${g} g ${rest.trim()}` };
  });
  // Another weight leaves a doubtful food as doubtful, and another name a guessed weight: only what helps is kept.
  return [...(rest ? weighed : []), ...asTaken(read, text, pantry)];
}

const rounded = (g: number): number => {
  const step = g >= 200 ? 50 : g >= 50 ? 10 : g >= 10 ? 5 : 1;
  return Math.max(1, Math.round(g / step) * step);
};

/** The food as it was taken, said outright, and the other foods that its words name. */
function asTaken(read: ReadLine, text: string, pantry: Pantry): Answer[] {
  const names = [read.known, ...pantry.mentions(read.foodText).map((m) => m.food.names[0] ?? '')].filter(
    (n, i, all) => n && all.indexOf(n) === i,
  );
  // The same line with its typing errors mended keeps all the rest of it.
  const spelt = mendSpelling(text, pantry);
  const mended = spelt && names[0] ? [{ label: `Yes, ${names[0]}`, text: spelt.text }] : [];
  const outright = names.map((name, i) => ({
    label: i === 0 ? `Yes, ${name}` : name,
    text: text.includes(read.foodText) ? text.replace(read.foodText, () => name) : withFood(text, name),
  }));
  return [...mended, ...outright];
}

/** The line's amount before another food. */
function withFood(text: string, name: string): string {
  const amount = /^[^\p{L}]*(?:\p{L}{1,6}\.?\s)?/u.exec(text)?.[0] ?? '';
  return `${amount}${name}`.trim();
}

/** A name is offered where no more than this share of its letters is another. Source: chosen by eye on misspelt names. */
const MOST_OFF = 0.34;

/** Foods whose names sound like a word that is not known, and those that end as it does: "beans" are black, kidney or butter beans. */
function likeWords(read: ReadLine, text: string, pantry: Pantry): Answer[] {
  const words = foodWords(read.foodText);
  const last = words.at(-1) ?? '';
  const wanted = words.join(' ');
  const near: { name: string; off: number }[] = [];
  const ending = new Map<FoodKind, string[]>();
  for (const food of pantry.all()) {
    for (const name of food.names) {
      const off = distance(foldWord(name), wanted) / Math.max(4, wanted.length);
      if (off <= MOST_OFF) near.push({ name, off });
    }
    const [first = ''] = food.names;
    if (last.length >= 3 && foodWords(first).at(-1) === last)
      ending.set(food.kind, [...(ending.get(food.kind) ?? []), first]);
  }
  near.sort((a, b) => a.off - b.off);
  // The commonest of each kind before the second of any.
  const byTurn = [...ending.values()]
    .flatMap((names) => names.map((name, place) => ({ name, place })))
    .sort((a, b) => a.place - b.place);
  return [...near, ...byTurn].map(({ name }) => ({
    label: name,
    text: text.includes(read.foodText) ? text.replace(read.foodText, () => name) : `${text} ${name}`,
  }));
}

function withUnits(kind: FoodKind, n: number, text: string): Answer[] {
  const units = USUAL_UNITS.find((u) => u.kinds.includes(kind))?.units ?? OTHER_UNITS;
  const isMany = n >= LEAST_SMALL_UNIT;
  return units
    .filter((u) => SMALL_UNITS.has(u) === isMany)
    .map((unit) => {
      const figure = FIGURE.exec(text)?.[0] ?? String(n);
      return { label: `${figure} ${unit}`, text: text.replace(figure, `${figure} ${unit}`) };
    });
}

/** A figure that no kitchen takes may have lost its point. */
function smaller(text: string): Answer[] {
  const figure = FIGURE.exec(text)?.[0];
  const n = Number(figure?.replace(/[\s,'’]/g, ''));
  if (figure === undefined || !Number.isFinite(n)) return [];
  return [10, 100, 1000].map((k) => {
    const made = String(Math.round((n / k) * 100) / 100);
    return { label: `${made} instead of ${figure.slice(0, 12)}`, text: text.replace(figure, made) };
  });
}

function usualAmounts(kind: FoodKind, text: string, plates: number): Answer[] {
  const each = USUAL_PLATE_G.find((u) => u.kinds.includes(kind))?.g ?? [];
  return each.map((g) => {
    const whole = rounded(g * plates);
    return { label: `${whole} g`, text: `${whole} g ${text.trim()}` };
  });
}
