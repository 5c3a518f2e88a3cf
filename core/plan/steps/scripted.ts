import { shortName } from '../../dish/names';
import { inOrder, type PlacedItem } from '../../moments/item';
import { formatDuration, formatVolume } from '../../quantity/format';
import { BOIL_OFF_G_PER_MIN } from '../../quantity/boilOff';
import { VERBS, verbById } from '../../script/data/verbs';
import type { Act, Script } from '../../script/act';
import { isTurnedInBase } from '../../script/base';
import { boundWith } from '../binding';
import { GOES_DOWN, goneShare, SAYS_SHARE } from '../boilsDown';
import { CAUTIONS } from '../data/cautions';
import { MOST_REDUCING_MIN, searBatchMin, WORK } from '../data/work';
import { glazedOf } from '../glazed';
import { deglazing, prep } from './before';
import { asProduct, isMadeBeside, madeReady } from './beside';
import { lastly, serving } from './finish';
import { stepsOpened } from './opened';
import { dairyInTurn, measuring, skimming, thickening } from './sauce';
import {
  handwork,
  kindOf,
  listed,
  slurryItems,
  step,
  stepItems,
  type Phase,
  type Step,
  type StepInput,
} from './step';
import { stepsUnderTheLid } from './underLid';

/** Acts that the pot does, told by the steps under the lid. */
const OF_THE_POT = new Set(['close', 'hold', 'release', 'open']);
/** The cook as the recipe tells it, in its order and with its words; what it leaves out and no cook may is put in. */
export function scriptedSteps(input: StepInput, script: Script): Step[] {
  const { items } = input;
  const of = (act: Act): PlacedItem[] => {
    const mine = items.filter((i) => i.actId === act.id && i.read.food);
    // Boiled beside and only served: the line says so itself, the act says when.
    return mine.length || act.verb !== 'boil'
      ? mine
      : items.filter((i) => i.moment === 'serve' && act.lines.some((l) => l.index === i.index));
  };
  const before = script.acts.filter((a) => a.run === 0 && !OF_THE_POT.has(a.verb));
  const between = (a: Act): boolean =>
    a.run > 0 && script.acts.some((b) => b.verb === 'close' && b.run === a.run);
  const after = script.acts.filter((a) => a.run > 0 && !OF_THE_POT.has(a.verb) && !between(a));
  const loose = items.filter((i) => i.read.food && !i.actId);
  const firstHot = before.find((a) => ['heat', 'brown', 'render', 'soften', 'pop'].includes(a.verb));
  const early = loose.filter((i) => ['sear', 'aromatics', 'bloom', 'deglaze'].includes(i.moment));
  // Fat and salt that no sentence names go in with the first act that wants them.
  const withFirst = firstHot
    ? early.filter((i) => i.moment === 'sear' && kindOf(i) !== 'poultry' && kindOf(i) !== 'red-meat')
    : [];
  const steps: Step[] = [prep(input)];
  for (const act of before)
    steps.push(
      actStep(
        act,
        input,
        [...of(act), ...(act === firstHot ? withFirst : [])],
        verbById(act.verb).before ?? 'deglaze',
      ),
    );
  const isFilmed = before.some((a) => (a.verb === 'brown' || a.verb === 'render') && a.where === 'pot');
  const isScraped = before.some((a) => a.verb === 'deglaze' || isPouredOnFilm(a, of(a)));
  if (isFilmed && !isScraped)
    steps.push(
      ...deglazing({ ...input, items: input.items.filter((i) => !i.actId && i.moment === 'deglaze') }, true),
    );
  const said = new Set(steps.filter((s) => s.id !== 'prep').flatMap((s) => s.items.map((i) => i.lineId)));
  steps.push(
    lookBeforeTheLid(
      input,
      loose.filter(
        (i) =>
          !said.has(i.lineId) &&
          ['sear', 'aromatics', 'bloom', 'deglaze', 'lid'].includes(i.moment) &&
          !i.line.later,
      ),
    ),
  );
  // One thing that goes in is said where the lid comes off; more than that are steps of their own.
  const inBetween = script.acts.filter((a) => between(a) && !OF_THE_POT.has(a.verb));
  const isPlain = inBetween.every((a) => a.verb === 'add' || a.verb === 'stirin');
  steps.push(
    ...stepsUnderTheLid(input, isPlain ? [] : inBetween.map((a) => actStep(a, input, of(a), 'again'))),
  );
  steps.push(...stepsOpened(input).filter((s) => s.id !== 'aside'));
  return [...steps, ...afterTheLid(input, script, after, of, loose)];
}

function afterTheLid(
  input: StepInput,
  script: Script,
  after: readonly Act[],
  of: (act: Act) => PlacedItem[],
  loose: readonly PlacedItem[],
): Step[] {
  const steps: Step[] = [];
  const slurry = slurryItems(input.items);
  const isThickened = slurry.length > 0 || after.some((a) => a.verb === 'thicken');
  const looseThick = loose.filter((i) => i.moment === 'thicken');
  const isSkimmed = script.acts.some((a) => a.run > 0 && (a.verb === 'skim' || a.verb === 'pouroff'));
  const hasDairy = (): boolean => steps.some((s) => s.phase === 'dairy');
  const bind = (words: string): Step[] =>
    [measuring(input, !hasDairy() && !isSkimmed), ...thickening(input)].map((s) =>
      s.id === 'thicken' && words ? { ...s, words } : s,
    );
  let isBoundYet = false;
  let fromC: number | undefined;
  const cool = (list: readonly PlacedItem[], words: string): Step[] => {
    // Fat that would be spooned off where the sauce is measured goes before the cream is in it.
    if (list.length && isThickened && !isBoundYet && !isSkimmed && !hasDairy())
      steps.push(...skimming(input));
    const made = dairyInTurn(list, input, fromC);
    fromC = made.fromC;
    return made.steps.map((s) => (words ? { ...s, words } : s));
  };
  for (const act of after) {
    const mine = of(act);
    if (act.verb === 'thicken') {
      const bound = boundWith(input.items, input.rules).lines;
      const others = mine.filter(
        (i) => !slurry.includes(i) && !bound.includes(i) && i.moment !== 'dairy' && kindOf(i) !== 'water',
      );
      if (!isBoundYet) steps.push(...bind(act.words));
      isBoundYet = true;
      steps.push(
        ...cool(
          mine.filter((i) => i.moment === 'dairy'),
          act.words,
        ),
      );
      if (others.length)
        steps.push(actStep({ ...act, verb: 'stirin', id: `${act.id}x` }, input, others, 'thicken'));
      continue;
    }
    if (act.verb === 'serve' || act.verb === 'finish') continue;
    const toCool = mine.filter((i) => i.moment === 'dairy' && act.verb !== 'melt');
    const rest = mine.filter((i) => !toCool.includes(i) && (i.moment !== 'serve' || act.verb === 'boil'));
    if (toCool.length && slurry.length && !isBoundYet && !after.some((a) => a.verb === 'thicken')) {
      steps.push(...bind(''));
      isBoundYet = true;
    }
    // What only simmers comes before what must not boil.
    if (act.verb === 'boil' && rest.length > 0 && rest.every((i) => i.moment === 'serve'))
      steps.push(actStep(act, input, rest, 'thicken'));
    else if (act.verb === 'simmer' || act.verb === 'boil')
      steps.push(
        ...(rest.length || !toCool.length ? [actStep(act, input, rest, 'thicken')] : []),
        ...cool(toCool, act.words),
      );
    else {
      // Flour whisked into the cream goes in with it.
      const withIt = toCool.length
        ? rest.filter((i) => ['starch', 'flour', 'egg'].includes(kindOf(i) ?? ''))
        : [];
      const hasEgg = withIt.some((i) => kindOf(i) === 'egg');
      const [first, ...others] = cool(toCool, act.words);
      if (first)
        steps.push(
          withIt.length
            ? {
                ...first,
                items: [...first.items, ...stepItems(withIt)],
                text: `Whisk the ${listed(withIt.map((i) => shortName(i.read)))} into it, cold. ${first.text}${hasEgg ? ' Not to the boil again: the yolk would scramble.' : ''}`,
              }
            : first,
          ...others,
        );
      const alone = rest.filter((i) => !withIt.includes(i));
      const saysNothing = act.verb === 'stirin' && !alone.length && !act.again.length;
      if (alone.length || (!toCool.length && !saysNothing))
        steps.push(
          actStep(
            act,
            input,
            alone,
            verbById(act.verb).after ?? (steps.some((s) => s.phase === 'dairy') ? 'finish' : 'thicken'),
          ),
        );
    }
  }
  if (isThickened && !isBoundYet) {
    // Bound before the first dairy, where the method does not say when.
    const at = steps.findIndex((s) => s.phase === 'dairy');
    steps.splice(at < 0 ? steps.length : at, 0, ...bind(''));
  }
  if (looseThick.some((i) => !slurry.includes(i)))
    steps.push(
      actStep(
        loosely('stirin', script),
        input,
        looseThick.filter((i) => !slurry.includes(i)),
        'thicken',
      ),
    );
  // No cream is ever left out, whatever the sentence was that named it.
  const before = new Set(steps.flatMap((s) => s.items.map((i) => i.lineId)));
  steps.push(
    ...cool(
      input.items.filter((i) => i.moment === 'dairy' && i.read.food && !before.has(i.lineId)),
      '',
    ),
  );
  const said = new Set(steps.flatMap((s) => s.items.map((i) => i.lineId)));
  const left = inOrder(input.items, 'finish').filter((i) => i.read.food && !said.has(i.lineId));
  const words = after.find((a) => a.verb === 'finish')?.words ?? '';
  return [
    ...steps,
    { ...lastly(input, left), ...(words ? { words } : {}) },
    { ...serving(input), ...wordsOf(after.filter((a) => a.verb === 'serve')) },
  ];
}

const wordsOf = (acts: readonly Act[]): { words?: string } => {
  const words = [...new Set(acts.map((a) => a.words))].join(' ');
  return words ? { words } : {};
};

/** An act that the recipe does not tell. */
function loosely(verb: string, script: Script): Act {
  return {
    id: `t${script.acts.length}`,
    verb,
    stage: 'after',
    lines: [],
    again: [],
    minutes: null,
    words: '',
    run: 1,
    where: 'pot',
  };
}

/** Done to meat and to nothing else: what it is done with is listed, and not named. */
const ONLY_MEAT = new Set(['marinate', 'season', 'dredge', 'brine', 'pound', 'score', 'tie', 'dry']);
const isOfMeatKind = (i: PlacedItem): boolean => /meat|poultry|sausage/.test(kindOf(i) ?? '');

/** One act as a step: what the verb's row says, the recipe's own words, its lines, its time. */
function actStep(act: Act, input: StepInput, mine: readonly PlacedItem[], phase: Phase): Step {
  const verb = verbById(act.verb);
  // Once it is cooked nothing is frozen any more.
  const called = (i: PlacedItem): string =>
    act.run > 0 ? shortName(i.read).replace(RAW_STATE, '') : shortName(i.read);
  const nameOf = (i: PlacedItem): string =>
    i.read.foodText.split(' ').length > 2 && i.read.known ? i.read.known : called(i);
  // Fat is what a thing is fried in: it is listed, and not named as what is fried.
  const isFat = (i: PlacedItem): boolean => ['oil', 'butter'].includes(kindOf(i) ?? '');
  const fried = verb.inFat && mine.some((i) => !isFat(i)) ? mine.filter((i) => !isFat(i)) : mine;
  const made = asProduct(act, mine, input.script);
  const isOfProduct = (i: PlacedItem): boolean => made?.items.includes(i) ?? false;
  const names = [
    ...new Set([...(made ? [made.name] : []), ...fried.filter((i) => !isOfProduct(i)).map(nameOf)]),
  ];
  const isWithMarinade = POURED.has(act.verb) && BRINGS_MARINADE.test(act.words) && wasMarinated(act, input);
  if (isWithMarinade) names.push('the marinade');
  const product = madeOf(act.again, input);
  // "Add everything": what was rubbed in or fried before needs no naming beside what is new.
  const isNewBeside = act.verb === 'add' && mine.length > 0;
  const again = [
    ...new Set(
      (product ? [product] : []).concat(
        product
          ? []
          : act.again.flatMap((index) =>
              input.items
                .filter((i) => i.index === index && i.read.food && (!isNewBeside || isOfMeatKind(i)))
                .map((i) => called(i)),
            ),
      ),
    ),
  ];
  const meat = [...new Set(input.meat.map((m) => m.label))];
  const isWashed =
    act.verb === 'rinse' &&
    act.again.some((index) => input.items.some((i) => i.index === index && isOfMeatKind(i)));
  const isOfMeat = verb.toMeat || isWashed;
  const againMeat = act.again.flatMap((index) =>
    input.items.filter((i) => i.index === index && isOfMeatKind(i)).map((i) => called(i)),
  );
  const ofMeat = [
    ...new Set([
      ...mine.filter(isOfMeatKind).map((i) => called(i)),
      ...(!product && act.verb !== 'liftout' && (againMeat.length || ONLY_MEAT.has(act.verb))
        ? againMeat
        : again),
    ]),
  ];
  // "Rub with the spice": what is rubbed is the meat, whether it is named or not.
  const who = (isOfMeat ? (ofMeat.length ? ofMeat : meat) : names).slice(0, 3);
  const isOnlyFat = mine.length > 0 && mine.every(isFat);
  // What comes back with something new is said before it: the meat with its stock.
  const returns = ['add', 'top', 'return', 'rack'].includes(act.verb) && again.length > 0;
  // "Add the chicken along with all the marinade": it is the meat that goes in, with what clings to it.
  const bringsMeat = returns && mine.some(isOfMeatKind) && againMeat.length === 0;
  const named = bringsMeat
    ? names.slice(0, 3)
    : act.verb === 'return' && !returns && mine.length > 0 && !mine.some(isOfMeatKind)
      ? [...who, ...names].slice(0, 3)
      : returns
        ? [...new Set([...again, ...names])].slice(0, 3)
        : isOnlyFat && again.length && !isOfMeat
          ? again.slice(0, 3)
          : who.length
            ? who
            : again.length
              ? again.slice(0, 3)
              : names.slice(0, 3);
  const object = named.length
    ? named.length < new Set([...names, ...(returns && !bringsMeat ? again : [])]).size && !isOfMeat
      ? `${named.join(', ')} and the rest`
      : listed(named)
    : ['return', 'liftout'].includes(act.verb)
      ? 'the meat'
      : '';
  const isFlavour = act.verb === 'liftout' && isOnlyFlavour(act, input);
  const isOfMeatToo = act.verb === 'soften' && mine.some((i) => /meat|poultry/.test(kindOf(i) ?? ''));
  const isPasteFried = act.verb === 'soften' && made !== null;
  // Whole spices bear more than what is ground.
  const isSizzled = act.verb === 'bloom' && fried.length > 0 && fried.every(isWholeSpice);
  const isKeptWarm = act.verb === 'liftout' && KEPT_WARM.test(act.words);
  const title = (
    act.verb === 'skim' && act.run === 0
      ? 'Skim the scum'
      : isOfMeatToo
        ? 'Cook {food}'
        : isPasteFried
          ? 'Fry {food}'
          : isFlavour
            ? 'Fish out {food}'
            : isWashed
              ? 'Wash {food}'
              : isGrainFried(act, mine)
                ? 'Turn {food} in the fat'
                : isSizzled
                  ? 'Let {food} sizzle'
                  : isTurnedIn(act, input)
                    ? 'Turn {food} in it'
                    : verb.title
  )
    .replace(object ? '{food}' : / ?(?:with )?\{food\} ?/, object || ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const minutes = minutesFor(act, input, mine);
  const isAhead = STANDS_COLD.has(act.verb) && (act.minutes ?? 0) >= AHEAD_FROM_MIN;
  const warmsFor = act.verb === 'return' && act.run > 0 ? (act.minutes ?? 0) : 0;
  const boilsFor = act.verb === 'add' && BOILS_ON.test(act.words) ? (act.minutes ?? 0) : 0;
  const place = act.where === 'pan' && !IN_A_BOWL.has(act.verb) ? 'In the pan beside the pot. ' : '';
  const splash = act.verb === 'deglaze' && !mine.length ? splashFor(act, input) : '';
  const isOwnPot =
    act.verb === 'boil' &&
    mine.length > 0 &&
    (mine.every((i) => i.moment === 'serve') || IN_ITS_OWN_WATER.test(act.words));
  const isTurned = isTurnedIn(act, input);
  const isMince = act.verb === 'brown' && mine.length > 0 && mine.filter(isOfMeatKind).every(isMinced);
  const batches =
    act.verb === 'brown' && !isTurned && !isMince && input.batches > 1 ? ` ${input.batches} batches.` : '';
  // Cooked meat is raw no more.
  const isCooked = verb.caution === 'rawMeat' && act.run > 0;
  // A paste of raw things is cold: nothing in the jug can steam.
  const isCold = verb.caution === 'blender' && isBlendedCold(act, input);
  const caution = isWashed
    ? [CAUTIONS.rawMeat]
    : verb.caution && !isCooked && !isCold
      ? [CAUTIONS[verb.caution]]
      : [];
  return step(
    `do-${act.id}`,
    phase,
    title.charAt(0).toUpperCase() + title.slice(1),
    `${place}${splash}${isAhead ? `The recipe gives it ${formatDuration((act.minutes ?? 0) * 60)}: done ahead, the clock here does not count it. ` : ''}${isFlavour ? 'It has given what it had.' : isKeptWarm ? 'Onto a warm plate, with a slotted spoon, under foil.' : act.verb === 'soak' && !keepsLiquor(act, input) ? '' : isOwnPot ? 'In a pot of its own.' : isWashed ? WASHED : isMince ? BROKEN_UP : act.verb === 'slice' && BETWEEN_BONES.test(act.words) ? 'Between the bones.' : isTurned ? TURNED : isOnlyHot(act, mine, input.items) || isGrainFried(act, mine) || isSizzled ? '' : act.verb === 'slice' && act.again.length > 0 && !againMeat.length ? '' : isPouredOnFilm(act, mine) ? 'Flat spoon over the whole floor as it boils.' : act.verb === 'skim' && wasChilled(act, input) ? 'It lifts off in a sheet.' : verb.text}${warmsFor ? ` Then ${formatDuration(warmsFor * 60)}, until it is hot all through.` : ''}${boilsFor ? `Then ${formatDuration(boilsFor * 60)} ${/\bboil/i.test(act.words) ? 'at the boil' : 'at a simmer'}, lid off.` : ''}${batches}`.trim(),
    {
      items: isMadeBeside(act)
        ? madeReady(act, input, mine)
        : [
            ...(made ? [made.listed] : []),
            ...stepItems(made ? mine.filter((i) => !made.items.includes(i)) : mine),
          ],
      heat: verb.heat,
      timer:
        (verb.timed || warmsFor || boilsFor) && minutes >= 1
          ? { name: title.slice(0, 60), seconds: Math.round(minutes * 60) }
          : null,
      durationS: handwork(minutes, 0.3),
      hands: verb.hands && !(STANDS_COLD.has(act.verb) && minutes > STOOD_BESIDE_MIN),
      look:
        (isTurned || isMince) && !act.until
          ? isMince
            ? 'No pink left.'
            : 'No raw colour on the outside.'
          : lookOf(act, mine, isPasteFried),
      cautions: caution,
      check: verb.check ?? null,
      ...(act.words ? { words: act.words } : {}),
    },
  );
}

const POURED: ReadonlySet<string> = new Set(['add', 'return', 'deglaze']);
/** "Pour in the marinade", "the chicken with its marinade". */
const BRINGS_MARINADE =
  /\b(?:add|pour|tip|put|with|and|plus|along)\b(?:(?!\b(?:from|discard|reserv|without)\w*)[^.;]){0,40}\bmarinade\b/i;
const wasMarinated = (act: Act, { script }: StepInput): boolean =>
  script?.acts.slice(0, script.acts.indexOf(act)).some((a) => a.verb === 'marinate') ?? false;
const BOILS_ON = /\b(?:boil|simmer|bubble|stew|braise)(?:s|ing)?\b/i;
const wasChilled = (act: Act, { script }: StepInput): boolean =>
  script?.acts.slice(0, script.acts.indexOf(act)).at(-1)?.verb === 'chill';
/** Blended before anything had heat. */
function isBlendedCold(act: Act, { script }: StepInput): boolean {
  const before = script?.acts.slice(0, script.acts.indexOf(act)) ?? [];
  return act.run === 0 && !before.some((a) => HEATS.has(a.verb) || HOT.test(a.words)) && !HOT.test(act.words);
}
const HEATS: ReadonlySet<string> = new Set(VERBS.filter((v) => v.heat && v.heat !== 'off').map((v) => v.id));
const HOT = /\b(?:hot|warm|boil\w*|simmer\w*|roast\w*|steam\w*)\b/i;
const KEPT_WARM = /\bkeep\w*\b.{0,24}\b(?:warm|hot)\b/i;
const RAW_STATE = /^(?:frozen|thawed|defrosted|raw|fresh) /i;
/** Meat in a base that fries already. */
const TURNED =
  'All of it at once, stirred and turned in what is there: it takes colour from the base, no crust.';
const BROKEN_UP = 'Broken up with the spoon as it goes, then left alone until it catches a little.';
const BETWEEN_BONES = /\bbetween (?:the |each )?(?:rib )?bones?\b/i;
const isMinced = (i: PlacedItem): boolean => kindOf(i) === 'ground-meat';
const isTurnedIn = (act: Act, { items, script }: StepInput): boolean =>
  isTurnedInBase(script?.acts ?? [], act, (line) => items.find((i) => i.index === line)?.read.food?.kind);

/** Said where a recipe washes its meat. */
const WASHED =
  'In a bowl, never under the tap: what splashes is as raw as the meat. Most food authorities say not to wash poultry at all.';

/** What is scraped with where the recipe only says to scrape: a splash of what is poured in next. */
function splashFor(act: Act, { items, script }: StepInput): string {
  const acts = script?.acts ?? [];
  const next = acts
    .slice(acts.indexOf(act) + 1)
    .filter((a) => a.run === act.run)
    .flatMap((a) => items.filter((i) => i.actId === a.id && (i.read.food?.thin ?? 0) > 0.8));
  const name = next[0] && shortName(next[0].read);
  return name ? `A splash of the ${name} first. ` : '';
}

const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

const isWholeSpice = (i: PlacedItem): boolean => ['spice-whole', 'herb-woody'].includes(kindOf(i) ?? '');
/** Rice turned in the fat before anything is poured. */
const isGrainFried = (act: Act, mine: readonly PlacedItem[]): boolean =>
  act.verb === 'bloom' && mine.length > 0 && mine.every((i) => kindOf(i) === 'grain');
/** A sauce that only boils or simmers: nothing in it is to be tender. */
const isOnlyHot = (act: Act, mine: readonly PlacedItem[], items: readonly PlacedItem[] = []): boolean =>
  (act.verb === 'boil' || act.verb === 'simmer') &&
  !mine.length &&
  act.again.every((index) => items.some((i) => i.index === index && (i.read.food?.thin ?? 0) > 0.5));
/** Minutes until a pot of sauce or broth that is hot already boils. Source: a litre from 90 °C on 1,000 W; spread 40 %. */
const BROUGHT_UP_MIN = 2;

/** Garlic, ginger, chillies and their like, alone or in fat: a minute, and no more. */
const smellsSoon = (mine: readonly PlacedItem[]): boolean => {
  const fried = mine.filter((i) => !['oil', 'butter'].includes(kindOf(i) ?? ''));
  return (
    fried.length > 0 &&
    fried.every(
      (i) => SMELLS_SOON.has(kindOf(i) ?? '') || (kindOf(i) === 'aromatic' && (i.read.food?.scorch ?? 0) > 0),
    )
  );
};
/** What is fried for its smell and never gets soft in a minute. */
const SMELLS_SOON: ReadonlySet<string> = new Set([
  'spice-ground',
  'spice-whole',
  'spice-late',
  'salt',
  'tomato-paste',
]);
/** What to look for: what the recipe says, else what its verb has; the floured onions are done when no flour shows. */
function lookOf(act: Act, mine: readonly PlacedItem[], isPaste: boolean): string {
  const look = isOnlyHot(act, mine) ? '' : verbById(act.verb).look;
  // Scum rises from meat; chillies and greens are only softened.
  const isOfMeat = mine.some(isOfMeatKind) || act.again.length > 0;
  if (act.verb === 'blanch' && !isOfMeat) return act.until ? upper(`${act.until}.`) : 'Softened.';
  const isSaidAlready = act.until !== undefined && look.toLowerCase().includes(act.until.toLowerCase());
  if ((look || isOnlyHot(act, mine)) && act.until && !isSaidAlready) return upper(`${act.until}.`);
  if (isPaste) return 'Darker, and it smells.';
  if (act.verb === 'soften' && smellsSoon(mine)) return 'It smells; no colour on it.';
  if (act.verb === 'soften' && mine.some((i) => isOfMeatKind(i)))
    return mine.filter(isOfMeatKind).every((i) => kindOf(i) === 'cured-meat')
      ? 'Golden at the edges, and the fat clear.'
      : 'No raw colour on the outside.';
  if (act.verb === 'bloom' && mine.some(isWholeSpice) && !mine.some((i) => kindOf(i) === 'spice-ground'))
    return verbById('pop').look;
  if (isGrainFried(act, mine)) return 'Shining all over, the edges glassy.';
  const isFlour = act.verb === 'bloom' && mine.length > 0 && mine.every((i) => kindOf(i) === 'flour');
  return isFlour ? 'No dry flour to be seen.' : look;
}

/** Dried mushrooms and chillies leave a liquor worth keeping; noodles and beans do not. */
const keepsLiquor = (act: Act, { items }: StepInput): boolean =>
  items.some(
    (i) =>
      ['dried-mushroom', 'dried-fruit'].includes(kindOf(i) ?? '') &&
      (act.again.includes(i.index) || act.lines.some((l) => l.index === i.index)),
  );

/** Cooked beside it, in water of its own. */
const IN_ITS_OWN_WATER = /\b(?:salted boiling|boiling salted|boiling|salted) water\b/i;
/** Done in a bowl or a jug, whatever pan stands beside. */
const IN_A_BOWL = new Set(['soak', 'mix', 'blend', 'shape', 'marinate', 'season', 'dredge']);
/** What stands in the refrigerator meanwhile. An hour of it and more is done ahead: it is no part of tonight's clock. */
const STANDS_COLD = new Set(['marinate', 'brine', 'soak']);
const AHEAD_FROM_MIN = 60;
/** Longer than this nobody stands beside it, minutes. */
const STOOD_BESIDE_MIN = 8;

const PER_SIDE = /\b(?:a|per|each|on each) side\b|\bboth sides\b/i;
/** What was poured in just before an act that brings nothing. */
function lastPoured(act: Act, { items, script }: StepInput): PlacedItem[] {
  const acts = script?.acts ?? [];
  const before = acts
    .slice(
      0,
      acts.findIndex((a) => a.id === act.id),
    )
    .findLast((a) => a.lines.length > 0);
  return items.filter((i) => i.actId !== undefined && i.actId === before?.id);
}

/** Wine that is boiled down where something was browned loosens the floor as it boils. */
const isPouredOnFilm = (act: Act, mine: readonly PlacedItem[]): boolean =>
  act.verb === 'reduce' && act.run === 0 && mine.some((i) => (i.read.food?.thin ?? 0) > 0.8);

/** What the lines of one mixing became, as the recipe calls it: "meatballs"; null where they are named for themselves. */
function madeOf(again: readonly number[], { script }: Pick<StepInput, 'script'>): string | null {
  const acts = script?.acts ?? [];
  const at = acts.findIndex((a) => a.verb === 'shape');
  // Balls are shaped after they are mixed; a dough is dropped as it is.
  const mix =
    acts.slice(0, Math.max(0, at)).findLast((a) => a.verb === 'mix') ??
    acts.find((a) => a.verb === 'mix' && a.run > 0);
  if (!mix || again.length < 2 || !mix.lines.every((l) => again.includes(l.index))) return null;
  const names = acts.flatMap((a) => a.words.toLowerCase().match(SHAPES) ?? []);
  return names.sort((a, b) => b.length - a.length)[0] ?? null;
}
const SHAPES = /\b(?:meatballs|balls|patties|koftas?|koftes?|dumplings|burgers|dough|batter)\b/g;

/** True where all that is taken out is there for its flavour: bay, bones of the stock, a bouquet. */
function isOnlyFlavour(act: Act, { items }: StepInput): boolean {
  const kinds = act.again.flatMap((index) => items.find((i) => i.index === index)?.read.food?.kind ?? []);
  return (
    kinds.length > 0 && kinds.every((k) => ['herb-woody', 'herb-soft', 'spice-whole', 'citrus'].includes(k))
  );
}

/** Minutes of an act: the recipe's own, else what it takes here. */
function minutesFor(act: Act, input: StepInput, mine: readonly PlacedItem[]): number {
  const verb = verbById(act.verb);
  if (act.verb === 'brown') {
    // "2 minutes a side" is for one batch and two sides.
    const batch =
      act.minutes !== null && PER_SIDE.test(act.words)
        ? 2 * act.minutes
        : searBatchMin(input.meat[0]?.thicknessMm);
    // The pot is hot, and there is room: what is turned in a base needs no layer of its own.
    if (isTurnedIn(act, input)) return act.minutes ?? WORK.turnedMin;
    return WORK.shimmerMin + Math.max(1, input.batches) * batch;
  }
  if (act.verb === 'boil' && isOnlyHot(act, mine, input.items)) return act.minutes ?? BROUGHT_UP_MIN;
  if (act.verb === 'reduce' && act.run > 0) {
    // "Boil for 10 minutes" is ten minutes; "by half" takes what half of it takes in this pot.
    if (act.minutes !== null && !SAYS_SHARE.test(act.words)) return Math.min(MOST_REDUCING_MIN, act.minutes);
    const gone = input.liquid.sauceAfterG.mid * goneShare(act.words);
    return Math.min(MOST_REDUCING_MIN, Math.max(act.minutes ?? 2, gone / BOIL_OFF_G_PER_MIN.high));
  }
  const acts = input.script?.acts ?? [];
  const isBoiledNext = acts[acts.indexOf(act) + 1]?.verb === 'reduce';
  if ((act.verb === 'reduce' || (act.verb === 'deglaze' && !isBoiledNext)) && GOES_DOWN.test(act.words)) {
    const poured = mine.length ? mine : lastPoured(act, input);
    const gone = poured.reduce((s, i) => s + i.massG.mid, 0) * goneShare(act.words);
    return Math.min(MOST_REDUCING_MIN, Math.max(act.minutes ?? verb.minutes, gone / BOIL_OFF_G_PER_MIN.high));
  }
  if (act.verb === 'glaze') {
    const glazed = glazedOf(input.items, 'glaze', input.meat, input.liquid.sauceAfterG.mid);
    return act.minutes ?? Math.min(15, glazed?.minutes ?? verb.minutes);
  }
  if (act.verb === 'soften' && act.minutes === null && smellsSoon(mine)) return verbById('bloom').minutes;
  if (STANDS_COLD.has(act.verb) && (act.minutes ?? 0) >= AHEAD_FROM_MIN) return verb.minutes;
  return Math.min(90, act.minutes ?? verb.minutes);
}

/** The last look before the lid: what no sentence put in, whether it is thin enough and below the line. */
function lookBeforeTheLid(input: StepInput, left: readonly PlacedItem[]): Step {
  const { fill, liquid, kitchen } = input;
  const title = left.length ? 'Load the rest' : 'Look before the lid';
  return step(
    'load',
    'deglaze',
    title,
    `Heat off. ${left.length ? 'The recipe does not say when: now. ' : ''}Thin liquid in the pot: ${formatVolume(Math.max(0, liquid.countedMl.mid), kitchen.units)} counted, ${formatVolume(liquid.needMl, kitchen.units)} needed.`,
    {
      items: stepItems(left),
      heat: 'off',
      durationS: handwork(left.length ? WORK.loadMin : 0.5, 0.3),
      cautions: [CAUTIONS.fit],
      check: `Is the top below the line (${fill.foaming.length ? 'half' : 'two thirds'})?`,
    },
  );
}

/** What a recipe for the stove or the oven became, in a sentence; empty for one for pressure. */
export function conversionWords(script: Script | null, holdS: number): string {
  return script?.isConverted
    ? `The recipe says “${script.convertedFrom.slice(0, 120)}”. Under pressure that is ${formatDuration(holdS)}, computed for these pieces.`
    : '';
}
