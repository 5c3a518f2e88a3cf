import { minutesNamed } from '../dish/pressure';
import type { FoodKind } from '../pantry/food';
import type { Act } from './act';
import { meansEverything, type ScriptLine } from './align';
import { SAYS, type Stage } from './data/verbs';
import { DOUGH_G, KINDS } from './kinds';

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
]);
/** What makes a dough of flour. */
const DOUGH: readonly FoodKind[] = ['oil', 'butter', 'egg', 'sugar'];
const isDough = (line: ScriptLine | undefined): boolean =>
  line?.read.food?.kind === 'flour' && line.read.massG.mid > DOUGH_G && /\bflour\b/.test(line.read.known);
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
/** "Toss the lamb with the spice and half the oil": it is seasoned, and not in the pot. */
const isRubbedIn = (text: string, kinds: readonly FoodKind[]): boolean =>
  /\b(?:toss|coat|turn|massage|cover)\b/i.test(text) &&
  !/\b(?:pot|cooker|pan)\b/i.test(text) &&
  kinds.some((k) => (KINDS.meat as readonly FoodKind[]).includes(k)) &&
  kinds.some((k) => !(KINDS.meat as readonly FoodKind[]).includes(k)) &&
  kinds.every((k) => RUBBED.includes(k));

/** True where the pot had heat under it. */
const wasHot = (last: Act | undefined): boolean =>
  last !== undefined &&
  ['heat', 'caramel', 'brown', 'render', 'soften', 'pop', 'bloom', 'deglaze', 'liftout'].includes(last.verb);

/** Warmed again and no more. */
const WARMS =
  /\b(?:warm|heat|reheat)(?:ed)?\b.{0,12}\b(?:through|again|gently|up)\b|\bgently (?:warm|heat|reheat)\b/i;

/** What is fried one after the other. */
const FRIED: readonly FoodKind[] = [...KINDS.aromatic, ...KINDS.spice, 'slow-veg', 'root-veg', 'quick-veg'];
const FRIED_TOGETHER: readonly FoodKind[] = [
  'oil',
  'sugar',
  ...KINDS.aromatic,
  ...KINDS.spice,
  'slow-veg',
  'root-veg',
  'butter',
  'tomato-fresh',
  'tomato-paste',
  'herb-woody',
];
/** What is fried for a moment and no longer. */
const BLOOMED: readonly FoodKind[] = [...KINDS.spice, 'aromatic', 'tomato-paste', 'herb-woody'];
const BRIEF_MIN = 2;
const BRIEFLY =
  /\b(?:stir|fry|cook)\w*\b.*\b(?:sec\w*|min\w*)\b|^(?:\d|a|one|half a) ?(?:sec\w*|min\w*)|\b(?:30|1|one|2|two|a|another) (?:more )?(?:sec\w*|min\w*)(?: more)?$/i;
/** How meat lies while it browns. */
const LEFT_ALONE =
  /\b(?:skin|fat)[- ]?sides? down\b|\bin (?:one|a single) layer\b(?!.*\b(?:liquid|stock|sauce)\b)|\b(?:do not|don['’]t) (?:touch|move|crowd)\b|^(?:flip|turn (?:them |it )?over)\b|\bper side\b|\b(?:on )?each side\b/i;
/** Turned over the fire, and no liquid near. */
const TURNED =
  /^\W*(?:stir|turn|toss|mix|coat|roast|fry|cook|saut\w*)\b(?!.*\b(?:pressure|liquid|stock|sauce|covered|lid)\b).*\b(?:\d ?(?:min\w*|m)|(?:a|one|two|few|couple of|three) min\w*|until .*(?:coated|sealed|opaque|colou?r|white|pink|brown|golden))\b/i;
const isFatLine = (line: ScriptLine | undefined): boolean =>
  (KINDS.fat as readonly FoodKind[]).includes(line?.read.food?.kind ?? 'other');
const isMeatLine = (line: ScriptLine | undefined): boolean =>
  (KINDS.meat as readonly FoodKind[]).includes(line?.read.food?.kind ?? 'other');
const IN_THIS_POT =
  /\b(?:in|into|at the bottom of) (?:the|your) (?:(?:inner|pressure|cooking|cold|empty|open|metal|steel) )*(?:pot|cooker|insert|liner)\b/i;
const LET_COLOUR = /^\W*(?:and )?let (?:it|them|the \p{L}+) (?:catch|take|get)\b.*\bcolou?r\b/iu;
const UNTIL_BROWN = /\buntil\b[^.;]*\bbrown/i;
const BEATS = /\b(?:beat|whisk|mix|stir)\b/i;
const SPREAD_OVER = /\b(?:spread|brush|smear|press)\b.*\b(?:over|on|onto|all)\b/i;
const STIRRED_TOGETHER = /^(?:\W*)(?:mix|whisk|stir|beat|combine)\b.*\b(?:with|and|together)\b/i;
const INTO = /\b(?:in|into|through)\b/i;
/** Dry things that are soaked before they are cooked. */
const SOAKED: readonly FoodKind[] = ['dried-mushroom', 'pulse-dry', 'dried-fruit', 'grain'];
const SOAKED_IN = /\b(?:cover|pour)\b.*\b(?:water|stock)\b/i;
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
const IN_FAT = /\bin (?:the |some |a little |hot )*(?:oil|lard|butter|fat|ghee|dripping)\b/i;
/** What is fried in a pot that has just had heat. */
const HAD_HEAT: ReadonlySet<string> = new Set([
  'heat',
  'caramel',
  'brown',
  'render',
  'soften',
  'pop',
  'bloom',
  'liftout',
  'pouroff',
]);
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
/** A boil of its own before the lid: "let it boil, uncovered, for three minutes". */
const BOILS_OPEN = /\b(?:boil|simmer)\b.*\b(?:minutes?|mins?)\b/i;
const BROUGHT_UP = /\bbring\b.{0,40}\bto (?:a |the )?(?:\p{L}+ )?boil\b(?!.*\d)/iu;
const CRUSHED = /\b(?:break up|crush|mash|squash)\b/i;
const LAID_ON = /\blay\b.*\b(?:on|over)\b|\bon each\b/i;
/** Over so much fire, whatever is put in is fried. */
const ON_FIRE = /\b(?:low|gentle|medium|high|moderate)(?:[- ](?:low|high))? (?:heat|flame)\b/i;
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
const PUT_WITH =
  /^\W*(?:and |then )?(?:put|set|keep|leave|lay) (?:it |them |these |the \p{L}+ )?(?:aside )?with the\b/iu;
const THROWN =
  /^\W*(?:toss|bin|ditch|throw)(?: out| away)? (?:the |any )?(?:\p{L}+ ){0,3}\p{L}+(?: out| away)?$/iu;
const IN_WATER = /\b(?:cook|boil)\b.*\b(?:boiling|salted)\b.*\bwater\b/i;
/** What is strewn over a dish on its plate. */
const STREWN: readonly FoodKind[] = ['herb-soft', 'allium', 'nut', 'spice-whole', 'pickle'];

/** What may come between the starch and the look of what it binds. */
const AFTER_BINDING: ReadonlySet<string> = new Set(['dairy', 'stirin', 'return']);

/** A lid that is not locked. */
const ONLY_RESTS =
  /\b(?:rest(?:ing)?|loose(?:ly)?|ajar|not locked|unlocked|no pressure|without pressure|just sitting)\b/i;
const AT_TABLE = /\b(?:toppings?|garnish\w*|each (?:bowl|plate|one))\b/i;
const GLAZES = /\b(?:glaze|sticky|shines|shiny|baste)\b/i;

/** What a clause tells to do, from its words, where the pot stands, what it names, and the clause that is next. */
export function verbOf(
  text: string,
  stage: Stage,
  meant: readonly number[],
  lines: readonly ScriptLine[],
  last: Act | undefined,
  wasTakenOut: boolean,
  isToCome: (line: number) => boolean,
  next = '',
): string | null {
  const kinds = meant.flatMap((i) => lines[i]?.read.food?.kind ?? []);
  const all = (group: readonly FoodKind[]): boolean =>
    kinds.length > 0 && kinds.every((k) => group.includes(k));
  const some = (group: readonly FoodKind[]): boolean => kinds.some((k) => group.includes(k));
  // What is served beside it binds nothing: polenta under a stew.
  const isBinder = (i: number): boolean =>
    !isDough(lines[i]) &&
    (KINDS.starch as readonly string[]).includes(lines[i]?.read.food?.kind ?? '') &&
    lines[i]?.read.written?.moment !== 'serve';
  const bindsWith = meant.some((i) => isBinder(i) && isToCome(i));
  const said = SAYS.find((s) => (!s.stages || s.stages.includes(stage)) && s.words.test(text))?.verb ?? null;
  const isAfter = stage === 'after' || stage === 'table';
  if (said === 'score' && meant.length && !some(KINDS.meat)) return null;
  // "Toss the bay leaves": they are thrown away.
  if (isAfter && THROWN.test(text) && all(['herb-woody', 'spice-whole'])) return 'liftout';
  // "Cook the pasta in salted boiling water": beside it.
  if (isAfter && said !== null && some(['pasta', 'grain']) && IN_WATER.test(text)) return 'boil';
  if (isAfter) {
    // "Mix in the milk until a dough forms": what was mixed before goes on.
    if (last?.verb === 'mix' && /\b(?:dough|batter)\b/i.test(text) && meant.some(isToCome)) return null;
    // A slice of cheese laid on each roll belongs to the roll.
    if (last && ['fill', 'serve', 'grill'].includes(last.verb) && some(['cheese']) && LAID_ON.test(text))
      return 'fill';
    // Flour whisked into the cream keeps it from splitting: it is the cream that goes in.
    if (bindsWith && some(KINDS.dairy)) return 'dairy';
    // Flour with suet, egg or sugar is a dough and binds nothing.
    // Eggs beaten with lemon for a soup are warmed by the ladle first, or they scramble.
    if (some(['egg']) && some(['citrus', ...KINDS.dairy]) && BEATS.test(text) && !bindsWith)
      return some(KINDS.dairy) ? 'dairy' : 'temper';
    // Butter kneaded with flour binds: it is no dough.
    if (bindsWith && all([...KINDS.starch, 'butter'])) return 'thicken';
    if (meant.some((i) => isDough(lines[i])) && ['stirin', 'mix', 'simmer', 'thicken', null].includes(said))
      return 'mix';
    if (said === 'blendafter' && bindsWith) return 'thicken';
    if (bindsWith && DOUGH.some((k) => kinds.includes(k)) && said === 'stirin') return 'mix';
    if (bindsWith && ['mix', 'stirin', 'thicken', 'simmer', null].includes(said)) return 'thicken';
    // "Break up the potatoes a little to thicken the juices": they are what thickens.
    if (said === 'thicken' && CRUSHED.test(text) && !bindsWith) return 'mash';
    // Left to thicken is no boil: nothing is stirred in, and cream may be there already.
    if (said === 'thicken' && !bindsWith && /\b(?:stand|sit|rest|cool)\b/i.test(text)) return 'rest';
    if (last?.verb === 'dairy' && !meant.length && (said === 'thicken' || said === 'simmer')) return null;
    // Put back after straining, it is the liquid: where nothing was lifted out there is nothing to return.
    const isLiquid = ['strain', 'skim', 'blendafter'].includes(last?.verb ?? '');
    if (said === 'return' && !meant.length && (!wasTakenOut || isLiquid)) return null;
    // What was stirred together first and goes "back in" is what was named there.
    if (said === 'return' && !meant.length && last?.verb === 'dairy') return null;
    const isNothingNew = !meant.some(isToCome) && !some(KINDS.meat);
    // "Cook until thickened, 2 minutes": that is what the slurry does.
    const isItsLook =
      said === 'simmer' ||
      said === 'reduce' ||
      said === 'thicken' ||
      (said === 'glaze' && !GLAZES.test(text));
    if (isItsLook && last?.verb === 'thicken' && isNothingNew) return null;
    const isBound = lines.some((_, i) => isBinder(i) && !isToCome(i));
    if (said === 'thicken' && isBound && isNothingNew && AFTER_BINDING.has(last?.verb ?? '')) return null;
    if (said === 'return' && /\bback to (?:the |an? )?(?:\p{L}+ )?(?:boil|simmer|heat)/iu.test(text))
      return null;
    // "Lid back on, just resting": it is the lid.
    if (said === 'return' && /\blid\b/i.test(text) && !some(KINDS.meat))
      return ONLY_RESTS.test(`${text} ${next}`) ? 'steamlid' : null;
    // "Top with the feta and the lemon cut in wedges": it is strewn over.
    if (said === 'slice' && /\b(?:top(?:ped)?|scatter\w*|garnish\w*|strew\w*) (?:it )?with\b/i.test(text))
      return 'serve';
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
    if (said === 'simmer' && WARMS.test(text)) return 'warm';
    // "Drizzle with the glaze": it is on the plate.
    if (
      said === 'glaze' &&
      !meant.length &&
      /\b(?:drizzle|spoon|pour|ladle|serve)\w*\b.*\bglaze\b/i.test(text)
    )
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
    // Syrupy with the meat still in it is a sauce that boils down, no glaze.
    if (said === 'glaze' && !wasTakenOut && !GLAZES.test(text)) return meant.length ? 'simmer' : 'reduce';
    // "Simmer until thick", where there is nothing to thicken it with, is boiled down.
    const hasStarch =
      lines.some((_, i) => isBinder(i) && isToCome(i)) || ['thicken', 'mix'].includes(last?.verb ?? '');
    if (said === 'simmer' && /\buntil (?:\w+ ){0,3}thick/i.test(text))
      return hasStarch ? 'thicken' : 'reduce';
    // Nothing to thicken it with: what boils goes down, what only waits grows thicker by itself.
    if (
      said === 'thicken' &&
      !hasStarch &&
      !meant.some(isToCome) &&
      !/\b(?:slurry|starch|corn ?flour|flour|arrowroot|roux)\b/i.test(text)
    ) {
      if (last?.verb === 'reduce' || last?.verb === 'simmer') return null;
      if (/\b(?:simmer|boil|bubble|cook|uncovered|saut|high)/i.test(text)) return 'reduce';
      if (lines.some((_, i) => isBinder(i))) return said;
      return minutesNamed(text) === null ? null : 'rest';
    }
    if (INTO_DAIRY.test(text) && some(['sour-dairy']) && meant.length > 1 && all(FOR_THE_BOWL)) return 'mix';
    // Bread that is dipped, laid on a griddle or folded is filled, and never in the pot.
    if (some(['bread']) && /\b(?:dip|lay|fold|fill|griddle)\b/i.test(text)) return 'fill';
    if (some(KINDS.dairy) && ['stirin', 'mix', 'simmer', 'add', 'wilt'].includes(said ?? '')) return 'dairy';
    if (some(KINDS.leaf) && ['stirin', 'simmer'].includes(said ?? '')) return 'wilt';
    // "Meanwhile cook the rice", of which the list has no amount: beside it, for the table.
    const isOfTable = meant.every((i) => lines[i]?.read.amount === null);
    if (said === 'simmer' && meant.length && isOfTable && all(['grain', 'pasta'])) return 'boil';
    // In a pan beside: the fat is what the next is fried in.
    if (all(KINDS.fat) && /\b(?:heat|melt|warm)\b/i.test(text)) return 'fry';
    // Stirred together in a bowl, and not into anything.
    if (
      said === 'stirin' &&
      meant.filter(isToCome).length > 1 &&
      STIRRED_TOGETHER.test(text) &&
      !INTO.test(text)
    )
      return 'mix';
    // Ground spice that is sprinkled over is stirred in; leaves and seeds are strewn.
    if (said === 'serve' && all(['spice-ground', 'spice-late']) && /\bsprinkle/i.test(text)) return 'stirin';
    // "Finish with parsley" is strewn over it; with cream it is stirred in.
    if (said === 'stirin' && FINISHES.test(text) && all(STREWN)) return 'serve';
    if (said === 'stirin' && last?.verb === 'thicken' && !meant.length) return null;
    // Brushed over what was put together it belongs to that.
    if (said === 'stirin' && last?.verb === 'fill' && /\b(?:brush|glaze|egg)\b/i.test(text)) return null;
    // The sauce over the meat is the end of it.
    if (said === 'stirin' && all(KINDS.meat) && /\b(?:pour|spoon|ladle)\b.*\bover\b/i.test(text))
      return 'serve';
    if (said === 'boil' && !meant.length && last?.verb === 'thicken') return null;
    // "Boil them for ten minutes, so that you have a cupful": nothing new is in it, and it goes down.
    const isOnlyJuice = ['skim', 'strain', 'liftout', 'blendafter'].includes(last?.verb ?? '');
    if (said === 'boil' && isOnlyJuice && minutesNamed(text) !== null && !meant.some(isToCome))
      return 'reduce';
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
    if (said === 'stirin' && all(KINDS.meat) && /\bbrush/i.test(text)) return null;
    if (said === 'stirin' && all(KINDS.meat)) return last?.verb === 'glaze' ? null : 'return';
    if (said === null && /\bback\b/i.test(text)) return 'return';
    if (said === null && /\bon top\b|\bto serve\b|\bover$/i.test(text) && all(STREWN)) return 'serve';
    if (said === null && BESIDE_IT.test(text) && all(OF_THE_TABLE)) return 'serve';
    // Spread over the joint and pressed into its fat, before it browns.
    if (
      said === 'stirin' &&
      SPREAD_OVER.test(text) &&
      !/\b(?:tray|sheet|dish|plate)\b/i.test(text) &&
      !some(KINDS.meat)
    )
      return 'glaze';
    if (said === null && meant.length && /\b(?:in|through|last|at the end)\b/i.test(text))
      return some(KINDS.dairy) ? 'dairy' : 'stirin';
    return said;
  }
  if (said === 'rack' && all(KINDS.thin)) return 'add';
  // "Whisk the honey and soy in the pot": it is in already, and nothing is rubbed with it.
  if (said === 'mix' && IN_THIS_POT.test(text)) return 'add';
  // "Let it catch a little colour": how long what was told goes on.
  if (said === 'brown' && !meant.length && last && IN_THE_POT.has(last.verb) && LET_COLOUR.test(text))
    return null;
  // Onions with a spoon of sugar caramelise; sugar alone is melted.
  if (said === 'caramel' && meant.length && !all(['sugar', 'syrup', 'water', ...KINDS.fat])) return 'soften';
  // "Cook the mushrooms until they give up their juice and brown": no meat is browned.
  if (said === 'brown' && meant.length && !some(KINDS.meat) && UNTIL_BROWN.test(text)) return 'soften';
  // "Leave alone 6 minutes", in the hot pot: it browns on.
  if (
    said === 'marinate' &&
    stage === 'open' &&
    wasHot(last) &&
    !/\b(?:marinat|overnight|fridge|chill)/i.test(text)
  )
    return null;
  // "Pour over the brandy, warm it and set it alight": it is the brandy that is warmed.
  if (said === 'heat' && !meant.length && last?.verb === 'deglaze' && /\b(?:it|them)\b/i.test(text))
    return null;
  if (said === 'toast') return stage === 'open' && wasHot(last) ? 'bloom' : meant.length ? 'toast' : null;
  if (said === 'pound' && meant.length && !some(KINDS.meat)) return 'blend';
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
  if (said === 'add' && isInFat && all(KINDS.meat) && (LEFT_ALONE.test(text) || LEFT_ALONE.test(next)))
    return 'brown';
  // "Add the pork and turn it in the spices for two minutes": it is sealed in the hot pot.
  const isFried = last !== undefined && HAD_HEAT.has(last.verb) && last.verb !== 'liftout';
  if (said === 'add' && (isFried || isInFat) && all(KINDS.meat) && meant.some(isToCome) && TURNED.test(next))
    return 'brown';
  if (last?.verb === 'brown' && !meant.some(isToCome) && TURNED.test(text)) return null;
  if (said === 'skim' && last?.verb === 'blanch') return null;
  // "Season the flour and coat the oxtail in it".
  if ((said === 'dredge' || said === 'season') && wasHot(last) && all(['flour'])) return 'bloom';
  if (said === 'season' && all(['flour'])) return 'dredge';
  if (said === 'season' && last?.verb === 'dredge' && /\bcoat\b/i.test(text)) return 'dredge';
  if ((said === 'add' || said === null) && SOAKED_IN.test(text) && some(SOAKED)) return 'soak';
  // What was toasted is covered with water, and stands.
  if (
    stage === 'prep' &&
    last?.verb === 'toast' &&
    /^(?:\W*)(?:then )?(?:cover|soak|pour)\b/i.test(text) &&
    all(KINDS.thin)
  )
    return 'soak';
  if (said === 'marinate' && last?.verb === 'soak' && !some(KINDS.meat)) return null;
  // "Rub it with turmeric and set aside": it waits on the board.
  if (said === 'liftout' && stage === 'prep' && !meant.length && last && ON_BOARD.has(last.verb)) return null;
  if (said === 'stuff' && !meant.length && /^\W*(?:push|poke|stick)\b/i.test(text)) return null;
  if (said === 'tie' && all(['flour'])) return 'dredge';
  // "Drain off the excess" of what was washed: no fat has run yet.
  if (said === 'pouroff' && stage === 'prep' && !/\b(?:fat|oil|grease)\b/i.test(text)) return null;
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
  const isRaw = (i: number): boolean =>
    (['poultry', 'red-meat', 'ground-meat', 'sausage'] as FoodKind[]).includes(
      lines[i]?.read.food?.kind ?? 'other',
    );
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
  // Onions that are melted are softened.
  if (said === 'heat' && some(['allium', 'slow-veg', 'quick-veg']) && /\bmelt/i.test(text)) return 'soften';
  // A spoonful of liquid that sizzles in the paste is poured in; only what is whole or leafy crackles by itself.
  const isLiquid = (i: number): boolean =>
    ([...KINDS.thin, ...KINDS.dairy, 'coconut-milk'] as FoodKind[]).includes(
      lines[i]?.read.food?.kind ?? 'other',
    );
  if (said === 'pop' && meant.length && meant.every(isLiquid)) return 'add';
  if (said === 'pop' && !meant.length && last?.lines.length && last.lines.every((l) => isLiquid(l.index)))
    return null;
  // Bacon that sizzles until its fat runs.
  if (said === 'pop' && some(['cured-meat']) && all(['cured-meat', ...KINDS.fat])) return 'render';
  // Lardons until they are golden: their fat is what they fry in.
  if ((said === 'brown' || said === 'soften') && some(['cured-meat']) && all(['cured-meat', ...KINDS.fat]))
    return 'render';
  // Set on top again, it goes back.
  if (said === 'top' && wasTakenOut && meant.length && all(KINDS.meat)) return 'return';
  if ((said === 'add' || said === 'mix') && !wasHot(last) && isRubbedIn(text, kinds)) return 'season';
  // "Boil uncovered for 3 minutes", before the lid: what is in it boils.
  if ((said === null || said === 'deglaze') && stage === 'open' && !meant.length && BOILS_OPEN.test(text))
    return /\bscrap/i.test(text) || last?.verb === 'deglaze' ? said : 'simmer';
  if (said === 'soften' || said === 'brown') {
    // "Roll the beef in flour. Fry in hot dripping": what is fried is the beef.
    const isOfBoard =
      last !== undefined && READY_TO_FRY.has(last.verb) && last.again.some((i) => isMeatLine(lines[i]));
    if (isOfBoard && all(KINDS.fat) && /\b(?:fry|brown|saut|sear)/i.test(text)) return 'brown';
    if (said === 'brown' && !some(KINDS.aromatic)) return 'brown';
    if (some(['ground-meat'])) return 'brown';
    if (some(KINDS.meat) && !some(KINDS.aromatic))
      return said === 'soften' && stage === 'prep' && !/fry|cook|saut/i.test(text) ? null : 'brown';
    const isSpiceInFat = some(KINDS.spice) && all([...KINDS.spice, ...KINDS.fat, 'herb-woody']);
    // "Garlic, paprika and fennel seeds for a minute more": spices burn in the time that onions take.
    const isBrief = BRIEFLY.test(text) || (minutesNamed(text) ?? BRIEF_MIN + 1) <= BRIEF_MIN;
    if (isSpiceInFat || (isBrief && some(['spice-ground']) && all([...BLOOMED, ...KINDS.fat])))
      return 'bloom';
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
  // Browned meat that was taken out and is put in again goes back, however it is said.
  if (said === 'add' && stage === 'open' && wasTakenOut && all(KINDS.meat)) return 'return';
  if (said === 'add' || said === 'season' || said === 'mix') {
    if (said === 'season' && some(KINDS.meat) && stage === 'open' && !wasHot(last)) return 'season';
    if (said === 'season' && !/\b(?:rub|season|salt the|pat)\b/i.test(text) && stage === 'open')
      return some(KINDS.spice) && wasHot(last) ? 'bloom' : 'add';
    // Seasoned in the pot: nothing is rubbed in any more.
    if (said === 'season' && stage === 'open' && !some(KINDS.meat) && last && IN_THE_POT.has(last.verb))
      return 'add';
    if (said === 'add' && stage === 'open') {
      const hadHeat = last && HAD_HEAT.has(last.verb);
      const isBrief = BRIEFLY.test(text) || BRIEFLY.test(next);
      if (hadHeat && all([...KINDS.spice, 'tomato-paste', 'flour'])) return 'bloom';
      if (hadHeat && some(['spice-ground']) && all(BLOOMED)) return 'bloom';
      if (hadHeat && all(FRIED_TOGETHER) && some(KINDS.aromatic)) return 'soften';
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
  if (said === 'return' && !meant.length && !/\b(?:meat|it|them|all)\b/i.test(text)) return null;
  if (said === null && meant.length && /\bback\b/i.test(text)) return 'return';
  // "Stir in the paprika, then the caraway": as what was told before.
  if (/^then the\b/i.test(text) && last?.verb === 'bloom' && all([...KINDS.spice, 'tomato-paste']))
    return 'bloom';
  if (/^then the\b/i.test(text) && last?.verb === 'soften' && all(FRIED)) return 'soften';
  if (said === null && some(KINDS.aromatic) && all([...KINDS.aromatic, ...KINDS.fat]) && IN_FAT.test(text))
    return 'soften';
  if (said === null && meant.length && /\b(?:in\b|on top|then the|over)/i.test(`${text} `))
    return /on top/i.test(text)
      ? 'top'
      : stage === 'open' && wasHot(last) && all([...KINDS.spice, 'tomato-paste'])
        ? 'bloom'
        : // "Onions in, 5 min", "the rest of the oil in, onions in for 6 min until soft".
          stage === 'open' && last && HAD_HEAT.has(last.verb) && some(KINDS.aromatic) && all(FRIED_TOGETHER)
          ? 'soften'
          : all(KINDS.thin) && last && ['brown', 'soften', 'bloom', 'liftout'].includes(last.verb)
            ? 'deglaze'
            : 'add';
  return said;
}

/** What is meant where only foods are named ("shallots and garlic, soft"); null where they go on from what was told before. */
export function inferVerb(
  text: string,
  stage: Stage,
  fresh: readonly number[],
  lines: readonly ScriptLine[],
  last: Act | undefined,
): string | null {
  if (!fresh.length) return null;
  const kinds = fresh.flatMap((i) => lines[i]?.read.food?.kind ?? []);
  const all = (group: readonly FoodKind[]): boolean => kinds.every((k) => group.includes(k));
  const some = (group: readonly FoodKind[]): boolean => kinds.some((k) => group.includes(k));
  if (meansEverything(text) || /\beverything\b/i.test(text)) return stage === 'after' ? 'stirin' : 'add';
  const goesOn =
    last !== undefined &&
    ![
      'liftout',
      'close',
      'hold',
      'release',
      'return',
      'brown',
      'skim',
      'strain',
      'pouroff',
      'reduce',
    ].includes(last.verb);
  if (stage === 'after' || stage === 'table') {
    // Milk that makes a dough of what was mixed.
    if (last?.verb === 'mix' && /\b(?:dough|batter)\b/i.test(text)) return null;
    if (some(KINDS.dairy) && last?.verb !== 'dairy') return 'dairy';
    if (all(KINDS.leaf)) return 'wilt';
    if (/\b(?:boil|sticky|glaze)\b/i.test(text)) return 'glaze';
    // "Sharpen with the vinegar": a way of cooks to say that it is stirred in.
    if (last?.verb !== 'fill' && /^\p{L}+ (?:it |the \p{L}+ )?with\b/iu.test(text)) return 'stirin';
    return goesOn ? null : 'stirin';
  }
  // What is poured onto what was fried loosens the floor; it does not go on being fried.
  if (all(KINDS.thin) && last && ['brown', 'soften', 'bloom', 'liftout', 'flame'].includes(last.verb))
    return 'deglaze';
  // "The whole spices until they smell, then the onion for four minutes": something else to fry.
  if (
    last &&
    ['bloom', 'pop'].includes(last.verb) &&
    kinds.includes('allium') &&
    all(FRIED_TOGETHER) &&
    minutesNamed(text) !== null
  )
    return 'soften';
  if (goesOn && last.lines.length > 0 && (last.verb !== 'deglaze' || all(KINDS.thin))) return null;
  if (all(KINDS.thin)) return 'add';
  if (all(KINDS.spice)) return 'bloom';
  if (last && HAD_HEAT.has(last.verb) && some(KINDS.aromatic) && all(FRIED_TOGETHER)) return 'soften';
  if (all([...KINDS.aromatic, 'butter', 'oil'])) return 'soften';
  return 'add';
}
