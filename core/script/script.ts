import type { Moment } from '../dish/moment';
import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import { isMeat, type ScriptLine } from './line';
import { DOUGH_G } from './kinds';
import type { Act, Script } from './act';
import { readScript } from './read';

/** Scripts read before, by method and lines: a dish is planned at every keystroke. */
const READ_BEFORE = new WeakMap<Pantry, Map<string, Script | null>>();
const KEPT = 60;

/** The script of a dish's method; null where there is no method that can be followed. Kept: treat it as read-only. */
export function scriptFor(method: string, lines: readonly ScriptLine[], pantry: Pantry): Script | null {
  if (!method.trim()) return null;
  let kept = READ_BEFORE.get(pantry);
  if (!kept) READ_BEFORE.set(pantry, (kept = new Map()));
  const key = [
    method,
    ...lines.map((l) => `${l.section ?? ''}\t${l.read.food?.id ?? ''}\t${l.read.foodText}`),
  ].join('\n');
  const before = kept.get(key);
  if (before !== undefined) return before;
  const script = readScript(method, lines, pantry);
  if (kept.size >= KEPT) kept.clear();
  kept.set(key, script);
  return script;
}

/** Boiled for so few minutes that most of it stays: "boil for 3 minutes to drive off the alcohol", of a bottle. */
function isBarelyBoiled(act: Act, next: Act | undefined, massG: number): boolean {
  const minutes = act.minutes ?? (next?.verb === 'reduce' ? next.minutes : null);
  const words = `${act.words} ${next?.verb === 'reduce' ? next.words : ''}`;
  if (
    minutes === null ||
    /\b(?:half|halved|third|two[- ]thirds|quarter|almost (?:dry|gone)|evaporat\w*)\b/i.test(words)
  )
    return false;
  return minutes * BOIL_OFF_G_PER_MIN.high < STAYS_BELOW * massG;
}
/** Share that must be gone before a liquid is said to be boiled down. */
const STAYS_BELOW = 0.25;

/** Where a line, or a share of it, goes in by the script. */
export interface ScriptPlace {
  share: number;
  moment: Moment;
  actId: string;
  words: string;
  /** Goes in when the pot is opened in between, before a second lid. */
  later: boolean;
  /** Mixed with meat and shaped: it is inside the pieces, and neither on the floor nor in the sauce. */
  isBound: boolean;
  /** Boiled down as it is poured, by the recipe's own words. */
  boilsDown: boolean;
  /** Rubbed into raw meat, or its marinade. */
  touchesRaw: boolean;
  /** Laid on a rack before the lid, by the recipe's own words. */
  onRack: boolean;
  /** In a bowl of its own in the pot, with its water, by the recipe's own words. */
  inBowl: boolean;
  /** Melted to a caramel on purpose, before anything is poured: it does not lie on the floor as sugar. */
  isCaramel: boolean;
}

/** Words by which a poured liquid is boiled and not only warmed. */
const BOILS =
  /\b(?:reduc\w*|boil\w*|bubbl\w*|cook (?:off|out|down)|evaporat\w*|half|third|burn off|alight|flamb\w*)\b/i;

const OFF_THE_SAUCE: ReadonlySet<string> = new Set(['bake', 'grill', 'fill', 'mix', 'shred']);
const FATS: readonly FoodKind[] = ['oil', 'butter'];
const STARCHES: readonly FoodKind[] = ['starch', 'flour', 'gum'];
const DAIRY: readonly FoodKind[] = ['cream', 'milk', 'sour-dairy', 'cream-cheese', 'cheese', 'coconut-cream'];

/** Where every line of a script goes in, by its position; a line that no act names is not there. */
export function placesOf(script: Script, lines: readonly ScriptLine[]): ReadonlyMap<number, ScriptPlace[]> {
  const found = new Map<number, ScriptPlace[]>();
  const aside = keptAside(script, lines);
  const racked = onTheRack(script, lines);
  const bowled = inItsBowl(script, lines);
  script.acts.forEach((act, at) => {
    for (const { index, share } of act.lines) {
      const kind = lines[index]?.read.food?.kind;
      if (!kind) continue;
      const place: ScriptPlace = {
        share,
        moment: isBesideIt(act, lines[index])
          ? 'serve'
          : act.run === 0 && aside.has(index)
            ? 'finish'
            : momentOf(act, at, kind, script),
        actId: act.id,
        words: act.words,
        later: isLater(act, script),
        boilsDown:
          (BOILS.test(act.words) || script.acts[at + 1]?.verb === 'reduce') &&
          !isBarelyBoiled(act, script.acts[at + 1], (lines[index]?.read.massG.mid ?? 0) * share),
        onRack: racked.has(index),
        inBowl: bowled.has(index),
        isCaramel: act.verb === 'caramel',
        touchesRaw: act.verb === 'marinate' || act.verb === 'brine' || act.verb === 'season',
        isBound: act.verb === 'stuff' || (['mix', 'soak'].includes(act.verb) && isShaped(script, at, lines)),
      };
      found.set(index, [...(found.get(index) ?? []), place]);
    }
  });
  return found;
}

/** A bowl of its own in the pot: "combine the rice and water in a heatproof bowl; set it on the trivet". */
const OWN_BOWL =
  /\b(?:bowl|basin|dish|cake (?:tin|pan)|ramekins?|(?:steel|metal|inner|second|small) (?:pan|pot|tin|insert|container))\b/i;
const STOOD_ON = /\b(?:trivet|rack|steamer|on top of the (?:meat|chicken|beef|lamb|pork))\b/i;

/** What cooks in a bowl of its own under the first lid, water and all. */
function inItsBowl({ acts }: Script, lines: readonly ScriptLine[]): ReadonlySet<number> {
  const lid = acts.findIndex((a) => a.verb === 'close');
  const before = acts.slice(0, Math.max(0, lid));
  const isIt = (a: Act, at: number): boolean =>
    ['add', 'mix', 'rack', 'top'].includes(a.verb) &&
    OWN_BOWL.test(a.words) &&
    (STOOD_ON.test(a.words) ||
      (before[at + 1]?.verb === 'rack' && STOOD_ON.test(before[at + 1]?.words ?? '')));
  const inside = before
    .filter((a, at) => a.verb === 'bowl' || isIt(a, at))
    .flatMap((a) => a.lines.map((l) => l.index));
  // Meat that is put in a dish on the rack is what is cooked, and its juices come to the pot.
  const hasStarch = inside.some((i) =>
    ['grain', 'pasta', 'pulse-dry'].includes(lines[i]?.read.food?.kind ?? ''),
  );
  return new Set(hasStarch ? inside.filter((i) => lines[i] !== undefined && !isMeat(lines[i])) : []);
}

/** What lies on a rack when the first lid goes on, with what it was rubbed with. What pours runs through. */
function onTheRack({ acts }: Script, lines: readonly ScriptLine[]): ReadonlySet<number> {
  const of = (a: Act): number[] => [...a.lines.map((l) => l.index), ...a.again];
  const lid = acts.findIndex((a) => a.verb === 'close');
  const before = acts.slice(0, Math.max(0, lid));
  const isPoured = (i: number): boolean => (lines[i]?.read.food?.thin ?? 0) > 0.5;
  const laid = new Set(before.filter((a) => a.verb === 'rack').flatMap(of));
  const isMeatLine = (i: number): boolean => lines[i] !== undefined && isMeat(lines[i]);
  // "Mix the rub and rub it all over": what, is not said.
  const isOfIt = (a: Act): boolean => a.again.some((i) => laid.has(i)) || !of(a).some(isMeatLine);
  const rubbed = laid.size ? before.filter((a) => RUBS_IN.has(a.verb) && isOfIt(a)).flatMap(of) : [];
  return new Set([...laid, ...rubbed].filter((i) => !isPoured(i)));
}
const RUBS_IN: ReadonlySet<string> = new Set(['season', 'marinate', 'dredge']);

/** What may stand on a plate through the lid: cooked already, or good raw. Raw meat that seems to be left out is more likely misread. */
const STANDS_BY: ReadonlySet<FoodKind> = new Set([
  'cured-meat',
  'mushroom',
  'allium',
  'quick-veg',
  'slow-veg',
  'leaf',
  'nut',
]);

/** Lines that are fried and lifted out, or blanched, before the lid and named again only once it is off: bacon, onions, spinach for the end. */
function keptAside({ acts }: Script, lines: readonly ScriptLine[]): ReadonlySet<number> {
  const lid = acts.findIndex((a) => a.verb === 'close');
  const out = new Set<number>();
  acts.slice(0, Math.max(0, lid)).forEach((a) => {
    for (const i of [...a.again, ...a.lines.map((l) => l.index)])
      if (a.verb === 'liftout' || a.verb === 'blanch') out.add(i);
      else out.delete(i);
  });
  const comesBack = (line: number): boolean =>
    acts.slice(lid).some((a) => a.verb !== 'liftout' && a.again.includes(line));
  const mayStand = (line: number): boolean => {
    const food = lines[line]?.read.food;
    return food !== null && food !== undefined && (STANDS_BY.has(food.kind) || food.id === 'smoked-sausage');
  };
  return new Set([...out].filter((i) => mayStand(i) && comesBack(i)));
}

/** True of what is mixed to balls, or with flour to a dough once the pot is open: it stays in its pieces. */
function isShaped({ acts }: Script, at: number, lines: readonly ScriptLine[]): boolean {
  const isFlour = ({ index }: Act['lines'][number]): boolean =>
    lines[index]?.read.food?.kind === 'flour' && lines[index].read.massG.mid > DOUGH_G;
  const next = acts[at + 1];
  // Crumbs that are soaked for the meatballs are in them.
  if (acts[at]?.verb === 'soak') return next?.verb === 'mix' && acts[at + 2]?.verb === 'shape';
  return (
    next?.verb === 'shape' ||
    next?.verb === 'stuff' ||
    ((acts[at]?.run ?? 0) > 0 && acts[at]?.lines.some(isFlour) === true)
  );
}

/** "Meanwhile cook the rice", of which the list says no amount: it stands on the table. */
const isBesideIt = (act: Act, line: ScriptLine | undefined): boolean =>
  act.verb === 'boil' &&
  line?.read.amount === null &&
  ['grain', 'pasta'].includes(line.read.food?.kind ?? '');

/** True of an act between two lids: what goes in then is cooked by the second. */
function isLater(act: Act, script: Script): boolean {
  return act.run > 0 && script.acts.some((a) => a.verb === 'close' && a.run === act.run);
}

/** Stirred in little by little. */
export const BY_THE_SPOON =
  /\b(?:spoon(?:ful)?|tablespoon(?:ful)?|little) (?:at a time|by (?:a )?(?:spoon(?:ful)?|little))\b|\bgradually\b|\b(?:stir|whisk|mix)\w* (?:continuously|constantly|all the time|briskly|quickly|well so)\b|\bkeep (?:on )?(?:stirring|whisking)\b/i;

function momentOf(act: Act, at: number, kind: FoodKind, script: Script): Moment {
  const after = script.acts.slice(at + 1);
  const isFat = FATS.includes(kind);
  const isStarch = STARCHES.includes(kind);
  const isBound = after.some((a) => a.verb === 'thicken');
  // Beside the closed pot, in a pan of its own: never in the sauce.
  if (act.verb === 'sauce') return 'finish';
  if (act.stage === 'closed') return act.run === 0 ? 'lid' : 'finish';
  if (isLater(act, script)) return 'lid';
  // "Add the yoghurt a spoonful at a time, stirring until it is absorbed": it fries into the base.
  if (act.run === 0 && act.verb === 'add' && kind === 'sour-dairy' && BY_THE_SPOON.test(act.words))
    return 'aromatics';
  if (act.run > 0) {
    if (act.verb === 'serve' || act.stage === 'table') return 'serve';
    if (isStarch && ['dairy', 'mix', 'shape'].includes(act.verb)) return 'finish';
    if (act.verb === 'thicken' || isStarch)
      return act.verb === 'dairy' && DAIRY.includes(kind) ? 'dairy' : 'thicken';
    // On bread or under the grill it is never in the sauce.
    // "Pour the saffron milk over the rice" likewise; cheese on top melts into it.
    const isPouredOver = act.verb === 'top' && (kind === 'milk' || kind === 'cream');
    if (DAIRY.includes(kind)) return OFF_THE_SAUCE.has(act.verb) || isPouredOver ? 'finish' : 'dairy';
    return 'finish';
  }
  switch (act.verb) {
    case 'dredge':
      return 'sear';
    case 'heat':
    case 'render':
    case 'brown':
    case 'pouroff':
      return 'sear';
    case 'pop':
    case 'bloom':
      return isFat ? 'sear' : 'bloom';
    case 'soften':
      return 'aromatics';
    case 'deglaze':
    case 'flame':
    case 'reduce':
      return 'deglaze';
    case 'season':
    case 'marinate':
      return after.some((a) => a.verb === 'brown' && a.run === 0) ? 'sear' : 'lid';
    case 'toast':
    case 'blend':
    case 'mix':
    case 'soak':
    case 'salt':
    case 'steep':
    case 'roast':
    case 'char':
      if (isStarch || (isBound && kind === 'water')) return isBound ? 'thicken' : 'lid';
      return after[0]?.verb === 'soften' ||
        after.some((a) => a.verb === 'soften' && !a.lines.length && a.run === 0)
        ? 'aromatics'
        : 'lid';
    default:
      return 'lid';
  }
}
