import fc from 'fast-check';
import { adviseThickener, type AdviseInput } from './advise';
import { onThePlate, SLURRY_WATER, THICKENER_IDS, thickenerById, THICKNESSES } from './data/thickeners';
import { doseFor, mixedWays, reduceTo, secondDose, thicknessAfter, type DoseInput } from './dose';
import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import { saltView } from './salt';

const sauce = fc.record({
  sauceG: fc.double({ min: 80, max: 4000, noNaN: true }),
  presentPercent: fc.double({ min: 0, max: 1.2, noNaN: true }),
  aimPercent: fc.double({ min: 0.8, max: 4.5, noNaN: true }),
  thickener: fc.constantFrom(...THICKENER_IDS),
  waterPerStarch: fc.constantFrom(...Object.values(SLURRY_WATER)),
  laterG: fc.double({ min: 0, max: 400, noNaN: true }),
  sharpness: fc.double({ min: 0, max: 1, noNaN: true }),
  sugarShare: fc.double({ min: 0, max: 0.4, noNaN: true }),
  householdFactor: fc.double({ min: 0.7, max: 1.4, noNaN: true }),
});

describe('laws of every thickener', () => {
  it('the dose and then the forecast give the aim back, unless the maximum stands in the way', () => {
    fc.assert(
      fc.property(sauce, (input: DoseInput) => {
        const dose = doseFor(input);
        if (dose.starchG === 0) return;
        expect(dose.resultPercent).toBeCloseTo(thicknessAfter(input, dose.starchG), 9);
        if (dose.capped) expect(dose.resultPercent).toBeLessThan(input.aimPercent + 1e-9);
        else expect(dose.resultPercent).toBeCloseTo(input.aimPercent, 5);
      }),
    );
  });

  it('aiming thicker never needs less, and more in the pot never leaves it thinner', () => {
    fc.assert(
      fc.property(sauce, fc.double({ min: 0.01, max: 1, noNaN: true }), (input: DoseInput, more) => {
        const dose = doseFor(input);
        expect(doseFor({ ...input, aimPercent: input.aimPercent + more }).starchG).toBeGreaterThanOrEqual(
          dose.starchG - 1e-9,
        );
        const t = thickenerById(input.thickener);
        if (t.strength > 0.06)
          expect(thicknessAfter(input, dose.starchG + more)).toBeGreaterThanOrEqual(
            thicknessAfter(input, dose.starchG) - 1e-9,
          );
      }),
    );
  });

  it('what is weaker in this house is stirred in more, and the range holds the middle', () => {
    fc.assert(
      fc.property(sauce, (input: DoseInput) => {
        const dose = doseFor(input);
        expect(
          doseFor({ ...input, householdFactor: (input.householdFactor ?? 1) * 1.1 }).starchG,
        ).toBeGreaterThanOrEqual(dose.starchG - 1e-9);
        expect(dose.rangeG.low).toBeLessThanOrEqual(dose.starchG);
        expect(dose.rangeG.high).toBeGreaterThanOrEqual(dose.starchG);
        expect(dose.carbohydrateG).toBeLessThanOrEqual(dose.starchG + 1e-9);
      }),
    );
  });

  it('a second dose after what was promised is none; after less it is never more than the first', () => {
    fc.assert(
      fc.property(sauce, fc.double({ min: 0.3, max: 1, noNaN: true }), (input: DoseInput, share) => {
        const first = doseFor(input);
        if (first.starchG < 0.5 || first.capped) return;
        const plain = { ...input, laterG: 0 };
        expect(secondDose(plain, doseFor(plain).starchG, input.aimPercent).starchG).toBeCloseTo(0, 4);
        const seen = secondDose(input, first.starchG, first.resultPercent * share);
        expect(seen.starchG).toBeLessThanOrEqual(Math.max(first.starchG, 2) + 1e-9);
        expect(seen.learnedFactor).toBeGreaterThanOrEqual(0.6);
        expect(seen.learnedFactor).toBeLessThanOrEqual(1.6);
      }),
    );
  });
});

describe('laws of boiling down', () => {
  it('strength, salt and time agree, however it is shared between boiling and starch', () => {
    fc.assert(
      fc.property(sauce, (input: DoseInput) => {
        for (const way of mixedWays({ ...input, laterG: 0 })) {
          expect(way.leftG + way.minutes * BOIL_OFF_G_PER_MIN.high).toBeCloseTo(input.sauceG, 6);
          expect(way.saltFactor).toBeGreaterThanOrEqual(1);
          const present = input.presentPercent * way.saltFactor;
          expect((present * way.leftG) / 100).toBeCloseTo((input.presentPercent * input.sauceG) / 100, 6);
        }
      }),
    );
  });

  it('alone it reaches the aim with nothing but its own strength', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 200, max: 2000, noNaN: true }),
        fc.double({ min: 0.2, max: 1.5, noNaN: true }),
        fc.double({ min: 1.6, max: 4, noNaN: true }),
        (sauceG, present, aim) => {
          const down = reduceTo(sauceG, present, aim)!;
          expect((sauceG * present) / down.leftG).toBeCloseTo(aim, 6);
          expect(saltView(5, down.leftG, 4).percent.mid).toBeGreaterThan(saltView(5, sauceG, 4).percent.mid);
        },
      ),
    );
  });
});

describe('laws of the adviser', () => {
  const ask = fc.record({
    dose: sauce,
    plates: fc.integer({ min: 1, max: 12 }),
    noGluten: fc.boolean(),
    noDairy: fc.boolean(),
    noEgg: fc.boolean(),
    fewCarbs: fc.boolean(),
    lowSalt: fc.boolean(),
    dairyToCome: fc.boolean(),
    toFreeze: fc.boolean(),
    vegetablesG: fc.double({ min: 0, max: 600, noNaN: true }),
    saltG: fc.double({ min: 0, max: 30, noNaN: true }),
    hasScale: fc.boolean(),
    usual: fc.constantFrom(...THICKENER_IDS, 'reduce' as const),
  });

  it('never recommends what somebody here cannot eat, always says why, and is the same every time', () => {
    fc.assert(
      fc.property(ask, (input: AdviseInput) => {
        const all = adviseThickener(input);
        expect(adviseThickener(input)).toEqual(all);
        expect(all).toHaveLength(THICKENER_IDS.length + 1);
        for (const a of all) {
          const t = a.id === 'reduce' ? null : thickenerById(a.id);
          const forbidden =
            (t?.gluten && input.noGluten) ||
            (t?.brings.includes('milk') && input.noDairy) ||
            (t?.brings.includes('egg') && input.noEgg);
          if (forbidden) expect(a.verdict).toBe('never');
          if (a.verdict === 'never') expect(a.reasons.some((r) => r.kind === 'never')).toBe(true);
          for (const r of a.reasons) expect(r.text).toMatch(/^\S.*\.$/);
        }
        const order = all.map((a) => a.verdict === 'never');
        expect(order).toEqual([...order].sort((x, y) => Number(x) - Number(y)));
      }),
      { numRuns: 60 },
    );
  });
});

it('on the plate every named thickness is thicker than in the pot, and the order stays', () => {
  const plates = THICKNESSES.filter((t) => t.id !== 'glaze').map((t) => onThePlate(t.percent));
  expect(plates).toEqual([...plates].sort((a, b) => a - b));
});
