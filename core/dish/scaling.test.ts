import fc from 'fast-check';
import { Pantry } from '../pantry/pantry';
import { readLine } from './read';
import { liquidFactor, scaleLine } from './scaling';

const pantry = new Pantry();
const factor = (text: string, k: number): number => scaleLine(readLine(text, pantry), k).factor;
const k = fc.double({ min: 0.1, max: 12, noNaN: true });

describe('how a line answers to more or fewer plates', () => {
  it('never touches a dish at its own plates', () => {
    for (const text of ['2 tsp salt', '1 tin chopped tomatoes', '3 eggs', '500 ml stock', '1 kg beef'])
      expect(scaleLine(readLine(text, pantry), 1)).toEqual({ factor: 1, note: '' });
  });

  it('grows food with the plates, and salt, spice and frying fat more gently', () => {
    expect(factor('1 kg beef chuck', 2)).toBe(2);
    for (const text of ['2 tsp salt', '1 tsp ground cumin', '2 bay leaves', '2 tbsp oil']) {
      expect(factor(text, 2)).toBeGreaterThan(1.4);
      expect(factor(text, 2)).toBeLessThan(2);
      expect(factor(text, 0.5)).toBeGreaterThan(0.5);
    }
    expect(factor('2 tbsp oil', 2)).toBeLessThan(factor('1 tsp ground cumin', 2));
  });

  it.each([
    ['1 tin chopped tomatoes', 1.5, 2, true],
    ['1 tin chopped tomatoes', 0.5, 0.5, false],
    ['2 tins chopped tomatoes', 1.5, 3, false],
    ['3 tins chopped tomatoes', 0.5, 2, true],
    ['1 egg', 0.5, 1, true],
    ['2 eggs', 2, 4, false],
    ['2 stock cubes', 0.75, 2, true],
  ])('%s times %d becomes %d whole (said so: %s)', (text, times, whole, isSaid) => {
    const read = readLine(text, pantry);
    const scaled = scaleLine(read, times);
    expect(scaled.factor * (read.amount?.max ?? 0)).toBeCloseTo(whole, 6);
    expect(scaled.note !== '').toBe(isSaid);
  });

  it('is monotone and comes back: k and then 1/k is the written amount, but for what comes whole', () => {
    fc.assert(
      fc.property(
        k,
        fc.constantFrom('1 kg beef', '2 tsp salt', '1 tbsp paprika', '3 tbsp oil'),
        (times, text) => {
          expect(factor(text, times) * factor(text, 1 / times)).toBeCloseTo(1, 6);
          expect(factor(text, times * 1.1)).toBeGreaterThan(factor(text, times));
        },
      ),
    );
  });
});

describe('liquid is sized, not multiplied', () => {
  const ml = fc.double({ min: 0, max: 3000, noNaN: true });
  it('stays between the written and the multiplied amount, and never below the need where that allows', () => {
    fc.assert(
      fc.property(k, fc.double({ min: 1, max: 3000, noNaN: true }), ml, ml, (times, own, other, need) => {
        const f = liquidFactor(times, own, other, need);
        expect(f).toBeGreaterThanOrEqual(Math.min(1, times) - 1e-9);
        expect(f).toBeLessThanOrEqual(Math.max(1, times) + 1e-9);
        if (f < Math.max(1, times) - 1e-9) expect(own * f + other).toBeGreaterThanOrEqual(need - 1e-6);
      }),
    );
  });

  it('keeps the floor covered when a dish is halved, and does not drown a doubled one', () => {
    expect(400 * liquidFactor(0.5, 400, 0, 360)).toBeGreaterThanOrEqual(360);
    expect(liquidFactor(2, 500, 100, 360)).toBeLessThan(1.5);
  });
});
