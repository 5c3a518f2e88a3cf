import { isClosedLater, isOpenHeat, minutesNamed, OF_PRESSURE, whistlesNamed } from '../dish/pressure';
import { MEANWHILE_FIRST } from '../dish/beside';
import { isAllNatural, speaksOfRelease, surelyLetsGo } from '../dish/release';
import { linesNamed } from './align';
import { SAYS } from './data/says';
import type { Clause, Reading } from './reading';
import { COMES_IN } from './wording';

const CLOSES =
  /\bre-?(?:seal|close|lock)\w*|\b(?:lock|seal|close|secure|clamp)\b(?!.*\brest)|\b(?:fix|fasten|screw)\b.{0,16}\b(?:lid|cooker|pot)\b|\blid on\b|\bvalve (?:shut|closed|to seal\w*)|\bput (?:on )?the lid\b|\bcover(?:,| and)? set\b|\bpressure[- ]cook(?!ers?\b)\w*|\b(?:bring|return|back|come) .{0,16}?\b(?:up )?to (?:high |full |low )?pressure|\b(?:return|back) (?:up )?to (?:high |full |low )?pressure|\b(?:get|got|up) (?:it )?(?:up )?to (?:high |full |low )?pressure/i;
const NO_PRESSURE =
  /\b(?:without (?:pressure|(?:the )?weight)|no (?:pressure|weight)|resting|rest the lid|loosely|ajar|half on|melts?)\b/i;
const HOLDS = /\b(?:manual|high|low|pressure|HP|LP|whistles?|ring|psi)\b/i;
/** How high the flame is; no pressure. */
const ON_HEAT = /\b(?:on|over) (?:an? )?(?:\p{L}+ )?(?:heat|flame)\b/giu;
/** "Cook low for 5 minutes", and no lid yet: a low flame. */
const IS_LOW_FLAME = /^(?!.*\bhigh\b).*\blow\b/i;
const LETS_GO =
  /\b(?:QR|NPR|(?:quick|natural|manual|fast)(?:ly)?[- ](?:pressure[- ])?releas\w*|releas\w* naturally)\b/i;
const LEFT = /^(?:\W*)(?:leave|wait|stand|sit|rest|let (?:it|sit|stand|rest))\b.*\d/i;
const SETS = /^(?:\W*)(?:select|press|set|choose|program(?:me)?|push)\b/i;
const OPENS = /\b(?:open\b(?! the valve)|remove the lid|take off the lid|lid off)\b/i;

/** "When the cook cycle ends": the minutes are over, and nothing is done yet. */
const TIME_IS_UP =
  /^\W*(?:when|once|after|as soon as) (?:the |your |all the |it |they )?(?:[\p{L}-]+ ){0,3}?(?:ends?|ended|finish(?:es|ed)?|completes?|completed|(?:is|are|has|have) (?:been )?(?:\p{L}+ )?(?:up|done|over|ended|finished|complete|completed|elapsed|passed)|beeps?|goes off|rings|sounds|runs? out|is out|counts? down|done)\W*$/iu;
const GOES_ON = /\b(?:simmer|boil|reduce|cook|bubble|thicken|skim|shred|blend|strain)\w*\b/i;
const BOILS = /\b(?:boil|heat|steam|hiss)\b/i;

/** What goes in with the words that close the lid. */
function load(r: Reading, c: Clause): void {
  // What is in already is only named: "cook the lamb in the oven". The minutes are the lid's.
  if (!c.meant.some((i) => r.isToCome(i))) return;
  const stage = r.stage === 'prep' || r.stage === 'closed' ? 'open' : r.stage;
  r.put('add', stage, c, c.meant).minutes = null;
}

/** "Adding the peppers for the last 20 minutes": what is told as part of the long cooking and comes in at its end. */
const FOR_THE_LAST =
  /,?\s*\b(?:adding|and add|add|stirring in) (.{3,60}?) (?:for|in|during|after) the last ((?:\S+ ){0,2}?(?:minutes?|mins?))\b/i;

/** The long simmer or oven of a recipe that has no lid becomes the lid. */
export function longCooking(r: Reading, c: Clause): boolean {
  if (c.n !== r.longest) return false;
  const late = FOR_THE_LAST.exec(c.text);
  const isLate = late ? new Set(linesNamed(late[1] ?? '', r.lines, r.pantry)) : new Set<number>();
  load(r, { ...c, meant: c.meant.filter((i) => !isLate.has(i)) });
  r.putLid(late ? { ...c, text: c.text.replace(late[0], '') } : c, 'close', 'hold', 'release');
  r.stage = 'after';
  r.run++;
  if (late) r.put('simmer', r.stage, { ...c, text: late[0] }, [...isLate]);
  return true;
}

/** True where something says that the lid closes, or how long it stays closed, before the pressure is let go. */
export function tellsOfLid({ parts }: Pick<Reading, 'parts'>): boolean {
  const release = parts.findIndex((p) => surelyLetsGo(p.text));
  return parts.slice(0, release < 0 ? parts.length : release + 1).some(
    ({ text }) =>
      CLOSES.test(text) ||
      whistlesNamed(text) !== null ||
      // "Wait five minutes before releasing the pressure" are the release's.
      (minutesNamed(text) !== null && HOLDS.test(text) && !surelyLetsGo(text)),
  );
}

/** The clause before a release, or of it, whose minutes nobody spends at an open pot: "10 mins, NR". -1 where there is no release. */
export function silentLidAt({ parts, minutes }: Pick<Reading, 'parts' | 'minutes'>): number {
  const release = parts.findIndex((p) => surelyLetsGo(p.text));
  const isIt = (text: string): boolean =>
    !isOpenHeat(text) && minutesNamed(text) !== null && (minutes === null || minutesNamed(text) === minutes);
  const held = parts.slice(0, release + 1).findLastIndex((p) => isIt(p.text));
  if (held >= 0) return held;
  return release >= 0 ? release : parts.findIndex((p) => isIt(p.text));
}

/** "Cook 10 minutes, NR": closed, held and let go, and no word of a lid. */
export function untoldLid(r: Reading, c: Clause): boolean {
  if (c.n !== r.silentLid || r.stage === 'closed') return false;
  load(r, c);
  r.putLid(c, 'close', 'hold');
  r.stage = 'closed';
  return !speaksOfRelease(c.text) || lettingGo(r, c);
}

/** True where a lid is closed under pressure after the `n`th clause. */
export const isToClose = ({ parts }: Pick<Reading, 'parts'>, n: number): boolean =>
  parts.slice(n + 1).some(({ text }) => CLOSES.test(text) && !NO_PRESSURE.test(text));

/** "Lock the lid". */
export function closing(r: Reading, c: Clause): boolean {
  const { text } = c;
  const isClosing =
    r.isForPressure && r.run < r.lids && r.stage !== 'closed' && CLOSES.test(text) && !NO_PRESSURE.test(text);
  if (!isClosing) return false;
  load(r, c);
  r.putLid(c, 'close');
  // "Put the lid back on and do 3 more minutes. QR": what is let go next was under pressure for so long.
  const minutes = minutesNamed(text);
  const isTold =
    HOLDS.test(text) ||
    surelyLetsGo(r.parts[c.n + 1]?.text ?? '') ||
    // "Close up again and give it four more minutes".
    (r.run === 0 ? minutes === r.minutes : /\b(?:more|another|further|longer)\b/i.test(text));
  if (whistlesNamed(text) !== null || (minutes !== null && isTold)) r.putLid(c, 'hold');
  r.stage = 'closed';
  return true;
}

/** "High pressure, 8 minutes", with the release where it is told in the same breath. */
export function holding(r: Reading, c: Clause): boolean {
  const { text, meant } = c;
  // "Cook on high for 5 minutes", and only then "close the lid": high heat under an open pot.
  const isStillOpen = (): boolean =>
    (r.stage === 'prep' || r.stage === 'open') &&
    !OF_PRESSURE.test(text) &&
    isClosedLater(r.parts.slice(c.n).map((p) => p.text));
  const isHold =
    r.isForPressure &&
    !NO_PRESSURE.test(text) &&
    !isOpenHeat(text) &&
    (r.stage === 'closed' || !IS_LOW_FLAME.test(text) || OF_PRESSURE.test(text)) &&
    (whistlesNamed(text) !== null || minutesNamed(text) !== null) &&
    HOLDS.test(text.replace(ON_HEAT, '')) &&
    !/\b(?:natural|release|heat)\b/i.test(
      text.replace(ON_HEAT, '').replace(/(?:,|and)?\s*natural.*$/i, ''),
    ) &&
    !isStillOpen();
  if (isHold && r.run + 1 < r.lids && r.stage === 'closed' && r.has('release')) {
    // A second lid, told in one breath: "potatoes in, another 4 minutes under pressure".
    r.stage = 'after';
    r.run++;
    if (meant.length) r.put('add', r.stage, c, meant).minutes = null;
  }
  if (!isHold || r.stage === 'table' || r.run >= r.lids) return false;
  if (r.stage !== 'closed') {
    load(r, c);
    r.putLid(c, 'close');
  }
  if (!r.has('hold')) r.putLid(c, 'hold');
  r.stage = 'closed';
  return !speaksOfRelease(text) || lettingGo(r, c);
}

const BARE_MINUTES =
  /^\W*(?:for )?(?:about |around |approx\.? |~ ?)?\d{1,2}(?: ?(?:[-–]|to) ?\d{1,2})? (?:minutes|mins?)\W*$/i;

const THE_REST_OUT =
  /^\W*(?:and |then )*(?:let|vent|release|open|blow)\b.{0,20}\b(?:rest|remaining|remainder)\b(?: of (?:it|the (?:pressure|steam)))?(?: out| off| go)?\W*$|^\W*evaporate\W*$|^\W*(?:and |then )*let (?:it|the (?:steam|pressure))(?: all)? (?:out|off|go)\W*$/i;

/** Let go, also without a word about the lid: it was closed before. */
export function lettingGo(r: Reading, c: Clause): boolean {
  const { text } = c;
  // "Natural release, 15 minutes.": so long it takes, and nobody has opened it.
  if (r.stage === 'closed' && r.last?.verb === 'release' && BARE_MINUTES.test(text)) {
    if (!isAllNatural(r.last.words)) r.last.minutes ??= minutesNamed(text);
    return true;
  }
  // "Ten minutes by itself, then let the rest out": the one release.
  if (r.stage === 'closed' && THE_REST_OUT.test(text)) {
    if (!r.has('release')) r.putLid(c, 'release');
    return true;
  }
  const isUntold =
    r.isForPressure && r.run < r.lids && (r.stage === 'prep' || r.stage === 'open') && LETS_GO.test(text);
  if (isUntold) {
    load(r, c);
    r.putLid(c, 'close', 'hold');
    r.stage = 'closed';
  }
  // Once it has been let go, what only stands is resting.
  const onlyStands =
    r.has('release') &&
    /\b(?:stand|(?<!the )rest)\b/i.test(text) &&
    !/\b(?:pressure|releas|natural)/i.test(text);
  if (r.stage !== 'closed' || !speaksOfRelease(text) || onlyStands) return false;
  // "While it is coming down make the dumplings": that it comes down is told already.
  if (r.has('release') && MEANWHILE_FIRST.test(text) && c.meant.length > 0) return false;
  if (!r.has('release')) r.putLid(c, 'release');
  return true;
}

/** Clauses between a low flame and the release that only say "switch off", at most. */
const SWITCHED_OFF = 2;

/** What is said while the lid is closed; anything else that is told to do means that the pot is open again. */
export function whileClosed(r: Reading, c: Clause): boolean {
  if (r.stage !== 'closed') return false;
  const { text, meant, sentence } = c;
  // "Five whistles, then simmer ten minutes": low heat, still closed.
  const isLowHeat =
    !meant.length &&
    /\b(?:simmer|sim|low(?:er)?)\b/i.test(text) &&
    r.parts.slice(c.n + 1, c.n + 1 + SWITCHED_OFF).some((p) => speaksOfRelease(p.text)) &&
    !r.has('release');
  // "Four whistles, then lower the flame and cook ten minutes more": still the one lid.
  const isStillClosed =
    !meant.length &&
    r.has('hold') &&
    !r.has('release') &&
    sentence === r.last?.words &&
    /\b(?:lower|low|reduce|more|further|another|longer)\b/i.test(text) &&
    !OPENS.test(text);
  if (isLowHeat && minutesNamed(text) !== null && !r.has('hold')) r.putLid(c, 'hold');
  if (isLowHeat || isStillClosed) return true;
  // "Leave for ten minutes, then vent": the one release, told in two.
  const isLeft = !meant.length && LEFT.test(text) && speaksOfRelease(r.parts[c.n + 1]?.text ?? '');
  if (isLeft && !r.has('release')) {
    r.putLid(c, 'release');
    return true;
  }
  if (minutesNamed(text) !== null && !meant.length && !r.has('hold')) {
    r.putLid(c, 'hold');
    return true;
  }
  // "Select pressure cook; set 12 minutes": the pot is set, and still closed.
  if (!r.has('release') && !meant.length && (CLOSES.test(text) || SETS.test(text))) return true;
  if (!r.has('release') && !meant.length && TIME_IS_UP.test(text)) return true;
  // "Cook.": what the pot does.
  if (!r.has('release') && /^\W*(?:cook|start|go|on)\W*$/i.test(text)) return true;
  // "Close the pot, bring to the boil and cook 25 minutes": the lid is on.
  if (!r.has('hold') && !meant.some((i) => r.isToCome(i)) && !OPENS.test(text) && BOILS.test(text))
    return true;
  if (!r.has('release')) {
    // "Open again, peas in": the lid is off, whatever else is said.
    const isOpened =
      r.has('hold') &&
      (OPENS.test(text) ||
        (meant.some((i) => r.isToCome(i)) && /\bin$/i.test(text)) ||
        // "Mushrooms in", that were fried beside the closed pot.
        (meant.length > 0 && r.madeBeside !== undefined && COMES_IN.test(text)));
    if (!isOpened && !SAYS.some((s) => s.words.test(text))) return true;
    r.putLid(c, 'release');
  }
  r.stage = 'after';
  r.run++;
  // "Simmer with the lid off": more than an opening.
  return OPENS.test(text) && !meant.length && !GOES_ON.test(text);
}
