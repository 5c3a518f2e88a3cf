import { carbShare } from '../pantry/data/carbs';
import { formatMass } from '../quantity/format';
import type { Finding, Fix } from './finding';
import type { FindingInput } from './input';
import { swapsFor } from './swaps';
import { capital, nameOf, listed } from './words';

export function needFindings({ needs, items, kitchen, pantry, dish }: FindingInput): Finding[] {
  return needs.map((broken): Finding => {
    const lines = items.filter((i) => i.partIndex === 0 && broken.lineIds.includes(i.lineId));
    const solves = (toId: string): boolean => {
      const food = pantry.get(toId);
      if (!food || broken.isAllergen) return food !== undefined;
      return lines.some((l) => {
        const was = l.read.food;
        return (
          was &&
          (broken.need === 'low-salt' ? food.salt < was.salt * 0.7 : carbShare(food) < carbShare(was) * 0.7)
        );
      });
    };
    const firsts = lines.slice(0, 4).flatMap((line) =>
      swapsFor(line, kitchen, pantry)
        .filter((s) => solves(s.toId))
        .slice(0, lines.length > 1 ? 1 : 2)
        .map((s) => ({ ...s, label: `${capital(s.label.replace(/ instead$/, ''))} for ${nameOf(line)}` })),
    );
    const all: Fix[] =
      firsts.length > 1 && lines.length > 1
        ? [
            {
              id: `swap-all-${broken.need}`,
              label: `Swap ${firsts.length === 2 ? 'both' : `all ${firsts.length}`}`,
              apply: (d) => firsts.reduce((x, fix) => fix.apply(x), d),
            },
          ]
        : [];
    const names = listed([...new Set(lines.map(nameOf))].slice(0, 4));
    const amount =
      broken.perPlateG === undefined
        ? ''
        : `about ${formatMass(broken.perPlateG, kitchen.units)} ${broken.need === 'low-salt' ? 'of salt' : 'of carbohydrate'} a plate at ${dish.plates} plates; the aim is ${formatMass(broken.mostG ?? 0, kitchen.units)}`;
    return {
      id: `need-${broken.need}`,
      severity: broken.isAllergen ? 'stop' : 'careful',
      about: 'needs',
      lineIds: broken.lineIds,
      text: `${broken.title}: ${broken.isAllergen ? names : amount.replace(/ at .*$/, '')}`,
      why: broken.isAllergen
        ? `Somebody who eats here cannot have it. Labels decide: read each one.`
        : `${capital(amount)}. Most of it from ${names}.`,
      fixes: [...all, ...firsts],
    };
  });
}
