import fc from 'fast-check';
import { CUTS } from './data/cuts';
import { HEAT_FIGURES } from './data/figures';
import { donenessOf } from './doneness';
import { Piece, type PieceSpec } from './piece';
import { HeatRanges } from './ranges';
import { EXPECTED, Run, STEP_S, type HeatInput } from './run';
import { forecastHeat } from './simulate';

const arbSpec: fc.Arbitrary<PieceSpec> = fc.record({
  massG: fc.integer({ min: 60, max: 2500 }),
  thicknessMm: fc.integer({ min: 8, max: 70 }),
  exponent: fc.double({ min: 0, max: 2, noNaN: true }),
  conduction: fc.double({ min: 0.7, max: 1.3, noNaN: true }),
  startC: fc.oneof(fc.constant(-18), fc.integer({ min: -12, max: 25 })),
});
const arbMeats = fc.array(fc.tuple(arbSpec, fc.constantFrom(...CUTS)), { minLength: 1, maxLength: 3 });
const arbKitchen = fc.record({
  heaterW: fc.integer({ min: 500, max: 2200 }),
  lossWPerK: fc.double({ min: 0.5, max: 4, noNaN: true }),
  metalJPerK: fc.integer({ min: 300, max: 1500 }),
  gaugeKPa: fc.integer({ min: 40, max: 105 }),
  altitudeM: fc.integer({ min: 0, max: 3000 }),
  lumpJPerK: fc.integer({ min: 500, max: 9000 }),
  startC: fc.integer({ min: 10, max: 90 }),
  release: fc.constantFrom('quick', 'ten', 'natural'),
});
type Meats = [PieceSpec, (typeof CUTS)[number]][];
type Home = typeof arbKitchen extends fc.Arbitrary<infer T> ? T : never;
const inputOf = (meats: Meats, home: Home, minutes: number | null): HeatInput => ({
  pot: {
    heaterW: home.heaterW,
    lossWPerK: home.lossWPerK,
    metalJPerK: home.metalJPerK,
    gaugeKPa: home.gaugeKPa,
  },
  altitudeM: home.altitudeM,
  roomC: 20,
  lumpJPerK: home.lumpJPerK,
  startC: home.startC,
  pieces: meats.map(([spec]) => spec),
  judged: meats.map(([, cut], index) => ({ index, doneness: donenessOf(cut, 'us') })),
  release: home.release as HeatInput['release'],
  minutes,
});
/** Heat in the pot and in all its pieces, J, from an arbitrary zero. */
const heatIn = (run: Run): number =>
  run.capacity * run.potC + run.pieces.reduce((s, p) => s + p.meanEnthalpy * p.massKg, 0);

describe('laws of the heat', () => {
  it('what the heater gives and the room takes is what the pot and its pieces gain, step by step, ice and all', () => {
    fc.assert(
      fc.property(arbMeats, arbKitchen, fc.integer({ min: 20, max: 200 }), (meats, home, steps) => {
        const run = new Run(inputOf(meats, home, 5), EXPECTED);
        for (let i = 0; i < steps; i++) {
          const before = heatIn(run);
          run.step(run.powerW, 1);
          const given = STEP_S * (run.powerW - home.lossWPerK * (run.potC - 20));
          expect(Math.abs(heatIn(run) - before - given)).toBeLessThan(1e-6 * (Math.abs(given) + 1000));
        }
      }),
      { numRuns: 60 },
    );
  });

  it('a saved moment has one future, frozen or not', () => {
    fc.assert(
      fc.property(
        arbSpec,
        fc.integer({ min: 0, max: 80 }),
        fc.integer({ min: 10, max: 400 }),
        (spec, first, then) => {
          const go = (piece: Piece, n: number): void => {
            for (let i = 0; i < n; i++) piece.step(3, 105, i % 7 === 0 ? 60 : 600);
          };
          const piece = new Piece(spec);
          go(piece, first);
          const saved = piece.save();
          go(piece, then);
          const once = [piece.coreC, piece.surfaceC, piece.meanEnthalpy];
          piece.restore(saved);
          go(piece, then);
          expect([piece.coreC, piece.surfaceC, piece.meanEnthalpy]).toEqual(once);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('suggested minutes leave all meat hot enough, and long enough, where the pot is quickest', () => {
    fc.assert(
      fc.property(arbMeats, arbKitchen, (meats, home) => {
        const input = inputOf(meats, home, null);
        const { suggestedMin } = forecastHeat(input);
        if (suggestedMin >= 149) return;
        const run = new Run(input, { ...EXPECTED, power: 1 + HEAT_FIGURES.efficiency.spread });
        run.comeUp();
        run.hold(suggestedMin);
        run.release(input.release);
        expect(run.judges.every((j) => j.isHot)).toBe(true);
        expect(suggestedMin).toBeGreaterThanOrEqual(
          Math.max(...input.judged.map((j) => j.doneness.floorMin)),
        );
      }),
      { numRuns: 25 },
    );
  });

  it('minutes belong to the piece: half, once and twice the load get the same within one, warm sauce or cold', () => {
    fc.assert(
      fc.property(arbMeats, arbKitchen, fc.integer({ min: 10, max: 93 }), (meats, home, startC) => {
        const minutes = (times: number): number => {
          const input = inputOf(meats, home, null);
          return forecastHeat({
            ...input,
            startC,
            lumpJPerK: input.lumpJPerK * times,
            pieces: input.pieces.map((p) => ({ ...p, massG: p.massG * times })),
          }).suggestedMin;
        };
        const [half, once, twice] = [minutes(0.5), minutes(1), minutes(2)] as const;
        // Only where a small load comes up so fast that the middle would be behind does it get more.
        expect(twice).toBeLessThanOrEqual(once);
        expect(once).toBeLessThanOrEqual(half);
        expect(once - twice).toBeLessThanOrEqual(Math.max(1, once * 0.25));
      }),
      { numRuns: 15 },
    );
  });

  it('frozen is never done sooner than fresh, whatever it is and wherever', () => {
    fc.assert(
      fc.property(arbSpec, fc.constantFrom(...CUTS), arbKitchen, (spec, cut, home) => {
        const doneS = (startC: number): number => {
          const { comeUpS, suggestedMin } = forecastHeat(inputOf([[{ ...spec, startC }, cut]], home, null));
          return comeUpS.low + suggestedMin * 60;
        };
        // Minutes are whole: what is fresh may have been given most of one too many.
        expect(doneS(-18)).toBeGreaterThanOrEqual(doneS(4) - 60);
      }),
      { numRuns: 25 },
    );
  });

  it('nothing in a pot is ever hotter than its steam, nor colder than it began', () => {
    fc.assert(
      fc.property(arbMeats, arbKitchen, fc.integer({ min: 0, max: 40 }), (meats, home, minutes) => {
        const heat = forecastHeat(inputOf(meats, home, minutes));
        const coldest = Math.min(home.startC, ...meats.map(([s]) => s.startC));
        for (const p of heat.series)
          for (const c of [p.potC, p.surfaceC, ...p.cores]) {
            if (c === null) continue;
            expect(c).toBeLessThanOrEqual(heat.workingC + 2);
            expect(c).toBeGreaterThanOrEqual(coldest - 0.5);
          }
      }),
      { numRuns: 25 },
    );
  });

  it('the band of many kitchens holds its own middle, at every moment', () => {
    fc.assert(
      fc.property(arbMeats, arbKitchen, fc.integer(), (meats, home, seed) => {
        const ranges = new HeatRanges(inputOf(meats, home, 6), 6, 0, seed);
        for (let i = 0; i < 24; i++) ranges.next();
        const { band, comeUpS, lidS, kinds } = ranges.answer();
        const inOrder = ({ low, mid, high }: { low: number; mid: number; high: number }): void => {
          expect(low).toBeLessThanOrEqual(mid);
          expect(mid).toBeLessThanOrEqual(high);
        };
        [comeUpS, lidS, ...kinds.map((k) => k.coreAtOpenC)].forEach(inOrder);
        band.forEach((p) => {
          inOrder(p.potC);
          if (p.coreC) inOrder(p.coreC);
        });
        expect(band.map((p) => p.timeS)).toEqual(band.map((_, i) => i * 40));
      }),
      { numRuns: 12 },
    );
  });
});
