import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import type { Act } from './act';
import { linesNamed } from './align';
import type { Stage } from './data/verbs';
import { KINDS } from './kinds';
import type { ScriptLine } from './line';
import { MADE } from './wording';

/** What lines became in a bowl, by the name a method has for it: the paste, the hoisin mixture. */
export interface Product {
  name: string;
  lines: readonly number[];
}

/** What makes a glaze of a sauce. */
const STICKY: readonly FoodKind[] = ['sugar', 'syrup', 'thick-sauce'];
/** What is made of what: the words by which it is named from then on. */
const NAMES_OF: Readonly<Record<string, readonly string[]>> = {
  blend: ['mixture', 'paste', 'puree', 'purée', 'base', 'masala powder', 'masala', 'powder'],
  mix: ['mixture', 'mix', 'marinade'],
  marinate: ['marinade'],
  season: ['rub'],
};
/** "The remaining sauce", "half of the glaze", before anything else is called so: what was stirred together. */
const SOME_OF_IT =
  /\b(?:remaining|(?:rest|half|remainder) of (?:the|this|that)|half the|other half of the) (?:\p{L}+ )?(?:sauce|glaze|dressing|marinade|paste|mix(?:ture)?|rub)\b/iu;
/** Before the lid, where nothing is called so in the list: what was stirred together. */
const THE_SAUCE =
  /\b(?:the|pour|tip) (?:the )?(?:\p{L}+ )?(?:sauce|dressing|glaze|marinade)\b|^\W*(?:and |then )*(?:sauce|glaze|marinade|dressing) in\b/iu;
const SHAPED =
  /\b(?:roll|form|shape|make)\b.*\b(meatballs|balls|patties|koftas?|koftes?|dumplings|burgers)\b/i;
/** What makes a masala of what is ground. */
const SPICED: readonly FoodKind[] = [...KINDS.spice, 'aromatic', 'allium', 'tomato-fresh', 'herb-soft'];
/** What stuffed meat is called from then on. */
const ROLLED: readonly string[] = [
  'roulades',
  'rouladen',
  'involtini',
  'paupiettes',
  'rolls',
  'parcels',
  'bundles',
  'beef olives',
];
/** What flour is made to once the pot is open, and how it goes in. */
export const DOUGHS: readonly string[] = ['dough', 'batter', 'dumplings'];
const DROPPED =
  /\b(?:drop|tip|throw|pop|slip|(?:stir|mix)(?: in)? (?:the |your |all )*dumplings|fold|poach|sit|place|put|spoon|add|lay|dot|float|arrange|lower|slide|scoop)\b/i;
const DROPS_THEM =
  /\b(?:drop|add|throw|lower|slide|slip|pop|put|tip|stir|float|boil|cook)\b.{0,12}\b(?:these|them|the (?:pieces|bits|noodles|dumplings|gnocchi))\b/i;
const POURS_IT_OVER =
  /^\W*(?:and |then )*(?:pour|tip|spoon|drizzle) (?:(?:it|this|all of it|the lot) )?(?:all )?over\b/i;
const DROPS_BALLS = /\b(?:drop|sit|place|put|lay|arrange)\b.{0,12}\bballs\b/i;
/** What a part of the list is called that is no thing made beside: the dish itself, and what has rules of its own. */
const OF_THE_POT: ReadonlySet<string> = new Set([
  'sauce',
  'gravy',
  'curry',
  'stew',
  'base',
  'marinade',
  'rub',
  'glaze',
  'paste',
  'mixture',
  'masala',
  'dish',
  'meat',
  'chicken',
  'beef',
  'pork',
  'lamb',
  'finish',
  'serve',
  'garnish',
  'topping',
  'ingredient',
  'spice',
  'seasoning',
  'braise',
  'soup',
  'broth',
  'ragu',
  'chilli',
  'casserole',
  'vegetable',
  'pot',
  'slurry',
  'coating',
  'aromatic',
  'later',
  'first',
  'meatball',
  'dumpling',
  'filling',
  'stuffing',
]);
const OF_IT = /^(?:the|rest|remaining|other|half|whole|spice|whisked|blended|ground)$/;

export const inOrder = (indices: readonly number[]): readonly number[] =>
  [...new Set(indices)].sort((a, b) => a - b);

/** As much of the reading as a product is told from. */
interface Of {
  readonly lines: readonly ScriptLine[];
  readonly pantry: Pantry;
  readonly stage: Stage;
  readonly last: Act | undefined;
  kindOf: (line: number) => FoodKind;
  isMeat: (line: number) => boolean;
  isRawMeat: (line: number) => boolean;
  isFat: (line: number) => boolean;
}

/** What was made of lines in bowls and jugs while a method is read: "the marinade", "half of the paste", "the dumplings". */
export class Products {
  /** What was made, by the name that a method has for it from then on. */
  readonly #made = new Map<string, readonly number[]>();
  /** Lines of which only a part went into what was mixed. */
  readonly #inPart = new Set<number>();
  /** What was last stirred together in a bowl. */
  #mixed: readonly number[] = [];

  constructor(private readonly of: Of) {}

  /** True of a line of which only a part went into what was mixed. */
  isInPart(line: number): boolean {
    return this.#inPart.has(line);
  }

  /** What is mixed and shaped, and what a clause makes of its lines, has a name of its own from then on. */
  notice(text: string, named: readonly number[], mixed: readonly number[]): void {
    const shaped = SHAPED.exec(text)?.[1]?.toLowerCase();
    if (shaped && mixed.length) for (const w of [shaped, 'meatballs', 'balls']) this.#made.set(w, mixed);
    const making = MADE.exec(text)?.[1]?.toLowerCase();
    if (making && named.length > 1) this.#made.set(making, named);
  }

  /** From now on what an act made beside the pot can be named: the mixture, the marinade. */
  add({ verb, lines, again }: Act): void {
    const rolled = inOrder([...again, ...lines.map((l) => l.index)]).filter((i) => this.of.isRawMeat(i));
    // "Roll each slice up": of the one meat that can be rolled.
    const meats = this.of.lines.map((_, i) => i).filter((i) => this.of.kindOf(i) === 'red-meat');
    const inside = rolled.length ? rolled : meats;
    if (verb === 'stuff' && inside.length) for (const name of ROLLED) this.#made.set(name, inside);
    const all = inOrder([...lines.map((l) => l.index), ...again]).filter((i) => !this.of.isMeat(i));
    // A dough for dumplings is made while the pot is open: it goes in where it is dropped.
    const isDough =
      this.of.stage === 'after' && verb === 'mix' && all.some((i) => this.of.kindOf(i) === 'flour');
    // Boiled down in a pan of its own, it is called so when it is poured over.
    if (verb === 'sauce' && all.some((i) => STICKY.includes(this.of.kindOf(i)))) this.#made.set('glaze', all);
    const called = this.#partOf(all);
    if (called && (verb === 'mix' || verb === 'blend')) this.#made.set(called, all);
    const names = isDough ? DOUGHS : NAMES_OF[verb];
    if (!names || !all.length || (this.of.stage === 'after' && !isDough)) return;
    const isRoux =
      verb === 'mix' && all.length > 1 && all.every((i) => this.of.isFat(i) || this.of.kindOf(i) === 'flour');
    if (isRoux) this.#made.set('roux', all);
    if (verb === 'mix' || verb === 'blend') {
      this.#mixed = all;
      for (const { index, share } of lines.filter((l) => l.share < 1)) if (share > 0) this.#inPart.add(index);
    }
    // What is ground of nuts alone is no masala: that is what fries in the pot.
    const isSpiced = all.some((i) => SPICED.includes(this.of.kindOf(i)));
    for (const name of names) if (isSpiced || !name.startsWith('masala')) this.#made.set(name, all);
  }

  /** "For the gremolata", over all that was stirred together: its name from then on; null where the list gives it none of its own. */
  #partOf(made: readonly number[]): string | null {
    const parts = new Set(made.map((i) => this.of.lines[i]?.section));
    const [part] = parts;
    const name = foodWords(part ?? '').at(-1) ?? '';
    const isOwn = parts.size === 1 && made.length > 1 && name.length > 3 && !OF_THE_POT.has(name);
    return isOwn && !this.of.pantry.named(name) ? name : null;
  }

  /** What a clause names of what was made before; "the chicken mixture" is none of hoisin and honey. */
  namedIn(text: string): Product | undefined {
    // "The chicken with its marinade": what clings to it came with it.
    if (/\bwith (?:its|their) (?:marinade|coating)\b/i.test(text)) return undefined;
    for (const [name, lines] of this.#made) {
      if (this.of.stage === 'after' && DOUGHS.includes(name) && !DROPPED.test(text)) continue;
      // "Squeeze in the purée", of a list with a tube of it: no vegetables that were chopped in a machine.
      const isTube = (i: number): boolean =>
        this.of.kindOf(i) === 'tomato-paste' && /\bpur[eé]e/i.test(this.of.lines[i]?.read.foodText ?? '');
      if (/^pur/.test(name) && this.of.lines.some((_, i) => isTube(i) && !lines.includes(i))) continue;
      const found = new RegExp(
        `(?:\\b(?:the|this|that|its|half|remaining) (?:(\\p{L}+) )?${name === 'paste' ? '|^(?:then |and )?|\\b(?:rub|spread|smear) ' : name === 'roux' ? '|' : ''})${name}\\b`,
        'iu',
      ).exec(text);
      const own = found?.[1]?.toLowerCase();
      // "The garam masala", of a list that has it: the jar.
      if (own && this.of.lines.some(({ read }) => read.food?.names.includes(`${own} ${name}`))) continue;
      const isOwn =
        own === undefined ||
        OF_IT.test(own) ||
        !this.of.pantry.named(own) ||
        lines.some((i) => foodWords(this.of.lines[i]?.read.foodText ?? '').includes(own));
      if (found && isOwn) return { name, lines };
    }
    // "Knead a dough, pinch it into bits. Drop these into the soup", "make 8 balls. Drop balls on top": the dough.
    const dough = this.#made.get('dough');
    const isDropped =
      dough !== undefined &&
      this.of.stage === 'after' &&
      ((['mix', 'shape'].includes(this.of.last?.verb ?? '') && DROPS_THEM.test(text)) ||
        DROPS_BALLS.test(text));
    if (isDropped) return { name: 'dough', lines: dough };
    // "Dissolve the paste in the juices. Pour over the pork": what was just stirred together.
    const wasMixed = this.of.last !== undefined && ['mix', 'blend'].includes(this.of.last.verb);
    if (this.#mixed.length && wasMixed && this.of.last?.stage !== 'closed' && POURS_IT_OVER.test(text))
      return { name: 'mixture', lines: this.#mixed };
    // "Half the barbecue sauce" is a line of its own.
    const isOpen = this.of.stage === 'prep' || this.of.stage === 'open';
    const isMixed = this.#mixed.length > 0 && (SOME_OF_IT.test(text) || (isOpen && THE_SAUCE.test(text)));
    // "Pour the sauce over the ribs": what it is poured over is no part of it.
    // "Pour over the chilli sauce and the stock": what is poured with it is no part of it either.
    const isBeside = (i: number): boolean =>
      this.of.isMeat(i) || ['stock', 'water', 'wine', 'beer'].includes(this.of.kindOf(i));
    const bottle = /\p{L}+ (?:sauce|glaze|dressing|marinade|paste|rub)\b/iu.exec(text)?.[0].toLowerCase();
    const isBottle = this.of.lines.some(
      ({ read }) => bottle !== undefined && read.foodText.toLowerCase().includes(bottle),
    );
    const names = linesNamed(text, this.of.lines, this.of.pantry);
    const others = names.filter((i) => !this.#mixed.includes(i));
    return isMixed &&
      (others.some((i) => !this.of.isMeat(i)) ? !isBottle : names.every((i) => this.of.isMeat(i))) &&
      others.every(isBeside)
      ? { name: 'sauce', lines: this.#mixed }
      : undefined;
  }
}
