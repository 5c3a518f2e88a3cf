import { DAIRY_CLASSES } from '../pantry/food';
import { curdling, type CurdleInput } from './curdle';

const SAUCE: CurdleInput = {
  dairy: 'milk',
  dairyG: 200,
  sauceG: 800,
  sharpness: 0.2,
  boundPercent: 0.4,
  atC: 116,
};

describe('what splits', () => {
  it.each(DAIRY_CLASSES)(
    '%s: never better for more heat, acid or dairy, never worse for more starch',
    (dairy) => {
      const chance = (change: Partial<CurdleInput>): number =>
        curdling({ ...SAUCE, dairy, ...change }).chance;
      for (let i = 0; i < 10; i++) {
        expect(chance({ atC: 71 + 5 * i })).toBeGreaterThanOrEqual(chance({ atC: 70 + 5 * i }));
        expect(chance({ sharpness: (i + 1) / 10 })).toBeGreaterThanOrEqual(chance({ sharpness: i / 10 }));
        expect(chance({ boundPercent: (i + 1) / 5 })).toBeLessThanOrEqual(chance({ boundPercent: i / 5 }));
        expect(chance({ dairyG: 20 * (i + 1) })).toBeGreaterThanOrEqual(chance({ dairyG: 20 * i }));
      }
      expect(chance({ dairyG: 0 })).toBe(0);
      expect(chance({ sauceG: 0 })).toBeLessThanOrEqual(1);
    },
  );

  it('says what is known of kitchens: cream mostly stands, milk and yoghurt do not, a spoonful is not seen', () => {
    const under = (dairy: CurdleInput['dairy'], change: Partial<CurdleInput> = {}): number =>
      curdling({ ...SAUCE, dairy, sharpness: 0, boundPercent: 0, ...change }).chance;
    expect(under('heavy-cream')).toBeLessThan(0.4);
    expect(under('evaporated-milk')).toBeLessThan(0.6);
    expect(under('milk')).toBeGreaterThan(0.9);
    expect(under('yoghurt-full')).toBeGreaterThan(0.9);
    expect(under('yoghurt-lean', { dairyG: 15 })).toBeLessThan(0.2);
    // Off the boil, at what its own row of the finish allows, hardly any does.
    expect(under('sour-cream', { atC: 75 })).toBeLessThan(0.1);
    expect(under('yoghurt-full', { atC: 70 })).toBeLessThan(0.1);
    expect(under('heavy-cream', { atC: 98 })).toBeLessThan(0.1);
  });

  it('tells sharpness and binding apart as reasons', () => {
    const told = curdling({ ...SAUCE, dairy: 'heavy-cream', sharpness: 0.6, boundPercent: 1 });
    expect(told.bySharpness).toBeGreaterThan(0);
    expect(told.byBinding).toBeGreaterThan(0);
    expect(curdling({ ...SAUCE, sharpness: 0 }).bySharpness).toBe(0);
    expect(curdling({ ...SAUCE, boundPercent: 0 }).byBinding).toBe(0);
  });
});
