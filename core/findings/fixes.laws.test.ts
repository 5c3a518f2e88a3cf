import { generatedDishes } from '../../demo/generated';
import { POT_PRESETS } from '../pot/pot';
import { SEVERITIES, type Finding } from './finding';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';

const kitchenAt = (i: number): Kitchen => ({
  ...defaultKitchen(),
  pots: [...POT_PRESETS],
  potId: POT_PRESETS[i % POT_PRESETS.length]!.id,
  needs: i % 9 === 0 ? ['no-dairy'] : i % 11 === 0 ? ['no-gluten'] : [],
});
const isMilder = (after: Finding | undefined, before: Finding): boolean =>
  !after || SEVERITIES.indexOf(after.severity) > SEVERITIES.indexOf(before.severity);

describe('every fix of every finding, over generated dishes', () => {
  const dishes = generatedDishes(120);

  it('clears the finding or lowers its severity; of a need with several lines it leaves fewer; and loses no line', () => {
    const failed: string[] = [];
    let tried = 0;
    dishes.forEach((dish, i) => {
      const kitchen = kitchenAt(i);
      for (const finding of planDish(dish, kitchen).findings)
        for (const fix of finding.fixes) {
          tried++;
          const changed = fix.apply(dish);
          const after = planDish(changed, kitchen).findings.find((f) => f.id === finding.id);
          const isSmaller =
            finding.about === 'needs' && after !== undefined && after.lineIds.length < finding.lineIds.length;
          const isSameLine = finding.about === 'needs' && after?.text === finding.text;
          if (!isMilder(after, finding) && !isSmaller && !(isSameLine && finding.lineIds.length > 1))
            failed.push(`${dish.id} ${finding.id}: ${fix.id}`);
          const kept = new Set(changed.lines.map((l) => l.id));
          if (!dish.lines.every((l) => kept.has(l.id))) failed.push(`${dish.id} ${fix.id} loses a line`);
        }
    });
    expect(failed).toEqual([]);
    expect(tried).toBeGreaterThan(300);
  });

  it('offers a way out of nearly every stop about the pot', () => {
    const stops = dishes.flatMap((dish, i) =>
      planDish(dish, kitchenAt(i)).findings.filter(
        (f) => f.severity === 'stop' && ['liquid', 'fill', 'floor'].includes(f.about),
      ),
    );
    const helped = stops.filter((f) => f.fixes.length > 0).length;
    expect(helped / stops.length).toBeGreaterThan(0.97);
  });
});
