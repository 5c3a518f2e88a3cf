import { OF_PRESSURE, timeNamed } from '../dish/pressure';
import { linesNamed } from './align';
import { KINDS } from './kinds';
import { type Reading, type Clause } from './reading';
import type { FoodKind } from '../pantry/food';
import { VERBS_THAT } from './data/verbs';
import { IS_MINCE } from './wording';

const TIP =
  /^(?:\W*)(?:do not|don['’]?t|never|no need\b|there(?:['’]s| is) no need\b|add (?:a little |some )?more\b|adding more\b|if you(?:'|’| )|if (?:necessary|needed|required|wanted|liked)\b|optional|tips?\s*[:!–-]|note\b|be careful|make sure|you can|alternatively|or use|feel free|depending|(?:double[- ])?check\b(?! (?:the |for |your )*(?:seasoning|salt|taste)\b)(?!.*\b(?:season|taste|adjust)\b)|(?:ensure|verify|confirm)\b|test\b.{0,40}\b(?:done|cooked|tender|ready|soft|through)\b)/i;

/** "If the gravy is thin, boil it down": for whom it may concern, the whole sentence. */
const PERHAPS =
  /^\W*(?:\d{1,2}[.)] *)?(?:alternatively|as an alternative|or,? if you prefer)\b|^\W*optional(?:ly)?\b|^\W*if (?:it(?:['’]s)? )?(?:too|still|not) \b|^\W*if it(?:['’]s| is| seems| looks) (?:\p{L}+ ){0,3}(?:thin|thick|dry|watery|runny|loose|tough|salty|bland)\b|^\W*if you(?:['’]d| would)? (?:like|want|prefer|need)\b.{0,24}\b(?:thick|thin|crisp|smooth|sweet|spic|rich|sauc|gravy)\w*|^\W*if (?:the |your |it )?(?:\p{L}+ ){0,2}(?:is|are|seems?|looks?|feels?|gets?|turns?|needs?|has|still)\b.{0,60}\b(?:thin|thick|dry|watery|runny|loose|tough|firm|sharp|sour|salty|bland|pale|stuck|sticky|too|not|enough|necessary|needed)\b/iu;

/** "Check the lentils; if they are soupy boil for a few minutes". */
const PERHAPS_IT_IS =
  /^\W*if (?:it|they|the \p{L}+)(?:['’]s|['’]re| is| are| seems?| looks?)(?: still| a bit| a little| too| rather| very)* (?:soupy|watery|thin|wet|thick|dry|stiff|runny|loose|tough|sharp|sour|salty|bland|firm|hard)\b/iu;

/** "If your cooker is fussy add 100 ml more water": for whoever has such a one. */
const IF_YOURS =
  /^\W*(?:and |but )?if (?:your|the|you have an?) (?:\p{L}+ )?(?:pot|cooker|machine|model|pan|brand)\b(?!.*\b(?:is|has been) (?:hot|ready|up)\b).*\b(?:add|use|need|more|extra|longer)\b/iu;

/** "Add hot water if too thick": for whom it may concern. */
const IF_IT_IS =
  /^\W*(?:and |then )*(?:add|stir in|thin|loosen|let (?:it )?down|splash|pour)\b.*\bif (?:(?:it|they|the \p{L}+)(?:['’]s| is| are| looks?| seems?| gets?) )?(?:too |a bit |a little |very )*(?:thick|thin|dry|stiff|runny|watery|salty|sour)\W*$/iu;

/** "Gather all ingredients": nothing goes anywhere yet. */
const GATHERS =
  /^\W*(?:first,? |start by |begin by )?(?:gather(?:ing)?|collect(?:ing)?|assembl\w+|get(?:ting)?(?: out)?|prep(?:ar\w+)?|measur\w+(?: out)?|weigh\w*(?: out)?|ready|lay(?:ing)? out|set(?:ting)? out|have)\b.{0,20}\bingredients\b(?! (?:in|to|into)\b)/i;

/** "Repeat with the rest": told already. */
const REPEATS = /^\W*(?:and |then )*repeat\b/i;

/** "It need not be cooked through", "they will finish in the sauce": how things are, and nothing to do. */
const STATES =
  /^\W*(?:(?:it|they|this|these|the \p{L}+(?: \p{L}+)?) (?:needn['’]t|need not|(?:do|does)(?:n['’]t| not) (?:need|have) to)|(?:it|they|this|these) (?:will|won['’]t|would|should(?: not|n['’]t)?|may|might)|(?:it|they)['’]ll)\b/iu;

/** "Or broil it on a tray for 5 minutes": another way, and not this one. */
const OTHERWISE = /^\W*or (?:else |you can |just )?(?=\p{L}+)/iu;

const KNIFE =
  /^(?:\W*)(?:meanwhile,? )?(?:(?:finely|roughly|thinly|coarsely) )?(?:(?:tear|pull|snip|break|twist) (?:off )?the (?:stems?|stalks?|seeds?|tops?)|(?:tear|split|break|slit|snip) (?:open )?(?:the |each |your )?(?:[a-z]+ )*?(?:open|chill?i(?:es)?|chill?es|chiles)\b|(?:de)?stem|(?:de)?seed|(?:remove|discard) the (?:stems?|stalks?|seeds?|cores?|pith|membranes?)|prick the eggs|snip|nick|(?:thread|skewer)\b(?=.*\bskewers?\b)|cut|chop|dice|slice|drain(?! (?:off|away|the (?:fat|grease|oil)))|trim|clean(?! (?:and|the (?:pot|floor|cooker)))|wipe(?! (?:the|it|out))|peel|halve|quarter|mince|grate(?! (?:over|on)\b)|core|deseed|cube|joint|shell|top and tail|scrape (?:(?:the|any|all|most of the|excess|off) )*(?:fat|jelly|marinade|coating)\b|squeeze\b.*\b(?:out of|from) (?:the|their)|(?:remove|slip off|peel off) the (?:skins?|casings?))\b/i;

/** "Remove the seeds", of what is on the board. */
const ITS_INSIDES =
  /\b(?:seeds?|stems?|stalks?|cores?|pith|membranes?|pips|ribs and seeds)\W*$|^\W*scrape\b.*\boff\b/i;

const INTO_POT = /\b(?:into|in) the (?:pot|cooker|pan|oil|butter)\b/i;

export const STANDS =
  /\b(?:leave|keep(?! warm| hot)|marinat\w*|chill|fridge|refrigerat\w*|overnight|let (?:it |them |the \p{L}+ )?(?:sit|stand|rest)|rest|set aside)\b.*(?:\b(?:hours?|hrs?|min\w*|overnight|fridge)\b)|\bovernight\b|\brefrigerate\b|\bmarinate\b|^chill\b/iu;

const SET_TO_SAUTE =
  /^(?:\W*)(?:turn|set|switch|press|select|put|use|hit|choose)\b.{0,40}\bsaut[eé](?: (?:mode|setting|function|\(.{1,12}\)))?(?: (?:on )?(?:high|low|medium|normal))?\W*$|^\W*saut[eé] (?:mode|setting|function)(?: on)?(?: (?:high|low|medium|normal))?\W*$/i;

const SITS =
  /^\W*(?:and |then )?(?:stand|rest|wait)(?: for)?(?: about)? \d|\b(?:let|leave)(?: (?:it|them|the \p{L}+)\b.*)? (?:sit|stand|rest|wait|come to room)\b/iu;

export const BOILED = /\b(?:(?:par)?boil|bubble|simmer|blanch)/i;

/** Work of the knife: it is told at the board, and goes in where it is named next. */
export function knifeWork(r: Reading, { n, text, sentence, named, meant }: Clause): boolean {
  // "Mince + grated onion + cumin": what it is, and nothing to do with a knife.
  if (IS_MINCE.test(text) && named.some((i) => r.kindOf(i) === 'ground-meat')) return false;
  // Once the pot is open it is what goes to the table: "slice the rest of the orange".
  const isForTable =
    r.stage === 'after' && r.parts[n + 1]?.sentence !== sentence && !named.some((i) => r.isMeat(i));
  // "Trim the asparagus, cut it in pieces and add to the pot": of what has not been in it.
  const isStillRaw =
    r.isOpened && named.length > 0 && named.every((i) => !r.used.has(i) && VEGETABLE.has(r.kindOf(i)));
  // "Slice on the diagonal", of what was just peeled.
  const goesOnCutting = r.isOpened && !named.length && r.parts[n - 1]?.sentence === sentence && isWaiting(r);
  if (goesOnCutting && KNIFE.test(text) && !INTO_POT.test(text)) return true;
  // "Break the roux into pieces": it goes in by the next words.
  const isSnapped = r.isOpened && named.length > 0 && SNAPS.test(text);
  if (isSnapped) {
    for (const i of named) r.waiting.add(i);
    return true;
  }
  const isKnife =
    (r.stage === 'prep' || r.stage === 'open' || isForTable || isStillRaw) &&
    (KNIFE.test(text) || (TEARS.test(text) && !named.some((i) => r.isMeat(i)))) &&
    (named.length || ITS_INSIDES.test(text) || (r.stage === 'prep' && DRAINS_IT.test(text))) &&
    !INTO_POT.test(text);
  if (!isKnife) return false;
  for (const i of named.length ? named : meant) if (r.isToCome(i)) r.waiting.add(i);
  return true;
}

/** "Tear the bread into pieces". */
const TEARS =
  /^\W*(?:tear|rip|break|crumble)(?: up)? (?:the |your )?(?:\p{L}+ )?(?:bread|crusts?|rolls?|buns?)\b/iu;
/** "Soak the ham overnight, then drain it". */
const DRAINS_IT = /^\W*(?:and |then )*drain(?: (?:it|them))?(?: (?:well|thoroughly|off))?\W*$/i;
const SNAPS = /^\W*(?:break|snap|chop|crumble|cut)\b.*\broux\b/i;

/** True while vegetables lie cut on the board, once the pot is open. */
const isWaiting = (r: Reading): boolean =>
  r.lastNamed.length > 0 && r.lastNamed.every((i) => r.waiting.has(i) && VEGETABLE.has(r.kindOf(i)));
const VEGETABLE: ReadonlySet<FoodKind> = new Set([
  ...KINDS.vegetable,
  'leaf',
  'mushroom',
  'tomato-fresh',
  'fruit',
  'herb-soft',
  'aromatic',
]);

/** "Put the ribs in cold water, boil five minutes, drain and rinse": one thing, and its water is none of the list. */
export function blanching(r: Reading, c: Clause): boolean {
  if (r.stage !== 'prep' && r.stage !== 'open') return false;
  // "Soak the ribs, drain. Boil five minutes, drain and rinse": what was soaked; beans too, "boil hard for ten minutes and drain again".
  const isBoiled = (i: number): boolean => r.isRawMeat(i) || r.kindOf(i) === 'pulse-dry';
  const isBoiledNext =
    r.last !== undefined &&
    ['soak', 'rinse'].includes(r.last.verb) &&
    r.last.again.concat(r.last.lines.map((l) => l.index)).some(isBoiled) &&
    !c.meant.length &&
    /^\W*(?:then )?(?:par)?boil\b/i.test(c.text) &&
    POURED_AWAY.test(r.parts[c.n + 1]?.text ?? '');
  if (isBoiledNext) {
    const before = r.last;
    const meats = [
      ...new Set([...(before?.again ?? []), ...(before?.lines.map((l) => l.index) ?? [])]),
    ].filter(isBoiled);
    const act = r.put('blanch', r.stage, c, meats);
    // They go into the pot later: here they are only worked on.
    for (const { index } of act.lines) r.used.delete(index);
    act.again = meats;
    act.lines = [];
    r.doneUntil = c.n + 1 + (POURED_AWAY.test(r.parts[c.n + 2]?.text ?? '') ? 1 : 0);
    return true;
  }
  const isGoingOn = r.last?.verb === 'blanch' && !c.named.some((i) => r.isMeat(i));
  const meats = isGoingOn ? r.last.again : c.meant.filter((i) => isBoiled(i) && !r.used.has(i));
  const isOther = (i: number): boolean => !meats.includes(i) && r.kindOf(i) !== 'water';
  const before = r.parts[c.n - 1]?.text ?? '';
  const isInWater =
    IN_WATER.test(c.text) || COVERED_NEXT.test(r.parts[c.n + 1]?.text ?? '') || WATER_BOILS.test(before);
  if (!meats.length || !isInWater || c.meant.some(isOther)) return false;
  const rest = r.parts.slice(c.n, c.n + LONGEST_BLANCHING);
  const end = rest.findIndex(({ text }, k) => k > 0 && POURED_AWAY.test(text));
  const between = rest.slice(1, end);
  const isPlain = between.every(
    ({ text }) => !linesNamed(text, r.lines, r.pantry).some((i) => isOther(i) && !r.used.has(i)),
  );
  const boils = [{ text: before }, ...rest.slice(0, end)].filter(({ text }) => BOILED.test(text));
  if (end < 0 || !isPlain || !boils.length || between.some(({ text }) => OF_PRESSURE.test(text)))
    return false;
  const act = isGoingOn ? r.last : r.put('blanch', r.stage, { ...c, meant: meats, named: meats }, meats);
  act.minutes =
    [...boils, ...between].map(({ text }) => timeNamed(text)).find((m) => m !== null) ?? act.minutes;
  const rinsed = r.parts[c.n + end + 1]?.text ?? '';
  r.doneUntil = c.n + end + (POURED_AWAY.test(rinsed) ? 1 : 0);
  return true;
}

const IN_WATER =
  /\b(?:in|with|into|under|to) (?:(?:cold|fresh|clean|plenty of|enough|just enough|hot|boiling|a pan of|tap) )*water\b/i;

/** Put in, and only then covered: "put them in the pot, cover with water". */
const COVERED_NEXT = /^\W*(?:then )?(?:cover|pour (?:over|in)|fill|add)\b[^,;]{0,24}\bwater\b/i;
/** Water of its own, that boils before anything is in it. */
const WATER_BOILS =
  /\b(?:bring|boil|heat)\b.{0,30}\b(?:pot|pan|saucepan|kettle|plenty) (?:full )?of (?:\p{L}+ )?water\b/iu;

const POURED_AWAY =
  /^\W*(?:then )?(?:drain|rinse|wash)\b|\b(?:discard|throw|tip|pour)\w* (?:away |out |off )?(?:the |that |all the )?(?:scummy |dirty )?water\b/i;

/** Longest that a blanching is told, clauses. */
const LONGEST_BLANCHING = 7;

/** "Turn it to sauté": the pot is set, and nothing is in it. */
export function setting({ stage }: Reading, { text, meant }: Clause): boolean {
  // "Bring it back to room temperature before cooking": it only stands.
  if (stage === 'prep' && TO_ROOM.test(text)) return true;
  return stage !== 'closed' && !meant.length && SET_TO_SAUTE.test(text);
}

const TO_ROOM = /\b(?:bring|come|get|let|allow|leave|take)\b.*\broom temp/i;

/** "Remove the sticks", "snip off the string": nothing is done to what is eaten. */
export function untying(_r: Reading, { text, named }: Clause): boolean {
  return (!named.length && UNTIES.test(text)) || THROWN_AWAY.test(text);
}

/** "Throw that water away": no water of the list. */
const THROWN_AWAY =
  /^\W*(?:(?:throw|tip|pour) (?:out |away )?(?:that|this|the|its) (?:\p{L}+ )?(?:water|brine)(?: \p{L}+)? away|(?:throw|tip|pour) (?:away|out) (?:that|this|the|its) (?:\p{L}+ )?(?:water|brine)|discard (?:that|this|the|its) (?:\p{L}+ )?(?:water|brine))\W*$/iu;

const UNTIES =
  /^(?:\W*)(?:remove|take out|discard|snip|cut|pull out)\b.*\b(?:sticks?|strings?|twine|toothpicks?|skewers?|netting)$/i;

/** "Grind the coconut and keep it aside": what is made beside the pot stands there, and nothing is lifted out. */
export function standing(r: Reading, { text, named }: Clause): boolean {
  const { acts, last, stage } = r;
  // "Remove the chicken from the marinade": it lies on the board now, and the next words say what is done to it.
  const outOfBowl = FROM_ITS_BOWL.test(text) ? named.filter((i) => r.isMeat(i) && r.isToCome(i)) : [];
  if (outOfBowl.length && (stage === 'prep' || stage === 'open')) {
    for (const i of outOfBowl) r.waiting.add(i);
    return true;
  }
  // "Toss and refrigerate 30 minutes": the bowl that was mixed last.
  const bowl = acts.findLast((a) => a.lines.length > 0 || a.again.length > 0);
  if (!named.length && stage === 'prep' && bowl?.verb === 'marinate' && STANDS.test(text)) {
    bowl.minutes ??= timeNamed(text);
    return true;
  }
  if (named.length || !last || !RESERVES.test(text)) return false;
  if (VERBS_THAT.areMadeBeside.has(last.verb)) {
    // What was made in a pan of its own is done with that pan.
    r.where = 'pot';
    return true;
  }
  // "Marinate, and keep aside for half an hour": so long it stands in its bowl.
  if (!VERBS_THAT.areOfTheBoard.has(last.verb)) return false;
  last.minutes ??= timeNamed(text);
  return true;
}

/** "Scoop the thick cream off and set it aside", "reserve half of the parsley": so much of a line waits for the end. */
export function reserving(r: Reading, { n, text, named }: Clause): boolean {
  if (r.stage !== 'prep' && r.stage !== 'open') return false;
  const next = r.parts[n + 1]?.text ?? '';
  const isKept = RESERVES.test(text) || (SCOOPS.test(text) && RESERVES.test(next));
  const before = r.parts[n - 1]?.text ?? '';
  if (RESERVES.test(text) && !named.length && SCOOPS.test(before) && r.reserved.size > 0) return true;
  // "Scrape the fat off the duck legs and keep it": the fat.
  if (RESERVES.test(text) && !named.length && /^\W*scrape\b.*\boff\b/i.test(before)) return true;
  return isKept && r.reserve(text, named);
}

const FROM_ITS_BOWL =
  /^\W*(?:and |then |now )*(?:remove|take|lift|pull|pick|shake|scoop|drain)\b.*\b(?:from|out of) (?:the|its|their) (?:\p{L}+ )?(?:marinade|brine|buttermilk|bowl|bag|fridge|refrigerator)\b/iu;
const RESERVES =
  /\b(?:reserv(?:e|ing)|(?:set|put|keep)(?:ting)? (?:it |them |this )?aside|(?:keep|hold)(?:ing)? (?:\p{L}+ ){0,4}back|save)\b|^\W*(?:and )?keep(?: it| that)?(?: for later)?\W*$/iu;

const SCOOPS = /\b(?:scoop|spoon|skim|lift|take|measure)\b|^\W*(?:scrape|wipe|brush|shake)\b.*\boff\b/i;

/** "Let it sit while the cooker heats": what is on the board waits there. */
export function waiting({ stage, last }: Reading, { text }: Clause): boolean {
  const isWaiting =
    stage === 'prep' &&
    last &&
    VERBS_THAT.areOfTheBoard.has(last.verb) &&
    SITS.test(text) &&
    !STANDS.test(text);
  if (isWaiting) last.minutes ??= timeNamed(text);
  return Boolean(isWaiting);
}

/** "Rinse out the bottle with a little water and add that too": what is in it belongs to the line that was in it. */
const RINSES_TIN =
  /^\W*(?:and |then )*(?:rinse|swill|swirl|swish|slosh|wash)(?: out)? (?:the|each|that|both|your) (?:\p{L}+ )?(?:bottles?|tins?|cans?|jars?|cartons?|blender|jug|bowl|packets?)\b/iu;

/** "Add half of the beef and sear. Remove and repeat with the rest": all of it is browned, in two goes. */
function wholeOf(r: Reading): void {
  const browned = r.acts.findLast((a) => a.verb === 'brown' && a.lines.some((l) => r.isRawMeat(l.index)));
  for (const line of browned?.lines ?? []) {
    if (!r.isRawMeat(line.index) || line.share >= 1) continue;
    line.share += 1 - (r.used.get(line.index) ?? 0);
    r.used.set(line.index, 1);
  }
}

/** A tip is no act; "do not stir" says how the last thing goes in. */
export function tip(r: Reading, { text, sentence, named }: Clause): boolean {
  const { last } = r;
  if (REPEATS.test(text)) wholeOf(r);
  if (GATHERS.test(text) || REPEATS.test(text) || OTHERWISE.test(sentence)) return true;
  if (RINSES_TIN.test(text) && !named.some((i) => r.isToCome(i))) return true;
  if (STATES.test(text) && timeNamed(text) === null) return true;
  const isPerhaps =
    PERHAPS_IT_IS.test(text) ||
    IF_YOURS.test(text) ||
    (IF_IT_IS.test(text) && !named.some((i) => r.isToCome(i)));
  if (!TIP.test(text) && !PERHAPS.test(sentence) && !isPerhaps) return false;
  if (/\b(?:stir|mix)/i.test(text) && last?.verb === 'add' && last.stage === 'open' && last.lines.length)
    last.verb = 'top';
  return true;
}
