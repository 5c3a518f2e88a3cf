import { emptyDish, type CookState, type Dish, type Outlook } from '../../../core/index';
import {
  minuteOfDay,
  minutesUntil,
  NO_FILTER,
  passes,
  sorted,
  SORTS,
  tagsOf,
  type DishEntry,
} from './sorting';

const outlook = (over: Partial<Outlook> = {}): Outlook => ({
  potName: 'Pot',
  totalS: [3000, 3600, 4200],
  handsOnS: 1800,
  holdMin: 10,
  heldBack: 2,
  fits: true,
  worst: null,
  broken: [],
  meat: 'lamb',
  ...over,
});
const entry = (
  id: string,
  over: Partial<Outlook> | null = {},
  dish: Partial<Dish> = {},
  cookedAt?: number,
): DishEntry => ({
  dish: { ...emptyDish(id, id, 0), ...dish },
  outlook: over === null ? undefined : outlook(over),
  last: cookedAt === undefined ? undefined : ({ startedAt: cookedAt } as CookState),
});
const ids = (list: readonly DishEntry[]): string[] => list.map((e) => e.dish.id);

describe('ordering the shelf', () => {
  const shelf = [
    entry('c', { totalS: [0, 5000, 0], handsOnS: 600 }, { updatedAt: 3 }, 50),
    entry('a', { totalS: [0, 3000, 0], handsOnS: 2400 }, { updatedAt: 9 }),
    entry('b', null, { updatedAt: 1 }, 900),
  ];

  it('puts the soonest, the least work, the name, the longest ago and the last changed first', () => {
    expect(ids(sorted(shelf, 'soon'))).toEqual(['a', 'c', 'b']);
    expect(ids(sorted(shelf, 'hands'))).toEqual(['c', 'a', 'b']);
    expect(ids(sorted(shelf, 'name'))).toEqual(['a', 'b', 'c']);
    expect(ids(sorted(shelf, 'lately'))).toEqual(['a', 'c', 'b']);
    expect(ids(sorted(shelf, 'changed'))).toEqual(['a', 'c', 'b']);
  });

  it('is total and stable: any order of entry gives the same list', () => {
    for (const { id } of SORTS) expect(ids(sorted([...shelf].reverse(), id))).toEqual(ids(sorted(shelf, id)));
  });

  it('filters by tag, handwork, fit and need; what is not planned yet fails only what needs its plan', () => {
    const hard = entry('x', { handsOnS: 4000, fits: false, broken: ['No dairy'] }, { tags: ['slow'] });
    expect(passes(hard, NO_FILTER)).toBe(true);
    expect(passes(hard, { ...NO_FILTER, tag: 'slow' })).toBe(true);
    expect(passes(hard, { ...NO_FILTER, tag: 'quick' })).toBe(false);
    expect(passes(hard, { ...NO_FILTER, handsMin: 60 })).toBe(false);
    expect(passes(hard, { ...NO_FILTER, fitsOnly: true })).toBe(false);
    expect(passes(hard, { ...NO_FILTER, suitsOnly: true })).toBe(false);
    const waiting = entry('w', null);
    expect(passes(waiting, NO_FILTER)).toBe(true);
    expect(passes(waiting, { ...NO_FILTER, fitsOnly: true })).toBe(false);
  });

  it('counts tags, the commonest first', () => {
    const dishes = [['creamy', 'quick'], ['quick'], ['slow', 'quick']].map((tags, i) => ({
      ...emptyDish(`d${i}`, 'x', 0),
      tags,
    }));
    expect(tagsOf(dishes)[0]).toEqual({ tag: 'quick', count: 3 });
    expect(tagsOf(dishes).map((t) => t.tag)).toEqual(['quick', 'creamy', 'slow']);
  });
});

describe('on the table by', () => {
  const at = (h: number, m: number): number => new Date(2026, 10, 24, h, m).getTime();

  it('reads a time of day, and nothing else', () => {
    expect(minuteOfDay('19:30')).toBe(1170);
    for (const text of ['', '24:00', '7:30', '19.30', 'late', '19:60']) expect(minuteOfDay(text)).toBeNull();
  });

  it('counts to this evening, into the past a little, and over midnight', () => {
    expect(minutesUntil('19:30', at(18, 0))).toBe(90);
    expect(minutesUntil('17:30', at(18, 0))).toBe(-30);
    expect(minutesUntil('00:30', at(23, 0))).toBe(90);
    expect(minutesUntil('', at(18, 0))).toBeNull();
  });
});
