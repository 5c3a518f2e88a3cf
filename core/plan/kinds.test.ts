import fc from 'fast-check';
import { emptyDish, type Dish, type Line } from '../dish/dish';
import { diffDishes } from '../dish/diff';
import { CUTS, isLoose } from '../heat/data/cuts';
import { POT_PRESETS } from '../pot/pot';
import { ventedAtOnce } from './early';
import { defaultKitchen } from '../kitchen/kitchen';
import { decider } from '../pieces/meat';
import { mealInput } from '../meal/index';
import { minutesTable, MINUTES_SIZES } from '../pieces/minutes';
import { planDish } from './plan';
import { sidesOf } from '../kitchen/sides';

const kitchen = defaultKitchen();
const dishOf = (
  lines: string[],
  over: Partial<Dish['settings']> = {},
  line: Record<number, Partial<Line>> = {},
): Dish => {
  const dish = emptyDish('d', 'Test', 0);
  return {
    ...dish,
    lines: lines.map((text, i) => ({ id: `l${i}`, text, ...line[i] })),
    settings: { ...dish.settings, ...over },
  };
};
const planOf = (...args: Parameters<typeof dishOf>) => planDish(dishOf(...args), kitchen);
const finding = (dish: Dish, id: string) => planDish(dish, kitchen).findings.find((f) => f.id === id);

describe('the kinds in the pot', () => {
  it('are the meats and the vegetables, pulses and grains under the lid, each once', () => {
    const plan = planOf([
      '1 kg beef chuck, in 4 cm cubes',
      '300 g pork sausages',
      '300 g carrots, in 2 cm pieces',
      '200 g carrots, in 2 cm pieces',
      '150 g pearl barley',
      '2 onions',
      '600 ml stock',
      '200 ml double cream',
    ]);
    expect(plan.kinds.map((k) => k.label)).toEqual([
      'beef chuck',
      expect.stringContaining('sausage'),
      'carrots',
      'barley',
    ]);
    expect(plan.plants.find((p) => p.label === 'carrots')).toMatchObject({
      massG: 500,
      sizeMm: 20,
      sizeAssumed: false,
    });
    expect(plan.heat.kinds).toHaveLength(4);
    expect(decider(plan.kinds, plan.heat)?.label).toBe('beef chuck');
  });

  it('leave out what is canned, cooked, frozen, held back or in a bowl of its own', () => {
    const plan = planOf(
      ['500 g chicken thighs', '1 tin chickpeas', '200 g frozen peas', '200 g white rice', '400 ml stock'],
      {},
      { 3: { on: 'bowl' } },
    );
    expect(plan.plants).toEqual([]);
  });

  it('follow at most four plants, the heaviest', () => {
    const plan = planOf([
      '500 g chicken thighs',
      '100 g carrots',
      '200 g potatoes',
      '300 g parsnips',
      '400 g swede',
      '500 g squash',
      '500 ml stock',
    ]);
    expect(plan.plants).toHaveLength(4);
    expect(plan.plants.map((p) => p.massG)).toEqual(
      [...plan.plants.map((p) => p.massG)].sort((a, b) => b - a),
    );
    expect(plan.plants.some((p) => p.label === 'carrots')).toBe(false);
  });

  it('the slowest decides, whatever is heavier, and its minutes are the dish’s', () => {
    const mixed = planOf([
      '1 kg chicken breast, in 3 cm pieces',
      '500 g beef chuck, in 4 cm cubes',
      '500 ml stock',
    ]);
    expect(decider(mixed.kinds, mixed.heat)?.label).toBe('beef chuck');
    const alone = planOf(['1 kg chicken breast, in 3 cm pieces', '500 ml stock']);
    expect(mixed.heat.suggestedMin).toBeGreaterThan(alone.heat.suggestedMin + 10);
    expect(mixed.steps.find((s) => s.id === 'meat')?.title).toBe('Check the beef chuck');
  });

  it('a lump is as thick as its mass says, is refused, and two fixes get out of it', () => {
    const lump = dishOf(['1.5 kg frozen beef chuck, in 3 cm cubes', '500 ml stock'], {
      frozen: true,
      fused: true,
    });
    const plan = planDish(lump, kitchen);
    expect(plan.meat[0]?.thicknessMm).toBeGreaterThan(60);
    const f = finding(lump, 'frozen');
    expect(f?.severity).toBe('stop');
    expect(f?.text).toMatch(/cannot be predicted/);
    for (const fix of f!.fixes) expect(finding(fix.apply(lump), 'frozen')?.severity).not.toBe('stop');
  });
});

describe('what stays hard, and what falls apart', () => {
  it('big potatoes in a short cook stay hard, and the fix offered softens them', () => {
    const dish = dishOf([
      '600 g chicken breast, in 2 cm pieces',
      '500 g potatoes, in 5 cm pieces',
      '400 ml stock',
    ]);
    const f = finding(dish, 'soft-potato');
    expect(f).toMatchObject({ severity: 'careful', about: 'vegetables' });
    expect(f!.fixes.length).toBeGreaterThan(0);
    for (const fix of f!.fixes) expect(finding(fix.apply(dish), 'soft-potato')?.severity).not.toBe('careful');
  });

  it('unsoaked beans say how long they want and that raw kidney beans are boiled first', () => {
    const dish = dishOf(['600 g chicken thighs', '250 g dried kidney beans', '900 ml stock']);
    expect(finding(dish, 'soft-bean-dry')?.why).toMatch(/Soaked overnight/);
    expect(finding(dish, 'boil-first-l1')?.why).toMatch(/boiled hard/);
  });

  it('carrots in a long cook fall apart; added when opened in between they do not, and the chain of steps has them', () => {
    const dish = dishOf(['1 kg beef chuck, in 4 cm cubes', '400 g carrots', '500 ml stock']);
    const f = finding(dish, 'soft-carrot');
    expect(f?.severity).toBe('note');
    const fixed = f!.fixes[0]!.apply(dish);
    expect(fixed.lines[1]).toMatchObject({ later: true });
    const plan = planDish(fixed, kitchen);
    expect(plan.findings.some((x) => x.id.startsWith('soft-carrot'))).toBe(false);
    expect(plan.heat.second?.suggestedMin).toBeGreaterThan(0);
    expect(plan.steps.find((s) => s.id === 'open-between')?.items[0]?.lineId).toBe('l1');
  });

  it('says nothing about them where they are blended anyway', () => {
    const dish = {
      ...dishOf(['1 kg beef chuck, in 4 cm cubes', '400 g carrots', '500 ml stock']),
      rules: { texture: 'blended' as const },
    };
    expect(finding(dish, 'soft-carrot')).toBeUndefined();
  });

  it('a second meat that would dry is offered a later start, which is seen to help', () => {
    const dish = dishOf(
      ['1 kg beef chuck, in 4 cm cubes', '400 g chicken breast, in 3 cm pieces', '500 ml stock'],
      {},
      { 1: { moment: 'lid' } },
    );
    const f = finding(dish, 'mixed-meats');
    expect(f?.why).toMatch(/chicken breast will be (dry|falling apart)/);
    for (const fix of f!.fixes) expect(finding(fix.apply(dish), 'mixed-meats')).toBeUndefined();
  });

  it('whatever is written, every kind has a state, a window in order or none, and figures that are figures', () => {
    const food = fc.constantFrom(
      '800 g beef chuck, in 4 cm cubes',
      '600 g chicken thighs',
      '400 g frozen turkey meatballs',
      '300 g carrots',
      '500 g potatoes, in 6 cm pieces',
      '200 g red lentils',
      '150 g pearl barley',
      '250 g dried chickpeas, soaked overnight',
      '500 ml stock',
      '2 onions',
    );
    fc.assert(
      fc.property(
        fc.uniqueArray(food, { minLength: 1, maxLength: 6 }),
        fc.option(fc.integer({ min: 0, max: 60 })),
        fc.boolean(),
        (lines, minutes, later) => {
          const plan = planOf(lines, { minutes }, later ? { 0: { later: true } } : {});
          for (const k of plan.heat.kinds) {
            expect(k.state.length).toBeGreaterThan(3);
            for (const n of [
              k.coreAtEndC,
              k.coreAtOpenC,
              k.peakC,
              k.hotMin,
              k.windowMin.from,
              k.windowMin.to,
            ])
              expect(Number.isFinite(n)).toBe(true);
            expect(k.peakC).toBeGreaterThanOrEqual(k.coreAtOpenC - 1e-6);
          }
          expect(plan.kinds).toHaveLength(plan.heat.kinds.length);
        },
      ),
      { numRuns: 25 },
    );
  });
});

it('the highest core is never below the one when the lid opens, also where the middle is read anew after flashing', () => {
  const plan = planOf(['500 g potatoes, in 6 cm pieces'], {}, { 0: { later: true } });
  for (const k of plan.heat.kinds) expect(k.peakC).toBeGreaterThanOrEqual(k.coreAtOpenC);
});

describe('venting at once', () => {
  it('costs what it costs, and nothing is asked where it vents anyway', () => {
    const plan = planOf(['1 kg lamb shoulder, in 4 cm cubes', '450 ml stock']);
    const vented = ventedAtOnce(plan);
    expect(vented?.tenderness).not.toBe('tender');
    expect(vented!.releaseS.mid).toBeLessThan(plan.heat.releaseS.mid);
    expect(
      ventedAtOnce(planOf(['600 g chicken breast, in 2 cm pieces', '400 ml stock'], { release: 'quick' })),
    ).toBeNull();
    expect(ventedAtOnce(planOf(['2 onions', '400 ml stock']))).toBeNull();
  });
});

describe('the table of minutes', () => {
  const rows = [
    ...minutesTable(
      POT_PRESETS.find((p) => p.id === 'electric-standard')!,
      kitchen,
    ),
  ];

  it('has every cut; thicker never takes less', () => {
    expect(rows.map((r) => r.cutId)).toEqual(CUTS.map((c) => c.id));
    for (const row of rows) {
      const known = row.fresh.filter((m) => m !== null);
      expect(known).toEqual([...known].sort((a, b) => a - b));
      expect(row.fresh).toHaveLength(MINUTES_SIZES.length);
    }
  });

  it('gives nothing for mince by thickness, nor for thick frozen pieces', () => {
    for (const row of rows) {
      const cut = CUTS.find((c) => c.id === row.cutId)!;
      if (isLoose(cut)) expect(row.fresh.every((m) => m === null)).toBe(true);
      expect(row.frozen.at(-1)).toBeNull();
    }
  });

  it('high up nothing takes less', () => {
    const pot = { ...POT_PRESETS.find((p) => p.id === 'electric-standard')!, altitudeM: 2500 };
    const up = [...minutesTable(pot, kitchen)];
    let more = 0;
    rows.forEach((row, i) =>
      row.fresh.forEach((m, n) => {
        const high = up[i]!.fresh[n] ?? null;
        if (m === null || high === null) return;
        expect(high).toBeGreaterThanOrEqual(m - 1);
        more += high - m;
      }),
    );
    expect(more).toBeGreaterThan(100);
  });
});

describe('the meal around a dish', () => {
  const wish = { serveAt: '19:30', sides: ['mash', 'own-x', 'gone'], hands: 2 as const, yesterday: true };
  it('takes the household’s sides, its own first, and leaves out what is no longer known', () => {
    const own = {
      id: 'own-x',
      name: 'Dumplings',
      tasks: [{ name: 'steam', minutes: 10, hands: false, uses: 'burner' as const, keepsMin: 3 }],
      ifWaits: '',
    };
    const home = { ...kitchen, ownSides: [own], burners: 2, oven: false };
    expect(sidesOf(home)[0]).toBe(own);
    const input = mealInput(planOf(['1 kg beef chuck', '400 ml stock'], { meal: wish }), home);
    expect(input.sides.map((s) => s.id)).toEqual(['mash', 'own-x']);
    expect(input.means).toEqual({ hands: 2, burners: 2, oven: false, yesterday: true });
  });

  it('and what was changed is told in words', () => {
    const before = dishOf(['1 kg beef chuck', '400 ml stock', '300 g carrots']);
    const after: Dish = {
      ...before,
      lines: before.lines.map((l, i) => (i === 2 ? { ...l, later: true } : l)),
      settings: {
        ...before.settings,
        frozen: true,
        fused: true,
        keepWarmMin: 30,
        again: { then: 'simmer', minutes: 12 },
        meal: wish,
      },
    };
    const said = diffDishes(before, after)
      .map((c) => c.text)
      .join('\n');
    for (const words of [
      'added when opened in between',
      'Frozen in one lump',
      'Kept warm: 0 min, now 30 min',
      'a simmer, 12 min',
      'at 19:30, 3 beside it',
    ])
      expect(said).toContain(words);
  });
});
