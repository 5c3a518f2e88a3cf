import fc from 'fast-check';
import { emptyDish, type Dish } from '../dish/dish';
import { SCHOOLS, HouseRulesSchema } from '../dish/houseRules';
import { isHeldBack } from '../dish/moment';
import { readRecipe } from '../page/recipe';
import { FOODS } from '../pantry/pantry';
import { POT_PRESETS } from '../pot/pot';
import { thicknessAfter } from '../sauce/dose';
import { PASTED } from '../../e2e/pasted';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { pantryFor, planDish } from './plan';

const kitchen: Kitchen = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };

function dishFrom(text: string, over: Partial<Dish> = {}): Dish {
  const r = readRecipe(text, pantryFor(kitchen));
  const dish = emptyDish('d1', r.title ?? 'Dish', 0, r.plates ?? 4);
  return { ...dish, lines: r.lines.map((l, i) => ({ id: `l${i}`, ...l })), ...over };
}

describe('planning a pasted list', () => {
  const dish = dishFrom(PASTED);
  const plan = planDish(dish, kitchen);
  const finding = (p: ReturnType<typeof planDish>, id: string) => p.findings.find((f) => f.id === id);
  const lineWith = (words: string) => dish.lines.find((l) => l.text.includes(words))?.id ?? '';

  it('reads every line', () => {
    expect(dish.name).toBe('Slack-water chicken');
    expect(dish.lines).toHaveLength(21);
    expect(plan.items.filter((i) => i.read.confidence === 'unsure').map((i) => i.line.text)).toEqual([]);
  });

  it('finds the flour with the onions, the cream with the stock and the missing liquid, worst first', () => {
    expect(finding(plan, `early-${lineWith('flour')}`)?.severity).toBe('stop');
    expect(finding(plan, `early-${lineWith('cream')}`)?.severity).toBe('stop');
    expect(finding(plan, 'liquid-short')).toBeDefined();
    const ranks = plan.findings.map((f) => ['stop', 'careful', 'fine', 'note'].indexOf(f.severity));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  });

  it('each fix mends what it is offered for and keeps every line', () => {
    for (const f of plan.findings)
      for (const fix of f.fixes) {
        const after = fix.apply(dish);
        for (const line of dish.lines)
          expect(after.lines.find((l) => l.id === line.id)?.text).toBe(line.text);
        if (f.about === 'moment' || f.id === 'liquid-short')
          expect(finding(planDish(after, kitchen), f.id)).toBeUndefined();
        expect(dish).toEqual(dishFrom(PASTED));
      }
  });

  it('a poured splash is enough at any number of plates it is offered for', () => {
    for (const plates of [1, 2, 3, 6]) {
      const small = { ...dish, plates };
      const short = finding(planDish(small, kitchen), 'liquid-short');
      if (short?.fixes[0])
        expect(finding(planDish(short.fixes[0].apply(small), kitchen), 'liquid-short')).toBeUndefined();
    }
  });

  it('sizes a slurry that gives the aim in the finished sauce', () => {
    const { input, dose } = planDish(
      { ...dish, settings: { ...dish.settings, aim: 'gravy' } },
      kitchen,
    ).sauce;
    expect(dose.starchG).toBeGreaterThan(0);
    expect(thicknessAfter(input, dose.starchG)).toBeCloseTo(3.25, 5);
  });

  it('walks from getting ready to the table, holding the dairy until after the slurry', () => {
    const ids = plan.steps.map((s) => s.id);
    expect(ids[0]).toBe('prep');
    expect(ids.at(-1)).toBe('serve');
    for (const [before, after] of [
      ['deglaze', 'load'],
      ['load', 'seal'],
      ['hold', 'release'],
      ['open', 'measure'],
      ['thicken', 'season'],
    ])
      expect(ids.indexOf(before as string)).toBeLessThan(ids.indexOf(after as string));
    const held = plan.held.map((i) => i.lineId);
    const pressureAt = ids.indexOf('up');
    plan.steps
      .slice(1, pressureAt)
      .forEach((s) => s.items.forEach((i) => expect(held).not.toContain(i.lineId)));
  });

  it('uses every line in some step', () => {
    const used = new Set(plan.steps.flatMap((s) => s.items.map((i) => i.lineId)));
    expect(dish.lines.filter((l) => !used.has(l.id)).map((l) => l.text)).toEqual([]);
  });

  it('follows plates, pot and thickness', () => {
    const more = planDish({ ...dish, plates: 8 }, kitchen);
    expect(more.fill.topMm).toBeGreaterThan(plan.fill.topMm);
    expect(more.heat.comeUpS.mid).toBeGreaterThan(plan.heat.comeUpS.mid);
    const thick = planDish({ ...dish, settings: { ...dish.settings, thicknessMm: 50 } }, kitchen);
    expect(thick.heat.suggestedMin).toBeGreaterThan(plan.heat.suggestedMin);
    const small = planDish({ ...dish, settings: { ...dish.settings, potId: 'electric-small' } }, kitchen);
    expect(small.pot.id).toBe('electric-small');
    expect(small.liquid.needMl).toBe(240);
  });

  it('gives the table as a range around the sum of its parts', () => {
    const { totalS, blocks, handsOnS, passiveS } = plan.timing;
    expect(totalS.low).toBeLessThan(totalS.mid);
    expect(totalS.mid).toBeLessThan(totalS.high);
    expect(blocks.reduce((s, b) => s + b.durationS.mid, 0)).toBeCloseTo(totalS.mid, 3);
    expect(handsOnS + passiveS).toBeCloseTo(totalS.mid, 3);
  });

  it('boils down instead of thickening for the household that does', () => {
    const reduced = planDish(dish, { ...kitchen, rules: { ...kitchen.rules, thickener: 'reduce' } });
    const ids = reduced.steps.map((s) => s.id);
    expect(ids).toContain('reduce');
    expect(ids.indexOf('measure')).toBeLessThan(ids.indexOf('reduce'));
    expect(reduced.steps.find((s) => s.id === 'reduce')?.timer?.seconds).toBeGreaterThanOrEqual(180);
  });

  it('never says safe', () => {
    const words = [
      ...plan.findings.map((f) => `${f.text} ${f.why}`),
      ...plan.steps.map((s) => `${s.title} ${s.text} ${s.look} ${s.cautions.join(' ')}`),
    ].join(' ');
    expect(words).not.toMatch(/\bsafe\b/i);
  });
});

describe('laws of planning', () => {
  const names = FOODS.flatMap((f) => f.names.slice(0, 2));
  const arbLine = fc.oneof(
    fc
      .tuple(
        fc.integer({ min: 0, max: 3000 }),
        fc.constantFrom('g', 'ml', 'tbsp', 'cups', '', 'cans'),
        fc.constantFrom(...names),
      )
      .map(([n, u, f]) => `${n} ${u} ${f}`),
    fc.string({ unit: 'binary', maxLength: 40 }),
  );
  const arbRules = fc.record(
    Object.fromEntries(SCHOOLS.map((s) => [s.id, fc.constantFrom(...s.options.map((o) => o.id))])),
  );

  it('plans anything a cook can type, in any pot, at any height, under any rules, without a throw or a NaN', () => {
    fc.assert(
      fc.property(
        fc.array(arbLine, { maxLength: 15 }),
        arbRules,
        fc.constantFrom(...POT_PRESETS),
        fc.integer({ min: 0, max: 3500 }),
        fc.integer({ min: 1, max: 20 }),
        (lines, rules, pot, altitudeM, plates) => {
          const dish = {
            ...emptyDish('d', 'x', 0),
            plates,
            lines: lines.map((text, i) => ({ id: `l${i}`, text })),
          };
          const plan = planDish(dish, {
            ...kitchen,
            potId: pot.id,
            altitudeM,
            rules: HouseRulesSchema.parse(rules),
          });
          expect(new Set(plan.items.map((i) => i.lineId)).size).toBe(lines.length);
          for (const n of [
            plan.timing.totalS.mid,
            plan.fill.topMm,
            plan.floor.risk,
            plan.liquid.countedMl.mid,
            plan.sauce.dose.starchG,
            plan.heat.comeUpS.high,
          ])
            expect(Number.isFinite(n)).toBe(true);
          expect(plan.floor.risk).toBeLessThanOrEqual(1);
          for (const f of plan.findings)
            for (const fix of f.fixes)
              expect(fix.apply(dish).lines.length).toBeGreaterThanOrEqual(lines.length);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is a pure function: the same dish and kitchen, the same plan', () => {
    const a = planDish(dishFrom(PASTED), kitchen);
    const b = planDish(dishFrom(PASTED), kitchen);
    expect(JSON.stringify(a)).toBe(JSON.stringify(b));
  });

  it('held back is exactly what stands after the pressure', () => {
    const plan = planDish(dishFrom(PASTED), kitchen);
    expect(plan.held).toEqual(plan.items.filter((i) => isHeldBack(i.moment)));
  });

  it('frozen meat is on the table later, and the household that thaws first is told to stop', () => {
    const fresh = planDish(dishFrom('800 g chicken thighs\n400 ml stock'), kitchen);
    const frozen = planDish(dishFrom('800 g frozen chicken thighs\n400 ml stock'), kitchen);
    expect(frozen.heat.comeUpS.mid + frozen.heat.holdS).toBeGreaterThan(
      fresh.heat.comeUpS.mid + fresh.heat.holdS,
    );
    const thaw = planDish(
      { ...dishFrom('800 g frozen chicken thighs\n400 ml stock'), rules: { frozen: 'thaw' } },
      kitchen,
    );
    expect(thaw.findings[0]?.id).toBe('frozen');
  });
});
