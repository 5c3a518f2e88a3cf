/** What is fried, and what is poured on it. */
import { minutesNamed } from '../../dish/pressure';
import { KINDS } from '../kinds';
import { type Rule } from '../told';
import { wasHot, BLOOMED, BRIEFLY, isFatLine, isMeatLine, rawAmong } from './words';

const BRIEF_MIN = 2;

/** The paste of a tube, by its other name. */
const TOMATO_PUREE =
  /^\W*(?:and |then )*(?:(?:add |in (?:with )?)?(?:the |your )?)?(?:tomato |tom )?pur[eé]e(?: in)?\W*(?:for )?\d/iu;

const READY_TO_FRY: ReadonlySet<string> = new Set(['dredge', 'season', 'marinate', 'dry']);

const FRIED_THEN = /\b(?:fry|brown|saut|sear)|\bcook\b.*\b(?:sides?|oil|fat|butter|golden|browned)\b/i;

/** What has sides is no onion. */
const ON_SIDES = /\b(?:each|per|both|every|all|either) sides?\b|\ball over\b|\bskin[- ]?side\b/i;

/** What renders, melts or is fried with its marinade. */
export const ofBaconAndOnions: Rule = ({ text, stage, meant, lines, last, said, all, some }) => {
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

/** Softened or browned: by what it is. */
export const ofFrying: Rule = ({ text, stage, meant, lines, last, isToCome, said, all, some }) => {
  // "Purée 1 min.", of what stands in the list as tomato purée: it is fried.
  if (said === 'blend' && all(['tomato-paste']) && TOMATO_PUREE.test(text)) return 'bloom';
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
export const ofPouring: Rule = ({ text, stage, last, wasTakenOut, said, all }) => {
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
