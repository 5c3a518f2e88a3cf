import fc from 'fast-check';
import { demoHousehold } from '../../demo/household';
import { emptyDish, type Dish } from '../dish/dish';
import { SIDE_WORDS, SIDES, SideSchema, type Side } from '../kitchen/data/sides';
import { mealInput, wishTime } from './meal';
import { planDish } from '../plan/plan';
import { sidesNamed } from '../kitchen/sides';
import { answerWish, layOutMeal, soonerWays, yesterdayOf, type Meal, type MealInput } from './serve';

const demo = demoHousehold(Date.UTC(2026, 10, 24));
const PLANS = demo.dishes.map((dish) => planDish(dish, demo.kitchen));
const inputOf = (n: number, sides: readonly Side[], over: Partial<MealInput['means']> = {}): MealInput => ({
  ...mealInput(PLANS[n % PLANS.length]!, demo.kitchen),
  sides,
  means: { hands: 1, burners: 4, oven: true, yesterday: false, ...over },
});
const anyMeal = fc.record({
  n: fc.nat({ max: PLANS.length - 1 }),
  sides: fc.uniqueArray(fc.constantFrom(...SIDES), { maxLength: 4 }),
  hands: fc.constantFrom(1 as const, 2 as const),
  burners: fc.integer({ min: 1, max: 4 }),
  yesterday: fc.boolean(),
});

/** Most tasks of a kind at any one moment. */
function most(meal: Meal, which: (t: Meal['tasks'][number]) => boolean): number {
  const mine = meal.tasks.filter(which);
  return Math.max(
    0,
    ...mine.map((t) => mine.filter((o) => o.startS <= t.startS + 1e-6 && o.endS > t.startS + 1e-6).length),
  );
}

describe('a meal laid out backwards', () => {
  it('never asks for more hands, burners or oven than there are, ends everything by the table, and keeps each order', () => {
    fc.assert(
      fc.property(anyMeal, ({ n, sides, hands, burners, yesterday }) => {
        const meal = layOutMeal(inputOf(n, sides, { hands, burners, yesterday }));
        expect(most(meal, (t) => t.hands)).toBeLessThanOrEqual(hands);
        expect(most(meal, (t) => t.uses === 'burner' && t.side !== null)).toBeLessThanOrEqual(burners);
        expect(most(meal, (t) => t.uses === 'oven')).toBeLessThanOrEqual(1);
        for (const t of meal.tasks) {
          expect(t.startS).toBeGreaterThanOrEqual(-1e-6);
          expect(t.endS).toBeLessThanOrEqual(meal.lengthS + 1e-6);
          if (t.hands) expect(t.who === 0 || (hands === 2 && t.who === 1)).toBe(true);
        }
        for (const side of sides) {
          const mine = side.tasks.flatMap((_, i) => meal.tasks.find((t) => t.id === `${side.id}-${i}`) ?? []);
          mine.forEach((t, i) => i && expect(t.startS).toBeGreaterThanOrEqual(mine[i - 1]!.endS - 1e-6));
        }
        for (const who of [0, 1]) expect(most(meal, (t) => t.who === who)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 120 },
    );
  });

  it('gives every moment of two cooks one thing to do each, whichever task was placed first', () => {
    const sides = ['salad', 'mash', 'greens'].map((id) => SIDES.find((s) => s.id === id)!);
    for (const [n] of PLANS.entries()) {
      const meal = layOutMeal(inputOf(n, sides, { hands: 2, burners: 1 }));
      for (const who of [0, 1]) expect(most(meal, (t) => t.who === who)).toBeLessThanOrEqual(1);
      expect(meal.tasks.some((t) => t.side !== null && t.who === 1)).toBe(true);
    }
  });

  it('leaves no gap in the dish itself and does every task once', () => {
    for (const [n] of PLANS.entries()) {
      const input = inputOf(n, SIDES.slice(0, 3));
      const meal = layOutMeal(input);
      const own = meal.tasks.filter((t) => t.side === null);
      own.forEach((t, i) => i && expect(t.startS).toBeCloseTo(own[i - 1]!.endS, 0));
      expect(own.at(-1)?.endS).toBeCloseTo(meal.lengthS, 0);
      expect(new Set(meal.tasks.map((t) => t.id)).size).toBe(meal.tasks.length);
      const tasks = input.sides.reduce((s, side) => s + side.tasks.length, 0);
      expect(meal.tasks.length - own.length).toBe(tasks);
    }
  });

  it('is never longer with a second pair of hands, nor with yesterday’s work done', () => {
    fc.assert(
      fc.property(anyMeal, ({ n, sides, burners }) => {
        const base = layOutMeal(inputOf(n, sides, { burners })).lengthS;
        expect(layOutMeal(inputOf(n, sides, { burners, hands: 2 })).lengthS).toBeLessThanOrEqual(base + 1);
        expect(layOutMeal(inputOf(n, sides, { burners, yesterday: true })).lengthS).toBeLessThanOrEqual(
          base + 1,
        );
      }),
      { numRuns: 60 },
    );
  });

  it('puts the side dishes into the stretch when hands are free', () => {
    const input = inputOf(1, [SIDES.find((s) => s.id === 'mash')!]);
    const alone = layOutMeal({ ...input, sides: [] });
    expect(layOutMeal(input).lengthS).toBeCloseTo(alone.lengthS, 0);
  });

  it('says what waits too long, and what to do about it', () => {
    const meal = layOutMeal(inputOf(0, [SIDES.find((s) => s.id === 'noodles')!]));
    const drained = meal.tasks.find((t) => t.id === 'noodles-2');
    expect(drained?.waitsS).toBeGreaterThan(0);
    expect(drained?.note).toMatch(/cold/);
    const two = layOutMeal(inputOf(0, [SIDES.find((s) => s.id === 'noodles')!], { hands: 2 }));
    expect(two.tasks.find((t) => t.id === 'noodles-2')?.waitsS).toBe(0);
  });

  it('leaves out what is done, so that being late re-plans from now', () => {
    const input = inputOf(2, []);
    const done = new Set(input.steps.slice(0, 4).map((s) => s.id));
    const rest = layOutMeal({ ...input, done });
    expect(rest.tasks.some((t) => done.has(t.id))).toBe(false);
    expect(rest.lengthS).toBeLessThan(layOutMeal(input).lengthS);
  });

  it('without an oven bakes nothing in it', () => {
    const meal = layOutMeal(inputOf(3, [SIDES.find((s) => s.id === 'rice-oven')!], { oven: false }));
    expect(meal.tasks.some((t) => t.uses === 'oven')).toBe(false);
  });

  it('lists what can be done the day before', () => {
    const list = yesterdayOf(inputOf(1, [SIDES.find((s) => s.id === 'flatbread')!]));
    expect(list.map((t) => t.side)).toEqual([null, 'Flatbread', 'Flatbread']);
  });
});

describe('a wish for the table', () => {
  const meal = { lengthS: 3600 };
  const now = Date.UTC(2026, 10, 24, 17);
  it('is met when there is time, and otherwise says by how much and offers the nearest', () => {
    expect(answerWish(meal, now + 2 * 3600_000, now)).toEqual({
      startAt: now + 3600_000,
      tableAt: now + 2 * 3600_000,
      lateS: 0,
    });
    expect(answerWish(meal, now + 1800_000, now)).toEqual({
      startAt: now,
      tableAt: now + 3600_000,
      lateS: 1800,
    });
    expect(answerWish(meal, null, now).startAt).toBe(now);
  });

  it('takes a time gone by as today and missed, and one long gone as tomorrow', () => {
    const midnight = Date.UTC(2026, 10, 24);
    expect(wishTime('16:30', midnight, now)).toBe(now - 1800_000);
    expect(wishTime('04:00', midnight, now)).toBe(midnight + 28 * 3600_000);
  });

  it('offers ways to be sooner that really are', () => {
    const input = inputOf(4, [
      SIDES.find((s) => s.id === 'flatbread')!,
      SIDES.find((s) => s.id === 'salad')!,
    ]);
    const before = layOutMeal(input).lengthS;
    const ways = soonerWays(input);
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) expect(before - way.savesS).toBeGreaterThan(0);
    expect(ways.find((w) => w.id === 'yesterday')?.savesS).toBeGreaterThan(60);
  });
});

describe('the library of side dishes', () => {
  it('passes its own schema, with ids of its own', () => {
    for (const side of SIDES) expect(SideSchema.safeParse(side).success).toBe(true);
    expect(new Set(SIDES.map((s) => s.id)).size).toBe(SIDES.length);
    expect(SIDES.filter((s) => s.id.startsWith('rice')).length).toBe(3);
  });
});

describe('sides that a dish names for itself', () => {
  const named = (lines: readonly string[], method = ''): string[] => {
    const dish: Dish = {
      ...emptyDish('d', 'Stew', 0),
      lines: ['800 g lamb shoulder, cubed', '400 ml stock', ...lines].map((text, i) => ({
        id: `l${i}`,
        text,
      })),
      method,
    };
    return sidesNamed(planDish(dish, demo.kitchen));
  };

  it.each([
    ['egg noodles, to serve', ['noodles']],
    ['Cooked basmati rice, to serve', ['rice-absorbed']],
    ['To serve: boiled new potatoes (800 g)', ['potatoes']],
    ['mash and greens, to serve', ['mash']],
    ['Tagliatelle, to serve', ['pasta']],
    ['couscous to serve', ['couscous']],
    ['crusty bread, to serve', ['bread']],
    ['naan, to serve', ['bread']],
    ['coriander leaves, to serve', []],
    ['lime wedges, to serve', []],
    ['200 g rice', []],
  ])('%s', (line, sides) => expect(named([line])).toEqual(expect.arrayContaining(sides)));

  it('asks for none where nothing is for the table, nor for what the dish cooks itself', () => {
    expect(named(['200 g rice'])).toEqual([]);
    expect(named(['coriander leaves, to serve'])).toEqual([]);
    expect(
      named(
        ['400 g potatoes, to serve'],
        'Add the lamb and stock. Close the lid and cook at high pressure for 25 minutes. Quick release. Meanwhile boil the potatoes. Serve.',
      ),
    ).toEqual([]);
  });

  it('is in the meal from the start, and the cook’s own word wins', () => {
    const dish: Dish = {
      ...emptyDish('d', 'Stew', 0),
      lines: ['800 g lamb shoulder, cubed', '400 ml stock', 'rice, to serve'].map((text, i) => ({
        id: `l${i}`,
        text,
      })),
    };
    const tasks = (d: Dish): string[] =>
      layOutMeal(mealInput(planDish(d, demo.kitchen), demo.kitchen)).tasks.flatMap((t) =>
        t.side ? [t.name] : [],
      );
    expect(tasks(dish).join()).toMatch(/rice/);
    const none = { serveAt: null, sides: [], hands: 1 as const, yesterday: false };
    expect(tasks({ ...dish, settings: { ...dish.settings, meal: none } })).toEqual([]);
  });

  it('every word leads to a side that there is', () => {
    for (const { side } of SIDE_WORDS) expect(side === '' || SIDES.some((s) => s.id === side)).toBe(true);
  });
});
