import { withoutBowls } from './beside';
import { evened } from './evened';
import { kept } from '../quantity/kept';
import { readNumber } from '../quantity/number';
import { isAllNatural, isNatural, isQuick, speaksOfRelease, surelyLetsGo } from './release';

/** One stretch under pressure as a method tells it. */
export interface PressureRun {
  /** Minutes at pressure; null where the method gives none. */
  minutes: number | null;
  level: 'high' | 'low' | null;
  release: 'quick' | 'ten' | 'natural' | null;
  /** Minutes of natural release before venting, where `release` is `ten`. */
  releaseMin: number | null;
  /** How long the recipe says that all of a natural release takes: told, and not vented after. */
  takesMin?: number;
  /** Whistles counted, where a stovetop recipe counts them instead of minutes. */
  whistles: number | null;
}

/** What is done over an open flame, whatever heat it names: "boil on high for 8 minutes" is no lid. */
const OPEN_HEAT =
  /\b(?:simmer|boil|evaporat\w*|bhun\w*|fry|frying|saut[eé]|brown(?:ed)?|sear|sweat|soften|reduced?|rest(?:ing)?|(?:re)?warm(?:ed|ing)?|reheat(?:ed)?|heat(?:ed)? through|heat gently|bubbl(?:e|ing)|bake|grill|broil|roast|marinate|stand|chill|flame|burner|hob|uncovered|melts?|(?:a|per|each|on (?:each|every|both)) sides?|(?:without (?:the|a)|open) lid|lid off)\b/i;
/** True for a clause whose minutes and heat are those of an open pot, a pan or an oven. */
export const isOpenHeat = (clause: string): boolean =>
  OPEN_HEAT.test(clause) && !/\bpressure\b|\bwhistles?\b|\bhiss\w*/i.test(clause);
const WHISTLES =
  /\b(\d{1,2}|one|two|three|four|five|six|seven|eight)(?:\s*(?:-|–|to)\s*\d{1,2})? (?:more |long |full )?whistles?\b/i;
/** Whistles that a clause counts; null where it counts none. */
export function whistlesNamed(clause: string): number | null {
  const found = WHISTLES.exec(clause)?.[1];
  return found === undefined ? null : figure(found);
}

/** Words that only a recipe under pressure has. */
const EVIDENCE =
  /\b(?:from (?:the )?(?:first |start of (?:the )?|beginning of (?:the )?)?(?:hiss|whistl|sing)\w*|(?:rotation|rotating|whisper\w*|whistl\w*|hiss\w*|turning) of the (?:valve|weight|pressure)|(?:once|when|after|until|from when) (?:it|the (?:pot|cooker|weight|valve|vent)) (?:(?:starts|begins) (?:to )?)?(?:hiss|whistl|sing)\w*|(?:lock|seal|close|lid on|(?:close|lock|secure|fit|put on|clamp(?: on)?|replace) the lid)(?: (?:it|up))?[;,.]?\s*(?:it\s+)?\d{1,3}\s?(?:m|min\w*)\s+(?:on |at )?(?:high|low)\b|(?:lock|seal|close)[;,.]\s*(?:high|low)\b|(?:valve|weight|regulator|rocker) (?:starts? to |begins? to )?(?:whisper|hiss|whistle|turn|rotate|rock|jiggle|sing|spin)\w*|close (?:up )?the (?:pressure )?cooker|pressure[- ]?cook\w*|pressure:? (?:for )?\d{1,3}\s?(?:m|mins?|minutes?)\b|\b\d{1,3}\s?(?:m|mins?|minutes?) (?:of |at |on |in )?pressure\b|(?:high|low|full|working) pressure|under pressure|at pressure|to pressure|lbs? pressure|psi|whistles?|second ring|ring (?:2|II|1|I)\b|HP|LP|NPR|QP?R|NR|(?:quick|natural|manual|fast|rapid|instant)[- ](?:pressure[- ])?releas\w*|releas\w* (?:[a-z]+ ){0,4}(?:pressure|steam)|releas\w* naturally|valve (?:shut|closed|to seal\w*|on seal\w*)|open the valve|vent the (?:pot|steam)|seal (?:the )?(?:lid|valve|vent|pot)|lock (?:the )?lid|lid (?:on and )?locked|(?:pin|button|float(?: valve)?|indicator) (?:drops?|rises|is down|goes down|falls|sinks)|pressure (?:has )?(?:gone|dropped?|drops|falls?|come down)|let (?:the |its )?pressure|(?:lock|seal)(?:ed)? (?:it )?and (?:cook|set)\b.{0,16}\b(?:high|low)|(?:\b\d{1,3}\s?(?:m|mins?|minutes?) (?:on |at )?high|\bhigh(?: for)?,? \d{1,3}\s?(?:m|mins?|minutes?))\b.{0,60}\b(?:vent|releas\w*|natural|(?<!\b(?:a|be) )quick)|then vent)\b/i;
const CLOSES =
  /\b(?:re-?(?:seal|close|lock)\w*|(?:lock|seal|close|secure|fit|fix|fasten|screw|clamp|replace)\b(?! with\b).{0,24}\b(?:lid|pot|cooker|valve|vent)|(?:lock|seal|close) (?:it|up|again)|(?:lid|valve) (?:on|shut|closed|locked)|close(?:d)?\b|seal\b|(?:bring(?:s|ing)? |get |come |comes )?(?:it |the \w+ )?(?:up )?to (?:high |low |full )?pressure|under pressure|pressure[- ]?cook(?!ers?\b)\w*|cook\w*\b.{0,24}\bin (?:a|the|your) pressure cooker|(?:high|low|full) pressure|HP|LP|whistles?|second ring|ring (?:2|II|1|I)\b|set (?:the )?control|at pressure|lbs? pressure)\b/i;
/** The lid is closed in so many words. */
const EXPLICIT_LID =
  /\b(?:close|lock|seal|secure|fit|clamp|put on|put)\b.{0,20}\b(?:lid|cooker)\b|\blid on\b|\b(?:close|lock|seal) and (?:cook|pressure)|\bwhistles?\b|\b[HL]P \d|\b(?:high|low|full) pressure\b/i;
/** Words that only a pot under pressure has. */
export const OF_PRESSURE = /\b(?:manual|pressure|HP|LP|whistles?|hiss\w*|ring|psi)\b/i;
const AT_PRESSURE =
  /\b(?:manual|pressure|HP|LP|on high|at high|high|on low|low|whistles?|hiss\w*|ring|psi|full)\b/i;
/** True where a lid is closed in so many words after the first of these clauses, and before any pressure is let go. */
export function isClosedLater(clauses: readonly string[]): boolean {
  const lid = clauses.findIndex((c, i) => i > 0 && EXPLICIT_LID.test(c));
  const release = clauses.findIndex(speaksOfRelease);
  return lid > 0 && (release < 0 || lid < release);
}
/** "Then leave 5 minutes", "wait ten minutes", of a pot that is closed. */
const LEFT_ALONE =
  /\bwait\b|^\W*(?:a )?\d{1,2}[- ]?min(?:ute)?s? (?:rest|wait|stand)\b|^\W*(?:then |and )*(?:leave|stand|sit|rest)\b|\b(?:let|allow) (?:it|the (?:pot|cooker|pan)) (?:to )?(?:sit|stand|rest|be)\b/i;
const OPENS =
  /\b(?:remove|lift off|take off|open) the (?:lid|pot|cooker)|\blid off\b|\bopen (?:it|up)\b|^\W*(?:and |then )*open(?: again)?\W*$/i;
/** A time in minutes or hours, with the unit before or after. */
const TIME =
  /((?:\d{1,3}(?:[.,]\d)?|\d?\s?[¼½¾]|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|twenty[- ]five|thirty|thirty[- ]five|forty|forty[- ]five|fifty|sixty|ninety)(?:\s*(?:-|–|to|or)\s*(?:\d{1,3}|\b[a-z]+\b))?)\s*-?\s*(?:(?:more|further|extra|full|whole|additional) )?((?:minutes?|mins?|m|hours?|hrs?|h)\b|')/i;
/** "Bring to full pressure": from then on a low flame keeps it there. */
const UP =
  /\b(?:to|at|reaches?) (?:full |high |working )?pressure\b|\b(?:from|at|once|when) (?:the |it )?(?:first )?(?:hiss\w*|whistle\w*)\b/i;
const LOW_FLAME = /\b(?:simmer|sim|low(?:er|est)?|reduced?)\b/i;
/** What is only done in an open pot. */
const OPEN_WORK = /\b(?:mash|saut[eé]|fry|splutter\w*|crackle|heat (?:the |some )?(?:oil|ghee))\b/i;
const BEFORE_VENTING =
  /(?<=\b(?:leave|wait|stand|rest|sit|pause|let|allow|give)\b.{0,60}\d.{0,12}),? before (?:you )?(?:let|vent\w*|open\w*|releas\w*|turn\w*|remov\w*|letting)\b.*$/i;
/** Hours that are told without a figure; the longest way first. */
const HOURS_IN_WORDS: readonly { words: RegExp; minutes: number }[] = [
  { words: /\ban hour and a half\b/i, minutes: 90 },
  { words: /\bthree[- ]quarters of an hour\b/i, minutes: 45 },
  { words: /\bhalf an hour\b/i, minutes: 30 },
  { words: /\ba quarter of an hour\b/i, minutes: 15 },
  { words: /\b(?:an|one|about an|at least an) hour\b(?! (?:and|or))/i, minutes: 60 },
  { words: /\ba couple of (?:more )?min(?:ute)?s\b/i, minutes: 2 },
  { words: /\ba few (?:more )?min(?:ute)?s\b/i, minutes: 3 },
  {
    words: /\b(?:(?:for|about|just) (?:a|one|another)|another(?: one)?|one more) (?:more )?min(?:ute)?\b/i,
    minutes: 1,
  },
];
const SHORT_TIME =
  /\b(?:HP|LP|manual|(?:high|low) pressure|timer? (?:to|for|at)|give it)\s*(?:for\s*)?(\d{1,3})\b(?!\s*(?:h|hours?|hrs?|[-–]|to|or|and)\b)(?!\s?[-–½¼¾.,/]\s?\d)/i;
const SHORT_RELEASE =
  /\b(?:NPR|NR|natural(?:\s+pressure)?(?:\s+release)?)\s*(?:for\s*)?\(?(\d{1,2})\b(?!\s*(?:to|-)?\s*(?:h|hours?)\b)|\b(\d{1,2})\s*(?:m|min\w*)?\s*(?:NPR|NR|natural(?!ly))\b/i;

const TENS: Record<string, number> = { thirty: 30, forty: 40, fifty: 50, sixty: 60, ninety: 90 };

function figure(text: string): number | null {
  const words = text.toLowerCase().replace(/-/g, ' ').trim();
  const [first = '', second = ''] = words.split(' ');
  if (TENS[first] !== undefined || first === 'twenty') {
    const ten = TENS[first] ?? 20;
    return ten + (second === 'five' ? 5 : 0);
  }
  const n = readNumber(text.trim());
  return n ? (n.min + n.max) / 2 : null;
}

/** Minutes named in a clause; null when it names none. */
export function minutesNamed(told: string): number | null {
  const clause = told.replace(/(\d)? ?\b1\/([24])\b|(\d)? ?\b3\/4\b/g, (_, n = '', of?: string, m = '') =>
    of === undefined ? `${m}¾` : `${n}${of === '2' ? '½' : '¼'}`,
  );
  const short = SHORT_TIME.exec(clause);
  if (short) return Number(short[1]);
  const bare = /\b(\d{1,2}) (?:under|at) pressure\b/i.exec(clause);
  if (bare) return Number(bare[1]);
  const inWords = HOURS_IN_WORDS.find(({ words }) => words.test(clause));
  if (inWords) return inWords.minutes;
  const found = TIME.exec(clause);
  if (!found) return null;
  const n = figure(found[1] ?? '');
  if (n === null) return null;
  if (!/^h/i.test(found[2] ?? '')) return Math.round(n);
  // "1 hour 20 minutes", "1 hr and 20".
  const more = /^\s*(?:and\s*)?(\d{1,2})\s*(?:m|min\w*)?\b/i.exec(
    clause.slice(found.index + found[0].length),
  );
  return Math.round(n * 60) + Number(more?.[1] ?? 0);
}

const SECONDS = /\b(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(?:seconds?|secs?)\b/i;

/** Minutes that a clause gives, seconds too; null where it gives none. */
export function timeNamed(text: string): number | null {
  const seconds = SECONDS.exec(text);
  if (!seconds) return minutesNamed(text);
  return Number(seconds[2] ?? seconds[1]) / 60;
}

/** Words about the pot that only sound like pressure or like letting it go. */
const OF_THE_POT: readonly (readonly [RegExp, string])[] = [
  [/\bcover (?:the |your )?pressure[- ]?cooker\b/gi, 'lock the lid'],
  // "Preheat the grill", "heat the oven to 200": nothing is done to the dish.
  [
    /(?<=^|[.;,!]\s*(?:and |then |meanwhile,? )*)(?:meanwhile,? )?(?:pre-?heat|heat|light|turn on|switch on) (?:the |your |a )?(?:overhead |hot )?(?:grill|broiler|oven)\b(?: to (?:high|hot|medium|its (?:highest|hottest)|\d{2,3}(?: ?(?:°|degrees)? ?[CF])?(?: ?\/ ?(?:gas(?: mark)? )?\d+ ?(?:°? ?[CF])?)*| ?gas \d))?/gimu,
    'get ready',
  ],
  [
    /\b(?:steam|pressure) releases?(?: (?:valve|vent|handle|knob|switch|button))?(?= (?:to|is|in|on|set|at)\b.{0,12}\bseal)/gi,
    'valve',
  ],
  // "Close the pressure-release valve": the valve is named for what it does later.
  [
    /\b(?:(?:steam|pressure)[- ])?release[- ](?<=\b(?:close|shut|seal|set|turn|move|check|ensure|make sure)\b[^.;]{0,30}\b(?:(?:steam|pressure)[- ])?release[- ])(?:valve|vent|handle|knob|switch|button)(?!.{0,24}\b(?:vent|open|releas))/gi,
    'valve',
  ],
  [
    /\b(?:steam )?(?:vent|valve|knob|handle|lever)\b(?=(?: is)? (?:(?:to|in|on|at|turned to|set to)\W{0,12}(?:the )?\W?seal|sealed\b|closed\b|shut\b))/gi,
    'valve',
  ],
  // "Using the highest sauté setting, heat the oil": how the pot is set.
  [
    /\busing (?:the |a )?(?:\p{L}+ )?(?:saut[eé]|brown(?:ing)?|sear(?:ing)?) (?:setting|function|mode|programme?)\b/giu,
    '',
  ],
  // "HP 10 NPR 10": two figures in one breath, the second of which is the release's.
  [/(?<=\b(?:HP|LP) ?\d{1,3} ?(?:m|mins?|minutes?)?)\s+(?=(?:NPR|NR|QP?R)\b)/gi, ', '],
  // "(add half a cup of water if your pot is 8 quarts)": not this pot, and nobody knows.
  [
    /\([^()]{3,80}\bif (?:your|you have an?|using an?) (?:[\w.-]+ ){0,3}(?:pot|cooker|quart|qt|litre)\b[^()]*\)/gi,
    ' ',
  ],
  // "Never pressure cook with the roux in": what must not happen closes no lid.
  [
    /(?:[-–—(,;]\s*|(?<=^|[.!]\s+))?\b(?:never|do not|don['’]t|no need to|without) (?:ever |you )?(?:pressure[- ]?cook\w*|close|seal|lock)\b[^.!;)]*/gimu,
    ' ',
  ],
  // "Lock; High; 8 min": hand notes.
  [
    /\b(lock|seal|close)(?: (?:it|up))?[;,.]\s*(high|low)(?: pressure)?[;,.]?\s*(?:for )?(?=\d)/gi,
    'lock the lid, $2 pressure ',
  ],
  // "Put the lid on and let it steam": laid on, and nothing is locked.
  [
    /\b(?:put|set|lay|pop|place) (?:the |a )?lid (?:back )?on(?: top)?,? (?:and |to )?(?:let (?:it|them) |leave (?:it|them) to )?(?=(?:steam|sit|stand|wilt|warm|melt)\b)/gi,
    'cover loosely and ',
  ],
  // "Lid on, low heat, ten minutes without pressure".
  [
    /\b(?:(?:put|place|set) )?(?:the )?lid (?:back )?on\b(?=[^.;\n]{0,40}\b(?:heat|flame|simmer)\b[^.;\n]{0,30}\b(?:(?:without|no|not under) (?:any )?(?:pressure|weight)|unlocked)\b)/gi,
    'cover loosely',
  ],
  // "Add the wine and let it steam off": it boils away, and no lid is there to let anything out of.
  [
    /(?<=\b(?:add|pour|splash|tip|put)\b[^.;]{3,60}\b(?:and|then) )(?:let|leave) (?:it|this) (?:to )?steam (?:off|away)\b|\blet the (?:wine|vinegar|alcohol|stock|juices?|water|liquid|beer|cider|brandy|sherry|vodka) steam (?:off|away)\b/gi,
    'boil it away',
  ],
  // "Lock it, 30 min high": the same the other way round.
  [
    /\b(lock|seal|close)(?: (?:it|up))?[;,.]\s*(\d{1,3} ?(?:m|mins?|minutes?))(?: (?:at|on))? (high|low)(?: pressure)?\b/gi,
    'lock the lid, $3 pressure $2',
  ],
  // "Brown it in the pressure cooker": a pot. "Cook it in the pressure cooker for 20 minutes" is under pressure.
  // A lid that only lies there: "put a non-locking lid on", "with the glass lid on".
  [
    /\b(?:put |place |set |lay |with )?(?:a |the )?\(?(?:non[- ]?locking|glass|ordinary|loose|tempered glass)\)? lid(?: on(?: top)?)?\b/gi,
    'cover loosely',
  ],
  [/(?<!\bcook\w*\b.{0,24}\bin (?:a|the|your) )\bpressure[- ]?cookers?\b/gi, 'pot'],
];
/** "SLOW COOKER: low 8 hours.", "Oven method:" of a recipe that gives several ways, one of them this pot's. */
const POT_LABEL =
  /^\W*(?:(?:in|for) (?:the|a) )?(slow[- ]?cooker|crock[- ]?pot|oven|stove[- ]?top|stove|hob|pressure[- ]?cooker|instant[- ]?pot|multi[- ]?cooker|electric pressure cooker)(?: (?:method|option|version|instructions|directions|way))?\**\s*[:–—-]\**\s*/i;
const IS_THIS_POT = /pressure|instant|multi/i;

/** The method in rows, without what it tells for other pots where it tells the same for this one too. */
export function forThisPot(method: string): string {
  // Steps that are numbered in circles run on in one line.
  const rows = method
    .replace(/\s*[\u2460-\u2473\u2776-\u277f]\s*/gu, '\n')
    .trim()
    .split('\n');
  const labels = rows.map((row) => POT_LABEL.exec(row));
  if (!labels.some((l) => IS_THIS_POT.test(l?.[1] ?? '')) || labels.filter(Boolean).length < 2)
    return rows.join('\n');
  let isOther = false;
  return rows
    .flatMap((row, i) => {
      const label = labels[i];
      if (label) {
        const isMine = IS_THIS_POT.test(label[1] ?? '');
        const rest = row.slice(label[0].length).trim();
        // A label that stands alone heads the rows under it; one with its words behind it is done with them.
        isOther = !isMine && !rest;
        return isMine && rest ? [rest] : [];
      }
      return isOther ? [] : [row];
    })
    .join('\n');
}

/** The method without the names of the pot and its parts that sound like something to do. */
export const withoutPotNames = (method: string): string =>
  OF_THE_POT.reduce((text, [words, plain]) => text.replace(words, plain), method);

/** The method as clauses, in order; abbreviations keep their full stops from ending a sentence. */
export function clausesOf(method: string): string[] {
  return method
    .replace(
      /\b(min|mins|hr|hrs|lb|lbs|approx|tbsp|tsp|oz|no)\.(?=,|\s+(?!\d{1,2}[.)]\s)(\S)|\s*$)/gi,
      (whole, word: string, next?: string) =>
        next !== undefined && (next !== next.toLowerCase() || (/^[mh]/i.test(word) && /\d/.test(next)))
          ? whole
          : word,
    )
    .split(
      /\n+|(?<=[.!?;])\s+|,\s+(?:and\s+)?(?:then\s+)?|\s+(?:and then|then)\s+|\s+and\s+(?=(?:let|release|wait|natural|quick|vent|open|leave|allow|cook|bring|close)\b)|(?<=\))\s+|\s+with an?\s+(?=\d+[- ]min\w*\s+natural)/i,
    )
    .map((c) => c.trim().replace(/[.;!]+$/, ''))
    .filter(Boolean);
}

const NO_PRESSURE =
  /\b(?:(?:with )?(?:the )?lid (?:back )?on\W+)?(?:with )?(?:no|without(?: any)?|not under) pressure\b|\b(?:(?:put|place) )?(?:the )?lid (?:back )?on\W+(?:with )?(?:no heat|off the heat|heat off|the heat off)\b/gi;

/** As below; kept, because a dish is planned at every keystroke. */
export const pressureRuns = kept<string, readonly PressureRun[]>(300, (method) => method, runsIn);

/**
 * The stretches under pressure that a method tells of, in order; none for a recipe of the stove or the oven. Minutes of searing or of
 * the release are never those under pressure. Never throws; silent where it is unsure.
 */
function runsIn(told: string): PressureRun[] {
  const whole = evened(forThisPot(told))
    .replace(/\blbs?\.(?=\s)/gi, 'lb')
    // "Lid on, no pressure": it says itself that there is none.
    .replace(NO_PRESSURE, 'unlocked');
  if (!EVIDENCE.test(whole.replace(/\s+/g, ' ')) && !clausesOf(whole).some(surelyLetsGo)) return [];
  const method = withoutPotNames(withoutBowls(whole));
  const runs: PressureRun[] = [];
  let run: PressureRun | null = null;
  let isClosed = false;
  let before: number | null = null;
  let isLowFlame = false;
  let isUp = false;
  let isOff = false;
  let isWorked = false;
  let wasOpened = false;
  const all = clausesOf(method);
  for (const [at, said] of all.entries()) {
    // "Leave for 15 minutes before venting": the minutes are what it comes down by itself.
    const clause = said.replace(BEFORE_VENTING, ' natural release');
    const minutes = minutesNamed(clause);
    const isLeft = isClosed && LEFT_ALONE.test(clause) && (minutes !== null || LEFT_SO_MANY.test(clause));
    const isRelease = isNatural(clause) || isQuick(clause) || isLeft;
    const timeBeforeRelease = isRelease && !SHORT_RELEASE.test(clause) && isAtPressureFirst(clause);
    // "Four whistles. Mash the dal. Heat oil … Close, two whistles": opened in between, and nobody says so.
    isWorked = isClosed && run !== null && run.whistles !== null && (isWorked || OPEN_WORK.test(clause));
    if (isWorked && whistlesNamed(clause) !== null && CLOSES.test(clause)) {
      isClosed = false;
      isWorked = false;
      if (run) run.release ??= 'natural';
    }
    const soon = all.slice(at, at + LID_AND_RELEASE);
    const closes =
      isLidBackOn(soon) || (CLOSES.test(clause) && !((run?.release ?? null) !== null && isOnlyCovered(soon)));
    if (closes && !(run !== null && run.release === null && run.minutes === null)) {
      if (!isClosed && (run === null || run.release !== null || wasOpened)) {
        wasOpened = false;
        run = { minutes: null, level: null, release: null, releaseMin: null, whistles: null };
        runs.push(run);
      }
      isClosed = true;
    }
    if (minutes !== null && (!isRelease || timeBeforeRelease) && minutes <= 180) {
      const isMeant =
        isClosed ||
        // Once it has been let go, "cook on low" is an open pot: a second lid says more.
        (run === null || run.release === null
          ? // "Cook low for 5 minutes", and no lid yet: a low flame.
            AT_PRESSURE.test(clause) && /\b(?:manual|high|pressure|HP|LP|whistle|ring|psi)/i.test(clause)
          : (isOff
              ? /\b(?:manual|pressure|HP|LP|whistles?|psi)\b/i
              : /\b(?:manual|pressure|HP|LP|whistles?|psi|lid|another|more)\b/i
            ).test(clause) && AT_PRESSURE.test(clause)) ||
        // "Six more minutes high", once it was let go: the second lid.
        (run !== null &&
          run.release !== null &&
          MORE_HIGH.test(clause) &&
          (!isOff || speaksOfRelease(all[at + 1] ?? '')));
      // "Cook on high for 5 minutes", and only then "close the lid": an open pot.
      const isBeforeLid =
        !isClosed && run === null && !OF_PRESSURE.test(clause) && isClosedLater(all.slice(at));
      if (isMeant && !isBeforeLid && !isOpenHeat(clause)) {
        if (run === null || run.release !== null) {
          run = { minutes: null, level: null, release: null, releaseMin: null, whistles: null };
          runs.push(run);
          isClosed = true;
        }
        run.minutes ??= minutes;
      }
    }
    if (run && run.release === null) run.whistles ??= whistlesNamed(clause);
    // "One whistle, then lower the flame and give it 20 minutes": those are under pressure too.
    if (
      run &&
      isClosed &&
      (run.whistles !== null || (isUp && !/\b(?:open|uncovered|without (?:the|a) lid)\b/i.test(clause))) &&
      run.release === null &&
      minutes !== null &&
      (LOW_FLAME.test(clause) || isLowFlame)
    )
      run.minutes ??= minutes;
    isUp = isClosed && (isUp || UP.test(clause));
    isLowFlame = LOW_FLAME.test(clause);
    if (run && run.level === null && run.release === null)
      run.level = /\b(?:low pressure|LP)\b/i.test(clause)
        ? 'low'
        : /\bhigh\b|\bHP\b/i.test(clause)
          ? 'high'
          : null;
    // "Manual, 9 minutes, QR": let go without a word about the lid, it was closed for what was named last.
    const isSure = surelyLetsGo(clause) || surelyLetsGo(all[at + 1] ?? '');
    if (run === null && isRelease && isSure) {
      run = { minutes: before, level: null, release: null, releaseMin: null, whistles: null };
      runs.push(run);
      isClosed = true;
    }
    if (minutes !== null && !isRelease) before = isOpenHeat(clause) ? null : minutes;
    else if (!isRelease && said.length > SAYS_LITTLE) before = null;
    // Once it is let go, only the rest of the same release belongs to it: "let it stand 3 minutes" is no second one.
    const isRest = run?.release === 'natural' && isQuick(clause);
    if (run && isRelease && (isClosed || run.release === null || isRest)) {
      releaseOf(run, clause, timeBeforeRelease ? null : minutes);
      isClosed = false;
    }
    // "Leave to release naturally, 10 mins": the minutes are told after the comma.
    const after = BARE_TIME.test(all[at + 1] ?? '') ? minutesNamed(all[at + 1] ?? '') : null;
    if (run?.release === 'natural' && isRelease && isNatural(clause) && after !== null && after <= 60) {
      if (isAllNatural(clause)) run.takesMin = after;
      else [run.release, run.releaseMin] = ['ten', after];
    }
    // "Open, add the noodles; close": let go, and nobody says how.
    wasOpened ||= isClosed && (run?.minutes ?? null) !== null && OPENS.test(clause);
    if (OPENS.test(clause)) isClosed = false;
    // "Take the lid off and boil it down; five more minutes on low": an open pot, until a lid is spoken of.
    isOff =
      !isClosed &&
      (isOff ||
        /\b(?:take|lift|with) (?:off )?the lid off\b|\blid off\b|\btake off the lid\b|\buncovered\b/i.test(
          clause,
        ) ||
        isOpenHeat(clause));
    if (closes) isOff = false;
  }
  const withFigures = runs.filter((r) => r.minutes !== null || r.release !== null || r.whistles !== null);
  // "Pressure cook until tender": a lid all the same, and the minutes are computed.
  return withFigures.length || !OF_PRESSURE.test(method) ? withFigures : runs.slice(0, 1);
}

/** "Put the lid back on and do 3 more minutes. QR": what is let go soon after was locked. */
const LID_BACK_ON = /\blid (?:goes )?back on\b/i;
const LID_AND_RELEASE = 4;
const isLidBackOn = ([clause = '', ...next]: readonly string[]): boolean =>
  LID_BACK_ON.test(clause) && next.some(surelyLetsGo);

/** "Lid on, leave for 5 minutes", once it was let go: laid on, and nothing that is let go again. */
const ONLY_LID =
  /^\W*(?:and |then )*(?:(?:put|close|place|pop) )?(?:on )?(?:the )?lid(?: (?:back )?on| closed)?\W*$/i;
const ONLY_STANDS =
  /^\W*(?:and |then )*(?:leave|let (?:it|them|everything) (?:stand|sit|rest|steam)|stand|rest|sit|wait)\b/i;
const isOnlyCovered = ([clause = '', ...next]: readonly string[]): boolean =>
  ONLY_LID.test(clause) && ONLY_STANDS.test(next[0] ?? '') && !next.some(surelyLetsGo);

/** A clause as short as this tells of nothing that was cooked in between: "once done", "take off the heat". */
const SAYS_LITTLE = 24;

const MORE_HIGH =
  /^\W*(?:(?:another|then) )?\d{1,2} (?:more |further )?(?:m|mins?|minutes?)(?: more)? (?:on |at )?high\W*$/i;

/** A clause that is only a time: "about 15 minutes", "(10 mins)". */
const BARE_TIME =
  /^\W*(?:for |takes |taking |this takes )?(?:(?:about|approx\w*\.?|around|roughly|another|~)\s*)?\d{1,2}(?:\s*(?:-|–|to)\s*\d{1,2})?\s?(?:m|mins?|minutes?)(?: or so| or thereabouts)?\W*$/i;

/** "10 minutes high, natural" names the minutes at pressure; "natural for 10 minutes" and "10 minutes natural" do not. */
function isAtPressureFirst(clause: string): boolean {
  const time = TIME.exec(clause);
  if (!time) return SHORT_TIME.test(clause);
  const before = clause.slice(0, time.index);
  const after = clause.slice(time.index + time[0].length);
  if (/^\s*(?:of\s+)?(?:natural|NPR|NR)|^\s*(?:release|rest)/i.test(after)) return false;
  if (
    /natural|NPR|\bNR\b|releas|stand|wait|leave|come down|drop|fall|sink|subside|by itself|of its own/i.test(
      before,
    )
  )
    return false;
  return /\b(?:high|low|pressure|HP|LP|manual)\b/i.test(clause);
}

/** "Let it come down for ten, then let the rest out": minutes, and no word for them. */
const FOR_SO_MANY =
  /\bfor (?:about |around )?(\d{1,2}|five|ten|twelve|fifteen|twenty)(?=\s*$|[,.;]|\s+(?:and|then|before)\b)/i;

const BY_ITSELF_TAKING =
  /\b(?:by|on|of) its(?:elf| own)\b.{0,16}\(\s*(?:about |around |roughly |some |another |~)?\d|\b(?:(?:by|on|of) its(?:elf| own)|natural(?:ly)?|release)\b.{0,16}\b(?:takes?|taking|will take|needs?) (?:about |around |roughly |some |another |~)?\d/i;

/** "Vent after 5 minutes", "after ten minutes let the steam out". */
const LET_OUT_AFTER =
  /\bafter (?:a |an )?(?:about |around |another |further )?(\d{1,2}|five|ten|twelve|fifteen|twenty)(?:[- ]?(?:m|mins?|minutes?))?(?=\W|$)(?!\s*(?:sec|hour|hr|whistle))/i;

/** "Let it sit 10, then vent". */
const LEFT_SO_MANY =
  /\b(?:leave|sit|stand|rest|wait|be)(?: it)?(?: (?:about|around|another|~))? (\d{1,2}|five|ten|twelve|fifteen|twenty)\W*$/i;

function releaseOf(run: PressureRun, clause: string, minutes: number | null): void {
  const short = SHORT_RELEASE.exec(clause);
  const bare = minutes === null ? (FOR_SO_MANY.exec(clause) ?? LEFT_SO_MANY.exec(clause))?.[1] : undefined;
  const n = short ? Number(short[1] ?? short[2]) : bare ? figure(bare) : minutes;
  if (isNatural(clause) || (LEFT_ALONE.test(clause) && n !== null)) {
    // "Leave it to come down on its own (20-25 mins)": how long that takes, and no word to vent.
    const isOnlyForecast = n !== null && (BY_ITSELF_TAKING.test(clause) || isAllNatural(clause));
    if (n !== null && n > 0 && n <= 60 && !isOnlyForecast) {
      run.release = 'ten';
      run.releaseMin = n;
    } else {
      run.release ??= 'natural';
      if (n !== null) run.takesMin = n;
    }
    return;
  }
  if (!isQuick(clause)) return;
  const later = figure(LET_OUT_AFTER.exec(clause)?.[1] ?? '') ?? 0;
  if (run.release === null && later > 0 && later <= 60 && later !== run.minutes) {
    // "Quick release after 5 minutes": so long it comes down by itself; where no minutes were told, they are those of the lid.
    if (run.minutes === null) run.minutes = later;
    else [run.release, run.releaseMin] = ['ten', later];
  }
  if (run.release === null) run.release = 'quick';
  else if (run.release === 'natural' && /\b(?:rest|remaining|remainder|then)\b/i.test(clause)) {
    run.release = 'ten';
    run.releaseMin ??= run.takesMin ?? 10;
  }
}
