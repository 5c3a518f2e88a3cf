import { emptyDish, type Dish } from '../../../core/index';
import { DishSearch } from './search';

const dish = (id: string, name: string, lines: string[] = [], over: Partial<Dish> = {}): Dish => ({
  ...emptyDish(id, name, 0),
  lines: lines.map((text, i) => ({ id: `l${i}`, text })),
  ...over,
});
const SHELF = [
  dish('lamb', 'Apricot lamb shoulder with almonds', ['1.2 kg lamb shoulder', '100 g dried apricots']),
  dish('ribs', 'Plum-glazed pork ribs', ['4 plums', '2 racks pork ribs'], { tags: ['sticky', 'weekend'] }),
  dish('curry', 'Crème fraîche chicken', ['800 g chicken thighs', '150 g crème fraîche'], {
    note: 'for the crossing',
  }),
  dish('many', 'Stew no. 1777', []),
];
const ready = (): DishSearch => {
  const search = new DishSearch();
  search.update(SHELF);
  return search;
};

describe('searching the shelf', () => {
  it.each([
    ['lamb', 'lamb'],
    ['appricot', 'lamb'],
    ['almnds', 'lamb'],
    ['sticky', 'ribs'],
    ['plum rib', 'ribs'],
    ['creme fraiche', 'curry'],
    ['CRÈME', 'curry'],
    ['crossing', 'curry'],
    ['chick', 'curry'],
    ['1777', 'many'],
  ])('“%s” finds %s first', (query, id) => expect(ready().find(query)?.[0]).toBe(id));

  it('matches all for an empty query, nothing for nonsense, and figures exactly', () => {
    expect(ready().find('  ')).toBeNull();
    expect(ready().find('zzzzzz')).toEqual([]);
    expect(ready().find('1778')).toEqual([]);
  });

  it('keeps up: takes in what is new or changed, drops what is gone, and leaves the rest alone', () => {
    const search = ready();
    expect(search.update(SHELF)).toBe(0);
    const renamed = { ...SHELF[0]!, name: 'Prune lamb', updatedAt: 9 };
    expect(search.update([renamed, ...SHELF.slice(2)])).toBe(2);
    expect(search.find('prune')).toEqual(['lamb']);
    expect(search.find('ribs')).toEqual([]);
  });

  it('survives any query', () => {
    for (const query of ['"', '\\', '***', '💥 lamb', 'a'.repeat(5000), '(', 'no. ½'])
      expect(() => ready().find(query)).not.toThrow();
  });
});
