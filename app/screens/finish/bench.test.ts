import { defaultKitchen, doseFor, emptyDish, planDish } from '../../../core/index';
import { demoHousehold } from '../../../demo/household';
import { benchFor, doseInput, sauceOnBench } from './bench';

const kitchen = defaultKitchen();
const pot = kitchen.pots[0]!;
const plan = planDish(
  {
    ...emptyDish('d', 'T', 0),
    lines: ['1 kg beef chuck', '500 ml stock', '150 ml double cream'].map((text, i) => ({
      id: `l${i}`,
      text,
    })),
  },
  kitchen,
);
const bench = { ...benchFor(undefined, kitchen.rules), way: 'jug' as const };

describe('what stands on the sauce bench', () => {
  it.each([
    ['jug', '750', 750],
    ['jug', '0,75', 0.75],
    ['scale', String(pot.emptyG + 800), 800],
    ['depth', '20', 760],
  ] as const)('%s %s', (way, reading, grams) => {
    const read = sauceOnBench({ ...bench, way, reading }, pot, undefined, kitchen);
    expect('sauceG' in read && Math.round(read.sauceG * 100) / 100).toBeCloseTo(grams, -0.5);
  });

  it.each(['', 'soup', '-4', '0', '99999999', '1e9', 'NaN'])('asks again for “%s”', (reading) => {
    expect(sauceOnBench({ ...bench, reading }, pot, undefined, kitchen)).toHaveProperty('ask');
  });

  it('knows when the pot would be empty, and when there is no dish to forecast from', () => {
    expect(sauceOnBench({ ...bench, way: 'scale', reading: '500' }, pot, undefined, kitchen)).toHaveProperty(
      'ask',
    );
    expect(sauceOnBench({ ...bench, way: 'forecast' }, pot, undefined, kitchen)).toHaveProperty('ask');
    expect(sauceOnBench({ ...bench, way: 'forecast' }, pot, plan, kitchen)).toHaveProperty('sauceG');
  });

  it('names for every dish of the kitchen the dose that its steps name', () => {
    const home = demoHousehold(Date.UTC(2026, 10, 28));
    for (const dish of home.dishes) {
      const made = planDish(dish, home.kitchen);
      const own = benchFor(made, made.rules, dish);
      const read = sauceOnBench(own, made.pot, made, home.kitchen);
      if (!('sauceG' in read)) throw new Error(`No sauce: ${dish.name}`);
      const { input, dose } = made.sauce;
      const onBench = doseFor({
        ...doseInput(own, read.sauceG, made.rules, made, 1),
        aimPercent: input.aimPercent,
      });
      expect([dish.name, onBench.thickener.id]).toEqual([dish.name, dose.thickener.id]);
      expect(onBench.starchG).toBeCloseTo(dose.starchG, 6);
    }
  });

  it('takes the dairy still to come and the household’s starch into the sum', () => {
    const own = benchFor(plan, kitchen.rules, plan.dish);
    expect(own.laterG).toBe(150);
    const strong = doseInput(own, 700, kitchen.rules, plan, 1.1);
    expect(strong.householdFactor).toBeLessThan(1);
    expect(strong.laterStrengthG).toBeCloseTo(plan.sauce.input.laterStrengthG ?? 0, 1);
  });
});
