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
});
