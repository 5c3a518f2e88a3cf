import fc from 'fast-check';
import { FoodSchema, FOOD_KINDS } from './food';
import { ABROAD } from './data/abroad';
import { FOODS, Pantry } from './pantry';
import { foldWord, foodWords, singular } from './words';

const pantry = new Pantry();

describe('the shipped pantry', () => {
  it('has 450 foods or more, each complete', () => {
    expect(FOODS.length).toBeGreaterThanOrEqual(450);
    for (const food of FOODS)
      expect([food.id, FoodSchema.safeParse(food).error?.message]).toEqual([food.id, undefined]);
  });

  it('has unique ids and no name that means two foods', () => {
    expect(new Set(FOODS.map((f) => f.id)).size).toBe(FOODS.length);
    const owner = new Map<string, string>();
    const clashes: string[] = [];
    for (const food of FOODS)
      for (const name of food.names) {
        const key = foodWords(name).join(' ');
        const had = owner.get(key);
        if (had && had !== food.id) clashes.push(`${key}: ${had} / ${food.id}`);
        owner.set(key, food.id);
      }
    expect(clashes).toEqual([]);
  });

  it('knows what other kitchens call a food, and each of those names by a row that there is', () => {
    expect(Object.keys(ABROAD).filter((id) => !pantry.get(id))).toEqual([]);
    for (const [name, id] of [
      ['namak', 'salt'],
      ['sibuyas', 'onion'],
      ['bawang merah', 'shallot'],
      ['caldo de pollo', 'chicken-stock'],
      ['œufs', 'egg'],
      ['Möhren', 'carrot'],
      ['olio extravergine', 'olive-oil'],
      ['hvidløg', 'garlic'],
    ] as const)
      expect([name, pantry.find(name)?.food.id]).toEqual([name, id]);
  });

  it('is physically plausible', () => {
    for (const food of FOODS) {
      expect([food.id, food.givesEarly <= food.givesTotal || food.givesTotal === 0]).toEqual([food.id, true]);
      expect([food.id, food.fat + food.salt + food.sugar <= 1.001]).toEqual([food.id, true]);
      if (food.thin > 0.6) expect([food.id, food.gPerMl > 0.9 && food.gPerMl < 1.3]).toEqual([food.id, true]);
      if (food.drinks > 0) expect([food.id, food.thin]).toEqual([food.id, 0]);
    }
  });

  it('uses every kind', () => {
    const used = new Set(FOODS.map((f) => f.kind));
    expect(FOOD_KINDS.filter((kind) => kind !== 'other' && !used.has(kind))).toEqual([]);
  });
});

describe('looking up by a cook’s words', () => {
  it.each([
    ['cornflour', 'cornstarch'],
    ['Cilantro', 'coriander'],
    ['heavy whipping cream', 'double-cream'],
    ['minced beef', 'ground-beef'],
    ['Crème fraîche', 'creme-fraiche'],
    ['boneless, skinless chicken thighs', 'chicken-thigh'],
    ['large yellow onions', 'onion'],
    ['can of coconut milk', 'coconut-milk'],
    ['tinned plum tomatoes', 'chopped-tomatoes'],
    ['zucchini', 'courgette'],
    ['smoked bacon lardons', 'bacon'],
    ['bay leaves', 'bay-leaf'],
    ['low sodium chicken broth', 'low-salt-stock'],
    ['ground coriander', 'ground-coriander'],
    ['red pepper flakes', 'chilli-flake'],
  ])('%s', (words, id) => expect(pantry.find(words)?.food.id).toBe(id));

  it('says nothing rather than guess', () => {
    expect(pantry.find('zorblax root extract')).toBeNull();
    expect(pantry.find('')).toBeNull();
  });

  it('finds every food by each of its names', () => {
    for (const food of FOODS)
      for (const name of food.names) expect([name, pantry.named(name)?.id]).toEqual([name, food.id]);
  });

  it('lets the household’s own food win', () => {
    const own = { ...FOODS[0]!, id: 'our-stock', names: ['chicken stock'] };
    expect(new Pantry([own]).named('Chicken Stock')?.id).toBe('our-stock');
  });

  it('never throws on any text', () => {
    fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 80 }), (t) => void pantry.find(t)));
  });
});

describe('words', () => {
  it('folding twice changes nothing more', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (t) => expect(foldWord(foldWord(t))).toBe(foldWord(t))),
    );
  });
  it.each([
    ['onions', 'onion'],
    ['leaves', 'leaf'],
    ['berries', 'berry'],
    ['couscous', 'couscous'],
    ['radishes', 'radish'],
    ['gas', 'gas'],
  ])('%s -> %s', (many, one) => expect(singular(many)).toBe(one));
});
