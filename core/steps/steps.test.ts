import { readMeasured } from '../dish/amount';
import { unitById } from '../quantity/units';
import fc from 'fast-check';
import { emptyDish, type Dish } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import { POT_PRESETS } from '../pot/pot';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { SALT_FIGURES } from '../sauce/salt';
import { planDish, stepsWithSauce } from '../plan/plan';
import { PHASES } from './step';

const kitchen: Kitchen = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };
const dishOf = (lines: string[], over: Partial<Dish> = {}): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: lines.map((text, i) => ({ id: `l${i}`, text })),
  ...over,
});
const stepsOf = (
  lines: string[],
  rules: Partial<HouseRules> = {},
  over: Partial<Dish> = {},
  home = kitchen,
) => planDish(dishOf(lines, over), { ...home, rules: { ...home.rules, ...rules } }).steps;
const ids = (...args: Parameters<typeof stepsOf>) => stepsOf(...args).map((s) => s.id);
const CURRY = [
  '800 g boneless chicken thighs, in 3 cm pieces',
  '1 tbsp oil',
  '2 onions',
  '2 tsp ground cumin',
  '100 ml white wine',
  '300 ml stock',
  '400 g tin chopped tomatoes',
  '150 ml double cream',
  '100 g yoghurt',
  '50 g grated parmesan',
  '200 g peas',
  'juice of 1 lemon',
  'rice, to serve',
];

describe('the steps', () => {
  it('come in the order of the phases', () => {
    const order = stepsOf(CURRY).map((s) => PHASES.indexOf(s.phase));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(new Set(ids(CURRY)).size).toBe(ids(CURRY).length);
  });

  it('put cream before yoghurt before cheese, each off the boil, after the slurry', () => {
    const dairy = stepsOf(CURRY).filter((s) => s.phase === 'dairy');
    expect(dairy.map((s) => s.items[0]?.lineId)).toEqual(['l7', 'l8', 'l9']);
    expect(ids(CURRY).indexOf('thicken')).toBeLessThan(ids(CURRY).indexOf(dairy[0]?.id ?? ''));
    expect(dairy[1]?.text).toMatch(/Whisk about .* of hot sauce into it first/);
    expect(dairy[2]?.title).toContain('Melt in');
  });

  it('leave out what a house rule leaves out', () => {
    expect(ids(CURRY)).toContain('sear');
    expect(ids(CURRY, { browning: 'never' })).not.toContain('sear');
    expect(ids(CURRY, { thickener: 'reduce' })).toContain('reduce');
    expect(ids(CURRY, { thickener: 'reduce' })).not.toContain('thicken');
    expect(stepsOf(CURRY, { browning: 'pan' }).find((s) => s.id === 'sear')?.text).toContain('wide pan');
    expect(
      stepsOf(CURRY, { greens: 'under' })
        .find((s) => s.id === 'load')
        ?.items.map((i) => i.lineId),
    ).toContain('l10');
    expect(ids(CURRY, { greens: 'under' })).not.toContain('quick');
  });

  it('say the release that is computed or chosen', () => {
    const title = (rules: Partial<HouseRules>) =>
      stepsOf(CURRY, rules).find((s) => s.id === 'release')?.title;
    expect(title({})).toBe('Quick release');
    expect(title({ release: 'ten' })).toBe('Ten minutes, then vent');
    expect(title({ release: 'natural' })).toBe('Natural release');
  });

  it('carry the caution where the hazard is', () => {
    const all = stepsOf(CURRY);
    const cautions = (id: string) => all.find((s) => s.id === id)?.cautions.join(' ') ?? '';
    expect(cautions('prep')).toMatch(/Raw poultry/);
    expect(cautions('sear')).toMatch(/Hot fat/);
    expect(cautions('load')).toMatch(/maximum line/);
    expect(cautions('seal')).toMatch(/Ring seated/);
    expect(cautions('release')).toMatch(/Steam burns/);
    expect(cautions('open')).toMatch(/pin is down/);
    expect(cautions('aside')).toMatch(/clean plate/);
    expect(cautions('serve')).toMatch(/within 2 hours/);
  });

  it('ask, and do not assume: the scrape, the line, the valve, the pin, the plate', () => {
    expect(
      stepsOf(CURRY)
        .filter((s) => s.check)
        .map((s) => s.id),
    ).toEqual(['deglaze', 'load', 'seal', 'open', 'aside']);
  });

  it('warn of foam, of a stovetop left alone, of boiling sugar', () => {
    expect(
      stepsOf(['1 kg beef chuck', '600 ml stock', '200 g rice'])
        .find((s) => s.id === 'release')
        ?.cautions.join(' '),
    ).toContain('foaming');
    expect(
      stepsOf(CURRY, {}, { settings: { ...dishOf([]).settings, potId: 'stovetop-spring' } })
        .find((s) => s.id === 'up')
        ?.cautions.join(' '),
    ).toContain('unattended');
    expect(
      stepsOf([...CURRY, '4 tbsp honey'])
        .find((s) => s.id === 'glaze')
        ?.cautions.join(' '),
    ).toContain('Boiling sugar');
  });

  it('give amounts at the plates wanted', () => {
    const doubled = stepsOf(CURRY, {}, { plates: 8 });
    expect(doubled.find((s) => s.id === 'sear')?.items.find((i) => i.lineId === 'l0')?.amount).toBe('1.6 kg');
    expect(doubled.find((s) => s.id === 'season')?.items.find((i) => i.lineId === 'l11')?.amount).toBe('2');
    const hold = (steps: typeof doubled) => steps.find((s) => s.id === 'hold')?.durationS.mid ?? 0;
    expect(hold(doubled)).toBeLessThanOrEqual(hold(stepsOf(CURRY)));
  });

  it('ask for the household’s own figure, in its own degrees', () => {
    const meat = (home: Kitchen) => stepsOf(CURRY, {}, {}, home).find((s) => s.id === 'meat')?.text ?? '';
    expect(meat(kitchen)).toContain('74 °C');
    expect(meat({ ...kitchen, authority: 'uk' })).toContain('70 °C');
    expect(meat({ ...kitchen, units: { weight: 'us', temperature: 'F' } })).toContain('165 °F');
  });

  it('work for the smallest dish there is', () => {
    expect(ids([])).toEqual([
      'prep',
      'load',
      'seal',
      'up',
      'hold',
      'release',
      'open',
      'measure',
      'thicken',
      'season',
      'serve',
    ]);
    expect(ids(['water'])).toContain('serve');
  });
});

describe('the clock', () => {
  const timing = (lines: string[], over: Partial<Dish> = {}) => planDish(dishOf(lines, over), kitchen).timing;
  it('starts rice so that it ends with the dish, and readies the thickening before the pin drops', () => {
    const t = timing(CURRY);
    const at = (text: string) => t.tips.find((x) => x.text === text)?.atS;
    expect(at('start the rice')).toBeCloseTo(t.totalS.mid - 22 * 60, 6);
    expect(at('get the thickening ready')).toBeCloseTo(t.pinDownS - 180, 6);
    expect(t.tips.map((x) => x.atS)).toEqual(t.tips.map((x) => x.atS).sort((a, b) => a - b));
  });
  it('gives no tip the dish has no use for', () => {
    const { settings } = dishOf([]);
    expect(
      timing(['1 kg beef chuck', '500 ml stock'], { settings: { ...settings, aim: 'brothy' } }).tips,
    ).toEqual([]);
  });
  it('is longer for more plates, thicker pieces and frozen meat', () => {
    const base = timing(CURRY).totalS.mid;
    expect(timing(CURRY, { plates: 8 }).totalS.mid).toBeGreaterThan(base);
    expect(timing(CURRY.map((l) => l.replace('3 cm', '6 cm'))).totalS.mid).toBeGreaterThan(base - 600);
    expect(timing(['800 g frozen chicken thighs', ...CURRY.slice(1)]).passiveS).toBeGreaterThan(
      timing(CURRY).passiveS,
    );
  });
  it('lays its blocks end to end', () => {
    const { blocks } = timing(CURRY);
    blocks.forEach(
      (b, i) =>
        i &&
        expect(b.startS).toBeCloseTo((blocks[i - 1]?.startS ?? 0) + (blocks[i - 1]?.durationS.mid ?? 0), 6),
    );
  });
});

describe('a second lid', () => {
  const STEW = ['1 kg beef chuck, in 4 cm cubes', '500 ml stock', '400 g potatoes, in 3 cm pieces'];
  const later = (then?: 'pressure' | 'simmer'): Partial<Dish> => ({
    lines: STEW.map((text, i) => ({ id: `l${i}`, text, ...(i === 2 ? { later: true } : {}) })),
    settings: {
      ...dishOf([]).settings,
      ...(then ? { again: { then, minutes: null } } : {}),
    },
  });

  it('opens, adds what was kept for then, closes again and vents, before the meat is checked', () => {
    const steps = stepsOf(STEW, {}, later());
    const at = (id: string) => steps.findIndex((s) => s.id === id);
    expect(at('release')).toBeLessThan(at('open-between'));
    expect(at('open-between')).toBeLessThan(at('again'));
    expect(at('again')).toBeLessThan(at('again-release'));
    expect(at('again-release')).toBeLessThan(at('meat'));
    expect(steps[at('open-between')]!.items.map((i) => i.lineId)).toEqual(['l2']);
    expect(steps[at('open-between')]!.cautions.join()).toMatch(/Never force it/);
    expect(steps.find((s) => s.id === 'load')!.items.map((i) => i.lineId)).not.toContain('l2');
    expect(steps.find((s) => s.id === 'prep')!.items.map((i) => i.lineId)).toContain('l2');
  });

  it('or simmers, with no second vent', () => {
    const ids2 = stepsOf(STEW, {}, later('simmer')).map((s) => s.id);
    expect(ids2).toContain('again');
    expect(ids2).not.toContain('again-release');
  });

  it('counts in the time to the table, and not at all without anything to add', () => {
    const once = planDish(dishOf(STEW), kitchen).timing.totalS.mid;
    const twice = planDish(dishOf(STEW, later()), kitchen).timing.totalS.mid;
    expect(twice).toBeGreaterThan(once + 5 * 60);
    expect(ids(STEW)).not.toContain('again');
  });
});

describe('the finish, once the sauce is measured', () => {
  it('waits and tempers for the sauce that is there', () => {
    const plan = planDish(dishOf(CURRY), kitchen);
    const temper = (sauceG: number): string =>
      stepsWithSauce(plan, kitchen, sauceG, 0.3).find((s) => s.title.includes('yoghurt'))?.text ?? '';
    expect(temper(120)).not.toBe('');
    expect(temper(120)).not.toBe(temper(1500));
    expect(stepsWithSauce(plan, kitchen, 900, 0.3).map((s) => s.id)).toEqual(plan.steps.map((s) => s.id));
  });

  it('boils a glaze down as long as this much sauce takes', () => {
    const ribs = ['1 kg pork ribs', '400 ml stock', '80 g honey, for the glaze'];
    const plan = planDish(dishOf(ribs), kitchen);
    const min = (sauceG: number) => stepsWithSauce(plan, kitchen, sauceG, 0).find((s) => s.id === 'glaze')!;
    expect(min(600).durationS.mid).toBeGreaterThan(min(200).durationS.mid);
    expect(min(600).cautions.join()).toMatch(/burns skin/);
    expect(min(600).text).toMatch(/until it sticks/);
  });
});

describe('sweet things', () => {
  const idsOf = (lines: string[], aim: Dish['settings']['aim'] = 'coating'): string[] =>
    ids(lines, {}, { settings: { ...dishOf([]).settings, aim } });
  const STEW = ['1.2 kg lamb shoulder, in 4 cm cubes', '450 ml stock'];

  it('by the spoonful only melt in; enough for the pieces, or asked to, they are a glaze', () => {
    expect(idsOf([...STEW, '1 tbsp honey'])).toContain('sweet');
    expect(idsOf([...STEW, '1 tbsp honey'])).not.toContain('glaze');
    expect(idsOf([...STEW, '6 tbsp honey'])).toContain('glaze');
    expect(idsOf([...STEW, '1 tbsp honey, for the glaze'])).toContain('glaze');
    expect(idsOf([...STEW, '1 tbsp honey'], 'glaze')).toContain('glaze');
    const sweet = stepsOf([...STEW, '1 tbsp honey', '1 tbsp maple syrup']).find((s) => s.id === 'sweet');
    expect(sweet?.title).toMatch(/^Stir in the (?:honey and maple syrup|maple syrup and honey)$/);
    expect(sweet?.items).toHaveLength(2);
  });

  it('more of them never take less time', () => {
    const total = (n: number): number =>
      planDish(dishOf([...STEW, `${n} tbsp honey`]), kitchen).timing.totalS.mid;
    expect(total(8)).toBeGreaterThan(total(1));
  });
});

describe('the salt, where it is tasted', () => {
  const season = (lines: string[], needs: Kitchen['needs'] = []): string =>
    planDish(dishOf(lines), { ...kitchen, needs }).steps.find((s) => s.id === 'season')!.text;

  it('says what is there by the sum and how much may be missing', () => {
    expect(season(['1 kg beef chuck', '500 ml water', '2 onions'])).toMatch(/may be missing/);
    expect(season(['1 kg beef chuck', '500 ml water', '3 tbsp salt'])).toMatch(/probably no more/);
  });

  it('is sooner content in a house that eats little of it', () => {
    const lines = ['1 kg beef chuck', '500 ml water', '½ tsp fine salt'];
    // Whole spoons and quarters: "about 1¼ tsp in all".
    const quarters = (text: string): number => {
      if (/: one of those may/.test(text)) return 1;
      const said = /about (.+?) in all may/.exec(text)?.[1] ?? '0 tsp';
      const spoons = readMeasured(said);
      return spoons ? Math.round((4 * spoons.min * spoons.unit.perUnit) / unitById('tsp').perUnit) : 0;
    };
    expect(quarters(season(lines))).toBeGreaterThan(1);
    expect(quarters(season(lines, ['low-salt']))).toBeLessThan(quarters(season(lines)));
  });

  it('is what it will be once it has boiled down', () => {
    const lines = ['1 kg beef chuck', '800 ml beef stock', '1 tsp salt'];
    const share = (method: string): number => {
      const { steps } = planDish({ ...dishOf(lines), method }, kitchen);
      const text = steps.find((s) => s.id === 'season')!.text;
      return Number(/ it has (?:[\d.]+–)?([\d.]+) % salt/.exec(text)?.[1]);
    };
    const start = 'Put the beef, stock and salt in the pot. High pressure for 35 minutes, natural release.';
    const plain = share(`${start} Serve.`);
    const half = share(`${start} Take the beef out. Reduce the sauce by half. Return the beef and serve.`);
    expect(half).toBeGreaterThan(plain * 1.15);
    expect(half).toBeLessThan(plain * 2);
  });

  it('never asks for more than a plate may have, however much thin soup there is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 1, max: 12 }), (ml, plates) => {
        const dish = { ...dishOf(['1 kg beef chuck', `${ml} ml water`]), plates };
        const text = planDish(dish, kitchen).steps.find((s) => s.id === 'season')!.text;
        const quarters = Number(/about (\d+) may/.exec(text)?.[1] ?? 0);
        expect((quarters * SALT_FIGURES.quarterTspG.value) / plates).toBeLessThanOrEqual(
          SALT_FIGURES.mostPerPlateG.value,
        );
      }),
      { numRuns: 12 },
    );
  });
});

describe('what the wait is for', () => {
  const hold = (lines: string[], over: Partial<Dish> = {}, rules: Partial<HouseRules> = {}): string =>
    stepsOf(lines, rules, over).find((s) => s.id === 'hold')!.text;
  const { settings } = dishOf([]);
  const STEW = ['1 kg beef chuck', '500 ml stock'];

  it('is what this dish still needs: its cold dairy, its herbs, its thickening, its sides', () => {
    expect(hold(CURRY)).toMatch(/slurry’s cup.*; .*yoghurt.* out of the refrigerator/);
    expect(hold([...STEW, '1 handful parsley'])).toMatch(/parsley picked and chopped/);
    const meal = { serveAt: null, sides: ['mash'], hands: 1, yesterday: false } as const;
    expect(hold(STEW, { settings: { ...settings, meal: { ...meal, sides: [...meal.sides] } } })).toMatch(
      /Use the wait: mash;/,
    );
  });

  it('never speaks of a slurry where none is made', () => {
    for (const text of [
      hold(STEW, { settings: { ...settings, aim: 'brothy' } }),
      hold(STEW, {}, { thickener: 'reduce' }),
      hold(STEW, {}, { thickener: 'xanthan' }),
      hold(STEW, {}, { thickener: 'paste' }),
    ])
      expect(text).not.toMatch(/slurry/);
    expect(hold(STEW, {}, { thickener: 'paste' })).toMatch(/worked to a paste/);
    expect(hold(STEW, {}, { thickener: 'reduce' })).toMatch(/warm the plates/);
  });

  it('counts whistles first in a pot that has them', () => {
    const text = hold(STEW, { settings: { ...settings, potId: 'stovetop-weight' } });
    expect(text).toMatch(/^About \d+ whistles .* At about \d+ °C\. Use the wait/);
  });
});

describe('thickening in the household’s way', () => {
  const thicken = (thickener: HouseRules['thickener']) =>
    stepsOf(CURRY, { thickener }).find((s) => s.id === 'thicken');

  it.each([
    ['cornstarch', /real boil/, 'high', 120],
    ['arrowroot', /only steams/, 'low', 60],
    ['tapioca', /only steams/, 'low', 60],
    ['paste', /by the spoonful/, 'medium', 300],
    ['xanthan', /No boil needed/, 'low', 60],
    ['blended', /real boil/, 'high', 120],
  ] as const)('%s', (rule, words, heat, seconds) => {
    const found = thicken(rule)!;
    expect(found.text).toMatch(words);
    expect(found.heat).toBe(heat);
    expect(found.timer?.seconds).toBe(seconds);
  });

  it('takes what was chosen at the bench before the rule, and changes no other step', () => {
    const plan = planDish(dishOf(CURRY), kitchen);
    const usual = stepsWithSauce(plan, kitchen, 700, 0.3);
    const yolk = stepsWithSauce(plan, kitchen, 700, 0.3, 'yolk');
    expect(yolk.find((s) => s.id === 'thicken')?.look).toMatch(/must not boil again/);
    const without = (steps: typeof usual) => steps.filter((s) => s.id !== 'thicken' && s.id !== 'hold');
    expect(without(yolk)).toEqual(without(usual));
  });

  it('takes longer where the sauce has to simmer longer', () => {
    expect(thicken('paste')!.durationS.mid).toBeGreaterThan(thicken('cornstarch')!.durationS.mid);
    expect(thicken('cornstarch')!.durationS.mid).toBeGreaterThan(thicken('xanthan')!.durationS.mid);
  });
});

describe('house rules in the words of the steps', () => {
  const text = (id: string, rules: Partial<HouseRules>, lines = CURRY): string =>
    stepsOf(lines, rules).find((s) => s.id === id)?.text ?? '';

  it('say when to season, what to do with the fat, what to do with the sauce', () => {
    expect(text('prep', { marinade: 'overnight' })).toMatch(/out of its marinade/);
    expect(text('prep', { marinade: 'prep' })).toMatch(/season the meat first/);
    expect(text('sear', { fat: 'pour' })).toMatch(/never down the sink/);
    expect(ids(CURRY, { texture: 'strained' })).toContain('strain');
    expect(ids(CURRY, { texture: 'blended' })).toContain('blend');
    expect(
      stepsOf(CURRY, { texture: 'blended' })
        .find((s) => s.id === 'blend')
        ?.cautions.join(),
    ).toMatch(/blows its lid/);
  });

  it('shred whole pieces only where the house shreds, and never cubes', () => {
    const whole = ['1 kg boneless chicken breasts, 40 mm', '400 ml stock'];
    expect(ids(whole, { pieceSize: 'whole' })).toContain('aside');
    const title = (lines: string[], rules: Partial<HouseRules>) =>
      stepsOf(lines, rules).find((s) => s.id === 'aside')?.title;
    expect(title(whole, { pieceSize: 'whole' })).toMatch(/shred/);
    expect(title(CURRY, { pieceSize: 'whole' })).not.toMatch(/shred/);
  });

  it('let a fork decide for beef, and never for poultry, pork or mince', () => {
    const fork = (line: string) =>
      /fork turns/.test(text('meat', { doneWhen: 'look' }, [line, '400 ml stock']));
    expect(fork('1 kg beef chuck')).toBe(true);
    for (const line of ['1 kg chicken thighs', '1 kg pork shoulder', '1 kg minced beef'])
      expect(fork(line)).toBe(false);
    expect(text('meat', { doneWhen: 'look' }, ['1 kg beef chuck', '400 ml stock'])).toMatch(
      /only the thermometer knows/,
    );
  });

  it('never call anything safe', () => {
    for (const rules of [{}, { doneWhen: 'look' }, { browning: 'never' }] as Partial<HouseRules>[])
      for (const s of stepsOf(CURRY, rules))
        expect(`${s.title} ${s.text} ${s.look}`).not.toMatch(/\bsafe\b/i);
  });
});

describe('a household that thinks in Fahrenheit', () => {
  it('reads no Celsius at any step, whatever thickens and whoever is asked', () => {
    const units = { weight: 'us', temperature: 'F' } as const;
    const keepWarm = { settings: { ...dishOf([]).settings, keepWarmMin: 20 } };
    for (const authority of ['us', 'uk'] as const)
      for (const line of ['800 g boneless chicken thighs', '1 kg beef chuck', '500 g minced pork'])
        for (const s of stepsOf([line, ...CURRY.slice(1)], {}, keepWarm, { ...kitchen, authority, units }))
          expect(`${s.title} ${s.text} ${s.look} ${s.cautions.join(' ')}`).not.toContain('°C');
    const plan = planDish(dishOf(CURRY), { ...kitchen, units });
    const yolk = stepsWithSauce(plan, { ...kitchen, units }, 700, 0.3, 'yolk').find(
      (s) => s.id === 'thicken',
    );
    expect(yolk?.look).toContain('167–176 °F');
  });
});
