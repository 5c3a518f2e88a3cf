/** The meat that comes out, is worked, fried again and goes back. */
import { minutesNamed } from '../../dish/pressure';
import { type FoodKind } from '../../pantry/food';
import { KINDS } from '../kinds';
import { BACK_ON_HEAT, type Rule } from '../told';
import { HOT_LADLE } from './words';

/** A lid that is not locked. */
const ONLY_RESTS =
  /\b(?:rest(?:ing)?|loose(?:ly)?|ajar|not locked|unlocked|(?:don['’]t|do not|without) lock(?:ing)?|no pressure|without pressure|just sitting)\b/i;

/** The pot's own heat, and what comes of it: "saute till it bubbles". */
const TILL_IT =
  /^\W*saut[eé]+\b.*\b(?:until|till) (?:it |the (?:sauce|liquid|gravy|stew) )?(?:bubbl|boil|simmer|thick|hot|reduc)/iu;

const SETS_LOW = /^\W*saut[eé]\b(?!.*\b(?:them|crisp|brown|golden)\b).*\b(?:low|uncovered|lid off|\d)/i;

/** What is roasted for no longer than this is stirred in a pan, minutes. */
const ROASTED_IN_A_PAN_MIN = 5;

const IN_AN_OVEN = /\b(?:oven|tray|sheet|tin|rack|dish|degrees|gas|\d{3})\b|°/i;

/** "Put the meat back to heat through": it goes back. */
const PUTS = /^\W*(?:put|return|add|place|slide|slip|tip|drop)\b/i;

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

const STAYS_SHUT =
  /\b(?:any|those|mussels|clams|shells?)\b.*\b(?:shut|closed|unopened|not open(?:ed)?|(?:do|have|did)(?:n['’]t| not) open(?:ed)?)\b/i;

/** Where cooked meat lies while its sauce is finished. */
const ON_A_BOARD =
  /\b(?:on|onto) (?:a|the|your) (?:\p{L}+ )?(?:board|plate|platter|rack|tray|dish)\b|\bunder (?:some |loose )?foil\b/iu;

/** Heat from above. */
const FROM_ABOVE = /\b(?:air[- ]?fry\w*|broil\w*|grill|salamander|blow ?torch)\b/i;

/** Where meat is laid for the grill or the oven, and no pot. */
const ON_A_TRAY =
  /\b(?:on|onto|over|in) (?:a|the) (?:\p{L}+[- ]){0,2}(?:tray|sheet|baking sheet|roasting tin|grill pan)\b/iu;

/** Roasted in the pan, as dry curries are. */
const OVER_FLAME =
  /^\W*(?:and |then )*roast\b(?!.*\b(?:oven|tray|tin|gas|\d{3})\b).*\b(?:dry|flame|stir\p{L}*)\b/iu;

const SPOONED_OVER = /^\W*(?:and |then |now )*(?:spoon|pile|lay|tip|put|arrange)\b.*\bover\b/i;
const ON_WHAT = /\bon top of the\b/i;
const ON_TOP_OF = /\b(?:lay|place|put|arrange|set|sit|scatter|nestle)\b.*\bon top(?: of the\b|\W*$)/i;

/** What was strained, put back. */
const RETURNS_BROTH =
  /\b(?:return|pour|tip|put) (?:back )?(?:the )?(?:strained |skimmed |clear |cooking )?(?:broth|stock|liquid|liquor)\b/i;

/** What goes back: the lid, the liquid, what was stirred together first. */
export const ofReturning: Rule = ({ text, meant, last, wasTakenOut, next, said, some, isToCome }) => {
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
  if (
    [null, 'stirin', 'add'].includes(said) &&
    meant.some(isToCome) &&
    ON_TOP_OF.test(text) &&
    (some(KINDS.meat) || ON_WHAT.test(text))
  )
    return 'top';
  // "Spoon the mushrooms over", that were fried beside.
  if (
    said === null &&
    last?.stage === 'closed' &&
    meant.length &&
    SPOONED_OVER.test(text) &&
    !meant.some(isToCome)
  )
    return 'serve';
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

/** The meat in the hand, on a tray, under the grill; and the pot on its heat again. */
export const ofTheMeat: Rule = ({ text, meant, last, wasTakenOut, isToCome, next, said, some }) => {
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
  // "Rest it on a board", "let the chicken sit on a plate while you finish the sauce": out of the pot.
  if (said === 'rest' && !wasTakenOut && ON_A_BOARD.test(text) && !meant.some(isToCome)) return 'liftout';
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
export const ofFrying: Rule = ({ text, meant, last, isToCome, said, all }) => {
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
