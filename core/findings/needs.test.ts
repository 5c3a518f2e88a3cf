import { emptyDish, type Dish } from '../dish/dish';
import { ALLERGENS, type Allergen } from '../pantry/food';
import { FOODS, Pantry } from '../pantry/pantry';
import { USUAL_ALLERGENS } from '../pantry/data/allergens';
import { carbShare } from '../pantry/data/carbs';
import { SWAPS } from './data/swaps';
import { defaultKitchen, type Kitchen, type Need } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { swapBack, swapsFor } from './swaps';

const pantry = new Pantry();
const home = (needs: Need[] = [], allergens: Allergen[] = []): Kitchen => ({
  ...defaultKitchen(),
  needs,
  allergens,
});
const dishOf = (...texts: string[]): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: texts.map((text, i) => ({ id: `l${i}`, text })),
});
const CREAMY = dishOf(
  '800 g boneless chicken thighs',
  '2 onions',
  '300 ml chicken stock',
  '2 tbsp plain flour',
  '200 ml double cream',
  '50 g butter',
  '80 g parmesan',
);
const need = (dish: Dish, kitchen: Kitchen, id: string) =>
  planDish(dish, kitchen).findings.find((f) => f.id === `need-${id}`);

describe('who eats here', () => {
  it('says nothing when nobody needs anything', () => {
    expect(planDish(CREAMY, home()).needs).toEqual([]);
  });

  it('names every line that breaks a need', () => {
    expect(need(CREAMY, home(['no-dairy']), 'no-dairy')).toMatchObject({
      severity: 'stop',
      lineIds: ['l4', 'l5', 'l6'],
    });
    expect(need(CREAMY, home(['no-gluten']), 'no-gluten')?.lineIds).toEqual(['l3']);
    expect(need(dishOf('2 tbsp peanut butter'), home([], ['peanut']), 'peanut')?.severity).toBe('stop');
  });

  it('says an allergen once, though it is a need as well', () => {
    expect(planDish(CREAMY, home(['no-dairy'], ['milk'])).needs).toHaveLength(1);
  });

  it('counts salt and carbohydrate by the plate', () => {
    const salty = dishOf('800 g chicken thighs', '150 ml soy sauce', '200 ml water');
    expect(need(salty, home(['low-salt']), 'low-salt')?.text).toMatch(/g of salt a plate/);
    expect(need({ ...salty, writtenFor: 20, plates: 20 }, home(['low-salt']), 'low-salt')).toBeUndefined();
    expect(need(dishOf('400 g rigatoni', '1 l stock'), home(['low-carb']), 'low-carb')?.lineIds).toEqual([
      'l0',
    ]);
  });

  it('mends it: accepting the swaps clears the need, loses no line, and can be taken back', () => {
    for (const id of ['no-dairy', 'no-gluten'] as const) {
      const kitchen = home([id]);
      const fix = need(CREAMY, kitchen, id)?.fixes[0];
      const mended = fix?.apply(CREAMY) ?? CREAMY;
      expect(need(mended, kitchen, id)).toBeUndefined();
      expect(mended.lines.length).toBeGreaterThanOrEqual(CREAMY.lines.length);
      const back = planDish(mended, kitchen).items.reduce((d, i) => swapBack(i)?.apply(d) ?? d, mended);
      for (const [i, line] of CREAMY.lines.entries())
        expect(back.lines.find((l) => l.id === line.id)?.text).toBe(CREAMY.lines[i]?.text);
    }
  });
});

describe('the tables', () => {
  it.each(SWAPS.map((s) => [s.id, s] as const))('swap %s leads to a food the reader reads', (_id, swap) => {
    expect(pantry.find(swap.to.split(',')[0] ?? '')?.food.id).toBe(swap.toId);
    for (const id of swap.from.ids ?? []) expect(pantry.get(id)?.id).toBe(id);
    if (swap.also) expect(pantry.find(swap.also.name)).not.toBeNull();
    expect(swap.ratio).toBeGreaterThan(0);
    expect(swap.cost).toMatch(/\.$/);
  });

  it('has every allergen id in the pantry, and no allergen twice on a food', () => {
    for (const [id, list] of Object.entries(USUAL_ALLERGENS)) {
      if (pantry.get(id) === undefined) throw new Error(`${id} is not in the pantry`);
      for (const a of list) expect(ALLERGENS).toContain(a);
    }
    for (const food of FOODS) expect(new Set(food.allergens).size).toBe(food.allergens.length);
  });

  it('knows where gluten, milk and egg are by kind', () => {
    const free = /free|glass|rice|potato|gnocchi|masa|chickpea|almond/;
    for (const food of FOODS) {
      if (food.kind === 'pasta' && !free.test(food.id))
        expect([food.id, food.allergens]).toEqual([food.id, expect.arrayContaining(['gluten'])]);
      if (
        /^(?:cream|milk|sour-dairy|cheese|cream-cheese)$/.test(food.kind) &&
        !/oat|plant|cashew|soya|almond|rice/.test(food.id)
      )
        expect([food.id, food.allergens]).toEqual([food.id, expect.arrayContaining(['milk'])]);
      if (food.kind === 'egg') expect(food.allergens).toContain('egg');
      expect(carbShare(food)).toBeGreaterThanOrEqual(0);
      expect(carbShare(food)).toBeLessThanOrEqual(1);
    }
  });
});

describe('instead', () => {
  const swaps = (text: string, kitchen = home()) => {
    const item = planDish(dishOf(text), kitchen).items[0];
    return item ? swapsFor(item, kitchen, pantry) : [];
  };
  const applied = (text: string, id: string): string[] =>
    swaps(text)
      .find((s) => s.id.endsWith(id))
      ?.apply(dishOf(text))
      .lines.map((l) => l.text) ?? [];

  it('offers what the line itself offers first', () => {
    expect(swaps('2 cups beef stock or water')[0]?.label).toBe('Use water instead');
    expect(applied('2 cups beef stock or water', '-or')).toEqual(['2 cups water']);
  });

  it('keeps the cook’s measure and adds what the swap needs', () => {
    expect(applied('200 ml double cream', 'cream-coconut')).toEqual(['200 ml coconut cream']);
    expect(applied('1 cup white wine', 'wine-stock')[0]).toBe('1 cup chicken stock');
    expect(applied('1 cup white wine', 'wine-stock')[1]).toMatch(/^[\d.]+ tbsp cider vinegar$/);
    expect(applied('100 g plain flour', 'flour-cornstarch')).toEqual(['50 g cornstarch']);
  });

  it('keeps when it goes in', () => {
    expect(applied('200 ml double cream, to serve', 'cream-coconut')).toEqual([
      '200 ml coconut cream, to serve',
    ]);
  });

  it('never offers what somebody here may not eat', () => {
    const free = home(['no-dairy'], ['soy']);
    for (const food of FOODS)
      for (const s of swaps(`100 g ${food.names[0] ?? ''}`, free)) {
        const to = pantry.get(s.toId);
        expect([s.id, to?.allergens.filter((a) => a === 'milk' || a === 'soy')]).toEqual([s.id, []]);
      }
  });
});
