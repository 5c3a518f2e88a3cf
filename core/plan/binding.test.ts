import { emptyDish } from '../dish/dish';
import { doseFor, isWrittenRight, secondDose, thicknessAfter } from '../sauce/dose';
import { goneShare, leftAfterBoiling } from '../pieces/boilsDown';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from './plan';

const plan = (lines: string[], method: string) =>
  planDish(
    { ...emptyDish('d', 'Test', 0), lines: lines.map((text, i) => ({ id: `l${i}`, text })), method },
    defaultKitchen(),
  );
const BASE = ['8 chicken thighs', '1 onion', '600 ml chicken stock'];
const CLOSED = 'Add the onion, stock and chicken. High pressure 11 minutes, natural release 5 minutes.';
const thicken = (p: ReturnType<typeof plan>) => p.steps.find((s) => s.kind === 'thicken');

describe('what a sauce is bound with', () => {
  it.each([
    ['2 tbsp cornflour', 'Mix the cornflour with a little water and stir it in until thick.', 'cornstarch'],
    ['1 tbsp arrowroot', 'Slake the arrowroot with water and stir it in.', 'arrowroot'],
    ['2 tbsp potato starch', 'Stir the potato starch with water, pour it in and thicken.', 'potato'],
    ['½ tsp xanthan gum', 'Whisk in the xanthan gum to thicken.', 'xanthan'],
  ])('is the recipe’s %s, in tray, steps and sum', (line, method, thickener) => {
    const p = plan([...BASE, line], `${CLOSED} ${method}`);
    expect(p.sauce.input.thickener).toBe(thickener);
    expect(p.items.find((i) => i.lineId === 'l3')?.moment).toBe('thicken');
    expect(thicken(p)?.items.map((i) => i.lineId)).toEqual(['l3']);
  });

  it('is a paste where flour is kneaded with butter, and butter is not stirred in again', () => {
    const p = plan(
      [...BASE, '30 g butter', '30 g flour'],
      `${CLOSED} Beat the butter and flour to a paste and whisk it in.`,
    );
    expect(p.sauce.input).toMatchObject({ thickener: 'paste', writtenG: 60 });
    expect(
      thicken(p)
        ?.items.map((i) => i.lineId)
        .sort(),
    ).toEqual(['l3', 'l4']);
    expect(p.steps.filter((s) => s.id !== 'prep' && s.items.some((i) => i.lineId === 'l3'))).toHaveLength(1);
  });

  it('is nothing where the recipe thickens nothing', () => {
    expect(thicken(plan(BASE, CLOSED))).toBeUndefined();
  });
});

describe('the recipe’s own dose', () => {
  const input = {
    sauceG: 600,
    presentPercent: 0.2,
    aimPercent: 2.25,
    thickener: 'cornstarch',
    waterPerStarch: 2,
  } as const;

  it('is taken as it is where it makes what is wanted, and not where it does not', () => {
    const right = doseFor(input).starchG;
    for (const share of [0.9, 1, 1.1]) {
      const writtenG = right * share;
      expect(isWrittenRight({ ...input, writtenG })).toBe(true);
      expect(doseFor({ ...input, writtenG }).starchG).toBeCloseTo(writtenG, 6);
    }
    for (const share of [0.4, 2]) {
      const writtenG = right * share;
      expect(isWrittenRight({ ...input, writtenG })).toBe(false);
      expect(doseFor({ ...input, writtenG }).starchG).toBeCloseTo(right, 6);
    }
  });

  it('is said beside the computed one, with what it would make', () => {
    const words = (line: string) =>
      thicken(plan([...BASE, line], `${CLOSED} Mix the cornflour with water and stir it in until thick.`))
        ?.text;
    expect(words('1 tsp cornflour')).toMatch(/would come out .* here; for coating/);
  });

  it('grows where sugar weakens the starch, as it does where acid does', () => {
    const plain = doseFor(input).starchG;
    expect(doseFor({ ...input, sugarShare: 0.3 }).starchG).toBeGreaterThan(plain);
    expect(doseFor({ ...input, sharpness: 1 }).starchG).toBeGreaterThan(plain);
  });

  it('a second dose is never more than half the first, however thin it still runs', () => {
    for (const firstG of [5, 12, 30])
      for (const seen of [0, 0.5, 1, 2])
        expect(secondDose(input, firstG, seen).starchG).toBeLessThanOrEqual(Math.max(1, firstG / 2) + 1e-9);
    expect(thicknessAfter(input, 0)).toBeCloseTo(0.2, 6);
  });
});

describe('boiled down before it is bound', () => {
  it.each([
    ['by a third', 1 / 3],
    ['by two-thirds', 2 / 3],
    ['by half', 1 / 2],
    ['by a quarter', 1 / 4],
  ])('%s', (words, gone) => {
    expect(goneShare(`Boil the sauce down ${words}.`)).toBeCloseTo(gone, 9);
    const p = plan(
      [...BASE, '2 tbsp cornflour'],
      `${CLOSED} Lift out the chicken. Reduce the sauce ${words}. Stir the cornflour with water and thicken.`,
    );
    expect(p.sauce.leftG.mid).toBeCloseTo(p.liquid.sauceAfterG.mid * (1 - gone), 3);
    expect(p.sauce.input.sauceG).toBeCloseTo(p.sauce.leftG.mid, 6);
  });

  it('keeps its strength: what is left is thicker by as much as it is less', () => {
    const lines = [...BASE, '2 tbsp tomato paste', '2 tbsp cornflour'];
    const whole = plan(lines, `${CLOSED} Thicken with the cornflour and water.`).sauce.input;
    const down = plan(lines, `${CLOSED} Reduce the sauce by half. Thicken with the cornflour and water.`)
      .sauce.input;
    expect((down.sauceG * down.presentPercent) / 100).toBeCloseTo(
      (whole.sauceG * whole.presentPercent) / 100,
      3,
    );
  });

  it('boils nothing away by an act that says neither how much nor how long', () => {
    const p = plan(BASE, `${CLOSED} Lift out the chicken. Boil the sauce hard.`);
    expect(leftAfterBoiling(p.script, 500)).toBe(500);
  });
});
