import { minutesNamed, pressureRuns, timeNamed } from '../dish/pressure';
import { MEANWHILE, MEANWHILE_LAST } from '../dish/beside';
import { isAllNatural } from '../dish/release';
import { describe } from '../dish/descriptors';
import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import type { Act, SizeTold } from './act';
import { KNEADED_BUTTER } from './namingWords';
import { linesMeant, linesNamed } from './align';
import { meansEverything, meansSection, namesGroup, WHOLE_SPICES } from './groups';
import { ListParts } from './listParts';
import { linesInTurn, withoutTurn } from './inTurn';
import { type ScriptLine } from './line';
import { clauses } from './clauses';
import { VERBS_THAT, type Stage } from './data/verbs';
import { KINDS } from './kinds';
import { inOrder, Products, type Product } from './products';
import { HALF_OF_IT, linesLeft, shareTold } from './portions';
import { isPickle } from './sharp';
import { COMES_IN, withoutMade, withoutSplash } from './wording';

/** Mixed with something, and no word of what: it was named just before. */
const WITH_THE_LAST =
  /^\W*(?:then )?(?:(?:blend|blitz|whizz|mix|combine|toss|grind|pound|mash|stir|whisk)(?: together| well)?|(?:add|put|tip|throw|transfer)(?: (?:it|them|everything))?(?: in(?:to)?(?: (?:a|the) (?:blender|food processor|processor|mortar|jug|bowl))?)?) with\b/i;

const RAW_MEAT: ReadonlySet<FoodKind> = new Set(['poultry', 'red-meat', 'ground-meat', 'seafood']);
/** What is stuffed; other meat is what it is stuffed with. */
const STUFFED: ReadonlySet<FoodKind> = new Set(['poultry', 'red-meat']);
/** What is hollowed out, or wrapped round, where no meat is stuffed. */
const HOLLOWED: readonly FoodKind[] = [...KINDS.vegetable, 'leaf', 'tomato-fresh'];
/** What is done with the lid itself. */
const OF_THE_LID: ReadonlySet<string> = new Set(['close', 'hold', 'release']);
const NONE: ReadonlySet<number> = new Set();
const NO_SHARES: ReadonlyMap<number, number> = new Map();
/** A simmer or an oven of at least this long becomes the lid of a recipe that has none, minutes. */
const LONG_MIN = 15;
const LONG =
  /\b(?:simmer|bake|braise|roast|cook|stew|cover(?:ed)?|slow|low|oven|tick(?:ing)? over|blip(?:ping)?|murmur|bubbl(?:e|ing) away)\b/i;
/** A quarter of an hour of frying onions is no stew. */
const FRIED_FOR_LONG =
  /\b(?:saut[eé]\w*|fry|fried|frying|stirring|caramelis\w*|caramelize\w*|golden|jammy)\b/i;
const STEWED = /\b(?:simmer|covered|cover|stew|brais\w*|lid on|oven)\b/i;
const SCRAPED_OFF = /\b(?:scrape|shake|wipe|brush|pick)\b.{0,24}\boff\b/i;
const FISHED_OUT =
  /^\W*(?:take out|remove|discard|fish out|pick out|lose|bin|throw (?:out|away)|lift out)\b/i;
const THE_OTHERS = /\b(?:remaining|other|the rest)\b/i;
const OUT_OF_IT =
  /\b(?:out|aside|remove|transfer|lift|spoon|scoop|tip|pour) (?:everything|all)(?! (?:up |off )?(?:off|from) the (?:bottom|base|floor))(?!.{0,36}\b(?:in|to|into) (?:the |your |a )?(?:pot|cooker|insert|liner)\b)|everything (?:out|aside)\b/i;
/** A clause that puts something in: "stir in the cream", "whisk the starch with water". */
const PUTS_IN =
  /\badd(?:ing|ed|s)?\b|\b(?:stir|whisk|mix|fold|beat|swirl|pour|squeeze|tip|drizzle|put|drop|go|goes)\b.{0,40}\b(?:in|into|through)\b|\bin (?:go|goes)\b|\b(?:finish|garnish|top|sprinkle|scatter)\b|\b(?:simmer|boil|reduce)\b.{0,24}\bwith\b|\b(?:fry|brown|sear|saut[eé])\b.{0,20}\bin\b.{0,14}\b(?:oil|butter|ghee|lard)\b|\b(?:whisk|mix|stir|blend|slake|combine)\b.{0,24}\b(?:starch|flour|cornflour|cornstarch|arrowroot)\b/i;
const GOES_BACK = /\b(?:back|return\w*|again|rest|remaining)\b/i;
/** What is hardly ever meant by "everything" where it is put in at the end. */
const OF_THE_END: ReadonlySet<string> = new Set([
  'starch',
  'flour',
  'gum',
  'cream',
  'sour-dairy',
  'cream-cheese',
  'cheese',
  'milk',
  'leaf',
  'herb-soft',
  'citrus',
  'egg',
]);
/** "Put everything back except the vegetables": what was in it. */
const BACK_AGAIN = /\b(?:everything|all of it|the lot) back\b|\b(?:return|put back) everything\b/i;
const STILL_TO_COME = /\b(?:add|rest|remaining|remainder|other|else|but|except)\b/i;
const TAKEN_OUT = /\b(?:scoop|lift|take|fish|spoon|set|put|move|remove|transfer)\b/i;
/** Water that is not for the dish. */
const WASHED = /\b(?:soak|rinse|wash|blanch|parboil|scald)\b/i;
/** Water that is not the water of the slurry, where a later sentence has that. */
const LITTLE_WATER = /\b(?:splash|little|bit|drop|dash) (?:of )?water\b/i;
const COVERED = /\b(?:cover(?:ed)?|enough|plenty of|pot of|pan of)\b.{0,24}\bwater\b/i;
const DRAINED =
  /\bdrain(?!ed)|\brinse\b|\b(?:discard|pour (?:off|away)|throw (?:out|away)|tip away) (?:all )?the (?:\p{L}+ )?water\b/iu;
const UNTIL_IT = /\b(?:until|till|when|once|before) (?:it|they)\b.*$/i;
const UNTIL_IT_LOOKS = /(?<=\S.*)\b(?:until|till)\b.*$/i;
const PRONOUN = /\b(?:it|them)\b/i;
/** "Place in the pot": what is placed was named before. */
const OBJECTLESS =
  /^(?:then |and )?(?:place|put|lay|arrange|nestle|sit|transfer|tip|add|pop|dump|throw|load|pile) (?:in|into|to|onto?|inside)\b(?! (?:the |a |your )?(?:trivet|rack|basket|steamer|lid)\b)/i;
/** "Stir in", "add and simmer": what, was said just before. */
const PUTS_SOMETHING =
  /^\W*(?:and |then )*(?:stir|add|fold|scatter|sprinkle|toss|tip|put|throw|drop|mix|strew|serve|simmer|cook|boil|use|wilt)\b(?! (?:the|your|a|an|some)\b)/i;
const ALL_OF_IT =
  /\b(?:everything|(?:all )?(?:of )?(?:the|your)? ?(?:\p{L}+ ){0,2}ingredients(?: for (?:the|your) (?:\p{L}+ )?\p{L}+)?)\b/giu;
const LEAVES = /\b(?:fresh|leaf|leaves|chopped|sprigs?|bunch|stalks?|stems?)\b/i;
const INTO_SO_MANY =
  /\b(?:in|into) (?:\d{1,2}|two|three|four|five|six|eight|ten|twelve) (?:\p{L}+ )?(?:pieces|chunks|parts|portions)\b/iu;
const CUT_UP = /\b(?:cut|chop|dice|slice|cube)\w*\b/i;
const FLATTENED = /\b(?:pound|flatten|beat|bash|roll)\w*\b/i;
const GROUND = /\b(?:grind|blend|blitz|process|pur[eé]e)\b/i;
const MADE_READY: ReadonlySet<string> = new Set([
  'toast',
  'soften',
  'bloom',
  'fry',
  'soak',
  'pop',
  'roast',
  'char',
]);
/** How what was kept is called when it comes in. */
const KEPT =
  /\b(?:reserved|set-aside|kept[- ]back|held[- ]back|saved|thick (?:coconut )?(?:cream|milk)|coconut cream|(?:rest|remainder|remaining|other half)\b(?=.{0,40}(?:garnish|sprinkl|scatter|top|serv)))/i;
/** What is left of a bowl of flour, where no amount is told; spread 50 %. */
const SOME_LEFT = 0.25;
/** So many acts ago it was, at most, of which "the rest" is meant. */
const REST_WITHIN = 4;
const AT_THE_TABLE = /\b(?:serv|garnish|top|sprinkl|scatter|strew|finish|plate|table|bowls?\b|warm the)/i;
const THE_REST = /\bthe (?:rest|remainder|other half)\b(?! of\b)/i;
/** "Spread the rice over the lamb": what it lies on. */
const LAID_OVER = /\b(?:over|onto|on top of|on) (the [^,;.]{3,40})$/i;
const LITTLE_FAT = /\b(?:a little|some|a (?:bit|knob|splash) of)(?: more)? (?:the )?(?:butter|oil|fat)\b/i;
/** Longest look that is taken from a recipe, words. */
const MOST_WORDS_OF_A_LOOK = 9;
const UNTIL =
  /\b(?:until|(?<=\b(?:onions?|them|it|shallots?|leeks?) )(?:go|turn|get|become)(?= (?:soft|golden|dark|brown|sticky|glassy|translucent))|(?<=\b(?:fry|saut\w*|brown|cook|roast|toast|soften)\b.{0,80})when) (?:it['’]s |(?:it|they) (?:is|are|turns?|looks?) )?([^.,;:()!?–—]+)/i;
/** "Until wilted 2 min": the time is no part of the look. */
const HOW_LONG =
  /\s+\(?(?:for )?(?:about |~ ?|approx\.? )?\d[\d\s–-]*(?:m|mins?|minutes?|secs?|seconds?|hours?|hrs?)\b.*$/i;
/** "Till the gravy is as thick as you like": no look that anybody could wait for. */
const AS_YOU_LIKE = /^.*\bas \p{L}+(?: as\b.*)?$|^.*\bhow you (?:like|want)\b.*$/iu;
/** Looks that are one word. */
const LOOKS =
  /^(?:syrupy|sticky|glossy|shiny|thick(?:ened)?|creamy|silky|smooth|golden|crispy?|caramelis?z?ed|jammy|translucent|transparent|soft(?:ened)?|fragrant|aromatic|wilted|tender|melted|browned|bubbling|toasted|charred|dark(?: brown)?|brown|pale|limp|glassy|sizzling|coated|blackened|golden(?: brown)?)$/i;
/** "Fry until deep brown": what to look for, in the recipe's words. */
export function untilTold(text: string): { until: string } | Record<string, never> {
  const told = (UNTIL.exec(text)?.[1] ?? '')
    .replace(HOW_LONG, '')
    .replace(AS_YOU_LIKE, '')
    // "Until the sauce is as you like it": no look at all.
    .replace(/^.*\b(?:is|are|looks?)\s*$/i, '')
    .trim();
  const long = told.split(/\s+/).length;
  const says = long >= 2 ? long <= MOST_WORDS_OF_A_LOOK : LOOKS.test(told);
  return says ? { until: told } : {};
}

/** One clause of a method as the rules see it. */
export interface Clause {
  /** Its place among the clauses. */
  n: number;
  text: string;
  sentence: string;
  /** Lines that it names, by position. */
  named: readonly number[];
  /** Lines that it means: what it names, what its pronoun stands for, and what was last on the board. */
  meant: readonly number[];
  /** What earlier lines were made into, where the clause names it. */
  product: Product | undefined;
  /** Lines that it means only as a part of what was made of them. */
  byProduct?: ReadonlySet<number>;
  /** What is done to them is done on the board: they go in with a later sentence. */
  staysOnBoard?: boolean;
}

/** A method while it is being read: the acts so far, where the pot stands, and what each line has come to. */
export class Reading {
  readonly parts: readonly { text: string; sentence: string }[];
  readonly acts: Act[] = [];
  /** Minutes of the first lid, where the method gives them. */
  readonly minutes: number | null;
  /** How many lids the method closes. */
  readonly lids: number;
  /** The clause whose long simmer or oven becomes the lid of a recipe that has none; -1 where there is none. */
  readonly longest: number;
  /** The share of each line that has come in. */
  readonly used = new Map<number, number>();
  /** What is kept of a line for the end, as a share. */
  readonly reserved = new Map<number, number>();
  /** Cut, and not named again since. */
  readonly waiting = new Set<number>();
  /** The last clause that an earlier one has dealt with already. */
  doneUntil = -1;
  /** How meat is cut, as the method tells it. */
  readonly sizes = new Map<number, SizeTold>();
  stage: Stage = 'prep';
  run = 0;
  where: Act['where'] = 'pot';
  lastNamed: readonly number[] = [];
  /** Lines that each clause names for themselves, whatever heading they stand under. */
  /** What each clause names; read once, when a group word first asks for it. */
  #names: (readonly number[])[] | undefined;
  /** The clause that a lid is closed with which nobody tells of; -1 where one is told of. */
  silentLid = -1;
  /** What was made of lines in bowls and jugs, by its name. */
  readonly #products = new Products(this);
  /** The parts of the list, as the method calls for them. */
  readonly #listParts = new ListParts(this);

  constructor(
    method: string,
    readonly lines: readonly ScriptLine[],
    readonly pantry: Pantry,
  ) {
    this.parts = clauses(method);
    const runs = pressureRuns(method);
    this.lids = runs.length;
    this.minutes = runs[0]?.minutes ?? null;
    this.longest = this.lids > 0 ? -1 : longestCooking(this.parts);
  }

  get last(): Act | undefined {
    return this.acts.at(-1);
  }

  get isForPressure(): boolean {
    return this.lids > 0;
  }

  /** What was last done, where that was beside the closed pot. */
  get madeBeside(): Act | undefined {
    const { last } = this;
    return last?.stage === 'closed' && !OF_THE_LID.has(last.verb) ? last : undefined;
  }

  /** The lid is on and its minutes are told, or it is off again. */
  get isLate(): boolean {
    return (this.stage === 'closed' && this.has('hold')) || this.stage === 'after';
  }

  /** The pressure has been let go: the lid comes off with whatever is done next. */
  get isOpened(): boolean {
    return this.stage === 'after' || (this.stage === 'closed' && this.last?.verb === 'release');
  }

  kindOf(line: number): FoodKind {
    return this.lines[line]?.read.food?.kind ?? 'other';
  }

  isMeat(line: number): boolean {
    return (KINDS.meat as readonly FoodKind[]).includes(this.kindOf(line));
  }

  isRawMeat(line: number): boolean {
    return RAW_MEAT.has(this.kindOf(line)) && this.lines[line]?.read.cooked !== true;
  }

  /** True of fat: "heat the oil and brown it" is never the oil. */
  isFat(line: number): boolean {
    return (KINDS.fat as readonly FoodKind[]).includes(this.kindOf(line));
  }

  /** True while some of a line is still to come. */
  isToCome(line: number): boolean {
    return (this.used.get(line) ?? 0) < 1;
  }

  /** True once an act of this run has this verb. */
  has(verb: string): boolean {
    return this.acts.some((a) => a.verb === verb && a.run === this.run);
  }

  /** Keeps what a clause says of its lines for the end; false where it says no part of any that is still whole. */
  reserve(text: string, named: readonly number[]): boolean {
    // "Scrape off the seasoning and save it": what clung to the meat, and no part of a line.
    if (SCRAPED_OFF.test(text)) return true;
    // "Lift out the chicken, reserve the wine": all of what it stood in.
    const stood = this.acts.findLast((x) => x.verb === 'marinate');
    if (named.length && stood && named.every((i) => stood.lines.some((l) => l.index === i))) return true;
    const share = shareTold(text, named, this.lines, this.pantry);
    // "Dredge the chops, and reserve two spoons of the flour": so much of it did not go in.
    // "Reserve the beef" is all of it, and on a plate.
    const isWhole = (i: number): boolean => this.isMeat(i) && share(i, 0) === 1;
    for (const i of named.filter((j) => this.used.get(j) === 1 && !this.reserved.has(j) && !isWhole(j))) {
      const from = this.acts.flatMap((a) => a.lines).findLast((l) => l.index === i);
      const part = share(i, 0) < 1 ? share(i, 0) : SOME_LEFT;
      if (!from || from.share <= part) continue;
      from.share -= part;
      this.reserved.set(i, part);
    }
    if (named.some((i) => this.reserved.has(i))) return true;
    const kept = named.filter((i) => !this.isMeat(i) && !this.used.has(i) && share(i, 0) < 1);
    for (const i of kept) {
      this.reserved.set(i, share(i, 0));
      this.used.set(i, share(i, 0));
    }
    return kept.length > 0;
  }

  /** Lines that a clause after the `n`th names: they are not yet meant by "the spices". */
  namedAfter(n: number): ReadonlySet<number> {
    // What a clause only fishes out was in before: "take out the cinnamon".
    this.#names ??= this.parts.map((p) =>
      FISHED_OUT.test(p.text) ? [] : linesNamed(withoutSplash(p.text, this.lines), this.lines, this.pantry),
    );
    return new Set(this.#names.slice(n + 1).flat());
  }

  /** Lines that some words name. */
  linesIn(text: string): readonly number[] {
    return linesNamed(withoutSplash(text, this.lines), this.lines, this.pantry);
  }

  /** Lines, and no meat, that a clause after the `n`th puts in for the first time. */
  #addedAfter(n: number): ReadonlySet<number> {
    this.namedAfter(n);
    const added = this.parts.flatMap(({ text }, k) =>
      k > n && PUTS_IN.test(text)
        ? (this.#names?.[k] ?? []).map((i) => ({ i, isBack: GOES_BACK.test(text) }))
        : [],
    );
    const isOfTheEnd = (i: number): boolean => OF_THE_END.has(this.kindOf(i) ?? 'other');
    return new Set(
      added.filter(({ i, isBack }) => !this.isMeat(i) && (!isBack || isOfTheEnd(i))).map(({ i }) => i),
    );
  }

  /** "Cover with water, boil for five minutes, drain": that water is poured away. */
  #isPouredAway(n: number): boolean {
    return (
      COVERED.test(this.parts[n]?.text ?? '') &&
      this.stage !== 'after' &&
      this.parts.slice(n, n + 4).some((p) => DRAINED.test(p.text))
    );
  }

  /** The `n`th clause with the lines it means; remembers what it names and what it makes. */
  clause(n: number): Clause {
    const { text, sentence } = this.parts[n] ?? { text: '', sentence: '' };
    // "Fry until the paste darkens": what to look for, and not what is fried.
    const until = UNTIL_IT_LOOKS.exec(text)?.[0] ?? '';
    const product = this.#products.namedIn(text.slice(0, text.length - until.length));
    const looked = product ?? this.#products.namedIn(until);
    // "Fry the mushrooms while the beef cooks": the beef is under the lid.
    const own = this.#meaning(withoutMade(text.replace(MEANWHILE_LAST, ''), looked?.name), n);
    const named = [...inOrder([...own, ...(product?.lines ?? []), ...this.#keptMeant(text)])];
    // "In a little butter", where a later sentence has the butter of the list for itself: no line at all.
    const later = LITTLE_FAT.test(text) ? this.namedAfter(n) : NONE;
    const isSameFat = (i: number): boolean =>
      later.has(i) || [...later].some((k) => this.lines[k]?.read.food?.id === this.lines[i]?.read.food?.id);
    for (const i of named.filter((j) => this.isFat(j) && isSameFat(j))) named.splice(named.indexOf(i), 1);
    // "Soak in lots of water": what is poured away is not the water that a later sentence has.
    const kept =
      WASHED.test(text) || LITTLE_WATER.test(text) || this.#isPouredAway(n) ? this.namedAfter(n) : NONE;
    for (const i of named.filter((j) => this.kindOf(j) === 'water' && kept.has(j)))
      named.splice(named.indexOf(i), 1);
    if (!named.length && THE_REST.test(text)) named.push(...this.#restOfLast());
    // "Drain the chillies and blend with the garlic": what stood before the "and" is blended too.
    const isReady = (a: Act | undefined): boolean =>
      ['toast', 'soak', 'roast', 'char'].includes(a?.verb ?? '');
    const isMadeReady = isReady(this.last);
    // "Cover them with water; leave to soak": told in two.
    const ready = isMadeReady ? this.acts.slice(-2).filter(isReady) : [];
    const wasMadeReady = (i: number): boolean =>
      ready.some((a) => a.again.includes(i) || a.lines.some((l) => l.index === i));
    if (WITH_THE_LAST.test(text) && (isMadeReady || this.parts[n - 1]?.sentence === sentence))
      named.push(
        ...this.lastNamed.filter((i) => !named.includes(i) && (this.isToCome(i) || wasMadeReady(i))),
      );
    this.#products.notice(text, named, this.madeLast());
    const byPronoun = this.#byPronoun(text, named);
    if (named.some((i) => !this.isFat(i))) this.lastNamed = named;
    const meant = inOrder([...named, ...byPronoun, ...this.#fromBoard(text, named)]);
    // "Half of the paste" went into the mixture: with the mixture comes no more of it.
    const byProduct = new Set(product?.lines.filter((i) => !own.includes(i) && this.#products.isInPart(i)));
    return { n, text, sentence, named, meant, product, byProduct };
  }

  /** Remembers how a clause before the lid says that meat is cut. "Into four pieces" is no size. */
  noteSizes({ text, named }: Clause): void {
    const meats =
      this.stage === 'prep' || this.stage === 'open' ? named.filter((i) => this.isRawMeat(i)) : [];
    if (!meats.length) return;
    const { thicknessMm, cut } = describe(text.replace(INTO_SO_MANY, ' '));
    const isCubed = cut === 'cubed';
    if (!isCubed && (thicknessMm === null || !(CUT_UP.test(text) || FLATTENED.test(text)))) return;
    for (const index of meats) this.sizes.set(index, { index, thicknessMm, isCubed });
  }

  /** Writes an act down at a stage, with what of its lines has not come in yet. */
  put(verb: string, stage: Stage, c: Clause, told: readonly number[]): Act {
    const { text, sentence, product } = c;
    // Meat on the board is not in the pot yet.
    // What it is washed with is used up by it.
    const isWash = (i: number): boolean => ['citrus', 'vinegar', 'juice'].includes(this.kindOf(i) ?? '');
    const isOnBoard = (i: number): boolean =>
      verb === 'rinse'
        ? !isWash(i)
        : // "Push in slivers of garlic and anchovy": what is pushed in is inside from then on.
          (VERBS_THAT.areOfTheBoard.has(verb) &&
            this.isMeat(i) &&
            !(verb === 'stuff' && !STUFFED.has(this.kindOf(i)))) ||
          c.staysOnBoard === true;
    const isBeside = VERBS_THAT.areMadeBeside.has(verb) && verb !== 'blend';
    const made =
      isBeside || verb === 'liftout' ? NO_SHARES : this.#takeFromBeside(told, product?.lines ?? []);
    const meant = [...new Set([...told, ...made.keys()])];
    this.#leaveSome(text);
    const kept = this.#takeReserved(text, meant);
    const fresh = meant.filter(
      (i) =>
        this.isToCome(i) &&
        !isOnBoard(i) &&
        (made.has(i) || !c.byProduct?.has(i)) &&
        // "Strain off the onions", of which others are still to come: those that were in it.
        !(verb === 'strain' && this.isSome(i)),
    );
    const share = shareTold(text, meant, this.lines, this.pantry, product?.lines);
    const laidOver = verb === 'top' ? this.linesIn(LAID_OVER.exec(text)?.[1] ?? '') : [];
    const act: Act = {
      id: `a${this.acts.length}`,
      verb,
      stage,
      lines: fresh.map((index) => {
        const before = this.used.get(index) ?? 0;
        // Batches of meat are all of it in the end.
        const told =
          kept.get(index) ??
          (verb === 'brown' && this.isMeat(index)
            ? 1 - before
            : // Half of the coriander was blended in: no more of it comes with the sauce.
              Math.min(share(index, before), made.get(index) ?? 1));
        this.used.set(index, before + told);
        return { index, share: told };
      }),
      // "Spread the rice over the lamb": what is laid on top is the rice.
      again: [...new Set(meant)].filter(
        (i) => !fresh.includes(i) && !(verb === 'top' && this.isMeat(i) && laidOver.includes(i)),
      ),
      // How long all of a natural release takes is no time after which something is done.
      minutes: verb === 'release' && isAllNatural(text) ? null : timeNamed(text),
      ...untilTold(text),
      words: sentence.replace(/^\d{1,2}[.)]\s*/, '').slice(0, 400),
      run: this.run,
      where: this.where,
    };
    this.acts.push(act);
    this.#products.add(act);
    return act;
  }

  /** Writes down what is made in a pan or a bowl of its own: beside the closed pot, or once it is open. */
  putBeside(verb: string, c: Clause, lines: readonly number[]): Act {
    const isAhead = this.stage === 'closed';
    const isClosed = isAhead || (MEANWHILE.test(c.sentence) && this.last?.verb === 'release');
    // What is done beside the closed pot counts among what comes after it.
    this.run += Number(isAhead);
    const act = this.put(verb, isClosed ? 'closed' : 'after', c, lines);
    this.run -= Number(isAhead);
    return act;
  }

  /** True of what may be stuffed where no meat is, and is no part of the stuffing. */
  canBeHollowed(line: number, stuffing: Product | undefined): boolean {
    return HOLLOWED.includes(this.kindOf(line)) && stuffing?.lines.includes(line) !== true;
  }

  /** From now on what an act made beside the pot can be named: the mixture, the marinade. */
  nameWhatIsMade(act: Act): void {
    this.#products.add(act);
  }

  /** What was last stirred together. */
  madeLast(): readonly number[] {
    return this.acts.findLast((a) => a.verb === 'mix')?.lines.map((l) => l.index) ?? [];
  }

  /** True of a line of which some has gone in, and some not. */
  isSome(line: number): boolean {
    const used = this.used.get(line) ?? 0;
    return used > 0 && used < 1;
  }

  /** Brings what is still to come of these lines into an act that goes on. */
  takeInto(act: Act, lines: readonly number[]): void {
    for (const index of lines.filter((i) => this.isToCome(i))) {
      act.lines.push({ index, share: 1 - (this.used.get(index) ?? 0) });
      this.used.set(index, 1);
    }
  }

  /** As `takeInto`, as much of each line as a clause tells: "half the coriander". */
  takeShare(act: Act, { text }: Clause, lines: readonly number[]): void {
    const share = shareTold(text, lines, this.lines, this.pantry);
    for (const index of lines.filter((i) => this.isToCome(i))) {
      const before = this.used.get(index) ?? 0;
      const told = share(index, before);
      act.lines.push({ index, share: told });
      this.used.set(index, before + told);
    }
  }

  /** The lid, its time and its release in one: what a long simmer becomes. */
  putLid(c: Clause, ...verbs: readonly ('close' | 'hold' | 'release')[]): void {
    for (const verb of verbs) this.put(verb, 'closed', c, []);
  }

  /** What a clause names, without what it only sounds like. */
  #meaning(text: string, n: number): readonly number[] {
    const ofPart = this.#listParts.everythingOf(n, text);
    // "The chicken and all the marinade ingredients": the meat is named beside them.
    if (ofPart.length)
      return inOrder([
        ...ofPart,
        ...this.linesIn(text.replace(ALL_OF_IT, ' ')).filter((i) => this.isMeat(i)),
      ]);
    // "The first five ingredients", and what is named beside them.
    const inTurn = linesInTurn(text, this.lines, this.pantry);
    if (inTurn.length) return inOrder([...inTurn, ...this.linesIn(withoutTurn(text))]);
    const meant = linesMeant(
      withoutSplash(text, this.lines),
      this.lines,
      this.pantry,
      namesGroup(text) ? this.namedAfter(n) : NONE,
    );
    // "Lift everything out", "spoon everything into a dish": what is there, and nothing that is still to come.
    // "Grind everything to a paste": what was toasted and fried for it, and no meat.
    const ready =
      meansEverything(text) && GROUND.test(text) && this.stage !== 'after' && !meansSection(text, this.lines)
        ? meant.filter((i) => !this.isMeat(i) && this.#wasMadeReady(i))
        : [];
    if (ready.length)
      return inOrder([
        ...ready,
        ...linesNamed(text.replace(/\beverything\b/gi, ' '), this.lines, this.pantry).filter(
          (i) => !this.isMeat(i),
        ),
      ]);
    const isBack = BACK_AGAIN.test(text) && this.acts.length > 0;
    const isOfPot =
      meansEverything(text) &&
      (isBack || ((OUT_OF_IT.test(text) || this.stage === 'after') && !STILL_TO_COME.test(text)));
    if (isOfPot) return meant.filter((i) => (this.used.get(i) ?? 0) > 0);
    // "The remaining ingredients": not those that a later sentence has for itself.
    if (meansEverything(text) && THE_OTHERS.test(text) && !meansSection(text, this.lines)) {
      const later = this.namedAfter(n);
      const now = meant.filter((i) => !later.has(i));
      if (now.some((i) => this.isToCome(i))) return now;
    }
    // "Put everything in": not what a later sentence stirs in when the pot is open again.
    if (meansEverything(text) && !OUT_OF_IT.test(text)) {
      const later = this.#addedAfter(n);
      const now = meant.filter((i) => !later.has(i));
      if (now.some((i) => this.isToCome(i))) return now;
    }
    // "Remove the whole spices": none of those that were ground.
    if (WHOLE_SPICES.test(text) && this.stage === 'after') {
      const isGround = (i: number): boolean =>
        this.acts.some(
          (a) => a.verb === 'blend' && (a.again.includes(i) || a.lines.some((l) => l.index === i)),
        );
      const whole = meant.filter((i) => !isGround(i));
      if (whole.length) return whole;
    }
    const part = this.#listParts.made(n, text, meant);
    if (part.length) return inOrder([...meant, ...part]);
    return this.#listParts.notOfLater(
      n,
      text,
      this.#listParts.besideIts(
        this.#listParts.ofPartTold(
          n,
          this.#stillThere(text, this.#meatOfThePot(text, this.#notOfTheTable(text, meant))),
        ),
      ),
    );
  }

  /** "Fry the tortilla", of a list with one to fry and warm ones to serve: the first. */
  #notOfTheTable(text: string, meant: readonly number[]): readonly number[] {
    const isServed = (i: number): boolean => this.lines[i]?.read.written?.moment === 'serve';
    if (AT_THE_TABLE.test(text) || !meant.some(isServed)) return meant;
    const nounOf = (i: number): string | undefined => foodWords(this.lines[i]?.read.foodText ?? '').at(-1);
    return inOrder(
      meant.map((i) => {
        const twin = isServed(i)
          ? this.lines.findIndex(
              (_, j) => j !== i && !isServed(j) && this.isToCome(j) && nounOf(j) === nounOf(i),
            )
          : -1;
        return twin < 0 ? i : twin;
      }),
    );
  }

  /** "Strip off the meat", once the pot is open: what was in it, and no sausage that is still to come. */
  #meatOfThePot(text: string, meant: readonly number[]): readonly number[] {
    const isIn = (i: number): boolean => (this.used.get(i) ?? 0) > 0;
    // The lid comes off with the first thing that is told of what is in it.
    const isCooked = this.stage === 'after' || this.stage === 'closed';
    if (!isCooked || !/\bmeat\b/i.test(text) || !meant.some((i) => this.isMeat(i) && isIn(i))) return meant;
    const told = linesNamed(text.replace(/\bmeat\b/gi, ' '), this.lines, this.pantry);
    return meant.filter((i) => !this.isMeat(i) || isIn(i) || told.includes(i));
  }

  /** Beans, rice and grains that were washed and soaked, and have not been in the pot. */
  #wasSoaked(line: number): boolean {
    const has = (a: Act): boolean => a.again.includes(line) || a.lines.some((l) => l.index === line);
    const acts = this.acts.filter(has);
    return (
      /^(?:pulse|grain|rice)/.test(this.kindOf(line)) &&
      acts.length > 0 &&
      acts.every((a) => ['soak', 'rinse'].includes(a.verb))
    );
  }

  #wasMadeReady(line: number): boolean {
    return this.acts.some(
      (a) => MADE_READY.has(a.verb) && (a.again.includes(line) || a.lines.some((l) => l.index === line)),
    );
  }

  /** Of two lines of one thing the one that is still there: the butter that was fried in is no butter for the flour. */
  #stillThere(text: string, meant: readonly number[]): readonly number[] {
    const isGround = (i: number): boolean => this.kindOf(i) === 'spice-ground';
    const isSpice = (i: number): boolean => (KINDS.spice as readonly FoodKind[]).includes(this.kindOf(i));
    return meant.flatMap((i) => {
      const food = this.lines[i]?.read.food;
      const said = foodWords(text);
      const isSaid =
        (KNEADED_BUTTER.test(text) && food?.kind === 'butter') ||
        food?.names.some((name) => said.includes(foodWords(name).at(-1) ?? ''));
      if (!food || this.isMeat(i) || !isSaid) return i;
      // "Make the noodles. Beat the flour and eggs": the flour that was just called by what is made of it.
      const { last } = this;
      const isNamed = last?.verb === 'mix' && this.isLate && last.lines.some((l) => l.index === i);
      if (isNamed) return i;
      const others = this.lines
        .map((_, j) => j)
        .filter((j) => j !== i && !meant.includes(j) && this.isToCome(j));
      if (!this.isToCome(i)) return others.find((j) => this.lines[j]?.read.food?.id === food.id) ?? i;
      // "The chilli powder, coriander and fennel", before the lid: the ground one, and no leaves for the table.
      const isAmongSpices =
        food.kind === 'herb-soft' && this.stage !== 'after' && this.stage !== 'table' && meant.some(isSpice);
      if (!isAmongSpices || LEAVES.test(text)) return i;
      const isItGround = (j: number): boolean =>
        isGround(j) && foodWords(this.lines[j]?.read.foodText ?? '').includes(food.names[0] ?? '');
      // The ground one is meant already: then only that.
      if (meant.some(isItGround)) return [];
      return others.find(isItGround) ?? i;
    });
  }

  /** "Do not brown the lamb: add it with the stock": it is what was named last. */
  #byPronoun(text: string, named: readonly number[]): readonly number[] {
    // "Add the sugar and swirl until it turns amber" is what the clause names.
    if (!PRONOUN.test(named.length ? text.replace(UNTIL_IT, '') : text)) return [];
    const takenOut =
      TAKEN_OUT.test(text) && !named.length
        ? this.lastNamed.filter((i) => (this.used.get(i) ?? 0) > 0 && !this.isFat(i))
        : [];
    if (takenOut.length) return takenOut;
    // "Meanwhile fry the mushrooms. Add them to the stew": what was made ready beside the closed pot.
    const made = !named.length && COMES_IN.test(text) ? this.madeBeside : undefined;
    const ofIt = [
      ...(made?.lines.map((l) => l.index) ?? []),
      ...(made?.verb === 'shape' ? made.again : []),
    ].filter((i) => !this.isFat(i));
    if (ofIt.length) return ofIt;
    // "Open the coconut milk. Spoon half of it into the pot": whatever was named last.
    if (HALF_OF_IT.test(text) && !this.lastNamed.some((i) => this.isMeat(i)))
      return this.lastNamed.filter((i) => this.isToCome(i));
    return this.lastNamed.filter(
      (i) =>
        // "Soak the beans and drain. Add them to the pot".
        (this.#wasSoaked(i) && !named.includes(i)) ||
        (this.isToCome(i) && (this.waiting.has(i) || (this.isMeat(i) && !named.some((j) => this.isMeat(j))))),
    );
  }

  /** "Place in the pot with the juice": what was last on the board. */
  #fromBoard(text: string, named: readonly number[]): readonly number[] {
    // "Chop the parsley and stir in", once the pot is open.
    if (!named.length && this.isOpened && PUTS_SOMETHING.test(text))
      return this.lastNamed.filter((i) => this.waiting.has(i) && this.isToCome(i));
    if (!OBJECTLESS.test(text)) return [];
    // "Whizz the onion and celery; tip into the pot": what was made of them.
    const { last } = this;
    const made = last && !named.length && VERBS_THAT.makeOneThing.has(last.verb) ? last : undefined;
    if (made && this.stage !== 'after')
      return [...made.lines.map((l) => l.index), ...made.again].filter((i) => !this.isMeat(i));
    const isRaw = (i: number): boolean => this.isRawMeat(i) && this.isToCome(i);
    // "Cut the pork into cubes. Put in a pot of water": what was cut.
    // "Drain the beans. Put into the cooker with the hock": what was drained.
    const isDrained = (i: number): boolean =>
      /^(?:pulse|grain)/.test(this.kindOf(i)) && this.isToCome(i) && !named.includes(i);
    const cut = [...this.waiting].filter((i) => isRaw(i) || isDrained(i));
    if (cut.length) return cut;
    return [...(this.last?.again ?? []), ...(this.last?.lines.map((l) => l.index) ?? [])].filter(
      (i) => this.isRawMeat(i) && this.isToCome(i),
    );
  }

  /** "Brush with the rest": what of the last line that was given out in part is still there. */
  #restOfLast(): readonly number[] {
    const last = this.acts.slice(-REST_WITHIN).findLast((a) => a.lines.some((l) => this.isSome(l.index)));
    return (last?.lines ?? []).map((l) => l.index).filter((i) => this.isSome(i));
  }

  /** What was kept comes in where it is called so: "the reserved cream". */
  #takeReserved(text: string, meant: readonly number[]): ReadonlyMap<number, number> {
    const taken = new Map<number, number>();
    if (!KEPT.test(text)) return taken;
    for (const i of meant) {
      const share = this.reserved.get(i);
      if (share === undefined) continue;
      taken.set(i, share);
      this.reserved.delete(i);
      this.used.set(i, (this.used.get(i) ?? share) - share);
    }
    return taken;
  }

  /** Lines of which something was kept and that a clause calls back, by a word of theirs or as the only ones. */
  #keptMeant(text: string): readonly number[] {
    if (!this.reserved.size || !KEPT.test(text)) return [];
    const words = foodWords(text);
    const all = [...this.reserved.keys()];
    const told = all.filter((i) =>
      foodWords(this.lines[i]?.read.foodText ?? '').some((w) => w.length >= 4 && words.includes(w)),
    );
    return told.length || all.length > 1 ? told : all;
  }

  /** "The rest of the stock", where all of it had gone in: then it was only some. */
  #leaveSome(text: string): void {
    // "The remaining ingredients" are other lines, and no rest of one.
    if (/\bingredients\b/i.test(text)) return;
    for (const i of linesLeft(text, this.lines, this.pantry)) {
      // Bacon that was fried and lifted out lies on its plate: half of it went back, and all of it was fried.
      if (this.acts.some((a) => a.verb === 'liftout' && a.again.includes(i))) continue;
      const whole = this.acts.findLast((a) => a.lines.some((l) => l.index === i))?.lines ?? [];
      const line = whole.find((l) => l.index === i);
      if (!line || this.isToCome(i)) continue;
      line.share /= 2;
      this.used.set(i, (this.used.get(i) ?? 1) - line.share);
    }
  }

  /**
   * What was only toasted, soaked, ground or stirred together beside the pot goes in where it is named again; of what is one paste by
   * then, all of it.
   */
  #takeFromBeside(meant: readonly number[], product: readonly number[]): ReadonlyMap<number, number> {
    const taken = new Map<number, number>();
    // "The rest of the stock", of which some was blended: what did not go into the jug.
    const isRest = (line: number): boolean =>
      !product.includes(line) && (this.used.get(line) ?? 0) > 0 && this.isToCome(line);
    this.acts.forEach((a, at) => {
      const isBeside = VERBS_THAT.areMadeBeside.has(a.verb) && !this.#isUsedUp(a, at);
      const named = isBeside ? a.lines.filter((l) => meant.includes(l.index) && !isRest(l.index)) : [];
      // "Salt it" takes no sauce along that has salt in it.
      const isPlain = named.every((l) => ['salt', 'oil', 'water'].includes(this.kindOf(l.index) ?? ''));
      if (!named.length || (isPlain && a.lines.length > named.length + 1)) return;
      const going = a.verb === 'blend' || a.verb === 'mix' ? a.lines : named;
      a.lines = a.lines.filter((l) => !going.includes(l));
      for (const { index, share } of going) {
        a.again.push(index);
        this.used.set(index, (this.used.get(index) ?? share) - share);
        taken.set(index, share);
      }
    });
    return taken;
  }

  /** True of what is rolled to balls, made to a dough or turned over meat on the board: there it stays. */
  #isUsedUp({ verb, run, stage, lines }: Act, at: number): boolean {
    if (verb === 'mix' && run > 0 && lines.some((l) => this.kindOf(l.index) === 'flour')) return true;
    // Cucumber in its vinegar is served from its bowl.
    if (verb === 'mix' && stage === 'closed' && isPickle(lines.map((l) => this.kindOf(l.index)))) return true;
    // Couscous in its bowl is served from there.
    const isRice = (i: number): boolean => /rice/.test(this.lines[i]?.read.food?.id ?? '');
    if (verb === 'soak' && run > 0 && lines.some((l) => this.kindOf(l.index) === 'grain' && !isRice(l.index)))
      return true;
    // Crumbs in milk that were mixed with mince are inside it.
    const isInMince = this.acts
      .slice(at + 1)
      .some((a) => a.verb === 'mix' && a.lines.some((l) => this.kindOf(l.index) === 'ground-meat'));
    if (verb === 'soak' && isInMince) return true;
    const next = this.acts[at + 1];
    const isOverMeat =
      next !== undefined &&
      VERBS_THAT.areOfTheBoard.has(next.verb) &&
      // "Blend the sauce. Season the pork": what the pork is rubbed with is something else.
      (next.lines.every((l) => this.isMeat(l.index)) ||
        lines.some((l) => next.again.includes(l.index) || next.lines.some((m) => m.index === l.index))) &&
      !['dry', 'pound', 'score', 'tie'].includes(next.verb) &&
      [...next.again, ...next.lines.map((l) => l.index)].some((i) => this.isMeat(i));
    return next?.verb === 'shape' || isOverMeat || lines.some((l) => this.isMeat(l.index));
  }
}

function longestCooking(parts: readonly { text: string }[]): number {
  let best = -1;
  let most = LONG_MIN;
  parts.forEach(({ text }, i) => {
    // "Simmer, covered, for two hours, stirring occasionally" is a stew all the same.
    const isFried = FRIED_FOR_LONG.test(text) && !STEWED.test(text);
    const minutes = LONG.test(text) && !isFried ? (minutesNamed(text) ?? 0) : 0;
    if (minutes >= most) {
      most = minutes;
      best = i;
    }
  });
  return best;
}
