import { weigh } from '../dish/amount';
import { HEADING_MOMENTS } from '../dish/descriptors';
import { scaleOf, type Dish, type Line } from '../dish/dish';
import { DEFAULT_RULES, type HouseRules } from '../dish/houseRules';
import { isHeldBack, MOMENTS, type Moment } from '../dish/moment';
import { readLine, type ReadLine } from '../dish/read';
import type { FoodKind } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { exactly, scaleRange, type Range } from '../quantity/range';
import type { MeasureSystem } from '../quantity/units';
import { EARLY_HARMS, ruleFor, type EarlyHarm, type RuleContext } from './rules';

/** One line, or one part of a split line, at its moment. */
export interface PlacedItem {
  lineId: string;
  /** Position of the line in the dish. */
  index: number;
  line: Line;
  read: ReadLine;
  /** Grams at the plates wanted, this part only. */
  massG: Range;
  /** Share of the line in this part: 1 when it is not split. */
  share: number;
  /** "thin part", "thick part"; empty when it is not split. */
  part: string;
  moment: Moment;
  reason: string;
  ruleId: string;
  /** Who put it here: the rules, the words of the line, or the cook. */
  by: 'rule' | 'words' | 'cook';
  /** Where the rules alone would put it. */
  computed: Moment;
  /** Set when a held-back food stands before the pressure. */
  early: EarlyHarm | null;
}

/** What placing depends on besides the dish. */
export interface PlaceOptions {
  pantry: Pantry;
  system?: MeasureSystem;
  rules?: HouseRules;
}

const THIN: ReadonlySet<FoodKind> = new Set(['stock', 'water', 'juice']);

/** Reads one line of a dish with the cook's corrections applied. */
export function readDishLine(line: Line, options: PlaceOptions): ReadLine {
  const read = readLine(line.text, options.pantry, options.system);
  if (!line.foodId && !line.massG) return read;
  const food = line.foodId ? (options.pantry.get(line.foodId) ?? read.food) : read.food;
  const weighed = read.amount ? weigh(read.amount, food, options.system ?? 'us') : read.massG;
  return { ...read, food, massG: line.massG ? exactly(line.massG) : weighed, confidence: 'sure', doubt: '' };
}

/**
 * Splits a dish into moments: every line gets at least one placement with its reason, and the shares of a split line
 * add to one. Words in a line that ask for a moment are followed and judged; the cook's own choice always wins.
 */
export function placeDish(dish: Dish, options: PlaceOptions): PlacedItem[] {
  const rules: HouseRules = { ...(options.rules ?? DEFAULT_RULES), ...dish.rules };
  const scale = scaleOf(dish);
  const read = dish.lines.map((line) => readDishLine(line, options));
  const kinds = new Set(read.flatMap((r) => (r.food ? [r.food.kind] : [])));
  const isDeglazer = (r: ReadLine): boolean =>
    (r.food?.kind === 'wine' || r.food?.kind === 'beer' || r.food?.kind === 'spirit') &&
    r.written?.moment !== 'serve';
  const hasDeglazer = read.some(isDeglazer);
  const firstThin = read.findIndex((r) => r.food && THIN.has(r.food.kind) && !r.written);
  return dish.lines.flatMap((line, index) => {
    const r = read[index];
    if (!r) return [];
    const context: RuleContext = {
      rules,
      kinds,
      hasDeglazer,
      isFirstThin: index === firstThin,
      massG: r.massG.mid * scale,
    };
    return placeLine(line, r, index, context, scale);
  });
}

function placeLine(
  line: Line,
  read: ReadLine,
  index: number,
  context: RuleContext,
  scale: number,
): PlacedItem[] {
  const rule = ruleFor(read, context);
  const massG = scaleRange(read.massG, scale);
  const base = { lineId: line.id, index, line, read, ruleId: rule?.id ?? 'unknown' };
  const computed: Moment = rule?.moment ?? 'lid';
  const reason =
    rule?.reason ??
    'Not in the pantry yet: treated as an ordinary vegetable under the lid until you say what it is.';
  const whole = (moment: Moment, by: PlacedItem['by'], why: string): PlacedItem[] => [
    {
      ...base,
      massG,
      share: 1,
      part: '',
      moment,
      reason: why,
      by,
      computed,
      early: harmOf(read, moment, computed),
    },
  ];
  if (line.moment)
    return whole(
      line.moment,
      'cook',
      line.moment === computed ? reason : `You put it here. On its own: ${reason}`,
    );
  const heading = line.section ? HEADING_MOMENTS.find(([re]) => re.test(line.section ?? ''))?.[1] : undefined;
  const asked =
    read.written?.moment ??
    (heading && MOMENTS.indexOf(heading) > MOMENTS.indexOf(computed) ? heading : undefined);
  if (asked && asked !== computed) {
    const words = read.written?.moment === asked ? read.written.words : (line.section ?? '');
    return whole(asked, 'words', `The recipe says “${words}”.`);
  }
  const split = rule?.split;
  if (split && rule) {
    return [
      {
        ...base,
        massG: scaleRange(massG, split.share),
        share: split.share,
        part: split.label,
        moment: rule.moment,
        reason,
        by: 'rule',
        computed,
        early: null,
      },
      {
        ...base,
        massG: scaleRange(massG, 1 - split.share),
        share: 1 - split.share,
        part: split.restLabel,
        moment: split.restMoment,
        reason: split.restReason,
        by: 'rule',
        computed: split.restMoment,
        early: null,
      },
    ];
  }
  return whole(computed, 'rule', reason);
}

function harmOf(read: ReadLine, moment: Moment, computed: Moment): EarlyHarm | null {
  const food = read.food;
  if (!food || isHeldBack(moment) || !isHeldBack(computed)) return null;
  return EARLY_HARMS.find((h) => h.kinds.includes(food.kind)) ?? null;
}

const KIND_ORDER: readonly FoodKind[] = [
  'oil',
  'butter',
  'salt',
  'cured-meat',
  'sausage',
  'poultry',
  'red-meat',
  'ground-meat',
  'allium',
  'mushroom',
  'slow-veg',
  'aromatic',
  'spice-whole',
  'spice-ground',
  'wine',
  'beer',
  'spirit',
  'vinegar',
  'water',
  'stock',
  'stock-concentrate',
  'salty-sauce',
  'juice',
  'coconut-thin',
  'coconut-milk',
  'herb-woody',
  'root-veg',
  'pulse-dry',
  'pulse-cooked',
  'grain',
  'dried-fruit',
  'dried-mushroom',
  'fruit',
  'tomato-fresh',
  'tomato-chunky',
  'tomato-thick',
  'tomato-paste',
  'thick-sauce',
  'nut-paste',
  'starch',
  'flour',
  'gum',
  'coconut-cream',
  'cream-cheese',
  'cream',
  'milk',
  'sour-dairy',
  'egg',
  'cheese',
  'pasta',
  'quick-veg',
  'leaf',
  'sugar',
  'syrup',
  'mustard',
  'pickle',
  'nut',
  'spice-late',
  'herb-soft',
  'citrus',
];

/** Order of kinds within one moment: first in, first listed. */
const ORDER = new Map(KIND_ORDER.map((kind, i) => [kind, i]));

/** Items of one moment in the order they go in. */
export function inOrder(items: readonly PlacedItem[], moment: Moment): PlacedItem[] {
  const rank = (item: PlacedItem): number => ORDER.get(item.read.food?.kind ?? 'other') ?? ORDER.size;
  return items.filter((i) => i.moment === moment).sort((a, b) => rank(a) - rank(b) || a.index - b.index);
}
