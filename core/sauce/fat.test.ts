import { emptyDish } from '../dish/dish';
import { DEFAULT_RULES } from '../dish/houseRules';
import { placeDish } from '../moments/place';
import { Pantry } from '../pantry/pantry';
import { freeFatG } from './present';

const pantry = new Pantry();
const fatOf = (...lines: string[]): number =>
  freeFatG(
    placeDish(
      { ...emptyDish('d', 'Test', 0), lines: lines.map((text, i) => ({ id: `l${i}`, text })) },
      { pantry, system: 'metric', rules: DEFAULT_RULES },
    ),
  );

describe('fat that floats free', () => {
  it('is less without the skin and more with it, less of what is trimmed', () => {
    const plain = fatOf('1 kg chicken thighs');
    expect(fatOf('1 kg skinless chicken thighs')).toBeLessThan(plain);
    expect(fatOf('1 kg skin-on chicken thighs')).toBeGreaterThan(plain);
    expect(fatOf('1 kg lamb shoulder, trimmed')).toBeLessThan(fatOf('1 kg lamb shoulder'));
  });

  it('of mince follows the packet', () => {
    const shares = ['500 g beef mince (5% fat)', '500 g beef mince, 12 % fat', '500 g ground beef 80/20'].map(
      (l) => fatOf(l),
    );
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares[0]).toBeLessThan(0.05 * 500);
    expect(fatOf('500 g ground beef 93% lean')).toBeLessThan(fatOf('500 g ground beef'));
    expect(fatOf('500 g lean beef mince')).toBeLessThan(fatOf('500 g beef mince'));
  });

  it('is a few spoonfuls for two pounds of skinless thighs fried in two spoons of oil', () => {
    const g = fatOf('2 lbs boneless skinless chicken thighs', '2 tbsp olive oil');
    expect(g).toBeGreaterThan(30);
    expect(g).toBeLessThan(60);
  });
});
