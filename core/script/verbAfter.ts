import { isForTheTable, type ScriptLine } from './line';
import { minutesNamed, timeNamed } from '../dish/pressure';
import type { FoodKind } from '../pantry/food';
import { KINDS } from './kinds';
import { BACK_ON_HEAT, isDough, firstOf, type Rule, type Told } from './told';

/** What makes a dough of flour. */
const DOUGH: readonly FoodKind[] = ['oil', 'butter', 'egg', 'sugar'];
/** Warmed again and no more. */
const WARMS =
  /^\W*(?:then |next day |the next day )?re-?heat\b|\b(?:warm|heat|reheat)(?:ed)?\b.{0,12}\b(?:through|again|gently|up)\b|\bgently (?:warm|heat|reheat)\b/i;
const WILL_THICKEN =
  /^\W*(?:it|this|the (?:sauce|stew|soup|gravy|pasta)) (?:will|may|might|should|looks?|seems?)\b.*\bthick/i;
const SLAKES =
  /\b(?:whisk|stir|mix|blend|slake|beat)\b.*\b(?:starch|flour|cornflour|cornstarch|arrowroot|slurry)\b/i;
const BEATS = /\b(?:beat|whisk|mix|stir)\b/i;
const SPREAD_OVER = /\b(?:spread|brush|smear|press)\b.*\b(?:over|on|onto|all)\b/i;
const STIRRED_TOGETHER = /^(?:\W*)(?:mix|whisk|stir|beat|combine)\b.*\b(?:with|and|together)\b/i;
const INTO = /\b(?:in|into|through)\b/i;
/** What is stirred into yoghurt in a bowl of its own, for the table. */
const FOR_THE_BOWL: readonly FoodKind[] = [
  'herb-soft',
  'sour-dairy',
  'allium',
  'aromatic',
  'salt',
  'citrus',
  'spice-ground',
];
const INTO_DAIRY =
  /\b(?:stir|fold|mix|beat|whisk)\b.*\b(?:into|with|through) (?:the |some )?(?:(?:rest|remainder) of the )?(?:natural |greek |plain )?(?:yog|sour|crème|mayo)/i;
const DAIRY_WITH =
  /^\W*(?:meanwhile,? )?(?:beat|whisk|mix|stir|season) (?:the |some )?(?:natural |greek |plain |thick )?(?:yog\p{L}+|sour cream|crème fraîche|labneh|skyr)\b.*\bwith\b/iu;
const POURS_IT = /\b(?:stir|pour|add|fold|whisk|tip|swirl|spoon)\b.*\b(?:in|into|through|it|pot|sauce)\b/i;
const POURED_OVER = /^\W*(?:and |then )*(?:pour|drizzle|spoon|trickle|sprinkle) (?:it |them )?over\b/i;
const RESTS_COVERED =
  /^\W*(?:and |then )*(?:(?:put|lay|pop|set|place|rest) (?:the |on the )?lid\b|cover\b|lid (?:back )?on\b)(?!.*\b(?:pressure|lock|seal)\b)/i;
/** What is beaten for the top of a dish that goes under the grill. */
const BEATEN = /^\W*(?:meanwhile,? )?(?:beat|whisk|mix|stir|combine)\b/i;
const OVER_IT_ALL =
  /\b(?:spread|spoon|pour|dollop|tip|smooth|put)\b.*\b(?:over|on top|on)\b|^\W*top (?:it )?with\b/i;
const UNDER_FIRE = /\b(?:grill|broil(?:er)?|bake|oven)\b/i;
const GOES_IN_NEXT = /\b(?:stir|pour|add|whisk|tip|fold|mix)\b.*\b(?:in|into|to the|through)\b/i;
const COVERED_WITH_WATER = /\b(?:cover|soak|pour)\w*\b.*\b(?:boiling|hot|boiled|kettle)\b/i;
const BROUGHT_UP = /\bbring\b.{0,40}\bto (?:a |the )?(?:\p{L}+ )?boil\b(?!.*\d)/iu;
const CRUSHED = /\b(?:break up|crush|mash|squash)\b/i;
const LAID_ON = /\blay\b.*\b(?:on|over)\b|\bon each\b/i;
/** "Saffron rice beside", "mash on the side". */
const BESIDE_IT = /\b(?:beside|alongside|on the side|on top)\b/i;
const CHOPS = /^\W*(?:meanwhile,? )?(?:\p{L}+ly )?(?:chop|slice|cut|mince)\b/iu;
const OF_THE_TABLE: readonly FoodKind[] = [
  'herb-soft',
  'allium',
  'nut',
  'spice-whole',
  'pickle',
  'fruit',
  'citrus',
  'grain',
  'pasta',
  'bread',
  'quick-veg',
  'leaf',
];
const FINISHES = /\bfinish(?:ed)?\b.*\bwith\b/i;
/** What is strewn over a dish on its plate. */
const STREWN: readonly FoodKind[] = ['herb-soft', 'allium', 'nut', 'spice-whole', 'pickle'];
/** What is over it where nothing more is said than "on top". */
const LAST_OVER_IT: readonly FoodKind[] = [
  ...STREWN,
  'cheese',
  'spice-late',
  'spice-ground',
  'salt',
  'citrus',
];
const RAW: readonly FoodKind[] = ['seafood', 'poultry', 'red-meat', 'ground-meat', 'sausage'];
/** What may come between the starch and the look of what it binds. */
const AFTER_BINDING: ReadonlySet<string> = new Set(['dairy', 'stirin', 'return', 'wilt']);
/** A lid that is not locked. */
const ONLY_RESTS =
  /\b(?:rest(?:ing)?|loose(?:ly)?|ajar|not locked|unlocked|(?:don['’]t|do not|without) lock(?:ing)?|no pressure|without pressure|just sitting)\b/i;
const AT_TABLE = /\b(?:toppings?|garnish\w*|each (?:bowl|plate|one))\b/i;
/** Dairy that grains where it simmers, unless flour or starch holds it. */
const GRAINS: readonly FoodKind[] = ['sour-dairy', 'milk', 'cheese'];
const BECOMES_DOUGH =
  /\b(?:to|into|until|till|makes?|forms?)\b.{0,24}\b(?:dough|batter)\b|\b(?:dough|batter) (?:forms|comes together)\b/i;
const MAKES_DOUGH = /\bknead\w*|\b(?:dough|batter)\b/i;
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
/** The pot's own heat, and what comes of it: "saute till it bubbles". */
const TILL_IT =
  /^\W*saut[eé]+\b.*\b(?:until|till) (?:it |the (?:sauce|liquid|gravy|stew) )?(?:bubbl|boil|simmer|thick|hot|reduc)/iu;
const SETS_LOW = /^\W*saut[eé]\b(?!.*\b(?:them|crisp|brown|golden)\b).*\b(?:low|uncovered|lid off|\d)/i;
/** What wants some minutes in the sauce. */
const COOKED_IN_IT: readonly FoodKind[] = [
  'quick-veg',
  'root-veg',
  'slow-veg',
  'mushroom',
  'pulse-cooked',
  'seafood',
  'pasta',
  'grain',
];
const BARE_MINUTES =
  /^\W*(?:for )?(?:about |around |roughly |another |a further )?\d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:m|mins?|minutes?)(?: or so| more)?\W*$/i;
const BY_THE_PACKET = /\b(?:packet|package|pack|box)\b|\bseparate(?:ly)?\b|\bas directed\b/i;
const BEATEN_APART = /\b(?:whisk|beat|whip)\b(?=.*\b(?:bowl|jug|frothy|foamy|pale|separate)\b)/i;
const HOT_INTO_IT = /\b(?:hot|warm) (?:\p{L}+ )?(?:broth|stock|soup|sauce|liquid)\b/iu;
/** What is roasted for no longer than this is stirred in a pan, minutes. */
const ROASTED_IN_A_PAN_MIN = 5;
const IN_AN_OVEN = /\b(?:oven|tray|sheet|tin|rack|dish|degrees|gas|\d{3})\b|°/i;
const HOT_LADLE =
  /\b(?:ladle|spoon|cup|splash|little|some)\w*(?: or two)? of (?:the )?(?:hot|warm) (?:\p{L}+ )?(?:sauce|liquid|broth|gravy|stock|juices?)\b/iu;
/** "Put the meat back to heat through": it goes back. */
const PUTS = /^\W*(?:put|return|add|place|slide|slip|tip|drop)\b/i;
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

/** What is made to crackle in hot fat and poured over what is done. */
const OF_A_TEMPERING: readonly FoodKind[] = [
  ...KINDS.fat,
  ...KINDS.spice,
  ...KINDS.aromatic,
  'herb-soft',
  'herb-woody',
  'pulse-dry',
  'nut',
];
const TEMPERED =
  /^\W*(?:and |then |finally,? |lastly,? |now )*(?:temper(?: (?:it|the (?!eggs?\b|yolks?\b)\p{L}+))? with|(?:make|prepare|do|for) (?:the |a )?(?:tempering|tadka|tarka|chaunk)\b)/iu;

/** Put to something, however it is said. */
const STIRRED: ReadonlySet<string> = new Set(['stirin', 'mix', 'serve', 'slice']);

const SIMMERS_SO_LONG = /^\W*(?:and |then )?(?:let (?:it|the sauce) )?(?:simmer|bubble)\b/i;
const STAYS_SHUT =
  /\b(?:any|those|mussels|clams|shells?)\b.*\b(?:shut|closed|unopened|not open(?:ed)?|(?:do|have|did)(?:n['’]t| not) open(?:ed)?)\b/i;
/** Heat from above. */
const FROM_ABOVE = /\b(?:air[- ]?fry\w*|broil\w*|grill|salamander|blow ?torch)\b/i;
/** Where meat is laid for the grill or the oven, and no pot. */
const ON_A_TRAY =
  /\b(?:on|onto|over|in) (?:a|the) (?:\p{L}+[- ]){0,2}(?:tray|sheet|baking sheet|roasting tin|grill pan)\b/iu;

const ONLY_STIRS =
  /^\W*(?:and |then )*(?:(?:gently|carefully) (?:stir|turn|toss|move)\b|(?:stir|turn|toss|move)\b.*\b(?:gently|carefully)\W*$)(?!.*\b(?:in|into|through|with|back|until)\b)/i;

const TOSSES = /^\W*(?:and |then )*(?:toss|coat|turn|shake|roll)\b/i;
const FILLING_OVER =
  /\b(?:spoon|ladle|pile|pour|tip|heap) (?:some of )?the (?:filling|stew|chicken mixture|mixture|chilli|ragu|hash)\b.*\b(?:over|on|on top)\W*$/i;
const TURNED_OUT =
  /\b(?:turn|tip|spread|heap|pile|mound)(?: (?:it|them|everything|the (?:rice|pilaf|pilau|biryani|lot)))?(?: all)? (?:out )?(?:on|onto|into) (?:a|the|your) (?:\p{L}+ ){0,2}(?:platter|serving dish|serving plate)\b/iu;

/** What is for the table or for the roll, and no pot. */
const ofTheTable: Rule = ({ text, meant, lines, last, wasTakenOut, isToCome, said, some }) => {
  // "Stir the meatballs gently": they are in it.
  if (meant.length > 0 && !meant.some(isToCome) && !wasTakenOut && ONLY_STIRS.test(text)) return null;
  // What stands in the list for the table goes there; what is cooked for it is cooked beside.
  const isOfTheTable = meant.length > 0 && meant.every((i) => isForTheTable(lines[i] as ScriptLine));
  if (isOfTheTable && said !== null && STIRRED.has(said)) return 'serve';
  // "Crush the dried leaves between your palms": they are stirred in.
  if (
    said === 'mash' &&
    meant.some(isToCome) &&
    meant.filter(isToCome).every((i) => /^(?:herb|spice)/.test(lines[i]?.read.food?.kind ?? ''))
  )
    return 'stirin';
  // "Split the biscuits and spoon the filling over".
  if (FILLING_OVER.test(text)) return 'serve';
  // "Cook the pappardelle until al dente": boiled, in a pot of its own.
  if (
    said === 'simmer' &&
    meant.some(isToCome) &&
    meant.filter(isToCome).every((i) => lines[i]?.read.food?.kind === 'pasta') &&
    /\bal dente\b|\bpack(?:et|age)\b/i.test(text)
  )
    return 'boil';
  // "Toss with the salt and baking powder", of wings that were patted dry.
  if (said === 'stirin' && last?.verb === 'dry' && TOSSES.test(text)) return 'coat';
  // "Turn out on a platter": all of it, and to the table.
  if (said === 'liftout' && TURNED_OUT.test(text)) return 'serve';
  // "Mix in the milk until a dough forms": what was mixed before goes on.
  if (last?.verb === 'mix' && BECOMES_DOUGH.test(text) && meant.some(isToCome)) return null;
  // "Ladle over rice; yoghurt on top".
  if (last?.verb === 'serve' && said === null && meant.length && BESIDE_IT.test(text)) return 'serve';
  // "Assemble: pork, slices of avocado, queso, onions".
  if (last?.verb === 'fill' && !last.lines.length && said === null && meant.some(isToCome)) return 'fill';
  // A slice of cheese laid on each roll belongs to the roll.
  if (last && ['fill', 'serve', 'grill'].includes(last.verb) && some(['cheese']) && LAID_ON.test(text))
    return 'fill';
  return undefined;
};

/** Egg, flour and dairy that are beaten together: a dough, a liaison, or the cream that goes in. */
const ofEggsAndDough: Rule = (told) => {
  const { text, meant, lines, last, isToCome, said, kinds, all, some, bindsWith } = told;
  // "Whisk the cornmeal, flour and baking powder": it rises, and binds no sauce.
  if (told.isRisen && some(KINDS.starch) && meant.some(isToCome)) return 'mix';
  // Flour whisked into the cream keeps it from splitting: it is the cream that goes in.
  if (bindsWith && some(KINDS.dairy)) return 'dairy';
  // Flour with suet, egg or sugar is a dough and binds nothing.
  // Eggs beaten with lemon for a soup are warmed by the ladle first, or they scramble.
  if (some(['egg']) && all(['egg']) && BEATEN_APART.test(text) && meant.some(isToCome)) return 'temper';
  if (last?.verb === 'temper') {
    // "Add the lemon juice", "drizzle in the hot broth", "pour it back": the one warming.
    if (all(['citrus', 'starch', 'salt']) && meant.some(isToCome) && !/\b(?:pot|soup)\b/i.test(text))
      return null;
    const isIt = !some(KINDS.meat) && !meant.some(isToCome);
    if (isIt && (HOT_LADLE.test(text) || HOT_INTO_IT.test(text) || /\begg mix/i.test(text))) return null;
  }
  if (some(['egg']) && some(['citrus', ...KINDS.dairy]) && BEATS.test(text) && !bindsWith)
    return some(KINDS.dairy) ? 'dairy' : 'temper';
  if (MAKES_DOUGH.test(text) && kinds.includes('flour') && meant.some(isToCome) && !kinds.includes('butter'))
    return 'mix';
  // Butter kneaded with flour binds: it is no dough.
  if (bindsWith && all([...KINDS.starch, 'butter'])) return 'thicken';
  if (
    meant.some((i) => isDough(lines[i]) && isToCome(i)) &&
    ['stirin', 'mix', 'simmer', 'thicken', null].includes(said)
  )
    return 'mix';
  return undefined;
};

/** What binds the sauce, and what only stands and grows thicker. */
const ofBinding: Rule = ({ text, meant, lines, last, next, isToCome, said, kinds, isBinder, bindsWith }) => {
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

/** Roasted in the pan, as dry curries are. */
const OVER_FLAME =
  /^\W*(?:and |then )*roast\b(?!.*\b(?:oven|tray|tin|gas|\d{3})\b).*\b(?:dry|flame|stir\p{L}*)\b/iu;
const ON_TOP_OF = /\b(?:lay|place|put|arrange|set|sit|scatter|nestle)\b.*\bon top of the\b/i;
/** What was strained, put back. */
const RETURNS_BROTH =
  /\b(?:return|pour|tip|put) (?:back )?(?:the )?(?:strained |skimmed |clear |cooking )?(?:broth|stock|liquid|liquor)\b/i;

/** What goes back: the lid, the liquid, what was stirred together first. */
const ofReturning: Rule = ({ text, meant, last, wasTakenOut, next, said, some, isToCome }) => {
  // "Lid back on, just resting": it is the lid.
  if (said === 'return' && /\blid\b/i.test(text) && !some(KINDS.meat))
    return ONLY_RESTS.test(`${text} ${next}`) ? 'steamlid' : null;
  // Put back after straining, it is the liquid: where nothing was lifted out there is nothing to return.
  const isLiquid = ['strain', 'skim', 'blendafter'].includes(last?.verb ?? '');
  if (said === 'return' && !meant.length && (!wasTakenOut || isLiquid)) return null;
  // "Stir the cream and mustard with a ladle of hot sauce, then back into the pot": warmed first, and it is what goes in.
  if ((said === 'mix' || said === 'stirin') && HOT_LADLE.test(text) && some(KINDS.dairy)) return 'dairy';
  if (said === 'return' && last?.verb === 'dairy' && !some(KINDS.meat) && meant.length) return 'stirin';
  // "Bake at 200C for 20 minutes or flash under a hot grill": the first of two ways.
  if (said === 'grill' && /\bbake\b.*\d.*\bor\b.*\b(?:grill|broil)/i.test(text)) return 'bake';
  // "Roast for ten more minutes until dry", over the flame: no oven is near.
  if (
    said === 'bake' &&
    OVER_FLAME.test(text) &&
    ['reduce', 'fry', 'stirin', 'return'].includes(last?.verb ?? '')
  )
    return 'fry';
  // "Lay the shrimp on top of the hot rice".
  if ([null, 'stirin', 'add'].includes(said) && meant.some(isToCome) && ON_TOP_OF.test(text)) return 'top';
  // "Return the broth to the pot with the salt": what was strained goes back, and no meat.
  if (said === 'return' && !some(KINDS.meat) && RETURNS_BROTH.test(text))
    return meant.some(isToCome) ? 'stirin' : null;
  // "Tip the sauce back over the chicken", which never left the pot.
  if (said === 'return' && !wasTakenOut && /\b(?:sauce|gravy|liquid|juices?|broth)\b/i.test(text))
    return null;
  // "Skim it off and keep it aside": no meat.
  if (said === 'liftout' && !meant.length && ['skim', 'strain'].includes(last?.verb ?? '')) return null;
  // What was stirred together first and goes "back in" is what was named there.
  if (said === 'return' && !meant.length && last?.verb === 'dairy') return null;
  return undefined;
};

/** How a sauce that is bound already is to look: no act of its own. */
const ofItsLook: Rule = ({ text, meant, lines, last, isToCome, said, some, isBinder }) => {
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

/** The meat in the hand, on a tray, under the grill; and the pot on its heat again. */
const ofTheMeat: Rule = ({ text, meant, last, wasTakenOut, isToCome, next, said, some }) => {
  // "Remove the chicken and ginger; toss the ginger": thrown away.
  if (
    last?.verb === 'liftout' &&
    /^\W*(?:and |then )*(?:toss|chuck|bin) (?:the|out) [\p{L} ]{3,24}$/iu.test(text) &&
    !meant.some(isToCome) &&
    !some(KINDS.meat)
  )
    return null;
  // "Pull the chicken and let it cool": out of the pot.
  if (
    said === 'shred' &&
    /^\W*pull the\b(?!.*\b(?:apart|forks?|into|off)\b)/i.test(text) &&
    /\bcool\b/i.test(next)
  )
    return 'liftout';
  if (said === 'return' && BACK_ON_HEAT.test(text)) return null;
  // "Off the bone, discard the skin": of what is in the hand, and nothing else comes out.
  const isOfTheHand = last && ['bone', 'shred', 'slice'].includes(last.verb);
  const isThrown = said === 'liftout' || said === 'pouroff';
  if (isThrown && isOfTheHand && /\b(?:skins?|bones?|fat|gristle)\b/i.test(text)) return null;
  // "Crisp it under the air-fryer lid": heat from above.
  if (said === 'fry' && FROM_ABOVE.test(text)) return 'grill';
  // "Discard any that stay shut": a word about the mussels, and nobody lifts the meat out.
  if (said === 'liftout' && STAYS_SHUT.test(text)) return null;
  // "Slice the chicken and coat with the sauce", and no fire follows: on the plate.
  const isOnPlate =
    said === 'coat' && !meant.some(isToCome) && /^\W*coat\b.*\bwith the sauce\W*$/i.test(text);
  if (isOnPlate && !/\b(?:grill|broil|bake|roast|oven|caramelis|caramelize)\b/i.test(next)) return 'serve';
  // "Spread the pork on a tray": what is told next is done to it there.
  const isLaidOut = ON_A_TRAY.test(text) && wasTakenOut && some(KINDS.meat) && !meant.some(isToCome);
  if (isLaidOut && ['return', 'add', 'stirin', 'top', null].includes(said)) return null;
  const isHeatedAgain = /\bback to (?:the |an? )?(?:\p{L}+ )?(?:boil|simmer|heat)/iu.test(text);
  if (said === 'return' && isHeatedAgain && !(PUTS.test(text) && (some(KINDS.meat) || wasTakenOut)))
    return null;
  return undefined;
};

/** What is fried or roasted beside, and what is only a setting of the pot. */
const ofFrying: Rule = ({ text, meant, last, isToCome, said, all }) => {
  // "Temper with the oil, mustard seeds and curry leaves": in a small pan, and poured over.
  if (TEMPERED.test(text) && meant.some(isToCome) && all(OF_A_TEMPERING)) return 'fry';
  // "Top with the feta and the lemon cut in wedges": it is strewn over.
  if (said === 'slice' && /\b(?:top(?:ped)?|scatter\w*|garnish\w*|strew\w*) (?:it )?with\b/i.test(text))
    return 'serve';
  // "Roast two more minutes", and no oven: in the pan.
  const isBrief = (minutesNamed(text) ?? Number.POSITIVE_INFINITY) <= ROASTED_IN_A_PAN_MIN;
  if (said === 'bake' && /\broast/i.test(text) && !IN_AN_OVEN.test(text) && isBrief) return 'fry';
  // "Sauté low ten minutes, uncovered": how the pot is set, with nothing to fry.
  // "Sauté mode, orzo in 7 minutes": what drinks is simmered in what is there.
  if (said === 'fry' && meant.length > 0 && all(['pasta', 'grain'])) return 'simmer';
  // "Cook the noodles in a separate pan, blanch the greens in the same water".
  const isApart =
    /\bin (?:a|another|its own) (?:separate|second|large|other|big)?\s*(?:pan|pot|saucepan)\b/i.test(text);
  if (said === 'simmer' && isApart && meant.length > 0 && all(['pasta', 'grain'])) return 'boil';
  if (last?.verb === 'boil' && meant.some(isToCome) && /\bsame (?:water|pan|pot)\b/i.test(text))
    return 'boil';
  if (said === 'fry' && !meant.some(isToCome) && (SETS_LOW.test(text) || TILL_IT.test(text))) return 'simmer';
  return undefined;
};

const SOLID: readonly FoodKind[] = [...KINDS.vegetable, 'dried-fruit', 'fruit', 'mushroom', 'pulse-cooked'];
/** From so many minutes a bound sauce is not only brought to the boil: it goes down. Source: starch is done in two; spread 40 %. */
const BOILS_DOWN_MIN = 5;

/** Sticky, shining, syrupy: a glaze, a sauce that goes down, or words about the plate. */
const ofGlazing: Rule = ({ text, meant, lines, last, wasTakenOut, isToCome, said, all, some }) => {
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
const ofBoilingDown: Rule = ({ text, meant, lines, last, isToCome, said, kinds, isBinder }) => {
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

/** What is stirred together in a bowl of its own, and what of it goes in. */
const ofBowls: Rule = ({ text, meant, lines, last, next, isToCome, said, all, some }) => {
  // "Spread the rice over the lamb and pour over the saffron milk": a layer, and nobody stirs it.
  if (last && ['top', 'serve'].includes(last.verb) && POURED_OVER.test(text) && some(['milk', 'cream']))
    return 'top';
  if (INTO_DAIRY.test(text) && some(['sour-dairy']) && meant.length > 1 && all(FOR_THE_BOWL)) return 'mix';
  // "Beat the yoghurt with the garlic", and nothing is poured next: for the table.
  if (
    DAIRY_WITH.test(text) &&
    some(['sour-dairy']) &&
    all(FOR_THE_BOWL) &&
    meant.length > 1 &&
    !POURS_IT.test(next)
  )
    return 'mix';
  // Bread that is dipped, laid on a griddle or folded is filled, and never in the pot.
  if (some(['bread']) && /\b(?:dip|lay|fold|fill|griddle)\b/i.test(text)) return 'fill';
  // "Stir together the horseradish cream ingredients": a sauce of its own, for the table.
  if (
    ['stirin', 'mix'].includes(said ?? '') &&
    meant.filter(isToCome).length > 1 &&
    /^\W*(?:meanwhile,? )?(?:mix|whisk|stir|beat|combine) (?:together\b|.*\btogether\W*$)/i.test(text) &&
    !INTO.test(text) &&
    !GOES_IN_NEXT.test(next)
  )
    return 'mix';
  if (some(KINDS.dairy) && ['stirin', 'mix', 'simmer', 'add', 'wilt'].includes(said ?? '')) return 'dairy';
  if (some(KINDS.leaf) && ['stirin', 'simmer'].includes(said ?? '')) return 'wilt';
  // "Cover the couscous with boiling water": in a bowl of its own.
  if (all(['grain', 'pasta', 'water']) && some(['grain', 'pasta']) && COVERED_WITH_WATER.test(text))
    return 'soak';
  // "Meanwhile cook the rice", of which the list has no amount: beside it, for the table.
  const isOfTable = meant.every((i) => lines[i]?.read.amount === null);
  const isApart = isOfTable || BY_THE_PACKET.test(text);
  if (said === 'simmer' && meant.length && isApart && all(['grain', 'pasta'])) return 'boil';
  // "Mix the glaze ingredients", "chop together the parsley and zest": made in a bowl.
  const isNew = meant.some(isToCome);
  if (
    said === 'glaze' &&
    isNew &&
    /^\W*(?:mix|stir|whisk|combine|beat)\b(?!.*\b(?:boil|simmer|bubble|reduce))/i.test(text)
  )
    return 'mix';
  // "Brush the pastry with egg": of what was filled.
  if (said === 'coat' && last?.verb === 'fill' && all(['egg'])) return null;
  // "Cut a slit in the pastry" of what was filled and covered.
  if (said === 'score' && last?.verb === 'fill') return null;
  if (said === 'slice' && isNew && !some(KINDS.meat) && CHOPS.test(text))
    return /\btogether\b/i.test(text) ? 'mix' : null;
  // "Stir it into the broth": what was stirred together goes in.
  if (said === 'stirin' && last?.verb === 'dairy' && meant.length > 0 && !isNew && all(KINDS.thin))
    return null;
  // In a pan beside: the fat is what the next is fried in.
  if (all(KINDS.fat) && /(?<!\boff (?:the )?)\b(?:heat|melt|warm)\b/i.test(text)) return 'fry';
  // Stirred together in a bowl, and not into anything.
  if (
    said === 'stirin' &&
    meant.filter(isToCome).length > 1 &&
    STIRRED_TOGETHER.test(text) &&
    !INTO.test(text)
  )
    return 'mix';
  return undefined;
};

/** The last things: strewn, poured over, brushed on, brought to the boil once more. */
const ofTheEnd: Rule = ({ text, meant, lines, last, next, isToCome, said, all, some }) => {
  // Ground spice that is sprinkled over is stirred in; leaves and seeds are strewn.
  if (said === 'serve' && all(['spice-ground', 'spice-late']) && /\bsprinkle/i.test(text)) return 'stirin';
  // "Sprinkle over the cheese, cover and leave two minutes": it melts under the lid.
  if ([null, 'serve', 'stirin'].includes(said) && all(['cheese']) && RESTS_COVERED.test(next)) return 'melt';
  // "Cover the couscous with boiling water, leave for five minutes": it is the couscous that stands.
  if (last?.verb === 'soak' && said === 'rest' && !meant.length) return null;
  if (last?.verb === 'melt' && ['rest', 'steamlid', 'return'].includes(said ?? '') && !meant.length)
    return null;
  // "Finish with parsley" is strewn over it; with cream it is stirred in.
  if (said === 'stirin' && FINISHES.test(text) && all(STREWN)) return 'serve';
  if (said === 'stirin' && last?.verb === 'thicken' && !meant.length) return null;
  // Brushed over what was put together it belongs to that.
  if (said === 'stirin' && last?.verb === 'fill' && /\b(?:brush|glaze|egg)\b/i.test(text)) return null;
  // The sauce over the meat is the end of it.
  const isNothingNew = !meant.some(isToCome);
  if (
    said === 'stirin' &&
    some(KINDS.meat) &&
    isNothingNew &&
    /\b(?:pour|spoon|ladle)\b.*\bover\b/i.test(text)
  )
    return 'serve';
  if (said === 'boil' && !meant.length && last?.verb === 'thicken') {
    // Flour has to cook: five minutes of it are no boiling down.
    const isFlour = last.lines.some((l) => lines[l.index]?.read.food?.kind === 'flour');
    return (minutesNamed(text) ?? 0) >= (isFlour ? 2 : 1) * BOILS_DOWN_MIN ? 'reduce' : null;
  }
  // "Boil them for ten minutes, so that you have a cupful": nothing new is in it, and it goes down.
  const isOnlyJuice = ['skim', 'strain', 'liftout', 'blendafter'].includes(last?.verb ?? '');
  if (said === 'boil' && isOnlyJuice && minutesNamed(text) !== null && !meant.some(isToCome)) return 'reduce';
  // "Add the lettuces cut in wedges": they are cut, and go in.
  if (
    said === 'slice' &&
    meant.length &&
    !some(KINDS.meat) &&
    /^(?:add|stir|put|tip|drop|throw)\b/i.test(text)
  )
    return some(KINDS.leaf) ? 'wilt' : 'stirin';
  // "Bring the liquid to a boil and whisk in the slurry": it has to be hot, and goes down by nothing.
  if (said === 'boil' && !meant.length && /\b(?:sauce|juices?|liquid|gravy)\b/i.test(text))
    return BROUGHT_UP.test(text) ? null : 'reduce';
  // "Brush with the rest", under the grill: over the meat, and into nothing.
  if (said === 'stirin' && /\bbrush/i.test(text) && ['grill', 'coat', 'bake'].includes(last?.verb ?? ''))
    return 'coat';
  if (said === 'stirin' && all(KINDS.meat) && /\bbrush/i.test(text)) return null;
  if (said === 'stirin' && all(KINDS.meat)) return last?.verb === 'glaze' ? null : 'return';
  return undefined;
};

/** No verb is told, or only that it is spread: what the foods and their place say. */
const ofWhatIsUnsaid: Rule = ({ text, meant, lines, last, isToCome, next, said, all, some }) => {
  // "Scatter the prawns over the hot rice, lid back on": raw, and no garnish.
  const isRawYet = (i: number): boolean =>
    isToCome(i) && RAW.includes(lines[i]?.read.food?.kind ?? 'other') && lines[i]?.read.cooked !== true;
  if (said === 'serve' && meant.some(isRawYet) && !/\bserve\b/i.test(text)) return 'stirin';
  // "Broccoli on top, lid back on 3 minutes": it steams.
  const isGreen = (KINDS.vegetable as readonly string[]).concat('leaf', 'quick-veg');
  if (
    ['serve', null].includes(said) &&
    meant.some(isToCome) &&
    meant.every((i) => isGreen.includes(lines[i]?.read.food?.kind ?? '')) &&
    RESTS_COVERED.test(next)
  )
    return 'stirin';
  if (said === null && /\bback\b(?! of\b)/i.test(text)) return 'return';
  if (said === null && /\bon top\b|\bto serve\b|\bover$/i.test(text) && all(LAST_OVER_IT)) return 'serve';
  if (said === null && BESIDE_IT.test(text) && all(OF_THE_TABLE)) return 'serve';
  // "Rice spread over it, not stirred": a layer.
  if (said === 'stirin' && SPREAD_OVER.test(text) && some(['grain', 'pasta'])) return 'top';
  // Spread over the joint and pressed into its fat, before it browns.
  if (
    said === 'stirin' &&
    SPREAD_OVER.test(text) &&
    !/\b(?:tray|sheet|dish|plate)\b/i.test(text) &&
    !some(KINDS.meat)
  )
    // "Spread the mash on top", of what was tipped into a dish.
    return last?.verb === 'fill' || /\bmash\b/i.test(text) ? 'fill' : last?.verb === 'mix' ? 'coat' : 'glaze';
  // "Beans and pepper in, 3-4 minutes": they are cooked so long.
  const isCooked = timeNamed(text) !== null || (BARE_MINUTES.test(next) && !some(KINDS.dairy));
  if (said === null && isCooked && meant.some(isToCome) && all(COOKED_IN_IT) && /\bin\b/i.test(text))
    return 'simmer';
  if (said === null && meant.length && /\b(?:in|through|last|at the end)\b/i.test(text))
    return some(KINDS.dairy) ? 'dairy' : all(KINDS.leaf) ? 'wilt' : 'stirin';
  return undefined;
};

/** What is beaten together for the top of a dish that goes under the fire: nothing of it is stirred in. */
const ofTheCrust: Rule = ({ text, soon, some }) =>
  some([...KINDS.dairy, 'egg']) &&
  BEATEN.test(text) &&
  !INTO.test(text) &&
  soon.some((t) => OVER_IT_ALL.test(t)) &&
  soon.some((t) => UNDER_FIRE.test(t))
    ? 'mix'
    : undefined;

/** What is put where: couscous in its bowl, lentils on the plates, a joint in the dish that goes under the fire. */
const ofItsPlace: Rule = ({ text, said, all, some }) => {
  // "Pour boiling water over the couscous, cover and leave 5 minutes": in a bowl of its own.
  if (all(['grain', 'pasta', 'water']) && some(['grain', 'pasta']) && COVERED_WITH_WATER.test(text))
    return 'soak';
  // "Spoon the lentils onto plates".
  if (said === 'liftout' && !some(KINDS.meat) && SPOONED_OUT.test(text)) return 'serve';
  // "Remove the duck to an ovenproof dish and crisp it": it is only moved.
  if (said === 'fill' && all(KINDS.meat) && MOVES.test(text)) return 'liftout';
  return undefined;
};
const SPOONED_OUT =
  /\b(?:spoon|ladle|divide|pile|heap|dish)\b.*\b(?:on|onto|into|between|among) (?:the |warm |hot |deep |\d )*(?:plates|bowls|dishes)\b/i;
const MOVES = /^\W*(?:and |then )*(?:remove|transfer|lift|move|take)\b/i;

/** In this order: the first that knows the clause decides; where none does, its words alone. */
const RULES: readonly Rule[] = [
  ofTheCrust,
  ofItsPlace,
  ofTheTable,
  ofEggsAndDough,
  ofBinding,
  ofReturning,
  ofItsLook,
  ofTheMeat,
  ofFrying,
  ofGlazing,
  ofBoilingDown,
  ofBowls,
  ofTheEnd,
  ofWhatIsUnsaid,
];

/** The verb of a clause once the pot is open, and at the table. */
export const verbAfter = (t: Told): string | null => firstOf(RULES, t);
