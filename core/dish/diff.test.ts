import fc from 'fast-check';
import { diffDishes, isSameDish } from './diff';
import { emptyDish, type Dish } from './dish';

const dish: Dish = {
  ...emptyDish('d', 'Paprika chicken', 0),
  lines: [
    { id: 'a', text: '2 onions' },
    { id: 'b', text: '300 ml stock' },
    { id: 'c', text: '200 ml sour cream' },
  ],
};
const texts = (to: Dish): string[] => diffDishes(dish, to).map((c) => c.text);

describe('what changed between two versions', () => {
  it('is nothing between a dish and itself, whatever its dates', () => {
    expect(diffDishes(dish, { ...dish, updatedAt: 99, demo: true })).toEqual([]);
    expect(isSameDish(dish, { ...dish, lines: dish.lines.map((l) => ({ ...l })) })).toBe(true);
  });

  it('reads an edited line as changed, not as one gone and one come', () => {
    const to = { ...dish, lines: dish.lines.map((l) => (l.id === 'a' ? { ...l, text: '3 onions' } : l)) };
    expect(texts(to)).toEqual(['2 onions, now 3 onions']);
  });

  it('says what was added, taken out, moved and split', () => {
    const to: Dish = {
      ...dish,
      lines: [
        { id: 'a', text: '2 onions', moment: 'lid' },
        {
          id: 'b',
          text: '300 ml stock',
          split: [
            { share: 0.5, moment: 'deglaze' },
            { share: 0.5, moment: 'lid' },
          ],
        },
        { id: 'n', text: '1 tbsp paprika' },
      ],
    };
    expect(texts(to)).toEqual([
      '2 onions: moved to “Under the lid”',
      '300 ml stock: split between deglaze and under the lid',
      'Added: 1 tbsp paprika',
      'Taken out: 200 ml sour cream',
    ]);
  });

  it('says settings, rules, notes and tags in words', () => {
    const to: Dish = {
      ...dish,
      name: 'Paprika hen',
      plates: 6,
      settings: { ...dish.settings, minutes: 9, release: 'ten', aim: 'glaze', thicknessMm: 30, frozen: true },
      rules: { tomato: 'blend' },
      nextTime: ['More paprika.'],
      tags: ['red'],
    };
    const said = texts(to);
    expect(said).toContain('Minutes: as computed, now 9 min');
    expect(said).toContain('Release: as computed, now ten minutes, then vent');
    expect(said).toContain('Tomato: as the household does, now Loosened with stock and blended in');
    expect(said).toContain('For next time: More paprika.');
    expect(said).toHaveLength(10);
  });

  it('is empty only for the same words, and as long either way for lines', () => {
    const line = fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd'), text: fc.string({ maxLength: 20 }) });
    const lines = fc.uniqueArray(line, { selector: (l) => l.id, maxLength: 4 });
    fc.assert(
      fc.property(lines, lines, (x, y) => {
        const a = { ...dish, lines: x };
        const b = { ...dish, lines: y };
        expect(diffDishes(a, b)).toHaveLength(diffDishes(b, a).length);
        const same = new Map(x.map((l) => [l.id, l.text]));
        const isSame = x.length === y.length && y.every((l) => same.get(l.id) === l.text);
        expect(isSameDish(a, b)).toBe(isSame);
      }),
    );
  });
});
