import { pressureRuns, minutesNamed } from '../dish/pressure';
import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { linesMeant, type ScriptLine } from './align';
import { SAYS, type Stage } from './data/verbs';

/** One thing done in a dish, to which lines, in the recipe's own words. */
export interface Act {
  id: string;
  /** An id of the table of verbs, or `close`, `hold`, `release`, `open` for what the pot does. */
  verb: string;
  stage: Stage;
  /** Lines that come in here, by position, each with its share. */
  lines: { index: number; share: number }[];
  /** Lines it is done to that are there already. */
  again: number[];
  /** Minutes the recipe gives; null where it gives none. */
  minutes: number | null;
  /** The recipe's own words. */
  words: string;
  /** Which lid it belongs to: 0 up to the first, 1 after it has been opened, and so on. */
  run: number;
  where: 'pot' | 'pan';
}

/** A method as acts in its own order. */
export interface Script {
  acts: Act[];
  /** True when the recipe is for the stove, the oven or the slow pot, and its long cooking became the lid. */
  isConverted: boolean;
  /** What the long cooking was, in the recipe's words; empty when it is for pressure. */
  convertedFrom: string;
}

const KINDS = {
  starch: ['starch', 'flour', 'gum'],
  dairy: ['cream', 'milk', 'sour-dairy', 'cream-cheese', 'cheese', 'coconut-cream'],
  spice: ['spice-ground', 'spice-whole', 'spice-late'],
  thin: [
    'stock',
    'water',
    'wine',
    'beer',
    'spirit',
    'juice',
    'vinegar',
    'citrus',
    'salty-sauce',
    'coconut-thin',
    'stock-concentrate',
  ],
  aromatic: ['allium', 'aromatic', 'mushroom'],
  meat: ['poultry', 'red-meat', 'ground-meat', 'sausage', 'seafood', 'cured-meat'],
  fat: ['oil', 'butter'],
  leaf: ['leaf'],
} satisfies Record<string, FoodKind[]>;

const TIP =
  /^(?:\W*)(?:do not|don['’]t|never|if you(?:'|’| )|optional|tip\b|note\b|be careful|make sure|you can|alternatively|or use|feel free|depending)/i;
const CLOSES =
  /\b(?:lock|seal|close|secure|clamp)\b(?!.*\brest)|\blid on\b|\bvalve (?:shut|closed|to seal\w*)|\bput (?:on )?the lid\b|\bcover(?:,| and)? set\b|\bpressure[- ]cook(?!ers?\b)\w*|\bbring .{0,16}to (?:high |full |low )?pressure/i;
const NO_PRESSURE = /\b(?:without pressure|no pressure|resting|rest the lid|loosely|ajar|half on)\b/i;
const HOLDS = /\b(?:high|low|pressure|HP|LP|whistles?|ring|psi)\b/i;
const RELEASES =
  /\b(?:natural(?:ly)?|NPR|NR|QR|quick[- ]?releas\w*|quick\b|releas\w*|vent\b|vent the rest|let (?:it |the pressure )(?:come down|drop|fall|sink)|come down by itself|of its own accord|by itself|open the valve|cold water)\b/i;
const OPENS = /\b(?:open\b(?! the valve)|remove the lid|take off the lid|lid off)\b/i;
const HALF = /\b(?:half|½)\b(?! an? (?:hour|minute))/i;
const REST = /\b(?:rest|remaining|remainder|other half|left)\b/i;
/** A simmer or an oven of at least this long becomes the lid of a recipe that has none, minutes. */
const LONG_MIN = 15;
const LONG = /\b(?:simmer|bake|braise|roast|cook|stew|cover(?:ed)?|slow|low|oven)\b/i;
const BESIDE = /\b(?:wide |frying |large |separate |heavy )?(?:pan|skillet)\b/i;

const RACK = /\b(?:rack|trivet|steamer basket)\b/i;
const ON_IT = /\bon (?:it|there|this|top of it)\b/i;
const OTHER_PAN = /\b(?:small|separate|another|second|other|dry) (?:frying )?(?:pan|skillet)\b/i;

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
const ON_THE_BOARD = new Set(['season', 'marinate', 'dredge', 'pound', 'soak']);

/** What a clause makes of its lines: "to a smooth paste". Named again, it is they, and no line that ends in the same noun. */
const MADE = /\b(?:in)?to an? (?:\p{L}+ ){0,2}?(paste|pur[ée]e|powder|sauce|cream|syrup|batter|mash)\b/iu;
const SECONDS = /\b(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(?:seconds?|secs?)\b/i;

/** Minutes that a clause gives, seconds too; null where it gives none. */
function timeNamed(text: string): number | null {
  const seconds = SECONDS.exec(text);
  if (!seconds) return minutesNamed(text);
  return Number(seconds[2] ?? seconds[1]) / 60;
}

/** Words that begin a new thing to do. */
const STARTS =
  'add|adjust|allow|arrange|assemble|bake|baste|beat|blend|blitz|boil|bone|braise|bring|broil|brown|brush|carve|chop|close|coat|combine|cook|cover|crisp|crumble|cut|deglaze|dice|discard|drain|dredge|drizzle|drop|dust|fill|finish|fish|flake|fold|fry|garnish|grate|grill|heat|keep|lay|layer|leave|let|lift|lock|lower|marinate|mash|melt|mix|nestle|open|pat|place|pop|pound|pour|press|process|put|quick|reduce|release|remove|rest|return|roast|roll|rub|sauté|saute|scatter|scrape|seal|sear|season|serve|set|shape|shred|simmer|skim|slice|soak|soften|splash|spoon|spread|sprinkle|squeeze|stand|start|steam|stir|strain|sweat|swirl|take|taste|thicken|throw|tip|toast|top|toss|transfer|turn|vent|wait|warm|whisk|wilt|natural|then the';
const SPLIT = new RegExp(
  String.raw`(?<=[.!?;:])\s+|\n+|,\s*(?:and\s+)?(?:then\s+)?(?=(?:${STARTS})\b)|\s+(?:and|then|and then)\s+(?=(?:${STARTS})\b)|,\s+then\s+|\s+and then\s+|,\s+(?=(?:lid|valve|quick|natural|high pressure|HP|NPR|QR|NR|\d+ min))`,
  'iu',
);

/** The method as clauses, each with the sentence it stands in. */
function clauses(method: string): { text: string; sentence: string }[] {
  return method
    .replace(/\b(min|mins|hr|hrs|lb|lbs|tbsp|tsp|oz|approx)\.(?=\s+[a-z\d]|,)/g, '$1')
    .split(/\n+|(?<=[.!?])\s+(?=[\p{Lu}\d“"])/u)
    .map((s) => s.trim())
    .filter(Boolean)
    .flatMap((sentence) =>
      sentence
        .split(SPLIT)
        .map((text) =>
          (text ?? '')
            .trim()
            .replace(/^(?:\d{1,2}[.)]\s*|step \d+:?\s*|and\s+|then\s+(?=\p{Ll}+ the))/iu, '')
            .replace(/[.;:!]+$/, ''),
        )
        .filter((text) => /\p{L}{2}/u.test(text))
        .map((text) => ({ text, sentence })),
    );
}

/**
 * Reads a method as a script: what is done, in its order, to which lines. Every act keeps the recipe's words; a tip is no act. A line
 * that no sentence names is in no act. Never throws; null when the method says nothing that can be done.
 */
export function readScript(method: string, lines: readonly ScriptLine[], pantry: Pantry): Script | null {
  const parts = clauses(method.slice(0, 20_000));
  if (!parts.length || !lines.length) return null;
  const isForPressure = pressureRuns(method).length > 0;
  const longest = isForPressure ? -1 : longestCooking(parts);
  const acts: Act[] = [];
  const used = new Map<number, number>();
  let stage: Stage = 'prep';
  let run = 0;
  let where: Act['where'] = 'pot';
  let lastNamed: number[] = [];
  const made = new Map<string, number[]>();
  const put = (
    verb: string,
    at: Stage,
    part: { text: string; sentence: string },
    meant: readonly number[],
  ): Act => {
    // Meat on the board is not in the pot yet.
    const isOnBoard = (i: number): boolean =>
      ON_THE_BOARD.has(verb) && KINDS.meat.includes((lines[i]?.read.food?.kind ?? 'other') as 'poultry');
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
              : 1;
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
    const product = [...made.keys()].find((w) => new RegExp(`\\bthe (?:\\p{L}+ )?${w}\\b`, 'iu').test(text));
    const named = [
      ...new Set([
        ...linesMeant(withoutMade(text, product), lines, pantry),
        ...(product ? (made.get(product) ?? []) : []),
      ]),
    ].sort((a, b) => a - b);
    const making = MADE.exec(text)?.[1]?.toLowerCase();
    if (making && named.length > 1) made.set(making, named);
    // "Do not brown the lamb: add it with the stock": it is what was named last.
    const isMeat = (i: number): boolean =>
      KINDS.meat.includes((lines[i]?.read.food?.kind ?? 'other') as 'poultry');
    const byPronoun =
      /\b(?:it|them)\b/i.test(text) && !named.some(isMeat)
        ? lastNamed.filter((i) => isMeat(i) && (used.get(i) ?? 0) < 1)
        : [];
    if (named.length) lastNamed = named;
    if (TIP.test(text)) return;
    const meant = [...new Set([...named, ...byPronoun])];
    if (n === longest) {
      if (meant.length) put('add', stage === 'prep' ? 'open' : stage, part, meant);
      put('close', 'closed', part, []);
      put('hold', 'closed', part, []);
      put('release', 'closed', part, []);
      stage = 'after';
      run++;
      return;
    }
    if (isForPressure && stage !== 'closed' && CLOSES.test(text) && !NO_PRESSURE.test(text)) {
      if (meant.length) put('add', stage === 'prep' ? 'open' : stage, part, meant);
      put('close', 'closed', part, []);
      if (minutesNamed(text) !== null && HOLDS.test(text)) put('hold', 'closed', part, []);
      stage = 'closed';
      return;
    }
    const isHold =
      isForPressure &&
      !NO_PRESSURE.test(text) &&
      minutesNamed(text) !== null &&
      HOLDS.test(text) &&
      !/\b(?:natural|release|heat)\b/i.test(text.replace(/(?:,|and)?\s*natural.*$/i, ''));
    if (isHold && stage === 'closed' && acts.some((a) => a.verb === 'release' && a.run === run)) {
      // A second lid, told in one breath: "potatoes in, another 4 minutes under pressure".
      stage = 'after';
      run++;
      if (meant.length) put('add', stage, part, meant);
    }
    if (isHold && stage !== 'table') {
      if (meant.length && stage !== 'closed' && stage !== 'after') put('add', 'open', part, meant);
      if (stage !== 'closed') put('close', 'closed', part, []);
      if (!acts.some((a) => a.verb === 'hold' && a.run === run)) put('hold', 'closed', part, []);
      stage = 'closed';
      if (!RELEASES.test(text)) return;
    }
    if (stage === 'closed' && RELEASES.test(text)) {
      if (!acts.some((a) => a.verb === 'release' && a.run === run)) put('release', 'closed', part, []);
      return;
    }
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
    const told = verbOf(withoutMade(text, product), stage, meant, lines, acts.at(-1));
    // "With the trivet in it, and stand the ribs on it": what stands on the rack is the meat.
    const isOnRack = told === 'add' && meant.some(isMeat) && RACK.test(part.sentence) && ON_IT.test(text);
    const verb = isOnRack ? 'rack' : told;
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
      const fresh = meant.filter((i) => (used.get(i) ?? 0) < 1);
      if (before && fresh.length && before.stage !== 'closed')
        for (const index of fresh) {
          before.lines.push({ index, share: 1 - (used.get(index) ?? 0) });
          used.set(index, 1);
        }
      return;
    }
    const last = acts.at(-1);
    if (verb === 'brown' && !meant.some(isMeat)) {
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
    put(verb, stage, part, meant);
  });
  const read = merged(acts, lines);
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

/** What a clause tells to do, from its words, where the pot stands, and what it names. */
function verbOf(
  text: string,
  stage: Stage,
  meant: readonly number[],
  lines: readonly ScriptLine[],
  last: Act | undefined,
): string | null {
  const kinds = meant.flatMap((i) => lines[i]?.read.food?.kind ?? []);
  const all = (group: readonly FoodKind[]): boolean =>
    kinds.length > 0 && kinds.every((k) => group.includes(k));
  const some = (group: readonly FoodKind[]): boolean => kinds.some((k) => group.includes(k));
  const said = SAYS.find((s) => (!s.stages || s.stages.includes(stage)) && s.words.test(text))?.verb ?? null;
  const isAfter = stage === 'after' || stage === 'table';
  if (isAfter) {
    if (
      some(KINDS.starch) &&
      (said === 'mix' || said === 'stirin' || said === 'thicken' || said === 'simmer')
    )
      return 'thicken';
    if (said === 'simmer' && /\buntil (?:it is )?thick/i.test(text)) return 'thicken';
    // Left to thicken is no boil: nothing is stirred in, and cream may be there already.
    if (said === 'thicken' && !some(KINDS.starch) && /\b(?:stand|sit|rest|cool)\b/i.test(text)) return 'rest';
    if (some(KINDS.dairy) && ['stirin', 'mix', 'simmer', 'add'].includes(said ?? '')) return 'dairy';
    if (some(KINDS.leaf) && ['stirin', 'simmer'].includes(said ?? '')) return 'wilt';
    if (said === 'stirin' && last?.verb === 'thicken' && !meant.length) return null;
    if (said === 'stirin' && all(KINDS.meat)) return last?.verb === 'glaze' ? null : 'return';
    if (said === null && /\bback\b/i.test(text)) return 'return';
    if (said === null && meant.length && /\b(?:in|through|last|at the end)\b/i.test(text))
      return some(KINDS.dairy) ? 'dairy' : 'stirin';
    return said;
  }
  if (said === 'rack' && all(KINDS.thin)) return 'add';
  if (said === 'soften' || said === 'brown') {
    if (said === 'brown' && !some(KINDS.aromatic)) return 'brown';
    if (some(KINDS.meat) && !some(KINDS.aromatic))
      return said === 'soften' && stage === 'prep' && !/fry|cook|saut/i.test(text) ? null : 'brown';
    if (all([...KINDS.spice]) && meant.length) return 'bloom';
    if (
      !meant.length &&
      last &&
      ['soften', 'bloom', 'brown'].includes(last.verb) &&
      /\b(?:cook|fry|stir)\b/i.test(text)
    )
      return null;
    return 'soften';
  }
  if (said === 'add' || said === 'season' || said === 'mix') {
    if (said === 'season' && !/\b(?:rub|season|salt the|pat)\b/i.test(text) && stage === 'open')
      return some(KINDS.spice) ? 'bloom' : 'add';
    // Seasoned in the pot: nothing is rubbed in any more.
    if (said === 'season' && stage === 'open' && !some(KINDS.meat) && last && IN_THE_POT.has(last.verb))
      return 'add';
    if (said === 'add' && stage === 'open') {
      const hadHeat =
        last &&
        ['heat', 'brown', 'render', 'soften', 'pop', 'bloom', 'liftout', 'pouroff'].includes(last.verb);
      if (hadHeat && all([...KINDS.spice, 'tomato-paste', 'flour'])) return 'bloom';
      if (hadHeat && some(['spice-ground']) && all([...KINDS.spice, 'aromatic', 'tomato-paste']))
        return 'bloom';
      if (
        hadHeat &&
        all([...KINDS.aromatic, ...KINDS.spice, 'slow-veg', 'root-veg', 'butter', 'tomato-fresh']) &&
        some(KINDS.aromatic)
      )
        return 'soften';
      if (
        last &&
        ['brown', 'soften', 'bloom', 'liftout', 'pouroff', 'return'].includes(last.verb) &&
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
  if (said === null && meant.length && /\b(?:in\b|on top|then the|over)/i.test(`${text} `))
    return /on top/i.test(text)
      ? 'top'
      : all(KINDS.thin) && last && ['brown', 'soften', 'bloom', 'liftout'].includes(last.verb)
        ? 'deglaze'
        : 'add';
  return said;
}

/** What is meant where only foods are named ("shallots and garlic, soft"); null where they go on from what was told before. */
function inferVerb(
  text: string,
  stage: Stage,
  fresh: readonly number[],
  lines: readonly ScriptLine[],
  last: Act | undefined,
): string | null {
  if (!fresh.length) return null;
  const kinds = fresh.flatMap((i) => lines[i]?.read.food?.kind ?? []);
  const all = (group: readonly FoodKind[]): boolean => kinds.every((k) => group.includes(k));
  if (/\b(?:everything|all)\b/i.test(text)) return stage === 'after' ? 'stirin' : 'add';
  const goesOn =
    last !== undefined &&
    !['liftout', 'close', 'hold', 'release', 'return', 'brown', 'skim', 'strain', 'pouroff'].includes(
      last.verb,
    );
  if (stage === 'after' || stage === 'table') {
    if (all(KINDS.dairy)) return 'dairy';
    if (all(KINDS.leaf)) return 'wilt';
    if (/\b(?:boil|sticky|glaze)\b/i.test(text)) return 'glaze';
    return goesOn ? null : 'stirin';
  }
  if (goesOn && last.lines.length > 0) return null;
  if (all(KINDS.thin))
    return last && ['brown', 'soften', 'bloom', 'liftout'].includes(last.verb) ? 'deglaze' : 'add';
  if (all(KINDS.spice)) return 'bloom';
  if (all([...KINDS.aromatic, 'butter', 'oil'])) return 'soften';
  return 'add';
}

/** Acts next to each other that are one thing to do are one act; an act that says and brings nothing is none. */
function merged(acts: readonly Act[], lines: readonly ScriptLine[]): Act[] {
  const out: Act[] = [];
  const isEmpty = (a: Act): boolean => !a.lines.length && !a.again.length;
  for (const act of acts) {
    const last = out.at(-1);
    const isBare = isEmpty(act) && ['add', 'stirin', 'mix', 'heat', 'season'].includes(act.verb);
    if (isBare && act.verb !== 'heat') continue;
    if (last && last.verb === 'serve' && act.verb === 'serve') {
      last.lines.push(...act.lines);
      continue;
    }
    // What is mixed first and then rubbed in, and what is stirred in and then simmered, is one thing to do.
    const becomes =
      last && last.run === act.run && last.stage === act.stage
        ? last.verb === 'add' &&
          ['soften', 'bloom'].includes(act.verb) &&
          isEmpty(act) &&
          act.stage === 'open'
          ? act.verb
          : last.verb === 'add' && act.verb === 'reduce' && isEmpty(act) && act.stage === 'open'
            ? 'deglaze'
            : last.verb === 'mix' && ['season', 'marinate', 'dredge'].includes(act.verb)
              ? act.verb
              : last.verb === 'serve' && act.verb === 'melt'
                ? act.verb
                : last.verb === 'stirin' && ['simmer', 'boil', 'wilt'].includes(act.verb) && !act.lines.length
                  ? act.verb
                  : null
        : null;
    if (last && becomes) {
      last.verb = becomes;
      last.lines.push(...act.lines);
      last.again.push(...act.again);
      last.minutes = act.minutes ?? last.minutes;
      if (!last.words.includes(act.words)) last.words = `${last.words} ${act.words}`.slice(0, 400);
      continue;
    }
    if (last && last.stage === act.stage && last.run === act.run) {
      const isSame = last.verb === act.verb && !['hold', 'close', 'release', 'liftout'].includes(act.verb);
      const fatOnly =
        last.verb === 'heat' &&
        last.lines.every((l) => KINDS.fat.includes((lines[l.index]?.read.food?.kind ?? 'other') as 'oil')) &&
        ['brown', 'soften', 'render', 'pop', 'bloom'].includes(act.verb);
      const scraped = last.verb === 'add' && act.verb === 'deglaze' && isEmpty(act);
      const scrapes = last.verb === 'deglaze' && act.verb === 'reduce' && isEmpty(act);
      if (isSame || fatOnly || scraped || scrapes) {
        last.verb = fatOnly || scraped ? act.verb : last.verb;
        last.lines.push(...act.lines);
        last.again.push(...act.again);
        last.minutes = act.minutes ?? last.minutes;
        if (!last.words.includes(act.words)) last.words = `${last.words} ${act.words}`.slice(0, 400);
        continue;
      }
    }
    out.push({ ...act, lines: [...act.lines], again: [...act.again] });
  }
  return out.map((a, i) => ({
    ...a,
    id: `a${i}`,
    // What goes in before another lid is put in, not stirred through.
    verb:
      a.verb === 'stirin' && out.slice(i + 1).some((b) => b.verb === 'close' && b.run === a.run)
        ? 'add'
        : a.verb,
  }));
}
