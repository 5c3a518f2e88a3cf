import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { DishSchema, emptyDish, type Dish } from '../dish/dish';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { formatMass } from '../quantity/format';
import { laterAdditions, presentStrengthG } from '../sauce/present';
import { thicknessOf, thickenerById } from '../sauce/data/thickeners';
import { doseFor, isWrittenRight, thicknessAfter } from '../sauce/dose';
import { waysToAim } from '../sauce/ways';
import { bowlsFor } from '../steps/bowls';
import { planDish, stepsOf, type Plan } from './plan';

/** One sum from tray to spoon: what thickens a dish, and how much of it, is the same wherever it is named. */

const MEATS = ['8 chicken thighs', '1 kg beef chuck, in 3 cm cubes', '800 g pork shoulder, in 3 cm cubes'];
const THICK = ['2 tbsp tomato paste', '400 g tin chopped tomatoes', '2 tbsp peanut butter', '1 tbsp flour'];
const LATE = ['150 ml double cream', '100 g sour cream'];
/** What a recipe binds with, and the sentence that does it; the last of them thickens nothing. */
const BINDS: readonly (readonly [line: string, sentence: string])[] = [
  ['% tbsp cornflour', 'Mix the cornflour with water and stir it in until thick.'],
  ['% tbsp arrowroot', 'Slake the arrowroot with water and stir it in to thicken.'],
  ['% tbsp potato starch', 'Stir the potato starch with water, pour it in and thicken.'],
  ['% tbsp flour', 'Whisk the flour with water and simmer it in until thickened.'],
  ['', ''],
];

const arbDish: fc.Arbitrary<Dish> = fc
  .record({
    meat: fc.constantFrom(...MEATS),
    stockMl: fc.integer({ min: 8, max: 60 }),
    thick: fc.subarray(THICK, { maxLength: 2 }),
    late: fc.subarray(LATE, { maxLength: 1 }),
    binds: fc.constantFrom(...BINDS),
    spoons: fc.integer({ min: 1, max: 6 }),
    sauce: fc.constantFrom('recipe', 'house', 'thin'),
    aim: fc.constantFrom('brothy', 'coating', 'clinging', 'glaze'),
    goesDown: fc.constantFrom('', 'Reduce the sauce by half.', 'Boil for 5 minutes.'),
    plates: fc.integer({ min: 2, max: 8 }),
  })
  .map((d) => {
    const [line, sentence] = d.binds;
    const dish = emptyDish('d', 'Any', 0);
    const lines = [
      d.meat,
      '1 onion, chopped',
      `${d.stockMl * 20} ml chicken stock`,
      ...d.thick,
      ...(line ? [line.replace('%', String(d.spoons))] : []),
      ...d.late,
    ];
    const cream = d.late.length ? 'Stir in the cream.' : '';
    return DishSchema.parse({
      ...dish,
      plates: d.plates,
      lines: lines.map((text, i) => ({ id: `l${i}`, text })),
      method: `Brown the meat. Soften the onion. Add everything else. High pressure 20 minutes, natural release. ${d.goesDown} ${sentence} ${cream} Serve.`,
      settings: { ...dish.settings, aim: d.aim, sauce: d.sauce },
    });
  });

const arbKitchen: fc.Arbitrary<Kitchen> = fc
  .constantFrom('cornstarch', 'arrowroot', 'potato', 'flour', 'reduce')
  .map((thickener) => {
    const kitchen = defaultKitchen();
    return { ...kitchen, rules: { ...kitchen.rules, thickener } } as Kitchen;
  });

/** Grams that the thickening step names, as it writes them. */
const gramsOf = (plan: Plan, kitchen: Kitchen): string[] => {
  const { input } = plan.sauce;
  return [input.writtenG ?? 0, doseFor(input).starchG].map((g) => formatMass(g, kitchen.units));
};

describe('dishes of every kind', () => {
  it('name one thickener and one dose in tray, steps and bowls, and never what may not be', () => {
    let bound = 0;
    let told = 0;
    fc.assert(
      fc.property(arbDish, arbKitchen, (dish, kitchen) => {
        const plan = planDish(dish, kitchen);
        const { input, dose } = plan.sauce;
        const steps = stepsOf(plan, kitchen);
        const binding = steps.filter((s) => s.kind === 'thicken');
        expect(binding.length).toBeLessThanOrEqual(1);
        // The dose of the plan is the dose of its own sum.
        expect(dose.starchG).toBeCloseTo(doseFor(input).starchG, 9);
        expect(dose.thickener.id).toBe(thickenerById(input.thickener).id);
        for (const step of binding) {
          // Grams in its words are those of the sum, or the recipe's own.
          bound++;
          const named = step.text.match(/(?<![\d.])\d[\d.]* g\b/g) ?? [];
          for (const grams of named) expect(gramsOf(plan, kitchen)).toContain(grams.replace(' ', ' '));
          told += named.length;
          // What it lists is what the tray holds for it, and what lies in the slurry cup.
          const held = plan.held.filter((i) => i.moment === 'thicken').map((i) => i.lineId);
          const listed = step.items.map((i) => i.lineId);
          expect(listed.every((id) => held.includes(id) || dish.lines.some((l) => l.id === id))).toBe(true);
          const cup = bowlsFor(plan).find((b) => b.id === 'slurry');
          if (listed.length && cup)
            expect(cup.items.map((i) => i.lineId).sort()).toEqual(expect.arrayContaining(listed.sort()));
        }
        if (dish.settings.sauce === 'thin') expect(binding).toEqual([]);
      }),
      { numRuns: draws(300), seed: 20261128 },
    );
    // Enough of them are bound, and name their grams, for the law to say something.
    expect(bound).toBeGreaterThan(90);
    expect(told).toBeGreaterThan(90);
  });

  it('sum what is thick in them already to the strength that the dose starts from', () => {
    fc.assert(
      fc.property(arbDish, (dish) => {
        const plan = planDish(dish, defaultKitchen());
        const { input } = plan.sauce;
        const each = plan.items.reduce((sum, item) => sum + presentStrengthG([item]), 0);
        expect(each).toBeCloseTo(presentStrengthG(plan.items), 9);
        if (input.sauceG > 0)
          expect((input.presentPercent * input.sauceG) / 100).toBeCloseTo(presentStrengthG(plan.items), 6);
        const already = plan.sauce.already.reduce((sum, part) => sum + part.percent, 0);
        expect(already).toBeCloseTo(input.presentPercent, 6);
        const later = plan.items.reduce((sum, item) => sum + laterAdditions([item]).massG, 0);
        expect(later).toBeCloseTo(input.laterG ?? 0, 6);
      }),
      { numRuns: draws(75), seed: 20261128 },
    );
  });

  it('offer no way that misses what is wanted, or leaves a pot too salt', () => {
    fc.assert(
      fc.property(arbDish, (dish) => {
        const { input } = planDish(dish, defaultKitchen()).sauce;
        const ways = waysToAim(input);
        const wanted = thicknessOf(dish.settings.aim).percent;
        for (const way of [ways?.thicken, ways?.both, ways?.boilDown]) {
          if (!way) continue;
          const left = { ...input, sauceG: way.leftG, presentPercent: input.presentPercent * way.saltFactor };
          const after = thicknessAfter(left, way.dose.starchG);
          const isOwn = Math.abs(way.dose.starchG - (input.writtenG ?? -1)) < 1e-6;
          // As thick as is wanted, or what was too thick already and only loosens.
          if (!isOwn && left.presentPercent < input.aimPercent)
            expect(after).toBeCloseTo(input.aimPercent, 1);
          // Salt is conserved, and never multiplied more than threefold.
          expect(way.saltFactor * way.leftG).toBeCloseTo(input.sauceG, 6);
          expect(way.saltFactor).toBeLessThanOrEqual(3);
        }
        if (input.writtenG && isWrittenRight(input))
          expect(Math.abs(thicknessAfter(input, input.writtenG) - input.aimPercent)).toBeLessThanOrEqual(
            Math.max(0.6, 0.4 * Math.max(wanted, input.aimPercent)),
          );
      }),
      { numRuns: draws(75), seed: 20261128 },
    );
  });
});
