import { weigh } from '../dish/weigh';
import { HEADING_MOMENTS } from '../dish/descriptors';
import { scaleOf, type Dish, type Line } from '../dish/dish';
import { DEFAULT_RULES, type HouseRules } from '../dish/houseRules';
import { isHeldBack, MOMENTS, type Moment } from '../dish/moment';
import { lateHints, readMethod, type LateHint } from '../dish/method';
import { readLine, type ReadLine } from '../dish/read';
import { liquidFactor, scaleLine, SCALING, SIZED_LIQUIDS, type Scaled } from '../dish/scaling';
import type { FoodKind } from '../pantry/food';
import type { Act } from '../script/act';
import { KINDS } from '../script/kinds';
import type { Pantry } from '../pantry/pantry';
import { scriptOfDish } from '../script/edit';
import { placesOf, type ScriptPlace } from '../script/script';
import { exactly, scaleRange } from '../quantity/range';
import type { MeasureSystem } from '../quantity/units';
import { COAT_STICKS } from './data/coat';
import { isCoat, type PlacedItem, shareName } from './item';
import { dividedParts, EARLY_HARMS, ruleFor, type EarlyHarm, type Part, type RuleContext } from './rules';

/** What placing depends on besides the dish. */
export interface PlaceOptions {
  pantry: Pantry;
  system?: MeasureSystem;
  rules?: HouseRules;
  /** Thin liquid the pot needs, ml: sizes stock and water when the plates are not the written ones. */
  needMl?: number;
}

const THIN: ReadonlySet<FoodKind> = new Set(['stock', 'water', 'juice']);

/** Reads one line of a dish with the cook's corrections applied. */
function readDishLine(line: Line, options: PlaceOptions): ReadLine {
  const read = readLine(line.text, options.pantry, options.system);
  const isCorrected = line.foodId !== undefined || line.massG !== undefined;
  const isReshaped =
    line.cut !== undefined ||
    line.bone !== undefined ||
    line.thicknessMm !== undefined ||
    line.frozen !== undefined;
  if (!isCorrected && !isReshaped) return read;
  const shaped: ReadLine = {
    ...read,
    cut: line.cut ?? read.cut,
    bone: line.bone ?? read.bone,
    thicknessMm: line.thicknessMm ?? (line.cut && line.cut !== read.cut ? null : read.thicknessMm),
    frozen: line.frozen ?? read.frozen,
  };
  if (!isCorrected) return shaped;
  const food = line.foodId ? (options.pantry.get(line.foodId) ?? read.food) : read.food;
  const weighed = read.amount ? weigh(read.amount, food, options.system ?? 'us') : read.massG;
  return {
    ...shaped,
    food,
    known: line.foodId ? (food?.names[0] ?? '') : read.known,
    massG: line.massG ? exactly(line.massG) : weighed,
    confidence: 'sure',
    doubt: '',
  };
}

/** Least that pulses stand in water before they count as soaked, min. Source: packets, four hours to a night; spread 30 %. */
const SOAKED_MIN = 240;

/** Lines that the method soaks long enough, or for as long as nobody says. */
function soakedBy(acts: readonly Act[]): ReadonlySet<number> {
  const soaks = acts.filter((a) => a.verb === 'soak' && (a.minutes ?? SOAKED_MIN) >= SOAKED_MIN);
  return new Set(soaks.flatMap((a) => [...a.again, ...a.lines.map((l) => l.index)]));
}

const SOAKED_READS = new WeakMap<ReadLine, ReadLine>();

/** A line as it reads once it has stood in water; the same object for the same line. */
function asSoaked(read: ReadLine): ReadLine {
  const known = SOAKED_READS.get(read) ?? { ...read, soaked: true };
  SOAKED_READS.set(read, known);
  return known;
}

/**
 * Splits a dish into moments: every line gets at least one placement with its reason, and the shares of a split line
 * add to one. The cook's own choice always wins; then the words of the line, which are followed and judged; then a method
 * that puts it in later; then the table.
 */
export function placeDish(dish: Dish, options: PlaceOptions): PlacedItem[] {
  const rules: HouseRules = { ...(options.rules ?? DEFAULT_RULES), ...dish.rules };
  const read = dish.lines.map((line) => readDishLine(line, options));
  const scaled = scaleDish(dish.lines, read, scaleOf(dish), options.needMl ?? 0);
  const kinds = new Set(read.flatMap((r) => (r.food ? [r.food.kind] : [])));
  const isDeglazer = (r: ReadLine): boolean =>
    (r.food?.kind === 'wine' || r.food?.kind === 'beer' || r.food?.kind === 'spirit') &&
    r.written?.moment !== 'serve';
  const hasDeglazer = read.some(isDeglazer);
  const firstThin = read.findIndex((r) => r.food && THIN.has(r.food.kind) && !r.written);
  const scripted = dish.lines.map((line, i) => ({ read: read[i] as ReadLine, section: line.section }));
  const script = scriptOfDish(dish, scripted, options.pantry);
  const places = script ? placesOf(script, scripted) : null;
  const hints = script ? null : dish.method ? lateHints(readMethod(dish.method), read, options.pantry) : null;
  const stood = script ? soakedBy(script.acts) : null;
  const place = (isFollowed: (r: ReadLine, index: number) => boolean): PlacedItem[] =>
    dish.lines.flatMap((line, index) => {
      const r = read[index];
      const s = scaled[index];
      if (!r || !s) return [];
      const context: RuleContext = {
        rules,
        kinds,
        hasDeglazer,
        isFirstThin: index === firstThin,
        massG: r.massG.mid * s.factor,
        isMarinade: MARINADE.test(line.section ?? '') || MARINADE.test(r.text),
        before: read.slice(0, index).findLast((other) => other.food)?.food?.kind,
      };
      return placeLine(
        line,
        stood?.has(index) && r.food?.kind === 'pulse-dry' ? asSoaked(r) : r,
        index,
        context,
        s,
        isFollowed(r, index) ? hints?.get(index) : undefined,
        isFollowed(r, index) ? places?.get(index) : undefined,
      );
    });
  const followed = withCoats(place(() => true));
  // With the pot under its least liquid because the method moved some of it, the method was misread: it stays.
  if (!(hints?.size || places?.size) || pouredMl(followed) >= (options.needMl ?? 0)) return followed;
  // The water of a dough or a slurry is in a bowl of its own, however short the pot is.
  const isStirredUp = (actId: string): boolean =>
    script?.acts
      .find((a) => a.id === actId)
      ?.lines.some((l) => STIRRED_UP.has(read[l.index]?.food?.kind ?? 'other')) === true;
  // By a script only what is poured to make steam is doubted, and only where it was moved: the soy of a glaze stays with the glaze.
  const isDoubted = (r: ReadLine, index: number): boolean =>
    (r.food?.thin ?? 0) >= 0.5 &&
    (!places ||
      (r.food !== null &&
        STEAM_LIQUIDS.has(r.food.kind) &&
        (places.get(index) ?? []).some((p) => isHeldBack(p.moment) && !isStirredUp(p.actId))));
  const kept = withCoats(place((r, index) => !isDoubted(r, index)));
  return pouredMl(kept) > pouredMl(followed) ? kept : followed;
}

/** The coats of floured meat, each as thick as its meat takes. */
function withCoats(items: readonly PlacedItem[]): PlacedItem[] {
  const isMeat = (i: PlacedItem): boolean => MEATS.includes(i.read.food?.kind ?? 'other');
  const meatG = items.filter((i) => i.moment === 'sear' && isMeat(i)).reduce((s, i) => s + i.massG.mid, 0);
  return items.map((i) => (isCoat(i) && meatG > 0 ? { ...i, sticksG: COAT_STICKS.value * meatG } : i));
}

const STIRRED_UP: ReadonlySet<FoodKind> = new Set(['flour', 'starch', 'egg']);
const STEAM_LIQUIDS: ReadonlySet<FoodKind> = new Set(['stock', 'water', 'wine', 'beer', 'juice']);

/** Thin liquid poured before the lid, ml. */
function pouredMl(items: readonly PlacedItem[]): number {
  return items
    .filter((i) => !isHeldBack(i.moment) && i.read.food)
    .reduce((s, i) => s + (i.massG.mid * (i.read.food?.thin ?? 0)) / (i.read.food?.gPerMl ?? 1), 0);
}

/** The factor of every line: its own way of scaling, stock and water sized for the pot, what the tool added left alone. */
function scaleDish(lines: readonly Line[], read: readonly ReadLine[], k: number, needMl: number): Scaled[] {
  const scaled = read.map((r, i) => (lines[i]?.added ? { factor: 1, note: '' } : scaleLine(r, k)));
  if (Math.abs(k - 1) < 1e-9) return scaled;
  const isSized = (r: ReadLine, i: number): boolean =>
    !lines[i]?.added &&
    r.food !== null &&
    SIZED_LIQUIDS.has(r.food.kind) &&
    !isHeldBack(r.written?.moment ?? 'lid');
  let ownMl = 0;
  let otherMl = 0;
  read.forEach((r, i) => {
    const food = r.food;
    if (!food || lines[i]?.added || isHeldBack(r.written?.moment ?? 'lid')) return;
    if (isSized(r, i)) ownMl += r.massG.mid / food.gPerMl;
    else otherMl += r.massG.mid * (scaled[i]?.factor ?? k) * (food.thin / food.gPerMl - food.drinks);
  });
  const factor = liquidFactor(k, ownMl, otherMl, needMl);
  return read.map((r, i) =>
    isSized(r, i)
      ? { factor, note: Math.abs(factor - k) > 0.02 ? SCALING.liquid.why : '' }
      : (scaled[i] ?? { factor: k, note: '' }),
  );
}

const MARINADE = /\bmarinad(?:e|ing|es)\b|\bto marinate\b|\bfor marinating\b/i;

const UNKNOWN_REASON =
  'Not in the pantry yet: it weighs nothing and has no place in the pot until you say what it is.';

/** Where a line goes and who says so: one part, or several whose shares add to one. */
function partsOf(
  line: Line,
  read: ReadLine,
  context: RuleContext,
  hint: LateHint | undefined,
  script: readonly ScriptPlace[] | undefined,
): { by: PlacedItem['by']; parts: readonly ScriptPart[]; ruleId: string; computed: readonly Moment[] } {
  const rule = ruleFor(read, context);
  const computed: Moment = rule?.moment ?? 'lid';
  const reason = rule?.reason ?? UNKNOWN_REASON;
  const ruleId = rule?.id ?? 'unknown';
  const whole = (moment: Moment, by: PlacedItem['by'], why: string) => ({
    by,
    ruleId,
    computed: [computed],
    parts: [{ share: 1, moment, label: '', reason: why }],
  });
  const divided = rule?.parts ?? dividedParts(read);
  if (line.split)
    return {
      by: 'cook',
      ruleId,
      computed: line.split.map((_, i) => divided?.[i]?.moment ?? computed),
      parts: line.split.map((p, i) => ({
        share: p.share,
        moment: p.moment,
        label: divided?.length === line.split?.length ? (divided?.[i]?.label ?? '') : shareName(p.share),
        reason: `You split this line. On its own: ${reason}`,
      })),
    };
  if (line.moment)
    return whole(
      line.moment,
      'cook',
      line.moment === computed ? reason : `You put it here. On its own: ${reason}`,
    );
  const scripted = script?.length ? scriptParts(script, computed) : null;
  const shared = dividedParts(read);
  if (scripted && scripted.length > 1 && read.written?.moment !== 'serve')
    return { by: 'method', ruleId, computed: scripted.map(() => computed), parts: scripted };
  if (shared && rule && !rule.parts && read.written?.moment !== 'serve')
    return { by: 'words', ruleId, computed: shared.map((p) => p.moment), parts: shared };
  const asked = read.written?.moment;
  if (asked && asked !== computed)
    return whole(asked, 'words', `The recipe says “${read.written?.words ?? ''}”.`);
  const heading = line.section ? HEADING_MOMENTS.find(([re]) => re.test(line.section ?? ''))?.[1] : undefined;
  // Where the method itself holds it back it says more than a heading does: the dough, and not the end of the cook.
  const isHeldByScript = scripted?.every((p) => isHeldBack(p.moment)) === true;
  const isLater = (moment: Moment): boolean =>
    !isHeldByScript &&
    MOMENTS.indexOf(moment) > MOMENTS.indexOf(computed) &&
    (!isHeldBack(computed) || moment === 'serve');
  if (heading && isLater(heading)) return whole(heading, 'words', `The recipe says “${line.section ?? ''}”.`);
  // A table that parts a line serves lists: a recipe that pours it all in is followed, then judged.
  if (rule?.parts && !scripted)
    return { by: 'rule', ruleId, computed: rule.parts.map((p) => p.moment), parts: rule.parts };
  if (scripted && !(heading && isLater(heading)))
    return { by: 'method', ruleId, computed: scripted.map(() => computed), parts: scripted };
  const late = !isHeldBack(computed) && !asked ? hint : undefined;
  if (late) return whole(late.moment, 'method', `The method says “${late.words}”.`);
  return whole(computed, 'rule', reason);
}

/** A part with the act of the script that it belongs to. */
interface ScriptPart extends Part {
  actId?: string;
  later?: boolean;
  isBound?: boolean;
  touchesRaw?: boolean;
  onRack?: boolean;
  inBowl?: boolean;
  boilsDown?: boolean;
  isCaramel?: boolean;
}

/** The parts of a line by the script; what no act takes goes where the table puts it. */
function scriptParts(places: readonly ScriptPlace[], computed: Moment): ScriptPart[] {
  const parts = places.map((p): ScriptPart => ({
    share: p.share,
    moment: p.moment,
    label: p.share < 0.999 ? shareName(p.share) : '',
    reason: `The method says “${p.words.slice(0, 160)}”.`,
    actId: p.actId,
    later: p.later,
    isBound: p.isBound,
    touchesRaw: p.touchesRaw,
    onRack: p.onRack,
    inBowl: p.inBowl,
    boilsDown: p.boilsDown,
    isCaramel: p.isCaramel,
  }));
  const left = 1 - parts.reduce((s, p) => s + p.share, 0);
  if (left > 0.01)
    parts.push({
      share: left,
      moment: computed,
      label: shareName(left),
      reason: 'The method names no more of it.',
    });
  return parts;
}

function placeLine(
  line: Line,
  read: ReadLine,
  index: number,
  context: RuleContext,
  scaled: Scaled,
  hint: LateHint | undefined,
  script: readonly ScriptPlace[] | undefined,
): PlacedItem[] {
  const { by, parts, ruleId, computed } = partsOf(line, read, context, hint, script);
  // How much rice stands beside it is nobody's question.
  const isOnlyServed = parts.every((p) => p.moment === 'serve') && read.food !== null && read.amount === null;
  const told: ReadLine = isOnlyServed ? { ...read, confidence: 'sure', doubt: '' } : read;
  return parts.map((part, partIndex) => ({
    lineId: line.id,
    index,
    line: standing(
      part.later && line.later === undefined ? { ...line, later: true } : line,
      part.inBowl ? 'bowl' : part.onRack ? 'rack' : undefined,
    ),
    ...(part.actId ? { actId: part.actId } : {}),
    touchesRaw: part.touchesRaw === true,
    ...(part.boilsDown === undefined ? {} : { boilsDown: part.boilsDown }),
    ...(part.isCaramel ? { isCaramel: true } : {}),
    ...(part.isBound && !MEATS.includes(read.food?.kind ?? 'other') ? { isInside: true } : {}),
    read: told,
    massG: scaleRange(read.massG, scaled.factor * part.share),
    factor: scaled.factor * part.share,
    scaleNote: scaled.note,
    share: part.share,
    part: part.label,
    partIndex,
    moment: part.moment,
    reason: part.reason,
    ruleId,
    by,
    computed: computed[partIndex] ?? part.moment,
    early: earlyOf(read, part, computed[partIndex] ?? part.moment, by),
  }));
}

/** A line where it really stands: on the rack or in a bowl of its own by the recipe's words, unless the cook says otherwise. */
function standing(line: Line, told: 'rack' | 'bowl' | undefined): Line {
  const { on, ...rest } = line;
  if (on === 'pot') return rest;
  return on === undefined && told ? { ...line, on: told } : line;
}

const MEATS: readonly FoodKind[] = KINDS.meat;
/** What would happen if something held back went in now, under the lid. */
export function harmNow(item: Pick<PlacedItem, 'read'>): string {
  const kind = item.read.food?.kind;
  const harm = kind && EARLY_HARMS.find((h) => h.kinds.includes(kind));
  return harm ? harm.harm : 'It was held back for a reason: see the counter.';
}

/**
 * The harm of an early part. What is shaped into balls does not lie on the floor; what comes for a second lid, and what the recipe itself
 * puts in at little loss, is cooked as it is told.
 */
function earlyOf(read: ReadLine, part: ScriptPart, computed: Moment, by: PlacedItem['by']): EarlyHarm | null {
  if (part.isBound || part.isCaramel) return null;
  const harm = harmOf(read, part.moment, computed);
  if (!harm || by !== 'method') return harm;
  // A marinade is a way of its own: it has lain on raw meat, so that it is cooked with it or not at all.
  if (part.touchesRaw) return SOURS.includes(harm.kinds[0] ?? 'other') ? { ...harm, ...MARINATED } : null;
  // Fried into the base a spoon at a time: the way of many curries.
  if (SOURS.includes(harm.kinds[0] ?? 'other') && (part.moment === 'aromatics' || part.moment === 'bloom'))
    return { ...harm, ...FRIED_IN };
  return harm.severity === 'note' || (part.later && harm.severity === 'careful') ? null : harm;
}

const SOURS: readonly FoodKind[] = ['sour-dairy'];
const MARINATED = {
  severity: 'note',
  harm: 'It grains a little under pressure, as marinades do. It has lain on raw meat, so it goes in with it, or is wiped off and thrown away: never stirred in at the end.',
} as const;
const FRIED_IN = {
  severity: 'note',
  harm: 'Fried into the base a spoon at a time, low and stirring, until the fat comes out: it grains a little, as such curries do. Held back to the end it stays smooth.',
} as const;
const FLOURED =
  'A floured coat browns well; half of it loosens into the liquid, thickens it early and catches. Shake it off well, and scrape.';

function harmOf(read: ReadLine, moment: Moment, computed: Moment): EarlyHarm | null {
  const food = read.food;
  if (!food || isHeldBack(moment) || !isHeldBack(computed)) return null;
  const harm = EARLY_HARMS.find((h) => h.kinds.includes(food.kind)) ?? null;
  // A floured coat is a school of its own: it browns, half of it stays on the meat, and what loosens counts against the liquid.
  return harm && moment === 'sear' && (food.kind === 'flour' || food.kind === 'starch')
    ? { ...harm, severity: 'careful', harm: FLOURED }
    : harm;
}
