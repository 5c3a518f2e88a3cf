import { CAUTIONS } from '../kitchen/data/cautions';
import { LIKENESSES, MAX_OWN_NAME } from '../pantry/own';
import { needsBoilingFirst } from '../pieces/meat';
import type { Finding } from './finding';
import { takeAs, tellLineApart } from './fixes';
import type { FindingInput } from './input';
import { capital, nameOf } from './words';

/** The likenesses offered at once, with the finding; the line's own panel has them all. */
const OFFERED = ['onion', 'carrot', 'chicken-stock', 'barbecue-sauce'];

export function readingFindings({ items, dish, script }: FindingInput): Finding[] {
  const several = items
    .filter((i) => i.read.several.length > 1 && i.partIndex === 0)
    .map((i): Finding => ({
      id: `several-${i.lineId}`,
      severity: 'careful',
      about: 'reading',
      lineIds: [i.lineId],
      text: `${capital(COUNT_WORDS[i.read.several.length] ?? String(i.read.several.length))} things in one line`,
      why: `Only the ${nameOf(i)} is counted of “${i.read.text.slice(0, 60)}”.`,
      fixes: [tellLineApart(i.lineId, i.read.several)],
    }));
  const lines = items.filter((i) => i.partIndex === 0);
  const strange = lines.filter((i) => i.read.confidence === 'unsure' && !i.read.food);
  const isForeign = strange.length >= FOREIGN_FROM && strange.length > lines.length / 2;
  // A list in another language is said to be one, and not asked about line by line.
  const foreign: Finding[] = isForeign
    ? [
        {
          id: 'reading-foreign',
          severity: 'careful',
          about: 'reading',
          lineIds: strange.map((i) => i.lineId),
          text: 'Most of this list was not understood',
          why: `${strange.length} of ${lines.length} lines name nothing that is in the pantry, so nothing of them is counted. Lists are read in English: put the names into English, or open a line and say what it is most like.`,
          fixes: [],
        },
      ]
    : [];
  const unsure = lines
    .filter((i) => i.read.confidence === 'unsure' && !(isForeign && !i.read.food))
    .map((i): Finding => {
      const unknown = !i.read.food;
      return {
        id: `reading-${i.lineId}`,
        severity: 'careful',
        about: 'reading',
        lineIds: [i.lineId],
        text: unknown ? `What is “${i.read.foodText.slice(0, 40)}”?` : `How much ${nameOf(i)}?`,
        why: unknown
          ? 'It is not in the pantry. Nothing about it is guessed; say what it is most like.'
          : 'No amount was found in the line, so it is not counted. Write one in.',
        fixes: unknown
          ? LIKENESSES.filter((l) => OFFERED.includes(l.foodId)).map((l) =>
              takeAs(i.lineId, l.foodId, l.label),
            )
          : [],
        ...(unknown ? { asks: i.read.foodText.slice(0, MAX_OWN_NAME) } : {}),
      };
    });
  // What was told and could not be followed is said: its minutes are not those of the plan.
  const unread: Finding[] =
    script === null && dish.method.trim().length >= METHOD_FROM
      ? [
          {
            id: 'reading-method',
            severity: 'careful',
            about: 'reading',
            lineIds: [],
            text: 'The method could not be followed',
            why: 'No lid is closed in it that was understood, so the order and the minutes are the house’s own, computed from the list. Methods are read in English: put it into English, or set its minutes yourself.',
            fixes: [],
          },
        ]
      : [];
  return [...several, ...foreign, ...unread, ...unsure];
}

/** Lines nobody knows, from which a list is told of as a whole. By judgement. */
const FOREIGN_FROM = 5;

/** Letters from which a method is more than a note of one's own. By judgement. */
const METHOD_FROM = 80;

const COUNT_WORDS: Record<number, string> = { 2: 'two', 3: 'three', 4: 'four', 5: 'five' };

/** Beans that are harmful until they have boiled hard, wherever they go in raw: under the lid or into a slow simmer. */
export function boilFirstFindings({ items }: FindingInput): Finding[] {
  return items
    .filter((i) => i.partIndex === 0 && needsBoilingFirst(i))
    .map((i) => ({
      id: `boil-first-${i.lineId}`,
      severity: 'careful',
      about: 'reading',
      lineIds: [i.lineId],
      text: `${capital(nameOf(i))}: boiled hard for ten minutes first`,
      why: `${CAUTIONS.kidney} Tinned ones have been boiled already.`,
      fixes: [],
    }));
}
