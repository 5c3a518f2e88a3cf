import { surelyLetsGo } from '../dish/release';
import { readAmount } from '../dish/amount';
import { isPlainDescription } from '../dish/descriptions';
import { stripBullet } from '../dish/names';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import {
  ASIDE_HEADING,
  CLUTTER,
  COOKS,
  EQUIPMENT,
  HEADING_TAIL,
  IMPERATIVES,
  INGREDIENT_HEADING,
  METHOD_HEADING,
  NUTRITION,
  TIME_FACT,
} from './data/words';
import { isPlatesFact, platesIn } from './facts';

/** One line of a page with what can be seen of it. */
export interface PageLine {
  /** Position of its first line in the page. */
  at: number;
  /** As it stands there. */
  text: string;
  /** Without bullets, boxes, markdown and pictures. */
  plain: string;
  /** The words of a step, without its number. */
  step: string;
  words: number;
  hasAmount: boolean;
  hasUnit: boolean;
  /** Share of the words that a food and its description explain. */
  foodShare: number;
  hasFood: boolean;
  /** Nothing but a food's name: "salt and pepper". */
  isPlainFood: boolean;
  isImperative: boolean;
  isNumbered: boolean;
  /** How many words tell of cooking. */
  cooks: number;
  isSentence: boolean;
  isIngredientHeading: boolean;
  isMethodHeading: boolean;
  isAsideHeading: boolean;
  /** A label, and things with their amounts behind it. */
  isLabelledList: boolean;
  isHeadingLike: boolean;
  isMarkedTitle: boolean;
  isFact: boolean;
  isClutter: boolean;
  isNutrition: boolean;
  isEquipment: boolean;
  /** A heading inside the ingredients that stands in the ingredients heading: "Ingredients for the sauce". */
  section?: string;
  isStepOnly: boolean;
  isFirstBlock: boolean;
}

/** Longest line whose features are looked at. */
const LOOKED_AT = 600;

const PICTURES = /[\p{Extended_Pictographic}\p{Emoji_Modifier}\u20e3\ufe0f\u200d]+/gu;
const STEP_NUMBER =
  /^(?:step\s*\d{1,2}\s*[:.)-]?\s*|\(?\d{1,2}[.):]\s+|\d{1,2}️?⃣\s*|(?:first|second|third|fourth)(?:ly)?\s*[:.)]\s*)/i;

/** The page as lines: blank ones dropped, wrapped ingredients joined, a list on one line told apart. */
export function* linesOfPage(text: string, pantry: Pantry): Generator<number, PageLine[]> {
  const raw = columnsApart(text.split(/\r\n|[\n\r\u2028\u2029]/));
  const rows: { at: number; text: string; afterBlank: boolean }[] = [];
  let afterBlank = true;
  raw.forEach((line, at) => {
    if (!/[\p{L}\p{N}]/u.test(line)) {
      if (!line.trim()) afterBlank = true;
      // The rule under a table's head says nothing.
      else if (!/^[|:\s-]*\|[|:\s-]*$/.test(line)) rows.push({ at, text: line.trim(), afterBlank });
      return;
    }
    const whole = unlabelled(untabled(line.trim()));
    const parts = rows.length < TITLE_WITHIN ? withoutFacts(whole) : [whole];
    for (const part of parts.flatMap(apart)) rows.push({ at, text: part, afterBlank });
    afterBlank = false;
  });
  const whole = joined(rows);
  const lines: PageLine[] = [];
  for (const row of whole) {
    lines.push(features(row, pantry));
    if (lines.length % STEP_OF_LINES === 0) yield lines.length / whole.length;
  }
  return lines;
}
/** Fewest rows of two columns that are a list and no accident. */
const LEAST_COLUMN_ROWS = 3;
/** Two things side by side, as old cards and scans set a list: "2 carrots                  1/2 lb. shelled peas". */
const SIDE_BY_SIDE = /^\s*((?:\d|[¼-¾⅓⅔]|\p{L})\S*(?: \S+)*?) {3,}(\S+(?: \S+)*)\s*$/u;

/** A list in two columns as one: the left from top to bottom, then the right; what the right breaks off goes on in its next row. */
function columnsApart(raw: readonly string[]): readonly string[] {
  const out: string[] = [];
  for (let at = 0; at < raw.length;) {
    let end = at;
    while (end < raw.length && SIDE_BY_SIDE.test(raw[end] ?? '')) end++;
    const pairs = raw.slice(at, end).map((row) => SIDE_BY_SIDE.exec(row) ?? ['', '', '']);
    const amounts = pairs.filter(
      ([, left = '', right = '']) => /^[\d¼-¾⅓⅔]/u.test(left) && /^[\d¼-¾⅓⅔]/u.test(right),
    );
    if (pairs.length < LEAST_COLUMN_ROWS || amounts.length * 2 < pairs.length) {
      out.push(raw[at] ?? '');
      at++;
      continue;
    }
    const right: string[] = [];
    for (const [, , cell = ''] of pairs) {
      const last = right.at(-1);
      // "1 tablespoon chopped", "parsley".
      if (last !== undefined && /^\p{Ll}/u.test(cell) && /^[\d¼-¾⅓⅔]/u.test(last))
        right[right.length - 1] = `${last} ${cell}`;
      else right.push(cell);
    }
    out.push(...pairs.map(([, left = '']) => left), ...right);
    at = end;
  }
  return out;
}

/** Rows from the top within which a name may have its facts behind it. By judgement. */
const TITLE_WITHIN = 4;

/** "Chicken stew — Serves 4 | Prep 15 min": the name, and what is told behind it. */
const NAME_AND_FACTS =
  /^(\p{L}[^|·•\d]{4,70}?)\s*[—–|·•]\s*(?=\(?(?:serves|servings?|yields?|makes|feeds|portions?|quantity|number of|enough for|sufficient for|dinner for|recipe serves|for \d|\d{1,2} (?:servings|portions|people|minutes|mins?)\b|prep(?:aration)?\b|total time|cook(?:ing)? time|course))(.+)$/iu;

function withoutFacts(line: string): string[] {
  const [, name, facts] = NAME_AND_FACTS.exec(line) ?? [];
  return name && facts ? [name, facts.replace(/^\((.*)\)$/, '$1')] : [line];
}

/** Lines between two looks at whether a page is still wanted. */
const STEP_OF_LINES = 50;

/** Names of the columns of a list that is a table. */
const COLUMN = /^(?:ingredients?|items?|what|food|amounts?|quantit(?:y|ies)|measures?|how much|qty|notes?)$/i;

/** A row of a typed table as a line of a list, its amount first: "| Olive oil | 2 tbsp |" is "2 tbsp Olive oil". */
function untabled(line: string): string {
  if (!/^\|.*\|$/.test(line)) return line;
  const cells = line
    .split('|')
    .map((c) => c.trim())
    .filter(Boolean);
  if (cells.length < 2) return cells[0] ?? '';
  if (cells.every((c) => COLUMN.test(c))) return 'Ingredients';
  const amount = cells.findIndex((c) => readAmount(c)?.rest.trim() === '' || /^[½¼¾\d/.,-]+$/.test(c));
  const rest = cells.filter((_, i) => i !== amount);
  // "1 x 400 g tin", of chickpeas: in one breath, and how they come behind them.
  return amount < 0 ? rest.join(', ') : `${cells[amount] ?? ''} ${rest.join(', ')}`;
}

/** A step without its name in bold: "1. **Soften.** Turn down the heat". */
function unlabelled(line: string): string {
  return line.replace(/^((?:\d{1,2}[.)]|[-*•])\s+)?(\*\*|__)[^*_]{2,32}[.:]\s?\2\s*(?=\p{Lu})/u, '$1');
}

/** "Ingredients: 1 kg lamb; 2 onions." is a heading and its lines; "Method: Brown …" a heading and its text. */
function apart(line: string): string[] {
  // A list that runs on in one line between its bullets.
  // "You'll need: 1 lamb shoulder • 4 anchovies": a heading and its lines.
  const named = LIST_LABEL.exec(line)?.[0];
  const listed = named === undefined ? [] : apart(line.slice(named.length));
  if (listed.length > 1) return ['Ingredients:', ...listed];
  const pipes = line.split(/\s+[|¦]\s+/).filter((p) => /\p{L}/u.test(p));
  if (pipes.length > 2 && pipes.filter((p) => readAmount(p)).length * 2 > pipes.length)
    return pipes.map((p) => p.trim());
  const bullets = line.split(/\s*[•▢☐◦‣·]\s+/).filter((p) => /\p{L}/u.test(p));
  if (bullets.length >= 2 && line.length > 24 && bullets.every((p) => p.length < 90 && readAmount(p)))
    return bullets.map((p) => p.trim());
  if (
    bullets.length >= 4 &&
    bullets.every((p) => p.length < 90) &&
    bullets.filter((p) => readAmount(p)).length >= 3
  )
    return bullets.map((p) => p.trim());
  const head =
    /^(ingredients|zutaten|you(?: will|['’]ll)? need|what you(?: will|['’]ll)? need|method|directions|instructions|preparation|procedure|what (?:i|we) do|how (?:i|we) (?:do|make) it|to (?:make|cook)(?: it)?)\s*(?:[:：]|\s[-–—])\s*(\S.{14,})$/i.exec(
      line,
    );
  if (!head) return [line];
  const [, name = '', rest = ''] = head;
  const isList = /^(?:ingredients|zutaten|(?:what )?you.*need)$/i.test(name);
  if (!isList) return [`${name}:`, rest];
  const items = rest.includes(';') ? rest.split(';') : rest.split(/,\s+(?=[\d½¼¾])/);
  return items.length > 1
    ? [`${name}:`, ...items.map((i) => i.trim().replace(/\.$/, '')).filter(Boolean)]
    : [`${name}:`, rest];
}

const LIST_LABEL = /^(?:ingredients|(?:what )?you(?: will|['’]ll)? need|shopping list)\s*[:：]\s*/i;

/** What ends in the middle of a thought goes on in the next line. */
const GOES_ON = /(?:\b(?:about|and|or|a|an|the|with|in|of|to|plus|from|approx\.?|\d{1,3})|,|\p{L}-)$/iu;

const OF_THE_LID = /\b(?:npr|nr|qr|hp|mins?|minutes|natural|release|whistles?)\b.*\d$/i;

type Row = { at: number; text: string; afterBlank: boolean };

/** "1" in a row of its own, and the step in the next; "900 g", and the food in the next: one row each. */
function withFigures(rows: readonly Row[]): readonly Row[] {
  const out: Row[] = [];
  let figure: Row | null = null;
  for (const row of rows) {
    const text = row.text.trim();
    if (figure) {
      const isStep =
        LONE_NUMBER.test(figure.text) && /^\p{Lu}/u.test(text) && text.split(/\s+/).length >= STEP_WORDS;
      const isFood =
        !isStep && /^[\p{L}(]/u.test(text) && !/[.!?:]$/.test(text) && text.length < LONGEST_FOOD;
      if (isStep || isFood) {
        out.push({
          ...figure,
          text: `${figure.text.trim().replace(/[.)]$/, '')}${isStep ? '.' : ''} ${text}`,
        });
        figure = null;
        continue;
      }
      out.push(figure);
      figure = null;
    }
    if (LONE_NUMBER.test(text) || isAmountAlone(text)) figure = row;
    else out.push(row);
  }
  return figure ? [...out, figure] : out;
}
const LONE_NUMBER = /^\W*\d{1,2}\s?[.)]?\W*$/;
/** A name of food is shorter, a step has more words. */
const LONGEST_FOOD = 60;
const STEP_WORDS = 4;
const isAmountAlone = (text: string): boolean => {
  const amount = /^[\d½¼¾⅓⅔]/.test(text) && text.length <= 14 ? readAmount(text) : null;
  return amount !== null && amount.rest.trim() === '' && amount.amount.unitId !== 'each';
};

function joined(all: readonly Row[]): readonly Row[] {
  const rows = withFigures(all);
  const out: Row[] = [];
  for (const row of rows) {
    const last = out.at(-1);
    const isShort = last !== undefined && last.text.length < 70 && row.text.length < 60;
    const goesOn =
      last !== undefined &&
      isShort &&
      !row.afterBlank &&
      GOES_ON.test(last.text) &&
      // "10 mins high, npr 10": a step, and done with.
      !OF_THE_LID.test(last.text) &&
      /^(?:\p{Ll}|\d+\s?(?:g|kg|ml|l|oz|lb)\b)/u.test(row.text) &&
      // "Jointed into 8", and then "150 g lardons": two things, each with its figure.
      !(/\d$/.test(last.text) && /^\d/.test(row.text)) &&
      readAmount(stripBullet(last.text)) !== null &&
      !/^[-•*–]/.test(row.text);
    if (goesOn) {
      last.text = /\p{L}-$/u.test(last.text) ? last.text.slice(0, -1) + row.text : `${last.text} ${row.text}`;
      continue;
    }
    // "Chicken Stew with Dump-", "lings": a scan broke the title.
    const isBroken =
      last !== undefined &&
      out.length <= MOST_BEFORE_TITLE &&
      /^\p{Lu}.*\p{L}-$/u.test(last.text) &&
      /^\p{Ll}+(?:$| )/u.test(row.text) &&
      row.text.length < 40;
    if (isBroken) {
      last.text = `${last.text.slice(0, -1)}${row.text}`;
      continue;
    }
    const isTitleGoingOn =
      last !== undefined &&
      out.length <= 8 &&
      !row.afterBlank &&
      last.text.length < 60 &&
      /^\p{Lu}.*[\p{L})]$/u.test(last.text) &&
      /^(?:and|with|in|on|or|of|&)\s/.test(row.text) &&
      row.text.split(/\s+/).length <= 7 &&
      readAmount(last.text) === null;
    // "RINDERROULADEN AUS DEM", "SCHNELLKOCHTOPF": a title in capitals that breaks after a small word.
    const isInCapitals =
      last !== undefined &&
      out.length <= MOST_BEFORE_TITLE &&
      !row.afterBlank &&
      CAPITALS_GO_ON.test(last.text) &&
      /^\p{Lu}{3,}/u.test(row.text) &&
      row.text.length < 60;
    if (isTitleGoingOn || isInCapitals) last.text = `${last.text} ${row.text}`;
    else out.push({ ...row });
  }
  return out;
}

const CAPITALS_GO_ON =
  /^[^\p{Ll}]*\b(?:AND|WITH|IN|OF|ON|THE|FOR|FROM|&|AUS|DEM|MIT|IM|ALLA|AU|AUX|EN|CON|DE|DEL|DI|LA)$/u;
/** Lines that may stand over a title. */
const MOST_BEFORE_TITLE = 6;

/** Longest ingredient that is kept: a dish holds no longer line. */
const LONGEST_LINE = 400;

/** A line without its bullet, pictures and marks, whole: a method told in one breath runs to thousands of letters. */
const plainOf = (text: string): string =>
  stripBullet(
    text
      .replace(PICTURES, ' ')
      .replace(/^\s*>\s*/, '')
      .replace(/^#+\s*/, '')
      .replace(/\*\*|__/g, '')
      .replace(/(?<=^|\s)\*(?=\S)|(?<=\S)\*(?=\s|$)/g, '')
      .replace(/\t/g, ' '),
  );

const AMOUNT_BEHIND =
  /^[\p{L}(][\p{L}\p{M} ()'’-]{1,40}?,?\s(\d[\d.,/½¼¾]*\s?(?:g|gms?|grams?|kg|kgs|kilos?|ml|l|cl|dl|oz|lbs?|cups?|tbsp|tsp|nos?|pcs|packets?|tins?|cans?|cloves?|large|medium|small|inch))\b(?=\s*$|\s*[,;(]|\s+(?:with|on|cut|in|each|plus|or|and)\b)/iu;

/** "Chicken on the bone, skinless, small pieces - 750 g": behind a dash, whatever stands before it. */
const AMOUNT_LAST =
  /^\p{L}[^\d]{2,80}\s(?:[-–—:]\s)?(\d[\d.,/½¼¾]*\s?(?:g|gms?|grams?|kg|kgs|kilos?|ml|l|oz|lbs?|cups?|tbsp|tsp|nos?|pcs))$/iu;

/** "Paste: 5 tbsp red curry paste": what it is for, and how much of it. */
const ONE_LABEL = /^(?:\p{L}+ ){0,2}\p{L}+\s*[:：]\s+((?:\d|[¼-¾⅓⅔])\S*\s\S.*)$/u;

/** "Makes about 12 tacos": how much it comes to, whoever eats it. */
const MAKES_SO_MANY = /^\W*makes\b(?: \p{L}+){0,2} \d{1,3}\b(?: \p{L}+){0,4}\W*$/iu;

/** What a page hangs behind a name or a heading: stars and votes, its buttons, the sizes it scales to. */
const HUNG_BEHIND =
  /\s*(?:[★☆⭐✩✭✰]{2,}.*|(?:[|·•–-]\s*)?\b(?:jump to (?:the )?recipe|print(?: this)? recipe|pin(?: this)? recipe|save recipe|rate this recipe)\b.*|(?<=\bingredients?\b.*)\s(?:[|·•–-]\s*)?(?:scale:?\s*)?(?:(?:[½¼¾\d./]{1,3}[x×]|us customary|us|metric|imperial|cook mode|units?)(?:\s*[|·•/-]\s*|\s+|$))+)$/iu;
/** Fewer words than these are the button itself. */
const LEAST_NAME = 2;
function withoutHung(text: string): string {
  const rest = text.replace(HUNG_BEHIND, '').trim();
  const isHeading = INGREDIENT_HEADING.test(rest);
  return isHeading || rest.split(/\s+/).filter((w) => /\p{L}{2}/u.test(w)).length >= LEAST_NAME ? rest : text;
}

function features(row: { at: number; text: string; afterBlank: boolean }, pantry: Pantry): PageLine {
  const plain = withoutHung((plainOf(row.text) || row.text.trim()).slice(0, LONGEST_LINE));
  // Markup typed into a text is looked through, and kept as the words it is.
  const seen =
    plain
      .replace(/<[^<>]{1,200}>/g, ' ')
      .trim()
      .slice(0, LOOKED_AT) || plain.slice(0, LOOKED_AT);
  const step = plainOf(
    row.text
      .replace(PICTURES, ' ')
      .trim()
      .replace(/^[-–•*]\s*/, '')
      .replace(/^\d\s(?=\p{Lu})/u, ''),
  )
    .replace(STEP_NUMBER, '')
    .trim();
  const words = seen.split(/\s+/).filter(Boolean);
  // "Beef shank 1 kg with bones": the food first, its amount behind it.
  const atEnd = (AMOUNT_BEHIND.exec(seen) ?? AMOUNT_LAST.exec(seen))?.[1];
  const behindLabel = ONE_LABEL.exec(seen)?.[1];
  const amount =
    readAmount(seen) ?? (atEnd ? readAmount(atEnd) : behindLabel ? readAmount(behindLabel) : null);
  const rest = amount && !(atEnd && !readAmount(seen)) ? amount.rest : seen;
  const match = pantry.find(rest.replace(/\([^()]*\)/g, ' ').slice(0, 120)) ?? null;
  const nouns = foodWords(rest.replace(/\([^()]*\)/g, ' ').slice(0, 120));
  const explained = nouns.filter(
    (w, i) =>
      (match && i >= match.at && i < match.at + match.words) || isPlainDescription(w) || /^\d/.test(w),
  ).length;
  const bare = seen.replace(HEADING_TAIL, '').trim();
  // "Sangkap / Ingredients": in two languages.
  const sides = bare.split(/\s+\/\s+/);
  const firstWord = (/^[\p{L}']+/u.exec(step)?.[0] ?? '').toLowerCase();
  const isNumbered =
    STEP_NUMBER.test(row.text.replace(/^[^\p{L}\d(]+/u, '')) ||
    /^\d{1,2}\s+\p{Lu}\p{Ll}+/u.test(row.text.trim());
  const isStepOnly = /^step\s*\d{1,2}\W*$/i.test(seen);
  const forWhat = /^(?:the )?ingredients? for (?:the )?(.{3,40})$/i.exec(bare.replace(/[:：]\s*$/, ''));
  // "Ingredients for 4 servings": for how many, and no part of the list.
  const ofWhat = forWhat && platesIn(`for ${forWhat[1] ?? ''}`) === null ? forWhat : null;
  const isIngredientHeading =
    INGREDIENT_HEADING.test(bare) ||
    // "Ingredients (scale: 1x 2x 3x)".
    INGREDIENT_HEADING.test(bare.replace(/\s*\([^()]*\)$/, '')) ||
    (sides.length === 2 && sides.some((s) => INGREDIENT_HEADING.test(s))) ||
    INGREDIENT_HEADING.test(bare.replace(/^.{0,40}?(?=you(?:'|’)?(?:ll| will) need)/i, '')) ||
    forWhat !== null;
  const isMethodHeading =
    METHOD_HEADING.test(bare) || (sides.length === 2 && sides.some((s) => METHOD_HEADING.test(s)));
  const isAsideHeading = !isIngredientHeading && !isMethodHeading && ASIDE_HEADING.test(bare);
  const cooks = (seen.match(COOKS) ?? []).length;
  const isPlainFood =
    words.length <= 6 &&
    pantry.named(seen.replace(/,?\s+(?:to taste|to serve|for frying)$/i, '')) !== undefined;
  // "Pressure cooker chicken curry" is a name; "pressure cook for 5 minutes" is an order.
  // "Salt, pepper, 1 tsp cumin" are things, and no order to salt.
  const isImperative =
    IMPERATIVES.has(firstWord) &&
    !isPlainFood &&
    !/^pressure[- ]cooker\b/i.test(step) &&
    !/^[\p{L}']+\s*[,;&+]/u.test(step);
  const isFacts = factsIn(seen) || (match === null && saysForHowMany(seen));
  const isClutter = !isFacts && CLUTTER.some((re) => re.test(seen));
  return {
    at: row.at,
    text: row.text.trim(),
    plain,
    step: isStepOnly ? '' : step,
    words: words.length,
    hasAmount: amount !== null && !/^(?:an?|one)\s/i.test(seen) ? true : amount !== null,
    hasUnit: amount !== null && amount.amount.unitId !== 'each',
    foodShare: nouns.length ? explained / nouns.length : 0,
    hasFood: match !== null,
    isPlainFood,
    isImperative,
    isNumbered,
    cooks,
    isSentence: /[.!?]$/.test(seen) || /[.!?]\s+\p{Lu}/u.test(seen),
    isIngredientHeading,
    isMethodHeading,
    isAsideHeading,
    isLabelledList: isLabelledList(seen),
    isHeadingLike:
      /[:：]\s*$/.test(seen) ||
      /^#+\s/.test(row.text.trim()) ||
      (/^(?:for (?:the|a)|to (?:finish|serve|garnish|thicken)|(?:the )?(?:garnish(?:es)?|toppings?|slurry|glaze|marinade|rub|spice (?:mix|blend|paste)|spices|curry|stew|base|filling|dumplings|sides?|extras|sauce|gravy|dressing|meat|braise|topping|vegetables|noodles|pickle|salsa|crust|pastry|for serving|finishing|masala|tempering|tadka|broth))\b/i.test(
        seen,
      ) &&
        words.length <= 8 &&
        !amount &&
        !isLabelledList(seen) &&
        // "Curry leaves" are a thing; "curry" heads a part.
        !(match !== null && match.at === 0 && match.words > 1)) ||
      (/^[\p{Lu}\s&'-]{3,40}$/u.test(seen) && words.length <= 4),
    isMarkedTitle: /^#\s+\S/.test(row.text.trim()) || SAID_IN_PASSING.test(seen),
    isFact:
      !tellsOfTheLid(seen) &&
      (isPlatesFact(seen) ||
        (TIME_FACT.test(seen) && !(amount && match)) ||
        isFacts ||
        MAKES_SO_MANY.test(seen) ||
        /^\W*makes enough (?:for|to)\b/i.test(seen)),
    isClutter,
    isNutrition: NUTRITION.test(seen),
    // "Deglaze the frying pan with the sherry, then pour into the cooker": done, whatever pans are in it.
    isEquipment: isEquipment(seen) && !(isImperative && match !== null && cooks > 0),
    isStepOnly,
    isFirstBlock: row.afterBlank,
    ...(ofWhat ? { section: `For the ${ofWhat[1] ?? ''}` } : {}),
  };
}

/** "Ok so here's how I do the creamy chicken and rice:": the name, said in passing. */
export const SAID_IN_PASSING =
  /^(?:(?:ok(?:ay)?|so|right|well|hi|hey|and|as promised|as requested),?\s+)*(?:(?:here(?:['’]s| is)|this is) )?(?:how (?:i|we) (?:do|make|cook)|(?:my|our|the) (?:recipe|way) (?:for|with|of)|the recipe for) (?:my |our |the |a |an )?(\p{L}[\p{L} '’&-]{4,60}?)\s*[:.–—-]*$/iu;

/** "To finish: 100 ml cream, 1 tbsp honey, coriander": a part of the list in one line. */
function isLabelledList(line: string): boolean {
  const [, list = ''] =
    /^(?:\p{L}+ ){0,3}\p{L}+\s*[:：]\s*(\S.*)$/u.exec(line) ??
    /^(?:\p{L}+ ){0,2}\p{L}+\s*(?:[-–—]|\()\s*(\S.*)$/u.exec(line) ??
    [];
  const things = list.split(/[,;]\s+|\s*\/\s*(?=\d)|\s[+&]\s(?=\d)/);
  const measured = things.filter((t) => readAmount(t) !== null).length;
  // "Slurry - 2T cornstarch/2T water": two are a list where each has its amount.
  return measured >= 2 && (things.length > 2 || measured === things.length);
}

/** "Adobong manok sa pressure cooker": the name of a dish, and no pot with adjectives before it. */
const NAMED_AFTER_POT =
  /^(?!(?:\d|an?\b|the\b|your?\b))(?:(?!(?:large|small|medium|big|electric|stove\S*|programmable|good|heavy|inner|quarts?|qt|litres?|liters?|inch|non\S*|steel|equipment|need)\b)[\p{L}'’-]+\s+){2,}(?:pressure cooker|multicooker)$/iu;

/** "Pressure cooker, wooden spoon, measuring jug": nothing to eat in it. */
function isEquipment(line: string): boolean {
  if (NAMED_AFTER_POT.test(line)) return false;
  if (/^(?:equipment|special equipment|tools|kit|utensils)\s*(?::|$)/i.test(line) || EQUIPMENT.test(line))
    return true;
  const things = line.split(/\s*[,;·]\s*(?:and\s+)?|\s+and\s+|\s+&\s+/).filter(Boolean);
  return things.length > 1 && things.filter((t) => EQUIPMENT.test(t)).length > things.length / 2;
}

/** Facts that stand in one line, divided by bars, dots or wide spaces. */
export const factsApart = (line: string): string[] => line.split(/\s*[|•·]\s*|\s{2,}|\t/).filter(Boolean);

/** "Marination: 2 hrs". */
const NAMED_FACT = /^\p{Lu}[\p{L} ]{2,24}:\s*\S.{0,24}$/u;
/** "A fiery classic • Serves 4-6 • Hot!": a word about it, and for how many. */
function saysForHowMany(line: string): boolean {
  const facts = factsApart(line);
  return (
    facts.length > 1 &&
    facts.some(isPlatesFact) &&
    facts.every(
      (f) => isPlatesFact(f) || (f.length < 60 && (readAmount(f)?.amount.unitId ?? 'each') === 'each'),
    )
  );
}

/** "60 min manual, NPR": a step, however short; what stands in fields ("NPR: 15 min | Cook: 20") is a fact. */
const tellsOfTheLid = (line: string): boolean =>
  (surelyLetsGo(line) ||
    /\b(?:manual|HP|LP)\b/.test(line) ||
    /^\W*\d{1,3} ?(?:m|mins?|minutes?) (?:on |at )?(?:high|low)\b/i.test(line)) &&
  !/[|:•]/.test(line);

/** Several small facts in one line: "Serves 4 | Prep 10 min", "Serves 8   Prep 20 min   Cook 2 h". */
function factsIn(line: string): boolean {
  const facts = factsApart(line);
  return (
    facts.length > 1 &&
    facts.some((f) => isPlatesFact(f) || TIME_FACT.test(f)) &&
    facts.every(
      (f) =>
        isPlatesFact(f) ||
        TIME_FACT.test(f) ||
        f.length < 4 ||
        NAMED_FACT.test(f) ||
        /^(?:recipe by|by|author|difficulty|from|course|cuisine|level)\b/i.test(f),
    )
  );
}
