import { emptyDish, type Dish } from '../dish/dish';
import { POT_PRESETS } from '../pot/pot';
import { comparePots } from './comparePots';
import { BURN_CAUSES, NO_PRESSURE_CAUSES } from './data/trouble';
import { diagnose } from './diagnose';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { planDish } from './plan';
import { whistles } from '../steps/underLid';

const kitchen: Kitchen = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };
const dishOf = (...lines: string[]): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: lines.map((text, i) => ({ id: `l${i}`, text })),
});
const first = (dish: Dish, kind: 'burn' | 'no-pressure', home = kitchen) =>
  diagnose(planDish(dish, home), kind).suspects;
const CALM = ['900 g chicken thighs', '2 onions', '500 ml chicken stock'];

describe('when it goes wrong', () => {
  it('asks about everything it knows, the shares adding to one, whatever the dish', () => {
    for (const [kind, causes] of [
      ['burn', BURN_CAUSES],
      ['no-pressure', NO_PRESSURE_CAUSES],
    ] as const)
      for (const dish of [
        dishOf(),
        dishOf(...CALM),
        dishOf('1 kg frozen chicken thighs', '50 ml stock', '700 g passata'),
      ]) {
        const suspects = first(dish, kind);
        expect(suspects.map((s) => s.id).sort()).toEqual(causes.map((c) => c.id).sort());
        expect(suspects.reduce((s, c) => s + c.likelihood, 0)).toBeCloseTo(1);
        expect(suspects.map((s) => s.likelihood)).toEqual(
          suspects.map((s) => s.likelihood).sort((a, b) => b - a),
        );
      }
  });

  it('begins with the order that applies whatever the cause', () => {
    const burn = diagnose(planDish(dishOf(...CALM), kitchen), 'burn');
    expect(burn.first[0]).toMatch(/^Cancel/);
    expect(burn.first.join(' ')).toMatch(/pin is down/);
    expect(burn.last).toMatch(/black floor/i);
  });

  it('suspects what this dish makes likely', () => {
    expect(
      first(
        dishOf('900 g chicken thighs', '400 ml stock', '3 tbsp flour, with the stock', '700 g passata'),
        'burn',
      )[0]?.id,
    ).toBe('thick-floor');
    expect(
      first(dishOf('1 kg frozen chicken thighs', '500 ml stock'), 'no-pressure')
        .slice(0, 3)
        .map((s) => s.id),
    ).toContain('lump');
    expect(first(dishOf('1 kg beef chuck', '60 ml stock'), 'no-pressure')[0]?.id).toBe('thin-short');
    expect(
      first(dishOf('4 kg beef chuck', '1 l stock'), 'no-pressure')
        .slice(0, 3)
        .map((s) => s.id),
    ).toContain('overfull');
  });

  it('offers the plan’s own fixes for next time', () => {
    const short = first(dishOf('1 kg beef chuck', '60 ml stock'), 'no-pressure')[0];
    expect(short?.next[0]?.label).toMatch(/^Add \d+ ml/);
    expect(short?.because).toMatch(/%/);
  });
});

describe('the same dish in every pot', () => {
  it('puts the pots it is ready for first, and moving there is one edit', () => {
    const dish = dishOf('1.4 kg beef chuck', '2 onions', '400 ml beef stock');
    const choices = comparePots(dish, kitchen);
    expect(choices).toHaveLength(POT_PRESETS.length);
    expect(choices.filter((c) => c.isChosen)).toHaveLength(1);
    const ready = choices.map((c) => c.isReady);
    expect(ready).toEqual([...ready].sort((a, b) => Number(b) - Number(a)));
    for (const c of choices) {
      expect(planDish(c.moveHere.apply(dish), kitchen).pot.id).toBe(c.pot.id);
      expect(c.plan.pot.id).toBe(c.pot.id);
    }
  });

  it('says that a big batch does not fit the small pot, and how many plates do', () => {
    const small = comparePots(dishOf('2 kg beef chuck', '500 ml stock'), kitchen).find(
      (c) => c.pot.id === 'electric-small',
    );
    expect(small?.isReady).toBe(false);
    expect(small?.mustChange[0]?.id).toBe('too-full');
    expect(small?.mostPlates).toBeGreaterThan(0);
    expect(small?.mostPlates).toBeLessThan(4);
  });
});

describe('whistles', () => {
  it('are counted for a pot that has them, more for a longer hold', () => {
    expect(whistles({ whistleMin: null }, 1200)).toBe('');
    expect(whistles({ whistleMin: 4 }, 8 * 60)).toMatch(/About 3 whistles/);
    expect(whistles({ whistleMin: 4 }, 30 * 60)).toMatch(/About 9 whistles/);
  });
});
