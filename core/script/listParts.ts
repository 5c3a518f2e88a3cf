import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { linesNamed } from './align';
import { EXCEPT, meansEverything } from './groups';
import type { ScriptLine } from './line';
import { withoutSplash } from './wording';

/** What a part of a list is called that is made in a bowl. */
const PART =
  '(rub|marinade|marination|glaze|dressing|sauce|gravy|slurry|topping|filling|crumble|salsa|slaw|salad|gremolata|batter|dough|paste|masala|seasonings?|brine|crust|pickle|spice mix|mix)';
const MAKES_PART = new RegExp(
  `^\\W*(?:and |then |first,? |meanwhile,? )*(?:mix|whisk|make|combine|stir|prepare|blend|beat|shake|blitz|whizz)\\b(?: together| up)?(?: all)?(?: of)?(?: the| your)? (?:\\p{L}+ ){0,2}?${PART}(?: (?:together|ingredients|first|up))*(?: (?:in|until)\\b.*)?\\W*$`,
  'iu',
);
const EVERY = /\b(?:everything|all|ingredients)\b/i;
/** "Make the sauce", and how is told behind it. */
const CALLS_PART = new RegExp(`\\b(?:make|prepare|for) (?:the|your|a) (?:\\p{L}+ ){0,2}?${PART}\\W*$`, 'iu');
const ITS_INGREDIENTS = new RegExp(
  `\\b(?:the|all|your) (?:(?:of|the|other|dry|wet) )*(?:\\p{L}+ )?${PART} ingredients\\b|\\bingredients (?:(?:given|listed|mentioned|named|written) )?(?:for|under|of|in|from) (?:the |your )?["'‘’“”]?(?:\\p{L}+ )?${PART}\\b`,
  'iu',
);
const WITH_PART = new RegExp(
  `\\b(?:with|in|into|using|on) (?:all |most )?(?:of )?(?:the|your) (?:dry |spice |whole )?${PART}\\W*$`,
  'iu',
);

/** As much of a reading as the parts of its list are told from. */
interface Of {
  readonly lines: readonly ScriptLine[];
  readonly pantry: Pantry;
  readonly parts: readonly { text: string; sentence: string }[];
  readonly used: ReadonlyMap<number, number>;
  kindOf: (line: number) => FoodKind;
  isMeat: (line: number) => boolean;
}

/** The parts of a list as a method calls for them: "the rub", "the sauce ingredients", "combine everything" of what is being made. */
export class ListParts {
  #bareLines: readonly ScriptLine[] | undefined;
  #ownNames: readonly (readonly number[])[] | undefined;

  constructor(private readonly of: Of) {}

  /** "Make the sauce: combine everything in a small pan", "whisk the sauce ingredients": that part of the list, where nothing of it is used. */
  everythingOf(n: number, text: string): readonly number[] {
    if (!meansEverything(text) && !/\bingredients\b/i.test(text)) return [];
    const { sentence } = this.of.parts[n] ?? { sentence: '' };
    const before = this.of.parts
      .slice(0, n)
      .findLast((p) => p.sentence === sentence && CALLS_PART.test(p.text));
    const told = ITS_INGREDIENTS.exec(text);
    const noun = told?.[1] ?? told?.[2] ?? CALLS_PART.exec(before?.text ?? '')?.[1];
    if (noun === undefined) return [];
    const later = this.#ownNamesAfter(n);
    const isWhole = (of: readonly number[]): boolean =>
      of.length > 1 &&
      of.every((i) => !this.of.used.has(i)) &&
      // "All the ingredients under marinade" says it: its paste, whatever paste is fried later.
      (told !== null || of.filter((i) => later.has(i)).length * 2 <= of.length);
    const [word = ''] = foodWords(noun);
    const parts = [...this.#sections()]
      .map(([name, of]) => [name, of.filter((i) => !this.of.isMeat(i))] as const)
      .filter(([, of]) => isWhole(of));
    // "The marination ingredients", under "Marinade".
    const isIts = (w: string): boolean => w === word || (w.length > 6 && w.slice(0, 6) === word.slice(0, 6));
    const named = parts.filter(([name]) => foodWords(name).some(isIts));
    // "The sauce ingredients", of a list that calls them "to finish".
    const only = named.length ? named : parts.length === 1 && !this.#isCalled(word) ? parts : [];
    // "All of the glaze ingredients except the oil".
    const exceptions = EXCEPT.exec(text);
    const spared = new Set(this.#ownNamesIn(exceptions?.[1] ?? exceptions?.[2] ?? ''));
    return (only[0]?.[1] ?? []).filter((i) => !spared.has(i));
  }

  /** Parts of the list by their names, each with its lines. */
  #sections(): ReadonlyMap<string, readonly number[]> {
    const of = new Map<string, number[]>();
    this.of.lines.forEach(({ section }, i) => {
      if (section) of.set(section, [...(of.get(section) ?? []), i]);
    });
    return of;
  }

  /** True where a part of the list is called so. */
  #isCalled(word: string): boolean {
    return this.of.lines.some(({ section }) => foodWords(section ?? '').includes(word));
  }

  /**
   * "Mix the rub and massage it in", of a list that has a part of that name: all of it, where nothing of it has been used, and no later
   * sentence tells its things one by one.
   */
  made(n: number, text: string, meant: readonly number[]): readonly number[] {
    const noun = MAKES_PART.exec(text)?.[1]?.toLowerCase() ?? WITH_PART.exec(text)?.[1]?.toLowerCase();
    const next = this.of.parts[n + 1];
    // "Make the sauce: combine everything": how is told next.
    if (
      CALLS_PART.test(text) &&
      next?.sentence === this.of.parts[n]?.sentence &&
      EVERY.test(next?.text ?? '')
    )
      return [];
    if (noun === undefined || meant.some((i) => !this.of.isMeat(i))) return [];
    const [word = ''] = foodWords(noun);
    const part = this.of.lines.flatMap(({ section }, i) =>
      foodWords(section ?? '').at(-1) === word ? [i] : [],
    );
    const later = this.#ownNamesAfter(n);
    const isTold = part.filter((i) => later.has(i)).length * 2 > part.length;
    return part.length > 1 && !isTold && part.every((i) => !this.of.used.has(i) && !this.of.isMeat(i))
      ? part
      : [];
  }

  /** "The tomatoes, stock and apricots", all of the lamb's part of the list: its stock, and no stock of the couscous; the garam masala of the marinade, and not that of the sauce. */
  besideIts(meant: readonly number[]): readonly number[] {
    const partOf = (i: number): string | undefined => this.of.lines[i]?.section;
    const isOneName = (i: number, j: number): boolean =>
      ['stock', 'water'].includes(this.of.kindOf(i))
        ? this.of.kindOf(j) === this.of.kindOf(i)
        : this.of.lines[i]?.read.food?.id === this.of.lines[j]?.read.food?.id;
    const isTwin = (i: number): boolean =>
      meant.some((j) => j !== i && isOneName(i, j) && partOf(j) !== partOf(i));
    const parts = new Set(meant.filter((i) => !isTwin(i)).map(partOf));
    const [part] = parts;
    if (parts.size !== 1 || part === undefined || !meant.some(isTwin)) return meant;
    const kept = meant.filter((i) => !isTwin(i) || partOf(i) === part);
    return kept.some(isTwin) ? kept : meant;
  }

  /** Lines that a clause names by their food, and not by the part of the list they stand in; none where it says "everything". */
  #ownNamesIn(text: string): readonly number[] {
    this.#bareLines ??= this.of.lines.map(({ read }) => ({ read }));
    return meansEverything(text)
      ? []
      : linesNamed(withoutSplash(text, this.of.lines), this.#bareLines, this.of.pantry);
  }

  #ownNamesAfter(n: number): ReadonlySet<number> {
    this.#ownNames ??= this.of.parts.map((p) => this.#ownNamesIn(p.text));
    return new Set(this.#ownNames.slice(n + 1).flat());
  }

  /** "Combine the rub ingredients", of a list whose heading nobody ended: not what a later sentence names for itself. */
  notOfLater(n: number, text: string, meant: readonly number[]): readonly number[] {
    const isSectioned = meant.some((i) => this.of.lines[i]?.section !== undefined);
    if (meant.length < 3 || !isSectioned || !/\brub\b/i.test(text)) return meant;
    const own = new Set(this.#ownNamesIn(text));
    const later = this.#ownNamesAfter(n);
    const kept = meant.filter((i) => own.has(i) || !later.has(i));
    return kept.length > 0 ? kept : meant;
  }

  /** "Make the dumplings: whisk the flour …": of two lines of one food the one of that part of the list. */
  ofPartTold(n: number, meant: readonly number[]): readonly number[] {
    const said = foodWords(this.of.parts[n]?.sentence ?? '');
    const isOfPart = (i: number): boolean =>
      foodWords(this.of.lines[i]?.section ?? '').some((w) => w.length >= 4 && said.includes(w));
    const idOf = (i: number): string | undefined => this.of.lines[i]?.read.food?.id;
    return meant.filter(
      (i) => isOfPart(i) || !meant.some((j) => j !== i && idOf(j) === idOf(i) && isOfPart(j)),
    );
  }
}
