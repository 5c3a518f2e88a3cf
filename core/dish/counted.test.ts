import { countedName } from './counted';
import type { Amount } from './amount';

const each = (n: number): Amount => ({ min: n, max: n, unitId: 'each' });

describe('a food by as many as there are of it', () => {
  it.each([
    ['onions', 2, 0.5, 'onion'],
    ['onion', 1, 2, 'onions'],
    ['large potato', 1, 3, 'large potatoes'],
    ['tomatoes', 4, 0.25, 'tomato'],
    ['bay leaf', 1, 2, 'bay leaves'],
    ['bay leaves', 2, 0.5, 'bay leaf'],
    ['green chilli', 1, 2, 'green chillies'],
    ['chipotles in adobo', 2, 0.5, 'chipotle in adobo'],
    ['anchovy', 1, 4, 'anchovies'],
  ])('%s, %d times %d: %s', (name, n, scale, wanted) => {
    expect(countedName(name, each(n), scale)).toBe(wanted);
  });

  it('keeps the cook’s own word where the number stays on its side of one, where none is counted, and half of one', () => {
    expect(countedName('onions', each(4), 0.5)).toBe('onions');
    expect(countedName('onion', each(1), 0.5)).toBe('onion');
    expect(countedName('lentils', { min: 200, max: 200, unitId: 'g' }, 0.004)).toBe('lentils');
    expect(countedName('lime wedges', null, 2)).toBe('lime wedges');
  });

  it('comes back to the word it was', () => {
    for (const name of [
      'onion',
      'carrot',
      'potato',
      'leaf',
      'egg',
      'lime',
      'pepper',
      'chilli',
      'radish',
      'peach',
      'anchovy',
    ])
      expect(countedName(countedName(name, each(1), 3), each(3), 1 / 3)).toBe(name);
  });
});
