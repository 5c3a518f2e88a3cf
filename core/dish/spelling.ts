import { distance } from 'fastest-levenshtein';
import type { Pantry } from '../pantry/pantry';
import { foldWord, singular } from '../pantry/words';
import { UNITS } from '../quantity/units';
import { isPlainDescription } from './descriptions';

/** Short forms of hand notes and cards. Source: ordinary kitchen shorthand. */
const SHORT: Record<string, string> = {
  btl: 'bottle',
  ea: 'each',
  abt: 'about',
  chx: 'chicken',
  chkn: 'chicken',
  chix: 'chicken',
  shldr: 'shoulder',
  brst: 'breast',
  brn: 'brown',
  chopd: 'chopped',
  gar: 'garlic',
  vin: 'vinegar',
  toms: 'tomatoes',
  tom: 'tomato',
  spuds: 'potatoes',
  pwdr: 'powder',
  pwd: 'powder',
  gg: 'ginger garlic',
  pdr: 'powder',
  mush: 'mushrooms',
  mushies: 'mushrooms',
  parm: 'parmesan',
  mozz: 'mozzarella',
  worc: 'worcestershire sauce',
  worcs: 'worcestershire sauce',
  corr: 'coriander',
  cori: 'coriander',
  cil: 'cilantro',
  unsltd: 'unsalted',
  lge: 'large',
  frz: 'frozen',
  frzn: 'frozen',
  crm: 'cream',
  btr: 'butter',
  veg: 'vegetable',
  pep: 'pepper',
  pap: 'paprika',
  ses: 'sesame',
};

/** "Soak 1 lb navy beans overnight": what is done to a line, before its amount. */
const DONE_FIRST =
  /^\s*(soak|rinse|wash|drain|chop|dice|slice|peel|mince|grate|thaw|defrost|cube|trim)\s+(?=(?:\d|[¼-¾]|an?\s|half\s|one\s|two\s|three\s))(.{3,})$/iu;
const PARTICIPLE: Readonly<Record<string, string>> = {
  soak: 'soaked',
  rinse: 'rinsed',
  wash: 'washed',
  drain: 'drained',
  chop: 'chopped',
  dice: 'diced',
  slice: 'sliced',
  peel: 'peeled',
  mince: 'minced',
  grate: 'grated',
  thaw: 'thawed',
  defrost: 'thawed',
  cube: 'cubed',
  trim: 'trimmed',
};

/** Words that are no food and are never mended to one. */
const UNITS_TOO = new Set(UNITS.flatMap((u) => u.names.flatMap((n) => n.split(' '))));

/** A word is mended only where its length leaves little doubt: one letter from five letters on, two from eight. */
const MOST_WRONG = (word: string): number => (word.length >= 8 ? 2 : word.length >= 5 ? 1 : 0);

const VOCABULARIES = new WeakMap<
  Pantry,
  { words: readonly string[]; known: Set<string>; home: Set<string>; mended: Map<string, string | null> }
>();

function vocabularyOf(pantry: Pantry) {
  const before = VOCABULARIES.get(pantry);
  if (before) return before;
  const known = pantry.words();
  const home = pantry.homeWords();
  const made = {
    words: [...home].filter((w) => w.length >= 4),
    known,
    home,
    mended: new Map<string, string | null>(),
  };
  VOCABULARIES.set(pantry, made);
  return made;
}

/** The one known word that two letters in the wrong order make of this one: "thihg"; null where there is none, or more than one. */
function swappedWord(word: string, known: ReadonlySet<string>): string | null {
  const made = new Set<string>();
  for (let i = 0; i + 1 < word.length; i++) {
    const turned = `${word.slice(0, i)}${word[i + 1] ?? ''}${word[i] ?? ''}${word.slice(i + 2)}`;
    if (turned !== word && known.has(turned)) made.add(turned);
  }
  const [one] = made;
  return made.size === 1 && one !== undefined ? one : null;
}

/** "Pureed", "buttered", "breaded": something was done to another food, and no food is misspelt. */
const isDoneTo = (word: string, food: string): boolean =>
  word === `${food}d` || word === `${food}ed` || word === `${food}ing` || word === `${food.slice(0, -1)}ied`;

/** Kept answers: a page says the same odd words again and again. */
const MOST_KEPT = 3000;

function mend(word: string, pantry: Pantry): string | null {
  const { words, known, home, mended } = vocabularyOf(pantry);
  const single = singular(word);
  if (known.has(single) || UNITS_TOO.has(word) || isPlainDescription(single) || isPlainDescription(word))
    return null;
  const before = mended.get(single);
  if (before !== undefined) return before;
  const most = MOST_WRONG(single);
  const swapped = most ? swappedWord(single, home) : null;
  if (swapped !== null) {
    mended.set(single, swapped);
    return swapped;
  }
  let best: string | null = null;
  let least = most + 1;
  let isTie = false;
  for (const candidate of most ? words : []) {
    if (isDoneTo(single, candidate)) continue;
    if (candidate[0] !== single[0] || Math.abs(candidate.length - single.length) > most) continue;
    const d = distance(candidate, single);
    if (d < least) {
      least = d;
      best = candidate;
      isTie = false;
    } else if (d === least && candidate !== best) isTie = true;
  }
  const answer = best !== null && !isTie ? best : null;
  if (mended.size > MOST_KEPT) mended.clear();
  mended.set(single, answer);
  return answer;
}

/** A line with the short forms of hand notes written out; a word the pantry knows is never one. */
export function writeOut(text: string, pantry: Pantry): string {
  return (
    text
      .replace(
        DONE_FIRST,
        (_, verb: string, rest: string) =>
          `${rest
            .replace(/\s+overnight\b/i, ', overnight')
            .replace(/[.;]\s*/g, ', ')
            .replace(/,\s*$/, '')}, ${PARTICIPLE[verb.toLowerCase()] ?? verb}`,
      )
      .replace(/\bg-g(?= paste)/gi, 'ginger garlic')
      .replace(/\bw\/ ?(?=\p{L}|\d)/giu, 'with ')
      .replace(/\bw\/o\b/gi, 'without')
      .replace(/[\p{L}\p{M}'’]+/gu, (word, at: number, whole: string) => {
        const folded = foldWord(word);
        const short = SHORT[folded];
        // "Tom yum paste" is a name of its own.
        const isNamed = pantry.named(folded) ?? pantry.named(whole.slice(at));
        return short !== undefined && !isNamed ? short : word;
      })
      // "Worcs sauce": said twice once it is written out.
      .replace(/\b(sauce|powder|paste) \1\b/gi, '$1')
  );
}

/**
 * A food's name with typing errors mended against the pantry's own words, and the words that were; null when nothing was mended. Only
 * a word that is no known word at all is mended, and only where one known word is nearest.
 */
export function mendSpelling(name: string, pantry: Pantry): { text: string; mended: string[] } | null {
  const mended: string[] = [];
  const text = name.replace(/[\p{L}\p{M}'’]+/gu, (word) => {
    const folded = foldWord(word);
    const better = folded.length < 5 || folded.includes(' ') ? null : mend(folded, pantry);
    if (better === null) return word;
    mended.push(better);
    return better;
  });
  return mended.length ? { text, mended } : null;
}
