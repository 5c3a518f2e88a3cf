import fc from 'fast-check';
import { emptyDish, type Dish } from '../dish/dish';
import { SCHOOLS } from '../dish/houseRules';
import { FOODS } from '../pantry/pantry';
import { bowlsFor } from './bowls';
import { consequencesOf } from '../plan/consequences';
import { defaultKitchen } from '../kitchen/kitchen';
import { outlookOf } from '../plan/outlook';
import { planDish } from '../plan/plan';
import { platesForMeat, platesToFill, scalingNotes } from '../plan/plates';
import { schoolsFor } from '../plan/schools';

const kitchen = defaultKitchen();
const dishOf = (...texts: string[]): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: texts.map((text, i) => ({ id: `l${i}`, text })),
});
const CURRY = dishOf(
  '900 g boneless chicken thighs, in 3 cm pieces',
  '2 tbsp oil',
  '2 onions, sliced',
  '4 cloves garlic',
  '1 tbsp ground cumin',
  '2 tsp turmeric',
  '300 ml chicken stock',
  '400 g tin chopped tomatoes',
  '200 g yoghurt',
  '1 tbsp cornflour',
  '200 g spinach',
  'juice of 1 lemon',
  'coriander, to serve',
);
const anyDish = fc
  .array(fc.tuple(fc.integer({ min: 5, max: 900 }), fc.constantFrom(...FOODS)), {
    minLength: 1,
    maxLength: 25,
  })
  .map((rows) => dishOf(...rows.map(([g, food]) => `${g} g ${food.names[0] ?? ''}`)));

describe('bowls', () => {
  it('puts all the ground spices in one bowl, and garlic apart from the onions', () => {
    const bowls = bowlsFor(planDish(CURRY, kitchen));
    const names = (id: string) => bowls.find((b) => b.id === id)?.items.map((i) => i.lineId);
    expect(names('spice')).toEqual(['l4', 'l5']);
    expect(names('aromatics')).toEqual(['l2']);
    expect(names('garlic')).toEqual(['l3']);
    expect(bowls.map((b) => b.id)).toEqual([
      'meat', 'fat', 'aromatics', 'garlic', 'spice', 'deglaze', 'pot-top', 'slurry', 'dairy', 'quick', 'last', 'table',
    ]); // prettier-ignore
    expect(bowls.find((b) => b.id === 'dairy')?.cold).toBe(true);
    expect(bowls.find((b) => b.id === 'spice')?.cold).toBe(false);
  });

  it('cuts nothing needed first while something else browns, and puts off what can wait', () => {
    const bowls = bowlsFor(planDish(CURRY, kitchen));
    expect(bowls.find((b) => b.id === 'meat')?.when).toBe('before');
    expect(bowls.find((b) => b.id === 'dairy')?.when).toBe('under-pressure');
  });

  it('holds every part of every line exactly once, in any dish', () => {
    fc.assert(
      fc.property(anyDish, (dish) => {
        const plan = planDish(dish, kitchen);
        const inBowls = bowlsFor(plan).flatMap((b) => b.items);
        expect(inBowls).toHaveLength(plan.items.length);
        expect(new Set(inBowls).size).toBe(plan.items.length);
      }),
      { numRuns: 60 },
    );
  });
});

describe('plates', () => {
  it('uses exactly the meat on hand', () => {
    const plan = planDish(CURRY, kitchen);
    const plates = platesForMeat(plan, 1350) ?? 0;
    expect(planDish({ ...CURRY, plates }, kitchen).meat[0]?.massG).toBeCloseTo(1350, -1);
    expect(platesForMeat(plan, 0)).toBeNull();
    expect(platesForMeat(plan, 1e7)).toBeNull();
    expect(platesForMeat(planDish(dishOf('2 onions'), kitchen), 500)).toBeNull();
  });

  it('fills the pot to the line and not over it', () => {
    const most = platesToFill(CURRY, kitchen);
    expect(planDish({ ...CURRY, plates: most }, kitchen).fill.shareOfLimit).toBeLessThanOrEqual(1);
    expect(planDish({ ...CURRY, plates: most + 1 }, kitchen).fill.shareOfLimit).toBeGreaterThan(1);
    expect(platesToFill(dishOf(), kitchen)).toBe(0);
  });

  it('never takes more minutes for more plates, and says what did not grow', () => {
    const one = planDish(CURRY, kitchen);
    const two = planDish({ ...CURRY, plates: 8 }, kitchen);
    expect(two.heat.holdS).toBeLessThanOrEqual(one.heat.holdS);
    expect(scalingNotes(one)).toEqual([]);
    expect(scalingNotes(two).join(' ')).toMatch(/Liquid is sized/);
  });

  it('halved, still has liquid enough if the whole had', () => {
    const half = planDish({ ...CURRY, plates: 2 }, kitchen);
    expect(half.liquid.countedMl.mid).toBeGreaterThan(planDish(CURRY, kitchen).liquid.countedMl.mid * 0.5);
  });
});

describe('what a choice changes', () => {
  it('is nothing against itself', () => {
    const plan = planDish(CURRY, kitchen);
    expect(consequencesOf(plan, planDish({ ...CURRY, updatedAt: 5 }, kitchen), kitchen.units)).toEqual([]);
  });

  it('turns better into worse the other way round', () => {
    const a = planDish(CURRY, kitchen);
    const b = planDish({ ...CURRY, rules: { browning: 'never' } }, kitchen);
    const there = consequencesOf(a, b, kitchen.units);
    const back = consequencesOf(b, a, kitchen.units);
    expect(there.find((c) => /on the table/.test(c.text))?.kind).toBe('better');
    expect(back.find((c) => /on the table/.test(c.text))?.kind).toBe('worse');
  });

  it('plans every option of every school that concerns the dish', () => {
    const plan = planDish(CURRY, kitchen);
    const schools = schoolsFor(CURRY, kitchen, plan);
    expect(schools.map((s) => s.school.id)).not.toContain('coconut');
    expect(schools.map((s) => s.school.id)).toContain('greens');
    for (const s of schools) expect(s.options.filter((o) => o.isChosen)).toHaveLength(1);
    const greens = schools.find((s) => s.school.id === 'greens');
    expect(greens?.options.find((o) => o.id === 'under')?.consequences.length).toBeGreaterThan(0);
  });

  it('has all seventeen schools, each with a reason and every option with its cost', () => {
    expect(SCHOOLS).toHaveLength(18);
    for (const s of SCHOOLS) {
      expect(s.because).toMatch(/\.$/);
      for (const o of s.options) expect(o.cost.length).toBeGreaterThan(5);
    }
  });

  it('gives the home screen what it shows', () => {
    const outlook = outlookOf(planDish(CURRY, { ...kitchen, needs: ['no-dairy'] }));
    expect(outlook.totalS[0]).toBeLessThan(outlook.totalS[1]);
    expect(outlook.broken).toEqual(['No dairy']);
    expect(outlook.worst?.severity).toBe('stop');
    expect(JSON.parse(JSON.stringify(outlook))).toEqual(outlook);
  });
});
