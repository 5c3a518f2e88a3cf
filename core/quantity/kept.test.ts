import fc from 'fast-check';
import { kept } from './kept';

describe('kept answers', () => {
  it('are what would be worked out anew, whatever was asked before, and are made once while they are remembered', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 60 }),
        fc.integer({ min: 1, max: 6 }),
        (asks, most) => {
          let made = 0;
          const square = kept<number, { of: number }>(most, String, (n) => {
            made++;
            return { of: n * n };
          });
          for (const n of asks) expect(square(n)).toEqual({ of: n * n });
          for (const n of asks.slice(-1)) expect(square(n)).toBe(square(n));
          expect(made).toBeLessThanOrEqual(asks.length);
          if (new Set(asks).size <= most) expect(made).toBe(new Set(asks).size);
        },
      ),
    );
  });
});
