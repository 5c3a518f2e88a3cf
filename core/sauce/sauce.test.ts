import fc from 'fast-check';
import { DAIRY_CLASSES } from '../pantry/food';
import { SLURRY_WATER, THICKENERS, THICKENER_IDS, THICKNESSES, nearestThickness } from './data/thickeners';
import { doseFor, reduceTo, secondDose, thicknessAfter, type DoseInput } from './dose';
import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import { mixedC, planDairy } from './temper';

const arbInput: fc.Arbitrary<DoseInput> = fc.record({
  sauceG: fc.double({ min: 50, max: 4000, noNaN: true }),
  presentPercent: fc.double({ min: 0, max: 3, noNaN: true }),
  aimPercent: fc.double({ min: 0, max: 5, noNaN: true }),
  thickener: fc.constantFrom(...THICKENER_IDS),
  waterPerStarch: fc.constantFrom(...Object.values(SLURRY_WATER)),
  laterG: fc.double({ min: 0, max: 500, noNaN: true }),
  sharpness: fc.double({ min: 0, max: 1, noNaN: true }),
});
const plain: DoseInput = {
  sauceG: 800,
  presentPercent: 0,
  aimPercent: 2.25,
  thickener: 'cornstarch',
  waterPerStarch: SLURRY_WATER.equal,
};

describe('the dose', () => {
  it('inverts the forward sum exactly, its own water counted', () => {
    fc.assert(
      fc.property(arbInput, (input) => {
        const dose = doseFor(input);
        if (dose.starchG > 0 && !dose.capped)
          expect(thicknessAfter(input, dose.starchG)).toBeCloseTo(input.aimPercent, 6);
        expect(dose.starchG).toBeGreaterThanOrEqual(0);
        expect(dose.finishedG).toBeCloseTo(
          input.sauceG + (input.laterG ?? 0) + dose.starchG * dose.thickener.kept + dose.waterG,
          4,
        );
      }),
    );
  });

  it('more sauce, a thicker aim or weaker starch never needs less', () => {
    fc.assert(
      fc.property(arbInput, fc.double({ min: 1, max: 1000, noNaN: true }), (input, more) => {
        const x = doseFor(input).starchG;
        expect(doseFor({ ...input, laterG: (input.laterG ?? 0) + more }).starchG).toBeGreaterThanOrEqual(
          x - 1e-9,
        );
        expect(doseFor({ ...input, aimPercent: input.aimPercent + 0.5 }).starchG).toBeGreaterThanOrEqual(
          x - 1e-9,
        );
        expect(doseFor({ ...input, presentPercent: input.presentPercent + 0.5 }).starchG).toBeLessThanOrEqual(
          x + 1e-9,
        );
      }),
    );
  });

  it('hits published ratios: about a tablespoon of cornstarch thickens a cup to a gravy', () => {
    const cup = doseFor({ ...plain, sauceG: 237, aimPercent: 3.25 });
    expect(cup.starchG).toBeGreaterThan(7);
    expect(cup.starchG).toBeLessThan(10);
  });

  it('asks for twice as much flour as cornstarch, and a twelfth of xanthan', () => {
    const corn = doseFor(plain).starchG;
    expect(doseFor({ ...plain, thickener: 'flour' }).starchG / corn).toBeGreaterThan(1.95);
    expect(doseFor({ ...plain, thickener: 'xanthan' }).starchG / corn).toBeLessThan(0.09);
  });

  it('stops at the maximum and says so', () => {
    const dose = doseFor({ ...plain, thickener: 'xanthan', aimPercent: 5 });
    expect(dose.capped).toBe(true);
    expect(dose.resultPercent).toBeLessThan(5);
  });

  it('offers a splash instead when it is too thick already', () => {
    const dose = doseFor({ ...plain, presentPercent: 4 });
    expect(dose.starchG).toBe(0);
    expect(
      thicknessAfter(
        { ...plain, sauceG: plain.sauceG + dose.loosenG, presentPercent: (4 * 800) / (800 + dose.loosenG) },
        0,
      ),
    ).toBeCloseTo(2.25, 6);
  });

  it('takes nonsense for nothing', () => {
    for (const sauceG of [Number.NaN, -5, Number.POSITIVE_INFINITY])
      expect(doseFor({ ...plain, sauceG }).starchG).toBeGreaterThanOrEqual(0);
    expect(doseFor({ ...plain, sauceG: 0 }).starchG).toBe(0);
  });

  it('a second dose closes the gap that the spoon shows and is never larger than the first', () => {
    const first = doseFor(plain);
    const second = secondDose(plain, first.starchG, 1.6);
    expect(second.starchG).toBeGreaterThan(0);
    expect(second.starchG).toBeLessThanOrEqual(first.starchG);
    expect(second.learnedFactor).toBeCloseTo(1.6 / 2.25, 2);
    expect(secondDose(plain, first.starchG, 2.25).starchG).toBeCloseTo(0, 6);
  });
});

describe('boiling down', () => {
  it('conserves strength and salt', () => {
    const r = reduceTo(900, 0.8, 1.6);
    expect(r?.leftG).toBeCloseTo(450);
    expect(r?.saltFactor).toBeCloseTo(2);
    expect((r?.minutes ?? 0) * BOIL_OFF_G_PER_MIN.high).toBeCloseTo(450);
    expect(reduceTo(900, 0, 2)).toBeNull();
  });
  it('takes 6-10 minutes for 100 ml', () => {
    expect(100 / BOIL_OFF_G_PER_MIN.high).toBeGreaterThan(6);
    expect(100 / BOIL_OFF_G_PER_MIN.high).toBeLessThan(10);
  });
});

describe('dairy', () => {
  it('waits for the temperature each one takes; starch makes it more forgiving', () => {
    for (const dairy of DAIRY_CLASSES) {
      const bound = planDairy(dairy, 200, 800, { bound: true });
      const bare = planDairy(dairy, 200, 800, { bound: false });
      expect(bound.waitToC).toBeGreaterThanOrEqual(bare.waitToC);
      expect(bare.waitS).toBeGreaterThanOrEqual(bound.waitS);
    }
    expect(planDairy('heavy-cream', 200, 800, { bound: true }).waitS).toBe(0);
    const sour = planDairy('sour-cream', 200, 800, { bound: true });
    expect(sour.waitToC).toBe(93);
    expect(sour.afterC).toBeLessThan(85);
  });

  it('brings tempered dairy above 50 °C before it meets the pot', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 400 }), fc.integer({ min: 1000, max: 3000 }), (g, sauce) => {
        const plan = planDairy('sour-cream', g, sauce, { bound: true });
        expect(plan.temperedC).toBeGreaterThanOrEqual(50);
        expect(plan.afterC).toBeLessThan(plan.waitToC);
      }),
    );
  });

  it('mixing lies between its parts', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 0, max: 100 }),
        (a, b, ta, tb) => {
          const t = mixedC(a, ta, b, tb);
          expect(t).toBeGreaterThanOrEqual(Math.min(ta, tb) - 1e-9);
          expect(t).toBeLessThanOrEqual(Math.max(ta, tb) + 1e-9);
        },
      ),
    );
  });
});

describe('the tables', () => {
  it('name every strength from thin to thick, and every thickener once', () => {
    for (const t of THICKNESSES) expect(t.percent >= t.band[0] && t.percent <= t.band[1]).toBe(true);
    expect(THICKENERS.map((t) => t.id)).toEqual([...THICKENER_IDS]);
    expect(nearestThickness(2.2).id).toBe('coating');
  });
});
