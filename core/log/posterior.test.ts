import fc from 'fast-check';
import { believe, TEACHING, UNKNOWN_POT } from './posterior';

const arbRatios = fc.array(fc.double({ min: 0.6, max: 1.7, noNaN: true }), { maxLength: 40 });

describe('what is believed of a pot', () => {
  it('is nothing before the first cook, and never less certain afterwards than before', () => {
    expect(believe([])).toEqual(UNKNOWN_POT);
    fc.assert(
      fc.property(arbRatios, (ratios) => {
        const { mean, deviation } = believe(ratios);
        expect(deviation).toBeLessThanOrEqual(UNKNOWN_POT.deviation);
        const logs = ratios.map(Math.log);
        expect(mean).toBeGreaterThanOrEqual(Math.min(0, ...logs) - 1e-9);
        expect(mean).toBeLessThanOrEqual(Math.max(0, ...logs) + 1e-9);
      }),
    );
  });

  it('goes to the pot’s own time with its cooks, and is narrower with each that agrees', () => {
    let before = UNKNOWN_POT;
    for (let n = 1; n <= 12; n++) {
      const now = believe(Array.from({ length: n }, () => 1.15));
      expect(Math.abs(now.mean - Math.log(1.15))).toBeLessThan(Math.abs(before.mean - Math.log(1.15)));
      expect(now.deviation).toBeLessThanOrEqual(before.deviation);
      before = now;
    }
    expect(Math.exp(before.mean)).toBeCloseTo(1.15, 2);
  });

  it('forgets: a pot that has changed is believed after a season, however long it was as before', () => {
    const changed = [...Array.from({ length: 50 }, () => 1), ...Array.from({ length: 12 }, () => 1.2)];
    expect(Math.exp(believe(changed).mean)).toBeGreaterThan(1.15);
  });

  it('a single cook far off moves it less than one nearby would, for its distance', () => {
    const steady = Array.from({ length: 8 }, () => 1);
    const moved = (ratio: number): number => believe([...steady, ratio]).mean / Math.log(ratio);
    expect(moved(1.9)).toBeLessThan(moved(1.1) / 2);
    expect(moved(0.55)).toBeLessThan(moved(0.92) / 2);
  });

  it('covers hidden pots as often as it says', () => {
    let state = 99;
    const random = (): number => {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      return (state + 0.5) / 2 ** 32;
    };
    const normal = (): number => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
    let inside = 0;
    const pots = 400;
    for (let i = 0; i < pots; i++) {
      const pot = normal() * TEACHING.prior.value;
      const cooks = Array.from({ length: 1 + Math.floor(random() * 15) }, () =>
        Math.exp(pot + normal() * TEACHING.cookToCook.value),
      );
      const { mean, deviation } = believe(cooks);
      if (Math.abs(pot - mean) < 1.2816 * deviation) inside++;
    }
    expect(inside / pots).toBeGreaterThan(0.74);
    expect(inside / pots).toBeLessThan(0.92);
  });
});
