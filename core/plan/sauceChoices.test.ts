import { emptyDish, type Dish, type DishSettings } from '../dish/dish';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from './plan';
import { sauceChoices } from './sauceChoices';

const kitchen = defaultKitchen();
const COOKED = 'Put the chicken and stock in the pot. High pressure for 8 minutes, quick release.';
const dishOf = (method: string, lines: string[], settings: Partial<DishSettings> = {}): Dish => {
  const dish = emptyDish('d', 'Test', 0);
  return {
    ...dish,
    method,
    lines: lines.map((text, i) => ({ id: `l${i}`, text })),
    settings: { ...dish.settings, ...settings },
  };
};
const THIN = ['900 g boneless chicken thighs', '400 ml chicken stock', '100 ml double cream'];
const BOUND = [...THIN, '2 tbsp cornstarch', '2 tbsp water'];
const ASIS = `${COOKED} Stir in the cream and serve.`;
const BINDS = `${COOKED} Whisk the cornstarch with the water, stir in and simmer until thick. Stir in the cream and serve.`;
const ids = (dish: Dish): string[] => planDish(dish, kitchen).steps.map((s) => s.id);

describe('the sauce of a dish is the recipe’s, the house’s, or left thin', () => {
  it('thickens nothing unasked, and where the house asks, before what must not boil', () => {
    expect(ids(dishOf(ASIS, THIN))).not.toContain('thicken');
    const asked = planDish(dishOf(ASIS, THIN, { sauce: 'house', aim: 'gravy' }), kitchen);
    const at = (phase: string): number => asked.steps.findIndex((s) => s.phase === phase);
    expect(asked.steps.map((s) => s.id)).toContain('thicken');
    expect(asked.steps.findIndex((s) => s.id === 'thicken')).toBeLessThan(at('dairy'));
  });

  it('leaves thin what is to be thin: no step, tray or bowl with the starch, and a word that it is left out', () => {
    const plan = planDish(dishOf(BINDS, BOUND, { sauce: 'thin' }), kitchen);
    expect(plan.steps.map((s) => s.id)).not.toContain('thicken');
    expect(plan.held.map((i) => i.read.food?.id)).not.toContain('cornstarch');
    expect(plan.steps.flatMap((s) => s.items.map((i) => i.lineId))).not.toContain('l3');
    expect(plan.findings.find((f) => f.id === 'left-thin')?.text).toMatch(/cornstarch/);
    const again = plan.findings.find((f) => f.id === 'left-thin')!.fixes[0]!.apply(plan.dish);
    expect(ids(again)).toEqual(ids(dishOf(BINDS, BOUND)));
  });

  it('is as thin as it is where a house likes it brothy, and a glaze where it wants one', () => {
    expect(ids(dishOf(BINDS, BOUND, { sauce: 'house', aim: 'brothy' }))).toEqual(
      ids(dishOf(BINDS, BOUND, { sauce: 'thin' })),
    );
    const glazed = planDish(
      dishOf(ASIS, [...THIN, '100 g honey'], { sauce: 'house', aim: 'glaze' }),
      kitchen,
    );
    expect(glazed.script?.acts.map((a) => a.verb)).toContain('glaze');
  });

  it('says what the spoon will show of each, and the recipe’s way only where there is one', () => {
    const shows = (dish: Dish): Record<string, string> =>
      Object.fromEntries(sauceChoices(planDish(dish, kitchen)).map((c) => [c.id, c.shows.id]));
    const asis = shows(dishOf(ASIS, THIN, { aim: 'gravy' }));
    expect(asis).toEqual({ recipe: asis['thin'], thin: asis['thin'], house: 'gravy' });
    const binds = shows(dishOf(BINDS, BOUND));
    expect(binds['recipe']).not.toBe(binds['thin']);
    for (const sauce of ['house', 'thin'] as const)
      expect(shows(dishOf(BINDS, BOUND, { sauce }))['recipe']).toBe(binds['recipe']);
    expect(Object.keys(shows(dishOf('', THIN)))).toEqual(['thin', 'house']);
  });
});
