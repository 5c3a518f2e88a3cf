import type { FoodKind } from '../pantry/food';
import { KINDS } from './kinds';
import type { ScriptLine } from './line';

const of = (...kinds: readonly (readonly FoodKind[])[]): ReadonlySet<FoodKind> => new Set(kinds.flat());

/** What is followed by its kind when acts are put together. */
const GROUPS = {
  meat: of(KINDS.meat),
  fat: of(KINDS.fat),
  thin: of(KINDS.thin),
  cured: of(['cured-meat']),
  /** Spices and pastes that are fried for a moment. */
  flavour: of(KINDS.spice, ['tomato-paste', 'thick-sauce']),
  vegetable: of(KINDS.aromatic, ['slow-veg', 'quick-veg', 'root-veg']),
  tomato: of(['tomato-fresh', 'tomato-chunky', 'tomato-thick', 'tomato-paste']),
  /** What drinks as it boils. */
  boiled: of(['pasta', 'grain', 'pulse-dry', 'root-veg']),
  /** What loosens nothing from a floor. */
  dry: of(KINDS.spice, KINDS.aromatic, ['tomato-paste']),
  salt: of(['salt']),
  sweet: of(['sugar', 'syrup']),
  /** What meat is put in with, and tastes of. */
  seasoning: of(KINDS.spice, ['herb-woody', 'herb-soft', 'salt']),
} as const;

export type FoodGroup = keyof typeof GROUPS;

/** The lines of a dish, asked by position what they are. */
export class Foods {
  constructor(readonly lines: readonly ScriptLine[]) {}

  kindOf(line: number): FoodKind {
    return this.lines[line]?.read.food?.kind ?? 'other';
  }

  /** True of a line in one of these groups. */
  is(line: number, ...groups: readonly FoodGroup[]): boolean {
    return groups.some((group) => GROUPS[group].has(this.kindOf(line)));
  }

  /** True of an act that brings something, and all of it in one of these groups. */
  only(act: { lines: readonly { index: number }[] }, ...groups: readonly FoodGroup[]): boolean {
    return act.lines.length > 0 && act.lines.every((l) => this.is(l.index, ...groups));
  }

  /** True of an act that brings any of these groups. */
  some(act: { lines: readonly { index: number }[] }, ...groups: readonly FoodGroup[]): boolean {
    return act.lines.some((l) => this.is(l.index, ...groups));
  }

  /** Weight of the thin liquid that an act pours, g. */
  pouredG(act: { lines: readonly { index: number; share: number }[] }): number {
    return act.lines
      .filter((l) => this.is(l.index, 'thin'))
      .reduce((sum, l) => sum + (this.lines[l.index]?.read.massG.mid ?? 0) * l.share, 0);
  }
}
