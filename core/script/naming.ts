import { isPlainDescription } from '../dish/descriptions';
import type { ReadLine } from '../dish/read';
import type { Food } from '../pantry/food';
import type { FoodMatch, Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { KINDS } from './kinds';
import { EVERYTHING, EXCEPT, OF_SECTION, STANDS_FOR, isOfItsOwn, isPartTold } from './groups';
import {
  CUT,
  MEATS,
  type ScriptLine,
  isAPepper,
  isForTheTable,
  isJuice,
  isMeat,
  isRawMeat,
  isStrewn,
  lastWord,
  pairsOf,
  wordsOf,
} from './line';
import {
  ANIMALS,
  BY_PACKAGE,
  KNEADED_BUTTER,
  LEFT_WATER,
  NOT_ALONE,
  NO_NAME,
  OF_THE_POT,
  PIECES,
  POURS_SAUCE,
  SAYS_WHICH,
  SEVERAL_OF,
  SHARED,
  SHARED_BY_SPICES,
  SHORTENED,
  SHORT_NAMES,
  THE_JUICES,
} from './namingWords';

/** What a stock is of. */
const OF_STOCK = /^(?:beef|chicken|lamb|pork|veal|turkey|fish|vegetable|veg|ham)$/;
/** What nobody has a water of. */
const IN_ONE_BREATH: ReadonlySet<string> = new Set([
  'salty-sauce',
  'wine',
  'vinegar',
  'stock',
  'sugar',
  'syrup',
]);
/** Parts of a list that are called by what they become. */
const PART = /(marinade|glaze|rub|slurry|dressing|topping|base|paste|dumpling|filling|meatball)/;

/** A clause looked over once for the lines that it names: every rule asks it. */
class Naming {
  readonly clause: string;
  readonly words: readonly string[];
  /** Foods that it names, and that do not only say which of another. */
  readonly named: readonly FoodMatch[];
  /** Foods that only say which: "the sun-dried tomato oil". */
  readonly onlyWhich: ReadonlySet<string>;
  /** Words that belong to no longer name. */
  readonly free: ReadonlySet<string>;
  /** Lines of the one part of the list that is asked for. */
  readonly inSection: readonly number[];
  /** "Everything": all there is. */
  readonly isEverything: boolean;
  /** Lines that are left out of many by name. */
  readonly spared: ReadonlySet<number>;
  /** Lines that a word cut short can only mean. */
  readonly short: ReadonlySet<number>;
  readonly #counts: readonly number[];
  readonly #pairs: readonly (readonly string[])[];

  constructor(
    told: string,
    readonly lines: readonly ScriptLine[],
    readonly pantry: Pantry,
    sparedBy: (except: string) => readonly number[],
  ) {
    const clause = told.replace(LEFT_WATER, ' ');
    this.clause = clause;
    this.words = foodWords(clause);
    // "Chicken, stock" are two things: a name never goes over a comma or an "and".
    const segments = clause.split(/[,;:&+/()]|\band\b|\bwith\b|\bthen\b/i).filter((part) => part.trim());
    const which = new Set<string>();
    this.named = segments.flatMap((part) => this.#namedIn(part, which));
    for (const m of this.named) which.delete(m.food.id);
    this.onlyWhich = which;
    this.free = new Set(segments.flatMap((part) => this.#freeIn(part)));
    const said = new Set(this.words);
    this.#counts = lines.map((line) => [...wordsOf(line).telling].filter((w) => said.has(w)).length);
    const saidPairs = new Set(segments.flatMap(pairsOf));
    this.#pairs = lines.map((line) => wordsOf(line).pairs.filter((pair) => saidPairs.has(pair)));
    // "All the ingredients listed under marination" are those of that part of the list, and no others.
    const section = OF_SECTION.exec(clause)?.[1]?.toLowerCase().slice(0, 6);
    this.inSection = section
      ? lines.flatMap((l, i) => (l.section?.toLowerCase().includes(section) ? [i] : []))
      : [];
    // "Add the remaining meatball ingredients": those of that part of the list.
    const isOfPart = lines.some((l) => isPartTold(clause, l));
    this.isEverything = !this.inSection.length && EVERYTHING.test(clause) && !isOfPart;
    const exceptions = EXCEPT.exec(clause);
    const except = exceptions?.[1] ?? exceptions?.[2];
    // "All the sauce ingredients except the cornstarch".
    const isMany = this.isEverything || this.inSection.length > 0 || isOfPart;
    this.spared = isMany && except ? new Set(sparedBy(except)) : new Set();
    this.short = new Set([...shortenedIn(clause, lines), ...segments.flatMap((part) => this.#bare(part))]);
  }

  /** True where the list has this food. */
  has(id: string): boolean {
    return this.lines.some((l) => l.read.food?.id === id);
  }

  /** "The toasted coconut" beside a coconut milk: two words of the one line, and of no other. */
  isToldByTwo(i: number): boolean {
    const mine = this.#counts[i] ?? 0;
    return mine >= 2 && this.#counts.every((n, j) => j === i || n < mine);
  }

  /** "The au jus" of an au jus gravy mix: two words that follow each other in this line, and in no other. */
  isToldByPair(i: number): boolean {
    return (this.#pairs[i] ?? []).some((pair) => this.#pairs.every((of, j) => j === i || !of.includes(pair)));
  }

  /** Foods of a part; "the sun-dried tomato oil" is the oil: a name before the noun of another line only says which. */
  #namedIn(part: string, onlyWhich: Set<string>): FoodMatch[] {
    const nounsOf = new Set(this.lines.map(lastWord));
    const of = foodWords(part);
    return this.pantry.mentions(part).filter((m) => {
      const next = of[m.at + m.words] ?? '';
      // "Soy water sugar in": three things in one breath.
      const isBreath = next === 'water' && IN_ONE_BREATH.has(m.food.kind);
      const isWhich = SAYS_WHICH.has(next) && nounsOf.has(next) && m.food.kind !== next && !isBreath;
      if (isWhich) onlyWhich.add(m.food.id);
      return !isWhich;
    });
  }

  /** Words of a part that no longer name covers; "the ground walnuts" of a list that has only walnuts are they. */
  #freeIn(part: string): string[] {
    const covered = new Set(
      this.pantry
        .mentions(part)
        .filter((m) => m.words > 1 && !MEATS.has(m.food.kind) && this.has(m.food.id))
        .flatMap((m) => Array.from({ length: m.words }, (_, k) => m.at + k)),
    );
    return foodWords(part).filter((_, k) => !covered.has(k));
  }

  /** "Chipotles, adobo, oregano": a bare word that one line begins with, and that is no food of its own. */
  #bare(part: string): number[] {
    const bare = foodWords(part.replace(/^\W*(?:add|stir in|mix in|then|with)\s+(?:the\s+)?/i, ''));
    if (bare.length !== 1 || NOT_ALONE.has(bare[0] ?? '') || this.pantry.find(part)) return [];
    // "Worc": cut short where it ends a sentence.
    const word = bare[0] ?? '';
    const begins = (w: string): boolean =>
      w === word || (word.length >= 4 && w.length > word.length + 3 && w.startsWith(word));
    const begin = this.lines.flatMap((l, i) => (begins(wordsOf(l).all[0] ?? '') ? [i] : []));
    return begin.length === 1 ? begin : [];
  }
}

/** A line before a rule, with its food. */
interface Candidate {
  line: ScriptLine;
  food: Food;
  i: number;
}

/** A rule about one line: named, not named, or not the rule's to say. */
type LineRule = (n: Naming, c: Candidate) => boolean | undefined;

/** Left out by name, or only said to tell which. */
const standsAside: LineRule = (n, { food, i }) =>
  n.onlyWhich.has(food.id) || n.spared.has(i) ? false : undefined;

/** "The juices", of several. */
const ofTheJuices: LineRule = (n, { line }) =>
  isJuice(line) && /\bjuices\b/i.test(n.clause) && n.lines.filter(isJuice).length > 1 ? true : undefined;

/** By a word cut short, or one of many that end so: "both mustards". */
const ofManyOrShort: LineRule = (n, { line, i }) => {
  const several = SEVERAL_OF.exec(n.clause)?.[1]?.toLowerCase();
  const ofSeveral = several === undefined ? undefined : foodWords(several)[0];
  return n.short.has(i) || (ofSeveral !== undefined && lastWord(line) === ofSeveral) ? true : undefined;
};

/** "Everything goes into the pot": not what is for the table, and no dumplings. */
const ofEverything: LineRule = (n, { line }) =>
  n.isEverything ? !isForTheTable(line) && !isStrewn(line) && !isOfItsOwn(line) : undefined;

/** By the name in its brackets. */
const byOtherName: LineRule = (n, { line }) => (isByOtherName(n.clause, line) ? true : undefined);

const escaped = (words: string): string => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** By the part of the list it stands in: the marinade, the gremolata, the sauce that is poured over. */
const byItsPart: LineRule = (n, { line }) => {
  const section = line.section?.toLowerCase() ?? '';
  const part = PART.exec(section)?.[1];
  // "Onion paste and salt", under "For the marinade": no word of "the white paste".
  const before = part ? n.words[n.words.indexOf(part) - 1] : undefined;
  const isAnothers = n.lines.some(
    (l) =>
      before !== undefined &&
      l.section !== line.section &&
      wordsOf(l).all.includes(before) &&
      wordsOf(l).all.includes(part ?? ''),
  );
  if (part && n.words.includes(part) && !isAnothers) return true;
  // "Gremolata: …" of the list, "top with the gremolata" of the method: a name that is no food.
  // "The bouquet garni", of two sprigs and a bay leaf.
  if (
    section.includes(' ') &&
    !NO_NAME.test(section) &&
    new RegExp(`\\bthe ${escaped(section)}\\b`, 'i').test(n.clause)
  )
    return true;
  const [title = '', ...more] = foodWords(section);
  const isName = title.length >= 5 && !more.length && !n.pantry.named(title) && !NO_NAME.test(title);
  if (isName && n.words.includes(title)) return true;
  // "Pour the sauce over the beef", where a part of the list is the sauce.
  if (/\bsauce\b/.test(section) && poursItsSauce(n)) return true;
  if (isPartTold(n.clause, line)) return true;
  // "Marinate in the yoghurt, paste and chilli": those of the marinade, by any word of theirs.
  const isOfMarinade = /\bmarinat/i.test(n.clause) && section.startsWith('marina');
  return isOfMarinade && wordsOf(line).all.some((w) => w.length >= 4 && n.words.includes(w))
    ? true
    : undefined;
};

/** "Pour the sauce over"; "pour the tomato sauce over" is the tin, where the list has one. */
function poursItsSauce({ clause, lines }: Naming): boolean {
  const poured = POURS_SAUCE.exec(clause)?.[1]?.trim().toLowerCase();
  return (
    POURS_SAUCE.test(clause) &&
    !(poured && lines.some((l) => new RegExp(`\\b${poured} sauce`, 'i').test(l.read.foodText)))
  );
}

/** By its food's own name, or by what it was before it was dried. */
const byItsFood: LineRule = (n, { line, food }) => {
  const plain = plainFoodOf(line.read, n.pantry);
  // A tin of green chillies is no jalapeño, where the list has those by themselves.
  const isApart = plain !== null && plain !== food.id && n.has(plain);
  return n.named.some((m) => m.food.id === food.id || (m.food.id === plain && !isApart)) ? true : undefined;
};

/** "The meat", "the shanks", "the lardons", "the bird". */
const byItsMeat: LineRule = (n, { line, food }) => {
  if (!isMeat(line)) return undefined;
  const { free, lines } = n;
  const name = `${line.read.foodText} ${food.names[0] ?? ''}`.toLowerCase();
  return (
    (free.has('meat') && (isRawMeat(line) || !lines.some(isRawMeat) || /\bmeats\b/i.test(n.clause))) ||
    (lastWord(line).length >= 3 && free.has(lastWord(line))) ||
    // "Salt pork, cut in lardons".
    (free.has('lardon') && /\blardons?\b/i.test(line.read.text)) ||
    ANIMALS.some(([word, of]) => of.test(name) && [...free].some((w) => word.test(w)))
  );
};

/** "The stock", whatever it is of. */
const byStock: LineRule = (n, { food }) =>
  food.kind === 'stock' && (n.free.has('stock') || n.free.has('broth')) ? true : undefined;

/** "Mace", "dill", "okra": short, and a food by itself. */
const isShortFood = (word: string, pantry: Pantry): boolean =>
  word.length === 4 && pantry.named(word) !== undefined;

/** "Serve over rice", "with potatoes": no rice wine, and no potato starch. */
const isMadeOf = (word: string, line: ScriptLine, pantry: Pantry): boolean =>
  /^(?:wine|vinegar|flour|starch|paper|cracker|sprout)$/.test(lastWord(line)) &&
  ['grain', 'root-veg', 'pulse-dry', 'pulse-cooked'].includes(pantry.named(word)?.kind ?? '');

/** By a word that only this line has: "cinnamon" for the cinnamon stick. */
const byAWordOfItsOwn: LineRule = (n, { line, food, i }) => {
  const own = wordsOf(line).all.some(
    (w) =>
      // Meat words never name a stock, nor a cube of one.
      !(food.kind === 'stock-concentrate' && OF_STOCK.test(w)) &&
      (w.length >= 5 || SHORT_NAMES.has(w) || isShortFood(w, n.pantry)) &&
      !NOT_ALONE.has(w) &&
      n.free.has(w) &&
      !isPlainDescription(w) &&
      !SHARED.has(w) &&
      !OF_THE_POT.has(w) &&
      !ANIMALS.some(([word]) => word.test(w)) &&
      !isMadeOf(w, line, n.pantry) &&
      n.lines.filter((l) => wordsOf(l).all.includes(w)).length === 1,
  );
  // "The paprika" of a list with a sweet and a hot one: both, where none is told by its word.
  return own || n.isToldByTwo(i) || n.isToldByPair(i) || isEveryOne(n, line) ? true : undefined;
};

/** By its head noun, where nothing else of the list is called so. */
const byItsNoun: LineRule = (n, { line, food }) => {
  const { clause, lines, named, free, pantry } = n;
  const noun = lastWord(line);
  // "Pour the cream into the juice": what is in the pot, and no lemon's.
  if (noun === 'juice' && THE_JUICES.test(clause)) return false;
  if (!noun || noun.length < 3 || OF_THE_POT.has(noun) || !free.has(noun)) return false;
  // "Mix the sugar and paprika" names no packet of a mix.
  if (noun === 'mix' && /^\W*(?:then )?mix\b(?!.*\bmix\b)/i.test(clause)) return false;
  // "Blend the paste ingredients" is that part of the list, and no tamarind paste.
  // "Fry the onion" is none of "the pickled onions", which are made of another onion.
  const isPickled = (section: string): boolean =>
    lines.some((k) => k.section === section && k !== line && lastWord(k) === noun) &&
    foodWords(section).some((w) => w.length >= 5 && w !== noun && !n.words.includes(w));
  const isCalledSo = (section: string): boolean =>
    section.toLowerCase().includes(noun) && !(line.section !== section && isPickled(section));
  if (lines.some((l) => l.section !== undefined && l !== line && isCalledSo(l.section))) return false;
  // "Onion" beside an onion and spring onions is the onion.
  // "Paprika", of a list with a sweet and a hot one, is both.
  const isAnothersName = named.some(
    (m) =>
      m.words === 1 &&
      m.food.id !== food.id &&
      !(m.food.kind === 'spice-ground' && food.kind === 'spice-ground') &&
      pantry.named(noun)?.id === m.food.id &&
      n.has(m.food.id),
  );
  if (isAnothersName) return false;
  const sharing = lines.filter((l) => l.read.food && lastWord(l) === noun).length;
  const isOther = named.some(
    (m) =>
      m.words > 1 &&
      MEATS.has(m.food.kind) &&
      m.food.id !== food.id &&
      foodWords(m.food.names[0] ?? '').includes(noun) &&
      lines.some((l) => l.read.food?.id === m.food.id),
  );
  return !isOther && (sharing === 1 || !SHARED.has(noun));
};

/** In this order: the first that knows the line decides. */
const LINE_RULES: readonly LineRule[] = [
  standsAside,
  ofTheJuices,
  ofManyOrShort,
  ofEverything,
  byOtherName,
  byItsPart,
  byItsFood,
  byItsMeat,
  byStock,
  byAWordOfItsOwn,
  byItsNoun,
];

/** What is named beside the lines that are named for themselves: adds to what was found, or takes from it. */
type ClauseRule = (n: Naming, found: Set<number>) => void;

/** "The butter paste": the butter with its flour. */
const kneadedButter: ClauseRule = ({ clause, lines }, found) => {
  if (!KNEADED_BUTTER.test(clause)) return;
  lines.forEach((l, i) => {
    if (['flour', 'butter'].includes(l.read.food?.kind ?? '')) found.add(i);
  });
};

/** "Sprinkle both packets over": what the list has by the packet. */
const byThePackage: ClauseRule = ({ clause, lines }, found) => {
  const packed = BY_PACKAGE.exec(clause)?.[1]?.toLowerCase();
  if (!packed || found.size) return;
  const unit = packed === 'tin' ? 'can' : packed === 'sachet' ? 'packet' : packed;
  lines.forEach((l, i) => {
    if (l.read.amount?.unitId === unit) found.add(i);
  });
};

/** "The joints", "the pieces": the one meat there is, where no other is named. */
const theOneMeat: ClauseRule = ({ clause, lines, free }, found) => {
  const raw = lines.flatMap((l, i) => (/^(?:poultry|red-meat)$/.test(l.read.food?.kind ?? '') ? [i] : []));
  const [only] = raw;
  if (raw.length !== 1 || only === undefined || found.has(only)) return;
  // "Chop the parsley" names no chops.
  const isVerb = (w: string): boolean => w === 'chop' && /^\W*(?:\p{L}+ly )?chop\b/iu.test(clause);
  if ([...free].some((w) => PIECES.has(w) && !isVerb(w))) found.add(only);
};

/** "Wash the pepper and cut it into strips", "the pepper strips": one that has seeds. */
const ONE_THAT_GROWS =
  /\b(?:wash|core|deseed|seed|halve|quarter|slice|dice|chop|cut)\w*\b[^.;]{0,24}\bpepper\b|\bpepper (?:strips?|pieces|rings|cubes|chunks|slices|dice)\b/i;
const AMONG: ReadonlySet<string> = new Set([...KINDS.vegetable, 'mushroom']);
const GROUND_PEPPER = /\b(?:black|white|ground|cayenne) pepper\b/i;
/** "The peppers" are all that grow, and no ground one. */
const thePeppers: ClauseRule = ({ clause, lines }, found) => {
  // "Onion, pepper and garlic": among vegetables it is one.
  const isAmongThem =
    /\bpepper\b/i.test(clause) &&
    !/\bsalt\b/i.test(clause) &&
    !GROUND_PEPPER.test(clause) &&
    [...found].some((i) => AMONG.has(lines[i]?.read.food?.kind ?? 'other')) &&
    lines.filter((l) => !/^(?:spice|salt)/.test(l.read.food?.kind ?? 'spice') && lastWord(l) === 'pepper')
      .length === 1;
  if (!/\bpeppers\b/i.test(clause) && !ONE_THAT_GROWS.test(clause) && !isAmongThem) return;
  const isGround = (i: number): boolean => /^(?:spice|salt)/.test(lines[i]?.read.food?.kind ?? 'spice');
  const grown = lines.flatMap((line, i) =>
    (lastWord(line) === 'pepper' || (isAPepper(line) && !isAmongThem)) && !isGround(i) ? [i] : [],
  );
  for (const i of grown) found.add(i);
  if (!grown.length) return;
  for (const i of [...found])
    if (isGround(i) && /pepper/i.test(lines[i]?.read.foodText ?? '') && !GROUND_PEPPER.test(clause))
      found.delete(i);
};

/** "The small onions" beside an onion: the ones that the list calls so. */
const theSizedOnes: ClauseRule = ({ clause, lines }, found) => {
  for (const i of sizedLines(clause, lines)) {
    found.add(i);
    const noun = lastWord(lines[i] as ScriptLine);
    for (const j of [...found]) {
      const other = lines[j];
      if (j !== i && other && lastWord(other) === noun && !other.read.amount?.size) found.delete(j);
    }
  }
};

/** "The cheese", "the cream": the one line of its kind, where no line is named so. */
const byTheKind: ClauseRule = ({ clause, lines, free, isEverything }, found) => {
  if (isEverything) return;
  for (const { word, kinds, named: as, said } of STANDS_FOR) {
    if (said && !said.test(clause)) continue;
    // "The chillies and garlic", of a list with jalapeños: garlic is one of their kind, and no chilli.
    const isSo = (i: number): boolean => as?.test(lines[i]?.read.foodText ?? '') ?? true;
    const isCalledSo = (i: number): boolean =>
      isSo(i) || foodWords(lines[i]?.read.foodText ?? '').some((w) => word.test(w));
    const ofKind = lines.flatMap((l, i) => (l.read.food && kinds.includes(l.read.food.kind) ? [i] : []));
    if (ofKind.some((i) => found.has(i) && isCalledSo(i)) || ![...free].some((w) => word.test(w))) continue;
    for (const i of ofKind) if (isSo(i)) found.add(i);
  }
};

/** "Whisk the soup with the milk": the tin, and not what is in the pot. */
const SOUP_PUT_IN =
  /\b(?:add|dump|mix|whisk|pour|stir|combine|spread|spoon|tip|empty|put)\b.*(?<!\b(?:in|into|to|through|of) (?:the |your )?)\bsoups?\b(?! mix)/i;
const theSoup: ClauseRule = ({ clause, lines }, found) => {
  if (!SOUP_PUT_IN.test(clause)) return;
  const tins = lines.flatMap((l, i) => (/\bsoup$/i.test(l.read.foodText) && l.read.amount ? [i] : []));
  if (!tins.some((i) => found.has(i))) for (const i of tins) found.add(i);
};

/** In this order, each on what those before it have found. */
const CLAUSE_RULES: readonly ClauseRule[] = [
  kneadedButter,
  byThePackage,
  theOneMeat,
  thePeppers,
  theSizedOnes,
  byTheKind,
  theSoup,
];

/** Lines that a clause names, by position; `sparedBy` tells those that an exception names. */
export function linesFound(
  told: string,
  lines: readonly ScriptLine[],
  pantry: Pantry,
  sparedBy: (except: string) => readonly number[],
): Set<number> {
  const n = new Naming(told, lines, pantry, sparedBy);
  const found = new Set(n.inSection.filter((i) => !n.spared.has(i)));
  lines.forEach((line, i) => {
    const { food } = line.read;
    if (!food) return;
    for (const rule of LINE_RULES) {
      const isNamed = rule(n, { line, food, i });
      if (isNamed === undefined) continue;
      if (isNamed) found.add(i);
      return;
    }
  });
  for (const rule of CLAUSE_RULES) rule(n, found);
  return found;
}

const PLAIN_FOODS = new WeakMap<ReadLine, string | null>();

/** What a line's words name before its state made another food of them: dry red chillies are chillies to whoever cooks them. */
function plainFoodOf(read: ReadLine, pantry: Pantry): string | null {
  // A beef cube is no beef.
  if (read.food?.kind === 'stock-concentrate') return null;
  let id = PLAIN_FOODS.get(read);
  if (id === undefined) PLAIN_FOODS.set(read, (id = pantry.find(read.foodText)?.food.id ?? null));
  return id;
}

/** Lines that a shortened word can only mean: it begins a longer word of theirs, and of no other line. */
function shortenedIn(clause: string, lines: readonly ScriptLine[]): Set<number> {
  const out = new Set<number>();
  for (const [, word = ''] of clause.matchAll(SHORTENED)) {
    const begins = lines.flatMap(({ read }, i) =>
      foodWords(read.foodText).some((w) => w.length > word.length + 1 && w.startsWith(word.toLowerCase()))
        ? [i]
        : [],
    );
    if (begins.length === 1) out.add(begins[0] as number);
  }
  return out;
}

/** Lines that a clause tells by their size, where others have the same noun: "the small onions". */
function sizedLines(clause: string, lines: readonly ScriptLine[]): number[] {
  const words = foodWords(clause);
  return lines.flatMap((line, i) => {
    const { amount } = line.read;
    const noun = lastWord(line);
    const isSaid =
      amount?.size !== undefined && words.some((w, k) => w === noun && words[k - 1] === amount.size);
    const isShared = lines.some((l, j) => j !== i && lastWord(l) === noun);
    return isSaid && isShared ? [i] : [];
  });
}

/** "60 g coconut, toasted and pounded (kerisik)": what stands in brackets is its name too, where it says nothing of how it is cut. */
function isByOtherName(clause: string, { read }: ScriptLine): boolean {
  let found = OTHER_NAMES.get(read);
  if (found === undefined) OTHER_NAMES.set(read, (found = otherNameOf(read)));
  return found?.test(clause) === true;
}
const OTHER_NAMES = new WeakMap<ReadLine, RegExp | null>();

function otherNameOf(read: ReadLine): RegExp | null {
  const name = /\((\p{L}[\p{L}'’ ]{3,23})\)/u.exec(read.text)?.[1]?.toLowerCase();
  const isName =
    name !== undefined &&
    name.split(' ').length <= 2 &&
    // "Stock (chicken)" is no chicken.
    !ANIMALS.some(([word]) => word.test(name)) &&
    !name.split(' ').some((w) => isPlainDescription(w) || CUT.test(w));
  return isName ? new RegExp(`(?<!\\p{L})${name}(?!\\p{L})`, 'iu') : null;
}

/** True of a ground spice whose noun is said bare, so that every line of it is meant: no word tells one of them apart. */
function isEveryOne({ lines, words, free }: Naming, { read: { food } }: ScriptLine): boolean {
  if (food?.kind !== 'spice-ground') return false;
  const headOf = (f: Food | null): string => foodWords(f?.names[0] ?? '').at(-1) ?? '';
  const head = headOf(food);
  if (!free.has(head) || SHARED_BY_SPICES.test(head)) return false;
  const before = words[words.indexOf(head) - 1] ?? '';
  const alike = lines.filter(({ read }) => headOf(read.food) === head && read.food?.kind === food.kind);
  if (alike.length < 2) return false;
  return !lines.some(
    ({ read }) => headOf(read.food) === head && before !== '' && foodWords(read.foodText).includes(before),
  );
}
