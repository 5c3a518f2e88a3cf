import { emptyDish, type Dish } from '../dish/dish';
import { placeDish } from '../moments/place';
import { Pantry } from '../pantry/pantry';
import { laterAdditions, presentStrengthG, saltG, sharpnessOf } from './present';

const pantry = new Pantry();
const items = (...texts: string[]) => {
  const dish: Dish = { ...emptyDish('d', 'T', 0), lines: texts.map((text, i) => ({ id: `l${i}`, text })) };
  return placeDish(dish, { pantry });
};

describe('what thickens already', () => {
  it('counts tomato, melted onion and flour under the lid, not what is held back', () => {
    expect(presentStrengthG(items('400 ml stock'))).toBe(0);
    expect(presentStrengthG(items('400 g passata'))).toBeGreaterThan(5);
    expect(presentStrengthG(items('2 tbsp flour, stirred into the onions'))).toBeCloseTo(15.7 * 0.5, 0);
    expect(presentStrengthG(items('2 tbsp cornflour'))).toBe(0);
  });
  it('takes half of a floured coat', () => {
    expect(presentStrengthG(items('20 g flour, for dusting'))).toBeCloseTo(
      presentStrengthG(items('20 g flour, stirred into the onions')) / 2,
      6,
    );
  });
});

describe('what is still to come', () => {
  it('adds dairy and nut paste to the sauce, not herbs or rice', () => {
    const later = laterAdditions(
      items('150 ml double cream', '100 g peanut butter', '1 bunch parsley', 'rice, to serve'),
    );
    expect(later.massG).toBeCloseTo(250, 0);
    expect(later.strengthG).toBeGreaterThan(7);
  });
  it('counts the starch of pasta boiled in the sauce', () => {
    expect(laterAdditions(items('300 g rigatoni')).strengthG).toBeGreaterThan(2);
    expect(laterAdditions(items('300 g rigatoni')).massG).toBe(0);
  });
});

describe('sharpness and salt', () => {
  it('run from mild to vinegar-sharp', () => {
    expect(sharpnessOf(items('500 ml stock'), 500)).toBe(0);
    expect(sharpnessOf(items('500 ml stock', '100 ml cider vinegar'), 600)).toBeGreaterThan(0.5);
    expect(sharpnessOf(items('500 ml cider vinegar'), 500)).toBe(1);
    expect(sharpnessOf(items('1 lemon'), 0)).toBe(0);
  });
  it('weigh what every food brings', () => {
    expect(saltG(items('1 tsp salt'))).toBeCloseTo(5.9, 0);
    expect(saltG(items('100 ml soy sauce'))).toBeCloseTo(100 * 1.15 * 0.17, 0);
    expect(saltG(items('1 l chicken stock'))).toBeCloseTo(9, 0);
    expect(saltG(items('salt to taste'))).toBe(0);
  });
});
