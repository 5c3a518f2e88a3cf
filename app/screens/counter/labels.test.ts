import fc from 'fast-check';
import { spreadLabels } from './labels';

describe('labels beside the pot', () => {
  it('never overlap, stay in order and inside the drawing, whatever the levels', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ at: fc.double({ min: 0, max: 360, noNaN: true }), sub: fc.boolean() }), {
          maxLength: 8,
        }),
        (wanted) => {
          const placed = spreadLabels(
            wanted.map((w, i) => ({ key: String(i), at: w.at, text: 'x', ...(w.sub ? { sub: 'y' } : {}) })),
            26,
            386,
          );
          placed.forEach((label, i) => {
            expect(label.y).toBeLessThanOrEqual(386.001);
            const above = placed[i - 1];
            if (above) {
              expect(label.y - above.y).toBeGreaterThanOrEqual(20.99);
              expect(label.at).toBeGreaterThanOrEqual(above.at);
            }
          });
        },
      ),
    );
  });

  it('stay where they belong when there is room', () => {
    expect(
      spreadLabels(
        [
          { key: 'a', at: 100, text: 'a' },
          { key: 'b', at: 200, text: 'b' },
        ],
        0,
        400,
      ).map((l) => l.y),
    ).toEqual([100, 200]);
  });
});
