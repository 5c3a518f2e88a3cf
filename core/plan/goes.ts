import { shortName } from '../dish/names';
import { actRows, type ActRow } from '../script/edit';
import type { Plan } from './plan';

/** The acts that a planned dish is cooked by, for changing their order; none where the table's order is used. */
export function goesRows({ script, dish, items }: Pick<Plan, 'script' | 'dish' | 'items'>): ActRow[] {
  if (!script) return [];
  const nameOf = (index: number): string => {
    const read = items.find((i) => i.index === index)?.read;
    return read ? shortName(read) : (dish.lines[index]?.text ?? '');
  };
  return actRows(script, dish.lines, nameOf);
}

/** Lines that no act takes: they go in where the table puts them. */
export function looseLines({
  script,
  dish,
  items,
}: Pick<Plan, 'script' | 'dish' | 'items'>): { lineId: string; name: string }[] {
  const taken = new Set(script?.acts.flatMap((a) => a.lines.map((l) => l.index)));
  return dish.lines.flatMap((line, index) => {
    const read = items.find((i) => i.index === index)?.read;
    return read?.food && !taken.has(index) ? [{ lineId: line.id, name: shortName(read) }] : [];
  });
}
