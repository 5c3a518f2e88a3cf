import fc from 'fast-check';
import { CUTS, SAFE_C } from './data/cuts';
import { HEAT_FIGURES } from './data/figures';
import { donenessOf } from './doneness';
import { Piece, type PieceSpec } from './piece';
import { HeatRanges } from './ranges';
import { EXPECTED, Run, STEP_S, type HeatInput } from './run';
import { forecastHeat, type HeatForecast } from './simulate';

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

  it('minutes belong to the piece: a heavier load never gets more, and a light one more only where less would leave it under', () => {
    fc.assert(
      fc.property(arbMeats, arbKitchen, fc.integer({ min: 10, max: 93 }), (meats, home, startC) => {
        const at = (times: number, minutes: number | null, power = 1): HeatForecast => {
          const input = inputOf(meats, { ...home, heaterW: home.heaterW * power }, minutes);
          return forecastHeat({
            ...input,
            startC,
            lumpJPerK: input.lumpJPerK * times,
            pieces: input.pieces.map((p) => ({ ...p, massG: p.massG * times })),
          });
        };
        const [half, once, twice] = [at(0.5, null), at(1, null), at(2, null)] as const;
        // A pot too weak for its load never comes up, and its minutes mean nothing.
        fc.pre(twice.comeUpS.high < 70 * 60);
        expect(twice.suggestedMin).toBeLessThanOrEqual(once.suggestedMin);
        expect(once.suggestedMin).toBeLessThanOrEqual(half.suggestedMin);
        if (once.suggestedMin === twice.suggestedMin) return;
        // The suggestion is for the quick kitchen: the one whose heater gives a tenth more.
        const shorter = at(1, once.suggestedMin - 1, 1 + HEAT_FIGURES.efficiency.spread);
        const isBehind = shorter.kinds.some(
          (k, i) =>
            k.state === 'under' ||
            (k.lethal ?? 1) < 1 ||
            k.coreAtOpenC < (meats[i] ? SAFE_C.us[meats[i][1].safe] : 0) + HEAT_FIGURES.marginC.value,
        );
        expect(isBehind).toBe(true);
      }),
      { numRuns: 15 },
    );
  });

  it('minutes belong to the meat: what lies beside it changes nothing but how far it gets on the way', () => {
    fc.assert(
      fc.property(arbMeats, arbKitchen, fc.integer({ min: 100, max: 2000 }), (meats, home, massG) => {
        const alone = inputOf(meats, home, null);
        const beside = { massG, thicknessMm: 20, exponent: 1, conduction: 1, startC: 20 };
        const plant = { safeC: null, lethality: null, dryAfterMin: null, floorMin: 0 };
        const both = forecastHeat({
          ...alone,
          pieces: [...alone.pieces, beside],
          judged: [
            ...alone.judged,
            { index: meats.length, doneness: { ...plant, tenderAt95Min: 20, apart: 2 } },
          ],
        });
        const only = forecastHeat(alone);
        fc.pre(both.comeUpS.high < 70 * 60);
        expect(both.lead).toBe(only.lead);
        expect(both.suggestedMin).toBeLessThanOrEqual(only.suggestedMin);
        const kilo = forecastHeat({
          ...alone,
          lumpJPerK: 3200,
          startC: 70,
          pieces: alone.pieces.map((p) => ({
            ...p,
            massG: (p.massG * 1000) / meats.reduce((s, [m]) => s + m.massG, 0),
          })),
        });
        // Both are whole minutes, and a mass scaled twice is not the same to the last bit.
        expect(both.suggestedMin).toBeGreaterThanOrEqual(kilo.suggestedMin - 1);
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
        const all = heat.series
          .flatMap((p) => [p.potC, p.surfaceC, ...p.cores])
          .filter((c): c is number => c !== null);
        expect(Math.max(...all)).toBeLessThanOrEqual(heat.workingC + 2);
        expect(Math.min(...all)).toBeGreaterThanOrEqual(coldest - 0.5);
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
