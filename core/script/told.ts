import type { FoodKind } from '../pantry/food';
import type { Act } from './act';
import type { ScriptLine } from './line';
import { SAYS } from './data/says';
import { type Stage } from './data/verbs';
import { DOUGH_G, KINDS } from './kinds';

/** One clause with all that its verb is told from. */
export interface Telling {
  text: string;
  /** Where the pot stands. */
  stage: Stage;
  /** Lines that it means, by position. */
  meant: readonly number[];
  lines: readonly ScriptLine[];
  /** The act before it. */
  last: Act | undefined;
  /** Something was lifted out of this pot, and may go back. */
  wasTakenOut: boolean;
  /** True while some of a line is still to come. */
  isToCome: (line: number) => boolean;
  /** The clause that is next. */
  next: string;
  /** The clauses that come soon, the next among them. */
  soon: readonly string[];
}

/** The same with what its words say, and of what kinds the foods are that it means. */
export interface Told extends Telling {
  /** The verb of its words alone. */
  said: string | null;
  kinds: readonly FoodKind[];
  /** True where it means foods, and all of these kinds. */
  all: (group: readonly FoodKind[]) => boolean;
  /** True where it means a food of these kinds. */
  some: (group: readonly FoodKind[]) => boolean;
  /** True of a line that thickens: what is served beside it binds nothing, polenta under a stew. */
  isBinder: (line: number) => boolean;
  /** What makes a dough rise is among what it means. */
  isRisen: boolean;
  /** A binder is among what it brings. */
  bindsWith: boolean;
}

/** Looks a clause over once, for every rule that asks. */
export function toldBy(telling: Telling): Told {
  const { text, stage, meant, lines, isToCome } = telling;
  const kinds = meant.flatMap((i) => lines[i]?.read.food?.kind ?? []);
  const isRisen = meant.some((i) => RISES.test(lines[i]?.read.known ?? ''));
  const isBinder = (i: number): boolean =>
    !isDough(lines[i]) &&
    !(isRisen && meant.includes(i)) &&
    (KINDS.starch as readonly string[]).includes(lines[i]?.read.food?.kind ?? '') &&
    lines[i]?.read.written?.moment !== 'serve';
  return {
    ...telling,
    said: SAYS.find((s) => (!s.stages || s.stages.includes(stage)) && s.words.test(text))?.verb ?? null,
    kinds,
    all: (group) => kinds.length > 0 && kinds.every((k) => group.includes(k)),
    some: (group) => kinds.some((k) => group.includes(k)),
    isBinder,
    isRisen,
    bindsWith: meant.some((i) => isBinder(i) && isToCome(i)),
  };
}

/** "Put it back on the heat", "switch back to sauté": the pot, and nothing that was lifted out. */
export const BACK_ON_HEAT =
  /\bback (?:(?:on|onto|over|in|into)(?: the| a)?|to the) (?:\p{L}+ )?(?:heat|hob|stove|flame|fire|burner|stovetop)\b|\bback (?:to|on|onto|into) (?:the )?(?:\p{L}+ )?(?:saut|simmer(?:ing)? mode|browning mode)|\breturn (?:the |your )?(?:\p{L}+ )?(?:pot|cooker|pan|insert)\b.{0,12}\bto\b.{0,16}\b(?:heat|hob|stove|flame|burner)\b/iu;
/** What makes a dough rise: flour that is whisked with it binds no sauce. */
const RISES = /\b(?:baking (?:powder|soda)|bicarb\w*|bicarbonate|yeast|self[- ]rais\w+)\b/i;
export const isDough = (line: ScriptLine | undefined): boolean =>
  line?.read.food?.kind === 'flour' && line.read.massG.mid > DOUGH_G && /\bflour\b/.test(line.read.known);
export const FRIED_TOGETHER: readonly FoodKind[] = [
  'oil',
  'sugar',
  ...KINDS.aromatic,
  ...KINDS.spice,
  'slow-veg',
  'root-veg',
  'butter',
  'tomato-fresh',
  'tomato-paste',
  'herb-woody',
];

/** A rule that knows the verb of some clauses: null where such a clause is no act, undefined where it is not the rule's to say. */
export type Rule = (t: Told) => string | null | undefined;

/** What the first rule says that knows the clause; the verb of its words alone where none does. */
export function firstOf(rules: readonly Rule[], t: Told): string | null {
  for (const rule of rules) {
    const verb = rule(t);
    if (verb !== undefined) return verb;
  }
  return t.said;
}
