import type { ReadLine } from '../dish/read';
import type { Pantry } from '../pantry/pantry';
import { foodWords } from '../pantry/words';
import { GROUPS, meansEverything } from './groups';
import { isMeat, type ScriptLine } from './line';
import { linesFound } from './naming';
import { LEFT_WATER, PLAIN_WATER } from './namingWords';
import { sameFoodTold } from './sameFood';

/** Whether a line only ends in "water", and the clause does not say which: "coconut water". */
const isWaterByName = ({ read }: ScriptLine, clause: string): boolean => {
  const [which = '', ...more] = foodWords(read.foodText);
  return (
    read.food?.kind !== 'water' && more.at(-1) === 'water' && !new RegExp(`\\b${which}`, 'i').test(clause)
  );
};

/**
 * Which lines a clause means, by position: by the food's whole name, by its head noun when no other line has it, by its section ("the
 * glaze"), by kind ("the spices", but for those in `notOfGroup`). "The chicken" means the meat and never its stock.
 */
export function linesMeant(
  clause: string,
  lines: readonly ScriptLine[],
  pantry: Pantry,
  notOfGroup: ReadonlySet<number> = new Set(),
): number[] {
  const found = new Set(linesNamed(clause, lines, pantry));
  const group = meansEverything(clause) ? undefined : GROUPS.find((g) => g.words.test(clause));
  // "All the dry spices except the garam masala".
  const except = group
    ? (/\b(?:except|apart from|but(?: not)?|bar|minus|without|save)(?: for)? ([^,;.]{3,60})/i.exec(
        clause,
      )?.[1] ?? '')
    : '';
  const spared = new Set(except ? linesNamed(except, lines, pantry) : []);
  if (group) {
    // Dried leaves by the spoon are among the spices.
    const isDriedHerb = ({ food, amount }: ReadLine): boolean =>
      group.kinds.includes('spice-ground') &&
      /^herb-/.test(food?.kind ?? '') &&
      /^(?:tsp|tbsp)$/.test(amount?.unitId ?? '');
    const of = lines.flatMap(({ read }, i) =>
      // The mash beside it is none of the vegetables.
      read.food?.id !== 'mashed-potato' &&
      read.food &&
      (group.kinds.includes(read.food.kind) || group.foods?.includes(read.food.id) || isDriedHerb(read))
        ? [i]
        : [],
    );
    const ofPart = ofOnePart(of, [...found], lines);
    const others = ofPart.filter((i) => !notOfGroup.has(i));
    for (const i of others.length ? others : ofPart) found.add(i);
    for (const i of spared) found.delete(i);
  }
  dropWhatIsNoName(clause, lines, found);
  return [...sameFoodTold(clause, lines, found)].sort((a, b) => a - b);
}

/** "The spices, sugar and salt", all of the rub: those spices, and no mustard of the sauce. */
function ofOnePart(
  group: readonly number[],
  named: readonly number[],
  lines: readonly ScriptLine[],
): readonly number[] {
  const parts = new Set(named.filter((i) => !isMeat(lines[i] as ScriptLine)).map((i) => lines[i]?.section));
  const [part] = parts;
  const mine = group.filter((i) => lines[i]?.section === part);
  return parts.size === 1 && part !== undefined && mine.length > 0 ? mine : group;
}

/** Takes out what a clause only seems to name: mash where something is mashed, coconut water where water is poured. */
function dropWhatIsNoName(clause: string, lines: readonly ScriptLine[], found: Set<number>): void {
  if (
    /^\W*mash\b(?!\W*$|(?: \p{L}+)? (?:alongside|beside|underneath|on the side|to serve)\b| alongside| beside)/iu.test(
      clause,
    )
  ) {
    const said = foodWords(clause);
    for (const i of [...found]) {
      const own = foodWords(lines[i]?.read.foodText ?? '');
      if (/^mash/.test(own[0] ?? '') && !own.slice(1).some((w) => said.includes(w))) found.delete(i);
    }
  }
  if (PLAIN_WATER.test(clause))
    for (const i of [...found]) if (isWaterByName(lines[i] as ScriptLine, clause)) found.delete(i);
}

/** Named before, by the list: a reading asks the same of a clause several times. */
const NAMED_BEFORE = new WeakMap<readonly ScriptLine[], Map<string, readonly number[]>>();

/** As `linesMeant`, without what a group word brings. Kept for as long as the list is. */
export function linesNamed(told: string, lines: readonly ScriptLine[], pantry: Pantry): number[] {
  let before = NAMED_BEFORE.get(lines);
  if (!before) NAMED_BEFORE.set(lines, (before = new Map()));
  let named = before.get(told);
  if (!named) before.set(told, (named = namedAfresh(told, lines, pantry)));
  return [...named];
}

function namedAfresh(told: string, lines: readonly ScriptLine[], pantry: Pantry): number[] {
  const found = linesFound(told, lines, pantry, (except) => linesMeant(except, lines, pantry));
  const clause = told.replace(LEFT_WATER, ' ');
  dropWhatIsNoName(clause, lines, found);
  return [...sameFoodTold(clause, lines, found)].sort((a, b) => a - b);
}
