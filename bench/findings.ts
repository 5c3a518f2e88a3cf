import {
  defaultKitchen,
  planDish,
  POT_PRESETS,
  SEVERITIES,
  type Dish,
  type Finding,
  type Kitchen,
} from '../core/index';
import { generatedDishes } from '../demo/generated';

const DISHES = 2000;
/** Rounds of accepting the first fix of the worst finding before a dish is left as it is. */
const ROUNDS = 8;

const kitchenAt = (i: number): Kitchen => ({
  ...defaultKitchen(),
  pots: [...POT_PRESETS],
  potId: POT_PRESETS[i % POT_PRESETS.length]?.id ?? '',
});
const milder = (a: Finding['severity'], b: Finding['severity']): boolean =>
  SEVERITIES.indexOf(a) > SEVERITIES.indexOf(b);
const kindOf = (f: Finding): string => f.id.replace(/-(?:l|added-)\d+$/, '');

/** Findings of generated dishes before and after taking, again and again, the first fix of the worst finding that has one. */
export function benchFindings(): void {
  const before = new Map<string, number>();
  const after = new Map<string, number>();
  const count = (into: Map<string, number>, list: readonly Finding[]): void => {
    for (const f of list)
      if (f.severity === 'stop' || f.severity === 'careful')
        into.set(`${f.severity} ${kindOf(f)}`, (into.get(`${f.severity} ${kindOf(f)}`) ?? 0) + 1);
  };
  let fixes = 0;
  let held = 0;
  generatedDishes(DISHES).forEach((dish, i) => {
    const kitchen = kitchenAt(i);
    let now: Dish = dish;
    let findings = planDish(now, kitchen).findings;
    count(before, findings);
    for (const finding of findings)
      for (const fix of finding.fixes) {
        fixes++;
        const then = planDish(fix.apply(dish), kitchen).findings.find((f) => f.id === finding.id);
        if (!then || milder(then.severity, finding.severity)) held++;
      }
    for (let round = 0; round < ROUNDS; round++) {
      const fix = findings.find(
        (f) => (f.severity === 'stop' || f.severity === 'careful') && f.fixes.length > 0,
      )?.fixes[0];
      if (!fix) break;
      now = fix.apply(now);
      findings = planDish(now, kitchen).findings;
    }
    count(after, findings);
  });
  console.log(`\nFindings over ${DISHES} generated dishes, before and after accepting the fixes offered`);
  console.log(`${'finding'.padEnd(34)}${'before'.padStart(9)}${'after'.padStart(9)}`);
  for (const key of [...new Set([...before.keys(), ...after.keys()])].sort())
    console.log(
      `${key.padEnd(34)}${String(before.get(key) ?? 0).padStart(9)}${String(after.get(key) ?? 0).padStart(9)}`,
    );
  console.log(`${fixes} single fixes tried, ${held} cleared their finding or lowered its severity.`);
}
