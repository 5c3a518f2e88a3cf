import { readAmount } from '../dish/amount';
import type { Pantry } from '../pantry/pantry';
import { isPlatesFact, platesBeside, platesIn } from './facts';
import { factsApart, linesOfPage, SAID_IN_PASSING, type PageLine } from './lines';
import { bestPath } from './path';
import { unlistedLiquids } from './unlisted';
import { BULLET, scoreLine, START, STEP, STATES, titleScore, type Around, type State } from './scores';

/** What one line of a page was taken for. */
export type PartKind = 'title' | 'fact' | 'heading' | 'section' | 'ingredient' | 'method' | 'note' | 'left';

/** One line of the page as it stands there, and what it was taken for. */
export interface PagePart {
  /** Position of its first line in the page. */
  at: number;
  text: string;
  kind: PartKind;
  /** Which recipe of the page it belongs to, from 0. */
  recipe: number;
}

/** One recipe of a page. */
interface PageRecipe {
  title: string | null;
  /** For how many plates it is written; null when the page does not say. */
  plates: number | null;
  lines: { text: string; section?: string }[];
  /** The steps as they are written, one a line. */
  method: string;
  /** Tips, storage, stories: kept with the dish. */
  notes: string[];
}

/** A page told apart. Every line that is not blank is in exactly one part. */
export interface ReadPage {
  parts: PagePart[];
  /** One, unless the page holds several; never empty. */
  recipes: PageRecipe[];
}

/** What the cook says a line is, by its position in the page. */
export type Turned = ReadonlyMap<number, PartKind>;

/** Longest page that is read, characters. */
export const MAX_PAGE_LENGTH = 200_000;
const NOT_TURNED: Turned = new Map();

const KIND_OF: Record<State, PartKind> = {
  pre: 'left',
  title: 'title',
  fact: 'fact',
  ingredients: 'heading',
  section: 'section',
  ingredient: 'ingredient',
  directions: 'heading',
  method: 'method',
  asideHead: 'heading',
  aside: 'note',
  left: 'left',
  leftM: 'left',
};

/** What a line becomes that the cook turned; a heading stays the kind of heading it is. */
const TURNED_TO: Partial<Record<PartKind, State>> = {
  title: 'title',
  fact: 'fact',
  ingredient: 'ingredient',
  method: 'method',
  note: 'aside',
  left: 'left',
};
const stateOf = (kind: PartKind | undefined, read: State): State => (kind && TURNED_TO[kind]) ?? read;

/**
 * Tells a pasted page apart: title, facts, headings, ingredient lines, method, notes, and what was left out. Each line is scored for
 * what it could be, and the best whole reading in the order that pages have is taken. What the cook turned stays as it was turned.
 * Never throws and never drops a line.
 */
export function readPage(text: string, pantry: Pantry, turned: Turned = NOT_TURNED): ReadPage {
  const reading = readPageInSteps(text, pantry, turned);
  for (;;) {
    const step = reading.next();
    if (step.done) return step.value;
  }
}

/** As `readPage`, but it can be left off: yields from time to time what share of the lines it has read. */
export function* readPageInSteps(
  text: string,
  pantry: Pantry,
  turned: Turned = NOT_TURNED,
): Generator<number, ReadPage> {
  const lines = withRealLists(yield* linesOfPage(text.slice(0, MAX_PAGE_LENGTH), pantry));
  const hasHeading = lines.some((l) => l.isIngredientHeading);
  const firstHeading = lines.findIndex((l) => l.isIngredientHeading);
  const heads = lines.map((l) => l.isIngredientHeading || l.isMethodHeading || l.isAsideHeading);
  const isUnderMethod = (i: number): boolean =>
    lines[heads.lastIndexOf(true, i - 1)]?.isMethodHeading === true;
  const around = (i: number): Around => ({
    hasHeading,
    isUnderMethod: i > 0 && hasHeading && i > firstHeading && isUnderMethod(i),
    isBeforeHeading: hasHeading && i < firstHeading,
    next: lines[i + 1],
    index: i,
    count: lines.length,
    isTitled: lines.slice(0, i).some((l) => l.isMarkedTitle),
  });
  const says = lines.map((line, i) => scoreLine(line, around(i)));
  const read = bestPath(STATES, START, says, STEP);
  // What the cook turned is what the cook says; nothing else moves because of it.
  const states = read.map((state, i) => stateOf(turned.get((lines[i] as PageLine).at), state));
  const page = assemble(lines, states, turned, (i) => titleScore(lines[i] as PageLine, around(i)));
  for (const r of page.recipes)
    for (const text of unlistedLiquids(r.method, r.lines, pantry))
      r.lines.push({ text, section: FROM_THE_METHOD });
  return page;
}

/** "Rub: 2 tbsp brown sugar, 1 tbsp paprika": a part of the list in one line; null where nothing is named so. */
function labelled(line: string): { text: string; section: string }[] | null {
  const one = LABELLED_ONE.exec(line);
  if (one && readAmount(one[2] ?? '')) return [{ text: one[2] ?? line, section: one[1] ?? '' }];
  const found = LABELLED.exec(line) ?? NAMED_LIST.exec(line);
  if (!found) return null;
  const [, section = '', text = line] = found;
  const things = text.split(/[,;]\s+/);
  const isList = LABELLED.test(line) || things.filter((t) => readAmount(t) !== null).length >= 2;
  if (!isList) return null;
  // "750 g pork, cubed; 2 tbsp oil": told apart by whoever wrote it.
  const byStops = text.split(/;\s+/).filter((t) => t.trim());
  if (byStops.length > 1) return byStops.map((t) => ({ text: t.trim(), section }));
  // "For enchiladas: 12 corn tortillas, 1 can red sauce (15 oz), …": each thing with its amount is a line, and what stands on top is the last.
  const byAmounts = /\bor\b|\bon top\b/i.test(text)
    ? text.split(APART_BY_AMOUNT).filter((t) => t.trim())
    : [];
  if (byAmounts.filter((t) => readAmount(t) !== null).length >= 3)
    return byAmounts.map((t) => ({ text: t.trim(), section }));
  // What only stands on the table has no amounts: each of it is a line.
  const isTable = FOR_THE_TABLE.test(section) && things.every((t) => readAmount(t) === null);
  return (isTable ? text.split(/,\s+(?:and\s+)?|\s+and\s+/i) : [text]).map((t) => ({
    text: t.trim(),
    section,
  }));
}
/** A comma before an amount, or before what only stands on top; none inside a bracket. */
const APART_BY_AMOUNT =
  /,\s+(?![^(]*\))(?=\d|[½¼¾⅓⅔]|(?:an?|half|one|two|three) )|,\s+(?![^(]*\))(?=[^,]*\b(?:on top|to serve|for serving|to garnish)\W*$)/iu;
const FOR_THE_TABLE = /^(?:(?:for|to)\b|toppings?|garnish)/i;
const LABELLED =
  /^((?:for (?:the )?)?(?:\p{L}+ )?(?:to temper|tempering|tadka|to go with it|rub|marinade|sauce|glaze|slurry|spices?|spice mix|dressing|toppings?|paste|brine|garnish|filling|stuffing|dumplings?|meatballs?|crust|crumble|pastry|batter|mash|relish|pickle|salsa|slaw|(?:to|for) serv(?:e|ing)|(?:to|for) (?:finish|garnish)(?:ing)?)|for (?:the |your )?(?:bowls?|plates?|table|tacos?|wraps?|buns?|tostadas?))(?:\s*[:：]\s*|\s+[-–—]\s+(?=[\d¼-¾]))(\S.*,.*)$/iu;

/** "Paste: 5 tbsp red curry paste". */
const LABELLED_ONE =
  /^((?:for (?:the )?)?(?:\p{L}+ )?(?:rub|marinade|sauce|glaze|slurry|dressing|topping|paste|brine|garnish|filling|stuffing|to finish|to thicken))(?:\s*[:：]\s+|\s+[-–—]\s+)(\d[^,]*)$/iu;

/** "Nokedli: 400 g flour, 3 eggs": whatever it is called, where what follows is a list with amounts. */
const NAMED_LIST = /^(\p{L}[\p{L} ]{2,28})\s*[:：]\s*(\S.*,.*)$/u;

/** A row among the steps that is none. */
const TIP_ROW =
  /^(?:(?:the )?(?:chef|cook|baker)(?:['’]?s)? |pro |top |my |quick |handy |recipe )?(?:tips?|notes?|hints?|variations?|substitutions?|storage|make[- ]ahead|leftovers|to (?:freeze|store|reheat)|freezing|gluten[- ]free(?: version)?|dairy[- ]free(?: version)?|serving suggestions?)(?: \d)?\s*[:：–—]\s/i;

const TIP_IN_CAPITALS = /^(?:RECIPE |COOK['’]?S |CHEF['’]?S |TOP |KITCHEN )?(?:TIPS?|NOTES?)\s+\p{Lu}\p{Ll}/u;

/** Where a line stands that the method pours and the list has forgotten. */
export const FROM_THE_METHOD = 'From the method';

/** Most lines under a heading that are looked at to see whether they are a list. */
const LOOKED_UNDER = 8;

/**
 * A page that talks of its ingredients before it lists them has two headings: where under one of them hardly a line has an amount and
 * under another most have, the first is only talk.
 */
function withRealLists(lines: readonly PageLine[]): readonly PageLine[] {
  const heads = lines.flatMap((l, i) => (l.isIngredientHeading ? [i] : []));
  if (heads.length < 2) return lines;
  const shareUnder = (at: number): number => {
    const end = lines.findIndex(
      (l, i) => i > at && (l.isIngredientHeading || l.isMethodHeading || l.isAsideHeading),
    );
    const under = lines.slice(at + 1, Math.min(end < 0 ? lines.length : end, at + 1 + LOOKED_UNDER));
    return under.length ? under.filter((l) => l.hasAmount && !l.isFact).length / under.length : 0;
  };
  const shares = new Map(heads.map((at) => [at, shareUnder(at)]));
  if (Math.max(...shares.values()) < 0.5) return lines;
  return lines.map((l, i) =>
    (shares.get(i) ?? 1) < 0.25 ? { ...l, isIngredientHeading: false, isAsideHeading: true } : l,
  );
}

function assemble(
  lines: readonly PageLine[],
  states: readonly State[],
  turned: Turned,
  titleOf: (at: number) => number,
): ReadPage {
  const parts: PagePart[] = [];
  const recipes: Begun[] = [];
  const begin = () => {
    const made: Begun = {
      title: null,
      plates: null,
      lines: [],
      method: '',
      notes: [],
      methodRows: [],
      hints: [],
      titleScore: Number.NEGATIVE_INFINITY,
      titleEnd: -1,
      measured: 0,
    };
    recipes.push(made);
    return made;
  };
  let now = begin();
  let section: string | undefined;
  let isUsed = false;
  let isCooked = false;
  const isGap = gapsAmong(lines, states);
  lines.forEach((line, i) => {
    const state = states[i] as State;
    const before = states[i - 1];
    if (state === 'title' && isCooked && before !== 'title') {
      now = begin();
      section = undefined;
      isCooked = false;
    }
    // Furniture among the notes is furniture all the same.
    const isFurniture = state === 'aside' && (line.isClutter || line.isNutrition || line.isEquipment);
    // "Cook's tip: for a thinner sauce …", in the middle of the steps.
    const isTip =
      state === 'method' &&
      (TIP_ROW.test(line.step) || TIP_IN_CAPITALS.test(line.step)) &&
      turned.get(line.at) !== 'method';
    const kind = isFurniture && turned.get(line.at) !== 'note' ? 'left' : isTip ? 'note' : KIND_OF[state];
    parts.push({ at: line.at, text: line.text, kind, recipe: recipes.length - 1 });
    now.hints.push(line.text);
    switch (state) {
      case 'title':
        // A page says several things that could be its name: the likeliest, and of equals the first.
        if (now.title !== null && before === 'title' && now.titleEnd === i - 1) {
          now.title = `${now.title} ${line.plain}`;
          now.titleEnd = i;
        } else if (now.title === null || turned.get(line.at) === 'title' || titleOf(i) > now.titleScore) {
          now.title = (SAID_IN_PASSING.exec(line.plain)?.[1] ?? line.plain).replace(/(?<=\p{L}{2})\.$/u, '');
          now.titleScore = titleOf(i);
          now.titleEnd = i;
        }
        break;
      case 'fact':
        now.plates ??= platesIn(line.text);
        break;
      case 'ingredients':
        // "Ingredients (6)": for so many.
        now.plates ??= platesIn(line.text) ?? (Number(/\((\d{1,2})\)\W*$/.exec(line.text)?.[1] ?? 0) || null);
        section = line.section;
        break;
      case 'section':
        section = line.plain.replace(/[\s:：]+$/, '').slice(0, 120);
        break;
      case 'ingredient':
        isUsed = true;
        // "Marinade", its lines, a gap, and what is not of it.
        if (before === 'ingredient' && isGap(i)) section = undefined;
        now.measured += Number(line.hasAmount);
        now.lines.push(
          ...(labelled(line.plain) ?? [section ? { text: line.plain, section } : { text: line.plain }]),
        );
        break;
      case 'method':
        isCooked = isUsed || isCooked;
        if (isTip) now.notes.push(line.text);
        else if (line.step)
          now.methodRows.push({ words: line.step, isMarked: line.isNumbered || BULLET.test(line.text) });
        break;
      case 'directions':
        section = undefined;
        break;
      case 'aside':
        if (kind === 'note') now.notes.push(line.text);
        break;
      default:
    }
  });
  dropNames(recipes, parts, turned);
  for (const r of recipes) {
    r.method = joinWrapped(r.methodRows).join('\n').slice(0, 20000);
    // A page that gives no fact may say it in passing: "here it is, for four".
    r.plates ??=
      r.hints
        .flatMap(factsApart)
        .flatMap((h) => [h, ...h.split(/(?<=[.!])\s+/)])
        .map((h) => (isPlatesFact(h) ? platesIn(h) : null))
        .find((n) => n !== null) ?? null;
    r.plates ??= FOR_IN_BRACKETS.test(r.title ?? '') ? platesIn(r.title ?? '') : null;
    r.plates ??= Number(TIMES_SO_MANY.exec(r.title ?? '')?.[1] ?? 0) || null;
    r.plates ??= r.hints.map((h) => platesInPassing(h) ?? platesBeside(h)).find((n) => n !== null) ?? null;
    r.title ??=
      namedBySection(r) ?? (recipes.length === 1 ? (lastCrumb(lines) ?? shouted(lines, states)) : null);
    r.title =
      r.title
        ?.replace(NAMED_AS, '')
        .replace(OF_A_SITE, '$1')
        .replace(ON_A_SITE, '$1')
        .replace(FOR_SO_MANY, '')
        .replace(FOR_IN_BRACKETS, '')
        .replace(TIMES_SO_MANY, '')
        .replace(STARS, '')
        .slice(0, 120)
        .trim() || null;
  }
  return {
    parts,
    recipes: recipes.map(({ title, plates, lines: rows, method, notes }) => ({
      title,
      plates,
      lines: rows,
      method,
      notes,
    })),
  };
}

/** "More like this: Chicken and Barley Stew, Braised Red Cabbage": names of others behind a recipe, and no recipes. */
function dropNames(recipes: Begun[], parts: PagePart[], turned: Turned): void {
  for (let i = recipes.length - 1; i > 0; i--) {
    const r = recipes[i];
    const mine = parts.filter((p) => p.recipe === i);
    if (!r || r.methodRows.length || r.measured >= LEAST_MEASURED || mine.some((p) => turned.has(p.at)))
      continue;
    recipes.splice(i, 1);
    for (const part of parts)
      if (part.recipe === i) Object.assign(part, { kind: 'left', recipe: i - 1 });
      else if (part.recipe > i) part.recipe--;
  }
}
/** A list without a method has at least so many lines with an amount. */
const LEAST_MEASURED = 2;

/** "ONE POT CHEESY BACON CHICKEN!!", before the list of a page that gives no other name. */
function shouted(lines: readonly PageLine[], states: readonly State[]): string | null {
  const list = states.findIndex((s) => s === 'ingredient' || s === 'ingredients');
  const found = lines.slice(0, Math.max(0, list)).find((l) => !l.isClutter && SHOUTED.test(l.plain));
  return found ? found.plain.replace(/[!\s]+$/, (end) => end.trim()) : null;
}
const SHOUTED = /^(?=(?:\S+\s+){2,9}\S+$)[\p{Lu}\d\s&'’-]{8,80}!*$/u;

/** The only heading over all of a list, where nothing else names the dish: it is the name, and no part of the list. */
function namedBySection(r: PageRecipe): string | null {
  const [first] = r.lines;
  const name = first?.section ?? '';
  const isOverAll =
    r.lines.length > 1 &&
    r.lines.every((l) => l.section === name || l.section === undefined || isTablePart(l.section));
  const words = name.split(/\s+/);
  const capitals = words.filter((w) => /^\p{Lu}/u.test(w)).length;
  if (!isOverAll || words.length < 2 || capitals < words.length / 2 || OF_A_PART.test(name)) return null;
  r.lines = r.lines.map((l) => (l.section === name ? { text: l.text } : l));
  return name;
}
const isTablePart = (section: string): boolean => /^(?:for|to) /i.test(section);
/** Headings that name a part of a list. */
const OF_A_PART =
  /^(?:for|to|the)\b|\b(?:ingredients?|you(?:'|’)?(?:ll| will)? need|shopping list|marinade|sauce|rub|paste|dressing|topping|garnish|slurry|filling)\b/i;

/** "Chicken Tikka Masala | Pressure Cooker | Weeknight Table": the name, and whose page it is. */
const OF_A_SITE = /^(\p{L}[^|]{3,60}?\s\S[^|]*?)\s+\|\s.*\|.*$/u;

/** "Pork Vindaloo-Style Curry | The Salt Jetty": the name, and where it stood. */
const ON_A_SITE = /^(\p{L}[^|]{6,80}?)\s+\|\s+(?!(?:for|serves|makes|feeds|yield)\b)\p{Lu}[^|\d]{2,40}$/iu;

/** "Recipe: cumin lamb". */
/** Whether a gap stands before a line of the list that means something: not where every line or every other has one. */
function gapsAmong(lines: readonly PageLine[], states: readonly State[]): (i: number) => boolean {
  const isOfList = (i: number): boolean => states[i] === 'ingredient' && states[i - 1] === 'ingredient';
  const inner = lines.filter((_, i) => isOfList(i));
  const gaps = inner.filter((l) => l.isFirstBlock).length;
  const isRare = gaps <= Math.max(1, inner.length * GAPS_ARE_RARE);
  return (i) => isRare && lines[i]?.isFirstBlock === true;
}
/** Share of a list's lines from which a gap before them means nothing. By judgement. */
const GAPS_ARE_RARE = 0.2;

/** "Home » Dinner » Goulash in the pressure cooker": where a page stands among others ends in its name; one word is only a shelf. */
function lastCrumb(lines: readonly PageLine[]): string | null {
  for (const { plain } of lines.slice(0, CRUMBS_WITHIN)) {
    const crumbs = plain.split(/\s*[»›>]\s*/);
    const last = crumbs.at(-1)?.trim() ?? '';
    if (crumbs.length >= 3 && last.split(/\s+/).length >= 3 && last.length <= 80) return last;
  }
  return null;
}
/** Lines from the top within which a page says where it stands. By judgement. */
const CRUMBS_WITHIN = 6;

/** "*** CHICKEN PAPRIKA ***": how a card sets off its name. */
const STARS = /^[*~=_#\s]+|[*~=_#\s]+$/g;
const NAMED_AS = /^(?:recipe|title|name|dish)\s*[:：-]\s*/i;

/** "Paprika chicken | for 4": the name, and a fact. */
const FOR_SO_MANY = /\s*[|·–—-]\s*(?:for|serves|makes)\s+\d{1,2}(?:\s?[-–]\s?\d{1,2})?\s*$/i;

/** "Sambar chicken (for 4, needs the big cooker)". */
const FOR_IN_BRACKETS =
  /\s*\((?:for|serves|feeds) \d{1,2}(?:\s?[-–]\s?\d{1,2})?(?: (?:people|persons))?\s*(?:[,;][^)]*)?\)\s*$/i;

/** "Osso buco x 4". */
const TIMES_SO_MANY = /\s+[x×] ?(\d{1,2})\s*$/i;

/** A recipe while its page is gone through. */
interface Begun extends PageRecipe {
  methodRows: MethodRow[];
  hints: string[];
  /** How likely its title is one, and the row where it ends. */
  titleScore: number;
  titleEnd: number;
  /** Lines with an amount. */
  measured: number;
}

function platesInPassing(text: string): number | null {
  return /\b(?:for|serves|feeds|does|enough for)\s+(?:\d{1,2}(?:\s?[-–]\s?\d{1,2})?|two|three|four|five|six|eight|ten)\b(?:\s+(?:people|persons|adults|hungry(?: \p{L}+)?))?\s*[:.)*_]*\s*$/iu.test(
    text,
  )
    ? platesIn(text.trim().replace(/[:.)]+$/, ''))
    : null;
}

/** Sentences that a scan broke over lines are made whole; what ends like a sentence stays a step of its own. */
/** A row of the method, and whether a bullet or a number stands before it. */
interface MethodRow {
  words: string;
  isMarked: boolean;
}

/** Rows that are broken because the page is narrow: each is as long as it could be. Notes break where a thought ends. */
function isWrapped(rows: readonly MethodRow[]): boolean {
  const plain = rows.filter((r) => !r.isMarked).map((r) => r.words);
  if (plain.every((row) => /^[\p{Ll}\d]/u.test(row))) return false;
  const open = plain.slice(0, -1).flatMap((row, i) => {
    const next = plain[i + 1] ?? '';
    const isOpen = !/[.!?:;)]$/.test(row) && /^\p{Ll}/u.test(next);
    return isOpen ? [{ length: row.length, full: row.length + 1 + (next.split(' ')[0] ?? '').length }] : [];
  });
  const widest = Math.max(...open.map((row) => row.length));
  const short = open.filter((row) => row.full < WRAPPED_SHARE * widest).length;
  return short <= MOST_SHORT * open.length;
}
/** A row of a narrow page, with the word that no longer fitted, is at least so long beside the widest. Source: ragged print; spread 10 %. */
const WRAPPED_SHARE = 0.85;
/** Share of rows that end early all the same, at the end of a paragraph. */
const MOST_SHORT = 0.25;

/** A word that goes on. */
const HANGS = /\b(?:for|with|and|or|the|an?|of|to|in|into|about|until|then|over|on|at|from|by)$/i;

function joinWrapped(rows: readonly MethodRow[]): string[] {
  const out: string[] = [];
  const isNarrow = isWrapped(rows);
  for (const { words: row, isMarked } of rows) {
    const last = out.at(-1);
    // A bullet or a number begins anew, however the row before it ends.
    if (isMarked) out.push(row);
    else if (last !== undefined && /\p{L}-$/u.test(last) && /^\p{Ll}/u.test(row))
      out[out.length - 1] = last.slice(0, -1) + row;
    else if (
      last !== undefined &&
      last.length > 12 &&
      ((isNarrow && !/[.!?:;)]$/.test(last) && /^\p{Ll}/u.test(row) && last.length > 30) ||
        // "… bring to pressure and cook for", "20 minutes.": no row ends with such a word.
        (isNarrow && HANGS.test(last)))
    )
      out[out.length - 1] = `${last} ${row}`;
    else out.push(row);
  }
  return out;
}
