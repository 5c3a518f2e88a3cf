/** Added, seasoned or mixed, and what nobody says: by what it is, and by what was done before. */
import { type FoodKind } from '../../pantry/food';
import { KINDS } from '../kinds';
import { BACK_ON_HEAT, FRIED_TOGETHER, type Rule } from '../told';
import { VERBS_THAT } from '../data/verbs';
import { IN_THE_POT, wasHot, BLOOMED, BRIEFLY, rawAmong } from './words';

/** What is fried one after the other. */
const FRIED: readonly FoodKind[] = [...KINDS.aromatic, ...KINDS.spice, 'slow-veg', 'root-veg', 'quick-veg'];

/** "In the same fat: lardons, then shallots". */
const FRIED_WITH_BACON: readonly FoodKind[] = [...FRIED_TOGETHER, 'cured-meat'];

const UNTIL_IT_SMELLS = /\b(?:until|till?)\b.*\b(?:smells?|fragrant|aromatic|aroma)\b/i;

const IN_FAT = /\bin (?:the |some |a little |hot )*(?:oil|lard|butter|fat|ghee|dripping)\b/i;

const GOES_ON_TO_FRY = /\band (?:go on|keep(?: on)?|continue) (?:frying|saut\w+|sweating|softening)\b/i;

const FRIES_THEM =
  /^\W*(?:and |then )*(?:(?:go on|keep|continue|leave (?:them|it) to|let (?:them|it)) )?(?:fry|frying|saut\w*|sweat|soften|cook\w*)\b.*\b(?:soft\w*|golden|brown\w*|translucent|glassy|limp)\b/i;

/** Over so much fire, whatever is put in is fried. */
const ON_FIRE = /\b(?:low|gentle|medium|high|moderate)(?:[- ](?:low|high))? (?:heat|flame)\b/i;

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
export const ofAdding: Rule = ({ text, stage, meant, lines, last, isToCome, next, said, all, some }) => {
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
export const ofWhatIsUnsaid: Rule = ({ text, stage, meant, last, isToCome, next, said, all, some }) => {
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
