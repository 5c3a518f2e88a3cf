import fc from 'fast-check';
import { DishSchema, emptyDish, type Dish } from '../dish/dish';
import { SCHOOLS, type HouseRules } from '../dish/houseRules';
import { POT_PRESETS } from '../pot/pot';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { layOutMeal, mealInput } from '../meal/index';
import { planDish } from './plan';
import { SIDES } from '../kitchen/data/sides';

/** Lines of every kind, good and odd, as they come. */
const LINES = [
  '800 g boneless chicken thighs, in 3 cm pieces',
  '1.2 kg frozen chicken drumsticks',
  '1 kg beef chuck, in 4 cm cubes',
  '2 lamb shanks',
  '500 g minced pork',
  '300 g pork sausages',
  '2 onions, chopped',
  '4 cloves garlic',
  '2 tbsp flour, stirred into the onions',
  '2 tsp smoked paprika',
  '100 ml white wine',
  '400 ml stock',
  '1 l water',
  '400 g tin chopped tomatoes',
  '150 ml double cream',
  '100 g yoghurt, with the stock',
  '60 g grated parmesan',
  '250 g penne',
  '150 g pearl barley',
  '400 g potatoes, in 3 cm pieces',
  '350 g potatoes, in thick slices',
  '200 g frozen peas',
  '3 tbsp peanut butter',
  '4 tbsp honey, for the glaze',
  '1 handful parsley',
  'juice of ½ lemon',
  'salt to taste',
  'rice, to serve',
  '200 g zamblefruit',
  '– – –',
  '🍲🍲',
];
const arbDish: fc.Arbitrary<Dish> = fc
  .record({
    lines: fc.subarray(LINES, { minLength: 0, maxLength: 14 }),
    plates: fc.integer({ min: 1, max: 12 }),
    later: fc.nat(20),
    potId: fc.constantFrom(null, ...POT_PRESETS.map((p) => p.id)),
    frozen: fc.constantFrom(null, true, false),
    pressure: fc.constantFrom('high', 'low'),
    aim: fc.constantFrom('brothy', 'coating', 'clinging', 'glaze'),
    sides: fc.subarray(
      SIDES.map((s) => s.id),
      { maxLength: 3 },
    ),
    hands: fc.constantFrom(1, 2),
  })
  .map((d) => {
    const dish = emptyDish('d', 'Any', 0);
    return DishSchema.parse({
      ...dish,
      plates: d.plates,
      lines: d.lines.map((text, i) => ({ id: `l${i}`, text, ...(i === d.later ? { later: true } : {}) })),
      settings: {
        ...dish.settings,
        potId: d.potId,
        frozen: d.frozen,
        pressure: d.pressure,
        aim: d.aim,
        meal: { serveAt: null, sides: d.sides, hands: d.hands, yesterday: false },
      },
    });
  });
const arbRules: fc.Arbitrary<Partial<HouseRules>> = fc
  .tuple(...SCHOOLS.map((s) => fc.constantFrom(...s.options.map((o) => o.id))))
  .map((ids) => Object.fromEntries(SCHOOLS.map((s, i) => [s.id, ids[i]])) as Partial<HouseRules>);
const arbKitchen: fc.Arbitrary<Kitchen> = fc
  .record({
    rules: arbRules,
    altitudeM: fc.integer({ min: 0, max: 3500 }),
    authority: fc.constantFrom('us', 'uk'),
    temperature: fc.constantFrom('C', 'F'),
    weight: fc.constantFrom('metric', 'us'),
  })
  .map((k): Kitchen => {
    const base = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };
    return {
      ...base,
      altitudeM: k.altitudeM,
      authority: k.authority as Kitchen['authority'],
      units: { temperature: k.temperature, weight: k.weight } as Kitchen['units'],
      rules: { ...base.rules, ...k.rules },
    };
  });

/** Everything that is said to the cook about a plan. */
const saidIn = (plan: ReturnType<typeof planDish>): string =>
  [
    ...plan.steps.flatMap((s) => [s.title, s.text, s.look, ...s.cautions, s.check ?? '']),
    ...plan.findings.flatMap((f) => [f.text, f.why, ...f.fixes.map((x) => x.label)]),
    ...plan.timing.tips.map((t) => t.text),
  ].join('\n');

describe('any dish, in any kitchen, under any rules', () => {
  it('has a plan whose figures are figures and whose words are words', () => {
    fc.assert(
      fc.property(arbDish, arbKitchen, (dish, kitchen) => {
        const plan = planDish(dish, kitchen);
        const said = saidIn(plan);
        expect(said).not.toMatch(/NaN|Infinity|undefined|null|\[object| {2}/);
        expect(said).not.toMatch(/\bsafe\b/i);
        if (kitchen.units.temperature === 'F') expect(said).not.toContain('°C');
        for (const s of plan.steps) {
          expect(s.durationS.low).toBeLessThanOrEqual(s.durationS.mid + 1e-9);
          expect(s.durationS.mid).toBeLessThanOrEqual(s.durationS.high + 1e-9);
          expect(s.durationS.low).toBeGreaterThanOrEqual(0);
          if (s.timer) expect(s.timer.seconds).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('says every step and every finding once', () => {
    fc.assert(
      fc.property(arbDish, arbKitchen, (dish, kitchen) => {
        const plan = planDish(dish, kitchen);
        const ids = plan.steps.map((s) => s.id);
        expect(new Set(ids).size).toBe(ids.length);
        const findings = plan.findings.map((f) => f.id);
        expect(new Set(findings).size).toBe(findings.length);
      }),
      { numRuns: 30 },
    );
  });

  it('uses every line that has a place, and nothing that was not written', () => {
    fc.assert(
      fc.property(arbDish, arbKitchen, (dish, kitchen) => {
        const plan = planDish(dish, kitchen);
        const used = new Set(
          plan.steps.filter((s) => s.id !== 'prep').flatMap((s) => s.items.map((i) => i.lineId)),
        );
        const known = new Set(dish.lines.map((l) => l.id));
        for (const id of used) expect(known.has(id)).toBe(true);
        const missing = plan.items
          .filter((i) => !used.has(i.lineId) && i.read.food)
          .map((i) => `${i.moment}: ${i.line.text}`);
        expect(missing).toEqual([]);
      }),
      { numRuns: 30 },
    );
  });

  it('is the same when it is planned again, and planning changes neither the dish nor the kitchen', () => {
    fc.assert(
      fc.property(arbDish, arbKitchen, (dish, kitchen) => {
        const before = JSON.stringify([dish, kitchen]);
        const first = JSON.stringify(planDish(dish, kitchen).steps);
        expect(JSON.stringify(planDish(dish, kitchen).steps)).toBe(first);
        expect(JSON.stringify([dish, kitchen])).toBe(before);
      }),
      { numRuns: 30 },
    );
  });

  it('lays out with its sides so that all is done by the table', () => {
    fc.assert(
      fc.property(arbDish, arbKitchen, (dish, kitchen) => {
        const plan = planDish(dish, kitchen);
        const meal = layOutMeal(mealInput(plan, kitchen));
        for (const t of meal.tasks) {
          expect(t.startS).toBeGreaterThanOrEqual(-1e-6);
          expect(t.endS).toBeLessThanOrEqual(meal.lengthS + 1e-6);
        }
        const dishS = plan.steps.reduce((s, x) => s + Math.round(x.durationS.mid), 0);
        expect(meal.lengthS).toBeGreaterThanOrEqual(dishS - plan.steps.length);
      }),
      { numRuns: 30 },
    );
  });
});
