import { DEFAULT_RULES } from '../dish/houseRules';
import { emptyDish } from '../dish/dish';
import { Pantry } from '../pantry/pantry';
import { placeDish } from './place';
import { LINES_AS_WRITTEN } from '../../demo/lines';

const pantry = new Pantry();
const place = (text: string) =>
  placeDish(
    { ...emptyDish('d', 'One line', 0), lines: [{ id: 'l', text }] },
    { pantry, system: 'us', rules: DEFAULT_RULES },
  );

describe('what a line is, how much, and when it goes in', () => {
  it.each(LINES_AS_WRITTEN.map((c) => [...c] as const))('%s', (text, foodId, massG, moments) => {
    const parts = place(text);
    expect(parts[0]?.read.food?.id).toBe(foodId);
    if (massG === null) expect(parts[0]?.read.massG.mid).toBe(0);
    else expect(Math.abs((parts[0]?.read.massG.mid ?? 0) / massG - 1)).toBeLessThan(0.02);
    expect(parts.map((p) => p.moment).join('+')).toBe(moments);
    expect(parts.reduce((sum, p) => sum + p.share, 0)).toBeCloseTo(1);
    expect(parts.every((p) => p.reason.length > 10)).toBe(true);
  });

  it('takes no vegetable for a garnish, however it is cut', () => {
    const foods = [
      '2 red onions',
      '500 g potatoes',
      '3 carrots',
      '2 fennel bulbs',
      '1 small cabbage',
      '2 apples',
      '4 tomatoes',
    ];
    const cuts = [
      'cut into wedges',
      'in wedges',
      'cut in thin wedges',
      'in rings',
      'shredded',
      'halved',
      'cut into matchsticks',
      'quartered',
    ];
    for (const food of foods)
      for (const cut of cuts) expect([food, cut, place(`${food}, ${cut}`)[0]?.moment]).not.toContain('serve');
    expect(place('1 lemon, cut into wedges')[0]?.moment).toBe('serve');
    expect(place('2 limes in wedges')[0]?.moment).toBe('serve');
  });
});
