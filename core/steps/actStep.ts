import { shortName } from '../dish/names';
import type { PlacedItem } from '../moments/item';
import { formatDuration, formatVolume } from '../quantity/format';
import { verbById, type Verb, VERBS_THAT } from '../script/data/verbs';
import type { Act } from '../script/act';
import { CAUTIONS } from '../kitchen/data/cautions';
import {
  isMinced,
  againItems,
  bringsMarinade,
  isBlendedCold,
  isFat,
  isOfMeatKind,
  isSeasoning,
  isWholeSpice,
  liftedLast,
  wasCooked,
  waitsBeside,
} from './actFacts';
import { isDoneAhead, minutesFor, standsAlone } from './actMinutes';
import { isBrownedInBatches, isWashed, wayOf, type Done } from './actWays';
import { asProduct, isMadeBeside, madeReady } from './beside';
import { handwork, listed, step, stepItems, type Phase, type Step, type StepInput } from './step';

/** Done to meat and to nothing else: what it is done with is listed, and not named. */
const ONLY_MEAT = new Set(['marinate', 'season', 'dredge', 'brine', 'pound', 'score', 'tie', 'dry']);
/** What comes back with something new is said before it: the meat with its stock. */
const COMES_BACK = new Set(['add', 'top', 'return', 'rack', 'stirin']);
/** What simmers with something new comes back only where it stood apart: the sausage that was lifted out. */
const SIMMERS = new Set(['simmer', 'boil', 'warm']);
/** Done in a bowl or a jug, whatever pan stands beside. */
const IN_A_BOWL = new Set(['soak', 'salt', 'mix', 'blend', 'shape', 'marinate', 'season', 'dredge']);
const BOILS_ON = /\b(?:boil|simmer|bubble|stew|braise)(?:s|ing)?\b/i;
const DRY_PASTA = /^(?:dried|dry|fresh|uncooked) /i;
const RAW_STATE = /^(?:frozen|thawed|defrosted|raw|fresh) /i;
/** Most foods that a title names. */
const MOST_NAMED = 3;

/** One act as a step: what the verb's row says, the recipe's own words, its lines, its time. */
export function actStep(act: Act, input: StepInput, mine: readonly PlacedItem[], phase: Phase): Step {
  const verb = verbById(act.verb);
  const made = asProduct(act, mine, input.script);
  const done: Done = { act, mine, input, isProduct: made !== null };
  const way = wayOf(done);
  const object = objectOf(done, verb, made);
  const title = way.title
    .replace(object ? '{food}' : / ?(?:with )?\{food\} ?/, object || ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const minutes = minutesFor(act, input, mine);
  const goesOn = goingOn(act);
  return step(
    `do-${act.id}`,
    phase,
    title.charAt(0).toUpperCase() + title.slice(1),
    textOf(done, way.text, goesOn),
    {
      items: isMadeBeside(act)
        ? madeReady(act, input, mine)
        : [
            ...(made ? [made.listed] : []),
            ...stepItems(made ? mine.filter((i) => !made.items.includes(i)) : seasonedWith(act, input, mine)),
          ],
      heat: verb.heat,
      timer:
        (verb.timed || goesOn) && minutes >= 1
          ? { name: title.slice(0, 60), seconds: Math.round(minutes * 60) }
          : null,
      durationS: handwork(minutes, 0.3),
      hands: verb.hands && !standsAlone(act, minutes),
      look: way.look,
      cautions: cautionsOf(done, verb),
      check: verb.check ?? null,
      ...(act.words ? { words: act.words } : {}),
      ...(verb.block ? { block: verb.block } : {}),
    },
  );
}

/** What an act goes on for once it is done: meat that heats through, what was poured and boils; empty where nothing does. */
function goingOn(act: Act): string {
  const minutes = act.minutes ?? 0;
  if (!minutes) return '';
  if (act.verb === 'return' && act.run > 0)
    return `Then ${formatDuration(minutes * 60)}, until it is hot all through.`;
  if (act.verb === 'add' && BOILS_ON.test(act.words))
    return `Then ${formatDuration(minutes * 60)} ${/\bboil/i.test(act.words) ? 'at the boil' : 'at a simmer'}, lid off.`;
  return '';
}

/** Less than this is not worth a word, ml. */
const LEAST_DRUNK_ML = 30;

/** How much pasta, rice and pulses drink that cook under the lid: it is in the sum of the thin liquid, and the sauce is loosened after it. */
function drinkWords({ act, mine, input }: Done): string {
  if (!GOES_IN.has(act.verb)) return '';
  const drunkMl = (i: PlacedItem): number => (i.read.food?.drinks ?? 0) * i.massG.mid;
  const drinkers = mine.filter(
    (i) => i.moment === 'lid' && i.line.on !== 'bowl' && !i.read.soaked && !i.read.cooked && drunkMl(i) > 0,
  );
  const ml = drinkers.reduce((sum, i) => sum + drunkMl(i), 0);
  const names = listed(unique(drinkers.map((i) => shortName(i.read))));
  return ml < LEAST_DRUNK_ML
    ? ''
    : `About ${formatVolume(ml, input.kitchen.units)} of the liquid goes into the ${names} by the end: that is counted.`;
}
const GOES_IN = new Set(['add', 'top', 'return', 'deglaze']);

/** "Discard the rosemary, bay and bones": what else comes out with the bones. */
function flavourOut({ act, input }: Done): string {
  if (act.verb !== 'bone') return '';
  const names = unique(
    againItems(act, input)
      .filter(isWholeSpice)
      .map((i) => shortName(i.read)),
  );
  return names.length ? `The ${listed(names)} too.` : '';
}

/** All that is said of an act besides the recipe's words: where it is done, how, and for how long it goes on. */
function textOf(done: Done, how: string, goesOn: string): string {
  const { act, mine, input } = done;
  return [
    act.where === 'pan' && !IN_A_BOWL.has(act.verb) && !/\bpan beside\b/i.test(how)
      ? 'In the pan beside the pot.'
      : '',
    act.verb === 'deglaze' && !mine.length ? splashFor(act, input) : '',
    isDoneAhead(act)
      ? `The recipe gives it ${formatDuration((act.minutes ?? 0) * 60)}: done ahead, the clock here does not count it.`
      : '',
    standsAlone(act, act.minutes ?? 0) && !isDoneAhead(act)
      ? `${formatDuration((act.minutes ?? 0) * 60)} in all.`
      : '',
    how,
    flavourOut(done),
    drinkWords(done),
    goesOn,
    isBrownedInBatches(done) && input.batches > 1 ? `${input.batches} batches.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** The caution of the verb, where its danger is there: cooked meat is raw no more, a cold paste blows no lid. */
function cautionsOf(done: Done, verb: Verb): string[] {
  const { act, input } = done;
  if (isWashed(done)) return [CAUTIONS.rawMeat];
  const isCooked = verb.caution === 'rawMeat' && act.run > 0;
  const isCold =
    verb.caution === 'blender' && (isBlendedCold(act, input) || /\b(?:chopp|minc)/i.test(act.until ?? ''));
  return verb.caution && !isCooked && !isCold ? [CAUTIONS[verb.caution]] : [];
}

/** True of thin liquid. */
const isPoured = (i: PlacedItem): boolean => (i.read.food?.thin ?? 0) > MOSTLY_THIN;
const MOSTLY_THIN = 0.8;
/** Fat and salt are listed with what is fried, and not named. */
const isInIt = (i: PlacedItem): boolean => isFat(i) || i.read.food?.kind === 'salt';

/** What an act is done to, as its title names it; empty where the title has to do without. */
function objectOf(done: Done, verb: Verb, made: ReturnType<typeof asProduct>): string {
  const { act, mine, input } = done;
  // Once it is cooked nothing is frozen any more.
  const called = (i: PlacedItem): string => {
    const part = partOfFruit(i, act.words);
    if (part) return part;
    const name =
      i.read.foodText.split(' ').length > 2 &&
      i.read.known &&
      i.read.foodText.toLowerCase().includes(i.read.known)
        ? asWritten(i.read.known, i.read.foodText)
        : shortName(i.read);
    const isPasta = i.read.food?.kind === 'pasta';
    return act.run > 0 ? name.replace(isPasta ? DRY_PASTA : RAW_STATE, '') : name;
  };
  const isMarinadePoured = bringsMarinade(act, input);
  // Fat is what a thing is fried in: it is listed, and not named as what is fried.
  const isSoaking = act.verb === 'soak' && mine.every((i) => SOAKED_IN.has(i.read.food?.kind ?? ''));
  // What loosens a floor is the liquid, whatever comes in with it.
  const poured = act.verb === 'deglaze' ? mine.filter(isPoured) : [];
  const inFat = verb.inFat && mine.some((i) => !isInIt(i)) ? mine.filter((i) => !isInIt(i)) : mine;
  // What is poured over the couscous is listed, and not soaked.
  const isWet = (i: PlacedItem): boolean => SOAKED_IN.has(i.read.food?.kind ?? '');
  const grains = act.verb === 'soak' ? mine.filter((i) => !isWet(i)) : [];
  const fried = [grains, poured, inFat].find((of) => of.length > 0) ?? [];
  const names = unique([
    ...(isSoaking ? againItems(act, input).map(called) : []),
    ...(isMarinadePoured ? ['the marinade'] : []),
    ...(made ? [made.name] : []),
    ...fried.filter((i) => !isSoaking && !made?.items.includes(i)).map(called),
  ]);
  // "Pour it over the chicken", which was browned and never taken out.
  const isInThePot = (i: PlacedItem): boolean => wasCooked(i.index, act, input);
  const product = madeOf(act.again, input);
  // "Add everything": what was rubbed in or fried before needs no naming beside what is new.
  const isNewBeside = (act.verb === 'add' || act.verb === 'top') && mine.length > 0;
  const isOut = (i: PlacedItem): boolean => !isSeasoning(i) && waitsBeside(i.index, act, input);
  // The marinade is said by its name, and what is in it is not.
  const back = againItems(act, input).filter((i) => isOfMeatKind(i) || !isMarinadePoured);
  // What it was browned in comes back with it, and is not named.
  const isFood = (i: PlacedItem): boolean => !isFat(i) && !isSeasoning(i);
  // The meat first, then its bacon and what was fried with it.
  const isBeside = (i: PlacedItem): number => Number(!isOfMeatKind(i) || i.read.food?.kind === 'cured-meat');
  const againAll = (back.some(isFood) ? back.filter(isFood) : back).toSorted(
    (a, b) => isBeside(a) - isBeside(b),
  );
  const again = unique(
    product
      ? [product]
      : againAll.filter((i) => !isNewBeside || isOut(i) || (isOfMeatKind(i) && !isInThePot(i))).map(called),
  );
  const againMeat = unique(againAll.filter(isOfMeatKind).map(called));
  const isOfMeat = verb.toMeat || isWashed(done);
  const isMeatAlone = !product && act.verb !== 'liftout' && (againMeat.length > 0 || ONLY_MEAT.has(act.verb));
  const ofMeat = unique([...mine.filter(isOfMeatKind).map(called), ...(isMeatAlone ? againMeat : again)]);
  // "Rub with the spice": what is rubbed is the meat, whether it is named or not.
  const onPlate = VERBS_THAT.workMeat.has(act.verb)
    ? unique(liftedLast(act, input).filter(isOfMeatKind).map(called))
    : [];
  // "Set aside", of what was shaped.
  const shaped = act.again.length
    ? null
    : madeOf(
        input.items.map((i) => i.index),
        input,
      );
  const labels =
    shaped && onPlate.length === 0 && input.items.filter(isOfMeatKind).every(isMinced)
      ? [shaped]
      : onPlate.length
        ? onPlate
        : unique(input.meat.map((m) => asWritten(m.label, m.item.read.foodText)));
  // What is put on the rack is what is put there, meat or not.
  // "Fill the peppers" with mince: it is the peppers that are stuffed.
  const isHollow = act.verb === 'stuff' && input.items.filter(isOfMeatKind).every(isMinced);
  const isOnRack = (PUT_THERE.has(act.verb) || isHollow) && names.length > 0;
  const who = !isOfMeat || isOnRack ? names : ofMeat.length ? ofMeat : labels;
  const isSimmered = SIMMERS.has(act.verb) && mine.length > 0 && againAll.some(isOut);
  const comesBack = (COMES_BACK.has(act.verb) || isSimmered) && again.length > 0;
  // "Add the chicken along with all the marinade": it is the meat that goes in, with what clings to it.
  const bringsMeat = comesBack && mine.some(isOfMeatKind) && againMeat.length === 0;
  const isBackWithMore = act.verb === 'return' && mine.length > 0 && !mine.some(isOfMeatKind);
  const isOnlyFat = mine.length > 0 && mine.every(isFat);
  const named = (
    bringsMeat
      ? names
      : comesBack
        ? unique([...again, ...names])
        : isBackWithMore
          ? [...who, ...names]
          : isOnlyFat && again.length > 0 && !isOfMeat
            ? again
            : ([who, again, names].find((list) => list.length > 0) ?? [])
  ).slice(0, MOST_NAMED);
  if (!named.length) return act.verb === 'return' || act.verb === 'liftout' ? 'the meat' : '';
  const all = unique([...names, ...(comesBack && !bringsMeat ? again : [])]);
  const isCutShort = named.length < all.length && (!isOfMeat || act.verb === 'return');
  return isCutShort ? `${named.join(', ')} and the rest` : listed(named);
}

/** "Stir in the lime zest", of a line that has the limes: what of it goes in; empty where the words say nothing of it. */
function partOfFruit({ read }: PlacedItem, words: string): string {
  if (read.food?.kind !== 'citrus') return '';
  const fruit = read.food.names[0] ?? '';
  const told =
    new RegExp(`\\b${fruit}(?:['’]s)? (zest|rind|peel|juice)\\b(?! and (?:the )?(?:juice|zest))`, 'i').exec(
      words,
    ) ?? new RegExp(`\\b(zest|rind|peel|juice) of (?:the |a |half a |\\d )?${fruit}`, 'i').exec(words);
  return told?.[1] ? `${fruit} ${told[1].toLowerCase()}` : '';
}

/** What these are done to is what is named, meat or not. */
const PUT_THERE: ReadonlySet<string> = new Set(['rack', 'char', 'roast']);

/** What is poured over a thing that soaks. */
const SOAKED_IN: ReadonlySet<string> = new Set(['water', 'milk', 'stock']);

/** The name that was met, in the number it is written in: "olives". */
const asWritten = (known: string, foodText: string): string =>
  ['s', 'es'].map((end) => `${known}${end}`).find((many) => foodText.toLowerCase().includes(many)) ?? known;

/** Salt and pepper of no amount season the meat and are there for the end too. */
function seasonedWith(act: Act, { items }: StepInput, mine: readonly PlacedItem[]): readonly PlacedItem[] {
  if (act.verb !== 'season' || mine.length || act.run > 0) return mine;
  return items.filter((i) => !i.read.amount && SALT_AND_PEPPER.has(i.read.food?.id ?? ''));
}
const SALT_AND_PEPPER: ReadonlySet<string> = new Set([
  'salt',
  'kosher-salt',
  'black-pepper',
  'salt-and-pepper',
  'white-pepper',
]);

const unique = (names: readonly string[]): string[] => [...new Set(names)];

/** What is scraped with where the recipe only says to scrape: a splash of what is poured in next. */
function splashFor(act: Act, { items, script }: StepInput): string {
  const acts = script?.acts ?? [];
  const next = acts
    .slice(acts.indexOf(act) + 1)
    .filter((a) => a.run === act.run)
    .flatMap((a) => items.filter((i) => i.actId === a.id && isPoured(i)));
  const name = next[0] && shortName(next[0].read);
  return name ? `A splash of the ${name} first.` : '';
}

/** What the lines of one mixing became, as the recipe calls it: "meatballs"; null where they are named for themselves. */
function madeOf(
  again: readonly number[],
  { script, items }: Pick<StepInput, 'script' | 'items'>,
): string | null {
  const acts = script?.acts ?? [];
  const sauce = acts.find((a) => a.verb === 'sauce')?.lines.map((l) => l.index) ?? [];
  if (sauce.length > 1 && sauce.length === again.length && sauce.every((i) => again.includes(i)))
    return 'the white sauce';
  const at = acts.findIndex((a) => a.verb === 'shape');
  // Balls are shaped after they are mixed; a dough is dropped as it is.
  const mix =
    acts.slice(0, Math.max(0, at)).findLast((a) => a.verb === 'mix') ??
    acts.find((a) => a.verb === 'mix' && a.run > 0);
  const minced = new Set(items.filter(isMinced).map((i) => i.index));
  if (!mix || (again.length < 2 && !(at >= 0 && again.every((i) => minced.has(i))))) return null;
  // All of it is meant, or nothing else: salt that is in the balls is not lifted out by itself.
  const mixed = mix.lines.map((l) => l.index);
  // Bread that was soaked first and salt that nobody can lift out are in the balls all the same: the mince tells.
  const isAllMince = minced.size > 0 && [...minced].every((i) => mixed.includes(i) && again.includes(i));
  if (!isAllMince && !mixed.every((i) => again.includes(i)) && !again.every((i) => mixed.includes(i)))
    return null;
  const names = acts.flatMap((a) => a.words.toLowerCase().match(SHAPES) ?? []);
  return names.sort((a, b) => b.length - a.length)[0] ?? null;
}
const SHAPES = /\b(?:meatballs|balls|patties|koftas?|koftes?|dumplings|burgers|dough|batter)\b/g;
