import { minutesNamed } from '../dish/pressure';
import type { FoodKind } from '../pantry/food';
import type { Act } from './act';
import { type ScriptLine } from './line';
import { KINDS } from './kinds';
import { BACK_ON_HEAT, FRIED_TOGETHER, firstOf, type Rule, type Told } from './told';
import { VERBS_THAT } from './data/verbs';

const IN_THE_POT = new Set([
  'add',
  'soften',
  'bloom',
  'brown',
  'deglaze',
  'return',
  'top',
  'reduce',
  'simmer',
  'flame',
]);
/** What is turned over meat on the board or in a bowl: dry things, oil, a little acid. */
const RUBBED: readonly FoodKind[] = [
  ...KINDS.spice,
  ...KINDS.fat,
  ...KINDS.meat,
  'salt',
  'sugar',
  'aromatic',
  'herb-woody',
  'herb-soft',
  'citrus',
  'mustard',
];
const TURNED_IN_FAT =
  /\b(?:turn|toss|roll|stir)\b.*\bin (?:the )?(?:hot|sizzling|shimmering) (?:oil|fat|butter|ghee|lard|dripping)\b/i;
/** "Toss the lamb with the spice and half the oil": it is seasoned, and not in the pot. */
const isRubbedIn = (text: string, kinds: readonly FoodKind[]): boolean =>
  /\b(?:toss|coat|turn|massage|cover|scatter|strew|shake)\b/i.test(text) &&
  !/\b(?:pot|cooker|pan|hot|heat|sizzling|lid)\b/i.test(text) &&
  kinds.some((k) => (KINDS.meat as readonly FoodKind[]).includes(k)) &&
  kinds.some((k) => !(KINDS.meat as readonly FoodKind[]).includes(k)) &&
  kinds.every((k) => RUBBED.includes(k));
/** True where the pot had heat under it. */
const wasHot = (last: Act | undefined): boolean =>
  last !== undefined &&
  ['heat', 'caramel', 'brown', 'render', 'soften', 'pop', 'bloom', 'deglaze', 'liftout', 'flame'].includes(
    last.verb,
  );
/** What is fried one after the other. */
const FRIED: readonly FoodKind[] = [...KINDS.aromatic, ...KINDS.spice, 'slow-veg', 'root-veg', 'quick-veg'];
/** "In the same fat: lardons, then shallots". */
const FRIED_WITH_BACON: readonly FoodKind[] = [...FRIED_TOGETHER, 'cured-meat'];
/** What is fried for a moment and no longer. */
const BLOOMED: readonly FoodKind[] = [
  ...KINDS.spice,
  'aromatic',
  'tomato-paste',
  'herb-woody',
  'salt',
  'sugar',
];
const UNTIL_IT_SMELLS = /\b(?:until|till?)\b.*\b(?:smells?|fragrant|aromatic|aroma)\b/i;
const BRIEF_MIN = 2;
const BRIEFLY =
  /\b(?:stir|fry|cook)\w*\b.*\b(?:sec\w*|min\w*)\b|^(?:\d|a|one|half a) ?(?:sec\w*|min\w*)|\b(?:30|1|one|2|two|a|another) (?:more )?(?:sec\w*|min\w*)(?: more)?$/i;
/** How meat lies while it browns. */
const LEFT_ALONE =
  /\b(?:skin|fat)[- ]?sides? down\b|\bin (?:one|a single) layer\b(?!.*\b(?:liquid|stock|sauce)\b)|\b(?:do not|don['’]t) (?:touch|move|crowd)\b|^(?:flip|turn (?:them |it )?over)\b|\bper side\b|\b(?:on )?each side\b|\bundisturbed\b|\bleave (?:it|them|the \p{L}+) (?:alone|be|until|till)\b|\bturn(?:ing)? (?:it|them) as (?:it|they) colou?r/iu;
/** Turned over the fire, and no liquid near. */
const TURNED =
  /^\W*(?:stir|turn|toss|mix|coat|roast|fry|cook|saut\w*)\b(?!.*\b(?:pressure|liquid|stock|sauce|covered|lid)\b).*\b(?:\d ?(?:min\w*|m)|(?:a|one|two|few|couple of|three) min\w*|until .*(?:coated|sealed|opaque|colou?r|white|pink|brown|golden))\b/i;
const isFatLine = (line: ScriptLine | undefined): boolean =>
  (KINDS.fat as readonly FoodKind[]).includes(line?.read.food?.kind ?? 'other');
const isMeatLine = (line: ScriptLine | undefined): boolean =>
  (KINDS.meat as readonly FoodKind[]).includes(line?.read.food?.kind ?? 'other');
const INTO_ANOTHER =
  /^\W*(?:first,? |meanwhile,? )?(?:stir|mix|beat|whisk|fold|mash|grate)\b.{2,60}\b(?:into|through) (?:the|a) (?!(?:inner |pressure |cooking |hot |open )?(?:pot|cooker|pan|oil|butter|onions?|sauce)\b)/i;
const IN_THIS_POT =
  /\b(?:in|into|at the bottom of) (?:the|your) (?:(?:inner|pressure|cooking|cold|empty|open|metal|steel) )*(?:pot|cooker|insert|liner)\b|\bin (?:a|the|your) (?:(?:large|big|heavy|deep|lidded|cast[- ]iron) )*(?:casserole|dutch oven|pot|cooker)\b/i;
const LET_COLOUR = /^\W*(?:and )?let (?:it|them|the \p{L}+) (?:catch|take|get)\b.*\bcolou?r\b/iu;
const COOKS_TILL_COLOURED =
  /^\W*(?:and |then )*(?:cook|fry|saut[eé]|sweat|soften|stir|leave|let)\b.*\b(?:until|till)\b (?:they|the (?:onions?|shallots?|leeks?|vegetables|veg|carrots?|peppers?))\b.*\b(?:colou?r|brown|golden)/i;
const UNTIL_BROWN = /\buntil\b[^.;]*\bbrown/i;
/** Dry things that are soaked before they are cooked. */
const SOAKED: readonly FoodKind[] = ['dried-mushroom', 'pulse-dry', 'dried-fruit', 'grain'];
const isDriedChilli = (line: ScriptLine | undefined): boolean => line?.read.food?.id === 'dried-chilli';
const SOAKED_IN = /\b(?:cover|pour)\b.*\b(?:water|stock)\b/i;
const IN_FAT = /\bin (?:the |some |a little |hot )*(?:oil|lard|butter|fat|ghee|dripping)\b/i;
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
const READY_TO_FRY: ReadonlySet<string> = new Set(['dredge', 'season', 'marinate', 'dry']);
const GOES_ON_TO_FRY = /\band (?:go on|keep(?: on)?|continue) (?:frying|saut\w+|sweating|softening)\b/i;
const FRIES_THEM =
  /^\W*(?:and |then )*(?:(?:go on|keep|continue|leave (?:them|it) to|let (?:them|it)) )?(?:fry|frying|saut\w*|sweat|soften|cook\w*)\b.*\b(?:soft\w*|golden|brown\w*|translucent|glassy|limp)\b/i;
const FRIED_THEN = /\b(?:fry|brown|saut|sear)|\bcook\b.*\b(?:sides?|oil|fat|butter|golden|browned)\b/i;
/** What has sides is no onion. */
const ON_SIDES = /\b(?:each|per|both|every|all|either) sides?\b|\ball over\b|\bskin[- ]?side\b/i;
/** A boil of its own before the lid: "let it boil, uncovered, for three minutes". */
const BOILS_OPEN = /\b(?:boil|simmer)\b.*\b(?:minutes?|mins?)\b/i;
/** Over so much fire, whatever is put in is fried. */
const ON_FIRE = /\b(?:low|gentle|medium|high|moderate)(?:[- ](?:low|high))? (?:heat|flame)\b/i;
const PUT_WITH =
  /^\W*(?:and |then )?(?:put|set|keep|leave|lay) (?:it |them |these |the \p{L}+ )?(?:aside )?with the\b/iu;

const RAW: readonly FoodKind[] = ['poultry', 'red-meat', 'ground-meat', 'sausage'];
/** True of the lines of a list that are raw meat. */
const rawAmong =
  (lines: readonly ScriptLine[]) =>
  (i: number): boolean =>
    RAW.includes(lines[i]?.read.food?.kind ?? 'other');

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

/** A bowl beside, or the pot itself. */
const ofTheBowl: Rule = ({ text, stage, meant, lines, last, isToCome, next, soon, said, all, some }) => {
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

const SPLITS = /\b(?:split|splits|separat\w*|(?:oil|fat) (?:shows|rises|surfaces|comes|floats))\b/i;
const LEFT_TO_BROWN = /\b(?:leave|let|allow)\b.*\b(?:to )?(?:brown|colou?r|sear)\b/i;
const RENDERS_ON = /^\W*(?:and |then )?(?:heat|cook|fry|leave|let|warm)\b.*\buntil\b/i;
const ONLY_AJAR =
  /^\W*(?:with the |the )?lid (?:\p{L}+ )?(?:ajar|half on|loosely on)\W*(?:$|(?:until|till|for)\b)/iu;
const GOES_ON_FRYING = /^\W*(?:and |then )?(?:sweat|soften|cook|fry|saut)/i;

/** What sugar does by itself over heat. */
const MELTS = /\bmelts?\b|\bcaramel|\bamber\b|\bcolou?rs?\b/i;

/** Colour that is a look and nothing to brown, and what is softened whatever the verb. */
const ofColour: Rule = ({ text, stage, meant, lines, last, next, said, all, some }) => {
  // "Let it catch a little colour": how long what was told goes on.
  if (said === 'brown' && !meant.length && last && IN_THE_POT.has(last.verb) && LET_COLOUR.test(text))
    return null;
  // "Cook for 5 minutes till they are taking on colour", of the onions: how they look.
  if (
    said === 'brown' &&
    !meant.some((i) => isMeatLine(lines[i])) &&
    last?.verb === 'soften' &&
    COOKS_TILL_COLOURED.test(text)
  )
    return 'soften';
  // "Heat gently for a quarter of an hour until the fat has run and the skin is brown": the rendering goes on.
  if (said === 'brown' && last?.verb === 'render' && !meant.length && RENDERS_ON.test(text)) return null;
  // "Do it in two batches in the oil": what browns.
  if ((said === null || said === 'add') && last?.verb === 'brown' && all(KINDS.fat) && /\bbatch/i.test(text))
    return 'brown';
  // "Heat the palm oil until it loses its colour".
  if (said === 'brown' && all(KINDS.fat) && /^\W*(?:heat|warm|melt)\b/i.test(text)) return 'heat';
  // "Put the sugar in the dry pot and let it melt until it is the colour of tea".
  if (said === 'add' && some(['sugar']) && all(['sugar', 'syrup', 'water', ...KINDS.fat]) && MELTS.test(next))
    return 'caramel';
  // Onions with a spoon of sugar caramelise; sugar alone is melted.
  if (said === 'caramel' && meant.length && !all(['sugar', 'syrup', 'water', ...KINDS.fat]))
    return some(KINDS.meat) ? 'brown' : 'soften';
  // "Cook the mushrooms until they give up their juice and brown": no meat is browned.
  if (said === 'brown' && meant.length && !some(KINDS.meat) && !all(KINDS.fat) && UNTIL_BROWN.test(text))
    return 'soften';
  // "Sweat the leek with the lid ajar", "cover and sweat": they soften, and it is an open pot.
  if (said === 'steamlid' && /\b(?:sweat|soften|fry|saut[eé])/i.test(text))
    return meant.length ? (some(KINDS.meat) ? 'brown' : 'soften') : last?.verb === 'soften' ? null : said;
  if (
    said === 'steamlid' &&
    last?.verb === 'soften' &&
    !meant.length &&
    (GOES_ON_FRYING.test(next) || ONLY_AJAR.test(text))
  )
    return null;
  // "Cook off the onion": nothing is there to boil away.
  if (said === 'reduce' && meant.length && all([...KINDS.aromatic, ...KINDS.fat, 'mushroom', 'slow-veg']))
    return 'soften';
  // "Cook the coconut milk until the oil separates", "let it split": its water boils away.
  const isOfCoconut = (i: number): boolean =>
    /^coconut-(?:milk|cream)$/.test(lines[i]?.read.food?.kind ?? '');
  const wet = meant.filter((i) => !isFatLine(lines[i]));
  const isCoconut = wet.length ? wet.every(isOfCoconut) : last?.lines.some((l) => isOfCoconut(l.index));
  const isPoured = said === 'add' && wet.length > 0 && SPLITS.test(next);
  if (isCoconut && isPoured) return 'reduce';
  if (isCoconut && [null, 'soften', 'heat'].includes(said) && SPLITS.test(text))
    return last?.verb === 'reduce' ? null : 'reduce';
  // "Leave to brown 3 minutes": in the hot pot, and no marinade.
  if (said === 'marinate' && stage === 'open' && LEFT_TO_BROWN.test(text)) return 'brown';
  // "Leave alone 6 minutes", in the hot pot: it browns on.
  if (
    said === 'marinate' &&
    stage === 'open' &&
    wasHot(last) &&
    !/\b(?:marinat|overnight|fridge|chill)/i.test(text)
  )
    return null;
  return undefined;
};

/** What is warmed, toasted, done once more, or crushed. */
const ofTheHotFloor: Rule = ({ text, stage, meant, last, said, all, some }) => {
  // "Pour over the brandy, warm it and set it alight": it is the brandy that is warmed.
  if (said === 'heat' && !meant.length && last?.verb === 'deglaze' && /\b(?:it|them)\b/i.test(text))
    return null;
  // "Let it melt, swirling, until it is the colour of tea": of the sugar.
  if (said === 'heat' && !meant.length && last?.verb === 'caramel') return null;
  // "Toast the spices. Remove, cool and grind": they are taken off the heat, and nothing is lifted out of a pot.
  if (said === 'liftout' && last?.verb === 'toast' && !meant.length) return null;
  // "Char the tomatoes and onion in the same pan".
  if (
    said === 'toast' &&
    stage === 'open' &&
    wasHot(last) &&
    /^\W*(?:and |then )*char\b/i.test(text) &&
    some([...KINDS.vegetable, 'tomato-fresh', 'allium'])
  )
    return 'char';
  if (said === 'toast') return stage === 'open' && wasHot(last) ? 'bloom' : meant.length ? 'toast' : null;
  // "Then do the same with the wine", of milk that bubbled away.
  const isAgain = /\b(?:do|repeat) (?:exactly )?the same with\b|\brepeat with\b/i.test(text);
  if (isAgain && all(KINDS.thin) && ['reduce', 'deglaze'].includes(last?.verb ?? '')) return 'deglaze';
  if (said === 'pound' && meant.length && !some(KINDS.meat)) return 'blend';
  return undefined;
};

/** Meat that is put in: it goes back, or it is browned. */
const ofMeatInTheHotPot: Rule = ({
  text,
  stage,
  meant,
  lines,
  last,
  wasTakenOut,
  isToCome,
  next,
  said,
  all,
  some,
}) => {
  // Nothing new in it, and something was lifted out: it goes back.
  const isBack =
    wasTakenOut && some(KINDS.meat) && !meant.some(isToCome) && !/\b(?:over|on) the \p{L}+$/iu.test(text);
  // "Brown the chicken and put it with the lardons", which are out already.
  if (last?.verb === 'brown' && wasTakenOut && PUT_WITH.test(text)) return 'liftout';
  if (said === 'add' && stage === 'open' && isBack) return 'return';
  // "Put them in skin side down", in hot fat: they are browned, whatever the verb.
  const isInFat =
    wasHot(last) ||
    (last?.verb === 'add' && last.lines.length > 0 && last.lines.every((l) => isFatLine(lines[l.index])));
  if (
    [null, 'add'].includes(said) &&
    isInFat &&
    all(KINDS.meat) &&
    (LEFT_ALONE.test(text) || LEFT_ALONE.test(next))
  )
    return 'brown';
  // "Add the pork and turn it in the spices for two minutes": it is sealed in the hot pot.
  const isFried = last !== undefined && VERBS_THAT.leaveHeat.has(last.verb) && last.verb !== 'liftout';
  if (
    [null, 'add'].includes(said) &&
    (isFried || isInFat) &&
    all(KINDS.meat) &&
    meant.some(isToCome) &&
    TURNED.test(next)
  )
    return 'brown';
  if (last?.verb === 'brown' && !meant.some(isToCome) && TURNED.test(text)) return null;
  if (said === 'skim' && last?.verb === 'blanch') return null;
  return undefined;
};

const OUT_OF_THE_MILL = /\bgrind(?:ing)? (?:over|in|on|some|a little|plenty)\b|\bgrind\b.*\bover\b/i;
const BOILS_APART = /^\W*(?:first,? )?(?:par-?)?(?:boil|cook) (?:the|your|it|them)\b/i;
const FLOURS_THEM = /\bflour (?:the|it|them|all|both|each)\b/i;
const OF_THE_KNIFE = /\b(?:seeds?|stalks?|stems?|cores?|membranes?|pith|stones?|pips|tops|eyes)\b/i;

/** Flour, soaking, rubbing and tying, before there is heat. */
const ofTheBoard: Rule = ({ text, stage, meant, lines, last, isToCome, next, said, all, some }) => {
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

/** What renders, melts or is fried with its marinade. */
const ofBaconAndOnions: Rule = ({ text, stage, meant, lines, last, said, all, some }) => {
  // "Bacon in the pot until crisp".
  if (
    some(['cured-meat']) &&
    all(['cured-meat', ...KINDS.fat]) &&
    /\bcrisp/i.test(text) &&
    [null, 'add'].includes(said)
  )
    return 'render';
  if ((said === 'score' || said === 'tie' || said === 'brine') && !some(KINDS.meat)) return null;
  if (said === 'brown' && /\b(?:break|crumbl)/i.test(text) && !some(KINDS.meat) && last?.verb !== 'add')
    return null;
  if (said === 'render' && some(KINDS.aromatic)) return 'soften';
  // "Add the pork with its marinade. Fry on high until the oil shows": it is the meat that is fried.
  const isRaw = rawAmong(lines);
  if (
    said === 'soften' &&
    stage === 'open' &&
    !meant.length &&
    last?.verb === 'add' &&
    last.lines.some((l) => isRaw(l.index)) &&
    !last.lines.some((l) => lines[l.index]?.read.food?.kind === 'stock') &&
    /\b(?:fry|bhun\w*|roast)\b/i.test(text)
  )
    return 'brown';
  // "Heat oil, whole spices": they sizzle in it.
  if (said === 'heat' && some(KINDS.spice) && all([...KINDS.spice, ...KINDS.fat, 'herb-woody']))
    return some(['spice-ground']) ? 'bloom' : 'pop';
  // Onions that are melted are softened.
  const isTimedVeg = minutesNamed(text) !== null && some(KINDS.fat);
  if (said === 'heat' && some(['allium', 'slow-veg', 'quick-veg']) && (/\bmelt/i.test(text) || isTimedVeg))
    return 'soften';
  return undefined;
};

/** What a paste is made of that cannot crackle. */
const WET_AND_FRIED: readonly FoodKind[] = [
  'allium',
  'tomato-fresh',
  'tomato-paste',
  'vinegar',
  'thick-sauce',
  'quick-veg',
];

/** What crackles, and what only sizzles as it is poured. */
const ofCrackling: Rule = ({ meant, lines, last, said, all, some }) => {
  // A spoonful of liquid that sizzles in the paste is poured in; only what is whole or leafy crackles by itself.
  const isLiquid = (i: number): boolean =>
    ([...KINDS.thin, ...KINDS.dairy, 'coconut-milk'] as FoodKind[]).includes(
      lines[i]?.read.food?.kind ?? 'other',
    );
  if (said === 'pop' && meant.length && meant.every(isLiquid)) return 'add';
  // "Let the garlic, paprika and cumin sizzle for a minute": ground spice is bloomed.
  if (
    said === 'pop' &&
    some(['spice-ground', 'aromatic', 'allium']) &&
    !some(['spice-whole', 'herb-woody', 'leaf'])
  )
    return some(['spice-ground']) ? 'bloom' : 'soften';
  if (said === 'pop' && !meant.length && last?.lines.length && last.lines.every((l) => isLiquid(l.index)))
    return null;
  // "Stir in the purée and let it sizzle": what is wet only fries.
  const isWet = (i: number): boolean => WET_AND_FRIED.includes(lines[i]?.read.food?.kind ?? 'other');
  const isPaste =
    last?.verb === 'add' && /^\W*(?:add|stir|pour|tip)\b.*\b(?:pur[eé]e|paste|sauce)\b/i.test(last.words);
  if (said === 'pop' && !meant.length && last && (isPaste || last.lines.some((l) => isWet(l.index))))
    return 'soften';
  // Bacon that sizzles until its fat runs.
  if (said === 'pop' && some(['cured-meat']) && all(['cured-meat', ...KINDS.fat])) return 'render';
  // Lardons until they are golden: their fat is what they fry in.
  if ((said === 'brown' || said === 'soften') && some(['cured-meat']) && all(['cured-meat', ...KINDS.fat]))
    return 'render';
  return undefined;
};

/** What goes back on top, is rubbed in, or boils before the lid. */
const ofReturning: Rule = ({ text, stage, meant, last, wasTakenOut, said, kinds, all, some }) => {
  // Set on top again, it goes back.
  if (said === 'top' && wasTakenOut && meant.length && all(KINDS.meat)) return 'return';
  if ([null, 'add', 'mix', 'top'].includes(said) && !wasHot(last) && isRubbedIn(text, kinds)) return 'season';
  // "Turn the beef in the hot oil until it loses its pinkness".
  if ((said === null || said === 'add') && some(KINDS.meat) && TURNED_IN_FAT.test(text)) return 'brown';
  // "Boil uncovered for 3 minutes", before the lid: what is in it boils.
  if ((said === null || said === 'deglaze') && stage === 'open' && !meant.length && BOILS_OPEN.test(text))
    return /\bscrap/i.test(text) || last?.verb === 'deglaze' ? said : 'simmer';
  return undefined;
};

/** Softened or browned: by what it is. */
const ofFrying: Rule = ({ text, stage, meant, lines, last, isToCome, said, all, some }) => {
  // "Sauté butter and brown the meatballs": the butter is only heated.
  if (
    said === 'soften' &&
    meant.length &&
    all(KINDS.fat) &&
    /^\W*saute\w* (?:the |some )?\p{L}+$|^\W*(?:oil|butter|ghee|lard|dripping|fat) in\b/iu.test(text)
  )
    return 'heat';
  if (said === 'soften' || said === 'brown') {
    // "Roll the beef in flour. Fry in hot dripping": what is fried is the beef.
    const isStillRaw = lines.some((line, i) => isMeatLine(line) && isToCome(i));
    // "Rub with the salt. Fry in the oil": whatever the salt was rubbed on.
    const isOfBoard =
      last !== undefined &&
      READY_TO_FRY.has(last.verb) &&
      (isStillRaw || last.again.some((i) => isMeatLine(lines[i])));
    const isOfPieces = isStillRaw && ON_SIDES.test(text);
    if ((isOfPieces || (isOfBoard && FRIED_THEN.test(text))) && meant.every((i) => isFatLine(lines[i])))
      return 'brown';
    if (said === 'brown' && !some(KINDS.aromatic)) return 'brown';
    if (some(['ground-meat'])) return 'brown';
    // "Brown the beef and onion": the meat says how.
    if (
      some(['poultry', 'red-meat']) &&
      meant.some(rawAmong(lines)) &&
      (said === 'brown' || /\bbrown/i.test(text))
    )
      return 'brown';
    if (some(KINDS.meat) && !some(KINDS.aromatic))
      return said === 'soften' && stage === 'prep' && !/fry|cook|saut/i.test(text) ? null : 'brown';
    const isSpiceInFat =
      some(KINDS.spice) && all([...KINDS.spice, ...KINDS.fat, 'herb-woody', 'sugar', 'salt']);
    // "Garlic, paprika and fennel seeds for a minute more": spices burn in the time that onions take.
    const isBrief = BRIEFLY.test(text) || (minutesNamed(text) ?? BRIEF_MIN + 1) <= BRIEF_MIN;
    const isPaste =
      (some(['spice-ground', 'thick-sauce']) && all([...BLOOMED, 'thick-sauce', ...KINDS.fat])) ||
      (some(['flour']) && all([...BLOOMED, 'flour', ...KINDS.fat]));
    if (isSpiceInFat || (isBrief && isPaste)) return 'bloom';
    if (all([...KINDS.spice, 'thick-sauce', 'tomato-paste', 'coconut-milk', 'coconut-cream']) && meant.length)
      return some(['coconut-milk', 'coconut-cream']) && !some([...KINDS.spice, 'thick-sauce'])
        ? 'soften'
        : 'bloom';
    if (
      !meant.length &&
      last &&
      ['soften', 'bloom', 'brown'].includes(last.verb) &&
      /\b(?:cook|fry|stir|saut[eé])\b/i.test(text)
    )
      return null;
    return 'soften';
  }
  return undefined;
};

/** What is poured into the hot pot. */
const ofPouring: Rule = ({ text, stage, last, wasTakenOut, said, all }) => {
  // "Loosen with the wine": what is stuck.
  if (stage === 'open' && wasHot(last) && all(KINDS.thin) && /^\W*(?:loosen|let down|slacken)\b/i.test(text))
    return 'deglaze';
  // "Pour in the wine and bubble until almost gone": it loosens the floor as it goes down.
  if (said === 'reduce' && stage === 'open' && wasHot(last) && all(KINDS.thin)) return 'deglaze';
  if (
    said !== 'pop' &&
    stage !== 'after' &&
    /^\W*pop\b(?! (?:in|into|on|back|it|them)\b)/i.test(text) &&
    all(['spice-whole', ...KINDS.fat])
  )
    return 'pop';
  // Browned meat that was taken out and is put in again goes back, however it is said.
  if (said === 'add' && stage === 'open' && wasTakenOut && all(KINDS.meat)) return 'return';
  return undefined;
};

const STREWN_OVER =
  /^\W*(?:and |then )*(?:(?:scatter|strew|dot)\b.*\b(?:over|on)|sprinkle\b.*\b(?:over|on) (?:it|them|top))(?: (?:it|them|top|the (?:roast|meat|chicken|pork|beef|lamb|joint|top|lot)))?\W*$/i;
const OVER_MEAT =
  /^\W*(?:and |then )*(?:scatter|sprinkle|strew|spread|layer|pile|arrange|lay)\b.*\b(?:over|on top of|on) (?:the |your )?\p{L}+\W*$/iu;
/** What is strewn over meat and lies there. */
const LAID: readonly FoodKind[] = [
  'pasta',
  'grain',
  ...KINDS.vegetable,
  'tomato-thick',
  'tomato-fresh',
  'dried-fruit',
  'leaf',
];
const FRYING_GOES_ON =
  /^\W*(?:and |then )*(?:add|stir in|throw in|tip in|in with|follow)\b.*\b(?:onions?|shallots?|garlic|ginger|lemongrass)\b/i;
const TURNED_TO_COAT =
  /^\W*(?:and |then )*(?:toss|turn|stir|mix)(?: (?:it|them|well|everything|all|around|to)){0,3} (?:coat|in the (?:caramel|spices?|masala|paste|base|onions))\b/i;

/** Added, seasoned or mixed: by what it is, and by what was done before. */
const ofAdding: Rule = ({ text, stage, meant, lines, last, isToCome, next, said, all, some }) => {
  // "Sprinkle gelatine over the stock and let it bloom": in its jug.
  if (stage !== 'after' && /\bgelatine?\b/i.test(text) && some(KINDS.thin) && !some(KINDS.meat)) return 'mix';
  // "Add the pork and toss to coat. Add the shallot": it is turned in its caramel, and frying goes on.
  const broughtMeat = last?.verb === 'add' && last.lines.some((l) => rawAmong(lines)(l.index));
  if (
    stage === 'open' &&
    broughtMeat &&
    !meant.some(isToCome) &&
    TURNED_TO_COAT.test(text) &&
    FRYING_GOES_ON.test(next)
  )
    return 'brown';
  if (said === 'add' || said === 'season' || said === 'mix') {
    const isRaw = rawAmong(lines);
    const isInPot = meant.some(isRaw) && meant.filter(isRaw).every((i) => !isToCome(i));
    if (said === 'season' && some(KINDS.meat) && stage === 'open' && !isInPot && !wasHot(last))
      return 'season';
    // "Sprinkle the soup mix over it", "scatter the tomatoes over", once the meat is in: on top.
    if (stage === 'open' && !wasHot(last) && meant.some(isToCome) && STREWN_OVER.test(text)) return 'top';
    // "Sprinkle the orzo evenly over the chicken", whatever went before.
    const isLaid =
      meant.some(isToCome) &&
      meant.filter(isToCome).every((i) => LAID.includes(lines[i]?.read.food?.kind ?? 'other'));
    if (stage === 'open' && isLaid && isInPot && OVER_MEAT.test(text)) return 'top';
    if (said === 'season' && !/\b(?:rub|season|salt the|pat)\b/i.test(text) && stage === 'open')
      return some(KINDS.spice) && wasHot(last) ? 'bloom' : 'add';
    // Seasoned in the pot: nothing is rubbed in any more.
    if (
      said === 'season' &&
      stage === 'open' &&
      (!some(KINDS.meat) || isInPot) &&
      last &&
      IN_THE_POT.has(last.verb)
    )
      return 'add';
    if (said === 'add' && stage === 'open') {
      const hadHeat = last && VERBS_THAT.leaveHeat.has(last.verb);
      const isBrief = BRIEFLY.test(text) || BRIEFLY.test(next);
      if (hadHeat && all([...KINDS.spice, 'tomato-paste', 'flour'])) return 'bloom';
      if (hadHeat && some(['spice-ground']) && all(BLOOMED)) return 'bloom';
      // "Stir in the curry paste until it smells".
      if (hadHeat && UNTIL_IT_SMELLS.test(`${text} ${next}`) && all(['thick-sauce', 'salty-sauce', 'sugar']))
        return 'bloom';
      if (hadHeat && all(FRIED_WITH_BACON) && some(KINDS.aromatic)) return 'soften';
      // "Add the butter and onions and go on frying", where the wine has just boiled away.
      if (some(KINDS.aromatic) && all(FRIED_TOGETHER) && (FRIES_THEM.test(next) || GOES_ON_TO_FRY.test(text)))
        return 'soften';
      // Into a dry pot, but over the fire.
      if (some(KINDS.aromatic) && all(FRIED_TOGETHER) && ON_FIRE.test(text)) return 'soften';
      // "Add the garlic, Worcestershire and paprika; stir for a minute": what stirs a minute in the hot pot is fried.
      if (
        hadHeat &&
        isBrief &&
        some(KINDS.aromatic) &&
        all([...FRIED_TOGETHER, 'salty-sauce', 'thick-sauce', 'mustard'])
      )
        return 'soften';
      // Stirred round in the fat until it shines, as for a risotto.
      if (last?.verb === 'soften' && all(['grain'])) return 'soften';
      if (hadHeat && all(['grain', 'pasta']) && /\btoast|\bfry/i.test(`${text} ${next}`)) return 'soften';
      if (
        last &&
        ['brown', 'soften', 'bloom', 'liftout', 'pouroff', 'return', 'flame'].includes(last.verb) &&
        all(KINDS.thin) &&
        /\bpour|splash|wine|cider|scrap/i.test(text)
      )
        return 'deglaze';
      if (
        meant.length &&
        all(KINDS.meat) &&
        last &&
        ['deglaze', 'add', 'soften', 'bloom'].includes(last.verb) &&
        /\bback\b/i.test(text)
      )
        return 'return';
    }
    return said;
  }
  if (
    said === 'return' &&
    (BACK_ON_HEAT.test(text) || (!meant.length && !/\b(?:meat|it|them|all)\b/i.test(text)))
  )
    return null;
  return undefined;
};

/** No verb is told: what the foods and their place say. */
const ofWhatIsUnsaid: Rule = ({ text, stage, meant, last, isToCome, next, said, all, some }) => {
  if (said === null && meant.length && /\bback\b/i.test(text)) return 'return';
  // "Snap the spaghetti and scatter it over": it goes in.
  if (said === null && stage === 'open' && all(['pasta']) && meant.some(isToCome)) return 'add';
  // "Stir in the paprika, then the caraway": as what was told before.
  if (/^then the\b/i.test(text) && last?.verb === 'bloom' && all([...KINDS.spice, 'tomato-paste']))
    return 'bloom';
  if (/^then the\b/i.test(text) && last?.verb === 'soften' && all(FRIED)) return 'soften';
  // "Then the rice, and stir until its edges turn clear": round in the fat.
  const isTurned = /\b(?:stir|fry|toast|coat)/i.test(next);
  if (said === null && last?.verb === 'soften' && all(['grain']) && isTurned) return 'soften';
  if (said === null && some(KINDS.aromatic) && all([...KINDS.aromatic, ...KINDS.fat]) && IN_FAT.test(text))
    return 'soften';
  if (said === null && meant.length && /\b(?:in\b|on top|then the|over)/i.test(`${text} `))
    return /on top/i.test(text)
      ? 'top'
      : stage === 'open' &&
          wasHot(last) &&
          (all([...KINDS.spice, 'tomato-paste']) || (some(['spice-ground']) && all(BLOOMED)))
        ? 'bloom'
        : // "Onions in, 5 min", "the rest of the oil in, onions in for 6 min until soft".
          stage === 'open' &&
            last &&
            VERBS_THAT.leaveHeat.has(last.verb) &&
            some(KINDS.aromatic) &&
            all(FRIED_WITH_BACON)
          ? 'soften'
          : all(KINDS.thin) && last && ['brown', 'soften', 'bloom', 'liftout'].includes(last.verb)
            ? 'deglaze'
            : 'add';
  return undefined;
};

/** In this order: the first that knows the clause decides; where none does, its words alone. */
const RULES: readonly Rule[] = [
  ofTheBowl,
  ofColour,
  ofTheHotFloor,
  ofMeatInTheHotPot,
  ofTheBoard,
  ofBaconAndOnions,
  ofCrackling,
  ofReturning,
  ofFrying,
  ofPouring,
  ofAdding,
  ofWhatIsUnsaid,
];

/** The verb of a clause on the board and in the open pot, before the lid. */
export const verbBefore = (t: Told): string | null => firstOf(RULES, t);
