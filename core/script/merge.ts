import type { Act } from './act';
import { Foods } from './foods';
import type { ScriptLine } from './line';
import { VERBS_THAT } from './data/verbs';

/** What bubbles down while it is scraped; more takes a time of its own, g. Source: 13 g a minute boil away. */
const BOILS_AT_ONCE_G = 200;

/** What is done to what has just gone in. */
const FRIES: ReadonlySet<string> = new Set(['soften', 'bloom', 'brown', 'pop', 'reduce']);

/** Two pieces of a recipe as one, nothing said twice. */
export function joined(a: string, b: string): string {
  if (a.includes(b)) return a;
  return (b.includes(a) ? b : `${a} ${b}`).slice(0, 400);
}

/** "Add the garlic and stir for 30 seconds": the time is of what has just gone in, and of nothing that went in before it. */
function withTheirTime(acts: readonly Act[]): readonly Act[] {
  const isFried = (a: Act): boolean => a.stage === 'open' && (a.verb === 'soften' || a.verb === 'bloom');
  const ofLast = (a: Act, before: Act | undefined): before is Act =>
    before !== undefined &&
    isFried(a) &&
    isFried(before) &&
    a.words === before.words &&
    !a.lines.length &&
    // "Until the garlic smells": named again, and nothing else.
    a.again.every((i) => before.lines.some((l) => l.index === i)) &&
    before.lines.length > 0 &&
    before.minutes === null;
  return acts.flatMap((a, i) => {
    if (ofLast(a, acts[i - 1])) return [];
    const next = acts[i + 1];
    return next && ofLast(next, a)
      ? [{ ...a, minutes: next.minutes, ...(next.until ? { until: next.until } : {}) }]
      : [a];
  });
}

/** The other side of what was fried. */
const MORE = /\b(?:more|another|further|other sides?|flip|turn(?:ed)? over)\b/i;

/** Two acts next to each other, and the one before them. */
interface Pair {
  last: Act;
  act: Act;
  before: Act | undefined;
  foods: Foods;
}

/**
 * What a rule makes of a pair: `gone`, the second has become part of the first or says nothing; `instead`, the second takes the
 * place of the first, and the rules go on with what stood before it; nothing, the next rule is asked.
 */
type Outcome = 'gone' | 'instead' | undefined;
type Rule = (pair: Pair) => Outcome;

/** What stands before the first act. */
const NOTHING: Act = {
  id: '',
  verb: '',
  stage: 'prep',
  lines: [],
  again: [],
  minutes: null,
  words: '',
  run: -1,
  where: 'pot',
};

const isEmpty = (a: Act): boolean => !a.lines.length && !a.again.length;
const isSaidTogether = ({ last, act }: Pair): boolean => last.words === act.words;
const isSameMoment = ({ last, act }: Pair): boolean => last.run === act.run && last.stage === act.stage;

/** "The chicken and the oregano": meat, and what it tastes of. */
const isMeatAlone = (a: Act, foods: Foods): boolean =>
  foods.some(a, 'meat') && foods.only(a, 'meat', 'fat', 'seasoning');

/** Takes into the first what the second tells of how long, how it looks and in which words. */
function tellOn(last: Act, act: Act, told: readonly ('minutes' | 'until' | 'words')[]): void {
  if (told.includes('minutes')) last.minutes ??= act.minutes;
  if (told.includes('until') && act.until !== undefined) last.until = act.until;
  if (told.includes('words')) last.words = joined(last.words, act.words);
}

/** "Stir the marinade together, add the chicken and chill": one standing; "season the flour, toss the beef in it": one coat. */
const inTheSameBowl: Rule = ({ last, act }) => {
  const isOne = last.verb === act.verb && ['marinate', 'dredge'].includes(act.verb);
  // "Put the pork in a bowl, add the paste, leave for 2 hours": it all stands so long.
  const isStillFilled = act.verb === 'marinate' && last.minutes === null;
  if (!isOne || (act.lines.length && !isStillFilled)) return;
  last.lines.push(...act.lines);
  tellOn(last, act, ['minutes', 'words']);
  last.again = [...new Set([...last.again, ...act.again])];
  return 'gone';
};

/** "Lid on, no weight, simmer 15 minutes": so long the lid rests. */
const simmersUnderTheRestingLid: Rule = ({ last, act }) => {
  if (last.verb !== 'steamlid' || !['simmer', 'rest'].includes(act.verb) || !isEmpty(act)) return;
  if (last.minutes !== null) return;
  tellOn(last, act, ['minutes', 'words']);
  return 'gone';
};

/** Lifted out and set aside, said in one breath; lifted out and kept warm; shredded and set aside, where it is out already. */
const liftedOutOnce: Rule = (pair) => {
  const { last, act } = pair;
  if (act.verb === 'liftout' && isEmpty(act) && VERBS_THAT.workMeat.has(last.verb)) return 'gone';
  if (last.verb !== 'liftout') return;
  if (act.verb === 'liftout' && isEmpty(act) && isSaidTogether(pair)) return 'gone';
  if (act.verb !== 'keepwarm' || act.lines.length) return;
  tellOn(last, act, ['words']);
  return 'gone';
};

/** Cooked until its own juices have gone: it is fried, and nothing was poured that boils down. */
const driesInThePan: Rule = ({ last, act, foods }) => {
  const isFried = last.verb === 'soften' || (last.verb === 'add' && foods.some(last, 'vegetable', 'tomato'));
  const isDriedOff = act.verb === 'reduce' && isEmpty(act) && act.stage === 'open';
  if (!isFried || !isDriedOff || foods.some(last, 'thin')) return;
  last.verb = 'soften';
  tellOn(last, act, ['minutes']);
  return 'gone';
};

/** Butter and flour cooked together, and the sauce whisked in. */
const bindsWithWhatWasFried: Rule = ({ last, act, foods }) => {
  if (last.verb !== 'fry' || act.verb !== 'thicken' || !foods.only(last, 'fat')) return;
  last.verb = 'thicken';
  last.lines.push(...act.lines);
  tellOn(last, act, ['until', 'words']);
  return 'gone';
};

/** "Heat the oil in a wide pan, press in the pork, crisp it for 3 minutes": one frying. */
const friedInThatFat: Rule = (pair) => {
  const { last, act, foods } = pair;
  const isOnlyFat = last.lines.every((l) => foods.is(l.index, 'fat'));
  const isInIt = ['stirin', 'return', 'fry', 'add'].includes(act.verb) && !act.lines.length;
  if (last.verb !== 'fry' || !isOnlyFat || !isInIt || !isSaidTogether(pair)) return;
  last.again.push(...act.again);
  tellOn(last, act, ['minutes', 'until']);
  return 'gone';
};

/** "Make the caramel: …": its name, and how is told next. */
const onlyNamesIt: Rule = ({ last, act }) =>
  last.verb === 'caramel' &&
  isEmpty(last) &&
  last.minutes === null &&
  act.verb === 'add' &&
  act.stage !== 'after'
    ? 'instead'
    : undefined;

/** "Drop it into the sauce in little lumps", "bring it to the boil and whisk in the starch": part of thickening. */
const partOfThickening: Rule = (pair) => {
  const { last, act, foods } = pair;
  // "Fold in the broccoli", that was steamed beside, is none of it.
  const isOfIt =
    isSaidTogether(pair) ||
    act.again.every(
      (i) => foods.is(i, 'thin') || last.again.includes(i) || last.lines.some((l) => l.index === i),
    );
  if (last.verb === 'thicken' && act.verb === 'stirin' && !act.lines.length && last.run === act.run && isOfIt)
    return 'gone';
  // "Bring it to a boil and cook until reduced to a cup": it has to boil to go down.
  const isOnlyHot = last.verb === 'boil' && isEmpty(last) && last.minutes === null;
  if (isOnlyHot && act.verb === 'reduce' && isSaidTogether(pair)) return 'instead';
  return last.verb === 'boil' && isEmpty(last) && act.verb === 'thicken' ? 'instead' : undefined;
};

/** "Add the garlic and stir for a minute" goes on with what is fried; a rest under the lid is that rest. */
const goesOnWithIt: Rule = (pair) => {
  const { last, act } = pair;
  const isStirred = last.verb === 'soften' && act.verb === 'bloom' && act.stage === 'open';
  const isRest = last.verb === 'rest' && act.verb === 'steamlid' && isSaidTogether(pair);
  return isEmpty(act) && (isStirred || isRest) ? 'gone' : undefined;
};

/** What was soaked is strained: its liquor, and no sauce. Blanched and rinsed is one thing. */
const partOfMakingReady: Rule = ({ last, act }) =>
  (last.verb === 'soak' && act.verb === 'strain' && act.stage !== 'after') ||
  (last.verb === 'blanch' && act.verb === 'rinse')
    ? 'gone'
    : undefined;

/** Rendered until it is soft or brown is one thing. */
const renderedUntil: Rule = (pair) => {
  const { last, act } = pair;
  if (last.verb !== 'render' || !['soften', 'brown'].includes(act.verb) || !isEmpty(act)) return;
  if (!isSaidTogether(pair)) return;
  tellOn(last, act, ['minutes']);
  if (act.verb === 'soften' && act.until !== undefined) last.until ??= act.until;
  return 'gone';
};

/** "Score the fat and stud it with cloves": one thing. */
const scoredAndStudded: Rule = (pair) => {
  const { last, act } = pair;
  if (last.verb !== 'score' || act.verb !== 'stirin' || !isSaidTogether(pair)) return;
  if (!/\bstud/i.test(act.words)) return;
  last.lines.push(...act.lines);
  return 'gone';
};

/** "Add the onions and soften for 6 minutes, adding the garlic at the end": one pan, one thing. */
const addedAndSoftened: Rule = (pair) => {
  const { last, act, foods } = pair;
  if (last.verb === 'add' && act.verb === 'soften' && isSaidTogether(pair))
    if (foods.only(last, 'vegetable', 'fat')) last.verb = 'soften';
  return undefined;
};

/** "Bring to the boil and simmer for 15 minutes"; "bring the soup to a simmer, add the orzo and cook 8 minutes". */
const broughtToIt: Rule = (pair) => {
  const { last, act } = pair;
  if (!isSaidTogether(pair)) return;
  if (last.verb === 'boil' && act.verb === 'simmer' && isEmpty(act)) {
    tellOn(last, act, ['minutes']);
    return 'gone';
  }
  const isOnlyBegun = last.verb === 'simmer' && isEmpty(last) && last.minutes === null;
  return isOnlyBegun && ['simmer', 'stirin', 'reduce', 'thicken'].includes(act.verb) ? 'instead' : undefined;
};

/** "Stir the egg mixture in": what was warmed by the ladle goes in by that. */
const warmedAndStirredIn: Rule = ({ last, act }) => {
  if (last.verb !== 'temper' || act.verb !== 'stirin' || act.lines.length || !act.again.length) return;
  tellOn(last, act, ['words']);
  return 'gone';
};

/** "Add the onion; season with salt and pepper. Cook for 5 minutes": salt goes in with what fries, and what fries goes on. */
const saltedAsItFries: Rule = (pair) => {
  const { last, act, foods } = pair;
  const isAdded = ['add', 'season', 'soften'].includes(act.verb) && act.minutes === null;
  if (!isSameMoment(pair) || last.verb !== 'soften' || last.minutes !== null || !isAdded) return;
  if (!foods.only(act, 'salt')) return;
  last.lines.push(...act.lines);
  tellOn(last, act, ['words']);
  return 'gone';
};

/** An act that brings nothing and is done to nothing. */
const SAYS_NOTHING = ['add', 'stirin', 'mix', 'season'];
const saysNothing: Rule = ({ last, act }) => {
  // "Mix the sugar and salt and rub all over": what was mixed is rubbed in.
  const isRubbedIn = last.verb === 'mix' && act.verb === 'season' && act.stage === 'prep';
  return isEmpty(act) && SAYS_NOTHING.includes(act.verb) && !isRubbedIn ? 'gone' : undefined;
};

/** One table. */
const servedTogether: Rule = ({ last, act }) => {
  if (last.verb !== 'serve' || act.verb !== 'serve') return;
  last.lines.push(...act.lines);
  last.again = [...new Set([...last.again, ...act.again])];
  return 'gone';
};

/** What the first becomes by the second; null where they stay two. The first that applies is taken. */
type Becoming = (pair: Pair) => string | null;

const BECOMES: readonly Becoming[] = [
  // "Pour in the fish sauce, stir 1 minute": it is what was poured that is stirred.
  ({ last, act }) =>
    last.verb === 'deglaze' && act.verb === 'bloom' && isEmpty(act) && last.words.includes(act.words)
      ? 'deglaze'
      : null,
  ({ last, act }) => (last.verb === 'bloom' && act.verb === 'pop' && isEmpty(act) ? 'pop' : null),
  // "Throw in the curry leaves, lemongrass and cinnamon. As soon as they stop crackling …".
  ({ last, act, foods }) =>
    last.verb === 'soften' && act.verb === 'pop' && isEmpty(act) && foods.some(last, 'flavour')
      ? 'pop'
      : null,
  ({ last, act }) =>
    ['add', 'deglaze'].includes(last.verb) && act.verb === 'flame' && !act.lines.length ? 'flame' : null,
  // "Make the caramel: add sugar and water to the pot. Cook until amber".
  ({ last, act, foods }) =>
    last.verb === 'add' && act.verb === 'caramel' && isEmpty(act) && foods.only(last, 'sweet', 'fat', 'thin')
      ? 'caramel'
      : null,
  // "Tip the lardons into the pan and let them crisp".
  ({ last, act, foods }) =>
    last.verb === 'add' && act.verb === 'render' && isEmpty(act) && foods.some(last, 'meat')
      ? 'render'
      : null,
  ({ last, act }) => (last.verb === 'add' && act.verb === 'stuff' && !act.lines.length ? 'stuff' : null),
  // What has gone in is fried: meat is browned, bacon is rendered, spices are bloomed.
  ({ last, act, foods }) => {
    const isFried = ['soften', 'bloom', 'pop', 'brown'].includes(act.verb);
    if (last.verb !== 'add' || !isFried || !isEmpty(act) || act.stage !== 'open') return null;
    if (act.verb !== 'soften') return act.verb;
    // "Ginger, anise and stock in the pot, sauté till it steams": nothing softens in a litre of stock.
    if (foods.pouredG(last) > BOILS_AT_ONCE_G) return 'add';
    if (isMeatAlone(last, foods)) return foods.only(last, 'cured', 'fat') ? 'render' : 'brown';
    return foods.some(last, 'flavour') && foods.only(last, 'flavour', 'fat') ? 'bloom' : 'soften';
  },
  ({ last, act, foods }) =>
    last.verb === 'add' &&
    act.verb === 'reduce' &&
    isEmpty(act) &&
    act.stage === 'open' &&
    foods.some(last, 'thin') &&
    foods.pouredG(last) < BOILS_AT_ONCE_G
      ? 'deglaze'
      : null,
  // "Crumble in the mince and fry until its liquid has gone": it browns.
  ({ last, act, foods }) =>
    last.verb === 'add' &&
    act.verb === 'reduce' &&
    isEmpty(act) &&
    act.stage === 'open' &&
    isMeatAlone(last, foods)
      ? 'brown'
      : null,
  (pair) =>
    pair.last.verb === 'stirin' && pair.act.verb === 'serve' && isEmpty(pair.act) && isSaidTogether(pair)
      ? 'serve'
      : null,
  ({ last, act }) =>
    last.verb === 'serve' && ['grill', 'bake', 'melt'].includes(act.verb) ? act.verb : null,
  ({ last, act }) =>
    ['dairy', 'top', 'stirin'].includes(last.verb) && act.verb === 'melt' && !act.lines.length
      ? 'melt'
      : null,
  // What is mixed first and then rubbed in.
  ({ last, act, foods }) =>
    last.verb === 'mix' &&
    ['season', 'marinate', 'dredge'].includes(act.verb) &&
    // Gelatine that blooms in the stock is rubbed into nothing.
    !(
      act.verb === 'season' &&
      foods.some(last, 'thin') &&
      !act.again.some((i) => last.lines.some((l) => l.index === i))
    )
      ? act.verb
      : null,
  // What is stirred in and then simmered. A sauce that is brought to the boil only simmers: what boils is what drinks.
  (pair) => {
    const { last, act, foods } = pair;
    if (last.verb !== 'stirin' || act.lines.length) return null;
    if (act.verb === 'boil') return last.lines.length && !foods.some(last, 'boiled') ? 'simmer' : 'boil';
    if (['simmer', 'wilt'].includes(act.verb)) return act.verb;
    if (!isSaidTogether(pair)) return null;
    if (act.verb === 'fry' && isEmpty(act)) return 'simmer';
    return act.verb === 'glaze' ? 'glaze' : null;
  },
];

/** What is put in first and then done to it is one thing to do. */
const becomesAnother: Rule = (pair) => {
  const { last, act, before, foods } = pair;
  if (!isSameMoment(pair)) return;
  const verb = BECOMES.reduce<string | null>((found, rule) => found ?? rule(pair), null);
  if (verb === null) return;
  last.verb = verb;
  last.lines.push(...act.lines);
  last.again.push(...act.again);
  last.minutes = act.minutes ?? last.minutes;
  tellOn(last, act, ['until', 'words']);
  // "Heat the oil. Add the pork and brown it": the oil is what it browns in.
  const isHeated =
    before?.verb === 'heat' &&
    before.stage === last.stage &&
    before.lines.every((l) => foods.is(l.index, 'fat'));
  if (isHeated && verb === 'brown') {
    last.lines.unshift(...before.lines);
    last.words = joined(before.words, last.words);
    before.verb = '';
  }
  return 'gone';
};

/** What is scraped with is the liquid; the meat went in before it. */
const scrapedAfterMeat: Rule = (pair) => {
  const { last, act, foods } = pair;
  if (!isSameMoment(pair) || last.verb !== 'add' || act.verb !== 'deglaze' || !isEmpty(act)) return;
  const thin = last.lines.filter((l) => foods.is(l.index, 'thin'));
  if (!thin.length || !foods.some(last, 'meat')) return;
  last.lines = last.lines.filter((l) => !thin.includes(l));
  act.lines.push(...thin);
  return undefined;
};

/** "Fry onions brown": for as long as that takes, and said without a word for it. */
const FRIES_BROWN = /\bfry (?:the )?(?:\p{L}+ ){1,3}(?:brown|golden|soft)\b/iu;

/** The same again, fat and what goes into it, a liquid and the scraping. */
const oneThing: Rule = (pair) => {
  const { last, act, foods } = pair;
  if (!isSameMoment(pair)) return;
  const hasTime = (a: Act): boolean =>
    a.lines.length > 0 && (a.minutes !== null || a.until !== undefined || FRIES_BROWN.test(a.words));
  // "The onions for 8 minutes; add the garlic, 1 minute more": one after the other, each with its own minutes.
  const isNext = last.verb === 'soften' && act.verb === 'soften' && hasTime(last) && hasTime(act);
  // "Add the meat and stew for 10 minutes. Add the pepper": not before those minutes are over.
  const isLater =
    last.verb === 'add' && act.verb === 'add' && last.minutes !== null && !last.words.includes(act.words);
  const isSame =
    !isNext &&
    !isLater &&
    last.verb === act.verb &&
    !['hold', 'close', 'release', 'liftout'].includes(act.verb);
  const isFatOnly =
    (last.verb === 'heat' || (last.verb === 'add' && last.lines.length > 0 && !last.again.length)) &&
    last.lines.every((l) => foods.is(l.index, 'fat')) &&
    ['brown', 'soften', 'render', 'pop', 'bloom'].includes(act.verb);
  const isScraped = last.verb === 'add' && act.verb === 'deglaze' && isEmpty(act);
  const isBoiledAtOnce =
    last.verb === 'deglaze' && act.verb === 'reduce' && isEmpty(act) && foods.pouredG(last) < BOILS_AT_ONCE_G;
  if (!isSame && !isFatOnly && !isScraped && !isBoiledAtOnce) return;
  // "Stir in the tomato purée, let it bubble": a paste loosens nothing.
  const isDry = isScraped && foods.only(last, 'dry');
  // "Brown 5 minutes skin down, flip, 2 minutes more": seven in all.
  const isMore =
    isSame && isEmpty(act) && act.verb === 'brown' && last.minutes !== null && MORE.test(act.words);
  // "Heat the oil until just smoking": a look of the oil, and none of what browns in it.
  if (isFatOnly) delete last.until;
  if ((isFatOnly || isScraped) && !isDry) last.verb = act.verb;
  last.lines.push(...act.lines);
  last.again.push(...act.again);
  last.minutes = isMore ? (last.minutes ?? 0) + (act.minutes ?? 0) : (act.minutes ?? last.minutes);
  tellOn(last, act, ['until', 'words']);
  return 'gone';
};

/** Asked in this order of every two acts. */
/** "Add half of the chicken. Brown 3 minutes": the goes of one browning. */
const brownedInGoes: Rule = ({ last, act }) => {
  const goesOn = (index: number): boolean => last.lines.some((l) => l.index === index && l.share < 1);
  const isOne = last.verb === 'add' && act.verb === 'brown' && act.lines.length > 0;
  if (!isOne || last.stage !== act.stage || !act.lines.every((l) => goesOn(l.index))) return;
  last.verb = 'brown';
  for (const more of act.lines)
    for (const line of last.lines.filter((l) => l.index === more.index))
      line.share = Math.min(1, line.share + more.share);
  tellOn(last, act, ['minutes', 'until', 'words']);
  return 'gone';
};

const RULES: readonly Rule[] = [
  inTheSameBowl,
  brownedInGoes,
  simmersUnderTheRestingLid,
  liftedOutOnce,
  driesInThePan,
  bindsWithWhatWasFried,
  friedInThatFat,
  partOfThickening,
  onlyNamesIt,
  goesOnWithIt,
  partOfMakingReady,
  renderedUntil,
  scoredAndStudded,
  addedAndSoftened,
  broughtToIt,
  warmedAndStirredIn,
  saysNothing,
  saltedAsItFries,
  servedTogether,
  becomesAnother,
  scrapedAfterMeat,
  oneThing,
];

/** "Add the tomatoes. Cook until the tomatoes break down": named again, and nothing else. */
function isOfLast(told: Act, last: Act): boolean {
  return (
    last.stage === told.stage &&
    !told.lines.length &&
    told.again.length > 0 &&
    FRIES.has(told.verb) &&
    told.again.every((i) => last.lines.some((l) => l.index === i))
  );
}

/** Acts next to each other that are one thing to do are one act; an act that says and brings nothing is none. */
export function merged(acts: readonly Act[], lines: readonly ScriptLine[]): Act[] {
  const foods = new Foods(lines);
  const out: Act[] = [];
  for (const told of withTheirTime(acts)) {
    // "Place the rack in the pot", and only then what stands on it.
    const standsLater = (a: Act): boolean =>
      a !== told && a.verb === 'rack' && a.run === told.run && !isEmpty(a);
    if (told.verb === 'rack' && isEmpty(told) && acts.some(standsLater)) continue;
    const act = {
      ...told,
      lines: [...told.lines],
      again: isOfLast(told, out.at(-1) ?? NOTHING) ? [] : [...told.again],
    };
    if (!isTakenIn(act, out, foods)) out.push(act);
  }
  return out.map((a, i) => ({
    ...a,
    id: `a${i}`,
    lines: summed(a.lines),
    verb: inTheEnd(a, out.slice(i + 1), foods),
  }));
}

/** "Half the oil, adding more as needed": what comes in by halves is one line of the act. */
function summed(lines: Act['lines']): Act['lines'] {
  const shares = new Map<number, number>();
  for (const { index, share } of lines) shares.set(index, (shares.get(index) ?? 0) + share);
  return [...shares].map(([index, share]) => ({ index, share }));
}

/** Asks the rules of an act and what stands before it; true once it has become part of that, or says nothing. */
function isTakenIn(act: Act, out: Act[], foods: Foods): boolean {
  for (const rule of RULES) {
    const outcome = rule({ last: out.at(-1) ?? NOTHING, act, before: out.at(-2), foods });
    if (outcome === 'instead') out.pop();
    if (outcome !== 'gone') continue;
    // Oil that was heated for what browns in it.
    if (out.at(-2)?.verb === '') out.splice(-2, 1);
    return true;
  }
  return false;
}

/** What an act is called once all of them are known. */
function inTheEnd(act: Act, later: readonly Act[], foods: Foods): string {
  // Meat that is stirred in the fat for two minutes is turned, and never bloomed.
  if (act.verb === 'bloom' && foods.some(act, 'meat')) return 'brown';
  // What goes in before another lid is put in, not stirred through.
  const isBeforeALid = later.some((b) => b.verb === 'close' && b.run === act.run);
  return act.verb === 'stirin' && isBeforeALid ? 'add' : act.verb;
}
