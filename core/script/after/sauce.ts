/** What binds, boils down, glazes and how it looks then. */
import { minutesNamed, timeNamed } from '../../dish/pressure';
import { type FoodKind } from '../../pantry/food';
import { KINDS } from '../kinds';
import { type Rule } from '../told';
import { COOKED_IN_IT, BARE_MINUTES, BOILS_DOWN_MIN } from './words';

/** What makes a dough of flour. */
const DOUGH: readonly FoodKind[] = ['oil', 'butter', 'egg', 'sugar'];

/** Warmed again and no more. */
const WARMS =
  /^\W*(?:then |next day |the next day )?re-?heat\b|\b(?:warm|heat|reheat)(?:ed)?\b.{0,12}\b(?:through|again|gently|up)\b|\bgently (?:warm|heat|reheat)\b/i;

const WILL_THICKEN =
  /^\W*(?:it|this|the (?:sauce|stew|soup|gravy|pasta)) (?:will|may|might|should|looks?|seems?)\b.*\bthick/i;

const SLAKES =
  /\b(?:whisk|stir|mix|blend|slake|beat)\b.*\b(?:starch|flour|cornflour|cornstarch|arrowroot|slurry)\b/i;

const CRUSHED = /\b(?:break up|crush|mash|squash)\b/i;

/** What may come between the starch and the look of what it binds. */
const AFTER_BINDING: ReadonlySet<string> = new Set(['dairy', 'stirin', 'return', 'wilt']);

const AT_TABLE = /\b(?:toppings?|garnish\w*|each (?:bowl|plate|one))\b/i;

/** Dairy that grains where it simmers, unless flour or starch holds it. */
const GRAINS: readonly FoodKind[] = ['sour-dairy', 'milk', 'cheese'];

/** "Cook the onions gently in the butter": fried beside. */
const IN_FAT = /\bin\b.{0,24}\b(?:butter|oil|ghee|fat|dripping|lard)\b/i;

const GLAZED_IN_BUTTER: readonly FoodKind[] = [
  ...KINDS.fat,
  ...KINDS.aromatic,
  'root-veg',
  'slow-veg',
  'quick-veg',
  'sugar',
  'water',
];

const GLAZES = /\b(?:glaze|sticky|shines|shiny|baste)\b/i;

/** What goes into a sauce while it boils down and thickens nothing by itself. */
const SEASONS_A_GLAZE: readonly FoodKind[] = [
  'sugar',
  'syrup',
  'salt',
  'salty-sauce',
  'vinegar',
  'citrus',
  'spice-ground',
  'oil',
];

const SIMMERS_SO_LONG = /^\W*(?:and |then )?(?:let (?:it|the sauce) )?(?:simmer|bubble)\b/i;

/** What binds the sauce, and what only stands and grows thicker. */
export const ofBinding: Rule = ({
  text,
  meant,
  lines,
  last,
  next,
  isToCome,
  said,
  kinds,
  isBinder,
  bindsWith,
}) => {
  // "It will look soupy but thickens in five minutes": it stands so long, and nothing is done.
  if (WILL_THICKEN.test(text) && !meant.some(isToCome)) return minutesNamed(text) === null ? null : 'rest';
  if (said === 'blendafter' && bindsWith) return 'thicken';
  // "Ladle out half a cup of the liquid, whisk the starch into it": it goes back at once, and no fat is poured off.
  if (said === 'pouroff' && !/\b(?:fat|oil|grease)\b/i.test(text) && SLAKES.test(next)) return null;
  // "Stir in the spinach puree": what was blended before goes in.
  if (
    said === 'blendafter' &&
    meant.length > 0 &&
    /^\W*(?:stir|add|fold|mix|pour|swirl|tip)\b(?!.*\b(?:blend|blitz|whizz|process|smooth)).*\bpur[eé]e(?!\p{L})/iu.test(
      text,
    )
  )
    return 'stirin';
  if (bindsWith && DOUGH.some((k) => kinds.includes(k)) && said === 'stirin') return 'mix';
  if (bindsWith && ['mix', 'stirin', 'thicken', 'simmer', null].includes(said)) return 'thicken';
  // "Break up the potatoes a little to thicken the juices": they are what thickens.
  if (said === 'thicken' && CRUSHED.test(text) && !bindsWith) return 'mash';
  // Left to thicken is no boil: nothing is stirred in, and cream may be there already.
  if (said === 'thicken' && !bindsWith && /\b(?:stand|sit|rest|cool)\b/i.test(text)) return 'rest';
  // "Stir in the cream and simmer for 4 minutes": cream bears it; what grains is only kept hot.
  const isKeptHot = last?.verb === 'dairy' && !meant.length && (said === 'thicken' || said === 'simmer');
  if (isKeptHot && timeNamed(text) === null && !BARE_MINUTES.test(next)) return null;
  if (isKeptHot) {
    const went = last.lines.flatMap((l) => lines[l.index]?.read.food?.kind ?? []);
    const isBoundToo = last.lines.some((l) => isBinder(l.index));
    // Milk that is simmered into a meat sauce is meant to: among mince nobody sees a grain.
    const isInRagu =
      went.every((kind) => kind === 'milk') && lines.some((l) => l.read.food?.kind === 'ground-meat');
    return isBoundToo || isInRagu || !went.some((kind) => GRAINS.includes(kind)) ? 'simmer' : 'warm';
  }
  return undefined;
};

/** How a sauce that is bound already is to look: no act of its own. */
export const ofItsLook: Rule = ({ text, meant, lines, last, isToCome, said, some, isBinder }) => {
  const isNothingNew = !meant.some(isToCome) && !some(KINDS.meat);
  // "Cook until thickened, 2 minutes": that is what the slurry does.
  const isItsLook =
    said === 'simmer' ||
    said === 'reduce' ||
    said === 'thicken' ||
    (said === 'glaze' && (!GLAZES.test(text) || (/\bthick/i.test(text) && timeNamed(text) === null)));
  // "Bubble till it shines", of a sauce that was just bound.
  if (
    said === 'glaze' &&
    last?.verb === 'thicken' &&
    isNothingNew &&
    !meant.length &&
    timeNamed(text) === null &&
    !/\b(?:glaze|sticky|baste)\b/i.test(text)
  )
    return null;
  const goesDown = /\breduc/i.test(text) && (minutesNamed(text) ?? 0) >= BOILS_DOWN_MIN;
  if (isItsLook && last?.verb === 'thicken' && isNothingNew) return goesDown ? 'reduce' : null;
  const isBound = lines.some((_, i) => isBinder(i) && !isToCome(i));
  // "Simmer uncovered for 5 minutes, until slightly thicker", of meat that was only floured: it simmers so long.
  const isOnlyFloured = lines.every(
    (line, i) => !isBinder(i) || isToCome(i) || /flour/.test(line.read.food?.id ?? ''),
  );
  if (said === 'thicken' && isBound && isOnlyFloured && isNothingNew && SIMMERS_SO_LONG.test(text))
    return timeNamed(text) === null ? null : 'simmer';
  // "Add the beans and simmer until thick, 10 minutes": they simmer so long.
  const isJustIn = (l: { index: number }): boolean =>
    COOKED_IN_IT.includes(lines[l.index]?.read.food?.kind ?? 'other');
  if (
    said === 'thicken' &&
    isBound &&
    isNothingNew &&
    last?.verb === 'stirin' &&
    last.lines.some(isJustIn) &&
    timeNamed(text) !== null
  )
    return 'simmer';
  if (said === 'thicken' && isBound && isNothingNew && AFTER_BINDING.has(last?.verb ?? '')) return null;
  return undefined;
};

const SOLID: readonly FoodKind[] = [...KINDS.vegetable, 'dried-fruit', 'fruit', 'mushroom', 'pulse-cooked'];

/** Sticky, shining, syrupy: a glaze, a sauce that goes down, or words about the plate. */
export const ofGlazing: Rule = ({ text, meant, lines, last, wasTakenOut, isToCome, said, all, some }) => {
  // "Oven 200C, 25 minutes, until sticky".
  if (said === 'glaze' && /\boven\b/i.test(text) && /\d{3}|\bgas \d/i.test(text)) return 'bake';
  // "Return the pork and turn until sticky": it is coated with what has boiled down already.
  if (
    said === 'glaze' &&
    last?.verb === 'return' &&
    !meant.length &&
    /^\W*(?:and )?(?:turn|toss|coat|roll|baste)\b/i.test(text)
  )
    return 'coat';
  // "Pour over the glaze and toss to coat": it was boiled down before.
  if (
    said === 'glaze' &&
    meant.length &&
    !meant.some(isToCome) &&
    /^\W*(?:and |then )*(?:pour|brush|spoon|baste|toss|slather|drizzle)\b/i.test(text)
  )
    return 'coat';
  // "Add the prunes and simmer until syrupy": they simmer in a sauce that goes down.
  const putIn = meant.length
    ? meant.filter(isToCome)
    : last?.verb === 'stirin'
      ? last.lines.map((l) => l.index)
      : [];
  const isOfPieces =
    putIn.length > 0 && putIn.every((i) => SOLID.includes(lines[i]?.read.food?.kind ?? 'other'));
  if (said === 'glaze' && isOfPieces && !GLAZES.test(text)) return 'simmer';
  // "Glaze the small onions in butter": in a pan beside, and no sauce goes down.
  if (said === 'glaze' && IN_FAT.test(text) && meant.some(isToCome) && all(GLAZED_IN_BUTTER)) return 'fry';
  // "Shanks back in to glaze": they go back.
  if (
    said === 'glaze' &&
    wasTakenOut &&
    some(KINDS.meat) &&
    /\bback\b/i.test(text) &&
    minutesNamed(text) === null
  )
    return 'return';
  // "Ladle into bowls and add toppings": each at the table.
  if (last?.verb === 'serve' && (said === 'stirin' || said === null) && AT_TABLE.test(text)) return 'serve';
  // "Bring the sauce to a simmer" for what is stirred in next: it has to be hot, and no more.
  if (said === 'simmer' && !meant.length && /\bbring\b.{0,30}\bto a (?:gentle )?simmer\b(?!.*\d)/i.test(text))
    return null;
  const isInLiquid = some([...KINDS.thin, 'milk', 'cream']);
  if (said === 'simmer' && IN_FAT.test(text) && some(KINDS.fat) && !isInLiquid && meant.some(isToCome))
    return 'fry';
  if (said === 'simmer' && WARMS.test(text)) return 'warm';
  // "Drizzle with the glaze": it is on the plate.
  if (said === 'glaze' && !meant.length && /\b(?:drizzle|spoon|pour|ladle|serve)\w*\b.*\bglaze\b/i.test(text))
    return 'serve';
  // Boiled until it is syrupy it is a sauce that goes down.
  if (
    said === 'glaze' &&
    !meant.length &&
    /\b(?:sauce|juices?|liquid|gravy|stock)\b/i.test(text) &&
    !GLAZES.test(text)
  )
    return 'reduce';
  // Over the rolled tortillas in their dish.
  if (said === 'stirin' && last?.verb === 'fill' && /\bover\b/i.test(text)) return 'fill';
  // "Boil for ten minutes until syrupy", of what was strained and skimmed.
  if (
    said === 'glaze' &&
    !meant.length &&
    !GLAZES.test(text) &&
    ['strain', 'skim'].includes(last?.verb ?? '')
  )
    return 'reduce';
  // Syrupy with the meat still in it is a sauce that boils down, no glaze.
  if (said === 'glaze' && !wasTakenOut && !GLAZES.test(text)) return meant.length ? 'simmer' : 'reduce';
  return undefined;
};

/** A sauce that thickens by boiling down, for want of anything that binds. */
export const ofBoilingDown: Rule = ({ text, meant, lines, last, isToCome, said, kinds, isBinder }) => {
  // "Simmer until thick", where there is nothing to thicken it with, is boiled down.
  const hasStarch =
    lines.some((_, i) => isBinder(i) && isToCome(i)) || ['thicken', 'mix'].includes(last?.verb ?? '');
  if (said === 'simmer' && /\buntil (?:\w+ ){0,3}thick/i.test(text)) return hasStarch ? 'thicken' : 'reduce';
  // Nothing to thicken it with: what boils goes down, what only waits grows thicker by itself.
  if (
    said === 'thicken' &&
    !hasStarch &&
    meant.every((i, at) => !isToCome(i) || SEASONS_A_GLAZE.includes(kinds[at] ?? 'other')) &&
    !/\b(?:slurry|starch|corn ?flour|flour|arrowroot|roux)\b/i.test(text)
  ) {
    if (last?.verb === 'reduce' || last?.verb === 'simmer') return null;
    if (/\b(?:simmer|boil|bubble|cook|uncovered|saut|high)/i.test(text)) return 'reduce';
    if (lines.some((_, i) => isBinder(i))) return said;
    return minutesNamed(text) === null ? null : 'rest';
  }
  return undefined;
};
