/** The last things, and what is only said of the table. */
import { isForTheTable, type ScriptLine } from '../line';
import { minutesNamed, timeNamed } from '../../dish/pressure';
import { type FoodKind } from '../../pantry/food';
import { KINDS } from '../kinds';
import { type Rule } from '../told';
import { COOKED_IN_IT, BARE_MINUTES, BOILS_DOWN_MIN } from './words';

const SPREAD_OVER = /\b(?:spread|brush|smear|press)\b.*\b(?:over|on|onto|all)\b/i;

const RESTS_COVERED =
  /^\W*(?:and |then )*(?:(?:put|lay|pop|set|place|rest) (?:the |on the )?lid\b|cover\b|lid (?:back )?on\b)(?!.*\b(?:pressure|lock|seal)\b)/i;

const BROUGHT_UP = /\bbring\b.{0,40}\bto (?:a |the )?(?:\p{L}+ )?boil\b(?!.*\d)/iu;

const LAID_ON = /\blay\b.*\b(?:on|over)\b|\bon each\b/i;

/** "Coriander.", "rest of the parsley". */
const BARE_LEAVES =
  /^\W*(?:and |then |finally,? )*(?:(?:the )?(?:rest|remainder|other half) of )?(?:the |your |some |plenty of |lots of |fresh |chopped )*\p{L}+(?: (?:leaves|sprigs))?(?:(?:,| and) \p{L}+)?\W*$/iu;

/** "Saffron rice beside", "mash on the side". */
const BESIDE_IT = /\b(?:beside|alongside|on the side|on top)\b/i;

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

const BECOMES_DOUGH =
  /\b(?:to|into|until|till|makes?|forms?)\b.{0,24}\b(?:dough|batter)\b|\b(?:dough|batter) (?:forms|comes together)\b/i;

/** Put to something, however it is said. */
const STIRRED: ReadonlySet<string> = new Set(['stirin', 'mix', 'serve', 'slice']);

const ONLY_STIRS =
  /^\W*(?:and |then )*(?:(?:gently|carefully) (?:stir|turn|toss|move)\b|(?:stir|turn|toss|move)\b.*\b(?:gently|carefully)\W*$)(?!.*\b(?:in|into|through|with|back|until)\b)/i;

const TOSSES = /^\W*(?:and |then )*(?:toss|coat|turn|shake|roll)\b/i;

const FILLING_OVER =
  /\b(?:spoon|ladle|pile|pour|tip|heap) (?:some of )?the (?:filling|stew|chicken mixture|mixture|chilli|ragu|hash)\b.*\b(?:over|on|on top)\W*$/i;

const TURNED_OUT =
  /\b(?:turn|tip|spread|heap|pile|mound)(?: (?:it|them|everything|the (?:rice|pilaf|pilau|biryani|lot)))?(?: all)? (?:out )?(?:on|onto|into) (?:a|the|your) (?:\p{L}+ ){0,2}(?:platter|serving dish|serving plate)\b/iu;

/** What a plate is laid with. */
const UNDER_IT: readonly FoodKind[] = ['grain', 'pasta', 'bread'];
const NOUN_UNDER =
  '(?:rice|noodles?|pasta|spaghetti|tagliatelle|pappardelle|linguine|penne|mash(?:ed potato(?:es)?)?|polenta|grits|couscous|quinoa|bulg[hu]r|freekeh|orzo|barley|bread|toast|naans?|rot[il]i?s?|tortillas?|pitt?as?|buns?|rolls?)';
/** "Fan over the rice", "lay on a bed of noodles": what stands behind "over" is on the plate already. */
const LAID_OVER_IT = new RegExp(
  `\\b(?:spoon|ladle|pile|heap|lay|set|sit|arrange|fan|serve|tip|pour|put|place|perch|dish|divide|mound)\\w*\\b.*\\b(?:over|on|onto|on top of|alongside|beside|atop)\\b (?:a bed of |beds of |some |the |your |a pile of |hot |steamed |cooked |fluffy |boiled |plain |warm |buttered |creamy |little )*(?:\\p{L}+ )?${NOUN_UNDER}\\b`,
  'iu',
);
/** "Pour the curry sauce over", of what was sliced. */
const SAUCE_OVER =
  /^\W*(?:and |then |finally,? )*(?:pour|spoon|ladle|drizzle|flood|nap|tip|trickle)\b(?!.*\b(?:pot|cooker|pan|back)\b).*(?:\b(?:sauce|gravy|juices?|jus|broth|liquor|curry|glaze)\b.*\b(?:over|on top|around|across)\b|\bover\b.*\b(?:sauce|gravy|juices?|jus)\b|\b(?:flood|nap)\b.*\bwith\b)/iu;
const ON_THE_BOARD: ReadonlySet<string> = new Set([
  'slice',
  'serve',
  'fluff',
  'shred',
  'rest',
  'fill',
  'bone',
]);

/** What is laid on what, on the plate. */
export const ofThePlate: Rule = ({ text, meant, lines, last, soon, isToCome, said }) => {
  const fresh = meant.filter(isToCome);
  const isUnder =
    fresh.length > 0 && fresh.every((i) => UNDER_IT.includes(lines[i]?.read.food?.kind ?? 'other'));
  if (isUnder && LAID_OVER_IT.test(text) && !soon.some((t) => RESTS_COVERED.test(t))) return 'serve';
  const isOnPlate = last !== undefined && ON_THE_BOARD.has(last.verb) && fresh.length === 0;
  if (isOnPlate && said !== 'serve' && SAUCE_OVER.test(text)) return 'serve';
  return undefined;
};

/** What is for the table or for the roll, and no pot. */
export const ofTheTable: Rule = ({ text, meant, lines, last, wasTakenOut, isToCome, said, some }) => {
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

/** The last things: strewn, poured over, brushed on, brought to the boil once more. */
export const ofTheEnd: Rule = ({ text, meant, lines, last, next, isToCome, said, all, some }) => {
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
export const ofWhatIsUnsaid: Rule = ({ text, meant, lines, last, isToCome, next, said, all, some }) => {
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
  // "Coriander.", "rest of the parsley": leaves alone, and no word of what is done to them.
  if (said === null && meant.some(isToCome) && BARE_LEAVES.test(text) && all(['herb-soft'])) return 'serve';
  // "Crispy fried eggs + rice", at the end of a note: what stands beside it.
  const isLastWord = next === '' && !/\b(?:in|through|into)\b/i.test(text);
  if (
    (said === null || said === 'fry') &&
    isLastWord &&
    some(['grain', 'pasta', 'bread']) &&
    all([...OF_THE_TABLE, 'egg'])
  )
    return 'serve';
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
