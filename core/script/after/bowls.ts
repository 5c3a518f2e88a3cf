/** Bowls, doughs and crusts beside the pot, once it is open. */
import { type FoodKind } from '../../pantry/food';
import { KINDS } from '../kinds';
import { isDough, type Rule } from '../told';
import { HOT_LADLE } from './words';

const BEATS = /\b(?:beat|whisk|mix|stir)\b/i;

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

/** What is beaten for the top of a dish that goes under the grill. */
const BEATEN = /^\W*(?:meanwhile,? )?(?:beat|whisk|mix|stir|combine)\b/i;

const OVER_IT_ALL =
  /\b(?:spread|spoon|pour|dollop|tip|smooth|put)\b.*\b(?:over|on top|on)\b|^\W*top (?:it )?with\b/i;

const UNDER_FIRE = /\b(?:grill|broil(?:er)?|bake|oven)\b/i;

const GOES_IN_NEXT = /\b(?:stir|pour|add|whisk|tip|fold|mix)\b.*\b(?:in|into|to the|through)\b/i;

const COVERED_WITH_WATER = /\b(?:cover|soak|pour)\w*\b.*\b(?:boiling|hot|boiled|kettle)\b/i;

const CHOPS = /^\W*(?:meanwhile,? )?(?:\p{L}+ly )?(?:chop|slice|cut|mince)\b/iu;

const MAKES_DOUGH = /\bknead\w*|\b(?:dough|batter)\b/i;

const BY_THE_PACKET = /\b(?:packet|package|pack|box)\b|\bseparate(?:ly)?\b|\bas directed\b/i;

const BEATEN_APART = /\b(?:whisk|beat|whip)\b(?=.*\b(?:bowl|jug|frothy|foamy|pale|separate)\b)/i;

const HOT_INTO_IT = /\b(?:hot|warm) (?:\p{L}+ )?(?:broth|stock|soup|sauce|liquid)\b/iu;

/** Egg, flour and dairy that are beaten together: a dough, a liaison, or the cream that goes in. */
export const ofEggsAndDough: Rule = (told) => {
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

/** What is stirred together in a bowl of its own, and what of it goes in. */
export const ofBowls: Rule = ({ text, meant, lines, last, next, isToCome, said, all, some }) => {
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

/** What is beaten together for the top of a dish that goes under the fire: nothing of it is stirred in. */
export const ofTheCrust: Rule = ({ text, soon, some }) =>
  some([...KINDS.dairy, 'egg']) &&
  BEATEN.test(text) &&
  !INTO.test(text) &&
  soon.some((t) => OVER_IT_ALL.test(t)) &&
  soon.some((t) => UNDER_FIRE.test(t))
    ? 'mix'
    : undefined;

/** What is put where: couscous in its bowl, lentils on the plates, a joint in the dish that goes under the fire. */
export const ofItsPlace: Rule = ({ text, said, all, some }) => {
  // "Pour boiling water over the couscous, cover and leave 5 minutes": in a bowl of its own.
  if (all(['grain', 'pasta', 'water', 'stock']) && some(['grain', 'pasta']) && COVERED_WITH_WATER.test(text))
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
