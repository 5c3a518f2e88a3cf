/** What an act takes with it, and what it leaves. */
import { type FoodKind } from '../../pantry/food';
import { type ScriptLine } from '../line';
import { linesNamed } from '../align';
import { meansEverything } from '../groups';
import { KINDS } from '../kinds';
import { joined } from '../merge';
import { PARTS } from '../portions';
import { type Reading, type Clause } from '../reading';
import { splashTold } from '../wording';
import { VERBS_THAT } from '../data/verbs';

/** Water that is for a slurry and not for the pot, g. Source: two to six tablespoons; spread 30 %. */
const SLURRY_WATER_G = 100;

/** What is drained on the board and never fried by a word alone. */
const DRIED: ReadonlySet<FoodKind> = new Set(['pulse-dry', 'pulse-cooked', 'grain', 'pasta']);

/** What something is soaked in. */
const WETS: readonly FoodKind[] = ['water', 'milk', 'stock', 'sour-dairy'];

/** What nobody can take out again. */
const DISSOLVED: ReadonlySet<FoodKind> = new Set([
  'spice-ground',
  'spice-late',
  'salt',
  'sugar',
  'flour',
  'starch',
]);

const IS_PRONOUN = /\b(?:it|them|these)\b/i;

/** What stays in the pot when everything is taken out. */
const POURED_KINDS: ReadonlySet<FoodKind> = new Set([
  ...KINDS.thin,
  ...KINDS.fat,
  'syrup',
  'mustard',
  'thick-sauce',
  'salty-sauce',
  'tomato-thick',
]);

/** A strip of peel comes out as it went in. */
const isDissolved = (r: Reading, i: number): boolean =>
  DISSOLVED.has(r.kindOf(i)) && !/\b(?:peel|strips?|rind|pared)\b/i.test(r.lines[i]?.read.text ?? '');

/** After which "grind it to a powder" needs no word of what. */
const MADE_FOR_GRINDING: ReadonlySet<string> = new Set([
  'toast',
  'soak',
  'pop',
  'bloom',
  'soften',
  'roast',
  'char',
]);

/** An act with a verb of its own. */
export function done(r: Reading, c: Clause, verb: string): void {
  const { text } = c;
  const next = r.parts[c.n + 1]?.text ?? '';
  const isShapedNext = /\b(?:roll|form|shape|make|divide)\b/i.test(next);
  const isAll =
    verb === 'mix' && r.stage === 'prep' && !isShapedNext && /\b(?:ingredients|everything)\b/i.test(text);
  const named = isAll ? new Set(linesNamed(next, r.lines, r.pantry)) : undefined;
  const inDough = new Set(
    r.acts.flatMap((a) =>
      a.verb === 'mix' && a.lines.some((l) => r.kindOf(l.index) === 'flour')
        ? a.lines.map((l) => l.index)
        : [],
    ),
  );
  // "Move everything to a platter": what pours stays in the pot.
  const isLiftedWithAll = verb === 'liftout' && meansEverything(text) && r.stage !== 'prep';
  const meant = c.meant.filter((i) =>
    verb === 'liftout'
      ? !isDissolved(r, i) && !inDough.has(i) && !(isLiftedWithAll && POURED_KINDS.has(r.kindOf(i)))
      : // "Combine the marinade ingredients, add the chicken": it comes with the second.
        !(named?.has(i) && r.isRawMeat(i)),
  );
  // "Take out the pepper": the chilli that was in whole, and no ground one.
  if (verb === 'liftout' && !meant.length && c.meant.length > 0 && r.linesIn(text).length > 0) {
    const whole = r.lines.map((_, i) => i).filter((i) => !r.isToCome(i) && isWholeChilli(r.lines[i]));
    if (!whole.length) return;
    meant.push(...whole);
  }
  // "Brown the slices on both sides, take them out": those, and not the onions that were cut before.
  if (
    verb === 'liftout' &&
    r.last?.verb === 'brown' &&
    meant.length > 0 &&
    !r.linesIn(text).length &&
    IS_PRONOUN.test(text)
  )
    meant.splice(0);
  // "Fry the lardons. Remove with a slotted spoon": what was fried last.
  const isFriedLast = r.stage === 'open' && ['render', 'soften'].includes(r.last?.verb ?? '');
  // "Brown the chicken; onto the plate with the sausage", which is there: what was browned last.
  const isBesideIt =
    verb === 'liftout' &&
    r.last?.verb === 'brown' &&
    /\bwith the\b/i.test(text) &&
    meant.length > 0 &&
    meant.every((i) => isOutAlready(r, i));
  if (isBesideIt)
    meant.splice(
      0,
      meant.length,
      ...(r.acts.findLast((a) => a.verb === 'brown' && a.lines.some((l) => r.isMeat(l.index)))?.lines ?? [])
        .map((l) => l.index)
        .filter((i) => r.isMeat(i)),
    );
  const isPart = PARTS.some(([words]) => words.test(text));
  if (verb === 'liftout' && !c.meant.length && isFriedLast && !isPart)
    meant.push(
      ...(r.last?.lines ?? []).map((l) => l.index).filter((i) => !r.isFat(i) && !DISSOLVED.has(r.kindOf(i))),
    );
  if (verb === 'return' && r.stage === 'after') keepTakenOut(r, meant);
  const before = r.last;
  // "Remove. Set aside": taken out once.
  const isOut = before?.verb === 'liftout' && before.stage === r.stage && before.run === r.run;
  if (verb === 'liftout' && isOut && !meant.length) {
    before.words = joined(before.words, c.sentence);
    return;
  }
  const taken = PARTS.find(([words]) => words.test(text))?.[1];
  // "Fry until brown. Take out half": of what went in before it was told to fry, and none of its spice.
  const half =
    verb === 'liftout' && !meant.length && taken !== undefined
      ? (r.acts.findLast((a) => a.run === r.run && a.lines.length > 0) ?? r.last)
      : undefined;
  const isHalved = (i: number): boolean =>
    !r.isFat(i) && !DISSOLVED.has(r.kindOf(i)) && !/^(?:spice|herb)/.test(r.kindOf(i));
  if (half)
    for (const line of half.lines.filter((l) => isHalved(l.index))) {
      line.share = 1 - (taken ?? 0);
      r.used.set(line.index, line.share);
    }
  if (r.stage === 'prep' && VERBS_THAT.needThePot.has(verb)) r.stage = 'open';
  // "Chop the onions. Heat the oil and fry until soft": what was cut is what is fried.
  const cut =
    verb === 'soften' && meant.every((i) => r.isFat(i))
      ? [...r.waiting].filter((i) => !r.isMeat(i) && !r.used.has(i) && !DRIED.has(r.kindOf(i)))
      : [];
  // "Season the beef": with the salt and pepper of the list, where no other sentence names them.
  // "Combine the sugar and all the spices": the salt of the list is one of them.
  const isRub = r.stage === 'prep' && RUBS.has(verb) && /\b(?:spices|seasonings?)\b/i.test(text);
  const isSalted = isRub || (verb === 'season' && meant.every((i) => r.isMeat(i)));
  const salts = isSalted ? saltOfTheList(r, c.n) : [];
  const water = verb === 'thicken' ? slurryWater(r, c) : [];
  // "Toast the chillies, then cover with boiling water": what is soaked is what was toasted.
  const soaked =
    verb === 'soak' && r.last?.verb === 'toast' && meant.every((i) => r.kindOf(i) === 'water')
      ? [...r.last.lines.map((l) => l.index), ...r.last.again]
      : [];
  // "Tear the bread and soak in the milk": what was torn.
  const inMilk =
    verb === 'soak' && meant.length > 0 && meant.every((i) => WETS.includes(r.kindOf(i)))
      ? r.linesIn(c.sentence).filter((i) => r.waiting.has(i) && r.isToCome(i) && !r.isMeat(i))
      : [];
  // "Soak the ribs. Drain and rinse": what was on the board last.
  const rinsed =
    verb === 'rinse' && !meant.length && r.last && VERBS_THAT.areOfTheBoard.has(r.last.verb)
      ? [...r.last.again, ...r.last.lines.map((l) => l.index)].filter((i) => r.isMeat(i))
      : [];
  // "Roast the spices. Cool and grind": what was roasted.
  const ground =
    verb === 'blend' && !meant.length && r.last && MADE_FOR_GRINDING.has(r.last.verb)
      ? [...r.last.lines.map((l) => l.index), ...r.last.again].filter((i) => !r.isMeat(i) && !r.isFat(i))
      : [];
  // "Take the chicken out, pat it dry. Heat oil in a pan and fry until crisp": what stands on the plate.
  const onPlate =
    verb === 'fry' && r.stage === 'after' && meant.length > 0 && meant.every((i) => r.isFat(i))
      ? (r.acts.findLast((a) => a.run === r.run && VERBS_THAT.takeOut.has(a.verb))?.again ?? []).filter((i) =>
          r.isMeat(i),
        )
      : [];
  const put = r.put(verb, r.stage, c, [
    ...onPlate,
    ...new Set([...meant, ...inMilk, ...cut, ...salts, ...water, ...soaked, ...rinsed, ...ground]),
  ]);
  // "Cook the lardons until crisp; scoop out": what is taken out is what was cooked last.
  const isUntold = verb === 'liftout' && !meant.length && !half && r.stage === 'open';
  const fried = (isUntold ? before?.lines : undefined)?.map((l) => l.index) ?? [];
  const meats = fried.filter((i) => r.isMeat(i));
  const isOfVegetables =
    ['soften', 'bloom', 'toast'].includes(before?.verb ?? '') &&
    /\b(?:scoop|lift|take|spoon|remove|set|tip|transfer)/i.test(text);
  const justFried = meats.length || !isOfVegetables ? meats : fried.filter((i) => !r.isFat(i));
  if (justFried.length) put.again = justFried;
  if (half) put.again = half.lines.map((l) => l.index).filter(isHalved);
  for (const i of [...meant, ...cut]) r.waiting.delete(i);
  // A splash of what is poured later loosens the floor: so much of it is in already.
  const isPoured = (verb === 'deglaze' || verb === 'add') && r.stage === 'open' && !r.last?.lines.length;
  const splash = isPoured ? splashTold(text, r.lines) : null;
  if (splash && !r.used.has(splash.index)) {
    r.last?.lines.push(splash);
    r.used.set(splash.index, splash.share);
  }
}

const isWholeChilli = (line: ScriptLine | undefined): boolean =>
  /chilli|scotch|habanero|jalape/.test(line?.read.food?.id ?? '') &&
  !/^spice-ground/.test(line?.read.food?.kind ?? '');

/** "Return the chicken to the sauce": of what was in the pot only what was lifted out can go back. */
function keepTakenOut(r: Reading, meant: number[]): void {
  if (!meant.some((i) => isOutAlready(r, i))) return;
  const kept = meant.filter((i) => isOutAlready(r, i) || r.isToCome(i));
  meant.splice(0, meant.length, ...kept);
}

/** True of a line that the last act that had to do with it took out of the pot. */
function isOutAlready(r: Reading, line: number): boolean {
  const last = r.acts.findLast((a) => a.again.includes(line) || a.lines.some((l) => l.index === line));
  if (last === undefined) return false;
  // "Remove", and no word of what: what was browned just before.
  const at = r.acts.indexOf(last);
  const next = r.acts
    .slice(at + 1)
    .find((a) => a.verb === 'liftout' || a.lines.length > 0 || a.again.length > 0);
  return (
    VERBS_THAT.takeOut.has(last.verb) ||
    (next?.verb === 'liftout' && !next.again.length && !next.lines.length)
  );
}

/** A little water that stands beside the starch in the list and that no sentence names is what it is stirred with. */
function slurryWater(r: Reading, { n, meant }: Clause): readonly number[] {
  const isStarch = (i: number): boolean => (KINDS.starch as readonly FoodKind[]).includes(r.kindOf(i));
  const isLittleWater = (i: number): boolean =>
    r.kindOf(i) === 'water' && (r.lines[i]?.read.massG.mid ?? 0) <= SLURRY_WATER_G;
  const beside = meant.filter(isStarch).flatMap((i) => [i + 1, i - 1]);
  const later = beside.some(isLittleWater) ? r.namedAfter(n) : new Set<number>();
  return beside.filter((i) => isLittleWater(i) && !r.used.has(i) && !later.has(i)).slice(0, 1);
}

const RUBS: ReadonlySet<string> = new Set(['season', 'marinate', 'mix']);

function saltOfTheList(r: Reading, n: number): readonly number[] {
  const later = r.namedAfter(n);
  const isOfIt = (i: number): boolean =>
    r.kindOf(i) === 'salt' || r.lines[i]?.read.food?.id === 'black-pepper';
  return r.lines.map((_, i) => i).filter((i) => isOfIt(i) && !r.used.has(i) && !later.has(i));
}
