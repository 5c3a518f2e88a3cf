import { donenessOf } from './doneness';
import { cutById } from './data/cuts';
import { minutesMore } from './more';
import type { HeatInput } from './run';
import { forecastHeat } from './simulate';

const input: HeatInput = {
  pot: { heaterW: 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 },
  altitudeM: 0,
  roomC: 20,
  lumpJPerK: 3000,
  startC: 70,
  pieces: [{ massG: 1000, thicknessMm: 45, exponent: 1.05, conduction: 1, startC: 6 }],
  judged: [{ index: 0, doneness: donenessOf(cutById('chicken-breast')!, 'us') }],
  release: 'quick',
  minutes: 8,
};
const more = (measuredC: number) => minutesMore(input, { minutes: 8, lead: 0 }, measuredC);

describe('minutes more, from a thermometer', () => {
  it('a colder reading never wants fewer, either way', () => {
    let before = { simmer: -1, pressure: -1 };
    for (const c of [73, 68, 60, 50, 40]) {
      const m = more(c);
      expect(m.simmerMin ?? 99).toBeGreaterThanOrEqual(before.simmer);
      expect(m.pressureMin ?? 99).toBeGreaterThanOrEqual(before.pressure);
      before = { simmer: m.simmerMin ?? 99, pressure: m.pressureMin ?? 99 };
    }
  });

  it('counts coming up and venting, which is why a short lack is simmered', () => {
    const m = more(70);
    expect(m.pressureInAllMin!).toBeGreaterThan(m.pressureMin!);
    expect(m.simmerMin!).toBeGreaterThan(0);
    expect(m.simmerMin!).toBeLessThan(20);
  });

  it('takes the pieces for thicker where they are colder than the forecast, and for what they are where not', () => {
    const told = forecastHeat(input).coreAtOpenC!;
    expect(Math.abs(more(told).thicker - 1)).toBeLessThan(0.02);
    expect(more(told - 15).thicker).toBeGreaterThan(1.05);
  });

  it('gives up honestly on what an hour does not mend', () => {
    const m = minutesMore(
      { ...input, pieces: [{ ...input.pieces[0]!, thicknessMm: 170, startC: -18 }] },
      { minutes: 2, lead: 0 },
      -5,
    );
    expect(m.simmerMin).toBeNull();
  });
});
