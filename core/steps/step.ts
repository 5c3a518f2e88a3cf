import { evenedLine } from '../dish/evened';
import { sauceWay } from '../dish/dish';
import { formatAmount } from '../dish/amountText';
import { countedName } from '../dish/counted';
import { plainName } from '../dish/names';
import type { PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import { foodWords } from '../pantry/words';
import { around, type Range } from '../quantity/range';
import { boundWith, isSlurry } from '../pieces/binding';
import { thickenerById, type Thickener, type ThickenerId } from '../sauce/data/thickeners';
import type { DoseInput } from '../sauce/dose';
import { WORK } from '../pieces/data/work';
import type { Script } from '../script/act';
import type { FindingInput } from '../findings/index';

/** Stretches of the cook, in order; the ribbon shows one block for each. */
export const PHASES = [
  'prep',
  'sear',
  'soften',
  'deglaze',
  'up',
  'hold',
  'down',
  'again',
  'open',
  'thicken',
  'dairy',
  'finish',
] as const;
export type Phase = (typeof PHASES)[number];

/** One ingredient at the step where it is used. */
export interface StepItem {
  lineId: string;
  amount: string;
  name: string;
  note: string;
}

/** One thing to do at the pot, in the cook's words. */
export interface Step {
  id: string;
  phase: Phase;
  /** What kind of screen it wants: most are `do`. */
  kind: 'do' | 'comeUp' | 'hold' | 'release' | 'open' | 'meat' | 'measure' | 'thicken' | 'serve';
  title: string;
  text: string;
  items: StepItem[];
  heat: string;
  timer: { name: string; seconds: number } | null;
  durationS: Range;
  /** True when it needs hands; false when the cook is free. */
  hands: boolean;
  look: string;
  cautions: string[];
  /** The recipe's own words for it. */
  words?: string;
  /** What a stretch of the clock is called that is mostly this. */
  block?: string;
  /** A question that is asked, not assumed. */
  check: string | null;
}

/** What the steps are made from. */
export interface StepInput extends Pick<
  FindingInput,
  | 'dish'
  | 'kitchen'
  | 'rules'
  | 'pot'
  | 'items'
  | 'meat'
  | 'kinds'
  | 'liquid'
  | 'fill'
  | 'heat'
  | 'release'
  | 'ventAfterMin'
  | 'batches'
> {
  /** Thickness the sauce has before anything is added, per cent. */
  presentPercent: number;
  /** The method as acts, where there is one that can be followed. */
  script?: Script | null;
  /** What the cook took to thicken with, where it is not the recipe's or the household's. */
  thickener?: ThickenerId;
  /** The sum of the finish, for what is said of the recipe's own dose. */
  dosing?: DoseInput;
}

/** A step that is ordinary in all but what is said: a minute of handwork. */
export function step(id: string, phase: Phase, title: string, text: string, over: Partial<Step> = {}): Step {
  return {
    id,
    phase,
    kind: 'do',
    title,
    text,
    items: [],
    heat: '',
    timer: null,
    durationS: handwork(1),
    hands: true,
    look: '',
    cautions: [],
    check: null,
    ...over,
  };
}

/** Minutes of work with how far they vary, as seconds. */
export function handwork(minutes: number, spread: number = WORK.spread): Range {
  return around(minutes * 60, spread);
}

export const kindOf = (item: PlacedItem): FoodKind | undefined => item.read.food?.kind;

/** A line as it is said at the step: amount, name, and what part of it. */
export function stepItem(item: PlacedItem): StepItem {
  const said = item.read.amount ? formatAmount(item.read.amount, item.factor) : '';
  const plain = plainName(item.read.foodText);
  const name = countedName(item.read.foodText, item.read.amount, item.factor) || item.line.text;
  // "1 stick cinnamon stick", "2 leaves bay leaves": the unit is in the name already.
  const unit = /\s(\p{L}+)$/u.exec(said)?.[1];
  const isSaid = unit !== undefined && foodWords(name).includes(foodWords(unit)[0] ?? '');
  const counted = isSaid ? said.slice(0, -unit.length).trim() : said;
  // "1 whole chicken" is no piece of one.
  const isWhole = item.read.amount?.unitId === 'piece' && /\bwhole\b/i.test(item.read.text);
  const amount = isWhole ? counted.replace(/\bpieces?$/, 'whole') : counted;
  // "1,2 kg": a comma in a figure divides nothing.
  const text = evenedLine(item.read.text).replace(/(?<=\d),(?=\d)/g, '.');
  // "Bone-in, skin-on chicken thighs, trimmed": the name has a comma of its own.
  const named = item.read.foodText;
  const from = named.includes(',') ? Math.max(0, text.indexOf(named)) + named.length : 0;
  const after = text.includes(',', from)
    ? text
        .slice(text.indexOf(',', from) + 1)
        .replace(/(?:^|,)\s*(?:divided|separated)\s*$/i, '')
        .trim()
    : '';
  // "½ orange, zest": which of it.
  const isFruit = ['citrus', 'juice', 'spice-late'].includes(item.read.food?.kind ?? 'other');
  const part = item.read.juiceOnly ? 'juice' : item.read.zestOnly ? 'zest' : '';
  const isSaidBehind = /^(?:juiced?|zested?)\b/.test(after);
  const juice = isFruit && !isSaidBehind && !foodWords(name).includes(part) ? part : '';
  const taste = item.read.toTaste && !/taste/.test(after) ? 'to taste' : '';
  const cut = named.endsWith(plain)
    ? ''
    : named
        .slice(named.indexOf(plain) + plain.length)
        .replace(/^\s*piece$/i, '')
        .trim();
  // How much it is says what part of it.
  const note = [amount ? '' : item.part, juice, taste, cut, named.includes(after) ? '' : after]
    .filter(Boolean)
    .join(', ')
    // A bracket that began before the comma.
    .replace(/^([^()]*)\)+$/, '$1')
    .slice(0, 80);
  return { lineId: item.lineId, amount, name, note };
}

export const stepItems = (items: readonly PlacedItem[]): StepItem[] => items.map(stepItem);

/** True when the sauce will be bound with something: a house that does not only boil down, a dish that is not brothy. */
export function isBound({ rules, dish }: Pick<StepInput, 'rules' | 'dish'>): boolean {
  const { settings } = dish;
  return rules.thickener !== 'reduce' && settings.aim !== 'brothy' && sauceWay(settings) !== 'thin';
}

/** What the sauce is bound with: what the cook took, else the recipe's own, else the household's rule. */
export function bindingOf({
  rules,
  thickener,
  items,
}: Pick<StepInput, 'rules' | 'thickener' | 'items'>): Thickener {
  return thickenerById(thickener ?? boundWith(items, rules).thickener);
}

/** Sauce to reckon with, g: never so little that a spoonful of dairy chills it to nothing. */
export function sauceOf({ liquid, dosing }: Pick<StepInput, 'liquid' | 'dosing'>): number {
  return Math.max(100, dosing?.sauceG ?? liquid.sauceAfterG.mid);
}

/** What is stirred cold and poured in at the boil. */
export function slurryItems(items: readonly PlacedItem[]): PlacedItem[] {
  return items.filter(isSlurry);
}

/**
 * True of a step that may be ticked off before its turn: work of the hands, away from the lid. What the pot does, opening it,
 * and the check of the meat are told when they happen.
 */
export function mayBeDoneAhead(s: Pick<Step, 'kind' | 'phase' | 'hands' | 'check'>): boolean {
  const isOfThePot = ['up', 'hold', 'down', 'again', 'open'].includes(s.phase);
  return s.kind === 'do' && s.hands && s.check === null && !isOfThePot;
}

/** True when something will bind the sauce: by the recipe where it tells, by the house where there is none. */
export function willBind(input: Pick<StepInput, 'rules' | 'dish' | 'script' | 'items'>): boolean {
  if (!input.script) return isBound(input);
  return slurryItems(input.items).length > 0 || input.script.acts.some((a) => a.verb === 'thicken');
}

/** Names as they are said one after the other. */
export function listed(names: readonly string[]): string {
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}
