import { bandTable } from './bands';
import { BAND_LOADS } from './data/bands';
import { CUTS } from './data/cuts';
import { donenessOf } from './doneness';
import { forecastHeat, type HeatInput } from './simulate';

/** At least this share of rows and loads has to lie inside the bands: ten of eleven. */
const WANTED = 120 / 132;

describe('minutes that a household would know', () => {
  const table = bandTable();

  it('lie inside the bands for ten rows and loads of eleven', () => {
    const inside = table.reduce((sum, row) => sum + row.inside, 0);
    expect(inside / (table.length * BAND_LOADS.length)).toBeGreaterThanOrEqual(WANTED);
  });

  it('are the same for half a kilo, one and two, within a minute or two', () => {
    for (const { band, minutes } of table)
      expect(`${band.name} ${Math.max(...minutes) - Math.min(...minutes) <= 2}`).toBe(`${band.name} true`);
  });
});

describe('a fork’s way', () => {
  const of = (cutId: string, mm: number, minutes: number | null = null): HeatInput => {
    const cut = CUTS.find((c) => c.id === cutId)!;
    return {
      pot: { heaterW: 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 },
      altitudeM: 0,
      roomC: 20,
      lumpJPerK: 3200,
      startC: 70,
      pieces: [{ massG: 1000, thicknessMm: mm, exponent: 1.8, conduction: cut.conduction, startC: 6 }],
      judged: [{ index: 0, doneness: donenessOf(cut, 'us') }],
      release: 'natural',
      minutes,
    };
  };

  it('makes a cube half as thick again wait for less than the square of it', () => {
    const minutes = (mm: number): number => forecastHeat(of('pork-shoulder', mm)).suggestedMin;
    expect(minutes(60)).toBeGreaterThan(minutes(40));
    expect(minutes(60)).toBeLessThan(minutes(40) * 1.5 ** 2);
  });

  it.each(CUTS.filter((c) => c.tenderAt95Min > 0).map((c) => [c.id]))(
    'leaves thicker %s waiting longer, never shorter',
    (id) => {
      const minutes = [20, 30, 45, 60].map((mm) => forecastHeat(of(id, mm)).suggestedMin);
      expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
    },
  );
});

describe('a bare pot and an insulated one', () => {
  const pot = (kind: 'electric' | 'stovetop'): HeatInput => ({
    pot: { kind, heaterW: 1500, lossWPerK: 2, metalJPerK: 900, gaugeKPa: 90 },
    altitudeM: 0,
    roomC: 20,
    lumpJPerK: 4000,
    startC: 60,
    pieces: [],
    judged: [],
    release: 'natural',
    minutes: 10,
  });

  it('of the same figures the bare one is sooner up, its watts being net, and slower down, losing only what it loses', () => {
    const [electric, stovetop] = [forecastHeat(pot('electric')), forecastHeat(pot('stovetop'))];
    expect(stovetop.comeUpS.mid).toBeLessThan(electric.comeUpS.mid);
    expect(stovetop.releaseS.mid).toBeGreaterThan(electric.releaseS.mid);
  });
});
