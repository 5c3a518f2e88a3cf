import { isOpenHeat, letsPressureGo, minutesNamed, pressureRuns, whistlesNamed } from '../dish/pressure';
import type { Pantry } from '../pantry/pantry';
import { readUnit } from '../quantity/units';
import { linesMeant, linesNamed, meansEverything, namesGroup, type ScriptLine } from './align';
import type { Act, Script } from './act';
import { clauses } from './clauses';
import { SAYS, type Stage } from './data/verbs';
import type { FoodKind } from '../pantry/food';
import { KINDS } from './kinds';
import { joined, merged } from './merge';
import { inferVerb, verbOf } from './verbOf';

const TIP =
  /^(?:\W*)(?:do not|don['’]t|never|if you(?:'|’| )|optional|tips?\s*[:!–-]|note\b|be careful|make sure|you can|alternatively|or use|feel free|depending)/i;
const CLOSES =
  /\bre-?(?:seal|close|lock)\w*|\b(?:lock|seal|close|secure|clamp)\b(?!.*\brest)|\blid on\b|\bvalve (?:shut|closed|to seal\w*)|\bput (?:on )?the lid\b|\bcover(?:,| and)? set\b|\bpressure[- ]cook(?!ers?\b)\w*|\bbring .{0,16}to (?:high |full |low )?pressure/i;
const NO_PRESSURE = /\b(?:without pressure|no pressure|resting|rest the lid|loosely|ajar|half on|melts?)\b/i;
const HOLDS = /\b(?:manual|high|low|pressure|HP|LP|whistles?|ring|psi)\b/i;
const LETS_GO =
  /\b(?:QR|NPR|(?:quick|natural|manual|fast)(?:ly)?[- ](?:pressure[- ])?releas\w*|releas\w* naturally)\b/;
const OPENS = /\b(?:open\b(?! the valve)|remove the lid|take off the lid|lid off)\b/i;
const HALF = /\b(?:half|½)\b(?! an? (?:hour|minute))/i;
const REST = /\b(?:rest|remaining|remainder|other half|left)\b/i;
const NONE: ReadonlySet<number> = new Set();
/** A simmer or an oven of at least this long becomes the lid of a recipe that has none, minutes. */
const LONG_MIN = 15;
const LONG = /\b(?:simmer|bake|braise|roast|cook|stew|cover(?:ed)?|slow|low|oven)\b/i;
const BESIDE =
  /\b(?:wide|frying|large|separate|heavy|deep|another|an?|your) (?:\p{L}+ )?(?:pan|skillet)\b|\bskillet\b/iu;

const OUT_OF_IT =
  /\b(?:out|aside|remove|transfer|lift|spoon|scoop|tip|pour) (?:everything|all)|everything (?:out|aside)\b/i;
const STILL_TO_COME = /\b(?:add|rest|remaining|remainder|other|else|but|except)\b/i;
const KNIFE =
  /^(?:\W*)(?:meanwhile,? )?(?:(?:finely|roughly|thinly|coarsely) )?(?:cut|chop|dice|slice|trim|peel|halve|quarter|mince|grate|core|deseed|cube|joint|shell|top and tail)\b/i;
const INTO_POT = /\b(?:into|in) the (?:pot|cooker|pan|oil|butter)\b/i;
const STANDS =
  /\b(?:leave|marinat\w*|chill|fridge|refrigerat\w*|overnight|let (?:it|them) (?:sit|stand|rest)|set aside)\b.*(?:\b(?:hours?|hrs?|min\w*|overnight|fridge)\b)|\bovernight\b/i;
const RACK = /\b(?:rack|trivet|steamer basket)\b/i;
const ON_IT = /\bon (?:it|there|this|top of it)\b/i;
const OTHER_PAN = /\b(?:small|separate|another|second|other|dry) (?:frying )?(?:pan|skillet)\b/i;

/** Done to meat before it is in the pot. */
const ON_THE_BOARD: ReadonlySet<string> = new Set([
  'season',
  'dry',
  'marinate',
  'dredge',
  'pound',
  'soak',
  'brine',
  'score',
  'tie',
  'blanch',
]);

const RAW_MEAT: ReadonlySet<FoodKind> = new Set(['poultry', 'red-meat', 'ground-meat', 'seafood']);
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
const TAKEN_OUT = /\b(?:scoop|lift|take|fish|spoon|set|put|move|remove|transfer)\b/i;
/** "Place in the pot": what is placed was named before. */
const OBJECTLESS =
  /^(?:place|put|lay|arrange|nestle|sit|transfer|tip|add|pop) (?:in|into|to|onto?|inside)\b/i;
/** A little of what the pot is poured full of later is no more than a splash. */
const SPLASH =
  /\b(?:an? )?(?:splash|dash|drop|drizzle|ladle(?:ful)?|ladles|spoonfuls?|little|bit|some)(?: more)?(?: of)?(?: the| your)? (?:(?:hot|cold|warm|boiling|cooking|reserved) )*(water|stock|broth|juices?|liquid|sauce)\b/gi;
const SPLASH_G = 100;
/** Water that is no line: what something is rinsed or blanched in. */
const WATER_BESIDE =
  /\b(?:pan|pot|saucepan|bowl|bath|kettle) of (?:\p{L}+ )?(?:salted )?water\b|\buntil the water runs clear\b|\b(?:in|under|with) (?:\p{L}+ )?running water\b|\bin the same water\b/giu;
const OIL_RISES =
  /\b(?:the )?(?:oil|ghee|fat) (?:separates|floats|rises|leaves|comes|starts|turns|shimmers|is (?:hot|red))\b/gi;
const ITS_FAT =
  /\b(?:bacon|lardons?|pancetta|chorizo|sausage|chicken|duck|pork|beef|lamb) (?:fat|drippings?|grease)\b/gi;
/** The thick part of a tin, taken off the top: source: a settled tin of coconut milk; spread 30 %. */
const THICK_TOP = /\b(?:thick|cream|solid)\b.*\b(?:off|from) the top\b|\btop of the (?:tin|can)\b/i;
const THICK_SHARE = 0.3;

/** What a clause makes of its lines: "to a smooth paste". Named again, it is they, and no line that ends in the same noun. */
const MADE = /\b(?:in)?to an? (?:\p{L}+ ){0,2}?(paste|pur[ée]e|powder|sauce|cream|syrup|batter|mash)\b/iu;
const SHAPED =
  /\b(?:roll|form|shape|make)\b.*\b(meatballs|balls|patties|koftas?|koftes?|dumplings|burgers)\b/i;
const SECONDS = /\b(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(?:seconds?|secs?)\b/i;

/** Minutes that a clause gives, seconds too; null where it gives none. */
function timeNamed(text: string): number | null {
  const seconds = SECONDS.exec(text);
  if (!seconds) return minutesNamed(text);
  return Number(seconds[2] ?? seconds[1]) / 60;
}

/**
 * Reads a method as a script: what is done, in its order, to which lines. Every act keeps the recipe's words; a tip is no act. A line
 * that no sentence names is in no act. Never throws; null when the method says nothing that can be done.
 */
export function readScript(method: string, lines: readonly ScriptLine[], pantry: Pantry): Script | null {
  const parts = clauses(method.slice(0, 20_000));
  if (!parts.length || !lines.length) return null;
  const lids = pressureRuns(method).length;
  const isForPressure = lids > 0;
  // A line that a later clause names is not yet meant by "the spices".
  let at = 0;
  const namedLater = (): ReadonlySet<number> =>
    new Set(parts.slice(at + 1).flatMap((p) => linesNamed(withoutSplash(p.text, lines), lines, pantry)));
  const isRawMeat = (i: number): boolean => RAW_MEAT.has(lines[i]?.read.food?.kind ?? 'other');
  const longest = isForPressure ? -1 : longestCooking(parts);
  const acts: Act[] = [];
  const used = new Map<number, number>();
  let stage: Stage = 'prep';
  let run = 0;
  let where: Act['where'] = 'pot';
  let lastNamed: number[] = [];
  const meaning = (text: string): number[] => {
    const meant = linesMeant(
      withoutSplash(text, lines),
      lines,
      pantry,
      namesGroup(text) ? namedLater() : NONE,
    );
    // "Lift everything out", "spoon everything into a dish": what is there, and nothing that is still to come.
    const isOfPot =
      meansEverything(text) && (OUT_OF_IT.test(text) || stage === 'after') && !STILL_TO_COME.test(text);
    return isOfPot ? meant.filter((i) => (used.get(i) ?? 0) > 0) : meant;
  };
  const made = new Map<string, number[]>();
  // Cut, and not named again since.
  const waiting = new Set<number>();
  const put = (
    verb: string,
    at: Stage,
    part: { text: string; sentence: string },
    meant: readonly number[],
  ): Act => {
    // Meat on the board is not in the pot yet.
    const isOnBoard = (i: number): boolean =>
      verb === 'rinse' ||
      (ON_THE_BOARD.has(verb) && KINDS.meat.includes((lines[i]?.read.food?.kind ?? 'other') as 'poultry'));
    // What was only toasted before goes in where it is named again: nuts for the table, seeds for the paste.
    const toasted = acts.filter((a) => a.verb === 'toast');
    for (const i of meant)
      for (const a of toasted)
        if (a.lines.some((l) => l.index === i)) {
          a.lines = a.lines.filter((l) => l.index !== i);
          a.again.push(i);
          used.delete(i);
        }
    const fresh = meant.filter((i) => (used.get(i) ?? 0) < 1 && !isOnBoard(i));
    // "Half the garam masala and the turmeric": half of what stands next to the word, of all only where it names nothing.
    const isHalf = HALF.test(part.text) && meant.length > 0;
    const nextTo = /\b(?:half|½)\b(?: of)?([^,;&]*?)(?=,|;|&|\band\b|\bwith\b|$)/i.exec(part.text)?.[1] ?? '';
    const halved = isHalf ? linesMeant(nextTo, lines, pantry) : [];
    const act: Act = {
      id: `a${acts.length}`,
      verb,
      stage: at,
      lines: fresh.map((index) => {
        const before = used.get(index) ?? 0;
        const share =
          REST.test(part.text) || before > 0
            ? 1 - before
            : isHalf && !/by (?:a )?half/i.test(part.text) && (!halved.length || halved.includes(index))
              ? 0.5
              : THICK_TOP.test(part.text)
                ? THICK_SHARE
                : partTold(part.text, lines[index]);
        used.set(index, before + share);
        return { index, share };
      }),
      again: meant.filter((i) => !fresh.includes(i)),
      minutes: timeNamed(part.text),
      words: part.sentence.replace(/^\d{1,2}[.)]\s*/, '').slice(0, 400),
      run,
      where,
    };
    acts.push(act);
    return act;
  };
  parts.forEach((part, n) => {
    const { text } = part;
    at = n;
    const product = [...made.keys()].find((w) => new RegExp(`\\bthe (?:\\p{L}+ )?${w}\\b`, 'iu').test(text));
    const named = [
      ...new Set([...meaning(withoutMade(text, product)), ...(product ? (made.get(product) ?? []) : [])]),
    ].sort((a, b) => a - b);
    // What is mixed and shaped has a name of its own from then on.
    const shaped = SHAPED.exec(text)?.[1]?.toLowerCase();
    const mixed = acts.findLast((a) => a.verb === 'mix')?.lines.map((l) => l.index) ?? [];
    if (shaped && mixed.length) for (const w of [shaped, 'meatballs', 'balls']) made.set(w, mixed);
    const making = MADE.exec(text)?.[1]?.toLowerCase();
    if (making && named.length > 1) made.set(making, named);
    // "Do not brown the lamb: add it with the stock": it is what was named last.
    const isMeat = (i: number): boolean =>
      KINDS.meat.includes((lines[i]?.read.food?.kind ?? 'other') as 'poultry');
    const byPronoun = /\b(?:it|them)\b/i.test(text)
      ? lastNamed.filter(
          (i) => (used.get(i) ?? 0) < 1 && (waiting.has(i) || (isMeat(i) && !named.some(isMeat))),
        )
      : [];
    const isTakenOut = TAKEN_OUT.test(text) && /\b(?:it|them)\b/i.test(text) && !named.length;
    const takenOut = isTakenOut ? lastNamed.filter((i) => (used.get(i) ?? 0) > 0) : [];
    // "Heat the oil and brown it": it is never the oil.
    const isFat = (i: number): boolean => KINDS.fat.includes((lines[i]?.read.food?.kind ?? 'other') as 'oil');
    if (named.some((i) => !isFat(i))) lastNamed = named;
    // Work of the knife: it is told at the board, and goes in where it is named next.
    if ((stage === 'prep' || stage === 'open') && KNIFE.test(text) && named.length && !INTO_POT.test(text)) {
      for (const i of named) if ((used.get(i) ?? 0) < 1) waiting.add(i);
      return;
    }
    if (TIP.test(text)) {
      const before = acts.at(-1);
      if (/\bstir/i.test(text) && before?.verb === 'add' && before.stage === 'open' && before.lines.length)
        before.verb = 'top';
      return;
    }
    // "Place in the pot with the juice": what was last on the board.
    const onBoard = OBJECTLESS.test(text)
      ? [...(acts.at(-1)?.again ?? []), ...(acts.at(-1)?.lines.map((l) => l.index) ?? [])].filter(
          (i) => isRawMeat(i) && (used.get(i) ?? 0) < 1,
        )
      : [];
    const meant = [...new Set([...named, ...(takenOut.length ? takenOut : byPronoun), ...onBoard])].sort(
      (a, b) => a - b,
    );
    if (n === longest) {
      if (meant.length) put('add', stage === 'prep' ? 'open' : stage, part, meant);
      put('close', 'closed', part, []);
      put('hold', 'closed', part, []);
      put('release', 'closed', part, []);
      stage = 'after';
      run++;
      return;
    }
    if (isForPressure && run < lids && stage !== 'closed' && CLOSES.test(text) && !NO_PRESSURE.test(text)) {
      if (meant.length) put('add', stage === 'prep' ? 'open' : stage, part, meant);
      put('close', 'closed', part, []);
      if (whistlesNamed(text) !== null || (minutesNamed(text) !== null && HOLDS.test(text)))
        put('hold', 'closed', part, []);
      stage = 'closed';
      return;
    }
    const isHold =
      isForPressure &&
      !NO_PRESSURE.test(text) &&
      !isOpenHeat(text) &&
      (whistlesNamed(text) !== null || minutesNamed(text) !== null) &&
      HOLDS.test(text) &&
      !/\b(?:natural|release|heat)\b/i.test(text.replace(/(?:,|and)?\s*natural.*$/i, ''));
    if (
      isHold &&
      run + 1 < lids &&
      stage === 'closed' &&
      acts.some((a) => a.verb === 'release' && a.run === run)
    ) {
      // A second lid, told in one breath: "potatoes in, another 4 minutes under pressure".
      stage = 'after';
      run++;
      if (meant.length) put('add', stage, part, meant);
    }
    if (isHold && stage !== 'table' && run < lids) {
      if (meant.length && stage !== 'closed' && stage !== 'after') put('add', 'open', part, meant);
      if (stage !== 'closed') put('close', 'closed', part, []);
      if (!acts.some((a) => a.verb === 'hold' && a.run === run)) put('hold', 'closed', part, []);
      stage = 'closed';
      if (!letsPressureGo(text)) return;
    }
    // Let go without a word about the lid: it was closed before.
    if (isForPressure && run < lids && (stage === 'prep' || stage === 'open') && LETS_GO.test(text)) {
      if (meant.length) put('add', 'open', part, meant);
      for (const verb of ['close', 'hold']) put(verb, 'closed', part, []);
      stage = 'closed';
    }
    // Once it has been let go, what only stands is resting.
    const isLetGo = acts.some((a) => a.verb === 'release' && a.run === run);
    const onlyStands = isLetGo && /\bstand\b/i.test(text) && !/\b(?:pressure|releas|natural)/i.test(text);
    if (stage === 'closed' && letsPressureGo(text) && !onlyStands) {
      if (!acts.some((a) => a.verb === 'release' && a.run === run)) put('release', 'closed', part, []);
      return;
    }
    // "Five whistles, then simmer ten minutes": low heat, still closed.
    const next = parts[n + 1]?.text ?? '';
    if (
      stage === 'closed' &&
      !meant.length &&
      /\b(?:simmer|sim|low(?:er)?)\b/i.test(text) &&
      letsPressureGo(next) &&
      !acts.some((a) => a.verb === 'release' && a.run === run)
    )
      return;
    if (
      stage === 'closed' &&
      minutesNamed(text) !== null &&
      !meant.length &&
      !acts.some((a) => a.verb === 'hold' && a.run === run)
    ) {
      put('hold', 'closed', part, []);
      return;
    }
    if (stage === 'closed') {
      // Anything else that is told to do means that the pot is open again.
      if (!acts.some((a) => a.verb === 'release' && a.run === run)) {
        if (!SAYS.some((s) => s.words.test(text))) return;
        put('release', 'closed', part, []);
      }
      stage = 'after';
      run++;
      if (OPENS.test(text) && !meant.length) return;
    }
    if (/\bserve[sd]?\b/i.test(text) && stage === 'after') stage = 'table';
    // What is told for the hob is cooked in its one pan: here that is the pot.
    const isBeside = BESIDE.test(text) && (isForPressure || OTHER_PAN.test(text));
    if (stage === 'after' || /\bpot|cooker\b/i.test(text)) where = 'pot';
    else if (isBeside) where = 'pan';
    const told = verbOf(
      withoutFoods(withoutMade(text, product), lines),
      stage,
      meant,
      lines,
      acts.at(-1),
      acts.some((a) => a.run === run && TAKES_OUT.has(a.verb)),
    );
    // "With the trivet in it, and stand the ribs on it": what stands on the rack is the meat.
    const isOnRack = told === 'add' && meant.some(isMeat) && RACK.test(part.sentence) && ON_IT.test(text);
    // Mixed with meat and left to stand: it is a marinade, and nothing of it is in the pot.
    const isMarinade =
      stage === 'prep' &&
      ['mix', 'add', 'season'].includes(told ?? '') &&
      meant.some(isRawMeat) &&
      meant.some((i) => !isMeat(i)) &&
      !/\b(?:pot|cooker|insert|liner)\b/i.test(text) &&
      STANDS.test(parts[n + 1]?.text ?? '');
    // What has not been in the pot cannot go back to it.
    const isNew =
      told === 'return' && stage === 'open' && meant.some((i) => isMeat(i) && (used.get(i) ?? 0) === 0);
    const verb = isOnRack ? 'rack' : isMarinade ? 'marinate' : isNew ? 'add' : told;
    if (verb === null) {
      const inferred = inferVerb(
        text,
        stage,
        meant.filter((i) => (used.get(i) ?? 0) < 1),
        lines,
        acts.at(-1),
      );
      if (inferred !== null) {
        if (stage === 'prep') stage = 'open';
        put(inferred, stage, part, meant);
        return;
      }
      const before = acts.at(-1);
      if (before && before.stage === stage) before.minutes ??= timeNamed(text);
      const isBoard = before !== undefined && ON_THE_BOARD.has(before.verb);
      const fresh = meant.filter((i) => (used.get(i) ?? 0) < 1 && !(isBoard && isMeat(i)));
      // A sentence that goes on belongs to what it goes on to.
      const goesOn = parts[n + 1]?.sentence === part.sentence;
      if (before && before.stage === stage && !goesOn) before.words = joined(before.words, part.sentence);
      if (before && fresh.length && before.stage !== 'closed')
        for (const index of fresh) {
          before.lines.push({ index, share: 1 - (used.get(index) ?? 0) });
          used.set(index, 1);
        }
      return;
    }
    // "Stir in a ladle of the hot sauce": nothing new comes in, and what was done before goes on.
    if (verb === 'stirin' && stage !== 'open' && !meant.length) return;
    const last = acts.at(-1);
    if (verb === 'brown' && !meant.some(isMeat)) {
      // "Add the mushrooms and brown them": they, and no meat that is still to come.
      const isInThePot = acts.at(-1)?.stage === 'open' && !ON_THE_BOARD.has(acts.at(-1)?.verb ?? '');
      if (isInThePot && /\b(?:it|them)\b/i.test(text) && lastNamed.length && !lastNamed.some(isMeat)) {
        if (stage === 'prep') stage = 'open';
        put('soften', stage, part, meant);
        return;
      }
      // "Brown hard": the meat that is not in yet.
      const waiting = lines.map((_, i) => i).filter((i) => isMeat(i) && (used.get(i) ?? 0) < 1);
      if (stage === 'prep') stage = 'open';
      put(verb, stage, part, [...meant, ...waiting]);
      return;
    }
    if (verb === 'liftout' && last && !meant.length && HALF.test(text))
      for (const line of last.lines) {
        line.share = 0.5;
        used.set(line.index, 0.5);
      }
    const isHot = [
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
    ].includes(verb);
    if (stage === 'prep' && isHot) stage = 'open';
    // "Chop the onions. Heat the oil and fry until soft": what was cut is what is fried.
    const onlyFat = meant.every((i) => KINDS.fat.includes((lines[i]?.read.food?.kind ?? 'other') as 'oil'));
    const cut = verb === 'soften' && onlyFat ? [...waiting].filter((i) => !isMeat(i) && !used.has(i)) : [];
    // "Season the beef": with the salt and pepper of the list, where no other sentence names them.
    const salts =
      verb === 'season' && !meant.some((i) => !isMeat(i))
        ? lines
            .map((_, i) => i)
            .filter((i) => lines[i]?.read.food?.kind === 'salt' && !used.has(i) && !namedLater().has(i))
        : [];
    put(verb, stage, part, [...new Set([...meant, ...cut, ...salts])]);
    for (const i of [...meant, ...cut]) waiting.delete(i);
  });
  const read = merged(withMeatUnderLid(acts, isRawMeat), lines);
  // Without a lid there is nothing to split: the table does it.
  return read.some((a) => a.verb === 'close')
    ? {
        acts: read,
        isConverted: longest >= 0,
        convertedFrom: longest >= 0 ? (parts[longest]?.text ?? '') : '',
      }
    : null;
}

/** The clause without what it makes, and without the name of what was made before: neither names a line. */
function withoutMade(text: string, product: string | undefined): string {
  const rest = text.replace(MADE, ' ');
  return product ? rest.replace(new RegExp(`\\bthe (?:\\p{L}+ )?${product}\\b`, 'giu'), ' ') : rest;
}

/**
 * The clause without what only sounds like a line: "a splash of water" where the water is a jugful that is poured elsewhere, the fat
 * that ran out of the bacon, oil that comes to the top.
 */
function withoutSplash(text: string, lines: readonly ScriptLine[]): string {
  return text
    .replace(OIL_RISES, ' ')
    .replace(WATER_BESIDE, ' ')
    .replace(ITS_FAT, (whole) =>
      lines.some(({ read }) => read.foodText.toLowerCase().includes(whole.toLowerCase())) ? whole : ' ',
    )
    .replace(SPLASH, (whole, noun: string) =>
      lines.some(
        ({ read }) => read.massG.mid <= SPLASH_G && new RegExp(`\\b${noun}\\b`, 'i').test(read.foodText),
      )
        ? whole
        : ' ',
    );
}

/** The clause without the words of its foods that could be taken for what is done: tomato purée, roasted pepper, frying cheese. */
function withoutFoods(text: string, lines: readonly ScriptLine[]): string {
  let out = text;
  for (const { read } of lines)
    for (const name of [read.foodText, ...(read.food?.names ?? [])]) {
      const at = name.includes(' ') ? out.toLowerCase().indexOf(name.toLowerCase()) : -1;
      if (at < 0) continue;
      const kept = name.split(' ').filter((w) => !SAYS.some((s) => s.words.test(w)));
      out = `${out.slice(0, at)}${kept.join(' ')}${out.slice(at + name.length)}`;
    }
  return out;
}

/** "250 ml of the coconut milk" of a tin of 400: the share that is told; the whole line where none is. */
function partTold(text: string, line: ScriptLine | undefined): number {
  const food = line?.read.food;
  if (!food || !line) return 1;
  const few = FEW_SPOONS.exec(text);
  if (
    few &&
    [line.read.foodText, ...food.names].some((n) => (few[1] ?? '').toLowerCase().startsWith(n.toLowerCase()))
  )
    return Math.min(0.5, FEW_SPOONS_G / Math.max(1, line.read.massG.mid));
  for (const found of text.matchAll(PART)) {
    const unit = readUnit(found[2] ?? '')?.unit;
    const noun = (found[3] ?? '').toLowerCase();
    const isMeant = [line.read.foodText, ...food.names].some((name) => noun.startsWith(name.toLowerCase()));
    if (!unit || !isMeant || (unit.kind !== 'mass' && unit.kind !== 'volume')) continue;
    const grams =
      Number((found[1] ?? '').replace(',', '.')) * unit.perUnit * (unit.kind === 'volume' ? food.gPerMl : 1);
    const share = line.read.massG.mid > 0 ? grams / line.read.massG.mid : 1;
    if (share > 0.02 && share < 0.98) return share;
  }
  return 1;
}
/** "A few spoonfuls of the coconut milk". Source: three tablespoons; spread 40 %. */
const FEW_SPOONS =
  /\b(?:few|couple of|some) (?:table)?spoon(?:ful)?s? (?:of )?(?:the )?(\p{L}[\p{L} ]{2,30})/iu;
const FEW_SPOONS_G = 50;
const PART = /(\d+(?:[.,]\d+)?)\s*(ml|l|g|kg|tbsp|tsp|cups?)\b (?:of )?(?:the )?(\p{L}[\p{L} ]{2,30})/giu;

/** Raw meat that is first named once the lid is off ("shred the pork") was under it: it went in with the last thing before. */
function withMeatUnderLid(acts: readonly Act[], isRawMeat: (line: number) => boolean): readonly Act[] {
  const lid = acts.findIndex((a) => a.verb === 'close');
  const before = acts.slice(0, Math.max(0, lid)).findLast((a) => a.stage === 'open' && a.verb !== 'liftout');
  if (!before) return acts;
  const late = acts
    .slice(lid)
    .filter((a) => WORKED_ON.has(a.verb))
    .flatMap((a) => a.lines.filter((l) => isRawMeat(l.index)));
  if (!late.length) return acts;
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

function longestCooking(parts: readonly { text: string }[]): number {
  let best = -1;
  let most = LONG_MIN;
  parts.forEach(({ text }, i) => {
    const minutes = LONG.test(text) ? (minutesNamed(text) ?? 0) : 0;
    if (minutes >= most) {
      most = minutes;
      best = i;
    }
  });
  return best;
}
