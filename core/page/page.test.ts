import fc from 'fast-check';
import { judgePage, pageCases } from '../../corpora/judge';
import { Pantry } from '../pantry/pantry';
import { isPlatesFact, platesIn } from './facts';
import { pagesFromJsonLd } from './jsonLd';
import { readPage } from './page';
import { bestPath } from './path';
import { readRecipe } from './recipe';

const pantry = new Pantry();

describe('pages as they are copied', () => {
  it.each(pageCases('corpora/pages/open.txt').map((c) => [c.name, c] as const))('%s', (_name, c) => {
    const { got: _got, ...r } = judgePage(c);
    expect(r).toEqual({
      title: true,
      plates: true,
      clutter: [],
      missing: [],
      lostMethod: [],
      minutes: true,
      release: true,
    });
  });
});

describe('any text at all', () => {
  const LINES = [
    'Home > Recipes > Chicken',
    'Harbour chicken',
    'Serves 4',
    'Ingredients',
    '800 g chicken thighs',
    '2 onions',
    'For the sauce:',
    'salt',
    'Method',
    '1. Brown the chicken.',
    'Add the stock and cook at high pressure for 8 minutes.',
    'Notes',
    'Freezes well.',
    'Calories 512 kcal',
    '★★★★☆ 4.6 (212)',
    '<b>bold</b>',
    '🍲',
    '- - -',
  ];

  it('has every line that says something in exactly one part, in order', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...LINES), { maxLength: 30 }), (lines) => {
        const { parts, recipes } = readPage(lines.join('\n'), pantry);
        const words = (all: readonly string[]): string => all.join(' ').replace(/\s+/g, ' ').trim();
        expect(words(parts.map((p) => p.text))).toBe(words(lines));
        expect(recipes.length).toBeGreaterThan(0);
      }),
    );
  });

  it('is never thrown at, and takes no time', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 3000 }), (text) => {
        expect(readPage(text, pantry).recipes.length).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
    const long = `Ingredients\n${'1 kg lamb, '.repeat(4000)}\n${'a'.repeat(50_000)}\n${'9'.repeat(5000)}`;
    expect(readPage(long, pantry).parts.length).toBeGreaterThan(1);
  });

  it('furniture around a recipe changes nothing of it', () => {
    const recipe = [
      'Harbour chicken',
      'Ingredients',
      '800 g chicken thighs',
      '300 ml stock',
      'Method',
      'Brown the chicken, add the stock, lock the lid and cook at high pressure for 8 minutes.',
    ];
    const before = [
      'Home > Recipes > Chicken',
      'Jump to Recipe',
      'Print',
      '4.8 from 91 votes',
      'Skip to content',
    ];
    const after = [
      'Notes',
      'Use 3 cups more stock in a large pot.',
      'Nutrition',
      'Calories: 512kcal | Fat: 23g',
      'Comments',
      'Oda says: I used 2 kg of beef.',
      '12 comments',
    ];
    const plain = readRecipe(recipe.join('\n'), pantry);
    fc.assert(
      fc.property(fc.subarray(before), fc.subarray(after.slice(2)), (head, tail) => {
        const r = readRecipe([...head, ...recipe, ...after.slice(0, 2), ...tail].join('\n'), pantry);
        expect([r.title, r.lines, r.method]).toEqual([plain.title, plain.lines, plain.method]);
      }),
    );
  });

  it('is read as the cook turned it', () => {
    const text = 'Stew\nIngredients\n1 kg lamb neck\nmy own secret\nMethod\nBrown it.';
    const at = (kind: 'ingredient' | 'method' | 'note' | 'left') =>
      readPage(text, pantry, new Map([[3, kind]]));
    expect(at('ingredient').recipes[0]!.lines.map((l) => l.text)).toContain('my own secret');
    expect(at('method').recipes[0]!.method).toContain('my own secret');
    expect(at('note').recipes[0]!.notes).toContain('my own secret');
    expect(at('left').parts.find((p) => p.at === 3)?.kind).toBe('left');
    for (const kind of ['ingredient', 'method', 'note', 'left'] as const)
      expect(at(kind).recipes[0]!.lines.map((l) => l.text)).toContain('1 kg lamb neck');
  });

  it('that holds several recipes gives each its own', () => {
    const text =
      'Lamb stew\nServes 4\n1 kg lamb neck\n300 ml stock\nBrown the lamb, add the stock and cook under pressure for 25 minutes. Natural release.\n\nChicken rice\nServes 2\n400 g chicken thighs\n200 g rice\n300 ml stock\nFry the chicken, add the rest and cook at high pressure for 6 minutes, then quick release.';
    const { recipes } = readPage(text, pantry);
    expect(recipes.map((r) => r.title)).toEqual(['Lamb stew', 'Chicken rice']);
    expect(recipes.map((r) => r.plates)).toEqual([4, 2]);
    expect(recipes.map((r) => r.lines.length)).toEqual([2, 3]);
  });
});

describe('for how many', () => {
  it.each([
    ['Serves 4', 4],
    ['Makes 8-10', 9],
    ['for 5 people you will need', 5],
    ['(serves abt 4)', 4],
    ['Yield: 6 servings', 6],
    ['4 portions', 4],
    ['Serves six', 6],
    ['Für 4 Personen', 4],
    ['4 pers.', 4],
    ['Enough for 5.', 5],
    ['Servings: 4', 4],
    ['Serves 8   Prep 20 min   Cook 2 h', 8],
    ['recipeYield: 4', 4],
  ])('%s', (line, plates) => {
    expect(platesIn(line)).toBe(plates);
    expect(isPlatesFact(line)).toBe(true);
  });

  it.each([
    'Cook for 8 minutes',
    'for 2 hours',
    'Pork for two with cider and apples',
    'Makes 24 meatballs',
    '2 onions',
    '4 chicken thighs',
  ])('%s says nothing of it', (line) => expect(isPlatesFact(line)).toBe(false));
});

describe('structured data', () => {
  const recipe = {
    '@context': 'https://schema.org',
    '@graph': [
      { '@type': 'WebPage', name: 'x' },
      {
        '@type': ['Recipe'],
        name: 'Tide &amp; thyme chicken',
        recipeYield: ['4', '4 servings'],
        recipeIngredient: ['1&frac12; lb chicken thighs', '<b>300 ml</b> stock'],
        recipeInstructions: [
          {
            '@type': 'HowToSection',
            name: 'Pot',
            itemListElement: [{ '@type': 'HowToStep', text: 'Brown.<br>Turn.' }],
          },
          { '@type': 'HowToStep', text: 'Cook at high pressure for 8 minutes.' },
        ],
      },
    ],
  };

  it('is a page like any other', () => {
    const [page] = pagesFromJsonLd(JSON.stringify(recipe))!;
    const r = readRecipe(page!, pantry);
    expect(r).toMatchObject({ title: 'Tide & thyme chicken', plates: 4 });
    expect(r.lines.map((l) => l.text)).toEqual(['1½ lb chicken thighs', '300 ml stock']);
    expect(r.method).toContain('high pressure for 8 minutes');
  });

  it('that is none, or is broken, is none', () => {
    for (const text of [
      '{',
      '[]',
      '{"@type":"Person","name":"x"}',
      '3',
      '"Recipe"',
      '{"@type":"Recipe","name":5}',
    ])
      expect(pagesFromJsonLd(text)).toBeNull();
    fc.assert(fc.property(fc.json(), (text) => void pagesFromJsonLd(text)));
  });
});

describe('the best path', () => {
  it('is never worse than any other path', () => {
    const states = ['a', 'b', 'c'] as const;
    const score = fc.integer({ min: -9, max: 9 });
    fc.assert(
      fc.property(
        fc.array(fc.record({ a: score, b: score, c: score }), { minLength: 1, maxLength: 5 }),
        fc.array(score, { minLength: 9, maxLength: 9 }),
        (says, steps) => {
          const step = (x: string, y: string): number =>
            steps[(states as readonly string[]).indexOf(x) * 3 + (states as readonly string[]).indexOf(y)] ??
            0;
          const value = (path: readonly string[]): number =>
            path.reduce(
              (s, state, i) => s + (says[i]![state as 'a'] ?? 0) + (i ? step(path[i - 1]!, state) : 0),
              0,
            );
          const best = value(bestPath(states, () => 0, says, step));
          const all = says.reduce<string[][]>(
            (paths) => paths.flatMap((p) => states.map((s) => [...p, s])),
            [[]],
          );
          expect(best).toBe(Math.max(...all.map(value)));
        },
      ),
    );
  });
});

describe('parts of a list, and water that is only told of', () => {
  const PAGE = (part: string, water: string): string =>
    `Corned silverside\n\nIngredients\n1.5 kg corned silverside\n1 onion, halved\n${part}\n40 g butter\n40 g plain flour\n\nMethod\nPlace in the cooker with the onion; ${water}. Bring to high pressure; cook 50 mins. Natural release. Slice and serve.`;

  it.each(['White sauce', 'Parsley sauce', 'Herb dumplings', 'Quick pickled onions', 'Spice paste'])(
    'are headed without a colon: %s',
    (part) => {
      const [recipe] = readPage(PAGE(part, 'add 1 litre water'), pantry).recipes;
      expect(recipe?.lines.filter((l) => l.section === part).map((l) => l.text)).toEqual([
        '40 g butter',
        '40 g plain flour',
      ]);
    },
  );

  it.each(['add water to just cover', 'cover with cold water', 'pour in enough water to cover'])(
    'is a line with what covers the pieces: %s',
    (water) => {
      const [recipe] = readPage(PAGE('White sauce', water), pantry).recipes;
      expect(recipe?.lines.at(-1)?.text).toBe('about 1.2 litres water, to cover');
    },
  );

  it.each(['cover with water, bring to the boil and drain', 'cover with cold water and soak overnight'])(
    'is none where it is poured away: %s',
    (water) => {
      const [recipe] = readPage(PAGE('White sauce', water), pantry).recipes;
      expect(recipe?.lines.some((l) => /water/.test(l.text))).toBe(false);
    },
  );
});

describe('the name and its facts in one row', () => {
  const LIST = '800 g chicken thighs\n200 g red lentils\n1 onion, chopped\n500 ml chicken stock';
  const METHOD = 'Soften the onion. Add everything. Cook at high pressure for 12 minutes. Natural release.';

  it.each([
    ['Chicken and lentil stew — Serves 4', 4],
    ['Chicken and lentil stew – serves 4 to 6', 5],
    ['Chicken and lentil stew | Servings: 4', 4],
    ['Chicken and lentil stew · Yield 4 servings', 4],
    ['Chicken and lentil stew — Serves 4 | Prep 15 min | Cook 40 min', 4],
    ['Chicken and lentil stew — Prep: 15 mins  Cook: 40 mins  Serves: 4', 4],
    ['Chicken and lentil stew — (serves 4)', 4],
    ['Chicken and lentil stew — Makes 4', 4],
    ['Chicken and lentil stew • 4 servings • 45 minutes', 4],
    ['Chicken and lentil stew\nServes a family of 4', 4],
    ['Chicken and lentil stew\nSufficient for 4 persons', 4],
  ])('%s', (top, plates) => {
    for (const head of ['\n\nIngredients\n', '\n\n']) {
      const page = readRecipe(`${top}${head}${LIST}\n\nMethod\n${METHOD}`, pantry);
      expect([page.title, page.plates, page.lines.length]).toEqual(['Chicken and lentil stew', plates, 4]);
    }
  });

  it('leaves a name with a dash of its own', () => {
    const page = readRecipe(
      `Coq au vin — the quick one\n\nServes 4\n\nIngredients\n${LIST}\n\nMethod\n${METHOD}`,
      pantry,
    );
    expect([page.title, page.plates]).toEqual(['Coq au vin — the quick one', 4]);
  });
});
