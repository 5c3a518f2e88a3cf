import fc from 'fast-check';
import { emptyDish, type Dish } from '../dish/dish';
import { HouseRulesSchema, SCHOOLS } from '../dish/houseRules';
import { MOMENTS } from '../dish/moment';
import { Pantry, FOODS } from '../pantry/pantry';
import { FOOD_KINDS } from '../pantry/food';
import { inOrder } from './item';
import { placeDish } from './place';
import { MOMENT_RULES } from './rules';

const pantry = new Pantry();
const dishOf = (...texts: string[]): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: texts.map((text, i) => ({ id: `l${i}`, text })),
});
const momentOf = (text: string, ...others: string[]) =>
  placeDish(dishOf(text, ...others), { pantry })[0]?.moment;

describe('where things go', () => {
  it.each([
    ['1 kg boneless chicken thighs', 'sear'],
    ['2 onions, sliced', 'aromatics'],
    ['1 tsp ground cumin', 'bloom'],
    ['100 ml white wine', 'deglaze'],
    ['400 g tin chopped tomatoes', 'lid'],
    ['1 tbsp cornflour', 'thicken'],
    ['150 ml double cream', 'dairy'],
    ['200 g sour cream', 'dairy'],
    ['100 g grated parmesan', 'dairy'],
    ['juice of 1 lemon', 'finish'],
    ['a handful of parsley', 'finish'],
    ['150 g frozen peas', 'finish'],
    ['3 tbsp honey', 'finish'],
    ['rice, to serve', 'serve'],
    ['salt to taste', 'finish'],
    ['3 potatoes', 'lid'],
    ['2 bay leaves', 'lid'],
    ['3 tbsp peanut butter', 'thicken'],
    ['600 g frozen chicken breasts', 'lid'],
  ])('%s -> %s', (text, moment) => expect(momentOf(text)).toBe(moment));

  it('lets stock deglaze only when nothing better is there', () => {
    expect(momentOf('300 ml chicken stock')).toBe('deglaze');
    expect(momentOf('300 ml chicken stock', '100 ml red wine')).toBe('lid');
  });

  it('follows the words of a line and judges them', () => {
    const [flour, cream] = placeDish(
      dishOf('2 tbsp flour, stirred into the onions', '200 ml double cream, with the stock'),
      { pantry },
    );
    expect(flour).toMatchObject({ moment: 'aromatics', computed: 'thicken', by: 'words' });
    expect(flour?.early?.severity).toBe('stop');
    expect(cream).toMatchObject({ moment: 'lid', computed: 'dairy' });
    expect(cream?.early?.severity).toBe('stop');
  });

  it('splits coconut milk, and its parts add up', () => {
    const parts = placeDish(dishOf('400 ml can coconut milk'), { pantry });
    expect(parts.map((p) => p.moment)).toEqual(['lid', 'dairy']);
    expect(parts.reduce((s, p) => s + p.share, 0)).toBe(1);
  });

  it('lets the cook overrule everything', () => {
    const dish = dishOf('150 ml double cream');
    dish.lines[0]!.moment = 'lid';
    expect(placeDish(dish, { pantry })[0]).toMatchObject({ moment: 'lid', by: 'cook', computed: 'dairy' });
  });

  it('lists a moment in the order of use: fat first, cheese after cream', () => {
    const items = placeDish(
      dishOf('100 g grated parmesan', '100 ml double cream', '1 onion', '1 kg chicken thighs', '1 tbsp oil'),
      { pantry },
    );
    expect(inOrder(items, 'sear').map((i) => i.read.food?.kind)).toEqual(['oil', 'poultry']);
    expect(inOrder(items, 'dairy').map((i) => i.read.food?.kind)).toEqual(['cream', 'cheese']);
  });
});

describe('laws of placing', () => {
  const ruleSets = fc.record(
    Object.fromEntries(SCHOOLS.map((s) => [s.id, fc.constantFrom(...s.options.map((o) => o.id))])),
  );
  const foodNames = FOODS.map((f) => f.names[0] ?? '');

  it('every line under any rules is placed once, with a reason, and shares add to one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...foodNames, 'zorblax'), { maxLength: 25 }),
        ruleSets,
        (names, rules) => {
          const dish = dishOf(...names.map((n) => `100 g ${n}`));
          const items = placeDish(dish, { pantry, rules: HouseRulesSchema.parse(rules) });
          for (const line of dish.lines) {
            const parts = items.filter((i) => i.lineId === line.id);
            expect(parts.reduce((s, p) => s + p.share, 0)).toBeCloseTo(1);
            for (const p of parts) {
              expect(p.reason.length).toBeGreaterThan(5);
              expect(MOMENTS).toContain(p.moment);
            }
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('lean and sour dairy is held back under every rule', () => {
    fc.assert(
      fc.property(
        ruleSets,
        fc.constantFrom('200 g yoghurt', '200 g sour cream', '200 ml milk'),
        (rules, text) => {
          expect(placeDish(dishOf(text), { pantry, rules: HouseRulesSchema.parse(rules) })[0]?.moment).toBe(
            'dairy',
          );
        },
      ),
    );
  });

  it('no kind of food is without a rule', () => {
    const covered = new Set(MOMENT_RULES.filter((r) => !r.when).flatMap((r) => r.kinds));
    expect(FOOD_KINDS.filter((k) => !covered.has(k))).toEqual([]);
  });

  it('scaling by k and back returns the same weights', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), (plates) => {
        const dish = { ...dishOf('1 kg chicken thighs', '2 onions'), writtenFor: 4 };
        const there = placeDish({ ...dish, plates }, { pantry });
        const home = placeDish({ ...dish, plates: 4 }, { pantry });
        there.forEach((item, i) =>
          expect(item.massG.mid * (4 / plates)).toBeCloseTo(home[i]?.massG.mid ?? 0, 6),
        );
      }),
    );
  });
});

describe('lines in several parts', () => {
  const parts = (text: string, rules = {}) =>
    placeDish({ ...dishOf(text), rules }, { pantry }).map((p) => [p.moment, p.part, p.share] as const);

  it.each([
    ['2 cups chicken stock, divided', ['deglaze', 'lid']],
    ['60 g butter, divided', ['aromatics', 'finish']],
    ['4 tbsp oil, divided', ['sear', 'aromatics']],
    ['½ cup chopped cilantro, divided', ['finish', 'serve']],
    ['100 g parmesan, divided', ['dairy', 'serve']],
    ['3 tbsp flour, divided, for coating and the slurry', ['sear', 'thicken']],
    ['1 bunch spring onions, whites and greens separated', ['aromatics', 'finish']],
    ['400 ml tin coconut milk', ['lid', 'dairy']],
    ['3 tbsp soy sauce, divided', ['lid', 'finish']],
  ])('%s', (text, moments) => {
    const placed = parts(text);
    expect(placed.map(([m]) => m)).toEqual(moments);
    expect(placed.reduce((s, [, , share]) => s + share, 0)).toBeCloseTo(1, 9);
  });

  it('takes frozen pieces “separated” for loose, not for divided', () => {
    expect(parts('1 lb frozen chicken thighs, separated')).toHaveLength(1);
  });

  it('keeps a little starch under the lid where the household does', () => {
    expect(parts('3 tbsp flour', { starch: 'little-under' }).map(([m]) => m)).toEqual(['lid', 'thicken']);
  });

  it('follows the cook’s own split before any rule', () => {
    const dish: Dish = {
      ...dishOf('400 ml tin coconut milk'),
      lines: [
        {
          id: 'l0',
          text: '400 ml tin coconut milk',
          split: [
            { share: 0.25, moment: 'deglaze' },
            { share: 0.75, moment: 'finish' },
          ],
        },
      ],
    };
    const placed = placeDish(dish, { pantry });
    expect(placed.map((p) => [p.moment, p.by])).toEqual([
      ['deglaze', 'cook'],
      ['finish', 'cook'],
    ]);
    expect(placed[0]?.massG.mid).toBeCloseTo((placed[1]?.massG.mid ?? 0) / 3, 6);
  });

  it('holds the slurry’s water with its starch', () => {
    const dish = dishOf('300 ml stock', '1 tbsp cornflour', '2 tbsp cold water');
    expect(placeDish(dish, { pantry }).map((p) => p.moment)).toEqual(['deglaze', 'thicken', 'thicken']);
  });

  it('lets the method hold something back, but not the words of the line', () => {
    const method =
      'Lock the lid. High pressure for 8 minutes. Quick release. Stir in the butter and the beans.';
    const of = (text: string) => placeDish({ ...dishOf(text, '2 tbsp oil'), method }, { pantry })[0];
    expect(of('50 g butter')).toMatchObject({ moment: 'finish', by: 'method' });
    expect(of('50 g butter, for frying')).toMatchObject({ moment: 'sear' });
    expect(of('50 g butter')?.reason).toMatch(/method says/);
  });

  it('takes the cook’s corrections of cut, bone, thickness and freezing', () => {
    const dish: Dish = {
      ...dishOf(),
      lines: [
        { id: 'a', text: '4 chicken thighs', cut: 'cubed', bone: 'out', thicknessMm: 25, frozen: true },
      ],
    };
    expect(placeDish(dish, { pantry })[0]?.read).toMatchObject({
      cut: 'cubed',
      bone: 'out',
      thicknessMm: 25,
      frozen: true,
    });
  });
});

describe('laws of placing, over any dish and any rules', () => {
  const anyRules = fc.record(
    Object.fromEntries(SCHOOLS.map((s) => [s.id, fc.constantFrom(...s.options.map((o) => o.id))])),
  );
  const anyLines = fc.array(
    fc.tuple(
      fc.integer({ min: 1, max: 900 }),
      fc.constantFrom(...FOODS),
      fc.constantFrom('', ', divided', ', to serve', ' (optional)', ', stirred in at the end'),
    ),
    { minLength: 1, maxLength: 20 },
  );
  it('leaves no line out, gives every part a reason, and its shares add to one', () => {
    fc.assert(
      fc.property(anyLines, anyRules, fc.double({ min: 0.25, max: 6, noNaN: true }), (rows, rules, k) => {
        const dish: Dish = {
          ...dishOf(...rows.map(([g, food, tail]) => `${g} g ${food.names[0] ?? ''}${tail}`)),
          writtenFor: 4,
          plates: 4 * k,
          rules: rules as Dish['rules'],
        };
        const placed = placeDish(dish, { pantry, needMl: 360 });
        for (const line of dish.lines) {
          const mine = placed.filter((p) => p.lineId === line.id);
          expect(mine.length).toBeGreaterThan(0);
          expect(mine.reduce((s, p) => s + p.share, 0)).toBeCloseTo(1, 6);
          for (const p of mine) {
            expect(p.reason.length).toBeGreaterThan(5);
            expect(MOMENTS).toContain(p.moment);
            expect(p.massG.mid).toBeGreaterThan(0);
          }
        }
      }),
      { numRuns: 150 },
    );
  });
});

describe('marinades', () => {
  const place = (section?: string) =>
    placeDish(
      {
        ...emptyDish('d', 'Test', 0),
        lines: [
          '60 ml soy sauce',
          '2 tbsp cider vinegar',
          '2 tsp ground cumin',
          '200 g yoghurt',
          '2 tbsp honey',
        ].map((text, i) => ({ id: `l${i}`, text, ...(section ? { section } : {}) })),
      },
      { pantry },
    ).map((p) => p.moment);

  it('go in with the meat where they are thin, and what splits or catches is held back all the same', () => {
    expect(place('For the marinade')).toEqual(['lid', 'lid', 'lid', 'dairy', 'finish']);
    expect(place()).toEqual(['lid', 'finish', 'bloom', 'dairy', 'finish']);
  });

  it('are heard in the words of a line too', () => {
    const [item] = placeDish(
      { ...emptyDish('d', 'Test', 0), lines: [{ id: 'a', text: '3 tbsp lemon juice, for the marinade' }] },
      { pantry },
    );
    expect(item?.moment).toBe('lid');
    expect(item?.reason).toMatch(/raw until it has boiled/);
  });
});
