import { tempAxis } from './chart';

const C = { weight: 'metric', temperature: 'C' } as const;
const F = { weight: 'us', temperature: 'F' } as const;

describe('the temperature axis', () => {
  it.each([
    [C, 4, { min: 0, max: 125 }],
    [C, -18, { min: -20, max: 125 }],
    [F, 4, { min: 30, max: 255 }],
    [F, -18, { min: -5, max: 255 }],
  ])('holds everything a pot can do, in round figures', (units, coldestC, axis) => {
    expect(tempAxis(units, coldestC)).toEqual(axis);
  });
});
