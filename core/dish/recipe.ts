import type { Pantry } from '../pantry/pantry';
import { readNumber } from '../quantity/number';
import { readAmount } from './amount';
import { MAX_LINE_LENGTH, stripBullet } from './read';

/** A pasted text told apart. Every non-blank line of the paste is in exactly one of its parts. */
export interface PastedRecipe {
  title: string | null;
  plates: number | null;
  lines: { text: string; section?: string }[];
  method: string;
  /** What is neither: times, a link, a heading with nothing under it. Kept in the dish's note. */
  notes: string[];
}

/** Longest paste that is read. */
export const MAX_PASTE_LENGTH = 30000;

const METHOD_HEADING =
  /^(?:method|directions?|instructions?|preparation|steps?|how to(?: make)?(?: it)?|to cook)\s*:?\s*$/i;
const INGREDIENT_HEADING =
  /^(?:ingredients?|you(?:'|’)?ll need|you will need|what you need|shopping list)\b.{0,20}:?\s*$/i;
const PLATES =
  /^(?:serves|makes|yields?|servings?|portions?|feeds|plates|for)\s*:?\s*(?:about\s*)?(.{1,20})$/i;
const PLATES_AFTER = /^(.{1,12}?)\s+(?:servings|portions|plates|people)\.?$/i;

/** "Prep 10 min", "Cook time: 25 mins", "Total time 1 h", "Difficulty: easy", a link: about the recipe, not in it. */
const ABOUT =
  /^(?:(?:active |total |prep(?:aration)? |cook(?:ing)? |resting |hands[- ]on )(?:time)?\s*:?\s*(?:about )?[\d½¼¾].{0,20}(?:min|h|hour)|(?:time|difficulty|cuisine|course|author|source|calories|keywords?|rating|equipment|nutrition)\s*:|https?:\/\/|\d+ (?:kcal|calories))/i;
/** Several small facts in one line: "Serves 4 | Prep 10 min | Cook 25 min". */
const BETWEEN_FACTS = /\s*[|•·]\s*/;

const headingText = (line: string): string =>
  line
    .replace(/^#+\s*/, '')
    .replace(/\*\*/g, '')
    .replace(/:\s*$/, '')
    .trim();

function looksLikeHeading(line: string): boolean {
  if (/^#+\s+\S/.test(line)) return true;
  if (readAmount(line)) return false;
  if (/:\s*$/.test(line) && line.length <= 60) return true;
  if (/^for (?:the|a)\s+[\p{L}\s-]{2,40}$/iu.test(line)) return true;
  return /^(?:to (?:finish|serve|garnish|thicken)|(?:the )?(?:garnish(?:es)?|toppings?|slurry|glaze|marinade|rub|spice (?:mix|blend)|spices|curry|stew|base|filling|dumplings|sides?|extras|for serving|gravy|dressing))$/i.test(
    line,
  );
}

function looksLikeMethod(line: string): boolean {
  return (
    line.length > 60 &&
    /[.!]\s|[.!]$/.test(line) &&
    /\b(?:add|stir|cook|heat|seal|sauté|saute|simmer|bring|pour|release|brown|fry|mix|close|lock|set|press|return|season)\b/i.test(
      line,
    ) &&
    !readAmount(line.replace(/^\d+[.)]\s*/, ''))
  );
}

/**
 * Tells a pasted text apart into title, plates, ingredient lines with their headings, and method. A list with no title
 * and no method is read as lines only. Nothing is dropped: a line that fits nowhere is an ingredient line to be asked about.
 */
export function readRecipe(pasted: string, pantry: Pantry): PastedRecipe {
  const raw = pasted.slice(0, MAX_PASTE_LENGTH).split(/\r\n|[\n\r\u2028\u2029]/);
  const numbered = raw.filter((l) => /^\s*\d{1,2}[.)]\s+\S/.test(l)).length;
  const out: PastedRecipe = { title: null, plates: null, lines: [], method: '', notes: [] };
  const method: string[] = [];
  let section: string | undefined;
  let inMethod = false;
  let seenLine = false;
  let pending = '';
  for (const rawLine of raw) {
    let line = stripBullet(rawLine);
    if (!line) continue;
    if (METHOD_HEADING.test(headingText(line))) {
      inMethod = true;
      continue;
    }
    if (
      inMethod &&
      looksLikeHeading(line) &&
      /^(?:for|to serve|ingredients|the )/i.test(headingText(line)) &&
      !method.length
    )
      inMethod = false;
    if (INGREDIENT_HEADING.test(headingText(line))) {
      inMethod = false;
      section = undefined;
      seenLine = true;
      continue;
    }
    if (inMethod) {
      method.push(line);
      continue;
    }
    const facts = line.split(BETWEEN_FACTS).map((f) => f.replace(/^[*_]+|[*_]+$/g, '').trim());
    if (facts.some((f) => ABOUT.test(f)) || (facts.length > 1 && facts.some((f) => PLATES.test(f)))) {
      const feeds = facts.find((f) => PLATES.test(f) && readNumber(PLATES.exec(f)?.[1]?.trim() ?? ''));
      const n = feeds ? readNumber(PLATES.exec(feeds)?.[1]?.trim() ?? '') : null;
      if (n && out.plates === null && n.max <= 60 && n.min >= 1) out.plates = Math.round((n.min + n.max) / 2);
      out.notes.push(line.slice(0, 300));
      continue;
    }
    const plates = PLATES.exec(line) ?? PLATES_AFTER.exec(line);
    const count = plates && out.plates === null ? readNumber((plates[1] ?? '').trim()) : null;
    if (
      plates &&
      count &&
      !/^for\b/i.test(line.replace(/^for \d.*/i, '')) &&
      count.max <= 60 &&
      count.min >= 1
    ) {
      out.plates = Math.round((count.min + count.max) / 2);
      continue;
    }
    const goesOn = method.length > 0 && out.lines.length > 0 && /[.!]$/.test(line) && !readAmount(line);
    if (looksLikeMethod(line) || goesOn) {
      method.push(line);
      continue;
    }
    if (numbered >= 3) line = line.replace(/^\d{1,2}[.)]\s+/, '');
    const isTitle =
      !seenLine && !out.title && out.lines.length === 0 && !readAmount(line) && line.length <= 90;
    if (
      isTitle &&
      !/\d/.test(line) &&
      !/:\s*$/.test(line) &&
      raw.filter((l) => l.trim()).length > 2 &&
      !isPlainFood(line, pantry)
    ) {
      out.title = headingText(line);
      continue;
    }
    if (looksLikeHeading(line)) {
      if (pending) out.notes.push(pending);
      section = headingText(line).slice(0, 120);
      pending = section;
      continue;
    }
    seenLine = true;
    pending = '';
    for (let at = 0; at < line.length; at += MAX_LINE_LENGTH) {
      const text = line.slice(at, at + MAX_LINE_LENGTH);
      out.lines.push(section ? { text, section } : { text });
    }
  }
  if (pending) out.notes.push(pending);
  out.method = method.join('\n').slice(0, 20000);
  return out;
}

/** A first line such as "salt and pepper" is an ingredient, not a title. */
function isPlainFood(line: string, pantry: Pantry): boolean {
  return Boolean(pantry.named(line.replace(/,.*$/, '').replace(/\s+(?:to taste|to serve|for frying)$/i, '')));
}
