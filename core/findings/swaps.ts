import { formatAmount } from '../dish/amountText';
import type { Line } from '../dish/dish';
import type { ReadLine } from '../dish/read';
import type { PlacedItem } from '../moments/item';
import type { Food } from '../pantry/food';
import type { Pantry } from '../pantry/pantry';
import { unitById } from '../quantity/units';
import { SWAPS, type Swap } from './data/swaps';
import type { Fix } from './finding';
import type { Kitchen } from '../kitchen/kitchen';
import { freeLineId } from './fixes';
import { breaksAny } from '../kitchen/needs';

/** A swap for one line: the fix, and what it costs. */
export interface SwapFix extends Fix {
  /** What it costs, in a cook's words. */
  cost: string;
  toId: string;
}

/**
 * What may stand in for a line, best first: what the line itself offers ("or water"), then the table. Swaps to a food the
 * people here may not eat are left out. Empty when the food is not known or nothing stands in for it.
 */
export function swapsFor(item: PlacedItem, kitchen: Kitchen, pantry: Pantry): SwapFix[] {
  const food = item.read.food;
  if (!food) return [];
  const out: SwapFix[] = [];
  const offered = item.read.orElse ? pantry.find(item.read.orElse)?.food : undefined;
  if (offered && !breaksAny(offered, kitchen))
    out.push({
      id: `swap-${item.lineId}-or`,
      label: `Use ${offered.names[0] ?? 'the other'} instead`,
      cost: 'The line offers it.',
      toId: offered.id,
      apply: (dish) => ({
        ...dish,
        lines: dish.lines.map((l) => (l.id === item.lineId ? reworded(l, item.read.orElse) : l)),
      }),
    });
  for (const swap of SWAPS) {
    const to = pantry.get(swap.toId);
    if (!to || !applies(swap, food, to, item.read) || breaksAny(to, kitchen)) continue;
    out.push({
      id: `swap-${item.lineId}-${swap.id}`,
      label: `${swap.to.split(',')[0] ?? swap.to} instead`,
      cost: swap.cost,
      toId: to.id,
      apply: (dish) => ({
        ...dish,
        lines: dish.lines.flatMap((l): Line[] => {
          if (l.id !== item.lineId) return [l];
          const main = reworded(l, swapText(item.read, swap, to));
          if (!swap.also) return [main];
          const grams = item.read.massG.mid * swap.also.perG;
          const beside = pantry.find(swap.also.name)?.food;
          return [main, { id: freeLineId(dish), text: `${spoonsOf(grams, beside)} ${swap.also.name}` }];
        }),
      }),
    });
  }
  return out;
}

function applies(swap: Swap, food: Food, to: Food, read: ReadLine): boolean {
  const isFrom = swap.from.ids?.includes(food.id) === true || swap.from.kinds?.includes(food.kind) === true;
  if (!isFrom) return false;
  if (to.id !== food.id) return true;
  return read.bone !== 'in' && /bone-in/.test(swap.to);
}

function reworded(line: Line, text: string): Line {
  const {
    foodId: _food,
    massG: _mass,
    cut: _cut,
    bone: _bone,
    thicknessMm: _mm,
    asSlurry: _slurry,
    ...rest
  } = line;
  return { ...rest, text: text.slice(0, 400), swappedFrom: line.swappedFrom ?? line.text };
}

/** The line in its new words: the same unit where it is a weight or a volume, else grams. */
function swapText(read: ReadLine, swap: Swap, to: Food): string {
  const { amount } = read;
  if (!amount || read.massG.mid <= 0) return swap.to;
  const unit = unitById(amount.unitId);
  const isMeasured = (unit.kind === 'mass' || unit.kind === 'volume') && !amount.content;
  const isVolume = unit.kind === 'volume';
  const isDense = Math.abs((read.food?.gPerMl ?? 1) / to.gPerMl - 1) < 0.35;
  const said =
    isMeasured && (!isVolume || isDense || swap.ratio === 1)
      ? formatAmount(amount, swap.ratio)
      : spoonsOf(read.massG.mid * swap.ratio, to);
  const when = read.written && read.written.moment !== 'sear' ? `, ${read.written.words}` : '';
  return `${said} ${swap.to}${when}`;
}

/** A weight as a cook measures it: spoons for a little, grams for more. */
function spoonsOf(massG: number, food: Food | undefined): string {
  const ml = massG / (food?.gPerMl ?? 1);
  if (ml < 2) return `${Math.max(0.25, Math.round((ml / 4.93) * 8) / 8)} tsp`;
  if (ml < 12) return `${Math.round((ml / 4.93) * 4) / 4} tsp`;
  if (ml < 45) return `${Math.round((ml / 14.79) * 4) / 4} tbsp`;
  return massG >= 1000 ? `${Math.round(massG / 10) / 100} kg` : `${Math.max(5, Math.round(massG / 5) * 5)} g`;
}

/** Puts the cook's own words back. */
export function swapBack(item: PlacedItem): Fix | null {
  const words = item.line.swappedFrom;
  if (words === undefined) return null;
  return {
    id: `swap-back-${item.lineId}`,
    label: 'Back to what was written',
    apply: (dish) => ({
      ...dish,
      lines: dish.lines.map((l) => {
        if (l.id !== item.lineId) return l;
        const { swappedFrom: _was, ...rest } = l;
        return { ...rest, text: words };
      }),
    }),
  };
}
