import fc from 'fast-check';
import { FOODS } from '../pantry/pantry';
import { CUBED_EXPONENT, CUTS, cutById, SAFE_C } from './data/cuts';
import { donenessOf } from './doneness';
import { freezingTimeS } from './freezing';
import { enthalpyOf, MEAT, Piece, tempOf } from './piece';
import { airKPa, boilingC, saturationKPa } from './saturation';
import { centreOf } from './series';
import { forecastHeat, type HeatInput } from './simulate';

describe('steam', () => {
  it.each([
    [60, 19.946],
    [80, 47.414],
    [100, 101.418],
    [110, 143.38],
    [115, 169.18],
    [120, 198.67],
    [125, 232.22],
  ])('at %d °C stands at %d kPa, by the public table', (tempC, kPa) => {
    expect(Math.abs(saturationKPa(tempC) / kPa - 1)).toBeLessThan(5e-4);
    expect(Math.abs(boilingC(kPa) - tempC)).toBeLessThan(0.02);
  });

  it('boils about 1 °C cooler for each 300 m', () => {
    expect(boilingC(airKPa(0))).toBeCloseTo(99.97, 1);
    expect(boilingC(airKPa(300))).toBeCloseTo(99, 0);
    expect(boilingC(airKPa(1500))).toBeCloseTo(95, 0);
    expect(boilingC(airKPa(0) + 75)).toBeCloseTo(116, 0);
  });
});

describe('conduction', () => {
  it.each([
    ['slab', 0],
    ['cylinder', 1],
    ['sphere', 2],
  ] as const)(
    'follows the analytic series of the %s within 0.3 °C, at every thickness',
    (shape, exponent) => {
      for (const thicknessMm of [16, 20, 30, 40, 60]) {
        const piece = new Piece({ massG: 1000, thicknessMm, exponent, conduction: 1, startC: 5 });
        const radius = thicknessMm / 2000;
        const alpha = MEAT.conductivityWPerMK / (MEAT.densityKgPerM3 * MEAT.heatJPerKgK);
        const h = 600;
        let worst = 0;
        for (let time = 3; time <= 3600; time += 3) {
          piece.step(3, 116, h);
          const exact =
            116 +
            (5 - 116) * centreOf(shape, (alpha * time) / radius ** 2, (h * radius) / MEAT.conductivityWPerMK);
          if ((alpha * time) / radius ** 2 > 0.1) worst = Math.max(worst, Math.abs(exact - piece.coreC));
        }
        expect([thicknessMm, worst < 0.3 ? 'within 0.3' : worst]).toEqual([thicknessMm, 'within 0.3']);
      }
    },
  );

  it('conserves energy through thawing: what the surface takes is what the piece gains', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 70 }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.integer({ min: -20, max: 20 }),
        (thicknessMm, exponent, startC) => {
          const piece = new Piece({ massG: 700, thicknessMm, exponent, conduction: 1, startC });
          const dt = 3;
          const before = piece.meanEnthalpy;
          let taken = 0;
          for (let t = 0; t < 900; t += dt) taken += piece.step(dt, 116, 500);
          const gained = (piece.meanEnthalpy - before) * piece.massKg;
          expect(Math.abs(taken - gained) / Math.abs(gained)).toBeLessThan(1e-6);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('temperature and enthalpy are inverses, and both rise', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 130, noNaN: true }),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (t, d) => {
          expect(tempOf(enthalpyOf(t))).toBeCloseTo(t, 6);
          expect(enthalpyOf(t + d)).toBeGreaterThan(enthalpyOf(t));
        },
      ),
    );
  });

  it('stays between where it started and its surroundings', () => {
    const piece = new Piece({ massG: 500, thicknessMm: 30, exponent: 1, conduction: 1, startC: -18 });
    const dt = 3;
    for (let t = 0; t < 3000; t += dt) {
      piece.step(dt, 110, 600);
      expect(piece.coreC).toBeGreaterThanOrEqual(-18.001);
      expect(piece.surfaceC).toBeLessThanOrEqual(110.001);
    }
  });
});

const inputFor = (
  cutId: string,
  thicknessMm: number,
  release: HeatInput['release'],
  over: {
    massG?: number;
    startC?: number;
    altitudeM?: number;
    heaterW?: number;
    cubed?: boolean;
    minutes?: number | null;
  } = {},
): HeatInput => {
  const cut = cutById(cutId)!;
  const boneless = cut.bonelessMm !== undefined && thicknessMm < 30;
  return {
    pot: { heaterW: over.heaterW ?? 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 },
    altitudeM: over.altitudeM ?? 0,
    roomC: 20,
    lumpJPerK: 3200,
    startC: 70,
    pieces: [
      {
        massG: over.massG ?? 1000,
        thicknessMm: thicknessMm * 1.12 * (over.cubed || boneless ? 1 : cut.depth),
        exponent: over.cubed ? CUBED_EXPONENT : cut.exponent,
        conduction: cut.conduction,
        startC: over.startC ?? 6,
      },
    ],
    judged: [{ index: 0, doneness: donenessOf(cut, 'us') }],
    release,
    minutes: over.minutes ?? null,
  };
};

describe('freezing', () => {
  it.each([0, 1, 2] as const)(
    'exponent %d takes the time of the published formula, within 16 %%',
    (exponent) => {
      for (const mm of [20, 40, 60]) {
        const piece = new Piece({ massG: 1000, thicknessMm: mm, exponent, conduction: 1, startC: 10 });
        let seconds = 0;
        while (piece.coreC > -18 && seconds < 1e5) {
          piece.step(3, -30, 30);
          seconds += 3;
        }
        expect(Math.abs(seconds / freezingTimeS(exponent, mm, 10, -18, -30, 30) - 1)).toBeLessThan(0.16);
      }
    },
  );
});

describe('minutes', () => {
  it.each<[string, number, HeatInput['release'], number, number, boolean?]>([
    ['chicken-thigh', 20, 'quick', 6, 9],
    ['chicken-thigh', 22, 'ten', 4, 6],
    ['chicken-breast', 25, 'quick', 2, 5, true],
    ['chicken-breast', 30, 'ten', 5, 8],
    ['chicken-breast', 40, 'ten', 9, 13],
    ['chicken-thigh', 42, 'ten', 9, 13],
    ['chicken-drumstick', 42, 'ten', 9, 13],
    ['chicken-wing', 25, 'quick', 7, 10],
    ['turkey-thigh', 62, 'ten', 30, 40],
    ['beef-chuck', 40, 'natural', 30, 40, true],
    ['lamb-shoulder', 40, 'natural', 22, 28, true],
    ['pork-shoulder', 40, 'natural', 28, 35, true],
    ['beef-short-rib', 45, 'natural', 35, 45],
    ['lamb-shank', 55, 'natural', 40, 50],
    ['pork-ribs', 25, 'natural', 20, 28],
    ['beef-cheek', 50, 'natural', 40, 50],
    ['meatball', 40, 'ten', 6, 9],
    ['ground-meat', 14, 'quick', 5, 8],
  ])('%s %d mm, %s: within %d-%d', (...[cut, mm, release, from, to, cubed]) => {
    const f = forecastHeat(inputFor(cut, mm, release, { cubed }));
    expect(f.suggestedMin).toBeGreaterThanOrEqual(from);
    expect(f.suggestedMin).toBeLessThanOrEqual(to);
  });

  it('comes up and down in the times a kilo of meat takes', () => {
    const f = forecastHeat(inputFor('beef-chuck', 40, 'natural', { cubed: true }));
    expect(f.comeUpS.mid / 60).toBeGreaterThan(9);
    expect(f.comeUpS.mid / 60).toBeLessThan(14);
    expect(f.releaseS.mid / 60).toBeGreaterThan(8);
    expect(f.releaseS.mid / 60).toBeLessThan(14);
    expect(f.workingC).toBeCloseTo(116, 0);
  });

  it('colder, thicker, higher and more never come sooner; more power never later', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 45 }),
        fc.integer({ min: 300, max: 1500 }),
        fc.integer({ min: 0, max: 15 }),
        (mm, massG, startC) => {
          const at = (over: Parameters<typeof inputFor>[3], thick = mm) =>
            forecastHeat(inputFor('beef-chuck', thick, 'natural', { massG, startC, ...over }));
          const base = at({});
          expect(at({ massG: massG + 500 }).comeUpS.mid).toBeGreaterThanOrEqual(base.comeUpS.mid);
          expect(at({ heaterW: 1400 }).comeUpS.mid).toBeLessThanOrEqual(base.comeUpS.mid);
          expect(at({ altitudeM: 1500 }).suggestedMin).toBeGreaterThanOrEqual(base.suggestedMin);
          expect(at({}, mm + 12).suggestedMin).toBeGreaterThanOrEqual(base.suggestedMin);
          const cold = at({ startC: -18 });
          expect(cold.comeUpS.mid + cold.suggestedMin * 60).toBeGreaterThan(
            base.comeUpS.mid + base.suggestedMin * 60,
          );
        },
      ),
      { numRuns: 12 },
    );
  });

  it('more minutes never leave the core cooler or the meat less tender', () => {
    let last = -1;
    const rank = ['under', 'just done', 'tender', 'falling apart'];
    for (const minutes of [1, 5, 10, 20, 40, 80]) {
      const f = forecastHeat(inputFor('lamb-shoulder', 40, 'natural', { minutes, cubed: true }));
      const now = rank.indexOf(f.tenderness ?? '');
      expect(now).toBeGreaterThanOrEqual(last);
      last = now;
    }
    expect(last).toBe(3);
  });

  it('keeps its suggested promise', () => {
    for (const cut of CUTS.filter((c) => c.tenderAt95Min > 0)) {
      const f = forecastHeat(inputFor(cut.id, Math.min(cut.thicknessMm, 45), cut.release, { cubed: true }));
      expect(f.coreAtOpenC).toBeGreaterThan(SAFE_C.us[cut.safe]);
      expect([cut.id, f.tenderness]).toEqual([cut.id, expect.stringMatching(/tender|falling apart|dry/)]);
    }
  });

  it('stays calm with a tonne of food in a small pot, and with next to nothing', () => {
    for (const massG of [1, 50_000, 1_000_000]) {
      const input = inputFor('beef-chuck', 40, 'natural', { massG });
      const f = forecastHeat({ ...input, lumpJPerK: 300, startC: 20, minutes: 5 });
      for (const p of f.series) expect(p.potC > -1 && p.potC < 125).toBe(true);
      expect(f.comeUpS.high).toBeLessThanOrEqual(76 * 60);
      expect(f.releaseS.high).toBeLessThan(2 * 3600);
    }
  });

  it('no core is hotter than boiling when the lid opens, and no vapour is lost that was not there', () => {
    for (const release of ['quick', 'ten', 'natural'] as const) {
      const f = forecastHeat(inputFor('lamb-shoulder', 40, release, { cubed: true, minutes: 25 }));
      expect(f.coreAtOpenC).toBeLessThan(103);
      if (release !== 'natural') expect(f.flashedG).toBeGreaterThan(0);
      expect(f.flashedG).toBeLessThan(120);
    }
  });

  it('what the pot has taught stretches the clock and not the cooking', () => {
    const input = inputFor('lamb-shoulder', 40, 'natural', { cubed: true });
    const bare = forecastHeat(input);
    const slow = forecastHeat({ ...input, comeUpFactor: 1.3, releaseFactor: 0.8 });
    expect(slow.comeUpS.mid).toBeCloseTo(bare.comeUpS.mid * 1.3, 6);
    expect(slow.suggestedMin).toBe(bare.suggestedMin);
    expect(slow.series.map((p) => p.coreC)).toEqual(bare.series.map((p) => p.coreC));
    const end = slow.comeUpS.mid + slow.holdS + slow.releaseS.mid;
    expect(Math.abs((slow.series.at(-1)?.timeS ?? 0) - end)).toBeLessThan(25);
  });

  it('the surface of the meat is never cooler than its core while it warms, nor hotter than the pot', () => {
    const { series, comeUpS } = forecastHeat(
      inputFor('beef-chuck', 40, 'natural', { cubed: true, startC: -18 }),
    );
    for (const p of series.filter((q) => q.timeS <= comeUpS.mid)) {
      expect(p.surfaceC ?? 0).toBeGreaterThanOrEqual((p.coreC ?? 0) - 0.5);
      expect(p.surfaceC ?? 0).toBeLessThanOrEqual(p.potC + 0.5);
    }
  });

  it('every range is in order, and the series runs forward', () => {
    const f = forecastHeat(inputFor('chicken-thigh', 22, 'quick'));
    for (const r of [f.comeUpS, f.releaseS]) expect(r.low <= r.mid && r.mid <= r.high).toBe(true);
    f.series.forEach((p, i) => i && expect(p.timeS).toBeGreaterThan(f.series[i - 1]!.timeS));
  });
});

describe('the table of cuts', () => {
  it('has a row for every cut the pantry names', () => {
    for (const food of FOODS)
      if (food.cut) expect([food.id, cutById(food.cut)?.id]).toEqual([food.id, food.cut]);
  });
});
