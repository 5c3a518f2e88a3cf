import { emptyDish, type Dish } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import { POT_PRESETS } from '../pot/pot';
import { defaultKitchen, type Kitchen } from './kitchen';
import { planDish, stepsWithSauce } from './plan';
import { PHASES } from './steps';

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
  it('starts rice so that it ends with the dish, and mixes the slurry before the pin drops', () => {
    const t = timing(CURRY);
    expect(t.tips[0]?.atS).toBeGreaterThanOrEqual(t.lidOnS);
    expect(t.tips[1]?.atS).toBeLessThanOrEqual(t.pinDownS);
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

describe('the salt, where it is tasted', () => {
  const season = (lines: string[], needs: Kitchen['needs'] = []): string =>
    planDish(dishOf(lines), { ...kitchen, needs }).steps.find((s) => s.id === 'season')!.text;

  it('says what is there by the sum and how much may be missing', () => {
    expect(season(['1 kg beef chuck', '500 ml water', '2 onions'])).toMatch(/may be missing/);
    expect(season(['1 kg beef chuck', '500 ml water', '3 tbsp salt'])).toMatch(/probably no more/);
  });

  it('is sooner content in a house that eats little of it', () => {
    const lines = ['1 kg beef chuck', '500 ml water', '1½ tsp fine salt'];
    const grams = (text: string): number => Number(/up to ([\d.]+) g/.exec(text)?.[1] ?? 0);
    expect(grams(season(lines, ['low-salt']))).toBeLessThan(grams(season(lines)));
  });
});
