import fc from 'fast-check';
import { emptyDish, type Dish } from '../dish/dish';
import { SCHOOLS } from '../dish/houseRules';
import { POT_PRESETS } from '../pot/pot';
import { consequencesOf } from './consequences';
import { loadInOrder, movePart, pourIn, setRule, setSettings, splitLine, standOn } from '../findings/index';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { outlookOf } from './outlook';
import { platesForMeat, platesToFill, scalingNotes } from './plates';
import { loadPot, planDish } from './plan';
import { schoolsFor } from './schools';

const kitchen: Kitchen = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };
const dishOf = (lines: string[], over: Partial<Dish> = {}): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: lines.map((text, i) => ({ id: `l${i}`, text })),
  ...over,
});
const CURRY = dishOf([
  '800 g boneless chicken thighs',
  '1 tbsp oil',
  '2 onions, sliced',
  '400 ml chicken stock',
  '400 g tin chopped tomatoes',
  '150 ml double cream',
  '1 tbsp cornflour',
  '1 tsp salt',
]);
const units = kitchen.units;

describe('what a change would do', () => {
  it('is nothing against itself', () => {
    const plan = planDish(CURRY, kitchen);
    expect(consequencesOf(plan, plan, units)).toEqual([]);
  });

  it('says the same backwards, better for worse', () => {
    const a = planDish(CURRY, kitchen);
    const b = planDish(setRule('browning', 'never', '').apply(CURRY), kitchen);
    const there = consequencesOf(a, b, units);
    const back = consequencesOf(b, a, units);
    expect(there.find((c) => c.text.includes('sooner'))?.kind).toBe('better');
    expect(back.find((c) => c.text.includes('later'))?.kind).toBe('worse');
    expect(there.length).toBe(back.length);
  });

  it('says when the liquid falls short, and when a finding comes or goes', () => {
    const less = dishOf(
      CURRY.lines.map((l) => l.text.replace('400 ml', '60 ml')).filter((t) => !t.includes('tomatoes')),
    );
    const list = consequencesOf(planDish(CURRY, kitchen), planDish(less, kitchen), units);
    expect(list.some((c) => c.kind === 'worse' && c.text.includes('too little for this pot'))).toBe(true);
    expect(list.some((c) => c.text.startsWith('new: too little thin liquid'))).toBe(true);
  });

  it('is planned for every option of every school that concerns the dish, the chosen one empty', () => {
    const plan = planDish(CURRY, kitchen);
    const schools = schoolsFor(CURRY, kitchen, plan);
    expect(schools.length).toBeGreaterThan(8);
    for (const { school, options } of schools) {
      expect(options.map((o) => o.id)).toEqual(
        SCHOOLS.find((s) => s.id === school.id)?.options.map((o) => o.id),
      );
      expect(options.filter((o) => o.isChosen)).toHaveLength(1);
      expect(options.find((o) => o.isChosen)?.consequences).toEqual([]);
    }
    expect(schools.map((s) => s.school.id)).not.toContain('coconut');
  });
});

describe('plates', () => {
  it('use exactly the meat on hand', () => {
    const plan = planDish(CURRY, kitchen);
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 6000 }), (onHandG) => {
        const plates = platesForMeat(plan, onHandG);
        if (plates === null) return;
        const main = planDish({ ...CURRY, plates }, kitchen).meat[0];
        expect(Math.abs((main?.massG ?? 0) / onHandG - 1)).toBeLessThan(0.03);
      }),
      { numRuns: 25 },
    );
    expect(platesForMeat(plan, 0)).toBeNull();
    expect(platesForMeat(plan, 1e9)).toBeNull();
    expect(platesForMeat(planDish(dishOf(['2 onions']), kitchen), 500)).toBeNull();
  });

  it('fill the pot to the line and not beyond', () => {
    for (const pot of POT_PRESETS) {
      const home = { ...kitchen, potId: pot.id };
      const most = platesToFill(CURRY, home);
      expect(loadPot({ ...CURRY, plates: most }, home).fill.shareOfLimit).toBeLessThanOrEqual(1);
      expect(loadPot({ ...CURRY, plates: most + 1 }, home).fill.shareOfLimit).toBeGreaterThan(1);
    }
    expect(platesToFill(dishOf([]), kitchen)).toBe(0);
  });

  it('say once what does not grow with them', () => {
    const notes = scalingNotes(planDish({ ...CURRY, plates: 8 }, kitchen));
    expect(new Set(notes).size).toBe(notes.length);
    expect(notes.length).toBeGreaterThan(0);
    expect(scalingNotes(planDish(CURRY, kitchen))).toEqual([]);
  });
});

describe('the outlook of a dish', () => {
  it('is small, whole numbers, and says the worst thing first', () => {
    const plan = planDish(dishOf(['1 kg beef chuck', '50 ml stock']), kitchen);
    const outlook = outlookOf(plan);
    expect(JSON.stringify(outlook).length).toBeLessThan(600);
    expect(outlook.fits).toBe(false);
    expect(outlook.worst?.severity).toBe('stop');
    for (const s of outlook.totalS) expect(Number.isInteger(s)).toBe(true);
    expect(outlook.totalS[0]).toBeLessThanOrEqual(outlook.totalS[1]);
  });
});

describe('edits of the pot', () => {
  const load = (dish: Dish) => loadPot(dish, kitchen);

  it('loading is the quick part of planning and agrees with it', () => {
    const plan = planDish(CURRY, kitchen);
    const loaded = load(CURRY);
    expect(loaded.liquid).toEqual(plan.liquid);
    expect(loaded.fill).toEqual(plan.fill);
    expect(loaded.floor).toEqual(plan.floor);
    expect(loaded.boil).toEqual(plan.boil);
  });

  it('each touches only what it says', () => {
    const fixes = [
      pourIn(100, 'water', ''),
      standOn('l0', 'rack', ''),
      loadInOrder(['meat', 'aromatics'], ''),
      splitLine(
        'l3',
        [
          { share: 0.25, moment: 'deglaze' },
          { share: 0.75, moment: 'lid' },
        ],
        '',
      ),
      setSettings({ pressure: 'low' }, ''),
    ];
    for (const fix of fixes) {
      const after = fix.apply(CURRY);
      expect(after.lines.slice(0, CURRY.lines.length).map((l) => l.text)).toEqual(
        CURRY.lines.map((l) => l.text),
      );
      expect(CURRY.settings.layers).toEqual([]);
      expect(after).not.toBe(CURRY);
    }
  });

  it('a part that is moved to where its other part is joins it again', () => {
    const parts = [
      { share: 0.5, moment: 'lid' as const },
      { share: 0.5, moment: 'dairy' as const },
    ];
    const joined = movePart('l3', 1, parts, 'lid', '')
      .apply(CURRY)
      .lines.find((l) => l.id === 'l3');
    expect(joined?.split).toBeUndefined();
    expect(joined?.moment).toBe('lid');
    const apart = movePart('l3', 1, parts, 'finish', '')
      .apply(CURRY)
      .lines.find((l) => l.id === 'l3');
    expect(apart?.split?.map((p) => p.moment)).toEqual(['lid', 'finish']);
  });

  it('meat on the rack leaves the liquid as it was and stands above it', () => {
    const before = load(CURRY);
    const after = load(standOn('l0', 'rack', '').apply(CURRY));
    expect(after.liquid.countedMl.mid).toBeCloseTo(before.liquid.countedMl.mid, 6);
    expect(after.fill.layers.at(-1)?.id).toBe('rack-meat');
  });
});
