import type { PlacedItem } from '../moments/item';
import { VERBS } from '../script/data/verbs';
import type { Act } from '../script/act';
import { isCookedApart } from '../script/apart';
import { isTurnedInBase } from '../script/base';
import { kindOf, type StepInput } from './step';

/** What can be asked of one act: of its lines, of what went before it, of its words. */

export const isOfMeatKind = (i: PlacedItem): boolean => /meat|poultry|sausage/.test(kindOf(i) ?? '');
export const isFat = (i: PlacedItem): boolean => ['oil', 'butter'].includes(kindOf(i) ?? '');
export const isSeasoning = (i: PlacedItem): boolean =>
  ['salt', 'sugar', 'spice-ground', 'spice-late', 'flour', 'starch'].includes(kindOf(i) ?? '');
export const isWholeSpice = (i: PlacedItem): boolean =>
  ['spice-whole', 'herb-woody'].includes(kindOf(i) ?? '');
export const isMinced = (i: PlacedItem): boolean => kindOf(i) === 'ground-meat';

/** Acts of the script before this one. */
const before = (act: Act, { script }: StepInput): readonly Act[] =>
  script?.acts.slice(
    0,
    Math.max(
      0,
      script.acts.findIndex((a) => a.id === act.id),
    ),
  ) ?? [];

/** Where a line stands apart from the pot: in its marinade, in the pan beside, on its plate. */
const APART: ReadonlySet<string> = new Set(['marinate', 'brine', 'liftout', 'render', 'blanch']);
/** True of a line that stands apart from the pot when an act comes to it. */
export function waitsBeside(line: number, act: Act, input: StepInput): boolean {
  const last = before(act, input).findLast(
    (a) => a.again.includes(line) || a.lines.some((l) => l.index === line),
  );
  return (
    last !== undefined &&
    (APART.has(last.verb) || (last.stage === 'closed' && last.where === 'pan' && last.run > 0))
  );
}

/** What was lifted out last before an act, in the same run. */
export function liftedLast(act: Act, input: StepInput): PlacedItem[] {
  const last = before(act, input).findLast((a) => a.verb === 'liftout' && a.run === act.run);
  return last ? againItems(last, input) : [];
}

const IN_THE_POT: ReadonlySet<string> = new Set(['brown', 'soften', 'add', 'return', 'top', 'bloom']);
/** True of a line that is in the pot when an act comes to it. */
export function wasCooked(line: number, act: Act, input: StepInput): boolean {
  const last = before(act, input).findLast(
    (a) => a.again.includes(line) || a.lines.some((l) => l.index === line),
  );
  // "Take it out": everything, where nothing is named.
  const isOut = before(act, input).findLast((a) => a.verb === 'liftout' || a === last)?.verb === 'liftout';
  return last !== undefined && last.where === 'pot' && IN_THE_POT.has(last.verb) && !isOut;
}

/** Items that an act is done to once more, by position of their lines. */
export const againItems = (act: Act, { items }: Pick<StepInput, 'items'>): PlacedItem[] =>
  act.again.flatMap((index) => items.filter((i) => i.index === index && i.read.food));

/** Meat that joins what fries already. */
export const isTurnedIn = (act: Act, { items, script }: StepInput): boolean =>
  isTurnedInBase(script?.acts ?? [], act, (line) => items.find((i) => i.index === line)?.read.food?.kind);

/** Rice turned in the fat before anything is poured. */
export const isGrainFried = (act: Act, mine: readonly PlacedItem[]): boolean =>
  act.verb === 'bloom' && mine.length > 0 && mine.every((i) => kindOf(i) === 'grain');

/** A sauce that only boils or simmers: nothing in it is to be tender. */
export const isOnlyHot = (
  act: Act,
  mine: readonly PlacedItem[],
  items: readonly PlacedItem[] = [],
): boolean =>
  (act.verb === 'boil' || act.verb === 'simmer') &&
  !mine.length &&
  act.again.every((index) => items.some((i) => i.index === index && (i.read.food?.thin ?? 0) > 0.5));

/** What is fried for its smell and never gets soft in a minute. */
const SMELLS_SOON: ReadonlySet<string> = new Set([
  'spice-ground',
  'spice-whole',
  'spice-late',
  'salt',
  'tomato-paste',
  'herb-woody',
]);
/** Garlic, ginger, chillies and their like, alone or in fat: a minute, and no more. */
export function smellsSoon(mine: readonly PlacedItem[]): boolean {
  const fried = mine.filter((i) => !isFat(i));
  const isSoon = (i: PlacedItem): boolean =>
    SMELLS_SOON.has(kindOf(i) ?? '') || (kindOf(i) === 'aromatic' && (i.read.food?.scorch ?? 0) > 0);
  return fried.length > 0 && fried.every(isSoon);
}

/** Wine that is boiled down where something was browned loosens the floor as it boils. */
export const isPouredOnFilm = (act: Act, mine: readonly PlacedItem[]): boolean =>
  act.verb === 'reduce' && act.run === 0 && mine.some((i) => (i.read.food?.thin ?? 0) > 0.8);

const HEATS: ReadonlySet<string> = new Set(VERBS.filter((v) => v.heat && v.heat !== 'off').map((v) => v.id));
const HOT = /\b(?:hot|warm|boil\w*|simmer\w*|roast\w*|steam\w*)\b/i;
/** Blended before anything had heat: a paste of raw things is cold, and nothing in the jug can steam. */
export const isBlendedCold = (act: Act, input: StepInput): boolean =>
  act.run === 0 &&
  !HOT.test(act.words) &&
  !before(act, input).some((a) => HEATS.has(a.verb) || HOT.test(a.words));

export const wasChilled = (act: Act, input: StepInput): boolean =>
  before(act, input).at(-1)?.verb === 'chill';

const POURED: ReadonlySet<string> = new Set(['add', 'return', 'deglaze', 'top']);
const BRINGS_MARINADE =
  /\b(?:add|pour|tip|put|with|and|plus|along)\b(?:(?!\b(?:from|discard|reserv|without|shak|excess|letting)\w*)[^.;]){0,40}\bmarinade\b/i;
/** "Pour in the marinade", "the chicken with its marinade". */
export const bringsMarinade = (act: Act, input: StepInput): boolean =>
  POURED.has(act.verb) &&
  BRINGS_MARINADE.test(act.words) &&
  before(act, input).some((a) => a.verb === 'marinate');

/** Dried mushrooms and chillies leave a liquor worth keeping; noodles and beans do not. */
export const keepsLiquor = (act: Act, { items }: StepInput): boolean =>
  items.some(
    (i) =>
      ['dried-mushroom', 'dried-fruit'].includes(kindOf(i) ?? '') &&
      (act.again.includes(i.index) || act.lines.some((l) => l.index === i.index)),
  );

/** Cooked beside it, in water of its own. */
export const isInItsOwnPot = (act: Act, mine: readonly PlacedItem[]): boolean =>
  act.verb === 'boil' && mine.length > 0 && (mine.every((i) => i.moment === 'serve') || isCookedApart(act));

/** True where all that is taken out is there for its flavour: bay, bones of the stock, a bouquet. */
export function isOnlyFlavour(act: Act, { items }: StepInput): boolean {
  const kinds = act.again.flatMap((index) => items.find((i) => i.index === index)?.read.food?.kind ?? []);
  return (
    kinds.length > 0 && kinds.every((k) => ['herb-woody', 'herb-soft', 'spice-whole', 'citrus'].includes(k))
  );
}

/** True of spices, garlic and leaves in a little fat: they sizzle, and are done. */
export const isTempering = (mine: readonly PlacedItem[]): boolean =>
  mine.some(isFat) &&
  mine.some((i) => !isFat(i)) &&
  mine.every((i) => isFat(i) || /^(?:spice-|herb-|aromatic)/.test(kindOf(i) ?? ''));
