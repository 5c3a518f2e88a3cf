import { emptyDish } from '../dish/dish';
import { defaultKitchen, potFor } from '../kitchen/kitchen';
import { minutesTable, MINUTES_SIZES, type MinutesRow } from '../pieces/minutes';
import { planDish } from './plan';

const kitchen = defaultKitchen();
const dish = { ...emptyDish('d', 'Cubes', 0) };
const rows = new Map<string, MinutesRow>(
  [...minutesTable(potFor(dish, kitchen), kitchen)].map((row) => [row.cutId, row]),
);

describe('pieces and cubes in the table of minutes', () => {
  it.each([
    ['beef-chuck', 'beef chuck', 40],
    ['pork-shoulder', 'pork shoulder', 40],
    ['lamb-shoulder', 'lamb shoulder', 30],
    ['beef-shin', 'beef shin', 50],
  ])('%s in cubes is the same there and in a dish, to the minute', (id, name, mm) => {
    const plan = planDish(
      {
        ...dish,
        lines: [`1 kg ${name}, in ${mm} mm cubes`, '600 ml beef stock'].map((text, i) => ({
          id: `l${i}`,
          text,
        })),
        method: 'Add the meat and stock. Pressure cook until tender. Natural release.',
      },
      kitchen,
    );
    const at = MINUTES_SIZES.indexOf(mm as (typeof MINUTES_SIZES)[number]);
    expect(rows.get(id)?.cubes[at]).toBe(plan.heat.suggestedMin);
  });

  it('cubes of what stews are sooner done than pieces as thick, and thicker cubes never sooner than thin ones', () => {
    for (const { cutId, release, fresh, cubes } of rows.values()) {
      const known = cubes.filter((m): m is number => m !== null);
      expect({ cutId, known }).toEqual({ cutId, known: [...known].sort((a, b) => a - b) });
      if (release === 'natural')
        cubes.forEach((m, i) => m !== null && expect([cutId, m <= (fresh[i] ?? 0)]).toEqual([cutId, true]));
    }
  });

  it('nobody cubes ribs, sausages or what has a bone through it', () => {
    for (const id of ['pork-ribs', 'sausage', 'lamb-shank', 'chicken-wing', 'oxtail', 'meatball'])
      expect(rows.get(id)?.cubes.every((m) => m === null)).toBe(true);
  });

  it('gives no minutes for a slice of what is only cooked whole', () => {
    for (const id of ['whole-chicken', 'ham-hock', 'beef-tongue']) {
      const { fresh, frozen } = rows.get(id)!;
      expect(fresh.map((m) => m !== null)).toEqual(MINUTES_SIZES.map((mm) => mm >= 50));
      expect(frozen.every((m) => m === null)).toBe(true);
    }
    const bird = rows.get('whole-chicken')!.fresh[MINUTES_SIZES.indexOf(60)]!;
    expect(bird).toBeGreaterThanOrEqual(18);
    expect(bird).toBeLessThanOrEqual(28);
  });
});
