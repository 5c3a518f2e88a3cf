import { FIGURE_SOURCES } from './data/sources';
import { figuresOf } from './figures';
import { FOODS, Pantry } from './pantry';

const pantry = new Pantry();
const figures = (id: string): Record<string, string> =>
  Object.fromEntries(figuresOf(pantry.get(id)!).map((f) => [f.figure, f.value]));

describe('what is known of a food, and from where', () => {
  it('has a source and a spread for each figure of every food, and says nothing of what it has none of', () => {
    for (const food of FOODS)
      for (const f of figuresOf(food)) {
        expect([food.id, f.source.length > 10, f.spread > 0 && f.spread <= 1]).toEqual([food.id, true, true]);
        expect(f.value).not.toMatch(/NaN|undefined|^0 /);
      }
    expect(figures('water')['fat']).toBeUndefined();
    expect(figures('onion')['pieceG']).toMatch(/each \d+ g/);
    expect(figures('dried-chickpea')['drinks']).toMatch(/for each gram/);
  });

  it('names every figure once', () => {
    expect(new Set(FIGURE_SOURCES.map((s) => s.figure)).size).toBe(FIGURE_SOURCES.length);
  });
});

describe('foods that only look alike', () => {
  it.each([
    ['bulgur', 'gluten'],
    ['farro', 'gluten'],
    ['semolina', 'gluten'],
    ['soba', 'gluten'],
    ['malt vinegar', 'gluten'],
    ['pearl couscous', 'gluten'],
    ['curry roux', 'milk'],
  ])('%s has its %s', (name, allergen) => {
    expect(pantry.named(name)?.allergens).toContain(allergen);
  });

  it.each([
    ['buckwheat flour', 'gluten'],
    ['udon', 'egg'],
    ['plum sauce', 'shellfish'],
    ['grated fresh coconut', 'nuts'],
    ['rice cake', 'gluten'],
  ])('%s has no %s', (name, allergen) => {
    expect(pantry.named(name)).toBeDefined();
    expect(pantry.named(name)?.allergens).not.toContain(allergen);
  });

  it('is known by nine hundred rows and more', () => {
    expect(FOODS.length).toBeGreaterThan(890);
  });
});
