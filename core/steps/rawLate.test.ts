import { readdirSync } from 'node:fs';
import { scriptCases } from '../../corpora/judge';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { dishOf } from '../script/testing/telling';
import { isRawLate } from './rawLate';

const kitchen = defaultKitchen();
const planOf = (list: string, method: string) => planDish(dishOf(list, method), kitchen);

describe('raw meat that no lid has cooked', () => {
  const plan = planOf(
    '800 g boneless chicken; 400 g tomatoes; 1 onion; 400 ml water',
    'Thread the chicken on skewers and grill under a hot broiler for 10 minutes; it need not be cooked through. Put the tomatoes, onion and water in the cooker. Pressure cook for 8 minutes, quick release. Blend until silky. Add the chicken and simmer for 6 minutes. Serve.',
  );
  const titles = plan.steps.map((s) => s.title);

  it('is measured behind what cooks it', () => {
    const check = titles.findIndex((t) => t.startsWith('Check the'));
    expect(titles[check - 1]).toMatch(/^Simmer/);
    expect(plan.steps[check]?.check).toContain('74 °C');
    expect(titles.indexOf('To the table')).toBeGreaterThan(check);
  });

  it('has its caution where it is got ready, and nobody is told that there is no meat', () => {
    expect(plan.steps[0]?.cautions.some((c) => c.startsWith('Raw poultry'))).toBe(true);
    expect(plan.findings.some((f) => f.id === 'no-meat')).toBe(false);
  });
});

it('is measured once in every recipe of the corpora that has some, and in no other', () => {
  const cases = readdirSync('corpora/scripts')
    .flatMap((file) => scriptCases(`corpora/scripts/${file}`))
    .filter((_, i) => i % 6 === 0);
  const wrong = cases.filter(({ lines, method }) => {
    const { items, steps, script } = planOf(lines.join('; '), method);
    const late = script ? new Set(items.filter(isRawLate).map((i) => i.actId)).size : 0;
    return steps.filter((s) => s.id.startsWith('late-')).length !== late;
  });
  expect(wrong.map((c) => c.name)).toEqual([]);
  expect(cases.length).toBeGreaterThan(30);
});
