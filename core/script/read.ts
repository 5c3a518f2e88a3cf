import { OF_PRESSURE, timeNamed } from '../dish/pressure';
import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import type { Act, Script } from './act';
import { linesNamed, type ScriptLine } from './align';
import { closing, holding, lettingGo, longCooking, whileClosed } from './lid';
import { KINDS } from './kinds';
import { joined, merged } from './merge';
import { PARTS } from './portions';
import { BESIDE_THE_POT, DOUGHS, ON_THE_BOARD, Reading, untilTold, type Clause } from './reading';
import { inferVerb } from './inferVerb';
import { HAD_HEAT } from './told';
import { verbOf } from './verbOf';
import { splashTold, withoutFoods, withoutMade, withoutNot } from './wording';

const TIP =
  /^(?:\W*)(?:do not|don['’]?t|never|no need\b|there(?:['’]s| is) no need\b|add (?:a little |some )?more\b|adding more\b|if you(?:'|’| )|if (?:necessary|needed|required|wanted|liked)\b|optional|tips?\s*[:!–-]|note\b|be careful|make sure|you can|alternatively|or use|feel free|depending)/i;
/** "If the gravy is thin, boil it down": for whom it may concern, the whole sentence. */
const PERHAPS =
  /^\W*optional(?:ly)?\b|^\W*if (?:it(?:['’]s)? )?(?:too|still|not) \b|^\W*if it(?:['’]s| is| seems| looks) (?:\p{L}+ ){0,3}(?:thin|thick|dry|watery|runny|loose|tough|salty|bland)\b|^\W*if you(?:['’]d| would)? (?:like|want|prefer|need)\b.{0,24}\b(?:thick|thin|crisp|smooth|sweet|spic|rich|sauc|gravy)\w*|^\W*if (?:the |your |it )?(?:\p{L}+ ){0,2}(?:is|are|seems?|looks?|feels?|gets?|turns?|needs?|has|still)\b.{0,60}\b(?:thin|thick|dry|watery|runny|loose|tough|firm|sharp|sour|salty|bland|pale|stuck|sticky|too|not|enough|necessary|needed)\b/iu;
/** "Gather all ingredients": nothing goes anywhere yet. */
const GATHERS =
  /^\W*(?:first,? |start by |begin by )?(?:gather(?:ing)?|collect(?:ing)?|assembl\w+|get(?:ting)?(?: out)?|prep(?:ar\w+)?|measur\w+(?: out)?|weigh\w*(?: out)?|ready|lay(?:ing)? out|set(?:ting)? out|have)\b.{0,20}\bingredients\b(?! (?:in|to|into)\b)/i;
/** "Repeat with the rest": told already. */
const REPEATS = /^\W*(?:and |then )*repeat\b/i;
/** "Or broil it on a tray for 5 minutes": another way, and not this one. */
const OTHERWISE = /^\W*or (?:else |you can |just )?(?=\p{L}+)/iu;
/** What may be left undone. */
const OPTIONAL =
  /\bif (?:(?:you|u|ya)(?:'d|’d)? (?:like|want|prefer|wish|wanna)|needed|necessary|desired|liked|wanted)\b|\boptional(?:ly)?\b/i;
const BESIDE =
  /\b(?:wide|frying|large|separate|heavy|deep|another|an?|your) (?:(?!sheet|baking|roasting|oven|grill|broiler|foil)\p{L}+ )?(?<!(?:sheet|baking|roasting|grill|broiler) )(?:pan|skillet)\b|\bskillet\b/iu;
const KNIFE =
  /^(?:\W*)(?:meanwhile,? )?(?:(?:finely|roughly|thinly|coarsely) )?(?:(?:tear|pull|snip|break|twist) (?:off )?the (?:stems?|stalks?|seeds?|tops?)|(?:de)?stem|(?:de)?seed|(?:remove|discard) the (?:stems?|stalks?|seeds?|cores?|pith|membranes?)|prick the eggs|snip|nick|cut|chop|dice|slice|drain(?! (?:off|away|the (?:fat|grease|oil)))|trim|peel|halve|quarter|mince|grate|core|deseed|cube|joint|shell|top and tail|squeeze\b.*\b(?:out of|from) (?:the|their)|(?:remove|slip off|peel off) the (?:skins?|casings?))\b/i;
const SAUCEPAN = /\bin (?:a|another) (?:\p{L}+ )?(?:saucepan|pan|pot)\b/iu;
const INTO_POT = /\b(?:into|in) the (?:pot|cooker|pan|oil|butter)\b/i;
const STANDS =
  /\b(?:leave|keep(?! warm| hot)|marinat\w*|chill|fridge|refrigerat\w*|overnight|let (?:it |them |the \p{L}+ )?(?:sit|stand|rest)|rest|set aside)\b.*(?:\b(?:hours?|hrs?|min\w*|overnight|fridge)\b)|\bovernight\b|\brefrigerate\b|\bmarinate\b|^chill\b/iu;
const SET_TO_SAUTE =
  /^(?:\W*)(?:turn|set|switch|press|select|put|use|hit|choose)\b.{0,40}\bsaut[eé](?: (?:mode|setting|function|\(.{1,12}\)))?(?: (?:on )?(?:high|low|medium|normal))?\W*$/i;
const SITS = /\b(?:let|leave)(?: (?:it|them|the \p{L}+)\b.*)? (?:sit|stand|rest|wait|come to room)\b/iu;
const BOILED = /\b(?:boil|bubble|simmer)/i;
const COATED = /\b(?:coat(?:ed)?|toss|turn|massage|rub)\b/i;
const INTO_A_BOWL = /\b(?:in|into|on|onto) (?:a|an|another) (?:\p{L}+ )?(?:bowl|bag|plate|dish|tray)\b/iu;
const IN_A_BOWL = /\b(?:bowl|bag|dish|tray)\b/i;
const RACK = /\b(?:rack|trivet|steamer basket)\b/i;
const ON_IT = /\b(?:on|in) (?:it|there|this|top of it)\b/i;
const OTHER_PAN = /\b(?:small|separate|another|second|other|dry) (?:frying )?(?:pan|skillet)\b/i;
/** Water that is for a slurry and not for the pot, g. Source: two to six tablespoons; spread 30 %. */
const SLURRY_WATER_G = 100;
/** Verbs after which something can be put back. */
const TAKES_OUT: ReadonlySet<string> = new Set(['liftout', 'strain', 'bone', 'shred', 'slice', 'blendafter']);
/** What is only done to meat that is cooked. */
const WORKED_ON: ReadonlySet<string> = new Set([
  'shred',
  'slice',
  'bone',
  'liftout',
  'return',
  'grill',
  'serve',
  'fill',
]);
/** Verbs that need the pot: with the first of them the board is left. */
const AT_THE_POT: ReadonlySet<string> = new Set([
  'heat',
  'render',
  'pop',
  'brown',
  'pouroff',
  'soften',
  'bloom',
  'deglaze',
  'reduce',
  'add',
  'rack',
  'top',
]);

/** A way to understand a clause: writes down what it tells and answers true, or leaves it to the next. */
type Rule = (r: Reading, c: Clause) => boolean;

/** In this order: what is no act of the pot, what the lid does, and everything else that is done. */
const RULES: readonly Rule[] = [
  (r, { n }) => n <= r.doneUntil,
  blanching,
  knifeWork,
  tip,
  setting,
  standing,
  reserving,
  untying,
  waiting,
  longCooking,
  closing,
  holding,
  lettingGo,
  meanwhile,
  whileClosed,
  deed,
];

/**
 * Reads a method as a script: what is done, in its order, to which lines. Every act keeps the recipe's words; a tip is no act. A line
 * that no sentence names is in no act. Never throws; null when the method says nothing that can be done.
 */
export function readScript(method: string, lines: readonly ScriptLine[], pantry: Pantry): Script | null {
  const r = new Reading(method.slice(0, 20_000), lines, pantry);
  if (!r.parts.length || !lines.length) return null;
  r.parts.forEach((_, n) => {
    const c = r.clause(n);
    r.noteSizes(c);
    RULES.some((rule) => rule(r, c));
  });
  const acts = merged(
    withMeatUnderLid(
      withMeatBlanched(r.acts, (i) => r.isRawMeat(i)),
      (i) => r.isRawMeat(i),
      (i) => r.kindOf(i) === 'seafood',
    ),
    lines,
  );
  // Without a lid there is nothing to split: the table does it.
  if (!acts.some((a) => a.verb === 'close')) return null;
  return {
    acts,
    sizes: [...r.sizes.values()],
    isConverted: r.longest >= 0,
    convertedFrom: r.longest >= 0 ? (r.parts[r.longest]?.text ?? '') : '',
  };
}

/** "Meanwhile fry the mushrooms in butter": done in a pan or a bowl of its own while the pot is closed. */
function meanwhile(r: Reading, c: Clause): boolean {
  if (r.stage !== 'closed' || !r.has('hold') || r.has('release') || r.run + 1 < r.lids) return false;
  const { last } = r;
  const isBegun = last?.stage === 'closed' && last.run > r.run;
  if ((!MEANWHILE.test(c.sentence) && !isBegun) || OPENS_IT.test(c.text)) return false;
  const isOfIt = (i: number): boolean =>
    last?.again.includes(i) === true || last?.lines.some((l) => l.index === i) === true;
  const isGoingOn = last?.stage === 'closed' && last.run > r.run && c.meant.every(isOfIt);
  // "…, season and set aside", "push it through a grater into boiling water. Drain": of what is beside the pot.
  if (isGoingOn) {
    last.minutes ??= timeNamed(c.text);
    return true;
  }
  if (isBegun && last.verb === 'mix' && intoTheDough(r, c, last)) return true;
  if (!MEANWHILE.test(c.sentence)) return false;
  r.stage = 'after';
  r.run++;
  const verb = verbTold(r, c);
  const isSame = isBegun && isSameBowl(r, c, verb);
  const isBeside = isSame || (verb !== null && BESIDE_IT.has(verb) && c.meant.some((i) => r.isToCome(i)));
  if (isBeside && verb !== null && !isSame) {
    const act = r.put(verb, 'closed', c, c.meant);
    act.where = IN_A_JUG.has(verb) ? 'pot' : 'pan';
  }
  r.stage = 'closed';
  r.run--;
  return isBeside;
}
/** What makes a dough of flour. */
const WETS_DOUGH: readonly FoodKind[] = [
  ...KINDS.fat,
  'milk',
  'cream',
  'sour-dairy',
  'egg',
  'water',
  'salt',
  'sugar',
  'herb-soft',
  'other',
];
/** "Stir in the milk and the melted butter", of flour that was whisked beside the closed pot: the same bowl. */
function intoTheDough(r: Reading, { meant, text }: Clause, dough: Act): boolean {
  const fresh = meant.filter((i) => r.isToCome(i));
  const isWet = fresh.length > 0 && fresh.every((i) => WETS_DOUGH.includes(r.kindOf(i)));
  if (!isWet || INTO_WHAT_COOKS.test(text) || !dough.lines.some((l) => r.kindOf(l.index) === 'flour'))
    return false;
  for (const index of fresh) {
    dough.lines.push({ index, share: 1 - (r.used.get(index) ?? 0) });
    r.used.set(index, 1);
  }
  r.nameWhatIsMade(dough);
  return true;
}

/** What says that the pot is left to itself. */
const MEANWHILE =
  /^\W*(?:(?:\d{1,2}[.)]|step \d+\W?)\s*)?(?:meanwhile|meantime|in the mean ?(?:time|while)|(?:during|in) (?:this|that|the) (?:time|cooking)|while (?:it|that|this|they|the \p{L}+(?: \p{L}+)?) (?:is |are |['’]s )?(?:cook|pressur|braise|stew|bubbl|com(?:es|ing) (?:up|to)|under|in the)\p{L}*|as (?:it|they|the \p{L}+) cooks?)\b/iu;
const OPENS_IT = /\b(?:open|lid off|into the pot|in the pot|to the pot)\b/i;
/** Cooked or made apart from the pot. */
const BESIDE_IT: ReadonlySet<string> = new Set([
  'fry',
  'soften',
  'boil',
  'simmer',
  'mix',
  'toast',
  'blend',
  'bake',
  'grill',
  'brown',
]);
const IN_A_JUG: ReadonlySet<string> = new Set(['mix', 'blend']);

/** Work of the knife: it is told at the board, and goes in where it is named next. */
function knifeWork(r: Reading, { n, text, sentence, named }: Clause): boolean {
  // Once the pot is open it is what goes to the table: "slice the rest of the orange".
  const isForTable =
    r.stage === 'after' && r.parts[n + 1]?.sentence !== sentence && !named.some((i) => r.isMeat(i));
  const isKnife =
    (r.stage === 'prep' || r.stage === 'open' || isForTable) &&
    KNIFE.test(text) &&
    named.length &&
    !INTO_POT.test(text);
  if (!isKnife) return false;
  for (const i of named) if (r.isToCome(i)) r.waiting.add(i);
  return true;
}

/** "Put the ribs in cold water, boil five minutes, drain and rinse": one thing, and its water is none of the list. */
function blanching(r: Reading, c: Clause): boolean {
  if (r.stage !== 'prep' && r.stage !== 'open') return false;
  // "Soak the ribs, drain. Boil five minutes, drain and rinse": what was soaked.
  const isBoiledNext =
    r.last !== undefined &&
    ['soak', 'rinse'].includes(r.last.verb) &&
    r.last.again.concat(r.last.lines.map((l) => l.index)).some((i) => r.isRawMeat(i)) &&
    !c.meant.length &&
    /^\W*(?:then )?(?:par)?boil\b/i.test(c.text) &&
    POURED_AWAY.test(r.parts[c.n + 1]?.text ?? '');
  if (isBoiledNext) {
    const before = r.last;
    const meats = [
      ...new Set([...(before?.again ?? []), ...(before?.lines.map((l) => l.index) ?? [])]),
    ].filter((i) => r.isRawMeat(i));
    r.put('blanch', r.stage, c, meats);
    r.doneUntil = c.n + 1 + (POURED_AWAY.test(r.parts[c.n + 2]?.text ?? '') ? 1 : 0);
    return true;
  }
  const isGoingOn = r.last?.verb === 'blanch' && !c.named.some((i) => r.isMeat(i));
  const meats = isGoingOn ? r.last.again : c.meant.filter((i) => r.isRawMeat(i) && !r.used.has(i));
  const isOther = (i: number): boolean => !meats.includes(i) && r.kindOf(i) !== 'water';
  if (!meats.length || !IN_WATER.test(c.text) || c.meant.some(isOther)) return false;
  const rest = r.parts.slice(c.n, c.n + LONGEST_BLANCHING);
  const end = rest.findIndex(({ text }, k) => k > 0 && POURED_AWAY.test(text));
  const between = rest.slice(1, end);
  const isPlain = between.every(
    ({ text }) => !linesNamed(text, r.lines, r.pantry).some((i) => isOther(i) && !r.used.has(i)),
  );
  const boils = rest.slice(0, end).filter(({ text }) => BOILED.test(text));
  if (end < 0 || !isPlain || !boils.length || between.some(({ text }) => OF_PRESSURE.test(text)))
    return false;
  const act = isGoingOn ? r.last : r.put('blanch', r.stage, { ...c, meant: meats, named: meats }, meats);
  act.minutes = boils.map(({ text }) => timeNamed(text)).find((m) => m !== null) ?? act.minutes;
  const rinsed = r.parts[c.n + end + 1]?.text ?? '';
  r.doneUntil = c.n + end + (POURED_AWAY.test(rinsed) ? 1 : 0);
  return true;
}
const IN_WATER =
  /\b(?:in|with|into|under|to) (?:(?:cold|fresh|clean|plenty of|enough|just enough|hot|boiling|a pan of|tap) )*water\b/i;
const POURED_AWAY =
  /^\W*(?:then )?(?:drain|rinse|wash)\b|\b(?:discard|throw|tip|pour)\w* (?:away |out |off )?(?:the |that |all the )?(?:scummy |dirty )?water\b/i;
/** Longest that a blanching is told, clauses. */
const LONGEST_BLANCHING = 7;

/** "Turn it to sauté": the pot is set, and nothing is in it. */
function setting({ stage }: Reading, { text, meant }: Clause): boolean {
  return stage !== 'closed' && !meant.length && SET_TO_SAUTE.test(text);
}

/** "Remove the sticks", "snip off the string": nothing is done to what is eaten. */
function untying(_r: Reading, { text, named }: Clause): boolean {
  return (!named.length && UNTIES.test(text)) || THROWN_AWAY.test(text);
}
/** "Throw that water away": no water of the list. */
const THROWN_AWAY =
  /^\W*(?:(?:throw|tip|pour) (?:out |away )?(?:that|this|the|its) (?:\p{L}+ )?(?:water|brine)(?: \p{L}+)? away|(?:throw|tip|pour) (?:away|out) (?:that|this|the|its) (?:\p{L}+ )?(?:water|brine)|discard (?:that|this|the|its) (?:\p{L}+ )?(?:water|brine))\W*$/iu;
const UNTIES =
  /^(?:\W*)(?:remove|take out|discard|snip|cut|pull out)\b.*\b(?:sticks?|strings?|twine|toothpicks?|skewers?|netting)$/i;

/** "Grind the coconut and keep it aside": what is made beside the pot stands there, and nothing is lifted out. */
function standing(r: Reading, { text, named }: Clause): boolean {
  const { acts, last, stage } = r;
  // "Toss and refrigerate 30 minutes": the bowl that was mixed last.
  const bowl = acts.findLast((a) => a.lines.length > 0 || a.again.length > 0);
  if (!named.length && stage === 'prep' && bowl?.verb === 'marinate' && STANDS.test(text)) {
    bowl.minutes ??= timeNamed(text);
    return true;
  }
  if (named.length || !last || !RESERVES.test(text)) return false;
  if (BESIDE_THE_POT.has(last.verb)) {
    // What was made in a pan of its own is done with that pan.
    r.where = 'pot';
    return true;
  }
  // "Marinate, and keep aside for half an hour": so long it stands in its bowl.
  if (!ON_THE_BOARD.has(last.verb)) return false;
  last.minutes ??= timeNamed(text);
  return true;
}

/** "Scoop the thick cream off and set it aside", "reserve half of the parsley": so much of a line waits for the end. */
function reserving(r: Reading, { n, text, named }: Clause): boolean {
  if (r.stage !== 'prep' && r.stage !== 'open') return false;
  const next = r.parts[n + 1]?.text ?? '';
  const isKept = RESERVES.test(text) || (SCOOPS.test(text) && RESERVES.test(next));
  const before = r.parts[n - 1]?.text ?? '';
  if (RESERVES.test(text) && !named.length && SCOOPS.test(before) && r.reserved.size > 0) return true;
  return isKept && r.reserve(text, named);
}
const RESERVES =
  /\b(?:reserv(?:e|ing)|(?:set|put|keep)(?:ting)? (?:it |them |this )?aside|(?:keep|hold)(?:ing)? (?:\p{L}+ ){0,4}back|save)\b|^\W*(?:and )?keep(?: it| that)?(?: for later)?\W*$/iu;
const SCOOPS = /\b(?:scoop|spoon|skim|lift|take|measure)\b/i;

/** "Let it sit while the cooker heats": what is on the board waits there. */
function waiting({ stage, last }: Reading, { text }: Clause): boolean {
  const isWaiting =
    stage === 'prep' && last && ON_THE_BOARD.has(last.verb) && SITS.test(text) && !STANDS.test(text);
  if (isWaiting) last.minutes ??= timeNamed(text);
  return Boolean(isWaiting);
}

/** A tip is no act; "do not stir" says how the last thing goes in. */
function tip({ last }: Reading, { text, sentence }: Clause): boolean {
  if (GATHERS.test(text) || REPEATS.test(text) || OTHERWISE.test(sentence)) return true;
  if (!TIP.test(text) && !PERHAPS.test(sentence)) return false;
  if (/\bstir/i.test(text) && last?.verb === 'add' && last.stage === 'open' && last.lines.length)
    last.verb = 'top';
  return true;
}

const FAT_AGAIN =
  /\b(?:heat|warm|put|add|melt|pour)\b.{0,24}\b(?:oil|ghee|butter)\b(?!.*\b(?:small|separate|another) (?:pan|skillet)\b)/i;

/** Whatever else is done, in the pot or beside it. */
function deed(r: Reading, c: Clause): boolean {
  const { text, meant } = c;
  if (/\bserve[sd]?\b/i.test(text) && r.stage === 'after') r.stage = 'table';
  // Between two lids oil is heated again: from here on it is an open pot, and nothing is held back for the end.
  if (r.stage === 'after' && r.run < r.lids && FAT_AGAIN.test(text)) r.stage = 'open';
  // What is told for the hob is cooked in its one pan: here that is the pot.
  const isBeside = BESIDE.test(text) && (r.isForPressure || OTHER_PAN.test(text));
  if (r.stage === 'after' || /\bpot|cooker\b/i.test(text)) r.where = 'pot';
  else if (isBeside) r.where = 'pan';
  const verb = verbTold(r, c);
  if (isSameBowl(r, c, verb)) return true;
  // "Boil off the rest if you like": it is the spoon that decides, and the clock counts nothing.
  if (
    (verb === 'reduce' || verb === 'simmer' || verb === 'thicken') &&
    OPTIONAL.test(text) &&
    !meant.some((i) => r.isToCome(i))
  )
    return true;
  if (verb === null) goesOn(r, c);
  // "Stir in a ladle of the hot sauce": nothing new comes in, and what was done before goes on.
  else if (verb === 'stirin' && r.stage !== 'open' && !meant.length) return true;
  else if (verb === 'brown' && !meant.some((i) => r.isMeat(i))) brownUnnamed(r, c);
  else done(r, c, verb);
  return true;
}

/** "Whisk the flour and baking powder; stir in the milk and butter": the same bowl of dough, and no pot. */
function isSameBowl(r: Reading, { text, sentence, meant }: Clause, verb: string | null): boolean {
  const { last } = r;
  const fresh = meant.filter((i) => r.isToCome(i));
  const isGoingOn =
    last?.verb === 'mix' &&
    sentence.endsWith(last.words) &&
    last.lines.some((l) => r.kindOf(l.index) === 'flour') &&
    ['stirin', 'dairy', 'add'].includes(verb ?? '') &&
    fresh.length > 0 &&
    !fresh.some((i) => r.isMeat(i)) &&
    !INTO_WHAT_COOKS.test(text);
  if (!isGoingOn) return false;
  for (const index of fresh) {
    last.lines.push({ index, share: 1 - (r.used.get(index) ?? 0) });
    r.used.set(index, 1);
  }
  r.nameWhatIsMade(last);
  return true;
}
const INTO_WHAT_COOKS = /\b(?:pot|cooker|sauce|soup|stew|broth|gravy|pan|liquid|curry)\b/i;

const QUOTED = /(?<=\b(?:under|in|of|from) (?:the )?)['‘“"][^'’”"]{3,40}['’”"]/gu;

/** The verb of a clause, with what only the whole of the method can tell. */
function verbTold(r: Reading, c: Clause): string | null {
  const { text, meant, sentence } = c;
  const told = verbOf({
    // "All that is listed under 'to cook the beef'": a name, and nothing to cook yet.
    text: withoutFoods(withoutMade(withoutNot(text.replace(QUOTED, ' ')), c.product?.name), r.lines),
    stage: r.stage,
    meant,
    lines: r.lines,
    last: r.last,
    wasTakenOut: r.acts.some((a) => a.run === r.run && TAKES_OUT.has(a.verb)),
    isToCome: (i) => r.isToCome(i) || r.reserved.has(i),
    next: r.parts[c.n + 1]?.text ?? '',
  });
  // A sauce that is boiled down in a pan of its own, while the pot is closed or after.
  const isOfItsOwn =
    told === 'thicken' &&
    SAUCEPAN.test(text) &&
    meant.some((i) => r.isToCome(i) && ['syrup', 'sugar'].includes(r.kindOf(i)));
  if (isOfItsOwn) return 'simmer';
  // "Whisk the roux in by the spoonful": it thickens, wherever it was made.
  if (r.stage === 'after' && c.product?.name === 'roux' && told !== null) return 'thicken';
  // A dough that is dropped on the stew lies on top and steams.
  if (r.stage === 'after' && c.product && DOUGHS.includes(c.product.name))
    return INTO_BROTH.test(text) ? 'simmer' : 'top';
  // "With the trivet in it, and stand the ribs on it": what stands on the rack is the meat.
  if (told === 'add' && meant.length > 0 && RACK.test(sentence) && ON_IT.test(text)) return 'rack';
  // The floor is clean by now: what is poured round the meat that went back is only poured.
  if (
    told === 'deglaze' &&
    r.last?.verb === 'return' &&
    r.has('deglaze') &&
    !/\b(?:scrap|deglaz|stuck|bits)/i.test(text)
  )
    return 'add';
  // "Add the beef and the bruised lemongrass, stir for 2 minutes": meat is turned, and never bloomed.
  if (told === 'bloom' && r.stage === 'open' && meant.some((i) => r.isRawMeat(i) && r.isToCome(i)))
    return 'brown';
  const atBoard = onTheBoard(r, c, told);
  if (atBoard !== null) return atBoard;
  // What has not been in the pot cannot go back to it.
  const isNew =
    told === 'return' &&
    (r.stage === 'open' || r.stage === 'prep') &&
    meant.some((i) => r.isMeat(i) && (r.used.get(i) ?? 0) === 0);
  return isNew ? 'add' : told;
}

/** Noodles that are dropped into what boils, and no dumplings on a stew. */
const INTO_BROTH =
  /\b(?:in|into) (?:the |a )?(?:boiling|simmering|bubbling|hot) |\b(?:in|into) the (?:soup|broth)\b/i;
const KNEADED = /\bknead|\b(?:roll|form|shape)\b.*\b(?:balls?|patties|koft\w+|meatballs|burgers)\b/i;

/** Meat that is put together with what it is to taste of, before there is any pot: a marinade where it is left to stand, else a rub. */
function onTheBoard(r: Reading, { n, text, sentence, meant }: Clause, told: string | null): string | null {
  const isFirstMixed = r.last?.verb === 'mix' || r.last?.verb === 'season';
  // "Put the flour in a large bowl": no pot is near.
  if (
    r.stage === 'prep' &&
    told === 'add' &&
    meant.length > 0 &&
    !meant.some((i) => r.isMeat(i)) &&
    INTO_A_BOWL.test(text)
  )
    return 'mix';
  // "Add the mince and the egg, knead, and roll into balls": a bowl, and no pot.
  const isKneaded =
    r.stage === 'prep' &&
    told === 'add' &&
    meant.some((i) => r.kindOf(i) === 'ground-meat') &&
    r.parts.slice(n + 1, n + 3).some((p) => KNEADED.test(p.text));
  if (isKneaded) return 'mix';
  const isTogether =
    r.stage === 'prep' &&
    [null, 'mix', 'add', 'season'].includes(told) &&
    meant.some((i) => r.isRawMeat(i) && r.isToCome(i)) &&
    (isFirstMixed || meant.some((i) => !r.isMeat(i))) &&
    !/\b(?:pot|cooker|insert|liner)\b/i.test(text);
  if (!isTogether) return null;
  const next = r.parts[n + 1]?.text ?? '';
  // "Mix well. Cover and refrigerate": what is told of the same bowl before it stands.
  const then = r.parts.slice(n + 1, n + 4).map((p) => p.text);
  const stands = then.findIndex((t) => STANDS.test(t));
  const isCovered = stands > 0 && then.slice(0, stands).every((t) => IN_THE_BOWL.test(t));
  if (STANDS.test(text) || STANDS.test(next) || isCovered) return 'marinate';
  if (told === null) return null;
  const isTurned = COATED.test(text) || COATED.test(next) || IN_A_BOWL.test(`${r.last?.words} ${sentence}`);
  if (!isFirstMixed || !isTurned) return null;
  return r.last.lines.some((l) => r.kindOf(l.index) === 'flour') ? 'dredge' : 'season';
}

/** Done to what is in a bowl while it waits to stand. */
const IN_THE_BOWL = /^\W*(?:cover|mix|toss|stir|turn|coat|massage|rub)\b(?!.*\b(?:pot|cooker)\b)/i;

/** No verb is told: what is meant is inferred from the foods, or belongs to what was told before. */
function goesOn(r: Reading, c: Clause): void {
  const { n, text, sentence, meant, product } = c;
  const inferred = inferVerb(
    text,
    r.stage,
    meant.filter((i) => r.isToCome(i)),
    r.lines,
    r.last,
    r.parts[n + 1]?.sentence === sentence ? r.parts[n + 1]?.text : '',
  );
  if (inferred !== null) {
    if (r.stage === 'prep') r.stage = 'open';
    const verb = inferred === 'add' && RACK.test(sentence) && ON_IT.test(text) ? 'rack' : inferred;
    r.put(verb, r.stage, { n, text, sentence, meant, named: meant, product: undefined }, meant);
    return;
  }
  const before = r.last;
  if (!before) return;
  // "Then the paste, 8 minutes": what was blended beside is fried now.
  if (product && r.stage === 'open' && HAD_HEAT.has(before.verb)) {
    r.put('soften', r.stage, c, meant);
    return;
  }
  const isHere = before.stage === r.stage;
  if (isHere) before.minutes ??= timeNamed(text);
  const { until } = untilTold(text);
  if (isHere && until && before.until === undefined) before.until = until;
  const isBoard = ON_THE_BOARD.has(before.verb);
  const fresh = meant.filter((i) => r.isToCome(i) && !(isBoard && r.isMeat(i)));
  // A sentence that goes on belongs to what it goes on to.
  const isUnended = r.parts[n + 1]?.sentence === sentence;
  if (isHere && !isUnended) before.words = joined(before.words, sentence);
  if (before.stage === 'closed') return;
  for (const index of fresh) {
    before.lines.push({ index, share: 1 - (r.used.get(index) ?? 0) });
    r.used.set(index, 1);
  }
  if (fresh.length) r.nameWhatIsMade(before);
}

/** "Brown hard": the meat that is not in yet; "add the mushrooms and brown them": they, and no meat that is still to come. */
function brownUnnamed(r: Reading, c: Clause): void {
  const isInThePot = r.last?.stage === 'open' && !ON_THE_BOARD.has(r.last.verb);
  const isOther = r.lastNamed.length > 0 && !r.lastNamed.some((i) => r.isMeat(i));
  if (r.stage === 'prep') r.stage = 'open';
  const isLook = /\b(?:it|them)\b|\buntil .{0,24}\bbrown/i.test(c.text);
  if (isInThePot && isLook && isOther) {
    r.put('soften', r.stage, c, c.meant);
    return;
  }
  const all = r.lines.map((_, i) => i).filter((i) => r.isMeat(i) && r.isToCome(i));
  // What was made ready on the board is what is browned; a ham that is added later is not.
  const onBoard = r.acts.filter((a) => ON_THE_BOARD.has(a.verb)).flatMap((a) => a.again);
  const raw = all.filter((i) => r.isRawMeat(i));
  const toCome = [all.filter((i) => onBoard.includes(i)), raw, all].find((some) => some.length > 0) ?? [];
  r.put('brown', r.stage, c, [...c.meant, ...toCome]);
}

/** What is drained on the board and never fried by a word alone. */
const DRIED: ReadonlySet<FoodKind> = new Set(['pulse-dry', 'pulse-cooked', 'grain', 'pasta']);
/** What nobody can take out again. */
const DISSOLVED: ReadonlySet<FoodKind> = new Set([
  'spice-ground',
  'spice-late',
  'salt',
  'sugar',
  'flour',
  'starch',
]);

/** After which "grind it to a powder" needs no word of what. */
const MADE_FOR_GRINDING: ReadonlySet<string> = new Set(['toast', 'soak', 'pop', 'bloom', 'soften']);

/** An act with a verb of its own. */
function done(r: Reading, c: Clause, verb: string): void {
  const { text } = c;
  const next = r.parts[c.n + 1]?.text ?? '';
  const isShapedNext = /\b(?:roll|form|shape|make|divide)\b/i.test(next);
  const isAll =
    verb === 'mix' && r.stage === 'prep' && !isShapedNext && /\b(?:ingredients|everything)\b/i.test(text);
  const named = isAll ? new Set(linesNamed(next, r.lines, r.pantry)) : undefined;
  const meant = c.meant.filter((i) =>
    verb === 'liftout'
      ? !DISSOLVED.has(r.kindOf(i))
      : // "Combine the marinade ingredients, add the chicken": it comes with the second.
        !(named?.has(i) && r.isRawMeat(i)),
  );
  // "Take out the pepper": the chilli that was in whole, and no ground one.
  if (verb === 'liftout' && !meant.length && c.meant.length > 0) {
    const whole = r.lines.map((_, i) => i).filter((i) => !r.isToCome(i) && isWholeChilli(r.lines[i]));
    if (!whole.length) return;
    meant.push(...whole);
  }
  if (verb === 'return' && r.stage === 'after') keepTakenOut(r, meant);
  const before = r.last;
  // "Remove. Set aside": taken out once.
  const isOut = before?.verb === 'liftout' && before.stage === r.stage && before.run === r.run;
  if (verb === 'liftout' && isOut && !meant.length) {
    before.words = joined(before.words, c.sentence);
    return;
  }
  const taken = PARTS.find(([words]) => words.test(text))?.[1];
  const half = verb === 'liftout' && !meant.length && taken !== undefined ? r.last : undefined;
  if (half)
    for (const line of half.lines.filter((l) => !r.isFat(l.index))) {
      line.share = 1 - (taken ?? 0);
      r.used.set(line.index, line.share);
    }
  if (r.stage === 'prep' && AT_THE_POT.has(verb)) r.stage = 'open';
  // "Chop the onions. Heat the oil and fry until soft": what was cut is what is fried.
  const cut =
    verb === 'soften' && meant.every((i) => r.isFat(i))
      ? [...r.waiting].filter((i) => !r.isMeat(i) && !r.used.has(i) && !DRIED.has(r.kindOf(i)))
      : [];
  // "Season the beef": with the salt and pepper of the list, where no other sentence names them.
  const salts = verb === 'season' && meant.every((i) => r.isMeat(i)) ? saltOfTheList(r, c.n) : [];
  const water = verb === 'thicken' ? slurryWater(r, c) : [];
  // "Toast the chillies, then cover with boiling water": what is soaked is what was toasted.
  const soaked =
    verb === 'soak' && r.last?.verb === 'toast' && meant.every((i) => r.kindOf(i) === 'water')
      ? [...r.last.lines.map((l) => l.index), ...r.last.again]
      : [];
  // "Soak the ribs. Drain and rinse": what was on the board last.
  const rinsed =
    verb === 'rinse' && !meant.length && r.last && ON_THE_BOARD.has(r.last.verb)
      ? [...r.last.again, ...r.last.lines.map((l) => l.index)].filter((i) => r.isMeat(i))
      : [];
  // "Roast the spices. Cool and grind": what was roasted.
  const ground =
    verb === 'blend' && !meant.length && r.last && MADE_FOR_GRINDING.has(r.last.verb)
      ? [...r.last.lines.map((l) => l.index), ...r.last.again].filter((i) => !r.isMeat(i) && !r.isFat(i))
      : [];
  // "Take the chicken out, pat it dry. Heat oil in a pan and fry until crisp": what stands on the plate.
  const onPlate =
    verb === 'fry' && r.stage === 'after' && meant.length > 0 && meant.every((i) => r.isFat(i))
      ? (r.acts.findLast((a) => a.run === r.run && TAKES_OUT.has(a.verb))?.again ?? []).filter((i) =>
          r.isMeat(i),
        )
      : [];
  const put = r.put(verb, r.stage, c, [
    ...onPlate,
    ...new Set([...meant, ...cut, ...salts, ...water, ...soaked, ...rinsed, ...ground]),
  ]);
  // "Cook the lardons until crisp; scoop out": what is taken out is what was cooked last.
  const isUntold = verb === 'liftout' && !meant.length && !half && r.stage === 'open';
  const fried = (isUntold ? before?.lines : undefined)?.map((l) => l.index) ?? [];
  const meats = fried.filter((i) => r.isMeat(i));
  const isOfVegetables =
    before?.verb === 'soften' && /\b(?:scoop|lift|take|spoon|remove|set|tip|transfer)/i.test(text);
  const justFried = meats.length || !isOfVegetables ? meats : fried.filter((i) => !r.isFat(i));
  if (justFried.length) put.again = justFried;
  if (half) put.again = half.lines.map((l) => l.index).filter((i) => !r.isFat(i));
  for (const i of [...meant, ...cut]) r.waiting.delete(i);
  // A splash of what is poured later loosens the floor: so much of it is in already.
  const isPoured = (verb === 'deglaze' || verb === 'add') && r.stage === 'open' && !r.last?.lines.length;
  const splash = isPoured ? splashTold(text, r.lines) : null;
  if (splash && !r.used.has(splash.index)) {
    r.last?.lines.push(splash);
    r.used.set(splash.index, splash.share);
  }
}

const isWholeChilli = (line: ScriptLine | undefined): boolean =>
  /chilli|scotch|habanero|jalape/.test(line?.read.food?.id ?? '') &&
  !/^spice-ground/.test(line?.read.food?.kind ?? '');

/** "Return the chicken to the sauce": of what was in the pot only what was lifted out can go back. */
function keepTakenOut(r: Reading, meant: number[]): void {
  const out = new Set(
    r.acts
      .filter((a) => a.run === r.run && TAKES_OUT.has(a.verb))
      .flatMap((a) => [...a.again, ...a.lines.map((l) => l.index)]),
  );
  if (!meant.some((i) => out.has(i))) return;
  const kept = meant.filter((i) => out.has(i) || r.isToCome(i));
  meant.splice(0, meant.length, ...kept);
}

/** A little water that stands beside the starch in the list and that no sentence names is what it is stirred with. */
function slurryWater(r: Reading, { n, meant }: Clause): readonly number[] {
  const isStarch = (i: number): boolean => (KINDS.starch as readonly FoodKind[]).includes(r.kindOf(i));
  const isLittleWater = (i: number): boolean =>
    r.kindOf(i) === 'water' && (r.lines[i]?.read.massG.mid ?? 0) <= SLURRY_WATER_G;
  const beside = meant.filter(isStarch).flatMap((i) => [i + 1, i - 1]);
  const later = beside.some(isLittleWater) ? r.namedAfter(n) : new Set<number>();
  return beside.filter((i) => isLittleWater(i) && !r.used.has(i) && !later.has(i)).slice(0, 1);
}

function saltOfTheList(r: Reading, n: number): readonly number[] {
  const later = r.namedAfter(n);
  const isOfIt = (i: number): boolean =>
    r.kindOf(i) === 'salt' || r.lines[i]?.read.food?.id === 'black-pepper';
  return r.lines.map((_, i) => i).filter((i) => isOfIt(i) && !r.used.has(i) && !later.has(i));
}

/** Meat that is brought to the boil, drained and rinsed is blanched; it goes in for good where it is named again. */
function withMeatBlanched(acts: readonly Act[], isRawMeat: (line: number) => boolean): readonly Act[] {
  const rinsed = acts.findIndex((a) => a.verb === 'rinse' && a.again.some(isRawMeat));
  const at = acts.slice(0, Math.max(0, rinsed)).findLastIndex((a) => a.lines.length > 0);
  const boiled = acts[at];
  const isBlanched =
    boiled !== undefined &&
    boiled.lines.every((l) => isRawMeat(l.index)) &&
    acts.slice(at, rinsed).every((a) => a.words === boiled.words) &&
    BOILED.test(boiled.words);
  if (!isBlanched) return acts;
  const meat = boiled.lines;
  const again = acts.findIndex((a, i) => i > rinsed && meat.every((l) => a.again.includes(l.index)));
  if (again < 0) return acts;
  const isMeat = (i: number): boolean => meat.some((l) => l.index === i);
  return acts.flatMap((a, i) => {
    if (i === at) return { ...a, verb: 'blanch', lines: [], again: meat.map((l) => l.index) };
    if (i > at && i < rinsed) return [];
    if (i !== again) return a;
    const verb = a.verb === 'return' ? 'add' : a.verb;
    return { ...a, verb, lines: [...meat, ...a.lines], again: a.again.filter((j) => !isMeat(j)) };
  });
}

/**
 * Raw meat that is first named once the lid is off ("shred the pork"), and whatever is lifted out then, was under it: it went in with
 * the last thing before.
 */
function withMeatUnderLid(
  acts: readonly Act[],
  isRawMeat: (line: number) => boolean,
  isQuick: (line: number) => boolean,
): readonly Act[] {
  const lid = acts.findIndex((a) => a.verb === 'close');
  const before = acts.slice(0, Math.max(0, lid)).findLast((a) => a.stage === 'open' && a.verb !== 'liftout');
  const late = acts
    .slice(lid)
    .filter((a) => (WORKED_ON.has(a.verb) || a.verb === 'stirin') && !/\braw\b/i.test(a.words))
    .flatMap((a) =>
      a.lines.filter(
        (l) => (a.verb === 'liftout' || isRawMeat(l.index)) && !(a.verb === 'stirin' && isQuick(l.index)),
      ),
    );
  const close = acts[lid];
  if (!before && close) {
    // "Mix the beef with the spices. Pressure cook": what stood in the bowl is what was closed in.
    const bowl = acts.slice(0, lid).flatMap((a) => a.again);
    const told = new Set(acts.slice(0, lid).flatMap((a) => a.lines.map((l) => l.index)));
    const raw = [...new Set(bowl)].filter((i) => isRawMeat(i) && !told.has(i));
    const all = [...late.map((l) => l.index), ...raw].filter((i, n, list) => list.indexOf(i) === n);
    if (!all.length) return acts;
    const add: Act = {
      ...close,
      id: `${close.id}m`,
      verb: 'add',
      stage: 'open',
      minutes: null,
      lines: all.map((index) => ({ index, share: 1 })),
      again: [],
    };
    const without = (a: Act): Act => ({
      ...a,
      lines: a.lines.filter((l) => !all.includes(l.index)),
      again: [...new Set([...a.again, ...a.lines.map((l) => l.index).filter((i) => all.includes(i))])],
    });
    return [...acts.slice(0, lid), add, ...acts.slice(lid).map(without)];
  }
  if (!before || !late.length) return acts;
  const isLate = (l: { index: number }): boolean => late.some((m) => m.index === l.index);
  return acts.map((a, i) =>
    a === before
      ? { ...a, lines: [...a.lines, ...late] }
      : i >= lid && a.lines.some(isLate)
        ? {
            ...a,
            lines: a.lines.filter((l) => !isLate(l)),
            again: [...a.again, ...a.lines.filter(isLate).map((l) => l.index)],
          }
        : a,
  );
}
