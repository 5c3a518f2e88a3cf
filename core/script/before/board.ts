/** What is done on the board and in bowls beside, before the pot is hot. */
import { type FoodKind } from '../../pantry/food';
import { type ScriptLine } from '../line';
import { KINDS } from '../kinds';
import { type Rule } from '../told';
import { IS_MINCE } from '../wording';
import { wasHot, isMeatLine } from './words';

const INTO_ANOTHER =
  /^\W*(?:first,? |meanwhile,? )?(?:stir|mix|beat|whisk|fold|mash|grate)\b.{2,60}\b(?:into|through) (?:the|a) (?!(?:inner |pressure |cooking |hot |open )?(?:pot|cooker|pan|oil|butter|onions?|sauce)\b)/i;

const IN_THIS_POT =
  /\b(?:in|into|at the bottom of) (?:the|your) (?:(?:inner|pressure|cooking|cold|empty|open|metal|steel) )*(?:pot|cooker|insert|liner)\b|\bin (?:a|the|your) (?:(?:large|big|heavy|deep|lidded|cast[- ]iron) )*(?:casserole|dutch oven|pot|cooker)\b/i;

/** Dry things that are soaked before they are cooked. */
const SOAKED: readonly FoodKind[] = ['dried-mushroom', 'pulse-dry', 'dried-fruit', 'grain'];

const isDriedChilli = (line: ScriptLine | undefined): boolean => line?.read.food?.id === 'dried-chilli';

const SOAKED_IN = /\b(?:cover|pour)\b.*\b(?:water|stock)\b/i;

/** On the board, with the meat that is fried next. */
const ON_BOARD: ReadonlySet<string> = new Set([
  'dredge',
  'season',
  'marinate',
  'dry',
  'mix',
  'soak',
  'score',
  'stuff',
]);

const PUTS_MADE =
  /^\W*(?:and |then )*(?:put|add|place|tip|return|transfer|throw)\b.*\b(?:charred|toasted|blackened)\b/i;

const SETS_RACK =
  /^\W*(?:and |then )*(?:set|place|put|lay|stand|position|insert) (?:a|the|your) (?:\p{L}+ )?(?:trivet|rack|steamer(?: basket)?)\b(?! with\b)/iu;

const IN_A_VESSEL = /\b(?:in|into|to) (?:a|the|another) (?:\p{L}+ )?(?:bowl|jug|basin|mug|cup|jar)\b/iu;

const COVERS_WITH = /\b(?:cover|pour|add)\b/i;

const STANDS_IN_IT = /\b(?:soak|steep|soften|plump|rehydrat\w*|stand|leave|sit|until soft)\b/i;

const soaksInABowl = (line: ScriptLine | undefined): boolean =>
  isDriedChilli(line) ||
  line?.read.food?.kind === 'dried-mushroom' ||
  /-chile$|^dried-/.test(line?.read.food?.id ?? '');

const ONLY_CUT = /\b(?:chopped|sliced|minced|grated|diced|crushed)(?: (?:very )?(?:fine|finely|small))?\W*$/i;
const MIXED_NEXT = /^\W*(?:and |then )*(?:mix|combine|knead)\b/i;

/** What is salted to draw its water, before it is anywhere near the pot. */
const DRAWN: readonly FoodKind[] = [...KINDS.vegetable, ...KINDS.leaf];

const DRAWS_ON: ReadonlySet<string> = new Set([
  'marinate',
  'rest',
  'rinse',
  'dry',
  'soak',
  'pouroff',
  'strain',
]);

const DRAINS = /\b(?:colander|sieve|drain|sit|stand|leave|draw|weep|squeeze|wring|press)\b/i;

/** What cooks in a bowl of its own on the rack, under the same lid. */
export const OWN_BOWL =
  /\b(?:bowl|basin|dish|cake (?:tin|pan)|ramekins?|(?:steel|metal|inner|second|small|heat-?proof|oven-?proof) (?:pan|pot|tin|insert|container))\b/i;
const STOOD_ON =
  /\b(?:trivet|rack|steamer|on top of the (?:meat|chicken|beef|lamb|pork|curry|stew)|pot[- ]in[- ]pot|PIP)\b/iu;
const SWELLS: readonly FoodKind[] = ['grain', 'pasta', 'pulse-dry'];
const OF_ITS_BOWL: readonly FoodKind[] = [
  ...SWELLS,
  ...KINDS.thin,
  ...KINDS.fat,
  ...KINDS.spice,
  'salt',
  'herb-woody',
  'coconut-milk',
];

/** A bowl of rice that stands above the rest. */
export const ofItsOwnBowl: Rule = ({ text, meant, last, isToCome, soon, said, all, some }) => {
  const isSetOn = STOOD_ON.test(text) || soon.some((t) => STOOD_ON.test(t));
  const isPut =
    [null, 'add', 'mix', 'rack', 'top', 'bowl', 'rinse', 'soak'].includes(said) && meant.some(isToCome);
  if (isPut && OWN_BOWL.test(text) && some(SWELLS) && all(OF_ITS_BOWL) && (isSetOn || last?.verb === 'rack'))
    return 'bowl';
  if (last?.verb !== 'bowl') return undefined;
  // "Cover it with foil and stand it on the trivet"; "pour in its water".
  if (!meant.some(isToCome) && (STOOD_ON.test(text) || OWN_BOWL.test(text) || /\bfoil\b/i.test(text)))
    return null;
  return all([...KINDS.thin, 'salt']) && /\b(?:over|bowl|dish|it)\b/i.test(text) ? 'bowl' : undefined;
};

/** A bowl beside, or the pot itself. */
export const ofTheBowl: Rule = ({
  text,
  stage,
  meant,
  lines,
  last,
  isToCome,
  next,
  soon,
  said,
  all,
  some,
}) => {
  // "Spring onions + half the ginger chopped fine, mix with the pork": all of it is for the bowl.
  if (stage === 'prep' && (said === null || said === 'add') && ONLY_CUT.test(text) && MIXED_NEXT.test(next))
    return 'mix';
  // "Salt the aubergine and let it sit in a colander".
  if (
    said === 'season' &&
    !wasHot(last) &&
    some(DRAWN) &&
    all([...DRAWN, 'salt']) &&
    (stage === 'prep' || DRAINS.test(`${text} ${next}`))
  )
    return 'salt';
  // "Rinse, and pat dry": what was salted.
  if (last?.verb === 'salt' && DRAWS_ON.has(said ?? '') && !some(KINDS.meat)) return 'salt';
  // "Put the chillies in a jug and pour over the hot stock; leave for 15 minutes": they soak, whatever pot was hot.
  const isOfBowl = IN_A_VESSEL.test(text) && meant.length > 0 && meant.every((i) => soaksInABowl(lines[i]));
  if (isOfBowl && soon.slice(0, 2).some((t) => SOAKED_IN.test(t) || COVERS_WITH.test(t))) return 'soak';
  const wasPutThere =
    last?.verb === 'soak' ||
    (last?.verb === 'liftout' && !last.lines.some((l) => isMeatLine(lines[l.index])));
  if (
    wasPutThere &&
    meant.length > 0 &&
    all(KINDS.thin) &&
    COVERS_WITH.test(text) &&
    STANDS_IN_IT.test(`${text} ${next}`)
  )
    return 'soak';
  // "Set a trivet over the chicken": a thing of iron, and nothing is laid on it yet.
  if (said === 'rack' && SETS_RACK.test(text) && !meant.some(isToCome)) return null;
  if (said === 'rack' && all(KINDS.thin)) return 'add';
  // "Put the bones and the charred onion in the pot": it was charred before.
  if (said === 'toast' && PUTS_MADE.test(text)) return 'add';
  // "Stir the salt into the yoghurt", with no pot near: a bowl.
  if (said === 'add' && stage === 'prep' && INTO_ANOTHER.test(text) && !some(KINDS.meat)) return 'mix';
  // "Whisk the honey and soy in the pot": it is in already, and nothing is rubbed with it.
  if (said === 'mix' && IN_THIS_POT.test(text)) return 'add';
  return undefined;
};

const OUT_OF_THE_MILL = /\bgrind(?:ing)? (?:over|in|on|some|a little|plenty)\b|\bgrind\b.*\bover\b/i;

const BOILS_APART = /^\W*(?:first,? )?(?:par-?)?(?:boil|cook) (?:the|your|it|them)\b/i;

const FLOURS_THEM = /\bflour (?:the|it|them|all|both|each)\b/i;

const OF_THE_KNIFE = /\b(?:seeds?|stalks?|stems?|cores?|membranes?|pith|stones?|pips|tops|eyes)\b/i;

/** Flour, soaking, rubbing and tying, before there is heat. */
export const ofTheBoard: Rule = ({ text, stage, meant, lines, last, isToCome, next, said, all, some }) => {
  // "Mince + grated onion + cumin + mint, squeeze together": a bowl.
  const isOfMince = stage === 'prep' && meant.length > 2 && some(['ground-meat']) && IS_MINCE.test(text);
  if (isOfMince && (said === null || said === 'add') && !/\b(?:pot|cooker|pan)\b/i.test(text)) return 'mix';
  // "Salt the beef and grind over the pepper": out of the mill, and no paste.
  if (said === 'blend' && all(['salt', 'spice-ground', 'spice-whole']) && OUT_OF_THE_MILL.test(text))
    return stage === 'prep' ? 'season' : 'add';
  // "Season the flour and coat the oxtail in it".
  if ((said === 'dredge' || said === 'season') && wasHot(last) && all(['flour'])) return 'bloom';
  if (said === 'season' && all(['flour'])) return 'dredge';
  if (said === 'season' && some(['flour']) && FLOURS_THEM.test(text)) return 'dredge';
  if (said === 'season' && last?.verb === 'dredge' && /\bcoat\b/i.test(text)) return 'dredge';
  const isSoaked = some(SOAKED) || (stage === 'prep' && meant.some((i) => isDriedChilli(lines[i])));
  if ((said === 'add' || said === null) && SOAKED_IN.test(text) && isSoaked) return 'soak';
  // What was toasted is covered with water, and stands.
  if (
    stage === 'prep' &&
    last?.verb === 'toast' &&
    /^(?:\W*)(?:then )?(?:cover|soak|pour)\b/i.test(text) &&
    all(KINDS.thin)
  )
    return 'soak';
  if (said === 'marinate' && last?.verb === 'soak' && !some(KINDS.meat)) return null;
  // "Scrape off the marinade" of what lies on the board: nothing is poured.
  if (said === 'deglaze' && stage === 'prep' && !some(KINDS.thin)) return null;
  // "Boil the rice for five minutes. Drain": in a pan of its own.
  if (said === null && stage === 'prep' && BOILS_APART.test(text) && /^\W*(?:and |then )*drain/i.test(next))
    return all([...KINDS.meat, ...KINDS.thin]) ? said : 'blanch';
  // "Rub it with turmeric and set aside": it waits on the board.
  if (said === 'liftout' && stage === 'prep' && !meant.length && last && ON_BOARD.has(last.verb)) return null;
  // "Cut the tops off the peppers, take out the seeds": knife work.
  // "Next day lift the chicken out of the wine": no pot was hot yet.
  if (said === 'liftout' && stage === 'prep' && last?.verb === 'marinate') return null;
  // "Lift them out, squeezing; strain the liquor": of what was soaked.
  if (
    (said === 'liftout' || said === 'strain') &&
    stage === 'prep' &&
    last?.verb === 'soak' &&
    !meant.some(isToCome)
  )
    return null;
  if (said === 'liftout' && stage === 'prep' && OF_THE_KNIFE.test(text) && !some(KINDS.meat)) return null;
  if (
    said === 'stuff' &&
    (!meant.length || all(['pasta', 'grain'])) &&
    /^\W*(?:push|poke|stick|press)\b/i.test(text)
  )
    return null;
  if (said === 'tie' && all(['flour'])) return 'dredge';
  // "Drain off the excess" of what was washed: no fat has run yet.
  if (said === 'pouroff' && stage === 'prep' && !/\b(?:fat|oil|grease)\b/i.test(text)) return null;
  return undefined;
};
