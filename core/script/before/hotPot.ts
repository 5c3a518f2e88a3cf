/** Colour, toasting, meat in the hot pot, and what goes back into it. */
import { type FoodKind } from '../../pantry/food';
import { KINDS } from '../kinds';
import { type Rule } from '../told';
import { VERBS_THAT } from '../data/verbs';
import { IN_THE_POT, wasHot, isFatLine, isMeatLine } from './words';

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

/** How meat lies while it browns. */
const LEFT_ALONE =
  /\b(?:skin|fat)[- ]?sides? down\b|\bin (?:one|a single) layer\b(?!.*\b(?:liquid|stock|sauce)\b)|\b(?:do not|don['’]t) (?:touch|move|crowd)\b|^(?:flip|turn (?:them |it )?over)\b|\bper side\b|\b(?:on )?each side\b|\bundisturbed\b|\bleave (?:it|them|the \p{L}+) (?:alone|be|until|till)\b|\bturn(?:ing)? (?:it|them) as (?:it|they) colou?r/iu;

/** Turned over the fire, and no liquid near. */
const TURNED =
  /^\W*(?:stir|turn|toss|mix|coat|roast|fry|cook|saut\w*)\b(?!.*\b(?:pressure|liquid|stock|sauce|covered|lid)\b).*\b(?:\d ?(?:min\w*|m)|(?:a|one|two|few|couple of|three) min\w*|until .*(?:coated|sealed|opaque|colou?r|white|pink|brown|golden))\b/i;

const LET_COLOUR = /^\W*(?:and )?let (?:it|them|the \p{L}+) (?:catch|take|get)\b.*\bcolou?r\b/iu;

const COOKS_TILL_COLOURED =
  /^\W*(?:and |then )*(?:cook|fry|saut[eé]|sweat|soften|stir|leave|let)\b.*\b(?:until|till)\b (?:they|the (?:onions?|shallots?|leeks?|vegetables|veg|carrots?|peppers?))\b.*\b(?:colou?r|brown|golden)/i;

const UNTIL_BROWN = /\buntil\b[^.;]*\bbrown/i;

/** A boil of its own before the lid: "let it boil, uncovered, for three minutes". */
const BOILS_OPEN = /\b(?:boil|simmer)\b.*\b(?:minutes?|mins?)\b/i;

const PUT_WITH =
  /^\W*(?:and |then )?(?:put|set|keep|leave|lay) (?:it |them |these |the \p{L}+ )?(?:aside )?with the\b/iu;

const SPLITS = /\b(?:split|splits|separat\w*|(?:oil|fat) (?:shows|rises|surfaces|comes|floats))\b/i;

const LEFT_TO_BROWN = /\b(?:leave|let|allow)\b.*\b(?:to )?(?:brown|colou?r|sear)\b/i;

const RENDERS_ON = /^\W*(?:and |then )?(?:heat|cook|fry|leave|let|warm)\b.*\buntil\b/i;

const ONLY_AJAR =
  /^\W*(?:with the |the )?lid (?:\p{L}+ )?(?:ajar|half on|loosely on)\W*(?:$|(?:until|till|for)\b)/iu;

const GOES_ON_FRYING = /^\W*(?:and |then )?(?:sweat|soften|cook|fry|saut)/i;

/** What sugar does by itself over heat. */
const MELTS = /\bmelts?\b|\bcaramel|\bamber\b|\bcolou?rs?\b/i;

/** Colour that is a look and nothing to brown, and what is softened whatever the verb. */
export const ofColour: Rule = ({ text, stage, meant, lines, last, next, said, all, some }) => {
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
export const ofTheHotFloor: Rule = ({ text, stage, meant, last, said, all, some }) => {
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
export const ofMeatInTheHotPot: Rule = ({
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
export const ofCrackling: Rule = ({ text, meant, lines, last, said, all, some }) => {
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
  // "Tip the lardons into the pan and let them crisp".
  const isBacon = (l: { index: number }): boolean => lines[l.index]?.read.food?.kind === 'cured-meat';
  const isLeftToCrisp =
    said === null &&
    !meant.length &&
    /^\W*(?:and )?(?:let|leave) (?:it|them) (?:to )?(?:crisp|brown|colour|sizzle)\b/i.test(text);
  if (isLeftToCrisp && last?.verb === 'add' && last.lines.length && last.lines.every(isBacon))
    return 'render';
  return undefined;
};

/** What goes back on top, is rubbed in, or boils before the lid. */
export const ofReturning: Rule = ({ text, stage, meant, last, wasTakenOut, said, kinds, all, some }) => {
  // Set on top again, it goes back.
  if (said === 'top' && wasTakenOut && meant.length && all(KINDS.meat)) return 'return';
  // "Return the chops, spooning onions over the top".
  if (said === 'top' && wasTakenOut && some(KINDS.meat) && /^\W*(?:and |then )*return\b/i.test(text))
    return 'return';
  if ([null, 'add', 'mix', 'top'].includes(said) && !wasHot(last) && isRubbedIn(text, kinds)) return 'season';
  // "Turn the beef in the hot oil until it loses its pinkness".
  if ((said === null || said === 'add') && some(KINDS.meat) && TURNED_IN_FAT.test(text)) return 'brown';
  // "Boil uncovered for 3 minutes", before the lid: what is in it boils.
  if ((said === null || said === 'deglaze') && stage === 'open' && !meant.length && BOILS_OPEN.test(text))
    return /\bscrap/i.test(text) || last?.verb === 'deglaze' ? said : 'simmer';
  return undefined;
};
