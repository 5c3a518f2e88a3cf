import fc from 'fast-check';
import { scriptCases } from '../../corpora/judge';
import { DishSchema, emptyDish, type Dish } from '../dish/dish';
import { goesRows, looseLines } from '../plan/goes';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { addAct, asTheMethodSays, dropAct, giveLine, moveAct, setActMinutes, verbLabel } from './edit';
import { VERBS } from './data/verbs';

const kitchen = defaultKitchen();
const CASES = scriptCases('corpora/scripts/open.txt');
const dishOf = (name: string): Dish => {
  const c = CASES.find((x) => x.name === name) ?? CASES[0]!;
  return {
    ...emptyDish('d', c.name, 0),
    lines: c.lines.map((text, i) => ({ id: `l${i}`, text })),
    method: c.method,
  };
};
const rowsOf = (dish: Dish) => goesRows(planDish(dish, kitchen));
const edit = (dish: Dish, change: (d: Dish, s: NonNullable<ReturnType<typeof planDish>['script']>) => Dish) =>
  change(dish, planDish(dish, kitchen).script!);
const act = (dish: Dish, title: RegExp) => rowsOf(dish).find((r) => title.test(r.title))!;
const DISHES = CASES.filter((c) => planDish(dishOf(c.name), kitchen).script).map((c) => c.name);

describe('an order changed by hand', () => {
  it('begins as the method has it: taking it over changes nothing of the plan', () => {
    for (const name of DISHES) {
      const dish = dishOf(name);
      const before = planDish(dish, kitchen);
      const own = edit(dish, (d, s) => setActMinutes(d, s, 'none-such', 3));
      expect(own.script).toBeDefined();
      const after = planDish(own, kitchen);
      const seen = (p: typeof before) => [
        p.items.map((i) => [i.lineId, i.moment, i.share]),
        p.steps.map((s) => [s.title, s.durationS.mid]),
      ];
      expect([name, ...seen(after)]).toEqual([name, ...seen(before)]);
    }
  });

  it('leaves what goes on beside the closed pot there, and reads an order that was kept before it was said', () => {
    const dish: Dish = {
      ...emptyDish('d', 'Cheeks', 0),
      lines: ['12 pork cheeks', '400 ml stock', '300 g mushrooms', '30 g butter'].map((text, i) => ({
        id: `l${i}`,
        text,
      })),
      method:
        'Put the cheeks and stock in the pot. High pressure 35 minutes. Natural release. Meanwhile, fry the mushrooms in the butter for 8 minutes. Lift out the cheeks. Stir in the mushrooms.',
    };
    const friedIn = (d: Dish) => planDish(d, kitchen).script?.acts.find((a) => a.verb === 'fry');
    const own = DishSchema.parse(
      JSON.parse(JSON.stringify(edit(dish, (d, s) => setActMinutes(d, s, 'none-such', 3)))),
    );
    expect(friedIn(own)).toMatchObject({ stage: 'closed', minutes: 8, where: 'pan' });
    // Moved to before the lid it is like any other, and never under the lid.
    const first = Array.from({ length: 8 }).reduce<Dish>(
      (d) => edit(d, (x, s) => moveAct(x, s, s.acts.find((a) => a.verb === 'fry')!.id, -1)),
      own,
    );
    expect(friedIn(first)?.stage).toBe('open');
    // What version 0.15 kept has no word for it.
    const { script } = own;
    const old = DishSchema.parse({
      ...own,
      script: script && { ...script, acts: script.acts.map(({ meanwhile: _, ...a }) => a) },
    });
    expect(friedIn(old)).toMatchObject({ stage: 'after', minutes: 8 });
    expect(
      planDish(old, kitchen)
        .steps.map((s) => s.title)
        .join(),
    ).toMatch(/[Ff]ry mushrooms/);
  });

  it('is given back by “as the method says”, and is kept by the file format', () => {
    const dish = dishOf('classic-thighs');
    const changed = edit(dish, (d, s) => dropAct(d, s, act(dish, /^Bloom/).id));
    expect(DishSchema.parse(JSON.parse(JSON.stringify(changed)))).toEqual(changed);
    expect(asTheMethodSays(changed)).toEqual(dish);
  });

  it('later and earlier again is as it was; over the lid it goes in one step', () => {
    const dish = dishOf('classic-thighs');
    const back = act(dish, /^Return/);
    const over = edit(dish, (d, s) => moveAct(d, s, back.id, 1));
    const titles = rowsOf(over).map((r) => r.title);
    expect(titles.indexOf('Return')).toBe(titles.indexOf('Let the pressure go') + 1);
    const again = edit(over, (d, s) => moveAct(d, s, back.id, -1));
    expect(rowsOf(again)).toEqual(rowsOf(dish));
  });

  it('leaves a line to the table when its act goes, and takes it up at another', () => {
    const dish = dishOf('classic-thighs');
    const without = edit(dish, (d, s) => dropAct(d, s, act(dish, /^Bloom/).id));
    expect(looseLines(planDish(without, kitchen)).map((l) => l.name)).toEqual(
      expect.arrayContaining(['garlic', 'paprika']),
    );
    const soften = act(without, /^Soften/);
    const given = edit(without, (d, s) => giveLine(d, s, 'l3', soften.id));
    const { steps } = planDish(given, kitchen);
    expect(steps.find((s) => /^Soften/.test(s.title))?.items.map((i) => i.lineId)).toContain('l3');
  });

  it('takes one more thing to do, with its minutes', () => {
    const dish = dishOf('classic-thighs');
    const more = edit(dish, (d, s) => addAct(d, s, 'grill', act(dish, /^Thicken/).id));
    const minutes = edit(more, (d, s) => setActMinutes(d, s, act(more, /^Under the grill/).id, 6));
    const step = planDish(minutes, kitchen).steps.find((s) => s.title === 'Under the grill');
    expect(step?.timer?.seconds).toBe(360);
    expect(step?.cautions.join()).toMatch(/oven-proof/);
  });

  it('never does anything under the lid, loses no line and is always cookable, whatever is done to it', () => {
    const arbEdit = fc.record({
      kind: fc.constantFrom('up', 'down', 'drop', 'add', 'give', 'minutes'),
      at: fc.nat(40),
      line: fc.nat(15),
      verb: fc.constantFrom(...VERBS.map((v) => v.id)),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...DISHES),
        fc.array(arbEdit, { minLength: 1, maxLength: 8 }),
        (name, edits) => {
          let dish = dishOf(name);
          const pots = (d: Dish): string =>
            rowsOf(d)
              .filter((r) => r.isOfThePot)
              .map((r) => r.title)
              .join();
          const before = pots(dish);
          for (const e of edits) {
            const rows = rowsOf(dish);
            const id = rows[e.at % rows.length]!.id;
            dish = edit(dish, (d, s) =>
              e.kind === 'up'
                ? moveAct(d, s, id, -1)
                : e.kind === 'down'
                  ? moveAct(d, s, id, 1)
                  : e.kind === 'drop'
                    ? dropAct(d, s, id)
                    : e.kind === 'add'
                      ? addAct(d, s, e.verb, id)
                      : e.kind === 'give'
                        ? giveLine(d, s, d.lines[e.line % d.lines.length]!.id, id)
                        : setActMinutes(d, s, id, e.at),
            );
          }
          expect(pots(dish)).toBe(before);
          const rows = rowsOf(dish);
          rows.forEach((r, i) => {
            if (!r.isOfThePot && i > 0 && rows[i - 1]!.isOfThePot)
              expect(rows[i - 1]!.title).toBe('Let the pressure go');
          });
          expect(DishSchema.safeParse(dish).success).toBe(true);
          const { items, steps } = planDish(dish, kitchen);
          for (const line of dish.lines)
            expect(items.filter((i) => i.lineId === line.id).reduce((s, i) => s + i.share, 0)).toBeCloseTo(1);
          const ids = steps.map((s) => s.id);
          expect(new Set(ids).size).toBe(ids.length);
          for (const s of steps) expect(`${s.title}${s.text}`).not.toMatch(/\{food\}|undefined|NaN/);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('ignores what a file names that never was', () => {
    const dish = dishOf('classic-thighs');
    const own = edit(dish, (d, s) => setActMinutes(d, s, 'none-such', 3));
    const odd: Dish = {
      ...own,
      script: {
        ...own.script!,
        acts: own.script!.acts.map((a, i) =>
          i === 0 ? { ...a, verb: 'fly' } : { ...a, lines: [...a.lines, { lineId: 'gone', share: 1 }] },
        ),
      },
    };
    expect(rowsOf(odd).map((r) => r.title)).not.toContain('fly');
    expect(planDish({ ...odd, script: { ...odd.script!, acts: [] } }, kitchen).script).toBeNull();
  });

  it('has a name for every verb', () => {
    for (const { id } of VERBS) expect(verbLabel(id)).toMatch(/^[A-Z]\p{L}/u);
  });
});
