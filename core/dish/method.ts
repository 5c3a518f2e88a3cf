import type { Food } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { kept } from '../quantity/kept';
import { evened } from './evened';
import type { Moment } from './moment';
import { perWeightTold, type PerWeight } from './perWeight';
import { pressureRuns } from './pressure';
import type { ReadLine } from './read';

/** What a written method says that a list of ingredients does not. Hints only: the plan is still computed. */
export interface MethodHints {
  /** Minutes under pressure, where the method gives them. */
  minutes: number | null;
  /** How long by its weight, where it gives that and no sum. */
  perWeight: PerWeight | null;
  /** Whistles it counts, where it counts them. */
  whistles: number | null;
  /** How the pressure is let go, where the method says. */
  release: 'quick' | 'ten' | 'natural' | null;
  /** Minutes of natural release before the rest is vented, where it gives them. */
  releaseMin: number | null;
  pressure: 'high' | 'low' | null;
  /** True when the method cooks under pressure at all; a recipe for the stove or the oven does not. */
  underPressure: boolean;
  /** What it is served with or over, in the method's own words. */
  sides: string[];
  /** Clauses that put something in after the pressure, or at the very end of a stove recipe. */
  late: readonly LateClause[];
  /** Words of the clauses before the lid that pour or add something. */
  early: ReadonlySet<string>;
}

/** One clause such as "stir in the spinach", with its words folded for looking foods up. */
interface LateClause {
  text: string;
  words: ReadonlySet<string>;
  moment: Extract<Moment, 'finish' | 'serve'>;
}

const PRESSURE =
  /\b(?:pressure[- ]?cook|(?:high|low|full) pressure|under pressure|at pressure|seal(?:ing)? (?:the )?(?:lid|valve|vent|pot)|lock the lid|lid (?:on and )?locked|whistles?|pressure cooker)\b/i;
const OPENED =
  /\b(?:(?:quick|natural|manual|pressure)[- ]releas\w*|releas(?:e|ing) (?:naturally|the (?:pressure|steam|rest))|pressure (?:is )?releas\w*|vent|remove the lid|open the (?:lid|pot|cooker)|pin (?:drops|has dropped|is down)|take off the lid|lid off)\b/i;
const AT_THE_END =
  /\b(?:at the (?:very )?end|just before serving|before serving|to finish|finally|off the heat|right before|turn off the heat|remove from the heat|last (?:few )?minutes?)\b/i;
const PUTS =
  /\b(?:stir(?:ring)? (?:in|through)|add(?:ing)?(?: in| back)?|fold (?:in|through)|swirl in|mix in|pour in|whisk in|beat in|drop in|toss in|throw in|tip in|finish with|sprinkle(?: with| over| on)?|scatter(?: with| over)?|top with|garnish with|drizzle(?: with| over)?)\b(.*)$/i;
const POURS = /\b(?:pour|add|deglaz\w*|stir(?: in)?|put|tip|splash|scrape|cover with|top up|in with|mix)\b/i;
const ON_TOP = /\b(?:sprinkle|scatter|top with|garnish|drizzle)\b/i;
const SERVED =
  /\bserved? (?:it |them |hot |warm |immediately |at once )*(?:with|over|on|alongside|on top of)\s+([^.;]{3,70})/i;

const sentencesOf = (method: string): string[] =>
  method
    .split(/\n+|(?<=[.!?])\s+(?=[\p{Lu}\d])/u)
    .map((s) => s.trim())
    .filter(Boolean);

/** Reads a method for what it says about time, release, sides and what goes in last. Never throws; silent where it is unsure. */
export const readMethod = kept<string, MethodHints>(300, (method) => method, readAfresh);

function readAfresh(method: string): MethodHints {
  const sentences = sentencesOf(evened(method.slice(0, 20000)));
  const [run] = pressureRuns(method.slice(0, 20000));
  const underPressure = run !== undefined || sentences.some((s) => PRESSURE.test(s));
  const hints: MethodHints = {
    minutes: run?.minutes ?? null,
    perWeight: (run?.minutes ?? null) === null ? perWeightTold(method.slice(0, 20000)) : null,
    whistles: run?.whistles ?? null,
    release: run?.release ?? null,
    releaseMin: run?.releaseMin ?? null,
    pressure: run?.level ?? null,
    underPressure,
    sides: [],
    late: [],
    early: new Set(),
  };
  const late: LateClause[] = [];
  const early = new Set<string>();
  let opened = false;
  let closed = false;
  for (const sentence of sentences) {
    if (underPressure && PRESSURE.test(sentence)) closed = true;
    const served = SERVED.exec(sentence);
    if (served?.[1]) hints.sides.push(served[1].trim());
    let isLate = underPressure ? opened : false;
    for (const part of sentence.split(
      /\s*[,;]\s+(?:then |and )?|\s+(?:and then|then)\s+|\s+and\s+(?=(?:stir|add|fold|swirl|mix|pour|whisk|scatter|sprinkle|serve)\b)/i,
    )) {
      const clause = part.trim().replace(/[.!]+$/, '');
      if (AT_THE_END.test(sentence) || (closed && OPENED.test(clause))) isLate = true;
      if (closed && OPENED.test(clause)) opened = true;
      if (!isLate && POURS.test(clause)) for (const word of foodWords(clause)) early.add(word);
      const put = isLate ? PUTS.exec(clause) : null;
      if (put?.[1]?.trim())
        late.push({
          text: clause.slice(0, 90),
          words: new Set(foodWords(put[1])),
          moment: ON_TOP.test(clause) ? 'serve' : 'finish',
        });
      else if (
        isLate &&
        late.length &&
        /^(?:the |a |some )?[\p{L}\s-]{3,40}$/u.test(clause) &&
        !/\b(?:serve|cook|simmer|heat|boil|close|release)\b/i.test(clause)
      ) {
        const last = late.at(-1);
        if (last) late.push({ ...last, words: new Set(foodWords(clause)) });
      }
    }
  }
  return { ...hints, late, early };
}

const TOO_PLAIN = new Set([
  'fresh',
  'ground',
  'large',
  'small',
  'dry',
  'sauce',
  'powder',
  'leaf',
  'juice',
  'paste',
  'seed',
  'stock',
  'broth',
  'water',
  'salt',
  'pepper',
  'oil',
]);

/** What the method says of one line: where it goes, in the method's own words. */
export interface LateHint {
  moment: Moment;
  words: string;
}

/**
 * Which lines of a dish the method puts in at the end, by their position. A food named whole in the method ("spring onions")
 * speaks only for the line that is that food; a bare noun ("the peas") speaks for the line that ends in it, when no other
 * line is that food. Meat, which always comes back to the sauce at the end, is never hinted.
 */
export function lateHints(
  hints: MethodHints,
  lines: readonly ReadLine[],
  pantry: Pantry,
): ReadonlyMap<number, LateHint> {
  const found = new Map<number, LateHint>();
  const foods = new Set(lines.map((l) => l.food?.id));
  for (const clause of hints.late) {
    if (/\b(?:remaining|rest of|reserved|back)\b/i.test(clause.text)) continue;
    const named = mentionsOf(clause, pantry);
    lines.forEach((read, index) => {
      if (!read.food || read.food.cut || found.has(index)) return;
      if (staysInThePot(read, hints)) return;
      // The last word names the thing: "the chicken" is never the chicken stock, "the lime" never the lime leaves.
      const last = foodWords(read.foodText).at(-1);
      const noun = last !== undefined && TOO_PLAIN.has(last) ? undefined : last;
      const isNamed = named.some((m) => m.food.id === read.food?.id);
      const isMeant =
        noun !== undefined &&
        noun.length >= 3 &&
        clause.words.has(noun) &&
        !named.some((m) => m.names.includes(noun) && (m.names.length > 1 || foods.has(m.food.id)));
      if (isNamed || isMeant) found.set(index, { moment: clause.moment, words: clause.text });
    });
  }
  return found;
}

/** A liquid that the method pours before the lid is what makes the steam: a later mention does not carry it out again. */
function staysInThePot(read: ReadLine, hints: MethodHints): boolean {
  if (!read.food || read.food.thin < 0.5) return false;
  const noun = foodWords(read.foodText).at(-1);
  return noun !== undefined && hints.early.has(noun);
}

interface Mention {
  food: Food;
  names: readonly string[];
}
const MENTIONS = new WeakMap<LateClause, { pantry: Pantry; named: readonly Mention[] }>();

function mentionsOf(clause: LateClause, pantry: Pantry): readonly Mention[] {
  const kept = MENTIONS.get(clause);
  if (kept?.pantry === pantry) return kept.named;
  const words = [...clause.words];
  const named = pantry
    .mentions(words.join(' '))
    .map((m) => ({ food: m.food, names: words.slice(m.at, m.at + m.words) }));
  MENTIONS.set(clause, { pantry, named });
  return named;
}
