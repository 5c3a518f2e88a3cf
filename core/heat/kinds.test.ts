import fc from 'fast-check';
import { CUTS, cutById } from './data/cuts';
import { LETHALITY, LETHALITY_FROM_C } from './data/lethality';
import { SOFTENING, softeningById, softeningOf } from './data/softness';
import { donenessOf, softnessOf, type Doneness } from './doneness';
import { LethalRate, secondsAt } from './lethality';
import { Piece } from './piece';
import { HeatRanges, kitchenOfRun, normalQuantile } from './ranges';
import { EXPECTED, Run, type HeatInput } from './run';
import { forecastHeat } from './simulate';

const piece = (cutId: string, massG: number, mm = 40) => {
  const cut = cutById(cutId)!;
  return { massG, thicknessMm: mm, exponent: 1.8, conduction: cut.conduction, startC: 6 };
};
const plant = (id: string): Doneness => {
  const s = softeningById(id)!;
  return {
    safeC: null,
    lethality: null,
    tenderAt95Min: s.softAt95Min,
    dryAfterMin: null,
    floorMin: 0,
    apart: s.apart,
  };
};
const base = (over: Partial<HeatInput> = {}): HeatInput => ({
  pot: { heaterW: 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 },
  altitudeM: 0,
  roomC: 20,
  lumpJPerK: 3000,
  startC: 60,
  pieces: [piece('lamb-shoulder', 900)],
  judged: [{ index: 0, doneness: donenessOf(cutById('lamb-shoulder')!, 'us') }],
  release: 'natural',
  minutes: null,
  ...over,
});
const potato = (massG: number, mm: number) => ({
  massG,
  thicknessMm: mm,
  exponent: 1.8,
  conduction: 1.1,
  startC: 20,
  shells: 8,
});

describe('lethality', () => {
  it.each([
    ['us', 'poultry', 60, 35 * 60],
    ['us', 'poultry', 62.8, 13 * 60],
    ['us', 'poultry', 71.1, 17],
    ['uk', 'poultry', 70, 120],
    ['uk', 'whole', 75, 30],
    ['us', 'whole', 62.8, 180],
  ] as const)('%s %s at %d °C asks for %d s, as published', (authority, safe, tempC, seconds) => {
    expect(secondsAt(LETHALITY[authority][safe], tempC)).toBeCloseTo(seconds, 3);
  });

  it('rises with temperature, never credits more than the last row, and nothing below the first', () => {
    for (const authority of ['us', 'uk'] as const)
      for (const table of Object.values(LETHALITY[authority])) {
        const rate = LethalRate.of(table);
        for (let c = 50; c < 125; c += 0.5) expect(rate.at(c + 0.5)).toBeGreaterThanOrEqual(rate.at(c));
        expect(rate.at(LETHALITY_FROM_C - 0.1)).toBe(0);
        expect(1 / rate.at(120)).toBeCloseTo(table.points.at(-1)![1], 6);
      }
  });

  it('a longer hold never lowers it, nor the tenderness, nor the time above 75 °C', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 1, max: 20 }),
        fc.constantFrom('quick' as const, 'ten' as const, 'natural' as const),
        (minutes, more, release) => {
          const short = forecastHeat(base({ minutes, release })).kinds[0]!;
          const long = forecastHeat(base({ minutes: minutes + more, release })).kinds[0]!;
          expect(long.lethal!).toBeGreaterThanOrEqual(short.lethal! - 1e-9);
          expect(long.hotMin).toBeGreaterThanOrEqual(short.hotMin - 1e-9);
          expect(long.peakC).toBeGreaterThanOrEqual(short.peakC - 0.3);
        },
      ),
      { numRuns: 15 },
    );
  });

  it('a suggestion has the time at temperature that the authority asks for', () => {
    for (const cut of CUTS)
      for (const authority of ['us', 'uk'] as const) {
        const f = forecastHeat(
          base({
            pieces: [piece(cut.id, 800, Math.min(cut.thicknessMm, 50))],
            judged: [{ index: 0, doneness: donenessOf(cut, authority) }],
            release: cut.release,
          }),
        );
        expect([cut.id, f.kinds[0]!.lethal! >= 1]).toEqual([cut.id, true]);
      }
  });
});

describe('several kinds in one pot', () => {
  const both = (over: Partial<HeatInput> = {}): HeatInput =>
    base({
      pieces: [piece('chicken-breast', 900, 25), piece('beef-chuck', 400)],
      judged: [
        { index: 0, doneness: donenessOf(cutById('chicken-breast')!, 'us') },
        { index: 1, doneness: donenessOf(cutById('beef-chuck')!, 'us') },
      ],
      ...over,
    });

  it('the slowest decides, whichever is heavier, and the other one pays', () => {
    const f = forecastHeat(both());
    expect(f.lead).toBe(1);
    expect(f.kinds[1]!.state).toBe('tender');
    expect(f.kinds[0]!.state).toBe('dry');
    const alone = forecastHeat(
      base({
        pieces: [piece('chicken-breast', 900, 25)],
        judged: [{ index: 0, doneness: donenessOf(cutById('chicken-breast')!, 'us') }],
      }),
    );
    expect(f.suggestedMin).toBeGreaterThan(alone.suggestedMin);
  });

  it('judging one more kind changes nothing about the pot', () => {
    const judged = forecastHeat(both({ minutes: 20 }));
    const unjudged = forecastHeat(both({ minutes: 20, judged: both().judged.slice(0, 1) }));
    expect(judged.comeUpS).toEqual(unjudged.comeUpS);
    expect(judged.series.map((p) => p.potC)).toEqual(unjudged.series.map((p) => p.potC));
  });

  it('what stands on the rack warms later and is never done sooner', () => {
    const cut = donenessOf(cutById('chicken-breast')!, 'us');
    const make = (onRack: boolean) =>
      forecastHeat(
        base({
          pieces: [{ ...piece('chicken-breast', 800, 36), onRack }],
          judged: [{ index: 0, doneness: cut }],
          release: 'quick',
        }),
      );
    const rack = make(true);
    const wet = make(false);
    expect(rack.suggestedMin).toBeGreaterThanOrEqual(wet.suggestedMin);
    // The pot boils sooner, since the meat takes less on the way.
    expect(rack.comeUpS.mid).toBeLessThanOrEqual(wet.comeUpS.mid + 60);
  });

  it('vegetables soften with minutes and with being cut smaller', () => {
    const soft = (mm: number, minutes: number): number => {
      const run = new Run(
        base({ pieces: [potato(500, mm)], judged: [{ index: 0, doneness: plant('potato') }] }),
      );
      run.comeUp();
      run.hold(minutes);
      run.release('quick');
      return run.judges[0]!.progress.tender;
    };
    expect(soft(20, 4)).toBeGreaterThan(soft(35, 4));
    expect(soft(30, 8)).toBeGreaterThan(soft(30, 4));
    expect(softnessOf(soft(25, 5), 3.2)).toBe('soft');
    expect(softnessOf(soft(60, 2), 3.2)).toBe('still hard');
  });

  it('vegetables never set the minutes', () => {
    const with_ = forecastHeat(
      base({
        pieces: [piece('lamb-shoulder', 900), potato(10, 60)],
        judged: [...base().judged, { index: 1, doneness: plant('potato') }],
      }),
    );
    expect(Math.abs(with_.suggestedMin - forecastHeat(base()).suggestedMin)).toBeLessThanOrEqual(1);
    expect(
      forecastHeat(base({ pieces: [potato(500, 30)], judged: [{ index: 0, doneness: plant('potato') }] }))
        .suggestedMin,
    ).toBe(0);
  });
});

describe('opening in between', () => {
  const later = (over: Partial<NonNullable<HeatInput['second']>> = {}): HeatInput =>
    base({
      second: {
        then: 'pressure',
        minutes: null,
        pieces: [potato(500, 25)],
        judged: [{ index: 1, doneness: plant('potato') }],
        lumpJPerK: 0,
        startC: 20,
        openS: 120,
        ...over,
      },
    });

  it.each(['pressure', 'simmer'] as const)('what is added is soft after the minutes given for %s', (then) => {
    const f = forecastHeat(later({ then }));
    expect(f.kinds[1]!.state).toBe('soft');
    expect(f.second!.suggestedMin).toBeGreaterThan(0);
    const short = forecastHeat(later({ then, minutes: 0 }));
    expect(['still hard', 'firm']).toContain(short.kinds[1]!.state);
  });

  it('simmering takes longer than pressure, and both leave the series running forward', () => {
    const under = forecastHeat(later());
    const over = forecastHeat(later({ then: 'simmer' }));
    expect(over.second!.suggestedMin).toBeGreaterThan(under.second!.suggestedMin);
    for (const f of [under, over])
      f.series.forEach((p, i) => i && expect(p.timeS).toBeGreaterThanOrEqual(f.series[i - 1]!.timeS));
    expect(Math.max(...over.series.slice(-10).map((p) => p.potC))).toBeLessThanOrEqual(over.boilsAtC + 0.1);
  });

  it('cold things added cool the pot by mixing and no more', () => {
    const run = new Run(later({ lumpJPerK: 2000, startC: 20, openS: 0, pieces: [], judged: [] }));
    run.comeUp();
    run.release('quick');
    const { potC, capacity } = run;
    run.open(later({ lumpJPerK: 2000, startC: 20, openS: 0, pieces: [], judged: [] }).second!);
    expect(run.potC).toBeCloseTo((potC * capacity + 2000 * 20) / (capacity + 2000), 6);
  });

  it('keep-warm never lets it cool below its setting and only ever softens further', () => {
    const now = forecastHeat(base({ minutes: 15 }));
    const warm = forecastHeat(base({ minutes: 15, keepWarmS: 3600 }));
    expect(warm.series.at(-1)!.potC).toBeGreaterThan(60);
    expect(warm.kinds[0]!.lethal!).toBeGreaterThanOrEqual(now.kinds[0]!.lethal!);
    expect(warm.kinds[0]!.hotMin).toBeGreaterThan(now.kinds[0]!.hotMin);
  });
});

describe('the same cook in many kitchens', () => {
  const input = base({ minutes: 20 });
  const after = (n: number, seed = 1): HeatRanges => {
    const ranges = new HeatRanges(input, 20, 0, seed);
    for (let i = 0; i < n; i++) ranges.next();
    return ranges;
  };

  it('is the same for the same seed and holds the expected kitchen inside', () => {
    const a = after(60).answer();
    expect(after(60).answer()).toEqual(a);
    const mid = forecastHeat(input);
    for (const [range, value] of [
      [a.comeUpS, mid.comeUpS.mid],
      [a.releaseS, mid.releaseS.mid],
    ] as const) {
      expect(range.low).toBeLessThan(value);
      expect(range.high).toBeGreaterThan(value);
    }
    for (const p of a.band) {
      expect(p.potC.low).toBeLessThanOrEqual(p.potC.high);
      if (p.coreC) expect(p.coreC.low).toBeLessThanOrEqual(p.coreC.high);
    }
  });

  it('two hundred runs of two seeds agree within half a minute', () => {
    const a = after(200, 1).answer();
    const b = after(200, 99).answer();
    for (const key of ['low', 'mid', 'high'] as const) {
      expect(Math.abs(a.comeUpS[key] - b.comeUpS[key])).toBeLessThan(30);
      expect(Math.abs(a.releaseS[key] - b.releaseS[key])).toBeLessThan(40);
    }
  });

  it('looking in between leaves no trace', () => {
    const looked = new HeatRanges(input, 20, 0, 7);
    for (let i = 0; i < 30; i++) {
      looked.next();
      looked.answer();
    }
    expect(looked.answer()).toEqual(after(30, 7).answer());
  });

  it('what the pot has taught moves the whole range', () => {
    const slow = new HeatRanges({ ...input, comeUpFactor: 1.2 }, 20, 0, 1);
    for (let i = 0; i < 40; i++) slow.next();
    expect(slow.answer().comeUpS.mid / after(40).answer().comeUpS.mid).toBeCloseTo(1.2, 6);
  });

  it('spreads its points evenly and its normal quantiles truly', () => {
    const powers = Array.from({ length: 400 }, (_, i) => kitchenOfRun(i, 3).power);
    const mean = powers.reduce((s, v) => s + v, 0) / powers.length;
    expect(Math.abs(mean - EXPECTED.power)).toBeLessThan(0.002);
    for (const [p, z] of [
      [0.5, 0],
      [0.975, 1.959964],
      [0.01, -2.326348],
      [0.999, 3.090232],
    ] as const)
      expect(normalQuantile(p)).toBeCloseTo(z, 5);
  });
});

describe('the table of softening', () => {
  it('knows what cooks call it, and leaves the rest alone', () => {
    expect(softeningOf('waxy potatoes', 'root-veg', false)?.id).toBe('potato');
    expect(softeningOf('sweet potato', 'root-veg', false)?.id).toBe('sweet-potato');
    expect(softeningOf('dried chickpeas', 'pulse-dry', false)?.id).toBe('bean-dry');
    expect(softeningOf('dried chickpeas', 'pulse-dry', true)?.id).toBe('bean-soaked');
    expect(softeningOf('orzo', 'pasta', false)?.id).toBe('small-pasta');
    expect(softeningOf('brown rice', 'grain', false)?.id).toBe('brown-rice');
    expect(softeningOf('chicken', 'poultry', false)).toBeUndefined();
  });

  it('gives every row a shape, a time and a margin', () => {
    for (const s of SOFTENING) {
      expect(s.apart).toBeGreaterThan(1);
      expect(s.softAt95Min).toBeGreaterThan(0);
      expect(s.sizeMm).toBeGreaterThan(0);
    }
    expect(new Set(SOFTENING.map((s) => s.id)).size).toBe(SOFTENING.length);
  });
});

describe('going back in time', () => {
  const spec = { massG: 800, thicknessMm: 40, exponent: 1.6, conduction: 1, startC: -18 };
  const steps = (piece: Piece, n: number): void => {
    for (let i = 0; i < n; i++) piece.step(3, 100, 600);
  };

  it('from thawed to frozen gives the same future again', () => {
    const piece = new Piece(spec);
    steps(piece, 40);
    const before = piece.save();
    steps(piece, 900);
    const first = [piece.coreC, piece.surfaceC, piece.meanEnthalpy];
    expect(piece.coreC).toBeGreaterThan(60);
    piece.restore(before);
    expect(piece.coreC).toBeLessThan(0);
    steps(piece, 900);
    expect([piece.coreC, piece.surfaceC, piece.meanEnthalpy]).toEqual(first);
  });
});
